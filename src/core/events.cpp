#include "core/events.h"

#include "core/card.h"
#include "core/wheel.h"

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
    double step_deg = 1.0;  ///< what it was read to
    double own_deg = 0.0;   ///< standard deviation of one reading, its rounding not counted
    double student = 1.96;  ///< deviations that make 95 %, with as many readings as told it
};

/// Student's 97.5 % quantile by degrees of freedom.
double student(int freedom) {
    static constexpr double kQuantile[] = {12.71, 4.303, 3.182, 2.776, 2.571,
                                           2.447, 2.365, 2.306, 2.262, 2.228};
    if (freedom < 1) return kQuantile[0];
    if (freedom <= 10) return kQuantile[freedom - 1];
    return 1.96 * (1.0 + 1.2 / freedom + 1.3 / (double(freedom) * freedom));
}

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
    const double variance =
        (squares + kAsGoodAs * kUsual_deg * kUsual_deg) / (freedom + kAsGoodAs);
    // Rounding is in the scatter too, unless all repeats were rounded alike.
    out.own_deg = std::sqrt(variance);
    out.student = student(freedom + kAsGoodAs);
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
    Finding f{Code::EventOdd, Severity::LookAgain, run.side, run.cylinder};
    f.opening = g.of == ReadingOf::Opens;
    if (g.odd) {
        f.at = g.odd;
        f.deg = g.odd->deg - g.mean->deg;
        out.push_back(f);
    }
    // Typed on the wrong side of its dead centre: mirrored there, it would be as the card.
    if (g.of == ReadingOf::Nose || !g.mean || !job.card || job.card->height != g.height) return;
    const Event event = f.opening ? opening(run.side) : closing(run.side);
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
    f.code = Code::EventSide;
    f.at = g.mean;
    f.other_deg = mirrored.deg;
    out.push_back(f);
}

} // namespace

std::vector<Height> eventHeights(const Job& job, const LiftRun& run) {
    if (!run.terms.eventHeights.empty()) return run.terms.eventHeights;
    return {job.card ? job.card->height : Height{1.27, run.terms.taken}};
}

UsualSide usualSide(Side side, ReadingOf of) {
    if (of == ReadingOf::Nose) return {side == Side::Intake, DeadCentre::Top};
    const bool opens = of == ReadingOf::Opens;
    if (side == Side::Intake)
        return opens ? UsualSide{false, DeadCentre::Top} : UsualSide{true, DeadCentre::Bottom};
    return opens ? UsualSide{false, DeadCentre::Bottom} : UsualSide{true, DeadCentre::Top};
}

EventsFindings examineEvents(const Job& job, const LiftRun& run, const LobeRequest& request) {
    EventsFindings out;
    const auto group = [&](ReadingOf of, Height height) {
        EventGroup g;
        g.of = of;
        g.height = height;
        for (const Reading& r : run.readings) {
            if (r.struck || r.approach != Approach::Forward || r.of != of) continue;
            if (of != ReadingOf::Nose && std::abs(r.lift_mm - height.mm) > 1e-6) continue;
            g.readings.push_back(r.at);
        }
        settle(g, of == ReadingOf::Nose ? 1 : run.terms.repeats, run.terms.repeatTolerance_deg);
        if (!g.settled && !out.next) out.next = EventWanted{of, height};
        out.groups.push_back(std::move(g));
    };
    for (const Height& h : eventHeights(job, run)) {
        group(ReadingOf::Opens, h);
        group(ReadingOf::Closes, h);
    }
    group(ReadingOf::Nose, {});

    const Scatter wheel = scatterOf(run, out.groups);
    LobeFigures& lobe = out.lobe;
    lobe.side = run.side;
    lobe.taken = request.taken;
    lobe.eventsOnly = true;
    const auto shifted = [&](const EventGroup& g) {
        return g.mean ? std::optional(CrankDeg{g.mean->deg + run.terms.shift_deg}) : std::nullopt;
    };
    for (std::size_t i = 0; i + 1 < out.groups.size(); i += 2) {
        HeightEvents e{out.groups[i].height, shifted(out.groups[i]), shifted(out.groups[i + 1])};
        e.opensUncertainty_deg = uncertainty_deg(out.groups[i], wheel);
        e.closesUncertainty_deg = uncertainty_deg(out.groups[i + 1], wheel);
        lobe.noseReached = lobe.noseReached || (e.opens && e.closes);
        if (e.height == request.eventsHeight || i == 0) lobe.atEventsHeight = e;
        lobe.heights.push_back(e);
    }
    lobe.centres.events = lobe.atEventsHeight.midpoint();
    lobe.centres.eventsUncertainty_deg = lobe.atEventsHeight.midpointUncertainty_deg();
    lobe.maxLiftAt = shifted(out.groups.back());
    lobe.centres.peak = lobe.maxLiftAt;
    for (std::size_t i = 0; i < out.groups.size(); ++i) {
        const bool nose = out.groups[i].of == ReadingOf::Nose;
        judge(job, run, out.groups[i], nose ? nullptr : &out.groups[i ^ 1], lobe.findings);
    }
    if (lobe.noseReached)
        lobe.findings.push_back({Code::EventsOnly, Severity::Note, run.side, run.cylinder});
    return out;
}

} // namespace lobe
