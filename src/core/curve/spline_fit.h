// Penalised least squares on quintic splines with corners: the arithmetic under SmoothCurve.
//
// Lift = B c + K j, B the splines of a basis, K the corners' columns; |W^(1/2)(lift - y)|^2 +
// lambda |D3 c|^2 is made least. The splines' normal equations are a band; the few columns of the
// corners are bordered on by their Schur complement.
#pragma once

#include "core/curve/band.h"
#include "core/curve/corner.h"
#include "core/curve/curve.h"
#include "core/curve/spline_basis.h"

#include <Eigen/Dense>

#include <optional>
#include <utility>
#include <vector>

namespace lobe {

class SplineFit {
public:
    using Vector = std::vector<double>;

    /// Points and basis outlive it; all weights are 1.
    SplineFit(const std::vector<LiftPoint>& points, const SplineBasis& basis);

    void weigh(Vector weights);
    void setCorners(std::vector<Corner> corners);
    const std::vector<Corner>& corners() const { return corners_; }

    /// The penalty that makes the readings likeliest; near an earlier choice when there is one.
    double choose(std::optional<double> near = {});
    /// False when the equations cannot be solved.
    bool solve(double lambda);

    /// The splines at the readings: the six that are not zero, and the index of the first.
    const std::vector<SplineBasis::Row>& rows() const { return rows_; }
    const std::vector<int>& firsts() const { return firsts_; }

    // After `solve`.
    /// Squared residuals and penalty that a corner at a place would take away, without any other.
    /// `slope` is the jump it would have, mm per degree.
    double gain(const Corner& corner, double& slope) const;
    /// Residuals as weighed, squared, and the penalty that goes with them.
    double penalised() const;
    /// What is left of the readings to tell their scatter by.
    double left() const;
    const Vector& coefficients() const { return coefficients_; }
    /// Sizes of the corners' columns.
    const Eigen::VectorXd& jumps() const { return jumps_; }
    const Vector& weights() const { return weights_; }
    /// (B'WB + lambda P)^-1 within its band.
    SplineBasis::Band inverse() const { return factor_.inverse(); }
    /// (B'WB + lambda P)^-1 b, b the splines at a reading.
    Vector reachOf(std::size_t reading) const;
    /// Of the first `kinds` columns of every corner: (B'WB + lambda P)^-1 B'W k each, and the
    /// inverse of their Schur complement.
    std::pair<std::vector<Vector>, Eigen::MatrixXd> reach(int kinds) const;

private:
    double unlikelihood(double exponent);
    Vector columnOf(const Corner& corner, int kind) const;
    Vector project(const Vector& k) const;
    double dot(const Vector& a, const Vector& b) const;
    double lifted(const Vector& k) const;

    const std::vector<LiftPoint>& points_;
    const SplineBasis& basis_;
    std::vector<SplineBasis::Row> rows_;
    std::vector<int> firsts_;
    Vector weights_, right_, coefficients_;
    SplineBasis::Band penalty_, gram_, factor_;
    double squares_ = 0.0, explained_ = 0.0, logSchur_ = 0.0;
    std::vector<Corner> corners_;
    std::vector<Vector> columns_, crossed_;
    Eigen::VectorXd jumps_;
};

} // namespace lobe
