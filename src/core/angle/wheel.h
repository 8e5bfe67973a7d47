// Degree wheels: from the number under the pointer to a signed crank angle, and back.
//
// The signed angle is in the engine's running direction, 0 at the wheel's zero, in (-180, 180].
// Which turn of the cycle it belongs to is for the step at hand to say.
#pragma once

#include "core/angle/angles.h"

#include <optional>
#include <string>
#include <vector>

namespace lobe {

/// How the numbers run round a degree wheel. `With` and `Against` are the engine's own running
/// direction: on a `With` wheel the reading grows as the engine turns the way it runs.
/// `Twice180` is an electronic gauge that counts 0 to 180 twice in a turn, rising with rotation;
/// `Tape` a tape round a flywheel or damper, read in mm either side of its zero.
enum class WheelScale { Full360With, Full360Against, Half180, Quarter90, Signed, Twice180, Tape };

/// A wheel as it is fitted: how it is numbered and, for a tape, its circumference.
struct DegreeWheel {
    WheelScale scale = WheelScale::Half180;
    double tape_mm = 0.0; ///< circumference the tape lies on
};

/// What the step at hand expects, used where a scale does not tell the sides apart.
struct WheelHint {
    bool after = true;
    DeadCentre centre = DeadCentre::Top;
};

/// Converts a number read off the wheel. Empty when the scale does not carry that number
/// (0..360, 0..180, 0..90, -180..180, or a tape's circumference, of which the second half is
/// counted on in the running direction). `ambiguous` is set when the
/// hint decided.
struct WheelAngle {
    CrankDeg at;
    bool ambiguous = false;
};
std::optional<WheelAngle> fromWheel(double number, const DegreeWheel& wheel, const WheelHint& hint);

/// The number to look for on the wheel when the crank stands at this angle of the cycle.
double wheelNumber(CrankDeg at, const DegreeWheel& wheel);

/// The greatest number on the scale.
double wheelTop(const DegreeWheel& wheel);

/// What a wheel was read to, degrees: 1, 0.5, 0.25, 0.1 or 0.01, from the digits that were typed
/// and the angles themselves: a typed ".0" says halves at least. Without typed digits (empty
/// strings) the angles tell alone. 1 without readings.
double readTo_deg(const std::vector<double>& angles, const std::vector<std::string>& typed);

} // namespace lobe
