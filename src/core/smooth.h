// A smoothed lift curve and what it leaves uncertain.
//
// A quintic spline on even knots, its third differences penalised; how strongly, the readings
// decide (generalised maximum likelihood, Ann. Statist. 13, 1985, p. 1378). Readings are weighed by
// their own scatter, which grows with the slope where the wheel is the weaker instrument: the
// variance of a reading is lift^2 + (slope x wheel)^2, both parts read off the residuals. Standard
// deviations are those of the Bayesian posterior (J. R. Statist. Soc. B 45, 1983, p. 133), whose
// intervals take the smoothing bias in.
//
// Angles in crank degrees, lifts in mm; derivatives per crank degree.
#pragma once

#include "core/curve.h"

#include <memory>
#include <optional>
#include <vector>

namespace lobe {

class SmoothCurve {
public:
    /// Needs twelve points strictly rising in angle; otherwise empty. `least_mm` is the smallest
    /// standard deviation a reading can have, such as that of its rounding.
    static std::optional<SmoothCurve> through(const std::vector<LiftPoint>& points,
                                              double least_mm);
    ~SmoothCurve();
    SmoothCurve(SmoothCurve&&) noexcept;
    SmoothCurve& operator=(SmoothCurve&&) noexcept;

    double first() const;
    double last() const;
    /// Lift, or its derivative of an order from 1 to 3, inside the readings.
    double at(double deg, int order = 0) const;
    /// Standard deviation of the same.
    double deviation(double deg, int order = 0) const;
    /// Standard deviation of a reading's lift, without the wheel's part.
    double lift_mm() const;
    /// Standard deviation of the wheel that the scatter on the flanks speaks for; 0 when none.
    double wheel_deg() const;
    /// How many free parameters the curve has in effect (trace of the hat matrix).
    double freedom() const;

private:
    struct Fit;
    explicit SmoothCurve(std::unique_ptr<Fit> fit);
    std::unique_ptr<Fit> fit_;
};

/// The scatter of the readings, mm, from what no smooth curve can follow: sixth differences where
/// lift is above 0.3 mm, their median for the sake of a slip. 0 with too few readings.
double scatter_mm(const std::vector<LiftPoint>& points);

/// The step the lifts are written in, mm: the coarsest of the usual ones (0.001 in, 0.01 mm and
/// finer) that all of them are multiples of; 0 when none is.
double rounding_mm(const std::vector<LiftPoint>& points);

} // namespace lobe
