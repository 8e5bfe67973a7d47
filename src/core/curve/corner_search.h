// Where readings speak for a corner.
#pragma once

#include "core/curve/corner.h"
#include "core/curve/curve.h"
#include "core/curve/spline_fit.h"

#include <optional>
#include <vector>

namespace lobe {

/// The corner where lift leaves (opening) or meets the base circle, where one makes the readings
/// clearly likelier than the solved fit without any. `scale` is the variance of a reading of unit
/// weight, `scatter_mm` a lift's deviation; with `lash` a corner is likely.
std::optional<Corner> findCorner(const SplineFit& fit, const std::vector<LiftPoint>& points,
                                 bool opening, double scale, double scatter_mm, bool lash);

} // namespace lobe
