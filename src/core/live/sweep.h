// True TDC by one sweep over the top: a dial on the piston and a counted crank. At each height the
// piston passes twice, once up and once down, and TDC lies in the middle whatever rod and stroke
// are; the dwell about the top, where the wheel runs away under a needle that stands, is left out.
#pragma once

#include "core/live/pairing.h"

#include <optional>
#include <vector>

namespace lobe {

/// One height on both flanks, degrees from the wheel's zero over all turns.
struct SweptPair {
    double drop_mm = 0.0, before_deg = 0.0, after_deg = 0.0;
    double middle_deg() const { return (before_deg + after_deg) / 2.0; }
};

struct SweptTop {
    double top_deg = 0.0;       ///< where TDC stands on the wheel
    double plusMinus_deg = 0.0; ///< at 95 of 100, of the heights among each other and their drift
    /// The middles lean with the drop: slack, or a dial that hangs. Degrees per mm.
    double lean_deg_per_mm = 0.0;
    std::vector<SweptPair> pairs;    ///< from the smallest drop to the greatest
    std::vector<SweptPair> contacts; ///< at the drops asked for, as far as the flanks reach
};

/// Of a sweep forward; the dial may count either way. Empty where the top is not inside, or either
/// flank is less than 1 mm deep.
std::optional<SweptTop> sweptTop(const std::vector<LiveSample>& sweep,
                                 const std::vector<double>& drops_mm = {});

} // namespace lobe
