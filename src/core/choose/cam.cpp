#include "core/choose/cam.h"

#include "core/assess/clearances.h"
#include "core/clearance/map.h"
#include "core/job/job.h"
#include "core/setting/setting.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

/// A model is written as readings this far apart, with some base circle either side.
constexpr double kModelStep_deg = 1.0, kBase_deg = 14.0;
/// Nothing lifts less than this at the valve behind its lash.
constexpr double kLifts_mm = 0.005;

class Builder {
public:
    Builder(const Job& job, const Findings& findings, const Candidate& spec)
        : job_(job), f_(findings), spec_(spec) {}

    Cam build() {
        Cam out;
        out.spec = spec_;
        Job made;
        made.engine = engine();
        static_cast<Stated&>(made) = static_cast<const Stated&>(job_);
        made.choosing = {};
        made.springs = {}; // what is left of room at its lift is the engine's to say
        made.pinned.clear();
        made.card = slim();
        for (Side side : {Side::Intake, Side::Exhaust}) {
            auto run = runOf(side, out);
            if (!run) continue;
            run->id = side == Side::Intake ? 1 : 2;
            run->cylinder = 1;
            run->side = side;
            made.runs.push_back(std::move(*run));
        }
        if (made.runs.empty()) return out;
        // Chambers by cylinder are the engine's: that of the cylinder compared stands first.
        const int compared = comparedCylinder(f_);
        made.engine.chamber = job_.engine.chamberOf(compared);
        made.engine.chambers.clear();
        out.state = examined(std::move(made));
        if (spec_.shorter_deg != 0.0) out.state = examined(shortened(*out.state));
        for (Side side : {Side::Intake, Side::Exhaust})
            liftOf(side, out);
        return out;
    }

private:
    Engine engine() const {
        Engine e = job_.engine;
        for (Side side : {Side::Intake, Side::Exhaust}) {
            if (spec_.ratio[side]) e.ratio[side] = *spec_.ratio[side];
            if (spec_.lash_mm[side]) e.lash_mm[side] = *spec_.lash_mm[side];
        }
        return e;
    }

    const Card* card() const {
        if (job_.card && job_.card->name == spec_.cam) return &*job_.card;
        for (const Card& c : job_.otherCards)
            if (c.name == spec_.cam) return &c;
        return nullptr;
    }

    /// What the closing by its maker needs, at the height all candidates are called at.
    std::optional<Card> slim() const {
        Card out;
        out.height = eventsHeight(job_);
        const Card* own = spec_.from == CamFrom::Fitted ? (job_.card ? &*job_.card : nullptr)
                          : spec_.from == CamFrom::Card ? card()
                                                        : nullptr;
        if (own) {
            out.name = own->name;
            out.centre = {cardCentre_deg(*own, Side::Intake), cardCentre_deg(*own, Side::Exhaust)};
            out.advertisedDuration = own->advertisedDuration;
            out.advertised = own->advertised;
        }
        return out;
    }

    std::optional<LiftRun> runOf(Side side, Cam& out) {
        switch (spec_.from) {
        case CamFrom::Fitted:
            return measured(side, out);
        case CamFrom::Card:
            return carded(side, out);
        case CamFrom::Table:
            break;
        }
        return kept(side, out);
    }

    std::optional<LiftRun> measured(Side side, Cam& out) {
        const CylinderFindings* c = f_.cylinder(comparedCylinder(f_));
        const RunFindings* found = c ? f_.of(*c, side) : nullptr;
        const LiftRun* run = nullptr;
        for (const LiftRun& r : job_.runs)
            if (found && r.id == found->run) run = &r;
        if (!run || !(found->lobe.maxLift_mm || found->lobe.eventsOnly)) {
            out.fault[side] = CamFault::NotMeasured;
            return std::nullopt;
        }
        out.since_deg[side] = movedSince(job_, side, found->afterMove);
        LiftRun copy = *run;
        if (job_.reckoning.averagePasses && found->passes && found->passes->runs.size() > 1)
            takeMean(copy, found->lobe);
        refit(copy, side);
        return copy;
    }

    /// The mean of several passes is the lobe where the job has it so, and not the newest of them.
    static void takeMean(LiftRun& run, const LobeFigures& lobe) {
        run.readings = {};
        for (const LiftPoint& p : lobe.points)
            read(run, p.deg, p.mm);
        run.terms.shift_deg = 0.0;
        run.terms.countsDown = false;
    }

