// A Job is everything that was measured or stated about one engine, as a plain value.
//
// Lengths are millimetres, angles crank degrees of the cycle. Nothing here computes; `examine`
// turns a Job into Findings. A what-if is a changed copy of the job, examined again.
#pragma once

#include "core/angle/angles.h"
#include "core/angle/usual.h"
#include "core/angle/wheel.h"
#include "core/job/drive.h"

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

namespace lobe {

/// As seen from the end of the engine where the camshaft drive sits.
enum class Rotation { Clockwise, Anticlockwise };
enum class Layout { PushrodSingleCam, TwinOverheadCam, SingleOverheadCam };
enum class Follower { SolidFlat, SolidRoller, Hydraulic, HydraulicMadeSolid, Bucket, Finger };
/// Where a lift is read, and so which lift a checking height means.
enum class Place { Tappet, Valve };

/// What is left above the piston at the top, by parts. Volumes in cm3, lengths in mm; a volume of
/// 0 is not known yet, but for crown and crevice, where it is none.
struct Chamber {
    double chamber_cc = 0.0;    ///< in the head, valves and plug fitted
    double gasketBore_mm = 0.0; ///< 0: as the cylinder's bore
    double gasket_mm = 0.0;     ///< thickness as tightened
    double deck_mm = 0.0;       ///< piston below the block face at the top; negative above it
    double crown_cc = 0.0;      ///< dish positive, dome negative, pockets included
    double crevice_cc = 0.0;    ///< above the top ring
    bool operator==(const Chamber&) const = default;
};

/// Where the volumes come from.
enum class VolumeSource { Poured, Dimensions, Maker };

struct Engine {
    std::string name;
    int cylinders = 4;
    double bore_mm = 0.0, stroke_mm = 0.0, rod_mm = 0.0; ///< 0: not known yet
    Rotation rotation = Rotation::Clockwise;
    Layout layout = Layout::PushrodSingleCam;
    Follower follower = Follower::SolidFlat;
    /// Rocker ratio: valve lift over tappet lift, nominal; 1 for direct action.
    double ratioIntake = 1.0, ratioExhaust = 1.0;
    double pinOffset_mm = 0.0; ///< positive delays the top in the running direction
    double lashIntake_mm = 0.0, lashExhaust_mm = 0.0;
    Chamber chamber;               ///< of every cylinder but those in `chambers`
    std::vector<Chamber> chambers; ///< by cylinder from 1, where they differ; may be shorter
    VolumeSource volumes = VolumeSource::Poured;
    Drive drive;                  ///< of the cam, or of each of two
    std::vector<int> firingOrder; ///< every cylinder once, from 1; empty: not known
    /// Crank degrees from each firing to the next, in the firing order, 720 in all; empty: even.
    std::vector<double> firingGaps_deg;
    /// By cylinder from 1: how far its crank pin is behind that of cylinder 1 in the running
    /// direction, 0 up to 360; empty: not said.
    std::vector<double> throws_deg;
    double bankAngle_deg = 0.0; ///< between the banks of a V; 180 flat, 0 in line
    /// The cylinders of the bank that the crank, turning, comes to second; with the bank angle.
    std::vector<int> secondBank;

