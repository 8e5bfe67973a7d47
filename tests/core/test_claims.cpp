// What is claimed of a lobe, by whatever way it was taken: its place, its witnesses, what nobody
// took, and that Set and slate say the claim and nothing else. Heights and angles by hand or from
// lobes in closed form.
#include "core/examine/examine.h"
#include "core/job/job.h"
#include "core/lobe/events.h"
#include "core/lobe/run.h"
#include "core/route/progress.h"
#include "support/measured_lobe.h"
#include "support/program.h"

#include <QTest>

#include <random>

namespace test_claims {

using namespace lobe;

namespace {

const closed::Lobe kIntake = closed::power(106.0, 140.0, 7.2, 2.5);
const closed::Lobe kExhaust = closed::power(-112.0, 142.0, 7.0, 2.5);

const closed::Lobe& lobeOf(Side side) {
    return side == Side::Intake ? kIntake : kExhaust;
}

Reading event(ReadingOf of, double deg, double mm) {
    Reading r;
    r.of = of;
    r.at = {deg};
    r.value_mm = mm;
    r.typed = std::to_string(deg);
    return r;
}

/// Both events at a height of the tappet, read at the valve or the tappet; each three times.
LiftRun events(Side side, double tappet_mm, Place taken, double ratio, double late = 0.0) {
    LiftRun run;
    run.id = side == Side::Intake ? 1 : 2;
    run.side = side;
    run.terms.eventsOnly = true;
    run.terms.taken = taken;
    run.terms.ratio = ratio;
    const double here = taken == Place::Valve ? ratio * tappet_mm : tappet_mm;
    for (int i = 0; i < 3; ++i) {
        run.readings.push_back(
            event(ReadingOf::Opens, lobeOf(side).event(tappet_mm, true) + late, here));
        run.readings.push_back(
            event(ReadingOf::Closes, lobeOf(side).event(tappet_mm, false) + late, here));
    }
    return run;
}

LiftRun fromNose(Side side, double late = 0.0) {
    LiftRun run;
    run.id = side == Side::Intake ? 11 : 12;
    run.side = side;
    run.terms.eventsOnly = run.terms.fromNose = true;
    run.terms.repeats = 1;
    const double top = lobeOf(side).lift_mm;
    run.readings.push_back(
        event(ReadingOf::Opens, lobeOf(side).event(top - 1.27, true) + late, 1.27));
    run.readings.push_back(
        event(ReadingOf::Closes, lobeOf(side).event(top - 1.27, false) + late, 1.27));
    return run;
}

LiftRun curve(Side side, double late = 0.0, double step = 5.0, std::int64_t id = 0) {
    LiftRun run;
    run.id = id ? id : side == Side::Intake ? 21 : 22;
    run.side = side;
    run.terms.step_deg = step;
    const closed::Lobe& lobe = lobeOf(side);
    for (double d = lobe.centre - 175.0; d <= lobe.centre + 175.0; d += step) {
        Reading r;
        r.id = run.id * 1000 + static_cast<std::int64_t>(run.readings.size());
        r.at = {std::round(d)};
        r.value_mm = std::round(lobe.at(std::round(d) - late) * 100.0) / 100.0;
        run.readings.push_back(r);
    }
    return run;
}

/// A card that states what the lobes have, by their events.
Card cardAt(double mm, Place at = Place::Tappet) {
    Card c;
    c.height = {mm, at};
    c.events.ivo = toCard(Event::IntakeOpens, {kIntake.event(mm, true)}).deg;
    c.events.ivc = toCard(Event::IntakeCloses, {kIntake.event(mm, false)}).deg;
    c.events.evo = toCard(Event::ExhaustOpens, {kExhaust.event(mm, true)}).deg;
    c.events.evc = toCard(Event::ExhaustCloses, {kExhaust.event(mm, false)}).deg;
    return c;
}

template <class Kind> bool has(const Findings& f) {
    return findingOf<Kind>(f.all) != nullptr;
}

} // namespace

class TestClaims : public QObject {
    Q_OBJECT
private slots:
    // The card's 1.27 at the tappet, behind a rocker of 1.6: 2.032 at the valve, 1.832 with 0.2 of
    // lash. A card's 1.0 at the valve: (1.0 + 0.2) / 1.6 = 0.75 at the tappet.
    void anEventIsAskedAtItsPlace_data() {
        QTest::addColumn<bool>("valve");
        QTest::addColumn<double>("lash");
        QTest::addColumn<bool>("cardAtValve");
        QTest::addColumn<double>("card");
        QTest::addColumn<double>("asked");
        QTest::newRow("as the card") << false << 0.2 << false << 1.27 << 1.27;
        QTest::newRow("valve, no lash") << true << 0.0 << false << 1.27 << 2.032;
        QTest::newRow("valve, lash") << true << 0.2 << false << 1.27 << 1.832;
        QTest::newRow("card at the valve") << false << 0.2 << true << 1.0 << 0.75;
        QTest::newRow("hidden by the lash") << true << 0.3 << false << 0.15 << 0.15;
    }
    void anEventIsAskedAtItsPlace() {
        QFETCH(bool, valve);
        QFETCH(double, lash);
        QFETCH(bool, cardAtValve);
        QFETCH(double, card);
        QFETCH(double, asked);
        Job job;
        job.card = Card{};
        job.card->height = {card, cardAtValve ? Place::Valve : Place::Tappet};
        LiftRun run;
        run.terms.eventsOnly = true;
        run.terms.taken = valve ? Place::Valve : Place::Tappet;
        run.terms.ratio = 1.6;
        run.terms.lash_mm = lash;
        const auto heights = eventHeights(job, run);
        QCOMPARE(heights.size(), std::size_t(1));
        QVERIFY(std::abs(heights[0].mm - asked) < 1e-9);
        QVERIFY(heights[0].at == run.terms.taken);
    }

