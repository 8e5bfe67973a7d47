#include "app/frame/views.h"

#include "app/frame/application.h"
#include "app/frame/entry_bar.h"
#include "app/stations/lobes/lobes_station.h"

#include <QApplication>
#include <QDir>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QTemporaryDir>

namespace app {

namespace {

class Walk {
public:
    Walk(Application& application, QString folder) : app_(application), folder_(std::move(folder)) {
        QDir().mkpath(folder_);
        app_.window().show();
        settle();
    }

    void save(const QString& name) {
        settle();
        // The clock in the corner would change the picture at every run.
        if (auto* disk = app_.window().findChild<QLabel*>(QStringLiteral("disk"))) disk->clear();
        settle();
        const QString path = QStringLiteral("%1/%2.png").arg(folder_, name);
        if (app_.window().grab().save(path)) written_ << path;
    }

    void job(int index) {
        const auto jobs = app_.session().book().jobs();
        if (index < static_cast<int>(jobs.size()))
            app_.session().openJob(jobs[static_cast<std::size_t>(index)].id);
    }

    /// A key in the entry line.
    void press(Qt::Key key) {
        auto* line = app_.window().findChild<QLineEdit*>(QStringLiteral("entry"));
        const QString text = key >= Qt::Key_A && key <= Qt::Key_Z
                                 ? QString(QChar(static_cast<char16_t>(key))).toLower()
                             : key >= Qt::Key_0 && key <= Qt::Key_9
                                 ? QString(QChar(static_cast<char16_t>(key)))
                                 : QString();
        QKeyEvent event(QEvent::KeyPress, key, Qt::NoModifier, text);
        QApplication::sendEvent(line, &event);
    }

    /// A line typed and sent.
    void type(const QString& text) {
        auto* line = app_.window().findChild<QLineEdit*>(QStringLiteral("entry"));
        line->setText(text);
        press(Qt::Key_Return);
        settle();
    }

    QStringList written() const { return written_; }

private:
    static void settle() {
        for (int i = 0; i < 6; ++i)
            QApplication::processEvents(QEventLoop::AllEvents, 20);
    }

    Application& app_;
    QString folder_;
    QStringList written_;
};

} // namespace

QStringList saveViews(Application& application, const QString& folder) {
    MainWindow& window = application.window();
    Walk walk(application, folder);
    window.resize(1280, 800);
    {
        // The very first screen: a book with nothing in it.
        QTemporaryDir empty;
        application.books().make(empty.filePath(QStringLiteral("book.amber")));
        walk.save(QStringLiteral("welcome"));
        application.books().demoOrBack();
    }
    walk.job(0);
    window.go(lobe::Station::Engine);
    walk.save(QStringLiteral("engine"));
    window.go(lobe::Station::Tdc);
    walk.save(QStringLiteral("tdc"));
    window.go(lobe::Station::Lobes);
    walk.save(QStringLiteral("lobes"));
    window.go(lobe::Station::Timing);
    walk.save(QStringLiteral("timing"));
    window.go(lobe::Station::Set);
    walk.press(Qt::Key_Down);
    walk.save(QStringLiteral("set"));
    walk.job(3);
    window.go(lobe::Station::Set);
    walk.press(Qt::Key_H);
    walk.press(Qt::Key_Return);
    walk.save(QStringLiteral("set-history"));
    walk.job(1);
    window.go(lobe::Station::Set);
    walk.press(Qt::Key_4);
    walk.press(Qt::Key_Return);
    walk.save(QStringLiteral("set-two-cams"));
    walk.job(0);
    window.go(lobe::Station::Compression);
    walk.save(QStringLiteral("compression"));
    walk.job(1);
    application.session().select(2, lobe::Side::Intake);
    window.go(lobe::Station::Lobes);
    window.setAtStand(true);
    walk.save(QStringLiteral("stand"));
    window.setAtStand(false);
    application.session().select(2, lobe::Side::Intake);
    window.go(lobe::Station::Lobes);
    walk.save(QStringLiteral("lobes-half-way"));
    walk.job(0);
    window.go(lobe::Station::Timing);
    window.setAtStand(true);
    walk.save(QStringLiteral("stand-timing"));
    window.setAtStand(false);
    walk.job(2);
    window.go(lobe::Station::Tdc);
    window.setAtStand(true);
    walk.save(QStringLiteral("stand-tdc"));
    window.setAtStand(false);
    application.session().select(1, lobe::Side::Exhaust);
    window.go(lobe::Station::Lobes);
    walk.save(QStringLiteral("events"));
    application.session().select(1, lobe::Side::Intake);
    window.lobes()->askConditions(true);
    walk.save(QStringLiteral("conditions"));
    window.lobes()->askConditions(false);
    walk.job(0);
    application.session().select(1, lobe::Side::Intake);
    window.go(lobe::Station::Lobes);
    window.lobes()->showMotion(true);
    window.lobes()->compareNext();
    walk.save(QStringLiteral("motion"));
    window.lobes()->showMotion(false);
    walk.job(0);
    application.look().setDark(true);
    application.session().select(1, lobe::Side::Intake);
    window.go(lobe::Station::Timing);
    walk.save(QStringLiteral("timing-dark"));
    application.look().setDark(false);
    // Last, since it begins a run: a centre by two readings, with a third drop to see the lean.
    walk.job(0);
    application.session().select(3, lobe::Side::Intake);
    window.go(lobe::Station::Lobes);
    for (const char* typed : {"centre", "65.5", "147.5"})
        walk.type(QLatin1String(typed));
    walk.save(QStringLiteral("centre"));
    return walk.written();
}

} // namespace app
