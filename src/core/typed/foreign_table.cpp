#include "core/typed/foreign_table.h"

#include "core/angle/usual.h"
#include "core/typed/lift_table.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <map>

namespace lobe {
namespace {

/// Fewer rows than this are a piece of a lobe.
constexpr std::size_t kPiece = 8;

std::vector<std::string> cut(std::string_view line, char separator) {
    std::vector<std::string> out;
    std::string now;
    bool any = false;
    const auto end = [&] {
        const auto a = now.find_first_not_of(" \t\"'"), b = now.find_last_not_of(" \t\"'");
        now = a == std::string::npos ? std::string() : now.substr(a, b - a + 1);
        // Spaces in a row part once.
        if (separator != ' ' || !now.empty()) out.push_back(now);
        now.clear();
    };
    for (char c : line) {
        any = true;
        if (c == separator)
            end();
        else
            now += c;
    }
    if (any) end();
    return out;
}

std::optional<double> number(std::string text, bool comma) {
    if (comma) std::replace(text.begin(), text.end(), ',', '.');
    if (!text.empty() && text.front() == '+') text.erase(0, 1);
    double v = 0.0;
    const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), v);
    if (error != std::errc() || end != text.data() + text.size() || !(std::abs(v) < 1e6))
        return std::nullopt;
    return v;
}

struct Separated {
    char separator;
    bool comma;
};

std::optional<ForeignTable> readWith(const std::vector<std::string_view>& lines, Separated layout) {
    std::map<std::size_t, std::vector<std::vector<double>>> byWidth;
    std::vector<std::string> before;
    std::map<std::size_t, std::vector<std::string>> names;
    for (std::string_view line : lines) {
        const auto cells = cut(line, layout.separator);
        std::vector<double> row;
        for (const std::string& cell : cells)
            if (const auto v = number(cell, layout.comma)) row.push_back(*v);
        if (cells.empty()) continue;
        if (row.size() != cells.size()) {
            before = cells;
            continue;
        }
        if (byWidth[row.size()].empty() && before.size() == row.size()) names[row.size()] = before;
        byWidth[row.size()].push_back(std::move(row));
    }
    const auto widest =
        std::max_element(byWidth.begin(), byWidth.end(), [](const auto& a, const auto& b) {
            return a.second.size() < b.second.size();
        });
    // A row of many lies down; otherwise one row is no table.
    if (widest == byWidth.end() || (widest->second.size() < 2 && widest->first < 3) ||
        widest->second.size() > kMostReadings || widest->first > kMostReadings)
        return std::nullopt;
    ForeignTable out;
    out.decimalComma = layout.comma;
    out.names = names[widest->first];
    out.columns.resize(widest->first);
    for (const auto& row : widest->second)
        for (std::size_t c = 0; c < row.size(); ++c)
            out.columns[c].push_back(row[c]);
    return out;
}

/// Share of steps that go the commoner way and are as wide as the usual one.
double evenness(const std::vector<double>& v) {
    std::vector<double> steps;
    for (std::size_t i = 1; i < v.size(); ++i)
        steps.push_back(v[i] - v[i - 1]);
    std::vector<double> sorted = steps;
    std::nth_element(sorted.begin(),
                     sorted.begin() + static_cast<std::ptrdiff_t>(sorted.size() / 2), sorted.end());
    const double usual = sorted[sorted.size() / 2];
    if (usual == 0.0) return 0.0;
    const auto alike = std::count_if(steps.begin(), steps.end(),
                                     [&](double s) { return s / usual > 0.5 && s / usual < 2.0; });
    return static_cast<double>(alike) / static_cast<double>(steps.size());
}

/// 1, 2, 3: the number of the row, more likely than an angle.
bool counts(const std::vector<double>& v) {
    for (std::size_t i = 1; i < v.size(); ++i)
        if (v[i] - v[i - 1] != 1.0) return false;
    return v.front() == 0.0 || v.front() == 1.0;
}