    void valveEventsAreHeldAgainstACardAtTheTappet() {
        Job job;
        job.card = cardAt(1.27);
        job.runs = {events(Side::Intake, 1.27, Place::Valve, 1.6),
                    events(Side::Exhaust, 1.27, Place::Valve, 1.6)};
        const Findings f = examine(job);
        const CylinderFindings& c = f.cylinders.front();
        QVERIFY(c.explanation && !c.explanation->causes.empty());
        QVERIFY(c.explanation->causes.front().kind == CauseKind::AsCard);
        const LobeClaim* claim = f.lobeClaim(1, Side::Intake);
        QVERIFY(claim && claim->standing == Standing::Right);
        QVERIFY(std::abs(*claim->late_deg) < 0.05);
        // The doubt of a nominal ratio is in the events at the card's place, not in those read.
        const LobeFigures& lobe = f.intake(c)->lobe;
        const auto carried = halfWidthOf(lobe.events({1.27, Place::Tappet})->opens);
        const HeightEvents* read = nullptr;
        for (const HeightEvents& e : lobe.heights)
            if (e.height.at == Place::Valve) read = &e;
        QVERIFY(read && *carried > *halfWidthOf(read->opens) + 0.05);
    }

    // Read at 1.27 at the valve, which is 0.79 at the tappet: no event of the card's, and no lash.
    // Its middle says where the lobe stands, as far as a lobe may lean.
    void readingsOfAnotherHeightAreNotTheCards() {
        Job job;
        job.card = cardAt(1.27);
        job.runs = {events(Side::Intake, 1.27 / 1.6, Place::Valve, 1.6)};
        const Findings f = examine(job);
        QVERIFY(!f.intake(f.cylinders.front())->lobe.events({1.27, Place::Tappet}));
        const LobeClaim* claim = f.lobeClaim(1, Side::Intake);
        QVERIFY(claim && claim->late_deg && *claim->late_deg->plusMinus >= 1.5);
        QVERIFY(std::abs(*claim->late_deg) < 0.1);
        const auto& x = f.cylinders.front().explanation;
        QVERIFY(!x || x->events.empty());
        QVERIFY(!x || std::none_of(x->causes.begin(), x->causes.end(),
                                   [](const Cause& c) { return c.kind == CauseKind::Lash; }));
    }

