// A lobe taken in passing and TDC by a sweep, against lobes and cranks in closed form.
#include "core/live/guard.h"
#include "core/live/passing.h"
#include "core/live/quiet.h"
#include "core/live/sweep.h"
#include "core/lobe/lobe.h"
#include "simulated/closed_lobes.h"
#include "support/program.h"

#include <QTest>

#include <numbers>
#include <random>

namespace test_passing {

using namespace lobe;

namespace {

/// One pass, as sampled: a crank that turns, an encoder with steps, a dial with steps and noise.
std::vector<PassedMark> passed(const closed::Lobe& lobe, double step, double from, double to,
                               double perDegree, double countStep, double noise, unsigned seed) {
    std::mt19937 random(seed);
    std::normal_distribution<double> gauss(0.0, noise);
    Passing passing(step);
    std::vector<PassedMark> marks;
    const double speed = 10.0;
    for (double deg = from; deg < to; deg += 1.0 / perDegree) {
        const double counted = countStep > 0.0 ? countStep * std::round(deg / countStep) : deg;
        const double mm = std::round((lobe.at(deg) + (noise > 0.0 ? gauss(random) : 0.0)) * 1000.0);
        passing.feed({(deg - from) / speed, counted, mm / 1000.0}, marks);
    }
    return marks;
}

LobeFigures figuresOf(const std::vector<PassedMark>& marks) {
    std::vector<LiftPoint> points;
    for (const PassedMark& m : marks)
        points.push_back({m.deg, m.mm});
    LobeRequest r;
    r.heights = {{0.15, Place::Tappet}, {1.27, Place::Tappet}};
    return analyseLobe(points, r);
}

} // namespace

class TestPassing : public QObject {
    Q_OBJECT
private slots:
    // Every mark is told once, at its lift, from one pass; slow or fast, with and without noise.
    void everyMarkOnce() {
        for (const closed::Lobe& lobe : closed::family()) {
            const auto marks = passed(lobe, 1.0, -80.0, 290.0, 40.0, 0.05, 0.002, 7);
            QCOMPARE(marks.front().deg, -80.0 + 0.0);
            double worst = 0.0;
            for (std::size_t i = 1; i < marks.size(); ++i) {
                QCOMPARE(marks[i].deg, marks[i - 1].deg + 1.0);
                worst = std::max(worst, std::abs(marks[i].mm - lobe.at(marks[i].deg)));
            }
            QVERIFY2(marks.size() > 365, qPrintable(QString::number(marks.size())));
            QVERIFY2(worst < 0.006, qPrintable(QString::number(worst)));
        }
    }

    // What is thinned to whole degrees loses nothing of an event: under 0.02 degrees, over every
    // family, against the truth, at a height of flanks; the noiseless pass has the thinning alone.
    void thinnedLosesNothing() {
        double worst = 0.0;
        for (const closed::Lobe& lobe : closed::family()) {
            const auto figures = figuresOf(passed(lobe, 1.0, -80.0, 300.0, 100.0, 0.05, 0.0, 1));
            const HeightEvents* e = figures.events({1.27, Place::Tappet});
            QVERIFY(e && e->opens && e->closes);
            worst = std::max({worst, std::abs(e->opens->deg - lobe.event(1.27, true)),
                              std::abs(e->closes->deg - lobe.event(1.27, false))});
        }
        qInfo("worst event by whole degrees: %.4f degrees", worst);
        QVERIFY2(worst < 0.02, qPrintable(QString::number(worst)));
    }

