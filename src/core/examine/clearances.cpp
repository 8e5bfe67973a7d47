#include "core/examine/clearances.h"

#include "core/job/card.h"
#include "core/job/job.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace lobe {
namespace {

constexpr double kRadians = std::numbers::pi / 180.0;

/// What the cam of a side was advanced by between two settings.
double movedBetween(const Job& job, Side side, int from, int to) {
    double sum = 0.0;
    for (const CamMove& c : job.changes) {
        if (!moves(job, c, side)) continue;
        const double by = c.move(side) ? c.move(side)->total_deg : 0.0;
        if (c.number > from && c.number <= to) sum += by;
        if (c.number > to && c.number <= from) sum -= by;
    }
    return sum;
}

/// The lobe a map was taken over: measured at its setting if there is one, else the newest.
std::optional<std::size_t> runFor(const Findings& f, const ClearanceMap& map) {
    std::optional<std::size_t> newest, same;
    for (std::size_t i = 0; i < f.runs.size(); ++i) {
        const RunFindings& r = f.runs[i];
        if (r.side != map.side || !r.lobe.noseReached || !r.lobe.curve) continue;
        if (r.cylinder != map.cylinder && newest && f.runs[*newest].cylinder == map.cylinder)
            continue;
        newest = i;
        if (r.cylinder == map.cylinder && r.afterMove == map.mockUp.afterMove) same = i;
    }
    return same ? same : newest;
}

/// Whether other phases and cams can be said from it.
bool stands(const MapFindings& map) {
    return map.gap && map.lift && map.state != MapState::Void;
}

/// Ways of measuring the same valve that lie apart by more than they are known.
void waysApart(MapFindings& map, const std::vector<MapFindings>& all, const Job& job) {
    const auto methodOf = [&](const MapFindings& m) {
        for (const ClearanceMap& each : job.maps)
            if (each.id == m.map) return each.mockUp.method;
        return ClearanceMethod::Map;
    };
    if (methodOf(map) != ClearanceMethod::Map || !map.measured) return;
    constexpr double kTold_mm = 0.15;
    for (const MapFindings& other : all) {
        const ClearanceMethod how = methodOf(other);
        if (&other == &map || other.cylinder != map.cylinder || other.side != map.side ||
            how == ClearanceMethod::Map || !other.measured)
            continue;
        const double mine = map.measured->least.mm, theirs = other.measured->least.mm;
        if (std::abs(mine - theirs) > kTold_mm)
            map.findings.push_back({found::WaysApart{mine, theirs, how == ClearanceMethod::Clay},
                                    Severity::LookAgain, map.side, map.cylinder});
    }
}

void againstLimit(const Job& job, MapFindings& map) {
    if (map.state == MapState::Void) return;
    const Least* least = map.predicted                           ? &*map.predicted
                         : map.measured && !map.measured->atEdge ? &map.measured->least
                                                                 : nullptr;
    const ClearanceLimits& limits = job.reckoning.clearance;
    const double limit = limits.least_mm[map.side];
    if (!least || least->mm >= limit) return;
    const bool accepted = !limits.below[map.side].empty();
    map.findings.push_back({found::ClearanceUnder{least->mm, limit, {least->at_deg}, accepted},
                            accepted ? Severity::Note : Severity::LookAgain, map.side,
                            map.cylinder});
}

/// The measured lobe stretched to a card's duration, centre and lift.
std::optional<ValveLift> modelled(const Job& job, const MapFindings& map, const Card& card) {
    const LobePtr shape = map.lobe;
    const LobeFigures& lobe = *shape;
    const auto centre = lobe.centre(CentreSchool::EqualDrop);
    const auto theirs = cardCentre(card, map.side);
    const auto duration = cardDuration_deg(card, map.side);
    const auto lift = cardLiftHere_mm(card, map.side, job.engine, Place::Valve);
    const HeightEvents* at = lobe.events(card.height);
    if (!at && lobe.atEventsHeight.height == card.height) at = &lobe.atEventsHeight;
    const auto own = at ? at->duration_deg() : std::nullopt;
    if (!centre || !theirs || !duration || !own) return std::nullopt;
    const double most = lobe.liftAt(*lobe.maxLiftAt, Place::Valve);
    const double higher = lift && most > 0.0 ? *lift / most : 1.0;
    const double longer = *own / *duration;
    const double c0 = centre->deg, c1 = theirs->deg;
    return ValveLift{[shape, c0, c1, higher, longer](double deg) {
                         return higher * shape->liftAt({c0 + (deg - c1) * longer}, Place::Valve);
                     },
                     [](double) { return kModelled_mm; }};
}

} // namespace

std::vector<MapFindings> clearanceMaps(const Job& job, const Findings& f) {
    std::vector<MapFindings> out;
    const int now = job.changes.empty() ? 0 : job.changes.back().number;
    for (const ClearanceMap& map : job.maps) {
        const auto run = runFor(f, map);
        const RunFindings* r = run ? &f.runs[*run] : nullptr;
        const int measured = r ? r->afterMove : 0;
        const LobePtr lobe = r ? LobePtr(f.alone[*run], &f.alone[*run]->lobe) : nullptr;
        MapFindings m =
            examineMap(job, map, lobe, movedBetween(job, map.side, measured, map.mockUp.afterMove),
                       movedBetween(job, map.side, measured, now), f.tdc.uncertainty_deg());
        againstLimit(job, m);
        out.push_back(std::move(m));
    }
    for (std::size_t i = 0; i < out.size(); ++i) {
        waysApart(out[i], out, job);
        if (out[i].points.empty()) continue;
        for (std::size_t k = 0; k < i; ++k)
            if (out[k].cylinder == out[i].cylinder && out[k].side == out[i].side &&
                job.maps[k].mockUp.method == job.maps[i].mockUp.method)
                out[k].current = false;
        out[i].current = true;
    }
    return out;
}

