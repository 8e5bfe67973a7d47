#include "core/smooth.h"

#include "core/band.h"
#include "core/spline_basis.h"

#include <Eigen/Dense>

#include <algorithm>
#include <array>
#include <cmath>

namespace lobe {
namespace {

constexpr int kPenalty = 3;
constexpr int kSpan = SplineBasis::kSpan, kDegree = SplineBasis::kDegree;
/// Knots this close carry any lobe; closer than the readings only the penalty holds them.
constexpr double kKnot_deg = 4.0;

using Vector = std::vector<double>;

std::size_t index(int i) {
    return static_cast<std::size_t>(i);
}

/// A corner: lift beyond it, away from the base circle, has a slope and a bend of its own.
struct Corner {
    double deg = 0.0;
    bool opening = true;
    static constexpr int kColumns = 2;

    /// The column of a kind: 0 the slope, 1 the bend, 2 a step (what moving the corner does).
    double column(double deg_, int kind, int order) const {
        const double t = opening ? deg_ - deg : deg - deg_;
        if (t < 0.0 || (t == 0.0 && !opening)) return 0.0;
        const double sign = opening || order % 2 == 0 ? 1.0 : -1.0;
        // Lift per degree, and per degree squared over ten: columns of like size.
        switch (kind) {
        case 0:
            return sign * (order == 0 ? t : order == 1 ? 1.0 : 0.0);
        case 1:
            return sign * (order == 0   ? t * t / 20.0
                           : order == 1 ? t / 10.0
                           : order == 2 ? 0.1
                                        : 0.0);
        default:
            return order == 0 ? 1.0 : 0.0;
        }
    }
};

} // namespace

struct SmoothCurve::Fit {
    SplineBasis basis;
    double last = 0.0;
    std::vector<LiftPoint> points;
    Vector weights;
    double scale = 1.0;   ///< variance of a reading of unit weight
    double freedom = 0.0; ///< trace of the hat matrix
    double wheel_deg = 0.0;

    Vector coefficients;
    Band inverse{0, kDegree}; ///< of B'WB + lambda P, within its band
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
    double value(double deg, int order) const {
        int first = 0;
        const auto b = basis.at(deg, order, first);
        double sum = 0.0;
        for (int i = 0; i < kSpan; ++i)
            sum += b[index(i)] * coefficients[index(first + i)];
        for (std::size_t c = 0; c < corners.size(); ++c)
            for (int k = 0; k < Corner::kColumns; ++k)
                sum += jumps[static_cast<Eigen::Index>(c * Corner::kColumns) + k] *
                       corners[c].column(deg, k, order);
        return sum;
    }
    double variance(double deg, int order) const {
        int first = 0;
        const auto b = basis.at(deg, order, first);
        double sum = inverse.form(b.data(), kSpan, first);
        if (!reach.empty()) {
            const Eigen::VectorXd z = beyond(b, first, deg, order);
            sum += z.dot(jumpsInverse * z);
        }
        return scale * sum;
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
    double readingVariance(double deg) const { return scale + std::pow(slope(deg) * wheel_deg, 2); }
};

namespace {

/// Penalised least squares on the splines of a basis, with corners.
class Fitting {
public:
    Fitting(const std::vector<LiftPoint>& points, const SplineBasis& basis)
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
        for (const LiftPoint& p : points) {
            int first = 0;
            rows_.push_back(basis.at(p.deg, 0, first));
            firsts_.push_back(first);
        }
        weigh(weights_);
    }

    void weigh(Vector weights) {
        weights_ = std::move(weights);
        gram_.clear();
        squares_ = 0.0;
        logWeights_ = 0.0;
        for (std::size_t k = 0; k < points_.size(); ++k) {
            const double w = weights_[k];
            squares_ += w * points_[k].mm * points_[k].mm;
            logWeights_ += std::log(w);
            for (int i = 0; i < kSpan; ++i) {
                const double bi = w * rows_[k][index(i)];
                for (int j = 0; j <= i; ++j)
                    gram_.at(firsts_[k] + i, firsts_[k] + j) += bi * rows_[k][index(j)];
            }
        }
        // Angles without a reading near them still need a pivot.
        for (int i = 0; i < basis_.count; ++i)
            gram_.at(i, i) += 1e-12;
        Vector lifts;
        for (const LiftPoint& p : points_)
            lifts.push_back(p.mm);
        right_ = project(lifts);
        setCorners(corners_);
    }

