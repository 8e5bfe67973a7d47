#include "core/lobe/zero_return.h"

#include <algorithm>
#include <cmath>
#include <utility>

namespace lobe {
namespace {

using Points = std::vector<LiftPoint>;

/// The readings of one end that lie on the base circle, without the last 25 degrees before lift
/// begins, which may be ramp.
Points resting(const Points& points, bool front) {
    constexpr double kLifting_mm = 0.15, kRamp_deg = 25.0;
    Points out;
    const auto take = [&](auto begin, auto end) {
        const double home = begin->mm;
        auto lifted = std::find_if(
            begin, end, [&](const LiftPoint& p) { return std::abs(p.mm - home) > kLifting_mm; });
        if (lifted == end) return;
        for (auto it = begin; it != lifted; ++it)
            if (std::abs(lifted->deg - it->deg) > kRamp_deg) out.push_back(*it);
    };
    front ? take(points.begin(), points.end()) : take(points.rbegin(), points.rend());
    return out;
}

std::pair<double, double> bounds(const Points& p) {
    const auto [low, high] = std::minmax_element(
        p.begin(), p.end(), [](const LiftPoint& a, const LiftPoint& b) { return a.mm < b.mm; });
    return {low->mm, high->mm};
}

/// The sum of squared fourth differences: what a jump adds to, and smooth lift hardly does.
double roughness(const Points& p) {
    double sum = 0.0;
    for (std::size_t i = 4; i < p.size(); ++i) {
        const double d =
            p[i].mm - 4.0 * p[i - 1].mm + 6.0 * p[i - 2].mm - 4.0 * p[i - 3].mm + p[i - 4].mm;
        sum += d * d;
    }
    return sum;
}

/// The reading after which taking the drift off smooths the run by nearly all that a jump of that
/// size adds (1, 3, 3, 1 times the drift, squared), and clearly better than elsewhere.
std::optional<CrankDeg> jump(const Points& points, double drift) {
    if (points.size() < 12) return std::nullopt;
    const double whole = roughness(points);
    std::vector<double> gains(points.size(), 0.0);
    for (std::size_t i = 4; i + 4 < points.size(); ++i) {
        Points moved = points;
        for (std::size_t k = i; k < moved.size(); ++k)
            moved[k].mm -= drift;
        gains[i] = whole - roughness(moved);
    }
    const auto best = std::max_element(gains.begin(), gains.end());
    const double expected = 20.0 * drift * drift;
    if (*best < 0.6 * expected) return std::nullopt;
    for (auto it = gains.begin(); it != gains.end(); ++it)
        if (std::abs(it - best) > 2 && *it > *best - 0.4 * expected) return std::nullopt;
    return CrankDeg{points[static_cast<std::size_t>(best - gains.begin())].deg};
}

} // namespace

BaseEnds baseEnds(const Points& points) {
    BaseEnds out{points.front().mm, points.back().mm};
    for (bool front : {true, false}) {
        const Points rest = resting(points, front);
        if (rest.size() < 2) continue;
        double sum = 0.0;
        for (const LiftPoint& p : rest)
            sum += p.mm;
        const int n = static_cast<int>(rest.size());
        (front ? out.front_mm : out.back_mm) = sum / n;
        (front ? out.frontCount : out.backCount) = n;
    }
    return out;
}

found::Any judgeZeroReturn(const Points& points, double drift, bool bleeds, double scatter_mm) {
    if (points.size() < 2) return found::ZeroNotHome{drift};
    // A dozen readings of an even base circle lie within some five deviations.
    const double least = std::max(0.015, 5.5 * scatter_mm);
    const Points before = resting(points, true), after = resting(points, false);
    if (before.size() >= 3 && after.size() >= 3) {
        const auto [low1, high1] = bounds(before);
        const auto [low2, high2] = bounds(after);
        const double uneven = std::max(high1 - low1, high2 - low2);
        if (uneven >= 0.6 * std::abs(drift) && uneven >= least)
            return found::ZeroRunOut{drift, std::max(high1, high2) - std::min(low1, low2)};
    }
    if (const auto at = jump(points, drift)) return found::ZeroSlipped{drift, *at};
    if (bleeds && drift < 0.0) return found::ZeroBleeding{drift};
    return found::ZeroNotHome{drift};
}

std::optional<double> baseRunOut_mm(const Points& points) {
    if (points.size() < 2) return std::nullopt;
    Points all = resting(points, true);
    const Points after = resting(points, false);
    all.insert(all.end(), after.begin(), after.end());
    if (all.size() < 4) return std::nullopt;
    const auto [low, high] = bounds(all);
    return high - low;
}

} // namespace lobe
