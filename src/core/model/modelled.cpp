#include "core/model/modelled.h"

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
constexpr double kLeastStep = 0.6, kMostStep = 60.0;
constexpr double kNode_deg = 0.5;
/// A card's figures are printed to a degree and a hundredth: no model is nearer to the lobe.
constexpr double kPrinted_mm = 0.02;
/// Shapes through two heights differ less from one another than lobes do from them.
constexpr double kFootSpread = 1.5;
/// A printed centre farther from the middle of the events than any lobe's nose is no centre.
constexpr double kNoseOff_deg = 12.0;
constexpr double kShortest_deg = 60.0, kLongest_deg = 420.0;

/// From the nose, in degrees: where the flank passes a tappet lift.
struct Passing {
    double away_deg = 0.0, mm = 0.0;
};

struct Flank {
    FlankShape shape{kUsualStep};
    double step = kUsualStep;
    double length_deg = 1.0;
    bool both = true;
    double at(double away) const { return shape.at(away / length_deg); }
    double slope(double away) const { return shape.slope(away / length_deg) / length_deg; }
};

/// Through one passing by a fullness, or through two by the fullness that does it.
Flank through(double lift, const Passing& main, const std::optional<Passing>& second, double step,
              int terms) {
    const auto made = [&](double s) {
        Flank f;
        f.shape = FlankShape(s, terms);
        f.step = s;
        f.length_deg = main.away_deg / f.shape.where(main.mm / lift);
        return f;
    };
    if (!second) return made(step);
    // A fuller lobe reaches the lower height nearer to the upper one.
    const auto late = [&](double logStep) {
        const Flank f = made(std::exp(logStep));
        return f.length_deg * f.shape.where(second->mm / lift) - second->away_deg;
    };
    double low = std::log(kLeastStep), high = std::log(kMostStep);
    const bool inside = late(low) >= 0.0 && late(high) <= 0.0;
    if (!inside) {
        Flank f = made(late(low) < 0.0 ? kLeastStep : kMostStep);
        f.both = std::abs(f.length_deg * f.shape.where(second->mm / lift) - second->away_deg) < 0.1;
        return f;
    }
    for (int i = 0; i < 50; ++i) {
        const double mid = (low + high) / 2.0;
        (late(mid) >= 0.0 ? low : high) = mid;
    }
    return made(std::exp((low + high) / 2.0));
}

/// What a card states of a lobe, at the tappet.
struct Figures {
    double lift = 0.0, nose = 0.0;
    PerSide<Passing> main; ///< of the opening (intake member) and the closing flank
    PerSide<std::optional<Passing>> second;
};

std::variant<Figures, ModelFault> figuresOf(const Card& card, Side side, const Taken& taken) {
    const CompleteCard all = complete(card);
    Figures out;
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
        const Passing a{out.nose - (centre - half), low}, b{centre + half - out.nose, low};
        if (a.away_deg > out.main.intake.away_deg && b.away_deg > out.main.exhaust.away_deg)
            out.second = {a, b};
    }
    return out;
}

/// Both flanks of a plausible lobe.
struct Whole {
    Flank opening, closing;
    double nose = 0.0, lift = 0.0;
    double at(double deg) const {
        return lift * (deg < nose ? opening.at(nose - deg) : closing.at(deg - nose));
    }
    double slope(double deg) const {
        return lift * (deg < nose ? -opening.slope(nose - deg) : closing.slope(deg - nose));
    }
};

Whole whole(const Figures& f, double step, int terms) {
    return {through(f.lift, f.main.intake, f.second.intake, step, terms),
            through(f.lift, f.main.exhaust, f.second.exhaust, step, terms), f.nose, f.lift};
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

double steepestOf(const Whole& lobe, double first, double last) {
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
    const Figures& f = std::get<Figures>(read);
    const Whole best = whole(f, kUsualStep, 4);
    // Two heights hold the foot; above them the flank is nearly as free as with one. Counted over
    // harmonic, cycloidal and polynomial lobes these spans hold 95 and more of 100 degrees.
    std::vector<Whole> others;
    for (double share : f.second.intake ? kNarrow : kWide)
        others.push_back({through(f.lift, f.main.intake, {}, share * best.opening.step, 4),
                          through(f.lift, f.main.exhaust, {}, share * best.closing.step, 4), f.nose,
                          f.lift});
    const std::size_t above = others.size();
    if (f.second.intake)
        for (int terms : {2, 3, 5})
            others.push_back(whole(f, kUsualStep, terms));
    double first = best.nose - best.opening.length_deg, last = best.nose + best.closing.length_deg;
    for (const Whole& o : others) {
        first = std::min(first, o.nose - o.opening.length_deg);
        last = std::max(last, o.nose + o.closing.length_deg);
    }
    std::vector<LiftCurve::Node> lift, width;
    for (double deg : nodesOf(first, best.nose, last)) {
        const double slope = best.slope(deg);
        lift.push_back({{deg, best.at(deg)}, slope, slope});
        double apart = 0.0;
        for (std::size_t i = 0; i < others.size(); ++i) {
            const bool foot = best.at(deg) < f.main.intake.mm;
            if (f.second.intake && (i < above) == foot) continue;
            const double off = std::abs(others[i].at(deg) - best.at(deg));
            apart = std::max(apart, i < above ? off : kFootSpread * off);
        }
        width.push_back({{deg, std::hypot(apart, kPrinted_mm)}, 0.0, 0.0});
    }
    keepFalling(lift);
    const double steepest = steepestOf(best, first, last);
    double half = 0.05 * steepest;
    for (std::size_t i = 0; i < others.size(); ++i)
        half = std::max(half, std::abs(steepestOf(others[i], first, last) - steepest));
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
