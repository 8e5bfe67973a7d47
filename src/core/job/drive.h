// How the cam is driven, what of the drive can be changed, what the cam is to be set to, and what
// was changed so far: plain values, part of a Job. `choices` (core/choices.h) works with them.
//
// Crank degrees, positive advances the cam, unless said. Lengths mm.
#pragma once

#include "core/angle/per.h"

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

namespace lobe {

enum class DriveKind { Chain, Belt, Gears };

struct Drive {
    DriveKind kind = DriveKind::Chain;
    int teeth = 0;        ///< of the cam wheel; 0: not described yet
    bool against = false; ///< the cam turns against the crank, as with two gears in mesh
    int keyways = 1;      ///< evenly spaced keyways or dowel holes of the cam wheel
    std::vector<double> crankKeyways_deg; ///< of the crank wheel, beside the one in use
    int vernierWheel = 0, vernierHub = 0; ///< holes in the wheel and in the hub; 0: no vernier
    std::vector<double> bushes_deg;       ///< offset bushes or keys at hand
    double slot_deg = 0.0;                ///< slotted wheel: range either way; 0: no slots
    double slotLine_deg = 0.0;            ///< what a line of its scale is worth; 0: no lines
    double boltRadius_mm = 0.0;           ///< of the bolt circle, for the arc of a move
    Side pulledFirst = Side::Intake;      ///< two cams: the one the crank pulls first
    double phaser_deg = 0.0;        ///< what a phaser adds beyond its park; positive advances.
                                    ///< One cam's, or of two the intake's
    double phaserExhaust_deg = 0.0; ///< of two cams the exhaust's
    double phaserLimiter_deg = 0.0; ///< what a limiter leaves of that; 0: none fitted
    double slack_deg = 0.0;         ///< what chain, belt or end float let the cam lag by
    double wheelRadius_mm = 0.0;    ///< pitch radius of the cam wheel, for a skimmed head
    double runAngle_deg = 0.0;      ///< the pulling run against the way the head comes down
    /// The builder's own names of the cam wheel's keyways, dots or holes, in the running direction
    /// from the one in use; may be shorter.
    std::vector<std::string> marks;

    /// Whether anything of it is known that can be changed.
    bool described() const {
        return teeth > 0 || vernierWheel > 0 || slot_deg > 0.0 || !bushes_deg.empty() ||
               !crankKeyways_deg.empty();
    }
    bool operator==(const Drive&) const = default;
};

/// One way of moving the parts of the drive. Everything at 0 is as it stands.
struct DriveMove {
    int teeth = 0;  ///< teeth the cam wheel goes on in its running direction (negative: back)
    int keyway = 0; ///< keyways of the cam wheel on from the one in use (negative: back)
    double crankKeyway_deg = 0.0, vernier_deg = 0.0, bush_deg = 0.0, slot_deg = 0.0;
    double total_deg = 0.0; ///< what all of it moves the cam by

    int changes() const {
        return (teeth != 0) + (keyway != 0) + (crankKeyway_deg != 0.0) + (vernier_deg != 0.0) +
               (bush_deg != 0.0) + (slot_deg != 0.0);
    }
    bool operator==(const DriveMove&) const = default;
};

/// What of a drive is in use, counted from how it was described: the sum of the moves made since.
/// Offsets are listed from the one first used, so that after a move the rest is counted from here.
struct DriveState {
    int keyway = 0;
    double crankKeyway_deg = 0.0, bush_deg = 0.0, slot_deg = 0.0;

    void take(const DriveMove& m) {
        keyway += m.keyway;
        crankKeyway_deg += m.crankKeyway_deg;
        bush_deg += m.bush_deg;
        slot_deg += m.slot_deg;
    }
    bool operator==(const DriveState&) const = default;
};

/// What the cam is to be set to.
enum class TargetKind {
    CardCentre, ///< the lobe centres the card promises
    CardPlus,   ///< those, and so much earlier
    EventAt,    ///< one event at a checking height
    Separation, ///< two cams: the separation
    Dynamic,    ///< a dynamic compression
    Clearance,  ///< a least clearance of valve and piston
    Centres,    ///< wanted lobe centres, card or none
};

/// How a cam whose separation is not the target's is set.
enum class SetSchool { ByIntake, SplitDifference, AllEvents };

struct Target {
    TargetKind kind = TargetKind::CardCentre;
    SetSchool school = SetSchool::ByIntake;
    double plus_deg = 0.0; ///< earlier than the card, crank degrees; of two cams the intake
    std::optional<double> plusExhaust_deg; ///< of two cams; empty: as the intake
    PerSide<std::optional<double>> centre; ///< wanted: deg after, before TDC
    Event event = Event::IntakeCloses;
    double event_deg = 0.0;      ///< in card notation, at the card's height
    double separation_deg = 0.0; ///< cam degrees
    double dynamic = 0.0;
    double clearance_mm = 0.0;
    bool operator==(const Target&) const = default;
};

/// A move of the cam, kept: what was changed of its drive. A single cam has its move at the intake.
struct CamMove {
    int number = 1; ///< from 1, in the order made
    std::int64_t time_ms = 0;
    PerSide<std::optional<DriveMove>> made;
    PerSide<std::optional<double>> wanted_deg; ///< what was to be moved
    std::string marks;                         ///< made, keyway and hole used
    std::string note;
    std::string photo; ///< a file, its path from the book's folder
    bool operator==(const CamMove&) const = default;

    const std::optional<DriveMove>& move(Side side) const {
        return side == Side::Exhaust && made.exhaust ? made.exhaust : made.intake;
    }
};

} // namespace lobe
