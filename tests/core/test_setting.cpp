// Setting the cam: what is to be moved by every target and school, what a move makes of the
// figures, and what was measured after it. The cams are closed-form lobes moved by known amounts.
#include "core/assess/need.h"
#include "core/compression/compression.h"
#include "core/drive/choices.h"
#include "core/examine/examine.h"
#include "core/job/job.h"
#include "core/route/progress.h"
#include "simulated/closed_lobes.h"
#include "support/program.h"

#include <QTest>

#include <algorithm>
#include <cmath>

namespace test_setting {

using namespace lobe;

namespace {

LiftRun run(std::int64_t id, const closed::Lobe& lobe, Side side, double from, double to,
            int setting = 0) {
    LiftRun r;
    r.id = id;
    r.side = side;
    r.terms.from = {from};
    r.terms.to = {to};
    r.terms.afterMove = setting;
    for (double d = from; d <= to; d += 5.0) {
        Reading reading;
        reading.id = id * 1000 + static_cast<std::int64_t>(r.readings.size());
        reading.at = {d};
        reading.value_mm = lobe.at(d);
        r.readings.push_back(reading);
    }
    return r;
}

closed::Lobe intakeLobe(double late) {
    return closed::power(104 + late, 147, 7.2, 1.78);
}
closed::Lobe exhaustLobe(double late) {
    return closed::power(-114 + late, 150, 7.0, 1.78);
}

/// Two passes that agree: TDC is proved.
std::vector<Contact> proved() {
    std::vector<Contact> out;
    for (int pass : {1, 2})
        for (bool after : {false, true}) {
            Contact c;
            c.id = static_cast<std::int64_t>(out.size()) + 1;
            c.pass = pass;
            c.afterTop = after;
            c.typed = after ? "30a" : "30b";
            c.at = {after ? 30.0 : -30.0};
            out.push_back(c);
        }
    return out;
}

/// Carded 104 / 114 by its centres; the lobes late by so much.
Job cam(double intakeLate, double exhaustLate) {
    Job job;
    job.engine.bore_mm = 90;
    job.engine.stroke_mm = 78;
    job.engine.rod_mm = 142;
    job.engine.cylinders = 1;
    job.engine.chamber.chamber_cc = 42.0;
    job.engine.drive.teeth = 40;
    Card card;
    card.centre.intake = 104;
    card.centre.exhaust = 114;
    job.card = card;
    job.contacts = proved();
    job.runs = {run(1, intakeLobe(intakeLate), Side::Intake, -70, 280),
                run(2, exhaustLobe(exhaustLate), Side::Exhaust, -285, 65)};
    return job;
}

/// The cam moved by so much (advance) after a change that was meant to move it by `meant`.
Job moved(double meant, double by) {
    Job job = cam(4.0, 4.0);
    CamMove change;
    change.made.intake = DriveMove{};
    change.made.intake->total_deg = meant;
    job.changes = {change};
    job.runs.push_back(run(3, intakeLobe(4.0 - by), Side::Intake, -70, 280, 1));
    job.runs.push_back(run(4, exhaustLobe(4.0 - by), Side::Exhaust, -285, 65, 1));
    return job;
}

bool near(const std::optional<double>& value, double wanted, double within = 0.05) {
    if (value && std::abs(*value - wanted) <= within) return true;
    qWarning("%g and not %g", value.value_or(std::nan("")), wanted);
    return false;
}

} // namespace

class TestSetting : public QObject {
    Q_OBJECT
private slots:
    void setBySchools() {
        // The intake 3 late, the exhaust 1 late: by intake 3, halfway 2.
        Job job = cam(3.0, 1.0);
        Findings f = examine(job);
        QVERIFY(near(f.need.move_deg.intake, 3.0));
        QVERIFY(!f.need.move_deg.exhaust);
        job.trial.target.school = SetSchool::SplitDifference;
        f = examine(job);
        QVERIFY(near(f.need.move_deg.intake, 2.0));
        QVERIFY(near(f.need.byIntake_deg, 3.0));
        QVERIFY(near(f.need.split_deg, 2.0));
        // All events needs a card with events.
        job.trial.target.school = SetSchool::AllEvents;
        QVERIFY(examine(job).need.fault == NeedFault::NoCard);
        const auto ivo = toCard(Event::IntakeOpens, {intakeLobe(0).event(1.27, true)}).deg;
        const auto ivc = toCard(Event::IntakeCloses, {intakeLobe(0).event(1.27, false)}).deg;
        const auto evo = toCard(Event::ExhaustOpens, {exhaustLobe(0).event(1.27, true)}).deg;
        const auto evc = toCard(Event::ExhaustCloses, {exhaustLobe(0).event(1.27, false)}).deg;
        job.card->events.ivo = ivo;
        job.card->events.ivc = ivc;
        job.card->events.evo = evo;
        job.card->events.evc = evc;
        QVERIFY(near(examine(job).need.move_deg.intake, 2.0));
    }

