// Valve to piston against truth: closed-form lobes, the slider-crank, tilted valves, and the slips
// a builder makes. The clearance that is measured is made here, by geometry, and not by the
// program.
#include "core/assess/clearances.h"
#include "core/clearance/map.h"
#include "core/clearance/valves.h"
#include "core/examine/examine.h"
#include "core/job/job.h"
#include "core/route/progress.h"
#include "simulated/closed_lobes.h"
#include "support/measured_lobe.h"
#include "support/program.h"

#include <QTest>

#include <cmath>
#include <numbers>

namespace test_clearance {

using namespace lobe;

namespace {

constexpr double kStroke = 78.0, kRod = 140.0;

/// The piston below its top, from the triangle of crank and rod.
double down(double deg) {
    const double r = kStroke / 2.0, t = deg * std::numbers::pi / 180.0;
    return r + kRod - (r * std::cos(t) + std::sqrt(kRod * kRod - std::pow(r * std::sin(t), 2)));
}

/// What an engine leaves: a shut valve `g0` off the piston at the top, leaning by `lean`.
struct Truth {
    closed::Lobe lobe;
    double g0 = 6.0, lean = 0.0;
    double clearance(double deg, double advance = 0.0) const {
        return g0 + down(deg) * std::cos(lean * std::numbers::pi / 180.0) - lobe.at(deg + advance);
    }
    /// By a fine search.
    double least(double advance = 0.0) const {
        double best = 1e9;
        for (double d = -60.0; d <= 60.0; d += 0.01)
            best = std::min(best, clearance(d, advance));
        return best;
    }
};

closed::Lobe intake(double centre = 108.0, double half = 140.0, double lift = 10.5) {
    return closed::power(centre, half, lift);
}

LobePtr taken(const closed::Lobe& lobe, unsigned seed, Side side = Side::Intake) {
    LobeRequest request;
    request.side = side;
    request.taken = {Place::Valve, 1.0, 0.0};
    request.resolution_mm = 0.01;
    return std::make_shared<LobeFigures>(
        analyseLobe(measured::take(lobe, {2.0, 0.005, 0.05, 0.01, seed}), request));
}

std::vector<GapPoint> pressed(const Truth& truth, double from, double to, double step,
                              unsigned seed, double noise = 0.01) {
    std::mt19937 random(seed);
    std::normal_distribution<double> n(0.0, 1.0);
    std::vector<GapPoint> out;
    for (double d = from; d <= to + 1e-9; d += step) {
        const double mm = truth.clearance(d + 0.05 * n(random)) + noise * n(random);
        out.push_back({d, std::round(mm * 100.0) / 100.0, 1, true, 0.0});
    }
    return out;
}

GapRequest withPath() {
    GapRequest r;
    r.path = PistonPath::of(kStroke, kRod);
    return r;
}

Job jobWith(const Truth& truth, Side side = Side::Intake) {
    Job job;
    job.engine.stroke_mm = kStroke;
    job.engine.rod_mm = kRod;
    LiftRun run;
    run.id = 1;
    run.side = side;
    run.terms.taken = Place::Valve;
    for (double d = truth.lobe.centre - 178.0; d <= truth.lobe.centre + 178.0; d += 2.0) {
        Reading r;
        r.id = 100 + static_cast<std::int64_t>(run.readings.size());
        r.at = {d};
        r.value_mm = truth.lobe.at(d);
        run.readings.push_back(r);
    }
    job.runs = {run};
    ClearanceMap map;
    map.id = 1;
    map.side = side;
    map.terms.presses = 1;
    job.maps = {map};
    return job;
}

void press(Job& job, double deg, double mm) {
    Reading p;
    p.of = ReadingOf::Press;
    p.id = 1000 + static_cast<std::int64_t>(job.maps[0].readings.size());
    p.at = {deg};
    p.value_mm = mm;
    job.maps[0].readings.push_back(p);
}

void pressAll(Job& job, const Truth& truth, double from, double to, double step = 2.0) {
    for (double d = from; d <= to + 1e-9; d += step)
        press(job, d, truth.clearance(d));
}

/// A copy: the findings it stands in are gone by then.
template <class Kind> std::optional<Kind> said(const Job& job) {
    const Findings f = examine(job);
    const Kind* found = findingOf<Kind>(f.all);
    return found ? std::optional(*found) : std::nullopt;
}

} // namespace

class TestClearance : public QObject {
    Q_OBJECT
private slots:
    // Without noise the gap is what it was made of.
    void theGapIsFound() {
        const Truth truth{intake(), 7.0, 18.0};
        std::vector<GapPoint> points;
        for (double d = 0.0; d <= 24.0; d += 2.0)
            points.push_back({d, truth.clearance(d), 2, true, 0.0});
        GapRequest request = withPath();
        request.valveAngle_deg = 18.0;
        const ValveLift exact{[&](double d) { return truth.lobe.at(d); }, {}};
        const auto gap = Gap::fit(points, exact, request);
        QVERIFY(gap);
        QVERIFY(std::abs(gap->g0_mm() - 7.0) < 1e-3);
        QVERIFY(std::abs(gap->share() - std::cos(18.0 * std::numbers::pi / 180.0)) < 1e-3);
        QVERIFY(gap->residual_mm() < 1e-3);
        for (double advance : {-8.0, 0.0, 5.0}) {
            const Least least = leastClearance(*gap, exact, advance);
            QVERIFY(std::abs(least.mm - truth.least(advance)) < 1e-3);
        }
        // Two angles make no gap.
        points.resize(2);
        QVERIFY(!Gap::fit(points, exact, request));
    }

