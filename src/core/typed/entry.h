// What a builder types, understood. One grammar for the whole application.
//
//   number    digits with a point or a comma; a leading + or -
//   sum       numbers with + - * / and brackets between them ("180-131", "(42+44)/2"); "half of 43"
//   length    a sum with an optional unit: mm, in, ", th or thou (thousandths of an inch).
//             Without a unit it is in the unit shown. With inches shown, a whole number is
//             thousandths: nobody has 325 inches of lift.
//   angle     a sum, and optionally which side of which dead centre:
//             b or bt before top, a or at after top, bb before bottom, ab after bottom;
//             x takes the other side than the step expects;
//             a scale and a colon before it read this one on another wheel: "360: 329", where
//             the scales are 360, against, 180, 90, signed, twice and tape. On a tape the number
//             is a length in the unit shown (whole inches are inches: 32 7/8), or in its own.
//             At the question for an event a minus is the other side, as on a card, where the
//             wheel does not tell the sides apart
//   place     in a lift run: an angle with its side, or @ and a signed cycle angle;
//             a lift may follow after a space ("75a 8.512")
//   step      in a lift run: "step 2" sets the step in degrees
//   zero      in a lift run: "zero" says that the indicator was set to zero again, "zero 8.5"
//             that it was, where the lift stood at 8.5
//
// The raw text is never changed; what could not be understood says where and why.
#pragma once

#include "core/angle/wheel.h"
#include "core/job/height.h"

#include <initializer_list>
#include <optional>
#include <string>
#include <string_view>
#include <variant>

namespace lobe {

enum class EntryFault {
    Empty,
    NotANumber,    ///< a word or a stray sign at `column`
    UnknownSuffix, ///< letters that are no unit and no side
    DivideByZero,
    OutOfRange,   ///< understood, but beyond what can be: `limit` holds the bound
    OffTheScale,  ///< the wheel does not carry this number: `limit` holds its top
    MissingSide,  ///< a place needs its side, or @
    UnknownScale, ///< what stands before the colon is no wheel scale
    Fraction,     ///< a fraction of inches where millimetres are shown: its unit is to be said
    WhichCentre,  ///< a number from the top where one from the bottom is expected: `limit` is what
                  ///< the wheel would show that far past (negative: before) the bottom
};

struct EntryError {
    EntryFault fault;
    int column = 0; ///< 0-based, where it went wrong
    double limit = 0.0;
    bool isLength = false; ///< `limit` is in mm
    bool atLeast = false;  ///< it is a bound below, not above
};

template <class T> using Understood = std::variant<T, EntryError>;

/// A sum or plain number; one of `units` may stand behind it and changes nothing. A degree sign or
/// "deg" is always read over.
Understood<double> readNumber(std::string_view text,
                              std::initializer_list<std::string_view> units = {});

enum class LengthUnit { Millimetre, Inch };
/// Millimetres; |result| above `most_mm` is refused.
Understood<double> readLength(std::string_view text, LengthUnit shown, double most_mm);

/// A wheel reading for a step that expects `hint`: the number as read, and the signed angle.
struct WheelReading {
    double number = 0.0;
    CrankDeg at;
    bool assumed = false; ///< the scale was ambiguous and the step decided
    WheelScale scale = WheelScale::Half180;
};
struct WheelExpectation {
    DegreeWheel wheel;
    bool after = true;
    DeadCentre centre = DeadCentre::Top;
    bool event = false; ///< an event of a lobe, which a card may have been read for
    LengthUnit shown = LengthUnit::Millimetre; ///< of a tape's numbers without a unit
};
Understood<WheelReading> readWheel(std::string_view text, const WheelExpectation& expected);

/// A wheel shows each number twice in a cycle: of the two, the one nearer to where the lobe sits.
CrankDeg nearLobe(CrankDeg at, Side side);

/// An entry in a lift run: a lift, a place to go to, or both.
struct RunEntry {
    std::optional<CrankDeg> goTo;
    std::optional<double> lift_mm;
    std::optional<double> step_deg;  ///< 0.1 to 30
    bool zeroed = false;             ///< the indicator was set to zero again
    std::optional<double> zeroAt_mm; ///< and the lift stood at this
};
constexpr double kMostLift_mm = 30.0;
Understood<RunEntry> readRunEntry(std::string_view text, Side side, LengthUnit shown);

/// A checking height, with an optional trailing t (tappet) or v (valve).
Understood<Height> readHeight(std::string_view text, LengthUnit shown, Place otherwise);

} // namespace lobe
