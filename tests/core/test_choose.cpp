// Cams compared in one engine, against closed-form lobes: figures, other rockers and lash, wishes
// and what would fulfil them, the best advance, the ranking.
#include "core/assess/clearances.h"
#include "core/choose/estimate.h"
#include "core/choose/purpose.h"
#include "core/choose/settle.h"
#include "core/choose/wishes.h"
#include "core/compression/compression.h"
#include "core/examine/examine.h"
#include "core/job/job.h"
#include "simulated/closed_lobes.h"
#include "support/program.h"

#include <QTest>

#include <cmath>
#include <numbers>

namespace test_choose {

using namespace lobe;

namespace {

constexpr double kStroke = 78.0, kRod = 140.0;

double down(double deg) {
    const double r = kStroke / 2.0, t = deg * std::numbers::pi / 180.0;
    return r + kRod - (r * std::cos(t) + std::sqrt(kRod * kRod - std::pow(r * std::sin(t), 2)));
}

/// Tappet lifts.
closed::Lobe intake() {
    return closed::power(108.0, 140.0, 7.0);
}
closed::Lobe exhaust() {
    return closed::power(-112.0, 144.0, 6.8);
}

constexpr double kRatio = 1.5, kLash = 0.3, kGap = 6.5;

double atValve(const closed::Lobe& lobe, double deg, double ratio = kRatio, double lash = kLash) {
    return std::max(0.0, ratio * lobe.at(deg) - lash);
}

LiftRun measured(const closed::Lobe& lobe, Side side, std::int64_t id) {
    LiftRun run;
    run.id = id;
    run.side = side;
    run.terms.taken = Place::Tappet;
    run.terms.ratio = kRatio;
    run.terms.lash_mm = kLash;
    for (double d = -178.0; d <= 178.0; d += 2.0) {
        Reading r;
        r.id = id * 1000 + static_cast<std::int64_t>(run.readings.size());
        r.at = {lobe.centre + d};
        r.value_mm = lobe.at(lobe.centre + d);
        run.readings.push_back(r);
    }
    return run;
}

Card carded(const std::string& name, const closed::Lobe& in, const closed::Lobe& ex) {
    Card c;
    c.name = name;
    c.height = {1.27, Place::Tappet};
    c.events.ivo = -in.event(1.27, true);
    c.events.ivc = in.event(1.27, false) - 180.0;
    c.events.evo = -ex.event(1.27, true) - 180.0;
    c.events.evc = ex.event(1.27, false);
    c.lift_mm = {in.lift_mm, ex.lift_mm};
    return c;
}

Job engine() {
    Job job;
    job.name = "Skerry Four";
    job.engine.bore_mm = 90.0;
    job.engine.stroke_mm = kStroke;
    job.engine.rod_mm = kRod;
    job.engine.ratio = {kRatio, kRatio};
    job.engine.lash_mm = {kLash, kLash};
    job.engine.chamber = {46.0, 91.0, 1.0, 0.2, 0.0, 0.0};
    job.engine.valves.head_mm = {38.0, 32.0};
    job.runs = {measured(intake(), Side::Intake, 1), measured(exhaust(), Side::Exhaust, 2)};
    // The intake valve pressed: a gap of 6.5 mm at TDC, the valve upright.
    ClearanceMap map;
    map.id = 9;
    map.terms.presses = 1;
    map.terms.valveAngle_deg = 0.0;
    map.terms.lash = LashSet::AsRun;
    for (double d = 0.0; d <= 24.0; d += 2.0) {
        Reading p;
        p.of = ReadingOf::Press;
        p.id = 900 + static_cast<std::int64_t>(map.readings.size());
        p.at = {d};
        p.value_mm = kGap + down(d) - atValve(intake(), d);
        map.readings.push_back(p);
    }
    job.maps = {map};
    return job;
}

/// Least clearance of the intake valve, by a fine search.
double leastOf(const closed::Lobe& lobe, double advance, double ratio = kRatio,
               double lash = kLash) {
    double best = 1e9;
    for (double d = -60.0; d <= 60.0; d += 0.01)
        best = std::min(best, kGap + down(d) - atValve(lobe, d + advance, ratio, lash));
    return best;
}

struct Bench {
    Job job;
    Findings findings;
    explicit Bench(Job made) : job(std::move(made)), findings(examine(job)) {}
    Cam cam(const Candidate& c) const { return camOf(job, findings, c); }
    Cam fitted() const { return cam(Candidate{}); }
    double value(const Cam& cam, const std::string& key, double advance = 0.0) const {
        for (const CamFigure& f :
             camFigures(job, findings, cam, totalMove(job, cam, {advance, advance})))
            if (f.key() == key) return f.value ? f.value->value : std::nan("");
        return std::nan("");
    }
};

bool near(double a, double b, double within) {
    if (std::abs(a - b) <= within) return true;
    qWarning("%.5f is not within %.5f of %.5f", a, within, b);
    return false;
}

Candidate ofCard(const std::string& name) {
    Candidate c;
    c.name = c.cam = name;
    c.from = CamFrom::Card;
    return c;
}

} // namespace

class TestChoose : public QObject {
    Q_OBJECT
private slots:
    void theFittedCamIsAsItIs() {
        const Bench b(engine());
        const Cam cam = b.fitted();
        QVERIFY(!cam.modelled() && cam.state);
        const auto in = intake(), ex = exhaust();
        const double opens = in.event(1.27, true), shuts = in.event(1.27, false);
        QVERIFY(near(b.value(cam, "duration.intake@1270t"), shuts - opens, 0.05));
        QVERIFY(near(b.value(cam, "opens.intake@1270t"), -opens, 0.05));
        QVERIFY(near(b.value(cam, "closes.intake@1270t"), shuts - 180.0, 0.05));
        QVERIFY(near(b.value(cam, "closes.exhaust@1270t"), ex.event(1.27, false), 0.05));
        QVERIFY(near(b.value(cam, "overlap@1270t"), -opens + ex.event(1.27, false), 0.08));
        QVERIFY(near(b.value(cam, "separation"), 110.0, 0.05));
        QVERIFY(near(b.value(cam, "valve_lift.intake"), kRatio * 7.0 - kLash, 0.01));
        QVERIFY(near(b.value(cam, "lift_at_tdc.intake"), atValve(in, 0.0), 0.01));
        QVERIFY(near(b.value(cam, "clearance.intake"), leastOf(in, 0.0), 0.01));
        double area = 0.0;
        for (double d = -60.0; d <= 60.0; d += 0.01)
            area += 0.01 * std::min(atValve(in, d), atValve(ex, d));
        QVERIFY(near(b.value(cam, "overlap_area"), area, 0.3));
        // What is not measured is not known: there is no map of the exhaust valve.
        QVERIFY(std::isnan(b.value(cam, "clearance.exhaust")));
    }

