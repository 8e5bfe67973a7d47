// Springs, rocker gear and followers, against arithmetic by hand and lobes in closed form.
#include "core/assess/springs.h"
#include "core/choose/wishes.h"
#include "core/examine/examine.h"
#include "core/job/job.h"
#include "core/route/progress.h"
#include "core/spring/contact.h"
#include "core/spring/control.h"
#include "core/spring/load.h"
#include "core/spring/matching.h"
#include "core/spring/push_rod.h"
#include "simulated/closed_lobes.h"
#include "support/program.h"

#include <QTest>

#include <algorithm>
#include <cmath>
#include <numbers>
#include <numeric>
#include <random>

namespace test_springs {

using namespace lobe;

namespace {

bool near(double a, double b, double within = 1e-9) {
    return std::abs(a - b) <= within;
}

/// Four cylinders, one valve a side, whose springs are known; lift from a card of 7 mm at the
/// tappet, ratio 1.5, lash 0.3: 10.2 mm at the valve.
Job head() {
    Job job;
    job.engine.cylinders = 2;
    job.engine.ratio = {1.5, 1.5};
    job.engine.lash_mm = {0.3, 0.3};
    job.card.emplace();
    job.card->lift_mm = {7.0, 7.0};
    job.card->liftAt = Place::Tappet;
    for (Side side : {Side::Intake, Side::Exhaust}) {
        job.springs.spec[side].rate_n_mm = 40.0;
        job.springs.spec[side].first = {40.0, 400.0};
        job.springs.spec[side].bind_mm = 27.0;
        job.springs.wantedHeight_mm[side] = 40.0;
    }
    return job;
}

void height(Job& job, int cylinder, Side side, double mm) {
    job.springs.heights.push_back({{cylinder, side, 1}, mm, {}, 0, {}});
}

const SpringValve& of(const SpringClaim& c, int cylinder, Side side) {
    for (const SpringValve& v : c.valves)
        if (v.valve.cylinder == cylinder && v.valve.side == side) return v;
    qFatal("no such valve");
}

bool has(const SpringClaim& c, SpringFault fault) {
    return std::any_of(c.faults.begin(), c.faults.end(),
                       [&](const SpringFaultAt& f) { return f.fault == fault; });
}

/// A measured lobe of cylinder 1 from a closed form, every two degrees, at the tappet.
void measure(Job& job, Side side, const closed::Lobe& lobe) {
    LiftRun run;
    run.id = static_cast<std::int64_t>(job.runs.size()) + 1;
    run.side = side;
    run.terms.ratio = 1.5;
    run.terms.lash_mm = 0.3;
    run.terms.step_deg = 2.0;
    std::vector<Reading> all;
    for (double deg = lobe.centre - 170.0; deg <= lobe.centre + 170.0; deg += 2.0) {
        Reading r;
        r.id = static_cast<std::int64_t>(all.size()) + 1 + 1000 * run.id;
        r.at = {deg};
        r.value_mm = std::round(lobe.at(deg) * 1000.0) / 1000.0;
        all.push_back(r);
    }
    run.readings = Rows<Reading>(std::move(all));
    job.runs.push_back(std::move(run));
}

} // namespace

class TestSprings : public QObject {
    Q_OBJECT
private slots:
    void loadByRateAndPoint() {
        SpringSpec spec;
        spec.rate_n_mm = 38.0;
        spec.first = {40.0, 400.0};
        const auto load = SpringLoad::of(spec);
        QVERIFY(load);
        QVERIFY(near(load->at(40.0), 400.0));
        QVERIFY(near(load->at(29.5), 799.0)); // 400 + 10.5 x 38
        QVERIFY(near(load->at(60.0), 0.0));   // a spring does not pull
        QVERIFY(near(*load->heightFor(495.0), 37.5));
    }

