#include "core/choose/settle.h"

#include "core/assess/clearances.h"
#include "core/examine/examine.h"
#include "core/job/job.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

/// A card's other height, where it states one.
constexpr double kLow_mm = 0.15, kHigh_mm = 1.27;
/// An event of a lobe measured degree by degree, 95 %.
constexpr double kMeasured_deg = 0.3;
/// What does not narrow by a quarter is not worth the trouble.
constexpr double kWorth = 0.75;

std::optional<Side> clearanceOf(WishKind kind) {
    return kind == WishKind::IntakeClearance    ? std::optional(Side::Intake)
           : kind == WishKind::ExhaustClearance ? std::optional(Side::Exhaust)
                                                : std::nullopt;
}

bool inDegrees(WishKind kind) {
    return kind == WishKind::Overlap || kind == WishKind::IntakeCloses ||
           kind == WishKind::Separation;
}

class Doubts {
public:
    Doubts(const Job& job, const Findings& f, const Cam& cam, std::size_t place,
           PerSide<double> moved)
        : job_(job), f_(f), cam_(cam), place_(place), moved_(moved) {}

    void unknown(const Judged& j, std::vector<Settling>& out) const {
        const auto side = clearanceOf(j.wish.kind);
        if (side && cam_.lift[*side] && !mapOf(f_, *side))
            out.push_back({SettleBy::Map, place_, j.wish.kind});
        else if (cam_.fault.intake || cam_.fault.exhaust || !cam_.state)
            out.push_back({SettleBy::Lobe, place_, j.wish.kind});
    }

    void unsure(const Judged& j, std::vector<Settling>& out) const {
        const auto half = j.value ? halfWidthOf(j.value) : std::nullopt;
        if (!half || !(*half > 0.0)) return;
        std::optional<Settling> best;
        const auto offer = [&](SettleBy by, double at, std::optional<double> after) {
            if (!after || *after > kWorth * *half) return;
            if (!best || *after < *best->after - 1e-9)
                best = Settling{by, place_, j.wish.kind, at, half, after};
        };
        if (cam_.modelled()) {
            if (const auto height = otherHeight())
                offer(SettleBy::OtherHeight, *height, withHeight(*height, j.wish));
            // Only where another height does not do it: the whole lobe is more work.
            if (!best && inDegrees(j.wish.kind))
                offer(SettleBy::Lobe, 0.0, kMeasured_deg * std::sqrt(2.0));
        }
        if (const auto side = clearanceOf(j.wish.kind)) {
            const MapFindings* map = mapOf(f_, *side);
            if (map && map->gap) {
                const double at =
                    leastOver(*map->gap, cam_.lift[*side], moved_[*side], map->travel).least.at_deg;
                offer(SettleBy::Press, at, withPress(*side, at, j.wish));
            }
        }
        if (best) out.push_back(*best);
    }

private:
    const Card* card() const {
        if (job_.card && job_.card->name == cam_.spec.cam) return &*job_.card;
        for (const Card& c : job_.otherCards)
            if (c.name == cam_.spec.cam) return &c;
        return nullptr;
    }

    /// One the card does not state yet.
    std::optional<double> otherHeight() const {
        const Card* c = card();
        if (!c || c->advertisedDuration.intake || c->advertisedDuration.exhaust)
            return std::nullopt;
        return c->height.mm > 0.6 ? kLow_mm : kHigh_mm;
    }

    /// What the wish's ± would be if the card stated what the model has at that height.
    std::optional<double> withHeight(double mm, const Wish& wish) const {
        Job then = job_;
        Card* c = nullptr;
        if (then.card && then.card->name == cam_.spec.cam) c = &*then.card;
        for (Card& other : then.otherCards)
            if (!c && other.name == cam_.spec.cam) c = &other;
        if (!c) return std::nullopt;
        c->advertised = {mm, Place::Tappet};
        for (const Side side : {Side::Intake, Side::Exhaust}) {
            const auto& model = cam_.model[side];
            if (!model || mm >= model->lift_mm) continue;
            const auto edge = [&](double from, double to) {
                // Rising from the foot to the nose.
                for (int i = 0; i < 60; ++i) {
                    const double mid = 0.5 * (from + to);
                    (model->curve.at(mid) < mm ? from : to) = mid;
                }
                return from;
            };
            c->advertisedDuration[side] = edge(model->curve.last(), model->nose_deg) -
                                          edge(model->curve.first(), model->nose_deg);
        }
        return halfOf(then, f_, wish);
    }

