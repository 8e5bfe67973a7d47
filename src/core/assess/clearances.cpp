#include "core/assess/clearances.h"

#include "core/clearance/valves.h"
#include "core/drive/choices.h"
#include "core/job/card.h"
#include "core/job/job.h"
#include "core/lobe/run.h"
#include "core/model/modelled.h"
#include "core/setting/setting.h"

#include <algorithm>
#include <cmath>
#include <set>

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
        if (r.cylinder == map.cylinder && r.afterMove == map.terms.afterMove) same = i;
    }
    return same ? same : newest;
}

/// Whether other phases and cams can be said from it.
bool stands(const MapFindings& map) {
    return map.gap && map.lift && map.state != MapState::Void;
}

/// Ways of measuring the same valve that lie apart by more than they are known.
void waysApart(MapFindings& map, const std::vector<MapFindings>& all, const Job& job) {
    const auto how = [&](const MapFindings& m) {
        for (const ClearanceMap& each : job.maps)
            if (each.id == m.map) return each.terms.method;
        return ClearanceMethod::Map;
    };
    if (how(map) != ClearanceMethod::Map || !map.measured) return;
    constexpr double kTold_mm = 0.15;
    for (const MapFindings& other : all) {
        const ClearanceMethod way = how(other);
        if (&other == &map || other.cylinder != map.cylinder || other.side != map.side ||
            way == ClearanceMethod::Map || !other.measured)
            continue;
        const double mine = map.measured->least.mm, theirs = other.measured->least.mm;
        if (std::abs(mine - theirs) > kTold_mm)
            map.findings.push_back({found::WaysApart{mine, theirs, way == ClearanceMethod::Clay},
                                    Severity::LookAgain, map.side, map.cylinder});
    }
}

/// What a map says of the valve as its cam stands, and how; empty where it says nothing of now.
struct Said {
    Measured<double> mm;
    std::optional<double> at_deg;
    bool least = true; ///< else it may be nearer elsewhere
};
std::optional<Said> saidBy(const MapFindings& m, ClearanceMethod how) {
    if (m.state == MapState::Void) return std::nullopt;
    if (m.predicted) return Said{m.predicted->mm, m.predicted->at_deg, true};
    if (!m.measured) return std::nullopt;
    Measured<double> mm = m.measured->least.mm;
    if (m.state == MapState::Carried) {
        // Another gasket raises all alike; a cam that was moved is followed by a gap alone.
        if (m.raised_mm == 0.0) return std::nullopt;
        mm.value += m.raised_mm;
    }
    const bool clay = how == ClearanceMethod::Clay;
    return Said{mm, clay ? std::nullopt : std::optional(m.measured->least.at_deg),
                clay || !m.measured->atEdge};
}

/// A card's lobe in this engine. A card without a lift is given that of the lobe that is measured.
std::optional<ValveLift> modelled(const Job& job, Side side, const LobeFigures* own, Card card,
                                  double advance_deg = 0.0) {
    const double ratio = job.engine.ratio[side];
    if (!card.lift_mm[side] && own && own->maxLiftAt) {
        card.lift_mm[side] = own->liftAt(*own->maxLiftAt, Place::Tappet);
        card.liftAt = Place::Tappet;
    }
    const double lash = job.engine.lash_mm[side];
    auto made = modelLobe(card, side, ratio, lash);
    auto* lobe = std::get_if<ModelledLobe>(&made);
    if (!lobe) return std::nullopt;
    return modelledLift(std::make_shared<const ModelledLobe>(std::move(*lobe)),
                        {Place::Tappet, ratio, lash}, advance_deg);
}

MapFindings examined(const Job& job, const Findings& f, const ClearanceMap& map,
                     const std::vector<GapPoint>& before) {
    const auto run = runFor(f, map);
    const RunFindings* r = run ? &f.runs[*run] : nullptr;
    const int measured = r ? r->afterMove : 0;
    MapLift lift;
    if (r) {
        lift.lobe = f.lobeOfRun(*run);
    } else if (job.card) {
        // By the card's own timing: what was moved since counts from there.
        const auto at = [&](int change) {
            return modelled(job, map.side, nullptr, *job.card,
                            movedBetween(job, map.side, 0, change))
                .value_or(ValveLift{});
        };
        lift.then = at(map.terms.afterMove);
        lift.now = at(lastMove(job));
    }
    return examineMap(job, map, lift, movedBetween(job, map.side, measured, map.terms.afterMove),
                      movedSince(job, map.side, measured), f.tdc.uncertainty_deg(), before);
}