    void setCorners(std::vector<Corner> corners) {
        corners_ = std::move(corners);
        columns_.clear();
        for (const Corner& c : corners_)
            for (int kind = 0; kind < Corner::kColumns; ++kind)
                columns_.push_back(columnOf(c, kind));
        crossed_.clear();
        for (const Vector& k : columns_)
            crossed_.push_back(project(k));
    }
    const std::vector<Corner>& corners() const { return corners_; }

    /// The penalty that makes the readings likeliest; near an earlier choice when there is one.
    double choose(std::optional<double> near = {}) {
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
        const auto m = static_cast<Eigen::Index>(columns_.size());
        reach_.clear();
        schur_ = Eigen::MatrixXd(m, m);
        Eigen::VectorXd g(m);
        for (Eigen::Index i = 0; i < m; ++i) {
            const auto c = static_cast<std::size_t>(i);
            reach_.push_back(factor_.solve(crossed_[c]));
            for (Eigen::Index j = 0; j <= i; ++j)
                schur_(i, j) = schur_(j, i) =
                    dot(columns_[c], columns_[static_cast<std::size_t>(j)]) -
                    plain(reach_[c], crossed_[static_cast<std::size_t>(j)]);
            g[i] = lifted(columns_[c]) - plain(crossed_[c], coefficients_);
        }
        jumps_ = Eigen::VectorXd::Zero(m);
        explained_ = plain(right_, coefficients_);
        logSchur_ = 0.0;
        if (m > 0) {
            const Eigen::LLT<Eigen::MatrixXd> l(schur_);
            if (l.info() != Eigen::Success) return false;
            jumps_ = l.solve(g);
            explained_ += g.dot(jumps_);
            for (Eigen::Index i = 0; i < m; ++i) {
                logSchur_ += 2.0 * std::log(l.matrixL()(i, i));
                for (std::size_t k = 0; k < coefficients_.size(); ++k)
                    coefficients_[k] -= jumps_[i] * reach_[static_cast<std::size_t>(i)][k];
            }
        }
        return true;
    }

    /// Squared residuals and penalty that a corner at a place would take away, with the corners
    /// there are; after `solve`. `slope` is the jump it would have, mm per degree.
    double gain(const Corner& corner, double& slope) const {
        constexpr int m = Corner::kColumns;
        Eigen::Matrix<double, m, m> s;
        Eigen::Matrix<double, m, 1> g;
        Vector k[m], u[m], crossed[m];
        Eigen::MatrixXd with(static_cast<Eigen::Index>(columns_.size()), m);
        for (int i = 0; i < m; ++i) {
            k[i] = columnOf(corner, i);
            crossed[i] = project(k[i]);
            u[i] = factor_.solve(crossed[i]);
            g[i] = lifted(k[i]) - plain(crossed[i], coefficients_);
            for (std::size_t c = 0; c < columns_.size(); ++c) {
                with(static_cast<Eigen::Index>(c), i) =
                    dot(columns_[c], k[i]) - plain(reach_[c], crossed[i]);
                g[i] -= jumps_[static_cast<Eigen::Index>(c)] * dot(columns_[c], k[i]);
            }
            for (int j = 0; j <= i; ++j)
                s(i, j) = s(j, i) = dot(k[i], k[j]) - plain(u[i], crossed[j]);
        }
        if (!columns_.empty()) s -= with.transpose() * schur_.llt().solve(with);
        const Eigen::Matrix<double, m, 1> size = s.ldlt().solve(g);
        slope = size[0];
        return g.dot(size);
    }

    /// Residuals as weighed, squared, and the penalty that goes with them.
    double penalised() const { return std::max(1e-30, squares_ - explained_); }
    /// What is left of the readings to tell their scatter by.
    double left() const {
        return static_cast<double>(points_.size()) - kPenalty -
               static_cast<double>(columns_.size());
    }

