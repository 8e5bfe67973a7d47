// A run of lift readings of one lobe, with the conditions it was taken under. Lifts in mm, angles
// in crank degrees.
#pragma once

#include "core/job/made_once.h"

#include "core/angle/angles.h"
#include "core/angle/rows.h"
#include "core/angle/wheel.h"
#include "core/job/follower.h"
#include "core/job/height.h"
#include "core/job/series.h"

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

namespace lobe {

/// The spring on the valve while lift is taken. A checking spring deflects nothing.
enum class Spring { Running, Checking };

/// How an indicator that stands askew by an angle shows the lift: following a point on the part it
/// shows lift x cos, riding a flat face lift / cos.
enum class OffAxis { NotCorrected, OnThePart, OnAFlatFace };

/// The conditions under which a run is taken.
struct RunConditions {
    Place taken = Place::Tappet;
    Follower follower = Follower::SolidFlat;
    double ratio = 1.0;
    double lash_mm = 0.0; ///< at the valve, whether or not it shows in this run
    double step_deg = 5.0;
    CrankDeg from{-70.0}, to{280.0};
    std::string source;      ///< where the numbers came from, when not typed here
    double shift_deg = 0.0;  ///< added to every angle: a wheel found wrong afterwards, or a turn
    int tdcAnswered = 0;     ///< the last TDC pass this run was shifted for, or kept against
    bool eventsOnly = false; ///< opening, nose and closing angles instead of a whole curve
    /// Of events: all in one forward turn, opening at every height from low to high, the nose with
    /// its lift, closing from high to low, and back to zero; else each until it agrees.
    bool oneTurn = false;
    bool bothValves = false; ///< in that turn the cylinder's other lobe too, an indicator on each
    /// Of events: the indicator is set to zero at the nose, and heights are drops under it: the
    /// centre by two readings.
    bool fromNose = false;
    /// Of events: opening and closing alone; the nose is not waited for.
    bool noNose = false;
    std::vector<double> right_deg; ///< angles whose readings the builder says are right
    /// The wheel still stands as it was set for cylinder 1: `shift_deg` carries the angles over.
    bool wheelOfFirst = false;
    int repeats = 3;                  ///< readings of an event that must agree
    double repeatTolerance_deg = 0.5; ///< within this
    double dialTurn_mm = 1.0;         ///< what one turn of the dial is worth
    Spring spring = Spring::Running;
    double resolution_mm = 0.0; ///< of this run's indicator; 0: the job's
    double travel_mm = 0.0;     ///< what the indicator spans; 0: enough
    double offAxis_deg = 0.0;   ///< between the indicator and the way the part moves
    OffAxis offAxis = OffAxis::NotCorrected;
    std::optional<double> valveLift_mm, tappetLift_mm; ///< two lifts measured for the ratio
    bool measuredRatio = false; ///< take the ratio of the two lifts instead of the nominal
    bool countsDown = false;    ///< the indicator reads 0 at the nose and less away from it
    std::optional<double> noseLift_mm{}; ///< lift at the nose, where a counting-down run knows it
    /// The indicator set to zero again in the run: the lift it stood at, from the second setting
    /// on; empty when that is not known.
    std::vector<std::optional<double>> zeros;
    std::vector<Height> eventHeights; ///< empty: the card's, or 1.27 mm; from the nose, drops
    int afterMove = 0;                ///< taken after this move of the cam; 0: as it was found

    /// Valve lift over tappet lift of the two lifts measured; empty without both.
    std::optional<double> ratioOfLifts() const;
    /// The ratio to reckon with.
    double ratioUsed() const { return measuredRatio ? ratioOfLifts().value_or(ratio) : ratio; }
    MADE_ONCE(RunConditions);
    bool operator==(const RunConditions&) const;
};

struct LiftRun : Series<RunConditions> {
    MADE_ONCE(LiftRun);
    bool operator==(const LiftRun&) const;
};

} // namespace lobe
