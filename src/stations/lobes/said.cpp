// What the Lobes station says: where to turn to, which way, what was found so far.
#include "core/angle/wheel.h"
#include "core/assess/sources.h"
#include "core/job/card.h"
#include "core/job/job.h"
#include "core/lobe/run.h"
#include "stations/lobes/lobes_desk.h"
#include "words/explanation.h"
#include "words/say.h"
#include "words/sentences.h"

#include <cmath>

namespace app {

using namespace lobe;

Held<Finding> LobesDesk::advice() const {
    const auto f = run_.found();
    if (!f) return {};
    // A reading that does not fit comes first: it is often the cause of the rest.
    const auto weight = [](const Finding& x) {
        const int first =
            x.is<found::DialTurn, found::OtherTurn>() ? 2 : x.is<found::OffTheCurve>();
        return 4 * static_cast<int>(x.severity) + first;
    };
    const Finding* best = nullptr;
    for (const Finding& x : f->lobe.findings)
        if (!best || weight(x) > weight(*best)) best = &x;
    // A lobe of a cylinder whose top is not known stands nowhere yet.
    if (!best || best->is<found::CentreFarOff, found::SidesSwapped>() ||
        best->severity < Severity::LookAgain)
        for (const Finding& x : findings().all)
            if (x.is<found::CylinderTdcUnknown>() && x.cylinder == f->cylinder && x.side == f->side)
                best = &x;
    return {session().snapshot(), best};
}

/// A live hydraulic follower under the running spring gives way while it is read.
static bool givesWay(const RunConditions& t) {
    return t.follower == Follower::Hydraulic && t.spring == Spring::Running;
}

/// What the card promises of this lobe, as a wheel shows it that is behind by some degrees.
QString LobesDesk::cardOnWheel(double behind_deg) const {
    if (!job().card) return {};
    const Side side = session().side();
    const auto opens = cardEvent(*job().card, opening(side)),
               closes = cardEvent(*job().card, closing(side));
    if (!opens || !closes) return {};
    return Say::tr(" By the card it opens at %1 and closes at %2 there.")
        .arg(onWheel({opens->deg + behind_deg}), onWheel({closes->deg + behind_deg}));
}

/// Where this cylinder's own top stands on a wheel that was left as it was set for cylinder 1.
QString LobesDesk::wheelOfFirst() const {
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

QString LobesDesk::direction() const {
    const RunConditions t = conditions();
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
    return Say::tr("Turn %1, seen from the drive end, and come up to each mark from below.")
        .arg(words::rotationName(job().engine.rotation));
}

/// What the motion says of the valve gear.
QString LobesDesk::motionLine() const {
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

TurnTo LobesDesk::turnTo() const {
    if (eventsOnly()) return events_.turnTo(style());
    if (complete()) return {Say::tr("run"), Say::tr("done"), {}};
    TurnTo to;
    to.caption =
        wentTo() || again() ? Say::tr("go back well past it, then up to") : Say::tr("turn to");
    to.big = words::degrees(wheelNumber(angle(), job().fitted.degreeWheel()), style());
    const WheelScale scale = job().fitted.scale;
    if (scale == WheelScale::Quarter90)
        to.note = words::sideOfDeadCentre(angle());
    else if (scale != WheelScale::Full360With && scale != WheelScale::Full360Against &&
             scale != WheelScale::Signed)
        to.note = words::sideOfTop(angle());
    return to;
}

QString LobesDesk::adviceText(bool brief) const {
    if (const auto a = advice())
        return brief ? words::shortSentence(*a, style()) : words::sentence(*a, style());
    if (const auto f = run_.found(); f && f->live)
        return Say::tr("Every reading fits its neighbours.");
    const RunConditions t = conditions();
    if (givesWay(t)) return words::liveFollowerWarning();
    const QString wheel = wheelOfFirst();
    return wheel.isEmpty() ? firstStep(t) : wheel;
}

QString LobesDesk::progress() const {
    const auto f = run_.found();
    if (!f) return {};
    QString said = f->events ? eventsSoFar(*f->events, conditions(), style())
                             : curveSoFar(*f, job().reckoning.school, style());
    if (f->passes)
        said +=
            job().reckoning.averagePasses
                ? Say::tr("; mean of %1 passes, A takes the newest").arg(f->passes->runs.size())
                : Say::tr("; newest of %1 passes, A takes their mean").arg(f->passes->runs.size());
    return said;
}

/// What was typed last, in words; with both valves in one turn at whichever lobe. Empty before any.
QString LobesDesk::lastReading() const {
    if (const QString from = sourceLine(); !from.isEmpty()) return from;
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
        fromNose = run->terms.fromNose;
    }
    if (!last) return {};
    const QString struck = last->struck ? Say::tr("  struck") : QString();
    const QString who = events_.both() ? words::sideName(of) + QLatin1Char(' ') : QString();
    const DegreeWheel wheel = job().fitted.degreeWheel();
    if (last->of != ReadingOf::Lift)
        return Say::tr("last  %1%2 %3%4")
            .arg(who, eventName(last->of, fromNose),
                 words::asTyped(last->at, last->typed, wheel, style()), struck);
    return Say::tr("last  %1%2  %3%4")
        .arg(who,
             eventsOnly() ? eventName(last->of) : words::onWheel(last->at, wheel, style(), true),
             words::liftWithUnit(last->value_mm, style()), struck);
}

/// Of a figure that is asked where it comes from: the reading nearest to where it stands, and what
/// was said or typed for it. Empty where none is asked, or it stands at no angle.
QString LobesDesk::sourceLine() const {
    const auto run = session().run();
    const auto f = run_.found();
    if (!source_ || !run || !f) return {};
    const Reading* nearest = nullptr;
    double away = 1e9;
    for (const CrankDeg at : figureAngles(*source_, f->lobe))
        for (const Reading& r : run->readings)
            if (const double d = std::abs(wrapCycle(placed(r, run->terms) - at).deg);
                !r.struck && d < away) {
                away = d;
                nearest = &r;
            }
    if (!nearest) return {};
    const QString where = words::onWheel(nearest->at, job().fitted.degreeWheel(), style(), true);
    const QString lift = words::liftWithUnit(nearest->value_mm, style());
    if (!nearest->heard)
        return Say::tr("nearest  %1  %2, typed %3")
            .arg(where, lift, QString::fromStdString(nearest->typed));
    return Say::tr("nearest  %1  %2, %3 said %4%5")
        .arg(where, lift, QString::fromStdString(nearest->heard->instrument),
             QString::fromStdString(nearest->heard->raw),
             nearest->heard->moving ? Say::tr(", as it moved") : QString());
}

RingScene LobesDesk::ringScene() const {
    RingScene ring = ringOf(session().snapshot(), session().cylinder());
    if (!eventsOnly()) ring.needle = angle();
    if (source_)
        for (const LobeFigures* lobe : {ring.intake.get(), ring.exhaust.get()})
            if (lobe)
                for (CrankDeg at : figureAngles(*source_, *lobe))
                    ring.asked.push_back(at);
    return ring;
}

StandCard LobesDesk::ownCard(bool asked) const {
    if (asked) return cardOf(prompt(), job());
    const auto f = run_.found();
    const auto run = session().run();
    StandCard card;
    card.subject =
        Say::tr("cyl %1  %2").arg(session().cylinder()).arg(words::sideName(session().side()));
    card.side = session().side();
    if (f) card.progress = Say::tr("%1 of %2").arg(f->live).arg(f->planned);
    const TurnTo to = turnTo();
    card.caption = to.caption;
    card.big = to.big;
    card.bigNote = to.note;
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
            ? direction()
            : Say::tr("Turn %1, seen from the drive end, up to each mark. Overshot? Back "
                      "past %2, then up again.")
                  .arg(words::rotationName(job().engine.rotation), onWheel({angle().deg - 20.0}));
    card.ring = ringScene();
    return card;
}

} // namespace app
