#include "core/wheel.h"

#include <cmath>

namespace lobe {

double wheelTop(WheelScale scale) {
    switch (scale) {
    case WheelScale::Full360With:
    case WheelScale::Full360Against:
        return 360.0;
    case WheelScale::Quarter90:
        return 90.0;
    case WheelScale::Half180:
    case WheelScale::Signed:
        break;
    }
    return 180.0;
}

std::optional<WheelAngle> fromWheel(double number, WheelScale scale, const WheelHint& hint) {
    const double least = scale == WheelScale::Signed ? -180.0 : 0.0;
    if (!(number >= least && number <= wheelTop(scale))) return std::nullopt;
    switch (scale) {
    case WheelScale::Full360With:
        return WheelAngle{wrapTurn({number}), false};
    case WheelScale::Full360Against:
        return WheelAngle{wrapTurn({-number}), false};
    case WheelScale::Signed:
        return WheelAngle{wrapTurn({number}), false};
    case WheelScale::Half180: {
        // Counted from the top on either side, however far round.
        const bool after = hint.centre == DeadCentre::Top ? hint.after : !hint.after;
        return WheelAngle{wrapTurn({after ? number : -number}), number != 0.0 && number != 180.0};
    }
    case WheelScale::Quarter90:
        break;
    }
    const double base = hint.centre == DeadCentre::Top ? 0.0 : 180.0;
    return WheelAngle{wrapTurn({base + (hint.after ? number : -number)}), true};
}

double wheelNumber(CrankDeg at, WheelScale scale) {
    const double turn = wrapTurn(at).deg;
    switch (scale) {
    case WheelScale::Full360With:
        return turn < 0.0 ? turn + 360.0 : turn;
    case WheelScale::Full360Against:
        return turn > 0.0 ? 360.0 - turn : -turn;
    case WheelScale::Signed:
        return turn;
    case WheelScale::Half180:
        return std::abs(turn);
    case WheelScale::Quarter90:
        break;
    }
    return std::abs(turn) <= 90.0 ? std::abs(turn) : 180.0 - std::abs(turn);
}

} // namespace lobe
