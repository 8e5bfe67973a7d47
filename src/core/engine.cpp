#include "core/job.h"

#include <algorithm>
#include <numeric>

namespace lobe {

std::optional<double> Engine::behindFirst_deg(int cylinder) const {
    if (cylinder == 1) return 0.0;
    const auto n = firingOrder.size();
    const auto at = [&](int c) { return std::find(firingOrder.begin(), firingOrder.end(), c); };
    const auto first = at(1), here = at(cylinder);
    if (n < 2 || first == firingOrder.end() || here == firingOrder.end()) return std::nullopt;
    if (!firingGaps_deg.empty() && firingGaps_deg.size() != n) return std::nullopt;
    double behind = 0.0;
    for (auto i = static_cast<std::size_t>(first - firingOrder.begin());
         firingOrder[i % n] != cylinder; ++i)
        behind += firingGaps_deg.empty() ? 720.0 / static_cast<double>(n) : firingGaps_deg[i % n];
    return behind;
}

} // namespace lobe
