// A slow engine's timing by a tape round its flywheel: arcs from one mark, the way the engine
// turns. An arc over the circumference is its share of a turn; nothing is rounded before the end.
// Lengths in mm, angles in crank degrees, half-widths of 95 %.
#pragma once

#include "core/angle/measured.h"
#include "core/job/flywheel.h"

#include <optional>

namespace lobe {

enum class TapeFault {
    None,
    Circumference, ///< not positive
    Arc,           ///< negative, or two turns and more
};

/// Degrees of an arc. `tape_mm` is what each of its ends, and the circumference, may be off by.
Measured<double> arcDegrees(double arc_mm, double circumference_mm, double tape_mm);

/// Where degrees stand to the handbook's band: both of its ends belong to it.
enum class BandVerdict { NotKnown, Below, Within, Above };

struct TapeFigures {
    TapeFault fault = TapeFault::None;
    std::optional<Measured<double>> degrees; ///< the exhaust's range of operation
    BandVerdict verdict = BandVerdict::NotKnown;
    bool sure = true;        ///< false: the ± reaches over an end of the band
    double beyond_deg = 0.0; ///< outside the band by so much, 0 within
    /// Against the dead centre at the end of the exhaust stroke: positive after it.
    std::optional<Measured<double>> closesAfter_deg;
    std::optional<Measured<double>> opensBefore_deg; ///< before the dead centre half a turn earlier
    std::optional<Measured<double>> trip_deg;        ///< before the firing dead centre
    std::optional<Measured<double>> latch_deg;       ///< from latch to trip
    std::optional<double> tooth_deg; ///< one tooth of the cam's gear moves both by so much
    /// Degrees the range grows by with 0.1 mm less lash, from both slopes.
    std::optional<double> perTenth_deg;
    /// Change of lash that brings it to the nearer end of the band, mm, positive is more lash.
    std::optional<double> lashTo_mm;
};

/// A closing that lies before the opening is one of the next turn.
TapeFigures tapeFigures(const FlywheelWork& work);

} // namespace lobe
