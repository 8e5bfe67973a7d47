#include "core/lobe/run.h"

#include "core/angle/usual.h"
#include "core/job/job.h"

#include <algorithm>
#include <cmath>

namespace lobe {

CrankDeg placed(const Reading& reading, const RunConditions& conditions) {
    return {reading.at.deg + conditions.shift_deg};
}

Taken takenOf(const RunConditions& conditions) {
    // A nominal ratio is good to about one in a hundred, one of two lifts to a third of that; a
    // direct one is what it is.
    const double ratio = conditions.ratioUsed();
    const bool measured = conditions.measuredRatio && conditions.ratioOfLifts();
    const double doubt = ratio == 1.0 ? 0.0 : measured ? 0.003 : 0.01;
    return {conditions.taken, ratio, conditions.lash_mm, doubt};
}

std::vector<LiftPoint> livePoints(const LiftRun& run) {
    return countedPoints(readIndicator(run).readings);
}

CrankDeg nextAngle(const LiftRun& run) {
    if (run.readings.empty()) return run.terms.from;
    const double step = run.terms.step_deg;
    const auto readAt = [&](double deg) {
        return std::any_of(run.readings.begin(), run.readings.end(), [&](const Reading& r) {
            return !r.struck && std::abs(r.at.deg - deg) < step * 0.4;
        });
    };
    const Reading& last = run.readings.back();
    if (last.struck && !readAt(last.at.deg)) return last.at;
    if (!readAt(last.at.deg + step)) return {last.at.deg + step};
    double farthest = run.terms.from.deg - step;
    for (const Reading& r : run.readings)
        if (!r.struck) farthest = std::max(farthest, r.at.deg);
    return {farthest + step};
}

RunConditions usualConditions(const Engine& engine, Side side) {
    RunConditions conditions;
    conditions.follower = engine.follower;
    conditions.taken = engine.layout == Layout::PushrodSingleCam ? Place::Tappet : Place::Valve;
    conditions.ratio = engine.ratio[side];
    conditions.lash_mm = engine.lash_mm[side];
    // 175 deg either side of where a lobe of its kind sits takes in any road or race ramp.
    const double centre = usualCentre_deg(side);
    conditions.from = {centre - kLobeReach_deg};
    conditions.to = {centre + kLobeReach_deg};
    return conditions;
}

int lastMove(const Job& job) {
    return job.changes.empty() ? 0 : job.changes.back().number;
}

double wheelShift_deg(const Job& job, int cylinder, const RunConditions& conditions) {
    const double behind = job.engine.behindFirst_deg(cylinder).value_or(0.0);
    return conditions.wheelOfFirst ? -wrapCycle({behind}).deg : 0.0;
}

/// A lobe's first run as the job's newest was taken: said once, it holds for the others. What is of
/// the lobe itself stays its own.
static RunConditions asNewest(const Job& job, int cylinder, const RunConditions& usual) {
    const LiftRun& newest = job.runs.back();
    RunConditions c = newest.terms;
    // What the engine has, unless it was made solid to be measured.
    if (usual.follower != Follower::Hydraulic || c.follower != Follower::HydraulicMadeSolid)
        c.follower = usual.follower;
    c.ratio = usual.ratio;
    c.lash_mm = usual.lash_mm;
    c.from = usual.from;
    c.to = usual.to;
    c.valveLift_mm.reset();
    c.tappetLift_mm.reset();
    c.measuredRatio = false;
    c.noseLift_mm.reset();
    c.tdcAnswered = 0;
    const auto behind = job.engine.behindFirst_deg(cylinder);
    c.wheelOfFirst = newest.terms.wheelOfFirst && cylinder > 1 && behind;
    if (c.wheelOfFirst) {
        c.from.deg += wrapCycle({*behind}).deg;
        c.to.deg += wrapCycle({*behind}).deg;
    }
    return c;
}

RunConditions nextConditions(const Job& job, int cylinder, Side side) {
    RunConditions usual = usualConditions(job.engine, side);
    usual.dialTurn_mm = job.fitted.dialTurn_mm;
    RunConditions conditions = usual;
    const LiftRun* own = nullptr;
    for (const LiftRun& r : job.runs)
        if (r.cylinder == cylinder && r.side == side) own = &r;
    if (own)
        conditions = own->terms;
    else if (!job.runs.empty())
        conditions = asNewest(job, cylinder, usual);
    conditions.source.clear();
    conditions.shift_deg = wheelShift_deg(job, cylinder, conditions);
    conditions.zeros.clear();
    conditions.right_deg.clear();
    conditions.afterMove = lastMove(job);
    return conditions;
}

std::vector<LiftPoint> countedPoints(const std::vector<LiftReading>& readings) {
    std::vector<LiftPoint> points;
    for (const LiftReading& r : readings)
        if (r.counts) points.push_back({r.at.deg, r.lift_mm});
    return points;
}

} // namespace lobe
