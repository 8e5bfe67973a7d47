#include "core/typed/lift_table.h"

#include "core/job/bounds.h"
#include "core/lobe/lobe.h"
#include "core/typed/entry.h"
#include "core/typed/lower.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <functional>
#include <optional>

namespace lobe {
namespace {

constexpr std::size_t kMostBytes = 64u << 20;

std::string_view cellOf(std::string_view s) {
    const auto blank = [](char c) { return c == ' ' || c == '\t' || c == '\r'; };
    while (!s.empty() && blank(s.front()))
        s.remove_prefix(1);
    while (!s.empty() && blank(s.back()))
        s.remove_suffix(1);
    return s;
}

std::vector<std::string> fields(std::string_view line, char separator) {
    std::vector<std::string> out(1);
    bool quoted = false;
    for (char c : line) {
        if (c == '"')
            quoted = !quoted;
        else if (c == separator && !quoted)
            out.emplace_back();
        else if (c != '\r')
            out.back() += c;
    }
    for (std::string& f : out)
        f = std::string(cellOf(f));
    return out;
}

/// A plain decimal number, point or comma, an exponent allowed; nothing else.
std::optional<double> number(std::string text) {
    std::replace(text.begin(), text.end(), ',', '.');
    if (!text.empty() && text.front() == '+') text.erase(0, 1);
    double value = 0.0;
    const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), value);
    if (error != std::errc() || end != text.data() + text.size() || !std::isfinite(value))
        return std::nullopt;
    return value;
}

/// What a table is of, and what it may hold.
struct Sort {
    std::string column; ///< with _mm or _in behind it
    double least_mm, most_mm;
    int fewest;
};
const Sort kLifts{"lift", -kMostLift_mm, kMostLift_mm, kFewestReadings};
const Sort kClearances{"clearance", 0.0, kMostLift_mm, 3};

struct Columns {
    char separator = ',';
    std::size_t count = 0, angle = 0, lift = 0;
    double unit_mm = 1.0;
};

std::variant<Columns, TableError> header(std::string_view line, int number, const Sort& sort) {
    Columns c;
    if (line.find('\t') != std::string_view::npos)
        c.separator = '\t';
    else if (line.find(';') != std::string_view::npos)
        c.separator = ';';
    const auto names = fields(line, c.separator);
    c.count = names.size();
    bool angle = false, lift = false;
    std::string bare;
    for (std::size_t i = 0; i < names.size(); ++i) {
        const std::string name = lower(names[i]);
        if (name == "crank_deg" && !angle) {
            angle = true;
            c.angle = i;
        } else if (name == sort.column + "_mm" || name == sort.column + "_in") {
            if (lift) return TableError{TableFault::TwoLiftColumns, number, {}, 0, 0};
            lift = true;
            c.lift = i;
            c.unit_mm = name.ends_with("_in") ? kMmPerInch : 1.0;
        } else if (name.starts_with(sort.column)) {
            bare = names[i];
        }
    }
    const auto printable = [](char ch) { return static_cast<unsigned char>(ch) >= 0x20; };
    bare.erase(std::remove_if(bare.begin(), bare.end(), std::not_fn(printable)), bare.end());
    if (!angle) return TableError{TableFault::NoAngleColumn, number, {}, 0, 0};
    if (!lift) return TableError{TableFault::NoLiftColumn, number, bare.substr(0, 40), 0, 0};
    return c;
}

std::variant<LiftPoint, TableError> row(std::string_view line, const Columns& c, int number_,
                                        const Sort& sort) {
    const auto f = fields(line, c.separator);
    if (f.size() != c.count)
        return TableError{TableFault::FieldCount,
                          number_,
                          {},
                          static_cast<int>(c.count),
                          static_cast<int>(f.size())};
    for (std::size_t column : {c.angle, c.lift})
        if (!number(f[column]))
            return TableError{TableFault::NotANumber, number_, f[column].substr(0, 40), 0, 0};
    const LiftPoint p{*number(f[c.angle]), *number(f[c.lift]) * c.unit_mm};
    if (!bounds::reading_deg.hold(p.deg))
        return TableError{TableFault::AngleOutOfRange, number_, f[c.angle].substr(0, 40), 0, 0};
    if (p.mm < sort.least_mm || p.mm > sort.most_mm)
        return TableError{TableFault::LiftOutOfRange, number_, f[c.lift].substr(0, 40), 0, 0};
    return p;
}

std::variant<LiftTable, TableError> read(std::string_view bytes, const Sort& sort) {
    if (bytes.starts_with("\xEF\xBB\xBF")) bytes.remove_prefix(3);
    if (bytes.find('\0') != std::string_view::npos)
        return TableError{TableFault::NotText, 0, {}, 0, 0};
    if (bytes.size() > kMostBytes) return TableError{TableFault::TooLong, 0, {}, 0, 0};

    LiftTable table;
    std::optional<Columns> columns;
    int line = 0;
    while (!bytes.empty()) {
        const std::size_t end = std::min(bytes.find_first_of("\r\n"), bytes.size());
        const std::string_view text = cellOf(bytes.substr(0, end));
        // A tab may be an empty last field, so the row is split before it is trimmed.
        const std::string_view raw = bytes.substr(0, end);
        const bool both = bytes.substr(end).starts_with("\r\n");
        bytes.remove_prefix(std::min(end + (both ? 2 : 1), bytes.size()));
        ++line;
        if (text.empty() || text.front() == '#') continue;
        if (!columns) {
            const auto read = header(raw, line, sort);
            if (const auto* e = std::get_if<TableError>(&read)) return *e;
            columns = std::get<Columns>(read);
            continue;
        }
        const auto read = row(raw, *columns, line, sort);
        if (const auto* e = std::get_if<TableError>(&read)) return *e;
        table.points.push_back(std::get<LiftPoint>(read));
        if (table.points.size() > kMostReadings)
            return TableError{TableFault::TooLong, line, {}, 0, 0};
    }
    if (!columns) return TableError{TableFault::Empty, 0, {}, 0, 0};
    const int found = static_cast<int>(table.points.size());
    if (found < sort.fewest)
        return TableError{TableFault::TooFewReadings, 0, {}, sort.fewest, found};
    return table;
}

} // namespace

std::variant<LiftTable, TableError> readLiftTable(std::string_view bytes) {
    auto made = read(bytes, kLifts);
    const auto* whole = std::get_if<LiftTable>(&made);
    if (!whole) return made;
    const LiftTable& table = *whole;
    const auto [low, high] =
        std::minmax_element(table.points.begin(), table.points.end(),
                            [](const LiftPoint& a, const LiftPoint& b) { return a.mm < b.mm; });
    if (high->mm - low->mm < kLeastLift_mm) return TableError{TableFault::Flat, 0, {}, 0, 0};
    return made;
}

std::variant<LiftTable, TableError> readClearanceTable(std::string_view bytes) {
    return read(bytes, kClearances);
}

std::string writeLiftTable(const std::vector<LiftPoint>& points,
                           const std::vector<std::string>& notes) {
    std::string out;
    for (std::string note : notes) {
        for (char& c : note)
            if (static_cast<unsigned char>(c) < 0x20 || c == 0x7f) c = ' ';
        out += "# " + note + "\n";
    }
    out += "crank_deg,lift_mm\n";
    const auto put = [&out](double value) {
        char buffer[32];
        const auto end = std::to_chars(buffer, buffer + sizeof buffer, value).ptr;
        out.append(buffer, end);
    };
    for (const LiftPoint& p : points) {
        put(p.deg);
        out += ',';
        put(p.mm);
        out += '\n';
    }
    return out;
}

} // namespace lobe
