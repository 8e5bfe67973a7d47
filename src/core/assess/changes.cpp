#include "core/assess/changes.h"

#include "core/angle/usual.h"
#include "core/drive/choices.h"
#include "core/job/card.h"
#include "core/job/job.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

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
        if (r.cylinder == cylinder && r.side == side && r.live > 0 && r.afterMove >= least &&
            r.afterMove <= most && (!found || r.afterMove >= found->afterMove))
            found = &r;
    return found;
}

/// What of this drive makes the move that was observed, where it was not the one that was meant.
void nameInstead(const Job& job, const Before* was, double told, MoveCheck& check) {
    if (check.verdict == MoveVerdict::AsMeant || !job.engine.drive.described() ||
        faultOf(job.engine.drive))
        return;
    // Thousands of combinations are not gone through again for the same move.
    if (was && was->job.engine.drive == job.engine.drive)
        for (const MoveCheck& then : was->findings.changes)
            if (then.number == check.number && then.side == check.side &&
                then.cylinder == check.cylinder && then.moved_deg == check.moved_deg &&
                then.uncertainty_deg == check.uncertainty_deg && then.verdict == check.verdict) {
                check.instead = then.instead;
                return;
            }
    // A slot can make anything, and explains nothing.
    Drive drive = driveAlone(job);
    drive.slot_deg = 0.0;
    const auto near =
        choices(drive, *check.moved_deg, 1, false, fittedAfter(job, check.side, check.number - 1));
    if (!near.empty() && near.front().move.changes() > 0 &&
        std::abs(near.front().residual_deg) <= std::max(told, 1.0))
        check.instead = near.front().move;
}

/// Where there are no events on both sides of the move, the centre tells what it did.
void compareCentres(const Job& job, const Before* was, const RunFindings& before,
                    const RunFindings& after, MoveCheck& check) {
    for (CentreSchool s : {job.reckoning.school, CentreSchool::EqualDrop, CentreSchool::Events}) {
        const auto from = before.lobe.centres.by(s), to = after.lobe.centres.by(s);
        if (!from || !to) continue;
        check.moved_deg = from->deg - to->deg;
        check.uncertainty_deg = std::hypot(halfWidthOf(before.lobe.centres.by(s)).value_or(0.5),
                                           halfWidthOf(after.lobe.centres.by(s)).value_or(0.5));
        const double told = std::max(check.uncertainty_deg, kLeastTold_deg);
        check.verdict = verdictOf(check.meant_deg, *check.moved_deg, told);
        nameInstead(job, was, told, check);
        return;
    }
}

void compare(const Job& job, const Before* was, const RunFindings& before, const RunFindings& after,
             MoveCheck& check) {
    const Height height = eventsHeight(job);
    const HeightEvents *from = before.lobe.events(height), *to = after.lobe.events(height);
    if (!from || !to || !from->midpoint() || !to->midpoint())
        return compareCentres(job, was, before, after, check);
    double sum = 0.0, squares = 0.0;
    const auto add = [&](Event event, const std::optional<CrankDeg>& a,
                         const std::optional<CrankDeg>& b, const std::optional<double>& ua,
                         const std::optional<double>& ub) {
        if (!a || !b) return;
        check.events.push_back({event, a->deg, b->deg});
        sum += check.events.back().moved_deg();
        squares += std::pow(ua.value_or(0.5), 2.0) + std::pow(ub.value_or(0.5), 2.0);
    };
    add(opening(check.side), from->opens, to->opens, halfWidthOf(from->opens),
        halfWidthOf(to->opens));
    add(closing(check.side), from->closes, to->closes, halfWidthOf(from->closes),
        halfWidthOf(to->closes));
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
    nameInstead(job, was, told, check);
}

} // namespace

std::vector<MoveCheck> checkChanges(const Job& job, const Findings& f, const Before* was) {
    std::vector<MoveCheck> out;
    for (const CamMove& change : job.changes)
        for (int cylinder = 1; cylinder <= std::max(1, job.engine.cylinders); ++cylinder)
            for (Side side : {Side::Intake, Side::Exhaust}) {
                if (!moves(job, change, side)) continue;
                const RunFindings* before = runAt(f, cylinder, side, 0, change.number - 1);
                if (!before) continue;
                MoveCheck check;
                check.number = change.number;
                check.side = side;
                check.cylinder = cylinder;
                if (const auto& move = change.move(side)) check.meant_deg = move->total_deg;
                // Measured at this setting, or at a later one that left this cam alone.
                int last = change.number;
                for (const CamMove& later : job.changes)
                    if (later.number == last + 1 && !moves(job, later, side)) last = later.number;
                if (const RunFindings* after = runAt(f, cylinder, side, change.number, last))
                    compare(job, was, *before, *after, check);
                out.push_back(std::move(check));
            }
    return out;
}

} // namespace lobe
