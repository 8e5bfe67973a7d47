// A whole job through the front door.
#include "core/examine/examine.h"
#include "core/job/card.h"
#include "core/job/job.h"
#include "core/lobe/run.h"
#include "core/route/progress.h"
#include "simulated/closed_lobes.h"
#include "support/program.h"

#include <QTest>

#include <algorithm>

namespace test_examine {

using namespace lobe;

namespace {

LiftRun run(std::int64_t id, const closed::Lobe& lobe, Side side, double from, double to) {
    LiftRun r;
    r.id = id;
    r.side = side;
    r.terms.from = {from};
    r.terms.to = {to};
    for (double d = from; d <= to; d += 5.0) {
        Reading reading;
        reading.id = id * 1000 + static_cast<std::int64_t>(r.readings.size());
        reading.at = {d};
        reading.value_mm = lobe.at(d);
        r.readings.push_back(reading);
    }
    return r;
}

/// A cam carded 104 / 114 that sits two degrees late.
Job lateCam() {
    Job job;
    job.name = "late";
    job.engine.bore_mm = 90;
    job.engine.stroke_mm = 78;
    job.engine.rod_mm = 142;
    Card card;
    card.events.ivo = 12;
    card.events.ivc = 40;
    card.events.evo = 52;
    card.events.evc = 4;
    job.card = card;
    job.runs = {run(1, closed::power(106, 147, 7.2, 1.78), Side::Intake, -70, 280),
                run(2, closed::power(-112, 150, 7.0, 1.78), Side::Exhaust, -285, 65)};
    return job;
}

const Figure* figure(const Findings& f, const std::string& key) {
    for (const Figure& x : f.figures())
        if (x.key() == key) return &x;
    return nullptr;
}

template <class Kind> bool has(const Findings& f) {
    return findingOf<Kind>(f.all) != nullptr;
}

} // namespace

class TestExamine : public QObject {
    Q_OBJECT
private slots:
    void emptyJob() {
        const Findings f = examine(Job{});
        QVERIFY(engineProgress({}) == Progress::NotBegun);
        QVERIFY(lobesProgress(f) == Progress::NotBegun);
        QVERIFY(f.figures().empty());
        QVERIFY(f.all.empty());
    }

    void lateCamAgainstItsCard() {
        const Findings f = examine(lateCam());
        const auto* shift = findingOf<found::CamShift>(f.all);
        QVERIFY(shift && std::abs(shift->late_deg - 2.0) < 0.05);
        QVERIFY(!has<found::SeparationOff>(f));
        const Figure* centre = figure(f, "centre.intake");
        QVERIFY(centre);
        QVERIFY(std::abs(*centre->value - 106.0) < 0.05);
        QVERIFY(std::abs(*centre->cardDifference - 2.0) < 0.05);
        // A late exhaust centre stands nearer to TDC.
        QVERIFY(std::abs(*figure(f, "centre.exhaust")->cardDifference + 2.0) < 0.05);
        QVERIFY(std::abs(*figure(f, "separation")->value - 109.0) < 0.05);
        QVERIFY(std::abs(*figure(f, "separation")->cardDifference) < 0.05);
        QVERIFY(std::abs(*figure(f, "advance")->value - 3.0) < 0.05);
        QVERIFY(figure(f, "overlap@150v"));
        QVERIFY(figure(f, "duration.intake@1270t"));
    }

    void asCardIsSaidWithinTheWheel() {
        Job job = lateCam();
        job.card->events.ivo = 10;
        job.card->events.ivc = 42;
        job.card->events.evo = 50;
        job.card->events.evc = 6;
        const Findings f = examine(job);
        QVERIFY(!has<found::CardShift>(f));
        QVERIFY(!has<found::CamShift>(f));
        QVERIFY(has<found::AsCard>(f));
    }

    void lobesThatDisagreeAreSeparation() {
        Job job = lateCam();
        job.card->events.evo = 56; // exhaust centre now promised at 116, four wider than it is
        job.card->events.evc = 0;
        const Findings f = examine(job);
        QVERIFY(!has<found::CamShift>(f));
        QVERIFY(has<found::SeparationOff>(f));
    }

    void tdcComesBeforeTrust() {
        Job job = lateCam();
        QVERIFY(has<found::TdcNotTaken>(examine(job)));
        Contact c;
        c.at = {-31};
        job.contacts.push_back(c);
        QVERIFY(!has<found::TdcNotTaken>(examine(job)));
        QVERIFY(engineProgress(job.engine) == Progress::Done);
        QVERIFY(tdcProgress(examine(job).tdc) == Progress::InHand);
    }

