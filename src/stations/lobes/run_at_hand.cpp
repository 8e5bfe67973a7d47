#include "stations/lobes/run_at_hand.h"

#include "core/lobe/run.h"
#include "core/typed/entry.h"

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

Held<Rows<Reading>> RunAtHand::readings() const {
    const auto r = run();
    return r.part(r ? &r->readings : nullptr);
}

CrankDeg RunAtHand::nearLobe(CrankDeg onWheel) const {
    const double shift = conditions().wheelOfFirst ? conditions().shift_deg : 0.0;
    return {lobe::nearLobe({onWheel.deg + shift}, session_.side()).deg - shift};
}

bool RunAtHand::keepConditions(const RunConditions& conditions) {
    return keepTerms(session_, run(), conditions);
}

bool RunAtHand::keepReading(const Reading& reading, std::optional<std::int64_t> replaces) {
    return app::keepReading(session_, run(), conditions(), reading, replaces);
}

bool RunAtHand::begin(RunConditions conditions) {
    conditions.source.clear();
    conditions.shift_deg = wheelShift_deg(session_.job(), session_.cylinder(), conditions);
    conditions.zeros.clear();
    conditions.right_deg.clear();
    conditions.afterMove = lastMove(session_.job());
    return beginSeries<LiftRun>(session_, std::move(conditions));
}

} // namespace app
