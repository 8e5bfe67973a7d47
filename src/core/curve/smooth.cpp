#include "core/curve/smooth.h"

#include "core/angle/statistics.h"

#include "core/curve/corner_search.h"
#include "core/curve/scatter.h"
#include "core/curve/spline_fit.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace lobe {
namespace {

constexpr int kSpan = SplineBasis::kSpan, kDegree = SplineBasis::kDegree;
/// Knots this close carry any lobe; closer than the readings only the penalty holds them.
constexpr double kKnot_deg = 5.0;

using Vector = std::vector<double>;

} // namespace

struct SmoothCurve::Fit {
    SplineBasis basis;
    double last = 0.0;
    std::vector<LiftPoint> points;
    Vector weights;
    double scale = 1.0;                           ///< variance of a reading of unit weight
    double freedom = 0.0, deviationsFor95 = 1.96; ///< trace of the hat matrix
    double wheel_deg = 0.0;

    Vector coefficients;
    SplineBasis::Band inverse{0}; ///< of B'WB + lambda P, within its band
    std::vector<Corner> corners;
    std::vector<double> cornersAt;
    Eigen::VectorXd jumps;        ///< sizes of the corners' columns
    std::vector<Vector> reach;    ///< (B'WB + lambda P)^-1 B'W k, per column, steps included
    Eigen::MatrixXd jumpsInverse; ///< of the columns' Schur complement, steps included

    /// Readings that stand off by two deviations or more, without which the curve would be another.
    struct Suspect {
        Vector reach;            ///< (B'WB + lambda P)^-1 b
        Eigen::VectorXd columns; ///< the corners' columns there, less what the splines hold of them
        double pull = 0.0;       ///< weight times distance from the others, over the scale
    };
    std::vector<Suspect> suspects;

    /// Columns of a corner with its step: what is uncertain, where it stands included.
    static constexpr int kAll = Corner::kColumns + 1;

    double column(std::size_t i, double deg, int order) const {
        return corners[i / kAll].column(deg, static_cast<int>(i % kAll), order);
    }
    /// The splines at the readings, kept since they are asked for again and again.
    std::vector<SplineBasis::Row> rows;
    std::vector<int> firsts;

