#include "core/lobe/uncertainty.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace lobe {
namespace {

/// A crossing is no worse known than this: on a flat the slope says nothing.
constexpr double kMost_deg = 30.0;
constexpr double kSmoothingChoice = 1.1;
/// Of the difference two curves make at the nose: counted at steps of 10 and 15 degrees.
constexpr double kNoseShape = 1.5;

} // namespace

Uncertainty::Uncertainty(const LobeFigures& figures)
    : figures_(figures), nose_(figures.curve->top().deg) {
    const double step_deg = (figures.fair.back().deg - figures.fair.front().deg) /
                            static_cast<double>(std::max<std::size_t>(2, figures.fair.size()) - 1);
    wide_ = std::clamp((step_deg - 5.0) / 5.0, 0.0, 2.0);
    if (figures.smoothed) {
        const auto& p = figures.fair;
        constexpr double kDense_deg = 3.0;
        dense_ = p.back().deg - p.front().deg < kDense_deg * static_cast<double>(p.size() - 1);
        other_ = LiftCurve::through(figures.fair);
        return;
    }
    if (figures.fair.size() < 9) return;
    std::vector<LiftPoint> half;
    for (std::size_t i = 0; i < figures.fair.size(); i += 2)
        half.push_back(figures.fair[i]);
    other_ = LiftCurve::through(std::move(half));
}

double Uncertainty::deviation_mm(double deg) const {
    if (figures_.smoothed) return kSmoothingChoice * figures_.smooth->deviation(deg);
    return reading_mm(deg);
}

double Uncertainty::deviations() const {
    return figures_.smooth ? figures_.smooth->deviationsFor95() : kCoverageFactor;
}

/// A reading's own scatter: the indicator's, and the wheel's by way of the slope.
double Uncertainty::reading_mm(double deg) const {
    return figures_.smooth ? figures_.smooth->reading_mm(deg) : figures_.scatter_mm;
}

/// Rounding of a scattered figure leaves a mean error of amplitude (q / pi) exp(-2 (pi s / q)^2),
/// the first term of its Fourier series: all of it without scatter, none once that is half a step.
double Uncertainty::sharedRounding_mm() const {
    const double q = figures_.rounding_mm;
    if (!(q > 0.0)) return 0.0;
    const double whole = q / std::sqrt(12.0);
    const double square = figures_.scatter_mm * figures_.scatter_mm - whole * whole;
    return whole *
           std::exp(-2.0 * std::numbers::pi * std::numbers::pi * std::max(0.0, square) / (q * q));
}

double Uncertainty::lift_mm(double deg) const {
    // Where readings lie wide apart, what the curve makes of the nose between them: another curve
    // through the same readings makes something else of it.
    const double between =
        dense_ || !other_ ? 0.0 : kNoseShape * std::abs(other_->at(deg) - figures_.curve->at(deg));
    return std::hypot(widened(deviations() * deviation_mm(deg)),
                      kCoverageFactor * sharedRounding_mm(), between);
}

/// Of what rests on the shape between readings that lie far apart: counted at 10 and 15 degrees.
double Uncertainty::widened(double plusMinus) const {
    return plusMinus * (1.0 + 0.5 * wide_);
}

const std::vector<double>& Uncertainty::otherCrossings(double mm) const {
    if (other_ && mm != otherAt_mm_) {
        // Both flanks of a height are asked one after the other.
        otherAt_mm_ = mm;
        otherCrossings_ = other_->crossings(mm);
    }
    return otherCrossings_;
}

double Uncertainty::otherwise_deg(CrankDeg at, double mm, bool opening) const {
    if (dense_) return 0.0;
    double nearest = 1e9;
    for (double x : otherCrossings(mm))
        if ((x <= nose_) == opening && std::abs(x - at.deg) < std::abs(nearest - at.deg))
            nearest = x;
    return nearest < 1e8 ? std::abs(nearest - at.deg) : 0.0;
}

