#include "core/doubt.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

/// A crossing is no worse known than this: on a flat the slope says nothing.
constexpr double kMost_deg = 30.0;
constexpr double kSmoothingChoice = 1.1;

} // namespace

Doubt::Doubt(const LobeFigures& figures) : figures_(figures), nose_(figures.curve->top().deg) {
    if (figures.smoothed || figures.points.size() < 9) return;
    std::vector<LiftPoint> half;
    for (std::size_t i = 0; i < figures.points.size(); i += 2)
        half.push_back(figures.points[i]);
    sparse_ = LiftCurve::through(std::move(half));
}

double Doubt::deviation_mm(double deg) const {
    if (figures_.smoothed) return kSmoothingChoice * figures_.smooth->deviation(deg);
    return reading_mm(deg);
}

/// A reading's own scatter: the indicator's, and the wheel's by way of the slope.
double Doubt::reading_mm(double deg) const {
    if (!figures_.smooth) return figures_.scatter_mm;
    const double slope = figures_.curve->slopeAt(deg);
    return std::hypot(figures_.scatter_mm, slope * figures_.smooth->wheel_deg());
}

double Doubt::lift_mm(double deg) const {
    return kCoverageFactor * deviation_mm(deg);
}

double Doubt::crossing_deg(CrankDeg at, double mm, bool opening) const {
    const double slope = std::abs(figures_.curve->slopeAt(at.deg));
    const double read = kCoverageFactor * deviation_mm(at.deg) / std::max(slope, 1e-9);
    double between = 0.0;
    if (sparse_) {
        // The sparse curve's own crossing on the same flank, the nearest.
        double nearest = 1e9;
        if (mm != sparseAt_mm_) {
            // Both flanks of a height are asked one after the other.
            sparseAt_mm_ = mm;
            sparseCrossings_ = sparse_->crossings(mm);
        }
        for (double x : sparseCrossings_)
            if ((x <= nose_) == opening && std::abs(x - at.deg) < std::abs(nearest - at.deg))
                nearest = x;
        if (nearest < 1e8) between = std::abs(nearest - at.deg) / 8.0;
    }
    return std::min(kMost_deg, std::hypot(read, between));
}

double Doubt::nose_deg(double deg) const {
    if (!figures_.smooth) return kMost_deg;
    // The slope is zero there: its deviation over the bend.
    const double bend = std::abs(figures_.smooth->at(deg, 2));
    return std::min(kMost_deg, kCoverageFactor * kSmoothingChoice *
                                   figures_.smooth->deviation(deg, 1) / std::max(bend, 1e-9));
}

double Doubt::area_mm_deg(const std::vector<LiftPoint>& readings) const {
    double squares = 0.0;
    for (std::size_t i = 1; i + 1 < readings.size(); ++i) {
        const double width = (readings[i + 1].deg - readings[i - 1].deg) / 2.0;
        squares += std::pow(width * reading_mm(readings[i].deg), 2);
    }
    return kCoverageFactor * std::sqrt(squares);
}

double Doubt::centroid_deg(const std::vector<LiftPoint>& readings, double centroid) const {
    double squares = 0.0;
    for (std::size_t i = 1; i + 1 < readings.size(); ++i) {
        const double width = (readings[i + 1].deg - readings[i - 1].deg) / 2.0;
        squares += std::pow((readings[i].deg - centroid) * width * reading_mm(readings[i].deg), 2);
    }
    const double area = figures_.area_mm_deg.value_or(0.0);
    return area > 0.0 ? std::min(kMost_deg, kCoverageFactor * std::sqrt(squares) / area)
                      : kMost_deg;
}

} // namespace lobe
