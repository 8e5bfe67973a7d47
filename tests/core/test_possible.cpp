// Readings that cannot be: asked about at the reading that made it, and no figure made of it.
// Events in one turn, the centre by two readings, another cylinder on an unmoved wheel, what a move
// that came out otherwise was, and wanted centres. Numbers by hand.
#include "core/drive/choices.h"
#include "core/examine/examine.h"
#include "core/job/job.h"
#include "core/lobe/one_turn.h"
#include "support/measured_lobe.h"
#include "support/program.h"

#include <QTest>

#include <random>

namespace test_possible {

using namespace lobe;

namespace {

Reading taken(ReadingOf of, double deg, double mm = 1.27) {
    Reading r;
    r.of = of;
    r.at = {deg};
    r.value_mm = mm;
    return r;
}

LiftRun events(Side side, std::vector<Reading> readings, int repeats = 1) {
    LiftRun run;
    run.id = side == Side::Intake ? 1 : 2;
    run.side = side;
    run.terms.eventsOnly = true;
    run.terms.repeats = repeats;
    run.readings = std::move(readings);
    return run;
}

LiftRun curve(int cylinder, Side side, double turned = 0.0) {
    LiftRun run;
    run.id = cylinder * 2 + (side == Side::Intake ? 0 : 1);
    run.cylinder = cylinder;
    run.side = side;
    const auto lobe = side == Side::Intake ? closed::power(106, 147, 7.2, 2.2)
                                           : closed::power(-112, 150, 7.0, 2.2);
    for (double d = lobe.centre - 175.0; d <= lobe.centre + 175.0; d += 5.0) {
        Reading r;
        r.at = {wrapCycle({d + turned}).deg};
        r.value_mm = std::round(lobe.at(d) * 100.0) / 100.0;
        run.readings.push_back(r);
    }
    return run;
}

template <class Kind> const Kind* find(const Findings& f) {
    return findingOf<Kind>(f.all);
}

const Figure* figure(const Findings& f, const char* key) {
    for (const Figure& x : f.figures())
        if (x.key() == key) return &x;
    return nullptr;
}

} // namespace

class TestPossible : public QObject {
    Q_OBJECT
private slots:
    // 58 typed for a closing 58 after BDC, on a 0-180-0 wheel that shows 122 there, and taken as 58
    // before TDC: a duration of -35.7 by hand, and 58 after BDC (238) would do.
    void aClosingBeforeItsOpening() {
        Job job;
        job.runs = {events(Side::Intake,
                           {taken(ReadingOf::Opens, -22.3), taken(ReadingOf::Closes, -58.0)})};
        const Findings f = examine(job);
        const auto* x = find<found::DurationUnlikely>(f);
        QVERIFY(x);
        QVERIFY(std::abs(x->duration_deg + 35.7) < 1e-9);
        QVERIFY(!x->opening);
        QCOMPARE(x->wouldDo->deg, 238.0);
        QVERIFY(!f.runs[0].lobe.centre(CentreSchool::Events));
        for (const Figure& figure : f.figures())
            QVERIFY(figure.kind != FigureKind::Duration && figure.kind != FigureKind::Centre);
    }

    void aCentreWhereNoneSits() {
        Job job;
        // Opens 100 after TDC, closes 300: 200 long, and centred at 200.
        job.runs = {events(Side::Intake,
                           {taken(ReadingOf::Closes, 300.0), taken(ReadingOf::Opens, 100.0)})};
        const Findings f = examine(job);
        const auto* x = find<found::CentreUnlikely>(f);
        QVERIFY(x && x->opening);
        QVERIFY(std::abs(x->centre_deg - 200.0) < 1e-9);
        QVERIFY(!figure(f, "centre.intake"));
    }

