// The ports of a two-stroke as they were measured. Lengths in mm, volumes in cm3, angles in crank
// degrees from TDC; what is empty or 0 is not known, unless said.
#pragma once

#include "core/job/made_once.h"

#include <optional>
#include <string>
#include <vector>

namespace lobe {

enum class PortName { Exhaust, Transfer, Intake };

/// One port, or several alike. The angles are of its upper edge (exhaust, transfer) or its lower
/// one under the skirt (intake).
struct Port {
    std::optional<double> opens_deg;        ///< exhaust and transfer after TDC; intake before it
    std::optional<double> closes_deg;       ///< exhaust and transfer before TDC; intake after it
    std::optional<double> edge_mm;          ///< upper edge below the block's face
    double width_mm = 0.0, height_mm = 0.0; ///< of one, along the wall
    double corner_mm = 0.0;                 ///< radius of its corners
    double chamfer_mm = 0.0; ///< by which its chamfer reaches above the edge that was measured
    int count = 1;
    std::vector<double> wanted_deg; ///< durations to be reached by filing
    bool known() const { return opens_deg || closes_deg || edge_mm; }
    bool operator==(const Port&) const = default;
};

/// What lets the mixture into the crankcase.
enum class PortIntake { Piston, Reed, Rotary };
/// What the angles were read by.
enum class PortGauge { Wheel, Gravity };

struct PortWork {
    Port exhaust, transfer, intake;
    PortIntake intakeBy = PortIntake::Piston;
    double deck_mm = 0.0; ///< rim of the crown below the block's face at TDC; negative above it
    /// How much higher the middle of a domed crown stands than its rim: what was measured to the
    /// middle is carried to the rim by it.
    double dome_mm = 0.0;
    double crankcase_cc = 0.0; ///< under the piston at BDC
    PortGauge gauge = PortGauge::Wheel;
    /// A gravity gauge at its mark on the bench, before and after.
    std::optional<double> benchBefore_deg, benchAfter_deg;
    MADE_ONCE(PortWork);
    bool operator==(const PortWork&) const;
};

} // namespace lobe