    // From a map every 2 degrees with hundredths on the dial, the clearance of another cam, at
    // several phases: within 0.05 mm, and within its own half-width 95 times in 100.
    void anotherCamIsForetold() {
        int near = 0, covered = 0, all = 0;
        double worst = 0.0;
        for (double lean : {0.0, 12.0, 25.0})
            for (unsigned seed = 1; seed <= 100; ++seed) {
                const Truth truth{intake(), 7.5, lean};
                Truth other{closed::poly345(104.0, 146.0, 11.2), 7.5, lean};
                auto points = pressed(truth, 0.0, 20.0, 2.0, seed * 7 + 1);
                const ValveLift own = valveLift(taken(truth.lobe, seed), 0.0),
                                theirs = valveLift(taken(other.lobe, seed + 400), 0.0);
                const auto gap = Gap::fit(points, own, withPath());
                QVERIFY(gap);
                for (double advance : {-6.0, 0.0, 4.0}) {
                    const Least least = leastClearance(*gap, theirs, advance);
                    const double off = std::abs(least.mm - other.least(advance));
                    worst = std::max(worst, off);
                    near += off <= 0.05;
                    covered += off <= *least.mm.plusMinus;
                    ++all;
                }
            }
        QVERIFY2(near >= 0.99 * all, qPrintable(QString::number(worst)));
        QVERIFY2(covered >= 0.95 * all, qPrintable(QString::number(double(covered) / all)));
    }

    void theWindowEndsWhereTheLimitIs() {
        const Truth truth{intake(), 6.5, 10.0};
        std::vector<GapPoint> points;
        for (double d = 0.0; d <= 24.0; d += 2.0)
            points.push_back({d, truth.clearance(d), 2, true, 0.0});
        const ValveLift exact{[&](double d) { return truth.lobe.at(d); }, {}};
        const auto gap = Gap::fit(points, exact, withPath());
        const double limit = truth.least(3.0);
        const auto window = windowOf(*gap, exact, limit);
        QVERIFY(window);
        // The intake comes nearer as it is advanced: one end, the other is the search's.
        QVERIFY2(std::abs(window->to_deg - 3.0) < 0.05,
                 qPrintable(QString::number(window->to_deg)));
        QCOMPARE(window->from_deg, -30.0);
        QVERIFY(!windowOf(*gap, exact, 50.0));
        // A degree costs what the truth says.
        const double cost = truth.least(-0.5) - truth.least(0.5);
        QVERIFY(std::abs(costOfDegree_mm(*gap, exact, 0.0) - cost) < 0.005);
    }

    // Without stroke and rod the piston's way is fitted too.
    void withoutDimensions() {
        const Truth truth{intake(), 7.0, 15.0};
        auto points = pressed(truth, -4.0, 24.0, 2.0, 3, 0.002);
        const ValveLift exact{[&](double d) { return truth.lobe.at(d); }, {}};
        const auto gap = Gap::fit(points, exact, {});
        QVERIFY(gap && !gap->pocketAngle_deg());
        QVERIFY(std::abs(leastClearance(*gap, exact, 3.0).mm - truth.least(3.0)) < 0.05);
    }

    void leastAtTheEdgeIsNone() {
        const Truth truth{intake(), 6.0, 0.0};
        Job job = jobWith(truth);
        job.maps[0].terms.step_deg = 2.0;
        pressAll(job, truth, 0.0, 6.0);
        MapFindings m = examine(job).maps[0];
        QVERIFY(!m.complete);
        QCOMPARE(m.next.deg, 8.0);
        // A cam that opens late has its tightest point at TDC, where an intake map begins.
        Truth late{intake(124.0, 130.0, 11.0), 6.0, 0.0};
        job = jobWith(late);
        pressAll(job, late, 0.0, 20.0);
        m = examine(job).maps[0];
        QVERIFY(m.measured && m.measured->atEdge);
        QVERIFY(!m.complete);
        QCOMPARE(m.next.deg, -2.0);
        const auto edge = said<found::LeastAtEdge>(job);
        QVERIFY(edge && edge->step_deg == -2.0);
        for (double d = -2.0; d >= -20.0 && !examine(job).maps[0].complete; d -= 2.0)
            press(job, d, late.clearance(d));
        m = examine(job).maps[0];
        QVERIFY(m.complete && !m.measured->atEdge);
        QVERIFY(std::abs(m.measured->least.mm - late.least()) < 0.02);
    }

