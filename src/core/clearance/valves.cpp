#include "core/clearance/valves.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace lobe {
namespace {

struct Spot {
    double across = 0.0, down = 0.0; ///< from the middle between the rims, towards the intake; down
};

double apart(Spot p, Spot a, Spot b) {
    const double dx = b.across - a.across, dy = b.down - a.down;
    const double t = std::clamp(
        ((p.across - a.across) * dx + (p.down - a.down) * dy) / (dx * dx + dy * dy), 0.0, 1.0);
    return std::hypot(p.across - a.across - t * dx, p.down - a.down - t * dy);
}

/// A head across its face, from the rim next to the other valve to the far one.
std::array<Spot, 2> face(double way, double rims, double head, double lean_deg, double lift) {
    const double s = std::sin(radians(lean_deg)), c = std::cos(radians(lean_deg));
    // The stem leans outward as it goes up, so the head goes inward as it goes down; the face
    // stands square to it, its outer rim the lower one in the roof.
    const Spot inner{way * (rims / 2.0 - lift * s), lift * c};
    return {inner, {inner.across + way * head * c, inner.down + head * s}};
}

bool crosses(const std::array<Spot, 2>& a, const std::array<Spot, 2>& b) {
    const auto turn = [](Spot p, Spot q, Spot r) {
        return (q.across - p.across) * (r.down - p.down) -
               (q.down - p.down) * (r.across - p.across);
    };
    return turn(a[0], a[1], b[0]) * turn(a[0], a[1], b[1]) < 0.0 &&
           turn(b[0], b[1], a[0]) * turn(b[0], b[1], a[1]) < 0.0;
}

} // namespace

std::optional<double> gapOfValves_mm(const Valves& v, double intakeLift_mm, double exhaustLift_mm) {
    if (!(v.head_mm.intake > 0.0) || !(v.head_mm.exhaust > 0.0) || !v.angle_deg.intake ||
        !v.angle_deg.exhaust || !v.rims_mm)
        return std::nullopt;
    const auto in = face(1.0, *v.rims_mm, v.head_mm.intake, *v.angle_deg.intake, intakeLift_mm);
    const auto ex = face(-1.0, *v.rims_mm, v.head_mm.exhaust, *v.angle_deg.exhaust, exhaustLift_mm);
    if (crosses(in, ex)) return 0.0;
    return std::min({apart(in[0], ex[0], ex[1]), apart(in[1], ex[0], ex[1]),
                     apart(ex[0], in[0], in[1]), apart(ex[1], in[0], in[1])});
}

std::optional<Least> leastOfValves(const Valves& v, const ValveLift& intake,
                                   const ValveLift& exhaust, double intakeAdvance_deg) {
    if (!gapOfValves_mm(v, 0.0, 0.0)) return std::nullopt;
    const auto gap = [&](double deg) {
        return *gapOfValves_mm(v, std::max(0.0, intake.at(deg, intakeAdvance_deg)),
                               std::max(0.0, exhaust.at(deg, 0.0)));
    };
    constexpr double kReach_deg = 90.0;
    Least out{0.0, {gap(0.0), std::nullopt}};
    for (double step : {1.0, 0.1}) {
        const double from = step == 1.0 ? -kReach_deg : out.at_deg - 1.0;
        const double to = step == 1.0 ? kReach_deg : out.at_deg + 1.0;
        for (double deg = from; deg <= to + 1e-9; deg += step)
            if (const double mm = gap(deg); mm < out.mm.value) out = {deg, {mm, std::nullopt}};
    }
    // Each head is off by what its lift is; the way across takes the sine of it.
    const auto own = [&](const ValveLift& lift, double deg, double lean) {
        return lift.plusMinus_mm ? lift.plusMinus_mm(deg) * std::max(0.5, std::sin(lean)) : 0.0;
    };
    out.mm.plusMinus =
        std::hypot(own(intake, out.at_deg + intakeAdvance_deg, radians(*v.angle_deg.intake)),
                   own(exhaust, out.at_deg, radians(*v.angle_deg.exhaust)), 0.1);
    return out;
}

} // namespace lobe
