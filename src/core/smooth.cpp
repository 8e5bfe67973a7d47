#include "core/smooth.h"

#include "core/band.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace lobe {
namespace {

/// What a lobe takes of the readings, near enough for a first look at their scatter.
constexpr double kUsualFreedom = 18.0;
constexpr int kDegree = 5, kSpan = kDegree + 1, kPenalty = 3;

using Vector = std::vector<double>;

/// The quintic B-splines on even knots.
struct Basis {
    double from = 0.0, knot = 1.0;
    int count = 0; ///< splines

    /// The six that are not zero at an angle, or their derivative of an order; `first` is the
    /// lowest one's index.
    std::array<double, kSpan> at(double deg, int order, int& first) const {
        const double u = (deg - from) / knot;
        const int cell = std::clamp(static_cast<int>(std::floor(u)), 0, count - kSpan);
        first = cell;
        const double t = u - cell;
        // Cox and de Boor on unit knots; derivatives as differences of lower degree.
        std::array<double, kSpan> b{};
        b[0] = 1.0;
        const int degree = kDegree - order;
        for (int d = 1; d <= degree; ++d)
            for (int i = d; i >= 0; --i) {
                const double left =
                    i > 0 ? (t + d - i) / d * b[static_cast<std::size_t>(i - 1)] : 0.0;
                const double right =
                    i < d ? (1.0 - t + i) / d * b[static_cast<std::size_t>(i)] : 0.0;
                b[static_cast<std::size_t>(i)] = left + right;
            }
        for (int k = 0; k < order; ++k) {
            for (int i = degree + k + 1; i >= 0; --i) {
                const double left = i > 0 ? b[static_cast<std::size_t>(i - 1)] : 0.0;
                const double right = i <= degree + k ? b[static_cast<std::size_t>(i)] : 0.0;
                b[static_cast<std::size_t>(i)] = (left - right) / knot;
            }
        }
        return b;
    }
};

} // namespace

struct SmoothCurve::Fit {
    Basis basis;
    double last = 0.0;
    Vector coefficients;
    Band normal{0, kDegree}; ///< Cholesky factor of B'WB + lambda P
    double scale = 1.0;      ///< variance of a reading of unit weight
    double lift_mm = 0.0, wheel_deg = 0.0;
    std::vector<double> angles, weights;

    double value(double deg, int order) const {
        int first = 0;
        const auto b = basis.at(deg, order, first);
        double sum = 0.0;
        for (int i = 0; i < kSpan; ++i)
            sum +=
                b[static_cast<std::size_t>(i)] * coefficients[static_cast<std::size_t>(first + i)];
        return sum;
    }
    double variance(double deg, int order) const {
        int first = 0;
        const auto b = basis.at(deg, order, first);
        return scale * normal.inverseForm(b.data(), kSpan, first);
    }
};

namespace {

class Fitting {
public:
    Fitting(const std::vector<LiftPoint>& points, const Basis& basis)
        : points_(points),
          basis_(basis),
          weights_(points.size(), 1.0),
          penalty_(basis.count, kDegree),
          gram_(basis.count, kDegree),
          factor_(basis.count, kDegree) {
        static constexpr double kDifference[] = {-1.0, 3.0, -3.0, 1.0};
        for (int r = 0; r + kPenalty < basis.count; ++r)
            for (int i = 0; i <= kPenalty; ++i)
                for (int j = 0; j <= i; ++j)
                    penalty_.at(r + i, r + j) += kDifference[i] * kDifference[j];
    }

    void weigh(Vector weights) { weights_ = std::move(weights); }

    /// The penalty that makes the readings likeliest; near an earlier choice when there is one.
    double choose(std::optional<double> near = {}) {
        assemble();
        double best = near ? std::log10(*near) : 2.0, least = 1e300;
        const auto attempt = [&](double exponent) {
            const double g = unlikelihood(exponent);
            if (g >= least) return;
            least = g;
            best = exponent;
        };
        attempt(best);
        // Uphill from a usual one as long as it gains, then ever finer.
        if (!near)
            for (double way : {2.0, -2.0})
                for (double before = 1e301; least < before && std::abs(best + way) < 9.0;) {
                    before = least;
                    attempt(best + way);
                }
        for (double step : {1.0, 0.5, 0.25}) {
            if (near && step == 1.0) continue;
            const double middle = best;
            attempt(middle - step);
            if (best == middle) attempt(middle + step);
        }
        return std::pow(10.0, best);
    }