    // The exhaust is pressed before TDC, the intake after it.
    void theProgramSaysWhereToPress() {
        const Truth truth{closed::power(-110.0, 140.0, 9.5), 7.0, 0.0};
        Job job = jobWith(truth, Side::Exhaust);
        job.maps[0].terms.presses = 2;
        QCOMPARE(examine(job).maps[0].next.deg, -20.0);
        press(job, -20.0, 3.00);
        QCOMPARE(examine(job).maps[0].next.deg, -20.0);
        press(job, -20.0, 3.02);
        QCOMPARE(examine(job).maps[0].next.deg, -18.0);
        QCOMPARE(examine(job).maps[0].points[0].clearance_mm, 3.01);
        // Apart: asked again, until two agree.
        press(job, -18.0, 2.5);
        press(job, -18.0, 2.8);
        QCOMPARE(examine(job).maps[0].next.deg, -18.0);
        QVERIFY(std::abs(said<found::PressesApart>(job)->apart_mm - 0.3) < 1e-9);
        press(job, -18.0, 2.52);
        QCOMPARE(examine(job).maps[0].next.deg, -16.0);
        QVERIFY(std::abs(examine(job).maps[0].points[1].clearance_mm - 2.51) < 1e-9);
    }

    void aSlipIsNamedByItsAngle() {
        const Truth truth{intake(), 7.0, 12.0};
        Job job = jobWith(truth);
        pressAll(job, truth, 0.0, 20.0);
        QVERIFY(!said<found::PressOdd>(job));
        job.maps[0].readings.edit()[7].value_mm += 0.5;
        const auto findings = examine(job);
        const auto* odd = findingOf<found::PressOdd>(findings.all);
        QVERIFY(odd);
        QCOMPARE(odd->at.deg, 14.0);
        QVERIFY(std::abs(odd->off_mm - 0.5) < 0.05);
        QVERIFY(std::abs(findings.maps[0].predicted->mm - truth.least()) < 0.02);
    }

    // A retainer that meets the seal at 9 mm stops the valve short of the piston farther out.
    void aValveThatStopsShort() {
        const Truth truth{intake(), 7.0, 0.0};
        Job job = jobWith(truth);
        for (double d = 0.0; d <= 30.0; d += 2.0)
            press(job, d, std::min(truth.clearance(d), 8.5 - truth.lobe.at(d)));
        const auto findings = examine(job);
        const auto* stops = findingOf<found::PressStops>(findings.all);
        QVERIFY(stops);
        QVERIFY(std::abs(stops->lift_mm - 8.5) < 0.05);
        QVERIFY(std::abs(findings.maps[0].predicted->mm - truth.least()) < 0.03);
    }

    // Each correction by hand: gasket 1.2 out, lash 0.2 taken up, a spacer of 1, slack of 0.3, and
    // a press 10 degrees askew, whose cosine is 0.9848.
    void correctionsAddUp() {
        const Truth truth{intake(), 7.0, 0.0};
        Job job = jobWith(truth);
        job.engine.lash_mm.intake = 0.2;
        MockUp& m = job.maps[0].terms;
        m.gasketIn = false;
        m.valveAngle_deg = 0.0;
        m.gasket_mm = 1.2;
        m.lash = LashSet::Zero;
        m.spacer_mm = 1.0;
        m.slack_mm = 0.3;
        m.pressedAt = PressedAt::Retainer;
        m.askew_deg = 10.0;
        m.checkingLift_mm = 1.00;
        m.runningLift_mm = 0.85;
        press(job, 10.0, 2.0);
        auto found = examine(job).maps[0];
        QCOMPARE(found.corrections.size(), std::size_t(6));
        const double expected = 2.0 * 0.984808 + 1.2 + 0.2 + 1.0 - 0.3 + 0.15;
        QVERIFY(std::abs(found.points[0].clearance_mm - expected) < 1e-5);
        // Switched off, one is left out.
        job.maps[0].terms.off = {static_cast<int>(CorrectionKind::Spacer)};
        found = examine(job).maps[0];
        QVERIFY(std::abs(found.points[0].clearance_mm - (expected - 1.0)) < 1e-5);
    }

