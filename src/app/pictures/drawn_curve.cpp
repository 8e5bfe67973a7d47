#include "app/pictures/drawn_curve.h"

#include "app/pictures/along.h"

#include <algorithm>
#include <cmath>

namespace app {

std::vector<lobe::LiftPoint> drawnThrough(const lobe::LiftCurve& curve) {
    std::vector<lobe::LiftPoint> all;
    for (double d : along(curve.first(), curve.last() - 1e-3, 1.0))
        all.push_back({d, curve.at(d)});
    all.push_back({curve.last(), curve.at(curve.last())});
    double most = 0.0;
    for (const lobe::LiftPoint& p : all)
        most = std::max(most, std::abs(p.mm));
    std::vector<lobe::LiftPoint> out{all.front()};
    for (std::size_t i = 1; i < all.size(); ++i) {
        const bool between = i + 1 < all.size() && out.back().deg == all[i - 1].deg;
        if (between) {
            const auto &a = all[i - 1], &b = all[i + 1];
            const double chord = a.mm + (b.mm - a.mm) * (all[i].deg - a.deg) / (b.deg - a.deg);
            if (std::abs(all[i].mm - chord) <= most / 2000.0) continue;
        }
        out.push_back(all[i]);
    }
    return out;
}

} // namespace app