    void into(SmoothCurve::Fit& fit) const;
    /// Once the scale is known.
    void suspect(SmoothCurve::Fit& fit) const;

private:
    double unlikelihood(double exponent) {
        const double lambda = std::pow(10.0, exponent);
        if (!solve(lambda)) return 1e300;
        return left() * std::log(penalised()) + factor_.logDeterminant() + logSchur_ -
               (basis_.count - kPenalty) * std::log(lambda);
    }
    Vector columnOf(const Corner& c, int kind) const {
        Vector k;
        for (const LiftPoint& p : points_)
            k.push_back(c.column(p.deg, kind, 0));
        return k;
    }
    /// B'W k
    Vector project(const Vector& k) const {
        Vector out(index(basis_.count), 0.0);
        for (std::size_t p = 0; p < points_.size(); ++p)
            if (k[p] != 0.0)
                for (int i = 0; i < kSpan; ++i)
                    out[index(firsts_[p] + i)] += weights_[p] * k[p] * rows_[p][index(i)];
        return out;
    }
    double dot(const Vector& a, const Vector& b) const {
        double sum = 0.0;
        for (std::size_t p = 0; p < points_.size(); ++p)
            sum += weights_[p] * a[p] * b[p];
        return sum;
    }
    double lifted(const Vector& k) const {
        double sum = 0.0;
        for (std::size_t p = 0; p < points_.size(); ++p)
            sum += weights_[p] * k[p] * points_[p].mm;
        return sum;
    }
    static double plain(const Vector& a, const Vector& b) {
        double sum = 0.0;
        for (std::size_t i = 0; i < a.size(); ++i)
            sum += a[i] * b[i];
        return sum;
    }

    const std::vector<LiftPoint>& points_;
    const SplineBasis& basis_;
    std::vector<SplineBasis::Row> rows_;
    std::vector<int> firsts_;
    Vector weights_, right_, coefficients_;
    Band penalty_, gram_, factor_;
    double squares_ = 0.0, explained_ = 0.0, logWeights_ = 0.0, logSchur_ = 0.0;
    std::vector<Corner> corners_;
    std::vector<Vector> columns_, crossed_, reach_;
    Eigen::MatrixXd schur_;
    Eigen::VectorXd jumps_;
};

void Fitting::into(SmoothCurve::Fit& fit) const {
    fit.coefficients = coefficients_;
    fit.inverse = factor_.inverse();
    fit.corners = corners_;
    fit.jumps = jumps_;
    fit.weights = weights_;
    fit.reach.clear();
    if (corners_.empty()) return;
    std::vector<Vector> columns, crossed;
    for (const Corner& c : corners_)
        for (int kind = 0; kind < SmoothCurve::Fit::kAll; ++kind) {
            columns.push_back(columnOf(c, kind));
            crossed.push_back(project(columns.back()));
            fit.reach.push_back(factor_.solve(crossed.back()));
        }
    const auto m = static_cast<Eigen::Index>(columns.size());
    Eigen::MatrixXd schur(m, m);
    for (Eigen::Index i = 0; i < m; ++i)
        for (Eigen::Index j = 0; j < m; ++j)
            schur(i, j) =
                dot(columns[static_cast<std::size_t>(i)], columns[static_cast<std::size_t>(j)]) -
                plain(fit.reach[static_cast<std::size_t>(i)], crossed[static_cast<std::size_t>(j)]);
    schur.diagonal().array() += 1e-9 * schur.diagonal().maxCoeff();
    fit.jumpsInverse = schur.inverse();
}

void Fitting::suspect(SmoothCurve::Fit& fit) const {
    constexpr double kFrom = 1.5, kWholly = 2.3; // deviations
    for (std::size_t i = 0; i < points_.size(); ++i) {
        const LiftPoint& p = points_[i];
        const double own = fit.scale / weights_[i];
        const double leverage = fit.variance(p.deg, 0) / own;
        fit.freedom += leverage;
        const double holds = 1.0 - std::min(0.95, leverage);
        const double off = (p.mm - fit.value(p.deg, 0)) / holds;
        const double deviates = std::abs(off) / std::sqrt(own / holds);
        if (deviates <= kFrom) continue;
        Vector b(index(basis_.count), 0.0);
        for (int k = 0; k < kSpan; ++k)
            b[index(firsts_[i] + k)] = rows_[i][index(k)];
        SmoothCurve::Fit::Suspect s;
        s.reach = factor_.solve(std::move(b));
        s.columns = fit.beyond(rows_[i], firsts_[i], p.deg, 0);
        s.pull = weights_[i] * off * std::min(1.0, (deviates - kFrom) / (kWholly - kFrom));
        fit.suspects.push_back(std::move(s));
    }
}

/// The variance of the indicator and that of the wheel, from squared residuals each over what the
/// fit leaves of it: scoring for a mean that is linear in both, robust against a slip or two, both
/// parts not negative, the indicator's at least what is given.
std::pair<double, double> parts(const Vector& squared, const Vector& slopes, double least) {
    double lift = least, wheel = 0.0;
    // A start that a slip does not carry away: the median, over that of chi squared.
    Vector sorted = squared;
    const auto middle = sorted.begin() + static_cast<std::ptrdiff_t>(sorted.size() / 2);
    std::nth_element(sorted.begin(), middle, sorted.end());
    lift = std::max(least, *middle / 0.455);
    // Quadratic slopes of the flank in their own size.
    for (int round = 0; round < 12; ++round) {
        double a = 0.0, b = 0.0, c = 0.0, p = 0.0, q = 0.0;
        for (std::size_t i = 0; i < squared.size(); ++i) {
            const double x = slopes[i] * slopes[i], v = lift + wheel * x, w = 1.0 / (v * v);
            // Winsorised at three deviations; what that takes off a normal scatter is put back.
            const double r = std::min(squared[i], 9.0 * v) * 1.013;
            a += w;
            b += w * x;
            c += w * x * x;
            p += w * r;
            q += w * x * r;
        }
        const double det = a * c - b * b;
        double l = p / a, o = 0.0;
        if (det > 1e-12 * a * c) {
            l = (c * p - b * q) / det;
            o = (a * q - b * p) / det;
        }
        if (l < least) {
            l = least;
            o = c > 0.0 ? std::max(0.0, (q - l * b) / c) : 0.0;
        }
        if (o < 0.0) {
            o = 0.0;
            l = std::max(least, p / a);
        }
        lift = l;
        // No wheel is read worse than that; a slip on the flank must not pass for one that is.
        constexpr double kWorst_deg = 0.35;
        wheel = std::min(o, kWorst_deg * kWorst_deg);
    }
    return {lift, wheel};
}

/// The corner where lift leaves or meets the base circle, if the readings speak for one.
class CornerSearch {
public:
    CornerSearch(Fitting& fitting, const std::vector<LiftPoint>& points)
        : fitting_(fitting), points_(points) {
        const auto top =
            std::max_element(points.begin(), points.end(),
                             [](const LiftPoint& a, const LiftPoint& b) { return a.mm < b.mm; });
        nose_ = static_cast<std::size_t>(top - points.begin());
    }

