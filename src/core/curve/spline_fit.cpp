#include "core/curve/spline_fit.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

constexpr int kPenalty = 3;

using Vector = SplineFit::Vector;

double plain(const Vector& a, const Vector& b) {
    double sum = 0.0;
    for (std::size_t i = 0; i < a.size(); ++i)
        sum += a[i] * b[i];
    return sum;
}

} // namespace

SplineFit::SplineFit(const std::vector<LiftPoint>& points, const SplineBasis& basis)
    : points_(points),
      basis_(basis),
      penalty_(basis.count),
      gram_(basis.count),
      factor_(basis.count) {
    static constexpr double kDifference[] = {-1.0, 3.0, -3.0, 1.0};
    for (int r = 0; r + kPenalty < basis.count; ++r)
        for (int i = 0; i <= kPenalty; ++i)
            for (int j = 0; j <= i; ++j)
                penalty_.at(r + i, r + j) += kDifference[i] * kDifference[j];
    rows_.reserve(points.size());
    firsts_.reserve(points.size());
    for (const LiftPoint& p : points) {
        int first = 0;
        rows_.push_back(basis.at(p.deg, 0, first));
        firsts_.push_back(first);
    }
    weigh(Vector(points.size(), 1.0));
}

void SplineFit::weigh(Vector weights) {
    weights_ = std::move(weights);
    gram_.clear();
    squares_ = 0.0;
    Vector lifts;
    lifts.reserve(points_.size());
    for (std::size_t k = 0; k < points_.size(); ++k) {
        const double w = weights_[k];
        squares_ += w * points_[k].mm * points_[k].mm;
        lifts.push_back(points_[k].mm);
        for (int i = 0; i < SplineBasis::kSpan; ++i) {
            const double bi = w * rows_[k][index(i)];
            for (int j = 0; j <= i; ++j)
                gram_.at(firsts_[k] + i, firsts_[k] + j) += bi * rows_[k][index(j)];
        }
    }
    // Angles without a reading near them still need a pivot.
    for (int i = 0; i < basis_.count; ++i)
        gram_.at(i, i) += 1e-12;
    right_ = project(lifts);
    setCorners(corners_);
}

void SplineFit::setCorners(std::vector<Corner> corners) {
    corners_ = std::move(corners);
    columns_.clear();
    crossed_.clear();
    for (const Corner& c : corners_)
        for (int kind = 0; kind < Corner::kColumns; ++kind) {
            columns_.push_back(columnOf(c, kind));
            crossed_.push_back(project(columns_.back()));
        }
}

