#include "app/frame/views.h"

#include "app/frame/application.h"
#include "app/stations/benches.h"

#include <QApplication>
#include <QDir>
#include <QEventLoop>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QTemporaryDir>
#include <QTimer>

namespace app {

ViewWalk::ViewWalk(Application& application, QString folder)
    : app_(application), folder_(std::move(folder)) {
    QDir().mkpath(folder_);
    QApplication::setCursorFlashTime(0); // or it is in some pictures and not in others
    window().show();
    settle();
}

MainWindow& ViewWalk::window() {
    return app_.window();
}
Session& ViewWalk::session() {
    return app_.session();
}
Look& ViewWalk::look() {
    return app_.look();
}

void ViewWalk::settle() {
    // Longer than anything waits before it shows itself, such as the portrait of a job.
    constexpr int kRest_ms = 150;
    QEventLoop rest;
    QTimer::singleShot(kRest_ms, &rest, &QEventLoop::quit);
    rest.exec();
}

void ViewWalk::go(int job, const stations::Station& station, int cylinder, lobe::Side side) {
    const auto jobs = session().book().jobs();
    const auto index = static_cast<std::size_t>(job);
    if (index < jobs.size() && session().job().id != jobs[index].id)
        session().openJob(jobs[index].id);
    session().select(cylinder, side);
    window().go(station);
}

void ViewWalk::save(const QString& name) {
    settle();
    // The clock in the corner would change the picture at every run.
    if (auto* disk = window().findChild<QLabel*>(QStringLiteral("disk"))) disk->clear();
    settle();
    const QString path = QStringLiteral("%1/%2.png").arg(folder_, name);
    if (window().grab().save(path)) written_ << path;
}

void ViewWalk::saveAtStand(const QString& name) {
    window().setAtStand(true);
    save(name);
    window().setAtStand(false);
}

void ViewWalk::press(Qt::Key key) {
    auto* line = window().findChild<QLineEdit*>(QStringLiteral("entry"));
    QKeyEvent event(QEvent::KeyPress, key, Qt::NoModifier);
    QApplication::sendEvent(line, &event);
}

void ViewWalk::type(const QString& text) {
    window().findChild<QLineEdit*>(QStringLiteral("entry"))->setText(text);
    press(Qt::Key_Return);
    settle();
}

QStringList saveViews(Application& application, const QString& folder) {
    ViewWalk walk(application, folder);
    walk.window().resize(1280, 800);
    {
        // The very first screen: a book with nothing in it.
        QTemporaryDir empty;
        application.books().make(empty.filePath(QStringLiteral("book.amber")));
        walk.save(QStringLiteral("welcome"));
        application.books().demoOrBack();
    }
    for (const stations::Station* s : stations::all())
        if (const auto pictures = benchKind(*s).pictures) pictures(walk);
    walk.go(0, stations::timing);
    walk.window().showJobs();
    walk.save(QStringLiteral("jobs"));
    walk.press(Qt::Key_Escape);
    return walk.written();
}

} // namespace app