/// Whether two maps are passes of one valve, the engine and its cam as they were.
bool takenAlike(const ClearanceMap& a, const ClearanceMap& b) {
    const MockUp &m = a.terms, &n = b.terms;
    return a.cylinder == b.cylinder && a.side == b.side && m.method == ClearanceMethod::Map &&
           n.method == ClearanceMethod::Map && !m.isVoid && !n.isVoid &&
           m.afterMove == n.afterMove && m.gasketThen_mm == n.gasketThen_mm &&
           m.deckThen_mm == n.deckThen_mm && m.notchCut_mm == n.notchCut_mm;
}

/// What brings a map's points to where they stand before the share is fitted: a gasket left out
/// then counts by the assumed one.
double gasketBack_mm(const Job& job, const ClearanceMap& map, const MapFindings& found) {
    double assumed = 0.0, counted = 0.0;
    for (const Correction& c : correctionsOf(job, map, assumedShare(job, map)))
        if (c.kind == CorrectionKind::Gasket && c.on) assumed = c.mm;
    for (const Correction& c : found.corrections)
        if (c.kind == CorrectionKind::Gasket && c.on) counted = c.mm;
    return assumed - counted;
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
        if (std::abs(mine - theirs) > std::max(job.maps[i].terms.tolerance_mm, known)) {
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

ClearanceMethod methodOf(const Job& job, const MapFindings& m) {
    for (const ClearanceMap& each : job.maps)
        if (each.id == m.map) return each.terms.method;
    return ClearanceMethod::Map;
}

/// Everything that was taken of a valve, and over everything its cam may do.
ClearanceClaim claimOf(const Job& job, const std::vector<MapFindings>& maps, int cylinder,
                       Side side) {
    ClearanceClaim out;
    out.cylinder = cylinder;
    out.side = side;
    out.limit_mm = job.reckoning.clearance.least_mm[side];
    out.accepted = !job.reckoning.clearance.below[side].empty();
    const Travel travel = travelOf(job, side);
    out.moves = travel.moves();
    bool any = false, gone = false, isLeast = false;
    const MapFindings* gap = nullptr;
    for (const MapFindings& m : maps) {
        if (m.cylinder != cylinder || m.side != side || m.points.empty() || !m.current) continue;
        any = true;
        const auto said = saidBy(m, methodOf(job, m));
        if (!said) {
            gone = gone || m.state != MapState::Same;
            continue;
        }
        out.maps.push_back(m.map);
        if (stands(m)) gap = &m;
        // The smaller leads; the other is shown where the two are not told to be one.
        constexpr double kTold_mm = 0.15;
        if (out.least_mm && std::abs(out.least_mm->value - said->mm.value) > kTold_mm)
            out.otherWay_mm = out.least_mm->value > said->mm.value ? *out.least_mm : said->mm;
        isLeast = isLeast || said->least;
        if (out.least_mm && out.least_mm->value <= said->mm.value) continue;
        out.least_mm = said->mm;
        out.at_deg = said->at_deg;
    }
    if (gap && out.moves) {
        const LeastOver over = leastOver(*gap->gap, gap->lift, 0.0, travel);
        out.overTravel = {over.least.mm, over.least.at_deg, over.move_deg};
        // What another way says of it as it stands counts over the travel too.
        const double off = gap->predicted->mm.value - out.least_mm->value;
        if (off > 0.0) out.overTravel->least_mm.value -= off;
    }
    if (const double tooth = tooth_deg(job.engine.drive); gap && tooth > 0.0)
        for (double move : {-tooth, tooth}) {
            const LeastOver at = leastOver(*gap->gap, gap->lift, move, travel);
            if (out.toothOut && out.toothOut->least_mm.value <= at.least.mm.value) continue;
            out.toothOut = {at.least.mm, at.least.at_deg, move};
        }
    out.modelled = gap && gap->modelled;
    const auto worst = out.worst_mm();
    if (!worst) {
        out.needs = !any   ? ClearanceNeed::Presses
                    : gone ? ClearanceNeed::Again
                           : ClearanceNeed::Beyond;
        return out;
    }
    out.atMost = !isLeast;
    const double surely = worst->value - worst->plusMinus.value_or(0.0);
    out.needs = ClearanceNeed::Nothing;
    if (worst->value <= 0.0)
        out.verdict = ClearanceVerdict::Touches;
    else if (worst->value < out.limit_mm)
        out.verdict = ClearanceVerdict::Under;
    else if (!isLeast)
        out.needs = ClearanceNeed::Beyond;
    else if (out.moves && !out.overTravel)
        out.needs = ClearanceNeed::Lobe;
    else if (surely < out.limit_mm)
        out.needs = ClearanceNeed::Sharper;
    else
        out.verdict = ClearanceVerdict::Keeps;
    return out;
}

void against(MapFindings& map, const ClearanceClaim& claim) {
    const Severity how = claim.accepted ? Severity::Note : Severity::LookAgain;
    const auto say = [&](found::Any what) {
        map.findings.push_back({std::move(what), how, map.side, map.cylinder});
    };
    if (claim.least_mm && *claim.least_mm < claim.limit_mm)
        say(found::ClearanceUnder{
            *claim.least_mm, claim.limit_mm, {claim.at_deg.value_or(0.0)}, claim.accepted});
    else if (claim.overTravel && claim.overTravel->least_mm < claim.limit_mm)
        say(found::ClearanceOverTravel{claim.overTravel->least_mm,
                                       claim.limit_mm,
                                       {claim.overTravel->at_deg},
                                       claim.overTravel->move_deg});
}

} // namespace

std::vector<MapFindings> clearanceMaps(const Job& job, const Findings& f) {
    std::vector<MapFindings> out;
    for (const ClearanceMap& map : job.maps)
        out.push_back(examined(job, f, map, {}));
    // From the newest back: what an earlier one has is its own.
    for (std::size_t i = out.size(); i-- > 0;)
        withPasses(job, f, i, out);
    for (std::size_t i = 0; i < out.size(); ++i) {
        waysApart(out[i], out, job);
        if (out[i].points.empty()) continue;
        for (std::size_t k = 0; k < i; ++k)
            if (out[k].cylinder == out[i].cylinder && out[k].side == out[i].side &&
                job.maps[k].terms.method == job.maps[i].terms.method)
                out[k].current = false;
        out[i].current = true;
    }
    valvesMeet(job, f, out);
    for (MapFindings& map : out)
        if (map.current) against(map, claimOf(job, out, map.cylinder, map.side));
    return out;
}

std::vector<ClearanceClaim> clearanceClaims(const Job& job, const Findings& f) {
    std::vector<ClearanceClaim> out;
    std::set<int> cylinders;
    for (const MapFindings& m : f.maps)
        if (!m.points.empty()) cylinders.insert(m.cylinder);
    for (int cylinder : cylinders)
        for (Side side : {Side::Intake, Side::Exhaust})
            out.push_back(claimOf(job, f.maps, cylinder, side));
    return out;
}

const ClearanceClaim* Findings::clearanceOf(Side side, int cylinder) const {
    const auto grave = [](const ClearanceClaim& c) {
        return c.verdict == ClearanceVerdict::Touches    ? 0
               : c.verdict == ClearanceVerdict::Under    ? 1
               : c.verdict == ClearanceVerdict::NotKnown ? 2
                                                         : 3;
    };
    const ClearanceClaim* lead = nullptr;
    for (const ClearanceClaim& c : clearance) {
        if (c.side != side || (cylinder != 0 && c.cylinder != cylinder)) continue;
        // A valve of which nothing was pressed leads only where all are so.
        const bool none = c.needs == ClearanceNeed::Presses;
        if (!lead) {
            lead = &c;
            continue;
        }
        const bool leadNone = lead->needs == ClearanceNeed::Presses;
        if (none != leadNone ? leadNone
                             : std::pair(grave(c), c.worst_mm().value_or(1e9).value) <
                                   std::pair(grave(*lead), lead->worst_mm().value_or(1e9).value))
            lead = &c;
    }
    return lead;
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
    return leastOver(*map->gap, map->lift, advance_deg, map->travel).least;
}

std::optional<Measured<double>> leastNow(const Findings& f, Side side, double advance_deg) {
    const auto least = leastWhere(f, side, advance_deg);
    return least ? std::optional(least->mm) : std::nullopt;
}

std::optional<AdvanceWindow> windowNow(const Job& job, const Findings& f, Side side) {
    const MapFindings* map = mapOf(f, side);
    if (!map || !stands(*map)) return std::nullopt;
    return windowOf(*map->gap, map->lift, job.reckoning.clearance.least_mm[side], map->travel);
}

std::vector<OtherCam> otherCams(const Job& job, const Findings& f, const MapFindings& map) {
    std::vector<OtherCam> out;
    if (!map.lobe) return out;
    const auto card = [&](const Card& c) {
        if (auto lift = modelled(job, map.side, map.lobe.get(), c))
            out.push_back({c.name, true, std::move(*lift)});
    };
    for (const Card& c : job.otherCards)
        card(c);
    if (job.card) card(*job.card);
    for (std::size_t i = 0; i < f.runs.size(); ++i) {
        const RunFindings& r = f.runs[i];
        if (r.side == map.side && r.current && !r.outdated && r.cylinder != map.cylinder &&
            r.lobe.noseReached && r.lobe.curve)
            out.push_back({std::to_string(r.cylinder), false,
                           valveLift(f.lobeOfRun(i), f.tdc.uncertainty_deg())});
    }
    return out;
}

std::optional<Least> valvesNow(const Job& job, const Findings& f, int cylinder, double intake_deg) {
    const CylinderFindings* c = f.cylinder(cylinder);
    if (!c || !c->run.intake || !c->run.exhaust || !job.engine.valves.rims_mm) return std::nullopt;
    const auto lift = [&](Side side) {
        const std::size_t i = *c->run[side];
        return valveLift(f.lobeOfRun(i), f.tdc.uncertainty_deg(),
                         movedSince(job, side, f.runs[i].afterMove));
    };
    const auto known = [&](Side side) {
        const LobeFigures& l = f.runs[*c->run[side]].lobe;
        return l.curve && l.noseReached;
    };
    if (!known(Side::Intake) || !known(Side::Exhaust)) return std::nullopt;
    return leastOfValves(job.engine.valves, lift(Side::Intake), lift(Side::Exhaust), intake_deg);
}

std::optional<Remedy> remedyFor(const Job& job, const Findings& f, const MapFindings& map) {
    const double limit = job.reckoning.clearance.least_mm[map.side];
    const ClearanceClaim* claim = f.clearanceOf(map.side, map.cylinder);
    const auto worst = claim ? claim->worst_mm() : std::nullopt;
    if (!worst || *worst >= limit) return std::nullopt;
    Remedy out;
    out.lacking_mm = limit - *worst;
    // A notch, or a gasket, goes along the bore; what of it counts along the valve the presses say.
    const double share = map.gap ? std::min(1.0, map.gap->share()) : 1.0;
    out.notch_mm = out.gasket_mm = out.lacking_mm / share;
    const ClearanceLimits& limits = job.reckoning.clearance;
    if (limits.crown_mm > 0.0) out.crownLeft_mm = limits.crown_mm - out.notch_mm;
    if (const auto window =
            stands(map) ? windowOf(*map.gap, map.lift, limit, map.travel) : std::nullopt) {
        out.advance_deg = window->from_deg > 0.0 ? window->from_deg : window->to_deg;
        // One lobe alone moved on its shaft moves the separation by half of it, in cam degrees.
        out.separation_deg = std::abs(*out.advance_deg) / 2.0;
    }
    const Closing& closing = f.closings.by(job.reckoning.closing);
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
