// A slow engine measured round the rim of its flywheel: arcs by a tape from one mark, the way the
// engine turns. Lengths in mm, angles in crank degrees; what is empty or 0 is not known.
#pragma once

#include "core/job/made_once.h"

#include <optional>

namespace lobe {

struct FlywheelWork {
    double circumference_mm = 0.0;
    double tape_mm = 1.0; ///< what a mark on the rim may be off by, either way
    /// Of the exhaust valve. Its closing may lie beyond a whole turn.
    std::optional<double> opens_mm, closes_mm;
    std::optional<double> tdc_mm;              ///< the dead centre at the end of the exhaust stroke
    std::optional<double> trip_mm, latch_mm;   ///< igniter
    std::optional<double> least_deg, most_deg; ///< the handbook's for the exhaust
    int camTeeth = 0;                          ///< of the gear on the cam
    /// How fast the valve moves as it opens and as it closes, mm a crank degree, as found with a
    /// feeler: what a change of lash does hangs on it.
    double opensSlope_mm = 0.0, closesSlope_mm = 0.0;
    bool automaticIntake = true; ///< a valve the air itself opens: it has no lobe
    MADE_ONCE(FlywheelWork);
    bool operator==(const FlywheelWork&) const;
};

} // namespace lobe