    void loadByTwoPointsAndByThree() {
        SpringSpec spec;
        spec.first = {29.0, 810.0};
        spec.second = {39.0, 410.0};
        QVERIFY(near(SpringLoad::of(spec)->at(34.0), 610.0));
        // Of three, straight between neighbours and on from the outer ones.
        const auto load = SpringLoad::of({{40.0, 400.0}, {30.0, 800.0}, {35.0, 580.0}}, 0.0);
        QVERIFY(near(load->at(37.5), 490.0));
        QVERIFY(near(load->at(32.5), 690.0));
        QVERIFY(near(load->at(28.0), 888.0));
        QVERIFY(near(load->at(42.0), 328.0));
        QVERIFY(near(*load->heightFor(690.0), 32.5));
    }

    void whatIsNoSpring() {
        SpringSpec spec;
        spec.first = {40.0, 400.0};
        QVERIFY(!SpringLoad::of(spec)); // a point alone
        spec.rate_n_mm = -5.0;
        QCOMPARE(faultOf(spec), LoadFault::RateNegative);
        spec.rate_n_mm = 0.0;
        spec.second = {30.0, 390.0};
        QCOMPARE(faultOf(spec), LoadFault::LoadFalls);
        spec.second = {40.0, 500.0};
        QCOMPARE(faultOf(spec), LoadFault::SameHeight);
        spec.second = {26.0, 900.0};
        spec.bind_mm = 27.0;
        QCOMPARE(faultOf(spec), LoadFault::UnderBind);
        QVERIFY(!SpringLoad::of(spec));
    }

    /// Against every way of giving springs to valves.
    void matchedLikeEveryChoice() {
        std::mt19937 random(7);
        std::uniform_real_distribution<double> load(380.0, 430.0);
        for (int round = 0; round < 60; ++round) {
            const std::size_t valves = 1 + random() % 5, springs = valves + random() % 3;
            std::vector<std::vector<double>> all(valves, std::vector<double>(springs));
            for (auto& row : all)
                for (double& n : row)
                    n = std::round(load(random));
            std::vector<std::size_t> order(springs);
            std::iota(order.begin(), order.end(), std::size_t{0});
            double best = 1e9;
            do {
                double least = 1e9, most = 0.0;
                for (std::size_t v = 0; v < valves; ++v) {
                    least = std::min(least, all[v][order[v]]);
                    most = std::max(most, all[v][order[v]]);
                }
                best = std::min(best, most - least);
            } while (std::next_permutation(order.begin(), order.end()));
            const Matching m = matchSprings(all);
            QCOMPARE(m.spring.size(), valves);
            QVERIFY(near(m.spread(), best));
            double least = 1e9, most = 0.0;
            std::vector<std::size_t> used = m.spring;
            for (std::size_t v = 0; v < valves; ++v) {
                least = std::min(least, all[v][m.spring[v]]);
                most = std::max(most, all[v][m.spring[v]]);
            }
            QVERIFY(near(most - least, best));
            std::sort(used.begin(), used.end());
            QVERIFY(std::adjacent_find(used.begin(), used.end()) == used.end());
        }
        QVERIFY(matchSprings({}).spring.empty());
        QVERIFY(matchSprings({{1.0}, {2.0}}).spring.empty()); // fewer springs than valves
    }

    /// An eccentric circle of radius R under a flat face lifts e (1 - cos a), and is bent with R
    /// everywhere; under a roller its centre runs on a circle of R + roller.
    void curvatureOfAnEccentricCircle() {
        const double R = 20.0, e = 5.0, roller = 9.0;
        for (double a = 0.0; a < 2.0 * std::numbers::pi; a += 0.1) {
            const CamMotion flat{e - e * std::cos(a), e * std::sin(a), e * std::cos(a)};
            QVERIFY(near(flatCurvature_mm(R - e, flat), R, 1e-9));
            // The centre's distance from the shaft: the law of cosines on a circle of radius
            // R + roller about a point e away; derivatives by hand.
            const double C = R + roller;
            const double s = std::sqrt(C * C - e * e * std::sin(a) * std::sin(a));
            const double r = s - e * std::cos(a);
            const double s1 = -e * e * std::sin(a) * std::cos(a) / s;
            const double s2 = -e * e * std::cos(2.0 * a) / s - s1 * s1 / s;
            const CamMotion rolling{r - (R - e + roller), s1 + e * std::sin(a),
                                    s2 + e * std::cos(a)};
            const auto c = rollerCurvature(R - e, roller, rolling);
            QVERIFY(c && !c->hollow && !c->undercut);
            QVERIFY(near(c->radius_mm, R, 1e-6));
        }
    }

