#include "core/assess/need.h"

#include "core/angle/usual.h"
#include "core/assess/clearances.h"
#include "core/compression/compression.h"
#include "core/job/card.h"
#include "core/job/job.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

const CylinderFindings* firstOf(const Findings& f) {
    return f.cylinders.empty() ? nullptr : &f.cylinders.front();
}

const LobeFigures* lobeOf(const Findings& f, const CylinderFindings* c, Side side) {
    const RunFindings* run = c ? f.of(*c, side) : nullptr;
    // Measured before the cam was moved, it says nothing of where the cam stands.
    return run && !run->outdated ? &run->lobe : nullptr;
}

std::optional<CrankDeg> eventOf(const LobeFigures* lobe, const Height& height, Event event) {
    const HeightEvents* e = lobe ? lobe->events(height) : nullptr;
    if (!e) return std::nullopt;
    return event == opening(lobe->side) ? e->opens : e->closes;
}

double centreUncertainty(const Job& job, const Findings& f, const LobeFigures& lobe) {
    const auto own = halfWidthOf(lobe.centre(job.reckoning.school));
    return std::hypot(own.value_or(kLeastTold_deg), f.tdc.uncertainty_deg());
}

class NeedOf {
public:
    NeedOf(const Job& job, const Findings& f)
        : job_(job),
          f_(f),
          c_(firstOf(f)),
          in_(lobeOf(f, c_, Side::Intake)),
          ex_(lobeOf(f, c_, Side::Exhaust)),
          two_(job.engine.layout == Layout::TwinOverheadCam) {}

    Need find() {
        switch (job_.trial.target.kind) {
        case TargetKind::CardCentre:
            card(0.0);
            break;
        case TargetKind::CardPlus:
            card(job_.trial.target.plus_deg);
            break;
        case TargetKind::Centres:
            centres();
            break;
        case TargetKind::EventAt:
            event();
            break;
        case TargetKind::Separation:
            separation();
            break;
        case TargetKind::Dynamic:
            dynamic();
            break;
        case TargetKind::Clearance:
            clearance();
            break;
        }
        if (!settled()) {
            need_ = {};
            need_.fault = NeedFault::SettleFirst;
        }
        const RunFindings *in = c_ ? f_.intake(*c_) : nullptr, *ex = c_ ? f_.exhaust(*c_) : nullptr;
        const bool outdated = (in && in->outdated) || (ex && ex->outdated);
        if (outdated && need_.fault && *need_.fault != NeedFault::SeparationFixed)
            need_.fault = NeedFault::MovedSince;
        return need_;
    }

private:
    void fail(NeedFault fault) { need_.fault = fault; }

    /// Whether what is measured can be what it is taken for at all: no cam is moved by what no cam
    /// ever stands off by.
    bool settled() const {
        for (const auto& deg : {need_.move_deg.intake, need_.move_deg.exhaust})
            if (deg && std::abs(*deg) > kMostOff_deg) return false;
        return !c_ || !c_->explanation || c_->explanation->causes.empty() ||
               !isGross(c_->explanation->causes.front().kind);
    }

    void card(double plus) {
        if (!in_ && !ex_) return fail(NeedFault::NoLobe);
        if (!job_.card) return fail(NeedFault::NoCard);
        const auto in = shift(in_), ex = shift(ex_);
        if (in) need_.byIntake_deg = *in + plus;
        if (in && ex) need_.split_deg = (*in + *ex) / 2.0 + plus;
        if (c_->explanation && !c_->explanation->events.empty()) {
            // Events that the card never stated are no evidence, unless there is nothing else.
            double sum[2] = {0.0, 0.0};
            int n[2] = {0, 0};
            for (const EventAgainstCard& e : c_->explanation->events) {
                sum[e.derived] += e.difference_deg();
                ++n[e.derived];
            }
            const int which = n[0] > 0 ? 0 : 1;
            need_.allEvents_deg = sum[which] / n[which] + plus;
        }
        for (const LobeFigures* lobe : {in_, ex_})
            need_.uncertainty_deg = std::max(need_.uncertainty_deg, shiftDoubt(lobe));
        const NeedFault none =
            oneEventAlone(in_) || oneEventAlone(ex_) ? NeedFault::NoEvent : NeedFault::NoCard;
        // As its card has it, a cam is not moved for what two of one grinding differ by.
        need_.asCard = plus == 0.0;
        for (const LobeFigures* lobe : {in_, ex_})
            if (const LobeClaim* claim = lobe ? f_.lobeClaim(c_->cylinder, lobe->side) : nullptr;
                claim && (two_ || lobe->side == Side::Intake || bothCount()))
                need_.asCard = need_.asCard && claim->standing == Standing::Right;
        if (two_) {
            const Target& t = job_.trial.target;
            const double plusExhaust =
                t.kind == TargetKind::CardPlus ? t.plusExhaust_deg.value_or(plus) : plus;
            if (in) need_.move_deg.intake = *in + plus;
            if (ex) need_.move_deg.exhaust = *ex + plusExhaust;
            if (!in && !ex) fail(none);
            return;
        }
        switch (job_.trial.target.school) {
        case SetSchool::ByIntake:
            need_.move_deg.intake = need_.byIntake_deg;
            break;
        case SetSchool::SplitDifference:
            need_.move_deg.intake = need_.split_deg;
            break;
        case SetSchool::AllEvents:
            need_.move_deg.intake = need_.allEvents_deg;
            break;
        }
        const bool both = job_.trial.target.school == SetSchool::SplitDifference;
        if (!need_.move_deg.intake) fail(!in_ || (both && !ex_) ? NeedFault::NoLobe : none);
    }

