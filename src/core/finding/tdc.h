// What can be said of true TDC. Crank degrees; a pointer's correction is signed as the wheel
// counts.
#pragma once

namespace lobe::found {

/// Readings were taken before TDC was found off.
struct TdcMoved {
    static constexpr auto kCode = "tdc_moved";
    double off_deg;
    int runs;
};
/// The contacts lie where no stop or drop puts them.
struct TdcSpanUnlikely {
    static constexpr auto kCode = "tdc_span_unlikely";
    double halfSpan_deg;
};
/// The contacts lie elsewhere than stroke, rod and drop expect.
struct TdcSpanOff {
    static constexpr auto kCode = "tdc_span_off";
    double halfSpan_deg, expected_deg;
};
/// The indicator reads the same about the top: a first approximation only.
struct TdcDwell {
    static constexpr auto kCode = "tdc_dwell";
    double eitherSide_deg;
};
/// The pin offset puts the midpoint off the true top; it is taken off.
struct TdcDrift {
    static constexpr auto kCode = "tdc_drift";
    double after_deg;
};
/// What both edges of a port must read.
struct TdcHalfDuration {
    static constexpr auto kCode = "tdc_half_duration";
    double half_deg;
};
/// The two contacts were taken in the other order.
struct TdcContactsSwapped {
    static constexpr auto kCode = "tdc_contacts_swapped";
    double halfSpan_deg;
};
/// Read as the highest only: what is asked next is the two ends of the dwell, or a method that
/// does not hang on it.
struct TdcTakeEnds {
    static constexpr auto kCode = "tdc_take_ends";
    double correction_deg, eitherSide_deg;
};
struct TdcPointerOff {
    static constexpr auto kCode = "tdc_pointer_off";
    double correction_deg;
};
/// Set, a second pass outstanding.
struct TdcNotProved {
    static constexpr auto kCode = "tdc_not_proved";
    double apart_deg;
};
struct TdcProved {
    static constexpr auto kCode = "tdc_proved";
    double apart_deg;
};
/// Lift is recorded without a true TDC.
struct TdcNotTaken {
    static constexpr auto kCode = "tdc_not_taken";
};
/// So near the top that the piston hardly moves.
struct TdcStopShallow {
    static constexpr auto kCode = "tdc_stop_shallow";
    double halfSpan_deg;
};
/// Two methods lie farther apart than they are known.
struct TdcMethodsApart {
    static constexpr auto kCode = "tdc_methods_apart";
    double apart_deg, uncertainty_deg;
};
/// The contacts make sense on a gauge that counts the other way.
struct TdcOtherScale {
    static constexpr auto kCode = "tdc_other_scale";
    double halfSpan_deg;      ///< as read
    double otherHalfSpan_deg; ///< on the other gauge
    double correction_deg;    ///< of the pointer there
};
/// The lobes say the other top than was said: `turn_deg` 360 where overlap was said, else 0.
struct TopOther {
    static constexpr auto kCode = "top_other";
    double turn_deg;
    int runs;
};

} // namespace lobe::found