    // One cam moved: events and clearance move, separation and overlap do not. Of two, they do.
    void moved() {
        Bench b(engine());
        const Cam one = b.fitted();
        QVERIFY(near(b.value(one, "opens.intake@1270t", 4.0) - b.value(one, "opens.intake@1270t"),
                     4.0, 1e-9));
        QVERIFY(
            near(b.value(one, "closes.exhaust@1270t", 4.0) - b.value(one, "closes.exhaust@1270t"),
                 -4.0, 1e-9));
        QVERIFY(near(b.value(one, "separation", 4.0), 110.0, 0.05));
        QVERIFY(near(b.value(one, "overlap_area", 4.0), b.value(one, "overlap_area"), 0.5));
        QVERIFY(near(b.value(one, "clearance.intake", 4.0), leastOf(intake(), 4.0), 0.01));
        Job two = engine();
        two.engine.layout = Layout::TwinOverheadCam;
        const Bench t(two);
        Candidate c;
        c.advance_deg = {4.0, -2.0};
        const Cam apart = t.cam(c);
        QVERIFY(near(t.value(apart, "separation"), 110.0 - (4.0 + -2.0 * -1.0) / 2.0, 0.05));
        const Cam still = t.fitted();
        QVERIFY(near(t.value(apart, "overlap@1270t") - t.value(still, "overlap@1270t"), 6.0, 1e-6));
        QVERIFY(t.value(apart, "overlap_area") > t.value(still, "overlap_area") + 1.0);
    }

    // What was moved since the cam was measured is where it stands.
    void movedSinceItWasMeasured() {
        Job job = engine();
        CamMove move;
        move.number = 1;
        move.made.intake = DriveMove{};
        move.made.intake->total_deg = 4.0;
        job.changes = {move};
        const Bench b(job);
        QVERIFY(near(b.value(b.fitted(), "opens.intake@1270t"), -intake().event(1.27, true) + 4.0,
                     0.05));
        QVERIFY(near(b.value(b.fitted(), "clearance.intake"), leastOf(intake(), 4.0), 0.02));
        // Measured again after it, nothing more is added.
        closed::Lobe earlier = intake();
        earlier.centre -= 4.0;
        job.runs.push_back(measured(earlier, Side::Intake, 3));
        job.runs.back().terms.afterMove = 1;
        const Bench again(job);
        QVERIFY(near(again.value(again.fitted(), "opens.intake@1270t"),
                     -intake().event(1.27, true) + 4.0, 0.05));
    }