    // The cam advanced by 4 since: carried over by the gap, and said.
    void anotherSettingIsCarriedOver() {
        const Truth truth{intake(), 7.0, 0.0};
        Job job = jobWith(truth);
        pressAll(job, truth, 0.0, 20.0);
        QVERIFY(std::abs(examine(job).maps[0].predicted->mm - truth.least()) < 0.01);
        CamMove move;
        move.number = 1;
        move.made.intake = DriveMove{};
        move.made.intake->total_deg = 4.0;
        job.changes = {move};
        auto f = examine(job);
        QVERIFY(f.maps[0].state == MapState::Carried);
        QVERIFY(std::abs(f.maps[0].predicted->mm - truth.least(4.0)) < 0.01);
        // Measured again at the new setting, the lobe stands 4 earlier: the same answer.
        LiftRun again = job.runs[0];
        again.id = 2;
        again.terms.afterMove = 1;
        for (Reading& r : again.readings.edit())
            r.value_mm = truth.lobe.at(r.at.deg + 4.0);
        job.runs.push_back(again);
        f = examine(job);
        QVERIFY(std::abs(f.maps[0].predicted->mm - truth.least(4.0)) < 0.02);
        // A gasket that is only stated afterwards raises nothing: that would promise room that is
        // not there.
        job.engine.chamber.gasket_mm = 1.1;
        job.engine.chamber.deck_mm = 0.3;
        QVERIFY(std::abs(examine(job).maps[0].predicted->mm - truth.least(4.0)) < 0.02);
        QCOMPARE(examine(job).maps[0].raised_mm, 0.0);
        // A thicker one than it was pressed with raises the head.
        job.maps[0].terms.gasketThen_mm = 0.7;
        job.maps[0].terms.deckThen_mm = 0.3;
        QVERIFY(std::abs(examine(job).maps[0].predicted->mm - truth.least(4.0) - 0.4) < 0.02);
        job.maps[0].terms.isVoid = true;
        f = examine(job);
        QVERIFY(f.maps[0].state == MapState::Void && !f.maps[0].predicted);
        QVERIFY(findingOf<found::MapVoid>(f.all));
    }

    // A gasket left out counts along the valve: by the angle that was fitted where none was said.
    void aGasketLeftOutByTheFittedAngle() {
        const double cosine = std::cos(32.0 * std::numbers::pi / 180.0);
        const Truth truth{intake(), 7.0, 32.0};
        Job job = jobWith(truth);
        MockUp& m = job.maps[0].terms;
        m.gasketIn = false;
        m.gasket_mm = 1.5;
        for (double d = 0.0; d <= 24.0; d += 1.0)
            press(job, d, truth.clearance(d) - 1.5 * cosine);
        auto found = examine(job).maps[0];
        QVERIFY(found.predicted);
        const double fitted = found.gap->share();
        QVERIFY(std::abs(fitted - cosine) < 0.05);
        QVERIFY(std::abs(found.corrections[0].mm - 1.5 * fitted) < 1e-9);
        QVERIFY(std::abs(found.points[3].clearance_mm -
                         (truth.clearance(3.0) + 1.5 * (fitted - cosine))) < 1e-9);
        QVERIFY(std::abs(found.predicted->mm - truth.least()) < 0.08);
        // Said of the engine, the angle is taken from there.
        job.engine.valves.angle_deg.intake = 32.0;
        found = examine(job).maps[0];
        QVERIFY(std::abs(found.predicted->mm - truth.least()) < 0.01);
    }

    // A notch cut deeper since leaves more room, along the valve; a deck that was not said only
    // takes room away.
    void whatChangedSince() {
        const Truth truth{intake(), 7.0, 20.0};
        const double cosine = std::cos(20.0 * std::numbers::pi / 180.0);
        Job job = jobWith(truth);
        pressAll(job, truth, 0.0, 20.0);
        MockUp& m = job.maps[0].terms;
        m.valveAngle_deg = 20.0;
        m.notchCut_mm = 0.8;
        auto found = examine(job).maps[0];
        QVERIFY(std::abs(found.predicted->mm - truth.least() - 0.8 * cosine) < 0.01);
        QVERIFY(found.state == MapState::Carried);
        m.notchCut_mm = 0.0;
        m.gasketThen_mm = job.engine.chamber.gasket_mm = 1.0;
        job.engine.chamber.deck_mm = 0.3;
        QVERIFY(std::abs(examine(job).maps[0].predicted->mm - truth.least()) < 0.01);
        job.engine.chamber.deck_mm = -0.3;
        found = examine(job).maps[0];
        QVERIFY(std::abs(found.predicted->mm - truth.least() + 0.3 * cosine) < 0.01);
    }

    // Two maps taken alike are fitted together, and know the gap better; apart they are told so.
    void passesOfOneValve() {
        const Truth truth{intake(), 7.0, 0.0};
        Job job = jobWith(truth);
        pressAll(job, truth, 0.0, 20.0);
        const double alone = examine(job).maps[0].gap->plusMinus_mm(10.0);
        job.maps.push_back(job.maps[0]);
        job.maps[1].id = 2;
        for (Reading& p : job.maps[1].readings.edit())
            p.value_mm += 0.02;
        auto f = examine(job);
        QCOMPARE(f.maps[1].passes, 2);
        QCOMPARE(f.maps[1].points.size(), f.maps[0].points.size());
        QVERIFY(f.maps[1].gap->plusMinus_mm(10.0) < alone);
        QVERIFY(std::abs(f.maps[1].predicted->mm - truth.least() - 0.01) < 0.005);
        QVERIFY(!findingOf<found::MapsApart>(f.all));
        for (Reading& p : job.maps[1].readings.edit())
            p.value_mm += 0.30;
        f = examine(job);
        QCOMPARE(f.maps[1].passes, 1);
        const auto* apart = findingOf<found::MapsApart>(f.all);
        QVERIFY(apart && std::abs(apart->this_mm - apart->before_mm - 0.32) < 1e-6);
    }

