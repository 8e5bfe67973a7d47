// True TDC from two contacts, with the slips that belong to it.
#include "core/geometry.h"
#include "core/tdc.h"

#include <QTest>

using namespace lobe;

namespace {

Contact contact(int pass, bool after, double deg) {
    Contact c;
    c.pass = pass;
    c.afterTop = after;
    c.at = {deg};
    return c;
}

bool has(const TdcFindings& f, Code code) {
    for (const Finding& x : f.findings)
        if (x.code == code) return true;
    return false;
}

} // namespace

class TestTdc : public QObject {
    Q_OBJECT
private slots:
    void midpoint_data() {
        QTest::addColumn<double>("before");
        QTest::addColumn<double>("after");
        QTest::addColumn<double>("correction");
        QTest::addColumn<double>("halfSpan");
        QTest::addColumn<bool>("swapped");
        QTest::newRow("pointer right") << -28.75 << 28.75 << 0.0 << 28.75 << false;
        QTest::newRow("true TDC before zero") << -31.0 << 26.5 << -2.25 << 28.75 << false;
        QTest::newRow("true TDC after zero") << -26.5 << 31.0 << 2.25 << 28.75 << false;
        QTest::newRow("both after zero") << 5.0 << 50.0 << 27.5 << 22.5 << false;
        QTest::newRow("both before zero") << -50.0 << -5.0 << -27.5 << 22.5 << false;
        QTest::newRow("across the wrap") << 160.0 << -150.0 << -175.0 << 25.0 << false;
        QTest::newRow("taken in the other order") << 26.5 << -31.0 << -2.25 << 28.75 << true;
    }
    void midpoint() {
        QFETCH(double, before);
        QFETCH(double, after);
        QFETCH(double, correction);
        QFETCH(double, halfSpan);
        QFETCH(bool, swapped);
        const Midpoint m = midpointOf({before}, {after});
        QCOMPARE(m.midpoint_deg, correction);
        QCOMPARE(m.halfSpan_deg, halfSpan);
        QCOMPARE(m.swapped, swapped);
    }

    void wantsBeforeThenAfter() {
        TdcFindings f = examineTdc({}, {});
        QVERIFY(f.state == TdcState::NotBegun);
        QVERIFY(!f.nextAfterTop);
        f = examineTdc({contact(1, false, -31)}, {});
        QVERIFY(f.state == TdcState::InHand);
        QVERIFY(f.nextAfterTop);
        QCOMPARE(f.passAtHand, 1);
        f = examineTdc({contact(1, false, -31), contact(1, true, 26.5)}, {});
        QCOMPARE(f.passAtHand, 2);
        QVERIFY(!f.nextAfterTop);
    }

    void setIsNotProved() {
        const auto f = examineTdc({contact(1, false, -28.8), contact(1, true, 28.7)}, {});
        QVERIFY(f.state == TdcState::Set);
        QVERIFY(has(f, Code::TdcNotProved));
    }

    void secondPassProves() {
        const auto f = examineTdc({contact(1, false, -31), contact(1, true, 26.5),
                                   contact(2, false, -28.8), contact(2, true, 28.7)},
                                  {});
        QVERIFY(f.state == TdcState::Proved);
        QVERIFY(has(f, Code::TdcProved));
    }

    void secondPassThatDisagreesSendsBack() {
        const auto f = examineTdc({contact(1, false, -31), contact(1, true, 26.5),
                                   contact(2, false, -29.5), contact(2, true, 28.0)},
                                  {});
        QVERIFY(f.state == TdcState::Set);
        QVERIFY(has(f, Code::TdcPointerOff));
    }

    void toleranceIsTheUsers() {
        const std::vector<Contact> c{contact(1, false, -31), contact(1, true, 26.5),
                                     contact(2, false, -29.5), contact(2, true, 28.0)};
        TdcContext loose;
        loose.tolerance_deg = 2.0;
        QVERIFY(examineTdc(c, loose).state == TdcState::Proved);
    }

    void struckContactsDoNotCount() {
        Contact wrong = contact(1, true, 62.0);
        wrong.struck = Struck{"misread"};
        const auto f = examineTdc({contact(1, false, -31), wrong}, {});
        QVERIFY(f.state == TdcState::InHand);
        QVERIFY(f.nextAfterTop);
    }

    void farContactsAreDoubted() {
        QVERIFY(has(examineTdc({contact(1, false, -100), contact(1, true, 90)}, {}),
                    Code::TdcSpanUnlikely));
        QVERIFY(!has(examineTdc({contact(1, false, -60), contact(1, true, 55)}, {}),
                     Code::TdcSpanUnlikely));
    }

    void thereAndBack() {
        // Indicator zeroed at 340 (20 before), back to zero at 26: travel 46, TDC 23 on.
        Contact start = contact(1, false, -20), end = contact(1, true, 26);
        start.method = end.method = TdcMethod::ThereAndBack;
        const auto f = examineTdc({start, end}, {});
        QCOMPARE(*f.latest()->correction_deg, 3.0);
        QCOMPARE(*f.latest()->halfSpan_deg, 23.0);
    }

