// A smoothed lift curve and what it leaves uncertain.
//
// A quintic spline on even knots, its third differences penalised; how strongly, the readings
// decide (generalised maximum likelihood, Ann. Statist. 13, 1985, p. 1378). Readings are weighed by
// their own scatter, which grows with the slope where the wheel is the weaker instrument: the
// variance of a reading is lift^2 + (slope x wheel)^2, both parts read off the residuals. Standard
// deviations are those of the Bayesian posterior (J. R. Statist. Soc. B 45, 1983, p. 133), whose
// intervals take the smoothing bias in.
//
// A valve behind its lash leaves the seat at a corner, which no smooth curve follows. Where the
// readings speak for a corner, the spline is given one there: a jump of slope and of bend, free in
// size, at the angle that makes the readings likeliest.
//
// Angles in crank degrees, lifts in mm; derivatives per crank degree.
#pragma once

#include "core/curve/curve.h"

#include <array>
#include <memory>
#include <optional>
#include <vector>

namespace lobe {

class SmoothCurve {
public:
    /// Needs nine points strictly rising in angle; otherwise empty. `least_mm` is the smallest
    /// standard deviation a reading can have, such as that of its rounding. With `lash` lift was
    /// taken behind one, and a corner is likely.
    static std::optional<SmoothCurve> through(const std::vector<LiftPoint>& points, double least_mm,
                                              bool lash = false);
    ~SmoothCurve();
    SmoothCurve(SmoothCurve&&) noexcept;
    SmoothCurve& operator=(SmoothCurve&&) noexcept;

    double first() const;
    double last() const;
    /// Lift, or its derivative of an order from 1 to 3, inside the readings. At a corner that of
    /// the side towards greater angles.
    double at(double deg, int order = 0) const;
    /// Lift and its first three derivatives at once, as `at` gives them.
    using Jet = std::array<double, 4>;
    Jet jet(double deg) const;
    /// Standard deviation of the same.
    double deviation(double deg, int order = 0) const;
    /// Standard deviation of a reading's lift, without the wheel's part.
    double lift_mm() const;
    /// Standard deviation of the wheel that the scatter on the flanks speaks for; 0 when none.
    double wheel_deg() const;
    /// Of one reading at an angle, both parts.
    double reading_mm(double deg) const;
    /// How many free parameters the curve has in effect (trace of the hat matrix).
    double freedom() const;
    /// How many standard deviations make 95 %: more than 1.96 where few readings are left to tell
    /// the scatter by.
    double deviationsFor95() const;
    /// Where lift leaves and meets the base circle at a corner; ascending, none, one or two.
    const std::vector<double>& corners() const;

    /// How far a reading it was made from stands off what the others say, and the standard
    /// deviation that distance should have.
    struct Standing {
        double off_mm = 0.0, deviation_mm = 0.0;
    };
    /// Of every reading, in order.
    std::vector<Standing> standings() const;
    /// The same of a reading it was not made from.
    Standing standing(const LiftPoint& other) const;
    /// By how much lift at an angle would change without the readings that are suspicious but not
    /// clearly wrong; mm.
    double suspicion_mm(double deg) const;

    struct Fit; ///< how it is held, for smooth.cpp alone

private:
    explicit SmoothCurve(std::unique_ptr<Fit> fit);
    std::unique_ptr<Fit> fit_;
};

/// The step the lifts are written in, mm: the coarsest of the usual ones (0.001 in, 0.01 mm and
/// finer) that all of them are multiples of; 0 when none is.
double rounding_mm(const std::vector<LiftPoint>& points);

} // namespace lobe