    // Passes with the gasket left out, the angle not said: the same map twice is the same gap.
    void passesWithoutTheGasket() {
        const double cosine = std::cos(32.0 * std::numbers::pi / 180.0);
        const Truth truth{intake(), 7.0, 32.0};
        Job job = jobWith(truth);
        job.maps[0].terms.gasketIn = false;
        job.maps[0].terms.gasket_mm = 1.5;
        for (double d = 0.0; d <= 24.0; d += 1.0)
            press(job, d, truth.clearance(d) - 1.5 * cosine);
        const double alone = examine(job).maps[0].predicted->mm;
        job.maps.push_back(job.maps[0]);
        job.maps[1].id = 2;
        const auto f = examine(job);
        QCOMPARE(f.maps[1].passes, 2);
        QVERIFY2(std::abs(f.maps[1].predicted->mm - alone) < 0.01,
                 qPrintable(QString::number(f.maps[1].predicted->mm - alone)));
    }

    // By hand: both lean 20 degrees, 2 mm between the rims. Opened alike each rim comes inward by
    // L sin 20, until they meet at 2 / (2 sin 20) = 2.924 mm; one alone goes by as far as it drops.
    void valveToValve() {
        Valves v;
        QVERIFY(!gapOfValves_mm(v, 1.0, 1.0));
        v.head_mm = {34.0, 30.0};
        v.angle_deg = {20.0, 20.0};
        v.rims_mm = 2.0;
        QVERIFY(std::abs(*gapOfValves_mm(v, 0.0, 0.0) - 2.0) < 1e-12);
        QVERIFY(std::abs(*gapOfValves_mm(v, 1.0, 1.0) - (2.0 - 2.0 * 0.3420201)) < 1e-6);
        QVERIFY(*gapOfValves_mm(v, 2.92, 2.92) > 0.0 && *gapOfValves_mm(v, 2.93, 2.93) == 0.0);
        QVERIFY(std::abs(*gapOfValves_mm(v, 2.5, 0.0) -
                         std::hypot(2.0 - 2.5 * 0.3420201, 2.5 * 0.9396926)) < 1e-6);
        // Upright valves slide past one another.
        v.angle_deg = {0.0, 0.0};
        QVERIFY(std::abs(*gapOfValves_mm(v, 6.0, 6.0) - 2.0) < 1e-12);
        // Mirrored lobes meet at TDC, where each has the same lift; advanced they come nearer.
        v.angle_deg = {20.0, 20.0};
        v.rims_mm = 4.0;
        const closed::Lobe in = intake(), ex = intake(-108.0);
        const ValveLift i{[&](double d) { return in.at(d); }, {}};
        const ValveLift e{[&](double d) { return ex.at(d); }, {}};
        const auto least = leastOfValves(v, i, e, 0.0);
        QVERIFY(std::abs(least->at_deg) < 0.11);
        QVERIFY(std::abs(least->mm - (4.0 - 2.0 * in.at(0.0) * 0.3420201)) < 1e-3);
        QVERIFY(leastOfValves(v, i, e, 6.0)->mm < least->mm);
    }

    // The finding is made of both lobes of the job.
    void valvesThatMeet() {
        const Truth truth{intake(), 7.0, 0.0};
        Job job = jobWith(truth);
        LiftRun exhaust = jobWith({intake(-108.0), 7.0, 0.0}, Side::Exhaust).runs[0];
        exhaust.id = 2;
        job.runs.push_back(exhaust);
        pressAll(job, truth, 0.0, 20.0);
        QVERIFY(!said<found::ValvesMeet>(job));
        job.engine.valves = {{1, 1}, {34.0, 30.0}, {20.0, 20.0}, 1.5};
        const auto meet = said<found::ValvesMeet>(job);
        const double lift = truth.lobe.at(0.0);
        QVERIFY(meet && std::abs(meet->least_mm - (1.5 - 2.0 * lift * 0.3420201)) < 0.01);
        job.reckoning.clearance.valves_mm = 0.5;
        QVERIFY(!said<found::ValvesMeet>(job));
    }

    void underTheLimit() {
        Truth truth{intake(), 4.4, 20.0};
        truth.g0 += 1.2 - truth.least();
        Job job = jobWith(truth);
        pressAll(job, truth, 0.0, 20.0);
        const double least = truth.least();
        QVERIFY(least < 2.0 && least > 0.3);
        const auto f = examine(job);
        const auto* under = findingOf<found::ClearanceUnder>(f.all);
        QVERIFY(under && !under->accepted);
        QVERIFY(std::abs(under->least_mm - least) < 0.02);
        const auto remedy = remedyFor(job, f, f.maps[0]);
        QVERIFY(remedy);
        QVERIFY(std::abs(remedy->lacking_mm - (2.0 - least)) < 0.02);
        // Retarded by that much, it has what it lacks.
        QVERIFY(remedy->advance_deg && *remedy->advance_deg < 0.0);
        QVERIFY(std::abs(truth.least(*remedy->advance_deg) - 2.0) < 0.02);
        QVERIFY(std::abs(*remedy->separation_deg - -*remedy->advance_deg / 2.0) < 1e-9);
        QVERIFY(std::abs(remedy->notch_mm - (2.0 - least) / std::cos(20.0 * 3.14159265 / 180.0)) <
                0.02);
        job.reckoning.clearance.below.intake = "the maker allows 1.2";
        QVERIFY(said<found::ClearanceUnder>(job)->accepted);
    }