    void aNoseOutsideItsEvents() {
        Job job;
        job.runs = {
            events(Side::Intake, {taken(ReadingOf::Opens, -10.0), taken(ReadingOf::Closes, 222.0),
                                  taken(ReadingOf::Nose, 253.0, 0.0)})};
        const Findings f = examine(job);
        const auto* x = find<found::NoseUnlikely>(f);
        QVERIFY(x);
        QVERIFY(std::abs(x->off_deg - 147.0) < 1e-9);
        QVERIFY(!f.runs[0].lobe.centres.peak);
        QVERIFY(f.runs[0].lobe.centres.spread_deg().value_or(0.0) < 1.0);
    }

    void aFirstLiftWhereTheBaseBelongs() {
        Job job;
        LiftRun run;
        run.id = 1;
        Reading r;
        r.at = {-70.0};
        r.value_mm = 22.0;
        run.readings = {r};
        job.runs = {run};
        const Findings f = examine(job);
        const auto* x = find<found::FirstLiftUnlikely>(f);
        QVERIFY(x && x->lift_mm == 22.0 && x->at.deg == -70.0);
        job.runs[0].readings.edit()[0].value_mm = 0.02;
        QVERIFY(!find<found::FirstLiftUnlikely>(examine(job)));
    }

    // Whatever is typed, no figure leaves what a cam can be.
    void noFigureLeavesItsRange() {
        std::mt19937 random(20261126);
        const auto u = [&](double a, double b) {
            return std::uniform_real_distribution<double>(a, b)(random);
        };
        int shown = 0;
        for (int times = 0; times < 400; ++times) {
            Job job;
            for (Side side : {Side::Intake, Side::Exhaust}) {
                if (times % 2) {
                    job.runs.push_back(
                        events(side, {taken(ReadingOf::Opens, u(-360, 360)),
                                      taken(ReadingOf::Closes, u(-360, 360)),
                                      taken(ReadingOf::Nose, u(-360, 360), u(0, 12))}));
                    continue;
                }
                const double home = (side == Side::Intake ? 106.0 : -110.0) + u(-250, 250);
                const auto lobe = closed::power(home, u(60, 170), u(1, 12), u(1.6, 3));
                LiftRun run;
                run.id = side == Side::Intake ? 1 : 2;
                run.side = side;
                for (const LiftPoint& p :
                     measured::take(lobe, {5.0, 0.01, 0.1, 0.01, unsigned(times)})) {
                    Reading r;
                    r.at = {p.deg};
                    r.value_mm = random() % 40 ? p.mm : u(-20, 20);
                    run.readings.push_back(r);
                }
                job.runs.push_back(run);
            }
            const Findings all = examine(job);
            for (const Figure& f : all.figures()) {
                const double v = *f.value;
                ++shown;
                switch (f.kind) {
                case FigureKind::Duration:
                    QVERIFY2(v > 0.0 && v <= 360.0, f.key().c_str());
                    break;
                case FigureKind::Centre:
                case FigureKind::Separation:
                    QVERIFY2(v >= 60.0 && v <= 160.0, f.key().c_str());
                    break;
                case FigureKind::Opens:
                case FigureKind::Closes:
                    QVERIFY2(v >= -110.0 && v <= 160.0, f.key().c_str());
                    break;
                case FigureKind::Overlap:
                    QVERIFY2(std::abs(v) <= 250.0, f.key().c_str());
                    break;
                case FigureKind::MaxLift:
                    QVERIFY2(v > 0.0 && v <= 40.0, f.key().c_str());
                    break;
                default:
                    break;
                }
            }
        }
        QVERIFY(shown > 500);
    }

