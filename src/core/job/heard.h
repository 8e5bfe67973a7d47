// What an instrument said, kept beside the reading that was made of it.
#pragma once

#include <string>

namespace lobe {

struct Heard {
    std::string raw;        ///< the line or packet as it came, legible; of a mean the last of it
    std::string instrument; ///< which one, as it is called on this machine
    bool moving = false;    ///< the crank moved or the dial was not quiet when it was taken
    bool operator==(const Heard&) const = default;
};

} // namespace lobe
