// Card notation, wheels and dead centres.
#include "core/angle/angles.h"
#include "core/angle/wheel.h"
#include "support/program.h"

#include <QTest>

#include <cmath>

namespace test_angles {

using namespace lobe;

class TestAngles : public QObject {
    Q_OBJECT
private slots:
    void cardNotation_data() {
        QTest::addColumn<int>("event");
        QTest::addColumn<double>("cycle");
        QTest::addColumn<double>("card");
        // Usual places, and each event on the other side of its dead centre.
        QTest::newRow("IVO 12 before") << 0 << -12.0 << 12.0;
        QTest::newRow("IVO 5 after") << 0 << 5.0 << -5.0;
        QTest::newRow("IVC 40 after") << 1 << 220.0 << 40.0;
        QTest::newRow("IVC 8 before") << 1 << 172.0 << -8.0;
        QTest::newRow("EVO 52 before") << 2 << -232.0 << 52.0;
        QTest::newRow("EVO 3 after") << 2 << -177.0 << -3.0;
        QTest::newRow("EVC 4 after") << 3 << 4.0 << 4.0;
        QTest::newRow("EVC 6 before") << 3 << -6.0 << -6.0;
    }
    void cardNotation() {
        QFETCH(int, event);
        QFETCH(double, cycle);
        QFETCH(double, card);
        QCOMPARE(toCard(static_cast<Event>(event), {cycle}).deg, card);
        QCOMPARE(fromCard(static_cast<Event>(event), {card}).deg, cycle);
    }

    void camAndCrank() {
        QCOMPARE(toCrank(CamDeg{54.5}).deg, 109.0);
        QCOMPARE(toCam(CrankDeg{4.0}).deg, 2.0);
    }

    void wraps() {
        QCOMPARE(wrapCycle({610.0}).deg, -110.0);
        QCOMPARE(wrapCycle({-360.0}).deg, 360.0);
        QCOMPARE(wrapCycle({360.0}).deg, 360.0);
        QCOMPARE(wrapTurn({329.0}).deg, -31.0);
        QCOMPARE(wrapTurn({-180.0}).deg, 180.0);
        QCOMPARE(wrapTurn({181.0}).deg, -179.0);
    }

    void nearestDeadCentre() {
        const auto check = [](double at, double deg, bool after, DeadCentre centre) {
            const FromDeadCentre f = fromNearestDeadCentre({at});
            return f.deg == deg && (deg == 0.0 || f.after == after) && f.centre == centre;
        };
        QVERIFY(check(-27.5, 27.5, false, DeadCentre::Top));
        QVERIFY(check(75.0, 75.0, true, DeadCentre::Top));
        QVERIFY(check(251.0, 71.0, true, DeadCentre::Bottom));
        QVERIFY(check(120.0, 60.0, false, DeadCentre::Bottom));
        QVERIFY(check(-232.0, 52.0, false, DeadCentre::Bottom));
        QVERIFY(check(350.0, 10.0, false, DeadCentre::Top));
    }

    void bottomBelongsToTheLobe() {
        QCOMPARE(resolve({40.0, true, DeadCentre::Bottom}, Side::Intake).deg, 220.0);
        QCOMPARE(resolve({52.0, false, DeadCentre::Bottom}, Side::Exhaust).deg, -232.0);
        QCOMPARE(resolve({20.0, false, DeadCentre::Top}, Side::Exhaust).deg, -20.0);
    }

    void wheelsBothWays_data() {
        QTest::addColumn<int>("scale");
        for (int i = 0; i <= static_cast<int>(WheelScale::Tape); ++i)
            QTest::newRow(qPrintable(QString::number(i))) << i;
    }
    // Every whole degree, shown on the wheel and read back with the right hint, is itself.
    void wheelsBothWays() {
        QFETCH(int, scale);
        const DegreeWheel s{static_cast<WheelScale>(scale), 523.6};
        for (int deg = -179; deg <= 180; ++deg) {
            const double number = wheelNumber({double(deg)}, s);
            QVERIFY(number <= wheelTop(s));
            const bool top = std::abs(deg) <= 90;
            const WheelHint hint{top ? deg >= 0 : deg < 0,
                                 top ? DeadCentre::Top : DeadCentre::Bottom};
            const auto back = fromWheel(number, s, hint);
            QVERIFY(back.has_value());
            QVERIFY(std::abs(back->at.deg - deg) < 1e-9);
        }
    }

    void wheelRefusesWhatItDoesNotCarry() {
        QVERIFY(!fromWheel(361.0, DegreeWheel{WheelScale::Full360With}, {}));
        QVERIFY(!fromWheel(181.0, DegreeWheel{WheelScale::Half180}, {}));
        QVERIFY(!fromWheel(91.0, DegreeWheel{WheelScale::Quarter90}, {}));
        QVERIFY(!fromWheel(-1.0, DegreeWheel{WheelScale::Half180}, {}));
        QVERIFY(!fromWheel(-181.0, DegreeWheel{WheelScale::Signed}, {}));
        QVERIFY(fromWheel(-170.0, DegreeWheel{WheelScale::Signed}, {}));
    }

    void ambiguityIsTold() {
        QVERIFY(
            fromWheel(31.0, DegreeWheel{WheelScale::Half180}, {false, DeadCentre::Top})->ambiguous);
        QVERIFY(!fromWheel(329.0, DegreeWheel{WheelScale::Full360With}, {})->ambiguous);
    }
};

AMBER_TEST(TestAngles)

} // namespace test_angles

#include "test_angles.moc"
