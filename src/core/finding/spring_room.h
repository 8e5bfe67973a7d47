// Where room can run out as a valve opens.
#pragma once

namespace lobe {

enum class SpringRoom {
    CoilBind,
    Seal,           ///< retainer to seal
    Guide,          ///< retainer to guide
    RockerRetainer, ///< rocker to retainer
    RockerStud,     ///< rocker to its stud
    FollowerTravel,
    FollowerFace, ///< beyond the contact, at each side
    Locator,      ///< what the spring's bore is wider than its locator
    Pocket,       ///< what the seat's pocket is wider than the spring
};

} // namespace lobe