    void earlierThanTheCard() {
        Job job = cam(3.0, 3.0);
        job.trial.target.kind = TargetKind::CardPlus;
        job.trial.target.plus_deg = 2.0;
        QVERIFY(near(examine(job).need.move_deg.intake, 5.0));
        job.trial.target.plus_deg = -4.0;
        QVERIFY(near(examine(job).need.move_deg.intake, -1.0));
    }

    void anEventAtItsPlace_data() {
        QTest::addColumn<int>("event");
        for (int e = 0; e < 4; ++e)
            QTest::addRow("%d", e) << e;
    }
    void anEventAtItsPlace() {
        QFETCH(int, event);
        Job job = cam(0.0, 0.0);
        const Event which = static_cast<Event>(event);
        const bool intake = event < 2, opens = event % 2 == 0;
        const double at =
            intake ? intakeLobe(0).event(1.27, opens) : exhaustLobe(0).event(1.27, opens);
        job.trial.target.kind = TargetKind::EventAt;
        job.trial.target.event = which;
        // Wanted 5 degrees earlier than it is; one cam moves both lobes.
        job.trial.target.event_deg = toCard(which, {at - 5.0}).deg;
        QVERIFY(near(examine(job).need.move_deg.intake, 5.0));
        job.engine.layout = Layout::TwinOverheadCam;
        const Need need = examine(job).need;
        QVERIFY(near(intake ? need.move_deg.intake : need.move_deg.exhaust, 5.0));
        QVERIFY(!(intake ? need.move_deg.exhaust : need.move_deg.intake));
    }

    void separationOfTwoCams() {
        Job job = cam(0.0, 0.0);
        job.trial.target.kind = TargetKind::Separation;
        job.trial.target.separation_deg = 112.0;
        QVERIFY(examine(job).need.fault == NeedFault::SeparationFixed);
        job.engine.layout = Layout::TwinOverheadCam;
        // 109 is to be 112: the exhaust 6 crank degrees earlier, or 3 and the intake 3 later.
        Findings f = examine(job);
        QVERIFY(near(f.need.move_deg.intake, 0.0));
        QVERIFY(near(f.need.move_deg.exhaust, 6.0));
        Outcome out = outcome(job, f, *f.need.move_deg.intake, *f.need.move_deg.exhaust);
        QVERIFY(near(out.separation, 112.0));
        QVERIFY(near(out.centre.intake, 104.0));
        job.trial.target.school = SetSchool::SplitDifference;
        f = examine(job);
        QVERIFY(near(f.need.move_deg.intake, -3.0));
        QVERIFY(near(f.need.move_deg.exhaust, 3.0));
        out = outcome(job, f, *f.need.move_deg.intake, *f.need.move_deg.exhaust);
        QVERIFY(near(out.separation, 112.0));
        QVERIFY(near(out.centre.intake, 107.0));
        QVERIFY(near(out.centre.exhaust, 117.0));
    }

    void dynamicCompression() {
        Job job = cam(4.0, 4.0);
        job.trial.target.kind = TargetKind::Dynamic;
        QVERIFY(examine(job).need.fault == NeedFault::NoVolumes);
        job.trial.target.dynamic = 30.0;
        QVERIFY(examine(job).need.fault == NeedFault::OutOfReach);
        const Outcome now = outcome(job, examine(job), 0.0, 0.0);
        job.trial.target.dynamic = *now.dynamic + 0.2;
        const Findings f = examine(job);
        QVERIFY(f.need.move_deg.intake && *f.need.move_deg.intake > 0.5);
        QVERIFY(near(outcome(job, f, *f.need.move_deg.intake, *f.need.move_deg.intake).dynamic,
                     job.trial.target.dynamic, 1e-6));
    }

    void whatIsMissingIsSaid() {
        Job job = cam(0.0, 0.0);
        job.trial.target.kind = TargetKind::Clearance;
        QVERIFY(examine(job).need.fault == NeedFault::NoClearance);
        job.trial.target.kind = TargetKind::CardCentre;
        job.card.reset();
        QVERIFY(examine(job).need.fault == NeedFault::NoCard);
        job.runs.clear();
        QVERIFY(examine(job).need.fault == NeedFault::NoLobe);
        job.trial.target.kind = TargetKind::EventAt;
        QVERIFY(examine(job).need.fault == NeedFault::NoLobe);
    }

