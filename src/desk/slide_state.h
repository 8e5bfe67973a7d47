// Where a slide stands: a what-if of advance and retard. Crank degrees, positive is advance. Stops
// are what the drive can really do; along a slot it may stand between them.
#pragma once

#include <algorithm>
#include <cmath>
#include <optional>
#include <utility>
#include <vector>

namespace app {

class SlideState {
public:
    static constexpr double kRange_deg = 15.0; ///< either way, unless set

    double value() const { return value_; }
    double range_deg() const { return range_; }
    const std::vector<double>& stops() const { return stops_; }

    /// At the nearest stop, within the range.
    void setValue(double deg) { setExactly(nearestStop(deg)); }
    /// Between stops too.
    void setExactly(double deg) { value_ = std::clamp(deg, -range_, range_); }
    void setRange(double deg) {
        if (deg == range_) return;
        range_ = deg;
        setValue(value_);
    }
    /// Ascending; none lets it stand anywhere.
    void setStops(std::vector<double> stops) {
        if (stops == stops_) return;
        stops_ = std::move(stops);
        setValue(value_);
    }
    /// The stretch that keeps every limit; empty where none is known.
    const std::optional<std::pair<double, double>>& kept() const { return kept_; }
    void setKept(std::optional<std::pair<double, double>> kept) { kept_ = kept; }
    bool operator==(const SlideState&) const = default;

private:
    double nearestStop(double deg) const {
        if (stops_.empty()) return deg;
        return *std::min_element(stops_.begin(), stops_.end(), [deg](double a, double b) {
            return std::abs(a - deg) < std::abs(b - deg);
        });
    }

    double value_ = 0.0, range_ = kRange_deg;
    std::vector<double> stops_;
    std::optional<std::pair<double, double>> kept_;
};

} // namespace app
