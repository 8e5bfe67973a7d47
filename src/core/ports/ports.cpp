#include "core/ports/ports.h"

#include "core/job/job.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace lobe {
namespace {

/// Of an edge read with a rule or a ring set square.
constexpr double kEdgeDoubt_mm = 0.2;

const Port& portOf(const PortWork& w, PortName name) {
    return name == PortName::Exhaust    ? w.exhaust
           : name == PortName::Transfer ? w.transfer
                                        : w.intake;
}

/// mm per degree there.
double slope(const PistonPath& path, double deg) {
    return std::abs(path.slope_mm_per_deg(deg));
}

/// Open area of one port, mm2, uncovered by so much from its edge: a rectangle less what its
/// rounded corners leave.
double areaOpen(const Port& p, double open_mm) {
    const double h = std::clamp(open_mm, 0.0, p.height_mm);
    const double r = std::min({p.corner_mm, p.width_mm / 2.0, p.height_mm / 2.0});
    // Of a corner's square, what lies outside its quarter circle, up to a height.
    const auto outside = [r](double y) {
        if (r <= 0.0) return 0.0;
        const double t = std::clamp(y, 0.0, r) / r;
        // Integral of r - sqrt(r^2 - (r - y)^2) from 0 to y.
        const double u = 1.0 - t;
        const double circle =
            0.5 * r * r * (std::numbers::pi / 2.0 - std::asin(u) - u * std::sqrt(1.0 - u * u));
        return r * r * t - circle;
    };
    const double first = 2.0 * outside(std::min(h, r));
    const double last =
        h > p.height_mm - r ? 2.0 * (outside(r) - outside(std::max(0.0, p.height_mm - h))) : 0.0;
    return p.width_mm * h - first - last;
}

void areas(const Port& p, const PortCrank& crank, PortFigures& out) {
    if (!(p.width_mm > 0.0 && p.height_mm > 0.0)) return;
    out.area_mm2 = p.count * areaOpen(p, p.height_mm);
    double sum = 0.0;
    constexpr double kStep = 0.5;
    for (int i = 0; i < 720; ++i) {
        const double deg = -180.0 + (i + 0.5) * kStep;
        const double drop = crank.path.drop_mm(deg);
        const double open =
            out.port == PortName::Intake ? out.edge_mm.value - drop : drop - out.edge_mm.value;
        sum += p.count * areaOpen(p, open) * kStep;
    }
    out.angleArea = sum;
}

/// A rotary valve's window passes the opening as it was cut: no two of its angles mirror each
/// other, and neither tells of the piston.
std::optional<PortFigures> rotaryFigures(const Port& p) {
    if (!p.opens_deg || !p.closes_deg) return std::nullopt;
    PortFigures out;
    out.port = PortName::Intake;
    out.opens_deg = {*p.opens_deg, kPortDoubt_deg};
    out.closes_deg = *p.closes_deg;
    out.duration_deg = {*p.opens_deg + *p.closes_deg, kPortDoubt_deg * std::numbers::sqrt2};
    const bool turns = out.duration_deg.value > 0.0 && out.duration_deg.value < 360.0;
    if (!turns) return std::nullopt;
    if (p.width_mm > 0.0 && p.height_mm > 0.0) out.area_mm2 = p.count * areaOpen(p, p.height_mm);
    return out;
}

} // namespace

double edgeOf_mm(const PistonPath& path, double opens_deg) {
    return path.drop_mm(opens_deg);
}

std::optional<double> opensAt_deg(const PistonPath& path, double edge_mm) {
    return path.angleAt_deg(edge_mm, true);
}

std::optional<PortFigures> portFigures(const PortWork& work, PortName name,
                                       const PortCrank& crank) {
    const Port& p = portOf(work, name);
    if (name == PortName::Intake && work.intakeBy == PortIntake::Reed) return std::nullopt;
    if (name == PortName::Intake && work.intakeBy == PortIntake::Rotary) return rotaryFigures(p);
    PortFigures out;
    out.port = name;
    std::optional<double> opens;
    double doubt = kPortDoubt_deg;
    if (p.opens_deg && p.closes_deg) {
        // A wheel that is off shows in their difference, and not in their mean.
        opens = 0.5 * (*p.opens_deg + *p.closes_deg);
        out.wheelOff_deg = 0.5 * (*p.opens_deg - *p.closes_deg);
        doubt = kPortDoubt_deg / std::numbers::sqrt2;
    } else if (p.opens_deg || p.closes_deg) {
        opens = p.opens_deg ? p.opens_deg : p.closes_deg;
    }
    std::optional<double> edge;
    if (p.edge_mm) {
        // Measured to a dome's middle it stands higher than the rim that opens the port.
        // A chamfer lets the ring uncover the port before it reaches the passage itself.
        edge = *p.edge_mm - work.deck_mm - work.dome_mm - p.chamfer_mm;
        if (!(*edge > 0.0 && *edge < crank.path.travel_mm())) edge.reset();
    }
    if (!opens) {
        if (!edge) return std::nullopt;
        opens = opensAt_deg(crank.path, *edge);
        if (!opens) return std::nullopt;
        const double s = slope(crank.path, *opens);
        doubt = s > 1e-6 ? kEdgeDoubt_mm / s : 180.0;
    } else if (edge) {
        out.edgeOff_mm = *edge - edgeOf_mm(crank.path, *opens);
    }
    if (!(*opens > 0.0 && *opens < 180.0)) return std::nullopt;
    out.opens_deg = {*opens, doubt};
    out.duration_deg = {name == PortName::Intake ? 2.0 * *opens : portDuration_deg(*opens),
                        2.0 * doubt};
    out.edge_mm = {edgeOf_mm(crank.path, *opens), doubt * slope(crank.path, *opens)};
    areas(p, crank, out);
    return out;
}

