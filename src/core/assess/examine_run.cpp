#include "core/assess/examine_run.h"

#include "core/angle/usual.h"
#include "core/job/job.h"
#include "core/lobe/run.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

/// A reading counts whatever it stands off by where the builder says so, or has read it again and
/// found the same.
std::vector<double> rightAngles(const LiftRun& run) {
    std::vector<double> out;
    constexpr double kSame_mm = 0.03;
    const auto add = [&](CrankDeg at) { out.push_back(at.deg + run.terms.shift_deg); };
    for (double deg : run.terms.right_deg)
        add({deg});
    std::vector<const Reading*> again;
    for (const Reading& o : run.readings)
        if (o.struck && o.of == ReadingOf::Lift && o.struck->reason == kReadAgain)
            again.push_back(&o);
    if (again.empty()) return out;
    for (const Reading& r : run.readings)
        if (!r.struck && r.of == ReadingOf::Lift &&
            std::any_of(again.begin(), again.end(), [&](const Reading* o) {
                return o->zero == r.zero && std::abs(o->at.deg - r.at.deg) < 1e-6 &&
                       std::abs(o->value_mm - r.value_mm) <= kSame_mm;
            }))
            add(r.at);
    return out;
}

} // namespace

LobeRequest requestFor(const Job& job, const LiftRun& run) {
    LobeRequest request;
    request.side = run.side;
    request.cylinder = run.cylinder;
    request.taken = takenOf(run.terms);
    request.follower = run.terms.follower;
    request.heights = job.reckoning.heights;
    // The seat height and the card's own height are always wanted.
    const auto want = [&](const Height& h) {
        if (std::find(request.heights.begin(), request.heights.end(), h) == request.heights.end())
            request.heights.push_back(h);
    };
    want({job.reckoning.seat_mm, Place::Valve});
    // The height events are called at without a card, on both lobes, since they are shown in pairs.
    want({kUsualHeight_mm, Place::Tappet});
    // For the dynamic compression.
    if (run.side == Side::Intake) want({job.reckoning.closingHeight_mm, Place::Valve});
    if (job.card) {
        request.eventsHeight = job.card->height;
        want(job.card->height);
        if (job.card->advertisedDuration.intake || job.card->advertisedDuration.exhaust)
            want(job.card->advertised);
    }
    request.drop_mm = job.reckoning.drop_mm;
    request.zeroReturn_mm = job.reckoning.zeroReturn_mm;
    // What the lifts are written in says more than a default nobody chose.
    request.resolution_mm = run.terms.resolution_mm;
    request.smoothing = job.reckoning.smoothing;
    request.right = rightAngles(run);
    request.seat = {job.reckoning.seat_mm, Place::Valve};
    return request;
}

namespace {

int liveReadings(const LiftRun& run) {
    return static_cast<int>(std::count_if(run.readings.begin(), run.readings.end(),
                                          [](const Reading& r) { return !r.struck; }));
}

/// What the run says beside its lobe.
void judgeRun(const LiftRun& run, RunFindings& out) {
    const auto say = [&](found::Any what, Severity severity) {
        out.lobe.findings.push_back({std::move(what), severity, run.side, run.cylinder});
    };
    // Where the run begins, a lobe of its kind is on its base circle.
    for (const LiftReading& c : out.readings) {
        if (!c.counts) continue;
        const double centre = usualCentre_deg(run.side);
        constexpr double kOff_deg = 150.0, kMost_mm = 3.0;
        const double away = std::abs(wrapCycle(c.at - CrankDeg{centre}).deg);
        if (away > kOff_deg && std::abs(c.lift_mm) > kMost_mm && liveReadings(run) < 4)
            say(found::FirstLiftUnlikely{c.at, c.lift_mm}, Severity::LookAgain);
        break;
    }
    int backed = 0, live = 0;
    double highest = 0.0;
    CrankDeg last;
    for (const Reading& r : run.readings) {
        if (r.struck) continue;
        ++live;
        backed += r.approach == Approach::BackingUp;
        last = r.at;
    }
    for (const LiftReading& c : out.readings)
        if (c.counts) highest = std::max(highest, std::abs(c.lift_mm));
    if (backed > 0) say(found::BackedUp{backed}, Severity::Note);
    if (const auto ratio = run.terms.ratioOfLifts();
        ratio && std::abs(*ratio / run.terms.ratio - 1.0) > 0.005)
        say(found::RatioMeasured{*ratio, run.terms.ratio}, Severity::Note);
    // By these angles any cam has its valve well open.
    const double open = run.side == Side::Intake ? 45.0 : -165.0;
    if (live >= 8 && highest <= 0.15 && last.deg >= open && last.deg <= open + 140.0)
        say(found::OtherTurn{last}, Severity::LookAgain);
    // A misfit by whole turns of the dial was read in the wrong turn.
    for (const Misfit& m : out.lobe.misfits) {
        const double turn = run.terms.dialTurn_mm;
        const double turns = turn > 0.0 ? std::round(m.off_mm / turn) : 0.0;
        if (turns == 0.0 || std::abs(m.off_mm - turns * turn) > 0.08 * turn) continue;
        double read = 0.0;
        for (const LiftReading& c : out.readings)
            if (c.counts && std::abs(wrapCycle(c.at - m.at).deg) < 1e-6) read = c.read_mm;
        say(found::DialTurn{m.at, read, read - turns * turn}, Severity::LookAgain);
    }
}

} // namespace

RunFindings examineRun(const Job& job, const LiftRun& run) {
    RunFindings out;
    out.run = run.id;
    out.cylinder = run.cylinder;
    out.side = run.side;
    out.afterMove = run.terms.afterMove;
    for (const Reading& r : run.readings)
        ++(r.struck ? out.struck : out.live);
    if (run.terms.eventsOnly) {
        out.events = examineEvents(job, run, requestFor(job, run));
        out.lobe = out.events->lobe;
        out.complete = !out.events->next;
        // Nose and the way back to zero are read once, each event until so many agree.
        out.planned = 0;
        for (const EventGroup& g : out.events->groups)
            out.planned +=
                g.of == ReadingOf::Nose || g.of == ReadingOf::Lift ? 1 : run.terms.repeats;
        return out;
    }
    const double step = run.terms.step_deg;
    if (step > 0.0)
        out.planned =
            static_cast<int>(std::lround((run.terms.to.deg - run.terms.from.deg) / step)) + 1;
    out.next = nextAngle(run);
    out.complete = out.live > 0 && out.next.deg > run.terms.to.deg + step * 0.01;
    IndicatorReadings lifts = readIndicator(run);
    out.readings = std::move(lifts.readings);
    out.lobe = analyseLobe(countedPoints(out.readings), requestFor(job, run));
    out.lobe.findings.insert(out.lobe.findings.end(), lifts.findings.begin(), lifts.findings.end());
    judgeRun(run, out);
    return out;
}

} // namespace lobe
