#include "core/examine/examine.h"
#include "core/assess/clearances.h"
#include "core/job/job.h"

#include "core/angle/at_once.h"
#include "core/angle/processor.h"
#include "core/angle/wheel.h"
#include "core/assess/changes.h"
#include "core/assess/claims.h"
#include "core/assess/cross_checks.h"
#include "core/assess/examine_run.h"
#include "core/assess/figures.h"
#include "core/assess/need.h"
#include "core/assess/springs.h"
#include "core/assess/witnesses.h"
#include "core/job/card.h"
#include "core/route/plan.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace lobe {
namespace {

/// The same drift in two passes is in the cam and not in the stand.
void drifts(const std::vector<RunFindings*>& passes, RunFindings& newest) {
    const auto home = [](const Finding& f) -> std::optional<double> {
        if (const auto* open = f.as<found::ZeroNotHome>()) return open->home_mm;
        if (const auto* slip = f.as<found::ZeroSlipped>()) return slip->home_mm;
        return std::nullopt;
    };
    const auto find = [&](RunFindings& run) -> Finding* {
        for (Finding& f : run.lobe.findings)
            if (home(f)) return &f;
        return nullptr;
    };
    Finding* here = find(newest);
    if (!here) return;
    const double drift = *home(*here);
    for (RunFindings* other : passes) {
        const Finding* there = other == &newest ? nullptr : find(*other);
        if (!there || std::abs(*home(*there) - drift) > 0.01) continue;
        here->what = found::ZeroRunOut{drift, std::abs(drift)};
        return;
    }
}

/// What passes of a lobe say beside one another, and their mean in place of the newest if asked.
/// The last of `runs` is the newest.
void comparePassesOf(const Job& job, const std::vector<RunFindings*>& runs) {
    RunFindings& newest = *runs.back();
    std::vector<Pass> passes;
    for (const RunFindings* r : runs)
        passes.push_back({r->run, &r->lobe});
    std::vector<double> angles;
    for (const LiftReading& r : newest.readings)
        angles.push_back(r.at.deg);
    newest.passes = comparePasses(passes, readTo_deg(angles, {}));
    if (!newest.passes) return;
    drifts(runs, newest);
    const PassesFindings& p = *newest.passes;
    const int count = static_cast<int>(p.runs.size());
    const CrankDeg at{p.widest.deg};
    if (job.reckoning.averagePasses) {
        const LiftRun* run = nullptr;
        for (const LiftRun& r : job.runs)
            if (r.id == newest.run) run = &r;
        const LobeFigures own = newest.lobe;
        newest.lobe = analyseLobe(p.mean, requestFor(job, *run));
        std::vector<const LobeFigures*> each;
        for (const Pass& pass : passes)
            if (std::find(p.runs.begin(), p.runs.end(), pass.run) != p.runs.end())
                each.push_back(pass.run == newest.run ? &own : pass.lobe);
        widenByPasses(each, newest.lobe);
        newest.lobe.findings.push_back(
            {found::PassesMean{count}, Severity::Note, newest.side, newest.cylinder});
    }
    if (p.apart)
        newest.lobe.findings.push_back({found::PassesDiffer{count, at, p.widest.mm},
                                        Severity::LookAgain, newest.side, newest.cylinder});
    else
        newest.lobe.findings.push_back({found::PassesAgree{count, at, p.widest.mm}, Severity::Note,
                                        newest.side, newest.cylinder});
}

/// The same passes compared before; null when one of them is another.
std::shared_ptr<const Findings::Compared>
comparedBefore(const Before* before, const std::vector<std::shared_ptr<const RunFindings>>& passes,
               bool averaged) {
    if (before)
        for (const auto& c : before->findings.compared)
            if (c->averaged == averaged && c->passes == passes) return c;
    return nullptr;
}

/// Every lobe that has several passes.
void passes(const Job& job, const Before* before, Findings& out) {
    for (std::size_t i = 0; i < out.runs.size(); ++i) {
        RunFindings& newest = out.runs[i];
        if (!newest.current || newest.events) continue;
        std::vector<RunFindings*> runs;
        std::vector<std::shared_ptr<const RunFindings>> alone;
        for (std::size_t k = 0; k < out.runs.size(); ++k) {
            RunFindings& r = out.runs[k];
            // What was read before the cam was moved is another cam's.
            if (r.cylinder == newest.cylinder && r.side == newest.side && !r.events &&
                r.afterMove == newest.afterMove && r.lobe.noseReached) {
                runs.push_back(&r);
                alone.push_back(out.alone[k]);
            }
        }
        if (runs.size() < 2 || runs.back() != &newest) continue;
        const bool averaged = job.reckoning.averagePasses;
        auto known = comparedBefore(before, alone, averaged);
        if (known) {
            const bool outdated = newest.outdated;
            newest = known->newest;
            newest.outdated = outdated;
        } else {
            comparePassesOf(job, runs);
            known = std::make_shared<const Findings::Compared>(
                Findings::Compared{std::move(alone), averaged, newest});
        }
        out.compared.push_back(std::move(known));
    }
}

using LobeAt = std::pair<int, Side>;

/// How a lobe was taken, the way that says most last; `Nothing` while it says nothing yet.
enum class Way { Nothing, Centre, Events, Curve };
Way wayOf(const RunFindings& r) {
    if (!r.events) return r.lobe.noseReached ? Way::Curve : Way::Nothing;
    if (!r.lobe.noseReached) return Way::Nothing;
    return r.lobe.heights.empty() ? Way::Centre : Way::Events;
}

/// Of what was taken of a lobe at its newest setting, the way that says most; the others stand
/// beside it as witnesses. Of one way the newest counts.
std::map<LobeAt, RunFindings*> currentRuns(const Job& job, Findings& out) {
    std::map<LobeAt, RunFindings*> current;
    std::map<LobeAt, std::map<Way, RunFindings*>> ways;
    for (RunFindings& r : out.runs)
        if (r.live > 0) current[{r.cylinder, r.side}] = &r;
    for (RunFindings& r : out.runs)
        if (r.live > 0 && r.afterMove == current[{r.cylinder, r.side}]->afterMove)
            ways[{r.cylinder, r.side}][wayOf(r)] = &r;
    for (auto& [key, run] : current) {
        const auto& taken = ways[key];
        // A curve begun anew counts from its first reading, as the newest of its way.
        if (wayOf(*run) == Way::Nothing && !run->events) continue;
        if (!taken.empty()) run = taken.rbegin()->second;
        for (const auto& [way, other] : taken)
            other->witness = other != run && way != Way::Nothing;
    }
    for (auto& [key, run] : current) {
        run->current = true;
        run->outdated = measuredBefore(job, run->afterMove, run->side);
    }
    return current;
}

/// What was made of the passes of a run; null where there is one.
const Findings::Compared* comparedOf(const Findings& f, std::size_t run) {
    for (const auto& c : f.compared)
        if (c->newest.run == f.runs[run].run) return c.get();
    return nullptr;
}

/// Whether the same witnesses came out as they did before.
bool asBefore(const Findings& now, const std::vector<std::size_t>& is, const Findings& was,
              const std::vector<std::size_t>& then) {
    return is.size() == then.size() &&
           std::equal(is.begin(), is.end(), then.begin(),
                      [&](std::size_t a, std::size_t b) { return now.alone[a] == was.alone[b]; });
}

/// Whether a run came out as it did before, its other passes taken in.
bool asBefore(const Findings& now, std::optional<std::size_t> run, const Findings& was,
              std::optional<std::size_t> then) {
    if (!run || !then) return !run && !then;
    return now.alone[*run] == was.alone[*then] &&
           now.runs[*run].outdated == was.runs[*then].outdated &&
           comparedOf(now, *run) == comparedOf(was, *then);
}

/// Of both lobes of a cylinder.
bool asBefore(const Findings& now, const CylinderFindings& c, const Findings& was,
              const CylinderFindings& then) {
    return asBefore(now, c.run.intake, was, then.run.intake) &&
           asBefore(now, c.run.exhaust, was, then.run.exhaust) &&
           asBefore(now, c.witnesses.intake, was, then.witnesses.intake) &&
           asBefore(now, c.witnesses.exhaust, was, then.witnesses.exhaust);
}

void cylinders(const Job& job, const Before* before, const std::map<LobeAt, RunFindings*>& current,
               Findings& out) {
    std::map<int, CylinderFindings> byCylinder;
    for (const auto& [key, run] : current) {
        CylinderFindings& c = byCylinder[key.first];
        c.cylinder = key.first;
        c.run[key.second] = static_cast<std::size_t>(run - out.runs.data());
    }
    for (std::size_t i = 0; i < out.runs.size(); ++i)
        if (const RunFindings& r = out.runs[i]; r.witness)
            byCylinder[r.cylinder].witnesses[r.side].push_back(i);
    for (auto& [number, c] : byCylinder)
        for (Side side : {Side::Intake, Side::Exhaust})
            if (c.run[side] && !c.witnesses[side].empty())
                holdWitnesses(out, *c.run[side], c.witnesses[side]);
    for (auto& [number, c] : byCylinder) {
        const RunFindings *in = out.intake(c), *ex = out.exhaust(c);
        // One lobe measured since the cam was moved and the other before: no pair.
        const CylinderFindings* then = before ? before->findings.cylinder(number) : nullptr;
        if (then && then->pair && before->job.reckoning.school == job.reckoning.school &&
            asBefore(out, c, before->findings, *then))
            c.pair = then->pair;
        else if (in && ex && in->outdated == ex->outdated)
            c.pair = analysePair(in->lobe, ex->lobe, job.reckoning.school, Place::Valve);
        out.cylinders.push_back(c);
    }
}

Explanation explained(const Job& job, const Findings& f, const CylinderFindings& c,
                      double tdc_deg) {
    ExplainRequest request;
    const RunFindings *in = f.intake(c), *ex = f.exhaust(c);
    // What was measured before the cam was moved says nothing of where it stands.
    request.intake = in && !in->outdated ? &in->lobe : nullptr;
    request.exhaust = ex && !ex->outdated ? &ex->lobe : nullptr;
    if (job.card) request.card = *job.card;
    request.engine = job.engine;
    request.tdc_deg = tdc_deg;
    request.otherCards = job.otherCards;
    for (const RunFindings* run : {in, ex})
        for (const LiftRun& r : job.runs)
            if (run && r.id == run->run && r.terms.taken == Place::Valve &&
                r.terms.spring == Spring::Running)
                request.runningSpring = true;
    if (job.card) return explain(request);
    // No card came with the cam: only which one it looks like.
    Explanation unknown;
    unknown.looksLike = likeliestCard(request);
    return unknown;
}

/// The explanation of a cylinder found before, where nothing it stands on has changed: the same
/// runs (what was found of them is shared), card, engine and TDC.
std::optional<Explanation> explainedBefore(const Before& before, const Job& job, const Findings& f,
                                           const CylinderFindings& c) {
    const Findings& was = before.findings;
    const CylinderFindings* then = was.cylinder(c.cylinder);
    if (!then || !then->explanation || before.job.card != job.card ||
        before.job.otherCards != job.otherCards || !(before.job.engine == job.engine) ||
        was.tdc.uncertainty_deg() != f.tdc.uncertainty_deg())
        return std::nullopt;
    if (!asBefore(f, c, was, *then)) return std::nullopt;
    Explanation out = *then->explanation;
    // Twist is said anew of every examination.
    std::erase_if(out.causes, [](const Cause& x) { return x.kind == CauseKind::Twist; });
    return out;
}

/// Once a volume is given: with the closing by the chosen school, or, while that is not known, for
/// the static ratio alone, as closed at BDC.
void compressions(const Job& job, Findings& out) {
    const RunFindings* first = out.cylinders.empty() ? nullptr : out.intake(out.cylinders.front());
    const LobeFigures* intake = first && !first->outdated ? &first->lobe : nullptr;
    out.closings = closings(job, intake, out.tdc.uncertainty_deg());
    if (!out.cylinders.empty()) out.compressionCylinder = out.cylinders.front().cylinder;
    const int cylinder = out.compressionCylinder;
    if (!(job.engine.chamberOf(cylinder).chamber_cc > 0.0)) return;
    const Closing& chosen = out.closings.by(job.reckoning.closing);
    out.compression = compression(stateOf(job, cylinder, chosen.deg.value_or(0.0), 0.0),
                                  job.reckoning.altitude_m, job.reckoning.exponent);
}

/// What anybody would want to know of before the engine runs.
void springs(const Job& job, const Before* before, Findings& out) {
    out.springs = springClaim(job, out, {}, before);
    const SpringClaim& s = out.springs;
    for (const SpringMargin& m : s.margins)
        if (!m.keeps())
            out.all.push_back({found::SpringRoomShort{m.room, m.left_mm, m.limit_mm, m.most_mm},
                               Severity::LookAgain, m.valve.side, m.valve.cylinder});
    for (const SpringOfSet& one : s.set)
        if (one.odd)
            out.all.push_back(
                {found::SpringOdd{one.spring, one.load_n, one.off}, Severity::LookAgain});
}

} // namespace

