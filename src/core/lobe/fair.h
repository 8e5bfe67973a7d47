// Which readings the curve is drawn through, and which stand off what all the others say.
//
// A reading is judged by its distance from the curve of the others against the scatter it should
// have at its own angle: the indicator's, and the wheel's by way of the slope. The one farthest off
// is taken out and the rest judged again, so that one slip neither bends the curve nor points at
// its neighbours. How far is too far follows from how many readings there are: in a faultless run
// one is named about once in a hundred.
#pragma once

#include "core/curve/smooth.h"
#include "core/lobe/misfit.h"

#include <optional>
#include <vector>

namespace lobe {

struct FairReadings {
    std::optional<SmoothCurve> curve; ///< empty with fewer than twelve readings
    std::vector<LiftPoint> points;    ///< without those named
    std::vector<Misfit> odd;          ///< those named, ascending in angle
};

/// Points strictly rising in angle; `right` holds the angles of readings that count whatever they
/// stand off by. `least_mm` and `lash` as for SmoothCurve.
FairReadings fairReadings(const std::vector<LiftPoint>& points, const std::vector<double>& right,
                          double least_mm, bool lash);

} // namespace lobe
