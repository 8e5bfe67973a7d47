// What the residuals of a curve say of the two instruments.
#pragma once

#include <vector>

namespace lobe {

/// Variances: of a lift, mm2, and of the wheel, degrees2.
struct ScatterParts {
    double lift = 0.0, wheel = 0.0;
};

/// From squared residuals, each over what the fit leaves of it, and the slopes there (mm per
/// degree): scoring for a mean that is linear in both variances, robust against a slip or two, both
/// parts not negative, the lift's at least what is given.
ScatterParts scatterParts(const std::vector<double>& squared, const std::vector<double>& slopes,
                          double least);

} // namespace lobe