    // Going back is left out, and nothing is told twice; the slack of the drive is taken up before
    // anything is told again.
    void goingBackIsLeftOut() {
        const auto lobe = closed::raisedCosine(105.3, 135.0, 9.0);
        constexpr double kSlack = 2.0;
        Passing passing(1.0);
        std::vector<PassedMark> marks;
        double crank = -60.0, cam = -60.0, t = 0.0;
        bool backed = false;
        const auto turn = [&](double to) {
            const double way = to > crank ? 0.02 : -0.02;
            for (; way > 0 ? crank < to : crank > to; crank += way, t += 0.002) {
                cam = std::clamp(cam, crank, crank + kSlack);
                passing.feed({t, crank, lobe.at(cam)}, marks);
                backed = backed || passing.backing();
            }
        };
        turn(60.0), turn(48.0), turn(55.0), turn(40.0), turn(280.0);
        QVERIFY(backed && !passing.backing());
        for (std::size_t i = 0; i < marks.size(); ++i) {
            if (i > 0) QCOMPARE(marks[i].deg, marks[i - 1].deg + 1.0);
            QVERIFY2(std::abs(marks[i].mm - lobe.at(marks[i].deg)) < 0.002,
                     qPrintable(QString::number(marks[i].deg)));
        }
    }

    // Turned faster than it is sampled, a mark is missed and not made up.
    void tooFastIsMissed() {
        Passing passing(1.0);
        std::vector<PassedMark> marks;
        for (int i = 0; i < 60; ++i)
            passing.feed({i * 0.01, i * 5.0, 1.0}, marks);
        QVERIFY(marks.size() < 70);
        QVERIFY(passing.missed() > 200);
        passing.feed({1.0, std::nan(""), 1.0}, marks);
        QVERIFY(passing.furthest() && std::isfinite(*passing.furthest()));
    }

    // A lobe is through when the base circle is reached again and stays; a nose is no base circle.
    void throughOnTheBaseCircle() {
        for (const closed::Lobe& lobe : closed::family()) {
            LobePass pass;
            double lifted = 0.0, through = 0.0;
            for (double deg = lobe.centre - 220.0; deg < lobe.centre + 220.0; ++deg) {
                pass.feed({deg, lobe.at(deg) + 0.37, 10, 5.0});
                if (pass.lifted() && lifted == 0.0) lifted = deg;
                if (pass.through() && through == 0.0) through = deg;
            }
            QVERIFY(pass.onBase());
            QVERIFY(std::abs(pass.base_mm() - 0.37) < 0.031);
            QVERIFY(lifted > lobe.centre - lobe.halfOpening - 1.0 && lifted < lobe.centre);
            const double shut = lobe.centre + lobe.halfClosing;
            QVERIFY2(through > shut - 40.0 && through < shut + 25.0, lobe.name.c_str());
            // Begun at the nose: what stands there is not counted from.
            LobePass nose;
            for (double deg = lobe.centre - 3.0; deg < lobe.centre + 60.0; ++deg)
                nose.feed({deg, lobe.at(deg), 10, 5.0});
            QVERIFY2(!nose.onBase(), lobe.name.c_str());
        }
    }

    // The sweep: a crank in closed form, a dial that counts up or down, steps, noise; the middle is
    // TDC within its ±, at least 95 times in 100.
    void sweptTopWithinItsPlusMinus() {
        int within = 0, all = 0;
        double worst = 0.0;
        for (unsigned seed = 1; seed <= 300; ++seed) {
            std::mt19937 random(seed);
            const auto between = [&](double a, double b) {
                return std::uniform_real_distribution<double>(a, b)(random);
            };
            const double stroke = between(50.0, 95.0), rod = stroke * between(1.5, 2.2);
            const double top = between(-180.0, 180.0), sign = seed % 2 ? 1.0 : -1.0;
            const double noise = between(0.0005, 0.004), countStep = between(0.02, 0.1);
            std::normal_distribution<double> gauss(0.0, noise);
            std::vector<LiveSample> sweep;
            for (double deg = -45.0; deg < 45.0; deg += 0.02) {
                const double r = stroke / 2.0, a = deg * std::numbers::pi / 180.0;
                const double down = r * (1.0 - std::cos(a)) + rod -
                                    std::sqrt(rod * rod - std::pow(r * std::sin(a), 2));
                const double mm = std::round((sign * down + gauss(random)) * 1000.0) / 1000.0;
                sweep.push_back({deg, countStep * std::round((deg + top) / countStep), mm});
            }
            const auto found = sweptTop(sweep);
            QVERIFY(found);
            ++all;
            within += std::abs(found->top_deg - top) <= found->plusMinus_deg;
            worst = std::max(worst, std::abs(found->top_deg - top));
            QVERIFY(found->pairs.size() > 20);
        }
        qInfo("within its +-: %d of %d, worst %.4f degrees", within, all, worst);
        QVERIFY2(within * 100 >= all * 95, qPrintable(QString::number(within)));
        QVERIFY(worst < 0.1);
    }
    void aSweepWithoutTheTopIsNone() {
        std::vector<LiveSample> flank;
        for (int i = 0; i < 2000; ++i)
            flank.push_back({i * 0.001, 10.0 + i * 0.02, i * 0.005});
        QVERIFY(!sweptTop(flank));
        QVERIFY(!sweptTop({}));
    }

