#include "core/lobe/events.h"

#include "core/angle/statistics.h"
#include "core/angle/usual.h"
#include "core/angle/wheel.h"
#include "core/job/card.h"
#include "core/job/job.h"
#include "core/lobe/possible.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

/// The mean without the reading that stands farthest out, when leaving it brings the rest together.
void settle(EventGroup& g, int repeats, double tolerance_deg) {
    if (g.readings.empty()) return;
    std::vector<CrankDeg> sorted = g.readings;
    std::sort(sorted.begin(), sorted.end());
    std::size_t from = 0, to = sorted.size();
    const auto range = [&] { return sorted[to - 1].deg - sorted[from].deg; };
    if (sorted.size() >= 3 && range() > tolerance_deg) {
        const double withoutFirst = sorted[to - 1].deg - sorted[1].deg;
        const double withoutLast = sorted[to - 2].deg - sorted[0].deg;
        const bool first = withoutFirst < withoutLast;
        if (std::min(withoutFirst, withoutLast) <= tolerance_deg)
            g.odd = first ? sorted[from++] : sorted[--to];
    }
    // Angles of one event lie close together on the cycle: no wrap to fear in the mean.
    double sum = 0.0;
    for (std::size_t i = from; i < to; ++i)
        sum += sorted[i].deg;
    g.mean = CrankDeg{sum / static_cast<double>(to - from)};
    g.range_deg = range();
    g.settled = static_cast<int>(to - from) >= repeats && g.range_deg <= tolerance_deg;
}

/// How the wheel of a run was read and how its repeats scatter, over all its events together.
struct Scatter {
    double step_deg = 1.0; ///< what it was read to
    double own_deg = 0.0;  ///< standard deviation of one reading, its rounding not counted
    double student = 1.96; ///< deviations that make 95 %, with as many readings as told it
};

Scatter scatterOf(const LiftRun& run, const std::vector<EventGroup>& groups) {
    Scatter out;
    std::vector<std::string> typed;
    std::vector<double> angles;
    for (const Reading& r : run.readings)
        if (!r.struck && r.of != ReadingOf::Lift) {
            typed.push_back(r.typed);
            angles.push_back(r.at.deg);
        }
    out.step_deg = readTo_deg(angles, typed);
    double squares = 0.0;
    int freedom = 0;
    for (const EventGroup& g : groups) {
        if (!g.mean || g.readings.size() < 2) continue;
        for (CrankDeg at : g.readings)
            if (!(g.odd && at == *g.odd)) squares += std::pow(at.deg - g.mean->deg, 2);
        freedom += static_cast<int>(g.readings.size()) - 1 - (g.odd ? 1 : 0);
    }
    // With few repeats a usual scatter stands in for what they cannot tell: as four readings would.
    constexpr double kUsual_deg = 0.2;
    constexpr int kAsGoodAs = 4;
    const double variance = (squares + kAsGoodAs * kUsual_deg * kUsual_deg) / (freedom + kAsGoodAs);
    // Rounding is in the scatter too, unless all repeats were rounded alike.
    out.own_deg = std::sqrt(variance);
    out.student = student95(freedom + kAsGoodAs);
    return out;
}

/// 95 %: the mean of repeats that scatter, and the rounding they have in common, which no number of
/// repeats takes away.
std::optional<double> uncertainty_deg(const EventGroup& g, const Scatter& wheel) {
    if (!g.mean) return std::nullopt;
    const double n = static_cast<double>(g.readings.size()) - (g.odd ? 1.0 : 0.0);
    constexpr double kSetting_deg = 0.05; // the wheel and its pointer, for all readings alike
    return std::hypot(wheel.student * wheel.own_deg / std::sqrt(n),
                      kCoverageFactor * std::hypot(wheel.step_deg / std::sqrt(12.0), kSetting_deg));
}

/// `other` is the lobe's other event at the same height: a timing both have is no slip of one.
void judge(const Job& job, const LiftRun& run, const EventGroup& g, const EventGroup* other,
           std::vector<Finding>& out) {
    const bool opens = g.of == ReadingOf::Opens;
    const auto say = [&](found::Any what) {
        out.push_back({std::move(what), Severity::LookAgain, run.side, run.cylinder});
    };
    if (g.odd) say(found::EventOdd{opens, *g.odd, g.odd->deg - g.mean->deg});
    // Typed on the wrong side of its dead centre: mirrored there, it would be as the card.
    if (g.of == ReadingOf::Nose || run.conditions.fromNose || !g.mean || !job.card ||
        job.card->height != g.height)
        return;
    const Event event = opens ? opening(run.side) : closing(run.side);
    const auto promised = cardEvent(*job.card, event);
    if (!promised) return;
    const double said = toCard(event, *g.mean).deg;
    const CrankDeg mirrored = fromCard(event, {-said});
    // Judged against the timing of the other event, once that is known: a cam that is early as a
    // whole may well open on the other side.
    if (!other || !other->mean) return;
    const auto theirs =
        cardEvent(*job.card, other->of == ReadingOf::Opens ? opening(run.side) : closing(run.side));
    if (!theirs) return;
    const double timing = other->mean->deg - theirs->deg;
    constexpr double kFits_deg = 3.0;
    if (std::abs(g.mean->deg - promised->deg - timing) <= 2.0 * kFits_deg ||
        std::abs(mirrored.deg - promised->deg - timing) > kFits_deg)
        return;
    say(found::EventSide{opens, *g.mean, mirrored});
}

} // namespace

