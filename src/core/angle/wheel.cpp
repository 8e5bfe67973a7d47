#include "core/angle/wheel.h"

#include <algorithm>
#include <cctype>
#include <cmath>

namespace lobe {

double wheelTop(const DegreeWheel& wheel) {
    switch (wheel.scale) {
    case WheelScale::Full360With:
    case WheelScale::Full360Against:
        return 360.0;
    case WheelScale::Quarter90:
        return 90.0;
    case WheelScale::Tape:
        return wheel.tape_mm / 2.0;
    case WheelScale::Half180:
    case WheelScale::Twice180:
    case WheelScale::Signed:
        break;
    }
    return 180.0;
}

std::optional<WheelAngle> fromWheel(double number, const DegreeWheel& wheel,
                                    const WheelHint& hint) {
    const double least = wheel.scale == WheelScale::Signed ? -180.0 : 0.0;
    // Past half of it a tape has come round from the other side.
    if (wheel.scale == WheelScale::Tape && number > wheelTop(wheel) && number <= wheel.tape_mm)
        return WheelAngle{wrapTurn({360.0 * number / wheel.tape_mm}), false};
    if (!(number >= least && number <= wheelTop(wheel))) return std::nullopt;
    const bool top = hint.centre == DeadCentre::Top;
    switch (wheel.scale) {
    case WheelScale::Full360With:
        return WheelAngle{wrapTurn({number}), false};
    case WheelScale::Full360Against:
        return WheelAngle{wrapTurn({-number}), false};
    case WheelScale::Signed:
        return WheelAngle{wrapTurn({number}), false};
    case WheelScale::Twice180: {
        // Which of the two counts: near the top the low numbers are after it and the high before;
        // half way between, the step says.
        const bool high = number == 90.0 ? hint.after != top : number > 90.0;
        return WheelAngle{wrapTurn({high == top ? number - 180.0 : number}), true};
    }
    case WheelScale::Tape:
    case WheelScale::Half180: {
        // Counted from the top on either side, however far round. The whole factor at once:
        // degrees per millimetre rounded first would move the answer by degrees.
        const double deg = wheel.scale == WheelScale::Tape && wheel.tape_mm > 0.0
                               ? 360.0 * number / wheel.tape_mm
                               : number;
        const bool after = top ? hint.after : !hint.after;
        return WheelAngle{wrapTurn({after ? deg : -deg}), deg != 0.0 && deg != 180.0};
    }
    case WheelScale::Quarter90:
        break;
    }
    const double base = top ? 0.0 : 180.0;
    return WheelAngle{wrapTurn({base + (hint.after ? number : -number)}), true};
}

double wheelNumber(CrankDeg at, const DegreeWheel& wheel) {
    const double turn = wrapTurn(at).deg;
    switch (wheel.scale) {
    case WheelScale::Full360With:
        return turn < 0.0 ? turn + 360.0 : turn;
    case WheelScale::Full360Against:
        return turn > 0.0 ? 360.0 - turn : -turn;
    case WheelScale::Signed:
        return turn;
    case WheelScale::Twice180:
        return turn < 0.0 ? turn + 180.0 : turn;
    case WheelScale::Tape:
        return std::abs(turn) * wheel.tape_mm / 360.0;
    case WheelScale::Half180:
        return std::abs(turn);
    case WheelScale::Quarter90:
        break;
    }
    return std::abs(turn) <= 90.0 ? std::abs(turn) : 180.0 - std::abs(turn);
}

double readTo_deg(const std::vector<double>& angles, const std::vector<std::string>& typed) {
    std::size_t decimals = 0;
    for (const std::string& t : typed) {
        const std::size_t point = t.find_first_of(".,");
        if (point == std::string::npos) continue;
        std::size_t end = point + 1;
        while (end < t.size() && std::isdigit(static_cast<unsigned char>(t[end])))
            ++end;
        decimals = std::max(decimals, end - point - 1);
    }
    const auto all = [&](double step) {
        return std::all_of(angles.begin(), angles.end(), [&](double deg) {
            return std::abs(deg / step - std::round(deg / step)) * step < 1e-6;
        });
    };
    if (decimals == 0 && all(1.0)) return 1.0;
    if (decimals <= 1 && all(0.5)) return 0.5;
    if (decimals == 2 && all(0.25)) return 0.25;
    return decimals <= 1 && all(0.1) ? 0.1 : 0.01;
}

} // namespace lobe