    void figuresFollowAMove() {
        const Job job = cam(4.0, 4.0);
        const Findings f = examine(job);
        const Outcome now = outcome(job, f, 0.0, 0.0), then = outcome(job, f, 3.0, 3.0);
        QVERIFY(near(then.centre.intake, *now.centre.intake - 3.0, 1e-9));
        QVERIFY(near(then.centre.exhaust, *now.centre.exhaust + 3.0, 1e-9));
        QVERIFY(near(then.separation, *now.separation, 1e-9));
        QVERIFY(near(then.events.ivo, *now.events.ivo + 3.0, 1e-9));
        QVERIFY(near(then.events.ivc, *now.events.ivc - 3.0, 1e-9));
        QVERIFY(near(then.events.evo, *now.events.evo + 3.0, 1e-9));
        QVERIFY(near(then.events.evc, *now.events.evc - 3.0, 1e-9));
        QVERIFY(near(then.overlap, *now.overlap, 1e-9));
        QVERIFY(near(then.closing_deg, *now.closing_deg - 3.0, 1e-9));
        QVERIFY(*then.dynamic > *now.dynamic + 0.05);
        // Against the truth: the very lobe, moved.
        QVERIFY(near(then.events.ivc,
                     toCard(Event::IntakeCloses, {intakeLobe(1.0).event(1.27, false)}).deg, 0.05));
        // Cams apart: the overlap grows with the intake's advance alone.
        QVERIFY(near(outcome(job, f, 3.0, 0.0).overlap, *now.overlap + 3.0, 1e-9));
    }

    void movesAreJudged_data() {
        QTest::addColumn<double>("meant");
        QTest::addColumn<double>("moved");
        QTest::addColumn<int>("verdict");
        const auto row = [](const char* name, double meant, double by, MoveVerdict v) {
            QTest::newRow(name) << meant << by << static_cast<int>(v);
        };
        row("as meant", 4.0, 4.0, MoveVerdict::AsMeant);
        row("near enough", 4.0, 3.5, MoveVerdict::AsMeant);
        row("not at all", 4.0, 0.1, MoveVerdict::NotMoved);
        row("wrong way", 4.0, -4.0, MoveVerdict::WrongWay);
        row("half: cam degrees", 4.0, 2.0, MoveVerdict::Half);
        row("twice: crank degrees", 4.0, 8.0, MoveVerdict::Twice);
        row("wrong way and half", 6.0, -3.0, MoveVerdict::WrongWayHalf);
        row("wrong way and twice", 4.0, -8.0, MoveVerdict::WrongWayTwice);
        row("something else", 8.0, 5.7, MoveVerdict::Other);
        row("a retard, wrong way", -4.0, 4.0, MoveVerdict::WrongWay);
    }
    void movesAreJudged() {
        QFETCH(double, meant);
        QFETCH(double, moved);
        QFETCH(int, verdict);
        const Findings f = examine(test_setting::moved(meant, moved));
        QCOMPARE(f.changes.size(), std::size_t(2));
        for (const MoveCheck& c : f.changes) {
            QCOMPARE(static_cast<int>(c.verdict), verdict);
            QVERIFY(near(c.moved_deg, moved));
            QVERIFY(c.alike);
            QCOMPARE(c.events.size(), std::size_t(2));
        }
        QVERIFY(settingProgress(test_setting::moved(meant, moved), f) ==
                (verdict != static_cast<int>(MoveVerdict::AsMeant) ? Progress::LookAgain
                 : moved == 4.0                                    ? Progress::Done
                                : settingProgress(test_setting::moved(meant, moved), f)));
    }