    std::optional<Corner> find(bool opening, double scale, double scatter, bool lash) const {
        // Outwards from the nose to where lift is no more told from none.
        std::size_t i = nose_;
        const std::size_t end = opening ? 0 : points_.size() - 1;
        // From what the outermost readings rest at: the indicator may stand beside zero.
        double base = 0.0;
        for (std::size_t k = 0; k < 3; ++k)
            base += points_[opening ? k : end - k].mm / 3.0;
        const double foot = base + std::max(0.02, 4.0 * scatter);
        // Two in a row, so that a slip on the flank is not taken for the foot.
        const auto rests = [&](std::size_t k) {
            const std::size_t beyond = opening ? k - 1 : k + 1;
            return points_[k].mm <= foot && (k == end || points_[beyond].mm <= foot);
        };
        while (i != end && !rests(i))
            opening ? --i : ++i;
        // Three readings of base circle at least, to tell a corner by.
        const std::size_t rest = opening ? i : points_.size() - 1 - i;
        if (points_[i].mm > foot || rest < 2 || i == nose_) return std::nullopt;
        const double way = opening ? 1.0 : -1.0;
        const std::size_t inner = opening ? i + 1 : i - 1;
        const double step = std::abs(points_[inner].deg - points_[i].deg);
        // Lift leaves the seat no faster than it rises anywhere farther up the flank.
        double steepest = 0.0;
        for (std::size_t k = inner; k != nose_;) {
            const std::size_t next = opening ? k + 1 : k - 1;
            if (k != inner)
                steepest = std::max(steepest, std::abs((points_[next].mm - points_[k].mm) /
                                                       (points_[next].deg - points_[k].deg)));
            k = next;
        }
        Corner best{points_[i].deg, opening};
        double most = 0.0;
        const auto attempt = [&](double deg) {
            double slope = 0.0;
            const double g = fitting_.gain({deg, opening}, slope);
            if (g <= most || slope <= 0.0 || slope > 1.1 * steepest) return;
            most = g;
            best.deg = deg;
        };
        for (double u = -1.5; u <= 1.01; u += 0.25)
            attempt(points_[i].deg + way * u * step);
        for (double fine : {0.12, 0.06, 0.03}) {
            const double middle = best.deg;
            attempt(middle - fine * step);
            if (best.deg == middle) attempt(middle + fine * step);
        }
        if (most < (lash ? kSpeaksWithLash : kSpeaks) * scale) return std::nullopt;
        return best;
    }

private:
    /// A jump that is not there gains about one variance; searched for, a few.
    static constexpr double kSpeaks = 14.0, kSpeaksWithLash = 4.0;
    Fitting& fitting_;
    const std::vector<LiftPoint>& points_;
    std::size_t nose_ = 0;
};

} // namespace

SmoothCurve::SmoothCurve(std::unique_ptr<Fit> fit) : fit_(std::move(fit)) {}
SmoothCurve::~SmoothCurve() = default;
SmoothCurve::SmoothCurve(SmoothCurve&&) noexcept = default;
SmoothCurve& SmoothCurve::operator=(SmoothCurve&&) noexcept = default;

std::optional<SmoothCurve> SmoothCurve::through(const std::vector<LiftPoint>& points,
                                                double least_mm, bool lash) {
    if (points.size() < 12) return std::nullopt;
    auto fit = std::make_unique<Fit>();
    const double from = points.front().deg, to = points.back().deg;
    const double step = (to - from) / static_cast<double>(points.size() - 1);
    const int cells = std::clamp(static_cast<int>((to - from) / std::max(kKnot_deg, step)), 4, 240);
    fit->basis = {from, (to - from) / cells, cells + kDegree};
    fit->last = to;
    fit->points = points;
    const double least = least_mm * least_mm;

    Fitting fitting(points, fit->basis);
    double lambda = fitting.choose();
    if (!fitting.solve(lambda)) return std::nullopt;
    double lift = least, wheel = 0.0;
    for (int round = 0; round < 3; ++round) {
        fitting.into(*fit);
        fit->scale = 1.0;
        // The scatter of the readings in its two parts, then once more with their weights.
        Vector squared, slopes;
        for (std::size_t i = 0; i < points.size(); ++i) {
            const double leverage =
                std::min(0.95, fit->variance(points[i].deg, 0) * fit->weights[i]);
            squared.push_back(std::pow(points[i].mm - fit->value(points[i].deg, 0), 2) /
                              (1.0 - leverage));
            slopes.push_back(fit->slope(points[i].deg));
        }
        std::tie(lift, wheel) = parts(squared, slopes, least);
        Vector weights;
        for (double slope : slopes)
            weights.push_back(1.0 / (1.0 + wheel / lift * slope * slope));
        fitting.weigh(std::move(weights));
        lambda = fitting.choose(lambda);
        if (!fitting.solve(lambda)) return std::nullopt;
        if (round > 0) continue;
        // Corners show best against the first curve, which rounds them.
        const CornerSearch search(fitting, points);
        std::vector<Corner> corners;
        const double scale = std::max(lift, fitting.penalised() / fitting.left());
        for (bool opening : {true, false})
            if (const auto c = search.find(opening, scale, std::sqrt(lift), lash))
                corners.push_back(*c);
        if (corners.empty()) continue;
        fitting.setCorners(corners);
        lambda = fitting.choose();
        if (!fitting.solve(lambda)) return std::nullopt;
    }
    fitting.into(*fit);
    fit->scale = std::max(lift, fitting.penalised() / fitting.left());
    fit->scale = std::max(fit->scale, least);
    fit->wheel_deg = std::sqrt(fit->scale * wheel / lift);
    for (const Corner& c : fit->corners)
        fit->cornersAt.push_back(c.deg);
    fitting.suspect(*fit);
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
    // Student's quantile by its first term in 1 / nu: a thousandth off from six degrees on.
    const double nu = std::max(3.0, static_cast<double>(fit_->points.size()) - fit_->freedom);
    return 1.96 * (1.0 + 1.2 / nu + 1.3 / (nu * nu));
}

std::vector<SmoothCurve::Standing> SmoothCurve::standings() const {
    std::vector<Standing> out;
    for (std::size_t i = 0; i < fit_->points.size(); ++i) {
        const LiftPoint& p = fit_->points[i];
        const double own = fit_->scale / fit_->weights[i];
        const double leverage = std::min(0.95, fit_->variance(p.deg, 0) / own);
        // What the others say there is off from it by its residual over what it does not hold.
        out.push_back(
            {(p.mm - fit_->value(p.deg, 0)) / (1.0 - leverage), std::sqrt(own / (1.0 - leverage))});
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
                return std::abs(p.mm / step - std::round(p.mm / step)) * step < 1e-7;
            }))
            return step;
    return 0.0;
}

} // namespace lobe
