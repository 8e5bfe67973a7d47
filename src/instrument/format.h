// How an instrument speaks: four ways, described by hand where a tool differs from what is usual.
// docs/formats/instruments.md says the same for people.
#pragma once

#include <string>

namespace instrument {

/// What a value is in. `Said`: as the line says itself, else millimetres, or degrees of an angle.
enum class Unit { Said, Millimetre, Inch, Degree };

enum class Way {
    Line,   ///< text with a number and perhaps a unit, a line each
    Digits, ///< a packet of digit nibbles with sign, decimal point and unit
    Count,  ///< text with the count of a two-channel counter, perhaps its index mark
    Pedal,  ///< whatever comes means "take it"
};

struct Format {
    Way way = Way::Line;
    Unit unit = Unit::Said;
    /// Of text: what ends a line, \n, \r or a printable letter; \r\n is read either way.
    char ending = '\n';
    /// Which number of the line is meant, from 1; and of a count, which is the index mark (0:
    /// none).
    int number = 1, index = 2;
    /// The value counts the other way round.
    bool reversed = false;
    bool operator==(const Format&) const = default;
};

} // namespace instrument
