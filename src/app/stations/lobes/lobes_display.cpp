// What the Lobes station shows: the angle large, the advice, the log and the pictures.
#include "app/pictures/ring.h"
#include "app/pictures/strip.h"
#include "app/stations/lobes/lobes_station.h"
#include "app/style/fact_rows.h"
#include "app/style/rows.h"
#include "core/angle/wheel.h"
#include "core/examine/sources.h"
#include "core/job/card.h"
#include "words/explanation.h"
#include "words/say.h"
#include "words/sentences.h"

#include <QButtonGroup>
#include <QLabel>
#include <QPushButton>
#include <QStackedWidget>

#include <cmath>

namespace app {

using namespace lobe;

Held<Finding> LobesStation::advice() const {
    const auto f = run_.found();
    if (!f) return {};
    // A reading that does not fit comes first: it is often the cause of the rest.
    const auto weight = [](const Finding& x) {
        const int first =
            x.code == Code::DialTurn || x.code == Code::OtherTurn ? 2 : x.code == Code::Misfit;
        return 4 * static_cast<int>(x.severity) + first;
    };
    const Finding* best = nullptr;
    for (const Finding& x : f->lobe.findings)
        if (!best || weight(x) > weight(*best)) best = &x;
    // A lobe of a cylinder whose top is not known stands nowhere yet.
    if (!best || best->code == Code::CentreFarOff || best->code == Code::SidesSwapped ||
        best->severity < Severity::LookAgain)
        for (const Finding& x : findings().all)
            if (x.code == Code::CylinderTdcUnknown && x.cylinder == f->cylinder &&
                x.side == f->side)
                best = &x;
    return {session().snapshot(), best};
}

/// A live hydraulic follower under the running spring gives way while it is read.
static bool live(const RunConditions& t) {
    return t.follower == Follower::Hydraulic && t.spring == Spring::Running;
}

/// What the card promises of this lobe, as a wheel shows it that is behind by some degrees.
QString LobesStation::cardOnWheel(double behind_deg) const {
    if (!job().card) return {};
    const Side side = session().side();
    const auto opens = cardEvent(*job().card, opening(side)),
               closes = cardEvent(*job().card, closing(side));
    if (!opens || !closes) return {};
    return Say::tr(" By the card it opens at %1 and closes at %2 there.")
        .arg(onWheel({opens->deg + behind_deg}), onWheel({closes->deg + behind_deg}));
}

/// Where this cylinder's own top stands on a wheel that was left as it was set for cylinder 1.
QString LobesStation::wheelOfFirst() const {
    const int cylinder = session().cylinder();
    if (cylinder == 1) return {};
    const auto behind = job().engine.behindFirst_deg(cylinder);
    if (!behind)
        return Say::tr("Set the wheel for this cylinder. Left as it stands for cylinder 1 it "
                       "needs the firing order (Engine), since this cylinder's TDC is not "
                       "known.");
    const QString at = onWheel({*behind});
    const QString card = cardOnWheel(*behind);
    return conditions().wheelOfFirst
               ? Say::tr("The wheel stands as set for cylinder 1: this cylinder's overlap "
                         "TDC is at %1 on it, %2 later in the cycle.%3")
                     .arg(at, words::degrees(*behind, style(), 0), card)
               : Say::tr("Set the wheel for this cylinder, or leave it and say so in the "
                         "conditions: its overlap TDC is then at %1.")
                     .arg(at);
}

/// What to do before the first reading.
static QString firstStep(const RunConditions& t) {
    if (!t.eventsOnly)
        return Say::tr("Set the indicator to zero on the base circle, turn to the angle "
                       "above and type the lift.");
    if (t.fromNose)
        return Say::tr("Set the indicator to zero at the nose, go back well past the drop, "
                       "come up to it and type what the wheel shows.");
    return Say::tr("Set %1 to zero on the base circle, turn until the height is reached and "
                   "type what the wheel shows.")
        .arg(t.oneTurn && t.bothValves ? Say::tr("both indicators") : Say::tr("the indicator"));
}

static QString curveSoFar(const RunFindings& f, CentreSchool school, const words::Style& style) {
    QString text = Say::tr("%1 of about %2 readings").arg(f.live).arg(f.planned);
    const auto centre = f.lobe.centre(school);
    if (centre && f.lobe.maxLift_mm)
        text += Say::tr("; centre %1, greatest lift %2")
                    .arg(words::degrees(std::abs(centre->deg), style),
                         words::liftWithUnit(*f.lobe.maxLift_mm, style));
    return text;
}

QString LobesStation::direction(const RunConditions& t) const {
    if (overshot_)
        return Say::tr("Overshot: go back to %1 or farther, then come up to %2 again.")
            .arg(onWheel({angle().deg - 20.0}), onWheel(angle()));
    if (backing_)
        return Say::tr("Backing up: readings are marked and left out of the curve, since "
                       "they carry the drive's slack. B ends it.");
    if (t.fromNose)
        return Say::tr("Set the indicator to zero where it reads highest. Then to the drop on "
                       "either side of the nose: go back well past it and come up to it, %1, "
                       "seen from the drive end. Half the duration is not the centre.")
            .arg(words::rotationName(job().engine.rotation));
    if (events_.both())
        return Say::tr(
                   "Both valves in one forward turn, %1, seen from the drive end, from ahead of "
                   "the exhaust's opening, an indicator on each: whichever stands at its height "
                   "first is read. An overshoot starts again.")
            .arg(words::rotationName(job().engine.rotation));
    if (t.eventsOnly && t.oneTurn)
        return Say::tr("One forward turn, %1, seen from the drive end: opening at each "
                       "height from low to high, the nose with its lift, closing from high to "
                       "low, and back to zero. An overshoot starts again.")
            .arg(words::rotationName(job().engine.rotation));
    if (t.eventsOnly)
        return Say::tr("Turn %1, seen from the drive end, to where the indicator reads the "
                       "height; always from the same side. An overshoot starts again.")
            .arg(words::rotationName(job().engine.rotation));
    return Say::tr(
               "Every %1. Turn %2, seen from the drive end, and come up to each mark from below.")
        .arg(words::degrees(t.step_deg, style(), 2), words::rotationName(job().engine.rotation));
}

/// What the motion says of the valve gear.
QString LobesStation::motionLine() const {
    const auto f = run_.found();
    if (!f || !f->lobe.motion)
        return Say::tr("Velocity and acceleration need a whole lobe, to its nose and beyond. "
                       "M goes back.");
    const Motion& m = *f->lobe.motion;
    QString text =
        Say::tr("%1 A flat tappet needs a face of at least %2")
            .arg(words::smoothingLine(f->lobe, style()),
                 words::fixed(style().inches() ? m.flatTappet_mm / kMmPerInch : m.flatTappet_mm,
                              style().inches() ? 2 : 1, style()) +
                     QLatin1Char(' ') + words::unitName(style()));
    text += f->lobe.taken.at == Place::Tappet && conditions().follower == Follower::SolidFlat
                ? Say::tr("; measure the one fitted.")
                : Say::tr(" (fitted here: %1).").arg(words::followerName(conditions().follower));
    if (f->lobe.rampSpread_deg)
        text += Say::tr(" Ramp spread %1 (seat %2 to %3).")
                    .arg(words::degrees(*f->lobe.rampSpread_deg, style()),
                         words::height(job().reckoning.seat_mm, style()),
                         words::height(kUsualHeight_mm, style()));
    if (f->lobe.halfOpening_deg && f->lobe.halfClosing_deg)
        text += Say::tr(" Halves %1 opening, %2 closing.")
                    .arg(words::degrees(*f->lobe.halfOpening_deg, style()),
                         words::degrees(*f->lobe.halfClosing_deg, style()));
    if (f->lobe.baseRunOut_mm)
        text += Say::tr(" Base circle within %1.")
                    .arg(words::liftWithUnit(*f->lobe.baseRunOut_mm, style()));
    return text + Say::tr(" M goes back.");
}

/// What is asked now, large.
void LobesStation::refreshNow(const RunConditions& t) {
    turnToLabel_->setText(complete()         ? Say::tr("run")
                          : goTo_ || again() ? Say::tr("go back well past it, then up to")
                                             : Say::tr("turn to"));
    angle_->setText(complete() ? Say::tr("done") : turnTo(angle()));
    const WheelScale scale = job().fitted.scale;
    const bool plain = scale == WheelScale::Full360With || scale == WheelScale::Full360Against ||
                       scale == WheelScale::Signed;
    QString side = words::sideOfTop(angle());
    if (scale == WheelScale::Quarter90) side = words::sideOfDeadCentre(angle());
    angleSide_->setText(complete() || plain ? QString() : side);
    if (t.eventsOnly) {
        const auto wanted = events_.wanted();
        turnToLabel_->setText(t.fromNose       ? Say::tr("zero at the nose; centre by two readings")
                              : events_.both() ? words::sideName(session().side()) +
                                                     Say::tr(", both in one forward turn")
                              : t.oneTurn ? Say::tr("all in one forward turn")
                                          : Say::tr("events only"));
        const bool flank =
            wanted && (wanted->of == ReadingOf::Opens || wanted->of == ReadingOf::Closes);
        // Beside the nose the drop is the large figure: what the indicator is to read.
        if (t.fromNose && wanted) {
            angle_->setText(
                words::height(wanted->height.mm, style()).section(QLatin1Char(' '), 0, 0));
            angleSide_->setText(Say::tr("under, ") + eventName(wanted->of, true));
        } else {
            angle_->setText(wanted ? eventName(wanted->of) : Say::tr("done"));
            angleSide_->setText(flank ? Say::tr("at ") + words::height(wanted->height.mm, style())
                                      : QString());
        }
    }
}

/// What was typed last, in words; with both valves in one turn at whichever lobe. Empty before any.
QString LobesStation::lastReading() const {
    std::vector<Side> sides{session().side()};
    if (events_.both()) sides = {Side::Intake, Side::Exhaust};
    const Reading* last = nullptr;
    Side of = session().side();
    bool fromNose = false;
    for (Side side : sides) {
        const auto run = session().run(session().cylinder(), side);
        if (!run || run->readings.empty()) continue;
        const Reading& r = run->readings.back();
        if (last && r.id < last->id) continue;
        last = &r;
        of = side;
        fromNose = run->conditions.fromNose;
    }
    if (!last) return {};
    const QString struck = last->struck ? Say::tr("  struck") : QString();
    const QString who = events_.both() ? words::sideName(of) + QLatin1Char(' ') : QString();
    const DegreeWheel wheel = job().fitted.degreeWheel();
    if (last->of != ReadingOf::Lift)
        return Say::tr("last  %1%2 %3%4")
            .arg(who, eventName(last->of, fromNose), words::onWheel(last->at, wheel, style()),
                 struck);
    return Say::tr("last  %1%2  %3%4")
        .arg(who,
             eventsOnly() ? eventName(last->of) : words::onWheel(last->at, wheel, style(), true),
             words::liftWithUnit(last->lift_mm, style()), struck);
}

void LobesStation::refreshTexts() {
    const RunConditions t = conditions();
    const auto run = session().run();
    const auto f = run_.found();
    title_->setText(
        Say::tr("Cylinder %1 %2").arg(session().cylinder()).arg(words::sideName(session().side())));
    direction_->setText(motion_ ? motionLine() : direction(t));
    for (QAbstractButton* b : steps_->buttons())
        b->setChecked(false);
    steps_->setExclusive(false);
    for (QAbstractButton* b : steps_->buttons())
        b->setChecked(std::abs(t.step_deg - steps_->id(b)) < 1e-9);
    steps_->setExclusive(true);
    places_->button(static_cast<int>(t.taken))->setChecked(true);
    eventsChip_->setChecked(t.eventsOnly && !t.fromNose);
    centreChip_->setChecked(t.fromNose);
    conditionsChip_->setChecked(sheet_.field() != nullptr);
    newRun_->setVisible(run && !run->readings.empty());

    refreshNow(t);
    for (QAbstractButton* b : steps_->buttons())
        b->setEnabled(!t.eventsOnly);
    const QString last = lastReading();
    last_->setText(last.isEmpty() ? Say::tr("no reading yet") : last);
    const auto a = advice();
    adviceHead_->setText(a ? words::severityTitle(a->severity) : QString());
    advice_->setText(
        a ? (width() < 700 ? words::shortSentence(*a, style()) : words::sentence(*a, style()))
        : f && f->live             ? Say::tr("Every reading fits its neighbours.")
        : live(t)                  ? words::liveFollowerWarning()
        : wheelOfFirst().isEmpty() ? firstStep(t)
                                   : wheelOfFirst());
    QString progress;
    if (f && f->events)
        progress = eventsSoFar(*f->events, t, style());
    else if (f)
        progress = curveSoFar(*f, job().reckoning.school, style());
    if (f && f->passes)
        progress +=
            job().reckoning.averagePasses
                ? Say::tr("; mean of %1 passes, A takes the newest").arg(f->passes->runs.size())
                : Say::tr("; newest of %1 passes, A takes their mean").arg(f->passes->runs.size());
    progress_->setText(progress);
    // Where there is little room, what is to be looked at comes first.
    progress_->setVisible(width() >= 700 || !a || !f || !f->events);
}

void LobesStation::refreshLog() {
    QList<Row> rows;
    const auto run = session().run();
    const auto f = run_.found();
    if (run)
        for (const Reading& r : run->readings) {
            Row row;
            row.id = r.id;
            row.title = words::onWheel(placed(r, run->conditions), job().fitted.degreeWheel(),
                                       style(), true);
            row.value = words::lift(r.lift_mm, style());
            if (f)
                for (const LiftReading& c : f->readings)
                    if (c.id == r.id && std::abs(c.lift_mm - r.lift_mm) > 1e-6) {
                        // What the indicator read, beside the lift it stands for.
                        row.note = Say::tr("read ") + row.value;
                        row.value = words::lift(c.lift_mm, style());
                    }
            if (f && !r.struck && r.of == ReadingOf::Lift)
                for (const LiftReading& c : f->readings)
                    if (c.id == r.id && !c.counts && r.approach == Approach::Forward)
                        row.note = Say::tr("not counted");
            if (r.approach == Approach::BackingUp) row.note = Say::tr("backing up");
            if (r.of != ReadingOf::Lift) {
                row.value = row.title;
                // Beside the nose the list has little room: before, after.
                row.title = run->conditions.fromNose
                                ? (r.of == ReadingOf::Opens ? Say::tr("before", "the nose")
                                                            : Say::tr("after", "the nose"))
                                : eventName(r.of);
            }
            row.struck = r.struck.has_value();
            if (r.struck)
                row.note = QString::fromStdString(r.struck->reason);
            else if (f)
                for (const Misfit& m : f->lobe.misfits)
                    if (run && std::abs(wrapCycle(m.at - placed(r, run->conditions)).deg) < 1e-6) {
                        row.note = Say::tr("again?");
                        row.warn = true;
                    }
            rows << row;
        }
    // The reading in question stands in view, marked; else the newest.
    int wanted = -1;
    const auto asked = goTo_ || again() ? std::optional(angle()) : std::nullopt;
    for (int i = 0; i < rows.size() && run; ++i) {
        const Reading& r = run->readings[static_cast<std::size_t>(i)];
        const bool here =
            asked && r.of == ReadingOf::Lift && std::abs(r.at.deg - asked->deg) < 1e-6;
        if (here && !r.struck) rows[i].marked = true;
        if (here || (!asked && rows[i].warn)) wanted = i;
    }
    log_->setRows(rows);
    if (log_->hasFocus()) return;
    if (wanted >= 0)
        log_->scrollToItem(log_->item(wanted), QAbstractItemView::PositionAtCenter);
    else
        log_->scrollToBottom();
}

RingScene LobesStation::ringScene() const {
    RingScene ring = ringOf(session().snapshot(), session().cylinder());
    if (!eventsOnly()) ring.needle = angle();
    if (asked_)
        for (const LobeFigures* lobe : {ring.intake.get(), ring.exhaust.get()})
            if (lobe)
                for (CrankDeg at : figureAngles(*asked_, *lobe))
                    ring.asked.push_back(at);
    return ring;
}

void LobesStation::refreshPictures() {
    StripScene strip;
    strip.heights = job().reckoning.heights;
    if (!complete() && !eventsOnly()) strip.next = angle();
    const SnapshotPtr now = session().snapshot();
    if (const CylinderFindings* c = now->findings.cylinder(session().cylinder()))
        for (const RunFindings* each : {now->findings.exhaust(*c), now->findings.intake(*c)})
            if (each) strip.lobes.push_back({now, each});
    if (const auto all = comparables(); compared_ > 0 && compared_ <= all.size()) {
        const Comparable& c = all[compared_ - 1];
        strip.compared = compareLobes(run_.found()->lobe, c.run->lobe, c.mirrored);
        strip.comparedName = c.name;
    }
    if (const auto f = run_.found(); f && motion_ && f->lobe.motion)
        strip.motion = {now, &*f->lobe.motion};
    if (asked_)
        for (const auto& each : strip.lobes) {
            const auto at = sourceAngles(*asked_, each->lobe);
            strip.asked.insert(strip.asked.end(), at.begin(), at.end());
        }
    // Earlier passes of the lobe at hand lie under the newest.
    if (const auto f = run_.found(); f && f->passes)
        for (const RunFindings& other : findings().runs)
            for (std::int64_t id : f->passes->runs)
                if (other.run == id && id != f->run) strip.passes.push_back({now, &other});
    picture_->setCurrentWidget(sheet_.field() ? static_cast<QWidget*>(conditions_) : ring_);
    if (sheet_.field()) showFacts(*conditions_, sheet_, facts(), style());
    ring_->setScene(ringScene());
    strip_->setScene(strip);
}

StandCard LobesStation::standCard() const {
    if (sheet_.field()) return Bench::standCard();
    const auto f = run_.found();
    const auto run = session().run();
    StandCard card;
    card.subject =
        Say::tr("cyl %1  %2").arg(session().cylinder()).arg(words::sideName(session().side()));
    card.side = session().side();
    if (f) card.progress = Say::tr("%1 of %2").arg(f->live).arg(f->planned);
    card.caption = turnToLabel_->text();
    card.big = angle_->text();
    card.bigNote = angleSide_->text();
    card.last = lastReading();
    if (const auto a = advice()) {
        card.advice = words::shortSentence(*a, style());
        card.warn = a->severity >= Severity::LookAgain;
    }
    if (f) {
        const Height main = eventsHeight(job());
        const HeightEvents* e = f->lobe.events(main);
        if (e && e->opens)
            card.soFar = Say::tr("opens %1 at %2")
                             .arg(words::fromDeadCentre(*e->opens, style()),
                                  words::height(main.mm, style()));
        if (const auto centre = f->lobe.centre(job().reckoning.school))
            card.soFar +=
                Say::tr("    centre %1").arg(words::degrees(std::abs(centre->deg), style()));
    }
    card.tip =
        overshot_ || backing_ || eventsOnly()
            ? direction(conditions())
            : Say::tr("Turn %1, seen from the drive end, up to each mark. Overshot? Back "
                      "past %2, then up again.")
                  .arg(words::rotationName(job().engine.rotation), onWheel({angle().deg - 20.0}));
    card.ring = ringScene();
    return card;
}

void LobesStation::refresh() {
    refreshTexts();
    refreshLog();
    refreshPictures();
}

} // namespace app
