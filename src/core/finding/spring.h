// What springs and rocker gear say. Lengths in mm, loads in N.
#pragma once

#include "core/finding/spring_room.h"

#include <optional>

namespace lobe::found {

/// Less room than its limit, or a fit that is too loose.
struct SpringRoomShort {
    static constexpr auto kCode = "spring_room_short";
    SpringRoom room;
    double left_mm, limit_mm;
    std::optional<double> most_mm; ///< of a fit
};
/// A spring whose load is off the middle of its set.
struct SpringOdd {
    static constexpr auto kCode = "spring_odd";
    int spring;
    double load_n; ///< at the tester's first height
    double off;    ///< as a share, above 0 stronger
};

} // namespace lobe::found
