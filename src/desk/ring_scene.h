// What the ring shows, made from a snapshot; the picture itself is app/pictures/ring.h.
#pragma once

#include "core/angle/wheel.h"
#include "core/examine/held.h"
#include "core/job/contact.h"
#include "core/job/engine.h"
#include "core/job/height.h"

#include <optional>
#include <vector>

namespace app {

/// In the middle of the ring: how TDC is found there, or which top it is.
struct TdcSketch {
    lobe::TdcMethod method = lobe::TdcMethod::PositiveStop;
    /// Set once the top is found: the valves are drawn, moving, still, or in question.
    std::optional<lobe::WhichTop> top{};
};

/// What stands on the ring.
struct RingScene {
    lobe::Rotation rotation = lobe::Rotation::Clockwise;
    lobe::DegreeWheel wheel;
    lobe::Held<lobe::LobeFigures> intake{}, exhaust{};
    lobe::Height tickHeight{1.27, lobe::Place::Tappet}; ///< whose events are ticked off
    std::optional<lobe::CrankDeg> splitPoint;
    lobe::Held<lobe::TdcPass> pass{};     ///< contacts, for the TDC station
    std::optional<lobe::CrankDeg> needle; ///< where the work is
    double stroke_mm = 0.0, rod_mm = 0.0;
    std::vector<lobe::CrankDeg> asked{}; ///< where a figure that is asked for stands
    double intakeMoved_deg = 0.0, exhaustMoved_deg = 0.0; ///< shown advanced by this: a what-if
    std::optional<TdcSketch> sketch{};                    ///< in the middle, for the TDC station

    /// How far a lobe is shown later than it stands, crank degrees.
    double later_deg(lobe::Side side) const {
        return side == lobe::Side::Intake ? -intakeMoved_deg : -exhaustMoved_deg;
    }
};

/// Both lobes of a cylinder on this engine's ring, with the events of the card's height.
RingScene ringOf(const lobe::SnapshotPtr& snapshot, int cylinder);

} // namespace app
