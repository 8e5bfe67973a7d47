// Which push rod to order, from what the rocker wiped on the stem with others. mm.
#pragma once

#include "core/job/springs.h"

#include <optional>
#include <vector>

namespace lobe {

/// What keeps a length from being called.
enum class PushRodNeed {
    Nothing,
    Trials, ///< two for the middle, three for the narrowest
    Alike,  ///< caps and stands were changed between the trials: none share them
    Spread, ///< the trials do not bend: lengths on either side of the narrowest are wanted
    Arm,    ///< the rocker's arm, its nose at rest and the valve's lift, for mid-lift
    Far,    ///< the length called lies far beyond the trials: one nearer to it
};

struct PushRodCall {
    PushRodNeed needs = PushRodNeed::Trials;
    /// As the school calls it, without preload.
    std::optional<double> length_mm;
    /// To order: with the preload, once, where the trials had none.
    std::optional<double> order_mm;
    double middle_mm = 0.0, wide_mm = 0.0; ///< of the band that length would make
    int trials = 0;                        ///< it rests on
    double cap_mm = 0.0, stand_mm = 0.0;   ///< with which it is meant
    bool offStem = false;                  ///< the band would reach the stem's edge
    /// By mid-lift: what a rocker's shaft or its pivot on the stud is to be raised by; lower
    /// negative.
    std::optional<double> raiseShaft_mm;
    /// The wipe that half the lift either side of square makes, arm (1 - cos): no rocker of that
    /// arm does with less. Empty without the arm.
    std::optional<double> leastWipe_mm;
};

/// Of a side. `lift_mm` of the valve and `ratio` for mid-lift, 0 where not known.
PushRodCall callPushRod(const PushRods& p, Side side, double lift_mm, double ratio);

/// Of an adjustable one: screwed home, and so many turns out.
double lengthAtTurns_mm(const PushRods& p, double turns);

} // namespace lobe
