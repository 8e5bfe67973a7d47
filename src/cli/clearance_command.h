// amber-lobe-cli clearance: valve to piston of any cam from a map of one.
#pragma once

#include "cli/host.h"
#include "cli/json.h"
#include "core/typed/lift_table.h"

#include <QString>

#include <optional>
#include <vector>

namespace cli {

struct ClearanceOptions {
    lobe::Side side = lobe::Side::Intake;
    lobe::Taken taken;                 ///< how both lifts were taken
    double stroke = 0.0, rod = 0.0;    ///< mm; 0: not said, and the valve's angle is not told
    std::vector<double> advances{0.0}; ///< crank degrees, positive advances
    std::optional<double> limit;       ///< mm
    double resolution = 0.0;           ///< of the indicator lifts were taken with, mm
};

struct ClearancePrinted {
    Json json;
    QString text;
};

/// `map`: clearances in mm as measured, of `fitted`, the lift of the cam they were measured with;
/// predicted is `other`, or `fitted` without one. Throws Refusal for what cannot be.
ClearancePrinted runClearance(const lobe::LiftTable& map, const lobe::LiftTable& fitted,
                              const std::optional<lobe::LiftTable>& other,
                              const ClearanceOptions& options);

void addClearance(Command app, Host& host);

} // namespace cli
