// A closed-form lobe as a dial and a wheel show it: scatter of the indicator, of the wheel, and
// the dial's rounding; one reading spoilt on purpose. For tests and the accuracy bench.
#pragma once

#include "core/curve/curve.h"
#include "simulated/closed_lobes.h"

#include <random>

namespace measured {

struct Way {
    double step = 5.0;  ///< degrees
    double noise = 0.0; ///< standard deviation of the indicator, mm
    double wheel = 0.0; ///< standard deviation of the wheel, degrees
    double dial = 0.0;  ///< what the dial is read to, mm; 0: exactly
    unsigned seed = 1;
    double from = -178.0, to = 178.0; ///< of the centre, degrees
};

/// The grid falls anywhere against the lobe, by the seed.
inline std::vector<lobe::LiftPoint> take(const closed::Lobe& lobe, const Way& way) {
    std::mt19937 random(way.seed);
    std::normal_distribution<double> n(0.0, 1.0);
    std::uniform_real_distribution<double> u(0.0, 1.0);
    std::vector<lobe::LiftPoint> out;
    const double start = std::round(lobe.centre + way.from) + way.step * u(random);
    for (double d = start; d <= lobe.centre + way.to; d += way.step) {
        double mm = lobe.at(d + way.wheel * n(random)) + way.noise * n(random);
        if (way.dial > 0.0) mm = way.dial * std::round(mm / way.dial);
        out.push_back({d, mm});
    }
    return out;
}

/// Spoils one reading where the valve is open, or within two steps of one of the angles if any are
/// given: adds `mm`, or, with 0, changes its sign. Its index.
inline std::size_t slip(std::vector<lobe::LiftPoint>& points, double mm, unsigned seed,
                        const std::vector<double>& near = {}) {
    std::mt19937 random(seed + 17);
    const double reach = 2.0 * (points[1].deg - points[0].deg);
    std::vector<std::size_t> open;
    for (std::size_t i = 0; i < points.size(); ++i) {
        bool wanted = near.empty();
        for (double deg : near)
            wanted = wanted || std::abs(points[i].deg - deg) <= reach;
        if (points[i].mm > 0.06 && wanted) open.push_back(i);
    }
    const std::size_t at = open[random() % open.size()];
    if (mm == 0.0)
        points[at].mm = -points[at].mm;
    else
        points[at].mm += random() % 2 ? mm : -mm;
    return at;
}

inline double centroid(const closed::Lobe& lobe) {
    const double from = lobe.centre - lobe.halfOpening, to = lobe.centre + lobe.halfClosing;
    const int n = 4000;
    const double h = (to - from) / n;
    double area = 0.0, moment = 0.0;
    for (int i = 0; i < n; ++i) {
        const double x = from + (i + 0.5) * h;
        area += lobe.at(x);
        moment += x * lobe.at(x);
    }
    return moment / area;
}

} // namespace measured
