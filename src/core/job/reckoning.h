// How a job is measured and reckoned: what is fitted to measure with, which schools and heights are
// preferred, and what is tried out. Lengths in mm, angles in crank degrees.
#pragma once

#include "core/job/made_once.h"

#include "core/angle/usual.h"
#include "core/angle/wheel.h"
#include "core/job/clearance.h"
#include "core/job/contact.h"
#include "core/job/drive.h"
#include "core/job/engine.h"
#include "core/job/height.h"
#include "core/job/school.h"

#include <optional>
#include <string>
#include <vector>

namespace lobe {

/// A fuel, and the dynamic compression the user would not go beyond with it.
struct FuelLimit {
    std::string name;
    double dynamic = 0.0;
    bool operator==(const FuelLimit&) const = default;
};
/// A rough guide, to be edited: no engine is like another.
std::vector<FuelLimit> roughFuelGuide();

/// A state of the engine kept to be compared with: what the compression is made of.
struct CompressionState {
    std::string name;
    double bore_mm = 0.0, stroke_mm = 0.0, rod_mm = 0.0, pinOffset_mm = 0.0;
    Chamber chamber;
    double closing_deg = 0.0; ///< intake closing, degrees after BDC
    bool operator==(const CompressionState&) const = default;
};

/// What is fitted to measure with, and what was found with it for the whole job.
struct Fitted {
    WheelScale scale = WheelScale::Half180; ///< of the degree wheel
    double tape_mm = 0.0;                   ///< circumference, for a tape
    double resolution_mm = 0.01;            ///< what the indicator resolves
    WhichTop top = WhichTop::NotSaid;
    std::vector<double> deck_mm; ///< piston below (positive) the block face at the top, by point
    std::optional<double> factoryMark_deg; ///< wheel angle at which the factory mark says TDC
    double damper_mm = 0.0;                ///< diameter the mark stands on
    std::optional<double> spark_deg;       ///< advance wanted, true, before TDC
    double dialTurn_mm = 1.0;              ///< of the indicator, where a series says no other

    DegreeWheel degreeWheel() const { return {scale, tape_mm}; }
    MADE_ONCE(Fitted);
    bool operator==(const Fitted&) const;
};

/// What is preferred: the schools, the heights and the tolerances figures are made by.
struct Reckoning {
    std::vector<Height> heights = metricHeights(Place::Tappet); ///< ascending
    double seat_mm = 0.15;                                      ///< "just open", at the valve
    double drop_mm = kUsualHeight_mm;                           ///< for the equal-drop centre
    CentreSchool school = CentreSchool::EqualDrop;
    double tdcTolerance_deg = 0.5;
    double zeroReturn_mm = 0.02;
    ClosingSchool closing = ClosingSchool::SeatMeasured;
    double closingHeight_mm = 1.0; ///< valve lift, for one's own height
    double altitude_m = 0.0;
    double exponent = 1.25; ///< of the compression, for the cranking pressure
    std::vector<FuelLimit> fuels = roughFuelGuide();
    bool smoothing = true;      ///< let the curve follow the noise; else through all readings
    bool averagePasses = false; ///< several passes of a lobe: their mean instead of the newest
    ClearanceLimits clearance;
    MADE_ONCE(Reckoning);
    bool operator==(const Reckoning&) const;
};

/// What is tried out: where the cam could stand, and what it is compared with.
struct Trial {
    double wantedDynamic = 0.0;           ///< 0: none wanted
    std::optional<CompressionState> kept; ///< to compare with
    Target target;                        ///< what the cam is to be set to
    double skim_mm = 0.0;                 ///< taken off head and block, for an overhead cam
    bool operator==(const Trial&) const = default;
};

} // namespace lobe
