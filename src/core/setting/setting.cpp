#include "core/setting/setting.h"

#include "core/angle/usual.h"
#include "core/job/card.h"
#include "core/job/job.h"

#include <algorithm>
#include <cmath>

namespace lobe {
Height eventsHeight(const Job& job) {
    return job.card ? job.card->height : Height{kUsualHeight_mm, Place::Tappet};
}

bool Need::stands() const {
    if (fault || (!move_deg.intake && !move_deg.exhaust)) return false;
    return asCard || std::max(std::abs(move_deg.intake.value_or(0.0)),
                              std::abs(move_deg.exhaust.value_or(0.0))) <=
                         std::max(uncertainty_deg, kWorthMoving_deg);
}

std::optional<double> cardShift_deg(const Job& job, const LobeFigures& lobe) {
    if (!job.card) return std::nullopt;
    const auto promised = cardCentre(*job.card, lobe.side);
    const bool byEvents = cardCentreByEvents(*job.card, lobe.side);
    const auto measured =
        byEvents ? lobe.atEventsHeight.midpoint() : lobe.centre(job.reckoning.school);
    if (!promised || !measured) return std::nullopt;
    return measured->deg - promised->deg;
}

bool moves(const Job& job, const CamMove& move, Side side) {
    if (job.engine.layout != Layout::TwinOverheadCam) return move.made.intake || move.made.exhaust;
    return move.made[side].has_value();
}

double movedBetween(const Job& job, Side side, int from, int to) {
    double sum = 0.0;
    for (const CamMove& c : job.changes) {
        if (!moves(job, c, side)) continue;
        const double by = c.move(side) ? c.move(side)->total_deg : 0.0;
        if (c.number > from && c.number <= to) sum += by;
        if (c.number > to && c.number <= from) sum -= by;
    }
    return sum;
}

double movedSince(const Job& job, Side side, int change) {
    return movedBetween(job, side, change, job.changes.empty() ? 0 : job.changes.back().number);
}

DriveState fittedAfter(const Job& job, Side side, std::optional<int> change) {
    DriveState out;
    for (const CamMove& c : job.changes)
        if (moves(job, c, side) && c.move(side) && (!change || c.number <= *change))
            out.take(*c.move(side));
    return out;
}

Drive driveAlone(const Job& job) {
    Drive drive = job.engine.drive;
    if (job.engine.layout == Layout::TwinOverheadCam) drive.crankKeyways_deg.clear();
    return drive;
}

bool measuredBefore(const Job& job, int afterMove, Side side) {
    return std::any_of(job.changes.begin(), job.changes.end(), [&](const CamMove& c) {
        return c.number > afterMove && moves(job, c, side);
    });
}

std::optional<double> splitOfCard_deg(const Card& card) {
    const CompleteCard c = complete(card);
    if (!c.events.ivo || !c.events.evc) return std::nullopt;
    return (c.events.evc->value - c.events.ivo->value) / 2.0;
}

LevelCheck checkLevel(double level_deg, double split_deg, double tooth) {
    LevelCheck out;
    out.late_deg = level_deg - split_deg;
    out.left_deg = out.late_deg;
    if (tooth <= 0.0) return out;
    out.teeth = static_cast<int>(std::lround(out.late_deg / tooth));
    out.left_deg = out.late_deg - out.teeth * tooth;
    out.rightTooth = out.teeth == 0;
    return out;
}

std::optional<double> skimShift_deg(double skim_mm, double wheelRadius_mm, double runAngle_deg) {
    if (!(wheelRadius_mm > 0.0)) return std::nullopt;
    const double shorter = skim_mm * std::cos(radians(runAngle_deg)) / wheelRadius_mm;
    return -2.0 * degrees(shorter);
}

} // namespace lobe