    // All a cam may do while the engine runs, by hand: a phaser of 20 as far as a limiter lets it,
    // and a chain that lets it lag by 2.
    void allTheCamMayDo() {
        const Truth truth{intake(), 6.5, 0.0};
        Job job = jobWith(truth);
        pressAll(job, truth, 0.0, 20.0);
        job.reckoning.clearance.least_mm.intake = truth.least(8.0);
        const auto claim = [&] { return *examine(job).clearanceOf(Side::Intake); };
        QVERIFY(!claim().moves && claim().verdict == ClearanceVerdict::Keeps);
        job.engine.drive.phaser_deg = 20.0;
        job.engine.drive.slack_deg = 2.0;
        ClearanceClaim c = claim();
        QVERIFY(std::abs(*c.least_mm - truth.least()) < 0.01);
        QVERIFY(c.overTravel && std::abs(c.overTravel->least_mm - truth.least(20.0)) < 0.02);
        QCOMPARE(c.overTravel->move_deg, 20.0);
        QVERIFY(c.verdict == ClearanceVerdict::Under);
        const auto over = said<found::ClearanceOverTravel>(job);
        QVERIFY(over && over->move_deg == 20.0);
        job.engine.drive.phaserLimiter_deg = 6.0;
        c = claim();
        QVERIFY(std::abs(c.overTravel->least_mm - truth.least(6.0)) < 0.02);
        QVERIFY(c.verdict == ClearanceVerdict::Keeps);
        // What the limit leaves is what it leaves with the travel on top.
        const auto window = windowNow(job, examine(job), Side::Intake);
        QVERIFY(window && std::abs(window->to_deg - 2.0) < 0.1);
        QVERIFY(window->to_pm_deg && *window->to_pm_deg > 0.0);
    }

    // On one cam the exhaust goes with the intake: retarded it shuts onto the piston. On two the
    // intake's phaser is none of the exhaust's.
    void theExhaustIsMovedToo() {
        const Truth truth{closed::power(-110.0, 140.0, 9.5), 6.0, 0.0};
        Job job = jobWith(truth, Side::Exhaust);
        pressAll(job, truth, -24.0, 0.0);
        job.engine.layout = Layout::PushrodSingleCam;
        job.engine.drive.phaser_deg = -20.0;
        job.reckoning.clearance.least_mm.exhaust = truth.least() - 0.3;
        Findings f = examine(job);
        const ClearanceClaim* c = f.clearanceOf(Side::Exhaust);
        QVERIFY(c && c->overTravel);
        QCOMPARE(c->overTravel->move_deg, -20.0);
        QVERIFY(std::abs(c->overTravel->least_mm - truth.least(-20.0)) < 0.02);
        QVERIFY(c->verdict == ClearanceVerdict::Under || c->verdict == ClearanceVerdict::Touches);
        QVERIFY(findingOf<found::ClearanceOverTravel>(f.all));
        QVERIFY(clearanceProgress(f) == Progress::LookAgain);
        job.engine.layout = Layout::TwinOverheadCam;
        f = examine(job);
        QVERIFY(!f.clearanceOf(Side::Exhaust)->moves);
        job.engine.drive.phaserExhaust_deg = -20.0;
        QVERIFY(examine(job).clearanceOf(Side::Exhaust)->overTravel);
        // Of a valve that nobody pressed nothing is known, and nothing is ticked.
        QVERIFY(f.clearanceOf(Side::Intake)->verdict == ClearanceVerdict::NotKnown);
        QVERIFY(f.clearanceOf(Side::Intake)->needs == ClearanceNeed::Presses);
    }

    // Without a map and a lift, what the cam does while it runs is not told: never a tick.
    void travelNeedsItsGround() {
        const Truth truth{intake(), 9.0, 0.0};
        Job job = jobWith(truth);
        job.maps[0].terms.method = ClearanceMethod::Clay;
        press(job, 0.0, 3.5);
        QVERIFY(examine(job).clearanceOf(Side::Intake)->verdict == ClearanceVerdict::Keeps);
        QVERIFY(!examine(job).clearanceOf(Side::Intake)->at_deg);
        job.engine.drive.phaser_deg = 20.0;
        const Findings f = examine(job);
        QVERIFY(f.clearanceOf(Side::Intake)->verdict == ClearanceVerdict::NotKnown);
        QVERIFY(f.clearanceOf(Side::Intake)->needs == ClearanceNeed::Lobe);
        QVERIFY(clearanceProgress(f) != Progress::Done);
    }