    void waitsToBeMeasured() {
        Job job = cam(4.0, 4.0);
        CamMove change;
        change.made.intake = DriveMove{};
        change.made.intake->total_deg = 4.0;
        job.changes = {change};
        Findings f = examine(job);
        QCOMPARE(f.changes.size(), std::size_t(2));
        QVERIFY(f.changes[0].verdict == MoveVerdict::Waiting);
        QVERIFY(settingProgress(job, f) == Progress::InHand);
        int again = 0;
        for (const Task& t : f.plan)
            again += t.kind == TaskKind::MeasureAgain;
        QCOMPARE(again, 2);
        // Nothing is said of where it stands until then.
        QVERIFY(f.need.fault == NeedFault::MovedSince);
        QVERIFY(timingProgress(f) == Progress::InHand);
        QVERIFY(!f.closings.by(ClosingSchool::SeatMeasured).deg);
        int moved = 0;
        for (const Finding& x : f.all) {
            moved += x.is<found::MovedSince>();
            QVERIFY(!x.is<found::CamShift>() && !x.is<found::CardShift>());
        }
        QCOMPARE(moved, 2);
        // Durations are the cam's own, and so is one cam's separation; where it stands is not
        // known.
        const auto shows = [&](FigureKind kind) {
            return std::any_of(f.figures().begin(), f.figures().end(),
                               [&](const Figure& x) { return x.kind == kind; });
        };
        QVERIFY(shows(FigureKind::Duration));
        QVERIFY(shows(FigureKind::Separation));
        QVERIFY(!shows(FigureKind::Centre));
        QVERIFY(!shows(FigureKind::Closes));
        QVERIFY(!shows(FigureKind::Advance));
        // One lobe measured and the other not: no figure of the two together.
        job.runs.push_back(run(3, intakeLobe(0.0), Side::Intake, -70, 280, 1));
        f = examine(job);
        QVERIFY(!f.cylinders.front().pair);
        QVERIFY(near(f.need.move_deg.intake, 0.0));
        QVERIFY(settingProgress(job, f) == Progress::InHand);
        job.runs.push_back(run(4, exhaustLobe(0.0), Side::Exhaust, -285, 65, 1));
        f = examine(job);
        QVERIFY(f.cylinders.front().pair.has_value());
        QVERIFY(settingProgress(job, f) == Progress::Done);
    }

    void twoCamsAreJudgedEachOnItsOwn() {
        Job job = cam(4.0, 0.0);
        job.engine.layout = Layout::TwinOverheadCam;
        CamMove change;
        change.made.intake = DriveMove{};
        change.made.intake->total_deg = 4.0;
        job.changes = {change};
        // The exhaust was not moved: its old run still counts.
        QVERIFY(measuredBefore(job, 0, Side::Intake));
        QVERIFY(!measuredBefore(job, 0, Side::Exhaust));
        job.runs.push_back(run(3, intakeLobe(0.0), Side::Intake, -70, 280, 1));
        const Findings f = examine(job);
        QCOMPARE(f.changes.size(), std::size_t(1));
        QVERIFY(f.changes[0].side == Side::Intake);
        QVERIFY(f.changes[0].verdict == MoveVerdict::AsMeant);
        QVERIFY(f.cylinders.front().pair.has_value());
    }

    void measuredAfterALaterMoveOfTheOtherCam() {
        Job job = cam(4.0, -3.0);
        job.engine.layout = Layout::TwinOverheadCam;
        CamMove first, second;
        first.made.intake = DriveMove{};
        first.made.intake->total_deg = 4.0;
        second.number = 2;
        second.made.exhaust = DriveMove{};
        second.made.exhaust->total_deg = -3.0;
        job.changes = {first, second};
        job.runs.push_back(run(3, intakeLobe(0.0), Side::Intake, -70, 280, 2));
        Findings f = examine(job);
        QCOMPARE(f.changes.size(), std::size_t(2));
        QVERIFY(f.changes[0].verdict == MoveVerdict::AsMeant);
        QVERIFY(f.changes[1].verdict == MoveVerdict::Waiting);
        // Had the second moved the intake as well, its reading would say nothing of the first.
        job.changes[1].made.intake = DriveMove{};
        job.changes[1].made.intake->total_deg = 1.0;
        f = examine(job);
        QVERIFY(f.changes[0].verdict == MoveVerdict::Waiting);
    }

    // The last cylinder was measured against twist before the move, and not since.
    void otherCylindersFollowTheFirst() {
        Job job = moved(4.0, 4.0);
        job.engine.cylinders = 4;
        LiftRun last = job.runs[0];
        last.id = 9;
        last.cylinder = 4;
        job.runs.push_back(last);
        const Findings f = examine(job);
        for (const Finding& x : f.all)
            QVERIFY2(!x.is<found::Twist>(), "the move was taken for a twisted cam");
        QVERIFY(settingProgress(job, f) == Progress::Done);
        QVERIFY(timingProgress(f) == Progress::Done);
        // The same on a TDC that nobody proved is no tick.
        Job loose = job;
        loose.contacts = {};
        const Findings g = examine(loose);
        QVERIFY(settingProgress(loose, g) == Progress::InHand);
        QVERIFY(timingProgress(g) == Progress::InHand);
        const auto again = std::find_if(f.plan.begin(), f.plan.end(), [](const Task& t) {
            return t.kind == TaskKind::MeasureAgain;
        });
        QVERIFY(again != f.plan.end());
        QCOMPARE(again->cylinder, 4);
        QVERIFY(again->optional);
        // Measured since as well, and really standing off, it is a twist.
        job.runs.back().terms.afterMove = 1;
        const Findings both = examine(job);
        QVERIFY(std::any_of(both.all.begin(), both.all.end(),
                            [](const Finding& x) { return x.is<found::Twist>(); }));
    }