    /// A straight flank under a roller: its centre runs on a straight line at a distance d from
    /// the shaft, r = d / cos a. A hollow flank: on a circle seen from outside.
    void straightAndHollowFlanks() {
        const double base = 15.0, roller = 9.0, d = 24.0;
        for (double a = -0.5; a <= 0.5; a += 0.1) {
            const double c = std::cos(a), t = std::tan(a);
            const CamMotion m{d / c - base - roller, d * t / c, d * (1.0 / c + 2.0 * t * t / c)};
            QVERIFY(!rollerCurvature(base, roller, m));
        }
        // The centre's path: a circle of radius 60 about a point 90 away from the shaft, the near
        // side: r = 90 cos a - sqrt(60^2 - 90^2 sin^2 a).
        for (double a = -0.3; a <= 0.3; a += 0.1) {
            const double D = 90.0, P = 60.0, h = 1e-4;
            const auto r = [&](double x) {
                return D * std::cos(x) - std::sqrt(P * P - D * D * std::sin(x) * std::sin(x));
            };
            const CamMotion m{r(a) - base - roller, (r(a + h) - r(a - h)) / (2.0 * h),
                              (r(a + h) - 2.0 * r(a) + r(a - h)) / (h * h)};
            const auto c = rollerCurvature(base, roller, m);
            QVERIFY(c && c->hollow);
            QVERIFY(near(c->radius_mm, P + roller, 0.01));
        }
        // The centre turns round a point with less than the roller's radius: nothing can be ground
        // so. On a circle of 4 mm about a point 20 away.
        const CamMotion top{24.0 - base - roller, 0.0, -(24.0 / 4.0 - 1.0) * 24.0};
        const auto c = rollerCurvature(base, roller, top);
        QVERIFY(c && c->undercut);
    }

    /// 100 g pulled back with 10 mm per radian squared by 400 N: w^2 = 400 / (0.1 x 0.010).
    void controlByHand() {
        SpringSpec spec;
        spec.rate_n_mm = 40.0;
        spec.first = {40.0, 400.0};
        const auto load = *SpringLoad::of(spec);
        const double omega = std::sqrt(400.0 / (0.1 * 0.010));
        const double rpm = omega * 60.0 / (2.0 * std::numbers::pi) * 2.0;
        // Shut to within a hair: the seat's load alone.
        const auto seat = controlSpeed({{0.0, 1e-9, -10.0, 0.0}}, load, 40.0, 100.0);
        QVERIFY(seat && near(seat->rpm, rpm, 0.1));
        // At 10 mm of lift there are 800 N: twice the force, 1.414 times the speed.
        const auto open =
            controlSpeed({{0.0, 10.0, -10.0, 0.0}, {5.0, 5.0, 20.0, 0.0}}, load, 40.0, 100.0);
        QVERIFY(open && near(open->rpm, rpm * std::numbers::sqrt2, 0.1));
        QVERIFY(!controlSpeed({{0.0, 5.0, 20.0, 0.0}}, load, 40.0, 100.0));
        QVERIFY(!controlSpeed({{0.0, 5.0, -20.0, 0.0}}, load, 40.0, 0.0));
        // What the acceleration is uncertain by makes it less.
        const auto doubted = controlSpeed({{0.0, 10.0, -10.0, 2.1}}, load, 40.0, 100.0);
        QVERIFY(near(doubted->lowest_rpm, doubted->rpm / 1.1, 0.1));
        QVERIFY(near(massAtValve_g(150.0, 225.0, 1.5), 250.0));
    }