    void quietIsABandForATime() {
        Quiet quiet(0.01, 0.5);
        QVERIFY(!quiet.still());
        for (int i = 0; i <= 40; ++i)
            quiet.feed(i * 0.01, 5.0 + (i % 2) * 0.008);
        QVERIFY(std::abs(quiet.closed() - 0.8) < 1e-9);
        for (int i = 41; i <= 60; ++i)
            quiet.feed(i * 0.01, 5.0);
        QVERIFY(quiet.still());
        QVERIFY(std::abs(quiet.mean() - 5.0027) < 0.001);
        // It creeps: within the band from one to the next, and not over the time.
        for (int i = 61; i <= 200; ++i)
            quiet.feed(i * 0.01, 5.0 + (i - 60) * 0.001);
        QVERIFY(!quiet.still());
        // Silent for a while, nobody knows.
        Quiet gap(0.01, 0.5);
        gap.feed(0.0, 1.0);
        gap.feed(2.0, 1.0);
        QVERIFY(!gap.still());
    }

    // A damaged value is left out; three that agree have jumped.
    void guardedAgainstNonsense() {
        Guard guard(100.0, 0.5);
        QVERIFY(guard.feed(0.0, 10.0).value);
        QVERIFY(guard.feed(0.01, 10.9).value);
        QVERIFY(!guard.feed(0.02, 90.0).value);
        const auto after = guard.feed(0.03, 11.2);
        QVERIFY(after.value && !after.jump);
        QVERIFY(!guard.feed(0.035, 49.9).value);
        QVERIFY(!guard.feed(0.04, 50.0).value);
        const auto jumped = guard.feed(0.05, 50.1);
        QCOMPARE(*jumped.value, 50.1);
        QVERIFY(std::abs(*jumped.jump - 38.9) < 1e-9);
        QVERIFY(guard.feed(0.06, 50.2).value);
        // One late, what stands off alone is left out, and its neighbours are not.
        Between between(0.1);
        std::vector<double> told;
        int i = 0;
        for (const double v : {1.0, 1.1, 4.0, 1.2, 1.3, 1.35, 1.3, 1.0, -2.0, 0.9, 0.8})
            if (const auto at = between.feed(0.01 * i++, v)) told.push_back(at->value);
        QCOMPARE(told, (std::vector<double>{1.0, 1.1, 1.2, 1.3, 1.35, 1.3, 1.0, 0.9}));
    }

    // Where the crank stood when the dial spoke, between two counts.
    void pairedInTime() {
        Pairing pairing;
        pairing.angle(0.0, 10.0);
        pairing.dial(0.02, 1.0);
        QVERIFY(!pairing.take());
        pairing.angle(0.04, 12.0);
        const auto s = pairing.take();
        QVERIFY(s);
        QCOMPARE(s->deg, 11.0);
        QCOMPARE(s->mm, 1.0);
        // Over a silence nothing is told.
        pairing.dial(0.3, 2.0);
        pairing.angle(1.0, 60.0);
        QVERIFY(!pairing.take());
    }
};

AMBER_TEST(TestPassing)

} // namespace test_passing

#include "test_passing.moc"
