// Deviates of the usual distributions, which Boost.Math computes, and a median.
#pragma once

#include <array>

namespace lobe {

/// What a normal deviate exceeds, either way, with a probability above 0 and below 1.
double normalExceeded(double probability);

/// Student's 97.5 % quantile: how many deviations make 95 % when the deviation itself was told by
/// `freedom` (at least 1, need not be whole) more readings than were used up.
double student95(double freedom);

/// The one in the middle.
double medianOf7(std::array<double, 7> values);

} // namespace lobe
