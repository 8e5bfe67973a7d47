#include "core/assess/cross_checks.h"

#include "core/angle/usual.h"
#include "core/job/card.h"
#include "core/job/job.h"
#include "core/setting/setting.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

/// Centres of the same lobe on two cylinders differ by more than this only when something is bent,
/// or a TDC is wrong.
constexpr double kTwist_deg = 1.5;

} // namespace

void againstCard(const Job& job, const Findings& f, const CylinderFindings& c,
                 std::vector<Finding>& out) {
    const auto say = [&](found::Any what, Severity severity, std::optional<Side> side = {}) {
        out.push_back({std::move(what), severity, side, c.cylinder});
    };
    bool outdated = false;
    for (const RunFindings* run : {f.intake(c), f.exhaust(c)})
        if (run && run->outdated) {
            outdated = true;
            say(found::MovedSince{}, Severity::Ask, run->side);
        }
    if (!job.card || outdated) return;
    const bool nothing = !c.explanation || c.explanation->causes.empty();
    const CauseKind kind = nothing ? CauseKind::Unclear : c.explanation->causes.front().kind;
    const Cause* first = nothing ? nullptr : &c.explanation->causes.front();
    if (kind == CauseKind::CamTiming && !first->side && !first->other_deg && c.run.intake &&
        c.run.exhaust)
        return say(found::CamShift{*first->deg}, Severity::Ask);
    if (kind == CauseKind::Separation) say(found::SeparationOff{*first->deg}, Severity::Ask);
    // A lobe of another length keeps its centre: that is judged below.
    if (!nothing && kind != CauseKind::AsCard && kind != CauseKind::CamTiming &&
        kind != CauseKind::Separation && kind != CauseKind::LobeLength)
        return say(found::CardOff{}, Severity::Ask);
    for (const RunFindings* run : {f.intake(c), f.exhaust(c)}) {
        if (!run) continue;
        const LobeClaim* claim = f.lobeClaim(c.cylinder, run->side);
        if (!claim || !claim->late_deg || claim->needs == StandingNeed::OtherEvent) continue;
        const bool moved = kind == CauseKind::Separation || kind == CauseKind::CamTiming ||
                           nothing || (kind == CauseKind::LobeLength && first->shift_deg);
        const bool here =
            !first || !first->side || kind != CauseKind::CamTiming || *first->side == run->side;
        const double shift = *claim->late_deg;
        if (claim->standing == Standing::Off && moved && here)
            say(found::CardShift{shift}, Severity::Ask, run->side);
        else
            say(found::AsCard{shift}, Severity::Note, run->side);
    }
}

void twist(const Job& job, const Findings& f, std::vector<Finding>& out) {
    if (f.cylinders.size() < 2 || f.cylinders.front().cylinder != 1) return;
    const CylinderFindings& first = f.cylinders.front();
    for (std::size_t i = 1; i < f.cylinders.size(); ++i)
        for (const auto& [a, b] : {std::pair(f.intake(first), f.intake(f.cylinders[i])),
                                   std::pair(f.exhaust(first), f.exhaust(f.cylinders[i]))}) {
            // Measured before and after the cam was moved, they differ by the move.
            if (!a || !b || (a->afterMove != b->afterMove && (a->outdated || b->outdated)))
                continue;
            const auto ca = a->lobe.centre(job.reckoning.school),
                       cb = b->lobe.centre(job.reckoning.school);
            if (!ca || !cb) continue;
            const int cylinder = b->cylinder;
            double off = wrapCycle(*cb - *ca).deg;
            // Far off, the wheel was not set for this cylinder: its own TDC must be known.
            constexpr double kOwnWheel_deg = 25.0;
            if (std::abs(off) > kOwnWheel_deg) {
                const auto behind = job.engine.behindFirst_deg(cylinder);
                if (behind) off = wrapCycle({off - *behind}).deg;
                if (!behind || std::abs(off) > kOwnWheel_deg) {
                    out.push_back({found::CylinderTdcUnknown{wrapCycle(*cb - *ca).deg},
                                   Severity::Ask, b->side, cylinder});
                    continue;
                }
            }
            if (std::abs(off) <= kTwist_deg) continue;
            out.push_back({found::Twist{off}, Severity::LookAgain, b->side, cylinder});
        }
}

/// A cylinder that stands off cylinder 1 is a cause of its own, before timing: timing is the same
/// for all.
void twistCauses(const std::vector<Finding>& all, Findings& f) {
    for (const Finding& x : all) {
        const auto* twisted = x.as<found::Twist>();
        if (!twisted) continue;
        for (CylinderFindings& c : f.cylinders) {
            if (!c.explanation || (c.cylinder != x.cylinder && c.cylinder != 1)) continue;
            auto& causes = c.explanation->causes;
            if (std::any_of(causes.begin(), causes.end(), [&](const Cause& o) {
                    return o.kind == CauseKind::Twist && o.cylinder == x.cylinder;
                }))
                continue;
            Cause cause;
            cause.kind = CauseKind::Twist;
            cause.cylinder = x.cylinder;
            cause.deg = twisted->off_deg;
            // At cylinder 1 it stands beside what is first there.
            causes.insert(c.cylinder == 1 ? causes.end() : causes.begin(), cause);
        }
    }
}

/// Overlap or firing was said; the lobes tell which it is.
void topAgainstLobes(const Job& job, const Findings& f, std::vector<Finding>& out) {
    found::TopOther other{};
    for (std::size_t i = 0; i < f.runs.size(); ++i) {
        const RunFindings& run = f.runs[i]; // in the job's order
        const auto turn = run.current ? otherTop_deg(job, job.runs[i], run.lobe) : std::nullopt;
        if (!turn) continue;
        other.turn_deg = *turn;
        ++other.runs;
    }
    if (other.runs > 0) out.push_back({other, Severity::LookAgain});
}

void tdcMoved(const Job& job, const TdcFindings& tdc, std::vector<Finding>& out) {
    found::TdcMoved moved{};
    for (const LiftRun& run : job.runs)
        if (const auto shift = pendingShift_deg(run, tdc)) {
            moved.off_deg = *shift;
            ++moved.runs;
        }
    if (moved.runs > 0) out.push_back({moved, Severity::LookAgain});
}

std::optional<double> otherTop_deg(const Job& job, const LiftRun& run, const LobeFigures& lobe) {
    const auto centre = lobe.centre(job.reckoning.school);
    if (job.fitted.top == WhichTop::NotSaid || !centre || lobe.eventsOnly) return std::nullopt;
    const double usual = usualCentre_deg(lobe.side);
    const auto other = [&](double deg) { return std::abs(wrapCycle({deg - usual}).deg) > 270.0; };
    if (job.fitted.top == WhichTop::Overlap && other(centre->deg)) return 360.0;
    // As it was counted at the wheel, before any shift.
    if (job.fitted.top == WhichTop::Firing && !other(centre->deg - run.terms.shift_deg)) return 0.0;
    return std::nullopt;
}

} // namespace lobe