double Uncertainty::crossing_deg(CrankDeg at, double mm, bool opening) const {
    const double slope = std::max(1e-9, std::abs(figures_.curve->slopeAt(at.deg)));
    const double suspect = figures_.smooth ? figures_.smooth->suspicion_mm(at.deg) : 0.0;
    // A suspected slip either is one or is not: where it is, the crossing is off by what it pulls,
    // one way, and scatters about that (1.65 of 1.96 deviations are 95 % to one side).
    const double own =
        deviations() * deviation_mm(at.deg) * (1.0 + 0.5 * std::max(0.0, wide_ - 1.0));
    const double read = std::max(own, suspect + 0.84 * own) / slope;
    const double otherwise = otherwise_deg(at, mm, opening);
    // A curve through every second reading errs eight times as much and more (its error is of
    // fourth order); one through all of them scatters as they do, and what is beyond that is the
    // shape between them.
    const double between =
        figures_.smoothed
            ? std::max(0.0, otherwise - std::max(0.0, 1.5 - wide_) * reading_mm(at.deg) / slope)
            : otherwise / 8.0;
    return std::min(kMost_deg, std::hypot(read, between));
}

double Uncertainty::nose_deg(double deg, double middle) const {
    if (!figures_.smooth) return kMost_deg;
    // The slope is zero there: its deviation over the bend.
    const SmoothCurve& smooth = *figures_.smooth;
    const double bend = std::max(1e-9, std::abs(smooth.at(deg, 2)));
    double own = deviations() * kSmoothingChoice * smooth.deviation(deg, 1) / bend;
    if (!figures_.smoothed) {
        // Through all readings the highest one pulls the top to itself, as far as the lift is
        // within their scatter of the greatest.
        const double scatter = figures_.scatter_mm;
        own = std::hypot(own, std::sqrt(2.0 * 2.5 * scatter / bend));
    }
    const double rounding = sharedRounding_mm();
    const double flat = rounding > 0.0 ? std::sqrt(2.0 * rounding / bend) / 2.0 : 0.0;
    // Where the flanks lean, the bend changes at the nose, and a smooth curve draws the top that
    // way: the factors were counted on lobes whose halves are of different length.
    constexpr double kLean = 1.5, kOwn = 1.2;
    const double lean = kLean * std::abs(middle - deg);
    return std::min(kMost_deg, std::hypot(std::hypot(kOwn * own, flat), lean));
}

/// Of a sum of weight x lift over the readings between two angles, each with its share of width.
template <class Weight>
double Uncertainty::sum(double from, double to, const Weight& weight) const {
    const auto& p = figures_.fair;
    double squares = 0.0, shared = 0.0;
    for (std::size_t i = 1; i + 1 < p.size(); ++i) {
        if (p[i].deg < from || p[i].deg > to) continue;
        const double width = (p[i + 1].deg - p[i - 1].deg) / 2.0;
        squares += std::pow(width * weight(p[i].deg) * reading_mm(p[i].deg), 2);
        shared += width * weight(p[i].deg);
    }
    // What rounding has in common shows at the nose and the base, a fifth of the way perhaps.
    return kCoverageFactor * std::hypot(std::sqrt(squares), 0.2 * shared * sharedRounding_mm());
}

double Uncertainty::area_mm_deg(double from, double to) const {
    // Behind lash the feet are corners, and wide readings tell little of where they stand.
    const double between =
        dense_ || !other_ ? 0.0 : std::abs(other_->area(from, to) - figures_.curve->area(from, to));
    return std::hypot(widened(kSmoothingChoice * sum(from, to, [](double) { return 1.0; })),
                      between);
}

double Uncertainty::centroid_deg(double from, double to, double centroid, double area) const {
    if (!(area > 0.0)) return kMost_deg;
    const double moment = sum(from, to, [&](double deg) { return deg - centroid; });
    const auto of = [&](const LiftCurve& c) {
        const double a = c.area(from, to);
        return a > 0.0 ? c.moment(from, to) / a : centroid;
    };
    const double between = dense_ || !other_ ? 0.0 : std::abs(of(*other_) - of(*figures_.curve));
    return std::min(kMost_deg, std::hypot(widened(kSmoothingChoice * moment / area), between));
}

} // namespace lobe