    /// Each cell's splines as one polynomial in degrees from its start, ascending powers.
    std::vector<SplineBasis::Row> cells;
    void makeCells() {
        const SplineBasis unit{0.0, 1.0, kSpan};
        static const auto power = [&] {
            // The k-th derivative at the start over k! is the coefficient of the k-th power.
            std::array<SplineBasis::Row, kSpan> out{};
            double factorial = 1.0;
            for (int k = 0; k < kSpan; ++k) {
                if (k > 0) factorial *= k;
                int first = 0;
                out[index(k)] = unit.at(0.0, k, first);
                for (double& x : out[index(k)])
                    x /= factorial;
            }
            return out;
        }();
        cells.assign(index(basis.count - kDegree), {});
        for (std::size_t c = 0; c < cells.size(); ++c) {
            double scaled = 1.0;
            for (int k = 0; k < kSpan; ++k, scaled /= basis.knot) {
                double sum = 0.0;
                for (int i = 0; i < kSpan; ++i)
                    sum += power[index(k)][index(i)] * coefficients[c + index(i)];
                cells[c][index(k)] = sum * scaled;
            }
        }
    }
    /// The polynomial of the cell an angle lies in; `t` is where in it, degrees.
    const SplineBasis::Row& cellAt(double deg, double& t) const {
        const int end = static_cast<int>(cells.size()) - 1;
        const int cell =
            std::clamp(static_cast<int>(std::floor((deg - basis.from) / basis.knot)), 0, end);
        t = deg - (basis.from + cell * basis.knot);
        return cells[index(cell)];
    }
    /// Lift and its first three derivatives.
    Jet jet(double deg) const {
        double t = 0.0;
        const SplineBasis::Row& p = cellAt(deg, t);
        Jet out{};
        // Horner's scheme, carried down for the derivatives over their factorials.
#pragma GCC unroll 8
        for (int k = kDegree; k >= 0; --k) {
#pragma GCC unroll 8
            for (std::size_t order = out.size() - 1; order > 0; --order)
                out[order] = out[order] * t + out[order - 1];
            out[0] = out[0] * t + p[index(k)];
        }
        out[2] *= 2.0;
        out[3] *= 6.0;
        if (!corners.empty())
            for (std::size_t order = 0; order < out.size(); ++order)
                out[order] += ofCorners(deg, static_cast<int>(order));
        return out;
    }
    double value(double deg, int order) const {
        if (order > 0) return jet(deg)[index(order)];
        double t = 0.0;
        const SplineBasis::Row& p = cellAt(deg, t);
        double sum = p[kDegree];
        for (int k = kDegree - 1; k >= 0; --k)
            sum = sum * t + p[index(k)];
        return sum + ofCorners(deg, 0);
    }
    double ofCorners(double deg, int order) const {
        double sum = 0.0;
        for (std::size_t c = 0; c < corners.size(); ++c)
            for (int k = 0; k < Corner::kColumns; ++k)
                sum += jumps[static_cast<Eigen::Index>(c * Corner::kColumns) + k] *
                       corners[c].column(deg, k, order);
        return sum;
    }
    double variance(double deg, int order) const {
        int first = 0;
        const auto b = basis.at(deg, order, first);
        return variance(b, first, deg, order);
    }
    double variance(const SplineBasis::Row& b, int first, double deg, int order) const {
        double sum = inverse.form(b.data(), first);
        if (!reach.empty()) {
            const Eigen::VectorXd z = beyond(b, first, deg, order);
            sum += z.dot(jumpsInverse * z);
        }
        return scale * sum;
    }
    /// The share of each reading that the curve takes from itself, at most 0.95.
    Vector leverages;
    void makeLeverages() {
        leverages.resize(points.size());
        for (std::size_t i = 0; i < points.size(); ++i)
            leverages[i] =
                std::min(0.95, variance(rows[i], firsts[i], points[i].deg, 0) * weights[i] / scale);
    }
    double residual(std::size_t i) const {
        return points[i].mm - value(points[i].deg, 0);
    }
    /// The corners' columns at an angle less what the splines hold of them.
    Eigen::VectorXd beyond(const SplineBasis::Row& b, int first, double deg, int order) const {
        Eigen::VectorXd z(static_cast<Eigen::Index>(reach.size()));
        for (std::size_t i = 0; i < reach.size(); ++i) {
            double x = column(i, deg, order);
            for (int k = 0; k < kSpan; ++k)
                x -= b[index(k)] * reach[i][index(first + k)];
            z[static_cast<Eigen::Index>(i)] = x;
        }
        return z;
    }
    double suspicion(double deg) const {
        int first = 0;
        const auto b = basis.at(deg, 0, first);
        const Eigen::VectorXd z = beyond(b, first, deg, 0);
        double squares = 0.0;
        for (const Suspect& s : suspects) {
            double moves = 0.0;
            for (int k = 0; k < kSpan; ++k)
                moves += b[index(k)] * s.reach[index(first + k)];
            if (!reach.empty()) moves += z.dot(jumpsInverse * s.columns);
            squares += std::pow(moves * s.pull, 2);
        }
        return std::sqrt(squares);
    }
    /// Slope as the wheel's error meets it: beside a corner the reading may be from its far side.
    double slope(double deg) const {
        constexpr double kWithin_deg = 0.6;
        double steepest = std::abs(value(deg, 1));
        for (const Corner& c : corners)
            if (std::abs(deg - c.deg) < kWithin_deg)
                steepest = std::max(
                    steepest, std::abs(value(c.deg + (c.opening ? kWithin_deg : -kWithin_deg), 1)));
        return steepest;
    }
    double readingVariance(double deg) const {
        return scale + std::pow(slope(deg) * wheel_deg, 2);
    }
};

