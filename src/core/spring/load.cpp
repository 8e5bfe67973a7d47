#include "core/spring/load.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

constexpr double kMostRate_n_mm = 1000.0;
/// Nearer heights are one.
constexpr double kSame_mm = 0.01;

std::vector<LoadPoint> pointsOf(const SpringSpec& spec) {
    std::vector<LoadPoint> out;
    for (const LoadPoint& p : {spec.first, spec.second})
        if (p.known()) out.push_back(p);
    return out;
}

bool byHeight(const LoadPoint& a, const LoadPoint& b) {
    return a.height_mm < b.height_mm;
}

} // namespace

LoadFault faultOf(const std::vector<LoadPoint>& given, double bind_mm) {
    std::vector<LoadPoint> points = given;
    std::sort(points.begin(), points.end(), byHeight);
    for (std::size_t i = 0; i < points.size(); ++i) {
        if (bind_mm > 0.0 && points[i].height_mm < bind_mm) return LoadFault::UnderBind;
        if (i == 0) continue;
        if (points[i].height_mm - points[i - 1].height_mm < kSame_mm) return LoadFault::SameHeight;
        if (points[i].load_n >= points[i - 1].load_n) return LoadFault::LoadFalls;
    }
    return LoadFault::None;
}

LoadFault faultOf(const SpringSpec& spec) {
    if (spec.rate_n_mm < 0.0 || spec.rate_n_mm > kMostRate_n_mm) return LoadFault::RateNegative;
    return faultOf(pointsOf(spec), spec.bind_mm);
}

std::optional<SpringLoad> SpringLoad::of(const SpringSpec& spec) {
    if (faultOf(spec) != LoadFault::None) return std::nullopt;
    return of(pointsOf(spec), spec.rate_n_mm);
}

std::optional<SpringLoad> SpringLoad::of(std::vector<LoadPoint> points, double rate) {
    if (points.empty() || faultOf(points, 0.0) != LoadFault::None) return std::nullopt;
    if (points.size() == 1) {
        if (!(rate > 0.0 && rate <= kMostRate_n_mm)) return std::nullopt;
        const LoadPoint p = points.front();
        points.push_back({p.height_mm + 1.0, p.load_n - rate});
    }
    std::sort(points.begin(), points.end(), byHeight);
    return SpringLoad(std::move(points));
}

double SpringLoad::rateAt(double height) const {
    std::size_t i = 1;
    while (i + 1 < points_.size() && points_[i].height_mm < height)
        ++i;
    return (points_[i - 1].load_n - points_[i].load_n) /
           (points_[i].height_mm - points_[i - 1].height_mm);
}

double SpringLoad::at(double height) const {
    std::size_t i = 1;
    while (i + 1 < points_.size() && points_[i].height_mm < height)
        ++i;
    const LoadPoint& p = points_[i];
    return std::max(0.0, p.load_n + rateAt(height) * (p.height_mm - height));
}

std::optional<double> SpringLoad::heightFor(double load) const {
    if (!(load > 0.0)) return std::nullopt;
    std::size_t i = 1;
    while (i + 1 < points_.size() && points_[i].load_n > load)
        ++i;
    const LoadPoint &a = points_[i - 1], &b = points_[i];
    const double rate = (a.load_n - b.load_n) / (b.height_mm - a.height_mm);
    const double height = b.height_mm + (b.load_n - load) / rate;
    return height > 0.0 ? std::optional(height) : std::nullopt;
}

} // namespace lobe