    void misfitSendsBackToLobes() {
        Job job = lateCam();
        job.runs[0].readings.edit()[29].value_mm -= 0.1;
        const Findings f = examine(job);
        QVERIFY(lobesProgress(f) == Progress::LookAgain);
        QVERIFY(has<found::OffTheCurve>(f));
        job.runs[0].readings.edit()[29].struck = Struck{"misread"};
        QVERIFY(!has<found::OffTheCurve>(examine(job)));
    }

    void lastRunWithReadingsCounts() {
        Job job = lateCam();
        job.runs.push_back(run(3, closed::power(104, 147, 7.2, 1.78), Side::Intake, -70, 280));
        LiftRun empty;
        empty.id = 4;
        job.runs.push_back(empty);
        const Findings f = examine(job);
        QVERIFY(!f.run(1)->current);
        QVERIFY(f.run(3)->current);
        QVERIFY(std::abs(*figure(f, "centre.intake")->value - 104.0) < 0.05);
    }

    void nextAngleFollowsTheHand() {
        LiftRun r;
        r.terms.from = {-70};
        r.terms.step_deg = 5;
        QCOMPARE(nextAngle(r).deg, -70.0);
        const auto add = [&](double deg) {
            Reading x;
            x.at = {deg};
            r.readings.push_back(x);
        };
        add(-70);
        add(-65);
        QCOMPARE(nextAngle(r).deg, -60.0);
        // Struck last: the same angle again.
        r.readings.edit().back().struck = Struck{"misread"};
        QCOMPARE(nextAngle(r).deg, -65.0);
        add(-65);
        add(-60);
        // Gone back to read one again: on from the farthest.
        add(-70);
        QCOMPARE(nextAngle(r).deg, -55.0);
        // Jumped ahead: on from there.
        add(20);
        QCOMPARE(nextAngle(r).deg, 25.0);
    }

    void cardDerivesCentreAndDuration() {
        const Job job = lateCam();
        QCOMPARE(*cardDuration_deg(*job.card, Side::Intake), 232.0);
        QCOMPARE(*cardCentre_deg(*job.card, Side::Intake), 104.0);
        QCOMPARE(*cardDuration_deg(*job.card, Side::Exhaust), 236.0);
        QCOMPARE(*cardCentre_deg(*job.card, Side::Exhaust), 114.0);
        QCOMPARE(cardSeparation(*job.card)->deg, 109.0);
        Card late; // an intake that opens after TDC
        late.events.ivo = -4;
        late.events.ivc = 36;
        QCOMPARE(*cardDuration_deg(late, Side::Intake), 212.0);
        QCOMPARE(*cardCentre_deg(late, Side::Intake), 110.0);
        QVERIFY(!cardCentre_deg(late, Side::Exhaust));
        QVERIFY(!cardSeparation(late));
    }

    // An asymmetric lobe ground as its card says must not look moved, whatever the school.
    void likeIsComparedWithLike() {
        const auto lobe = closed::asymmetric(104, 130, 160, 9.0);
        Job job;
        job.runs = {run(1, lobe, Side::Intake, -70, 300)};
        Card card;
        card.events.ivo = -lobe.event(1.27, true);
        card.events.ivc = lobe.event(1.27, false) - 180.0;
        job.card = card;
        for (auto school : {CentreSchool::EqualDrop, CentreSchool::Peak, CentreSchool::Centroid}) {
            job.reckoning.school = school;
            QVERIFY(!has<found::CardShift>(examine(job)));
            QVERIFY(has<found::AsCard>(examine(job)));
        }
    }

    void impossibleRodIsNotedOnTheRoute() {
        Job job = lateCam();
        job.engine.rod_mm = 30;
        QVERIFY(engineProgress(job.engine) == Progress::LookAgain);
    }

    void readingsTakenBackingUpAreLeftOutAndCounted() {
        Job job = lateCam();
        Reading slack = job.runs[0].readings[20];
        slack.value_mm += 0.3;
        slack.approach = Approach::BackingUp;
        job.runs[0].readings.push_back(slack);
        const Findings f = examine(job);
        QVERIFY(has<found::BackedUp>(f));
        QVERIFY(!has<found::OffTheCurve>(f));
        QVERIFY(!has<found::RepeatedAngle>(f));
    }

    void nothingLiftsOnTheOtherTurn() {
        for (Side side : {Side::Intake, Side::Exhaust}) {
            Job job;
            LiftRun r = run(1, closed::power(900, 10, 7.0), side, 0, -1);
            r.terms = usualConditions(job.engine, side);
            for (int i = 0; i < 26; ++i) {
                Reading x;
                x.at = {r.terms.from.deg + 5.0 * i};
                r.readings.push_back(x);
            }
            job.runs = {r};
            QVERIFY(has<found::OtherTurn>(examine(job)));
            // An honest run has lifted by there.
            for (Reading& x : job.runs[0].readings.edit())
                x.value_mm =
                    closed::power(side == Side::Intake ? 106 : -112, 147, 7.2).at(x.at.deg);
            QVERIFY(!has<found::OtherTurn>(examine(job)));
        }
    }

