// How large the window and all in it is shown: full screen, text size, a place on each screen; and
// undo, which takes back first what stands in the line.
#include "app/frame/placing.h"
#include "app/frame/zoom.h"
#include "app_fixture.h"
#include "core/job/job.h"
#include "support/program.h"

#include <QSettings>
#include <QSignalSpy>

namespace test_sizes {

using fixture::Rig;

class TestSizes : public QObject {
    Q_OBJECT

private slots:
    void fullScreenByF11() {
        Rig rig(true);
        rig.key(Qt::Key_F11);
        QVERIFY(rig.window().isFullScreen());
        // The next start is as this one was left.
        rig.restart(true);
        QTRY_VERIFY(rig.window().isFullScreen());
        rig.key(Qt::Key_F11);
        QVERIFY(!rig.window().isFullScreen());
        rig.restart(true);
        QVERIFY(!rig.window().isFullScreen());
    }

    void sizesAreSteps() {
        QCOMPARE(app::zoomBeside(100, 1), 110);
        QCOMPARE(app::zoomBeside(100, -1), 90);
        QCOMPARE(app::zoomBeside(200, 1), 200);
        QCOMPARE(app::zoomBeside(80, -1), 80);
        QCOMPARE(app::zoomBeside(117, 1), 125);
        // Twice as large, a laptop's screen has half the room.
        QVERIFY(!app::zoomFits(200, 100, {1366, 768}));
        QVERIFY(app::zoomFits(150, 100, {1366, 768}));
        QVERIFY(app::zoomFits(200, 100, {3840, 2160}));
        QVERIFY(app::zoomFits(110, 100, {960, 560}));
        // A small screen is begun with smaller type, so that no bench is cut.
        QCOMPARE(app::zoomToBegin({960, 530}), 80);
        QCOMPARE(app::zoomToBegin({1024, 600}), 80);
        QCOMPARE(app::zoomToBegin({1024, 700}), 100);
        QCOMPARE(app::zoomToBegin({1366, 728}), 100);
    }

    // Another size is another start: the size, the place and what stands half typed are kept for
    // it.
    void everythingLarger() {
        Rig rig(true);
        QSignalSpy again(&rig.window(), &app::MainWindow::startAgainWanted);
        rig.keys(QStringLiteral("8.5"));
        const QSize before = rig.window().size();
        rig.window().setZoom(90);
        QCOMPARE(again.count(), 1);
        QCOMPARE(rig.window().size(), before); // smaller type in the same window
        {
            const QSettings kept(rig.paths().preferences, QSettings::IniFormat);
            QCOMPARE(kept.value(QStringLiteral("zoom")).toInt(), 90);
        }
        rig.restart(true);
        QCOMPARE(rig.line()->text(), QStringLiteral("8.5"));
        rig.restart(true);
        QVERIFY(rig.line()->text().isEmpty()); // once
        // What has no room on this screen is refused, and nothing changes.
        QSignalSpy none(&rig.window(), &app::MainWindow::startAgainWanted);
        rig.window().setZoom(200);
        QCOMPARE(none.count(), 0);
        QCOMPARE(rig.window().zoom(), 90);
        QVERIFY(rig.text("message").contains(QStringLiteral("200")));
    }

    void whatQtReads() {
        QTemporaryDir dir;
        const QString file = dir.filePath(QStringLiteral("preferences.ini"));
        const QByteArray before = qgetenv("QT_SCALE_FACTOR");
        qputenv("QT_SCALE_FACTOR", "1.5");
        app::applyZoom(file); // none yet
        QCOMPARE(qgetenv("QT_SCALE_FACTOR"), QByteArray("1.5"));
        {
            app::Preferences kept(file);
            kept.setZoom(200);
        }
        app::applyZoom(file);
        QCOMPARE(qgetenv("QT_SCALE_FACTOR").toDouble(), 3.0);
        if (before.isEmpty())
            qunsetenv("QT_SCALE_FACTOR");
        else
            qputenv("QT_SCALE_FACTOR", before);
        qunsetenv("AMBER_LOBE_SCALE_BEFORE");
    }

    // Begun with once; where it cannot be written, the program is not started anew for ever.
    void begunWithOnce() {
        QTemporaryDir dir;
        const QString file = dir.filePath(QStringLiteral("preferences.ini"));
        QVERIFY(app::beginAt(80, file));
        QVERIFY(!app::beginAt(80, file));
        const QString under = file + QStringLiteral("/preferences.ini"); // a file is no folder
        QVERIFY(!app::beginAt(80, under));
    }

    void undoBeginsWithTheLine() {
        Rig rig(true);
        rig.window().go(stations::lobes);
        rig.type(QStringLiteral("c"));
        rig.type(QStringLiteral("valve"));
        const lobe::Job job = rig.onDisk();
        rig.keys(QStringLiteral("52"));
        rig.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(rig.line()->text().isEmpty());
        QVERIFY(rig.onDisk() == job);
        QVERIFY2(rig.text("echo").contains(QStringLiteral("once more takes back")),
                 qPrintable(rig.text("echo")));
        rig.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(!(rig.onDisk() == job));
        QVERIFY2(rig.text("echo").startsWith(QStringLiteral("undone")),
                 qPrintable(rig.text("echo")));
    }
};

AMBER_TEST(TestSizes)

} // namespace test_sizes

#include "test_sizes.moc"
