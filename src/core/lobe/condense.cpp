#include "core/lobe/condense.h"

#include "core/angle/statistics.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace lobe {
namespace {

constexpr std::size_t kAsTheyAre = 1500, kMostCondensed = 720, kMostOdd = 12, kReach = 3;
constexpr double kWidest_deg = 0.5;
constexpr double kClear_mm = 0.025, kClearDeviations = 10.0;
/// What a median of absolute values is multiplied by to be a normal deviation.
constexpr double kMedianDeviation = 1.4826;

/// Each reading less the median of those about it. On a flank that is the reading itself, but for
/// its scatter.
std::vector<double> offMedian(const std::vector<LiftPoint>& p) {
    std::vector<double> off(p.size(), 0.0);
    for (std::size_t i = kReach; i + kReach < p.size(); ++i) {
        static_assert(2 * kReach + 1 == 7);
        std::array<double, 7> about{};
        for (std::size_t k = 0; k < about.size(); ++k)
            about[k] = p[i + k - kReach].mm;
        off[i] = p[i].mm - medianOf7(about);
    }
    return off;
}

std::vector<std::size_t> clearlyOff(const std::vector<LiftPoint>& p,
                                    const std::vector<double>& right) {
    const std::vector<double> off = offMedian(p);
    std::vector<double> size(off.size());
    std::transform(off.begin(), off.end(), size.begin(), [](double v) { return std::abs(v); });
    const auto middle = size.begin() + static_cast<std::ptrdiff_t>(size.size() / 2);
    std::nth_element(size.begin(), middle, size.end());
    const double limit = std::max(kClear_mm, kClearDeviations * kMedianDeviation * *middle);
    std::vector<std::size_t> all;
    for (std::size_t i = 0; i < off.size(); ++i)
        if (std::abs(off[i]) > limit && std::none_of(right.begin(), right.end(), [&](double r) {
                return std::abs(wrapCycle({r - p[i].deg}).deg) < 1e-6;
            }))
            all.push_back(i);
    std::stable_sort(all.begin(), all.end(), [&](std::size_t a, std::size_t b) {
        return std::abs(off[a]) > std::abs(off[b]);
    });
    if (all.size() > kMostOdd) all.resize(kMostOdd);
    std::sort(all.begin(), all.end());
    return all;
}

} // namespace

Condensed condensed(const std::vector<LiftPoint>& points, const std::vector<double>& right) {
    Condensed out;
    if (points.size() <= kAsTheyAre) {
        out.points = points;
        return out;
    }
    const auto odd = clearlyOff(points, right);
    std::vector<LiftPoint> kept;
    kept.reserve(points.size());
    auto skipped = odd.begin();
    for (std::size_t i = 0; i < points.size(); ++i)
        if (skipped != odd.end() && *skipped == i)
            ++skipped;
        else
            kept.push_back(points[i]);
    // As many to a point everywhere, so that all scatter alike; fewer where the crank went fast.
    const std::size_t each = (kept.size() + kMostCondensed - 1) / kMostCondensed;
    for (std::size_t i = 0; i < kept.size();) {
        std::size_t end = i + 1;
        while (end < kept.size() && end - i < each && kept[end].deg - kept[i].deg < kWidest_deg)
            ++end;
        if (kept.size() - end < each / 2 && kept.back().deg - kept[i].deg < kWidest_deg)
            end = kept.size();
        LiftPoint sum;
        for (std::size_t k = i; k < end; ++k) {
            sum.deg += kept[k].deg;
            sum.mm += kept[k].mm;
        }
        const auto n = static_cast<double>(end - i);
        out.points.push_back({sum.deg / n, sum.mm / n});
        i = end;
    }
    for (std::size_t i : odd) {
        const auto next =
            std::lower_bound(out.points.begin(), out.points.end(), points[i],
                             [](const LiftPoint& a, const LiftPoint& b) { return a.deg < b.deg; });
        const double near = next == out.points.end() ? out.points.back().mm : next->mm;
        out.odd.push_back({CrankDeg{points[i].deg}, points[i].mm - near, {}});
    }
    out.each = static_cast<double>(kept.size()) / static_cast<double>(out.points.size());
    return out;
}

} // namespace lobe
