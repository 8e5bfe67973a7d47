#include "core/passes.h"

#include <algorithm>
#include <cmath>

namespace lobe {

std::optional<PassesFindings> comparePasses(const std::vector<Pass>& passes) {
    if (passes.empty() || !passes.back().lobe->curve) return std::nullopt;
    const LobeFigures& newest = *passes.back().lobe;
    PassesFindings out;
    std::vector<const LiftCurve*> curves;
    for (const Pass& p : passes) {
        if (!p.lobe->curve || !p.lobe->noseReached || p.lobe->taken.at != newest.taken.at) continue;
        curves.push_back(&*p.lobe->curve);
        out.runs.push_back(p.run);
    }
    if (curves.size() < 2) return std::nullopt;
    double squares = 0.0;
    int count = 0;
    for (const LiftPoint& point : newest.points) {
        double least = 1e9, most = -1e9, sum = 0.0;
        const bool covered = std::all_of(curves.begin(), curves.end(), [&](const LiftCurve* c) {
            return point.deg >= c->first() - 1e-9 && point.deg <= c->last() + 1e-9;
        });
        if (!covered) continue;
        for (const LiftCurve* c : curves) {
            const double mm = c->at(point.deg);
            least = std::min(least, mm);
            most = std::max(most, mm);
            sum += mm;
        }
        const double mean = sum / static_cast<double>(curves.size());
        for (const LiftCurve* c : curves) {
            squares += std::pow(c->at(point.deg) - mean, 2);
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
