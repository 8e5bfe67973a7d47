#include "core/setting.h"

#include "core/card.h"
#include "core/choices.h"
#include "core/compression.h"
#include "core/examine.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace lobe {
namespace {

/// Less than this is not told from standing still, whatever the readings claim.
constexpr double kLeastTold_deg = 0.75;

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

Side sideOf(Event event) {
    return event == Event::IntakeOpens || event == Event::IntakeCloses ? Side::Intake
                                                                       : Side::Exhaust;
}

double centreUncertainty(const Job& job, const Findings& f, const LobeFigures& lobe) {
    const auto own = lobe.centreUncertainty_deg(job.settings.school);
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
        switch (job_.settings.target.kind) {
        case TargetKind::CardCentre:
            card(0.0);
            break;
        case TargetKind::CardPlus:
            card(job_.settings.target.plus_deg);
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
            fail(NeedFault::NoClearance);
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
        constexpr double kMost_deg = 60.0;
        for (const auto& deg : {need_.intake_deg, need_.exhaust_deg})
            if (deg && std::abs(*deg) > kMost_deg) return false;
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
            if (lobe)
                need_.uncertainty_deg =
                    std::max(need_.uncertainty_deg, centreUncertainty(job_, f_, *lobe));
        if (two_) {
            const Target& t = job_.settings.target;
            const double plusExhaust =
                t.kind == TargetKind::CardPlus ? t.plusExhaust_deg.value_or(plus) : plus;
            if (in) need_.intake_deg = *in + plus;
            if (ex) need_.exhaust_deg = *ex + plusExhaust;
            if (!in && !ex) fail(NeedFault::NoCard);
            return;
        }
        switch (job_.settings.target.school) {
        case SetSchool::ByIntake:
            need_.intake_deg = need_.byIntake_deg;
            break;
        case SetSchool::SplitDifference:
            need_.intake_deg = need_.split_deg;
            break;
        case SetSchool::AllEvents:
            need_.intake_deg = need_.allEvents_deg;
            break;
        }
        const bool both = job_.settings.target.school == SetSchool::SplitDifference;
        if (!need_.intake_deg) fail(!in_ || (both && !ex_) ? NeedFault::NoLobe : NeedFault::NoCard);
    }

    /// As the explanation compared it, in the school the card's centre fits best.
    std::optional<double> shift(const LobeFigures* lobe) const {
        if (!lobe) return std::nullopt;
        if (c_->explanation && c_->explanation->school) {
            const auto& told = lobe->side == Side::Intake ? c_->explanation->intakeShift_deg
                                                          : c_->explanation->exhaustShift_deg;
            if (told) return told;
        }
        return cardShift_deg(job_, *lobe);
    }

    /// A centre that is wanted, card or none; on one shaft the intake's, else the exhaust's.
    void centres() {
        const Target& t = job_.settings.target;
        if (!in_ && !ex_) return fail(NeedFault::NoLobe);
        const auto later = [&](const LobeFigures* lobe,
                               const std::optional<double>& wanted) -> std::optional<double> {
            const auto is = lobe ? lobe->centre(job_.settings.school) : std::nullopt;
            if (!is || !wanted) return std::nullopt;
            const double sign = lobe->side == Side::Intake ? 1.0 : -1.0;
            need_.uncertainty_deg =
                std::max(need_.uncertainty_deg, centreUncertainty(job_, f_, *lobe));
            return wrapCycle({is->deg - sign * *wanted}).deg;
        };
        const auto in = later(in_, t.intakeCentre), ex = later(ex_, t.exhaustCentre);
        if (!in && !ex) return fail(NeedFault::NoEvent);
        if (two_) {
            need_.intake_deg = in;
            need_.exhaust_deg = ex;
            return;
        }
        need_.byIntake_deg = in;
        if (in && ex) need_.split_deg = (*in + *ex) / 2.0;
        const bool split = t.school != SetSchool::ByIntake && need_.split_deg;
        need_.intake_deg = split ? need_.split_deg : in ? in : ex;
    }

    void event() {
        const Target& t = job_.settings.target;
        const Side side = sideOf(t.event);
        const LobeFigures* lobe = side == Side::Intake ? in_ : ex_;
        if (!lobe) return fail(NeedFault::NoLobe);
        const HeightEvents* e = lobe->events(eventsHeight(job_));
        const auto at = eventOf(lobe, eventsHeight(job_), t.event);
        if (!at) return fail(NeedFault::NoEvent);
        const double later = at->deg - fromCard(t.event, {t.event_deg}).deg;
        (two_ && side == Side::Exhaust ? need_.exhaust_deg : need_.intake_deg) =
            wrapCycle({later}).deg;
        const auto own =
            t.event == opening(side) ? e->opensUncertainty_deg : e->closesUncertainty_deg;
        need_.uncertainty_deg = std::hypot(own.value_or(kLeastTold_deg), f_.tdc.uncertainty_deg());
        // On a lobe of another length than printed, the event alone carries the centre off.
        const auto centre = lobe->centre(job_.settings.school);
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
        const auto in = in_->centre(job_.settings.school), ex = ex_->centre(job_.settings.school);
        const double wanted = job_.settings.target.separation_deg;
        if (!in || !ex || !(wanted > 0.0)) return fail(NeedFault::NoEvent);
        // Crank degrees between the centres are twice the cam's separation.
        const double wider = 2.0 * wanted - (in->deg - ex->deg);
        const bool half = job_.settings.target.school != SetSchool::ByIntake;
        need_.intake_deg = half ? -wider / 2.0 : 0.0;
        need_.exhaust_deg = half ? wider / 2.0 : wider;
        // Both are read on one wheel: the pointer's error is in neither.
        need_.uncertainty_deg =
            std::hypot(in_->centreUncertainty_deg(job_.settings.school).value_or(kLeastTold_deg),
                       ex_->centreUncertainty_deg(job_.settings.school).value_or(kLeastTold_deg));
    }

    void dynamic() {
        if (!in_) return fail(NeedFault::NoLobe);
        const Closing& closing = f_.closings[static_cast<std::size_t>(job_.settings.closing)];
        const double wanted = job_.settings.target.dynamic;
        if (!closing.deg || !(job_.engine.chamberOf(1).chamber_cc > 0.0) || !(wanted > 1.0))
            return fail(NeedFault::NoVolumes);
        need_.intake_deg = reach(stateOf(job_, 1, *closing.deg, 0.0), Quantity::Advance, wanted);
        if (!need_.intake_deg) return fail(NeedFault::OutOfReach);
        need_.uncertainty_deg = closing.uncertainty_deg.value_or(kLeastTold_deg);
    }

    const Job& job_;
    const Findings& f_;
    const CylinderFindings* c_;
    const LobeFigures *in_, *ex_;
    bool two_;
    Need need_;
};

MoveVerdict verdictOf(double meant, double moved, double told) {
    const struct {
        double factor;
        MoveVerdict verdict;
    } kinds[] = {{1.0, MoveVerdict::AsMeant},       {0.0, MoveVerdict::NotMoved},
                 {-1.0, MoveVerdict::WrongWay},     {0.5, MoveVerdict::Half},
                 {2.0, MoveVerdict::Twice},         {-0.5, MoveVerdict::WrongWayHalf},
                 {-2.0, MoveVerdict::WrongWayTwice}};
    if (std::abs(moved - meant) <= told) return MoveVerdict::AsMeant;
    MoveVerdict best = MoveVerdict::Other;
    double least = told;
    for (const auto& k : kinds) {
        const double off = std::abs(moved - k.factor * meant);
        if (off > least) continue;
        least = off;
        best = k.verdict;
    }
    return best;
}

/// The run of a lobe that counts for a setting: the newest with readings taken at it.
const RunFindings* runAt(const Findings& f, int cylinder, Side side, int least, int most) {
    const RunFindings* found = nullptr;
    for (const RunFindings& r : f.runs)
        if (r.cylinder == cylinder && r.side == side && r.live > 0 && r.setting >= least &&
            r.setting <= most && (!found || r.setting >= found->setting))
            found = &r;
    return found;
}

bool moves(const Job& job, const SettingChange& change, Side side) {
    if (job.engine.layout != Layout::TwinOverheadCam) return change.intake || change.exhaust;
    return side == Side::Intake ? change.intake.has_value() : change.exhaust.has_value();
}

/// What of this drive makes the move that was observed, where it was not the one that was meant.
void nameInstead(const Job& job, double told, ChangeCheck& check) {
    if (check.verdict == MoveVerdict::AsMeant || !job.engine.drive.described() ||
        faultOf(job.engine.drive))
        return;
    // A slot can make anything, and explains nothing.
    Drive drive = job.engine.drive;
    drive.slot_deg = 0.0;
    const auto near = choices(drive, *check.moved_deg, 1);
    if (!near.empty() && near.front().move.changes() > 0 &&
        std::abs(near.front().residual_deg) <= std::max(told, 1.0))
        check.instead = near.front().move;
}

/// Where there are no events on both sides of the move, the centre tells what it did.
void compareCentres(const Job& job, const RunFindings& before, const RunFindings& after,
                    ChangeCheck& check) {
    for (CentreSchool s : {job.settings.school, CentreSchool::EqualDrop, CentreSchool::Events}) {
        const auto was = before.lobe.centres.by(s), is = after.lobe.centres.by(s);
        if (!was || !is) continue;
        check.moved_deg = was->deg - is->deg;
        check.uncertainty_deg = std::hypot(before.lobe.centres.uncertaintyBy_deg(s).value_or(0.5),
                                           after.lobe.centres.uncertaintyBy_deg(s).value_or(0.5));
        const double told = std::max(check.uncertainty_deg, kLeastTold_deg);
        check.verdict = verdictOf(check.meant_deg, *check.moved_deg, told);
        nameInstead(job, told, check);
        return;
    }
}

void compare(const Job& job, const RunFindings& before, const RunFindings& after,
             ChangeCheck& check) {
    const Height height = eventsHeight(job);
    const HeightEvents *was = before.lobe.events(height), *is = after.lobe.events(height);
    if (!was || !is || !was->midpoint() || !is->midpoint())
        return compareCentres(job, before, after, check);
    double sum = 0.0, squares = 0.0;
    const auto add = [&](Event event, const std::optional<CrankDeg>& a,
                         const std::optional<CrankDeg>& b, const std::optional<double>& ua,
                         const std::optional<double>& ub) {
        if (!a || !b) return;
        check.events.push_back({event, a->deg, b->deg});
        sum += check.events.back().moved_deg();
        squares += std::pow(ua.value_or(0.5), 2.0) + std::pow(ub.value_or(0.5), 2.0);
    };
    add(opening(check.side), was->opens, is->opens, was->opensUncertainty_deg,
        is->opensUncertainty_deg);
    add(closing(check.side), was->closes, is->closes, was->closesUncertainty_deg,
        is->closesUncertainty_deg);
    if (check.events.empty()) return;
    const double n = static_cast<double>(check.events.size());
    check.moved_deg = sum / n;
    check.uncertainty_deg = std::sqrt(squares) / n;
    for (const MovedEvent& e : check.events)
        check.error_deg = std::max(check.error_deg, std::abs(e.moved_deg() - *check.moved_deg));
    if (check.events.size() == 2)
        check.durationChange_deg = check.events[0].moved_deg() - check.events[1].moved_deg();
    const double told = std::max(check.uncertainty_deg, kLeastTold_deg);
    check.alike = check.error_deg <= told;
    check.verdict = verdictOf(check.meant_deg, *check.moved_deg, told);
    nameInstead(job, told, check);
}

} // namespace

