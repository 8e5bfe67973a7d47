#include "core/examine/clearances.h"

#include "core/clearance/valves.h"
#include "core/job/card.h"
#include "core/job/job.h"
#include "core/model/modelled.h"
#include "core/setting/setting.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

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

/// A card's lobe in this engine. A card without a lift is given that of the lobe that is measured.
std::optional<ValveLift> modelled(const Job& job, const MapFindings& map, Card card) {
    const double ratio = job.engine.ratio[map.side];
    const LobeFigures& own = *map.lobe;
    if (!card.lift_mm[map.side] && own.maxLiftAt) {
        card.lift_mm[map.side] = own.liftAt(*own.maxLiftAt, Place::Tappet);
        card.liftAt = Place::Tappet;
    }
    const double lash = job.engine.lash_mm[map.side];
    auto made = modelLobe(card, map.side, ratio, lash);
    auto* lobe = std::get_if<ModelledLobe>(&made);
    if (!lobe) return std::nullopt;
    return modelledLift(std::make_shared<const ModelledLobe>(std::move(*lobe)),
                        {Place::Tappet, ratio, lash});
}

MapFindings examined(const Job& job, const Findings& f, const ClearanceMap& map,
                     const std::vector<GapPoint>& before) {
    const auto run = runFor(f, map);
    const RunFindings* r = run ? &f.runs[*run] : nullptr;
    const int measured = r ? r->afterMove : 0;
    const LobePtr lobe = r ? LobePtr(f.alone[*run], &f.alone[*run]->lobe) : nullptr;
    return examineMap(job, map, lobe, movedBetween(job, map.side, measured, map.mockUp.afterMove),
                      movedSince(job, map.side, measured), f.tdc.uncertainty_deg(), before);
}

/// Whether two maps are passes of one valve, the engine and its cam as they were.
bool takenAlike(const ClearanceMap& a, const ClearanceMap& b) {
    const MockUp &m = a.mockUp, &n = b.mockUp;
    return a.cylinder == b.cylinder && a.side == b.side && m.method == ClearanceMethod::Map &&
           n.method == ClearanceMethod::Map && !m.isVoid && !n.isVoid &&
           m.afterMove == n.afterMove && m.gasketThen_mm == n.gasketThen_mm &&
           m.deckThen_mm == n.deckThen_mm && m.notchCut_mm == n.notchCut_mm;
}

/// What brings a map's points to where they stand before the valve's angle is fitted: a gasket left
/// out then counts by the usual one, in every pass alike.
double gasketBack_mm(const Job& job, const ClearanceMap& map, const MapFindings& found) {
    if (valveAngleOf(job, map)) return 0.0;
    double usual = 0.0, counted = 0.0;
    for (const Correction& c : correctionsOf(job, map, kUsualShare))
        if (c.kind == CorrectionKind::Gasket && c.on) usual = c.mm;
    for (const Correction& c : found.corrections)
        if (c.kind == CorrectionKind::Gasket && c.on) counted = c.mm;
    return usual - counted;
}

/// A pass among those before it: fitted together where their gaps agree, told where they do not.
void withPasses(const Job& job, const Findings& f, std::size_t i, std::vector<MapFindings>& all) {
    const auto& own = all[i].gap;
    if (!own) return;
    std::vector<GapPoint> before;
    std::optional<found::MapsApart> apart;
    int passes = 1;
    for (std::size_t k = 0; k < i; ++k) {
        if (!takenAlike(job.maps[k], job.maps[i]) || !all[k].gap) continue;
        const double mine = own->at(0.0), theirs = all[k].gap->at(0.0);
        const double known = std::hypot(own->plusMinus_mm(0.0), all[k].gap->plusMinus_mm(0.0));
        if (std::abs(mine - theirs) > std::max(job.maps[i].mockUp.tolerance_mm, known)) {
            apart = found::MapsApart{mine, theirs};
            continue;
        }
        const double back = gasketBack_mm(job, job.maps[k], all[k]);
        for (GapPoint p : all[k].points) {
            p.clearance_mm += back;
            before.push_back(p);
        }
        ++passes;
    }
    if (passes > 1) {
        all[i] = examined(job, f, job.maps[i], before);
        all[i].passes = passes;
    }
    if (apart)
        all[i].findings.push_back({*apart, Severity::LookAgain, all[i].side, all[i].cylinder});
}

/// Of the cams as they stand, said once, with the intake's newest map.
void valvesMeet(const Job& job, const Findings& f, std::vector<MapFindings>& all) {
    for (auto it = all.rbegin(); it != all.rend(); ++it) {
        if (it->side != Side::Intake || !it->current) continue;
        const auto least = valvesNow(job, f, it->cylinder);
        const double limit = job.reckoning.clearance.valves_mm;
        if (least && least->mm < limit)
            it->findings.push_back({found::ValvesMeet{least->mm, limit, {least->at_deg}},
                                    Severity::LookAgain, Side::Intake, it->cylinder});
        return;
    }
}

} // namespace

std::vector<MapFindings> clearanceMaps(const Job& job, const Findings& f) {
    std::vector<MapFindings> out;
    for (const ClearanceMap& map : job.maps)
        out.push_back(examined(job, f, map, {}));
    // From the newest back: what an earlier one has is its own.
    for (std::size_t i = out.size(); i-- > 0;) {
        withPasses(job, f, i, out);
        againstLimit(job, out[i]);
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
    valvesMeet(job, f, out);
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

std::optional<Least> valvesNow(const Job& job, const Findings& f, int cylinder, double intake_deg) {
    const CylinderFindings* c = f.cylinder(cylinder);
    if (!c || !c->run.intake || !c->run.exhaust || !job.engine.valves.rims_mm) return std::nullopt;
    const auto lift = [&](Side side) {
        const std::size_t i = *c->run[side];
        return valveLift(LobePtr(f.alone[i], &f.alone[i]->lobe), f.tdc.uncertainty_deg(),
                         movedSince(job, side, f.runs[i].afterMove));
    };
    const auto known = [&](Side side) {
        const LobeFigures& l = f.runs[*c->run[side]].lobe;
        return l.curve && l.noseReached;
    };
    if (!known(Side::Intake) || !known(Side::Exhaust)) return std::nullopt;
    return leastOfValves(job.engine.valves, lift(Side::Intake), lift(Side::Exhaust), intake_deg);
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
        cosine = std::cos(radians(*map.gap->valveAngle_deg()));
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