double SplineFit::choose(std::optional<double> near) {
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

bool SplineFit::solve(double lambda) {
    factor_.sum(gram_, lambda, penalty_);
    if (!factor_.factorize()) return false;
    coefficients_ = factor_.solve(right_);
    explained_ = plain(right_, coefficients_);
    logSchur_ = 0.0;
    const auto m = static_cast<Eigen::Index>(columns_.size());
    jumps_ = Eigen::VectorXd::Zero(m);
    if (m == 0) return true;
    std::vector<Vector> reach;
    Eigen::MatrixXd schur(m, m);
    Eigen::VectorXd g(m);
    for (Eigen::Index i = 0; i < m; ++i) {
        const auto c = static_cast<std::size_t>(i);
        reach.push_back(factor_.solve(crossed_[c]));
        for (Eigen::Index j = 0; j <= i; ++j) {
            const auto d = static_cast<std::size_t>(j);
            schur(i, j) = schur(j, i) =
                dot(columns_[c], columns_[d]) - plain(reach[c], crossed_[d]);
        }
        g[i] = lifted(columns_[c]) - plain(crossed_[c], coefficients_);
    }
    const Eigen::LLT<Eigen::MatrixXd> l(schur);
    if (l.info() != Eigen::Success) return false;
    jumps_ = l.solve(g);
    explained_ += g.dot(jumps_);
    for (Eigen::Index i = 0; i < m; ++i) {
        logSchur_ += 2.0 * std::log(l.matrixL()(i, i));
        for (std::size_t k = 0; k < coefficients_.size(); ++k)
            coefficients_[k] -= jumps_[i] * reach[static_cast<std::size_t>(i)][k];
    }
    return true;
}

double SplineFit::gain(const Corner& corner, double& slope) const {
    constexpr int m = Corner::kColumns;
    // Many places are tried: its columns are gone through once and not kept.
    Eigen::Matrix<double, m, m> s = Eigen::Matrix<double, m, m>::Zero();
    Eigen::Matrix<double, m, 1> g = Eigen::Matrix<double, m, 1>::Zero();
    Vector crossed[m];
    for (Vector& c : crossed)
        c.assign(index(basis_.count), 0.0);
    for (std::size_t p = 0; p < points_.size(); ++p) {
        const auto k = corner.columns(points_[p].deg);
        if (k[0] == 0.0) continue; // then all are: it is on the base circle
        const SplineBasis::Row row = rows_[p];
        for (int i = 0; i < m; ++i) {
            const double weighed = weights_[p] * k[index(i)];
            g[i] += weighed * points_[p].mm;
            for (int j = 0; j <= i; ++j)
                s(i, j) += weighed * k[index(j)];
            double* out = &crossed[i][index(firsts_[p])];
#pragma GCC unroll 8
            for (int c = 0; c < SplineBasis::kSpan; ++c)
                out[c] += weighed * row[index(c)];
        }
    }
    Vector half[m];
    for (int i = 0; i < m; ++i) {
        g[i] -= plain(crossed[i], coefficients_);
        half[i] = factor_.forward(std::move(crossed[i]));
        for (int j = 0; j <= i; ++j) {
            s(i, j) -= plain(half[i], half[j]);
            s(j, i) = s(i, j);
        }
    }
    const Eigen::Matrix<double, m, 1> size = s.ldlt().solve(g);
    slope = size[0];
    return g.dot(size);
}

double SplineFit::penalised() const {
    return std::max(1e-30, squares_ - explained_);
}

double SplineFit::left() const {
    return static_cast<double>(points_.size()) - kPenalty - static_cast<double>(columns_.size());
}

SplineFit::Vector SplineFit::reachOf(std::size_t reading) const {
    Vector b(index(basis_.count), 0.0);
    for (int k = 0; k < SplineBasis::kSpan; ++k)
        b[index(firsts_[reading] + k)] = rows_[reading][index(k)];
    return factor_.solve(std::move(b));
}

std::pair<std::vector<Vector>, Eigen::MatrixXd> SplineFit::reach(int kinds) const {
    std::vector<Vector> columns, crossed, reach;
    for (const Corner& c : corners_)
        for (int kind = 0; kind < kinds; ++kind) {
            columns.push_back(columnOf(c, kind));
            crossed.push_back(project(columns.back()));
            reach.push_back(factor_.solve(crossed.back()));
        }
    const auto m = static_cast<Eigen::Index>(columns.size());
    Eigen::MatrixXd schur(m, m);
    for (std::size_t i = 0; i < columns.size(); ++i)
        for (std::size_t j = 0; j < columns.size(); ++j)
            schur(static_cast<Eigen::Index>(i), static_cast<Eigen::Index>(j)) =
                dot(columns[i], columns[j]) - plain(reach[i], crossed[j]);
    // A step beside a reading may be no more than another jump: a hair keeps it apart.
    if (m > 0) schur.diagonal().array() += 1e-9 * schur.diagonal().maxCoeff();
    return {std::move(reach), m > 0 ? Eigen::MatrixXd(schur.inverse()) : schur};
}

double SplineFit::unlikelihood(double exponent) {
    const double lambda = std::pow(10.0, exponent);
    if (columns_.empty()) {
        // What is explained, without the coefficients themselves: half of the substitution.
        factor_.sum(gram_, lambda, penalty_);
        if (!factor_.factorize()) return 1e300;
        const Vector half = factor_.forward(right_);
        explained_ = plain(half, half);
        logSchur_ = 0.0;
    } else if (!solve(lambda)) {
        return 1e300;
    }
    return left() * std::log(penalised()) + factor_.logDeterminant() + logSchur_ -
           (basis_.count - kPenalty) * std::log(lambda);
}

SplineFit::Vector SplineFit::columnOf(const Corner& c, int kind) const {
    Vector k;
    k.reserve(points_.size());
    for (const LiftPoint& p : points_)
        k.push_back(c.column(p.deg, kind, 0));
    return k;
}

/// B'W k
SplineFit::Vector SplineFit::project(const Vector& k) const {
    Vector out(index(basis_.count), 0.0);
    for (std::size_t p = 0; p < points_.size(); ++p)
        if (k[p] != 0.0)
            for (int i = 0; i < SplineBasis::kSpan; ++i)
                out[index(firsts_[p] + i)] += weights_[p] * k[p] * rows_[p][index(i)];
    return out;
}

double SplineFit::dot(const Vector& a, const Vector& b) const {
    double sum = 0.0;
    for (std::size_t p = 0; p < points_.size(); ++p)
        sum += weights_[p] * a[p] * b[p];
    return sum;
}

double SplineFit::lifted(const Vector& k) const {
    double sum = 0.0;
    for (std::size_t p = 0; p < points_.size(); ++p)
        sum += weights_[p] * k[p] * points_[p].mm;
    return sum;
}

} // namespace lobe
