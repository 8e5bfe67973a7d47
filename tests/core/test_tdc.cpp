// True TDC from two contacts, with the slips that belong to it.
#include "core/angle/geometry.h"
#include "core/job/lift_run.h"
#include "core/job/reckoning.h"
#include "core/tdc/tdc.h"
#include "support/program.h"

#include <QTest>

#include <random>

namespace test_tdc {

using namespace lobe;

namespace {

Contact contact(int pass, bool after, double deg) {
    Contact c;
    c.pass = pass;
    c.afterTop = after;
    c.at = {deg};
    return c;
}

template <class Kind> bool has(const TdcFindings& f) {
    return findingOf<Kind>(f.findings) != nullptr;
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
        QVERIFY(has<found::TdcNotProved>(f));
    }

    void secondPassProves() {
        const auto f = examineTdc({contact(1, false, -31), contact(1, true, 26.5),
                                   contact(2, false, -28.8), contact(2, true, 28.7)},
                                  {});
        QVERIFY(f.state == TdcState::Proved);
        QVERIFY(has<found::TdcProved>(f));
    }

    void secondPassThatDisagreesSendsBack() {
        const auto f = examineTdc({contact(1, false, -31), contact(1, true, 26.5),
                                   contact(2, false, -29.5), contact(2, true, 28.0)},
                                  {});
        QVERIFY(f.state == TdcState::Set);
        QVERIFY(has<found::TdcPointerOff>(f));
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

    /// Half of a pass is none: the whole one after it is the first.
    void halfAPassIsNoWitness() {
        Contact wrong = contact(1, true, 31.0);
        wrong.struck = Struck{"misread"};
        const std::vector<Contact> taken = {contact(1, false, -31), wrong, contact(2, false, -31),
                                            contact(2, true, 31)};
        QVERIFY(examineTdc(taken, {}).state == TdcState::Set);
        std::vector<Contact> third = taken;
        third.push_back(contact(3, false, -31));
        third.push_back(contact(3, true, 31.1));
        QVERIFY(examineTdc(third, {}).state == TdcState::Proved);
    }

    /// A pointer 2 degrees off and left there, found so twice: what was read before is 2 off, not
    /// 4; and what a third pass finds after the pointer was moved says nothing of those readings.
    void aPointerLeftWhereItWasShiftsOnce() {
        const auto at = [](int pass, bool after, double deg, std::int64_t time) {
            Contact c = contact(pass, after, deg);
            c.time_ms = time;
            return c;
        };
        LiftRun run;
        Reading r;
        r.time_ms = 1000;
        run.readings.push_back(r);
        std::vector<Contact> taken = {at(1, false, -26, 2000), at(1, true, 30, 2001)};
        QCOMPARE(*pendingShift_deg(run, examineTdc(taken, {})), -2.0);
        taken.push_back(at(2, false, -26, 3000));
        taken.push_back(at(2, true, 30.2, 3001));
        QCOMPARE(*pendingShift_deg(run, examineTdc(taken, {})), -2.0);
        taken.push_back(at(3, false, -29, 4000));
        taken.push_back(at(3, true, 27, 4001));
        QCOMPARE(*pendingShift_deg(run, examineTdc(taken, {})), -2.0);
        // Answered for the first, it is not asked for the second.
        run.terms.tdcAnswered = 1;
        QVERIFY(!pendingShift_deg(run, examineTdc(taken, {})));
        // Taken between the second and the third, the third tells.
        run.terms.tdcAnswered = 0;
        run.readings.edit()[0].time_ms = 3500;
        QCOMPARE(*pendingShift_deg(run, examineTdc(taken, {})), 1.0);
    }

    void farContactsAreDoubted() {
        QVERIFY(has<found::TdcSpanUnlikely>(
            examineTdc({contact(1, false, -100), contact(1, true, 90)}, {})));
        QVERIFY(!has<found::TdcSpanUnlikely>(
            examineTdc({contact(1, false, -60), contact(1, true, 55)}, {})));
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
        QVERIFY(has<found::TdcDwell>(f));
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
        QVERIFY(!has<found::TdcSpanUnlikely>(f));
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
        QVERIFY(!has<found::TdcSpanOff>(f));
        // A drop of 2 typed where 3 was used does not pass.
        a.drop_mm = b.drop_mm = 2.0;
        f = examineTdc({a, b}, c);
        QVERIFY(has<found::TdcSpanOff>(f));
    }

    // By hand: each contact is rounded to a whole degree (1/12) and set to a twentieth (0.0025);
    // the middle of two has half of their sum's deviation. 1.96 sqrt(2 x 0.0858) / 2 = 0.406. A
    // typed
    // ".0" says halves: 1.96 sqrt(2 x 0.0233) / 2 = 0.212.
    void whatTheWheelLeaves() {
        Contact a = contact(1, false, -29.0), b = contact(1, true, 28.0);
        a.typed = "29b";
        b.typed = "28a";
        auto f = examineTdc({a, b}, {});
        QVERIFY(std::abs(*halfWidthOf(f.latest()->correction_deg) - 0.406) < 0.001);
        a.typed = "29.0b";
        b.typed = "28.0a";
        f = examineTdc({a, b}, {});
        QVERIFY(std::abs(*halfWidthOf(f.latest()->correction_deg) - 0.212) < 0.001);
    }

    void aDeeperDropIsMorePrecise() {
        TdcContext c;
        c.stroke_mm = 78;
        c.rod_mm = 142;
        c.resolution_mm = 0.05;
        const auto uncertainty = [&](double deg) {
            Contact a = contact(1, false, -deg), b = contact(1, true, deg);
            a.method = b.method = TdcMethod::EqualDrop;
            a.typed = b.typed = "10.00";
            return *examineTdc({a, b}, c).latest()->correction_deg->plusMinus;
        };
        QVERIFY(uncertainty(40.03) < uncertainty(5.03) / 2.0);
        // 0.05 / sqrt(12) over the slope, beside the wheel's own 0.0029 and 0.05, of two contacts.
        const double slope = PistonPath::of(78, 142)->slope_mm_per_deg(5.03);
        const double one =
            std::hypot(0.05 / std::sqrt(12.0) / slope, std::hypot(0.01 / std::sqrt(12.0), 0.05));
        QVERIFY(std::abs(uncertainty(5.03) - 1.96 * one / std::sqrt(2.0)) < 1e-4);
    }

    // A piston that rocks, or a pin offset nobody stated, moves the middle; the wheel is read to
    // whole or half degrees, the indicator to a hundredth. However the top was found, what is
    // stated covers where it truly is.
    void statedUncertaintyCovers_data() {
        QTest::addColumn<int>("method");
        QTest::addColumn<double>("wheel");
        QTest::addColumn<int>("drops");
        for (double wheel : {1.0, 0.5, 0.1}) {
            QTest::addRow("stop, wheel to %g", wheel) << int(TdcMethod::PositiveStop) << wheel << 1;
            QTest::addRow("drop, wheel to %g", wheel) << int(TdcMethod::EqualDrop) << wheel << 1;
            QTest::addRow("three drops, wheel to %g", wheel)
                << int(TdcMethod::EqualDrop) << wheel << 3;
            QTest::addRow("there and back, wheel to %g", wheel)
                << int(TdcMethod::ThereAndBack) << wheel << 1;
            QTest::addRow("port, wheel to %g", wheel)
                << int(TdcMethod::SymmetricPort) << wheel << 1;
        }
    }
    void statedUncertaintyCovers() {
        QFETCH(int, method);
        QFETCH(double, wheel);
        QFETCH(int, drops);
        std::mt19937 random(static_cast<unsigned>(method * 7 + drops));
        std::normal_distribution<double> n(0.0, 1.0);
        std::uniform_real_distribution<double> u(0.0, 1.0);
        TdcContext c;
        c.stroke_mm = 78;
        c.rod_mm = 142;
        c.resolution_mm = 0.01;
        int in = 0;
        constexpr int kTimes = 400;
        for (int i = 0; i < kTimes; ++i) {
            const double truth = 3.0 * (u(random) - 0.5);
            // Several drops bear a pin offset that nobody stated.
            const auto path = PistonPath::of(78, 142, drops > 1 ? 1.5 * u(random) : 0.0);
            std::vector<Contact> all;
            for (int k = 0; k < drops; ++k) {
                const double drop = 1.0 + 3.0 * k + 2.0 * u(random);
                for (bool after : {false, true}) {
                    const double depth = drop + 0.01 * (u(random) - 0.5);
                    double at = truth + *path->angleAt_deg(depth, after) + 0.05 * n(random);
                    at = wheel * std::round(at / wheel);
                    Contact x = contact(1, after, at);
                    x.method = static_cast<TdcMethod>(method);
                    if (drops > 1) x.drop_mm = 1.0 + 3.0 * k;
                    x.typed = QString::number(at, 'f', wheel == 1.0 ? 0 : 1).toStdString();
                    all.push_back(x);
                }
            }
            const auto f = examineTdc(all, c);
            in += std::abs(*f.latest()->correction_deg - truth) <=
                  *halfWidthOf(f.latest()->correction_deg);
        }
        QVERIFY2(in >= 0.9 * kTimes, qPrintable(QString::number(in)));
    }

    // Left on the wheel as it stood, a pointer that is off by 1.2 puts every angle off by that.
    void aPointerLeftOffIsInTheDoubt() {
        Contact a = contact(1, false, -27.6), b = contact(1, true, 30.0);
        const auto f = examineTdc({a, b}, {});
        QVERIFY(std::abs(*f.latest()->correction_deg - 1.2) < 1e-9);
        QVERIFY(f.uncertainty_deg() >= 1.2 && f.uncertainty_deg() < 1.4);
        QCOMPARE(examineTdc({}, {}).uncertainty_deg(), 0.0);
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
        Fitted s;
        QVERIFY(!factoryMarkError(s));
        s.factoryMark_deg = -2.5;
        s.damper_mm = 160.0;
        QCOMPARE(factoryMarkError(s)->deg, -2.5);
        QVERIFY(std::abs(factoryMarkError(s)->arc_mm + 3.4907) < 1e-3);
    }

    void swappedIsSaid() {
        QVERIFY(has<found::TdcContactsSwapped>(
            examineTdc({contact(1, false, 26.5), contact(1, true, -31)}, {})));
    }
};

AMBER_TEST(TestTdc)

} // namespace test_tdc

#include "test_tdc.moc"