    // The worst cylinder leads.
    void theWorstCylinderLeads() {
        const Truth truth{intake(), 7.5, 0.0}, tight{intake(), 6.6, 0.0};
        Job job = jobWith(truth);
        pressAll(job, truth, 0.0, 20.0);
        job.maps.push_back(job.maps[0]);
        job.maps[1].id = 2;
        job.maps[1].cylinder = 3;
        for (Reading& p : job.maps[1].readings.edit())
            p.value_mm = tight.clearance(p.at.deg);
        const Findings f = examine(job);
        QCOMPARE(f.clearanceOf(Side::Intake)->cylinder, 3);
        QCOMPARE(f.clearanceOf(Side::Intake, 1)->cylinder, 1);
        QCOMPARE(f.clearance.size(), std::size_t(4));
    }

    // A card is modelled: its own card gives the lobe back, within what it is known.
    void aCardIsModelled() {
        const Truth truth{intake(), 7.0, 0.0};
        Job job = jobWith(truth);
        pressAll(job, truth, 0.0, 20.0);
        Card card;
        card.name = "Drumlin 7";
        card.height = {1.27, Place::Valve};
        card.events.ivo = -truth.lobe.event(1.27, true);
        card.events.ivc = truth.lobe.event(1.27, false) - 180.0;
        card.lift_mm.intake = 10.5;
        card.liftAt = Place::Valve;
        job.otherCards = {card};
        job.reckoning.heights = {{1.27, Place::Valve}};
        const auto f = examine(job);
        const auto others = otherCams(job, f, f.maps[0]);
        QCOMPARE(others.size(), std::size_t(1));
        QVERIFY(others[0].modelled);
        const Least least = leastClearance(*f.maps[0].gap, others[0].lift, 0.0);
        QVERIFY(std::abs(least.mm - truth.least()) < *least.mm.plusMinus);
        QVERIFY(*least.mm.plusMinus < 0.5);
        // A lift that is not stated is that of the lobe measured here.
        job.otherCards[0].lift_mm.intake.reset();
        const auto again = examine(job);
        const auto same = otherCams(job, again, again.maps[0]);
        QVERIFY(std::abs(same.at(0).lift.at(108.0, 0.0) - 10.5) < 0.02);
    }

    // One press at 10 after TDC is a least by that school, and is held against map and limit.
    void oneAngle() {
        const Truth truth{intake(), 7.0, 0.0};
        Job job = jobWith(truth);
        job.maps[0].terms.method = ClearanceMethod::SingleAngle;
        QCOMPARE(examine(job).maps[0].next.deg, 10.0);
        press(job, 10.0, 1.5);
        const auto f = examine(job);
        QVERIFY(f.maps[0].complete && f.maps[0].measured);
        QVERIFY(std::abs(f.maps[0].measured->least.mm - 1.5) < 1e-9);
        QVERIFY(f.clearanceOf(Side::Intake)->verdict == ClearanceVerdict::Under);
        // One angle that keeps the limit is no least that does.
        Job far = job;
        far.maps[0].readings.edit()[0].value_mm = 4.0;
        const Findings g = examine(far);
        QVERIFY(g.clearanceOf(Side::Intake)->verdict == ClearanceVerdict::NotKnown);
        QVERIFY(g.clearanceOf(Side::Intake)->needs == ClearanceNeed::Beyond);
        QVERIFY(clearanceProgress(g) != Progress::Done);
        const auto* under = findingOf<found::ClearanceUnder>(f.all);
        QVERIFY(under && under->least_mm == 1.5);
    }

    void clayBesideThePresses() {
        const Truth truth{intake(), 7.0, 0.0};
        Job job = jobWith(truth);
        pressAll(job, truth, 0.0, 20.0);
        ClearanceMap clay;
        clay.id = 2;
        clay.terms.method = ClearanceMethod::Clay;
        Reading p;
        p.of = ReadingOf::Press;
        p.value_mm = truth.least() - 0.4;
        clay.readings = {p};
        job.maps.push_back(clay);
        const auto apart = said<found::WaysApart>(job);
        QVERIFY(apart && apart->clay);
        QVERIFY(std::abs(apart->map_mm - apart->other_mm - 0.4) < 0.03);
        // The smaller leads, the other is shown beside it; struck, the map leads again.
        Findings f = examine(job);
        const ClearanceClaim* c = f.clearanceOf(Side::Intake);
        QVERIFY(std::abs(c->least_mm->value - (truth.least() - 0.4)) < 1e-6);
        QVERIFY(c->otherWay_mm && std::abs(c->otherWay_mm->value - truth.least()) < 0.02);
        QVERIFY(!c->at_deg);
        QCOMPARE(c->maps.size(), std::size_t(2));
        // Clay above the pressed least changes nothing of what leads.
        job.maps[1].readings.edit()[0].value_mm = truth.least() + 1.0;
        f = examine(job);
        c = f.clearanceOf(Side::Intake);
        QVERIFY(std::abs(c->least_mm->value - truth.least()) < 0.02 && c->at_deg);
    }

