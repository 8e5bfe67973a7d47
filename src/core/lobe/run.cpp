#include "core/lobe/run.h"

#include "core/angle/usual.h"

#include <algorithm>
#include <cmath>

namespace lobe {

CrankDeg placed(const Reading& reading, const RunTerms& terms) {
    return {reading.at.deg + terms.shift_deg};
}

std::vector<LiftPoint> livePoints(const LiftRun& run) {
    return countedPoints(carried(run).readings);
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

RunTerms usualTerms(const Engine& engine, Side side) {
    RunTerms terms;
    terms.follower = engine.follower;
    terms.taken = engine.layout == Layout::PushrodSingleCam ? Place::Tappet : Place::Valve;
    terms.ratio = engine.ratio(side);
    terms.lash_mm = engine.lash_mm(side);
    // 175 deg either side of where a lobe of its kind sits takes in any road or race ramp.
    const double centre = usualCentre_deg(side);
    terms.from = {centre - kLobeReach_deg};
    terms.to = {centre + kLobeReach_deg};
    return terms;
}

int lastSetting(const Job& job) {
    return job.changes.empty() ? 0 : job.changes.back().number;
}

double wheelShift_deg(const Job& job, int cylinder, const RunTerms& terms) {
    const double behind = job.engine.behindFirst_deg(cylinder).value_or(0.0);
    return terms.wheelOfFirst ? -wrapCycle({behind}).deg : 0.0;
}

RunTerms nextTerms(const Job& job, int cylinder, Side side) {
    RunTerms terms = usualTerms(job.engine, side);
    for (const LiftRun& r : job.runs)
        if (r.cylinder == cylinder && r.side == side) terms = r.terms;
    terms.source.clear();
    terms.shift_deg = wheelShift_deg(job, cylinder, terms);
    terms.zeros.clear();
    terms.right_deg.clear();
    terms.setting = lastSetting(job);
    return terms;
}

std::vector<LiftPoint> countedPoints(const std::vector<CarriedReading>& readings) {
    std::vector<LiftPoint> points;
    for (const CarriedReading& r : readings)
        if (r.counts) points.push_back({r.at.deg, r.lift_mm});
    return points;
}

} // namespace lobe