const MapFindings* mapOf(const Findings& f, Side side, int cylinder) {
    const MapFindings* best = nullptr;
    for (const MapFindings& m : f.maps)
        if (m.current && m.side == side && (cylinder == 0 || m.cylinder == cylinder) &&
            (!best || (m.gap && m.state != MapState::Void) || !best->gap))
            best = &m;
    return best;
}

std::optional<Least> leastWhere(const Findings& f, Side side, double advance_deg) {
    const MapFindings* map = mapOf(f, side);
    if (!map || !stands(*map)) return std::nullopt;
    return leastClearance(*map->gap, map->lift, advance_deg);
}

std::optional<Measured<double>> leastNow(const Findings& f, Side side, double advance_deg) {
    const auto least = leastWhere(f, side, advance_deg);
    return least ? std::optional(least->mm) : std::nullopt;
}

std::optional<AdvanceWindow> windowNow(const Job& job, const Findings& f, Side side) {
    const MapFindings* map = mapOf(f, side);
    if (!map || !stands(*map)) return std::nullopt;
    return windowOf(*map->gap, map->lift, job.reckoning.clearance.least_mm[side]);
}

std::vector<OtherCam> otherCams(const Job& job, const Findings& f, const MapFindings& map) {
    std::vector<OtherCam> out;
    if (!map.lobe) return out;
    const auto card = [&](const Card& c) {
        if (auto lift = modelled(job, map, c)) out.push_back({c.name, true, std::move(*lift)});
    };
    for (const Card& c : job.otherCards)
        card(c);
    if (job.card) card(*job.card);
    for (std::size_t i = 0; i < f.runs.size(); ++i) {
        const RunFindings& r = f.runs[i];
        if (r.side == map.side && r.current && !r.outdated && r.cylinder != map.cylinder &&
            r.lobe.noseReached && r.lobe.curve)
            out.push_back(
                {std::to_string(r.cylinder), false,
                 valveLift(LobePtr(f.alone[i], &f.alone[i]->lobe), f.tdc.uncertainty_deg())});
    }
    return out;
}

std::optional<PhaserCheck> phaserCheck(const Job& job, const Findings& f) {
    const Drive& d = job.engine.drive;
    if (d.phaser_deg == 0.0) return std::nullopt;
    const MapFindings* map = mapOf(f, Side::Intake);
    if (!map || !stands(*map)) return std::nullopt;
    const ValveLift& lift = map->lift;
    const double travel =
        d.phaserLimiter_deg != 0.0
            ? std::copysign(std::min(std::abs(d.phaserLimiter_deg), std::abs(d.phaser_deg)),
                            d.phaser_deg)
            : d.phaser_deg;
    PhaserCheck out;
    out.parked = out.worst = leastClearance(*map->gap, lift, 0.0);
    constexpr int kSteps = 24;
    for (int i = 1; i <= kSteps; ++i) {
        const double at = travel * i / kSteps;
        const Least here = leastClearance(*map->gap, lift, at);
        if (here.mm >= out.worst.mm) continue;
        out.worst = here;
        out.worstAt_deg = at;
    }
    const double limit = job.reckoning.clearance.least_mm.intake;
    if (out.parked.mm >= limit) {
        const auto window = windowOf(*map->gap, lift, limit, std::abs(d.phaser_deg));
        if (window) out.keeps_deg = d.phaser_deg > 0.0 ? window->to_deg : window->from_deg;
    }
    return out;
}

std::optional<Remedy> remedyFor(const Job& job, const Findings& f, const MapFindings& map) {
    const double limit = job.reckoning.clearance.least_mm[map.side];
    const Least* least = map.predicted                           ? &*map.predicted
                         : map.measured && !map.measured->atEdge ? &map.measured->least
                                                                 : nullptr;
    if (!least || least->mm >= limit || map.state == MapState::Void) return std::nullopt;
    Remedy out;
    out.lacking_mm = limit - least->mm;
    double cosine = 1.0;
    if (map.gap && map.gap->valveAngle_deg())
        cosine = std::cos(*map.gap->valveAngle_deg() * kRadians);
    // A notch goes down along the bore; the valve comes at it askew.
    out.notch_mm = out.gasket_mm = out.lacking_mm / cosine;
    const ClearanceLimits& limits = job.reckoning.clearance;
    if (limits.crown_mm > 0.0) out.crownLeft_mm = limits.crown_mm - out.notch_mm;
    if (const auto window = stands(map) ? windowOf(*map.gap, map.lift, limit) : std::nullopt) {
        out.advance_deg = window->from_deg > 0.0 ? window->from_deg : window->to_deg;
        // One lobe alone moved on its shaft moves the separation by half of it, in cam degrees.
        out.separation_deg = std::abs(*out.advance_deg) / 2.0;
    }
    const Closing& closing = f.closings[static_cast<std::size_t>(job.reckoning.closing)];
    if (closing.deg && job.engine.chamberOf(map.cylinder).chamber_cc > 0.0) {
        CompressionState state = stateOf(job, map.cylinder, *closing.deg, 0.0);
        state.chamber.gasket_mm += out.gasket_mm;
        const auto made = compression(state, job.reckoning.altitude_m, job.reckoning.exponent);
        if (const auto* c = std::get_if<Compression>(&made)) {
            out.staticRatio = c->staticRatio;
            out.dynamicRatio = c->dynamicRatio;
        }
    }
    return out;
}

} // namespace lobe