    const Chamber& chamberOf(int cylinder) const {
        const auto i = static_cast<std::size_t>(cylinder - 1);
        return cylinder >= 1 && i < chambers.size() ? chambers[i] : chamber;
    }
    double ratio(Side side) const { return side == Side::Intake ? ratioIntake : ratioExhaust; }
    double lash_mm(Side side) const {
        return side == Side::Intake ? lashIntake_mm : lashExhaust_mm;
    }
    /// Crank degrees by which a cylinder's cycle follows that of cylinder 1, 0 up to 720; empty
    /// where the firing order does not say.
    std::optional<double> behindFirst_deg(int cylinder) const;
    /// From each firing to the next in the firing order, 720 in all: as given, else from throws and
    /// banks, else even; empty where the order is not known or its throws cannot fire so.
    std::vector<double> gaps_deg() const;
    bool operator==(const Engine&) const = default;
};

/// A checking height: the lift at which an event is called, and where that lift is measured.
struct Height {
    double mm = 0.0;
    Place at = Place::Tappet;
    bool operator==(const Height&) const = default;
};

/// Checking heights of the metric school: 0.10, 0.50, 1.00, 2.00 and 5.00 mm.
std::vector<Height> metricHeights(Place at);
/// Checking heights of the inch school: 0.006, 0.020, 0.050, 0.100 and 0.200 in.
std::vector<Height> inchHeights(Place at);

/// What a maker promises. Everything but the name may be missing; `complete` (core/card.h) derives
/// what can be derived.
struct Card {
    std::string name;
    Height height{kUsualHeight_mm, Place::Tappet}; ///< at which the events and durations are stated
    std::optional<double> ivo, ivc, evo, evc;      ///< card notation, degrees
    std::optional<double> intakeCentre;            ///< deg after TDC
    std::optional<double> exhaustCentre;           ///< deg before TDC
    std::optional<double> separation;              ///< cam degrees
    std::optional<double> advance;                 ///< ground in, crank degrees, positive early
    std::optional<double> intakeDuration, exhaustDuration;     ///< at `height`, crank degrees
    std::optional<double> intakeAdvertised, exhaustAdvertised; ///< at `advertised`
    Height advertised{0.1524, Place::Tappet};
    std::optional<double> intakeLift_mm, exhaustLift_mm; ///< at `liftAt`
    Place liftAt = Place::Tappet;
    std::optional<double> ratio;                      ///< rocker ratio the card assumes
    double lashIntake_mm = 0.0, lashExhaust_mm = 0.0; ///< as the card wants it set
    bool operator==(const Card&) const = default;
};

/// How true TDC is found.
enum class TdcMethod { PositiveStop, EqualDrop, ThereAndBack, SymmetricPort, HighestReading };

/// Which top the wheel's zero stands at: on overlap both valves of the cylinder move, on firing
/// neither does.
enum class WhichTop { NotSaid, Overlap, Firing };

/// The reason of a reading that the same angle read once more took the place of.
inline constexpr const char* kReadAgain = "read again";

/// A reading that was taken back stays in the record with the reason.
struct Struck {
    std::string reason;
    bool operator==(const Struck&) const = default;
};

/// One of the two contacts of a TDC pass.
struct Contact {
    std::int64_t id = 0;
    int pass = 1;
    TdcMethod method = TdcMethod::PositiveStop;
    bool afterTop = false; ///< the contact on the far side of the top
    WheelScale scale = WheelScale::Half180;
    std::optional<double> drop_mm{}; ///< piston drop at the contact, where it is known
    std::string typed;               ///< exactly as read and typed
    CrankDeg at;                     ///< signed angle on the wheel as it stood
    std::int64_t time_ms = 0;
    std::optional<Struck> struck;
    bool operator==(const Contact&) const = default;
};

/// How a mark was come up to. A reading taken while backing up carries the drive's slack and is
/// left out of the analysis.
enum class Approach { Forward, BackingUp };

/// What a reading is of: a lift at an angle, or, where only events are taken, the angle at which
/// lift passes a height or stands highest. A lift in a run of events is what the indicator reads
/// back on the base circle.
enum class ReadingOf { Lift, Opens, Nose, Closes };

/// One lift reading.
struct Reading {
    std::int64_t id = 0;
    CrankDeg at;
    double lift_mm = 0.0;
    std::string typed;
    std::int64_t time_ms = 0; ///< since the epoch; 0 for an imported reading
    Approach approach = Approach::Forward;
    /// An event's height is in lift_mm (a drop under the nose where the run is taken from there); a
    /// nose's greatest lift, 0 where it was not read.
    ReadingOf of = ReadingOf::Lift;
    int zero = 1; ///< which setting of the indicator's zero it belongs to, from 1
    std::optional<WheelScale> scale{}; ///< of an event: the scale its angle was read on
    std::optional<Struck> struck;
    bool operator==(const Reading&) const = default;
};

/// The spring on the valve while lift is taken. A checking spring deflects nothing.
enum class Spring { Running, Checking };

/// How an indicator that stands askew by an angle shows the lift: following a point on the part it
/// shows lift x cos, riding a flat face lift / cos.
enum class OffAxis { NotCorrected, OnThePart, OnAFlatFace };

/// The conditions under which a run is taken.
struct RunTerms {
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
    int setting = 0; ///< taken after this change of the cam's setting; 0: as it was found