    // Low to high, the nose with its lift, high to low, back to zero; then round again.
    void eventsInOneTurn() {
        LiftRun run = events(Side::Intake, {}, 2);
        run.terms.oneTurn = true;
        run.terms.eventHeights = {{1.27, Place::Tappet}, {0.5, Place::Tappet}};
        Job job;
        job.runs = {run};
        const auto wanted = [&] { return examine(job).runs[0].events->next; };
        const auto add = [&](ReadingOf of, double deg, double mm) {
            job.runs[0].readings.push_back(taken(of, deg, mm));
        };
        const std::vector<std::tuple<ReadingOf, double, double>> turn = {
            {ReadingOf::Opens, -30.0, 0.5},  {ReadingOf::Opens, -10.0, 1.27},
            {ReadingOf::Nose, 106.0, 7.21},  {ReadingOf::Closes, 222.0, 1.27},
            {ReadingOf::Closes, 242.0, 0.5}, {ReadingOf::Lift, 290.0, 0.03}};
        for (const auto& [of, deg, mm] : turn) {
            const auto w = wanted();
            QVERIFY(w && w->of == of);
            if (of == ReadingOf::Opens || of == ReadingOf::Closes) QCOMPARE(w->height.mm, mm);
            add(of, deg, mm);
        }
        // A second turn asks the events once more, in the same order.
        QVERIFY(wanted()->of == ReadingOf::Opens);
        QCOMPARE(wanted()->height.mm, 0.5);
        const Findings f = examine(job);
        QCOMPARE(*f.runs[0].lobe.maxLift_mm, 7.21);
        QVERIFY(find<found::ZeroNotHome>(f));
        QVERIFY(std::abs(find<found::ZeroNotHome>(f)->home_mm - 0.03) < 1e-9);
        // The heights of the run are shown, listed among the settings or not.
        job.reckoning.heights = {{2.0, Place::Tappet}};
        const Findings shown = examine(job);
        int durations = 0;
        for (const Figure& x : shown.figures())
            durations += x.kind == FigureKind::Duration;
        QCOMPARE(durations, 2);
    }

    // Both valves in one turn: the exhaust opens, its nose; about overlap the two between one
    // another, as they come on the wheel; the exhaust home; then the intake alone. Then once more.
    void bothValvesInOneTurn() {
        Job job;
        for (Side side : {Side::Intake, Side::Exhaust}) {
            LiftRun run = events(side, {}, 2);
            run.terms.oneTurn = run.terms.bothValves = true;
            run.terms.eventHeights = {{0.5, Place::Tappet}, {1.27, Place::Tappet}};
            job.runs.push_back(run);
        }
        const std::vector<std::tuple<Side, ReadingOf, double, double>> turn = {
            {Side::Exhaust, ReadingOf::Opens, -230.0, 0.5},
            {Side::Exhaust, ReadingOf::Opens, -215.0, 1.27},
            {Side::Exhaust, ReadingOf::Nose, -108.0, 7.0},
            {Side::Intake, ReadingOf::Opens, -20.0, 0.5},
            {Side::Intake, ReadingOf::Opens, -5.0, 1.27},
            {Side::Exhaust, ReadingOf::Closes, -1.0, 1.27},
            {Side::Exhaust, ReadingOf::Closes, 14.0, 0.5},
            {Side::Exhaust, ReadingOf::Lift, 60.0, 0.0},
            {Side::Intake, ReadingOf::Nose, 106.0, 7.2},
            {Side::Intake, ReadingOf::Closes, 217.0, 1.27},
            {Side::Intake, ReadingOf::Closes, 232.0, 0.5},
            {Side::Intake, ReadingOf::Lift, 280.0, 0.0}};
        const auto next = [&] { return nextInTurn(job, job.runs[0], job.runs[1]); };
        for (int round = 0; round < 2; ++round)
            for (const auto& [side, of, deg, mm] : turn) {
                // The nose and home are read once.
                if (round > 0 && (of == ReadingOf::Nose || of == ReadingOf::Lift)) continue;
                const auto w = next();
                QVERIFY(w);
                QVERIFY2(w->side == side && w->wanted.of == of, qPrintable(QString::number(deg)));
                if (of == ReadingOf::Opens || of == ReadingOf::Closes)
                    QCOMPARE(w->wanted.height.mm, mm);
                job.runs[side == Side::Intake ? 0 : 1].readings.push_back(taken(of, deg, mm));
            }
        QVERIFY(!next());
        // A card that parts the lobes by more: both closings of the exhaust come first.
        job.runs[0].readings.clear();
        job.runs[1].readings.edit().resize(3);
        job.card = Card{};
        job.card->height = {1.27, Place::Tappet};
        job.card->events.ivo = -20.0;
        job.card->events.ivc = 60.0;
        job.card->events.evo = 60.0;
        job.card->events.evc = -20.0;
        QVERIFY(next()->side == Side::Exhaust && next()->wanted.of == ReadingOf::Closes);
    }