    // Another rocker and lash, by hand: valve lift is ratio x tappet less lash.
    void otherRockerAndLash() {
        const Bench b(engine());
        Candidate c;
        c.ratio.intake = 1.65;
        c.lash_mm.intake = 0.2;
        const Cam cam = b.cam(c);
        QVERIFY(near(b.value(cam, "valve_lift.intake"), 1.65 * 7.0 - 0.2, 0.01));
        QVERIFY(near(b.value(cam, "clearance.intake"), leastOf(intake(), 0.0, 1.65, 0.2), 0.012));
        // At the tappet nothing is different.
        QVERIFY(near(b.value(cam, "opens.intake@1270t"), b.value(b.fitted(), "opens.intake@1270t"),
                     1e-6));
        // Measured at the valve it comes out the same.
        Job job = engine();
        for (Reading& r : job.runs[0].readings.edit())
            r.value_mm = std::max(0.0, kRatio * r.value_mm - kLash);
        job.runs[0].terms.taken = Place::Valve;
        const Bench v(job);
        const Cam other = v.cam(c);
        QVERIFY(near(v.value(other, "valve_lift.intake"), 1.65 * 7.0 - 0.2, 0.01));
        QVERIFY(
            near(v.value(other, "opens.intake@1270t"), b.value(cam, "opens.intake@1270t"), 0.3));
    }

    void groundShorterByTheSameForm() {
        const Bench b(engine());
        Candidate c;
        c.shorter_deg = 10.0;
        const Cam cam = b.cam(c);
        const double was = b.value(b.fitted(), "duration.intake@1270t");
        QVERIFY(near(b.value(cam, "duration.intake@1270t"), was - 10.0, 0.05));
        QVERIFY(near(b.value(cam, "valve_lift.intake"), kRatio * 7.0 - kLash, 0.01));
        QVERIFY(near(b.value(cam, "separation"), 110.0, 0.1));
    }

    // "Shorter" is the same of a measured lobe, a card and a table kept: at the events' height.
    void shorterIsOneThing() {
        Job job = engine();
        job.otherCards = {carded("Drumlin 9", intake(), exhaust())};
        const Bench b(job);
        Candidate kept = keptCam(b.job, b.findings, "kept");
        for (Candidate c : {Candidate{}, ofCard("Drumlin 9"), kept}) {
            const double was = b.value(b.cam(c), "duration.intake@1270t"),
                         lift = b.value(b.cam(c), "valve_lift.intake");
            c.shorter_deg = 8.0;
            const Cam cam = b.cam(c);
            QVERIFY(near(was - b.value(cam, "duration.intake@1270t"), 8.0, 0.1));
            QVERIFY(near(b.value(cam, "valve_lift.intake"), lift, 0.02));
            // What it lifts follows: the flank stands where the event says.
            const auto e = cam.lobe(Side::Intake)->atEventsHeight;
            QVERIFY(e.opens &&
                    near(cam.lift.intake.at(e.opens->deg, 0.0), kRatio * 1.27 - kLash, 0.06));
        }
    }

    // Several passes averaged are the lobe a candidate takes, and not the newest of them.
    void theMeanOfPassesIsTaken() {
        Job job = engine();
        LiftRun again = job.runs[0];
        again.id = 77;
        for (Reading& r : again.readings.edit()) {
            r.id += 5000;
            if (r.value_mm > 0.5) r.value_mm += 0.03;
        }
        job.runs.push_back(again);
        const double newest = kRatio * 7.03 - kLash, mean = kRatio * 7.015 - kLash;
        const Bench b(job);
        QVERIFY(near(b.value(b.fitted(), "valve_lift.intake"), newest, 0.005));
        job.reckoning.averagePasses = true;
        const Bench averaged(job);
        QVERIFY(near(averaged.value(averaged.fitted(), "valve_lift.intake"), mean, 0.005));
    }

