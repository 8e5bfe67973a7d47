#include "core/choose/purpose.h"

#include "core/assess/clearances.h"
#include "core/job/job.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

constexpr int kAlike = 5; ///< speeds, where only from and to are said
/// Less than this is no difference an estimate could tell.
constexpr double kMeanTold = 0.01;
/// Of two cams every pair at first this far apart, then those round the best.
constexpr double kPairStep_deg = 3.0, kSingleStep_deg = 1.0;

/// Efficiency by lengths at a speed, between two points of the curve.
std::optional<std::array<double, 4>> at(const FillingCurve& curve, double rpm) {
    const auto& p = curve.points;
    if (p.empty() || rpm < p.front().speed_rpm - 1.0 || rpm > p.back().speed_rpm + 1.0)
        return std::nullopt;
    const auto next = std::lower_bound(
        p.begin(), p.end(), rpm, [](const FillingPoint& x, double v) { return x.speed_rpm < v; });
    const FillingPoint& b = next == p.end() ? p.back() : *next;
    const FillingPoint& a = next == p.begin() || next == p.end() ? b : *(next - 1);
    const double wide = b.speed_rpm - a.speed_rpm;
    const double part = wide > 0.0 ? std::clamp((rpm - a.speed_rpm) / wide, 0.0, 1.0) : 0.0;
    std::array<double, 4> out{a.efficiency + part * (b.efficiency - a.efficiency)};
    for (std::size_t n = 0; n < 3; ++n) {
        const double from = a.byLength ? (*a.byLength)[n] : a.efficiency,
                     to = b.byLength ? (*b.byLength)[n] : b.efficiency;
        out[n + 1] = from + part * (to - from);
    }
    return out;
}

/// Some of them, none nearer to another than that; the least first stays.
std::vector<double> thinned(const std::vector<double>& moves, double apart) {
    std::vector<double> out;
    for (const double m : moves)
        if (std::abs(m) <= kFarthestFilling_deg + 1e-9 &&
            std::none_of(out.begin(), out.end(),
                         [&](double o) { return std::abs(o - m) < apart - 1e-9; }))
            out.push_back(m);
    return out;
}

class PurposeSearch {
public:
    PurposeSearch(const Job& job, const Findings& f, const Cam& cam, PerSide<double> moved,
                  const std::function<bool()>& stop)
        : job_(job),
          f_(f),
          cam_(cam),
          moved_(moved),
          stop_(stop),
          speeds_(purposeSpeeds(job.choosing.purpose)),
          two_(job.engine.layout == Layout::TwinOverheadCam) {}

    std::optional<FillsBest> run() {
        const auto stands = mean({});
        if (speeds_.empty() || !stands) return std::nullopt;
        best_ = {{}, *stands, keeps({})};
        const std::vector<double> all = drivenMoves(job_);
        const auto coarse = thinned(all, two_ ? kPairStep_deg : kSingleStep_deg);
        for (const double a : coarse) {
            if (!two_) consider({a, a});
            for (const double b : coarse)
                if (two_) consider({a, b});
        }
        // Each by itself among those the drive can really make, near where the best was found.
        const PerSide<double> near = best_.deg;
        for (const double m : all)
            for (const Side side : {Side::Intake, Side::Exhaust}) {
                if (std::abs(m) > kFarthestFilling_deg || std::abs(m - near[side]) > kPairStep_deg)
                    continue;
                PerSide<double> by = best_.deg;
                by[side] = m;
                if (!two_) by = {m, m};
                consider(by);
            }
        if (stop_ && stop_()) return std::nullopt;
        FillsBest out;
        out.deg = best_.deg;
        out.share = best_.mean / *stands - 1.0;
        out.keeps = best_.keeps;
        for (const Side side : {Side::Intake, Side::Exhaust}) {
            out.before[side] = camClearance(f_, cam_, side, moved_[side]);
            out.after[side] = camClearance(f_, cam_, side, moved_[side] + out.deg[side]);
        }
        return out;
    }

private:
    struct Tried {
        PerSide<double> deg;
        double mean = 0.0;
        bool keeps = true;
    };

