#include "core/curve/band.h"

#include <algorithm>
#include <cmath>

namespace lobe {

void Band::sum(const Band& a, double factor, const Band& b) {
    for (std::size_t i = 0; i < values_.size(); ++i)
        values_[i] = a.values_[i] + factor * b.values_[i];
}

bool Band::factorize() {
    for (int i = 0; i < size_; ++i) {
        double* row = &values_[static_cast<std::size_t>(i * (width_ + 1) + width_ - i)];
        for (int j = std::max(0, i - width_); j <= i; ++j) {
            const double* other = &values_[static_cast<std::size_t>(j * (width_ + 1) + width_ - j)];
            double sum = row[j];
            for (int k = std::max(0, i - width_); k < j; ++k)
                sum -= row[k] * other[k];
            if (i == j) {
                if (!(sum > 0.0)) return false;
                row[i] = std::sqrt(sum);
            } else {
                row[j] = sum / other[j];
            }
        }
    }
    return true;
}

std::vector<double> Band::forward(std::vector<double> x) const {
    for (int i = 0; i < size_; ++i) {
        double sum = x[static_cast<std::size_t>(i)];
        for (int k = std::max(0, i - width_); k < i; ++k)
            sum -= at(i, k) * x[static_cast<std::size_t>(k)];
        x[static_cast<std::size_t>(i)] = sum / at(i, i);
    }
    return x;
}

std::vector<double> Band::solve(std::vector<double> right) const {
    std::vector<double> x = forward(std::move(right));
    for (int i = size_ - 1; i >= 0; --i) {
        double sum = x[static_cast<std::size_t>(i)];
        for (int k = i + 1; k <= std::min(size_ - 1, i + width_); ++k)
            sum -= at(k, i) * x[static_cast<std::size_t>(k)];
        x[static_cast<std::size_t>(i)] = sum / at(i, i);
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
        const double pivot = at(i, i);
        for (int j = end; j > i; --j) {
            double sum = 0.0;
            for (int k = i + 1; k <= end; ++k)
                sum += at(k, i) * of(k, j);
            z.at(j, i) = -sum / pivot;
        }
        double sum = 0.0;
        for (int k = i + 1; k <= end; ++k)
            sum += at(k, i) * z.at(k, i);
        z.at(i, i) = (1.0 / pivot - sum) / pivot;
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
