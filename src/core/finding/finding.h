// A Finding is something the computation has to say: one of the structs beside this file, each with
// its code and its numbers, no words. The words layer has a sentence for each; the core neither
// formats nor translates.
#pragma once

#include "core/finding/checks.h"
#include "core/finding/clearance.h"
#include "core/finding/events.h"
#include "core/finding/run.h"
#include "core/finding/spring.h"
#include "core/finding/tdc.h"

#include <optional>
#include <variant>
#include <vector>

namespace lobe {

/// Note: worth knowing. Ask: something is still to be taken. LookAgain: probably a slip.
/// Refused: no result can be given.
enum class Severity { Note, Ask, LookAgain, Refused };

namespace found {
using Any = std::variant<
    // A run
    TooFewReadings, FlatTable, NoseNotReached, FlankMissing, HeightAboveNose, HeightUnderLash,
    NoisyCrossings, SecondLift, OffTheCurve, AreaOfPart, ZeroNotHome, ZeroBleeding, ZeroSlipped,
    ZeroRunOut, BaseNotZero, DropShortened, RepeatedAngle, WideStep, BackedUp, OtherTurn, DialTurn,
    FirstLiftUnlikely, PartLoose, TravelEnds, NoseUnknown, RatioMeasured, PassesAgree, PassesDiffer,
    PassesMean, RestsElsewhere,
    // Events
    EventsOnly, CentreOnly, DurationUnlikely, CentreUnlikely, NoseUnlikely, CardHeightNear,
    WaysDiffer, WaysAgree, EventOdd, EventSide,
    // TDC
    TdcMoved, TdcSpanUnlikely, TdcSpanOff, TdcDwell, TdcDrift, TdcHalfDuration, TdcContactsSwapped,
    TdcTakeEnds, TdcPointerOff, TdcNotProved, TdcProved, TdcNotTaken, TdcStopShallow,
    TdcMethodsApart, TdcOtherScale, TopOther,
    // Lobes against card and one another
    CentreFarOff, SidesSwapped, MovedSince, CylinderTdcUnknown, Twist, CamShift, SeparationOff,
    CardShift, AsCard, CardOff, SplitPointMissing,
    // Valve to piston
    PressesApart, PressOdd, LeastAtEdge, PressStops, FollowerLive, HeadLoose, ClearanceUnder,
    ClearanceOverTravel, GapShape, ClearanceUnsaid, MapCarried, MapVoid, WaysApart, MapsApart,
    ValvesMeet,
    // Springs
    SpringRoomShort, SpringOdd>;
} // namespace found

struct Finding {
    found::Any what;
    Severity severity = Severity::Note;
    std::optional<Side> side{};
    int cylinder = 0; ///< 0: the job as a whole

    template <class... Kinds> bool is() const {
        return (std::holds_alternative<Kinds>(what) || ...);
    }
    /// Null where it is something else.
    template <class Kind> const Kind* as() const { return std::get_if<Kind>(&what); }
};

/// The first of its kind; null without one.
template <class Kind> const Kind* findingOf(const std::vector<Finding>& all) {
    for (const Finding& f : all)
        if (const Kind* kind = f.as<Kind>()) return kind;
    return nullptr;
}

/// As the command line prints it, stable: lower case with underscores.
const char* codeName(const Finding& finding);
/// "note", "ask", "look_again" or "refused".
const char* severityName(Severity severity);

} // namespace lobe
