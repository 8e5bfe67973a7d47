// A Finding is something the computation has to say: a code with its numbers, no words.
// The words layer turns it into a sentence; the core neither formats nor translates.
#pragma once

#include "core/angle/angles.h"

#include <optional>
#include <string>

namespace lobe {

/// Note: worth knowing. Ask: something is still to be taken. LookAgain: probably a slip.
/// Refused: no result can be given.
enum class Severity { Note, Ask, LookAgain, Refused };

enum class Code {
    // A lobe
    TooFewReadings,    ///< count = readings needed
    FlatTable,         ///< mm = greatest less least lift
    NoseNotReached,    ///< the greatest lift is the last reading
    FlankMissing,      ///< mm = height; opening/closing in `opening`
    HeightAboveNose,   ///< mm = height, other_mm = max lift
    HeightUnderLash,   ///< mm = height: hidden by the lash as the lift was taken
    NoisyCrossings,    ///< mm = height, count = crossings on that flank
    Misfit,            ///< at = angle, mm = reading less the curve of all others; it does not count
    AreaOfPart,        ///< opening; mm = lift at that end, other_mm = area set for the rest, mm deg
    ZeroReturn,        ///< mm = last base reading less the first; nothing tells why
    ZeroBleeding,      ///< mm; a live hydraulic follower gave way
    ZeroSlipped,       ///< mm; at = where the readings jump by as much
    ZeroRunOut,        ///< mm; other_mm = run-out of the base circle
    BaseNotZero,       ///< mm = base-circle reading
    DropShortened,     ///< mm = drop used for the equal-drop centre
    CentreFarOff,      ///< at = centre: half a cycle from where this lobe sits
    SidesSwapped,      ///< at = centre: where the other lobe sits
    RepeatedAngle,     ///< at = angle, count = readings: their mean is used
    WideStep,          ///< deg = widest gap between readings on the lobe
    BackedUp,          ///< count = readings left out because they were taken backing up
    OtherTurn,         ///< at = last angle: nothing lifts where this lobe should; a turn out
    DialTurn,          ///< at, mm = as read, other_mm = in the neighbouring turn of the dial
    EventsOnly,        ///< what events alone cannot say
    CentreOnly,        ///< a centre by two readings says nothing of the events
    DurationUnlikely,  ///< at, deg = duration no cam has, mm = height; other_deg = what would do
    CentreUnlikely,    ///< at, deg = centre where none sits, mm = height; other_deg = what would do
    NoseUnlikely,      ///< at, deg = how far the nose lies from the middle of its events
    FirstLiftUnlikely, ///< at, mm = lift read where the base circle belongs
    CardHeightNear,    ///< mm = height the events were taken at, other_mm = the card's
    EventOdd,      ///< at = the reading, deg = how far it is from the rest; opening in `opening`
    EventSide,     ///< at = as taken, other_deg = on the other side of its dead centre, as the card
    PartLoose,     ///< at, count = readings whose zero does not join the earlier ones
    TravelEnds,    ///< at, mm = reading, other_mm = what the indicator spans
    NoseUnknown,   ///< counting down from the nose, without a base circle to count from
    RatioMeasured, ///< mm = ratio of the two lifts, other_mm = nominal
    PassesAgree,   ///< at, mm = widest spread of count passes
    PassesDiffer,  ///< the same, more than measuring leaves
    PassesMean,    ///< count = passes whose mean this is
    MovedSince,    ///< the cam was moved since this lobe was measured
    TopOther,      ///< deg = 360 or -360: the lobes say the other top than was said; count = runs
    CylinderTdcUnknown, ///< deg: a lobe off cylinder 1's by what no twist is; its TDC is not known
    Twist,              ///< deg = this cylinder's lobe centre less cylinder 1's
    // TDC
    TdcMoved,           ///< deg = what the readings before it are off by, count = runs
    TdcSpanUnlikely,    ///< deg = half-span
    TdcSpanOff,         ///< deg = half-span, other_deg = expected from stroke, rod and drop
    TdcDwell,           ///< deg = how far the top hides either side: a first approximation only
    TdcDrift,           ///< deg = how far the midpoint stands from the true top, pin offset
    TdcHalfDuration,    ///< deg = half the port's duration: what both edges must read
    TdcContactsSwapped, ///< the two contacts were taken in the other order
    TdcPointerOff,      ///< deg = correction, signed
    TdcNotProved,       ///< set, second pass outstanding
    TdcProved,          ///< deg = disagreement of the two contacts
    TdcNotTaken,        ///< lift is recorded without a true TDC
    TdcStopShallow,     ///< deg = half-span: so near the top that the piston hardly moves
    TdcMethodsApart,    ///< deg = how far two methods lie apart, other_deg = their doubt
    TdcOtherScale,      ///< deg = half-span as read, other_deg = on a gauge that counts both ways
    // A pair
    CamShift,      ///< deg = both lobes alike against the card, signed, late positive
    SeparationOff, ///< deg = separation less card, cam degrees
    CardShift,     ///< deg = centre less card, signed, late positive
    AsCard,        ///< deg = centre less card
    CardOff,       ///< the cylinder is not as its card, by something else than timing
    SplitPointMissing,
};

struct Finding {
    Code code;
    Severity severity = Severity::Note;
    std::optional<Side> side{};
    int cylinder = 0; ///< 0: the job as a whole
    std::optional<CrankDeg> at{}, orAt{};
    std::optional<double> mm{};
    std::optional<double> other_mm{};
    std::optional<double> deg{};
    std::optional<double> other_deg{};
    int count = 0;
    bool opening = true;
};

/// The code as the command line prints it, stable: lower case with underscores.
const char* codeName(Code code);
/// "note", "ask", "look_again" or "refused".
const char* severityName(Severity severity);

} // namespace lobe
