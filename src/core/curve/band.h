// A symmetric positive definite band matrix: the normal equations of splines. A general sparse
// library spends ten times as long on the bookkeeping of a band this narrow.
#pragma once

#include <cstddef>
#include <vector>

namespace lobe {

/// Lower band, `width` entries left of the diagonal. Row i holds columns i - width to i.
class Band {
public:
    Band(int size, int width)
        : size_(size), width_(width), values_(static_cast<std::size_t>(size * (width + 1)), 0.0) {}

    int size() const { return size_; }
    /// row >= column >= row - width
    double& at(int row, int column) {
        return values_[static_cast<std::size_t>(row * (width_ + 1) + column - row + width_)];
    }
    double at(int row, int column) const {
        return values_[static_cast<std::size_t>(row * (width_ + 1) + column - row + width_)];
    }
    void clear() { values_.assign(values_.size(), 0.0); }

    /// *this = a + factor b, of the same shape.
    void sum(const Band& a, double factor, const Band& b);
    /// Cholesky in place; false when it is not positive definite.
    bool factorize();
    /// After factorize: the solution, and the logarithm of the determinant.
    std::vector<double> solve(std::vector<double> right) const;
    /// After factorize: L^-1 x, whose square is x' A^-1 x.
    std::vector<double> forward(std::vector<double> x) const;
    double logDeterminant() const;
    /// After factorize: A^-1 within the band, by Takahashi's recursion: all that quadratic forms of
    /// neighbours need.
    Band inverse() const;
    /// Of a band of values: x' (*this) x for x that is zero but for `count` from `first` on; count
    /// at most width + 1.
    double form(const double* x, int count, int first) const;

private:
    template <int Width> bool factorizeOf();

    int size_, width_;
    std::vector<double> values_;
    std::vector<double> over_; ///< after factorize: one over each pivot
};

} // namespace lobe
