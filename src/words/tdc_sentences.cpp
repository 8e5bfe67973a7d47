#include "words/finding_sentences.h"

#include "words/say.h"

#include <cmath>

namespace words {

using namespace lobe;

QString said(const found::TopOther& f, const Finding&, const Style&) {
    return f.turn_deg != 0.0
               ? Say::tr("You said the wheel's zero is overlap, but the lobes stand "
                         "360° from there: it is firing TDC. Type T to put that right.")
               : Say::tr("You said the wheel's zero is firing TDC, but the lobes are "
                         "recorded as from overlap. If the crank was turned once since, "
                         "type T to say overlap.");
}

QString said(const found::TdcStopShallow& f, const Finding&, const Style& style) {
    return Say::tr("The stop meets the piston only %1 from the top, where the piston "
                   "hardly moves and rocks in its bore. Screw the stop deeper and take "
                   "both contacts again.")
        .arg(degrees(f.halfSpan_deg, style));
}

QString said(const found::TdcMethodsApart& f, const Finding&, const Style& style) {
    return Say::tr("Two methods lie %1 apart, more than they are known by (%2): a piston "
                   "that rocks under the stop or the indicator, or a stop that gave way. "
                   "Take the first once more.")
        .arg(degrees(std::abs(f.apart_deg), style),
             QString(QChar(0xB1)) + degrees(f.uncertainty_deg, style));
}

QString said(const found::TdcOtherScale& f, const Finding&, const Style& style) {
    return Say::tr("Contacts %1 either side of the top are hardly meant. On a gauge that "
                   "counts the other way (up both ways from zero, or on through 180) "
                   "they are %2 either side, and the pointer off by %3: type G "
                   "if it is the one fitted, and choose its scale for what follows.")
        .arg(degrees(f.halfSpan_deg, style), degrees(f.otherHalfSpan_deg, style),
             signedFixed(f.correction_deg, 2, style) + QChar(0xB0));
}

QString said(const found::TdcMoved& f, const Finding&, const Style& style) {
    return Say::tr("TDC was found %1° off after %2 recorded. Type S to shift those "
                   "readings by %1°, or K to keep "
                   "them as they are, marked.")
        .arg(signedFixed(f.off_deg, 2, style),
             f.runs == 1 ? Say::tr("a run was") : Say::tr("%n runs were", nullptr, f.runs));
}

QString said(const found::TdcSpanUnlikely& f, const Finding&, const Style& style) {
    return Say::tr("The contacts lie %1 either side of the top, which is hardly a stop or a "
                   "drop near TDC. Read both again.")
        .arg(degrees(f.halfSpan_deg, style));
}

QString said(const found::TdcSpanOff& f, const Finding&, const Style& style) {
    return Say::tr("The contacts lie %1 either side of the top, but stroke, rod and drop "
                   "expect %2. The drop, the stop or a reading is not what it seems: check, "
                   "and read both again.")
        .arg(degrees(f.halfSpan_deg, style, 2), degrees(f.expected_deg, style, 2));
}

QString said(const found::TdcDwell& f, const Finding&, const Style& style) {
    return Say::tr("At the top the piston hardly moves: the indicator reads the same for %1 either "
                   "side of TDC. This is a first approximation; prove it with a stop or an equal "
                   "drop.")
        .arg(degrees(f.eitherSide_deg, style, 1));
}

QString said(const found::TdcDrift& f, const Finding&, const Style& style) {
    return Say::tr("The pin offset puts the middle of the contacts %1 %2 the true top at this "
                   "drop; that is taken off.")
        .arg(degrees(std::abs(f.after_deg), style, 2),
             f.after_deg > 0.0 ? Say::tr("after") : Say::tr("before"));
}

QString said(const found::TdcHalfDuration& f, const Finding&, const Style& style) {
    return Say::tr("Half the port's duration is %1: with the wheel set right, both closing edges "
                   "read that.")
        .arg(degrees(f.half_deg, style, 2));
}

QString said(const found::TdcContactsSwapped& f, const Finding&, const Style& style) {
    return Say::tr("The contact after the top was typed first; the two are taken the right "
                   "way round, %1 either side.")
        .arg(degrees(f.halfSpan_deg, style));
}

QString said(const found::TdcTakeEnds& f, const Finding&, const Style& style) {
    return Say::tr("Read as the highest, TDC stands at %1° on the wheel, known to %2. Take the "
                   "dwell's ends: the wheel where the indicator just begins to move, on either "
                   "side; TDC is midway. Or prove it with a stop or an equal drop.")
        .arg(signedFixed(f.correction_deg, 1, style),
             QString(QChar(0xB1)) + degrees(f.eitherSide_deg, style));
}

QString said(const found::TdcPointerOff& f, const Finding&, const Style& style) {
    return Say::tr("True TDC stands at %1° on the wheel: move the pointer by %2, then take "
                   "both contacts again.")
        .arg(signedFixed(f.correction_deg, 2, style),
             degrees(std::abs(f.correction_deg), style, 2));
}

QString said(const found::TdcNotProved& f, const Finding&, const Style& style) {
    return Say::tr("TDC is set, the contacts differ by %1. Take both once more: a second "
                   "pass that agrees proves it.")
        .arg(degrees(f.apart_deg, style, 2));
}

QString said(const found::TdcProved& f, const Finding&, const Style& style) {
    if (f.apart_deg < 0.005) return Say::tr("TDC is proved: two passes came out alike.");
    return Say::tr("TDC is proved: two passes agree within %1.")
        .arg(degrees(f.apart_deg, style, 2));
}

QString said(const found::TdcNotTaken&, const Finding&, const Style&) {
    return Say::tr("Lift is recorded, but true TDC was never taken here. Every angle hangs "
                   "on it: find TDC, then believe the timing.");
}

} // namespace words
