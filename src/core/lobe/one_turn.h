// Both valves of a cylinder in one forward turn, an indicator on each: whose event comes next.
//
// The turn begins ahead of the exhaust's opening and runs in cycle order: about overlap the
// intake's openings and the exhaust's closings come between one another.
#pragma once

#include "core/lobe/events.h"

#include <functional>

namespace lobe {

struct TurnEvent {
    Side side = Side::Intake;
    EventWanted wanted;
    CrankDeg about; ///< where it is expected on the cycle
};

/// Of a side's event: whether it is left out for now.
using LeftOut = std::function<bool(Side, const EventWanted&)>;

/// The event the crank brings next, of two runs of one cylinder that are taken in one turn: the
/// first, in cycle order, of those with the fewest readings. Where it has not been read its place
/// follows from what has (the nose, openings), from the card, else from a usual cam. Empty when
/// all are settled or left out.
std::optional<TurnEvent> nextInTurn(const Job& job, const LiftRun& intake, const LiftRun& exhaust,
                                    const LeftOut& leftOut = {});

} // namespace lobe