    // Means over a purpose by hand, and places that keep those not told apart together.
    void fillingOverAPurpose() {
        Purpose p;
        QVERIFY(purposeSpeeds(p).empty());
        p.from_rpm = 3000.0;
        p.to_rpm = 5000.0;
        QCOMPARE(purposeSpeeds(p).size(), std::size_t(5));
        QCOMPARE(purposeSpeeds(p)[1].rpm, 3500.0);
        p.speeds = {{3000.0, 1.0}, {5000.0, 3.0}};
        const auto speeds = purposeSpeeds(p);
        QCOMPARE(speeds.size(), std::size_t(2));
        const auto curve = [](double at3, double at6, bool banded, double spread) {
            FillingCurve c;
            for (const double rpm : {3000.0, 6000.0}) {
                FillingPoint f;
                f.speed_rpm = rpm;
                f.efficiency = rpm < 4000.0 ? at3 : at6;
                if (banded)
                    f.byLength = {f.efficiency - spread, f.efficiency, f.efficiency + spread};
                c.points.push_back(f);
            }
            return c;
        };
        // 0.9 at 3000; 0.9 + 2/3 of -0.3 = 0.7 at 5000, three times as heavy: 0.75.
        QVERIFY(near(meanFilling(curve(0.9, 0.6, false, 0.0), speeds)->usual, 0.75, 1e-12));
        // A speed it does not reach is not guessed.
        QVERIFY(!meanFilling(curve(0.9, 0.6, false, 0.0), {{7000.0, 1.0}}));
        QVERIFY(!meanFilling(curve(0.9, 0.6, false, 0.0), {}));
        const FillingMean a{0.90, {}}, b{0.895, {}}, c{0.87, {}};
        QVERIFY(!gainOf(a, b) && near(*gainOf(a, c), 0.9 / 0.87 - 1.0, 1e-12));
        const auto places = fillingPlaces({c, a, std::nullopt, b});
        QVERIFY(places[0] == 3 && places[1] == 1 && !places[2] && places[3] == 1);
        // More by usual lengths and less by long ones is not told.
        const FillingMean up{0.93, {{0.95, 0.93, 0.88}}}, flat{0.90, {{0.90, 0.90, 0.90}}};
        QVERIFY(!gainOf(up, flat));
    }

    // The advance that fills best is as good as any of a grid tried by hand, and keeps the limits.
    void theAdvanceThatFillsBest() {
        Job job = engine();
        job.choosing.purpose.speeds = {{2500.0, 1.0}, {3500.0, 1.0}};
        const Bench b(job);
        const Cam cam = b.fitted();
        const auto best = fillsBest(b.job, b.findings, cam, {}, {});
        QVERIFY(best && best->share >= 0.0);
        QCOMPARE(best->deg.intake, best->deg.exhaust);
        const auto mean = [&](double by) {
            const auto made = fillingOf(b.job, cam, {by, by});
            const auto& f = std::get<FillingEstimate>(made);
            return 0.5 * (f.at(2500.0, false).efficiency + f.at(3500.0, false).efficiency);
        };
        const double found = mean(best->deg.intake);
        for (double by = -10.0; by <= 10.0; by += 2.5) {
            const auto clearance = camClearance(b.findings, cam, Side::Intake, by);
            if (clearance && clearance->value < b.job.reckoning.clearance.least_mm.intake) continue;
            QVERIFY2(found >= mean(by) - 1e-9, qPrintable(QString::number(by)));
        }
        const bool stop = true;
        QVERIFY(!fillsBest(b.job, b.findings, cam, {}, [&] { return stop; }));
    }

    // What would settle it: a map where there is none, another height of a card whose ± reaches
    // over a bound; and it does narrow it.
    void whatWouldSettleIt() {
        Job job = engine();
        job.otherCards = {carded("Drumlin 9", intake(), exhaust())};
        job.choosing.wishes = {{WishKind::ExhaustClearance, 1.0, {}}};
        const auto settles = [](const Bench& b, const std::vector<Candidate>& all) {
            std::vector<Cam> cams;
            std::vector<std::vector<Judged>> judged;
            std::vector<bool> modelled;
            for (const Candidate& c : all) {
                cams.push_back(b.cam(c));
                judged.push_back(judge(b.job, b.findings, cams.back(), {}));
                modelled.push_back(cams.back().modelled());
            }
            return settling(b.job, b.findings, cams, std::vector<PerSide<double>>(cams.size()),
                            judged, rankOf(judged, modelled),
                            std::vector<std::optional<FillingMean>>(cams.size()));
        };
        const Bench none(job);
        const auto map = settles(none, {Candidate{}, ofCard("Drumlin 9")});
        QVERIFY(!map.empty() && map[0].by == SettleBy::Map);
        // At the bound by the card: what its one height leaves open of the closing reaches over it,
        // and another height narrows that.
        const double closes = none.value(none.cam(ofCard("Drumlin 9")), "overlap@1270t"),
                     ratio = none.value(none.cam(ofCard("Drumlin 9")), "dynamic");
        job.choosing.wishes = {{WishKind::Dynamic, ratio - 0.005, {}}};
        const auto height = settles(Bench(job), {Candidate{}, ofCard("Drumlin 9")});
        QVERIFY(!height.empty() && height[0].by == SettleBy::OtherHeight && height[0].cam == 1);
        QVERIFY(height[0].before && height[0].after &&
                *height[0].after <= 0.75 * *height[0].before);
        // Nothing in doubt, nothing to settle.
        job.choosing.wishes = {{WishKind::Overlap, closes - 30.0, {}}};
        QVERIFY(settles(Bench(job), {Candidate{}, ofCard("Drumlin 9")}).empty());
    }