    void aShiftByOneTurnBringsTheLobeHome() {
        Job job;
        job.runs = {run(1, closed::power(-254, 147, 7.2), Side::Intake, -425, -80)};
        QVERIFY(has<found::CentreFarOff>(examine(job)));
        job.runs[0].terms.shift_deg = 360.0;
        const Findings f = examine(job);
        QVERIFY(!has<found::CentreFarOff>(f));
        QVERIFY(std::abs(f.runs[0].lobe.centres.equalDrop->deg - 106.0) < 0.05);
    }

    void oneTurnOfTheDialIsRecognised() {
        Job job = lateCam();
        Reading& slip = job.runs[0].readings.edit()[30];
        const double right = slip.value_mm;
        slip.value_mm += 1.0;
        const Findings f = examine(job);
        const auto* turn = findingOf<found::DialTurn>(f.all);
        QVERIFY(turn);
        QCOMPARE(turn->at.deg, slip.at.deg);
        QVERIFY(std::abs(turn->neighbour_mm - right) < 1e-9);
        // Half a turn off is a slip of another kind.
        slip.value_mm = right + 0.5;
        QVERIFY(!has<found::DialTurn>(examine(job)));
        // An inch dial turns at 0.1 in.
        job.runs[0].terms.dialTurn_mm = 2.54;
        slip.value_mm = right - 2.54;
        QVERIFY(has<found::DialTurn>(examine(job)));
    }

    void twistBetweenCylinders() {
        Job job = lateCam();
        LiftRun far = run(3, closed::power(108.5, 147, 7.2, 1.78), Side::Intake, -70, 280);
        far.cylinder = 4;
        job.runs.push_back(far);
        const Findings f = examine(job);
        const auto it = std::find_if(f.all.begin(), f.all.end(),
                                     [](const Finding& x) { return x.is<found::Twist>(); });
        QVERIFY(it != f.all.end());
        QCOMPARE(it->cylinder, 4);
        QVERIFY(std::abs(it->as<found::Twist>()->off_deg - 2.5) < 0.1);
        job.runs.back() = run(3, closed::power(106.4, 147, 7.2, 1.78), Side::Intake, -70, 280);
        job.runs.back().cylinder = 4;
        QVERIFY(!has<found::Twist>(examine(job)));
    }

    void tdcFoundOffAfterwardsAsksAboutTheReadings() {
        Job job = lateCam();
        for (LiftRun& r : job.runs)
            for (Reading& x : r.readings.edit())
                x.time_ms = 1000;
        const auto contact = [](int pass, bool after, double deg, std::int64_t time) {
            Contact c;
            c.pass = pass;
            c.afterTop = after;
            c.at = {deg};
            c.time_ms = time;
            return c;
        };
        // The wheel read 2 too much: true TDC stood at +2.
        job.contacts = {contact(1, false, -26, 2000), contact(1, true, 30, 2001)};
        Findings f = examine(job);
        const auto* moved = findingOf<found::TdcMoved>(f.all);
        QVERIFY(moved);
        QCOMPARE(moved->runs, 2);
        QCOMPARE(moved->off_deg, -2.0);
        // Proving the moved pointer does not forget what was read before.
        job.contacts.push_back(contact(2, false, -28, 3000));
        job.contacts.push_back(contact(2, true, 28.1, 3001));
        f = examine(job);
        // Nor does a pass that agrees, by 0.05 here, ask for a shift of its own.
        moved = findingOf<found::TdcMoved>(f.all);
        QVERIFY(moved);
        QCOMPARE(moved->off_deg, -2.0);
        // Shifted, the late cam is as its card; kept, it is not asked again.
        for (LiftRun& r : job.runs) {
            r.terms.shift_deg = *pendingShift_deg(r, f.tdc);
            r.terms.tdcAnswered = 2;
        }
        f = examine(job);
        QVERIFY(!has<found::TdcMoved>(f));
        QVERIFY(has<found::AsCard>(f));
        // Readings taken after the pass are on the moved pointer: nothing to ask.
        for (LiftRun& r : job.runs) {
            r.terms = {};
            for (Reading& x : r.readings.edit())
                x.time_ms = 5000;
        }
        QVERIFY(!has<found::TdcMoved>(examine(job)));
    }

