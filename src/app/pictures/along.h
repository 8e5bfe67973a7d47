// The places of a picture along an angle or a scale. How many there are is known before the first:
// a step of nothing, or an end that is no number, draws nothing and cannot go on for ever.
#pragma once

#include <cmath>
#include <vector>

namespace app {

/// More than these no picture can show.
constexpr int kMostAlong = 4000;

/// `from`, then every `step` up to `to`, which is the last where a step falls on it; none where
/// that means nothing or is more than a picture can show. All in the same unit.
inline std::vector<double> along(double from, double to, double step) {
    std::vector<double> out;
    const double steps = std::floor((to - from) / step + 1e-6);
    if (!(std::isfinite(from) && step > 0.0 && steps >= 0.0 && steps <= kMostAlong)) return out;
    const int count = static_cast<int>(steps);
    out.reserve(static_cast<std::size_t>(count) + 1);
    for (int i = 0; i <= count; ++i)
        out.push_back(from + i * step);
    return out;
}

/// From one end to the other in so many equal parts, both ends with them.
inline std::vector<double> inParts(double from, double to, int parts) {
    std::vector<double> out;
    if (!(std::isfinite(from) && std::isfinite(to))) return out;
    for (int i = 0; i <= parts; ++i)
        out.push_back(from + (to - from) * i / parts);
    return out;
}

} // namespace app
