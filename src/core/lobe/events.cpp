#include "core/lobe/events.h"

#include "core/angle/statistics.h"
#include "core/angle/usual.h"
#include "core/angle/wheel.h"
#include "core/job/card.h"
#include "core/job/job.h"
#include "core/lobe/possible.h"
#include "core/lobe/run.h"

#include <algorithm>
#include <cmath>
#include <numbers>

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
    g.settled = static_cast<int>(to - from) >= repeats && g.range_deg <= tolerance_deg + 1e-6;
}

/// What the wheel of a run of events was read to.
double wheelReadTo_deg(const LiftRun& run) {
    std::vector<std::string> typed;
    std::vector<double> angles;
    for (const Reading& r : run.readings)
        if (!r.struck && r.of != ReadingOf::Lift) {
            typed.push_back(r.typed);
            angles.push_back(r.at.deg);
        }
    return readTo_deg(angles, typed);
}

/// How the wheel of a run was read and how its repeats scatter, over all its events together.
struct Scatter {
    double step_deg = 1.0;      ///< what it was read to
    double own_deg = 0.0;       ///< standard deviation of one reading, its rounding not counted
    double student = 1.96;      ///< deviations that make 95 %, with as many readings as told it
    double resolution_mm = 0.0; ///< of the indicator that says when the height is reached
};

Scatter scatterOf(const LiftRun& run, const std::vector<EventGroup>& groups) {
    Scatter out;
    out.step_deg = wheelReadTo_deg(run);
    double squares = 0.0;
    int freedom = 0;
    for (const EventGroup& g : groups) {
        if (!g.mean || g.readings.size() < 2) continue;
        for (CrankDeg at : g.readings)
            if (!(g.odd && at == *g.odd)) squares += std::pow(at.deg - g.mean->deg, 2);
        freedom += static_cast<int>(g.readings.size()) - 1 - (g.odd ? 1 : 0);
    }
    // With few repeats a usual scatter stands in for what they cannot tell: as two readings would.
    constexpr double kUsual_deg = 0.12;
    constexpr int kAsGoodAs = 2;
    const double variance = (squares + kAsGoodAs * kUsual_deg * kUsual_deg) / (freedom + kAsGoodAs);
    out.own_deg = std::sqrt(variance);
    out.resolution_mm = std::max(run.terms.resolution_mm, 0.0);
    out.student = student95(freedom + kAsGoodAs);
    return out;
}

/// What rounding to a step leaves in the mean of repeats that scatter: all of it where they do not
/// scatter at all, and ever less as the scatter passes over the steps, for then the rounding of one
/// is not that of the next (the rounding error's first harmonic is damped by the scatter's own
/// characteristic function: Widrow and Kollar, Quantization Noise, chapter 4). One deviation.
double sharedRounding_deg(double step_deg, double own_deg) {
    const double rounding = step_deg / std::sqrt(12.0);
    const double scatter2 = std::max(0.0, own_deg * own_deg - rounding * rounding);
    return rounding *
           std::exp(-2.0 * std::pow(std::numbers::pi, 2) * scatter2 / (step_deg * step_deg));
}

/// How far either side of the nose an indicator stands still, 95 %: sqrt(2 d / b) with a bend b of
/// 0.002 mm per square degree, about what road and race lobes have.
double dwell_deg(double resolution_mm) {
    constexpr double kBendAtNose = 0.002;
    return std::sqrt(2.0 * std::max(resolution_mm, 0.01) / kBendAtNose);
}

/// About how fast lift passes a height low on a flank, mm per degree, where no curve tells.
constexpr double kSlope_mm_per_deg = 0.07;

/// 95 %: the mean of repeats that scatter, and the rounding they have in common, which no number of
/// repeats takes away.
std::optional<double> uncertainty_deg(const EventGroup& g, const Scatter& wheel) {
    if (!g.mean) return std::nullopt;
    const double n = static_cast<double>(g.readings.size()) - (g.odd ? 1.0 : 0.0);
    constexpr double kSetting_deg = 0.05; // the wheel and its pointer, for all readings alike
    return std::hypot(wheel.student * wheel.own_deg / std::sqrt(n),
                      kCoverageFactor *
                          std::hypot(sharedRounding_deg(wheel.step_deg, wheel.own_deg),
                                     kSetting_deg,
                                     wheel.resolution_mm / std::sqrt(12.0) / kSlope_mm_per_deg));
}

