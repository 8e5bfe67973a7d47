#include "core/timing/pair.h"

#include "core/angle/root.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

/// Both lifts must be at least this for a split point to mean anything, mm.
constexpr double kLifted_mm = 0.01;

/// The crossing of the two lifts nearest TDC, by stepping.
std::optional<CrankDeg> splitPoint(const LobeFigures& in, const LobeFigures& ex, Place place,
                                   double from, double to) {
    std::size_t nearIn = 0, nearEx = 0;
    const auto difference = [&](double deg) {
        return in.liftAt({deg}, place, nearIn) - ex.liftAt({deg}, place, nearEx);
    };
    std::optional<CrankDeg> best;
    constexpr double kStep = 0.5;
    double then = difference(from);
    for (double x = from; x < to; x += kStep) {
        const double next = std::min(x + kStep, to), before = then;
        then = difference(next);
        if (!(before <= 0.0 && then > 0.0)) continue;
        const double at = rootBetween(difference, x, next);
        if (in.liftAt({at}, place) < kLifted_mm) continue;
        if (!best || std::abs(at) < std::abs(best->deg)) best = CrankDeg{at};
    }
    return best;
}

} // namespace

PairFigures analysePair(const LobeFigures& intake, const LobeFigures& exhaust, CentreSchool school,
                        Place place) {
    PairFigures out;
    // Like with like: where one lobe has its events alone, the middle of the events of both.
    for (CentreSchool s :
         {school, CentreSchool::Events, CentreSchool::EqualDrop, CentreSchool::Peak})
        if (intake.centres.by(s) && exhaust.centres.by(s)) {
            school = s;
            break;
        }
    out.school = school;
    const auto ic = intake.centre(school), ec = exhaust.centre(school);
    if (ic && ec) {
        // ECL is in degrees before TDC, so its cycle angle carries the other sign.
        // Separation and advance are both half of a sum or difference of the two centres.
        std::optional<double> half;
        if (ic->plusMinus && ec->plusMinus) half = std::hypot(*ic->plusMinus, *ec->plusMinus) / 2.0;
        out.separation = {CamDeg{(ic->deg - ec->deg) / 2.0}, half};
        out.advance_deg = {out.separation->deg - ic->deg, half};
    }
    for (const HeightEvents& e : intake.heights) {
        Overlap o{e.height, {}};
        const HeightEvents* x = exhaust.events(e.height);
        if (x && e.opens && x->closes) {
            o.degrees = x->closes->deg - e.opens->deg;
            if (e.opens->plusMinus && x->closes->plusMinus)
                o.degrees->plusMinus = std::hypot(*e.opens->plusMinus, *x->closes->plusMinus);
        }
        out.overlap.push_back(o);
    }
    // Without curves, ramps that mirror each other put the split point midway between the events.
    if (intake.eventsOnly || exhaust.eventsOnly) {
        for (const HeightEvents& e : intake.heights) {
            const HeightEvents* x = exhaust.events(e.height);
            if (!out.splitPoint && x && e.opens && x->closes)
                out.splitPoint = CrankDeg{(x->closes->deg + e.opens->deg) / 2.0};
        }
        return out;
    }
    if (!intake.curve || !exhaust.curve || !intake.maxLiftAt || !exhaust.maxLiftAt) return out;

    const double from = std::max(exhaust.maxLiftAt->deg, intake.curve->first());
    const double to = std::min(intake.maxLiftAt->deg, exhaust.curve->last());
    if (from < to) {
        if (const auto at = splitPoint(intake, exhaust, place, from, to)) {
            out.splitPoint = *at;
            // Two lifts that are each uncertain, over the rate at which they part.
            const auto lift = [&](const LobeFigures& f) {
                return f.taken.liftAt(place, kCoverageFactor * f.scatter_mm);
            };
            const auto parting = [&](double deg) {
                return intake.liftAt({deg}, place) - exhaust.liftAt({deg}, place);
            };
            const double rate =
                (parting(out.splitPoint->deg + 1.0) - parting(out.splitPoint->deg - 1.0)) / 2.0;
            if (rate > 1e-6)
                out.splitPoint->plusMinus = std::hypot(lift(intake), lift(exhaust)) / rate;
        }
        constexpr double kSlice = 0.25;
        const int n = static_cast<int>((to - from) / kSlice) + 1;
        const double h = (to - from) / n;
        double area = 0.0;
        std::size_t nearIn = 0, nearEx = 0;
        for (int i = 0; i < n; ++i) {
            const CrankDeg at{from + (i + 0.5) * h};
            area +=
                std::min(intake.liftAt(at, place, nearIn), exhaust.liftAt(at, place, nearEx)) * h;
        }
        out.overlapArea_mm_deg = area;
    }
    if (!out.splitPoint && ic && ec)
        out.findings.push_back({found::SplitPointMissing{}, Severity::Note});
    return out;
}

std::optional<double> pastLevel_deg(const LobeFigures& intake, const LobeFigures& exhaust,
                                    double higher_mm, Place place) {
    const auto level = analysePair(intake, exhaust, CentreSchool::EqualDrop, place).splitPoint;
    if (!level || !intake.curve || !exhaust.curve) return std::nullopt;
    constexpr double kEither_deg = 0.5;
    const auto slope = [&](const LobeFigures& lobe) {
        return lobe.liftAt({level->deg + kEither_deg}, place) -
               lobe.liftAt({level->deg - kEither_deg}, place);
    };
    const double both = slope(intake) - slope(exhaust);
    constexpr double kNone = 1e-3;
    return both > kNone ? std::optional(higher_mm / both) : std::nullopt;
}

} // namespace lobe
