#include "core/lobe/passes.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

/// What a pass reads at an angle: its own reading there, else its curve.
double liftAt(const LobeFigures& lobe, double deg) {
    const auto near = std::lower_bound(lobe.fair.begin(), lobe.fair.end(), deg - 1e-6,
                                       [](const LiftPoint& p, double at) { return p.deg < at; });
    return near != lobe.fair.end() && std::abs(near->deg - deg) < 1e-6 ? near->mm
                                                                       : lobe.curve->at(deg);
}

/// Least and most of a figure of the passes, as far as they have it.
struct Range {
    double least = 1e9, most = -1e9;
    void add(double x) {
        least = std::min(least, x);
        most = std::max(most, x);
    }
    double half() const { return most >= least ? (most - least) / 2.0 : 0.0; }
};

/// Whether the passes as a whole stand turned against one another: the centre rests on all
/// readings, so that the wheel's steps are averaged in it.
bool turned(const std::vector<const LobeFigures*>& passes, double wheel_deg) {
    Range centre;
    double known = 0.0;
    for (const LobeFigures* p : passes)
        if (const auto& at = p->centres.equalDrop) {
            centre.add(at->deg);
            known = std::max(known, at->plusMinus.value_or(0.0));
        }
    return 2.0 * centre.half() > 0.5 + 0.5 * wheel_deg + 2.0 * known;
}

} // namespace

void widenByPasses(const std::vector<const LobeFigures*>& passes, LobeFigures& mean) {
    const auto widen = [&](auto& figure, const auto& of) {
        if (!figure || !figure->plusMinus) return;
        Range range;
        for (const LobeFigures* p : passes)
            if (const std::optional<double> x = of(*p)) range.add(*x);
        *figure->plusMinus += range.half();
    };
    const auto angle = [](const auto& at) {
        return at ? std::optional<double>(at->deg) : std::nullopt;
    };
    const auto event = [&](std::optional<Measured<CrankDeg>>& figure, const Height& height,
                           bool opens) {
        widen(figure, [&](const LobeFigures& p) -> std::optional<double> {
            const HeightEvents* e = p.events(height);
            return e ? angle(opens ? e->opens : e->closes) : std::nullopt;
        });
    };
    for (HeightEvents& e : mean.heights) {
        event(e.opens, e.height, true);
        event(e.closes, e.height, false);
    }
    event(mean.atEventsHeight.opens, mean.atEventsHeight.height, true);
    event(mean.atEventsHeight.closes, mean.atEventsHeight.height, false);
    for (auto part : {&Centres::equalDrop, &Centres::events, &Centres::peak, &Centres::centroid})
        widen(mean.centres.*part, [&](const LobeFigures& p) { return angle(p.centres.*part); });
    widen(mean.maxLift_mm, [](const LobeFigures& p) -> std::optional<double> {
        if (!p.maxLift_mm) return std::nullopt;
        return double(*p.maxLift_mm);
    });
}

std::optional<PassesFindings> comparePasses(const std::vector<Pass>& passes, double wheel_deg) {
    if (passes.empty() || !passes.back().lobe->curve) return std::nullopt;
    const LobeFigures& newest = *passes.back().lobe;
    PassesFindings out;
    std::vector<const LobeFigures*> lobes;
    for (const Pass& p : passes) {
        if (!p.lobe->curve || !p.lobe->noseReached || p.lobe->taken.at != newest.taken.at) continue;
        lobes.push_back(p.lobe);
        out.runs.push_back(p.run);
    }
    if (lobes.size() < 2) return std::nullopt;
    double squares = 0.0, over = -1e9;
    int count = 0;
    for (const LiftPoint& point : newest.fair) {
        double least = 1e9, most = -1e9, sum = 0.0;
        const bool covered = std::all_of(lobes.begin(), lobes.end(), [&](const LobeFigures* l) {
            return point.deg >= l->curve->first() - 1e-9 && point.deg <= l->curve->last() + 1e-9;
        });
        if (!covered) continue;
        for (const LobeFigures* l : lobes) {
            const double mm = liftAt(*l, point.deg);
            least = std::min(least, mm);
            most = std::max(most, mm);
            sum += mm;
        }
        const double mean = sum / static_cast<double>(lobes.size());
        for (const LobeFigures* l : lobes) {
            squares += std::pow(liftAt(*l, point.deg) - mean, 2);
            ++count;
        }
        out.spread.push_back({point.deg, most - least});
        out.mean.push_back({point.deg, mean});
        // Each pass was read to a step of the wheel: two may lie a whole one apart on a flank.
        const double excess = most - least - wheel_deg * std::abs(newest.curve->slopeAt(point.deg));
        if (excess > over) {
            over = excess;
            out.widest = out.spread.back();
        }
    }
    out.apart = over > kPassesApart_mm || turned(lobes, wheel_deg);
    if (count == 0) return std::nullopt;
    out.rms_mm = std::sqrt(squares / count);
    return out;
}

} // namespace lobe
