#include "core/lobe/foreign_table.h"

#include "core/angle/usual.h"
#include "core/lobe/lift_table.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <map>

namespace lobe {
namespace {

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

struct Layout {
    char separator;
    bool comma;
};

std::optional<ForeignTable> readWith(const std::vector<std::string_view>& lines, Layout layout) {
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
    if (widest == byWidth.end() || widest->second.size() < 3 ||
        widest->second.size() > kMostReadings)
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
    for (const Layout layout :
         {Layout{'\t', false}, Layout{'\t', true}, Layout{';', false}, Layout{';', true},
          Layout{',', false}, Layout{' ', false}, Layout{' ', true}}) {
        auto read = readWith(lines, layout);
        if (!read) continue;
        const std::size_t numbers = read->columns.size() * read->columns.front().size();
        if (numbers <= most) continue;
        most = numbers;
        best = std::move(read);
    }
    return best;
}

TableReading guessReading(const ForeignTable& table, Side side, LengthUnit shown, double from_deg,
                          double step_deg) {
    TableReading r;
    r.from_deg = from_deg;
    r.step_deg = step_deg;
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
    const auto points = readAs(table, r);
    const double home = usualCentre_deg(side), nose = nose_deg(points);
    if (r.angle && std::abs(wrapCycle({nose - home}).deg) > 45.0)
        r.shift_deg = std::round(wrapCycle({home - nose}).deg);
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