    // Opens 70 and closes 140 after TDC: centred like a cam, and no cam is 70 long at 1.27 mm. At 5
    // mm a lobe may be.
    void aDurationNoCamHas() {
        for (const double mm : {1.27, 5.0}) {
            Job job;
            LiftRun run = events(Side::Intake, {taken(ReadingOf::Opens, 70.0, mm),
                                                taken(ReadingOf::Closes, 140.0, mm)});
            run.terms.eventHeights = {{mm, Place::Tappet}};
            job.runs = {run};
            const Findings f = examine(job);
            QCOMPARE(find<found::DurationUnlikely>(f) != nullptr, mm < 2.0);
        }
    }

    // An opening 11 after TDC where the card has 11 before: a cam that is late opens there, so
    // nothing is said of it until the closing is known.
    void oneEventAloneIsNotAccusedOfItsSide() {
        Job job;
        job.card = Card{};
        job.card->height = {1.27, Place::Tappet};
        job.card->events.ivo = 11.0;
        job.card->events.ivc = 40.0;
        job.runs = {events(Side::Intake, {taken(ReadingOf::Opens, 11.0)})};
        QVERIFY(!find<found::EventSide>(examine(job)));
        job.runs[0].readings.push_back(taken(ReadingOf::Closes, 220.0)); // as the card
        QVERIFY(find<found::EventSide>(examine(job)));
        job.runs[0].readings.edit()[1].at = {242.0}; // 22 late, as the opening is
        QVERIFY(!find<found::EventSide>(examine(job)));
    }

    void nearlyTheCardsHeightIsSaid() {
        Job job;
        job.card = Card{};
        job.card->height = {1.0, Place::Tappet};
        job.card->events.ivo = 20.0;
        LiftRun run = events(Side::Intake, {taken(ReadingOf::Opens, -20.0, 1.016)});
        run.terms.eventHeights = {{1.016, Place::Tappet}};
        job.runs = {run};
        const Findings f = examine(job);
        const auto* x = find<found::CardHeightNear>(f);
        QVERIFY(x && x->taken_mm == 1.016 && x->card_mm == 1.0);
    }

    // Zero at the nose; 1.27 under it at 66 and 148: the centre is 107, by hand. 3 mm under it at
    // 40 and 178: 109, so it leans by 2.
    void centreByTwoReadings() {
        LiftRun run = events(Side::Intake, {taken(ReadingOf::Opens, 66.0, 1.27),
                                            taken(ReadingOf::Closes, 148.0, 1.27)});
        run.terms.fromNose = true;
        Job job;
        job.runs = {run};
        Findings f = examine(job);
        QCOMPARE(f.runs[0].lobe.centre(CentreSchool::Events)->deg, 107.0);
        const Figure* centre = figure(f, "centre.intake");
        QVERIFY(centre && std::abs(*centre->value - 107.0) < 1e-9);
        QVERIFY(centre->school == CentreSchool::EqualDrop);
        QVERIFY(*centre->value->plusMinus > 0.3 && *centre->value->plusMinus < 1.2);
        QVERIFY(!figure(f, "duration.intake@1270t"));
        QVERIFY(find<found::CentreOnly>(f));
        // It sets the cam against a wanted centre.
        job.trial.target.kind = TargetKind::Centres;
        job.trial.target.centre.intake = 104.5;
        QCOMPARE(*examine(job).need.move_deg.intake, 2.5);
        job.runs[0].terms.eventHeights = {{1.27, Place::Tappet}, {3.0, Place::Tappet}};
        for (int i = 0; i < 4; ++i) {
            job.runs[0].readings.push_back(taken(ReadingOf::Opens, 40.0, 3.0));
            job.runs[0].readings.push_back(taken(ReadingOf::Closes, 178.0, 3.0));
            job.runs[0].readings.push_back(taken(ReadingOf::Opens, 66.0, 1.27));
            job.runs[0].readings.push_back(taken(ReadingOf::Closes, 148.0, 1.27));
        }
        f = examine(job);
        QCOMPARE(f.runs[0].lobe.centre(CentreSchool::EqualDrop)->deg, 107.0);
        QCOMPARE(f.runs[0].lobe.midpoints.skew_deg, 2.0);
    }

