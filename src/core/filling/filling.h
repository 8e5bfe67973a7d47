// How one cylinder fills over speed, an estimate: filling and emptying through both valves, without
// pipes (with them: piped.h). It ranks cams and shows which way and about how far the best filling
// moves; it does not give power.
//
// One volume from the slider-crank; an ideal gas whose mass, energy and fresh share are carried
// through repeated cycles until they repeat. Flow through a valve is that of a compressible gas
// through a nozzle (Heywood, Internal Combustion Engine Fundamentals, appendix C, equations C.8 and
// C.9), over the lesser of the curtain pi d L and the port (there 6.3.2), times a discharge factor
// that falls with lift (there figure 6-18). Both ends stand at ambient; what is pushed back into
// the intake port comes in again first. With both valves shut the gas is compressed and expanded
// without loss; at the top it is given heat in proportion to its fresh mass. Units of this room:
// SI but for degrees (crank, of the cycle), mm (valves, lengths), mg, kPa and 1/min.
#pragma once

#include "core/angle/geometry.h"

#include <array>
#include <functional>
#include <optional>
#include <variant>
#include <vector>

namespace lobe {

/// The cylinder and its valves.
struct FillingEngine {
    double bore_mm = 0.0, stroke_mm = 0.0, rod_mm = 0.0;
    double staticRatio = 0.0;
    double intakeHead_mm = 0.0, exhaustHead_mm = 0.0;
    int intakeValves = 1, exhaustValves = 1;
    double ambient_kpa = 101.325, ambient_k = 293.15;
};

/// Valve lift, mm, of a crank angle of the cycle from -360 to 360; nothing where it is shut.
using LiftAt = std::function<double(double deg)>;

struct FillingPoint {
    double speed_rpm = 0.0;
    double efficiency = 0.0; ///< fresh mass trapped over swept volume at ambient density
    double residual = 0.0;   ///< burned share of what is trapped
    double trapped_mg = 0.0;
    double pumping_j = 0.0; ///< work the piston does on the gas over exhaust and intake stroke
    double massError = 0.0; ///< in less out, a cycle, over what is trapped
    int cycles = 0;         ///< until it repeated
    /// Efficiency with short, usual and long pipes, where their lengths are not known.
    std::optional<std::array<double, 3>> byLength{};
};

struct FillingCurve {
    std::vector<FillingPoint> points;
    /// Where efficiency is greatest, by a parabola; empty where it is greatest at an end.
    std::optional<double> peak_rpm;
    double peakEfficiency = 0.0; ///< the greatest there is
    /// Where it has fallen by a tenth of its greatest beyond that; empty where it does not.
    std::optional<double> fallOff_rpm;
};

/// Why there is no estimate.
enum class FillingFault {
    Dimensions, ///< bore, stroke and rod, each positive, the rod longer than half the stroke
    Ratio,      ///< static ratio over 2 and up to 25
    Valves,     ///< heads from 5 mm up to the bore, one to three of each
    ValvesOpen, ///< the valves open for less than 60 degrees, or both round the firing TDC
};

/// One engine with one pair of lobes. Makes tables once; then each speed is independent, and may be
/// asked from several threads.
class Filling {
public:
    static std::variant<Filling, FillingFault> of(const FillingEngine& engine, const LiftAt& intake,
                                                  const LiftAt& exhaust);

    /// At one speed, 100 to 30000 1/min; steps so many times finer than stability asks.
    FillingPoint at(double speed_rpm, double fineness = 1.0) const;

    /// Effective flow area of a valve's lift, all valves of the side, m2.
    static double area_m2(double lift_mm, double head_mm, int valves);

private:
    friend class FillingRun;
    friend class PipedRun;
    Filling() = default;

    FillingEngine engine_;
    double piston_m2_ = 0.0, swept_m3_ = 0.0, least_m3_ = 0.0;
    /// Over the cycle from -360, every quarter degree; `growth` a degree.
    std::vector<double> intake_m2_, exhaust_m2_, volume_m3_, growth_m3_;
    double firstOpen_deg_ = 0.0, lastShut_deg_ = 0.0;
};

/// Mass flow, kg/s, of a gas through an area, m2, from a pressure (Pa) and temperature (K) upstream
/// to a lower pressure downstream (Heywood C.8, C.9).
double nozzleFlow(double area_m2, double upstream_pa, double upstream_k, double downstream_pa);

/// Points ascending in speed into a curve.
FillingCurve fillingCurve(std::vector<FillingPoint> points);

/// Heat a fresh mass gives, J/kg: that of a mixture, less what walls and the greater specific heat
/// of hot gas take.
constexpr double kFillingHeat = 1.8e6;
/// The port's diameter over the head's; the share of a valve's lift that flows freely is told by
/// `discharge`.
constexpr double kPortShare = 0.85;
/// Of the lesser area, falling with lift over head diameter: 0.70 shut to 0.55 from a third on.
double discharge(double liftOverHead);

} // namespace lobe
