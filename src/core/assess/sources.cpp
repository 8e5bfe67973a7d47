#include "core/assess/sources.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

void round(double deg, const LobeFigures& lobe, std::vector<double>& out) {
    constexpr double kReach_deg = 20.0;
    std::vector<double> all;
    for (const LiftPoint& p : lobe.points)
        all.push_back(p.deg);
    std::sort(all.begin(), all.end(),
              [&](double a, double b) { return std::abs(a - deg) < std::abs(b - deg); });
    for (std::size_t i = 0; i < all.size(); ++i)
        if (lobe.smoothed ? std::abs(all[i] - deg) <= kReach_deg : i < 4) out.push_back(all[i]);
}

} // namespace

std::vector<CrankDeg> figureAngles(const Figure& f, const LobeFigures& lobe) {
    std::vector<CrankDeg> out;
    if (f.side && *f.side != lobe.side) return out;
    const auto add = [&](const std::optional<CrankDeg>& at) {
        if (at) out.push_back(*at);
    };
    const HeightEvents* e = f.height ? lobe.events(*f.height) : nullptr;
    switch (f.kind) {
    case FigureKind::Duration:
        if (e) add(e->opens), add(e->closes);
        break;
    case FigureKind::Opens:
        if (e) add(e->opens);
        break;
    case FigureKind::Closes:
        if (e) add(e->closes);
        break;
    case FigureKind::Overlap:
        if (e) add(lobe.side == Side::Intake ? e->opens : e->closes);
        break;
    case FigureKind::Centre:
    case FigureKind::Separation:
    case FigureKind::Advance:
        if (f.school) add(lobe.centre(*f.school));
        break;
    case FigureKind::MaxLift:
        add(lobe.maxLiftAt);
        break;
    case FigureKind::SplitPoint:
        if (f.value) out.push_back({*f.value});
        break;
    default:
        break;
    }
    return out;
}

std::vector<double> sourceAngles(const Figure& f, const LobeFigures& lobe) {
    std::vector<double> out;
    if (!lobe.curve || (f.side && *f.side != lobe.side)) return out;
    const bool centre = f.kind == FigureKind::Centre || f.kind == FigureKind::Separation ||
                        f.kind == FigureKind::Advance;
    if (f.kind == FigureKind::Area || (centre && f.school == CentreSchool::Centroid)) {
        for (const LiftPoint& p : lobe.points)
            out.push_back(p.deg);
        return out;
    }
    if (centre && f.school == CentreSchool::EqualDrop && lobe.maxLift_mm) {
        for (double deg : lobe.curve->crossings(*lobe.maxLift_mm - lobe.drop_mm))
            round(deg, lobe, out);
    } else if (centre && f.school == CentreSchool::Events) {
        for (const auto& at : {lobe.atEventsHeight.opens, lobe.atEventsHeight.closes})
            if (at) round(at->deg, lobe, out);
    } else {
        for (CrankDeg at : figureAngles(f, lobe))
            round(at.deg, lobe, out);
    }
    std::sort(out.begin(), out.end());
    out.erase(std::unique(out.begin(), out.end()), out.end());
    return out;
}

} // namespace lobe
