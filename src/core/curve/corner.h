// A corner of a smoothed curve: where a valve leaves or meets its seat.
#pragma once

#include <array>

namespace lobe {

/// A corner: lift beyond it, away from the base circle, has a slope and a bend of its own.
struct Corner {
    double deg = 0.0;
    bool opening = true;
    static constexpr int kColumns = 2;

    /// Those of slope and bend for lift itself, as `column` has them.
    std::array<double, kColumns> columns(double at_deg) const {
        const double t = opening ? at_deg - deg : deg - at_deg;
        return t > 0.0 ? std::array{t, t * t / 20.0} : std::array{0.0, 0.0};
    }
    /// The column of a kind: 0 the slope, 1 the bend, 2 a step (what moving the corner does).
    double column(double deg_, int kind, int order) const {
        const double t = opening ? deg_ - deg : deg - deg_;
        if (t < 0.0 || (t == 0.0 && !opening)) return 0.0;
        const double sign = opening || order % 2 == 0 ? 1.0 : -1.0;
        // Lift per degree, and per degree squared over ten: columns of like size.
        switch (kind) {
        case 0:
            return sign * (order == 0 ? t : order == 1 ? 1.0 : 0.0);
        case 1:
            return sign * (order == 0   ? t * t / 20.0
                           : order == 1 ? t / 10.0
                           : order == 2 ? 0.1
                                        : 0.0);
        default:
            return order == 0 ? 1.0 : 0.0;
        }
    }
};

} // namespace lobe
