// The words by which the values of enums are kept, in the enums' order; never changed. Private to
// the book.
#pragma once

#include "book/json_parts.h"

#include <concepts>

namespace book {

inline constexpr Names<2> kRotation{{"clockwise", "anticlockwise"}};
inline constexpr Names<3> kLayout{{"pushrod", "twin-cam", "single-overhead-cam"}};
inline constexpr Names<6> kFollower{
    {"solid-flat", "solid-roller", "hydraulic", "hydraulic-made-solid", "bucket", "finger"}};
inline constexpr Names<2> kPlace{{"tappet", "valve"}};
inline constexpr Names<2> kSide{{"intake", "exhaust"}};
inline constexpr Names<7> kScale{
    {"0-360", "0-360-against", "0-180-0", "0-90-0-90", "signed", "0-180-twice", "tape"}};
inline constexpr Names<5> kMethod{{"stop", "drop", "return", "port", "peak"}};
inline constexpr Names<4> kReadingOf{{"lift", "opens", "nose", "closes"}};
inline constexpr Names<2> kApproach{{"forward", "backing"}};
inline constexpr Names<3> kTop{{"not-said", "overlap", "firing"}};
inline constexpr Names<2> kSpring{{"running", "checking"}};
inline constexpr Names<3> kOffAxis{{"not-corrected", "on-the-part", "on-a-flat-face"}};
inline constexpr Names<3> kVolumes{{"poured", "dimensions", "maker"}};
inline constexpr Names<4> kClosing{{"seat-measured", "seat-maker", "plus-15", "own-height"}};
inline constexpr Names<4> kSchool{{"equal_drop", "events", "peak", "centroid"}};
inline constexpr Names<3> kDrive{{"chain", "belt", "gears"}};
inline constexpr Names<7> kTarget{
    {"card", "card-plus", "event", "separation", "dynamic", "clearance", "centres"}};
inline constexpr Names<3> kSetSchool{{"by-intake", "split", "all-events"}};
inline constexpr Names<4> kEvent{{"ivo", "ivc", "evo", "evc"}};

inline constexpr Names<4> kClearanceMethod{{"map", "single-angle", "tightest", "clay"}};
inline constexpr Names<2> kPressedAt{{"rocker", "retainer"}};
inline constexpr Names<3> kLashSet{{"zero", "as-run", "not-said"}};

inline constexpr Names<15> kWish{
    {"dynamic", "intake-clearance", "exhaust-clearance", "intake-lift", "exhaust-lift",
     "follower-face", "overlap", "intake-closes", "separation", "seat-pressure", "intake-coil-bind",
     "exhaust-coil-bind", "intake-retainer", "exhaust-retainer", "control-speed"}};
inline constexpr Names<3> kCamFrom{{"fitted", "card", "table"}};

inline constexpr Names<3> kEngineKind{{"four-stroke", "two-stroke", "slow-flywheel"}};
inline constexpr Names<4> kLashSchool{{"opening-closing", "firing", "companion", "fewest"}};
inline constexpr Names<3> kLashGauge{{"feeler", "indicator", "preload"}};
inline constexpr Names<3> kPortIntake{{"piston", "reed", "rotary"}};
inline constexpr Names<2> kPortGauge{{"wheel", "gravity"}};

inline constexpr Names<3> kPushRodSchool{{"narrowest", "centred", "mid-lift"}};
inline constexpr Names<3> kBindSchool{{"spring", "coils", "own"}};
inline constexpr Names<4> kForceUnit{{"as-lengths", "newton", "kgf", "pound"}};

inline constexpr Names<9> kEntry{
    {"note", "part", "bolts", "end-float", "fit", "oil", "order", "result", "symptom"}};

/// A struct as it is or to be read into.
template <class X, class T>
concept Of = std::same_as<std::remove_const_t<X>, T>;

} // namespace book