    /// Another rocker or lash: what was read at the tappet stays; what was read at the valve is
    /// carried there by the old and back by the new.
    void refit(LiftRun& run, Side side) const {
        RunConditions& t = run.terms;
        if (!spec_.ratio[side] && !spec_.lash_mm[side]) return;
        const Taken before{Place::Tappet, t.ratioUsed(), t.lash_mm};
        const Taken after{Place::Tappet, spec_.ratio[side].value_or(before.ratio),
                          spec_.lash_mm[side].value_or(before.lash_mm)};
        if (t.taken == Place::Valve)
            for (Reading& r : run.readings.edit())
                if (r.of == ReadingOf::Lift && r.value_mm > kLifts_mm)
                    r.value_mm =
                        after.liftAt(Place::Valve, (r.value_mm + before.lash_mm) / before.ratio);
        t.ratio = after.ratio;
        t.lash_mm = after.lash_mm;
        t.measuredRatio = false;
    }

    /// The same form over fewer degrees, round its nose: by so much at the events' height, whether
    /// it was measured, is modelled from a card or was kept as a table.
    Job shortened(const Snapshot& whole) {
        Job out = whole.job;
        const CylinderFindings* c = whole.findings.cylinder(1);
        for (LiftRun& run : out.runs) {
            const RunFindings* found = c ? whole.findings.of(*c, run.side) : nullptr;
            if (!found || found->run != run.id) continue;
            const LobeFigures& lobe = found->lobe;
            const auto duration = lobe.atEventsHeight.duration_deg();
            if (!duration || !lobe.maxLiftAt || duration->value <= spec_.shorter_deg + 40.0)
                continue;
            Squeezed& by = squeezed_[run.side];
            by = {(duration->value - spec_.shorter_deg) / duration->value, lobe.maxLiftAt->deg};
            for (Reading& r : run.readings.edit())
                r.at.deg = by.nose_deg +
                           by.share * wrapCycle({r.at.deg + run.terms.shift_deg - by.nose_deg}).deg;
            run.terms.shift_deg = 0.0;
            run.terms.step_deg *= by.share;
        }
        return out;
    }

    std::optional<LiftRun> carded(Side side, Cam& out) {
        const Card* c = card();
        if (!c) {
            out.fault[side] = CamFault::NoSuchCard;
            return std::nullopt;
        }
        auto made = modelLobe(*c, side, job_.engine.ratio[side], job_.engine.lash_mm[side]);
        if (const auto* fault = std::get_if<ModelFault>(&made)) {
            out.fault[side] = *fault == ModelFault::NoLift     ? CamFault::NoLift
                              : *fault == ModelFault::NoEvents ? CamFault::NoEvents
                                                               : CamFault::NoLobe;
            return std::nullopt;
        }
        const auto lobe =
            std::make_shared<const ModelledLobe>(std::move(std::get<ModelledLobe>(made)));
        out.model[side] = lobe;
        LiftRun run;
        conditions(run, side);
        // The nose stands on a reading, so that the greatest lift is the card's.
        const auto from = std::floor((lobe->curve.first() - kBase_deg - lobe->nose_deg));
        const auto to = std::ceil((lobe->curve.last() + kBase_deg - lobe->nose_deg));
        for (double away = from; away <= to; away += kModelStep_deg)
            read(run, lobe->nose_deg + away, lobe->curve.at(lobe->nose_deg + away));
        return run;
    }

    std::optional<LiftRun> kept(Side side, Cam& out) {
        const auto& lobe = spec_.lobe[side];
        if (!lobe || lobe->deg.size() != lobe->mm.size() || lobe->deg.empty()) {
            out.fault[side] = CamFault::NotMeasured;
            return std::nullopt;
        }
        LiftRun run;
        conditions(run, side);
        // Read at the valve of another engine: back to the tappet by that one's rocker and lash.
        const double ratio = lobe->ratio > 0.0 ? lobe->ratio : 1.0;
        for (std::size_t i = 0; i < lobe->deg.size(); ++i) {
            const double mm = lobe->mm[i];
            const double tappet = lobe->at == Place::Tappet ? mm
                                  : mm > kLifts_mm          ? (mm + lobe->lash_mm) / ratio
                                                            : 0.0;
            read(run, lobe->deg[i], tappet);
        }
        return run;
    }

    void conditions(LiftRun& run, Side side) const {
        const Engine e = engine();
        run.terms.taken = Place::Tappet;
        // Neither a model nor a table bleeds down.
        const bool live = e.follower == Follower::Hydraulic;
        run.terms.follower = live ? Follower::HydraulicMadeSolid : e.follower;
        run.terms.ratio = e.ratio[side];
        run.terms.lash_mm = e.lash_mm[side];
        run.terms.step_deg = kModelStep_deg;
    }

    static void read(LiftRun& run, double deg, double mm) {
        Reading r;
        r.id = static_cast<std::int64_t>(run.readings.size()) + 1;
        r.at = {deg};
        r.value_mm = mm;
        run.readings.push_back(r);
    }