    bool bothCount() const { return job_.trial.target.school != SetSchool::ByIntake; }
    /// How far a lobe is from its card, by the claim every surface says.
    std::optional<double> shift(const LobeFigures* lobe) const {
        const LobeClaim* claim = lobe ? f_.lobeClaim(c_->cylinder, lobe->side) : nullptr;
        if (!claim || !claim->late_deg || claim->needs == StandingNeed::OtherEvent)
            return std::nullopt;
        return double(*claim->late_deg);
    }
    double shiftDoubt(const LobeFigures* lobe) const {
        const LobeClaim* claim = lobe ? f_.lobeClaim(c_->cylinder, lobe->side) : nullptr;
        return claim ? halfWidthOf(claim->late_deg).value_or(0.0) : 0.0;
    }
    bool oneEventAlone(const LobeFigures* lobe) const {
        const LobeClaim* claim = lobe ? f_.lobeClaim(c_->cylinder, lobe->side) : nullptr;
        return claim && claim->needs == StandingNeed::OtherEvent;
    }

    /// A centre that is wanted, card or none; on one shaft the intake's, else the exhaust's.
    void centres() {
        const Target& t = job_.trial.target;
        if (!in_ && !ex_) return fail(NeedFault::NoLobe);
        const auto later = [&](const LobeFigures* lobe,
                               const std::optional<double>& wanted) -> std::optional<double> {
            const auto is = lobe ? lobe->centre(job_.reckoning.school) : std::nullopt;
            if (!is || !wanted) return std::nullopt;
            const double sign = lobe->side == Side::Intake ? 1.0 : -1.0;
            need_.uncertainty_deg =
                std::max(need_.uncertainty_deg, centreUncertainty(job_, f_, *lobe));
            return wrapCycle({is->deg - sign * *wanted}).deg;
        };
        const auto in = later(in_, t.centre.intake), ex = later(ex_, t.centre.exhaust);
        if (!in && !ex) return fail(NeedFault::NoEvent);
        if (two_) {
            need_.move_deg.intake = in;
            need_.move_deg.exhaust = ex;
            return;
        }
        need_.byIntake_deg = in;
        if (in && ex) need_.split_deg = (*in + *ex) / 2.0;
        const bool split = t.school != SetSchool::ByIntake && need_.split_deg;
        need_.move_deg.intake = split ? need_.split_deg : in ? in : ex;
    }

    void event() {
        const Target& t = job_.trial.target;
        const Side side = sideOf(t.event);
        const LobeFigures* lobe = side == Side::Intake ? in_ : ex_;
        if (!lobe) return fail(NeedFault::NoLobe);
        const HeightEvents* e = lobe->events(eventsHeight(job_));
        const auto at = eventOf(lobe, eventsHeight(job_), t.event);
        if (!at) return fail(NeedFault::NoEvent);
        const double later = at->deg - fromCard(t.event, {t.event_deg}).deg;
        need_.move_deg[two_ ? side : Side::Intake] = wrapCycle({later}).deg;
        const auto own = halfWidthOf(t.event == opening(side) ? e->opens : e->closes);
        need_.uncertainty_deg = std::hypot(own.value_or(kLeastTold_deg), f_.tdc.uncertainty_deg());
        // On a lobe of another length than printed, the event alone carries the centre off.
        const auto centre = lobe->centre(job_.reckoning.school);
        const double sign = side == Side::Intake ? 1.0 : -1.0;
        if (centre) need_.centreLeft_deg = sign * (centre->deg - wrapCycle({later}).deg);
        const auto longer = c_->explanation ? side == Side::Intake
                                                  ? c_->explanation->intakeDuration_deg
                                                  : c_->explanation->exhaustDuration_deg
                                            : std::nullopt;
        const auto promised = job_.card ? cardEvent(*job_.card, t.event) : std::nullopt;
        if (longer && promised && std::abs(*longer) > 1.0)
            need_.keepsCentre_deg = toCard(t.event, *promised).deg + *longer / 2.0;
    }

