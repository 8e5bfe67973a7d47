#include "core/angle/angles.h"

#include <cmath>
#include <numbers>

namespace lobe {

double radians(double deg) {
    return deg * std::numbers::pi / 180.0;
}

double degrees(double rad) {
    return rad * 180.0 / std::numbers::pi;
}

CardDeg toCard(Event event, CrankDeg at) {
    switch (event) {
    case Event::IntakeOpens:
        return {-at.deg};
    case Event::IntakeCloses:
        return {at.deg - 180.0};
    case Event::ExhaustOpens:
        return {-180.0 - at.deg};
    case Event::ExhaustCloses:
        break;
    }
    return {at.deg};
}

CrankDeg fromCard(Event event, CardDeg card) {
    switch (event) {
    case Event::IntakeOpens:
        return {-card.deg};
    case Event::IntakeCloses:
        return {card.deg + 180.0};
    case Event::ExhaustOpens:
        return {-180.0 - card.deg};
    case Event::ExhaustCloses:
        break;
    }
    return {card.deg};
}

// Wraps into (-half, half]; std::remainder gives [-half, half], so the lower end is lifted.
static double wrap(double deg, double turn) {
    if (deg > -turn / 2.0 && deg <= turn / 2.0) return deg;
    const double r = std::remainder(deg, turn);
    return r <= -turn / 2.0 ? r + turn : r;
}

CrankDeg wrapCycle(CrankDeg angle) {
    return {wrap(angle.deg, 720.0)};
}
CrankDeg wrapTurn(CrankDeg angle) {
    return {wrap(angle.deg, 360.0)};
}

CrankDeg bottomOf(Side side) {
    return {side == Side::Intake ? 180.0 : -180.0};
}

FromDeadCentre fromNearestDeadCentre(CrankDeg angle) {
    const double fromTop = wrapTurn(angle).deg;
    if (std::abs(fromTop) <= 90.0) return {std::abs(fromTop), fromTop >= 0.0, DeadCentre::Top};
    const double fromBottom = wrapTurn({angle.deg - 180.0}).deg;
    return {std::abs(fromBottom), fromBottom >= 0.0, DeadCentre::Bottom};
}

CrankDeg resolve(const FromDeadCentre& said, Side side) {
    const double base = said.centre == DeadCentre::Top ? 0.0 : bottomOf(side).deg;
    return {base + (said.after ? said.deg : -said.deg)};
}

} // namespace lobe