/// What was found of a run before, where nothing it stands on has changed; else null.
/// `alike`: every run is asked for the same heights, by the same reckoning, as it was.
static const std::shared_ptr<const RunFindings>* taken(const Before& before, const Job& job,
                                                       const LiftRun& run, bool alike) {
    const auto& was = before.job.runs;
    for (std::size_t i = 0; i < was.size() && i < before.findings.alone.size(); ++i) {
        if (was[i].id != run.id) continue;
        if (!(was[i] == run)) return nullptr;
        if (!alike && requestFor(before.job, was[i]) != requestFor(job, run)) return nullptr;
        // The events of a run are asked for and judged by the card.
        if (run.terms.eventsOnly && before.job.card != job.card) return nullptr;
        return &before.findings.alone[i];
    }
    return nullptr;
}

Findings examine(const Job& job, const Before* before) {
    letGoOfVectors();
    Findings out;
    out.tdc = examineTdc(job.contacts, tdcContext(job));
    out.alone.resize(job.runs.size());
    std::vector<std::size_t> fresh;
    const bool alike =
        before && before->job.reckoning == job.reckoning && before->job.card == job.card;
    for (std::size_t i = 0; i < job.runs.size(); ++i) {
        const auto* known = before ? taken(*before, job, job.runs[i], alike) : nullptr;
        if (known)
            out.alone[i] = *known;
        else
            fresh.push_back(i);
    }
    atOnce(fresh.size(), [&](std::size_t k) {
        out.alone[fresh[k]] =
            std::make_shared<const RunFindings>(examineRun(job, job.runs[fresh[k]]));
    });
    out.runs.reserve(job.runs.size());
    for (const auto& run : out.alone)
        out.runs.push_back(*run);
    const auto current = currentRuns(job, out);
    passes(job, before, out);
    cylinders(job, before, current, out);

    tdcMoved(job, out.tdc, out.tdc.findings);
    topAgainstLobes(job, out, out.tdc.findings);
    out.all = out.tdc.findings;
    if (!out.cylinders.empty() && out.tdc.state == TdcState::NotBegun)
        out.all.push_back({found::TdcNotTaken{}, Severity::Ask});
    for (const RunFindings& run : out.runs)
        if (run.current || run.witness)
            out.all.insert(out.all.end(), run.lobe.findings.begin(), run.lobe.findings.end());
    for (CylinderFindings& c : out.cylinders) {
        if (job.card || !job.otherCards.empty()) {
            if (before) c.explanation = explainedBefore(*before, job, out, c);
            if (!c.explanation) c.explanation = explained(job, out, c, out.tdc.uncertainty_deg());
        }
        if (c.pair) out.all.insert(out.all.end(), c.pair->findings.begin(), c.pair->findings.end());
        for (LobeClaim& claim : lobeClaims(job, out, c))
            out.lobes.push_back(std::move(claim));
        againstCard(job, out, c, out.all);
    }
    twist(job, out, out.all);
    twistCauses(out.all, out);
    for (CylinderFindings& c : out.cylinders)
        c.figures = figuresOf(job, out, c);
    compressions(job, out);
    out.squeeze = compressionClaim(job, out);
    out.maps = clearanceMaps(job, out);
    out.clearance = clearanceClaims(job, out);
    for (const MapFindings& m : out.maps)
        if (m.current) out.all.insert(out.all.end(), m.findings.begin(), m.findings.end());
    springs(job, before, out);
    out.need = need(job, out);
    out.changes = checkChanges(job, out, before);
    out.plan = plan(job, out);
    return out;
}

} // namespace lobe
