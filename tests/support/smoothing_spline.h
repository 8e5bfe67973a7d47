// The cubic smoothing spline (Reinsch, Numer. Math. 10, 1967, p. 177) written apart from the
// program, as what its own curve is compared with: given the true noise, and the smoothing chosen
// with the truth in hand.
#pragma once

#include "core/curve/curve.h"
#include "simulated/closed_lobes.h"
#include "support/measured_lobe.h"

#include <Eigen/SparseCholesky>

#include <cmath>
#include <vector>

namespace measured {

class Spline {
public:
    /// Weights are 1 / variance.
    Spline(const std::vector<lobe::LiftPoint>& p, const std::vector<double>& weights)
        : p_(p), n_(static_cast<int>(p.size())), q_(n_, n_ - 2), r_(n_ - 2, n_ - 2) {
        std::vector<Eigen::Triplet<double>> q, r;
        const auto h = [&](int i) {
            return p[static_cast<std::size_t>(i + 1)].deg - p[static_cast<std::size_t>(i)].deg;
        };
        for (int j = 0; j < n_ - 2; ++j) {
            q.emplace_back(j, j, 1.0 / h(j));
            q.emplace_back(j + 1, j, -1.0 / h(j) - 1.0 / h(j + 1));
            q.emplace_back(j + 2, j, 1.0 / h(j + 1));
            r.emplace_back(j, j, (h(j) + h(j + 1)) / 3.0);
            if (j + 1 < n_ - 2) {
                r.emplace_back(j, j + 1, h(j + 1) / 6.0);
                r.emplace_back(j + 1, j, h(j + 1) / 6.0);
            }
        }
        q_.setFromTriplets(q.begin(), q.end());
        r_.setFromTriplets(r.begin(), r.end());
        y_.resize(n_);
        inverse_.resize(n_);
        for (int i = 0; i < n_; ++i) {
            y_[i] = p[static_cast<std::size_t>(i)].mm;
            inverse_[i] = 1.0 / weights[static_cast<std::size_t>(i)];
        }
        const Eigen::SparseMatrix<double> scaled = inverse_.asDiagonal() * q_;
        qwq_ = q_.transpose() * scaled;
    }

    void solve(double lambda) {
        const Eigen::SparseMatrix<double> a = r_ + lambda * qwq_;
        Eigen::SimplicialLDLT<Eigen::SparseMatrix<double>> factor(a);
        const Eigen::VectorXd gamma = factor.solve(q_.transpose() * y_);
        fitted_ = y_ - lambda * (inverse_.asDiagonal() * (q_ * gamma));
        bend_ = Eigen::VectorXd::Zero(n_);
        bend_.segment(1, n_ - 2) = gamma;
    }

    double at(double x) const {
        std::size_t i = 0;
        while (i + 2 < p_.size() && p_[i + 1].deg <= x)
            ++i;
        const int k = static_cast<int>(i);
        const double h = p_[i + 1].deg - p_[i].deg, a = (p_[i + 1].deg - x) / h,
                     b = (x - p_[i].deg) / h;
        return a * fitted_[k] + b * fitted_[k + 1] +
               ((a * a * a - a) * bend_[k] + (b * b * b - b) * bend_[k + 1]) * h * h / 6.0;
    }

    /// The crossing nearest a place where it is expected, from 20 degrees either side of it.
    double crossing(double mm, double about, bool opening) const {
        double best = about + 20.0;
        for (double x = about - 20.0; x < about + 20.0; x += 0.5) {
            double lo = x, hi = x + 0.5;
            if ((at(lo) < mm) != opening || (at(hi) < mm) == opening) continue;
            for (int i = 0; i < 40; ++i) {
                const double mid = (lo + hi) / 2.0;
                ((at(mid) < mm) == opening ? lo : hi) = mid;
            }
            if (std::abs(lo - about) < std::abs(best - about)) best = lo;
        }
        return best;
    }

private:
    const std::vector<lobe::LiftPoint>& p_;
    int n_;
    Eigen::SparseMatrix<double> q_, r_, qwq_;
    Eigen::VectorXd y_, inverse_, fitted_, bend_;
};

/// Root mean square error of events over many runs, at the one smoothing per condition and height
/// that makes it least.
class Best {
public:
    explicit Best(std::vector<double> heights)
        : heights_(std::move(heights)),
          squares_(heights_.size(), std::vector<double>(kLambdas, 0.0)) {}

    void add(const std::vector<lobe::LiftPoint>& points, const closed::Lobe& lobe, const Way& way) {
        std::vector<double> weights;
        for (const lobe::LiftPoint& p : points) {
            const double slope = (lobe.at(p.deg + 0.01) - lobe.at(p.deg - 0.01)) / 0.02;
            weights.push_back(1.0 / (way.noise * way.noise + way.dial * way.dial / 12.0 + 1e-12 +
                                     slope * slope * way.wheel * way.wheel));
        }
        Spline spline(points, weights);
        for (int l = 0; l < kLambdas; ++l) {
            spline.solve(std::pow(10.0, -2.0 + l * 0.5));
            for (std::size_t i = 0; i < heights_.size(); ++i)
                for (bool opening : {true, false}) {
                    const double truth = lobe.event(heights_[i], opening);
                    squares_[i][static_cast<std::size_t>(l)] +=
                        std::pow(spline.crossing(heights_[i], truth, opening) - truth, 2);
                }
        }
        n_ += 2;
    }
    double rms(std::size_t height) const {
        return std::sqrt(*std::min_element(squares_[height].begin(), squares_[height].end()) / n_);
    }

private:
    static constexpr int kLambdas = 19;
    std::vector<double> heights_;
    std::vector<std::vector<double>> squares_;
    int n_ = 0;
};

} // namespace measured
