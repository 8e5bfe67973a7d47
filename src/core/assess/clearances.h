// Valve to piston of a job: its maps against the lobes as they stand, what is claimed of each
// valve, any other cam, and what helps where there is too little. Lengths in mm along the valve,
// crank degrees, advance positive.
#pragma once

#include "core/result/findings.h"

namespace lobe {

/// Every map of the job. The findings need their runs and cylinders.
std::vector<MapFindings> clearanceMaps(const Job& job, const Findings& findings);

/// The map of a valve that counts: the last pressed one with a gap behind it, else the last one;
/// of a cylinder, or of the first that has one (0). Null without any.
const MapFindings* mapOf(const Findings& findings, Side side, int cylinder = 0);

/// The least clearance with the cam advanced from where it stands, over all it may do from there;
/// empty without a gap and a lift.
std::optional<Measured<double>> leastNow(const Findings& findings, Side side, double advance_deg);
std::optional<Least> leastWhere(const Findings& findings, Side side, double advance_deg);

/// What the limit leaves, within 30 degrees either way of where the cam stands, over all it may do
/// from there.
std::optional<AdvanceWindow> windowNow(const Job& job, const Findings& findings, Side side);

/// A cam that could be fitted in place of this one, by its card or by another lobe of the job.
struct OtherCam {
    std::string name;
    bool modelled = false; ///< from its card
    ValveLift lift;        ///< as its card or its lobe has it
};
/// Cards at hand and the fitted card, then lobes of this side measured on other cylinders.
std::vector<OtherCam> otherCams(const Job& job, const Findings& findings, const MapFindings& map);

/// What is claimed of both valves of each cylinder that anything was pressed of. The findings need
/// their maps.
std::vector<ClearanceClaim> clearanceClaims(const Job& job, const Findings& findings);

/// Intake valve to exhaust valve of a cylinder, where heads, angles and rims are given and both
/// lobes are measured; the intake cam advanced by so much beside the exhaust's.
std::optional<Least> valvesNow(const Job& job, const Findings& findings, int cylinder,
                               double intake_deg = 0.0);

/// What would bring a valve up to its limit, each alone.
struct Remedy {
    double lacking_mm = 0.0;
    std::optional<double> advance_deg;               ///< of the cam; negative retards
    std::optional<double> separation_deg;            ///< wider, cam degrees, the other lobe left
    double notch_mm = 0.0;                           ///< deeper, along the bore
    std::optional<double> crownLeft_mm;              ///< under that notch
    double gasket_mm = 0.0;                          ///< thicker
    std::optional<double> staticRatio, dynamicRatio; ///< with that gasket
};
std::optional<Remedy> remedyFor(const Job& job, const Findings& findings, const MapFindings& map);

} // namespace lobe
