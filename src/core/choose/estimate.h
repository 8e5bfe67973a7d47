// How a candidate fills this engine over speed: what the estimate needs of a job, and what it makes
// of a cam.
#pragma once

#include "core/choose/cam.h"
#include "core/filling/filling.h"

#include <optional>
#include <variant>
#include <vector>

namespace lobe {

/// What is still to be said before filling can be estimated.
enum class FillingNeeds {
    Dimensions, ///< bore, stroke and rod
    Ratio,      ///< chamber, gasket and deck: a static ratio
    Heads,      ///< diameters of the valve heads
    Lobes,      ///< both lobes of the cam
    Unlikely,   ///< figures that make no engine
};

/// Speeds the estimate is made at, 1/min: forty from 1000 to `to_rpm`.
std::vector<double> fillingSpeeds(double to_rpm);
/// Up to where: what the purpose says and a fifth more, else a mean piston speed of 24 m/s, rounded
/// up to 500.
double fillingReach_rpm(const Job& job);

/// With the cams moved by so much in all.
std::variant<Filling, FillingNeeds> fillingOf(const Job& job, const Cam& cam,
                                              PerSide<double> moved_deg);

} // namespace lobe
