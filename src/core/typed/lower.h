// Letters as they are compared: in lower case, where they are plain.
#pragma once

#include <string>
#include <string_view>

namespace lobe {

/// A to Z as a to z; everything else, and every other letter, as it is.
inline std::string lower(std::string_view text) {
    std::string out(text);
    for (char& c : out)
        if (c >= 'A' && c <= 'Z') c = static_cast<char>(c - 'A' + 'a');
    return out;
}

} // namespace lobe
