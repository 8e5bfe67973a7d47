#include "app/frame/views.h"

#include "app/bench/view_walk.h"
#include "app/benches/benches.h"
#include "app/frame/application.h"
#include "app/frame/entry_bar.h"
#include "app/frame/live_view.h"
#include "app/frame/overlay.h"
#include "core/job/job.h"
#include "instrument/simulated_rig.h"

#include <QApplication>
#include <QDir>
#include <QEventLoop>
#include <QKeyEvent>
#include <QLabel>
#include <QTemporaryDir>
#include <QTimer>

namespace app {

namespace {

/// A walk through the demo that saves what it sees.
class Walk : public ViewWalk {
public:
    Walk(Application& application, QString folder) : app_(application), folder_(std::move(folder)) {
        QDir().mkpath(folder_);
        QApplication::setCursorFlashTime(0); // or it is in some pictures and not in others
        window().show();
        settle();
    }

    MainWindow& window() { return app_.window(); }
    Look& look() override { return app_.look(); }
    Desk& desk() override { return *window().entryBar()->desk(); }
    QStringList written() const { return written_; }

    void go(int job, const stations::Station& station, int cylinder, lobe::Side side) override {
        Session& session = app_.session();
        const auto jobs = session.book().jobs();
        const auto index = static_cast<std::size_t>(job);
        if (index < jobs.size() && session.job().id != jobs[index].id)
            session.openJob(jobs[index].id);
        session.select(cylinder, side);
        window().go(station);
    }
    void save(const QString& name) override {
        settle();
        // The clock in the corner would change the picture at every run.
        if (auto* disk = window().findChild<QLabel*>(QStringLiteral("disk"))) disk->clear();
        settle();
        const QString path = QStringLiteral("%1/%2.png").arg(folder_, name);
        if (window().grab().save(path)) written_ << path;
    }
    void saveAtStand(const QString& name) override {
        window().setAtStand(true);
        save(name);
        window().setAtStand(false);
    }
    void press(Qt::Key key) override {
        QKeyEvent event(QEvent::KeyPress, key, Qt::NoModifier);
        QApplication::sendEvent(window().entryBar()->line(), &event);
    }
    void type(const QString& text) override {
        window().entryBar()->line()->setText(text);
        press(Qt::Key_Return);
        settle();
    }

    /// For what takes its time.
    void rest(int ms) override { pause(ms); }
    static void pause(int ms) {
        QEventLoop rest;
        QTimer::singleShot(ms, &rest, &QEventLoop::quit);
        rest.exec();
    }

private:
    static void settle() {
        // Longer than anything waits before it shows itself, such as the portrait of a job.
        constexpr int kRest_ms = 150;
        pause(kRest_ms);
    }

    Application& app_;
    QString folder_;
    QStringList written_;
};

} // namespace

QStringList saveViews(Application& application, const QString& folder) {
    Walk walk(application, folder);
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
    walk.go(0, stations::timing, 1, lobe::Side::Intake);
    walk.window().showJobs();
    walk.save(QStringLiteral("jobs"));
    walk.window().findChild<Overlay*>(QStringLiteral("jobsPage"))->close();
    // A job of its own, with the simulated bench at rest on a flank.
    application.session().newJob(QStringLiteral("Skerry Four on the bench"));
    auto& rig = walk.window().live().instruments().simulate(
        simulated::Bench(simulated::engineOf(3), 1, 200.0));
    rig.bench().put(72.0);
    walk.window().go(stations::lobes);
    walk.rest(1200);
    walk.saveAtStand(QStringLiteral("stand-live"));
    walk.window().showInstruments();
    walk.save(QStringLiteral("instruments"));
    return walk.written();
}

} // namespace app