std::vector<Height> eventHeights(const Job& job, const LiftRun& run) {
    if (!run.conditions.eventHeights.empty()) return run.conditions.eventHeights;
    if (run.conditions.fromNose) return {{job.reckoning.drop_mm, run.conditions.taken}};
    return {job.card ? job.card->height : Height{kUsualHeight_mm, run.conditions.taken}};
}

UsualSide usualSide(Side side, ReadingOf of) {
    if (of == ReadingOf::Nose) return {side == Side::Intake, DeadCentre::Top};
    const bool opens = of == ReadingOf::Opens;
    if (side == Side::Intake)
        return opens ? UsualSide{false, DeadCentre::Top} : UsualSide{true, DeadCentre::Bottom};
    return opens ? UsualSide{false, DeadCentre::Bottom} : UsualSide{true, DeadCentre::Top};
}

std::vector<EventGroup> eventGroups(const Job& job, const LiftRun& run) {
    std::vector<EventGroup> groups;
    const auto add = [&](ReadingOf of, Height height) {
        EventGroup g;
        g.of = of;
        g.height = height;
        for (const Reading& r : run.readings) {
            if (r.struck || r.approach != Approach::Forward || r.of != of) continue;
            const bool atHeight = of == ReadingOf::Opens || of == ReadingOf::Closes;
            if (atHeight && std::abs(r.lift_mm - height.mm) > 1e-6) continue;
            g.readings.push_back(r.at);
        }
        settle(g, of == ReadingOf::Nose || of == ReadingOf::Lift ? 1 : run.conditions.repeats,
               run.conditions.repeatTolerance_deg);
        groups.push_back(std::move(g));
    };
    std::vector<Height> heights = eventHeights(job, run);
    if (!run.conditions.oneTurn || run.conditions.fromNose) {
        for (const Height& h : heights) {
            add(ReadingOf::Opens, h);
            add(ReadingOf::Closes, h);
        }
        if (!run.conditions.fromNose) add(ReadingOf::Nose, {});
        return groups;
    }
    std::sort(heights.begin(), heights.end(),
              [](const Height& a, const Height& b) { return a.mm < b.mm; });
    for (const Height& h : heights)
        add(ReadingOf::Opens, h);
    add(ReadingOf::Nose, {});
    for (auto h = heights.rbegin(); h != heights.rend(); ++h)
        add(ReadingOf::Closes, *h);
    add(ReadingOf::Lift, {});
    return groups;
}

std::optional<EventWanted> nextEvent(const std::vector<EventGroup>& groups,
                                     const RunConditions& conditions,
                                     const std::function<bool(const EventWanted&)>& leftOut) {
    const bool asBrought = conditions.oneTurn || conditions.fromNose;
    const EventGroup* next = nullptr;
    for (const EventGroup& g : groups) {
        if (g.settled || (leftOut && leftOut({g.of, g.height}))) continue;
        if (!next || (asBrought && g.readings.size() < next->readings.size())) next = &g;
    }
    return next ? std::optional(EventWanted{next->of, next->height}) : std::nullopt;
}

namespace {

const EventGroup* find(const std::vector<EventGroup>& groups, ReadingOf of, const Height& height) {
    for (const EventGroup& g : groups)
        if (g.of == of && g.height == height) return &g;
    return nullptr;
}

/// The centre from drops under the nose: the lobe's, and how the middle leans as the drop grows.
void fromNose(const Job& job, const std::vector<EventGroup>& groups, const Scatter& scatter,
              double shift_deg, LobeFigures& lobe) {
    std::vector<HeightEvents> drops;
    for (const EventGroup& g : groups) {
        if (g.of != ReadingOf::Opens || !g.mean) continue;
        const EventGroup* fall = find(groups, ReadingOf::Closes, g.height);
        if (!fall || !fall->mean || fall->mean->deg <= g.mean->deg) continue;
        drops.push_back(
            {g.height,
             {{CrankDeg{g.mean->deg + shift_deg}, uncertainty_deg(g, scatter)}},
             {{CrankDeg{fall->mean->deg + shift_deg}, uncertainty_deg(*fall, scatter)}}});
    }
    if (drops.empty()) return;
    std::sort(drops.begin(), drops.end(), [](const HeightEvents& a, const HeightEvents& b) {
        return a.height.mm < b.height.mm;
    });
    const auto chosen =
        std::min_element(drops.begin(), drops.end(), [&](const auto& a, const auto& b) {
            return std::abs(a.height.mm - job.reckoning.drop_mm) <
                   std::abs(b.height.mm - job.reckoning.drop_mm);
        });
    lobe.noseReached = true;
    lobe.drop_mm = chosen->height.mm;
    lobe.centres.equalDrop = chosen->midpoint();
    MidpointLine& line = lobe.midpoints;
    if (drops.size() > 1) {
        const HeightEvents &shallow = drops.front(), &deep = drops.back();
        const auto low = *deep.midpoint(), high = *shallow.midpoint();
        const double uncertain = std::hypot(*low.plusMinus, *high.plusMinus);
        line.skew_deg = {low.deg - high.deg, uncertain};
        line.symmetry =
            std::abs(line.skew_deg) > uncertain ? Symmetry::Asymmetric : Symmetry::Symmetric;
    }
    line.events = std::move(drops);
}

/// The greatest lift, and whether the indicator came home, of a run taken in one turn.
void noseAndHome(const Job& job, const LiftRun& run, LobeFigures& lobe) {
    double sum = 0.0;
    int n = 0;
    std::optional<double> home;
    for (const Reading& r : run.readings) {
        if (r.struck || r.approach != Approach::Forward) continue;
        if (r.of == ReadingOf::Nose && r.lift_mm > 0.0) {
            sum += r.lift_mm;
            ++n;
        }
        if (r.of == ReadingOf::Lift) home = r.lift_mm;
    }
    if (n > 0) {
        const double step = std::max(0.01, run.conditions.resolution_mm);
        lobe.maxLift_mm = {sum / n, kCoverageFactor * step / std::sqrt(12.0) + 0.01};
    }
    if (home && std::abs(*home) > job.reckoning.zeroReturn_mm)
        lobe.findings.push_back(
            {found::ZeroNotHome{*home}, Severity::LookAgain, run.side, run.cylinder});
}

} // namespace

