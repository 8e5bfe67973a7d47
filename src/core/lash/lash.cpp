#include "core/lash/lash.h"

#include "core/flywheel/tape.h"
#include "core/job/job.h"
#include "core/model/modelled.h"
#include "core/setting/setting.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

/// Less lift than this at the tappet is run-out of the base circle.
constexpr double kFoot_mm = 0.03;
/// A ramp takes this long to take up a lash: where lift was read at the valve it is hidden.
constexpr double kHiddenRamp_deg = 20.0;

/// From the nose outward to where nothing is lifted any more; empty where that was not read.
std::optional<double> footFrom(const LobeFigures& lobe, double nose, bool opening) {
    std::optional<double> foot;
    double least = 1e9;
    for (const LiftPoint& p : lobe.fair) {
        if (opening ? p.deg >= nose : p.deg <= nose) continue;
        if (p.mm > kFoot_mm) continue;
        const double away = std::abs(p.deg - nose);
        if (away < least) {
            least = away;
            foot = p.deg;
        }
    }
    return foot;
}

const RunFindings* runOf(const Findings& f, int cylinder, Side side) {
    const CylinderFindings* own = f.cylinder(cylinder);
    const RunFindings* run = own ? f.of(*own, side) : nullptr;
    const auto whole = [](const RunFindings* r) {
        return r && r->lobe.curve && r->lobe.noseReached && r->lobe.maxLiftAt;
    };
    if (whole(run)) return run;
    // Ground alike: another cylinder's.
    for (const CylinderFindings& c : f.cylinders)
        if (const RunFindings* other = f.of(c, side); whole(other)) return other;
    return nullptr;
}

std::optional<LobeFeet> feetByCard(const Job& job, Side side) {
    if (!job.card) return std::nullopt;
    const auto made = modelLobe(*job.card, side, job.engine.ratio[side], job.engine.lash_mm[side]);
    const auto* lobe = std::get_if<ModelledLobe>(&made);
    if (!lobe) return std::nullopt;
    const double moved = movedSince(job, side, 0);
    return LobeFeet{lobe->curve.first() - moved, lobe->curve.last() - moved};
}

/// A slow engine's exhaust by its tape, from the dead centre after the exhaust stroke.
std::optional<LobeFeet> feetByTape(const Job& job, Side side) {
    if (job.engine.kind != EngineKind::SlowFlywheel || side != Side::Exhaust) return std::nullopt;
    const TapeFigures f = tapeFigures(job.flywheel);
    if (!f.degrees || !f.closesAfter_deg) return std::nullopt;
    return LobeFeet{f.closesAfter_deg->value - f.degrees->value, f.closesAfter_deg->value};
}

/// Where a falling or rising flank passes a lift, from the nose outward.
std::optional<double> passes(const LobeFigures& lobe, double nose, double to, double mm) {
    double in = nose, out = to;
    if (lobe.curve->at(out) >= mm || lobe.curve->at(in) <= mm) return std::nullopt;
    for (int i = 0; i < 60; ++i) {
        const double mid = 0.5 * (in + out);
        (lobe.curve->at(mid) > mm ? in : out) = mid;
    }
    return in;
}

} // namespace

std::optional<LobeFeet> feetOf(const Job& job, const Findings& f, int cylinder, Side side) {
    const RunFindings* run = runOf(f, cylinder, side);
    if (!run) return std::nullopt;
    const LobeFigures& lobe = run->lobe;
    const auto opens = footFrom(lobe, lobe.maxLiftAt->deg, true),
               closes = footFrom(lobe, lobe.maxLiftAt->deg, false);
    if (!opens || !closes) return std::nullopt;
    const double hidden =
        lobe.taken.at == Place::Valve && lobe.taken.lash_mm > 0.0 ? kHiddenRamp_deg : 0.0;
    const double moved = movedSince(job, side, run->afterMove);
    return LobeFeet{*opens - hidden - moved, *closes + hidden - moved};
}

