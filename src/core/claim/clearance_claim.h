// What is claimed of a valve and the piston: the least of everything that was taken of it, as the
// cam stands and over everything it may do while the engine runs, against the limit; or what nobody
// took. Every surface says this claim and works out none of its own. Lengths in mm along the valve,
// crank degrees, advance positive.
#pragma once

#include "core/angle/angles.h"
#include "core/angle/measured.h"

#include <cstdint>
#include <optional>
#include <vector>

namespace lobe {

enum class ClearanceVerdict {
    Keeps,    ///< with all it is uncertain by, over all the cam may do
    Under,    ///< somewhere of that it is nearer than the limit
    Touches,  ///< somewhere of that nothing is left
    NotKnown, ///< what it would need is in `needs`
};

/// What a claim would need that nobody took.
enum class ClearanceNeed {
    Nothing,
    Presses, ///< nothing was pressed
    Again,   ///< head, valve or seat were changed since, or a cam that clay cannot follow was moved
    Beyond,  ///< the least taken is at the edge of the angles taken, or one angle is all there is
    Lobe,    ///< what the cam may do is told by the lobe's lift and a map, and there is none
    Sharper, ///< what is known of it reaches over the limit
};

struct ClearanceClaim {
    int cylinder = 1;
    Side side = Side::Intake;
    double limit_mm = 0.0;
    /// As the cam stands: the smaller of all ways it was measured. Empty without any.
    std::optional<Measured<double>> least_mm;
    std::optional<double> at_deg; ///< where; clay has no angle
    /// Over what the cam may do, where it may do anything and that can be told.
    struct OverTravel {
        Measured<double> least_mm;
        double at_deg = 0.0;
        double move_deg = 0.0; ///< of the cam, from where it is set
    };
    std::optional<OverTravel> overTravel;
    /// The least with the wheel a tooth out, the worse way, where teeth and a map tell; a slip of
    /// the chain as it is fitted is no part of the verdict, and said beside it.
    std::optional<OverTravel> toothOut;
    bool atMost = false;   ///< the least taken lies at the edge of the angles taken: it is no more
    bool moves = false;    ///< it may do something
    bool accepted = false; ///< what is under the limit is accepted, with a reason
    bool modelled = false; ///< told by a lobe modelled from the card
    /// Ways that lie apart by more than they are known, both shown.
    std::optional<Measured<double>> otherWay_mm;
    std::vector<std::int64_t> maps; ///< that it rests on
    ClearanceVerdict verdict = ClearanceVerdict::NotKnown;
    ClearanceNeed needs = ClearanceNeed::Presses;

    /// What the verdict is of: over the travel where that is the smaller.
    std::optional<Measured<double>> worst_mm() const {
        return overTravel && (!least_mm || overTravel->least_mm < *least_mm)
                   ? std::optional(overTravel->least_mm)
                   : least_mm;
    }
};

} // namespace lobe
