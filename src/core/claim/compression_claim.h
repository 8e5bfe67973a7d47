// What is claimed of compression: the static ratio of the volumes that are known, and the dynamic
// one once the closing of the intake valve is; and what of it nobody measured. Ratios to one,
// crank degrees after BDC.
#pragma once

#include "core/compression/compression.h"

#include <optional>
#include <vector>

namespace lobe {

struct CompressionClaim {
    int cylinder = 1; ///< whose chamber and whose closing
    double staticRatio = 0.0;
    /// By the chosen school of closing; empty while that is not known. Never the static one.
    std::optional<Measured<double>> dynamicRatio;
    std::optional<Measured<double>> closing_deg;
    ClosingSchool school = ClosingSchool::SeatMeasured;
    /// Parts of the volume that were never said: the ratio is without them, and so too high.
    bool withoutGasket = false, withoutDeck = false;

    bool whole() const { return !withoutGasket && !withoutDeck; }
};

} // namespace lobe