    // A card is modelled: what it states is kept, and the rest lies within its half-width.
    void aCard() {
        Job job = engine();
        job.otherCards = {carded("Drumlin 9", intake(), exhaust())};
        const Bench b(job);
        const Cam cam = b.cam(ofCard("Drumlin 9"));
        QVERIFY(cam.modelled() && cam.model.intake && cam.model.exhaust);
        QVERIFY(near(b.value(cam, "opens.intake@1270t"), -intake().event(1.27, true), 0.1));
        QVERIFY(near(b.value(cam, "closes.exhaust@1270t"), exhaust().event(1.27, false), 0.1));
        QVERIFY(near(b.value(cam, "valve_lift.exhaust"), kRatio * 6.8 - kLash, 0.01));
        const Cam truth = b.fitted();
        int inside = 0, all = 0;
        const auto figures = camFigures(b.job, b.findings, cam, {});
        const auto known = camFigures(b.job, b.findings, truth, {});
        QCOMPARE(figures.size(), known.size());
        for (std::size_t i = 0; i < figures.size(); ++i) {
            QCOMPARE(figures[i].key(), known[i].key());
            if (!figures[i].value || !known[i].value || !figures[i].value->plusMinus) continue;
            ++all;
            const bool in = std::abs(figures[i].value->value - known[i].value->value) <=
                            *figures[i].value->plusMinus + 1e-9;
            inside += in;
            if (!in)
                qInfo("%s: %.3f against %.3f, half-width %.3f", figures[i].key().c_str(),
                      figures[i].value->value, known[i].value->value, *figures[i].value->plusMinus);
        }
        QVERIFY2(inside >= 0.95 * all, qPrintable(QStringLiteral("%1 of %2").arg(inside).arg(all)));
        QVERIFY(all > 20);
        // Of a closing that is not stated at the seat: doubtful, but not by its own size.
        for (const CamFigure& f : figures)
            if (f.kind == FigureKind::Dynamic)
                QVERIFY(*f.value->plusMinus > 0.0 && *f.value->plusMinus < 1.5);
        // A card that is gone says so.
        QVERIFY(b.cam(ofCard("gone")).fault.intake == CamFault::NoSuchCard);
    }

    // Kept with its lifts and put into another engine, a cam is the same cam.
    void carriedToAnotherEngine() {
        const Bench b(engine());
        const Candidate kept = keptCam(b.job, b.findings, "from Skerry Four");
        QVERIFY(kept.lobe.intake && kept.lobe.exhaust);
        QCOMPARE(QString::fromStdString(kept.origin), QStringLiteral("Skerry Four"));
        Job other = engine();
        other.runs.clear();
        other.maps.clear();
        other.engine.ratio = {1.7, 1.7};
        const Bench o(other);
        const Cam cam = o.cam(kept);
        QVERIFY(!cam.modelled());
        QVERIFY(near(o.value(cam, "opens.intake@1270t"), b.value(b.fitted(), "opens.intake@1270t"),
                     0.05));
        QVERIFY(near(o.value(cam, "valve_lift.intake"), 1.7 * 7.0 - kLash, 0.01));
    }

    void theUsualCandidates() {
        Job job = engine();
        job.card = carded("Esker 4", intake(), exhaust());
        for (int i = 0; i < 8; ++i)
            job.otherCards.push_back(carded("Drumlin " + std::to_string(i), intake(), exhaust()));
        const Bench b(job);
        const auto all = candidatesOf(b.job, b.findings);
        QCOMPARE(all.size(), std::size_t(kMostCandidates));
        QVERIFY(all[0].from == CamFrom::Fitted);
        QCOMPARE(QString::fromStdString(all[1].name), QStringLiteral("Drumlin 0"));
        // Nothing measured: the card alone.
        job.runs.clear();
        job.otherCards.clear();
        const Bench none(job);
        QCOMPARE(candidatesOf(none.job, none.findings).size(), std::size_t(1));
    }