/// `other` is the lobe's other event at the same height: a timing both have is no slip of one.
void judgeEvent(const Job& job, const LiftRun& run, const EventGroup& g, const EventGroup* other,
                std::vector<Finding>& out) {
    const bool opens = g.of == ReadingOf::Opens;
    const auto say = [&](found::Any what) {
        out.push_back({std::move(what), Severity::LookAgain, run.side, run.cylinder});
    };
    if (g.odd) say(found::EventOdd{opens, *g.odd, g.odd->deg - g.mean->deg});
    // Typed on the wrong side of its dead centre: mirrored there, it would be as the card.
    if (g.of == ReadingOf::Nose || run.terms.fromNose || !g.mean || !job.card ||
        (job.card->height != g.height && !cardHeightFor(job, run, g.height)))
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

/// Heights nearer to one another are one height: by this much a ratio measured and a nominal one
/// make the card's differ.
constexpr double kSameHeight_mm = 0.06;

std::vector<Height> eventHeights(const Job& job, const LiftRun& run) {
    const RunConditions& t = run.terms;
    if (t.fromNose)
        return t.eventHeights.empty() ? std::vector<Height>{{job.reckoning.drop_mm, t.taken}}
                                      : t.eventHeights;
    std::vector<Height> wanted = t.eventHeights;
    if (wanted.empty())
        wanted.push_back(job.card ? job.card->height : Height{kUsualHeight_mm, t.taken});
    std::vector<double> read;
    for (const Reading& r : run.readings)
        if (!r.struck && (r.of == ReadingOf::Opens || r.of == ReadingOf::Closes) &&
            std::none_of(read.begin(), read.end(),
                         [&](double mm) { return std::abs(mm - r.value_mm) < 1e-6; }))
            read.push_back(r.value_mm);
    const Taken taken = takenOf(t);
    std::vector<Height> out;
    const auto add = [&](double mm) {
        if (std::none_of(out.begin(), out.end(),
                         [&](const Height& h) { return std::abs(h.mm - mm) < 1e-6; }))
            out.push_back({mm, t.taken});
    };
    for (const Height& h : wanted) {
        const double here = taken.threshold_mm(h);
        // What lash hides is asked at its own number.
        double mm = here > 0.0 ? here : h.mm;
        // Another ratio than when it was read asks for no new readings; nor does a height read
        // before its place was asked for.
        for (double was : read)
            if (std::abs(was - mm) < kSameHeight_mm || (t.eventHeights.empty() && was == h.mm))
                mm = was;
        add(mm);
    }
    for (double mm : read)
        add(mm);
    return out;
}

std::optional<Height> cardHeightFor(const Job& job, const LiftRun& run, const Height& height) {
    if (!job.card || job.card->height.at == run.terms.taken) return std::nullopt;
    const double here = takenOf(run.terms).threshold_mm(job.card->height);
    if (!(here > 0.0) || std::abs(here - height.mm) > kSameHeight_mm) return std::nullopt;
    return job.card->height;
}

UsualSide usualSide(Side side, ReadingOf of, double behind_deg) {
    // Where each usually lies on its own cylinder's cycle, far enough from the middle between two
    // dead centres that no usual engine behind another is put on the wrong side.
    const double way = side == Side::Intake ? 1.0 : -1.0;
    const bool byTop = (of == ReadingOf::Opens) == (side == Side::Intake);
    const double own = of == ReadingOf::Nose ? usualCentre_deg(side)
                       : byTop               ? -20.0 * way
                                             : 225.0 * way;
    const double deg = wrapTurn({own + behind_deg}).deg;
    // A nose lies nearest to neither; it is counted from the top, as cards do.
    if (of == ReadingOf::Nose || std::abs(deg) < 90.0) return {deg > 0.0, DeadCentre::Top};
    return {deg < 0.0, DeadCentre::Bottom};
}

std::vector<EventGroup> eventGroups(const Job& job, const LiftRun& run) {
    std::vector<EventGroup> groups;
    // No two readings agree better than the wheel shows.
    const double tolerance = std::max(run.terms.repeatTolerance_deg, wheelReadTo_deg(run));
    const auto add = [&](ReadingOf of, Height height) {
        EventGroup g;
        g.of = of;
        g.height = height;
        for (const Reading& r : run.readings) {
            if (r.struck || r.approach != Approach::Forward || r.of != of) continue;
            const bool atHeight = of == ReadingOf::Opens || of == ReadingOf::Closes;
            if (atHeight && std::abs(r.value_mm - height.mm) > 1e-6) continue;
            g.readings.push_back(r.at);
        }
        settle(g, of == ReadingOf::Nose || of == ReadingOf::Lift ? 1 : run.terms.repeats,
               tolerance);
        groups.push_back(std::move(g));
    };
    std::vector<Height> heights = eventHeights(job, run);
    // One that was read all the same is not lost.
    const bool nose = !run.terms.noNose ||
                      std::any_of(run.readings.begin(), run.readings.end(), [](const Reading& r) {
                          return !r.struck && r.of == ReadingOf::Nose;
                      });
    if (!run.terms.oneTurn || run.terms.fromNose) {
        for (const Height& h : heights) {
            add(ReadingOf::Opens, h);
            add(ReadingOf::Closes, h);
        }
        if (!run.terms.fromNose && nose) add(ReadingOf::Nose, {});
        return groups;
    }
    std::sort(heights.begin(), heights.end(),
              [](const Height& a, const Height& b) { return a.mm < b.mm; });
    for (const Height& h : heights)
        add(ReadingOf::Opens, h);
    if (nose) add(ReadingOf::Nose, {});
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
        if (r.of == ReadingOf::Nose && r.value_mm > 0.0) {
            sum += r.value_mm;
            ++n;
        }
        if (r.of == ReadingOf::Lift) home = r.value_mm;
    }
    if (n > 0) {
        const double step = std::max(0.01, run.terms.resolution_mm);
        lobe.maxLift_mm = {sum / n, kCoverageFactor * step / std::sqrt(12.0) + 0.01};
    }
    if (home && std::abs(*home) > job.reckoning.zeroReturn_mm)
        lobe.findings.push_back(
            {found::ZeroNotHome{*home}, Severity::LookAgain, run.side, run.cylinder});
}

} // namespace

