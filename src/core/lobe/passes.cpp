#include "core/lobe/passes.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

/// What a pass reads at an angle: its own reading there, else its curve.
double liftAt(const LobeFigures& lobe, double deg) {
    const auto near = std::lower_bound(lobe.fair.begin(), lobe.fair.end(), deg - 1e-6,
                                       [](const LiftPoint& p, double at) { return p.deg < at; });
    return near != lobe.fair.end() && std::abs(near->deg - deg) < 1e-6 ? near->mm
                                                                       : lobe.curve->at(deg);
}

} // namespace

std::optional<PassesFindings> comparePasses(const std::vector<Pass>& passes) {
    if (passes.empty() || !passes.back().lobe->curve) return std::nullopt;
    const LobeFigures& newest = *passes.back().lobe;
    PassesFindings out;
    std::vector<const LobeFigures*> lobes;
    for (const Pass& p : passes) {
        if (!p.lobe->curve || !p.lobe->noseReached || p.lobe->taken.at != newest.taken.at) continue;
        lobes.push_back(p.lobe);
        out.runs.push_back(p.run);
    }
    if (lobes.size() < 2) return std::nullopt;
    double squares = 0.0;
    int count = 0;
    for (const LiftPoint& point : newest.fair) {
        double least = 1e9, most = -1e9, sum = 0.0;
        const bool covered = std::all_of(lobes.begin(), lobes.end(), [&](const LobeFigures* l) {
            return point.deg >= l->curve->first() - 1e-9 && point.deg <= l->curve->last() + 1e-9;
        });
        if (!covered) continue;
        for (const LobeFigures* l : lobes) {
            const double mm = liftAt(*l, point.deg);
            least = std::min(least, mm);
            most = std::max(most, mm);
            sum += mm;
        }
        const double mean = sum / static_cast<double>(lobes.size());
        for (const LobeFigures* l : lobes) {
            squares += std::pow(liftAt(*l, point.deg) - mean, 2);
            ++count;
        }
        out.spread.push_back({point.deg, most - least});
        out.mean.push_back({point.deg, mean});
        if (most - least > out.widest.mm) out.widest = out.spread.back();
    }
    if (count == 0) return std::nullopt;
    out.rms_mm = std::sqrt(squares / count);
    return out;
}

} // namespace lobe
