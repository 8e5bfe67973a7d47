// The speed at which a spring has no load left to keep the follower on its lobe: a rigid estimate
// from lift, mass and spring. It leaves out how the spring surges and how rocker and push rod bend,
// both of which come earlier. mm, N, g, crank degrees; speeds of the engine in 1/min.
#pragma once

#include "core/job/springs.h"
#include "core/spring/load.h"

#include <optional>
#include <vector>

namespace lobe {

/// Where the valve stands and how hard it is pulled back there.
struct ValveMotion {
    double deg = 0.0;         ///< crank
    double lift_mm = 0.0;     ///< at the valve
    double second = 0.0;      ///< of the valve's lift, mm per cam radian squared
    double secondDoubt = 0.0; ///< its 95 % half-width
};

struct Control {
    double rpm = 0.0;
    double at_deg = 0.0;
    double lowest_rpm = 0.0; ///< with what the acceleration is uncertain by
};
/// Of a flank: the least speed, over its angles, at which m a w^2 takes up the whole load there.
/// `mass_g` as it moves with the valve; `height_mm` of the spring with the valve shut. Empty where
/// nothing decelerates on it.
std::optional<Control> controlSpeed(const std::vector<ValveMotion>& flank, const SpringLoad& load,
                                    double height_mm, double mass_g);

/// All that moves, as if it moved with the valve: a mass at the tappet counts by the ratio
/// squared less, since it moves that much slower.
double massAtValve_g(double valveSide_g, double tappetSide_g, double ratio);

} // namespace lobe