    void eventsAreSettledByReadingsThatAgree() {
        Job job = lateCam();
        job.runs.clear();
        LiftRun r;
        r.id = 9;
        r.side = Side::Intake;
        r.terms.eventsOnly = true;
        const auto add = [&](ReadingOf of, double deg) {
            Reading x;
            x.id = static_cast<std::int64_t>(r.readings.size()) + 1;
            x.at = {deg};
            x.of = of;
            x.value_mm = of == ReadingOf::Nose ? 0.0 : 1.27;
            r.readings.push_back(x);
        };
        const auto examined = [&] {
            job.runs = {r};
            return examine(job);
        };
        add(ReadingOf::Opens, -10.0);
        add(ReadingOf::Opens, -10.2);
        QVERIFY(examined().runs[0].events->next->of == ReadingOf::Opens);
        add(ReadingOf::Opens, -20.1); // a ten-degree slip
        {
            const Findings f = examined();
            QVERIFY(has<found::EventOdd>(f));
            QVERIFY(f.runs[0].events->next->of == ReadingOf::Opens);
        }
        add(ReadingOf::Opens, -10.1);
        QVERIFY(examined().runs[0].events->next->of == ReadingOf::Closes);
        for (double d : {222.0, 221.9, 222.1})
            add(ReadingOf::Closes, d);
        {
            const Findings f = examined();
            const HeightEvents& e = f.runs[0].lobe.heights[0];
            QVERIFY(std::abs(e.opens->deg + 10.1) < 1e-9);
            QVERIFY(std::abs(*e.duration_deg() - 232.1) < 1e-9);
            QVERIFY(std::abs(f.runs[0].lobe.centre(CentreSchool::EqualDrop)->deg - 105.95) < 1e-9);
            QVERIFY(!f.runs[0].lobe.area_mm_deg);
            QVERIFY(has<found::EventsOnly>(f));
            QVERIFY(has<found::CardShift>(f));
        }
        add(ReadingOf::Nose, 106.0);
        QVERIFY(!examined().runs[0].events->next);
    }

    void anEventOnTheWrongSideOfItsDeadCentreIsNamed() {
        Job job = lateCam(); // the card closes the exhaust 4 after TDC
        job.runs.clear();
        LiftRun r;
        r.side = Side::Exhaust;
        r.terms.eventsOnly = true;
        for (double d : {-4.0, -4.1, -3.9}) {
            Reading x;
            x.at = {d};
            x.of = ReadingOf::Closes;
            x.value_mm = 1.27;
            r.readings.push_back(x);
        }
        job.runs = {r};
        Findings f = examine(job);
        // Alone it may as well be a cam that is eight early.
        QVERIFY(!has<found::EventSide>(f));
        Reading opens;
        opens.of = ReadingOf::Opens;
        opens.value_mm = 1.27;
        opens.at = *cardEvent(*job.card, Event::ExhaustOpens);
        job.runs[0].readings.push_back(opens);
        // The other event eight early as well: timing, and no event is accused.
        job.runs[0].readings.edit().back().at.deg -= 8.0;
        QVERIFY(!has<found::EventSide>(examine(job)));
        job.runs[0].readings.edit().back().at.deg += 8.0;
        f = examine(job);
        const auto* side = findingOf<found::EventSide>(f.all);
        QVERIFY(side && std::abs(side->mirrored.deg - 4.0) < 1e-9);
        for (Reading& x : job.runs[0].readings.edit())
            if (x.of == ReadingOf::Closes) x.at.deg = -x.at.deg;
        f = examine(job);
        QVERIFY(!has<found::EventSide>(f));
    }

    void figuresAreUnique() {
        Job job = lateCam();
        job.reckoning.heights = {{1.27, Place::Tappet}, {0.15, Place::Valve}};
        const Findings f = examine(job);
        for (std::size_t i = 0; i < f.figures().size(); ++i)
            for (std::size_t j = i + 1; j < f.figures().size(); ++j)
                QVERIFY(f.figures()[i].key() != f.figures()[j].key());
    }

    void sameKeyIsThatOfTheTexts() {
        std::vector<FigureId> all;
        for (int kind = 0; kind <= static_cast<int>(FigureKind::RampSpread); ++kind)
            for (const std::optional<Side> side :
                 {std::optional<Side>{}, std::optional(Side::Intake), std::optional(Side::Exhaust)})
                // The second is the first in inches, typed and turned to millimetres.
                for (const std::optional<Height> height :
                     {std::optional<Height>{}, std::optional(Height{1.27, Place::Tappet}),
                      std::optional(Height{1.2700001, Place::Tappet}),
                      std::optional(Height{1.27, Place::Valve}),
                      std::optional(Height{1.28, Place::Tappet})})
                    all.push_back({static_cast<FigureKind>(kind), side, height});
        int same = 0;
        for (const FigureId& a : all)
            for (const FigureId& b : all) {
                QCOMPARE(a.sameKey(b), a.key() == b.key());
                same += a.sameKey(b);
            }
        QVERIFY(same > static_cast<int>(all.size()));
    }
};

AMBER_TEST(TestExamine)

} // namespace test_examine

#include "test_examine.moc"