    void oneEventAloneStandsNowhere() {
        Job job;
        job.card = cardAt(1.27);
        LiftRun run = events(Side::Intake, 1.27, Place::Tappet, 1.0, 5.0);
        Rows<Reading> opens;
        for (const Reading& r : run.readings)
            if (r.of == ReadingOf::Opens) opens.push_back(r);
        run.readings = opens;
        job.runs = {run};
        const Findings f = examine(job);
        const LobeClaim* claim = f.lobeClaim(1, Side::Intake);
        QVERIFY(claim && claim->needs == StandingNeed::OtherEvent);
        QVERIFY(claim->standing == Standing::NotKnown);
        QVERIFY(f.need.fault == NeedFault::NoEvent);
        QVERIFY(!has<found::CardShift>(f) && !has<found::AsCard>(f));
    }

    // A card of durations and separation alone says nothing of where the cam was ground to stand.
    void separationAloneGivesNoStanding() {
        Job job;
        Card c;
        c.duration.intake = kIntake.event(1.27, false) - kIntake.event(1.27, true);
        c.duration.exhaust = kExhaust.event(1.27, false) - kExhaust.event(1.27, true);
        c.separation = 109.0;
        job.card = c;
        job.runs = {curve(Side::Intake, 4.0), curve(Side::Exhaust, 4.0)};
        const Findings f = examine(job);
        for (Side side : {Side::Intake, Side::Exhaust}) {
            const LobeClaim* claim = f.lobeClaim(1, side);
            QVERIFY(claim && claim->needs == StandingNeed::Card && !claim->late_deg);
        }
        QVERIFY(f.need.fault == NeedFault::NoCard);
    }

    void aMovedCamStandsNowhereUntilItIsMeasured() {
        Job job;
        job.card = cardAt(1.27);
        job.runs = {curve(Side::Intake)};
        CamMove move;
        move.made.intake = DriveMove{};
        move.made.intake->total_deg = 4.0;
        job.changes = {move};
        const LobeClaim* claim = nullptr;
        const Findings f = examine(job);
        claim = f.lobeClaim(1, Side::Intake);
        QVERIFY(claim && claim->needs == StandingNeed::Again && !claim->centre_deg);
    }

    /// Set moves by the claim, is known by its ±, and leaves what stands right.
    void setAndSlateSayTheClaim_data() {
        QTest::addColumn<double>("late");
        QTest::addColumn<bool>("right");
        QTest::newRow("as printed") << 0.0 << true;
        QTest::newRow("under the wheel") << 0.3 << true;
        QTest::newRow("three degrees") << 3.0 << false;
        QTest::newRow("early") << -2.5 << false;
    }
    void setAndSlateSayTheClaim() {
        QFETCH(double, late);
        QFETCH(bool, right);
        Job job;
        job.card = cardAt(1.27);
        job.runs = {events(Side::Intake, 1.27, Place::Tappet, 1.0, late),
                    events(Side::Exhaust, 1.27, Place::Tappet, 1.0, late)};
        const Findings f = examine(job);
        const LobeClaim& claim = *f.lobeClaim(1, Side::Intake);
        QVERIFY(std::abs(*claim.late_deg - late) < 0.05);
        QVERIFY((claim.standing == Standing::Right) == right);
        QCOMPARE(*f.need.move_deg.intake, double(*claim.late_deg));
        QVERIFY(f.need.uncertainty_deg >= *halfWidthOf(claim.late_deg));
        QCOMPARE(f.need.stands(), right);
        for (const Figure& x : f.figures())
            if (x.kind == FigureKind::Centre && x.side == Side::Intake) {
                QCOMPARE(double(*x.value), double(*claim.centre_deg));
                QCOMPARE(*x.value->plusMinus, *claim.centre_deg->plusMinus);
                QCOMPARE(*x.cardDifference, double(*claim.late_deg));
            }
        // However right it stands, without TDC there is no tick.
        QVERIFY(settingProgress(job, f) != Progress::Done);
    }

