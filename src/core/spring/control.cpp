#include "core/spring/control.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <numbers>

namespace lobe {
namespace {

/// Of the engine, which turns twice as fast as its cam. F in N, m in g, a in mm/rad^2.
double speed(double load_n, double mass_g, double second) {
    // m a w^2 = F: g mm / s^2 is 1e-6 N.
    const double omega = std::sqrt(load_n / (mass_g * second * 1e-6));
    return 2.0 * omega * 60.0 / (2.0 * std::numbers::pi);
}

} // namespace

double massAtValve_g(double valveSide, double tappetSide, double ratio) {
    return ratio > 0.0 ? valveSide + tappetSide / (ratio * ratio) : valveSide;
}

std::optional<Control> controlSpeed(const std::vector<ValveMotion>& flank, const SpringLoad& load,
                                    double height, double mass) {
    if (!(mass > 0.0 && height > 0.0)) return std::nullopt;
    std::optional<Control> out;
    double lowest = std::numeric_limits<double>::infinity();
    for (const ValveMotion& m : flank) {
        if (m.lift_mm <= 0.0) continue;
        const double at = load.at(height - m.lift_mm);
        const double pull = -m.second + m.secondDoubt;
        if (pull > 0.0) lowest = std::min(lowest, speed(at, mass, pull));
        if (m.second >= 0.0) continue;
        const double rpm = speed(at, mass, -m.second);
        if (!out || rpm < out->rpm) out = Control{rpm, m.deg, rpm};
    }
    if (out) out->lowest_rpm = std::min(out->rpm, lowest);
    return out;
}

} // namespace lobe
