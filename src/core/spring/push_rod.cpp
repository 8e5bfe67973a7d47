#include "core/spring/push_rod.h"

#include <Eigen/Dense>

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

/// Further beyond the trials than so many of their own span is a guess.
constexpr double kBeyond = 1.0;

/// The trials that share caps and stand with the newest one: others are of another geometry.
std::vector<PushRodTrial> alike(const PushRods& p, Side side) {
    std::vector<PushRodTrial> all;
    for (const PushRodTrial& t : p.trials)
        if (t.side == side && t.replaced.empty()) all.push_back(t);
    if (all.empty()) return all;
    const PushRodTrial newest = all.back();
    std::erase_if(all, [&](const PushRodTrial& t) {
        return t.cap_mm != newest.cap_mm || t.stand_mm != newest.stand_mm;
    });
    return all;
}

/// Least squares of a polynomial in the length less `about`; empty where the lengths do not bear
/// it.
std::optional<Eigen::VectorXd> fit(const std::vector<PushRodTrial>& trials, double about, int terms,
                                   double PushRodTrial::*of) {
    const auto n = static_cast<Eigen::Index>(trials.size());
    if (n < terms) return std::nullopt;
    Eigen::MatrixXd a(n, terms);
    Eigen::VectorXd b(n);
    for (Eigen::Index i = 0; i < n; ++i) {
        const PushRodTrial& t = trials[static_cast<std::size_t>(i)];
        double power = 1.0;
        for (Eigen::Index k = 0; k < terms; ++k, power *= t.length_mm - about)
            a(i, k) = power;
        b(i) = t.*of;
    }
    const Eigen::ColPivHouseholderQR<Eigen::MatrixXd> qr(a);
    if (qr.rank() < terms) return std::nullopt;
    return Eigen::VectorXd(qr.solve(b));
}

double at(const Eigen::VectorXd& c, double x) {
    double out = 0.0;
    for (Eigen::Index k = c.size(); k-- > 0;)
        out = out * x + c(k);
    return out;
}

} // namespace

double lengthAtTurns_mm(const PushRods& p, double turns) {
    return p.shortest_mm + turns * p.pitch_mm;
}

PushRodCall callPushRod(const PushRods& p, Side side, double lift, double ratio) {
    PushRodCall out;
    const auto trials = alike(p, side);
    const auto every = std::count_if(p.trials.begin(), p.trials.end(), [&](const auto& t) {
        return t.side == side && t.replaced.empty();
    });
    out.trials = static_cast<int>(trials.size());
    if (p.arm_mm > 0.0 && lift > 0.0 && lift < 2.0 * p.arm_mm)
        out.leastWipe_mm = p.arm_mm - std::sqrt(p.arm_mm * p.arm_mm - lift * lift / 4.0);
    if (trials.empty()) return out;
    out.cap_mm = trials.back().cap_mm;
    out.stand_mm = trials.back().stand_mm;
    double shortest = trials.front().length_mm, longest = shortest;
    for (const PushRodTrial& t : trials) {
        shortest = std::min(shortest, t.length_mm);
        longest = std::max(longest, t.length_mm);
    }
    const double about = trials.back().length_mm;
    const auto middle = fit(trials, about, 2, &PushRodTrial::middle_mm);
    const auto wide = fit(trials, about, 3, &PushRodTrial::wide_mm);
    double off = 0.0; // of the length called, from `about`
    const auto few = [&](std::size_t wanted) {
        out.needs = every >= static_cast<std::ptrdiff_t>(wanted) && trials.size() < wanted
                        ? PushRodNeed::Alike
                        : PushRodNeed::Trials;
        return out;
    };
    switch (p.school) {
    case PushRodSchool::Centred:
        if (!middle) return few(2);
        if (std::abs((*middle)(1)) < 1e-6) {
            out.needs = PushRodNeed::Spread;
            return out;
        }
        off = -(*middle)(0) / (*middle)(1);
        break;
    case PushRodSchool::Narrowest:
        if (!wide) return few(3);
        if ((*wide)(2) <= 1e-9) {
            out.needs = PushRodNeed::Spread;
            return out;
        }
        off = -(*wide)(1) / (2.0 * (*wide)(2));
        break;
    case PushRodSchool::MidLift: {
        const auto& above = p.noseAbove_mm[side];
        if (!(p.arm_mm > 0.0 && above && lift > 0.0 && ratio > 0.0)) {
            out.needs = PushRodNeed::Arm;
            return out;
        }
        // At rest the nose is to stand half the lift over the square line. It stays on the stem:
        // a shaft that is raised by d lets the cup go d / ratio further up about it.
        out.raiseShaft_mm = *above - lift / 2.0;
        off = *out.raiseShaft_mm * (1.0 + 1.0 / ratio);
        shortest = longest = about;
        break;
    }
    }
    const double span = std::max(1.0, longest - shortest);
    const double length = about + off;
    out.needs = PushRodNeed::Nothing;
    if (p.school != PushRodSchool::MidLift &&
        (length < shortest - kBeyond * span || length > longest + kBeyond * span))
        out.needs = PushRodNeed::Far;
    out.length_mm = length;
    out.order_mm = length + (p.preloadIn ? 0.0 : p.preload_mm);
    out.middle_mm = middle ? at(*middle, off) : trials.back().middle_mm;
    out.wide_mm = wide ? at(*wide, off) : trials.back().wide_mm;
    out.offStem = p.stem_mm > 0.0 && std::abs(out.middle_mm) + out.wide_mm / 2.0 > p.stem_mm / 2.0;
    return out;
}

} // namespace lobe