namespace {

void take(const SplineFit& from, SmoothCurve::Fit& fit) {
    fit.coefficients = from.coefficients();
    fit.inverse = from.inverse();
    fit.corners = from.corners();
    fit.jumps = from.jumps();
    fit.makeCells();
    fit.weights = from.weights();
    std::tie(fit.reach, fit.jumpsInverse) = from.reach(SmoothCurve::Fit::kAll);
    fit.makeLeverages();
}

/// Readings that stand off, but not clearly, and what they pull; the scale is known.
void suspect(const SplineFit& from, SmoothCurve::Fit& fit) {
    constexpr double kFrom = 1.3, kWholly = 1.8; // deviations
    for (std::size_t i = 0; i < fit.points.size(); ++i) {
        const double own = fit.scale / fit.weights[i], leverage = fit.leverages[i];
        fit.freedom += leverage;
        const double holds = 1.0 - leverage, off = fit.residual(i) / holds;
        const double deviates = std::abs(off) / std::sqrt(own / holds);
        if (deviates <= kFrom) continue;
        SmoothCurve::Fit::Suspect s;
        s.reach = from.reachOf(i);
        s.columns = fit.beyond(fit.rows[i], fit.firsts[i], fit.points[i].deg, 0);
        s.pull = fit.weights[i] * off * std::min(1.0, (deviates - kFrom) / (kWholly - kFrom));
        fit.suspects.push_back(std::move(s));
    }
}

} // namespace

SmoothCurve::SmoothCurve(std::unique_ptr<Fit> fit) : fit_(std::move(fit)) {}
SmoothCurve::~SmoothCurve() = default;
SmoothCurve::SmoothCurve(SmoothCurve&&) noexcept = default;
SmoothCurve& SmoothCurve::operator=(SmoothCurve&&) noexcept = default;

std::optional<SmoothCurve> SmoothCurve::through(const std::vector<LiftPoint>& points,
                                                double least_mm, bool lash) {
    constexpr std::size_t kFewest = 9;
    if (points.size() < kFewest) return std::nullopt;
    auto fit = std::make_unique<Fit>();
    const double from = points.front().deg, to = points.back().deg;
    const double step = (to - from) / static_cast<double>(points.size() - 1);
    const int cells = std::clamp(static_cast<int>((to - from) / std::max(kKnot_deg, step)), 4, 240);
    fit->basis = {from, (to - from) / cells, cells + kDegree};
    fit->last = to;
    fit->points = points;
    const double least = least_mm * least_mm;

    SplineFit fitting(points, fit->basis);
    fit->rows = fitting.rows();
    fit->firsts = fitting.firsts();
    double lambda = fitting.choose();
    if (!fitting.solve(lambda)) return std::nullopt;
    ScatterParts parts{least, 0.0};
    for (int round = 0; round < 3; ++round) {
        take(fitting, *fit);
        fit->scale = 1.0;
        // The scatter of the readings in its two parts, then once more with their weights.
        Vector squared, slopes;
        squared.reserve(points.size());
        slopes.reserve(points.size());
        for (std::size_t i = 0; i < points.size(); ++i) {
            squared.push_back(std::pow(fit->residual(i), 2) / (1.0 - fit->leverages[i]));
            slopes.push_back(fit->slope(points[i].deg));
        }
        const ScatterParts before = parts;
        parts = scatterParts(squared, slopes, least);
        // Weights that hardly change leave the curve as it is.
        const double ratio = parts.wheel / parts.lift, was = before.wheel / before.lift;
        const bool weighed = std::abs(ratio - was) > 0.05 * was;
        if (weighed) {
            Vector weights;
            for (double slope : slopes)
                weights.push_back(1.0 / (1.0 + ratio * slope * slope));
            fitting.weigh(std::move(weights));
            lambda = fitting.choose(lambda);
            if (!fitting.solve(lambda)) return std::nullopt;
        }
        if (round > 0) {
            if (!weighed) break;
            continue;
        }
        // Corners show best against the first curve, which rounds them.
        std::vector<Corner> corners;
        const double scale = std::max(parts.lift, fitting.penalised() / fitting.left());
        for (bool opening : {true, false})
            if (const auto c =
                    findCorner(fitting, points, opening, scale, std::sqrt(parts.lift), lash))
                corners.push_back(*c);
        if (corners.empty()) {
            if (!weighed) break;
            continue;
        }
        fitting.setCorners(corners);
        lambda = fitting.choose();
        if (!fitting.solve(lambda)) return std::nullopt;
    }
    take(fitting, *fit);
    fit->scale = std::max(parts.lift, fitting.penalised() / fitting.left());
    fit->scale = std::max(fit->scale, least);
    fit->wheel_deg = std::sqrt(fit->scale * parts.wheel / parts.lift);
    for (const Corner& c : fit->corners)
        fit->cornersAt.push_back(c.deg);
    suspect(fitting, *fit);
    fit->deviationsFor95 =
        student95(std::max(3.0, static_cast<double>(points.size()) - fit->freedom));
    return SmoothCurve(std::move(fit));
}

