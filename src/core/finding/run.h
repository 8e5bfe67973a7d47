// What can be said of a run of lift readings and of the lobe it shows. Lifts in mm as taken, angles
// in crank degrees of the cycle.
#pragma once

#include "core/angle/angles.h"

#include <optional>

namespace lobe::found {

/// A lobe needs more readings before it says anything.
struct TooFewReadings {
    static constexpr auto kCode = "too_few_readings";
    int needed;
};
/// Lift hardly changes over the whole run.
struct FlatTable {
    static constexpr auto kCode = "flat_table";
    double range_mm; ///< greatest less least lift
};
/// The greatest lift is the last reading.
struct NoseNotReached {
    static constexpr auto kCode = "nose_not_reached";
    CrankDeg highest;
};
/// A flank has no reading under a checking height.
struct FlankMissing {
    static constexpr auto kCode = "flank_missing";
    double height_mm;
    bool opening;
};
/// A checking height above the greatest lift.
struct HeightAboveNose {
    static constexpr auto kCode = "height_above_nose";
    double height_mm, nose_mm;
};
/// A checking height that the lash hides, as the lift was taken.
struct HeightUnderLash {
    static constexpr auto kCode = "height_under_lash";
    double height_mm;
};
/// A flank passes a checking height more than once; `smoothed` when the curve used does not.
struct NoisyCrossings {
    static constexpr auto kCode = "noisy_crossings";
    double height_mm;
    int crossings;
    bool opening, smoothed;
};
/// A second lift apart from the main one, as a decompressor makes: the events are the main lift's.
struct SecondLift {
    static constexpr auto kCode = "second_lift";
    double height_mm;       ///< as taken, at which its own events are called
    CrankDeg opens, closes; ///< its own
    CrankDeg highest;
    double lift_mm; ///< its greatest
};
/// A reading that stands off the curve of all others; it does not count.
struct OffTheCurve {
    static constexpr auto kCode = "misfit";
    CrankDeg at;
    double off_mm;                ///< reading less curve
    std::optional<CrankDeg> orAt; ///< or that one is the odd one: they are not told apart
};
/// The run begins or ends above the base circle: area and centroid reckon the rest.
struct AreaOfPart {
    static constexpr auto kCode = "area_of_part";
    bool opening;
    double lift_mm;     ///< at that end
    double rest_mm_deg; ///< area set for what is missing
};
/// The indicator did not come home to zero, and nothing tells why.
struct ZeroNotHome {
    static constexpr auto kCode = "zero_return";
    double home_mm; ///< last base reading less the first
};
/// The same: a live hydraulic follower gave way.
struct ZeroBleeding {
    static constexpr auto kCode = "zero_bleeding";
    double home_mm;
};
/// The same: readings jump by as much at an angle.
struct ZeroSlipped {
    static constexpr auto kCode = "zero_slipped";
    double home_mm;
    CrankDeg at;
};
/// The same: the base circle itself reads unevenly.
struct ZeroRunOut {
    static constexpr auto kCode = "zero_run_out";
    double home_mm, runOut_mm;
};
/// The base circle reads something else than zero all along.
struct BaseNotZero {
    static constexpr auto kCode = "base_not_zero";
    double base_mm;
};
/// The follower leaves its rest and comes back to it with a jump, as no ramp does: it is suspected
/// to rest on something else than the base circle.
struct RestsElsewhere {
    static constexpr auto kCode = "rests_elsewhere";
    CrankDeg leaves, returns;
    double jump; ///< the smaller of both, mm per crank degree
};
/// Lift is small: the equal-drop centre is taken nearer the nose.
struct DropShortened {
    static constexpr auto kCode = "drop_shortened";
    double drop_mm;
};
/// Several readings at one angle: their mean is used.
struct RepeatedAngle {
    static constexpr auto kCode = "repeated_angle";
    CrankDeg at;
    int readings;
};
/// Readings lie far apart on the lobe.
struct WideStep {
    static constexpr auto kCode = "wide_step";
    double widest_deg;
};
/// Readings left out because they were taken backing up.
struct BackedUp {
    static constexpr auto kCode = "backed_up";
    int readings;
};
/// Nothing lifts where this lobe should: the crank is on its other turn.
struct OtherTurn {
    static constexpr auto kCode = "other_turn";
    CrankDeg upTo;
};
/// A reading in the wrong turn of the dial.
struct DialTurn {
    static constexpr auto kCode = "dial_turn";
    CrankDeg at;
    double read_mm, neighbour_mm; ///< as read, and in the turn that fits
};
/// A large lift where the base circle belongs.
struct FirstLiftUnlikely {
    static constexpr auto kCode = "first_lift_unlikely";
    CrankDeg at;
    double lift_mm;
};
/// Readings whose zero does not join the earlier ones.
struct PartLoose {
    static constexpr auto kCode = "part_loose";
    CrankDeg from;
    int readings;
};
/// A reading beyond what the indicator spans.
struct TravelEnds {
    static constexpr auto kCode = "travel_ends";
    CrankDeg at;
    double read_mm, travel_mm;
};
/// Counting down from the nose, without a base circle to count from.
struct NoseUnknown {
    static constexpr auto kCode = "nose_unknown";
};
/// The two lifts at one angle make another ratio than the nominal.
struct RatioMeasured {
    static constexpr auto kCode = "ratio_measured";
    double ratio, nominal;
};
/// Passes of one lobe lie near one another, or more apart than measuring leaves.
struct PassesAgree {
    static constexpr auto kCode = "passes_agree";
    int passes;
    CrankDeg widestAt;
    double widest_mm;
};
struct PassesDiffer {
    static constexpr auto kCode = "passes_differ";
    int passes;
    CrankDeg widestAt;
    double widest_mm;
};
/// The mean of several passes is shown.
struct PassesMean {
    static constexpr auto kCode = "passes_mean";
    int passes;
};

} // namespace lobe::found
