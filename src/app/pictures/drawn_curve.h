// Which points a lift curve is drawn through: to stroke a line costs by the point, and lobes are
// drawn anew at every reading.
#pragma once

#include "core/curve/curve.h"

#include <vector>

namespace app {

/// Every degree of the curve and its end, ascending. Between two of them one is left out where it
/// lies in line with both, within a two-thousandth of the greatest lift: a tenth of a pixel in a
/// picture 200 pixels high. A reading that stands off is never left out.
std::vector<lobe::LiftPoint> drawnThrough(const lobe::LiftCurve& curve);

} // namespace app
