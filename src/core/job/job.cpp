#include "core/job/job.h"

namespace lobe {

static std::vector<Height> heightsOf(std::initializer_list<double> values, double unit, Place at) {
    std::vector<Height> out;
    for (double v : values)
        out.push_back({v * unit, at});
    return out;
}

std::vector<Height> metricHeights(Place at) {
    return heightsOf({0.10, 0.50, 1.00, 2.00, 5.00}, 1.0, at);
}

std::vector<Height> inchHeights(Place at) {
    return heightsOf({0.006, 0.020, 0.050, 0.100, 0.200}, kMmPerInch, at);
}

std::vector<FuelLimit> roughFuelGuide() {
    return {{"ordinary petrol", 7.8},
            {"high-octane petrol", 8.4},
            {"racing petrol", 9.3},
            {"methanol", 11.0}};
}

std::optional<double> RunConditions::ratioOfLifts() const {
    if (!valveLift_mm || !tappetLift_mm || !(*tappetLift_mm > 0.0)) return std::nullopt;
    return *valveLift_mm / *tappetLift_mm;
}

} // namespace lobe
