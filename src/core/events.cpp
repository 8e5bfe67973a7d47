#include "core/events.h"

#include "core/card.h"

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

/// From the repeats: the standard deviation of their mean, with that of a wheel read to half a
/// degree; one reading alone is taken to scatter as its tolerance allows.
std::optional<double> uncertainty_deg(const EventGroup& g, const RunTerms& terms) {
    if (!g.mean) return std::nullopt;
    double squares = 0.0;
    int n = 0;
    bool left = false; // the odd one, once
    for (CrankDeg at : g.readings) {
        if (!left && g.odd && at == *g.odd) {
            left = true;
            continue;
        }
        squares += std::pow(at.deg - g.mean->deg, 2);
        ++n;
    }
    const double wheel = 0.5 / std::sqrt(12.0);
    const double own = n > 1 ? std::sqrt(squares / (n - 1)) : terms.repeatTolerance_deg / 2.0;
    return kCoverageFactor * std::hypot(std::max(own, 0.05), wheel) / std::sqrt(n);
}

void judge(const Job& job, const LiftRun& run, const EventGroup& g, std::vector<Finding>& out) {
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
    constexpr double kFits_deg = 3.0;
    if (std::abs(g.mean->deg - promised->deg) <= kFits_deg ||
        std::abs(mirrored.deg - promised->deg) > kFits_deg)
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

    LobeFigures& lobe = out.lobe;
    lobe.side = run.side;
    lobe.taken = request.taken;
    lobe.eventsOnly = true;
    const auto shifted = [&](const EventGroup& g) {
        return g.mean ? std::optional(CrankDeg{g.mean->deg + run.terms.shift_deg}) : std::nullopt;
    };
    for (std::size_t i = 0; i + 1 < out.groups.size(); i += 2) {
        HeightEvents e{out.groups[i].height, shifted(out.groups[i]), shifted(out.groups[i + 1])};
        e.opensUncertainty_deg = uncertainty_deg(out.groups[i], run.terms);
        e.closesUncertainty_deg = uncertainty_deg(out.groups[i + 1], run.terms);
        lobe.noseReached = lobe.noseReached || (e.opens && e.closes);
        if (e.height == request.eventsHeight || i == 0) lobe.atEventsHeight = e;
        lobe.heights.push_back(e);
    }
    lobe.centres.events = lobe.atEventsHeight.midpoint();
    lobe.centres.eventsUncertainty_deg = lobe.atEventsHeight.midpointUncertainty_deg();
    lobe.maxLiftAt = shifted(out.groups.back());
    lobe.centres.peak = lobe.maxLiftAt;
    for (const EventGroup& g : out.groups)
        judge(job, run, g, lobe.findings);
    if (lobe.noseReached)
        lobe.findings.push_back({Code::EventsOnly, Severity::Note, run.side, run.cylinder});
    return out;
}

} // namespace lobe
