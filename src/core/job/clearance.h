// Valve to piston as it was measured: a mock-up's conditions and the presses taken under them.
//
// A press moves the shut valve's clearance away by hand until it touches the piston, at one crank
// angle. Lengths in mm along the valve, angles in crank degrees of the cycle.
#pragma once

#include "core/job/made_once.h"

#include "core/angle/per.h"
#include "core/job/follower.h"
#include "core/job/lift_run.h"
#include "core/job/series.h"

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

namespace lobe {

/// The schools: the whole map, one reading 10 from TDC, the tightest point found by feel, and clay.
enum class ClearanceMethod { Map, SingleAngle, Tightest, Clay };
/// Where the valve is pressed; a retainer presses askew.
enum class PressedAt { Rocker, Retainer };
/// The lash while it is measured: none, or as the engine runs. What was not said adds no room.
enum class LashSet { Zero, AsRun, NotSaid };

/// How it was put together to be measured. A map belongs to it, and is printed with it.
struct MockUp {
    ClearanceMethod method = ClearanceMethod::Map;
    bool gasketIn = true;
    double gasket_mm = 0.0; ///< as tightened, where it was left out; 0: the engine's
    Spring spring = Spring::Checking;
    /// Valve lift at the tight angle under the checking and under the running spring; their
    /// difference is lift that is lost as the engine runs.
    std::optional<double> checkingLift_mm{}, runningLift_mm{};
    double sealLift_mm = 0.0; ///< what retainer and seal leave; 0: seals out
    LashSet lash = LashSet::NotSaid;
    Follower follower = Follower::SolidFlat;
    double slack_mm = 0.0; ///< at the valve, of a live follower that was not pressed out
    PressedAt pressedAt = PressedAt::Rocker;
    double askew_deg = 0.0;               ///< between the press and the valve
    double spacer_mm = 0.0;               ///< put between follower and valve to hold it open
    std::optional<double> valveAngle_deg; ///< between valve and bore, where it is known
    bool rings = false;                   ///< on the piston
    int fasteners = 0;                    ///< that hold the head; 0: not said
    bool torqued = false;
    double step_deg = 2.0;
    int presses = 2;                 ///< at each angle that must agree
    double tolerance_mm = 0.05;      ///< within this
    double dialTurn_mm = 1.0;        ///< what one turn of the dial is worth
    bool backward = false;           ///< the dial runs backward from a full turn
    std::optional<double> edge_mm{}; ///< of clay: beside the valve's head
    std::string release;             ///< of clay: what keeps it from sticking
    int turns = 0;                   ///< of clay: the crank was turned by hand; 0: not said
    int afterMove = 0;               ///< the setting of the cam it was taken at
    double gasketThen_mm = 0.0;      ///< the engine's gasket and deck when it was begun
    double deckThen_mm = 0.0;
    std::optional<double> foretold_mm{}; ///< what the cam's maker says of this valve
    bool isVoid = false;                 ///< head, valve or seat were changed since
    double notchCut_mm = 0.0;            ///< deeper by, along the bore, since: measured after it
    std::vector<int> off;                ///< corrections that are switched off, by their place
    MADE_ONCE(MockUp);
    bool operator==(const MockUp&) const;
};

struct ClearanceMap : Series<MockUp> {
    MADE_ONCE(ClearanceMap);
    bool operator==(const ClearanceMap&) const;
};

/// What is not to be gone below, and why it is where it is.
struct ClearanceLimits {
    PerSide<double> least_mm{2.0, 2.5};
    double edge_mm = 1.3;       ///< beside the valve's head, by clay
    double squish_mm = 0.0;     ///< piston to head; 0: not said
    double valves_mm = 1.5;     ///< intake valve to exhaust valve
    double crown_mm = 0.0;      ///< of the piston above the notch as it is; 0: not known
    double crownLeast_mm = 0.0; ///< by the piston's maker; 0: not known
    PerSide<std::string> below; ///< the reason, where a clearance below it is accepted
    bool operator==(const ClearanceLimits&) const = default;
};

} // namespace lobe