EventsFindings examineEvents(const Job& job, const LiftRun& run, const LobeRequest& request) {
    EventsFindings out;
    out.groups = eventGroups(job, run);
    out.next = nextEvent(out.groups, run.conditions);

    const Scatter scatter = scatterOf(run, out.groups);
    LobeFigures& lobe = out.lobe;
    lobe.side = run.side;
    lobe.taken = request.taken;
    lobe.eventsOnly = true;
    if (run.conditions.fromNose) {
        fromNose(job, out.groups, scatter, run.conditions.shift_deg, lobe);
        for (const EventGroup& g : out.groups)
            judge(job, run, g, nullptr, lobe.findings);
        if (lobe.noseReached)
            lobe.findings.push_back({found::CentreOnly{}, Severity::Note, run.side, run.cylinder});
        return out;
    }
    const auto shifted = [&](const EventGroup* g) -> std::optional<Measured<CrankDeg>> {
        if (!g || !g->mean) return std::nullopt;
        return {{CrankDeg{g->mean->deg + run.conditions.shift_deg}, uncertainty_deg(*g, scatter)}};
    };
    for (const Height& h : eventHeights(job, run)) {
        const EventGroup *opens = find(out.groups, ReadingOf::Opens, h),
                         *closes = find(out.groups, ReadingOf::Closes, h);
        HeightEvents e{h, shifted(opens), shifted(closes)};
        takeOutImpossible(run, e, lobe.findings);
        lobe.noseReached = lobe.noseReached || (e.opens && e.closes);
        if (h == request.eventsHeight || lobe.heights.empty()) lobe.atEventsHeight = e;
        lobe.heights.push_back(e);
        // Taken at nearly the card's height: 1 mm is not 0.040 in.
        if (job.card && h != job.card->height && h.at == job.card->height.at &&
            std::abs(h.mm - job.card->height.mm) < 0.06)
            lobe.findings.push_back({found::CardHeightNear{h.mm, job.card->height.mm},
                                     Severity::LookAgain, run.side, run.cylinder});
    }
    lobe.centres.events = lobe.atEventsHeight.midpoint();
    const EventGroup* nose = find(out.groups, ReadingOf::Nose, {});
    lobe.centres.peak = shifted(nose);
    lobe.maxLiftAt = lobe.centres.peak;
    // The nose lies between the events, near their middle on any cam.
    constexpr double kLean_deg = 25.0;
    if (lobe.maxLiftAt && lobe.centres.events &&
        std::abs(lobe.maxLiftAt->deg - lobe.centres.events->deg) > kLean_deg) {
        const double off_deg = lobe.maxLiftAt->deg - lobe.centres.events->deg;
        lobe.findings.push_back({found::NoseUnlikely{*lobe.maxLiftAt, off_deg}, Severity::LookAgain,
                                 run.side, run.cylinder});
        lobe.maxLiftAt.reset();
        lobe.centres.peak.reset();
    }
    noseAndHome(job, run, lobe);
    for (const EventGroup& g : out.groups) {
        const bool flank = g.of == ReadingOf::Opens || g.of == ReadingOf::Closes;
        const auto other = g.of == ReadingOf::Opens ? ReadingOf::Closes : ReadingOf::Opens;
        judge(job, run, g, flank ? find(out.groups, other, g.height) : nullptr, lobe.findings);
    }
    if (lobe.noseReached)
        lobe.findings.push_back({found::EventsOnly{}, Severity::Note, run.side, run.cylinder});
    return out;
}

} // namespace lobe
