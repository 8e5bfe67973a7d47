#include "core/curve/band.h"

#include <algorithm>
#include <cmath>

namespace lobe {

void Band::sum(const Band& a, double factor, const Band& b) {
    for (std::size_t i = 0; i < values_.size(); ++i)
        values_[i] = a.values_[i] + factor * b.values_[i];
}

/// With a width known to the compiler the inner loops have no loop left; 0: by the band's own.
template <int Width> bool Band::factorizeOf() {
    const int width = Width > 0 ? Width : width_;
    over_.resize(static_cast<std::size_t>(size_));
    double* const over = over_.data();
    // Entries a of a row are the columns i - width + a; the first rows have fewer, `from` on.
    const auto rowOf = [&](int i, int from) __attribute__((always_inline)) {
        double* row = &values_[static_cast<std::size_t>(i * (width + 1))];
        double squares = row[width];
#pragma GCC unroll 8
        for (int a = from; a < width; ++a) {
            const int j = i - width + a;
            const double* other = row - (width - a) * (width + 1) + width - a;
            double sum = row[a];
#pragma GCC unroll 8
            for (int b = from; b < a; ++b)
                sum -= row[b] * other[b];
            row[a] = sum * over[j];
            squares -= row[a] * row[a];
        }
        if (!(squares > 0.0)) return false;
        row[width] = std::sqrt(squares);
        over[i] = 1.0 / row[width];
        return true;
    };
    for (int i = 0; i < size_; ++i)
        if (!(i < width ? rowOf(i, width - i) : rowOf(i, 0))) return false;
    return true;
}

bool Band::factorize() {
    constexpr int kQuintic = 5;
    return width_ == kQuintic ? factorizeOf<kQuintic>() : factorizeOf<0>();
}

std::vector<double> Band::forward(std::vector<double> x) const {
    // Nothing comes of the zeros before the first that is none.
    int i = 0;
    while (i < size_ && x[static_cast<std::size_t>(i)] == 0.0)
        ++i;
    for (; i < size_; ++i) {
        const double* row = &values_[static_cast<std::size_t>(i * (width_ + 1))];
        const int from = std::max(0, width_ - i);
        double sum = x[static_cast<std::size_t>(i)];
        for (int a = from; a < width_; ++a)
            sum -= row[a] * x[static_cast<std::size_t>(i - width_ + a)];
        x[static_cast<std::size_t>(i)] = sum * over_[static_cast<std::size_t>(i)];
    }
    return x;
}

std::vector<double> Band::solve(std::vector<double> right) const {
    std::vector<double> x = forward(std::move(right));
    for (int i = size_ - 1; i >= 0; --i) {
        const double* row = &values_[static_cast<std::size_t>(i * (width_ + 1))];
        const double found = x[static_cast<std::size_t>(i)] *= over_[static_cast<std::size_t>(i)];
        for (int a = std::max(0, width_ - i); a < width_; ++a)
            x[static_cast<std::size_t>(i - width_ + a)] -= row[a] * found;
    }
    return x;
}

double Band::logDeterminant() const {
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

Band Band::inverse() const {
    Band z(size_, width_);
    const auto of = [&](int i, int j) { return i >= j ? z.at(i, j) : z.at(j, i); };
    for (int i = size_ - 1; i >= 0; --i) {
        const int end = std::min(size_ - 1, i + width_);
        const double over = over_[static_cast<std::size_t>(i)];
        for (int j = end; j > i; --j) {
            double sum = 0.0;
            for (int k = i + 1; k <= end; ++k)
                sum += at(k, i) * of(k, j);
            z.at(j, i) = -sum * over;
        }
        double sum = 0.0;
        for (int k = i + 1; k <= end; ++k)
            sum += at(k, i) * z.at(k, i);
        z.at(i, i) = (over - sum) * over;
    }
    return z;
}

double Band::form(const double* x, int count, int first) const {
    double sum = 0.0;
    for (int i = 0; i < count; ++i) {
        double row = 0.5 * x[i] * at(first + i, first + i);
        for (int j = 0; j < i; ++j)
            row += x[j] * at(first + i, first + j);
        sum += 2.0 * x[i] * row;
    }
    return sum;
}

} // namespace lobe
