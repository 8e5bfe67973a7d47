// What can be said of valve to piston. Lengths in mm along the valve, angles in crank degrees of
// the cycle.
#pragma once

#include "core/angle/angles.h"

namespace lobe::found {

/// Presses at one angle that do not agree, however many were asked for: the smaller counts.
struct PressesApart {
    static constexpr auto kCode = "clearance_presses_apart";
    CrankDeg at;
    double apart_mm;
    double counts_mm; ///< what counts until it is settled
};
/// An angle that stands off the gap of all others; it does not count.
struct PressOdd {
    static constexpr auto kCode = "clearance_press_odd";
    CrankDeg at;
    double off_mm;
};
/// The least was read at the first or the last angle taken: there is no least yet.
struct LeastAtEdge {
    static constexpr auto kCode = "clearance_least_at_edge";
    CrankDeg at;
    double step_deg; ///< on from there, signed
};
/// The valve stops at a constant lift short of the piston: seal, coil bind or follower.
struct PressStops {
    static constexpr auto kCode = "clearance_press_stops";
    CrankDeg from;
    double lift_mm;
};
/// A live follower was not pressed out: it is measured with the gap.
struct FollowerLive {
    static constexpr auto kCode = "clearance_follower_live";
};
/// The head is not fastened, or by too few: it lifts, and reads large.
struct HeadLoose {
    static constexpr auto kCode = "clearance_head_loose";
    int fasteners;
};
/// The least is under the limit; `below` where that was accepted with a reason.
struct ClearanceUnder {
    static constexpr auto kCode = "clearance_under";
    double least_mm, limit_mm;
    CrankDeg at;
    bool accepted;
};
/// It keeps its limit as it stands, and not over what the cam may do while the engine runs.
struct ClearanceOverTravel {
    static constexpr auto kCode = "clearance_over_travel";
    double least_mm, limit_mm;
    CrankDeg at;
    double move_deg; ///< of the cam from where it is set; positive advances
};
/// The presses refuse the shape of a gap: no other cam and no other phase is told from them.
struct GapShape {
    static constexpr auto kCode = "clearance_gap_shape";
    double residual_mm;
};
/// What a mock-up leaves unsaid, and what would add room: nothing is added until it is said.
struct ClearanceUnsaid {
    static constexpr auto kCode = "clearance_unsaid";
    enum What { Lash, Gasket, SpringAtTight } what;
};
/// Taken at another setting of the cam, or with another gasket or deck: carried over by the gap.
struct MapCarried {
    static constexpr auto kCode = "clearance_map_carried";
    double higher_mm; ///< what gasket and deck add now; 0: only the cam was moved
};
/// Head, valve or seat were changed since: nothing of it stands.
struct MapVoid {
    static constexpr auto kCode = "clearance_map_void";
};
/// Two maps of one valve, taken alike, whose gaps lie apart at TDC by more than they are known.
struct MapsApart {
    static constexpr auto kCode = "clearance_maps_apart";
    double this_mm, before_mm;
};
/// Intake and exhaust valve come nearer to one another than the limit.
struct ValvesMeet {
    static constexpr auto kCode = "clearance_valves_meet";
    double least_mm, limit_mm;
    CrankDeg at;
};
/// Pressed and clay, or one angle and the map, lie apart.
struct WaysApart {
    static constexpr auto kCode = "clearance_ways_apart";
    double map_mm, other_mm;
    bool clay; ///< else a single angle or the tightest point
};

} // namespace lobe::found
