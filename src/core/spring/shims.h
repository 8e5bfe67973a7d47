// Shims under valve springs, out of a stock: which pieces under which valve, so that over the whole
// head the heights come out nearest, and of those with the fewest pieces. Lengths in mm; counted in
// micrometres, so that what is equal is equal.
#pragma once

#include "core/job/shim_size.h"

#include <vector>

namespace lobe {

/// What goes under one valve.
struct ShimStack {
    double need_mm = 0.0;
    std::vector<double> pieces_mm; ///< the thickest first
    double total_mm = 0.0;
    double error_mm = 0.0; ///< total less need: above 0 the spring stands shorter than wanted
};

struct ShimPlan {
    std::vector<ShimStack> stacks; ///< in the order asked
    std::vector<ShimSize> left; ///< of each size at hand, in the order given; none of it left out
    double off_mm = 0.0;        ///< sum of the errors, without sign
    int pieces = 0;
    /// No other choice is better; false where the search was given up with the best so far.
    bool proved = true;
};

enum class ShimFault {
    None,
    SizeOutOfRange,
    CountOutOfRange,
    NeedOutOfRange,
    TooManyValves,
    TooManySizes
};
struct ShimProblem {
    ShimFault fault = ShimFault::None;
    int at = 0; ///< which one, from 0
};
/// What cannot be in a question, before it is worked out. At most 64 valves and 24 sizes; needs
/// from 0 to 20 mm.
ShimProblem checkShims(const std::vector<ShimSize>& have, const std::vector<double>& needs_mm);

/// The best choice: least sum of |error| over the head, then fewest pieces. Exact: branch and bound
/// over the valves, bounded by what a price on each size makes of the rest (Lagrangian relaxation:
/// Fisher, Management Science 27, 1981). Of a question that checkShims() refuses, an empty plan.
ShimPlan planShims(const std::vector<ShimSize>& have, const std::vector<double>& needs_mm);

/// Alone, with all of the stock: the nearest total not above a need, and not below it; mm. Equal
/// where it can be met. The second is infinite where nothing reaches it.
struct NearestTotals {
    double below_mm = 0.0, above_mm = 0.0;
};
NearestTotals nearestTotals(const std::vector<ShimSize>& have, double need_mm);

} // namespace lobe
