#include "core/filling/pipe_end.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

constexpr double kG1 = kGamma - 1.0;
/// Pressure goes with the speed of sound to this power along an isentrope.
constexpr double kPower = 2.0 * kGamma / kG1;
constexpr int kMostTurns = 24;
constexpr double kNear = 1e-6; ///< of the throat's greatest flow

/// x^k of one k; near 1, where x nearly always is, by the binomial series, whose tenth term is
/// below 1e-9 there.
class Power {
public:
    constexpr explicit Power(double k) : k_(k) {
        c_[0] = 1.0;
        for (int n = 1; n <= kTerms; ++n)
            c_[n] = c_[n - 1] * (k - n + 1) / n;
    }
    double operator()(double x) const {
        const double e = x - 1.0;
        if (std::abs(e) > 0.1) return std::pow(x, k_);
        double sum = c_[kTerms];
        for (int n = kTerms - 1; n >= 0; --n)
            sum = sum * e + c_[n];
        return sum;
    }

private:
    static constexpr int kTerms = 10;
    double k_;
    double c_[kTerms + 1]{};
};
constexpr Power pressureOf{kPower}, soundOf{1.0 / kPower}, densityOf{1.0 / kGamma};

/// The end at one speed of sound of the pipe's own gas, which stands for a pressure.
struct At {
    double p = 0.0, w = 0.0;          ///< pressure; speed, outward
    double rho = 0.0;                 ///< of what passes
    double enthalpy = 0.0, off = 0.0; ///< stagnation, J/kg; mass flux of the pipe less the throat's
};

} // namespace

double nozzleNumber(double ratio) {
    static const double critical = std::pow(2.0 / (kGamma + 1.0), kGamma / kG1);
    static const double choked =
        std::sqrt(kGamma) * std::pow(2.0 / (kGamma + 1.0), (kGamma + 1.0) / (2.0 * kG1));
    if (ratio >= 1.0) return 0.0;
    if (ratio <= critical) return choked;
    const double a = densityOf(ratio);
    return a * std::sqrt(std::max(0.0, 2.0 * kGamma / kG1 * (1.0 - ratio / a)));
}

GasFlux throughEnd(const GasState& in, double speed, double share, const Outside& outside,
                   double& guess) {
    const double c = std::sqrt(kGamma * in.p / in.rho);
    // Faster than any wave can come back: nothing outside is felt.
    if (speed >= c) {
        guess = in.p;
        const double mass = in.rho * speed;
        return {mass, in.p + mass * speed, mass * (c * c / kG1 + 0.5 * speed * speed),
                mass * in.fresh};
    }
    // Brought to rest, the wave that leaves makes this speed of sound and this pressure.
    const double cRest = std::max(0.05 * c, c + 0.5 * kG1 * speed);
    const double pRest = in.p * pressureOf(cRest / c);
    share = std::min(share, 1.0);
    if (share < 1e-6 || std::abs(pRest - outside.p) < 1e-9 * outside.p) {
        guess = pRest;
        return {0.0, pRest, 0.0, 0.0};
    }
    const bool leaves = pRest > outside.p;
    const double cOut = std::sqrt(kGamma * kGas * outside.temperature_k);
    // By the speed of sound the pipe's gas has at the end's pressure.
    const auto at = [&](double sound) {
        At a;
        a.w = 2.0 / kG1 * (cRest - sound);
        a.p = in.p * pressureOf(sound / c);
        if (leaves) {
            a.rho = kGamma * a.p / (sound * sound);
            const double c0 = std::sqrt(sound * sound + 0.5 * kG1 * a.w * a.w);
            const double p0 = in.p * pressureOf(c0 / c);
            a.enthalpy = c0 * c0 / kG1;
            a.off =
                a.rho * a.w - share * p0 * std::sqrt(kGamma) / c0 * nozzleNumber(outside.p / p0);
        } else {
            const double c2 = std::max(0.05 * cOut * cOut, cOut * cOut - 0.5 * kG1 * a.w * a.w);
            a.rho = kGamma * a.p / c2;
            a.enthalpy = cOut * cOut / kG1;
            a.off = a.rho * a.w +
                    share * outside.p * std::sqrt(kGamma) / cOut * nozzleNumber(a.p / outside.p);
        }
        return a;
    };
    // Between rest, where the throat passes more than the pipe brings, and the pressure outside (or
    // the speed of sound), where it passes less.
    const double sonic = 2.0 * cRest / (kGamma + 1.0);
    const double even = c * soundOf(outside.p / in.p);
    double rest = cRest, far = leaves ? std::max(sonic, std::min(even, cRest)) : even;
    At best;
    if (leaves && share > 0.999) {
        // Nothing narrows it: the pressure outside, or the speed of sound.
        best = at(far);
    } else if (share > 0.999) {
        // The throat is the pipe: isentropic from outside to the end itself. With s the pipe's own
        // speed of sound at that pressure and w = K (cRest - s), K = 2 / (g - 1), both sides of
        // p = p_in (s / c)^k = p_out (c_end / c_out)^k, c_end^2 = c_out^2 - w^2 / K, are of one
        // power: a quadratic in s.
        constexpr double kK = 2.0 / kG1;
        const double a = soundOf(in.p / outside.p) * cOut / c, a2 = a * a + kK;
        const double root = kK * kK * cRest * cRest - a2 * (kK * cRest * cRest - cOut * cOut);
        best = at(std::max(cRest, (kK * cRest + std::sqrt(std::max(0.0, root))) / a2));
    } else {
        // From where it stood, by what the wave alone would do, then by secants within the bounds.
        double x = guess > 0.0 ? c * soundOf(guess / in.p) : 0.5 * (rest + far);
        const auto within = [&](double v) { return (v - rest) * (v - far) < 0.0; };
        if (!within(x)) x = 0.5 * (rest + far);
        double before = 0.0, off = 0.0;
        const double scale = (leaves ? in.p / c : outside.p / cOut) * share;
        for (int turn = 0; turn < kMostTurns; ++turn) {
            best = at(x);
            if (std::abs(best.off) < kNear * scale) break;
            // At rest more is passed than brought when it leaves; the other way when it enters.
            ((best.off < 0.0) == leaves ? rest : far) = x;
            const double slope =
                turn > 0 && x != before ? (best.off - off) / (x - before) : -2.0 / kG1 * best.rho;
            before = x;
            off = best.off;
            const double next = x - best.off / slope;
            x = within(next) ? next : 0.5 * (rest + far);
            if (std::abs(x - before) < 1e-10 * c) break;
        }
    }
    guess = best.p;
    const double mass = best.rho * best.w;
    return {mass, best.p + mass * best.w, mass * best.enthalpy,
            mass * (mass >= 0.0 ? in.fresh : outside.fresh)};
}

} // namespace lobe
