#include "core/curve/band.h"

#include <algorithm>
#include <cmath>

namespace lobe {

template <int Width> void Band<Width>::sum(const Band& a, double factor, const Band& b) {
    for (std::size_t i = 0; i < values_.size(); ++i)
        values_[i] = a.values_[i] + factor * b.values_[i];
}

template <int Width> bool Band<Width>::factorize() {
    over_.resize(static_cast<std::size_t>(size_));
    double* const over = over_.data();
    // Entries a of a row are the columns i - Width + a; the first rows have fewer, `from` on.
    const auto rowOf = [&](int i, int from) __attribute__((always_inline)) {
        double* row = &values_[static_cast<std::size_t>(i * kRow)];
        double squares = row[Width];
#pragma GCC unroll 8
        for (int a = from; a < Width; ++a) {
            const int j = i - Width + a;
            const double* other = row - (Width - a) * kRow + Width - a;
            double sum = row[a];
#pragma GCC unroll 8
            for (int b = from; b < a; ++b)
                sum -= row[b] * other[b];
            row[a] = sum * over[j];
            squares -= row[a] * row[a];
        }
        if (!(squares > 0.0)) return false;
        row[Width] = std::sqrt(squares);
        over[i] = 1.0 / row[Width];
        return true;
    };
    for (int i = 0; i < size_; ++i)
        if (!(i < Width ? rowOf(i, Width - i) : rowOf(i, 0))) return false;
    return true;
}

template <int Width> std::vector<double> Band<Width>::forward(std::vector<double> right) const {
    const double* const over = over_.data();
    double* const x = right.data();
    // Nothing comes of the zeros before the first that is none.
    int i = 0;
    while (i < size_ && x[i] == 0.0)
        ++i;
    const auto rowOf = [&](int at, int from) __attribute__((always_inline)) {
        const double* row = &values_[static_cast<std::size_t>(at * kRow)];
        double sum = x[at];
#pragma GCC unroll 8
        for (int a = from; a < Width; ++a)
            sum -= row[a] * x[at - Width + a];
        x[at] = sum * over[at];
    };
    for (; i < std::min(Width, size_); ++i)
        rowOf(i, Width - i);
    for (; i < size_; ++i)
        rowOf(i, 0);
    return right;
}

template <int Width> std::vector<double> Band<Width>::solve(std::vector<double> right) const {
    std::vector<double> solution = forward(std::move(right));
    double* const x = solution.data();
    const auto rowOf = [&](int i, int from) __attribute__((always_inline)) {
        const double* row = &values_[static_cast<std::size_t>(i * kRow)];
        const double found = x[i] *= over_[static_cast<std::size_t>(i)];
#pragma GCC unroll 8
        for (int a = from; a < Width; ++a)
            x[i - Width + a] -= row[a] * found;
    };
    int i = size_ - 1;
    for (; i >= Width; --i)
        rowOf(i, 0);
    for (; i >= 0; --i)
        rowOf(i, Width - i);
    return solution;
}

template <int Width> double Band<Width>::logDeterminant() const {
    // A logarithm for every sixteen: none of them is near the ends of a double.
    double sum = 0.0, product = 1.0;
    for (int i = 0; i < size_; ++i) {
        product *= at(i, i);
        if (i % 16 == 15) {
            sum += std::log(product);
            product = 1.0;
        }
    }
    return 2.0 * (sum + std::log(product));
}

template <int Width> Band<Width> Band<Width>::inverse() const {
    Band z(size_);
    // Rows i + 1 to i + count of column i, and of the inverse below it.
    const auto columnOf = [&](int i, int count) __attribute__((always_inline)) {
        constexpr auto kWide = static_cast<std::size_t>(Width);
        double below[kWide], block[kWide * kWide];
#pragma GCC unroll 8
        for (int k = 0; k < count; ++k) {
            below[k] = at(i + 1 + k, i);
#pragma GCC unroll 8
            for (int j = 0; j <= k; ++j)
                block[k * Width + j] = block[j * Width + k] = z.at(i + 1 + k, i + 1 + j);
        }
        const double over = over_[static_cast<std::size_t>(i)];
        double own = 0.0;
#pragma GCC unroll 8
        for (int j = 0; j < count; ++j) {
            double sum = 0.0;
#pragma GCC unroll 8
            for (int k = 0; k < count; ++k)
                sum += below[k] * block[k * Width + j];
            z.at(i + 1 + j, i) = -sum * over;
            own += below[j] * -sum * over;
        }
        z.at(i, i) = (over - own) * over;
    };
    int i = size_ - 1;
    for (; i >= 0 && i + Width >= size_; --i)
        columnOf(i, size_ - 1 - i);
    for (; i >= 0; --i)
        columnOf(i, Width);
    return z;
}

template <int Width> double Band<Width>::form(const double* x, int first) const {
    const double* row = &values_[static_cast<std::size_t>(first * kRow)];
    double sum = 0.0;
#pragma GCC unroll 8
    for (int i = 0; i < kRow; ++i, row += kRow) {
        double half = 0.5 * x[i] * row[Width];
#pragma GCC unroll 8
        for (int j = 0; j < i; ++j)
            half += x[j] * row[Width - i + j];
        sum += x[i] * half;
    }
    return 2.0 * sum;
}

template class Band<5>;

} // namespace lobe
