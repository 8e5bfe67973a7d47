#include "core/curve/corner_search.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

/// A jump that is not there gains about one variance; searched for, a few.
constexpr double kSpeaks = 14.0, kSpeaksWithLash = 4.0;

} // namespace

std::optional<Corner> findCorner(const SplineFit& fit, const std::vector<LiftPoint>& points,
                                 bool opening, double scale, double scatter, bool lash) {
    const auto top =
        std::max_element(points.begin(), points.end(),
                         [](const LiftPoint& a, const LiftPoint& b) { return a.mm < b.mm; });
    const auto nose = static_cast<std::size_t>(top - points.begin());
    // Outwards from the nose to where lift is no more told from none.
    std::size_t i = nose;
    const std::size_t end = opening ? 0 : points.size() - 1;
    // From what the outermost readings rest at: the indicator may stand beside zero.
    double base = 0.0;
    for (std::size_t k = 0; k < 3; ++k)
        base += points[opening ? k : end - k].mm / 3.0;
    const double foot = base + std::max(0.02, 4.0 * scatter);
    // Two in a row, so that a slip on the flank is not taken for the foot.
    const auto rests = [&](std::size_t k) {
        const std::size_t beyond = opening ? k - 1 : k + 1;
        return points[k].mm <= foot && (k == end || points[beyond].mm <= foot);
    };
    while (i != end && !rests(i))
        opening ? --i : ++i;
    // Three readings of base circle at least, to tell a corner by.
    const std::size_t rest = opening ? i : points.size() - 1 - i;
    if (points[i].mm > foot || rest < 2 || i == nose) return std::nullopt;
    const double way = opening ? 1.0 : -1.0;
    const std::size_t inner = opening ? i + 1 : i - 1;
    const double step = std::abs(points[inner].deg - points[i].deg);
    // Lift leaves the seat no faster than it rises anywhere farther up the flank.
    double steepest = 0.0;
    for (std::size_t k = inner; k != nose;) {
        const std::size_t next = opening ? k + 1 : k - 1;
        if (k != inner)
            steepest = std::max(steepest, std::abs((points[next].mm - points[k].mm) /
                                                   (points[next].deg - points[k].deg)));
        k = next;
    }
    Corner best{points[i].deg, opening};
    double most = 0.0;
    const auto attempt = [&](double deg) {
        double slope = 0.0;
        const double g = fit.gain({deg, opening}, slope);
        if (g <= most || slope <= 0.0 || slope > 1.1 * steepest) return;
        most = g;
        best.deg = deg;
    };
    const double enough = (lash ? kSpeaksWithLash : kSpeaks) * scale;
    for (double u : {-1.25, -0.5, 0.25, 1.0})
        attempt(points[i].deg + way * u * step);
    // Nowhere near: most lobes have none.
    if (most < 0.3 * enough) return std::nullopt;
    for (double fine : {0.4, 0.2, 0.1, 0.05, 0.03}) {
        const double middle = best.deg;
        attempt(middle - fine * step);
        if (best.deg == middle) attempt(middle + fine * step);
    }
    if (most < enough) return std::nullopt;
    return best;
}

} // namespace lobe
