// What can be said of a lobe taken by its events alone. Heights in mm, angles in crank degrees of
// the cycle.
#pragma once

#include "core/angle/angles.h"

#include <optional>

namespace lobe::found {

/// What events alone cannot say.
struct EventsOnly {
    static constexpr auto kCode = "events_only";
};
/// A centre by two readings says nothing of the events.
struct CentreOnly {
    static constexpr auto kCode = "centre_only";
};
/// A reading that makes a duration no cam has.
struct DurationUnlikely {
    static constexpr auto kCode = "duration_unlikely";
    bool opening;
    CrankDeg at;
    double height_mm;
    double duration_deg;
    std::optional<CrankDeg> wouldDo; ///< the reading on another side or turn
};
/// A reading that puts the lobe centre where none sits.
struct CentreUnlikely {
    static constexpr auto kCode = "centre_unlikely";
    bool opening;
    CrankDeg at;
    double height_mm;
    double centre_deg;
    std::optional<CrankDeg> wouldDo;
};
/// A nose far from the middle of its events.
struct NoseUnlikely {
    static constexpr auto kCode = "nose_unlikely";
    CrankDeg at;
    double off_deg;
};
/// Two ways of taking one lobe (a curve, its events, its centre by two readings) that do not agree
/// within what they are known by.
struct WaysDiffer {
    static constexpr auto kCode = "ways_differ";
    enum class Of { Opening, Closing, Centre } of;
    double one_deg, other_deg; ///< on the cycle: the one that counts, and the witness
    double known_deg;          ///< what they should agree within, 95 %
};
/// They agree.
struct WaysAgree {
    static constexpr auto kCode = "ways_agree";
    int ways;
    double widest_deg; ///< the most they are apart by
};
/// Events taken at nearly the card's height: 1 mm is not 0.040 in.
struct CardHeightNear {
    static constexpr auto kCode = "card_height_near";
    double taken_mm, card_mm;
};
/// A reading of an event that stands off the others.
struct EventOdd {
    static constexpr auto kCode = "event_odd";
    bool opening;
    CrankDeg at;
    double off_deg;
};
/// An event that would be as the card on the other side of its dead centre.
struct EventSide {
    static constexpr auto kCode = "event_side";
    bool opening;
    CrankDeg at, mirrored;
};

} // namespace lobe::found