    void marginsByHand() {
        Job job = head();
        height(job, 1, Side::Intake, 40.6);
        height(job, 1, Side::Exhaust, 40.4);
        height(job, 2, Side::Intake, 40.9);
        height(job, 2, Side::Exhaust, 41.3);
        job.springs.stock = {{0.25, 4}, {0.38, 4}, {0.5, 4}};
        job.springs.seal_mm = {11.2, 12.0};
        job.springs.guide_mm.intake = 13.0;
        const SpringClaim c = springClaim(job, examine(job));
        QVERIFY(c.faults.empty());
        // 0.60 by 0.25 + 0.38 = 0.63; 0.40 by 0.38; 0.90 by 0.50 + 0.38.
        QVERIFY(near(*of(c, 1, Side::Intake).height_mm, 40.6 - 0.63, 1e-6));
        QVERIFY(near(*of(c, 1, Side::Exhaust).height_mm, 40.4 - 0.38, 1e-6));
        // Ratio 1.5 x 7 less 0.3.
        QVERIFY(near(*of(c, 1, Side::Intake).lift_mm, 10.2));
        QCOMPARE(of(c, 1, Side::Intake).from, LiftFrom::Card);
        QVERIFY(near(*of(c, 1, Side::Intake).seat_n, 400.0 + 0.03 * 40.0, 1e-6));
        QVERIFY(near(*of(c, 1, Side::Intake).open_n, 400.0 + (0.03 + 10.2) * 40.0, 1e-6));
        QVERIFY(near(*of(c, 1, Side::Intake).bindLeft_mm, 39.97 - 10.2 - 27.0, 1e-6));
        const SpringMargin* seal = c.of(SpringRoom::Seal, Side::Intake);
        QVERIFY(seal && near(seal->left_mm, 1.0) && !seal->keeps());
        QVERIFY(near(seal->lacking_mm(), 0.3));
        QVERIFY(c.of(SpringRoom::Seal, Side::Exhaust)->keeps());
        QVERIFY(near(c.of(SpringRoom::Guide, Side::Intake)->left_mm, 2.8));
        QVERIFY(!c.of(SpringRoom::Guide, Side::Exhaust));
        QVERIFY(c.worst() == seal);
        QCOMPARE(springsProgress(examine(job)), Progress::LookAgain);
    }

    void otherRockersLiftMore() {
        Job job = head();
        height(job, 1, Side::Intake, 40.0);
        const Findings f = examine(job);
        const SpringClaim with = springClaim(job, f, {1.7, 1.7});
        // 1.7 x 7 - 0.3 = 11.6; 40 - 11.6 - 27.
        QVERIFY(near(*of(with, 1, Side::Intake).lift_mm, 11.6));
        QVERIFY(near(with.of(SpringRoom::CoilBind, Side::Intake)->left_mm, 1.4, 1e-9));
        QVERIFY(!with.of(SpringRoom::CoilBind, Side::Intake)->keeps());
        QVERIFY(springClaim(job, f).of(SpringRoom::CoilBind, Side::Intake)->keeps());
        // By the coil: six of them want 1.8.
        job.springs.limits.school = BindSchool::Coils;
        job.springs.spec.intake.coils = 6.0;
        QVERIFY(near(bindLimit_mm(job.springs, Side::Intake), 1.8));
        job.springs.limits.school = BindSchool::Own;
        job.springs.limits.bind_mm = 1.0;
        QVERIFY(near(bindLimit_mm(job.springs, Side::Intake), 1.0));
    }

    void whatIsFoundAtFullLiftHoldsToThatLift() {
        Job job = head();
        job.springs.rocker_mm.intake = 0.6;
        job.springs.foundAt_mm.intake = 10.2;
        const Findings f = examine(job);
        QVERIFY(
            near(springClaim(job, f).of(SpringRoom::RockerRetainer, Side::Intake)->left_mm, 0.6));
        // With more lift nobody knows.
        QVERIFY(!springClaim(job, f, {1.7, 1.7}).of(SpringRoom::RockerRetainer, Side::Intake));
    }

    void aStockShortByOneShim() {
        Job job = head();
        for (int cylinder : {1, 2})
            for (Side side : {Side::Intake, Side::Exhaust})
                height(job, cylinder, side, 40.5);
        job.springs.stock = {{0.5, 3}};
        const SpringClaim c = springClaim(job, examine(job));
        QCOMPARE(
            std::count_if(c.valves.begin(), c.valves.end(), [](auto& v) { return !v.reached; }), 1);
        QCOMPARE(c.order, (std::vector<ShimSize>{{0.5, 1}}));
        job.springs.stock = {{0.5, 4}};
        const SpringClaim all = springClaim(job, examine(job));
        QVERIFY(all.order.empty() && near(all.off_mm, 0.0));
        QCOMPARE(all.pieces, 4);
    }