std::vector<WantedEdge> wantedEdges(const PortFigures& now, const std::vector<double>& wanted,
                                    const PistonPath& path) {
    std::vector<WantedEdge> out;
    const bool intake = now.port == PortName::Intake;
    for (const double duration : wanted) {
        if (!(duration > 0.0 && duration < 360.0)) continue;
        const double opens = intake ? 0.5 * duration : 180.0 - 0.5 * duration;
        WantedEdge w;
        w.duration_deg = duration;
        // What the measured edge is off by is in the wanted one too: their difference is surer.
        w.edge_mm = {edgeOf_mm(path, opens), now.edge_mm.plusMinus};
        w.file_mm = now.edge_mm.value - w.edge_mm.value;
        const auto half = opensAt_deg(path, w.edge_mm.value - 0.5);
        if (half) w.perHalf_deg = 2.0 * std::abs(opens - *half);
        out.push_back(w);
    }
    return out;
}

std::optional<double> blowdown_deg(const std::optional<PortFigures>& exhaust,
                                   const std::optional<PortFigures>& transfer) {
    if (!exhaust || !transfer) return std::nullopt;
    return transfer->opens_deg.value - exhaust->opens_deg.value;
}

std::optional<double> trappedRatio(const PortFigures& exhaust, const PortCrank& crank,
                                   double chamber_cc) {
    if (!(crank.bore_mm > 0.0 && chamber_cc > 0.0)) return std::nullopt;
    const double area = std::numbers::pi / 4.0 * crank.bore_mm * crank.bore_mm;
    return (chamber_cc + area * exhaust.edge_mm.value / 1000.0) / chamber_cc;
}

std::optional<double> crankcaseRatio(const PortFigures& transfer, const PortCrank& crank,
                                     double crankcase_cc) {
    if (!(crank.bore_mm > 0.0 && crankcase_cc > 0.0)) return std::nullopt;
    const double area = std::numbers::pi / 4.0 * crank.bore_mm * crank.bore_mm;
    const double stroke = crank.path.travel_mm();
    // Under the piston there is most at its top, and least it is squeezed to as the transfer opens.
    const double most = crankcase_cc + area * stroke / 1000.0,
                 least = crankcase_cc + area * (stroke - transfer.edge_mm.value) / 1000.0;
    return most / least;
}

std::optional<double> timeArea_s_mm2_per_cc(const PortFigures& port, double swept_cc, double rpm) {
    if (!port.angleArea || !(swept_cc > 0.0 && rpm > 0.0)) return std::nullopt;
    return *port.angleArea / (6.0 * rpm) / swept_cc;
}

double swept_cc(const Engine& e) {
    return std::numbers::pi / 4.0 * e.bore_mm * e.bore_mm * e.stroke_mm / 1000.0;
}

double portSpeed_rpm(const Job& job) {
    constexpr double kUsual = 9000.0;
    return job.choosing.purpose.to_rpm > 0.0 ? job.choosing.purpose.to_rpm : kUsual;
}

std::optional<double> portGas_m_per_s(const PortFigures& port, double swept_cc, double rpm) {
    // A cc through a mm2 second is 1000 mm a second.
    const auto each = timeArea_s_mm2_per_cc(port, swept_cc, rpm);
    return each && *each > 0.0 ? std::optional(1.0 / *each) : std::nullopt;
}

std::optional<SpeedBand> portSuits(const PortFigures& port, double swept_cc) {
    const auto at = portGas_m_per_s(port, swept_cc, 1000.0);
    if (!at) return std::nullopt;
    return SpeedBand{1000.0 * kPortSlow_m_per_s / *at, 1000.0 * kPortFast_m_per_s / *at};
}

} // namespace lobe