    bool solve(double lambda) {
        factor_.sum(gram_, lambda, penalty_);
        if (!factor_.factorize()) return false;
        coefficients_ = factor_.solve(right_);
        return true;
    }

    /// Residuals as weighed, squared, and the penalty that goes with them.
    double penalised() const {
        double explained = 0.0;
        for (std::size_t i = 0; i < right_.size(); ++i)
            explained += right_[i] * coefficients_[i];
        return std::max(1e-30, squares_ - explained);
    }

    const Vector& coefficients() const { return coefficients_; }
    /// The factor of the last solution.
    const Band& factor() const { return factor_; }

private:
    void assemble() {
        gram_.clear();
        right_.assign(static_cast<std::size_t>(basis_.count), 0.0);
        squares_ = 0.0;
        for (std::size_t k = 0; k < points_.size(); ++k) {
            int first = 0;
            const auto b = basis_.at(points_[k].deg, 0, first);
            const double w = weights_[k], y = points_[k].mm;
            squares_ += w * y * y;
            for (int i = 0; i < kSpan; ++i) {
                const double bi = w * b[static_cast<std::size_t>(i)];
                right_[static_cast<std::size_t>(first + i)] += bi * y;
                for (int j = 0; j <= i; ++j)
                    gram_.at(first + i, first + j) += bi * b[static_cast<std::size_t>(j)];
            }
        }
        // Angles without a reading near them still need a pivot.
        for (int i = 0; i < basis_.count; ++i)
            gram_.at(i, i) += 1e-12;
    }

    double unlikelihood(double exponent) {
        const double lambda = std::pow(10.0, exponent);
        if (!solve(lambda)) return 1e300;
        const double n = static_cast<double>(points_.size());
        return (n - kPenalty) * std::log(penalised()) + factor_.logDeterminant() -
               (basis_.count - kPenalty) * std::log(lambda);
    }

    const std::vector<LiftPoint>& points_;
    const Basis& basis_;
    Vector weights_, right_, coefficients_;
    Band penalty_, gram_, factor_;
    double squares_ = 0.0;
};

/// Least squares of the squared residuals on 1 and slope^2, both parts not negative: the variance
/// of the indicator, and of the wheel.
std::pair<double, double> parts(const std::vector<double>& squared,
                                const std::vector<double>& slopes) {
    double n = 0.0, s = 0.0, ss = 0.0, r = 0.0, rs = 0.0;
    for (std::size_t i = 0; i < squared.size(); ++i) {
        const double x = slopes[i] * slopes[i];
        n += 1.0;
        s += x;
        ss += x * x;
        r += squared[i];
        rs += x * squared[i];
    }
    const double det = n * ss - s * s;
    double lift = r / n, wheel = 0.0;
    if (det > 1e-300) {
        wheel = std::max(0.0, (n * rs - s * r) / det);
        lift = (r - wheel * s) / n;
        if (lift < 0.1 * r / n) {
            lift = 0.1 * r / n;
            wheel = std::max(0.0, (r - n * lift) / s);
        }
    }
    return {lift, wheel};
}

} // namespace

SmoothCurve::SmoothCurve(std::unique_ptr<Fit> fit) : fit_(std::move(fit)) {}
SmoothCurve::~SmoothCurve() = default;
SmoothCurve::SmoothCurve(SmoothCurve&&) noexcept = default;
SmoothCurve& SmoothCurve::operator=(SmoothCurve&&) noexcept = default;