    // Presses that do not agree are said, however many were asked for; the smaller counts.
    void pressesThatDisagree_data() {
        QTest::addColumn<QList<double>>("presses");
        QTest::addColumn<int>("asked");
        QTest::addColumn<double>("counts");
        QTest::addColumn<double>("apart");
        QTest::addColumn<bool>("settled");
        QTest::newRow("one was asked for")
            << QList<double>{2.50, 2.60} << 1 << 2.50 << 0.10 << false;
        QTest::newRow("two and two")
            << QList<double>{2.50, 2.52, 2.80, 2.82} << 2 << 2.51 << 0.32 << false;
        QTest::newRow("a third over two")
            << QList<double>{2.50, 2.51, 2.61} << 2 << 2.505 << 0.11 << true;
        QTest::newRow("a third under two")
            << QList<double>{2.60, 2.61, 2.50} << 2 << 2.50 << 0.11 << false;
        QTest::newRow("agree") << QList<double>{2.50, 2.53} << 2 << 2.515 << 0.0 << true;
    }
    void pressesThatDisagree() {
        QFETCH(QList<double>, presses);
        QFETCH(int, asked);
        QFETCH(double, counts);
        QFETCH(double, apart);
        QFETCH(bool, settled);
        Job job = jobWith({intake(), 7.0, 0.0});
        job.maps[0].terms.presses = asked;
        for (double mm : presses)
            press(job, 0.0, mm);
        const Findings f = examine(job);
        QVERIFY(std::abs(f.maps[0].points[0].clearance_mm - counts) < 1e-9);
        QCOMPARE(f.maps[0].taken, settled ? 1 : 0);
        const auto* said = findingOf<found::PressesApart>(f.all);
        QCOMPARE(said != nullptr, apart > 0.0);
        if (said)
            QVERIFY(std::abs(said->apart_mm - apart) < 1e-9 &&
                    said->counts_mm == f.maps[0].points[0].clearance_mm);
        // Unsettled, it is known no better than they lie apart.
        if (apart > 0.0 && !settled) QVERIFY(f.maps[0].points[0].apart_mm > 0.9 * apart);
    }

    // What would add room and was not said adds none.
    void nothingUnsaidAddsRoom() {
        const Truth truth{intake(), 7.0, 0.0};
        Job job = jobWith(truth);
        job.engine.lash_mm.intake = 0.3;
        pressAll(job, truth, 0.0, 20.0);
        const double plain = examine(job).maps[0].predicted->mm;
        QVERIFY(std::abs(plain - truth.least()) < 0.01);
        QVERIFY(said<found::ClearanceUnsaid>(job));
        job.maps[0].terms.lash = LashSet::Zero;
        QVERIFY(std::abs(examine(job).maps[0].predicted->mm - plain - 0.3) < 0.01);
        job.maps[0].terms.lash = LashSet::AsRun;
        QVERIFY(!said<found::ClearanceUnsaid>(job));
        job.maps[0].terms.gasketIn = false;
        QVERIFY(said<found::ClearanceUnsaid>(job)->what == found::ClearanceUnsaid::Gasket);
        QVERIFY(std::abs(examine(job).maps[0].predicted->mm - plain) < 0.01);
        // Two greatest lifts are no lifts at the tight angle.
        job.maps[0].terms.gasketIn = true;
        job.maps[0].terms.checkingLift_mm = 10.5;
        job.maps[0].terms.runningLift_mm = 10.1;
        QVERIFY(said<found::ClearanceUnsaid>(job)->what == found::ClearanceUnsaid::SpringAtTight);
        QVERIFY(std::abs(examine(job).maps[0].predicted->mm - plain) < 0.01);
    }

    // Every step presses TDC, a typed tenth is found again, and an odd angle beside the least is
    // asked for again and not for ever one that is pressed.
    void theAnglesThatAreAsked() {
        const Truth truth{closed::power(-110.0, 140.0, 9.5), 7.0, 0.0};
        Job job = jobWith(truth, Side::Exhaust);
        for (double step : {3.0, 7.0, 1.5}) {
            job.maps[0].readings = {};
            job.maps[0].terms.step_deg = step;
            for (int n = 0; n < 60 && !examine(job).maps[0].complete; ++n) {
                const double at = examine(job).maps[0].next.deg;
                press(job, at, truth.clearance(at));
            }
            const auto found = examine(job).maps[0];
            QVERIFY(found.complete);
            QVERIFY(std::any_of(found.points.begin(), found.points.end(),
                                [](const GapPoint& p) { return p.deg == 0.0; }));
        }
        Job tenth = jobWith(Truth{intake(), 7.0, 0.0});
        tenth.maps[0].terms.step_deg = 0.1 * 7.0;
        press(tenth, 0.0, 3.0);
        press(tenth, 0.7, 2.9);
        QCOMPARE(examine(tenth).maps[0].taken, 2);
        QVERIFY(std::abs(examine(tenth).maps[0].next.deg - 1.4) < 1e-9);
        const Truth late{intake(124.0, 130.0, 11.0), 6.0, 0.0};
        Job odd = jobWith(late);
        pressAll(odd, late, 0.0, 20.0);
        odd.maps[0].readings.edit()[0].value_mm += 0.4;
        const auto found = examine(odd).maps[0];
        QCOMPARE(found.next.deg, 0.0);
    }
};

AMBER_TEST(TestClearance)

} // namespace test_clearance

#include "test_clearance.moc"
