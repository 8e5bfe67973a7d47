// What is measured place by place on one lobe or valve: readings under terms. Values in mm, angles
// in crank degrees of the cycle. A kind of series is its terms: lifts (lift_run.h), presses
// (clearance.h); the book keeps, undoes and loads them all alike.
#pragma once

#include "core/angle/angles.h"
#include "core/angle/rows.h"
#include "core/angle/wheel.h"
#include "core/job/heard.h"
#include "core/job/struck.h"

#include <cstdint>
#include <optional>
#include <string>

namespace lobe {

/// How a mark was come up to. A reading taken while backing up carries the drive's slack and is
/// left out of the analysis.
enum class Approach { Forward, BackingUp };

/// What a reading's number is: the lift at its angle; where only events are taken, the height that
/// is passed there going up or coming down, or the lift where it stands highest; or how far a shut
/// valve was pressed until it touched the piston (of clay, its thickness at the thinnest).
enum class ReadingOf { Lift, Opens, Nose, Closes, Press };

struct Reading {
    std::int64_t id = 0;
    CrankDeg at;
    /// As read, of what `of` says. An event's height counts down from the nose where its run is
    /// taken from there (RunConditions::fromNose); a nose's is 0 where it was not read.
    double value_mm = 0.0;
    std::string typed;
    std::int64_t time_ms = 0; ///< since the epoch; 0 for an imported reading
    Approach approach = Approach::Forward;
    ReadingOf of = ReadingOf::Lift;
    int zero = 1; ///< which setting of the indicator's zero it belongs to, from 1
    std::optional<WheelScale> scale{}; ///< of an event: the scale its angle was read on
    std::optional<Heard> heard{};      ///< where an instrument said it
    std::optional<Struck> struck;
    bool operator==(const Reading&) const = default;
};

template <class Terms> struct Series {
    std::int64_t id = 0;
    int cylinder = 1;
    Side side = Side::Intake;
    Terms terms;            ///< under which it is taken
    Rows<Reading> readings; ///< in the order taken, struck ones included
    bool operator==(const Series&) const = default;
};

} // namespace lobe
