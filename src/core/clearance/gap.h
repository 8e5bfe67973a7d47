// The gap to a shut valve, and what any cam leaves of it.
//
// Measured clearance plus lift is the gap to the shut valve: G(t) = c(t) + L(t). It hangs on the
// short block, the head and the gasket alone: G(t) = g0 + x(t) cos b, x the piston's way down and b
// the valve's angle to the bore. Fitted once, it gives the clearance of any other cam at any phase:
// c(t) = G(t) - L(t + a). Lengths in mm along the valve, crank degrees of the cycle; advance is
// positive. Half-widths cover 95 %.
#pragma once

#include "core/angle/geometry.h"
#include "core/angle/measured.h"

#include <functional>
#include <optional>
#include <vector>

namespace lobe {

/// Valve lift, mm, at a crank angle of the cycle, and the half-width it is known within.
struct ValveLift {
    std::function<double(double deg)> mm;
    std::function<double(double deg)> plusMinus_mm; ///< may be empty: exact

    explicit operator bool() const { return static_cast<bool>(mm); }
    /// With the cam advanced.
    double at(double deg, double advance_deg) const { return mm(deg + advance_deg); }
};

/// What is known of a valve's angle to the bore before anything is read: its cosine, within the
/// spread (one deviation).
constexpr double kUsualShare = 0.94, kShareSpread = 0.05;

/// A clearance at an angle, the mean of its presses.
struct GapPoint {
    double deg = 0.0;
    double clearance_mm = 0.0; ///< with all corrections
    int presses = 1;
    bool counts = true;
    double residual_mm = 0.0; ///< measured less fitted, once fitted
};

struct GapRequest {
    std::optional<PistonPath> path;       ///< without it the piston's way is taken as 1 - cos
    std::optional<double> valveAngle_deg; ///< where it is known
    double resolution_mm = 0.01;
    double wheel_deg = 0.1; ///< setting the wheel, one deviation
};

class Gap {
public:
    /// By least squares; empty with fewer than three angles that count. Points get their residuals.
    static std::optional<Gap> fit(std::vector<GapPoint>& points, const ValveLift& lift,
                                  const GapRequest& request);

    /// To the shut valve.
    double at(double deg) const { return g0_ + share_ * way(deg); }
    double g0_mm() const { return g0_; }
    /// Between valve and bore; empty without the piston's dimensions.
    std::optional<Measured<double>> valveAngle_deg() const;
    /// Root mean square of what the fit leaves.
    double residual_mm() const { return residual_; }
    /// With everything higher by so much, as with another gasket.
    Gap raised(double mm) const;
    /// Of the piston's way, along the valve.
    double share() const { return share_; }

    double clearance(double deg, const ValveLift& lift, double advance_deg) const {
        return at(deg) - lift.at(deg, advance_deg);
    }
    double plusMinus_mm(double deg) const;

private:
    double way(double deg) const;

    std::optional<PistonPath> path_;
    double g0_ = 0.0, share_ = 1.0;
    double v00_ = 0.0, v01_ = 0.0, v11_ = 0.0; ///< covariance of the two
    double student_ = 1.96, residual_ = 0.0;
    double shared_ = 0.0; ///< half-width of the lift it was taken over
};

/// Where a valve comes nearest.
struct Least {
    double at_deg = 0.0;
    Measured<double> mm;
};

/// The least clearance of a lift over the overlap, with the cam advanced.
Least leastClearance(const Gap& gap, const ValveLift& lift, double advance_deg);

/// How many mm one degree of advance costs (positive) or gives, there.
double costOfDegree_mm(const Gap& gap, const ValveLift& lift, double advance_deg);

/// The advance that keeps a limit, within `reach` either way; an end that is not reached stands at
/// it. Empty where no advance keeps it.
struct AdvanceWindow {
    double from_deg = 0.0, to_deg = 0.0;
};
std::optional<AdvanceWindow> windowOf(const Gap& gap, const ValveLift& lift, double limit_mm,
                                      double reach_deg = 30.0);

/// The least that was read, by a parabola through the lowest angle and its neighbours; empty with
/// fewer than three angles. `atEdge`: the lowest is the first or the last.
struct MeasuredLeast {
    Least least;
    bool atEdge = false;
};
std::optional<MeasuredLeast> measuredLeast(const std::vector<GapPoint>& points,
                                           double resolution_mm);

} // namespace lobe