Height eventsHeight(const Job& job) {
    return job.card ? job.card->height : Height{1.27, Place::Tappet};
}

std::optional<double> cardShift_deg(const Job& job, const LobeFigures& lobe) {
    if (!job.card) return std::nullopt;
    const auto promised = cardCentre(*job.card, lobe.side);
    const bool byEvents = cardCentreByEvents(*job.card, lobe.side);
    const auto measured =
        byEvents ? lobe.atEventsHeight.midpoint() : lobe.centre(job.settings.school);
    if (!promised || !measured) return std::nullopt;
    return measured->deg - promised->deg;
}

Need need(const Job& job, const Findings& findings) {
    return NeedOf(job, findings).find();
}

Outcome outcome(const Job& job, const Findings& f, double intake_deg, double exhaust_deg) {
    Outcome out;
    const CylinderFindings* c = firstOf(f);
    const LobeFigures *in = lobeOf(f, c, Side::Intake), *ex = lobeOf(f, c, Side::Exhaust);
    const auto centreIn = in ? in->centre(job.settings.school) : std::nullopt;
    const auto centreEx = ex ? ex->centre(job.settings.school) : std::nullopt;
    if (centreIn) out.intakeCentre = centreIn->deg - intake_deg;
    if (centreEx) out.exhaustCentre = -(centreEx->deg - exhaust_deg);
    if (centreIn && centreEx) out.separation = (*out.intakeCentre + *out.exhaustCentre) / 2.0;
    const Height height = eventsHeight(job);
    const auto event = [&](const LobeFigures* lobe, Event e, double move) -> std::optional<double> {
        const auto at = eventOf(lobe, height, e);
        if (!at) return std::nullopt;
        return toCard(e, {at->deg - move}).deg;
    };
    out.ivo = event(in, Event::IntakeOpens, intake_deg);
    out.ivc = event(in, Event::IntakeCloses, intake_deg);
    out.evo = event(ex, Event::ExhaustOpens, exhaust_deg);
    out.evc = event(ex, Event::ExhaustCloses, exhaust_deg);
    if (out.ivo && out.evc) out.overlap = *out.ivo + *out.evc;
    const Closing& closing = f.closings[static_cast<std::size_t>(job.settings.closing)];
    if (!closing.deg) return out;
    const int cylinder = c ? c->cylinder : 1;
    const CompressionState state = stateOf(job, cylinder, *closing.deg, intake_deg);
    out.closing_deg = state.closing_deg;
    if (!(state.chamber.chamber_cc > 0.0)) return out;
    const auto made = compression(state, job.settings.altitude_m, job.settings.exponent);
    if (const auto* x = std::get_if<Compression>(&made)) {
        out.dynamic = x->dynamicRatio;
        out.cranking_kpa = x->cranking_kpa;
    }
    return out;
}

