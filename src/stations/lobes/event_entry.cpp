#include "stations/lobes/event_entry.h"

#include "core/job/job.h"
#include "core/lobe/one_turn.h"
#include "core/lobe/run.h"
#include "core/typed/entry.h"
#include "words/say.h"
#include "words/sentences.h"

namespace app {

using namespace lobe;

QString eventName(ReadingOf of, bool fromNose) {
    if (of == ReadingOf::Lift) return Say::tr("back to zero");
    if (fromNose)
        return of == ReadingOf::Opens ? Say::tr("before the nose") : Say::tr("after the nose");
    return of == ReadingOf::Opens    ? Say::tr("opens")
           : of == ReadingOf::Closes ? Say::tr("closes")
                                     : Say::tr("highest");
}

QString eventsSoFar(const EventsFindings& events, const RunConditions& conditions,
                    const words::Style& style) {
    QStringList lines;
    for (const EventGroup& g : events.groups) {
        if (!g.mean || g.of == ReadingOf::Lift) continue;
        QString line = eventName(g.of, conditions.fromNose);
        if (g.of != ReadingOf::Nose && events.groups.size() > 3)
            line += Say::tr(" at ") + words::height(g.height.mm, style);
        line += QStringLiteral(": ") +
                words::fromDeadCentre({g.mean->deg + conditions.shift_deg}, style);
        const std::size_t agreeing = g.readings.size() - (g.odd ? 1 : 0);
        if (agreeing > 1)
            line += Say::tr(", mean of %1, range %2")
                        .arg(agreeing)
                        .arg(words::degrees(g.range_deg, style));
        if (g.odd) line += Say::tr(", without %1").arg(words::readingAngle(*g.odd, style));
        lines << line;
    }
    const LobeFigures& lobe = events.lobe;
    if (conditions.fromNose && lobe.centres.equalDrop) {
        lines << Say::tr("centre %1 %2%3")
                     .arg(words::degrees(std::abs(lobe.centres.equalDrop->deg), style),
                          QString(QChar(0xB1)),
                          words::degrees(halfWidthOf(lobe.centres.equalDrop).value_or(0.0), style));
        if (lobe.midpoints.symmetry == Symmetry::Asymmetric)
            lines << Say::tr("leans %1 from the shallowest drop to the deepest")
                         .arg(words::degrees(std::abs(lobe.midpoints.skew_deg), style));
    }
    return lines.join(QLatin1Char('\n'));
}

std::optional<EventWanted> EventEntry::wanted() const {
    const auto f = at_.found();
    if (!f || !f->events) {
        const auto run = at_.run();
        LiftRun none;
        none.terms = at_.conditions();
        return EventWanted{ReadingOf::Opens,
                           eventHeights(session_.job(), run ? *run : none).front()};
    }
    const Side side = session_.side();
    const auto next = nextEvent(f->events->groups, at_.conditions(),
                                [&](const EventWanted& e) { return leftOut(side, e); });
    return next ? next : f->events->next;
}

bool EventEntry::leftOut(Side side, const EventWanted& event) const {
    return skipped_.count({side, event.of, event.height.mm}) > 0;
}

void EventEntry::skip() {
    if (const auto w = wanted()) skipped_.insert({session_.side(), w->of, w->height.mm});
    followCrank();
}

/// Whether a run belongs to a turn of both valves.
static bool ofBoth(const RunConditions& t) {
    return t.eventsOnly && t.oneTurn && t.bothValves && !t.fromNose;
}

bool EventEntry::both() const {
    return ofBoth(at_.conditions());
}

LiftRun EventEntry::runOfTurn(Side side) const {
    if (const auto run = session_.run(session_.cylinder(), side); run && ofBoth(run->terms))
        return *run;
    LiftRun fresh;
    fresh.cylinder = session_.cylinder();
    fresh.side = side;
    const RunConditions here = at_.conditions();
    RunConditions& t = fresh.terms;
    t = nextConditions(session_.job(), fresh.cylinder, side);
    t.eventsOnly = t.oneTurn = t.bothValves = true;
    t.fromNose = false;
    // What holds for the turn holds for both: where lift is taken, the heights there, the wheel.
    t.taken = here.taken;
    t.wheelOfFirst = here.wheelOfFirst;
    t.shift_deg = wheelShift_deg(session_.job(), fresh.cylinder, t);
    t.eventHeights = here.eventHeights;
    t.repeats = here.repeats;
    t.repeatTolerance_deg = here.repeatTolerance_deg;
    return fresh;
}

void EventEntry::followCrank() {
    if (!both()) return;
    // Both runs from the start: a reading that is undone later takes no run with it.
    for (const Side side : {Side::Intake, Side::Exhaust})
        if (const LiftRun there = runOfTurn(side); there.id == 0)
            session_.keep(book::AddSeries{there});
    const auto next =
        nextInTurn(session_.job(), runOfTurn(Side::Intake), runOfTurn(Side::Exhaust),
                   [this](Side side, const EventWanted& event) { return leftOut(side, event); });
    if (next) session_.select(session_.cylinder(), next->side);
}

void EventEntry::backToLast() {
    if (!both()) return;
    const auto last = [this](Side side) {
        std::int64_t id = 0;
        for (const Reading& r : runOfTurn(side).readings)
            if (!r.struck) id = std::max(id, r.id);
        return id;
    };
    const Side other = session_.side() == Side::Intake ? Side::Exhaust : Side::Intake;
    if (last(other) > last(session_.side())) session_.select(session_.cylinder(), other);
}

TurnTo EventEntry::turnTo(const words::Style& style) const {
    const RunConditions t = at_.conditions();
    TurnTo to;
    to.caption = t.fromNose ? Say::tr("zero at the nose; centre by two readings")
                 : both() ? words::sideName(session_.side()) + Say::tr(", both in one forward turn")
                 : t.oneTurn ? Say::tr("all in one forward turn")
                             : Say::tr("events only");
    const auto asked = wanted();
    if (!asked) {
        to.big = Say::tr("done");
        return to;
    }
    const QString height = words::height(asked->height.mm, style);
    if (t.fromNose) {
        // Beside the nose the drop is the large figure: what the indicator is to read.
        to.big = height.section(QLatin1Char(' '), 0, 0);
        to.note = Say::tr("under, ") + eventName(asked->of, true);
        return to;
    }
    to.big = eventName(asked->of);
    if (asked->of == ReadingOf::Opens || asked->of == ReadingOf::Closes)
        to.note = Say::tr("at ") + height + QStringLiteral(", ") + words::placeName(t.taken);
    return to;
}

Prompt EventEntry::prompt(Prompt p, const QString& onward, const words::Style& style) const {
    const auto w = wanted();
    if (!w) {
        p.ask = at_.conditions().fromNose ? Say::tr("centre taken") : Say::tr("events complete");
        p.enter = onward;
        return p;
    }
    const RunConditions t = at_.conditions();
    const UsualSide usual = sideOf(w->of);
    // With both valves the lobe changes from line to line: the question names it.
    const QString who = both() ? words::sideName(session_.side()) + QLatin1Char(' ') : QString();
    if (w->of == ReadingOf::Lift) {
        p.ask = who + Say::tr("back on the base circle: indicator?");
        p.enter = Say::tr("log what it reads there");
        p.keys = Say::tr("0 when it came home   N not now   Back strike");
        return p;
    }
    if (w->of == ReadingOf::Nose)
        p.ask =
            who + (t.oneTurn ? Say::tr("highest: wheel and lift?") : Say::tr("highest: wheel?"));
    else if (t.fromNose)
        p.ask = Say::tr("%1 under, %2: wheel?")
                    .arg(words::height(w->height.mm, style), eventName(w->of, true));
    else
        p.ask = who + Say::tr("%1 at %2, %3: wheel?")
                          .arg(eventName(w->of), words::height(w->height.mm, style),
                               words::placeName(t.taken));
    p.enter = t.fromNose && w->of == ReadingOf::Closes
                  ? Say::tr("log; go back well past it, then come up to it")
              : t.oneTurn ? Say::tr("log, go on turning")
                          : Say::tr("log; settled by %n readings that agree", nullptr, t.repeats);
    p.keys = Say::tr("expects %1 %2; b, a, bb, ab, x say otherwise   N not now   Back strike")
                 .arg(usual.after ? Say::tr("after") : Say::tr("before"),
                      usual.centre == DeadCentre::Top ? Say::tr("TDC") : Say::tr("BDC"));
    // The card means another place: what is asked here is its height carried over.
    LiftRun as = at_.run() ? LiftRun(*at_.run()) : LiftRun{};
    as.terms = t;
    if (const auto card = cardHeightFor(session_.job(), as, w->height))
        p.keys = Say::tr("the card's %1   ").arg(words::heightAt(*card, style)) + p.keys;
    if (both()) p.keys = Say::tr("Ctrl+E when the other valve is first   ") + p.keys;
    return p;
}

std::variant<Reading, QString> EventEntry::read(const QString& text,
                                                const words::Style& style) const {
    const auto w = wanted();
    if (!w) return Say::tr("All events are settled. Strike one to read it again.");
    Reading r;
    r.of = w->of;
    r.typed = text.trimmed().toStdString();
    r.time_ms = session_.now();
    if (w->of == ReadingOf::Lift) {
        const auto lift = readLength(text.toStdString(), style.unit, kMostLift_mm);
        if (const auto* e = std::get_if<EntryError>(&lift)) return words::sentence(*e, style);
        r.value_mm = std::get<double>(lift);
        const auto run = at_.run();
        if (run && !run->readings.empty()) r.at = run->readings.back().at;
        return r;
    }
    QString wheel = text.simplified();
    if (w->of == ReadingOf::Nose && wheel.contains(QLatin1Char(' '))) {
        // "105a 8.51": the wheel, then the greatest lift.
        const auto lift =
            readLength(wheel.section(QLatin1Char(' '), -1).toStdString(), style.unit, kMostLift_mm);
        if (const auto* e = std::get_if<EntryError>(&lift)) return words::sentence(*e, style);
        r.value_mm = std::get<double>(lift);
        wheel = wheel.section(QLatin1Char(' '), 0, -2);
    }
    const UsualSide usual = sideOf(w->of);
    const auto read = readWheel(
        wheel.toStdString(), {session_.job().fitted.degreeWheel(), usual.after, usual.centre,
                              w->of != ReadingOf::Nose && !at_.conditions().fromNose, style.unit});
    if (const auto* e = std::get_if<EntryError>(&read)) return words::sentence(*e, style);
    const WheelReading& on = std::get<WheelReading>(read);
    r.at = at_.nearLobe(on.at);
    if (w->of != ReadingOf::Nose) r.value_mm = w->height.mm;
    r.scale = on.scale;
    return r;
}

std::variant<Reading, QString> EventEntry::at(CrankDeg onWheel) const {
    const auto w = wanted();
    if (!w) return Say::tr("All events are settled. Strike one to read it again.");
    if (w->of == ReadingOf::Lift)
        return Say::tr("The indicator's lift is asked now: that is an angle.");
    Reading r;
    r.of = w->of;
    r.at = at_.nearLobe(onWheel);
    if (w->of != ReadingOf::Nose) r.value_mm = w->height.mm;
    // As it could have been typed.
    const double from = wrapTurn(onWheel).deg;
    r.typed = QStringLiteral("%1%2")
                  .arg(QString::number(std::abs(from), 'f', 2),
                       from < 0.0 ? QStringLiteral("b") : QStringLiteral("a"))
                  .toStdString();
    r.time_ms = session_.now();
    return r;
}

/// A drop under the nose lies beside the nose, on its side of TDC; an event where events lie.
UsualSide EventEntry::sideOf(ReadingOf of) const {
    const RunConditions t = at_.conditions();
    const double behind = t.wheelOfFirst ? -t.shift_deg : 0.0;
    return usualSide(session_.side(), t.fromNose ? ReadingOf::Nose : of, behind);
}

bool EventEntry::turnOn(bool on, bool fromNose) {
    const auto run = at_.run();
    RunConditions t = at_.conditions();
    if (fromNose != t.fromNose) {
        t.eventHeights.clear();
        // Two readings make the centre; events are read until they agree.
        t.repeats = fromNose ? 1 : RunConditions{}.repeats;
    }
    t.eventsOnly = on;
    t.fromNose = on && fromNose;
    forget();
    if (run && run->readings.empty()) return at_.keepConditions(t);
    return at_.begin(t);
}

} // namespace app