    void shimsUnderItAreTakenOutFirst() {
        Job job = head();
        job.springs.under_mm = 1.0;
        height(job, 1, Side::Intake, 39.2);
        job.springs.stock = {{0.2, 4}};
        const SpringClaim c = springClaim(job, examine(job));
        QVERIFY(near(*of(c, 1, Side::Intake).bare_mm, 40.2));
        QVERIFY(near(*of(c, 1, Side::Intake).height_mm, 40.0, 1e-9));
    }

    void byTheLoadOnTheSeat() {
        Job job = head();
        job.springs.wantedHeight_mm = {};
        job.springs.wantedSeat_n = {440.0, 2000.0};
        const SpringClaim c = springClaim(job, examine(job));
        QVERIFY(near(*of(c, 1, Side::Intake).wanted_mm, 39.0));
        // 2000 N would need the coils to touch.
        QVERIFY(has(c, SpringFault::NoSuchSpring));
        QVERIFY(!of(c, 1, Side::Exhaust).wanted_mm);
    }

    void theOddSpringStandsOut() {
        Job job = head();
        job.springs.testHeights_mm = {40.0};
        const double loads[] = {400.0, 404.0, 396.0, 355.0, 402.0};
        for (int i = 0; i < 5; ++i)
            job.springs.tests.push_back({i + 1, 0, loads[i], {}, 0, {}});
        for (int cylinder : {1, 2})
            for (Side side : {Side::Intake, Side::Exhaust})
                height(job, cylinder, side, 40.0);
        const Findings f = examine(job);
        const SpringClaim& c = f.springs;
        for (const SpringOfSet& s : c.set)
            QCOMPARE(s.odd, s.spring == 4);
        // One to spare: the odd one stays out, and the spread is 404 - 396.
        for (const SpringValve& v : c.valves)
            QVERIFY(v.spring != 4 && v.spring > 0);
        QVERIFY(near(*c.spreadMatched_n, 8.0));
        QVERIFY(near(*c.spreadNumbered_n, 49.0)); // 1 to 4 as they come
        QVERIFY(findingOf<found::SpringOdd>(f.all));
    }

    void whatCannotBeIsNotComputedThrough() {
        Job job = head();
        job.springs.spec.exhaust.second = {30.0, 300.0};
        height(job, 1, Side::Intake, 26.0); // under bind
        height(job, 2, Side::Intake, 39.0); // shorter than wanted by a mm
        const SpringClaim c = springClaim(job, examine(job));
        QVERIFY(has(c, SpringFault::LoadFalls));
        QVERIFY(has(c, SpringFault::HeightUnderBind));
        QVERIFY(has(c, SpringFault::NoShimNegative));
        QVERIFY(!of(c, 1, Side::Intake).measured_mm);
        for (const SpringValve& v : c.valves)
            if (v.valve.side == Side::Exhaust) QVERIFY(!v.seat_n);
        job.springs.stock = {{0.25, 4000}};
        height(job, 1, Side::Exhaust, 40.5);
        QVERIFY(has(springClaim(job, examine(job)), SpringFault::StockTooMuch));
        // The same with numbers from a file nobody typed.
        job = head();
        job.springs.spec.intake.rate_n_mm = -40.0;
        QVERIFY(has(springClaim(job, examine(job)), SpringFault::RateNegative));
    }

