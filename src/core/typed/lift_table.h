// Lift tables as CSV: `crank_deg` with `lift_mm` or `lift_in`.
//
// The separator (tab, semicolon or comma) is found from the header line; numbers have a point or,
// where the comma does not separate, a comma. Lines that start with # and blank lines are passed
// over, and so are columns with other names. A line ends with LF, CR or both. Lengths come back in
// mm. Whatever `writeLiftTable` makes of at most kMostReadings points is read back.
#pragma once

#include "core/curve/curve.h"

#include <string>
#include <string_view>
#include <variant>
#include <vector>

namespace lobe {

enum class TableFault {
    Empty,
    NotText, ///< a binary file
    TooLong, ///< more lines or bytes than any lift table has
    NoAngleColumn,
    NoLiftColumn, ///< no lift_mm or lift_in; `text` holds a column that lacks its unit
    TwoLiftColumns,
    FieldCount,      ///< `expected` fields by the header, `found` on this line
    NotANumber,      ///< `text` holds the field
    AngleOutOfRange, ///< beyond +-3600
    LiftOutOfRange,  ///< beyond +-30 mm
    TooFewReadings,  ///< `expected` at least, `found`
    Flat,            ///< lift hardly changes
};

struct TableError {
    TableFault fault;
    int line = 0; ///< 1-based; 0 when it is the file as a whole
    std::string text;
    int expected = 0, found = 0;
};

struct LiftTable {
    std::vector<LiftPoint> points; ///< in the file's order
};
/// A sweep of 100 seconds at 2000 readings a second.
constexpr std::size_t kMostReadings = 200'000;

std::variant<LiftTable, TableError> readLiftTable(std::string_view bytes);

/// The same of a clearance map, `crank_deg` with `clearance_mm` or `clearance_in`: `mm` of a point
/// is the clearance. At least three angles, in any order; a negative clearance is LiftOutOfRange.
std::variant<LiftTable, TableError> readClearanceTable(std::string_view bytes);

/// A table with a header and one line per point: point as decimal mark, comma as separator,
/// `note` lines behind #, each of them on one line whatever is in it.
std::string writeLiftTable(const std::vector<LiftPoint>& points,
                           const std::vector<std::string>& notes);

} // namespace lobe
