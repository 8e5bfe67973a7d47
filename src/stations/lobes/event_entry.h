// Events only: what is asked next, and an angle typed from the wheel as the reading of an event.
#pragma once

#include "core/lobe/events.h"
#include "desk/desk.h"
#include "stations/lobes/run_at_hand.h"

#include <set>
#include <tuple>
#include <variant>

namespace app {

/// "opens", "closes", "highest", "back to zero"; from the nose "before the nose", "after the nose".
QString eventName(lobe::ReadingOf of, bool fromNose = false);

/// Each event begun: its mean, its range and whether enough of them agree.
QString eventsSoFar(const lobe::EventsFindings& events, const lobe::RunConditions& conditions,
                    const words::Style& style);

/// One event of one side, for what was skipped.
using EventKey = std::tuple<lobe::Side, lobe::ReadingOf, double>;

/// Where to turn to, for the eye of somebody at the crank.
struct TurnTo {
    QString caption; ///< "turn to"
    QString big;     ///< "120°", or the event asked for
    QString note;    ///< "after TDC", "at 1.27 mm"
};

class EventEntry {
public:
    explicit EventEntry(Session& session) : session_(session), at_(session) {}

    bool on() const { return at_.conditions().eventsOnly; }
    /// Both valves of the cylinder in one turn, an indicator on each.
    bool both() const;
    /// The event asked for: the first not settled and not skipped; empty when all are settled.
    std::optional<lobe::EventWanted> wanted() const;
    /// Leaves the event asked for until the others are settled.
    void skip();
    /// What was left for later is asked again.
    void forget() { skipped_.clear(); }
    /// With both valves in one turn: goes to the lobe whose event the crank brings next.
    void followCrank();
    /// And to the lobe that was read last.
    void backToLast();

    /// The event asked for, large.
    TurnTo turnTo(const words::Style& style) const;
    /// What is asked of the event wanted; `onward` where none is.
    Prompt prompt(Prompt begun, const QString& onward, const words::Style& style) const;
    /// The reading as typed, or why not.
    std::variant<lobe::Reading, QString> read(const QString& text, const words::Style& style) const;
    /// The reading where the wheel was counted to, degrees from its zero; or why not.
    std::variant<lobe::Reading, QString> at(lobe::CrankDeg onWheel) const;
    /// A run is of one kind: a curve, its events, and its centre from the nose stay apart.
    bool turnOn(bool on, bool fromNose = false);

private:
    lobe::UsualSide sideOf(lobe::ReadingOf of) const;
    bool leftOut(lobe::Side side, const lobe::EventWanted& event) const;
    /// A side's run in the turn of both: its own, else one as it would begin.
    lobe::LiftRun runOfTurn(lobe::Side side) const;

    Session& session_;
    RunAtHand at_;
    std::set<EventKey> skipped_;
};

} // namespace app