    /// And with a press where the gap and the lift have it.
    std::optional<double> withPress(Side side, double at_deg, const Wish& wish) const {
        const MapFindings* map = mapOf(f_, side);
        Job then = job_;
        const auto kept = std::find_if(then.maps.begin(), then.maps.end(),
                                       [&](const ClearanceMap& m) { return m.id == map->map; });
        if (kept == then.maps.end() || kept->readings.empty() || !map->gap) return std::nullopt;
        if (!map->lift) return std::nullopt;
        Reading press = kept->readings.back();
        press.struck.reset();
        press.heard.reset();
        press.at = {at_deg};
        press.value_mm = map->gap->at(at_deg) - map->lift.at(at_deg, 0.0);
        for (int n = 0; n < std::max(1, kept->terms.presses); ++n) {
            press.id += 1;
            kept->readings.push_back(press);
        }
        return halfOf(then, examine(then), wish);
    }

    std::optional<double> halfOf(const Job& job, const Findings& f, const Wish& wish) const {
        const Cam cam = camOf(job, f, cam_.spec);
        const auto figures = camFigures(job, f, cam, moved_);
        Job one = job;
        one.choosing.wishes = {wish};
        const auto judged = judge(one, f, cam, moved_, figures, false);
        return judged.empty() ? std::nullopt : halfWidthOf(judged.front().value);
    }

    const Job& job_;
    const Findings& f_;
    const Cam& cam_;
    std::size_t place_;
    PerSide<double> moved_;
};

/// From least to most that the second fills more than the first, by lengths.
std::optional<double> spreadOf(const FillingMean& a, const FillingMean& b) {
    if (!a.byLength || !b.byLength) return std::nullopt;
    double least = 1e9, most = -1e9;
    for (std::size_t n = 0; n < 3; ++n) {
        const double share = (*b.byLength)[n] / (*a.byLength)[n] - 1.0;
        least = std::min(least, share);
        most = std::max(most, share);
    }
    return most - least;
}

} // namespace

std::vector<Settling>
settling(const Job& job, const Findings& findings, const std::vector<Cam>& cams,
         const std::vector<PerSide<double>>& moved, const std::vector<std::vector<Judged>>& judged,
         const std::vector<Ranked>& ranks, const std::vector<std::optional<FillingMean>>& means) {
    std::vector<Settling> unknown, unsure, out;
    for (std::size_t k = 0; k < std::min<std::size_t>(2, ranks.size()); ++k) {
        const std::size_t i = ranks[k].cam;
        const Doubts doubts(job, findings, cams[i], i, moved[i]);
        for (const Judged& j : judged[i])
            if (j.state == WishState::Unknown)
                doubts.unknown(j, unknown);
            else if (!j.sure)
                doubts.unsure(j, unsure);
    }
    std::stable_sort(unsure.begin(), unsure.end(), [](const Settling& a, const Settling& b) {
        return *a.after / *a.before < *b.after / *b.before;
    });
    out = std::move(unknown);
    out.insert(out.end(), unsure.begin(), unsure.end());
    if (ranks.size() > 1 && ranks[0].rank == ranks[1].rank) {
        const auto &a = means[ranks[0].cam], &b = means[ranks[1].cam];
        const auto spread = a && b ? spreadOf(*a, *b) : std::nullopt;
        if (spread && *spread > 0.01)
            out.push_back({SettleBy::PipeLengths, ranks[0].cam, {}, 0.0, spread, 0.0});
    }
    return out;
}

} // namespace lobe
