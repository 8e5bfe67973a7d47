#include "core/spring/contact.h"

#include <cmath>

namespace lobe {

double flatCurvature_mm(double base, const CamMotion& m) {
    return base + m.lift_mm + m.second;
}

std::optional<Curvature> rollerCurvature(double base, double roller, const CamMotion& m) {
    const double r = base + roller + m.lift_mm;
    const double bent = r * r + 2.0 * m.first * m.first - r * m.second;
    const double length = std::pow(r * r + m.first * m.first, 1.5);
    // Flatter than a kilometre is straight.
    if (std::abs(bent) * 1e6 < length) return std::nullopt;
    const double centre = length / bent;
    if (centre < 0.0) return Curvature{roller - centre, true, false};
    return Curvature{centre - roller, false, centre <= roller};
}

} // namespace lobe