    void wishesAreJudged() {
        Job job = engine();
        const double least = leastOf(intake(), 0.0);
        job.choosing.wishes = {{WishKind::IntakeClearance, least + 0.4, {}},
                               {WishKind::ExhaustClearance, 2.0, {}},
                               {WishKind::Separation, 105.0, 112.0},
                               {WishKind::IntakeLift, {}, 9.5},
                               {WishKind::SeatPressure, 300.0, {}}};
        const Bench b(job);
        Candidate c;
        c.seatPressure_n = 280.0;
        const Cam cam = b.cam(c);
        const auto judged = judge(b.job, b.findings, cam, {});
        QVERIFY(judged[0].state == WishState::Fail);
        QVERIFY(judged[1].state == WishState::Unknown);
        QVERIFY(judged[2].state == WishState::Pass && judged[2].sure);
        QVERIFY(judged[3].state == WishState::Fail);
        QVERIFY(judged[4].state == WishState::Fail);
        // The advance that would do keeps the limit in truth, and a tenth less of it does not.
        const Cure& advance = judged[0].cures.at(0);
        QVERIFY(advance.kind == CureKind::Advance && advance.value < 0.0);
        QVERIFY(leastOf(intake(), advance.value) >= least + 0.4 - 0.01);
        QVERIFY(leastOf(intake(), advance.value + 0.2) < least + 0.4 + 0.01);
        QVERIFY(judged[0].cures.at(1).kind == CureKind::Notch);
        QVERIFY(near(judged[0].cures.at(1).value, 0.4, 0.02));
        // A rocker that lifts no more than 9.5: (9.5 + 0.3) / 7.
        QVERIFY(judged[3].cures.at(1).kind == CureKind::Ratio);
        QVERIFY(near(judged[3].cures.at(1).value, 9.8 / 7.0, 0.003));
        QVERIFY(judged[4].cures.at(0).kind == CureKind::OtherSpring);
    }

    // The deck, gasket or chamber that is named gives the ratio that is wished for.
    void compressionIsReached() {
        Job job = engine();
        const Bench plain(job);
        const double dynamic = plain.value(plain.fitted(), "dynamic");
        QVERIFY(dynamic > 5.0 && dynamic < 12.0);
        job.choosing.wishes = {{WishKind::Dynamic, dynamic + 0.4, dynamic + 1.0}};
        const Bench b(job);
        const auto judged = judge(b.job, b.findings, b.fitted(), {});
        QVERIFY(judged[0].state == WishState::Fail);
        bool deck = false, advance = false;
        for (const Cure& cure : judged[0].cures) {
            Job then = job;
            if (cure.kind == CureKind::Deck) {
                deck = true;
                then.engine.chamber.deck_mm = cure.value;
                const Bench t(then);
                QVERIFY(near(t.value(t.fitted(), "dynamic"), dynamic + 0.4, 0.01));
            }
            if (cure.kind == CureKind::Advance) {
                advance = true;
                QVERIFY(cure.value > 0.0);
                QVERIFY(b.value(b.fitted(), "dynamic", cure.value) >= dynamic + 0.4 - 1e-6);
            }
        }
        QVERIFY(deck && advance);
    }

    // Out of what the drive can do: a wheel of 40 teeth moves by 18 degrees and no less, with a
    // vernier of 11 against 10 holes by 720 / 110.
    void theBestAdvanceOfTheDrive() {
        Job job = engine();
        const double least = leastOf(intake(), 0.0);
        job.choosing.wishes = {{WishKind::IntakeClearance, least + 0.4, {}}};
        const Bench free(job);
        const BestAdvance best = bestAdvance(free.job, free.findings, free.fitted());
        QCOMPARE(best.failed, 0);
        QVERIFY(leastOf(intake(), best.deg.intake) >= least + 0.39);
        QVERIFY(leastOf(intake(), best.deg.intake + 0.5) < least + 0.41);
        // The limits of Clearance hold without being wished for.
        Job limited = job;
        limited.choosing.wishes.clear();
        limited.reckoning.clearance.least_mm.intake = least + 0.4;
        const Bench held(limited);
        QCOMPARE(bestAdvance(held.job, held.findings, held.fitted()).deg.intake, best.deg.intake);
        job.engine.drive.teeth = 40;
        const Bench stiff(job);
        QCOMPARE(bestAdvance(stiff.job, stiff.findings, stiff.fitted()).failed, 1);
        job.engine.drive.vernierWheel = 11;
        job.engine.drive.vernierHub = 10;
        const Bench vernier(job);
        const BestAdvance hole = bestAdvance(vernier.job, vernier.findings, vernier.fitted());
        QCOMPARE(hole.failed, 0);
        const double holes = hole.deg.intake / (720.0 / 110.0);
        // Teeth of 18 degrees are 2.75 holes: quarters of a hole are all it has.
        QVERIFY(std::abs(4.0 * holes - std::round(4.0 * holes)) < 1e-6);
        QVERIFY(hole.deg.intake < 0.0);
    }

