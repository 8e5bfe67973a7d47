#include "core/lobe/misfit.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

/// Nothing under this is worth going back for.
constexpr double kFloor_mm = 0.03;
constexpr double kScatters = 6.0;
/// The share of the local bend that the cubic may miss: on the flanks and round the nose, and at
/// the foot, where lift behind a lash leaves the base circle with a kink (for a clean kink the
/// miss is the bend itself).
constexpr double kBend = 0.25, kBendAtFoot = 1.1;
constexpr double kMisfitBase_mm = 0.02;
constexpr std::size_t kMostMisfits = 12;

struct Local {
    double off;     ///< reading less the neighbours' cubic
    double mayMiss; ///< what the cubic may miss of the bend over the neighbours
};

Local local(const std::vector<LiftPoint>& p, std::size_t i) {
    // Lagrange through two neighbours either side; at the ends all four on the inner side would
    // extrapolate, so only readings with two neighbours either side are judged.
    const std::size_t k[4] = {i - 2, i - 1, i + 1, i + 2};
    double value = 0.0;
    for (std::size_t a : k) {
        double w = 1.0;
        for (std::size_t b : k)
            if (b != a) w *= (p[i].deg - p[b].deg) / (p[a].deg - p[b].deg);
        value += w * p[a].mm;
    }
    const auto slope = [&](std::size_t a, std::size_t b) {
        return (p[b].mm - p[a].mm) / (p[b].deg - p[a].deg);
    };
    // Change of slope across the reading from its neighbours alone, as lift over the widest step.
    double h = 0.0;
    for (std::size_t j = i - 2; j < i + 2; ++j)
        h = std::max(h, p[j + 1].deg - p[j].deg);
    const double bend = std::abs(slope(k[2], k[3]) - slope(k[0], k[1])) * h / 3.0;
    const auto onBase = [&](std::size_t j) { return std::abs(p[j].mm) <= kMisfitBase_mm; };
    const bool foot = onBase(i - 2) != onBase(i + 2);
    return {p[i].mm - value, bend * (foot ? kBendAtFoot : kBend)};
}

} // namespace

std::vector<Misfit> misfits(std::vector<LiftPoint> p) {
    std::vector<Misfit> out;
    while (p.size() >= 7 && out.size() < kMostMisfits) {
        std::vector<double> all;
        for (std::size_t i = 2; i + 2 < p.size(); ++i)
            all.push_back(std::abs(local(p, i).off));
        std::vector<double> sorted = all;
        const auto mid = sorted.begin() + static_cast<std::ptrdiff_t>(sorted.size() / 2);
        std::nth_element(sorted.begin(), mid, sorted.end());
        const double scatter = 1.4826 * *mid;

        // The slip itself stands off more than the neighbours it misleads, so of all that look
        // off, and of those beside them, the one farthest off is named.
        double worst = 0.0;
        std::size_t at = 0;
        for (std::size_t i = 2; i + 2 < p.size(); ++i) {
            const Local l = local(p, i);
            const double allowed = std::max({kFloor_mm, kScatters * scatter, l.mayMiss});
            if (std::abs(l.off) <= allowed) continue;
            for (std::size_t k = std::max<std::size_t>(i - 1, 2); k <= i + 1 && k + 2 < p.size();
                 ++k)
                if (const double off = std::abs(local(p, k).off); off > worst) {
                    worst = off;
                    at = k;
                }
        }
        if (at == 0) break;
        out.push_back({CrankDeg{p[at].deg}, local(p, at).off});
        p.erase(p.begin() + static_cast<std::ptrdiff_t>(at));
    }
    std::sort(out.begin(), out.end(), [](const Misfit& a, const Misfit& b) { return a.at < b.at; });
    return out;
}

double mayMiss_mm(const std::vector<LiftPoint>& points, std::size_t at) {
    return at < 2 || at + 2 >= points.size() ? 0.0 : local(points, at).mayMiss;
}

std::vector<Misfit> standoffs(const std::vector<LiftPoint>& points) {
    std::vector<Misfit> out;
    for (std::size_t i = 2; i + 2 < points.size(); ++i)
        out.push_back({CrankDeg{points[i].deg}, local(points, i).off});
    return out;
}

} // namespace lobe
