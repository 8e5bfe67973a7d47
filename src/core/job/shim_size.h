// Shims of one thickness. mm.
#pragma once

namespace lobe {

/// A thickness at hand, and how many of it.
struct ShimSize {
    double size_mm = 0.0; ///< 0.001 to 20
    int count = 0;        ///< 0 to 400
    bool operator==(const ShimSize&) const = default;
};

} // namespace lobe
