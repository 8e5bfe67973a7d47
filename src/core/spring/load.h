// The load of a valve spring over its height: straight between the points it is known by, and on
// from the last two. Heights in mm, loads in N; load falls as the height grows.
#pragma once

#include "core/job/springs.h"

#include <optional>
#include <vector>

namespace lobe {

/// Why points and rate are no spring.
enum class LoadFault {
    None,
    RateNegative, ///< or beyond what any valve spring has, 1000 N/mm
    LoadFalls,    ///< less load at a smaller height
    SameHeight,   ///< two points at one height
    UnderBind,    ///< a point below the height at which the coils touch
};

class SpringLoad {
public:
    /// A rate and a point, or two points and no need of a rate. Empty where that does not do.
    static std::optional<SpringLoad> of(const SpringSpec& spec);
    /// Of a tester's points, carried on by a rate where there is one alone; empty without either.
    static std::optional<SpringLoad> of(std::vector<LoadPoint> points, double rate_n_mm);

    /// N; never below 0, as a spring does not pull.
    double at(double height_mm) const;
    /// The height at which it gives a load above 0; mm, empty where no height above 0 does.
    std::optional<double> heightFor(double load_n) const;
    /// At a height, N/mm, positive.
    double rateAt(double height_mm) const;

private:
    explicit SpringLoad(std::vector<LoadPoint> points) : points_(std::move(points)) {}
    std::vector<LoadPoint> points_; ///< two at least, by height ascending, load descending
};

/// Of what is stated, whether it makes a spring or not.
LoadFault faultOf(const SpringSpec& spec);
/// Of the tester's points of one spring, in any order.
LoadFault faultOf(const std::vector<LoadPoint>& points, double bind_mm);

} // namespace lobe