    // Centre 107 before a move of 4 earlier, 103 after: as it was meant. And 14 later on a drive
    // with a 4 degree keyway and teeth of 18: the keyway, and one tooth back.
    void theHistoryIsJudgedByCentresToo() {
        const auto run = [](std::int64_t id, double centre, int setting) {
            LiftRun r = events(Side::Intake, {taken(ReadingOf::Opens, centre - 41.0, 1.27),
                                              taken(ReadingOf::Closes, centre + 41.0, 1.27)});
            r.id = id;
            r.terms.fromNose = true;
            r.terms.afterMove = setting;
            return r;
        };
        Job job;
        job.engine.drive.teeth = 40;
        job.engine.drive.crankKeyways_deg = {4.0};
        CamMove change;
        change.made.intake = DriveMove{};
        change.made.intake->total_deg = 4.0;
        job.changes = {change};
        job.runs = {run(1, 107.0, 0), run(2, 103.0, 1)};
        Findings f = examine(job);
        QVERIFY(f.changes[0].verdict == MoveVerdict::AsMeant);
        QCOMPARE(*f.changes[0].moved_deg, 4.0);
        QVERIFY(!f.changes[0].instead);
        job.runs[1] = run(2, 121.0, 1);
        f = examine(job);
        QVERIFY(f.changes[0].verdict != MoveVerdict::AsMeant);
        QVERIFY(f.changes[0].instead);
        QCOMPARE(f.changes[0].instead->teeth, -1);
        QCOMPARE(f.changes[0].instead->crankKeyway_deg, 4.0);
        // A slot makes any move, and explains none: this one is 9 off every keyway and tooth.
        job.engine.drive.slot_deg = 20.0;
        job.runs[1] = run(2, 116.0, 1);
        QVERIFY(!examine(job).changes[0].instead);
    }

    // Firing order 1 3 4 2, even: 3 is 180 behind, 4 360, 2 540. A V twin that fires 270, 450.
    void cylindersBehindTheFirst() {
        Engine e;
        QVERIFY(!e.behindFirst_deg(3));
        e.firingOrder = {1, 3, 4, 2};
        QCOMPARE(*e.behindFirst_deg(1), 0.0);
        QCOMPARE(*e.behindFirst_deg(3), 180.0);
        QCOMPARE(*e.behindFirst_deg(4), 360.0);
        QCOMPARE(*e.behindFirst_deg(2), 540.0);
        e.firingOrder = {2, 1};
        e.firingGaps_deg = {450.0, 270.0};
        QCOMPARE(*e.behindFirst_deg(2), 270.0);
    }