bool measuredBefore(const Job& job, int setting, Side side) {
    return std::any_of(job.changes.begin(), job.changes.end(), [&](const SettingChange& c) {
        return c.number > setting && moves(job, c, side);
    });
}

std::vector<ChangeCheck> checkChanges(const Job& job, const Findings& f) {
    std::vector<ChangeCheck> out;
    for (const SettingChange& change : job.changes)
        for (int cylinder = 1; cylinder <= std::max(1, job.engine.cylinders); ++cylinder)
            for (Side side : {Side::Intake, Side::Exhaust}) {
                if (!moves(job, change, side)) continue;
                const RunFindings* before = runAt(f, cylinder, side, 0, change.number - 1);
                if (!before) continue;
                ChangeCheck check;
                check.number = change.number;
                check.side = side;
                check.cylinder = cylinder;
                if (const auto& move = change.move(side)) check.meant_deg = move->total_deg;
                // Measured at this setting, or at a later one that left this cam alone.
                int last = change.number;
                for (const SettingChange& later : job.changes)
                    if (later.number == last + 1 && !moves(job, later, side)) last = later.number;
                if (const RunFindings* after = runAt(f, cylinder, side, change.number, last))
                    compare(job, *before, *after, check);
                out.push_back(std::move(check));
            }
    return out;
}

std::optional<double> splitOfCard_deg(const Card& card) {
    const CompleteCard c = complete(card);
    if (!c.ivo || !c.evc) return std::nullopt;
    return (c.evc->value - c.ivo->value) / 2.0;
}

LevelCheck checkLevel(double level_deg, double split_deg, double tooth) {
    LevelCheck out;
    out.late_deg = level_deg - split_deg;
    out.left_deg = out.late_deg;
    if (tooth <= 0.0) return out;
    out.teeth = static_cast<int>(std::lround(out.late_deg / tooth));
    out.left_deg = out.late_deg - out.teeth * tooth;
    out.rightTooth = out.teeth == 0;
    return out;
}

std::optional<double> skimShift_deg(double skim_mm, double wheelRadius_mm, double runAngle_deg) {
    if (!(wheelRadius_mm > 0.0)) return std::nullopt;
    const double shorter =
        skim_mm * std::cos(runAngle_deg * std::numbers::pi / 180.0) / wheelRadius_mm;
    return -2.0 * shorter * 180.0 / std::numbers::pi;
}

} // namespace lobe
