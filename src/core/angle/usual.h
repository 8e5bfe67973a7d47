// Numbers of the trade that stand in where nothing else is known, and the range in which a cam is a
// cam. Each stands here once.
#pragma once

#include "core/angle/angles.h"

namespace lobe {

/// Where a lobe usually sits on the cycle: 105 after TDC on overlap, 110 before it.
constexpr double usualCentre_deg(Side side) {
    return side == Side::Intake ? 105.0 : -110.0;
}
/// Either side of that any road or race lobe is over, ramps included.
constexpr double kLobeReach_deg = 175.0;

/// The checking height and the drop that are meant where none is said: 0.050 in.
constexpr double kUsualHeight_mm = 1.27;
/// The greatest lift of a lobe nobody has measured.
constexpr double kUsualLift_mm = 9.0;
/// Half of what such a lobe is off its base circle for.
constexpr double kUsualHalf_deg = 140.0;

/// A centre outside these, counted after TDC on the intake and before it on the exhaust, is not
/// one; nor is half of what two centres are apart.
constexpr double kLeastCentre_deg = 60.0, kMostCentre_deg = 160.0;
/// Durations of cams, at a height of `kLowHeight_mm` or less; higher up a lobe may be shorter.
constexpr double kLeastDuration_deg = 100.0, kMostDuration_deg = 360.0;
constexpr double kLowHeight_mm = 1.6, kLeastDurationHigh_deg = 20.0;
/// Less than this is not worth a spanner, whatever the readings claim: about what a wheel shows.
constexpr double kWorthMoving_deg = 0.5;
/// What a figure is taken to be uncertain by where nothing tells.
constexpr double kLeastTold_deg = 0.75;
/// No cam is so far off its setting.
constexpr double kMostOff_deg = 60.0;

} // namespace lobe
