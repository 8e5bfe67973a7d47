#include "core/result/figure.h"

#include <cmath>
#include <iterator>

namespace lobe {

namespace {

/// A lobe has one centre, whatever it was taken at.
bool keyHasHeight(const FigureId& id) {
    return id.height && id.kind != FigureKind::Centre;
}

/// Micrometres, so that 0.050 in and 1.27 mm are one height.
long keyHeight_um(const FigureId& id) {
    return std::lround(id.height->mm * 1000.0);
}

} // namespace

bool FigureId::sameKey(const FigureId& other) const {
    if (kind != other.kind || side != other.side || keyHasHeight(*this) != keyHasHeight(other))
        return false;
    return !keyHasHeight(*this) ||
           (height->at == other.height->at && keyHeight_um(*this) == keyHeight_um(other));
}

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
    if (keyHasHeight(*this)) {
        out += '@';
        out += std::to_string(keyHeight_um(*this));
        out += height->at == Place::Tappet ? 't' : 'v';
    }
    return out;
}

} // namespace lobe
