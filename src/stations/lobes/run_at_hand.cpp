#include "stations/lobes/run_at_hand.h"

#include "core/job/entry.h"

namespace app {

using namespace lobe;

RunConditions RunAtHand::conditions() const {
    const auto r = run();
    return r ? r->terms : nextConditions(session_.job(), session_.cylinder(), session_.side());
}

Held<RunFindings> RunAtHand::found() const {
    const auto r = run();
    return {session_.snapshot(), r ? session_.findings().run(r->id) : nullptr};
}

Held<Reading> RunAtHand::reading(qint64 id) const {
    if (const auto r = run())
        for (const Reading& each : r->readings)
            if (each.id == id) return {session_.snapshot(), &each};
    return {};
}

Held<Reading> RunAtHand::lastLive() const {
    if (const auto r = run())
        for (auto it = r->readings.rbegin(); it != r->readings.rend(); ++it)
            if (!it->struck) return {session_.snapshot(), &*it};
    return {};
}

CrankDeg RunAtHand::nearLobe(CrankDeg onWheel) const {
    const double shift = conditions().wheelOfFirst ? conditions().shift_deg : 0.0;
    return {lobe::nearLobe({onWheel.deg + shift}, session_.side()).deg - shift};
}

bool RunAtHand::keepConditions(const RunConditions& conditions) {
    if (const auto r = run()) return session_.keep(book::SetTerms{r->id, conditions});
    LiftRun fresh;
    fresh.cylinder = session_.cylinder();
    fresh.side = session_.side();
    fresh.terms = conditions;
    return session_.keep(book::AddSeries{fresh});
}

bool RunAtHand::keepReading(const Reading& reading, std::optional<std::int64_t> replaces) {
    if (const auto r = run()) return session_.keep(book::AddReading{r->id, reading, replaces});
    LiftRun fresh;
    fresh.cylinder = session_.cylinder();
    fresh.side = session_.side();
    fresh.terms = conditions();
    fresh.readings = {reading};
    return session_.keep(book::AddSeries{fresh});
}

bool RunAtHand::begin(RunConditions conditions) {
    LiftRun fresh;
    fresh.cylinder = session_.cylinder();
    fresh.side = session_.side();
    fresh.terms = std::move(conditions);
    fresh.terms.source.clear();
    fresh.terms.shift_deg = wheelShift_deg(session_.job(), fresh.cylinder, fresh.terms);
    fresh.terms.zeros.clear();
    fresh.terms.right_deg.clear();
    fresh.terms.afterMove = lastMove(session_.job());
    return session_.keep(book::AddSeries{fresh});
}

} // namespace app
