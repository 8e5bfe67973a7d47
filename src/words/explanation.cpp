#include "words/explanation_parts.h"

#include "words/say.h"

#include <cmath>

namespace words {

using namespace lobe;

QString eventInWords(Event e) {
    switch (e) {
    case Event::IntakeOpens:
        return Say::tr("intake opening");
    case Event::IntakeCloses:
        return Say::tr("intake closing");
    case Event::ExhaustOpens:
        return Say::tr("exhaust opening");
    case Event::ExhaustCloses:
        break;
    }
    return Say::tr("exhaust closing");
}

QString reference(Event e) {
    switch (e) {
    case Event::IntakeOpens:
        return Say::tr("BTDC");
    case Event::IntakeCloses:
        return Say::tr("ABDC");
    case Event::ExhaustOpens:
        return Say::tr("BBDC");
    case Event::ExhaustCloses:
        break;
    }
    return Say::tr("ATDC");
}

QString late(double deg, const Style& style) {
    return degrees(std::abs(deg), style) + (deg > 0.0 ? Say::tr(" late") : Say::tr(" early"));
}

QString plusMinus(double value, const Style& style) {
    return QChar(0xB1) + fixed(value, 1, style) + QChar(0xB0);
}

QString eventCode(Event e) {
    switch (e) {
    case Event::IntakeOpens:
        return Say::tr("IVO");
    case Event::IntakeCloses:
        return Say::tr("IVC");
    case Event::ExhaustOpens:
        return Say::tr("EVO");
    case Event::ExhaustCloses:
        break;
    }
    return Say::tr("EVC");
}

const char* causeCode(CauseKind kind) {
    static constexpr const char* kNames[] = {
        "as_card",     "cam_timing",     "indicator_zero", "checking_height", "reference",
        "lash",        "separation",     "one_event",      "lobes_swapped",   "cam_degrees",
        "wrong_cam",   "twist",          "unclear",        "lobe_length",     "lift_scale",
        "drive_slack", "wheel_reversed", "other_top"};
    return kNames[static_cast<std::size_t>(kind)];
}

const char* substitutionCode(Substitution substitution) {
    static constexpr const char* kNames[] = {"none",        "other_side",  "supplement",
                                             "ten_degrees", "other_event", "cam_degrees"};
    return kNames[static_cast<std::size_t>(substitution)];
}

/// The reading that would tell two causes apart.
static QString toTell(const Cause& a, const Cause& b) {
    const auto either = [&](CauseKind kind) { return a.kind == kind || b.kind == kind; };
    if (either(CauseKind::OneEvent))
        return Say::tr("Reading that event once more, coming up forwards, tells.");
    if (either(CauseKind::LiftScale))
        return Say::tr("The greatest lift, and the ratio of two lifts at one angle, tell.");
    if (either(CauseKind::IndicatorZero))
        return Say::tr("What the indicator reads well on the base circle tells.");
    if (either(CauseKind::Lash)) return Say::tr("The same event with the lash taken out tells.");
    if (either(CauseKind::DriveSlack))
        return Say::tr("Both closings again, coming up the same way, tell.");
    if (either(CauseKind::CheckingHeight) || either(CauseKind::Reference))
        return Say::tr("The events at a second height tell.");
    if (either(CauseKind::WheelReversed) || either(CauseKind::LobesSwapped))
        return Say::tr("One look at which valve moves, as the crank is turned on, tells.");
    return Say::tr("Proving TDC once more, and the events again, tell.");
}

QString paragraph(const Explanation& x, bool tdcProved, const Style& style) {
    if (x.causes.empty()) return {};
    const Cause& first = x.causes.front();
    QString text = causeSentence(first, style) + QLatin1Char(' ') + causeEvidence(first, x, style);
    if (first.kind != CauseKind::AsCard)
        text += QLatin1Char(' ') + causeNext(first, tdcProved, style);
    if (x.causes.size() > 1)
        text += Say::tr(" It may also be this: ") + causeSentence(x.causes[1], style) +
                QLatin1Char(' ') + toTell(first, x.causes[1]);
    for (const CardContradiction& c : x.contradictions)
        text += QLatin1Char(' ') + contradiction(c, style);
    return text;
}

QString causeInShort(const Explanation& x, const Style& style) {
    if (x.causes.empty()) return {};
    const Cause& c = x.causes.front();
    switch (c.kind) {
    case CauseKind::AsCard:
        return Say::tr("as the card");
    case CauseKind::CamTiming:
        if (c.twoShafts && c.side)
            return sideName(*c.side) + QLatin1Char(' ') + late(*c.deg, style);
        if (c.twoShafts && c.other_deg)
            return Say::tr("in %1, ex %2").arg(late(*c.deg, style), late(*c.other_deg, style));
        return Say::tr("cam ") + late(*c.deg, style);
    case CauseKind::IndicatorZero:
        return Say::tr("indicator zero?");
    case CauseKind::CheckingHeight:
        return Say::tr("checking height?");
    case CauseKind::Reference:
        return Say::tr("valve or tappet lift?");
    case CauseKind::Lash:
        return Say::tr("lash?");
    case CauseKind::Separation:
        return Say::tr("separation %1°").arg(signedFixed(*c.deg, 1, style));
    case CauseKind::OneEvent:
        return Say::tr("again: ") + eventInWords(*c.event);
    case CauseKind::LobesSwapped:
        return Say::tr("lobes exchanged?");
    case CauseKind::CamDegrees:
        return Say::tr("cam degrees?");
    case CauseKind::WheelReversed:
        return Say::tr("wheel reversed?");
    case CauseKind::OtherTop:
        return Say::tr("the other top?");
    case CauseKind::LobeLength:
        return Say::tr("lobe length");
    case CauseKind::LiftScale:
        return Say::tr("ratio or askew?");
    case CauseKind::DriveSlack:
        return Say::tr("slack?");
    case CauseKind::WrongCam:
        return Say::tr("another cam?");
    case CauseKind::Twist:
        return Say::tr("twist, cylinder %1").arg(c.cylinder);
    case CauseKind::Unclear:
        break;
    }
    return Say::tr("not as the card");
}

QStringList eventLines(const Explanation& x, const Style& style) {
    QStringList lines;
    for (const EventAgainstCard& e : x.events) {
        const double d = e.difference_deg();
        const QString off = std::abs(d) < 0.05 ? Say::tr("as card") : late(d, style);
        lines << Say::tr("%1 %2 %3, card %4: %5, %6")
                     .arg(eventCode(e.event),
                          fixed(toCard(e.event, {e.measured_deg}).deg, 1, style),
                          reference(e.event), shortest(toCard(e.event, {e.card_deg}).deg, 1, style),
                          e.derived ? Say::tr("derived, not judged") : off,
                          plusMinus(e.uncertainty_deg, style));
    }
    for (const LiftAgainstCard& l : x.lifts)
        lines << Say::tr("%1 greatest lift %2, card %3%4: %5 %6, ±%7")
                     .arg(sideTitle(l.side), lift(l.measured_mm, style), lift(l.card_mm, style),
                          std::abs(l.gross_mm - l.card_mm) > 0.005
                              ? Say::tr(" (%1 before lash)").arg(lift(l.gross_mm, style))
                              : QString(),
                          signedLift(l.difference_mm(), style), unitName(style),
                          lift(l.uncertainty_mm, style));
    return lines;
}

QString contradiction(const CardContradiction& c, const Style& style) {
    QString what;
    switch (c.what) {
    case CardConflict::IntakeDuration:
        what = Say::tr("intake duration");
        break;
    case CardConflict::ExhaustDuration:
        what = Say::tr("exhaust duration");
        break;
    case CardConflict::IntakeCentre:
        what = Say::tr("intake centre");
        break;
    case CardConflict::ExhaustCentre:
        what = Say::tr("exhaust centre");
        break;
    case CardConflict::Separation:
        what = Say::tr("separation");
        break;
    case CardConflict::Advertised:
        return Say::tr("The card contradicts itself: its advertised duration, %1, is no "
                       "longer than the one higher up, %2.")
            .arg(degrees(c.printed, style), degrees(c.follows, style));
    }
    if (c.half)
        return Say::tr("%1 is half the duration, not the %2: less the opening it is "
                       "%3.")
            .arg(degrees(c.printed, style), what, degrees(c.follows, style));
    return Say::tr("The card contradicts itself: it prints %1 %2, but the rest of it makes "
                   "%3.")
        .arg(what, degrees(c.printed, style), degrees(c.follows, style));
}

QString symmetrySentence(const LobeFigures& f, const Style& style) {
    const MidpointLine& m = f.midpoints;
    const QString lobe = sideTitle(f.side);
    switch (m.symmetry) {
    case Symmetry::NotKnown:
        return {};
    case Symmetry::Symmetric:
        return Say::tr("%1: symmetric within %2; the schools should agree.")
            .arg(lobe, plusMinus(std::max(0.2, *m.skew_deg.plusMinus), style));
    case Symmetry::Asymmetric:
        return Say::tr("%1: asymmetric, its middle stands %2 low down against high up; the "
                       "schools differ by nature.")
            .arg(lobe, late(m.skew_deg, style));
    case Symmetry::Noisy:
        break;
    }
    return Say::tr("%1: too noisy to call symmetric or not (%2).")
        .arg(lobe, plusMinus(*m.skew_deg.plusMinus, style));
}

QString smoothingLine(const LobeFigures& f, const Style& style) {
    if (!f.curve || f.eventsOnly) return {};
    if (!f.smoothed)
        return Say::tr("%1: the curve goes through every reading.").arg(sideTitle(f.side));
    return Say::tr("%1: smoothed, since readings scatter by %2.")
        .arg(sideTitle(f.side), QChar(0xB1) + liftWithUnit(kCoverageFactor * f.scatter_mm, style));
}

} // namespace words
