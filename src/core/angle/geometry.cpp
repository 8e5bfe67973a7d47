#include "core/angle/geometry.h"

#include "core/angle/root.h"

#include <cmath>
#include <numbers>

namespace lobe {

double pistonDrop_mm(CrankDeg angle, double stroke_mm, double rod_mm) {
    const auto path = PistonPath::of(stroke_mm, rod_mm);
    return path ? path->drop_mm(angle.deg) : 0.0;
}

std::optional<PistonPath> PistonPath::of(double stroke_mm, double rod_mm, double pinOffset_mm) {
    const double r = stroke_mm / 2.0;
    if (!(r > 0.0) || !(rod_mm > r + std::abs(pinOffset_mm))) return std::nullopt;
    return PistonPath(r, rod_mm, pinOffset_mm);
}

// Rod and throw in line at either end: sin t = e / (l + r) at the top, -e / (l - r) past the
// bottom.
PistonPath::PistonPath(double r, double l, double e) : r_(r), l_(l), e_(e) {
    top_deg_ = degrees(std::asin(e / (l + r)));
    bottom_deg_ = 180.0 + degrees(std::asin(e / (l - r)));
}

double PistonPath::height(double crank_deg) const {
    const double t = radians(crank_deg), across = r_ * std::sin(t) - e_;
    return r_ * std::cos(t) + std::sqrt(l_ * l_ - across * across);
}

double PistonPath::drop_mm(double fromTop_deg) const {
    return height(top_deg_) - height(top_deg_ + fromTop_deg);
}

double PistonPath::slope_mm_per_deg(double fromTop_deg) const {
    const double t = radians(top_deg_ + fromTop_deg), across = r_ * std::sin(t) - e_;
    const double rod = std::sqrt(l_ * l_ - across * across);
    return radians(r_ * std::sin(t) + across * r_ * std::cos(t) / rod);
}

std::optional<double> PistonPath::angleAt_deg(double drop, bool after) const {
    // From the top to the bottom on the chosen side the drop only grows.
    const double lo = 0.0;
    double hi = bottom_deg_ - top_deg_;
    if (!after) hi -= 360.0;
    if (drop < 0.0 || drop > drop_mm(hi)) return std::nullopt;
    return rootBetween([&](double deg) { return drop_mm(deg) - drop; }, lo, hi);
}

std::optional<double> PistonPath::halfSpan_deg(double drop) const {
    const auto before = angleAt_deg(drop, false), after = angleAt_deg(drop, true);
    if (!before || !after) return std::nullopt;
    return (*after - *before) / 2.0;
}

std::optional<double> PistonPath::midpoint_deg(double drop) const {
    const auto before = angleAt_deg(drop, false), after = angleAt_deg(drop, true);
    if (!before || !after) return std::nullopt;
    return (*after + *before) / 2.0;
}

std::optional<double> PistonPath::dropOfHalfSpan_mm(double halfSpan) const {
    if (halfSpan <= 0.0 || halfSpan >= 180.0) return std::nullopt;
    return rootBetween([&](double drop) { return halfSpan_deg(drop).value_or(180.0) - halfSpan; },
                       0.0, drop_mm(bottom_deg_ - top_deg_));
}

double PistonPath::dwell_deg(double resolution_mm) const {
    return degrees(std::sqrt(2.0 * resolution_mm / (r_ * (1.0 + r_ / l_))));
}

} // namespace lobe
