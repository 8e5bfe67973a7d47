#include "core/clearance/gap.h"

#include "core/angle/root.h"
#include "core/angle/statistics.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

/// Where valve and piston are near each other at all.
constexpr double kReach_deg = 60.0;

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
    const bool known = request.path && request.valveAngle_deg;
    if (known) out.share_ = std::cos(radians(*request.valveAngle_deg));
    // The share of the piston's way is the cosine of the valve's angle: known, or near the usual.
    const double prior = known ? 1e12 : request.path ? 1.0 / (kShareSpread * kShareSpread) : 0.0;
    const double share = known ? out.share_ : kUsualShare;
    double w = 0, wx = 0, wxx = prior, wy = 0, wxy = prior * share;
    int n = 0;
    std::vector<double> weights(points.size(), 0.0);
    for (std::size_t i = 0; i < points.size(); ++i) {
        const GapPoint& p = points[i];
        if (!p.counts) continue;
        const double x = out.way(p.deg), y = p.clearance_mm + lift.mm(p.deg);
        const double rounding = request.resolution_mm / std::sqrt(12.0 * std::max(1, p.presses));
        const double wheel = request.wheel_deg * slopeOf(lift, p.deg);
        const double touch = 0.01 / std::sqrt(std::max(1, p.presses));
        weights[i] = 1.0 / (rounding * rounding + wheel * wheel + touch * touch);
        w += weights[i];
        wx += weights[i] * x;
        wxx += weights[i] * x * x;
        wy += weights[i] * y;
        wxy += weights[i] * x * y;
        ++n;
    }
    if (n < 3) return std::nullopt;
    const double determinant = w * wxx - wx * wx;
    if (!(determinant > 0.0)) return std::nullopt;
    out.share_ = (w * wxy - wx * wy) / determinant;
    if (out.path_) out.share_ = std::clamp(out.share_, 0.5, 1.0); // no valve leans farther
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
    const double freedom = std::max(1.0, n - (known ? 1.0 : 2.0));
    // What the presses scatter beyond what is expected of them widens everything.
    const double scale = std::max(1.0, weighted / freedom);
    out.student_ = scale > 1.0 ? student95(freedom) : kCoverageFactor;
    out.v00_ = scale * wxx / determinant;
    out.v01_ = -scale * wx / determinant;
    out.v11_ = scale * w / determinant;
    return out;
}

std::optional<Measured<double>> Gap::valveAngle_deg() const {
    if (!path_) return std::nullopt;
    const double angle = std::acos(std::clamp(share_, 0.0, 1.0));
    const double half = student_ * std::sqrt(std::max(0.0, v11_));
    // The cosine is flat at none: there the half-width is that of the angle it could be.
    const double low = std::acos(std::clamp(share_ - half, 0.0, 1.0));
    return Measured<double>{degrees(angle), degrees(low - angle)};
}

Gap Gap::raised(double mm) const {
    Gap out = *this;
    out.g0_ += mm;
    return out;
}

double Gap::plusMinus_mm(double deg) const {
    const double x = way(deg);
    return std::hypot(student_ * std::sqrt(std::max(0.0, v00_ + 2.0 * x * v01_ + x * x * v11_)),
                      shared_);
}

Least leastClearance(const Gap& gap, const ValveLift& lift, double advance_deg) {
    const auto c = [&](double deg) { return gap.clearance(deg, lift, advance_deg); };
    double best = -kReach_deg;
    for (double deg = -kReach_deg; deg <= kReach_deg; deg += 1.0)
        if (c(deg) < c(best)) best = deg;
    // A parabola twice: degrees, then tenths.
    for (double h : {1.0, 0.2}) {
        const double a = c(best - h), b = c(best), d = c(best + h);
        const double bend = a - 2.0 * b + d;
        if (bend > 1e-12) best += std::clamp(0.5 * h * (a - d) / bend, -h, h);
    }
    best = std::clamp(best, -kReach_deg, kReach_deg);
    const double own = lift.plusMinus_mm ? lift.plusMinus_mm(best + advance_deg) : 0.0;
    return {best, {c(best), std::hypot(gap.plusMinus_mm(best), own)}};
}

double costOfDegree_mm(const Gap& gap, const ValveLift& lift, double advance_deg) {
    return leastClearance(gap, lift, advance_deg - 0.5).mm -
           leastClearance(gap, lift, advance_deg + 0.5).mm;
}

std::optional<AdvanceWindow> windowOf(const Gap& gap, const ValveLift& lift, double limit_mm,
                                      double reach_deg) {
    const auto over = [&](double advance) {
        return leastClearance(gap, lift, advance).mm - limit_mm;
    };
    // The stretch that keeps it and lies nearest to the cam as it stands.
    std::optional<double> inside;
    for (double a = 0.0; a <= reach_deg && !inside; a += 0.5)
        for (double signedA : {a, -a})
            if (!inside && over(signedA) >= 0.0) inside = signedA;
    if (!inside) return std::nullopt;
    const auto end = [&](double way) {
        double last = *inside;
        for (double a = *inside + way; std::abs(a) <= reach_deg + 1e-9; a += way) {
            if (over(a) < 0.0) return rootBetween(over, last, a);
            last = a;
        }
        return std::copysign(reach_deg, way);
    };
    return AdvanceWindow{end(-0.5), end(0.5)};
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
    const double touch = std::hypot(0.01, resolution_mm / std::sqrt(12.0));
    out.least = {
        lowest->deg,
        {lowest->clearance_mm, kCoverageFactor * touch / std::sqrt(std::max(1, lowest->presses))}};
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
