// Several passes of one lobe: how far they lie apart along the curve, and their mean.
#pragma once

#include "core/lobe/lobe.h"

#include <cstdint>
#include <vector>

namespace lobe {

struct Pass {
    std::int64_t run = 0;
    const LobeFigures* lobe = nullptr; ///< with a curve that has its nose
};

/// Spread: greatest less least lift of the passes at an angle, mm.
struct PassesFindings {
    std::vector<std::int64_t> runs; ///< oldest first; two or more
    std::vector<LiftPoint> spread;  ///< at the angles of the newest pass that all passes cover
    std::vector<LiftPoint> mean;    ///< their mean lift there
    LiftPoint widest;
    double rms_mm = 0.0; ///< root mean square of each pass about the mean
    /// Apart by more than measuring leaves: somewhere by more than `kPassesApart_mm` and what one
    /// step of the wheel makes of the lift there, or as a whole turned against one another.
    bool apart = false;
};

/// The ± of a lobe that is the mean of passes: by half of what the passes' own figures are apart,
/// the truth may lie at either of them.
void widenByPasses(const std::vector<const LobeFigures*>& passes, LobeFigures& mean);

/// Passes taken at different places are not comparable: only those at the newest one's place
/// count. `wheel_deg` is what the wheel was read to. Empty with fewer than two.
std::optional<PassesFindings> comparePasses(const std::vector<Pass>& passes, double wheel_deg);

/// More spread than this, with a wheel read finely, is no longer measuring error.
constexpr double kPassesApart_mm = 0.10;

} // namespace lobe