double range(const std::vector<double>& v) {
    const auto [low, high] = std::minmax_element(v.begin(), v.end());
    return *high - *low;
}

bool says(const std::string& name, const char* what) {
    std::string lower;
    for (char c : name)
        lower += static_cast<char>(c >= 'A' && c <= 'Z' ? c - 'A' + 'a' : c);
    return lower.find(what) != std::string::npos;
}

/// Where lift is more than a twentieth of all there is: first to last, in the column's degrees.
double openOver_deg(const std::vector<LiftPoint>& points) {
    double most = 0.0, first = 1e9, last = -1e9;
    for (const LiftPoint& p : points)
        most = std::max(most, p.mm);
    for (const LiftPoint& p : points)
        if (p.mm > 0.05 * most) {
            first = std::min(first, p.deg);
            last = std::max(last, p.deg);
        }
    return last - first;
}

double nose_deg(const std::vector<LiftPoint>& points) {
    return std::max_element(points.begin(), points.end(),
                            [](const LiftPoint& a, const LiftPoint& b) { return a.mm < b.mm; })
        ->deg;
}

} // namespace

/// Rows for columns; what names there were belong to neither.
static ForeignTable stoodUp(const ForeignTable& lying) {
    ForeignTable out;
    out.decimalComma = lying.decimalComma;
    const std::size_t rows = lying.columns.front().size();
    out.columns.assign(rows, {});
    for (const auto& column : lying.columns)
        for (std::size_t r = 0; r < rows; ++r)
            out.columns[r].push_back(column[r]);
    return out;
}

std::optional<ForeignTable> readForeignTable(std::string_view text) {
    std::vector<std::string_view> lines;
    while (!text.empty()) {
        const auto end = std::min(text.find_first_of("\r\n"), text.size());
        lines.push_back(text.substr(0, end));
        text.remove_prefix(std::min(end + 1, text.size()));
    }
    std::optional<ForeignTable> best;
    std::size_t most = 0;
    // In the order of preference where several make as much of it.
    for (const Separated layout :
         {Separated{'\t', false}, Separated{'\t', true}, Separated{';', false},
          Separated{';', true}, Separated{',', false}, Separated{' ', false},
          Separated{' ', true}}) {
        auto read = readWith(lines, layout);
        if (!read) continue;
        const std::size_t numbers = read->columns.size() * read->columns.front().size();
        if (numbers <= most) continue;
        most = numbers;
        best = std::move(read);
    }
    constexpr std::size_t kMany = 4; // more than one row of a table is likely to have
    if (best && best->columns.front().size() <= 2 && best->columns.size() >= kMany)
        return stoodUp(*best);
    if (best && best->columns.front().size() < 2) return std::nullopt;
    if (!best || best->decimalComma || best->columns.size() != 2) return best;
    // "1,25" is one lift where the commas part no angles from it: no point stands anywhere, and
    // what is before the commas does not go evenly.
    const bool points = std::any_of(lines.begin(), lines.end(), [](std::string_view line) {
        return line.find('.') != std::string_view::npos;
    });
    const auto& first = best->columns.front();
    const bool angles =
        evenness(first) > 0.8 && range(first) > (first.size() < kPiece ? 4.0 : 20.0);
    if (points || angles) return best;
    auto lifts = readWith(lines, {'\t', true});
    const bool whole =
        lifts && lifts->columns.size() == 1 && lifts->columns.front().size() == first.size();
    return whole ? lifts : best;
}

double shiftHome(const ForeignTable& table, TableReading r, Side side) {
    if (!r.angle || table.columns.front().size() < kPiece) return 0.0;
    r.shift_deg = 0.0;
    const double home = usualCentre_deg(side), nose = nose_deg(readAs(table, r));
    const bool there = std::abs(wrapCycle({nose - home}).deg) <= 45.0;
    return there ? 0.0 : std::round(wrapCycle({home - nose}).deg);
}