std::optional<SmoothCurve> SmoothCurve::through(const std::vector<LiftPoint>& points,
                                                double least_mm) {
    if (points.size() < 12) return std::nullopt;
    auto fit = std::make_unique<Fit>();
    const double from = points.front().deg, to = points.back().deg;
    // Knots five degrees apart carry any lobe; closer than the readings only the penalty holds
    // them.
    const double step = (to - from) / static_cast<double>(points.size() - 1);
    const int cells = std::clamp(static_cast<int>((to - from) / std::max(5.0, step)), 4, 180);
    fit->basis = {from, (to - from) / cells, cells + kDegree};
    fit->last = to;

    Fitting fitting(points, fit->basis);
    const double lambda = fitting.choose();
    if (!fitting.solve(lambda)) return std::nullopt;
    // The scatter of the readings in its two parts, then once more with their weights.
    std::vector<double> squared, slopes;
    fit->coefficients = fitting.coefficients();
    const double n = static_cast<double>(points.size());
    const double room = std::max(0.3, 1.0 - kUsualFreedom / n);
    for (const LiftPoint& p : points) {
        squared.push_back(std::pow(p.mm - fit->value(p.deg, 0), 2) / room);
        slopes.push_back(fit->value(p.deg, 1));
    }
    auto [lift, wheel] = parts(squared, slopes);
    lift = std::max(lift, least_mm * least_mm);
    Vector weights;
    for (double slope : slopes)
        weights.push_back(1.0 / (1.0 + wheel / lift * slope * slope));
    fit->weights = weights;
    fitting.weigh(std::move(weights));
    if (!fitting.solve(fitting.choose(lambda))) return std::nullopt;

    fit->coefficients = fitting.coefficients();
    for (const LiftPoint& p : points)
        fit->angles.push_back(p.deg);
    fit->normal = fitting.factor();
    fit->scale = std::max(fitting.penalised() / (n - kPenalty), least_mm * least_mm);
    fit->lift_mm = std::sqrt(fit->scale);
    fit->wheel_deg = std::sqrt(fit->scale * wheel / lift);
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
double SmoothCurve::deviation(double deg, int order) const {
    return std::sqrt(std::max(0.0, fit_->variance(std::clamp(deg, first(), last()), order)));
}
double SmoothCurve::lift_mm() const {
    return fit_->lift_mm;
}
double SmoothCurve::wheel_deg() const {
    return fit_->wheel_deg;
}
double SmoothCurve::freedom() const {
    double trace = 0.0;
    for (std::size_t i = 0; i < fit_->angles.size(); ++i)
        trace += fit_->weights[i] * fit_->variance(fit_->angles[i], 0) / fit_->scale;
    return trace;
}

double scatter_mm(const std::vector<LiftPoint>& points) {
    constexpr std::size_t kWindow = 7;
    std::vector<double> found;
    for (std::size_t i = 0; i + kWindow <= points.size(); ++i) {
        // The sixth divided difference, scaled so that it has the scatter of one reading.
        double sum = 0.0, squares = 0.0, least = 1e9;
        for (std::size_t j = 0; j < kWindow; ++j) {
            double product = 1.0;
            for (std::size_t k = 0; k < kWindow; ++k)
                if (k != j) product *= points[i + j].deg - points[i + k].deg;
            sum += points[i + j].mm / product;
            squares += 1.0 / (product * product);
            least = std::min(least, points[i + j].mm);
        }
        if (least > 0.3) found.push_back(std::abs(sum) / std::sqrt(squares));
    }
    if (found.size() < 8) return 0.0;
    const auto middle = found.begin() + static_cast<std::ptrdiff_t>(found.size() / 2);
    std::nth_element(found.begin(), middle, found.end());
    return *middle / 0.6745; // median of |N(0, 1)|
}

double rounding_mm(const std::vector<LiftPoint>& points) {
    for (double step : {0.0254, 0.01, 0.005, 0.00254, 0.002, 0.001, 0.0001})
        if (std::all_of(points.begin(), points.end(), [&](const LiftPoint& p) {
                return std::abs(p.mm / step - std::round(p.mm / step)) * step < 1e-7;
            }))
            return step;
    return 0.0;
}

} // namespace lobe
