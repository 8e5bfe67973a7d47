// The slider-crank. Lengths in mm, angles in crank degrees, positive in the running direction.
#pragma once

#include "core/angle/angles.h"

#include <optional>

namespace lobe {

/// Piston drop below its highest point without pin offset: r (1 - cos t) + l - sqrt(l^2 - r^2
/// sin^2 t), r half the stroke and l the rod. Returns 0 when the rod cannot span the crank throw.
double pistonDrop_mm(CrankDeg angle, double stroke_mm, double rod_mm);

/// The piston's way with a pin offset e: pin height = r cos t + sqrt(l^2 - (r sin t - e)^2).
/// With an offset the top stands a little beside the crank's own dead centre; drops and angles
/// here are counted from the true top.
class PistonPath {
public:
    /// Empty when the rod cannot span throw and offset, or a length is not positive.
    static std::optional<PistonPath> of(double stroke_mm, double rod_mm, double pinOffset_mm = 0.0);

    /// From the true top to the true bottom: the stroke, a little more with an offset.
    double travel_mm() const { return drop_mm(bottom_deg_ - top_deg_); }
    /// Drop below the true top at an angle from the true top.
    double drop_mm(double fromTop_deg) const;
    /// mm per degree, signed.
    double slope_mm_per_deg(double fromTop_deg) const;
    /// The angle from the true top, before (negative) or after it, at which the piston is `drop`
    /// down; empty when it never is.
    std::optional<double> angleAt_deg(double drop_mm, bool after) const;
    /// Half the way between the two angles of a drop.
    std::optional<double> halfSpan_deg(double drop_mm) const;
    /// Where the midpoint of those two angles stands, from the true top: the drift. 0 without
    /// offset.
    std::optional<double> midpoint_deg(double drop_mm) const;
    /// The drop whose half-span this is; empty beyond the stroke.
    std::optional<double> dropOfHalfSpan_mm(double halfSpan_deg) const;
    /// How far to either side of the top the piston stays within `resolution`:
    /// sqrt(2 d / (r (1 + r / l))) in degrees, the leading term of the drop.
    double dwell_deg(double resolution_mm) const;

private:
    PistonPath(double r, double l, double e);
    double height(double crank_deg) const;

    double r_, l_, e_;
    double top_deg_ = 0.0, bottom_deg_ = 180.0; ///< crank angles of the true dead centres
};

} // namespace lobe
