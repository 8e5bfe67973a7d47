// The gap to a shut valve, and what any cam leaves of it.
//
// Measured clearance plus lift is the gap to the shut valve: G(t) = c(t) + L(t). It hangs on the
// short block, the head and the gasket alone: G(t) = g0 + k x(t), x the piston's way down. The
// share k is the crown's: cos b where the valve, b its angle to the bore, meets a pocket cut
// parallel to its face, 1 / cos b where it meets a flat crown square to the bore, between and
// beyond for cut and domed ones. It is what the presses say. Fitted once, the gap gives the
// clearance of any other cam at any phase: c(t) = G(t) - L(t + a). Lengths in mm along the valve,
// crank degrees of the cycle; advance is positive. Half-widths are wider than the usual 95 %: what
// is promised and is not there bends a valve, so that it may happen once in a hundred.
#pragma once

#include "core/angle/geometry.h"
#include "core/angle/measured.h"

#include <algorithm>
#include <cmath>
#include <functional>
#include <optional>
#include <vector>

namespace lobe {

/// Valve lift, mm, at a crank angle of the cycle, and the half-width it is known within.
struct ValveLift {
    std::function<double(double deg)> mm;
    std::function<double(double deg)> plusMinus_mm; ///< may be empty: exact
    /// Which lobe it is and how far its cam is advanced there, to tell whether a gap was taken over
    /// the same: then what the lift is off by is in the gap too, and leaves their difference.
    const void* lobe = nullptr;
    double advanced_deg = 0.0;

    explicit operator bool() const { return static_cast<bool>(mm); }
    /// With the cam advanced.
    double at(double deg, double advance_deg) const { return mm(deg + advance_deg); }
};

/// What is known of the share before anything is read, within the spread (one deviation): pockets
/// and flat crowns, with valves that lean up to some 26 degrees.
constexpr double kUsualShare = 1.0, kShareSpread = 0.12;
/// Of one promise in a thousand that is not kept, by a normal law.
constexpr double kOneInThousand = 3.09;

/// A clearance at an angle, the mean of its presses.
struct GapPoint {
    double deg = 0.0;
    double clearance_mm = 0.0; ///< with all corrections
    int presses = 1;
    bool counts = true;
    double residual_mm = 0.0; ///< measured less fitted, once fitted
    double apart_mm = 0.0;    ///< what its presses lie apart where they do not agree, else 0
};

struct GapRequest {
    std::optional<PistonPath> path;       ///< without it the piston's way is taken as 1 - cos
    std::optional<double> valveAngle_deg; ///< where it is known: then the share lies within it
    double resolution_mm = 0.01;
    double wheel_deg = 0.1; ///< setting the wheel, one deviation
    double tdc_deg = 0.0;   ///< what TDC leaves uncertain, 95 %: the piston's way counts from it
};

class Gap {
public:
    /// By least squares; empty with fewer than three angles that count. Points get their residuals.
    static std::optional<Gap> fit(std::vector<GapPoint>& points, const ValveLift& lift,
                                  const GapRequest& request);

    /// To the shut valve.
    double at(double deg) const { return g0_ + share_ * way(deg); }
    double g0_mm() const { return g0_; }
    /// Root mean square of what the fit leaves.
    double residual_mm() const { return residual_; }
    /// What it leaves, in what is expected of the presses: far over 1, and the gap is not of this
    /// shape.
    double misfit() const { return misfit_; }
    /// With everything higher by so much, as with another gasket.
    Gap raised(double mm) const;
    /// Of the piston's way, along the valve.
    double share() const { return share_; }
    double shareHalfWidth() const { return factor_ * std::sqrt(std::max(0.0, v11_)); }
    /// Between valve and bore where it meets a pocket cut parallel to it; empty where it does not,
    /// and without the piston's dimensions.
    std::optional<double> pocketAngle_deg() const;

    double clearance(double deg, const ValveLift& lift, double advance_deg) const {
        return at(deg) - lift.at(deg, advance_deg);
    }
    /// Of the gap alone, without the lift it was taken over.
    double plusMinus_mm(double deg) const;
    /// Of a clearance: with what a lift is off by, there and where the gap was taken over it.
    double plusMinus_mm(double deg, const ValveLift& lift, double advance_deg) const;

private:
    double way(double deg) const;
    double wayPerDegree(double deg) const { return way(deg + 0.5) - way(deg - 0.5); }

    std::optional<PistonPath> path_;
    double g0_ = 0.0, share_ = 1.0;
    double v00_ = 0.0, v01_ = 0.0, v11_ = 0.0; ///< covariance of the two
    double factor_ = kOneInThousand, residual_ = 0.0, misfit_ = 0.0;
    double tdc_deg_ = 0.0, fall_ = 0.0; ///< of TDC; the mean slope of the way where it was taken
    double shared_ = 0.0;               ///< half-width of the lift it was taken over
    const void* lobe_ = nullptr;
    double advanced_deg_ = 0.0;
};

/// Where a valve comes nearest.
struct Least {
    double at_deg = 0.0;
    Measured<double> mm;
};

/// How far a cam may stand from where it is set while the engine runs: a phaser over what its
/// limiter leaves, parked or without oil, and a chain's slack. Crank degrees, advance positive;
/// nothing moves where both are 0.
struct Travel {
    double from_deg = 0.0, to_deg = 0.0;
    bool moves() const { return from_deg < 0.0 || to_deg > 0.0; }
    bool operator==(const Travel&) const = default;
};

/// The least clearance of a lift over the overlap, with the cam advanced.
Least leastClearance(const Gap& gap, const ValveLift& lift, double advance_deg);

/// The same over everything the cam may do from there; `move_deg` is where of its travel.
struct LeastOver {
    Least least;
    double move_deg = 0.0;
};
LeastOver leastOver(const Gap& gap, const ValveLift& lift, double advance_deg,
                    const Travel& travel);

/// How many mm one degree of advance costs (positive) or gives, there.
double costOfDegree_mm(const Gap& gap, const ValveLift& lift, double advance_deg);

/// The advance that keeps a limit, within `reach` either way; an end that is not reached stands at
/// it. Empty where no advance keeps it.
struct AdvanceWindow {
    double from_deg = 0.0, to_deg = 0.0;
    std::optional<double> from_pm_deg, to_pm_deg; ///< half-widths of ends that are reached
};
/// Over the whole of `travel`.
std::optional<AdvanceWindow> windowOf(const Gap& gap, const ValveLift& lift, double limit_mm,
                                      const Travel& travel = {}, double reach_deg = 30.0);

/// The least that was read, by a parabola through the lowest angle and its neighbours; empty with
/// fewer than three angles. `atEdge`: the lowest is the first or the last.
struct MeasuredLeast {
    Least least;
    bool atEdge = false;
};
std::optional<MeasuredLeast> measuredLeast(const std::vector<GapPoint>& points,
                                           double resolution_mm);

} // namespace lobe
