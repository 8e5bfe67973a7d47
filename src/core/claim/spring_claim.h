// What is claimed of springs, rocker gear and followers: the height each valve really gets, its
// loads, and the room left at the lift it really sees, against the limit; or what nobody measured.
// Station, Compare, Clearance, sheet and command line say this claim and work out none of their
// own. Lengths in mm, loads in N, speeds of the engine in 1/min.
#pragma once

#include "core/finding/spring_room.h"
#include "core/job/springs.h"
#include "core/spring/contact.h"
#include "core/spring/control.h"
#include "core/spring/load.h"
#include "core/spring/push_rod.h"
#include "core/spring/shims.h"

#include <optional>
#include <vector>

namespace lobe {

struct SpringMargin {
    SpringRoom room = SpringRoom::CoilBind;
    ValveId valve;                   ///< the one it is least at; cylinder 0: of the whole side
    double left_mm = 0.0;            ///< below 0 it meets
    double limit_mm = 0.0;           ///< not to be gone below
    std::optional<double> most_mm{}; ///< of a fit: beyond it the spring wanders
    bool keeps() const {
        return left_mm >= limit_mm - 1e-9 && (!most_mm || left_mm <= *most_mm + 1e-9);
    }
    double lacking_mm() const { return limit_mm - left_mm; }
};

/// Where the lift a valve gets is known from.
enum class LiftFrom { Nowhere, Own, OtherCylinder, Card };

struct SpringValve {
    ValveId valve;
    /// As measured; and with whatever was under the spring taken out.
    std::optional<double> measured_mm, bare_mm;
    std::optional<double> wanted_mm;
    std::optional<ShimStack> stack; ///< the best for it, out of the stock
    bool reached = true;            ///< within what the builder allows
    /// What the stock could give it alone, where it is not reached.
    std::optional<NearestTotals> nearest;
    /// With the stack in: what all else is reckoned at. Wanted, where nothing is measured.
    std::optional<double> height_mm;
    bool planned = false; ///< nothing is measured: the height is the wanted one
    bool oddHeight = false;
    int spring = 0; ///< matched to it; 0: one of the set like any other
    std::optional<double> seat_n, open_n;
    std::optional<double> lift_mm; ///< that it really gets
    LiftFrom from = LiftFrom::Nowhere;
    std::optional<double> bindLeft_mm; ///< to the coils touching, at that lift
};

/// A spring of the set at the tester's first height.
struct SpringOfSet {
    int spring = 1;
    double load_n = 0.0;
    double off = 0.0; ///< from the middle of the set, as a share of it
    bool odd = false;
};

/// What cannot be, and so is not computed through.
enum class SpringFault {
    RateNegative,
    LoadFalls,
    SameHeight,
    PointUnderBind,
    HeightUnderBind, ///< measured
    WantedUnderBind,
    StockTooMuch, ///< sizes or counts beyond what a stock is
    TooManyValves,
    NoShimNegative, ///< it stands shorter than wanted already
    NoSuchSpring,   ///< no load anybody wants at a height above the coils touching
};
struct SpringFaultAt {
    SpringFault fault = SpringFault::RateNegative;
    ValveId valve;  ///< or its side alone
    int spring = 0; ///< of the tester's
    double value_mm = 0.0, bound_mm = 0.0;
};

/// The lobe under its follower.
struct FollowerClaim {
    Side side = Side::Intake;
    bool flat = true;               ///< what rides it has a flat face
    double needed_mm = 0.0;         ///< face, for the greatest velocity
    std::optional<double> doubt_mm; ///< of it
    /// The sharpest round place and the hollowest; crank degrees. Empty without a base radius.
    struct Place {
        double radius_mm = 0.0, at_deg = 0.0;
    };
    std::optional<Place> sharpest, hollowest;
    bool undercut = false;
    bool wantsBase = false; ///< its base circle is not known
};

struct ControlClaim {
    Side side = Side::Intake;
    std::optional<Control> opening, closing;
    double mass_g = 0.0;
    /// The lower of both flanks.
    std::optional<double> rpm() const {
        if (!opening) return closing ? std::optional(closing->rpm) : std::nullopt;
        return closing && closing->rpm < opening->rpm ? closing->rpm : opening->rpm;
    }
};

/// A cam that was ground again stands lower on its base circle.
struct RegroundClaim {
    Side side = Side::Intake;
    double lower_mm = 0.0; ///< of each follower
    /// What the stock makes of it under each valve of the side; empty without a stock.
    std::optional<ShimPlan> plan;
};

struct SpringClaim {
    std::vector<SpringValve> valves; ///< by cylinder, intake before exhaust
    std::vector<SpringOfSet> set;
    std::vector<SpringMargin> margins; ///< the least of each kind and side
    std::vector<SpringFaultAt> faults;
    /// Shims to get: each of a valve that is not reached, by its need.
    std::vector<ShimSize> order;
    bool proved = true; ///< of the stacks: no other choice is better
    int pieces = 0;
    double off_mm = 0.0; ///< of all stacks, without sign
    /// Seat loads, most less least within a side; as the springs are numbered, and as matched.
    std::optional<double> spreadNumbered_n, spreadMatched_n;
    std::vector<FollowerClaim> followers;
    std::vector<ControlClaim> control;
    double wanted_rpm = 0.0;
    /// The spring with least load on its seat, of each side.
    struct Weakest {
        SpringLoad load;
        double height_mm = 0.0;
    };
    PerSide<std::optional<Weakest>> weakest;
    std::vector<RegroundClaim> reground;
    PerSide<PushRodCall> pushRod;

    bool begun = false; ///< anything of it was measured or stated
    int heights = 0;    ///< measured

    const SpringMargin* of(SpringRoom room, Side side) const {
        for (const SpringMargin& m : margins)
            if (m.room == room && m.valve.side == side) return &m;
        return nullptr;
    }
    /// The one that is furthest under its limit; null where all keep theirs.
    const SpringMargin* worst() const;
    /// The speed at which a side floats; empty where that is not known.
    std::optional<double> control_rpm(Side side) const;
    /// It floats before the speed wanted.
    bool floats() const;
};

} // namespace lobe