/// A few rows show no lobe to go by.
static TableReading guessPiece(const ForeignTable& table, LengthUnit shown, TableReading r) {
    const auto& columns = table.columns;
    const auto named = [&](std::size_t c, const char* what) {
        return c < table.names.size() && says(table.names[c], what);
    };
    if (columns.size() > 1) {
        r.angle = named(0, "lift") ? 1 : 0;
        r.lift = 1 - *r.angle;
        r.cam = named(*r.angle, "cam");
    }
    const auto [low, high] = std::minmax_element(columns[r.lift].begin(), columns[r.lift].end());
    r.negative = *high <= 0.0 && *low < 0.0;
    if (named(r.lift, "thou") || std::max(*high, -*low) > 40.0)
        r.unit_mm = kMmPerInch / 1000.0;
    else if (named(r.lift, "in") || (!named(r.lift, "mm") && shown == LengthUnit::Inch))
        r.unit_mm = kMmPerInch;
    return r;
}

TableReading guessReading(const ForeignTable& table, Side side, LengthUnit shown, double from_deg,
                          double step_deg) {
    TableReading r;
    r.from_deg = from_deg;
    r.step_deg = step_deg;
    if (table.columns.front().size() < kPiece) return guessPiece(table, shown, r);
    const auto& columns = table.columns;
    double most = 0.0;
    for (std::size_t c = 0; columns.size() > 1 && c < columns.size(); ++c)
        if (const double e = evenness(columns[c]) - (counts(columns[c]) ? 0.15 : 0.0);
            e > std::max(0.8, most) && range(columns[c]) > 20.0) {
            most = e;
            r.angle = c;
        }
    double widest = -1.0;
    for (std::size_t c = 0; c < columns.size(); ++c) {
        if (r.angle == c || evenness(columns[c]) > 0.95) continue;
        const bool named = c < table.names.size() && says(table.names[c], "lift");
        const double width = range(columns[c]) + (named ? 1e6 : 0.0);
        if (width > widest) {
            widest = width;
            r.lift = c;
        }
    }
    const auto& lift = columns[r.lift];
    const auto [low, high] = std::minmax_element(lift.begin(), lift.end());
    const double size = *high - *low;
    const std::string name = r.lift < table.names.size() ? table.names[r.lift] : std::string();
    // No lobe lifts 40 mm, and few less than 1.2: thousandths, inches.
    if (says(name, "thou") || size > 40.0)
        r.unit_mm = kMmPerInch / 1000.0;
    else if (says(name, "in") || (!says(name, "mm") && (size < 1.2 || shown == LengthUnit::Inch)))
        r.unit_mm = kMmPerInch;
    // At rest at the ends, or at the nose in the middle.
    const double ends = (lift.front() + lift.back()) / 2.0;
    const bool highEnds = std::abs(ends - *low) > std::abs(ends - *high);
    const bool zeroAtEnds = std::abs(ends) < 0.3 * size;
    if (highEnds && zeroAtEnds)
        r.negative = true; // at rest at nought, and down from there
    else if (highEnds || !zeroAtEnds) {
        r.fromNose = true;
        r.negative = highEnds; // counts up away from the nose
    }
    if (r.angle) {
        const std::string angle =
            *r.angle < table.names.size() ? table.names[*r.angle] : std::string();
        r.cam =
            says(angle, "cam") || (!says(angle, "crank") && openOver_deg(readAs(table, r)) < 175.0);
    }
    r.shift_deg = shiftHome(table, r, side);
    return r;
}

std::string shapeOf(const ForeignTable& table) {
    std::string out = std::to_string(table.columns.size());
    for (const std::string& name : table.names)
        out += ' ' + name;
    return out;
}