    std::optional<double> mean(PerSide<double> by) const {
        const auto made =
            fillingOf(job_, cam_, {moved_.intake + by.intake, moved_.exhaust + by.exhaust});
        const auto* filling = std::get_if<FillingEstimate>(&made);
        if (!filling) return std::nullopt;
        double sum = 0.0, weights = 0.0;
        for (const SpeedWeight& s : speeds_) {
            sum += s.weight * filling->at(s.rpm, false).efficiency;
            weights += s.weight;
        }
        return weights > 0.0 ? std::optional(sum / weights) : std::nullopt;
    }

    bool keeps(PerSide<double> by) const {
        for (const Side side : {Side::Intake, Side::Exhaust}) {
            const auto now = camClearance(f_, cam_, side, moved_[side]),
                       then = camClearance(f_, cam_, side, moved_[side] + by[side]);
            const double least = job_.reckoning.clearance.least_mm[side];
            // Short already, it may not become shorter.
            if (now && then && then->value < std::min(least, now->value) - 1e-9) return false;
        }
        return true;
    }

    void consider(PerSide<double> by) {
        if (stop_ && stop_()) return;
        if (by.intake == best_.deg.intake && by.exhaust == best_.deg.exhaust) return;
        if (!keeps(by)) return;
        const auto m = mean(by);
        if (m && *m > best_.mean + 1e-9) best_ = {by, *m, true};
    }

    const Job& job_;
    const Findings& f_;
    const Cam& cam_;
    PerSide<double> moved_;
    const std::function<bool()>& stop_;
    std::vector<SpeedWeight> speeds_;
    bool two_;
    Tried best_;
};

} // namespace

std::vector<SpeedWeight> purposeSpeeds(const Purpose& p) {
    std::vector<SpeedWeight> out;
    for (const SpeedWeight& s : p.speeds)
        if (s.rpm > 0.0 && s.weight > 0.0) out.push_back(s);
    if (!out.empty() || !(p.to_rpm > 0.0 && p.to_rpm >= p.from_rpm)) return out;
    // Nothing is reckoned under the first speed of the curve.
    const double from = std::max(p.from_rpm, 1000.0);
    for (int i = 0; i < kAlike; ++i)
        out.push_back({from + (p.to_rpm - from) * i / (kAlike - 1), 1.0});
    return out;
}

std::optional<FillingMean> meanFilling(const FillingCurve& curve,
                                       const std::vector<SpeedWeight>& speeds) {
    std::array<double, 4> sum{};
    double weights = 0.0;
    for (const SpeedWeight& s : speeds) {
        const auto here = at(curve, s.rpm);
        if (!here) return std::nullopt;
        for (std::size_t n = 0; n < 4; ++n)
            sum[n] += s.weight * (*here)[n];
        weights += s.weight;
    }
    if (!(weights > 0.0)) return std::nullopt;
    FillingMean out{sum[0] / weights, {}};
    if (!curve.points.empty() && curve.points.front().byLength)
        out.byLength = {sum[1] / weights, sum[2] / weights, sum[3] / weights};
    return out;
}

std::optional<double> gainOf(const FillingMean& a, const FillingMean& b) {
    const double share = a.usual / b.usual - 1.0;
    if (std::abs(share) < kMeanTold) return std::nullopt;
    if (a.byLength && b.byLength)
        for (std::size_t n = 0; n < 3; ++n)
            if (((*a.byLength)[n] - (*b.byLength)[n]) * share <= 0.0) return std::nullopt;
    return share;
}

std::vector<std::optional<int>>
fillingPlaces(const std::vector<std::optional<FillingMean>>& means) {
    std::vector<std::size_t> order;
    for (std::size_t i = 0; i < means.size(); ++i)
        if (means[i]) order.push_back(i);
    std::stable_sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) {
        return means[a]->usual > means[b]->usual;
    });
    std::vector<std::optional<int>> out(means.size());
    std::size_t leader = 0;
    for (std::size_t k = 0; k < order.size(); ++k) {
        if (k == 0 || gainOf(*means[order[leader]], *means[order[k]])) leader = k;
        out[order[k]] = static_cast<int>(leader) + 1;
    }
    return out;
}

std::optional<FillsBest> fillsBest(const Job& job, const Findings& findings, const Cam& cam,
                                   PerSide<double> moved, const std::function<bool()>& stop) {
    return PurposeSearch(job, findings, cam, moved, stop).run();
}

} // namespace lobe
