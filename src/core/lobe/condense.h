// An instrument's sweep has more readings than a curve can tell apart: neighbours are taken
// together before one is drawn through them.
#pragma once

#include "core/curve/curve.h"
#include "core/lobe/misfit.h"

#include <vector>

namespace lobe {

struct Condensed {
    std::vector<LiftPoint> points; ///< strictly rising in angle
    std::vector<Misfit> odd;       ///< readings that stand clear of their neighbours, left out
    double each = 1.0;             ///< readings to a point, on the average
};

/// Up to 1500 points stay as they are. More are averaged, as many to a point everywhere and some
/// 720 points in all, but never over more than half a degree, in which a lobe bends by less than
/// 0.0002 mm. A reading more than ten deviations (and 0.025 mm) off the median of the seven about
/// it is no scatter and belongs to none of them; `right` holds the angles of readings that do,
/// whatever they stand off by.
Condensed condensed(const std::vector<LiftPoint>& points, const std::vector<double>& right);

} // namespace lobe
