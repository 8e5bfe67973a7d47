#include "core/job/job.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace lobe {

namespace {

/// How long after cylinder 1 a cylinder reaches its top, in one turn of the crank: by as much as
/// its pin is behind and its bank farther on.
double topBehind_deg(const Engine& e, int cylinder) {
    const bool second =
        std::find(e.secondBank.begin(), e.secondBank.end(), cylinder) != e.secondBank.end();
    return e.throws_deg[static_cast<std::size_t>(cylinder - 1)] + (second ? e.bankAngle_deg : 0.0);
}

} // namespace

std::vector<double> Engine::gaps_deg() const {
    const auto n = firingOrder.size();
    if (n < 2) return {};
    if (!firingGaps_deg.empty())
        return firingGaps_deg.size() == n ? firingGaps_deg : std::vector<double>{};
    if (throws_deg.empty()) return std::vector<double>(n, 720.0 / static_cast<double>(n));
    if (throws_deg.size() != n) return {};
    for (const int c : firingOrder)
        if (c < 1 || static_cast<std::size_t>(c) > n) return {};
    std::vector<double> gaps;
    for (std::size_t i = 0; i < n; ++i) {
        const double from = topBehind_deg(*this, firingOrder[i]),
                     to = topBehind_deg(*this, firingOrder[(i + 1) % n]);
        const double gap = std::fmod(to - from + 720.0, 360.0);
        gaps.push_back(gap < 1e-9 ? 360.0 : gap);
    }
    // The tops say it within a turn: a cycle is two. What is missing belongs to the shortest gap,
    // which fires most evenly.
    const double sum = std::accumulate(gaps.begin(), gaps.end(), 0.0);
    if (std::abs(sum - 360.0) < 1e-6)
        *std::min_element(gaps.begin(), gaps.end()) += 360.0;
    else if (std::abs(sum - 720.0) > 1e-6)
        return {};
    return gaps;
}

std::optional<double> Engine::behindFirst_deg(int cylinder) const {
    if (cylinder == 1) return 0.0;
    const auto n = firingOrder.size();
    const auto at = [&](int c) { return std::find(firingOrder.begin(), firingOrder.end(), c); };
    const auto first = at(1), here = at(cylinder);
    if (n < 2 || first == firingOrder.end() || here == firingOrder.end()) return std::nullopt;
    const std::vector<double> gaps = gaps_deg();
    if (gaps.empty()) return std::nullopt;
    double behind = 0.0;
    for (auto i = static_cast<std::size_t>(first - firingOrder.begin());
         firingOrder[i % n] != cylinder; ++i)
        behind += gaps[i % n];
    return behind;
}

} // namespace lobe
