#include "app/stations/lobes/event_entry.h"

#include "core/entry.h"
#include "words/sentences.h"

namespace app {

using namespace lobe;

QString eventName(ReadingOf of) {
    return of == ReadingOf::Opens    ? QStringLiteral("opens")
           : of == ReadingOf::Closes ? QStringLiteral("closes")
                                     : QStringLiteral("highest");
}

QString eventsSoFar(const EventsFindings& events, const RunTerms& terms,
                    const words::Style& style) {
    QStringList lines;
    for (const EventGroup& g : events.groups) {
        if (!g.mean) continue;
        QString line = eventName(g.of);
        if (g.of != ReadingOf::Nose && events.groups.size() > 3)
            line += QStringLiteral(" at ") + words::height(g.height.mm, style);
        line +=
            QStringLiteral(": ") + words::fromDeadCentre({g.mean->deg + terms.shift_deg}, style);
        const std::size_t agreeing = g.readings.size() - (g.odd ? 1 : 0);
        if (agreeing > 1)
            line += QStringLiteral(", mean of %1, range %2")
                        .arg(agreeing)
                        .arg(words::degrees(g.range_deg, style));
        if (g.odd) line += QStringLiteral(", without %1").arg(words::readingAngle(*g.odd, style));
        lines << line;
    }
    return lines.join(QLatin1Char('\n'));
}

std::optional<EventWanted> EventEntry::wanted() const {
    const auto f = at_.found();
    if (!f || !f->events) {
        const auto run = at_.run();
        LiftRun none;
        none.terms = at_.terms();
        return EventWanted{ReadingOf::Opens,
                           eventHeights(session_.job(), run ? *run : none).front()};
    }
    for (const EventGroup& g : f->events->groups)
        if (!g.settled && !skipped_.count({g.of, g.height.mm})) return EventWanted{g.of, g.height};
    return f->events->next;
}

void EventEntry::skip() {
    const auto w = wanted();
    if (w) skipped_.insert({w->of, w->height.mm});
}

Prompt EventEntry::prompt(Prompt p, const QString& onward, const words::Style& style) const {
    const auto w = wanted();
    if (!w) {
        p.ask = QStringLiteral("events complete");
        p.enter = onward;
        return p;
    }
    const UsualSide usual = usualSide(session_.side(), w->of);
    p.ask = w->of == ReadingOf::Nose
                ? QStringLiteral("highest: wheel?")
                : QStringLiteral("%1 at %2: wheel?")
                      .arg(eventName(w->of), words::height(w->height.mm, style));
    p.enter = QStringLiteral("log; %1 that agree settle it").arg(at_.terms().repeats);
    p.keys =
        QStringLiteral("expects %1 %2; b, a, bb, ab, x say otherwise   N not now   Back strike")
            .arg(usual.after ? QStringLiteral("after") : QStringLiteral("before"),
                 usual.centre == DeadCentre::Top ? QStringLiteral("TDC") : QStringLiteral("BDC"));
    return p;
}

std::variant<Reading, QString> EventEntry::read(const QString& text,
                                                const words::Style& style) const {
    const auto w = wanted();
    if (!w) return QStringLiteral("All events are settled. Strike one to read it again.");
    const UsualSide usual = usualSide(session_.side(), w->of);
    const auto read = readWheel(text.toStdString(),
                                {session_.job().settings.fittedWheel(), usual.after, usual.centre});
    if (const auto* e = std::get_if<EntryError>(&read)) return words::sentence(*e, style);
    const WheelReading& on = std::get<WheelReading>(read);
    Reading r;
    r.at = nearLobe(on.at, session_.side());
    r.of = w->of;
    r.lift_mm = w->of == ReadingOf::Nose ? 0.0 : w->height.mm;
    r.typed = text.trimmed().toStdString();
    r.scale = on.scale;
    r.time_ms = session_.now();
    return r;
}

bool EventEntry::turnOn(bool on) {
    const auto run = at_.run();
    RunTerms t = at_.terms();
    t.eventsOnly = on;
    forget();
    if (run && run->readings.empty()) return at_.keepTerms(t);
    return at_.begin(t);
}

} // namespace app