    // Changing the exhaust alone leaves intakes comparable, whenever they were measured.
    void twistOfACamThatWasLeftAlone() {
        Job job = cam(0.0, 0.0);
        job.engine.layout = Layout::TwinOverheadCam;
        job.engine.cylinders = 2;
        CamMove change;
        change.made.exhaust = DriveMove{};
        change.made.exhaust->total_deg = 3.0;
        job.changes = {change};
        LiftRun second = run(5, intakeLobe(3.0), Side::Intake, -70, 280, 1);
        second.cylinder = 2;
        job.runs.push_back(second);
        const Findings f = examine(job);
        QVERIFY(std::any_of(f.all.begin(), f.all.end(),
                            [](const Finding& x) { return x.is<found::Twist>(); }));
    }

    void aDurationThatChangesIsMeasuringError() {
        Job job = moved(4.0, 4.0);
        // The lash was set in between: the later intake run opens later and closes earlier.
        for (Reading& r : job.runs[2].readings.edit())
            r.value_mm = std::max(0.0, r.value_mm - 0.25);
        const Findings f = examine(job);
        const MoveCheck& c = f.changes.front();
        QVERIFY(c.side == Side::Intake);
        QVERIFY(!c.alike);
        QVERIFY(c.error_deg > 1.0);
        QVERIFY(near(c.moved_deg, 4.0, 0.3));
        QVERIFY(settingProgress(job, f) == Progress::LookAgain);
    }

    void readingsBeforeAMoveAreNotAveragedWithThoseAfter() {
        Job job = moved(4.0, 4.0);
        job.reckoning.averagePasses = true;
        const Findings f = examine(job);
        QVERIFY(near(f.need.move_deg.intake, 0.0));
    }

    void levelFollowers() {
        // 18 degrees a tooth; level 5 late of the card's split: the right tooth.
        LevelCheck c = checkLevel(3.0, -2.0, 18.0);
        QVERIFY(c.rightTooth);
        QCOMPARE(c.late_deg, 5.0);
        c = checkLevel(12.0, -2.0, 18.0);
        QVERIFY(!c.rightTooth);
        QCOMPARE(c.teeth, 1);
        QCOMPARE(c.left_deg, -4.0);
        c = checkLevel(-11.5, -2.0, 18.0);
        QCOMPARE(c.teeth, -1);
        Card card;
        card.events.ivo = 12;
        card.events.evc = 4;
        card.events.ivc = 40;
        card.events.evo = 52;
        QCOMPARE(*splitOfCard_deg(card), -4.0);
        QVERIFY(!splitOfCard_deg(Card{}));
    }

    void splitOfTheCardIsWhereTheFollowersAreLevel() {
        // Two lobes of one shape, so that the split point at a height is the middle of its events.
        const auto in = closed::power(104, 147, 7.2, 1.78),
                   ex = closed::power(-110, 147, 7.2, 1.78);
        Card card;
        card.events.ivo = toCard(Event::IntakeOpens, {in.event(1.27, true)}).deg;
        card.events.evc = toCard(Event::ExhaustCloses, {ex.event(1.27, false)}).deg;
        double lo = -40.0, hi = 40.0;
        for (int i = 0; i < 60; ++i) {
            const double mid = (lo + hi) / 2.0;
            (ex.at(mid) > in.at(mid) ? lo : hi) = mid;
        }
        QVERIFY(near(splitOfCard_deg(card), lo, 0.01));
    }

    void skimmedHead() {
        // By the length of chain on the wheel: 0.5 mm of a 34.4 mm circle.
        const double round = 2.0 * 3.14159265358979 * 34.4;
        QVERIFY(near(skimShift_deg(0.5, 34.4, 0.0), -2.0 * 360.0 * 0.5 / round, 1e-9));
        QVERIFY(near(skimShift_deg(0.5, 34.4, 60.0), -360.0 * 0.5 / round, 1e-9));
        QVERIFY(*skimShift_deg(-0.5, 34.4, 0.0) > 0.0);
        QVERIFY(!skimShift_deg(0.5, 0.0, 0.0));
    }
};

AMBER_TEST(TestSetting)

} // namespace test_setting

#include "test_setting.moc"
