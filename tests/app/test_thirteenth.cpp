// A station more is one folder and one line: what goes over the stations finds it, and keys drive
// it. The window is the real one, with another list.
#include "app/app_fixture.h"
#include "stations/list.h"

#include <QAction>

using namespace lobe;
using fixture::Bench;

class TestThirteenth : public QObject {
    Q_OBJECT
private slots:
    void theRouteMenusAndKeysHaveIt() {
        Bench bench(true);
        bench.session().openJob(bench.session().book().jobs()[0].id);
        QCOMPARE(stations::all().size(), std::size_t(13));
        auto* route = bench.find<QWidget>("route");
        QVERIFY2(route->accessibleDescription().endsWith(QStringLiteral("Tally, done, 5 heights")),
                 qPrintable(route->accessibleDescription()));
        // Ctrl+1 to 9 and 0, then with Shift.
        QCOMPARE(bench.find<QAction>("goSix")->shortcut(),
                 QKeySequence(QStringLiteral("Ctrl+Shift+2")));
        bench.key(Qt::Key_3, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(bench.window().station() == stations::tally);
        bench.window().showKeys();
        QVERIFY(bench.text("keysText").contains(QStringLiteral("a height  at Tally")));
        bench.key(Qt::Key_Escape);
    }

    void keysDriveItAndItIsOpenedAgain() {
        Bench bench;
        bench.type(QStringLiteral("counted"));
        QTRY_VERIFY(bench.session().hasJob());
        const auto before = bench.onDisk().reckoning.heights.size();
        bench.key(Qt::Key_3, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(bench.find<QWidget>("tallyStation")->isVisible());
        QVERIFY(bench.text("ask").contains(QStringLiteral("one more height")));
        bench.type(QStringLiteral("0.75"));
        QCOMPARE(bench.onDisk().reckoning.heights.size(), before + 1);
        // The place is kept by its word.
        bench.restart();
        QVERIFY(bench.window().station() == stations::tally);
        // What it changed is undone from anywhere, and shown where settings are.
        bench.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(bench.onDisk().reckoning.heights.size(), before);
        QVERIFY(bench.window().station() == stations::timing);
    }

    void aJobThatNeedsItNotHasItNot() {
        Bench bench;
        bench.type(QStringLiteral("no tally"));
        QTRY_VERIFY(bench.session().hasJob());
        QVERIFY(!bench.find<QWidget>("route")->accessibleDescription().contains(
            QStringLiteral("Tally")));
        QCOMPARE(stations::of(bench.session().job()).size(), std::size_t(12));
        // Its key leads to where the work goes on.
        bench.key(Qt::Key_3, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(!(bench.window().station() == stations::tally));
    }

    // In the smallest usual window every one can be read and hit.
    void theRouteHasRoomForTwelveAndMore() {
        Bench bench(true);
        bench.window().resize(1024, 700);
        QApplication::processEvents();
        auto* route = bench.find<QWidget>("route");
        // From the last: a click a row from the bottom of the route is the thirteenth.
        int hit = 0;
        const stations::Station* last = nullptr;
        for (int y = 12; y < route->height() - 12; y += 4) {
            QTest::mouseClick(route, Qt::LeftButton, {}, QPoint(100, y));
            const stations::Station* here = &bench.window().station();
            hit += here != last;
            last = here;
        }
        QCOMPARE(hit, 13);
        QVERIFY(*last == stations::tally);
        QVERIFY2(route->height() / 13 >= 36, qPrintable(QString::number(route->height())));
        if (qEnvironmentVariableIsSet("AMBER_PICTURE"))
            bench.window().grab().save(qEnvironmentVariable("AMBER_PICTURE"));
    }
};

QTEST_MAIN(TestThirteenth)
#include "test_thirteenth.moc"
