// How far the figures of a lobe can be trusted, from the scatter of its readings.
//
// The deviation of an event is that of lift there over the slope there. Under a smoothed curve it
// is the posterior's, a tenth wider for the choice of the smoothing itself; through all readings it
// is a reading's own, with what the curve between them may be off by: the difference a curve
// through every second reading makes, over 8 (halving the step cuts a fourth-order error to a
// sixteenth).
#pragma once

#include "core/lobe.h"

namespace lobe {

/// Half-widths of 95 % coverage, in degrees or mm.
class Doubt {
public:
    /// `figures` outlives it and has its curve.
    explicit Doubt(const LobeFigures& figures);

    double lift_mm(double deg) const;
    /// Of the angle at which the curve passes `mm`, on the opening or the closing flank.
    double crossing_deg(CrankDeg at, double mm, bool opening) const;
    /// Of the angle of greatest lift.
    double nose_deg(double deg) const;
    double area_mm_deg(const std::vector<LiftPoint>& readings) const;
    double centroid_deg(const std::vector<LiftPoint>& readings, double centroid) const;

private:
    double deviation_mm(double deg) const;
    double reading_mm(double deg) const;

    const LobeFigures& figures_;
    double nose_;                     ///< angle of greatest lift
    std::optional<LiftCurve> sparse_; ///< through every second reading
    mutable double sparseAt_mm_ = -1.0;
    mutable std::vector<double> sparseCrossings_;
};

} // namespace lobe
