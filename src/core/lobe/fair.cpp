#include "core/lobe/fair.h"

#include "core/angle/statistics.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

/// Nothing under this is worth going back for.
constexpr double kWorth_mm = 0.025, kWideFloor_mm = 0.06;
constexpr std::size_t kMostTaken = 12;
/// Fewer are judged by their neighbours alone.
constexpr std::size_t kBearsCurve = 12;
/// Of faultless runs, the share in which a reading may be named.
constexpr double kFalse = 0.012;

class Fairness {
public:
    Fairness(const std::vector<LiftPoint>& points, const std::vector<double>& right, double least,
             bool lash)
        : right_(right),
          least_(least),
          lash_(lash),
          limit_(normalExceeded(kFalse / static_cast<double>(points.size()))) {
        out_.points = points;
    }

    FairReadings run() {
        if (!refit()) return std::move(out_);
        while (taken_.size() < kMostTaken) {
            const auto worst = farthest();
            if (!worst || !takeOut(*worst)) break;
        }
        readmit();
        const std::vector<LiftPoint> named = taken_;
        for (const LiftPoint& p : named) {
            const auto instead = couldBe(p);
            out_.odd.push_back({CrankDeg{p.deg}, 0.0, instead});
        }
        for (std::size_t i = 0; i < named.size(); ++i)
            out_.odd[i].off_mm = named[i].mm - out_.curve->at(named[i].deg);
        std::sort(out_.odd.begin(), out_.odd.end(),
                  [](const Misfit& a, const Misfit& b) { return a.at < b.at; });
        return std::move(out_);
    }

private:
    /// The curve through what is left; where there is none, the last one stays and false comes.
    bool refit() {
        auto curve = SmoothCurve::through(out_.points, least_, lash_);
        if (!curve) return false;
        out_.curve = std::move(curve);
        return true;
    }

    /// In deviations, the scatter told without the reading itself.
    double deviates(const SmoothCurve::Standing& s) const {
        const double t = std::abs(s.off_mm) / std::max(s.deviation_mm, 1e-12);
        const double left = std::max(2.0, static_cast<double>(out_.points.size()) - 20.0);
        return t * t < 0.98 * left ? t * std::sqrt((left - 1.0) / (left - t * t)) : 7.0 * t;
    }
    bool off(const SmoothCurve::Standing& s) const {
        return std::abs(s.off_mm) > kWorth_mm && deviates(s) > limit_;
    }
    bool isRight(double deg) const {
        return std::any_of(right_.begin(), right_.end(),
                           [&](double r) { return std::abs(wrapCycle({r - deg}).deg) < 1e-6; });
    }

    std::optional<std::size_t> farthest() const {
        const auto standings = out_.curve->standings();
        std::optional<std::size_t> worst;
        double most = 0.0;
        for (std::size_t i = 0; i < standings.size(); ++i) {
            if (!off(standings[i]) || isRight(out_.points[i].deg)) continue;
            // Left out of wide steps, a reading leaves a gap that no curve can bridge.
            if (wide(i) && std::abs(standings[i].off_mm) <=
                               std::max(kWideFloor_mm, mayMiss_mm(out_.points, i)))
                continue;
            const double d = std::abs(standings[i].off_mm) / standings[i].deviation_mm;
            if (d <= most) continue;
            most = d;
            worst = i;
        }
        return worst;
    }

    bool wide(std::size_t i) const {
        constexpr double kWide_deg = 7.0;
        return i > 0 && i + 1 < out_.points.size() &&
               out_.points[i + 1].deg - out_.points[i - 1].deg > 2.0 * kWide_deg;
    }

    /// False, and nothing taken, where the rest bears no curve of its own.
    bool takeOut(std::size_t i) {
        const LiftPoint odd = out_.points[i];
        out_.points.erase(out_.points.begin() + static_cast<std::ptrdiff_t>(i));
        if (refit()) {
            taken_.push_back(odd);
            return true;
        }
        out_.points.insert(out_.points.begin() + static_cast<std::ptrdiff_t>(i), odd);
        return false;
    }

    /// The neighbour that could be the slip just as well: without it instead, all is fair too. It
    /// is taken out as well, so that the doubt there is that of neither.
    std::optional<CrankDeg> couldBe(const LiftPoint& odd) {
        const auto at =
            std::lower_bound(out_.points.begin(), out_.points.end(), odd,
                             [](const LiftPoint& a, const LiftPoint& b) { return a.deg < b.deg; });
        const auto i = static_cast<std::size_t>(at - out_.points.begin());
        for (const std::size_t k : {i - 1, i}) {
            if (k >= out_.points.size() || isRight(out_.points[k].deg)) continue;
            std::vector<LiftPoint> other = out_.points;
            const LiftPoint neighbour = other[k];
            other[k] = odd;
            const auto curve = SmoothCurve::through(other, least_, lash_);
            if (!curve) continue;
            const auto standings = curve->standings();
            if (std::any_of(standings.begin(), standings.end(),
                            [&](const SmoothCurve::Standing& s) { return off(s); }))
                continue;
            out_.points.erase(out_.points.begin() + static_cast<std::ptrdiff_t>(k));
            if (!refit())
                out_.points.insert(out_.points.begin() + static_cast<std::ptrdiff_t>(k), neighbour);
            return CrankDeg{neighbour.deg};
        }
        return std::nullopt;
    }

    /// What no longer stands off once the worse ones are out was misled by them.
    void readmit() {
        if (taken_.size() < 2) return;
        bool any = false;
        for (std::size_t i = taken_.size(); i-- > 0;) {
            if (off(out_.curve->standing(taken_[i]))) continue;
            const auto at = std::lower_bound(
                out_.points.begin(), out_.points.end(), taken_[i],
                [](const LiftPoint& a, const LiftPoint& b) { return a.deg < b.deg; });
            out_.points.insert(at, taken_[i]);
            taken_.erase(taken_.begin() + static_cast<std::ptrdiff_t>(i));
            any = true;
        }
        if (any) refit();
    }

    const std::vector<double>& right_;
    double least_;
    bool lash_;
    double limit_;
    FairReadings out_;
    std::vector<LiftPoint> taken_;
};

} // namespace

FairReadings fairReadings(const std::vector<LiftPoint>& points, const std::vector<double>& right,
                          double least_mm, bool lash) {
    if (points.size() >= kBearsCurve) return Fairness(points, right, least_mm, lash).run();
    FairReadings out;
    out.points = points;
    out.odd = misfits(points);
    std::erase_if(out.odd, [&](const Misfit& m) {
        return std::any_of(right.begin(), right.end(), [&](double r) {
            return std::abs(wrapCycle({r - m.at.deg}).deg) < 1e-6;
        });
    });
    for (const Misfit& m : out.odd)
        std::erase_if(out.points,
                      [&](const LiftPoint& p) { return std::abs(p.deg - m.at.deg) < 1e-6; });
    return out;
}

} // namespace lobe
