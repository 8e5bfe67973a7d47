#include "words/explanation.h"

#include <cmath>

namespace words {

using namespace lobe;

namespace {

QString eventName(Event e) {
    switch (e) {
    case Event::IntakeOpens:
        return QStringLiteral("intake opening");
    case Event::IntakeCloses:
        return QStringLiteral("intake closing");
    case Event::ExhaustOpens:
        return QStringLiteral("exhaust opening");
    case Event::ExhaustCloses:
        break;
    }
    return QStringLiteral("exhaust closing");
}

QString reference(Event e) {
    switch (e) {
    case Event::IntakeOpens:
        return QStringLiteral("BTDC");
    case Event::IntakeCloses:
        return QStringLiteral("ABDC");
    case Event::ExhaustOpens:
        return QStringLiteral("BBDC");
    case Event::ExhaustCloses:
        break;
    }
    return QStringLiteral("ATDC");
}

QString late(double deg, const Style& style) {
    return degrees(std::abs(deg), style) +
           (deg > 0.0 ? QStringLiteral(" late") : QStringLiteral(" early"));
}

QString plusMinus(double value, const Style& style) {
    return QChar(0xB1) + fixed(value, 1, style) + QChar(0xB0);
}

QString shiftOnTop(const Cause& c, const Style& style) {
    if (!c.shift_deg || std::abs(*c.shift_deg) < 0.5) return {};
    return QStringLiteral(" Beside that the cam as a whole is %1.").arg(late(*c.shift_deg, style));
}

QString substitutionText(const Cause& c, const Style& style) {
    if (!c.event || !c.other_deg) return {};
    const QString fits = fromDeadCentre({*c.other_deg}, style);
    switch (c.substitution) {
    case Substitution::OtherSide:
        return QStringLiteral("on the other side of its dead centre, %1, it fits").arg(fits);
    case Substitution::Supplement:
        return QStringLiteral("180 less what was read, %1, fits").arg(fits);
    case Substitution::TenDegrees:
        return QStringLiteral("ten degrees away, %1, it fits").arg(fits);
    case Substitution::OtherEvent:
        return QStringLiteral("it is another event's number of this card; %1 would fit").arg(fits);
    case Substitution::CamDegrees:
        return QStringLiteral("twice what was read, %1, fits: cam degrees for crank").arg(fits);
    case Substitution::None:
        break;
    }
    return {};
}

double worstDifference(const Explanation& x) {
    double worst = 0.0;
    for (const EventAgainstCard& e : x.events)
        worst = std::max(worst, std::abs(e.difference_deg()));
    return worst;
}

} // namespace

QString eventCode(Event e) {
    switch (e) {
    case Event::IntakeOpens:
        return QStringLiteral("IVO");
    case Event::IntakeCloses:
        return QStringLiteral("IVC");
    case Event::ExhaustOpens:
        return QStringLiteral("EVO");
    case Event::ExhaustCloses:
        break;
    }
    return QStringLiteral("EVC");
}

const char* causeCode(CauseKind kind) {
    static constexpr const char* kNames[] = {
        "as_card",   "cam_timing", "indicator_zero", "checking_height", "reference",
        "lash",      "separation", "one_event",      "lobes_swapped",   "cam_degrees",
        "wrong_cam", "twist",      "unclear"};
    return kNames[static_cast<std::size_t>(kind)];
}

const char* substitutionCode(Substitution substitution) {
    static constexpr const char* kNames[] = {"none",        "other_side",  "supplement",
                                             "ten_degrees", "other_event", "cam_degrees"};
    return kNames[static_cast<std::size_t>(substitution)];
}

QString causeSentence(const Cause& c, const Style& style) {
    switch (c.kind) {
    case CauseKind::AsCard:
        return QStringLiteral("The cam is as its card, within what you can measure.");
    case CauseKind::CamTiming:
        return QStringLiteral("The cam is %1 against its card: timing, or the TDC pointer, not "
                              "the cam.")
            .arg(late(*c.deg, style));
    case CauseKind::IndicatorZero: {
        const QString lobe = c.side ? QStringLiteral("on the %1").arg(sideName(*c.side))
                                    : QStringLiteral("on both "
                                                     "lobes");
        return QStringLiteral("The indicator read %1 too %2 %3: its zero, or the height events "
                              "were called at. The centre between the events stays where it is.%4")
            .arg(liftWithUnit(std::abs(*c.mm), style),
                 *c.mm > 0.0 ? QStringLiteral("high") : QStringLiteral("low"), lobe,
                 shiftOnTop(c, style));
    }
    case CauseKind::CheckingHeight:
        return QStringLiteral("Called at %1 the events fit the card: its height is not the one "
                              "that was used.%2")
            .arg(height(*c.mm, style), shiftOnTop(c, style));
    case CauseKind::Reference:
        return QStringLiteral("Called at the other place, valve for tappet or tappet for valve, "
                              "the events fit the card.%1")
            .arg(shiftOnTop(c, style));
    case CauseKind::Lash:
        return *c.mm > 0.0
                   ? QStringLiteral("With %1 of lash left out of the reckoning the events fit the "
                                    "card.%2")
                         .arg(liftWithUnit(*c.mm, style), shiftOnTop(c, style))
                   : QStringLiteral("With %1 more of lash reckoned in the events fit the card.%2")
                         .arg(liftWithUnit(-*c.mm, style), shiftOnTop(c, style));
    case CauseKind::Separation:
        return QStringLiteral("The two lobes stand %1 cam degrees %2 than the card says: "
                              "separation, not timing.%3")
            .arg(fixed(std::abs(*c.deg), 1, style),
                 *c.deg > 0.0 ? QStringLiteral("wider") : QStringLiteral("narrower"),
                 shiftOnTop(c, style));
    case CauseKind::OneEvent: {
        const QString how = substitutionText(c, style);
        return QStringLiteral("The %1 alone is odd, as taken %2%3.%4")
            .arg(eventName(*c.event), fromDeadCentre({*c.deg}, style),
                 how.isEmpty() ? QString() : QStringLiteral("; ") + how, shiftOnTop(c, style));
    }
    case CauseKind::LobesSwapped:
        return QStringLiteral("Intake and exhaust were exchanged: each fits the other's card.");
    case CauseKind::CamDegrees:
        return QStringLiteral("The angles are cam degrees: doubled, they fit the card.");
    case CauseKind::WrongCam: {
        QStringList parts;
        if (c.deg && std::abs(*c.deg) >= 0.5)
            parts << QStringLiteral("intake duration %1°").arg(signedFixed(*c.deg, 1, style));
        if (c.other_deg && std::abs(*c.other_deg) >= 0.5)
            parts << QStringLiteral("exhaust %1°").arg(signedFixed(*c.other_deg, 1, style));
        if (c.mm && std::abs(*c.mm) >= 0.1)
            parts << QStringLiteral("lift %1 %2").arg(signedLift(*c.mm, style), unitName(style));
        return QStringLiteral("This is hardly the cam of that card%1.")
            .arg(parts.isEmpty() ? QString()
                                 : QStringLiteral(": ") + parts.join(QStringLiteral(", ")));
    }
    case CauseKind::Twist:
        return QStringLiteral("Cylinder %1 stands %2 against cylinder 1: a twisted or bent cam, or "
                              "that cylinder's TDC.")
            .arg(c.cylinder)
            .arg(late(*c.deg, style));
    case CauseKind::Unclear:
        break;
    }
    return QStringLiteral("The events do not fit the card, and nothing simple explains how.");
}

QString causeEvidence(const Cause& c, const Explanation& x, const Style& style) {
    switch (c.kind) {
    case CauseKind::AsCard:
        return QStringLiteral(
                   "No event is off by more than %1, and less than %2 does not show on this "
                   "wheel.")
            .arg(degrees(worstDifference(x), style), plusMinus(x.measurable_deg, style));
    case CauseKind::CamTiming:
        return x.events.size() > 2
                   ? QStringLiteral("All events moved alike and no duration changed.")
                   : QStringLiteral("Opening and closing moved alike.");
    case CauseKind::IndicatorZero:
        return QStringLiteral("Opening and closing moved opposite ways, as a change of height "
                              "does at these slopes.");
    case CauseKind::CheckingHeight:
    case CauseKind::Reference:
    case CauseKind::Lash:
        return QStringLiteral("Read off the same curve that way, what is left is within %1.")
            .arg(plusMinus(x.measurable_deg, style));
    case CauseKind::Separation:
        return QStringLiteral("The intake moved %1, the exhaust %2.")
            .arg(late(x.intakeShift_deg.value_or(0.0), style),
                 late(x.exhaustShift_deg.value_or(0.0), style));
    case CauseKind::OneEvent:
        return QStringLiteral("The other events fit without it.");
    case CauseKind::LobesSwapped:
    case CauseKind::CamDegrees:
        return QStringLiteral("Every event fits that way.");
    case CauseKind::WrongCam:
        return QStringLiteral("No shift, zero, height or lash brings it to the card.");
    case CauseKind::Twist:
        return QStringLiteral("Both lobe centres were read the same way on both cylinders.");
    case CauseKind::Unclear:
        break;
    }
    return QStringLiteral("What every simple cause leaves is more than measuring does.");
}

QString causeNext(const Cause& c, bool tdcProved, const Style& style) {
    switch (c.kind) {
    case CauseKind::AsCard:
        return QStringLiteral("Nothing to do.");
    case CauseKind::CamTiming:
        return tdcProved
                   ? QStringLiteral("TDC is proved: %1 the cam by %2 crank degrees.")
                         .arg(*c.deg > 0.0 ? QStringLiteral("advance") : QStringLiteral("retard"),
                              fixed(std::abs(*c.deg), 1, style))
                   : QStringLiteral("Prove TDC first; if it stands, %1 the cam by %2 crank "
                                    "degrees.")
                         .arg(*c.deg > 0.0 ? QStringLiteral("advance") : QStringLiteral("retard"),
                              fixed(std::abs(*c.deg), 1, style));
    case CauseKind::IndicatorZero:
        return QStringLiteral("Set the indicator to zero on the base circle and read both flanks "
                              "again near that height.");
    case CauseKind::CheckingHeight:
        return QStringLiteral("See which height the card means, and set it there.");
    case CauseKind::Reference:
        return QStringLiteral("See whether the card means valve or tappet lift, and set it there.");
    case CauseKind::Lash:
        return QStringLiteral("Check how lash was set when lift was taken, and set it so in the "
                              "conditions.");
    case CauseKind::Separation:
        return QStringLiteral("On one shaft it cannot be set: set by the intake (%1 by %2), or "
                              "split the difference (%3 by %4). Read both runs again before "
                              "blaming the cam.")
            .arg(*c.other_deg > 0.0 ? QStringLiteral("advance") : QStringLiteral("retard"),
                 degrees(std::abs(*c.other_deg), style),
                 c.shift_deg.value_or(0.0) > 0.0 ? QStringLiteral("advance")
                                                 : QStringLiteral("retard"),
                 degrees(std::abs(c.shift_deg.value_or(0.0)), style));
    case CauseKind::OneEvent:
        return QStringLiteral("Read that event again before anything is moved.");
    case CauseKind::LobesSwapped:
        return QStringLiteral("See which lobe the indicator stood on, and record it there.");
    case CauseKind::CamDegrees:
        return QStringLiteral("Read the wheel on the crank, or double the angles.");
    case CauseKind::WrongCam:
        return QStringLiteral("Check the number on the cam against the card, and the ratio and "
                              "lash in the conditions.");
    case CauseKind::Twist:
        return QStringLiteral("Prove TDC for that cylinder, and read its lobes again.");
    case CauseKind::Unclear:
        break;
    }
    return QStringLiteral("Take the events again, each until three agree.");
}

QString paragraph(const Explanation& x, bool tdcProved, const Style& style) {
    if (x.causes.empty()) return {};
    const Cause& first = x.causes.front();
    QString text = causeSentence(first, style) + QLatin1Char(' ') + causeEvidence(first, x, style);
    if (first.kind != CauseKind::AsCard)
        text += QLatin1Char(' ') + causeNext(first, tdcProved, style);
    if (x.causes.size() > 1)
        text += QStringLiteral(" It may also be this: ") + causeSentence(x.causes[1], style);
    for (const CardContradiction& c : x.contradictions)
        text += QLatin1Char(' ') + contradiction(c, style);
    return text;
}

QString causeInShort(const Explanation& x, const Style& style) {
    if (x.causes.empty()) return {};
    const Cause& c = x.causes.front();
    switch (c.kind) {
    case CauseKind::AsCard:
        return QStringLiteral("as the card");
    case CauseKind::CamTiming:
        return QStringLiteral("cam ") + late(*c.deg, style);
    case CauseKind::IndicatorZero:
        return QStringLiteral("indicator zero?");
    case CauseKind::CheckingHeight:
        return QStringLiteral("checking height?");
    case CauseKind::Reference:
        return QStringLiteral("valve or tappet lift?");
    case CauseKind::Lash:
        return QStringLiteral("lash?");
    case CauseKind::Separation:
        return QStringLiteral("separation %1°").arg(signedFixed(*c.deg, 1, style));
    case CauseKind::OneEvent:
        return QStringLiteral("again: ") + eventName(*c.event);
    case CauseKind::LobesSwapped:
        return QStringLiteral("lobes exchanged?");
    case CauseKind::CamDegrees:
        return QStringLiteral("cam degrees?");
    case CauseKind::WrongCam:
        return QStringLiteral("another cam?");
    case CauseKind::Twist:
        return QStringLiteral("twist, cylinder %1").arg(c.cylinder);
    case CauseKind::Unclear:
        break;
    }
    return QStringLiteral("not as the card");
}

QStringList eventLines(const Explanation& x, const Style& style) {
    QStringList lines;
    for (const EventAgainstCard& e : x.events) {
        const double d = e.difference_deg();
        const QString off = std::abs(d) < 0.05 ? QStringLiteral("as card") : late(d, style);
        lines << QStringLiteral("%1 %2 %3, card %4: %5, %6")
                     .arg(eventCode(e.event),
                          fixed(toCard(e.event, {e.measured_deg}).deg, 1, style),
                          reference(e.event), shortest(toCard(e.event, {e.card_deg}).deg, 1, style),
                          off, plusMinus(e.uncertainty_deg, style));
    }
    return lines;
}

QString contradiction(const CardContradiction& c, const Style& style) {
    QString what;
    switch (c.what) {
    case CardDoubt::IntakeDuration:
        what = QStringLiteral("intake duration");
        break;
    case CardDoubt::ExhaustDuration:
        what = QStringLiteral("exhaust duration");
        break;
    case CardDoubt::IntakeCentre:
        what = QStringLiteral("intake centre");
        break;
    case CardDoubt::ExhaustCentre:
        what = QStringLiteral("exhaust centre");
        break;
    case CardDoubt::Separation:
        what = QStringLiteral("separation");
        break;
    case CardDoubt::Advertised:
        return QStringLiteral("The card contradicts itself: its advertised duration, %1, is no "
                              "longer than the one higher up, %2.")
            .arg(degrees(c.printed, style), degrees(c.follows, style));
    }
    return QStringLiteral("The card contradicts itself: it prints %1 %2, but the rest of it makes "
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
        return QStringLiteral("%1: symmetric within %2; the schools should agree.")
            .arg(lobe, plusMinus(std::max(0.2, m.skewUncertainty_deg), style));
    case Symmetry::Asymmetric:
        return QStringLiteral("%1: asymmetric, its middle stands %2 low down against high up; the "
                              "schools differ by nature.")
            .arg(lobe, late(m.skew_deg, style));
    case Symmetry::Noisy:
        break;
    }
    return QStringLiteral("%1: too noisy to call symmetric or not (%2).")
        .arg(lobe, plusMinus(m.skewUncertainty_deg, style));
}

QString smoothingLine(const LobeFigures& f, const Style& style) {
    if (!f.curve || f.eventsOnly) return {};
    if (!f.smoothed)
        return QStringLiteral("%1: the curve goes through every reading.").arg(sideTitle(f.side));
    return QStringLiteral("%1: smoothed, since readings scatter by %2.")
        .arg(sideTitle(f.side), QChar(0xB1) + liftWithUnit(kCoverageFactor * f.scatter_mm, style));
}

} // namespace words