    void faceAndCurvatureOfAMeasuredLobe() {
        // e (1 - cos): half a cosine of period 2 x 140 crank, 140 cam degrees.
        Job job = head();
        job.springs.base_mm = {30.0, 30.0};
        job.springs.face_mm = {30.0, 30.0};
        const double lift = 7.0, half = 140.0;
        measure(job, Side::Intake, closed::raisedCosine(105.0, half, lift));
        const Findings f = examine(job);
        QVERIFY(!f.springs.followers.empty());
        const FollowerClaim& c = f.springs.followers.front();
        // L = 3.5 (1 + cos q a), q = pi / (half in cam radians): L' = 3.5 q at most.
        const double q = std::numbers::pi / (half / 2.0 * std::numbers::pi / 180.0);
        QVERIFY(near(c.needed_mm, 2.0 * 3.5 * q, 0.05));
        // Sharpest at the nose: 15 + 7 - 3.5 q^2 is less than nothing there: hollow for a flat.
        QVERIFY(15.0 + 7.0 - 3.5 * q * q < 0.0);
        QVERIFY(c.hollowest);
        job.springs.base_mm = {40.0, 40.0};
        job.runs.clear();
        measure(job, Side::Intake, closed::raisedCosine(105.0, 160.0, lift));
        const double wide = std::numbers::pi / (80.0 * std::numbers::pi / 180.0);
        const Findings wider = examine(job);
        const FollowerClaim& round = wider.springs.followers.front();
        QVERIFY(round.sharpest && !round.hollowest);
        QVERIFY(near(round.sharpest->radius_mm, 20.0 + 7.0 - 3.5 * wide * wide, 0.4));
        // The radius hardly changes round the nose: within two in a hundred over 20 degrees.
        QVERIFY2(near(round.sharpest->at_deg, 105.0, 20.0),
                 qPrintable(QString::number(round.sharpest->at_deg)));
        const SpringMargin* face = wider.springs.of(SpringRoom::FollowerFace, Side::Intake);
        QVERIFY(face && near(face->left_mm, (30.0 - 2.0 * 3.5 * wide) / 2.0, 0.05));
    }

    void springsHoldTheMeasuredLobe() {
        Job job = head();
        job.springs.valveSide_g = {150.0, 150.0};
        job.springs.tappetSide_g = {225.0, 225.0};
        height(job, 1, Side::Intake, 40.0);
        const double lift = 7.0, half = 160.0;
        measure(job, Side::Intake, closed::raisedCosine(105.0, half, lift));
        const Findings f = examine(job);
        const SpringClaim& c = f.springs;
        QVERIFY(!c.control.empty());
        // At the nose: 1.5 x 3.5 q^2 of deceleration, 10.2 mm open, 808 N, 250 g.
        const double q = std::numbers::pi / (half / 2.0 * std::numbers::pi / 180.0);
        const double a = 1.5 * 3.5 * q * q, load = 400.0 + 10.2 * 40.0;
        const double rpm =
            2.0 * 60.0 / (2.0 * std::numbers::pi) * std::sqrt(load / (0.25 * a * 1e-3));
        QVERIFY(near(*c.control_rpm(Side::Intake) / rpm, 1.0, 0.02));
        job.springs.wanted_rpm = rpm * 1.1;
        const SpringClaim wanted = springClaim(job, f);
        QVERIFY(wanted.floats());
    }