    /// Two cams are moved each by its own: closing six earlier wants the intake there, a separation
    /// of 1.5 less than it stands at then wants the exhaust three earlier, and neither alone nor
    /// both alike does it.
    void theBestOfTwoCamsIsAPair() {
        Job job = engine();
        job.engine.layout = Layout::TwinOverheadCam;
        const Bench at(job);
        const auto now = [&](WishKind kind) {
            return wishValue(at.job, at.findings, at.fitted(), kind, {})->value;
        };
        const double closes = now(WishKind::IntakeCloses), apart = now(WishKind::Separation);
        job.choosing.wishes = {{WishKind::IntakeCloses, {}, closes - 5.9},
                               {WishKind::Separation, apart - 1.6, apart - 1.4}};
        const Bench wished(job);
        const BestAdvance best = bestAdvance(wished.job, wished.findings, wished.fitted());
        QCOMPARE(best.failed, 0);
        QVERIFY(near(best.deg.intake, 6.0, 0.26) && near(best.deg.exhaust, 3.0, 0.26));
    }

    // By hand: fewest failed, then fewest not known, then measured before modelled; alike share.
    void theRanking() {
        const auto judged = [](int pass, int fail, int unknown) {
            std::vector<Judged> out;
            for (int i = 0; i < pass + fail + unknown; ++i) {
                Judged j;
                j.state = i < pass          ? WishState::Pass
                          : i < pass + fail ? WishState::Fail
                                            : WishState::Unknown;
                out.push_back(j);
            }
            return out;
        };
        const auto ranks = rankOf(
            {judged(2, 1, 0), judged(3, 0, 0), judged(2, 0, 1), judged(3, 0, 0), judged(3, 0, 0)},
            {false, true, false, false, false});
        std::vector<std::size_t> order;
        std::vector<int> places;
        for (const Ranked& r : ranks) {
            order.push_back(r.cam);
            places.push_back(r.rank);
        }
        QCOMPARE(order, (std::vector<std::size_t>{3, 4, 1, 2, 0}));
        QCOMPARE(places, (std::vector<int>{1, 1, 3, 4, 5}));
    }

    void whatTheEstimateNeeds() {
        Job job = engine();
        const auto needs = [](const Job& j, bool lobes = true) -> std::optional<FillingNeeds> {
            const Bench b(j);
            const Cam cam = lobes ? b.fitted() : b.cam(ofCard("none"));
            const auto made = fillingOf(b.job, cam, {});
            const auto* n = std::get_if<FillingNeeds>(&made);
            return n ? std::optional(*n) : std::nullopt;
        };
        QVERIFY(!needs(job));
        QVERIFY(needs(job, false) == FillingNeeds::Lobes);
        Job less = job;
        less.engine.valves.head_mm.intake = 0.0;
        QVERIFY(needs(less) == FillingNeeds::Heads);
        less = job;
        less.engine.chamber.chamber_cc = 0.0;
        QVERIFY(needs(less) == FillingNeeds::Ratio);
        less = job;
        less.engine.rod_mm = 0.0;
        QVERIFY(needs(less) == FillingNeeds::Dimensions);
        // 24 m/s of mean piston speed on 78 mm: 9231, up to 9500; or a fifth beyond what is wanted.
        QCOMPARE(fillingReach_rpm(job), 9500.0);
        job.choosing.purpose.to_rpm = 6000.0;
        QCOMPARE(fillingReach_rpm(job), 7500.0);
        QCOMPARE(fillingSpeeds(7500.0).size(), std::size_t(40));
        QCOMPARE(fillingSpeeds(7500.0).back(), 7500.0);
    }

