#include "core/clearance/gap.h"

#include "core/angle/root.h"
#include "core/angle/statistics.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

/// Where valve and piston are near each other at all.
constexpr int kGapReach_deg = 60;

double slopeOf(const ValveLift& lift, double deg) {
    return (lift.mm(deg + 0.5) - lift.mm(deg - 0.5));
}

} // namespace

double Gap::way(double deg) const {
    // Without dimensions: the leading term of the slider-crank, its size left to the fit.
    return path_ ? path_->drop_mm(deg) : 100.0 * (1.0 - std::cos(radians(deg)));
}

std::optional<Gap> Gap::fit(std::vector<GapPoint>& points, const ValveLift& lift,
                            const GapRequest& request) {
    Gap out;
    out.path_ = request.path;
    out.lobe_ = lift.lobe;
    out.advanced_deg_ = lift.advanced_deg;
    // A known angle says between what the share lies, and not which: the crown does.
    double spread = kShareSpread;
    if (request.valveAngle_deg) {
        const double cosine = std::cos(radians(*request.valveAngle_deg));
        spread = std::max(0.02, (1.0 / cosine - cosine) / 3.0);
    }
    // Without the piston's way the share is no share, and nothing is known of it.
    const double prior = request.path ? 1.0 / (spread * spread) : 0.0;
    double w = 0, wx = 0, wxx = prior, wy = 0, wxy = prior * kUsualShare;
    int n = 0;
    std::vector<double> weights(points.size(), 0.0);
    for (std::size_t i = 0; i < points.size(); ++i) {
        const GapPoint& p = points[i];
        if (!p.counts) continue;
        const double x = out.way(p.deg), y = p.clearance_mm + lift.mm(p.deg);
        const double rounding = request.resolution_mm / std::sqrt(12.0 * std::max(1, p.presses));
        // A wheel that is set beside its mark takes the piston along as well as the valve.
        const double fall = out.wayPerDegree(p.deg);
        const double wheel = request.wheel_deg * (slopeOf(lift, p.deg) - fall);
        const double touch = 0.01 / std::sqrt(std::max(1, p.presses));
        const double apart = p.apart_mm / 2.0;
        weights[i] = 1.0 / (rounding * rounding + wheel * wheel + touch * touch + apart * apart);
        w += weights[i];
        wx += weights[i] * x;
        wxx += weights[i] * x * x;
        wy += weights[i] * y;
        wxy += weights[i] * x * y;
        ++n;
    }
    if (n < 3) return std::nullopt;
    out.tdc_deg_ = request.tdc_deg;
    for (std::size_t i = 0; i < points.size(); ++i)
        out.fall_ += weights[i] * out.wayPerDegree(points[i].deg) / w;
    const double determinant = w * wxx - wx * wx;
    if (!(determinant > 0.0)) return std::nullopt;
    out.share_ = (w * wxy - wx * wy) / determinant;
    if (out.path_) out.share_ = std::clamp(out.share_, 0.6, 1.7);
    out.g0_ = (wy - out.share_ * wx) / w;

    double squares = 0.0, weighted = 0.0, lifts = 0.0;
    for (std::size_t i = 0; i < points.size(); ++i) {
        GapPoint& p = points[i];
        p.residual_mm = p.clearance_mm + lift.mm(p.deg) - out.at(p.deg);
        if (!p.counts) continue;
        squares += p.residual_mm * p.residual_mm;
        if (lift.plusMinus_mm) lifts += std::pow(lift.plusMinus_mm(p.deg), 2);
        weighted += weights[i] * p.residual_mm * p.residual_mm;
    }
    out.residual_ = std::sqrt(squares / n);
    // What the lift curve is off by it is off by along its flank: no number of presses tells.
    out.shared_ = std::sqrt(lifts / n);
    const double freedom = std::max(1.0, n - 2.0);
    // What the presses scatter beyond what is expected of them widens everything.
    const double scale = std::max(1.0, weighted / freedom);
    out.misfit_ = weighted / freedom;
    // Few presses say little of how they scatter.
    out.factor_ =
        scale > 1.0 ? kOneInThousand * student95(freedom) / kCoverageFactor : kOneInThousand;
    out.v00_ = scale * wxx / determinant;
    out.v01_ = -scale * wx / determinant;
    out.v11_ = scale * w / determinant;
    return out;
}

std::optional<double> Gap::pocketAngle_deg() const {
    return path_ && share_ <= 1.0 ? std::optional(degrees(std::acos(share_))) : std::nullopt;
}

Gap Gap::raised(double mm) const {
    Gap out = *this;
    out.g0_ += mm;
    return out;
}

double Gap::plusMinus_mm(double deg) const {
    const double x = way(deg);
    // What any map is off by, however many presses: a valve that tilts, a gasket that gives.
    constexpr double kAtLeast_mm = 0.02;
    // With the top elsewhere the piston's way is another: what is the same at every press is in g0,
    // what differs from there is not.
    const double turned = tdc_deg_ * share_ * (wayPerDegree(deg) - fall_);
    return std::hypot(factor_ * std::sqrt(std::max(0.0, v00_ + 2.0 * x * v01_ + x * x * v11_)),
                      kAtLeast_mm, turned);
}

double Gap::plusMinus_mm(double deg, const ValveLift& lift, double advance_deg) const {
    // Half-widths of 95 % brought to what is kept here.
    constexpr double kWider = kOneInThousand / kCoverageFactor;
    const double own = lift.plusMinus_mm ? kWider * lift.plusMinus_mm(deg + advance_deg) : 0.0;
    double both = std::hypot(own, kWider * shared_);
    // Over the lobe it was taken over, where it stood, the two are one: away from there they part
    // within a few degrees.
    constexpr double kParted_deg = 3.0;
    if (lobe_ && lift.lobe == lobe_)
        both *=
            std::min(1.0, std::abs(lift.advanced_deg + advance_deg - advanced_deg_) / kParted_deg);
    return std::hypot(plusMinus_mm(deg), both);
}

