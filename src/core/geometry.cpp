#include "core/geometry.h"

#include <cmath>
#include <numbers>

namespace lobe {

double pistonDrop_mm(CrankDeg angle, double stroke_mm, double rod_mm) {
    const double r = stroke_mm / 2.0, t = angle.deg * std::numbers::pi / 180.0;
    if (r <= 0.0 || rod_mm <= r) return 0.0;
    const double across = r * std::sin(t);
    return r * (1.0 - std::cos(t)) + rod_mm - std::sqrt(rod_mm * rod_mm - across * across);
}

} // namespace lobe
