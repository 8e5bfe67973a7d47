// A symmetric positive definite band matrix: the normal equations of splines. A general sparse
// library spends ten times as long on the bookkeeping of a band this narrow.
#pragma once

#include <cstddef>
#include <vector>

namespace lobe {

/// Lower band, `Width` entries left of the diagonal, which the compiler knows so that the inner
/// loops have no loop left. Row i holds columns i - Width to i.
template <int Width> class Band {
public:
    explicit Band(int size) : size_(size), values_(static_cast<std::size_t>(size * kRow), 0.0) {}

    int size() const { return size_; }
    /// row >= column >= row - Width
    double& at(int row, int column) {
        return values_[static_cast<std::size_t>(row * kRow + column - row + Width)];
    }
    double at(int row, int column) const {
        return values_[static_cast<std::size_t>(row * kRow + column - row + Width)];
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
    /// Of a band of values: x' (*this) x for x that is zero but for Width + 1 from `first` on.
    double form(const double* x, int first) const;

private:
    static constexpr int kRow = Width + 1;

    int size_;
    std::vector<double> values_;
    std::vector<double> over_; ///< after factorize: one over each pivot
};

/// Of quintic splines.
extern template class Band<5>;

} // namespace lobe