    /// Lengths that are not known: usual ones, with shorter and longer ones beside them; a
    /// difference counts where all of them bear it out.
    void pipesThatAreNotKnown() {
        Job job = engine();
        const Bench b(job);
        const auto made = fillingOf(b.job, b.fitted(), {});
        const auto& guess = std::get<FillingEstimate>(made);
        QVERIFY(guess.guessed());
        const FillingPoint p = guess.at(4000.0);
        QVERIFY(p.byLength && near((*p.byLength)[1], p.efficiency, 1e-12));
        QVERIFY((*p.byLength)[0] != (*p.byLength)[2]);
        QVERIFY(!guess.at(4000.0, false).byLength);
        job.engine.pipes.intake = {300.0, 38.0, 42.0};
        job.engine.pipes.exhaust = {700.0, 40.0, 0.0};
        const Bench known(job);
        const auto stated = fillingOf(known.job, known.fitted(), {});
        QVERIFY(!std::get<FillingEstimate>(stated).guessed());
        QVERIFY(!std::get<FillingEstimate>(stated).at(4000.0).byLength);
        // Longer for lower speeds; a share of them is that share.
        const Pipes low = usualPipes(job.engine, 4000.0), high = usualPipes(job.engine, 8000.0);
        QVERIFY(low.intake.length_mm > high.intake.length_mm &&
                low.exhaust.length_mm > high.exhaust.length_mm);
        QVERIFY(near(usualPipes(job.engine, 6000.0, 0.5).intake.length_mm,
                     0.5 * usualPipes(job.engine, 6000.0).intake.length_mm, 1e-9));
    }

    void gainsOnlyWhereEveryLengthBearsThemOut() {
        const auto point = [](double rpm, double usual, double shorter, double longer) {
            FillingPoint p;
            p.speed_rpm = rpm;
            p.efficiency = usual;
            p.byLength = {shorter, usual, longer};
            return p;
        };
        FillingCurve mild, wild;
        mild.points = {point(1000, 0.90, 0.9, 0.9), point(2000, 0.90, 0.9, 0.9),
                       point(3000, 0.90, 0.9, 0.9), point(4000, 0.80, 0.8, 0.8),
                       point(5000, 0.70, 0.7, 0.7)};
        wild.points = {point(1000, 0.81, 0.8, 0.8), point(2000, 0.855, 0.8, 0.8),
                       point(3000, 0.93, 0.89, 1.0), // with short ones it is less
                       point(4000, 0.84, 0.82, 0.9), point(5000, 0.77, 0.75, 0.8)};
        const auto gains = gainsOver(wild, mild);
        QCOMPARE(gains.size(), std::size_t{2});
        QCOMPARE(gains[0].from_rpm, 1000.0);
        QCOMPARE(gains[0].to_rpm, 2000.0);
        QVERIFY(near(gains[0].share, -0.075, 1e-9)); // of -0.10 and -0.05
        QCOMPARE(gains[1].from_rpm, 4000.0);
        QVERIFY(near(gains[1].share, 0.075, 1e-9)); // of 0.05 and 0.10
        QVERIFY(gainsOver(mild, mild).empty());
        // Beyond what is known they go on by the same share.
        std::vector<FillingPoint> ends = wild.points;
        ends.front().byLength.reset();
        ends.back().byLength.reset();
        spreadLengths(ends);
        QVERIFY(near((*ends.front().byLength)[0], 0.81 * 0.8 / 0.855, 1e-9));
        QVERIFY(near((*ends.back().byLength)[2], 0.77 * 0.9 / 0.84, 1e-9));
        // In between lengths lie between.
        std::vector<FillingPoint> some = wild.points;
        some[1].byLength.reset();
        spreadLengths(some);
        QVERIFY(near((*some[1].byLength)[0], 0.855 * 0.5 * (0.8 / 0.81 + 0.89 / 0.93), 1e-9));
    }

    // At 2000 m air is 0.785 as dense (the standard atmosphere's pressure): as full, with so much
    // less in it.
    void higherUpThereIsLess() {
        Job job = engine();
        const Bench low(job);
        job.reckoning.altitude_m = 2000.0;
        const Bench high(job);
        const auto at = [](const Bench& b) {
            return std::get<FillingEstimate>(fillingOf(b.job, b.fitted(), {})).at(3000.0);
        };
        const FillingPoint a = at(low), b = at(high);
        QVERIFY(std::abs(a.efficiency - b.efficiency) < 1e-3);
        QVERIFY(near(b.trapped_mg / a.trapped_mg, 0.785, 0.003));
    }

    // A cam moved later fills worse slowly, as the engine's own lobes have it.
    void theEstimateMovesWithTheCam() {
        const Bench b(engine());
        const Cam cam = b.fitted();
        const auto at = [&](double advance, double rpm) {
            return std::get<FillingEstimate>(fillingOf(b.job, cam, {advance, 0.0}))
                .at(rpm)
                .efficiency;
        };
        QVERIFY(at(10.0, 1500.0) > at(-10.0, 1500.0) + 0.02);
        QVERIFY(at(10.0, 7500.0) < at(-10.0, 7500.0));
    }
};

AMBER_TEST(TestChoose)

} // namespace test_choose

#include "test_choose.moc"
