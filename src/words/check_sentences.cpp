#include "words/finding_sentences.h"

#include "words/say.h"

#include <cmath>

namespace words {

using namespace lobe;

QString said(const found::PassesAgree& f, const Finding& of, const Style& style) {
    return Say::tr("%1: %2 passes lie within %3 of each other, widest at %4: that is "
                   "the measuring error you have.")
        .arg(lobeName(of))
        .arg(f.passes)
        .arg(liftWithUnit(f.widest_mm, style), readingAngle(f.widestAt, style));
}

QString said(const found::PassesDiffer& f, const Finding& of, const Style& style) {
    return Say::tr("%1: %2 passes lie up to %3 apart, at %4: more than a wheel and an "
                   "indicator explain. Something moved between them; read once more.")
        .arg(lobeName(of))
        .arg(f.passes)
        .arg(liftWithUnit(f.widest_mm, style), readingAngle(f.widestAt, style));
}

QString said(const found::PassesMean& f, const Finding& of, const Style&) {
    return Say::tr("%1: the mean of %2 passes.").arg(lobeName(of)).arg(f.passes);
}

QString said(const found::MovedSince&, const Finding& of, const Style&) {
    return Say::tr("%1: the cam was moved since this was measured. Measure it again; "
                   "until then nothing is said of where it stands.")
        .arg(lobeName(of));
}

QString said(const found::CentreFarOff& f, const Finding& of, const Style& style) {
    return Say::tr("%1: the lobe centre falls at %2°, far from where such a lobe sits. Is "
                   "the wheel's zero at TDC on overlap? It may be 360° out.")
        .arg(lobeName(of), shortest(f.centre.deg, 1, style));
}

QString said(const found::SidesSwapped& f, const Finding& of, const Style& style) {
    return Say::tr("%1: the lobe centre falls at %2°, where the other lobe sits. Were "
                   "intake and exhaust exchanged? E exchanges them.")
        .arg(lobeName(of), shortest(f.centre.deg, 1, style));
}

QString said(const found::CylinderTdcUnknown& f, const Finding& of, const Style& style) {
    return Say::tr("%1: this lobe stands %2 from cylinder 1's on the same wheel, as "
                   "another cylinder does. This cylinder's TDC is not known: give the "
                   "firing order at Engine, or set the wheel for it.")
        .arg(lobeName(of), degrees(std::abs(f.off_deg), style));
}

QString said(const found::Twist& f, const Finding& of, const Style& style) {
    return Say::tr("%1: the lobe centre stands %2 against cylinder 1, more than a wheel "
                   "explains. A twisted or "
                   "bent cam, or this cylinder's TDC; prove that first.")
        .arg(lobeName(of), earlyLate(f.off_deg, style));
}

QString said(const found::CamShift& f, const Finding&, const Style& style) {
    return Say::tr("The cam is %1 against its card, both lobes alike: that is timing, not "
                   "the cam. With TDC proved, %2 it by %3 crank degrees.")
        .arg(earlyLate(f.late_deg, style),
             f.late_deg > 0.0 ? Say::tr("advance", "verb") : Say::tr("retard", "verb"),
             shortest(std::abs(f.late_deg), 1, style));
}

QString said(const found::SeparationOff& f, const Finding&, const Style& style) {
    return Say::tr("The two lobes stand %1 cam degrees %2 than the card says: that is "
                   "separation, not timing. On one shaft it cannot be set; read both runs "
                   "again before blaming the cam.")
        .arg(shortest(std::abs(f.wider_deg), 1, style),
             f.wider_deg > 0.0 ? Say::tr("wider") : Say::tr("narrower"));
}

QString said(const found::CardShift& f, const Finding& of, const Style& style) {
    return Say::tr("%1: the lobe centre is %2 against the card. If TDC is proved, the cam "
                   "is to be moved by that much.")
        .arg(lobeName(of), earlyLate(f.late_deg, style));
}

QString said(const found::CardOff&, const Finding& of, const Style&) {
    return Say::tr("Cylinder %1 is not as its card, and not by timing alone: the "
                   "Timing station says why.")
        .arg(of.cylinder);
}

QString said(const found::AsCard& f, const Finding& of, const Style& style) {
    return Say::tr("%1: the lobe centre is as the card, within what a wheel can show (%2°).")
        .arg(lobeName(of), signedFixed(f.late_deg, 1, style));
}

QString said(const found::SplitPointMissing&, const Finding&, const Style&) {
    return Say::tr(
        "The two valves are never off their seats together, so there is no split point.");
}

} // namespace words