    /// Valve lift over tappet lift of the two lifts measured; empty without both.
    std::optional<double> ratioOfLifts() const;
    /// The ratio to reckon with.
    double ratioUsed() const { return measuredRatio ? ratioOfLifts().value_or(ratio) : ratio; }
    bool operator==(const RunTerms&) const = default;
};

struct LiftRun {
    std::int64_t id = 0;
    int cylinder = 1;
    Side side = Side::Intake;
    RunTerms terms;
    std::vector<Reading> readings; ///< in the order taken, struck ones included
    bool operator==(const LiftRun&) const = default;
};

/// Which of the four schools calls the lobe centre.
enum class CentreSchool { EqualDrop, Events, Peak, Centroid };

/// Which closing of the intake valve the dynamic compression is reckoned from.
enum class ClosingSchool { SeatMeasured, SeatMaker, Plus15, OwnHeight };

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

struct Settings {
    std::vector<Height> heights = metricHeights(Place::Tappet); ///< ascending
    double seat_mm = 0.15;                                      ///< "just open", at the valve
    double drop_mm = kUsualHeight_mm;                           ///< for the equal-drop centre
    CentreSchool school = CentreSchool::EqualDrop;
    WheelScale wheel = WheelScale::Half180;
    double tape_mm = 0.0; ///< circumference, for a tape
    double tdcTolerance_deg = 0.5;
    double resolution_mm = 0.01; ///< what the indicator resolves
    WhichTop top = WhichTop::NotSaid;
    std::vector<double> deck_mm; ///< piston below (positive) the block face at the top, by point
    std::optional<double> factoryMark_deg; ///< wheel angle at which the factory mark says TDC
    double damper_mm = 0.0;                ///< diameter the mark stands on
    double zeroReturn_mm = 0.02;
    ClosingSchool closing = ClosingSchool::SeatMeasured;
    double closingHeight_mm = 1.0; ///< valve lift, for one's own height
    double altitude_m = 0.0;
    double exponent = 1.25;     ///< of the compression, for the cranking pressure
    double wantedDynamic = 0.0; ///< 0: none wanted
    std::vector<FuelLimit> fuels = roughFuelGuide();
    std::optional<CompressionState> kept; ///< to compare with
    Target target;                        ///< what the cam is to be set to
    double skim_mm = 0.0;                 ///< taken off head and block, for an overhead cam
    bool smoothing = true;           ///< let the curve follow the noise; else through all readings
    bool averagePasses = false;      ///< several passes of a lobe: their mean instead of the newest
    std::vector<std::string> pinned; ///< figures kept on the slate, by key

    Wheel fittedWheel() const { return {wheel, tape_mm}; }
    bool operator==(const Settings&) const = default;
};

struct Job {
    std::int64_t id = 0;
    std::string name;
    Engine engine;
    std::optional<Card> card;     ///< of the cam that is fitted
    std::vector<Card> otherCards; ///< at hand, not fitted
    std::vector<Contact> contacts;
    std::vector<LiftRun> runs;
    std::vector<SettingChange> changes; ///< of the cam's setting, oldest first
    Settings settings;
    bool operator==(const Job&) const = default;
};

constexpr double kMmPerInch = 25.4;

} // namespace lobe
