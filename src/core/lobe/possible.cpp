#include "core/lobe/possible.h"

#include "core/angle/usual.h"
#include "core/job/job.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

/// Where the last reading of an event stands among the readings; -1 without one.
std::int64_t lastOf(const LiftRun& run, ReadingOf of, const Height& height) {
    std::int64_t last = -1;
    for (std::size_t i = 0; i < run.readings.size(); ++i) {
        const Reading& r = run.readings[i];
        if (!r.struck && r.of == of && std::abs(r.value_mm - height.mm) < 1e-6)
            last = static_cast<std::int64_t>(i);
    }
    return last;
}

/// The centre in degrees after TDC on the intake, before it on the exhaust.
double middle(const LiftRun& run, double opens, double closes) {
    return (run.side == Side::Intake ? 0.5 : -0.5) * (opens + closes);
}

/// The same number about the other dead centre or its other side, where that makes a cam.
std::optional<CrankDeg> sensible(const LiftRun& run, bool opening, double at, double other,
                                 double least) {
    const double bottom = run.side == Side::Intake ? 180.0 : -180.0;
    std::optional<CrankDeg> best;
    double closest = 1e9;
    for (double would :
         {-at, bottom + at, bottom - at, at - bottom, 2.0 * bottom - at, at + 360.0, at - 360.0}) {
        const double opens = opening ? would : other, closes = opening ? other : would;
        const double duration = closes - opens, centre = middle(run, opens, closes);
        if (duration < std::max(160.0, least) || duration > 330.0 || centre < 85.0 ||
            centre > 130.0)
            continue;
        const double off = std::abs(centre - 108.0);
        if (off >= closest) continue;
        closest = off;
        best = CrankDeg{would};
    }
    return best;
}

} // namespace

void takeOutImpossible(const LiftRun& run, HeightEvents& e, std::vector<Finding>& findings) {
    if (!e.opens || !e.closes) return;
    const double duration = e.closes->deg - e.opens->deg;
    const double centre = middle(run, e.opens->deg, e.closes->deg);
    // High up on a lobe the events lie close together.
    const double least = e.height.mm <= kLowHeight_mm ? kLeastDuration_deg : kLeastDurationHigh_deg;
    const bool length = duration >= least && duration <= kMostDuration_deg;
    if (length && centre >= kLeastCentre_deg && centre <= kMostCentre_deg) return;
    // The reading taken last made it.
    const bool opening =
        lastOf(run, ReadingOf::Opens, e.height) > lastOf(run, ReadingOf::Closes, e.height);
    const CrankDeg at = opening ? *e.opens : *e.closes;
    const auto wouldDo =
        sensible(run, opening, at.deg, opening ? e.closes->deg : e.opens->deg, least);
    found::Any what = found::DurationUnlikely{opening, at, e.height.mm, duration, wouldDo};
    if (length) what = found::CentreUnlikely{opening, at, e.height.mm, centre, wouldDo};
    findings.push_back({std::move(what), Severity::LookAgain, run.side, run.cylinder});
    (opening ? e.opens : e.closes).reset();
}

} // namespace lobe
