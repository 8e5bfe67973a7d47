#include "core/live/passing.h"

#include <algorithm>
#include <cmath>

namespace lobe {

namespace {

/// Farther apart than this, two samples say nothing of what lies between.
constexpr double kGap_deg = 2.0;

} // namespace

Passing::Passing(double step_deg)
    : step_deg_(std::clamp(step_deg, 0.1, 30.0)), half_deg_(std::min(step_deg_ / 2.0, 0.5)) {}

void Passing::forget() {
    near_.clear();
    furthest_.reset(), next_.reset();
    backing_ = false;
}

/// A parabola by least squares about the mark; between the neighbours where there are too few.
std::optional<PassedMark> Passing::at(double mark) const {
    double n = 0, x1 = 0, x2 = 0, x3 = 0, x4 = 0, y0 = 0, y1 = 0, y2 = 0;
    double low = 1e9, high = -1e9, first_s = 0.0, last_s = 0.0, from = 0.0, to = 0.0;
    const LiveSample *below = nullptr, *above = nullptr;
    for (const LiveSample& s : near_) {
        const double x = s.deg - mark;
        if (x <= 0.0) below = &s;
        if (x >= 0.0 && !above) above = &s;
        if (std::abs(x) > half_deg_) continue;
        if (n == 0) first_s = s.t_s, from = s.deg;
        last_s = s.t_s, to = s.deg;
        low = std::min(low, x), high = std::max(high, x);
        n += 1, x1 += x, x2 += x * x, x3 += x * x * x, x4 += x * x * x * x;
        y0 += s.mm, y1 += x * s.mm, y2 += x * x * s.mm;
    }
    PassedMark m{mark, 0.0, static_cast<int>(n),
                 last_s > first_s ? (to - from) / (last_s - first_s) : 0.0};
    // Enough of them on both sides, else the parabola leans on nothing.
    if (n >= 8 && low < -half_deg_ * 0.5 && high > half_deg_ * 0.5) {
        const double d =
            n * (x2 * x4 - x3 * x3) - x1 * (x1 * x4 - x3 * x2) + x2 * (x1 * x3 - x2 * x2);
        if (std::abs(d) > 1e-12) {
            m.mm =
                (y0 * (x2 * x4 - x3 * x3) - x1 * (y1 * x4 - x3 * y2) + x2 * (y1 * x3 - x2 * y2)) /
                d;
            return m;
        }
    }
    if (!below || !above || above->deg - below->deg > kGap_deg) return std::nullopt;
    const double span = above->deg - below->deg;
    m.mm =
        span > 0.0 ? below->mm + (above->mm - below->mm) * (mark - below->deg) / span : below->mm;
    m.samples = std::max(m.samples, 1);
    if (m.turning_deg_per_s == 0.0 && above->t_s > below->t_s)
        m.turning_deg_per_s = span / (above->t_s - below->t_s);
    return m;
}

void Passing::feed(const LiveSample& s, std::vector<PassedMark>& out) {
    if (!std::isfinite(s.deg) || !std::isfinite(s.mm)) return;
    if (!furthest_) {
        furthest_ = s.deg;
        next_ = std::ceil(s.deg / step_deg_ - 1e-9) * step_deg_;
    }
    if (s.deg < *furthest_ - kBack_deg && !backing_) {
        backing_ = true;
        // What was taken for trembling was the way back already.
        while (!near_.empty() && near_.back().t_s > furthestAt_s_)
            near_.pop_back();
    }
    if (backing_ && s.deg < *furthest_) return;
    backing_ = false;
    if (s.deg >= *furthest_) {
        furthest_ = s.deg;
        furthestAt_s_ = s.t_s;
    }
    near_.push_back(s);
    // A mark is told when what lies within half a step behind it is known too.
    while (*next_ + half_deg_ <= *furthest_) {
        if (const auto mark = at(*next_))
            out.push_back(*mark);
        else
            ++missed_;
        *next_ += step_deg_;
    }
    const double needed = *next_ - half_deg_ - kGap_deg;
    while (near_.size() > 2 && near_[1].deg < needed)
        near_.pop_front();
}

void LobePass::feed(const PassedMark& m) {
    if (!any_) {
        any_ = true;
        base_mm_ = most_mm_ = m.mm;
        since_ = m.deg;
    }
    if (!lifted_) {
        // The lowest that is seen is the base circle, until it is left; a run begun on a flank
        // has none yet.
        if (m.mm < base_mm_ - kFlat_mm) since_ = m.deg, base_mm_ = m.mm, flat_deg_ = 0.0;
        if (m.mm < base_mm_ + kFlat_mm) flat_deg_ = m.deg - *since_;
        lifted_ = m.mm > base_mm_ + kLeft_mm;
        if (lifted_) liftedAt_ = m.deg;
        most_mm_ = m.mm;
        return;
    }
    most_mm_ = std::max(most_mm_, m.mm);
    // Back where it was, and standing there: a needle that hangs is not through.
    const bool low = m.mm < base_mm_ + std::max(kLeft_mm, (most_mm_ - base_mm_) * 0.05);
    if (!low) {
        flatFrom_.reset();
        return;
    }
    if (!flatFrom_ || std::abs(m.mm - flat_mm_) > kFlat_mm) {
        flatFrom_ = m.deg;
        flat_mm_ = m.mm;
    }
    through_ = through_ || m.deg - *flatFrom_ >= kFlat_deg;
}

std::vector<PassedMark> wholeLobe(const std::vector<LiveSample>& samples, double step_deg,
                                  bool countsDown) {
    Passing passing(step_deg);
    LobePass pass;
    std::vector<PassedMark> all, passed;
    for (const LiveSample& s : samples) {
        passed.clear();
        passing.feed(s, passed);
        for (PassedMark m : passed) {
            if (countsDown) m.mm = -m.mm;
            pass.feed(m);
            all.push_back(m);
        }
        if (pass.through()) break;
    }
    if (!pass.through() || !pass.onBase()) return {};
    // As much of the base circle as shows that it is one.
    constexpr double kBefore_deg = 30.0;
    const double from = std::max(*pass.baseSince_deg(), *pass.liftedAt_deg() - kBefore_deg * 2.0);
    std::vector<PassedMark> out;
    for (PassedMark m : all)
        if (m.deg >= from) {
            m.mm = (m.mm - pass.base_mm()) * (countsDown ? -1.0 : 1.0);
            out.push_back(m);
        }
    return out;
}

} // namespace lobe
