// An angle encoder as degrees of crank. It counts up and down from wherever it was switched on;
// where its zero is to stand is said once, and from then on it is a wheel with a finer scale.
#pragma once

namespace lobe {

struct Counter {
    double countsPerTurn = 3600.0; ///< of the crank, edges counted; greater than 0
    bool backwards = false; ///< it counts down while the crank turns in its running direction
    double zero = 0.0;      ///< the count at the wheel's zero

    /// Crank degrees from the wheel's zero, positive in the running direction, over all turns.
    double degrees(double count) const {
        return (backwards ? -1.0 : 1.0) * (count - zero) * 360.0 / countsPerTurn;
    }
    /// The count that stands at an angle.
    double count(double deg) const {
        return zero + (backwards ? -1.0 : 1.0) * deg * countsPerTurn / 360.0;
    }
    bool operator==(const Counter&) const = default;
};

} // namespace lobe
