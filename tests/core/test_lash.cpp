// Stops at which lash is set: the fewest against every choice, the schools by hand, refusals, and
// what a change of lash does, against a closed-form lobe.
#include "core/examine/examine.h"
#include "core/job/job.h"
#include "core/lash/lash.h"
#include "core/lash/stops.h"
#include "simulated/closed_lobes.h"
#include "support/program.h"

#include <QTest>

#include <algorithm>
#include <cmath>
#include <functional>
#include <random>

namespace test_lash {

using namespace lobe;

namespace {

/// Valves of an engine that fires in this order at these gaps.
std::vector<LashValve> valvesOf(const std::vector<int>& order, const std::vector<double>& gaps,
                                double intakeOpens, double intakeCloses, double exhaustOpens,
                                double exhaustCloses) {
    std::vector<LashValve> out;
    double behind = 0.0;
    for (std::size_t i = 0; i < order.size(); ++i) {
        out.push_back({order[i], Side::Intake, intakeOpens, intakeCloses, behind});
        out.push_back({order[i], Side::Exhaust, exhaustOpens, exhaustCloses, behind});
        behind += gaps[i % gaps.size()];
    }
    return out;
}

/// Lifted at a place of the cycle, or within the margin of it: by going round, not by arcs.
bool lifted(const LashValve& v, double cycle, double margin) {
    for (int turn = -2; turn <= 2; ++turn) {
        const double own = cycle - v.behind_deg + 720.0 * turn;
        if (own > v.opens_deg - margin + 1e-7 && own < v.closes_deg + margin - 1e-7) return true;
    }
    return false;
}

/// The least number of stops out of every degree of the cycle, by trying every choice of so many.
int fewestByBruteForce(const std::vector<LashValve>& valves, double margin, int step) {
    std::vector<unsigned long long> sets;
    for (int deg = 0; deg < 720; deg += step) {
        unsigned long long set = 0;
        for (std::size_t i = 0; i < valves.size(); ++i)
            if (!lifted(valves[i], deg, margin)) set |= 1ULL << i;
        if (std::find(sets.begin(), sets.end(), set) == sets.end()) sets.push_back(set);
    }
    // Those within another are no choice of their own.
    std::vector<unsigned long long> most;
    for (const auto a : sets)
        if (std::none_of(sets.begin(), sets.end(), [&](auto b) { return a != b && (a & b) == a; }))
            most.push_back(a);
    const unsigned long long all = valves.size() == 64 ? ~0ULL : (1ULL << valves.size()) - 1ULL;
    std::function<bool(unsigned long long, int)> cover = [&](unsigned long long have, int left) {
        if (have == all) return true;
        if (left == 0) return false;
        // The first that is missing has to be in one of them.
        int missing = 0;
        while ((have >> missing) & 1ULL)
            ++missing;
        for (const auto s : most)
            if (((s >> missing) & 1ULL) && cover(have | s, left - 1)) return true;
        return false;
    };
    for (int n = 1; n <= 12; ++n)
        if (cover(0, n)) return n;
    return -1;
}

closed::Lobe lobeAt(double centre) {
    return closed::poly345(centre, 140.0, 7.0);
}

LiftRun measured(const closed::Lobe& lobe, Side side, int id, int cylinder = 1) {
    LiftRun run;
    run.id = id;
    run.cylinder = cylinder;
    run.side = side;
    run.terms.taken = Place::Tappet;
    run.terms.ratio = 1.5;
    run.terms.lash_mm = 0.4;
    run.terms.step_deg = 2.0;
    for (double deg = lobe.centre - 170.0; deg <= lobe.centre + 170.0; deg += 2.0) {
        Reading r;
        r.id = id * 1000 + static_cast<int>(run.readings.size());
        r.at = {deg};
        r.value_mm = lobe.at(deg);
        run.readings.push_back(r);
    }
    return run;
}

Job four() {
    Job job;
    job.engine.cylinders = 4;
    job.engine.firingOrder = {1, 3, 4, 2};
    job.engine.bore_mm = 81.0;
    job.engine.stroke_mm = 78.0;
    job.engine.rod_mm = 135.0;
    job.engine.ratio = {1.5, 1.5};
    job.engine.lash_mm = {0.4, 0.4};
    const closed::Lobe in = lobeAt(108.0), ex = lobeAt(-112.0);
    job.runs = {measured(in, Side::Intake, 1), measured(ex, Side::Exhaust, 2)};
    return job;
}

} // namespace

class TestLash : public QObject {
    Q_OBJECT
private slots:
    void fewestAgainstEveryChoice_data() {
        QTest::addColumn<QVector<int>>("order");
        QTest::addColumn<QVector<double>>("gaps");
        QTest::newRow("single") << QVector<int>{1} << QVector<double>{720.0};
        QTest::newRow("twin, odd fire") << QVector<int>{1, 2} << QVector<double>{270.0, 450.0};
        QTest::newRow("twin, 405 apart") << QVector<int>{1, 2} << QVector<double>{405.0, 315.0};
        QTest::newRow("four") << QVector<int>{1, 3, 4, 2} << QVector<double>{180.0};
        QTest::newRow("five") << QVector<int>{1, 2, 4, 5, 3} << QVector<double>{144.0};
        QTest::newRow("six") << QVector<int>{1, 5, 3, 6, 2, 4} << QVector<double>{120.0};
        QTest::newRow("V-eight") << QVector<int>{1, 8, 4, 3, 6, 5, 7, 2} << QVector<double>{90.0};
    }
    // Over many lobes and margins, wild ones too.
    void fewestAgainstEveryChoice() {
        QFETCH(QVector<int>, order);
        QFETCH(QVector<double>, gaps);
        std::mt19937 random(7);
        std::uniform_int_distribution<int> any(0, 1000);
        for (int n = 0; n < 40; ++n) {
            const double io = -10.0 - any(random) % 70, ic = 200.0 + any(random) % 90,
                         eo = -290.0 + any(random) % 90, ec = 10.0 + any(random) % 70,
                         margin = any(random) % 40;
            const auto valves =
                valvesOf({order.begin(), order.end()}, {gaps.begin(), gaps.end()}, io, ic, eo, ec);
            const auto stops = fewestStops(valves, margin);
            QCOMPARE(static_cast<int>(stops.size()), fewestByBruteForce(valves, margin, 1));
            // Each valve once, where it is clear.
            std::vector<int> times(valves.size(), 0);
            for (const LashStop& s : stops) {
                QVERIFY(s.cycle_deg >= 0.0 && s.cycle_deg < 720.0 && s.onRamp.empty());
                for (const std::size_t i : s.set) {
                    ++times[i];
                    QVERIFY(!lifted(valves[i], s.cycle_deg, margin));
                }
            }
            QVERIFY(std::all_of(times.begin(), times.end(), [](int t) { return t == 1; }));
        }
    }

