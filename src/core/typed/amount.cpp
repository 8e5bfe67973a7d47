#include "core/typed/amount.h"

#include "core/typed/entry.h"

#include <boost/units/base_units/imperial/foot.hpp>
#include <boost/units/base_units/imperial/inch.hpp>
#include <boost/units/base_units/metric/bar.hpp>
#include <boost/units/base_units/us/pound_force.hpp>
#include <boost/units/conversion.hpp>
#include <boost/units/systems/si/force.hpp>
#include <boost/units/systems/si/length.hpp>
#include <boost/units/systems/si/pressure.hpp>

#include <algorithm>
#include <cctype>

namespace lobe {
namespace {

namespace bu = boost::units;

const double kInch =
    bu::conversion_factor(bu::imperial::inch_base_unit::unit_type(), bu::si::length());
const double kFoot =
    bu::conversion_factor(bu::imperial::foot_base_unit::unit_type(), bu::si::length());
const double kPound =
    bu::conversion_factor(bu::us::pound_force_base_unit::unit_type(), bu::si::force());
const double kBar =
    bu::conversion_factor(bu::metric::bar_base_unit::unit_type(), bu::si::pressure());

/// The weight of a kilogram, N.
constexpr double kKilopond = 9.80665;

struct Unit {
    const char* sign;
    std::initializer_list<const char*> written; ///< lower case, without dots and spaces
    Dimension dimension;
    double si;
    bool imperial;
};

const Unit kUnits[] = {
    {"mm", {"mm"}, Dimension::Length, 1e-3, false},
    {"in", {"in", "\"", "inch"}, Dimension::Length, kInch, true},
    {"N", {"n"}, Dimension::Force, 1.0, false},
    {"lb", {"lb", "lbs", "lbf"}, Dimension::Force, kPound, true},
    {"N/mm", {"n/mm"}, Dimension::Rate, 1e3, false},
    {"lb/in", {"lb/in", "lbs/in", "lbf/in"}, Dimension::Rate, kPound / kInch, true},
    {"N\u00b7m", {"nm"}, Dimension::Torque, 1.0, false},
    {"lb\u00b7ft",
     {"lbft", "ftlb", "ftlbs", "lbsft", "lb-ft", "ft-lb"},
     Dimension::Torque,
     kPound* kFoot,
     true},
    {"kPa", {"kpa"}, Dimension::Pressure, 1e3, false},
    {"psi", {"psi"}, Dimension::Pressure, kPound / (kInch * kInch), true},
    {"bar", {"bar"}, Dimension::Pressure, kBar, false},
    {"cc", {"cc", "cm3", "ml"}, Dimension::Volume, 1e-6, false},
    {"cu in", {"cuin", "in3", "ci"}, Dimension::Volume, kInch* kInch* kInch, true},
    {"kW", {"kw"}, Dimension::Power, 1e3, false},
    {"hp", {"hp", "bhp"}, Dimension::Power, 550.0 * kPound* kFoot, true}, // 550 ft lbf a second
    {"PS", {"ps"}, Dimension::Power, 75.0 * kKilopond, false},            // 75 kgf m a second
};

/// The unit as it could be listed: no spaces, no dots between, lower case.
std::string plain(std::string_view text) {
    std::string out;
    for (std::size_t i = 0; i < text.size(); ++i) {
        const auto c = static_cast<unsigned char>(text[i]);
        if (c == 0xC2 && i + 1 < text.size() && static_cast<unsigned char>(text[i + 1]) == 0xB7) {
            ++i; // a raised dot
            continue;
        }
        if (std::isspace(c) || c == '.') continue;
        out += static_cast<char>(std::tolower(c));
    }
    return out;
}

} // namespace

std::optional<Amount> readAmount(std::string_view text) {
    const auto end = text.find_last_of("0123456789");
    if (end == std::string_view::npos) return std::nullopt;
    // "cm3" and "in3" end in a digit that belongs to the unit.
    for (const std::size_t cut : {end + 1, text.find_last_of("0123456789", end - 1) + 1}) {
        if (cut == 0 || cut > text.size()) continue;
        const auto number = readNumber(text.substr(0, cut));
        const double* value = std::get_if<double>(&number);
        if (!value) continue;
        const std::string unit = plain(text.substr(cut));
        for (const Unit& u : kUnits)
            if (std::find(u.written.begin(), u.written.end(), unit) != u.written.end())
                return Amount{*value, u.sign, u.dimension, *value * u.si, u.imperial};
    }
    return std::nullopt;
}

/// What stands before the unit, where one of these stands behind.
static std::optional<double> inUnit(std::string_view text, double shown,
                                    std::initializer_list<std::pair<const char*, double>> units) {
    const auto letters = [](char c) {
        return std::isalpha(static_cast<unsigned char>(c)) || c == '/' || c == ' ';
    };
    std::size_t end = text.size();
    while (end > 0 && letters(text[end - 1]))
        --end;
    const auto number = readNumber(text.substr(0, end));
    const double* value = std::get_if<double>(&number);
    if (!value) return std::nullopt;
    const std::string unit = plain(text.substr(end));
    if (unit.empty()) return *value * shown;
    for (const auto& [written, worth] : units)
        if (unit == written) return *value * worth;
    return std::nullopt;
}

std::optional<double> readForce_n(std::string_view text, double shown) {
    return inUnit(text, shown,
                  {{"n", 1.0},
                   {"lb", kPound},
                   {"lbs", kPound},
                   {"lbf", kPound},
                   {"kgf", kKilopond},
                   {"kg", kKilopond},
                   {"kp", kKilopond}});
}

std::optional<double> readRate_n_mm(std::string_view text, double shown) {
    const double poundInch = kPound / (kInch * 1000.0);
    return inUnit(text, shown,
                  {{"n/mm", 1.0},
                   {"lb/in", poundInch},
                   {"lbs/in", poundInch},
                   {"lbf/in", poundInch},
                   {"kgf/mm", kKilopond},
                   {"kg/mm", kKilopond},
                   {"kp/mm", kKilopond}});
}

Amount inOther(const Amount& q) {
    for (const Unit& u : kUnits)
        if (u.dimension == q.dimension && u.imperial != q.imperial)
            return {q.si / u.si, u.sign, u.dimension, q.si, u.imperial};
    return q;
}

std::optional<bool> withinLimits(const LogEntry& entry) {
    const auto length = [&](const char* key) -> std::optional<double> {
        const std::string* typed = entry.detail(key);
        if (!typed) return std::nullopt;
        const auto read = readLength(*typed, LengthUnit::Millimetre, 50.0);
        const double* mm = std::get_if<double>(&read);
        return mm ? std::optional(*mm) : std::nullopt;
    };
    const auto is = length("measured"), least = length("least"), most = length("most");
    if (!is || (!least && !most)) return std::nullopt;
    return (!least || *is >= *least) && (!most || *is <= *most);
}

} // namespace lobe
