#include "core/job/finding.h"

namespace lobe {

const char* codeName(Code code) {
    switch (code) {
    case Code::TooFewReadings:
        return "too_few_readings";
    case Code::FlatTable:
        return "flat_table";
    case Code::NoseNotReached:
        return "nose_not_reached";
    case Code::FlankMissing:
        return "flank_missing";
    case Code::HeightAboveNose:
        return "height_above_nose";
    case Code::HeightUnderLash:
        return "height_under_lash";
    case Code::NoisyCrossings:
        return "noisy_crossings";
    case Code::ZeroBleeding:
        return "zero_bleeding";
    case Code::ZeroSlipped:
        return "zero_slipped";
    case Code::ZeroRunOut:
        return "zero_run_out";
    case Code::PartLoose:
        return "part_loose";
    case Code::TravelEnds:
        return "travel_ends";
    case Code::NoseUnknown:
        return "nose_unknown";
    case Code::RatioMeasured:
        return "ratio_measured";
    case Code::PassesAgree:
        return "passes_agree";
    case Code::PassesDiffer:
        return "passes_differ";
    case Code::PassesMean:
        return "passes_mean";
    case Code::MovedSince:
        return "moved_since";
    case Code::TopOther:
        return "top_other";
    case Code::Misfit:
        return "misfit";
    case Code::AreaOfPart:
        return "area_of_part";
    case Code::ZeroReturn:
        return "zero_return";
    case Code::BaseNotZero:
        return "base_not_zero";
    case Code::DropShortened:
        return "drop_shortened";
    case Code::CentreFarOff:
        return "centre_far_off";
    case Code::SidesSwapped:
        return "sides_swapped";
    case Code::RepeatedAngle:
        return "repeated_angle";
    case Code::WideStep:
        return "wide_step";
    case Code::BackedUp:
        return "backed_up";
    case Code::OtherTurn:
        return "other_turn";
    case Code::DialTurn:
        return "dial_turn";
    case Code::EventsOnly:
        return "events_only";
    case Code::CentreOnly:
        return "centre_only";
    case Code::DurationUnlikely:
        return "duration_unlikely";
    case Code::CentreUnlikely:
        return "centre_unlikely";
    case Code::NoseUnlikely:
        return "nose_unlikely";
    case Code::FirstLiftUnlikely:
        return "first_lift_unlikely";
    case Code::CardHeightNear:
        return "card_height_near";
    case Code::TdcStopShallow:
        return "tdc_stop_shallow";
    case Code::TdcMethodsApart:
        return "tdc_methods_apart";
    case Code::TdcOtherScale:
        return "tdc_other_scale";
    case Code::EventOdd:
        return "event_odd";
    case Code::EventSide:
        return "event_side";
    case Code::CylinderTdcUnknown:
        return "cylinder_tdc_unknown";
    case Code::Twist:
        return "twist";
    case Code::TdcMoved:
        return "tdc_moved";
    case Code::TdcSpanUnlikely:
        return "tdc_span_unlikely";
    case Code::TdcSpanOff:
        return "tdc_span_off";
    case Code::TdcDwell:
        return "tdc_dwell";
    case Code::TdcDrift:
        return "tdc_drift";
    case Code::TdcHalfDuration:
        return "tdc_half_duration";
    case Code::TdcContactsSwapped:
        return "tdc_contacts_swapped";
    case Code::TdcPointerOff:
        return "tdc_pointer_off";
    case Code::TdcNotProved:
        return "tdc_not_proved";
    case Code::TdcProved:
        return "tdc_proved";
    case Code::TdcNotTaken:
        return "tdc_not_taken";
    case Code::CamShift:
        return "cam_shift";
    case Code::SeparationOff:
        return "separation_off";
    case Code::CardShift:
        return "card_shift";
    case Code::CardOff:
        return "card_off";
    case Code::AsCard:
        return "as_card";
    case Code::SplitPointMissing:
        return "split_point_missing";
    }
    return "";
}

const char* severityName(Severity severity) {
    switch (severity) {
    case Severity::Note:
        return "note";
    case Severity::Ask:
        return "ask";
    case Severity::LookAgain:
        return "look_again";
    case Severity::Refused:
        break;
    }
    return "refused";
}

} // namespace lobe
