#include "core/flywheel/tape.h"

#include <cmath>

namespace lobe {
namespace {

constexpr double kTurn_deg = 360.0;
/// Two lengths alike to this are one: a band's end typed as it was measured is within.
constexpr double kSame_deg = 1e-9;

/// 0 up to a turn.
double within(double deg) {
    const double d = std::fmod(deg, kTurn_deg);
    return d < 0.0 ? d + kTurn_deg : d;
}
/// -180 up to 180.
double around(double deg) {
    const double d = within(deg);
    return d > 180.0 ? d - kTurn_deg : d;
}

bool possible(const std::optional<double>& arc, double circumference) {
    return !arc || (*arc >= 0.0 && *arc < 2.0 * circumference);
}

void judge(const FlywheelWork& w, TapeFigures& out) {
    if (!out.degrees || (!w.least_deg && !w.most_deg)) return;
    const double deg = out.degrees->value, half = out.degrees->plusMinus.value_or(0.0);
    out.verdict = BandVerdict::Within;
    if (w.least_deg && deg < *w.least_deg - kSame_deg) {
        out.verdict = BandVerdict::Below;
        out.beyond_deg = *w.least_deg - deg;
    } else if (w.most_deg && deg > *w.most_deg + kSame_deg) {
        out.verdict = BandVerdict::Above;
        out.beyond_deg = deg - *w.most_deg;
    }
    for (const auto& end : {w.least_deg, w.most_deg})
        if (end && std::abs(deg - *end) < half) out.sure = false;
    if (out.verdict == BandVerdict::Within || !out.perTenth_deg) return;
    // Shorter by more lash.
    const double by = 0.1 * out.beyond_deg / *out.perTenth_deg;
    out.lashTo_mm = out.verdict == BandVerdict::Above ? by : -by;
}

} // namespace

Measured<double> arcDegrees(double arc, double circumference, double tape) {
    const double share = arc / circumference;
    // Both ends of the arc, and the circumference by which it is divided.
    const double half =
        kTurn_deg / circumference * std::sqrt(2.0 * tape * tape + share * share * tape * tape);
    return {kTurn_deg * arc / circumference, half};
}

TapeFigures tapeFigures(const FlywheelWork& w) {
    TapeFigures out;
    const double round = w.circumference_mm;
    if (!(round > 0.0)) {
        out.fault = TapeFault::Circumference;
        return out;
    }
    for (const auto& arc : {w.opens_mm, w.closes_mm, w.tdc_mm, w.trip_mm, w.latch_mm})
        if (!possible(arc, round)) {
            out.fault = TapeFault::Arc;
            return out;
        }
    if (w.opensSlope_mm > 0.0 && w.closesSlope_mm > 0.0)
        out.perTenth_deg = 0.1 / w.opensSlope_mm + 0.1 / w.closesSlope_mm;
    if (w.camTeeth > 0) out.tooth_deg = 720.0 / w.camTeeth;
    if (w.opens_mm && w.closes_mm) {
        double arc = *w.closes_mm - *w.opens_mm;
        if (arc < 0.0) arc += round;
        out.degrees = arcDegrees(arc, round, w.tape_mm);
        judge(w, out);
    }
    const auto from = [&](double a, double b) {
        Measured<double> d = arcDegrees(std::abs(b - a), round, w.tape_mm);
        d.value = around(kTurn_deg * (b - a) / round);
        return d;
    };
    if (w.tdc_mm && w.closes_mm) out.closesAfter_deg = from(*w.tdc_mm, *w.closes_mm);
    if (w.tdc_mm && w.opens_mm) {
        Measured<double> d = from(*w.opens_mm, *w.tdc_mm);
        // The exhaust opens before the bottom half a turn ahead of that top.
        d.value = around(d.value - 180.0);
        out.opensBefore_deg = d;
    }
    // A turn apart on the rim the two tops are one mark.
    if (w.tdc_mm && w.trip_mm) out.trip_deg = from(*w.trip_mm, *w.tdc_mm);
    if (w.latch_mm && w.trip_mm) {
        Measured<double> d = from(*w.latch_mm, *w.trip_mm);
        d.value = within(d.value);
        out.latch_deg = d;
    }
    return out;
}

} // namespace lobe