double SmoothCurve::first() const {
    return fit_->basis.from;
}
double SmoothCurve::last() const {
    return fit_->last;
}
double SmoothCurve::at(double deg, int order) const {
    return fit_->value(std::clamp(deg, first(), last()), order);
}
SmoothCurve::Jet SmoothCurve::jet(double deg) const {
    return fit_->jet(std::clamp(deg, first(), last()));
}
double SmoothCurve::deviation(double deg, int order) const {
    return std::sqrt(std::max(0.0, fit_->variance(std::clamp(deg, first(), last()), order)));
}
double SmoothCurve::suspicion_mm(double deg) const {
    return fit_->suspicion(std::clamp(deg, first(), last()));
}
double SmoothCurve::lift_mm() const {
    return std::sqrt(fit_->scale);
}
double SmoothCurve::wheel_deg() const {
    return fit_->wheel_deg;
}
double SmoothCurve::reading_mm(double deg) const {
    return std::sqrt(fit_->readingVariance(std::clamp(deg, first(), last())));
}
const std::vector<double>& SmoothCurve::corners() const {
    return fit_->cornersAt;
}
double SmoothCurve::freedom() const {
    return fit_->freedom;
}
double SmoothCurve::deviationsFor95() const {
    return fit_->deviationsFor95;
}

std::vector<SmoothCurve::Standing> SmoothCurve::standings() const {
    std::vector<Standing> out;
    out.reserve(fit_->points.size());
    for (std::size_t i = 0; i < fit_->points.size(); ++i) {
        const double own = fit_->scale / fit_->weights[i], holds = 1.0 - fit_->leverages[i];
        // What the others say there is off from it by its residual over what it does not hold.
        out.push_back({fit_->residual(i) / holds, std::sqrt(own / holds)});
    }
    return out;
}

SmoothCurve::Standing SmoothCurve::standing(const LiftPoint& other) const {
    return {other.mm - fit_->value(other.deg, 0),
            std::sqrt(fit_->readingVariance(other.deg) + fit_->variance(other.deg, 0))};
}

double rounding_mm(const std::vector<LiftPoint>& points) {
    for (double step : {0.0254, 0.0127, 0.01, 0.005, 0.00254, 0.002, 0.00127, 0.001, 0.0001})
        if (std::all_of(points.begin(), points.end(), [&](const LiftPoint& p) {
                return std::abs(p.mm / step - std::nearbyint(p.mm / step)) * step < 1e-7;
            }))
            return step;
    return 0.0;
}

} // namespace lobe