    // Taken as a curve and by its events, or by its events and two readings: witnesses of one lobe.
    void waysOfOneLobeAreHeldAgainstOneAnother_data() {
        QTest::addColumn<int>("first");
        QTest::addColumn<int>("second");
        QTest::addColumn<double>("off");
        for (double off : {0.0, 5.0}) {
            QTest::addRow("curve, then events, %g off", off) << 0 << 1 << off;
            QTest::addRow("events, then curve, %g off", off) << 1 << 0 << off;
            QTest::addRow("curve, then two readings, %g off", off) << 0 << 2 << off;
            QTest::addRow("events, then two readings, %g off", off) << 1 << 2 << off;
            QTest::addRow("two readings, then events, %g off", off) << 2 << 1 << off;
        }
    }
    void waysOfOneLobeAreHeldAgainstOneAnother() {
        QFETCH(int, first);
        QFETCH(int, second);
        QFETCH(double, off);
        const auto taken = [](int way, double late) {
            return way == 0   ? curve(Side::Intake, late)
                   : way == 1 ? events(Side::Intake, 1.27, Place::Tappet, 1.0, late)
                              : fromNose(Side::Intake, late);
        };
        Job job;
        job.card = cardAt(1.27);
        job.runs = {taken(first, 0.0), taken(second, off)};
        const Findings f = examine(job);
        QCOMPARE(has<found::WaysDiffer>(f), off != 0.0);
        QCOMPARE(has<found::WaysAgree>(f), off == 0.0);
        // Whichever was last, the way that says most counts, and both are named.
        const RunFindings* counts = f.intake(f.cylinders.front());
        const int most = std::min(first, second);
        QCOMPARE(counts->run, taken(most, 0.0).id);
        QCOMPARE(f.lobeClaim(1, Side::Intake)->runs.size(), std::size_t(2));
        // And examined on top of what was found before the second, it is the same.
        Job earlier = job;
        earlier.runs.pop_back();
        const Findings was = examine(earlier);
        const Before before{earlier, was};
        const Findings again = examine(job, &before);
        QCOMPARE(has<found::WaysDiffer>(again), off != 0.0);
        QCOMPARE(double(*again.lobeClaim(1, Side::Intake)->late_deg),
                 double(*f.lobeClaim(1, Side::Intake)->late_deg));
    }

    // Three faultless passes on a wheel of whole degrees cannot agree better than it shows.
    void wholeDegreesAreNotAccused_data() {
        QTest::addColumn<unsigned>("seed");
        for (unsigned seed = 1; seed <= 9; ++seed)
            QTest::addRow("seed %u", seed) << seed;
    }
    void wholeDegreesAreNotAccused() {
        QFETCH(unsigned, seed);
        std::mt19937 random(seed);
        std::uniform_real_distribution<double> half(-0.5, 0.5);
        Job job;
        for (std::int64_t pass = 1; pass <= 3; ++pass) {
            LiftRun run = curve(Side::Intake, 0.0, 5.0, pass);
            run.terms.taken = Place::Valve;
            run.terms.ratio = 1.5;
            for (Reading& r : run.readings.edit())
                r.value_mm = std::round(1.5 * kIntake.at(r.at.deg + half(random)) * 100.0) / 100.0;
            job.runs.push_back(run);
        }
        const Findings f = examine(job);
        QVERIFY(has<found::PassesAgree>(f) && !has<found::PassesDiffer>(f));
        // A pass that is turned by two degrees as a whole is named all the same.
        for (Reading& r : job.runs.back().readings.edit())
            r.value_mm = std::round(1.5 * kIntake.at(r.at.deg - 2.0) * 100.0) / 100.0;
        QVERIFY(has<found::PassesDiffer>(examine(job)));
    }

    // Two passes turned against one another: where the truth lies between them, the mean's ± has
    // it; counted over 0 to 2 degrees of disagreement, the truth at either.
    void averagedPassesOwnTheirDisagreement() {
        int within = 0, all = 0;
        for (int i = 0; i <= 20; ++i)
            for (double share : {0.0, 1.0}) {
                const double apart = 0.1 * i;
                Job job;
                job.reckoning.averagePasses = true;
                job.runs = {curve(Side::Intake, -share * apart, 5.0, 1),
                            curve(Side::Intake, (1.0 - share) * apart, 5.0, 2)};
                const Findings f = examine(job);
                const HeightEvents* e =
                    f.intake(f.cylinders.front())->lobe.events({1.0, Place::Tappet});
                QVERIFY(e && e->opens && e->closes);
                for (bool opens : {true, false}) {
                    const auto& at = opens ? e->opens : e->closes;
                    within += std::abs(at->deg - kIntake.event(1.0, opens)) <= *at->plusMinus;
                    ++all;
                }
            }
        QVERIFY2(within >= 0.95 * all, qPrintable(QStringLiteral("%1 of %2").arg(within).arg(all)));
    }

