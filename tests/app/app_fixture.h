// The real window in a folder of its own, driven by object name with real keys and mouse. Every
// test of the window includes it, therefore it does not look into the job: a test that does
// includes that.
#pragma once

#include "app/frame/application.h"
#include "app/frame/entry_bar.h"
#include "app/style/rows.h"
#include "core/examine/snapshot.h"

#include <QApplication>
#include <QLabel>
#include <QTemporaryDir>
#include <QTest>

#include <memory>

namespace fixture {

/// Answers instead of popping up.
class Answers : public app::Dialogs {
public:
    QString open, save;
    bool yes = false;
    bool confirm(QWidget*, const QString& question) override {
        asked = question;
        return yes;
    }
    QString asked;
    QString openFile(QWidget*, const QString&, const QString&) override { return open; }
    QString saveFile(QWidget*, const QString&, const QString&, const QString&) override {
        return save;
    }
    void showFolder(const QString& path) override { shown = path; }
    QString shown;
    bool setUpPrinter(QWidget*, QPrinter&) override { return false; }
};

class Rig {
public:
    Rig() { start(false); }
    explicit Rig(bool demo) { start(demo); }

    /// Closes the window and starts again on the same folder.
    void restart(bool demo = false) {
        application_->window().close();
        start(demo);
    }

    /// What is worked out behind is waited for: on a slow machine too a test reads what was found.
    /// Off for whoever tries what is shown meanwhile.
    bool waits = true;

    app::Application& application() { return *application_; }
    app::MainWindow& window() { return application_->window(); }
    app::Session& session() { return application_->session(); }
    app::Look& look() { return application_->look(); }
    Answers& answers() { return answers_; }
    app::Paths paths() const {
        return {dir_.path(), dir_.filePath(QStringLiteral("preferences.ini"))};
    }

    template <class T> T* find(const char* name) {
        T* found = window().findChild<T*>(QLatin1String(name));
        if (!found) qFatal("no %s in the window", name);
        return found;
    }
    QString text(const char* label) { return find<QLabel>(label)->text(); }
    QLineEdit* line() { return find<QLineEdit>("entry"); }

    /// Types into whatever has the focus, as a person would, and presses Enter.
    void type(const QString& text) {
        keys(text);
        QTest::keyClick(target(), Qt::Key_Return);
    }
    void keys(const QString& text) { QTest::keyClicks(target(), text); }
    void key(Qt::Key key, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
        QTest::keyClick(target(), key, modifiers);
    }
    void click(const char* name) {
        auto* w = find<QWidget>(name);
        QTest::mouseClick(w, Qt::LeftButton, {}, w->rect().center());
    }

    /// The job as it stands on disk, read by a book of its own.
    lobe::Job onDisk();

private:
    QWidget* target() {
        QWidget* focus = QApplication::focusWidget();
        return focus ? focus : line();
    }
    void start(bool demo) {
        application_.reset();
        application_ = std::make_unique<app::Application>(paths(), &answers_);
        QString sentence;
        if (!application_->start({}, demo, sentence, app::Opening::Shown))
            qFatal("%s", qPrintable(sentence));
        app::Session& session = application_->session();
        if (waits) session.settle();
        QObject::connect(&session, &app::Session::snapshotTaken, &session, [this, &session] {
            if (waits && session.snapshot()->pending) session.settle();
        });
        if (QGuiApplication::platformName() == QLatin1String("offscreen"))
            QApplication::setActiveWindow(&window());
        else if (!QTest::qWaitForWindowActive(&window()))
            qFatal("the window was not activated");
        QApplication::processEvents();
    }

    QTemporaryDir dir_;
    Answers answers_;
    std::unique_ptr<app::Application> application_;
};

} // namespace fixture