/// Events at the place taken, as those of the card's height at the other place: what is left
/// between the two heights at the usual slope, and the doubt of ratio and lash in the ±.
static HeightEvents carried(const LiftRun& run, const HeightEvents& e, const Height& card) {
    const Taken taken = takenOf(run.terms);
    constexpr double lash_mm = 0.02; // it is set by a feeler; 95 %
    const double here = taken.threshold_mm(card);
    const double slope = kSlope_mm_per_deg * (taken.at == Place::Valve ? taken.ratio : 1.0);
    const double left_deg = (here - e.height.mm) / slope;
    const double doubt_deg =
        std::hypot(taken.thresholdDoubt_mm(card), lash_mm, 0.5 * left_deg * slope) / slope;
    HeightEvents out = e;
    out.height = card;
    const auto move = [&](std::optional<Measured<CrankDeg>>& at, double by) {
        if (!at) return;
        at->deg += by;
        if (at->plusMinus) at->plusMinus = std::hypot(*at->plusMinus, doubt_deg);
    };
    move(out.opens, left_deg);
    move(out.closes, -left_deg);
    return out;
}

EventsFindings examineEvents(const Job& job, const LiftRun& run, const LobeRequest& request) {
    EventsFindings out;
    out.groups = eventGroups(job, run);
    out.next = nextEvent(out.groups, run.terms);

    const Scatter scatter = scatterOf(run, out.groups);
    LobeFigures& lobe = out.lobe;
    lobe.side = run.side;
    lobe.taken = request.taken;
    lobe.eventsOnly = true;
    if (run.terms.fromNose) {
        fromNose(job, out.groups, scatter, run.terms.shift_deg, lobe);
        for (const EventGroup& g : out.groups)
            judgeEvent(job, run, g, nullptr, lobe.findings);
        if (lobe.noseReached)
            lobe.findings.push_back({found::CentreOnly{}, Severity::Note, run.side, run.cylinder});
        return out;
    }
    const auto shifted = [&](const EventGroup* g) -> std::optional<Measured<CrankDeg>> {
        if (!g || !g->mean) return std::nullopt;
        return {{CrankDeg{g->mean->deg + run.terms.shift_deg}, uncertainty_deg(*g, scatter)}};
    };
    for (const Height& h : eventHeights(job, run)) {
        const EventGroup *opens = find(out.groups, ReadingOf::Opens, h),
                         *closes = find(out.groups, ReadingOf::Closes, h);
        HeightEvents e{h, shifted(opens), shifted(closes)};
        takeOutImpossible(run, e, lobe.findings);
        lobe.noseReached = lobe.noseReached || (e.opens && e.closes);
        if (h == request.eventsHeight || lobe.heights.empty()) lobe.atEventsHeight = e;
        lobe.heights.push_back(e);
        if (const auto card = cardHeightFor(job, run, h)) {
            lobe.heights.push_back(carried(run, e, *card));
            lobe.atEventsHeight = lobe.heights.back();
        }
        // Taken at nearly the card's height: 1 mm is not 0.040 in.
        if (job.card && h != job.card->height && h.at == job.card->height.at &&
            std::abs(h.mm - job.card->height.mm) < 0.06)
            lobe.findings.push_back({found::CardHeightNear{h.mm, job.card->height.mm},
                                     Severity::LookAgain, run.side, run.cylinder});
    }
    lobe.centres.events = lobe.atEventsHeight.midpoint();
    const EventGroup* nose = find(out.groups, ReadingOf::Nose, {});
    lobe.centres.peak = shifted(nose);
    if (auto& peak = lobe.centres.peak; peak && peak->plusMinus)
        peak->plusMinus = std::hypot(*peak->plusMinus, dwell_deg(run.terms.resolution_mm));
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
        judgeEvent(job, run, g, flank ? find(out.groups, other, g.height) : nullptr, lobe.findings);
    }
    if (lobe.noseReached)
        lobe.findings.push_back({found::EventsOnly{}, Severity::Note, run.side, run.cylinder});
    return out;
}

} // namespace lobe
