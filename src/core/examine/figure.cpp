#include "core/examine/figure.h"

#include <cmath>

namespace lobe {

std::string figureKey(FigureKind kind, std::optional<Side> side, std::optional<Height> height) {
    static constexpr const char* kNames[] = {"duration",   "opens",   "closes",  "centre",
                                             "separation", "advance", "overlap", "split",
                                             "max_lift",   "area"};
    std::string key = kNames[static_cast<int>(kind)];
    if (side) key += *side == Side::Intake ? ".intake" : ".exhaust";
    if (height) {
        // Micrometres, so that 0.050 in and 1.27 mm are one height.
        key += '@';
        key += std::to_string(std::lround(height->mm * 1000.0));
        key += height->at == Place::Tappet ? 't' : 'v';
    }
    return key;
}

} // namespace lobe
