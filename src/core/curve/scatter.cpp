#include "core/curve/scatter.h"

#include <algorithm>
#include <cmath>

namespace lobe {

ScatterParts scatterParts(const std::vector<double>& squared, const std::vector<double>& slopes,
                          double least) {
    double lift = least, wheel = 0.0;
    // A start that a slip does not carry away: the median, over that of chi squared.
    std::vector<double> sorted = squared;
    const auto middle = sorted.begin() + static_cast<std::ptrdiff_t>(sorted.size() / 2);
    std::nth_element(sorted.begin(), middle, sorted.end());
    lift = std::max(least, *middle / 0.455);
    // Quadratic slopes of the flank in their own size.
    for (int round = 0; round < 12; ++round) {
        double a = 0.0, b = 0.0, c = 0.0, p = 0.0, q = 0.0;
        for (std::size_t i = 0; i < squared.size(); ++i) {
            const double x = slopes[i] * slopes[i], v = lift + wheel * x, w = 1.0 / (v * v);
            // Winsorised at three deviations; what that takes off a normal scatter is put back.
            const double r = std::min(squared[i], 9.0 * v) * 1.013;
            a += w;
            b += w * x;
            c += w * x * x;
            p += w * r;
            q += w * x * r;
        }
        const double det = a * c - b * b;
        double l = p / a, o = 0.0;
        if (det > 1e-12 * a * c) {
            l = (c * p - b * q) / det;
            o = (a * q - b * p) / det;
        }
        if (l < least) {
            l = least;
            o = c > 0.0 ? std::max(0.0, (q - l * b) / c) : 0.0;
        }
        if (o < 0.0) {
            o = 0.0;
            l = std::max(least, p / a);
        }
        const bool settled =
            std::abs(l - lift) < 1e-4 * lift && std::abs(o - wheel) <= 1e-4 * wheel;
        lift = l;
        // No wheel is read worse than that; a slip on the flank must not pass for one that is.
        constexpr double kWorst_deg = 0.35;
        wheel = std::min(o, kWorst_deg * kWorst_deg);
        if (settled) break;
    }
    return {lift, wheel};
}

} // namespace lobe
