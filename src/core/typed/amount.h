// A number with its unit, as a builder writes it: 85 Nm, 62 lbft, 450 lb/in, 1.2 bar, 46 cc.
#pragma once

#include "core/job/log.h"

#include <optional>
#include <string>
#include <string_view>

namespace lobe {

enum class Dimension { Length, Force, Rate, Torque, Pressure, Volume, Power };

struct Amount {
    double value = 0.0; ///< in the unit it was written in
    std::string unit;   ///< its usual sign: "N·m"
    Dimension dimension = Dimension::Length;
    double si = 0.0;       ///< in m, N, N/m, N m, Pa, m3, W
    bool imperial = false; ///< in inches, pounds and what is made of them
};

/// Empty where it is no number with one of these units: mm, in; N, lb; N/mm, lb/in; N·m, lb·ft;
/// kPa, psi, bar; cc; kW, hp, PS, and what else they are written as.
std::optional<Amount> readAmount(std::string_view text);

/// A load, in N: a number or sum with N, lb, kgf (kg, kp), else in the unit shown, of which one is
/// so many N. Empty where it is neither.
std::optional<double> readForce_n(std::string_view text, double shown_n);
/// A spring's rate, in N/mm: with N/mm, lb/in or kgf/mm, else in the unit shown.
std::optional<double> readRate_n_mm(std::string_view text, double shown_n_mm);

/// The same in the usual unit of the other system: N·m for lb·ft. Factors are those of Boost.Units.
Amount inOther(const Amount& quantity);

/// Whether an end float as it was written down lies within its limits; empty where one of them is
/// not a length.
std::optional<bool> withinLimits(const LogEntry& entry);

} // namespace lobe
