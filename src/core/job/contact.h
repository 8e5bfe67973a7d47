// The two contacts either side of the top that find true TDC, and which top that is.
#pragma once

#include "core/angle/wheel.h"
#include "core/job/heard.h"
#include "core/job/struck.h"

#include <cstdint>
#include <optional>
#include <string>

namespace lobe {

/// How true TDC is found.
enum class TdcMethod { PositiveStop, EqualDrop, ThereAndBack, SymmetricPort, HighestReading };

/// Which top the wheel's zero stands at: on overlap both valves of the cylinder move, on firing
/// neither does.
enum class WhichTop { NotSaid, Overlap, Firing };

/// One of the two contacts of a TDC pass.
struct Contact {
    std::int64_t id = 0;
    int pass = 1;
    TdcMethod method = TdcMethod::PositiveStop;
    bool afterTop = false; ///< the contact on the far side of the top
    WheelScale scale = WheelScale::Half180;
    std::optional<double> drop_mm{}; ///< piston drop at the contact, where it is known
    std::string typed;               ///< exactly as read and typed
    CrankDeg at;                     ///< signed angle on the wheel as it stood
    std::int64_t time_ms = 0;
    std::optional<Heard> heard{}; ///< where an instrument said it
    std::optional<Struck> struck;
    bool operator==(const Contact&) const = default;
};

} // namespace lobe
