#include "core/model/modelled.h"

#include "core/angle/root.h"
#include "core/model/flank.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <vector>

namespace lobe {
namespace {

/// Where one height alone is stated: the usual fullness. How far plausible lobes go either way of
/// it, and of one that two heights have told.
constexpr double kUsualStep = 4.0;
constexpr std::array<double, 2> kWide{0.4, 3.5}, kNarrow{0.45, 3.0};
/// What two heights may ask for.
constexpr double kLeastFull = 1.2, kMostStep = 60.0;
/// Ramps as they are ground: height at the tappet, and the longest.
constexpr std::array<double, 3> kRamps_mm{0.17, 0.25, 0.40};
constexpr double kUsualRamp_mm = 0.22, kUsualRamp_deg = 35.0, kLongestRamp_deg = 75.0;
/// A nose that dwells, and one that is not in the middle of its events where no centre is printed.
constexpr double kDwell_deg = 6.0, kNoseLean_deg = 3.0;
constexpr double kNode_deg = 0.5;
/// A card's figures are printed to a degree and a hundredth: no model is nearer to the lobe.
constexpr double kPrinted_mm = 0.02;
/// Members differ less from one another than lobes do from them.
constexpr double kSpread = 1.05;
/// A printed centre farther from the middle of the events than any lobe's nose is no centre.
constexpr double kNoseOff_deg = 12.0;
constexpr double kShortest_deg = 60.0, kLongest_deg = 420.0;

/// From the nose, in degrees: where the flank passes a tappet lift.
struct FlankPassing {
    double away_deg = 0.0, mm = 0.0;
};

/// What a member of the family has beside its fullness: a quiet ramp under the flank and a dwell
/// at the nose. mm at the tappet, degrees.
struct Extra {
    double ramp_mm = 0.0, ramp_deg = 0.0, dwell_deg = 0.0;
};

/// Half a lobe from its nose: a dwell, a flank on top of the ramp, the ramp to the base circle.
struct ModelFlank {
    FlankShape shape{kUsualStep};
    double step = kUsualStep;
    double length_deg = 1.0; ///< of the flank alone
    double lift = 1.0;       ///< mm
    Extra extra;
    bool both = true;

