// Lobes whose lift is known in closed form, for tests that compare with the truth and not with
// the program's own output. Angles in crank degrees, lift in mm.
#pragma once

#include <cmath>
#include <functional>
#include <numbers>
#include <random>
#include <string>
#include <vector>

namespace closed {

struct Lobe {
    std::string name;
    double centre = 105.0; ///< where the lift is greatest
    double lift_mm = 9.0;
    std::function<double(double)> shape; ///< of degrees from the centre, 0..1
    double halfOpening = 140.0, halfClosing = 140.0;

    double at(double deg) const { return lift_mm * shape(deg - centre); }

    /// Bisects the flank for a height; the shape rises to the centre and falls after it.
    double event(double mm, bool opening) const {
        double lo = opening ? centre - halfOpening : centre;
        double hi = opening ? centre : centre + halfClosing;
        for (int i = 0; i < 80; ++i) {
            const double mid = (lo + hi) / 2.0;
            ((at(mid) < mm) == opening ? lo : hi) = mid;
        }
        return (lo + hi) / 2.0;
    }

    /// Simpson with a fine step: independent of the curve under test.
    double area() const {
        const double from = centre - halfOpening, to = centre + halfClosing;
        const int n = 4000;
        const double h = (to - from) / n;
        double sum = at(from) + at(to);
        for (int i = 1; i < n; ++i)
            sum += at(from + i * h) * (i % 2 ? 4.0 : 2.0);
        return sum * h / 3.0;
    }
};

inline double unit(double deg, double half) {
    return std::abs(deg) / half;
}

/// Half a cosine wave from base to base.
inline Lobe raisedCosine(double centre, double half, double lift) {
    return {"raised cosine",
            centre,
            lift,
            [half](double d) {
                const double u = unit(d, half);
                return u >= 1.0 ? 0.0 : 0.5 * (1.0 + std::cos(std::numbers::pi * u));
            },
            half,
            half};
}

/// (1 - u^2)^3: smooth at the foot, curved at the nose.
inline Lobe power(double centre, double half, double lift, double exponent = 3.0) {
    return {"power " + std::to_string(exponent),
            centre,
            lift,
            [half, exponent](double d) {
                const double u = unit(d, half);
                return u >= 1.0 ? 0.0 : std::pow(1.0 - u * u, exponent);
            },
            half,
            half};
}

/// The 3-4-5 polynomial rise and fall.
inline Lobe poly345(double centre, double half, double lift) {
    return {"3-4-5",
            centre,
            lift,
            [half](double d) {
                const double u = 1.0 - unit(d, half);
                return u <= 0.0 ? 0.0 : u * u * u * (10.0 - 15.0 * u + 6.0 * u * u);
            },
            half,
            half};
}

/// A slow closing flank: different spans either side of the nose.
inline Lobe asymmetric(double centre, double opening, double closing, double lift) {
    return {"asymmetric",
            centre,
            lift,
            [opening, closing](double d) {
                const double u = d < 0.0 ? -d / opening : d / closing;
                return u >= 1.0 ? 0.0 : std::pow(1.0 - u * u, 2.5);
            },
            opening,
            closing};
}

/// Cycloidal rise.
inline Lobe cycloidal(double centre, double half, double lift) {
    return {"cycloidal",
            centre,
            lift,
            [half](double d) {
                const double u = 1.0 - unit(d, half);
                return u <= 0.0 ? 0.0
                                : u - std::sin(2 * std::numbers::pi * u) / (2 * std::numbers::pi);
            },
            half,
            half};
}

/// Any lobe behind a lash: ratio x lift - lash, never negative.
inline Lobe behindLash(Lobe inner, double ratio, double lash) {
    const double lift = inner.lift_mm;
    Lobe out = inner;
    out.name += " behind lash";
    out.lift_mm = ratio * lift - lash;
    out.shape = [inner, ratio, lash, top = out.lift_mm](double d) {
        return std::max(0.0, ratio * inner.at(inner.centre + d) - lash) / top;
    };
    return out;
}

/// On a quiet ramp of constant velocity, as ground lobes have before the flank.
inline Lobe ramped(Lobe inner, double height_mm, double span_deg) {
    Lobe out = inner;
    out.name += " ramped";
    out.lift_mm = inner.lift_mm + height_mm;
    out.halfOpening += span_deg;
    out.halfClosing += span_deg;
    out.shape = [inner, height_mm, span_deg, top = out.lift_mm](double d) {
        const double half = d < 0.0 ? inner.halfOpening : inner.halfClosing;
        const double over = std::abs(d) - half;
        if (over >= span_deg) return 0.0;
        const double foot = over <= 0.0 ? height_mm : height_mm * (1.0 - over / span_deg);
        return (inner.at(inner.centre + d) + foot) / top;
    };
    return out;
}

/// Standing at its greatest lift for so many degrees either side of the nose.
inline Lobe dwelling(Lobe inner, double dwell_deg) {
    Lobe out = inner;
    out.name += " dwelling";
    out.halfOpening += dwell_deg;
    out.halfClosing += dwell_deg;
    out.shape = [shape = inner.shape, dwell_deg](double d) {
        const double away = std::max(0.0, std::abs(d) - dwell_deg);
        return shape(d < 0.0 ? -away : away);
    };
    return out;
}

inline std::vector<Lobe> family() {
    std::vector<Lobe> all;
    for (double half : {120.0, 135.0, 150.0}) {
        all.push_back(raisedCosine(105.3, half, 9.0));
        all.push_back(power(105.3, half, 9.0));
        all.push_back(power(105.3, half, 8.0, 2.0));
        all.push_back(power(105.3, half, 8.0, 4.0));
        all.push_back(poly345(105.3, half, 9.0));
        all.push_back(cycloidal(105.3, half, 8.5));
        all.push_back(asymmetric(103.7, half - 8.0, half + 12.0, 9.5));
    }
    return all;
}

} // namespace closed
