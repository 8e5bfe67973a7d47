// Setting the valves' lash: by which school, how far clear of the ramps, and what was found where.
// Lengths in mm, margins in crank degrees.
#pragma once

#include "core/job/made_once.h"

#include "core/angle/per.h"

#include <cstdint>
#include <string>
#include <vector>

namespace lobe {

/// Where the crank stands while a valve is set.
enum class LashSchool {
    OpeningClosing, ///< exhaust just opening: its intake; intake just closed: its exhaust
    FiringTdc,      ///< each cylinder at its firing TDC, both of its valves
    Companion,      ///< while the cylinder a turn away is on overlap, both of its valves
    Fewest,         ///< where the lobes themselves stand clear, in as few stops as there are
};

/// What feels the gap.
enum class LashGauge { Feeler, Indicator, Preload };

/// The lash of a valve as it was found or left.
struct LashTaken {
    int cylinder = 1;
    Side side = Side::Intake;
    double lash_mm = 0.0;
    bool hot = false;
    bool left = false; ///< so it was left; else so it was found
    std::string typed;
    std::int64_t time_ms = 0;
    std::string replaced; ///< why it counts no longer; empty while it does
    bool operator==(const LashTaken&) const = default;
};

struct LashWork {
    LashSchool school = LashSchool::OpeningClosing;
    double margin_deg = 10.0; ///< that a follower stands clear of a ramp
    bool hot = false;         ///< whether the maker's lash holds for a hot engine
    LashGauge gauge = LashGauge::Feeler;
    /// Of a hydraulic follower: turns of the nut from no vertical play, and the thread's pitch.
    double preload_turns = 0.0, pitch_mm = 0.0;
    std::vector<LashTaken> taken;
    std::vector<std::string> done; ///< valves ticked in this round, "3 exhaust"
    MADE_ONCE(LashWork);
    bool operator==(const LashWork&) const;
};

} // namespace lobe
