// A reading or a contact that was taken back.
#pragma once

#include <string>

namespace lobe {

/// The reason of a reading that the same angle read once more took the place of.
inline constexpr const char* kReadAgain = "read again";

/// A reading that was taken back stays in the record with the reason.
struct Struck {
    std::string reason;
    bool operator==(const Struck&) const = default;
};

} // namespace lobe