    /// Compare speaks from the claim: the fitted cam's figures are the station's.
    void compareSaysTheSame() {
        Job job = head();
        job.springs.valveSide_g = {150.0, 150.0};
        job.springs.seal_mm = {12.0, 12.0};
        job.springs.guide_mm = {11.8, 13.0};
        for (int cylinder : {1, 2})
            for (Side side : {Side::Intake, Side::Exhaust})
                height(job, cylinder, side, cylinder == 2 ? 40.1 : 40.0);
        measure(job, Side::Intake, closed::raisedCosine(105.0, 160.0, 7.0));
        measure(job, Side::Exhaust, closed::raisedCosine(-110.0, 160.0, 6.8));
        job.choosing.wishes = {{WishKind::IntakeCoilBind, 1.5, {}},
                               {WishKind::ExhaustRetainer, 3.0, {}},
                               {WishKind::SeatPressure, 390.0, {}},
                               {WishKind::ControlSpeed, 1000.0, {}}};
        const Findings f = examine(job);
        Candidate fitted;
        fitted.name = "fitted";
        const Cam cam = camOf(job, f, fitted);
        const auto value = [&](FigureKind kind, Side side) {
            for (const CamFigure& x : camFigures(job, f, cam, {}))
                if (x.kind == kind && x.side == side) return x.value->value;
            return -1.0;
        };
        const SpringClaim& c = f.springs;
        for (Side side : {Side::Intake, Side::Exhaust}) {
            QVERIFY(near(value(FigureKind::CoilBind, side),
                         c.of(SpringRoom::CoilBind, side)->left_mm, 2e-3));
            QVERIFY(near(value(FigureKind::RetainerRoom, side),
                         std::min(c.of(SpringRoom::Seal, side)->left_mm,
                                  c.of(SpringRoom::Guide, side)->left_mm),
                         2e-3));
            QVERIFY(near(value(FigureKind::SeatLoad, side), *leastSeat_n(c, side)));
            QVERIFY(near(value(FigureKind::ControlSpeed, side), *c.control_rpm(side), 1.0));
        }
        const auto judged = judge(job, f, cam, {});
        QCOMPARE(judged.size(), std::size_t{4});
        QCOMPARE(judged[0].state, WishState::Pass);
        // 13 - (1.5 x 6.8 - 0.3) = 3.1 to the guide, 12 - 9.9 = 2.1 to the seal.
        QCOMPARE(judged[1].state, WishState::Fail);
        QVERIFY(near(judged[1].value->value, 2.1, 2e-3));
        QVERIFY(!judged[1].cures.empty());
        QCOMPARE(judged[2].state, WishState::Pass);
        QCOMPARE(judged[3].state, WishState::Pass);
        // A candidate with other rockers has less room, by the ratio alone.
        Candidate high = fitted;
        high.name = "high";
        high.ratio = {1.7, 1.7};
        const Cam other = camOf(job, f, high);
        for (const CamFigure& x : camFigures(job, f, other, {}))
            if (x.kind == FigureKind::CoilBind && x.side == Side::Intake)
                QVERIFY(near(x.value->value,
                             c.of(SpringRoom::CoilBind, Side::Intake)->left_mm - 1.4, 5e-3));
    }

    void pushRodsByThreeSchools() {
        PushRods p;
        p.stem_mm = 8.0;
        // Bands 1.6 + 0.5 (l - 178)^2 wide, their middle at 0.7 (l - 178.6).
        const auto trial = [&](double l) {
            const double d = l - 178.0;
            p.trials.push_back(
                {Side::Intake, l, 0.7 * (l - 178.6), 1.6 + 0.5 * d * d, 0.0, 0.0, {}, 0, {}});
        };
        trial(177.0);
        QCOMPARE(callPushRod(p, Side::Intake, 10.0, 1.5).needs, PushRodNeed::Trials);
        trial(178.5);
        trial(179.5);
        const PushRodCall narrow = callPushRod(p, Side::Intake, 10.0, 1.5);
        QCOMPARE(narrow.needs, PushRodNeed::Nothing);
        QVERIFY(near(*narrow.length_mm, 178.0, 1e-6));
        QVERIFY(near(narrow.wide_mm, 1.6, 1e-6));
        p.school = PushRodSchool::Centred;
        QVERIFY(near(*callPushRod(p, Side::Intake, 10.0, 1.5).length_mm, 178.6, 1e-6));
        // Preload is added once; of trials taken with it, not at all.
        p.preload_mm = 0.9;
        QVERIFY(near(*callPushRod(p, Side::Intake, 10.0, 1.5).order_mm, 179.5, 1e-6));
        p.preloadIn = true;
        QVERIFY(near(*callPushRod(p, Side::Intake, 10.0, 1.5).order_mm, 178.6, 1e-6));
        QCOMPARE(callPushRod(p, Side::Exhaust, 10.0, 1.5).needs, PushRodNeed::Trials);
        // Another cap is another geometry.
        p.trials.push_back({Side::Intake, 178.0, 0.0, 1.7, 2.0, 0.0, {}, 0, {}});
        QCOMPARE(callPushRod(p, Side::Intake, 10.0, 1.5).needs, PushRodNeed::Alike);
        p.trials.pop_back();
        p.school = PushRodSchool::MidLift;
        QCOMPARE(callPushRod(p, Side::Intake, 10.0, 1.5).needs, PushRodNeed::Arm);
        p.arm_mm = 40.0;
        p.noseAbove_mm.intake = 6.0;
        const PushRodCall mid = callPushRod(p, Side::Intake, 10.0, 1.5);
        // 6 over the square line, 5 are half the lift: a mm too high.
        QVERIFY(near(*mid.raiseShaft_mm, 1.0));
        QVERIFY(near(*mid.leastWipe_mm, 40.0 - std::sqrt(1600.0 - 25.0)));
        p.shortest_mm = 175.0;
        p.pitch_mm = 0.8;
        QVERIFY(near(lengthAtTurns_mm(p, 4.5), 178.6));
    }