    // Events alone, taken once to four times on a wheel read to whole, half or tenth degrees: what
    // the wheel was read to is in the digits typed, and repeats do not divide it away.
    void eventsAlone_data() {
        QTest::addColumn<double>("wheel");
        QTest::addColumn<int>("repeats");
        QTest::addColumn<double>("scatter");
        for (double wheel : {1.0, 0.5, 0.1})
            for (int repeats : {1, 2, 3, 4})
                for (double scatter : {0.05, 0.2})
                    QTest::addRow("to %g, %d times, scatter %g", wheel, repeats, scatter)
                        << wheel << repeats << scatter;
    }
    void eventsAlone() {
        QFETCH(double, wheel);
        QFETCH(int, repeats);
        QFETCH(double, scatter);
        std::mt19937 random(5);
        std::normal_distribution<double> n(0.0, 1.0);
        std::uniform_real_distribution<double> u(0.0, 1.0);
        int covered = 0;
        double widest = 0.0;
        for (int k = 0; k < 300; ++k) {
            const double truth[] = {-20.0 + 10.0 * u(random), 225.0 + 10.0 * u(random)};
            Job job;
            LiftRun run;
            run.id = 1;
            run.terms.eventsOnly = true;
            run.terms.repeats = repeats;
            for (int i = 0; i < repeats; ++i)
                for (bool opens : {true, false}) {
                    Reading r;
                    r.of = opens ? ReadingOf::Opens : ReadingOf::Closes;
                    r.value_mm = 1.27;
                    const double at = truth[opens ? 0 : 1] + scatter * n(random);
                    r.at = {wheel * std::round(at / wheel)};
                    r.typed = QString::number(r.at.deg, 'f', wheel == 1.0 ? 0 : 1).toStdString();
                    run.readings.push_back(r);
                }
            job.runs = {run};
            const Findings found = examine(job);
            const HeightEvents& e = found.runs[0].lobe.atEventsHeight;
            covered += std::abs(e.opens->deg - truth[0]) <= *halfWidthOf(e.opens);
            covered += std::abs(e.closes->deg - truth[1]) <= *halfWidthOf(e.closes);
            widest = std::max(widest, *halfWidthOf(e.opens));
        }
        QVERIFY2(covered >= 540, qPrintable(QStringLiteral("%1 of 600 covered").arg(covered)));
        // Honest, and no more: never over a degree and a half.
        QVERIFY2(widest < 1.5, qPrintable(QString::number(widest)));
    }

    // A decompressor lifts the valve once more, far from its lobe: 0.6 mm about the angle -60.
    void aDecompressorIsNamedWithItsOwnEvents() {
        LiftRun run = curve(Side::Intake);
        for (Reading& r : run.readings.edit()) {
            const double u = std::abs(r.at.deg + 60.0) / 12.0;
            if (u < 1.0) r.value_mm = std::max(r.value_mm, 0.6 * (1.0 - u * u));
        }
        Job job;
        job.runs = {run};
        const Findings f = examine(job);
        const auto* second = findingOf<found::SecondLift>(f.all);
        QVERIFY(second);
        QVERIFY(std::abs(second->highest.deg + 60.0) < 4.0);
        QVERIFY(std::abs(second->lift_mm - 0.6) < 0.05);
        QVERIFY(second->opens.deg > -75.0 && second->opens.deg < -60.0);
        QVERIFY(second->closes.deg > -60.0 && second->closes.deg < -45.0);
        // The main lift's opening at 0.5 stays where its lobe has it.
        const HeightEvents* e = f.runs[0].lobe.events({0.5, Place::Tappet});
        QVERIFY(e && e->opens);
        QVERIFY(std::abs(e->opens->deg - kIntake.event(0.5, true)) < 0.5);
    }
};

AMBER_TEST(TestClaims)

} // namespace test_claims

#include "test_claims.moc"
