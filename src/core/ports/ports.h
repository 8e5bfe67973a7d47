// The ports of a two-stroke: durations, blowdown, edges by the slider-crank, the edge to file to,
// compression from the ports' closing, and open area against speed.
//
// A piston that opens a port at an angle stands below its top by the slider-crank's drop there
// (core/angle/geometry.h); a port is open for 360 - 2 x its opening. Lengths in mm along the bore,
// below the place of the crown's rim at TDC; angles in crank degrees from TDC; half-widths of 95 %.
#pragma once

#include "core/angle/geometry.h"
#include "core/angle/measured.h"
#include "core/job/ports.h"

#include <optional>
#include <vector>

namespace lobe {

struct Engine;
struct Job;

/// Stroke, rod and pin offset, mm, and the bore where areas are wanted.
struct PortCrank {
    PistonPath path;
    double bore_mm = 0.0;
};

/// The edge a piston reaches at an opening angle, 0 to 180 after TDC (of an intake before it).
double edgeOf_mm(const PistonPath& path, double opens_deg);
/// The opening at an edge; empty beyond the stroke.
std::optional<double> opensAt_deg(const PistonPath& path, double edge_mm);
/// 360 less twice the opening, of exhaust and transfer.
inline double portDuration_deg(double opens_deg) {
    return 360.0 - 2.0 * opens_deg;
}

/// What is known of a port and by what.
struct PortFigures {
    PortName port = PortName::Exhaust;
    Measured<double> opens_deg;    ///< after TDC; of an intake under the skirt before it
    Measured<double> duration_deg; ///< crank degrees
    /// Of an intake by a rotary valve, which closes where it will: after TDC. No edge belongs to
    /// it.
    std::optional<double> closes_deg;
    /// Upper edge (exhaust, transfer) or how far down the piston stands as the skirt uncovers it
    /// (intake), below TDC.
    Measured<double> edge_mm;
    /// Opening after and closing before TDC do not agree: by so much the wheel's zero is off,
    /// positive where it reads late.
    std::optional<double> wheelOff_deg;
    /// The edge measured and the angle do not agree: edge less that of the angle, mm.
    std::optional<double> edgeOff_mm;
    std::optional<double> area_mm2;  ///< of all of them, wide open
    std::optional<double> angleArea; ///< mm2 x degrees over a cycle
};

struct WantedEdge {
    double duration_deg = 0.0;
    Measured<double> edge_mm;
    double file_mm = 0.0;     ///< edge less wanted edge: positive is up, to be filed away
    double perHalf_deg = 0.0; ///< what each half millimetre up adds to the duration there
};

/// What the angles are known to: reading a wheel or a gauge against light that just shows.
inline constexpr double kPortDoubt_deg = 1.0;
/// A contradiction beyond this is said.
inline constexpr double kPortAgrees_deg = 1.0, kPortAgrees_mm = 0.3;

/// By angle where there is one, else by edge; empty where neither is known, or out of reach. A
/// rotary valve's by both angles; a reed opens as it is drawn open, and has none.
std::optional<PortFigures> portFigures(const PortWork& work, PortName port, const PortCrank& crank);
/// For each of the durations wanted; those out of reach (no 0 to 360) are left out.
std::vector<WantedEdge> wantedEdges(const PortFigures& now, const std::vector<double>& wanted_deg,
                                    const PistonPath& path);

/// From the exhaust's opening to the transfer's, degrees.
std::optional<double> blowdown_deg(const std::optional<PortFigures>& exhaust,
                                   const std::optional<PortFigures>& transfer);

/// Compression in the cylinder from the exhaust's closing, over `chamber_cc` left at the top.
std::optional<double> trappedRatio(const PortFigures& exhaust, const PortCrank& crank,
                                   double chamber_cc);
/// And under the piston: from the top to where the transfer opens, over what is left at BDC.
std::optional<double> crankcaseRatio(const PortFigures& transfer, const PortCrank& crank,
                                     double crankcase_cc);

/// Angle-area over swept volume and speed: mm2 deg per cc and 1/min. What practitioners call
/// time-area; more lets the port pass more at that speed.
std::optional<double> timeArea_s_mm2_per_cc(const PortFigures& port, double swept_cc,
                                            double speed_rpm);

/// What a piston sweeps, cm3: pi/4 d^2 s.
double swept_cc(const Engine& engine);
/// The speed ports are reckoned at, 1/min: to where the engine is wanted to pull, else 9000.
double portSpeed_rpm(const Job& job);

/// The mean speed at which a swept volume passes the open port, m/s: the inverse of its time-area.
std::optional<double> portGas_m_per_s(const PortFigures& port, double swept_cc, double speed_rpm);
/// What is taken as what a port likes: slower and it is larger than it need be, faster and the gas
/// is held up (a fifth to a quarter of the speed of sound in fresh gas). A band to compare by, and
/// no law.
inline constexpr double kPortSlow_m_per_s = 60.0, kPortFast_m_per_s = 90.0;
/// The crank speeds, 1/min, between which it lies there.
struct SpeedBand {
    double from_rpm = 0.0, to_rpm = 0.0;
};
std::optional<SpeedBand> portSuits(const PortFigures& port, double swept_cc);

} // namespace lobe