    // Flat-plane four; a V twin of 45 on one pin, 405 and 315; a cross-plane V eight of 90, even.
    void throwsAndBanksSayTheGaps() {
        Engine four;
        four.firingOrder = {1, 3, 4, 2};
        four.throws_deg = {0, 180, 180, 0};
        QCOMPARE(four.gaps_deg(), (std::vector<double>{180, 180, 180, 180}));
        QCOMPARE(*four.behindFirst_deg(2), 540.0);
        four.firingOrder = {1, 2, 3, 4}; // 2 and 3 rise together: not one after the other
        QVERIFY(four.gaps_deg().empty());
        QVERIFY(!four.behindFirst_deg(2));
        Engine twin;
        twin.firingOrder = {1, 2};
        twin.throws_deg = {0, 0};
        twin.bankAngle_deg = 45;
        twin.secondBank = {2};
        QCOMPARE(twin.gaps_deg(), (std::vector<double>{405, 315}));
        QCOMPARE(*twin.behindFirst_deg(2), 405.0);
        Engine eight;
        eight.firingOrder = {1, 8, 4, 3, 6, 5, 7, 2};
        eight.throws_deg = {0, 0, 270, 270, 90, 90, 180, 180};
        eight.bankAngle_deg = 90;
        eight.secondBank = {1, 3, 5, 7};
        QCOMPARE(eight.gaps_deg(), std::vector<double>(8, 90.0));
        QCOMPARE(*eight.behindFirst_deg(7), 540.0);
    }

    void twistIsJudgedFromTheWheelAsItStands() {
        Job job;
        job.engine.cylinders = 4;
        job.runs = {curve(1, Side::Intake), curve(3, Side::Intake, 180.0)};
        Findings f = examine(job);
        // Another cylinder's zero is not taken for twist.
        QVERIFY(!find<found::Twist>(f));
        QVERIFY(find<found::CylinderTdcUnknown>(f));
        job.engine.firingOrder = {1, 3, 4, 2};
        f = examine(job);
        QVERIFY(!find<found::CylinderTdcUnknown>(f));
        QVERIFY(!find<found::Twist>(f));
        job.runs[1] = curve(3, Side::Intake, 184.0);
        f = examine(job);
        QVERIFY(find<found::Twist>(f));
        QVERIFY(std::abs(find<found::Twist>(f)->off_deg - 4.0) < 0.2);
    }

    // Wanted 4 earlier by a 4 degree crank keyway on a wheel of 40 teeth (18 crank degrees a
    // tooth); it came 14 later: the keyway, and one tooth back.
    void whatCameOutInsteadIsNamed() {
        Drive d;
        d.teeth = 40;
        d.crankKeyways_deg = {4.0};
        const auto near = choices(d, -14.0, 1);
        QCOMPARE(near[0].move.teeth, -1);
        QCOMPARE(near[0].move.crankKeyway_deg, 4.0);
        QCOMPARE(*asTeeth(d, 18.2, 0.4), 1);
        QCOMPARE(*asTeeth(d, -36.0, 0.4), -2);
        QCOMPARE(*asTeeth(d, 12.0, 0.4), 0);
        QVERIFY(!asTeeth(d, 12.0, 9.5));
        QVERIFY(!asTeeth(Drive{}, 12.0, 0.4));
    }

    // 217 degrees off is no cam that is to be moved.
    void nothingIsMovedOnWhatCannotBe() {
        Job job;
        job.card = Card{};
        const auto i = closed::power(106, 147, 7.2, 2.2), e = closed::power(-112, 150, 7.0, 2.2);
        job.card->events.ivo = std::round(toCard(Event::IntakeOpens, {i.event(1.27, true)}).deg);
        job.card->events.ivc = std::round(toCard(Event::IntakeCloses, {i.event(1.27, false)}).deg);
        job.card->events.evo = std::round(toCard(Event::ExhaustOpens, {e.event(1.27, true)}).deg);
        job.card->events.evc = std::round(toCard(Event::ExhaustCloses, {e.event(1.27, false)}).deg);
        LiftRun in = curve(1, Side::Intake), ex = curve(1, Side::Exhaust);
        std::swap(in.readings, ex.readings);
        job.runs = {in, ex};
        const Findings f = examine(job);
        QVERIFY(!f.need.move_deg.intake && !f.need.move_deg.exhaust);
        QVERIFY(f.need.fault == NeedFault::SettleFirst);
        QCOMPARE(f.cylinders[0].explanation->causes.front().kind, CauseKind::LobesSwapped);
    }