    void separation() {
        if (!two_) return fail(NeedFault::SeparationFixed);
        if (!in_ || !ex_) return fail(NeedFault::NoLobe);
        const auto in = in_->centre(job_.reckoning.school), ex = ex_->centre(job_.reckoning.school);
        const double wanted = job_.trial.target.separation_deg;
        if (!in || !ex || !(wanted > 0.0)) return fail(NeedFault::NoEvent);
        // Crank degrees between the centres are twice the cam's separation.
        const double wider = 2.0 * wanted - (in->deg - ex->deg);
        const bool half = job_.trial.target.school != SetSchool::ByIntake;
        need_.move_deg.intake = half ? -wider / 2.0 : 0.0;
        need_.move_deg.exhaust = half ? wider / 2.0 : wider;
        // Both are read on one wheel: the pointer's error is in neither.
        need_.uncertainty_deg =
            std::hypot(halfWidthOf(in_->centre(job_.reckoning.school)).value_or(kLeastTold_deg),
                       halfWidthOf(ex_->centre(job_.reckoning.school)).value_or(kLeastTold_deg));
    }

    void dynamic() {
        if (!in_) return fail(NeedFault::NoLobe);
        const Closing& closing = f_.closings.by(job_.reckoning.closing);
        const double wanted = job_.trial.target.dynamic;
        if (!closing.deg || !(job_.engine.chamberOf(f_.compressionCylinder).chamber_cc > 0.0) ||
            !(wanted > 1.0))
            return fail(NeedFault::NoVolumes);
        need_.move_deg.intake = reach(stateOf(job_, f_.compressionCylinder, *closing.deg, 0.0),
                                      Quantity::Advance, wanted);
        if (!need_.move_deg.intake) return fail(NeedFault::OutOfReach);
        need_.uncertainty_deg = halfWidthOf(closing.deg).value_or(kLeastTold_deg);
    }

    /// As near as the wanted clearance of the intake valve: it comes nearer as the cam is advanced.
    void clearance() {
        const MapFindings* map = mapOf(f_, Side::Intake);
        const double wanted = job_.trial.target.clearance_mm;
        if (!map || !map->gap || !map->lift || map->state == MapState::Void || !(wanted > 0.0))
            return fail(NeedFault::NoClearance);
        const auto window = windowOf(*map->gap, map->lift, wanted, map->travel);
        if (!window) return fail(NeedFault::OutOfReach);
        need_.move_deg.intake = window->to_deg;
        const double cost = costOfDegree_mm(*map->gap, map->lift, window->to_deg);
        const double known =
            leastClearance(*map->gap, map->lift, window->to_deg).mm.plusMinus.value_or(0.05);
        need_.uncertainty_deg =
            std::max(kLeastTold_deg, cost > 0.0 ? known / cost : kLeastTold_deg);
    }

    const Job& job_;
    const Findings& f_;
    const CylinderFindings* c_;
    const LobeFigures *in_, *ex_;
    bool two_;
    Need need_;
};

} // namespace

Need need(const Job& job, const Findings& findings) {
    return NeedOf(job, findings).find();
}

Outcome outcome(const Job& job, const Findings& f, double intake_deg, double exhaust_deg) {
    Outcome out;
    const CylinderFindings* c = firstOf(f);
    const LobeFigures *in = lobeOf(f, c, Side::Intake), *ex = lobeOf(f, c, Side::Exhaust);
    const auto centreIn = in ? in->centre(job.reckoning.school) : std::nullopt;
    const auto centreEx = ex ? ex->centre(job.reckoning.school) : std::nullopt;
    if (centreIn) out.centre.intake = centreIn->deg - intake_deg;
    if (centreEx) out.centre.exhaust = -(centreEx->deg - exhaust_deg);
    if (centreIn && centreEx) out.separation = (*out.centre.intake + *out.centre.exhaust) / 2.0;
    const Height height = eventsHeight(job);
    const auto event = [&](const LobeFigures* lobe, Event e, double move) -> std::optional<double> {
        const auto at = eventOf(lobe, height, e);
        if (!at) return std::nullopt;
        return toCard(e, {at->deg - move}).deg;
    };
    out.events.ivo = event(in, Event::IntakeOpens, intake_deg);
    out.events.ivc = event(in, Event::IntakeCloses, intake_deg);
    out.events.evo = event(ex, Event::ExhaustOpens, exhaust_deg);
    out.events.evc = event(ex, Event::ExhaustCloses, exhaust_deg);
    out.clearance_mm = {leastNow(f, Side::Intake, intake_deg),
                        leastNow(f, Side::Exhaust, exhaust_deg)};
    if (out.events.ivo && out.events.evc) out.overlap = *out.events.ivo + *out.events.evc;
    const Closing& closing = f.closings.by(job.reckoning.closing);
    if (!closing.deg) return out;
    const CompressionState state = stateOf(job, f.compressionCylinder, *closing.deg, intake_deg);
    out.closing_deg = state.closing_deg;
    if (!(state.chamber.chamber_cc > 0.0)) return out;
    const auto made = compression(state, job.reckoning.altitude_m, job.reckoning.exponent);
    if (const auto* x = std::get_if<Compression>(&made)) {
        out.dynamic = x->dynamicRatio;
        out.cranking_kpa = x->cranking_kpa;
    }
    return out;
}

} // namespace lobe
