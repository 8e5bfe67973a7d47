// Where a function passes zero; Boost.Math finds it.
#pragma once

#include <functional>

namespace lobe {

/// The argument between `lo` and `hi`, in either order, at which a continuous function passes zero,
/// to twelve digits. Not a number where the function has one sign at both ends, or is none itself.
double rootBetween(const std::function<double(double)>& f, double lo, double hi);

} // namespace lobe