    void targetsPerCam() {
        Job job;
        job.engine.layout = Layout::TwinOverheadCam;
        job.runs = {curve(1, Side::Intake), curve(1, Side::Exhaust)};
        job.trial.target.kind = TargetKind::Centres;
        job.trial.target.centre.intake = 104.0;
        job.trial.target.centre.exhaust = 107.0;
        Need n = examine(job).need;
        // Measured 106 after and 112 before: two late, and an exhaust five early.
        QVERIFY(std::abs(*n.move_deg.intake - 2.0) < 0.1);
        QVERIFY(std::abs(*n.move_deg.exhaust + 5.0) < 0.1);
        job.card = Card{};
        job.card->centre.intake = 106.0;
        job.card->centre.exhaust = 112.0;
        job.trial.target.kind = TargetKind::CardPlus;
        job.trial.target.plus_deg = 3.0;
        job.trial.target.plusExhaust_deg = -2.0;
        n = examine(job).need;
        QVERIFY(std::abs(*n.move_deg.intake - 3.0) < 0.1);
        QVERIFY(std::abs(*n.move_deg.exhaust + 2.0) < 0.1);
    }

    void aReadingReadAgainTheSameIsRight() {
        Job job;
        job.runs = {curve(1, Side::Intake)};
        auto& readings = job.runs[0].readings;
        readings.edit()[25].value_mm += 0.2;
        QCOMPARE(examine(job).runs[0].lobe.misfits.size(), std::size_t(1));
        Reading again = readings[25];
        again.value_mm -= 0.01;
        readings.edit()[25].struck = Struck{kReadAgain};
        readings.push_back(again);
        QVERIFY(examine(job).runs[0].lobe.misfits.empty());
        // Read again and a tenth nearer, it is still off, and not the same.
        readings.edit().back().value_mm -= 0.1;
        QCOMPARE(examine(job).runs[0].lobe.misfits.size(), std::size_t(1));
        readings.edit().back().value_mm += 0.1;
        readings.edit()[25].struck = Struck{"misread"};
        QCOMPARE(examine(job).runs[0].lobe.misfits.size(), std::size_t(1));
        job.runs[0].terms.right_deg = {again.at.deg};
        QVERIFY(examine(job).runs[0].lobe.misfits.empty());
    }

    // 30 before and 30 after on a gauge that counts up both ways, taken for one that runs on:
    // offered.
    void theOtherGaugeIsOffered() {
        const auto contact = [](double at, const char* typed, bool after) {
            Contact c;
            c.at = {at};
            c.typed = typed;
            c.afterTop = after;
            c.scale = WheelScale::Twice180;
            return c;
        };
        const auto f = examineTdc({contact(-150.0, "30", false), contact(28.0, "28", true)}, {});
        const auto* x = findingOf<found::TdcOtherScale>(f.findings);
        QVERIFY(x);
        QCOMPARE(x->otherHalfSpan_deg, 29.0);
        QCOMPARE(x->correction_deg, -1.0);
        // Taken so, the half-span is what was offered.
        const auto instead = onOtherGauge(f);
        QVERIFY(instead && !instead->afterTop);
        const auto so =
            examineTdc({contact(-150.0, "30", false), contact(28.0, "28", true), *instead}, {});
        QCOMPARE(*so.latest()->halfSpan_deg, 29.0);
        QCOMPARE(*so.latest()->correction_deg, -1.0);
        QVERIFY(!onOtherGauge(so));
    }
};

AMBER_TEST(TestPossible)

} // namespace test_possible

#include "test_possible.moc"
