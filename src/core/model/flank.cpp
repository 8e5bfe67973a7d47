#include "core/model/flank.h"

#include <algorithm>
#include <cmath>
#include <cstddef>

namespace lobe {

FlankShape::FlankShape(double step, int terms)
    : step_(std::max(0.5, step)), terms_(std::clamp(terms, 2, 5)) {
    // Derivatives that vanish at 1 are sums of c n^k that vanish: the null vector of Vandermonde's
    // matrix over the powers 0, n1 ... nm, scaled to 1 at the power 0.
    const auto power = [&](int i) { return 2.0 + step_ * i; };
    for (int i = 0; i < terms_; ++i) {
        double c = -1.0;
        for (int j = 0; j < terms_; ++j)
            if (j != i) c *= power(j) / (power(j) - power(i));
        c_[static_cast<std::size_t>(i)] = c;
    }
}

double FlankShape::at(double x) const {
    if (x <= 0.0) return 1.0;
    if (x >= 1.0) return 0.0;
    const double t = std::pow(x, step_);
    double sum = 0.0;
    for (int i = terms_; i-- > 0;)
        sum = sum * t + c_[static_cast<std::size_t>(i)];
    return std::max(0.0, 1.0 + x * x * sum);
}

double FlankShape::slope(double x) const {
    if (x <= 0.0 || x >= 1.0) return 0.0;
    const double t = std::pow(x, step_);
    double sum = 0.0;
    for (int i = terms_; i-- > 0;)
        sum = sum * t + (2.0 + step_ * i) * c_[static_cast<std::size_t>(i)];
    return std::min(0.0, x * sum);
}

double FlankShape::where(double share) const {
    // Newton's steps from the middle, and a halving where one would leave what holds the place: the
    // shape is flat at both ends.
    double low = 0.0, high = 1.0, x = 0.5;
    for (int i = 0; i < 60; ++i) {
        const double over = at(x) - share, falls = slope(x);
        (over > 0.0 ? low : high) = x;
        double next = falls < 0.0 ? x - over / falls : low;
        if (!(next > low && next < high)) next = (low + high) / 2.0;
        if (std::abs(next - x) <= 1e-15) return next;
        x = next;
    }
    return x;
}

} // namespace lobe