    void liftOf(Side side, Cam& out) const {
        const Findings& f = out.state->findings;
        const CylinderFindings* c = f.cylinder(1);
        if (!c || !c->run[side]) return;
        const std::size_t i = *c->run[side];
        const LobeFigures& lobe = f.runs[i].lobe;
        if (!lobe.curve || !lobe.noseReached) return;
        const Engine& e = out.state->job.engine;
        if (out.model[side])
            out.lift[side] = squeezed(
                modelledLift(out.model[side], {Place::Tappet, e.ratio[side], e.lash_mm[side]}),
                squeezed_[side]);
        else
            out.lift[side] = valveLift(f.lobeOfRun(i), f_.tdc.uncertainty_deg());
    }

    /// How a lobe was ground shorter: its degrees from the nose times the share.
    struct Squeezed {
        double share = 1.0, nose_deg = 0.0;
    };
    static ValveLift squeezed(ValveLift whole, Squeezed by) {
        if (by.share == 1.0) return whole;
        const auto wider = [by](std::function<double(double)> of) {
            return [of = std::move(of), by](double deg) {
                return of(by.nose_deg + wrapCycle({deg - by.nose_deg}).deg / by.share);
            };
        };
        whole.mm = wider(std::move(whole.mm));
        if (whole.plusMinus_mm) whole.plusMinus_mm = wider(std::move(whole.plusMinus_mm));
        return whole;
    }

    const Job& job_;
    const Findings& f_;
    const Candidate& spec_;
    PerSide<Squeezed> squeezed_;
};

} // namespace

const LobeFigures* Cam::lobe(Side side) const {
    if (!state) return nullptr;
    const CylinderFindings* c = state->findings.cylinder(1);
    const RunFindings* run = c ? state->findings.of(*c, side) : nullptr;
    return run ? &run->lobe : nullptr;
}

int comparedCylinder(const Findings& f) {
    int best = 1, most = -1;
    for (const CylinderFindings& c : f.cylinders) {
        const int known = (c.run.intake ? 1 : 0) + (c.run.exhaust ? 1 : 0);
        if (known > most) {
            most = known;
            best = c.cylinder;
        }
    }
    return best;
}

std::vector<Candidate> candidatesOf(const Job& job, const Findings& f) {
    std::vector<Candidate> out = job.choosing.candidates;
    if (out.size() > static_cast<std::size_t>(kMostCandidates))
        out.resize(static_cast<std::size_t>(kMostCandidates));
    if (!out.empty()) return out;
    const CylinderFindings* c = f.cylinder(comparedCylinder(f));
    const auto measured = [&](Side side) {
        const RunFindings* run = c ? f.of(*c, side) : nullptr;
        return run && (run->lobe.curve || run->lobe.eventsOnly) ? &run->lobe : nullptr;
    };
    const LobeFigures *in = measured(Side::Intake), *ex = measured(Side::Exhaust);
    const bool curves = (in && in->curve) || (ex && ex->curve);
    // Known by its events alone, its card makes more of it.
    const bool byCard = !curves && job.card && job.card->lift_mm.intake;
    if ((in || ex) && !byCard) {
        Candidate fitted;
        fitted.name = job.card && !job.card->name.empty() ? job.card->name : job.name;
        out.push_back(fitted);
    }
    const auto card = [&](const Card& x) {
        if (out.size() >= kMostCandidates || x.name.empty()) return;
        Candidate made;
        made.name = made.cam = x.name;
        made.from = CamFrom::Card;
        out.push_back(made);
    };
    if (out.empty() && job.card) card(*job.card);
    for (const Card& x : job.otherCards)
        card(x);
    return out;
}

Cam camOf(const Job& job, const Findings& findings, const Candidate& candidate) {
    return Builder(job, findings, candidate).build();
}

Candidate keptCam(const Job& job, const Findings& f, const std::string& name) {
    Candidate out;
    out.name = name;
    out.from = CamFrom::Table;
    out.origin = job.name;
    const CylinderFindings* c = f.cylinder(comparedCylinder(f));
    for (Side side : {Side::Intake, Side::Exhaust}) {
        const RunFindings* run = c ? f.of(*c, side) : nullptr;
        if (!run || run->lobe.fair.empty()) continue;
        KeptLobe lobe;
        lobe.at = run->lobe.taken.at;
        lobe.ratio = run->lobe.taken.ratio;
        lobe.lash_mm = run->lobe.taken.lash_mm;
        for (const LiftPoint& p : run->lobe.fair) {
            lobe.deg.push_back(p.deg);
            lobe.mm.push_back(p.mm);
        }
        out.lobe[side] = std::move(lobe);
    }
    return out;
}

} // namespace lobe