    // By hand: a four fires 1-3-4-2, at 180 degrees each. Exhaust from -235 to 20, intake from -15
    // to 240. Cylinder 1 is 0 behind, 3 is 180, 4 is 360, 2 is 540.
    void theSchoolsByHand() {
        const auto valves = valvesOf({1, 3, 4, 2}, {180.0}, -15.0, 240.0, -235.0, 20.0);
        const auto firing = firingStops(valves, 10.0, true);
        QCOMPARE(firing.size(), std::size_t(4));
        // At 0 cylinder 1 is on overlap and 4 fires: both valves of 4.
        QCOMPARE(firing[0].cycle_deg, 0.0);
        QCOMPARE(*firing[0].overlap, 1);
        QCOMPARE(valves[firing[0].set[0]].cylinder, 4);
        QCOMPARE(firing[0].set.size(), std::size_t(2));
        QVERIFY(firing[0].onRamp.empty());
        const auto two = openingClosingStops(valves, 10.0);
        QCOMPARE(two.size(), std::size_t(8));
        // The exhaust of 1 just opens at -235 + 2 = 487: its intake is set there.
        const auto at = std::find_if(two.begin(), two.end(),
                                     [](const LashStop& s) { return s.cycle_deg == 487.0; });
        QVERIFY(at != two.end());
        QVERIFY(valves[at->set[0]].cylinder == 1 && valves[at->set[0]].side == Side::Intake);
        // The intake of 1 has just closed at 242: its exhaust.
        QVERIFY(std::any_of(two.begin(), two.end(), [&](const LashStop& s) {
            return s.cycle_deg == 242.0 && valves[s.set[0]].cylinder == 1 &&
                   valves[s.set[0]].side == Side::Exhaust;
        }));
        // Fewest is two, at round figures.
        const auto fewest = fewestStops(valves, 10.0);
        QCOMPARE(fewest.size(), std::size_t(2));
        for (const LashStop& s : fewest)
            QCOMPARE(std::fmod(s.cycle_deg, 5.0), 0.0);
    }

    // A valve alone in its cylinder, beside one the air opens, is set where that one fires.
    void aValveAlone() {
        std::vector<LashValve> one{{1, Side::Exhaust, -235.0, 20.0, 0.0}};
        const auto stops = openingClosingStops(one, 10.0);
        QCOMPARE(stops.size(), std::size_t(1));
        QVERIFY(stops[0].cycle_deg == 360.0 && stops[0].onRamp.empty());
        Job job;
        job.engine.kind = EngineKind::SlowFlywheel;
        job.engine.cylinders = 1;
        QVERIFY(lashPlan(job, examine(job)).fault == LashFault::NoLobe);
        job.flywheel.circumference_mm = 3600.0;
        job.flywheel.opens_mm = 100.0;
        job.flywheel.closes_mm = 2400.0;
        job.flywheel.tdc_mm = 2350.0;
        const LashPlan plan = lashPlan(job, examine(job));
        QVERIFY(plan.fault == LashFault::None && plan.valves.size() == 1);
        // By the tape: closes 5 degrees after the dead centre, 230 after it opened.
        QVERIFY(std::abs(plan.valves[0].closes_deg - 5.0) < 1e-9 &&
                std::abs(plan.valves[0].opens_deg + 225.0) < 1e-9);
    }

