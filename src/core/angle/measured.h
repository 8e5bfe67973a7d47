// A figure with what it is known by: the half-width that covers its truth 95 times in 100, in the
// figure's own unit. Empty where that cannot be told.
#pragma once

#include <optional>

namespace lobe {

/// Half-widths cover the truth 95 times in 100.
constexpr double kCoverage = 0.95, kCoverageFactor = 1.96;

/// Is the figure itself wherever that is wanted.
template <class T> struct Measured : T {
    std::optional<double> plusMinus{};

    Measured() = default;
    Measured(T value, std::optional<double> halfWidth = {}) : T(value), plusMinus(halfWidth) {}
};

template <> struct Measured<double> {
    double value = 0.0;
    std::optional<double> plusMinus{};

    Measured() = default;
    Measured(double figure, std::optional<double> halfWidth = {})
        : value(figure), plusMinus(halfWidth) {}
    operator double() const { return value; }
};

/// Of a figure that may be missing.
template <class T> std::optional<double> halfWidthOf(const std::optional<Measured<T>>& figure) {
    return figure ? figure->plusMinus : std::nullopt;
}

} // namespace lobe
