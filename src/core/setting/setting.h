// Setting the cam: what is to be moved, what a move makes of the figures, and whether a move that
// was made did what it should.
//
// Crank degrees unless said; a move is positive when it advances the cam, uncertainties are 95 %
// half-widths.
#pragma once

#include "core/job/drive.h"
#include "core/lobe/lobe.h"

#include <optional>
#include <vector>

namespace lobe {

struct Card;
struct Job;

/// Why it cannot be said what is to be moved.
enum class NeedFault {
    NoLobe,          ///< the lobe the target hangs on is not measured
    NoCard,          ///< no card, or not with the figure the target needs
    NoEvent,         ///< that event was not recorded, or no target was given for it
    NoVolumes,       ///< no dynamic compression without volumes, closing and a wanted ratio
    OutOfReach,      ///< no advance reaches that dynamic compression
    SeparationFixed, ///< one cam: its separation is ground in
    MovedSince,      ///< not measured since the cam was last moved
    NoClearance,     ///< clearances were not measured
    SettleFirst, ///< lobes exchanged, wheel reversed, another top, cam degrees: no move from that
};

/// What is to be moved. One cam: in `intake_deg`, for both lobes.
struct Need {
    PerSide<std::optional<double>> move_deg;
    double uncertainty_deg = 0.0;
    std::optional<NeedFault> fault;
    /// Something is to be moved, by less than it is known by or than is worth a spanner: it stands
    /// as wanted.
    bool stands() const;
    bool asCard = false; ///< each lobe the target hangs on is as its card has it
    /// By each way of setting a cam with the wrong separation, where the target is the card's.
    std::optional<double> byIntake_deg, split_deg, allEvents_deg;
    /// Of an event as the target: the centre it leaves (after or before TDC), and, on a lobe of
    /// another length than printed, the event that keeps the card's centre, card notation.
    std::optional<double> centreLeft_deg, keepsCentre_deg;
};

/// The figures of the first cylinder measured with the cams moved. Centres in degrees after
/// (intake) and before (exhaust) TDC, events in card notation at the card's height (or 1.27 mm at
/// the tappet), separation in cam degrees.
struct Outcome {
    PerSide<std::optional<double>> centre;
    PerEvent<std::optional<double>> events;
    std::optional<double> separation, overlap;
    std::optional<double> closing_deg; ///< as the dynamic compression calls it, after BDC
    std::optional<double> dynamic, cranking_kpa;
    PerSide<std::optional<Measured<double>>> clearance_mm; ///< least, valve to piston
};
/// The height at which events are stated: the card's, or 1.27 mm at the tappet.
Height eventsHeight(const Job& job);

/// How far a lobe stands from its card, late positive. Like is compared with like: a centre that
/// the card gives through its events, with the middle of the measured events at the same height,
/// since on an asymmetric lobe the schools differ by nature.
std::optional<double> cardShift_deg(const Job& job, const LobeFigures& lobe);

enum class MoveVerdict {
    Waiting, ///< not measured since
    AsMeant,
    NotMoved,
    WrongWay, ///< by the right amount
    Half,     ///< as when cam degrees were taken for crank degrees
    Twice,    ///< as when crank degrees were turned at the cam wheel
    WrongWayHalf,
    WrongWayTwice,
    Other,
};

/// An event before and after, on the cycle.
struct MovedEvent {
    Event event = Event::IntakeOpens;
    double before_deg = 0.0, after_deg = 0.0;
    double moved_deg() const { return before_deg - after_deg; }
};

/// A change of setting against what was measured after it.
struct MoveCheck {
    int number = 1;
    Side side = Side::Intake;
    int cylinder = 1;
    double meant_deg = 0.0;
    MoveVerdict verdict = MoveVerdict::Waiting;
    std::optional<double> moved_deg; ///< mean of its events
    std::vector<MovedEvent> events;  ///< opening, closing; empty when waiting
    double durationChange_deg = 0.0;
    double error_deg = 0.0;       ///< what disagreed: the greatest departure from the mean move
    double uncertainty_deg = 0.0; ///< of the move
    bool alike = true;            ///< events moved alike and no duration changed, within that
    /// Where it came out other than meant: what of this drive makes the move that was observed.
    std::optional<DriveMove> instead;
};

/// Whether a change moved the cam that a side's lobes are on.
bool moves(const Job& job, const CamMove& move, Side side);
/// What the cam of a side was advanced by from one change to another; 0: as it was found.
double movedBetween(const Job& job, Side side, int from, int to);
/// The same from one change until now.
double movedSince(const Job& job, Side side, int change);
/// What of the drive of a side's cam is in use after the changes up to a number (all, without).
DriveState fittedAfter(const Job& job, Side side, std::optional<int> change = {});
/// The drive as it can move a side's cam alone: the crank wheel of two cams moves both.
Drive driveAlone(const Job& job);
/// Whether a lobe was last measured before a change that moved it.
bool measuredBefore(const Job& job, int afterMove, Side side);

/// Without marks: where the followers are level when the cam stands right, degrees after TDC on
/// overlap, (EVC - IVO) / 2 of the card. Empty where the card has no such events.
std::optional<double> splitOfCard_deg(const Card& card);

/// A cam set by level followers: how far off it stands and what the nearest tooth leaves.
struct LevelCheck {
    double late_deg = 0.0; ///< the cam's lateness as read
    int teeth = 0;         ///< to move on, nearest
    double left_deg = 0.0; ///< still late after those
    bool rightTooth = true;
};
/// `level_deg`: where the followers were level, after TDC on overlap.
LevelCheck checkLevel(double level_deg, double split_deg, double tooth_deg);

/// What taking `skim_mm` off head or block does to an overhead cam with a fixed pulling run: the
/// wheel turns by skim x cos(angle) / R, twice that at the crank, and always later. Advance, so
/// negative for a skim and positive for a thicker gasket. Empty without a radius.
std::optional<double> skimShift_deg(double skim_mm, double wheelRadius_mm, double runAngle_deg);

} // namespace lobe
