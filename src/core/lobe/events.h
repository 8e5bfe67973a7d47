// A lobe taken by its events: opening, nose and closing angles, each read until it agrees, or all
// of them in one forward turn; or its centre alone, by the angles at which lift is a drop under the
// nose on either side.
//
// What cannot be is asked about at the reading that made it, and no figure is made of it: a closing
// before its opening, a duration no cam has, a centre where none sits, a nose outside its events.
#pragma once

#include "core/job/lift_run.h"
#include "core/lobe/lobe.h"

#include <functional>
#include <optional>
#include <vector>

namespace lobe {

struct Job;

/// Repeated readings of one event.
struct EventGroup {
    ReadingOf of = ReadingOf::Opens;
    Height height;                  ///< not for a nose
    std::vector<CrankDeg> readings; ///< live ones, as read, in the order taken
    std::optional<CrankDeg> mean;   ///< without the odd one
    double range_deg = 0.0;         ///< greatest less least, without the odd one
    std::optional<CrankDeg> odd{};  ///< the one that does not belong
    bool settled = false;           ///< enough agree within the tolerance
};

/// The event wanted next.
struct EventWanted {
    ReadingOf of = ReadingOf::Opens;
    Height height;
};

struct EventsFindings {
    std::vector<EventGroup> groups;  ///< in asking order, wanted ones included
    std::optional<EventWanted> next; ///< empty when all are settled
    LobeFigures lobe;
};

/// The heights at which the events of a run are taken, at the place where its lift is taken: its
/// own, else the card's, else 1.27 mm; a height meant at the other place is carried over by ratio
/// and lash. Heights that were read stay, whatever was changed since. From the nose, the drops
/// under it.
std::vector<Height> eventHeights(const Job& job, const LiftRun& run);

/// The height of the card that a height at the place taken stands for; empty where the card means
/// its own at that place, or another height.
std::optional<Height> cardHeightFor(const Job& job, const LiftRun& run, const Height& height);

/// The events of a run in the order they are asked, the readings of each in it.
std::vector<EventGroup> eventGroups(const Job& job, const LiftRun& run);

/// The event to read next of those not left out: in one turn, and either side of the nose, as the
/// crank brings them, the first with the fewest readings; else each until it is settled. Empty when
/// all are settled.
std::optional<EventWanted> nextEvent(const std::vector<EventGroup>& groups,
                                     const RunConditions& conditions,
                                     const std::function<bool(const EventWanted&)>& leftOut = {});

EventsFindings examineEvents(const Job& job, const LiftRun& run, const LobeRequest& request);

/// Which side of which dead centre an event usually falls on, for a wheel that does not tell.
struct UsualSide {
    bool after = false;
    DeadCentre centre = DeadCentre::Top;
};
/// `behind_deg`: how far the cylinder is behind the one the wheel was set for (see
/// RunConditions::wheelOfFirst); the wheel shows the event so much later. A lift is none.
UsualSide usualSide(Side side, ReadingOf of, double behind_deg = 0.0);

} // namespace lobe
