// The run of the lobe at hand: its conditions, what was found, and the ways to add to it. A lobe
// without a run has the usual ones; its first reading makes the run.
#pragma once

#include "desk/series_at_hand.h"

namespace app {

class RunAtHand {
public:
    explicit RunAtHand(Session& session) : session_(session) {}

    lobe::Held<lobe::LiftRun> run() const { return session_.run(); }
    /// Of the run; without one, as the next would begin.
    lobe::RunConditions conditions() const;
    /// Null without a run.
    lobe::Held<lobe::RunFindings> found() const;
    /// Null without a run.
    lobe::Held<lobe::Rows<lobe::Reading>> readings() const;
    /// The newest that is not struck; null without one.
    lobe::Held<lobe::Reading> lastLive() const { return app::lastLive(readings()); }

    /// A wheel's angle in the turn of the cycle in which this lobe stands on the wheel as it is.
    lobe::CrankDeg nearLobe(lobe::CrankDeg onWheel) const;

    /// False when it is not on disk.
    bool keepConditions(const lobe::RunConditions& conditions);
    /// Appends; `replaces` is struck in the same action.
    bool keepReading(const lobe::Reading& reading, std::optional<std::int64_t> replaces);
    /// A new run of the lobe under these conditions; what belonged to the old run alone is dropped.
    bool begin(lobe::RunConditions conditions);

private:
    Session& session_;
};

} // namespace app
