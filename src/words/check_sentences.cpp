#include "words/finding_sentences.h"

#include "words/say.h"

#include <cmath>

namespace words {

using namespace lobe;

QString checksSentence(const Finding& f, const Style& style) {
    const QString who = lobeName(f);
    switch (f.code) {
    case Code::PassesAgree:
        return Say::tr("%1: %2 passes lie within %3 of each other, widest at %4: that is "
                       "the measuring error you have.")
            .arg(who)
            .arg(f.count)
            .arg(liftWithUnit(*f.mm, style), readingAngle(*f.at, style));
    case Code::PassesDiffer:
        return Say::tr("%1: %2 passes lie up to %3 apart, at %4: more than a wheel and an "
                       "indicator explain. Something moved between them; read once more.")
            .arg(who)
            .arg(f.count)
            .arg(liftWithUnit(*f.mm, style), readingAngle(*f.at, style));
    case Code::PassesMean:
        return Say::tr("%1: the mean of %2 passes.").arg(who).arg(f.count);
    case Code::MovedSince:
        return Say::tr("%1: the cam was moved since this was measured. Measure it again; "
                       "until then nothing is said of where it stands.")
            .arg(lobeName(f));
    case Code::CentreFarOff:
        return Say::tr("%1: the lobe centre falls at %2°, far from where such a lobe sits. Is "
                       "the wheel's zero at TDC on overlap? It may be 360° out.")
            .arg(who, shortest(f.at->deg, 1, style));
    case Code::SidesSwapped:
        return Say::tr("%1: the lobe centre falls at %2°, where the other lobe sits. Were "
                       "intake and exhaust exchanged?")
            .arg(who, shortest(f.at->deg, 1, style));
    case Code::CylinderTdcUnknown:
        return Say::tr("%1: this lobe stands %2 from cylinder 1's on the same wheel, as "
                       "another cylinder does. This cylinder's TDC is not known: give the "
                       "firing order at Engine, or set the wheel for it.")
            .arg(who, degrees(std::abs(*f.deg), style));
    case Code::Twist:
        return Say::tr("%1: the lobe centre stands %2 against cylinder 1, more than a wheel "
                       "explains. A twisted or "
                       "bent cam, or this cylinder's TDC; prove that first.")
            .arg(who, earlyLate(*f.deg, style));
    case Code::CamShift:
        return Say::tr("The cam is %1 against its card, both lobes alike: that is timing, not "
                       "the cam. With TDC proved, %2 it by %3 crank degrees.")
            .arg(earlyLate(*f.deg, style),
                 *f.deg > 0.0 ? Say::tr("advance", "verb") : Say::tr("retard", "verb"),
                 shortest(std::abs(*f.deg), 1, style));
    case Code::SeparationOff:
        return Say::tr("The two lobes stand %1 cam degrees %2 than the card says: that is "
                       "separation, not timing. On one shaft it cannot be set; read both runs "
                       "again before blaming the cam.")
            .arg(shortest(std::abs(*f.deg), 1, style),
                 *f.deg > 0.0 ? Say::tr("wider") : Say::tr("narrower"));
    case Code::CardShift:
        return Say::tr("%1: the lobe centre is %2 against the card. If TDC is proved, the cam "
                       "is to be moved by that much.")
            .arg(who, earlyLate(*f.deg, style));
    case Code::CardOff:
        return Say::tr("Cylinder %1 is not as its card, and not by timing alone: the "
                       "Timing station says why.")
            .arg(f.cylinder);
    case Code::AsCard:
        return Say::tr("%1: the lobe centre is as the card, within what a wheel can show (%2°).")
            .arg(who, signedFixed(*f.deg, 1, style));
    case Code::SplitPointMissing:
        return Say::tr(
            "The two valves are never off their seats together, so there is no split point.");
    default:
        return {};
    }
}

} // namespace words
