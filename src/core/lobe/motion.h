// How the follower moves: velocity, acceleration and jerk per cam degree from the smoothed curve,
// and what face a flat tappet needs for it.
#pragma once

#include "core/angle/angles.h"
#include "core/curve/smooth.h"

#include <vector>

namespace lobe {

/// At the place taken, by crank angle; derivatives per CAM degree.
struct MotionPoint {
    double deg = 0.0; ///< crank degrees
    double lift_mm = 0.0;
    double velocity = 0.0;     ///< mm per cam degree
    double acceleration = 0.0; ///< mm per cam degree squared
    double jerk = 0.0;         ///< mm per cam degree cubed
};

struct Motion {
    std::vector<MotionPoint> points; ///< every other crank degree
    double fastest = 0.0;            ///< greatest velocity either way, mm per cam degree
    CrankDeg fastestAt;
    double fastestUncertainty = 0.0;
    /// Twice the greatest |dL/d alpha|, alpha in cam RADIANS and L the tappet's lift: the least
    /// face a flat tappet needs so that the contact stays on it, mm.
    double flatTappet_mm = 0.0;
};

/// `toTappet` is the tappet's lift over the lift as taken.
Motion motionOf(const SmoothCurve& curve, double toTappet);

} // namespace lobe
