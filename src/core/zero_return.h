// Why the indicator did not come home to zero, as far as the readings of one pass tell.
//
// Three causes leave three traces. A base circle that runs out reads unevenly while the follower
// rests on it. A base or stand that slipped makes every reading after one angle stand off by the
// whole drift. A live hydraulic follower that bleeds down loses lift little by little, with no
// jump.
#pragma once

#include "core/curve.h"
#include "core/finding.h"

#include <vector>

namespace lobe {

struct ZeroReturn {
    Code code = Code::ZeroReturn;
    std::optional<CrankDeg> at;      ///< where it slipped: the first reading after the jump
    std::optional<double> runOut_mm; ///< greatest less least on the base circle
};

/// Points strictly rising in angle, both ends on the base circle, mm. `bleeds` when the follower
/// is hydraulic and live.
ZeroReturn judgeZeroReturn(const std::vector<LiftPoint>& points, bool bleeds);

/// Greatest less least lift while the follower rests on the base circle, mm; empty with fewer than
/// four readings there.
std::optional<double> baseRunOut_mm(const std::vector<LiftPoint>& points);

} // namespace lobe
