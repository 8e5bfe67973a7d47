// Lift tables as other people write them, or as a spreadsheet hands them over: what the columns
// are, in which unit, counted from where, is guessed, shown, and can be said otherwise.
#pragma once

#include "core/angle/angles.h"
#include "core/curve/curve.h"
#include "core/typed/entry.h"

#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace lobe {

/// The numbers of a text, column by column; lines that are no numbers are left out.
struct ForeignTable {
    std::vector<std::vector<double>> columns; ///< as many values in each
    std::vector<std::string> names;           ///< of the columns, where a line before them has some
    bool decimalComma = false;
};
/// Columns may be parted by tabs, semicolons, commas or spaces; a comma is a decimal one where it
/// parts nothing; a row or two of many are columns that lie down. Empty with fewer than two rows of
/// numbers, or more than kMostReadings.
std::optional<ForeignTable> readForeignTable(std::string_view text);

/// How a table is taken.
struct TableReading {
    std::optional<std::size_t> angle; ///< its column; empty: from `from_deg` on by `step_deg`
    std::size_t lift = 0;             ///< its column
    double unit_mm = 1.0;             ///< what one of the lift's unit is
    bool negative = false;            ///< the dial ran backward
    bool fromNose = false;            ///< counted down from the nose
    bool cam = false;                 ///< in cam degrees
    bool reverse = false;             ///< taken against the running direction
    double from_deg = 0.0, step_deg = 5.0;
    double shift_deg = 0.0; ///< added to every crank angle, last
    bool operator==(const TableReading&) const = default;
};

/// The likeliest: the angle is the column that goes evenly one way, the lift the one with a lobe in
/// it; unit, sign and kind of degrees by how far they go. A nose that stands nowhere near where a
/// lobe of this side does is shifted there. A piece of a few rows is a column of lifts, or angles
/// and lifts in this order, in the unit shown.
TableReading guessReading(const ForeignTable& table, Side side, LengthUnit shown, double from_deg,
                          double step_deg);

/// What brings the nose of a table to where a lobe of this side has it, whole crank degrees; 0
/// where it stands within 45 of there, and without angles.
double shiftHome(const ForeignTable& table, TableReading reading, Side side);

/// By what a table of the same making is known: how many columns, and what they are called.
std::string shapeOf(const ForeignTable& table);
/// What of a reading is to be done again with the next table of this shape, a line of words: what
/// differs from the guess, and what was remembered `before`. The shift belongs to one side.
std::string remembered(const TableReading& kept, const TableReading& guessed, Side side,
                       std::string_view before);
/// The guess with what was remembered; whatever is not understood of it, or out of bounds, is as
/// guessed.
TableReading asRemembered(const ForeignTable& table, TableReading guess, Side side,
                          std::string_view words);

/// Points in crank degrees and mm, as the reading has it; in the table's order.
std::vector<LiftPoint> readAs(const ForeignTable& table, const TableReading& reading);

} // namespace lobe
