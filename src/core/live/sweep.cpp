#include "core/live/sweep.h"

#include <algorithm>
#include <cmath>

namespace lobe {

namespace {

constexpr double kLeastDepth_mm = 1.0;
constexpr int kHeights = 24;

/// Where one flank passes a drop: a line through what lies about it. `from`, `to`: its samples.
std::optional<double> crossing(const std::vector<LiveSample>& s, std::size_t from, std::size_t to,
                               double top_mm, double sign, double drop_mm, double band_mm) {
    double n = 0, sx = 0, sy = 0, sxx = 0, sxy = 0;
    for (std::size_t i = from; i < to; ++i) {
        const double x = sign * (top_mm - s[i].mm) - drop_mm;
        if (std::abs(x) > band_mm) continue;
        n += 1, sx += x, sy += s[i].deg, sxx += x * x, sxy += x * s[i].deg;
    }
    const double d = n * sxx - sx * sx;
    if (n < 4 || d < 1e-12) return std::nullopt;
    return (sy * sxx - sx * sxy) / d;
}

} // namespace

std::optional<SweptTop> sweptTop(const std::vector<LiveSample>& s,
                                 const std::vector<double>& drops_mm) {
    if (s.size() < 40) return std::nullopt;
    // The dial turns round inside the sweep, at its greatest or at its least.
    const auto [least, most] = std::minmax_element(
        s.begin(), s.end(), [](const LiveSample& a, const LiveSample& b) { return a.mm < b.mm; });
    const auto depth = [&](auto top, double sign) {
        return std::min(sign * (top->mm - s.front().mm), sign * (top->mm - s.back().mm));
    };
    const bool up = depth(most, 1.0) >= depth(least, -1.0);
    const auto top = up ? most : least;
    const double sign = up ? 1.0 : -1.0, deep = depth(top, sign);
    if (deep < kLeastDepth_mm) return std::nullopt;
    const auto mid = static_cast<std::size_t>(top - s.begin());
    SweptTop out;
    constexpr double kFrom = 0.15, kTo = 0.9; // of the depth: under the dwell, above the ends
    const auto add = [&](double drop, std::vector<SweptPair>& to) {
        const double band = std::max(0.02, deep * 0.04);
        const auto before = crossing(s, 0, mid, top->mm, sign, drop, band);
        const auto after = crossing(s, mid, s.size(), top->mm, sign, drop, band);
        if (before && after) to.push_back({drop, *before, *after});
    };
    for (int i = 0; i < kHeights; ++i)
        add(deep * (kFrom + (kTo - kFrom) * i / (kHeights - 1)), out.pairs);
    for (const double drop : drops_mm)
        if (drop >= deep * kFrom && drop <= deep * kTo) add(drop, out.contacts);
    const double n = static_cast<double>(out.pairs.size());
    if (n < 6) return std::nullopt;
    double sx = 0, sy = 0, sxx = 0, sxy = 0;
    for (const SweptPair& p : out.pairs)
        sx += p.drop_mm, sy += p.middle_deg(), sxx += p.drop_mm * p.drop_mm,
            sxy += p.drop_mm * p.middle_deg();
    out.top_deg = sy / n;
    out.lean_deg_per_mm = (n * sxy - sx * sy) / (n * sxx - sx * sx);
    double left = 0.0;
    for (const SweptPair& p : out.pairs) {
        const double off = p.middle_deg() - out.top_deg;
        left += off * off;
    }
    // Bands of neighbouring heights share samples: counted as if a third were their own.
    // What an encoder's steps leave, however alike the heights are.
    constexpr double kLeast_deg = 0.02;
    out.plusMinus_deg = std::max(kLeast_deg, 2.0 * std::sqrt(left / (n - 1.0) / (n / 3.0)) +
                                                 std::abs(out.lean_deg_per_mm) * deep / 4.0);
    return out;
}

} // namespace lobe