    double foot() const { return extra.dwell_deg + length_deg + extra.ramp_deg; }
    double at(double away) const {
        const double a = away - extra.dwell_deg, over = a - length_deg;
        if (over >= extra.ramp_deg) return 0.0;
        const double ramp = over <= 0.0 ? 1.0 : 1.0 - over / extra.ramp_deg;
        return (lift - extra.ramp_mm) * shape.at(a / length_deg) + extra.ramp_mm * ramp;
    }
    double slope(double away) const {
        const double a = away - extra.dwell_deg, over = a - length_deg;
        if (over >= extra.ramp_deg || a <= 0.0) return 0.0;
        if (over > 0.0) return -extra.ramp_mm / extra.ramp_deg;
        return (lift - extra.ramp_mm) * shape.slope(a / length_deg) / length_deg;
    }
};

/// Through one passing by a fullness.
ModelFlank through(double lift, const FlankPassing& main, double step, int terms,
                   const Extra& extra) {
    ModelFlank f;
    f.shape = FlankShape(step, terms);
    f.step = step;
    f.lift = lift;
    f.extra = extra;
    f.length_deg = (main.away_deg - extra.dwell_deg) /
                   f.shape.where((main.mm - extra.ramp_mm) / (lift - extra.ramp_mm));
    return f;
}

/// Through two by the fullness that does it, or, where that would be none a lobe has, by a usual
/// one on a ramp that reaches the lower: a lobe that is slow at its foot has one.
ModelFlank throughBoth(double lift, const FlankPassing& main, const FlankPassing& second, int terms,
                       const Extra& extra) {
    const auto made = [&](double logStep) {
        return through(lift, main, std::exp(logStep), terms, extra);
    };
    // A fuller lobe reaches the lower height nearer to the upper one.
    const auto late = [&](double logStep) {
        const ModelFlank f = made(logStep);
        return f.extra.dwell_deg +
               f.length_deg * f.shape.where((second.mm - extra.ramp_mm) / (lift - extra.ramp_mm)) -
               second.away_deg;
    };
    const double least = std::log(kLeastFull), most = std::log(kMostStep);
    if (const double over = late(most); over > 0.0) {
        ModelFlank f = made(most);
        f.both = over < 0.1;
        return f;
    }
    return made(late(least) >= 0.0 ? rootBetween(late, least, most) : least);
}

/// The same on a ramp of a height above the lower passing, as long as that takes.
std::optional<ModelFlank> onRamp(double lift, const FlankPassing& main, const FlankPassing& second,
                                 double step, double ramp_mm, double dwell_deg = 0.0) {
    if (!(ramp_mm > second.mm) || ramp_mm >= 0.8 * main.mm) return std::nullopt;
    ModelFlank f = through(lift, main, step, 4, {ramp_mm, 0.0, dwell_deg});
    const double rest = second.away_deg - dwell_deg - f.length_deg;
    if (!(rest > 0.5)) return std::nullopt;
    f.extra.ramp_deg = rest / (1.0 - second.mm / ramp_mm);
    if (f.extra.ramp_deg > kLongestRamp_deg) return std::nullopt;
    return f;
}

/// What a card states of a lobe, at the tappet.
struct FiguresOfLobe {
    double lift = 0.0, nose = 0.0;
    PerSide<FlankPassing> main; ///< of the opening (intake member) and the closing flank
    PerSide<std::optional<FlankPassing>> second;
};

std::variant<FiguresOfLobe, ModelFault> figuresOf(const Card& card, Side side, const Taken& taken) {
    const CompleteCard all = complete(card);
    FiguresOfLobe out;
    if (!card.lift_mm[side]) return ModelFault::NoLift;
    // A printed valve lift is without lash; a height at the valve is behind it.
    out.lift =
        card.liftAt == Place::Valve ? *card.lift_mm[side] / taken.ratio : *card.lift_mm[side];
    const bool intake = side == Side::Intake;
    const auto opens = cardEvent(card, intake ? Event::IntakeOpens : Event::ExhaustOpens);
    const auto closes = cardEvent(card, intake ? Event::IntakeCloses : Event::ExhaustCloses);
    const auto middle = cardCentre(card, side);
    const auto duration = cardDuration_deg(card, side);
    double from = 0.0, to = 0.0;
    if (opens && closes) {
        from = opens->deg;
        to = closes->deg;
    } else if (middle && duration) {
        from = middle->deg - *duration / 2.0;
        to = middle->deg + *duration / 2.0;
    } else {
        return ModelFault::NoEvents;
    }
    out.nose = (from + to) / 2.0;
    if (card.centre[side]) {
        const double printed = intake ? *card.centre[side] : -*card.centre[side];
        if (std::abs(printed - out.nose) < kNoseOff_deg) out.nose = printed;
    }
    if (to - from < kShortest_deg || to - from > kLongest_deg) return ModelFault::EventsUnlikely;
    if (!(out.nose > from && out.nose < to)) out.nose = (from + to) / 2.0;
    const double height = taken.threshold_mm(card.height);
    if (!(out.lift > 0.0) || !(height > 0.0) || height >= 0.95 * out.lift)
        return ModelFault::HeightAboveLift;
    out.main = {{out.nose - from, height}, {to - out.nose, height}};
    const double low = taken.threshold_mm(card.advertised);
    if (card.advertisedDuration[side] && low > 0.0 && low < height) {
        const double half = *card.advertisedDuration[side] / 2.0, centre = (from + to) / 2.0;
        const FlankPassing a{out.nose - (centre - half), low}, b{centre + half - out.nose, low};
        if (a.away_deg > out.main.intake.away_deg && b.away_deg > out.main.exhaust.away_deg)
            out.second = {a, b};
    }
    return out;
}

/// Both flanks of a plausible lobe.
struct WholeLobe {
    ModelFlank opening, closing;
    double nose = 0.0;
    double at(double deg) const {
        return deg < nose ? opening.at(nose - deg) : closing.at(deg - nose);
    }
    double slope(double deg) const {
        return deg < nose ? -opening.slope(nose - deg) : closing.slope(deg - nose);
    }
};

/// The likeliest half: through two heights by a usual fullness, else on a ramp.
ModelFlank likeliest(double lift, const FlankPassing& main,
                     const std::optional<FlankPassing>& second) {
    if (!second) return through(lift, main, kUsualStep, 4, {});
    const ModelFlank smooth = throughBoth(lift, main, *second, 4, {});
    if (smooth.both && smooth.step > kLeastFull * 1.001) return smooth;
    if (const auto ramp = onRamp(lift, main, *second, kUsualStep, kUsualRamp_mm)) return *ramp;
    ModelFlank f = smooth;
    f.both = smooth.step > kLeastFull * 1.001 && smooth.both;
    return f;
}

/// The same halves with the nose elsewhere between the events.
FiguresOfLobe leaning(const FiguresOfLobe& f, double deg) {
    FiguresOfLobe out = f;
    out.nose += deg;
    out.main.intake.away_deg += deg;
    out.main.exhaust.away_deg -= deg;
    if (out.second.intake) out.second.intake->away_deg += deg;
    if (out.second.exhaust) out.second.exhaust->away_deg -= deg;
    return out;
}

/// How else a lobe may run that keeps what is stated, each flank by itself.
std::vector<ModelFlank> plausible(double lift, const FlankPassing& main,
                                  const std::optional<FlankPassing>& second,
                                  const ModelFlank& best) {
    std::vector<ModelFlank> out;
    const auto add = [&](const std::optional<ModelFlank>& f) {
        if (f && f->length_deg > 10.0) out.push_back(*f);
    };
    if (!second) {
        for (double share : kWide) {
            add(through(lift, main, share * best.step, 4, {}));
            add(through(lift, main, share * best.step, 4, {0.0, 0.0, kDwell_deg}));
        }
        for (double ramp : kRamps_mm)
            for (double share : {0.7, 2.0})
                if (ramp < 0.6 * main.mm)
                    add(through(lift, main, share * best.step, 4, {ramp, kUsualRamp_deg, 0.0}));
        return out;
    }
    for (int terms : {2, 3, 5}) {
        const ModelFlank f = throughBoth(lift, main, *second, terms, {});
        if (f.both && f.step > kLeastFull * 1.001) add(f);
    }
    const ModelFlank still = throughBoth(lift, main, *second, 4, {0.0, 0.0, kDwell_deg});
    if (still.both) add(still);
    for (double ramp : kRamps_mm)
        for (double step : {1.4, kUsualStep, 12.0}) {
            add(onRamp(lift, main, *second, step, ramp));
            add(onRamp(lift, main, *second, step, ramp, kDwell_deg));
        }
    return out;
}

/// Ascending angles over a lobe: an even grid, and the nose.
std::vector<double> nodesOf(double from, double nose, double to) {
    std::vector<double> out;
    const auto piece = [&](double a, double b) {
        const int n = std::max(2, static_cast<int>(std::ceil((b - a) / kNode_deg)));
        for (int i = 0; i < n; ++i)
            out.push_back(a + (b - a) * i / n);
    };
    piece(from, nose);
    piece(nose, to);
    out.push_back(to);
    return out;
}

double steepestOf(const WholeLobe& lobe, double first, double last) {
    double most = 0.0;
    for (double deg = first; deg <= last; deg += 1.0)
        most = std::max(most, std::abs(lobe.slope(deg)));
    return most;
}

/// Between nodes the cubic rises where the nodes rise and falls where they fall (the limit of SIAM
/// J. Numer. Anal. 17, 1980, p. 238): at the foot it would go under the base circle by a hair.
void keepFalling(std::vector<LiftCurve::Node>& nodes) {
    for (std::size_t i = 0; i + 1 < nodes.size(); ++i) {
        LiftCurve::Node &a = nodes[i], &b = nodes[i + 1];
        const double most = 3.0 * std::abs(b.point.mm - a.point.mm) / (b.point.deg - a.point.deg);
        a.before = a.after = std::clamp(a.after, -most, most);
        b.before = b.after = std::clamp(b.before, -most, most);
    }
}

} // namespace

ModelResult modelLobe(const Card& card, Side side, double ratio, double lash_mm) {
    Taken taken{Place::Tappet, card.ratio.value_or(ratio),
                card.lash_mm[side] > 0.0 ? card.lash_mm[side] : lash_mm};
    if (!(taken.ratio > 0.0)) taken.ratio = 1.0;
    const auto read = figuresOf(card, side, taken);
    if (const auto* fault = std::get_if<ModelFault>(&read)) return *fault;
    const FiguresOfLobe& f = std::get<FiguresOfLobe>(read);
    const auto halves = [](const FiguresOfLobe& of) {
        return std::pair(likeliest(of.lift, of.main.intake, of.second.intake),
                         likeliest(of.lift, of.main.exhaust, of.second.exhaust));
    };
    const auto [opening, closing] = halves(f);
    const WholeLobe best{opening, closing, f.nose};
    // By how far plausible lobes differ is the half-width. Counted over families that are none of
    // these: harmonic, cycloidal and polynomial lobes with ramps, dwells and leaning flanks.
    std::vector<WholeLobe> others;
    const auto widths = [&](const FiguresOfLobe& of, const ModelFlank& o, const ModelFlank& c) {
        const auto a = plausible(of.lift, of.main.intake, of.second.intake, o),
                   b = plausible(of.lift, of.main.exhaust, of.second.exhaust, c);
        // Each flank by itself: which goes with which says nothing at an angle.
        for (std::size_t i = 0; i < std::max(a.size(), b.size()); ++i)
            others.push_back({i < a.size() ? a[i] : o, i < b.size() ? b[i] : c, of.nose});
    };
    widths(f, opening, closing);
    if (!card.centre[side])
        for (double lean : {-kNoseLean_deg, kNoseLean_deg}) {
            const FiguresOfLobe moved = leaning(f, lean);
            const auto [o, c] = halves(moved);
            others.push_back({o, c, moved.nose});
        }
    // Above two heights the flank is nearly as free as with one.
    std::vector<WholeLobe> free;
    if (f.second.intake)
        for (double share : kNarrow)
            for (double dwell : {0.0, kDwell_deg}) {
                Extra o = best.opening.extra, c = best.closing.extra;
                o.dwell_deg = c.dwell_deg = dwell;
                free.push_back({through(f.lift, f.main.intake, share * best.opening.step, 4, o),
                                through(f.lift, f.main.exhaust, share * best.closing.step, 4, c),
                                f.nose});
            }
    double first = best.nose - best.opening.foot(), last = best.nose + best.closing.foot();
    for (const WholeLobe& o : others) {
        first = std::min(first, o.nose - o.opening.foot());
        last = std::max(last, o.nose + o.closing.foot());
    }
    std::vector<LiftCurve::Node> lift, width;
    for (double deg : nodesOf(first, best.nose, last)) {
        const double slope = best.slope(deg);
        lift.push_back({{deg, best.at(deg)}, slope, slope});
        double apart = 0.0;
        for (const WholeLobe& o : others)
            apart = std::max(apart, std::abs(o.at(deg) - best.at(deg)));
        if (best.at(deg) >= f.main.intake.mm)
            for (const WholeLobe& o : free)
                apart = std::max(apart, std::abs(o.at(deg) - best.at(deg)));
        width.push_back({{deg, std::hypot(kSpread * apart, kPrinted_mm)}, 0.0, 0.0});
    }
    keepFalling(lift);
    const double steepest = steepestOf(best, first, last);
    double half = 0.05 * steepest;
    for (const auto* all : {&others, &free})
        for (const WholeLobe& o : *all)
            half = std::max(half, std::abs(steepestOf(o, first, last) - steepest));
    ModelledLobe out;
    out.side = side;
    out.curve = LiftCurve::with(lift);
    out.halfWidth = LiftCurve::with(width);
    out.nose_deg = f.nose;
    out.lift_mm = f.lift;
    out.steepest = {steepest, half};
    out.card = taken;
    if (card.advertisedDuration[side])
        out.advertisedKept = f.second.intake.has_value() && best.opening.both && best.closing.both;
    return out;
}

} // namespace lobe
