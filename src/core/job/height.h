// A checking height: a lift, and where that lift is read. Lengths in mm.
#pragma once

#include <vector>

namespace lobe {

/// Where a lift is read, and so which lift a checking height means.
enum class Place { Tappet, Valve };

/// A checking height: the lift at which an event is called, and where that lift is measured.
struct Height {
    double mm = 0.0;
    Place at = Place::Tappet;
    bool operator==(const Height&) const = default;
};

/// Checking heights of the metric school: 0.10, 0.50, 1.00, 2.00 and 5.00 mm.
std::vector<Height> metricHeights(Place at);
/// Checking heights of the inch school: 0.006, 0.020, 0.050, 0.100 and 0.200 in.
std::vector<Height> inchHeights(Place at);

constexpr double kMmPerInch = 25.4;

} // namespace lobe