namespace {

/// A reading as words with a number each: what can be remembered of it. Separated count from 0, -1
/// is none.
std::map<std::string, double> wordsOf(const TableReading& r, Side side) {
    return {{"angle", r.angle ? static_cast<double>(*r.angle) : -1.0},
            {"lift", static_cast<double>(r.lift)},
            {"unit", r.unit_mm},
            {"negative", r.negative},
            {"nose", r.fromNose},
            {"cam", r.cam},
            {"reverse", r.reverse},
            {"step", r.step_deg},
            {side == Side::Intake ? "intake" : "exhaust", r.shift_deg}};
}

std::map<std::string, double> wordsIn(std::string_view text) {
    std::map<std::string, double> out;
    for (const std::string& each : cut(text, ' ')) {
        const auto at = each.find('=');
        if (at == std::string::npos) continue;
        if (const auto v = number(each.substr(at + 1), false)) out[each.substr(0, at)] = *v;
    }
    return out;
}

} // namespace

std::string remembered(const TableReading& kept, const TableReading& guessed, Side side,
                       std::string_view before) {
    auto all = wordsIn(before);
    const auto guess = wordsOf(guessed, side);
    for (const auto& [word, value] : wordsOf(kept, side))
        if (all.count(word) || value != guess.at(word)) all[word] = value;
    std::string out;
    for (const auto& [word, value] : all) {
        char digits[32];
        const auto end = std::to_chars(std::begin(digits), std::end(digits), value).ptr;
        out += (out.empty() ? "" : " ") + word + '=' + std::string(std::begin(digits), end);
    }
    return out;
}

TableReading asRemembered(const ForeignTable& table, TableReading r, Side side,
                          std::string_view words) {
    const auto all = wordsIn(words);
    const auto said = [&](const char* word) -> const double* {
        const auto at = all.find(word);
        return at != all.end() ? &at->second : nullptr;
    };
    const auto column = [&](const double* v) {
        return *v >= 0.0 && *v < static_cast<double>(table.columns.size()) && *v == std::floor(*v);
    };
    const TableReading guess = r;
    if (const double* v = said("angle")) {
        if (*v == -1.0) r.angle.reset();
        if (column(v)) r.angle = static_cast<std::size_t>(*v);
    }
    if (const double* v = said("lift"); v && column(v)) r.lift = static_cast<std::size_t>(*v);
    if (r.angle == r.lift) {
        r.angle = guess.angle;
        r.lift = guess.lift;
    }
    if (const double* v = said("unit"))
        for (double unit : {1.0, kMmPerInch, kMmPerInch / 1000.0})
            if (*v == unit) r.unit_mm = unit;
    for (const auto& [word, flag] : {std::pair{"negative", &r.negative},
                                     {"nose", &r.fromNose},
                                     {"cam", &r.cam},
                                     {"reverse", &r.reverse}})
        if (const double* v = said(word)) *flag = *v != 0.0;
    if (const double* v = said("step"); v && *v >= 0.01 && *v <= 30.0) r.step_deg = *v;
    const double* shift = said(side == Side::Intake ? "intake" : "exhaust");
    r.shift_deg = shift && std::abs(*shift) <= 720.0 ? *shift
                  : r == guess                       ? guess.shift_deg
                                                     : shiftHome(table, r, side);
    return r;
}

std::vector<LiftPoint> readAs(const ForeignTable& table, const TableReading& r) {
    const auto& lift = table.columns[r.lift];
    double least = 0.0;
    std::vector<LiftPoint> out;
    for (std::size_t i = 0; i < lift.size(); ++i) {
        const double deg =
            r.angle ? table.columns[*r.angle][i] : r.from_deg + r.step_deg * static_cast<double>(i);
        const double mm = lift[i] * r.unit_mm * (r.negative ? -1.0 : 1.0);
        least = std::min(least, mm);
        out.push_back(
            {(r.reverse ? -deg : deg) * (r.cam && r.angle ? 2.0 : 1.0) + r.shift_deg, mm});
    }
    if (r.fromNose)
        for (LiftPoint& p : out)
            p.mm -= least;
    return out;
}

} // namespace lobe
