#include "core/lobe/compare.h"

#include <algorithm>
#include <cmath>

namespace lobe {

std::optional<LobeComparison> compareLobes(const LobeFigures& lobe, const LobeFigures& other,
                                           bool mirrored) {
    if (!lobe.curve || !other.curve || !lobe.noseReached || !other.noseReached) return std::nullopt;
    const auto here = lobe.centres.equalDrop, there = other.centres.equalDrop;
    if (mirrored && (!here || !there)) return std::nullopt;
    LobeComparison out;
    // Mirrored, an angle lies as far before the one centre as it lay after the other.
    const auto angle = [&](double deg) { return mirrored ? there->deg + (here->deg - deg) : deg; };
    if (mirrored) out.turned_deg = here->deg - there->deg;
    for (double deg = std::ceil(lobe.curve->first()); deg <= lobe.curve->last(); deg += 1.0) {
        const double at = angle(deg);
        if (at < other.curve->first() || at > other.curve->last()) continue;
        const double mm =
            other.taken.at == lobe.taken.at
                ? other.curve->at(at)
                : other.taken.liftAt(lobe.taken.at, std::max(0.0, other.curve->at(at)));
        const double off = lobe.curve->at(deg) - mm;
        out.other.push_back({deg, mm});
        out.differences.push_back({deg, off});
        if (std::abs(off) > std::abs(out.widest.mm)) out.widest = {deg, off};
    }
    if (out.differences.empty()) return std::nullopt;
    return out;
}

} // namespace lobe