    // Fives have no companion; a margin nobody keeps is said.
    void refusals() {
        const auto five = valvesOf({1, 2, 4, 5, 3}, {144.0}, -15.0, 240.0, -235.0, 20.0);
        QVERIFY(firingStops(five, 10.0, true).empty());
        QCOMPARE(firingStops(five, 10.0, false).size(), std::size_t(5));
        QVERIFY(fewestStops(five, 250.0).empty());
        Job job = four();
        job.lash.school = LashSchool::Fewest;
        QVERIFY(lashPlan(job, examine(job)).fault == LashFault::None);
        job.engine.firingOrder.clear();
        QVERIFY(lashPlan(job, examine(job)).fault == LashFault::NoFiringOrder);
        job = four();
        job.runs.pop_back();
        const LashPlan half = lashPlan(job, examine(job));
        QVERIFY(half.fault == LashFault::NoLobe && half.lacking == Side::Exhaust);
        job = four();
        job.engine.kind = EngineKind::TwoStroke;
        QVERIFY(lashPlan(job, examine(job)).fault == LashFault::TwoStroke);
        QVERIFY(lashPlan(Job(), examine(Job())).stops.empty());
    }

    // Of a job: the feet are where the closed-form lobe lifts and ends, within a step of it, and a
    // cam moved since takes them along.
    void feetOfAMeasuredLobe() {
        Job job = four();
        const closed::Lobe in = lobeAt(108.0);
        double opens = in.centre;
        while (in.at(opens) > 0.03)
            opens -= 0.01;
        const auto feet = feetOf(job, examine(job), 3, Side::Intake);
        QVERIFY(feet && feet->opens_deg <= opens + 0.1 && feet->opens_deg > opens - 4.1);
        CamMove move;
        move.number = 1;
        move.made.intake = DriveMove{};
        move.made.intake->total_deg = 4.0;
        job.changes = {move};
        const auto earlier = feetOf(job, examine(job), 3, Side::Intake);
        QVERIFY(earlier && std::abs(earlier->opens_deg - feet->opens_deg + 4.0) < 1e-6);
    }

    // More lash, by the closed form: the seat is passed where ratio x lift - lash is the height.
    void whatALashDoes() {
        const Job job = four();
        const Findings f = examine(job);
        const closed::Lobe in = lobeAt(108.0);
        const auto truth = [&](double lash) {
            const double mm = (job.reckoning.seat_mm + lash) / 1.5;
            return in.event(mm, false) - in.event(mm, true);
        };
        for (const double lash : {0.2, 0.4, 0.5}) {
            const auto effect = lashEffect(job, f, 1, Side::Intake, lash);
            QVERIFY(effect);
            QVERIFY2(std::abs(effect->duration_deg - truth(lash)) < 0.4,
                     qPrintable(QString::number(effect->duration_deg - truth(lash))));
            QVERIFY(effect->landing_mm > 0.0);
        }
        QVERIFY(lashEffect(job, f, 1, Side::Intake, 0.5)->duration_deg <
                lashEffect(job, f, 1, Side::Intake, 0.4)->duration_deg);
        QVERIFY(!lashEffect(job, f, 1, Side::Intake, 50.0));
    }

    // What a valve lost between being left and found.
    void overTime() {
        LashWork w;
        const auto take = [&](double mm, bool left, std::int64_t at, bool hot = false) {
            LashTaken t;
            t.cylinder = 3;
            t.side = Side::Exhaust;
            t.lash_mm = mm;
            t.left = left;
            t.time_ms = at;
            t.hot = hot;
            w.taken.push_back(t);
        };
        QVERIFY(!lashDrift_mm(w, 3, Side::Exhaust));
        take(0.40, true, 1);
        take(0.32, false, 2);
        QVERIFY(std::abs(*lashDrift_mm(w, 3, Side::Exhaust) + 0.08) < 1e-12);
        take(0.40, true, 3);
        take(0.38, false, 4);
        QVERIFY(std::abs(*lashDrift_mm(w, 3, Side::Exhaust) + 0.02) < 1e-12);
        // Cold against hot is no drift; what was replaced is none.
        take(0.30, false, 5, true);
        QVERIFY(std::abs(*lashDrift_mm(w, 3, Side::Exhaust) + 0.02) < 1e-12);
        w.taken[3].replaced = "read anew";
        QVERIFY(std::abs(*lashDrift_mm(w, 3, Side::Exhaust) + 0.08) < 1e-12);
        w.preload_turns = 0.75;
        w.pitch_mm = 1.25;
        QCOMPARE(preload_mm(w), 0.9375);
    }
};

AMBER_TEST(TestLash)

} // namespace test_lash

#include "test_lash.moc"
