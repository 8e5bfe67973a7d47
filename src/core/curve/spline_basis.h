// The quintic B-splines on even knots.
#pragma once

#include "core/curve/band.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstddef>

namespace lobe {

/// Splines are counted with a sign, since a cell may lie before the first; what holds them is not.
constexpr std::size_t index(int i) {
    return static_cast<std::size_t>(i);
}

struct SplineBasis {
    static constexpr int kDegree = 5, kSpan = kDegree + 1;
    using Row = std::array<double, kSpan>;
    using Band = lobe::Band<kDegree>; ///< of their normal equations

    double from = 0.0, knot = 1.0;
    int count = 0; ///< splines

    /// The six that are not zero at an angle, or their derivative of an order; `first` is the
    /// lowest one's index.
    Row at(double deg, int order, int& first) const {
        const double u = (deg - from) / knot;
        const int cell = std::clamp(static_cast<int>(std::floor(u)), 0, count - kSpan);
        first = cell;
        const double t = u - cell;
        // Cox and de Boor on unit knots; derivatives as differences of lower degree.
        Row b{};
        b[0] = 1.0;
        const int degree = kDegree - order;
        for (int d = 1; d <= degree; ++d)
            for (int i = d; i >= 0; --i) {
                const double left = i > 0 ? (t + d - i) / d * b[index(i - 1)] : 0.0;
                const double right = i < d ? (1.0 - t + i) / d * b[index(i)] : 0.0;
                b[index(i)] = left + right;
            }
        for (int k = 0; k < order; ++k) {
            for (int i = degree + k + 1; i >= 0; --i) {
                const double left = i > 0 ? b[index(i - 1)] : 0.0;
                const double right = i <= degree + k ? b[index(i)] : 0.0;
                b[index(i)] = (left - right) / knot;
            }
        }
        return b;
    }
};

} // namespace lobe