    void highestReadingIsOnlyAFirstApproximation() {
        Contact top = contact(1, false, 1.5);
        top.method = TdcMethod::HighestReading;
        TdcContext c;
        c.stroke_mm = 78;
        c.rod_mm = 142;
        c.resolution_mm = 0.01;
        auto f = examineTdc({top}, c);
        QCOMPARE(*f.latest()->correction_deg, 1.5);
        QVERIFY(!f.latest()->halfSpan_deg);
        QVERIFY(has(f, Code::TdcDwell));
        // However often it is read, the dwell never proves it.
        Contact again = contact(2, false, 0.0);
        again.method = TdcMethod::HighestReading;
        f = examineTdc({top, again}, c);
        QVERIFY(f.state == TdcState::Set);
    }

    void portsMayLieFarOut() {
        Contact a = contact(1, false, -78), b = contact(1, true, 80);
        a.method = b.method = TdcMethod::SymmetricPort;
        const auto f = examineTdc({a, b}, {});
        QCOMPARE(*f.latest()->correction_deg, 1.0);
        QVERIFY(!has(f, Code::TdcSpanUnlikely));
    }

    void expectedHalfSpanFromStrokeRodAndDrop() {
        TdcContext c;
        c.stroke_mm = 78;
        c.rod_mm = 142;
        c.resolution_mm = 0.01;
        const double half = *PistonPath::of(78, 142)->halfSpan_deg(3.0);
        Contact a = contact(1, false, -half), b = contact(1, true, half);
        a.method = b.method = TdcMethod::EqualDrop;
        a.drop_mm = b.drop_mm = 3.0;
        auto f = examineTdc({a, b}, c);
        QVERIFY(std::abs(*f.latest()->expectedHalfSpan_deg - half) < 1e-6);
        QVERIFY(!has(f, Code::TdcSpanOff));
        // A drop of 2 typed where 3 was used does not pass.
        a.drop_mm = b.drop_mm = 2.0;
        f = examineTdc({a, b}, c);
        QVERIFY(has(f, Code::TdcSpanOff));
    }

    void aDeeperDropIsMorePrecise() {
        TdcContext c;
        c.stroke_mm = 78;
        c.rod_mm = 142;
        c.resolution_mm = 0.01;
        const auto uncertainty = [&](double deg) {
            Contact a = contact(1, false, -deg), b = contact(1, true, deg);
            a.method = b.method = TdcMethod::EqualDrop;
            return *examineTdc({a, b}, c).latest()->uncertainty_deg;
        };
        QVERIFY(uncertainty(40.0) < uncertainty(10.0) / 3.0);
        const double slope = PistonPath::of(78, 142)->slope_mm_per_deg(20.0);
        QVERIFY(std::abs(uncertainty(20.0) - 0.01 / slope) < 1e-12);
    }

    // The contacts a pin offset makes, put back to the true top.
    void pinOffsetIsTakenOff() {
        TdcContext c;
        c.stroke_mm = 78;
        c.rod_mm = 142;
        c.pinOffset_mm = 2.0;
        const auto path = PistonPath::of(78, 142, 2.0);
        for (double drop : {1.0, 6.0}) {
            Contact a = contact(1, false, 4.0 + *path->angleAt_deg(drop, false));
            Contact b = contact(1, true, 4.0 + *path->angleAt_deg(drop, true));
            const auto f = examineTdc({a, b}, c);
            QVERIFY(std::abs(*f.latest()->correction_deg - 4.0) < 1e-6);
        }
    }

    // An offset nobody stated shows as drift between two drops, and is followed to no drop.
    void severalDropsFindTheDrift() {
        const auto path = PistonPath::of(78, 142, 6.0);
        std::vector<Contact> all;
        for (double drop : {2.0, 6.0, 12.0})
            for (bool after : {false, true}) {
                Contact k = contact(1, after, *path->angleAt_deg(drop, after));
                k.method = TdcMethod::EqualDrop;
                k.drop_mm = drop;
                all.push_back(k);
            }
        TdcContext c;
        c.stroke_mm = 78;
        c.rod_mm = 142;
        c.resolution_mm = 0.002;
        const auto f = examineTdc(all, c);
        const TdcPass* pass = f.latest();
        QCOMPARE(pass->pairs.size(), std::size_t(3));
        QVERIFY(pass->drift_deg_per_mm.has_value());
        const double plain = *path->midpoint_deg(12.0);
        QVERIFY(std::abs(*pass->correction_deg) < std::abs(plain) / 4.0);
    }

    void factoryMark() {
        Settings s;
        QVERIFY(!factoryMarkError(s));
        s.factoryMark_deg = -2.5;
        s.damper_mm = 160.0;
        QCOMPARE(factoryMarkError(s)->deg, -2.5);
        QVERIFY(std::abs(factoryMarkError(s)->arc_mm + 3.4907) < 1e-3);
    }

    void swappedIsSaid() {
        QVERIFY(has(examineTdc({contact(1, false, 26.5), contact(1, true, -31)}, {}),
                    Code::TdcContactsSwapped));
    }
};

QTEST_GUILESS_MAIN(TestTdc)
#include "test_tdc.moc"
