#include "core/result/figure.h"

#include <cmath>
#include <iterator>

namespace lobe {

std::string FigureId::key() const {
    static constexpr const char* kNames[] = {
        "duration",   "opens",         "closes",      "centre",        "separation",
        "advance",    "overlap",       "split",       "max_lift",      "area",
        "valve_lift", "lift_at_tdc",   "valve_area",  "overlap_area",  "closing",
        "dynamic",    "cranking_kpa",  "clearance",   "follower_face", "fastest",
        "coil_bind",  "retainer_room", "seat_load_n", "control_rpm",   "ramp_spread"};
    static_assert(std::size(kNames) == static_cast<std::size_t>(FigureKind::RampSpread) + 1);
    std::string out = kNames[static_cast<int>(kind)];
    if (side) out += *side == Side::Intake ? ".intake" : ".exhaust";
    // A lobe has one centre, whatever it was taken at.
    if (height && kind != FigureKind::Centre) {
        // Micrometres, so that 0.050 in and 1.27 mm are one height.
        out += '@';
        out += std::to_string(std::lround(height->mm * 1000.0));
        out += height->at == Place::Tappet ? 't' : 'v';
    }
    return out;
}

} // namespace lobe
