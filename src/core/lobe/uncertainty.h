// How far the figures of a lobe can be trusted, from the scatter of its readings.
//
// The deviation of an event is that of lift there over the slope there: the posterior's of the
// smoothed curve, a tenth wider for the choice of the smoothing itself, or a reading's own where
// the curve goes through all of them. To it come what the curve between the readings may be off by
// (what another curve through the same readings makes of it, beyond their scatter), what readings
// that are suspicious but not clearly wrong may have moved, and the rounding that readings on a
// flat have in common. Each was calibrated by counting (measure/accuracy.cpp).
#pragma once

#include "core/lobe/lobe.h"

namespace lobe {

/// Half-widths of 95 % coverage, in degrees or mm.
class Uncertainty {
public:
    /// `figures` outlives it and has its curve.
    explicit Uncertainty(const LobeFigures& figures);

    /// Angles at which another curve through the same readings passes a height: all of them beside
    /// a smoothed one, else every second; empty without it.
    const std::vector<double>& otherCrossings(double mm) const;
    double lift_mm(double deg) const;
    /// Of the angle at which the curve passes `mm`, on the opening or the closing flank.
    double crossing_deg(CrankDeg at, double mm, bool opening) const;
    /// Of the angle of greatest lift; `middle` is the middle of a small drop under it.
    double nose_deg(double deg, double middle) const;
    /// Of the area between two angles, and of the angle its centroid stands at.
    double area_mm_deg(double from, double to) const;
    double centroid_deg(double from, double to, double centroid, double area) const;

private:
    double deviation_mm(double deg) const;
    double deviations() const;
    double reading_mm(double deg) const;
    /// Of the rounding that readings share where lift hardly changes between them.
    double sharedRounding_mm() const;
    double widened(double plusMinus) const;
    double otherwise_deg(CrankDeg at, double mm, bool opening) const;
    template <class Weight> double sum(double from, double to, const Weight& weight) const;

    const LobeFigures& figures_;
    double nose_; ///< angle of greatest lift
    /// Another curve through the readings: all of them beside a smoothed one, else every second.
    std::optional<LiftCurve> other_;
    double wide_ = 0.0;  ///< 0 with readings up to 5 degrees apart, 1 at 10, 2 at 15 and beyond
    bool dense_ = false; ///< so many readings that every curve between them is the same
    mutable double otherAt_mm_ = -1.0;
    mutable std::vector<double> otherCrossings_;
};

} // namespace lobe
