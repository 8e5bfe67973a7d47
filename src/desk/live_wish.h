// What a station would have of an instrument now: a live reading is offered for it, taken when it
// stands still, or by itself where a crank that counts its own angle passes by.
#pragma once

#include "core/angle/angles.h"
#include "core/job/height.h"

#include <optional>

namespace app {

struct LiveWish {
    enum class What {
        Nothing, ///< what is asked is typed
        Lift,    ///< where the crank stands, or mark by mark in passing
        Event,   ///< where the wheel stands when the dial shows a height
        Contact, ///< where the wheel stands against the stop, or at a drop
        Angle,   ///< where the wheel stands, as somebody sees it
        Press,   ///< how far the valve goes down while the crank stands
    };
    What what = What::Nothing;
    int cylinder = 1;
    lobe::Side side = lobe::Side::Intake;
    /// Where the crank is to stand, degrees on the wheel as read; empty where that is what is
    /// found.
    std::optional<lobe::CrankDeg> at{};
    /// Of a pass: the marks, degrees on the wheel, from the lowest to the highest, a step apart.
    double from_deg = 0.0, to_deg = 0.0, step_deg = 0.0;
    /// The dial counts down: the lift is what it shows less.
    bool countsDown = false;
    /// Of an event: the height, mm on the dial, and which way it is passed.
    std::optional<double> height_mm{};
    bool opening = true;
    bool goesOn = false;   ///< this lobe is through, and another is to be taken after it
    bool afterTop = false; ///< of a contact: the far side is asked
    bool dropped = false;  ///< of a contact: at equal drops, which a sweep over the top can give

    bool operator==(const LiveWish&) const = default;
};

} // namespace app
