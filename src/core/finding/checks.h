// What lobes say against their card, against other cylinders and against one another. Crank
// degrees, late positive, unless said otherwise.
#pragma once

#include "core/angle/angles.h"

namespace lobe::found {

/// The lobe sits half a cycle from where such a lobe sits.
struct CentreFarOff {
    static constexpr auto kCode = "centre_far_off";
    CrankDeg centre;
};
/// The lobe sits where the other lobe of its cylinder sits.
struct SidesSwapped {
    static constexpr auto kCode = "sides_swapped";
    CrankDeg centre;
};
/// The cam was moved since this lobe was measured.
struct MovedSince {
    static constexpr auto kCode = "moved_since";
};
/// A lobe off cylinder 1's by what no twist is: its cylinder's TDC is not known.
struct CylinderTdcUnknown {
    static constexpr auto kCode = "cylinder_tdc_unknown";
    double off_deg;
};
/// This cylinder's lobe centre less cylinder 1's.
struct Twist {
    static constexpr auto kCode = "twist";
    double off_deg;
};
/// Both lobes alike against the card.
struct CamShift {
    static constexpr auto kCode = "cam_shift";
    double late_deg;
};
/// Separation less the card's, cam degrees.
struct SeparationOff {
    static constexpr auto kCode = "separation_off";
    double wider_deg;
};
/// Centre less the card's.
struct CardShift {
    static constexpr auto kCode = "card_shift";
    double late_deg;
};
struct AsCard {
    static constexpr auto kCode = "as_card";
    double late_deg;
};
/// The cylinder is not as its card, by something else than timing.
struct CardOff {
    static constexpr auto kCode = "card_off";
};
struct SplitPointMissing {
    static constexpr auto kCode = "split_point_missing";
};

} // namespace lobe::found
