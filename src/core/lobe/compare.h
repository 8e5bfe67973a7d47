// Two lobes laid over one another: cylinder against cylinder, pass against pass, or the intake
// against the exhaust in a mirror.
#pragma once

#include "core/lobe/lobe.h"

#include <optional>
#include <vector>

namespace lobe {

struct LobeComparison {
    std::vector<LiftPoint> other; ///< the other's lift on this lobe's angles
    std::vector<LiftPoint>
        differences;         ///< this lobe less the other, mm, every crank degree both cover
    LiftPoint widest;        ///< the difference of greatest size
    double turned_deg = 0.0; ///< by how much the other was turned to lie over this one
};

/// As they stand on the cycle; mirrored, the other is reflected and its centre laid on this one's
/// (by equal drop). The other's lift is carried to where this one was taken. Empty without curves,
/// or when they do not overlap.
std::optional<LobeComparison> compareLobes(const LobeFigures& lobe, const LobeFigures& other,
                                           bool mirrored);

} // namespace lobe