Least leastClearance(const Gap& gap, const ValveLift& lift, double advance_deg) {
    const auto c = [&](double deg) { return gap.clearance(deg, lift, advance_deg); };
    double best = -kGapReach_deg;
    for (int deg = -kGapReach_deg; deg <= kGapReach_deg; ++deg)
        if (c(deg) < c(best)) best = deg;
    // A parabola twice: degrees, then tenths.
    for (double h : {1.0, 0.2}) {
        const double a = c(best - h), b = c(best), d = c(best + h);
        const double bend = a - 2.0 * b + d;
        if (bend > 1e-12) best += std::clamp(0.5 * h * (a - d) / bend, -h, h);
    }
    best = std::clamp(best, -1.0 * kGapReach_deg, 1.0 * kGapReach_deg);
    return {best, {c(best), gap.plusMinus_mm(best, lift, advance_deg)}};
}

LeastOver leastOver(const Gap& gap, const ValveLift& lift, double advance_deg,
                    const Travel& travel) {
    LeastOver out{leastClearance(gap, lift, advance_deg), 0.0};
    if (!travel.moves()) return out;
    // By steps of a degree and both ends: between them nothing changes faster.
    const int steps = static_cast<int>(std::ceil(travel.to_deg - travel.from_deg));
    for (int i = 0; i <= steps; ++i) {
        const double move =
            travel.from_deg + (travel.to_deg - travel.from_deg) * i / std::max(1, steps);
        const Least here = leastClearance(gap, lift, advance_deg + move);
        if (here.mm < out.least.mm) out = {here, move};
    }
    return out;
}

double costOfDegree_mm(const Gap& gap, const ValveLift& lift, double advance_deg) {
    return leastClearance(gap, lift, advance_deg - 0.5).mm -
           leastClearance(gap, lift, advance_deg + 0.5).mm;
}

std::optional<AdvanceWindow> windowOf(const Gap& gap, const ValveLift& lift, double limit_mm,
                                      const Travel& travel, double reach_deg) {
    // Whoever is nearest at either end of the travel is nearest of all but at the very least.
    const auto over = [&](double advance) {
        double least = leastClearance(gap, lift, advance).mm;
        for (double end : {travel.from_deg, travel.to_deg})
            if (end != 0.0)
                least = std::min<double>(least, leastClearance(gap, lift, advance + end).mm);
        return least - limit_mm;
    };
    // The stretch that keeps it and lies nearest to the cam as it stands.
    std::optional<double> inside;
    const int steps = static_cast<int>(std::lround(2.0 * reach_deg));
    for (int i = 0; i <= steps && !inside; ++i)
        for (double signedA : {0.5 * i, -0.5 * i})
            if (!inside && over(signedA) >= 0.0) inside = signedA;
    if (!inside) return std::nullopt;
    AdvanceWindow out;
    const auto end = [&](double way, double& at, std::optional<double>& pm) {
        double last = *inside;
        for (int i = 1; std::abs(*inside + way * i) <= reach_deg + 1e-9; ++i) {
            const double a = *inside + way * i;
            if (over(a) < 0.0) {
                at = rootBetween(over, last, a);
                const double cost = std::abs(over(at + 0.5) - over(at - 0.5));
                if (cost > 1e-6)
                    pm = leastClearance(gap, lift, at).mm.plusMinus.value_or(0.0) / cost;
                return;
            }
            last = a;
        }
        at = std::copysign(reach_deg, way);
    };
    end(-0.5, out.from_deg, out.from_pm_deg);
    end(0.5, out.to_deg, out.to_pm_deg);
    return out;
}

std::optional<MeasuredLeast> measuredLeast(const std::vector<GapPoint>& points,
                                           double resolution_mm) {
    std::vector<GapPoint> p;
    for (const GapPoint& each : points)
        if (each.counts) p.push_back(each);
    std::sort(p.begin(), p.end(),
              [](const GapPoint& a, const GapPoint& b) { return a.deg < b.deg; });
    if (p.size() < 3) return std::nullopt;
    const auto lowest =
        std::min_element(p.begin(), p.end(), [](const GapPoint& a, const GapPoint& b) {
            return a.clearance_mm < b.clearance_mm;
        });
    MeasuredLeast out;
    // A press by hand, one deviation; and what any map is off by, however many of them.
    constexpr double kTouch_mm = 0.02, kAtLeast_mm = 0.01;
    const double touch = std::hypot(kTouch_mm, resolution_mm / std::sqrt(12.0)) /
                         std::sqrt(std::max(1, lowest->presses));
    out.least = {lowest->deg,
                 {lowest->clearance_mm,
                  kOneInThousand * std::hypot(touch, lowest->apart_mm / 2.0, kAtLeast_mm)}};
    out.atEdge = lowest == p.begin() || lowest + 1 == p.end();
    if (out.atEdge) return out;
    const GapPoint &a = *(lowest - 1), &b = *lowest, &c = *(lowest + 1);
    const double u = a.deg - b.deg, v = c.deg - b.deg;
    const double da = a.clearance_mm - b.clearance_mm, dc = c.clearance_mm - b.clearance_mm;
    const double bend = (da / u - dc / v) / (u - v), slope = da / u - bend * u;
    if (bend > 1e-9) {
        const double at = std::clamp(-slope / (2.0 * bend), u, v);
        out.least.at_deg = b.deg + at;
        out.least.mm.value = b.clearance_mm + slope * at + bend * at * at;
    }
    return out;
}

} // namespace lobe
