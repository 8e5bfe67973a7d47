// Why the indicator did not come home to zero, as far as the readings of one pass tell.
//
// Three causes leave three traces. A base circle that runs out reads unevenly while the follower
// rests on it. A base or stand that slipped makes every reading after one angle stand off by the
// whole drift. A live hydraulic follower that bleeds down loses lift little by little, with no
// jump.
#pragma once

#include "core/curve/curve.h"
#include "core/finding/finding.h"

#include <vector>

namespace lobe {

/// What the base circle reads at either end: the mean of the readings that rest on it, or the
/// outermost one where none does for sure.
struct BaseEnds {
    double front_mm = 0.0, back_mm = 0.0;
    int frontCount = 1, backCount = 1;
};
BaseEnds baseEnds(const std::vector<LiftPoint>& points);

/// Points strictly rising in angle, both ends on the base circle, mm; `drift` from the front to the
/// back. `bleeds` when the follower is hydraulic and live; `scatter_mm` of a reading. One of
/// ZeroNotHome, ZeroBleeding, ZeroSlipped (at the first reading after the jump) and ZeroRunOut.
found::Any judgeZeroReturn(const std::vector<LiftPoint>& points, double drift, bool bleeds,
                           double scatter_mm);

/// Greatest less least lift while the follower rests on the base circle, mm; empty with fewer than
/// four readings there.
std::optional<double> baseRunOut_mm(const std::vector<LiftPoint>& points);

} // namespace lobe
