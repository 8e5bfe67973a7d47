// A station more is one folder and one line: what goes over the stations finds it, and keys drive
// it. The window is the real one, with another list.
#include "app/app_fixture.h"
#include "app/thirteenth/tally.h"
#include "core/job/job.h"
#include "stations/list.h"
#include "support/program.h"

#include <QAction>

namespace test_thirteenth {

using namespace lobe;
using fixture::Rig;

class TestThirteenth : public QObject {
    Q_OBJECT
private slots:
    void theRouteMenusAndKeysHaveIt() {
        Rig rig(true);
        rig.session().openJob(rig.session().book().jobs()[0].id);
        QCOMPARE(stations::all().size(), std::size_t(17));
        auto* route = rig.find<QWidget>("route");
        QVERIFY2(route->accessibleDescription().endsWith(QStringLiteral("Tally, done, 5 heights")),
                 qPrintable(route->accessibleDescription()));
        // Ctrl+1 to 9 and 0, then with Shift.
        QCOMPARE(rig.find<QAction>("goFive")->shortcut(),
                 QKeySequence(QStringLiteral("Ctrl+Shift+3")));
        rig.key(Qt::Key_4, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(rig.window().station() == stations::tally);
        rig.window().showKeys();
        QVERIFY(rig.text("keysText").contains(QStringLiteral("a height  at Tally")));
        rig.key(Qt::Key_Escape);
    }

    void keysDriveItAndItIsOpenedAgain() {
        Rig rig;
        rig.type(QStringLiteral("counted"));
        QTRY_VERIFY(rig.session().hasJob());
        const auto before = rig.onDisk().reckoning.heights.size();
        rig.key(Qt::Key_4, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(rig.find<QWidget>("tallyStation")->isVisible());
        QVERIFY(rig.text("ask").contains(QStringLiteral("one more height")));
        rig.type(QStringLiteral("0.75"));
        QCOMPARE(rig.onDisk().reckoning.heights.size(), before + 1);
        // The place is kept by its word.
        rig.restart();
        QVERIFY(rig.window().station() == stations::tally);
        // What it changed is undone from anywhere, and shown where settings are.
        rig.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(rig.onDisk().reckoning.heights.size(), before);
        QVERIFY(rig.window().station() == stations::timing);
    }

    // A bench that nobody sees looks at no snapshot and shows nothing, whatever is logged, undone
    // or chosen; the one that is seen looks once at each.
    void hiddenItDoesNothing() {
        using fixture::TallyDesk;
        using fixture::TallyStation;
        Rig rig(true);
        rig.session().openJob(rig.session().book().jobs()[0].id);
        rig.window().go(stations::tally);
        int followed = TallyDesk::followed, shown = TallyStation::shown;
        rig.type(QStringLiteral("0.75"));
        QCOMPARE(TallyDesk::followed, followed + 1);
        QCOMPARE(TallyStation::shown, shown + 1);
        rig.window().go(stations::lobes);
        followed = TallyDesk::followed, shown = TallyStation::shown;
        for (const char* typed : {"75a 7.3", "80a 7.5", "85a 7.6", "new"})
            rig.type(QString::fromLatin1(typed));
        rig.key(Qt::Key_Z, Qt::ControlModifier);
        rig.key(Qt::Key_I, Qt::ControlModifier);
        rig.session().select(2, Side::Exhaust);
        rig.session().openJob(rig.session().book().jobs()[1].id);
        rig.session().openJob(rig.session().book().jobs()[0].id);
        QCOMPARE(TallyDesk::followed, followed);
        QCOMPARE(TallyStation::shown, shown);
        rig.window().go(stations::tally);
        QCOMPARE(TallyDesk::followed, followed + 1);
        QCOMPARE(TallyStation::shown, shown + 1);
    }

    void aJobThatNeedsItNotHasItNot() {
        Rig rig;
        rig.type(QStringLiteral("no tally"));
        QTRY_VERIFY(rig.session().hasJob());
        QVERIFY(
            !rig.find<QWidget>("route")->accessibleDescription().contains(QStringLiteral("Tally")));
        QCOMPARE(stations::of(rig.session().job()).size(), std::size_t(14));
        // Its key leads to where the work goes on.
        rig.key(Qt::Key_4, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(!(rig.window().station() == stations::tally));
    }

    // In the smallest usual window every one can be read and hit.
    void theRouteHasRoomForThirteenAndMore() {
        Rig rig(true);
        rig.window().resize(1024, 700);
        QApplication::processEvents();
        auto* route = rig.find<QWidget>("route");
        // From the last: a click a row from the bottom of the route is the last.
        int hit = 0;
        const stations::Station* last = nullptr;
        for (int y = 12; y < route->height() - 12; y += 4) {
            QTest::mouseClick(route, Qt::LeftButton, {}, QPoint(100, y));
            const stations::Station* here = &rig.window().station();
            hit += here != last;
            last = here;
        }
        QCOMPARE(hit, 15);
        QVERIFY(*last == stations::tally);
        QVERIFY2(route->height() / 15 >= 36, qPrintable(QString::number(route->height())));
        if (qEnvironmentVariableIsSet("AMBER_PICTURE"))
            rig.window().grab().save(qEnvironmentVariable("AMBER_PICTURE"));
    }
};

AMBER_TEST(TestThirteenth)

} // namespace test_thirteenth

#include "test_thirteenth.moc"