LashPlan lashPlan(const Job& job, const Findings& f) {
    LashPlan out;
    const auto fail = [&](LashFault why) {
        out.fault = why;
        return out;
    };
    const Engine& e = job.engine;
    if (e.kind == EngineKind::TwoStroke) return fail(LashFault::TwoStroke);
    for (int c = 1; c <= e.cylinders; ++c) {
        const auto behind = e.cylinders == 1 ? std::optional(0.0) : e.behindFirst_deg(c);
        if (!behind) return fail(LashFault::NoFiringOrder);
        for (const Side side : {Side::Intake, Side::Exhaust}) {
            // A valve the air opens is not set.
            if (side == Side::Intake && e.kind == EngineKind::SlowFlywheel &&
                job.flywheel.automaticIntake)
                continue;
            auto feet = feetOf(job, f, c, side);
            if (!feet) feet = feetByTape(job, side);
            if (!feet) {
                feet = feetByCard(job, side);
                out.byCard = out.byCard || feet;
            }
            if (!feet) {
                out.lacking = side;
                return fail(LashFault::NoLobe);
            }
            out.valves.push_back({c, side, feet->opens_deg, feet->closes_deg, *behind});
        }
    }
    const double margin = job.lash.margin_deg;
    switch (job.lash.school) {
    case LashSchool::OpeningClosing:
        out.stops = openingClosingStops(out.valves, margin);
        break;
    case LashSchool::FiringTdc:
        out.stops = firingStops(out.valves, margin, false);
        break;
    case LashSchool::Companion:
        out.stops = firingStops(out.valves, margin, true);
        break;
    case LashSchool::Fewest:
        out.stops = fewestStops(out.valves, margin);
        break;
    }
    std::size_t set = 0;
    for (const LashStop& s : out.stops)
        set += s.set.size();
    if (set < out.valves.size())
        out.fault =
            job.lash.school == LashSchool::Fewest ? LashFault::NeverClear : LashFault::NoCompanion;
    return out;
}

std::optional<LashEffect> lashEffect(const Job& job, const Findings& f, int cylinder, Side side,
                                     double lash) {
    const RunFindings* run = runOf(f, cylinder, side);
    if (!run) return std::nullopt;
    const LobeFigures& lobe = run->lobe;
    // Behind the lash there was, what is under it was never seen.
    if (lobe.taken.at == Place::Valve && lobe.taken.lash_mm > 0.0) return std::nullopt;
    Taken taken = lobe.taken;
    taken.lash_mm = lash;
    if (lobe.taken.at == Place::Tappet) taken.ratio = job.engine.ratio[side];
    const double mm = taken.threshold_mm({job.reckoning.seat_mm, Place::Valve});
    const double nose = lobe.maxLiftAt->deg;
    const auto opens = passes(lobe, nose, lobe.curve->first(), mm),
               closes = passes(lobe, nose, lobe.curve->last(), mm);
    if (!(mm > 0.0) || !opens || !closes) return std::nullopt;
    const double ratio = taken.at == Place::Tappet ? taken.ratio : 1.0;
    const double moved = movedSince(job, side, run->afterMove);
    return LashEffect{lash, *closes - *opens, *opens - moved, *closes - moved,
                      std::abs(lobe.curve->slopeAt(*closes)) * ratio};
}

std::vector<LashTaken> lashHistory(const LashWork& work, int cylinder, Side side) {
    std::vector<LashTaken> out;
    for (const LashTaken& t : work.taken)
        if (t.cylinder == cylinder && t.side == side && t.replaced.empty()) out.push_back(t);
    std::stable_sort(out.begin(), out.end(),
                     [](const LashTaken& a, const LashTaken& b) { return a.time_ms < b.time_ms; });
    return out;
}

std::optional<double> lashDrift_mm(const LashWork& work, int cylinder, Side side) {
    std::optional<double> out;
    const LashTaken* left = nullptr;
    const auto all = lashHistory(work, cylinder, side);
    for (const LashTaken& t : all) {
        // Cold against hot is no drift.
        if (!t.left && left && left->hot == t.hot) out = t.lash_mm - left->lash_mm;
        if (t.left) left = &t;
    }
    return out;
}

double preload_mm(const LashWork& work) {
    return work.preload_turns * work.pitch_mm;
}

std::string lashKey(int cylinder, Side side) {
    return std::to_string(cylinder) + (side == Side::Intake ? " intake" : " exhaust");
}

} // namespace lobe
