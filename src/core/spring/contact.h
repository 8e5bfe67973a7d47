// The lobe under its follower, from base circle and lift alone: how sharply its flank is bent, and
// how wide a face it needs. Lift L in mm of a follower that moves in a straight line through the
// cam's axis, its derivatives per cam RADIAN; radii in mm. From the envelope of the follower's
// places (Norton, Cam Design and Manufacturing Handbook, chapter 7; the formulas are those of any
// text on cams).
#pragma once

#include <optional>

namespace lobe {

/// Lift and its first two derivatives by the cam's angle in radians.
struct CamMotion {
    double lift_mm = 0.0, first = 0.0, second = 0.0;
};

/// Radius of curvature of the lobe's surface where a flat face touches it: base radius + L + L''.
/// Positive is round, negative hollow, which a flat face cannot follow.
double flatCurvature_mm(double baseRadius_mm, const CamMotion& motion);

/// The same under a roller: the curve of its centre,
/// (r^2 + L'^2)^(3/2) / (r^2 + 2 L'^2 - r L''), r = base radius + roller radius + L, less the
/// roller. Positive is round; negative is a hollow flank, and its radius the number without sign.
/// Empty where it is straight. A convex one of less than nothing (an edge, undercut) is said in
/// `undercut`.
struct Curvature {
    double radius_mm = 0.0;
    bool hollow = false;
    bool undercut = false; ///< the roller is too large for so sharp a curve of its centre
};
std::optional<Curvature> rollerCurvature(double baseRadius_mm, double rollerRadius_mm,
                                         const CamMotion& motion);

} // namespace lobe