    void aCamGroundAgain() {
        Job job = head();
        job.springs.base_mm = {29.0, 29.4};
        job.springs.baseBefore_mm = {30.0, 30.0};
        job.springs.makeUp = {{0.5, 2}, {0.3, 2}};
        const SpringClaim c = springClaim(job, examine(job));
        QCOMPARE(c.reground.size(), std::size_t{2});
        QVERIFY(near(c.reground[0].lower_mm, 0.5, 1e-9));
        QVERIFY(near(c.reground[1].lower_mm, 0.3, 1e-9));
        for (const RegroundClaim& r : c.reground)
            QVERIFY(r.plan && near(r.plan->off_mm, 0.0) && r.plan->pieces == 2);
    }

    /// A follower held off a smaller base circle: what is below 0.7 mm is not seen, and the lift
    /// begins with a jump.
    void aFollowerThatRestsElsewhere() {
        const auto lobe = closed::power(105.0, 150.0, 8.0);
        Job job = head();
        measure(job, Side::Intake, closed::behindLash(lobe, 1.0, 0.7));
        QVERIFY(findingOf<found::RestsElsewhere>(examine(job).all));
        job.runs.clear();
        measure(job, Side::Intake, lobe);
        QVERIFY(!findingOf<found::RestsElsewhere>(examine(job).all));
        job.runs.clear();
        // Quick feet read in wide steps, as few lobes have them, over many seeds: none is accused.
        for (unsigned seed = 1; seed <= 60; ++seed) {
            const auto quick = closed::power(105.0 + 0.08 * seed, 125.0 + seed % 30, 7.5,
                                             1.8 + 0.02 * (seed % 40));
            std::vector<LiftPoint> points;
            for (double deg = -75.0; deg <= 285.0; deg += 5.0)
                points.push_back({deg, std::round(quick.at(deg) * 100.0) / 100.0});
            LobeRequest request;
            request.taken = {Place::Tappet, 1.5, 0.3};
            request.heights = {{1.27, Place::Tappet}};
            QVERIFY(!findingOf<found::RestsElsewhere>(analyseLobe(points, request).findings));
        }
        // A ramp of constant speed, as steep as they are ground, is none.
        measure(job, Side::Intake, closed::ramped(closed::power(105.0, 130.0, 8.0), 0.25, 25.0));
        QVERIFY(!findingOf<found::RestsElsewhere>(examine(job).all));
        // At the valve it is the lash that makes it.
        job.runs.clear();
        measure(job, Side::Intake, closed::behindLash(lobe, 1.5, 0.4));
        job.runs.front().terms.taken = Place::Valve;
        QVERIFY(!findingOf<found::RestsElsewhere>(examine(job).all));
    }

    void stacksAreTakenOverFromBefore() {
        Job job = head();
        height(job, 1, Side::Intake, 40.5);
        job.springs.stock = {{0.25, 4}};
        const Findings before = examine(job);
        Job after = job;
        after.by = "somebody else";
        const Before was{job, before};
        const Findings again = examine(after, &was);
        QVERIFY(near(again.springs.off_mm, before.springs.off_mm));
        QCOMPARE(of(again.springs, 1, Side::Intake).stack->pieces_mm,
                 of(before.springs, 1, Side::Intake).stack->pieces_mm);
        // Of another stock it is worked out anew.
        after.springs.stock = {{0.4, 4}};
        QCOMPARE(of(examine(after, &was).springs, 1, Side::Intake).stack->pieces_mm,
                 std::vector<double>{0.4});
    }
};

AMBER_TEST(TestSprings)

} // namespace test_springs

#include "test_springs.moc"
