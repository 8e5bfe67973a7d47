// What may be the cause, on what evidence, and what to do next.
#include "words/explanation_parts.h"

#include <cmath>

namespace words {

using namespace lobe;

namespace {

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
        if (!e.derived) worst = std::max(worst, std::abs(e.difference_deg()));
    return worst;
}

} // namespace

/// The angle at which an indicator that follows a point on the part shows less by a factor, and one
/// on a flat face more: cos, or 1 / cos.
static double askew_deg(double factor) {
    return std::acos(std::min(factor, 1.0 / factor)) * 180.0 / 3.14159265358979;
}

static QString timingSentence(const Cause& c, const Style& style) {
    if (c.twoShafts && c.other_deg) {
        return QStringLiteral("The intake cam is %1 and the exhaust cam %2 against the card: each "
                              "cam's own timing.")
            .arg(late(*c.deg, style), late(*c.other_deg, style));
    }
    if (c.twoShafts && c.side)
        return *c.side == Side::Exhaust
                   ? QStringLiteral("The intake stands right; the exhaust cam is %1.")
                         .arg(late(*c.deg, style))
                   : QStringLiteral("The exhaust stands right; the intake cam is %1.")
                         .arg(late(*c.deg, style));
    const QString pm =
        c.uncertainty_deg ? QStringLiteral(", ") + plusMinus(*c.uncertainty_deg, style) : QString();
    return c.twoShafts
               ? QStringLiteral("Both cams are %1 against the card, alike%2: the TDC pointer, or "
                                "both cams.")
                     .arg(late(*c.deg, style), pm)
               : QStringLiteral("The cam is %1 against its card%2: timing, or the TDC pointer, not "
                                "the cam.")
                     .arg(late(*c.deg, style), pm);
}

static QString lengthSentence(const Cause& c, const Style& style) {
    const auto by = [&](double deg) {
        return degrees(std::abs(deg), style) +
               (deg > 0.0 ? QStringLiteral(" longer") : QStringLiteral(" shorter"));
    };
    QString what;
    if (c.deg && c.other_deg && std::abs(*c.deg - *c.other_deg) < 0.05)
        what = QStringLiteral("Both lobes are %1 than printed").arg(by(*c.deg));
    else if (c.deg && c.other_deg)
        what = QStringLiteral("The intake lobe is %1, the exhaust lobe %2 than printed")
                   .arg(by(*c.deg), by(*c.other_deg));
    else
        what = QStringLiteral("The %1 lobe is %2 than printed")
                   .arg(sideName(c.side.value_or(Side::Intake)), by(c.deg ? *c.deg : *c.other_deg));
    return what + (c.shift_deg && std::abs(*c.shift_deg) >= 0.5
                       ? QLatin1Char('.') + shiftOnTop(c, style)
                       : QStringLiteral(", centres as card."));
}

static QString scaleSentence(const Cause& c, const Style& style) {
    const QString lobe = c.side ? QStringLiteral("All %1 lifts").arg(sideName(*c.side))
                                : QStringLiteral("All lifts");
    QStringList how;
    if (std::abs(c.ratio - 1.0) > 0.01)
        how << QStringLiteral("a rocker ratio like %1 in place of %2")
                   .arg(fixed(c.ratio * *c.factor, 2, style), shortest(c.ratio, 3, style));
    how << QStringLiteral("an indicator %1 askew").arg(degrees(askew_deg(*c.factor), style, 0));
    if (c.runningSpring && *c.factor < 1.0)
        how << QStringLiteral("valve gear that gives under the running spring");
    const QString last = how.takeLast();
    return QStringLiteral("%1 read %2 % too %3, low down and at the nose alike: %4.%5")
        .arg(lobe, fixed(100.0 * std::abs(*c.factor - 1.0), 1, style),
             *c.factor > 1.0 ? QStringLiteral("high") : QStringLiteral("low"),
             how.isEmpty() ? last : how.join(QStringLiteral(", ")) + QStringLiteral(", or ") + last,
             shiftOnTop(c, style));
}

QString causeSentence(const Cause& c, const Style& style) {
    switch (c.kind) {
    case CauseKind::AsCard:
        return QStringLiteral("The cam is as its card, within what you can measure.");
    case CauseKind::CamTiming:
        return timingSentence(c, style);
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
        return QStringLiteral(
                   "With %1 %2 lash than the conditions say%3 the events fit the card.%4")
            .arg(liftWithUnit(std::abs(*c.mm), style),
                 *c.mm > 0.0 ? QStringLiteral("more") : QStringLiteral("less"),
                 c.side ? QStringLiteral(", on the %1,").arg(sideName(*c.side)) : QString(),
                 shiftOnTop(c, style));
    case CauseKind::Separation:
        return QStringLiteral("The two lobes stand %1 cam degrees %2 than the card says: "
                              "separation, not timing.%3")
            .arg(fixed(std::abs(*c.deg), 1, style),
                 *c.deg > 0.0 ? QStringLiteral("wider") : QStringLiteral("narrower"),
                 shiftOnTop(c, style));
    case CauseKind::OneEvent: {
        const QString how = substitutionText(c, style);
        return QStringLiteral("The %1 alone is odd, as taken %2%3.%4")
            .arg(eventInWords(*c.event), fromDeadCentre({*c.deg}, style),
                 how.isEmpty() ? QString() : QStringLiteral("; ") + how, shiftOnTop(c, style));
    }
    case CauseKind::LobesSwapped:
        return QStringLiteral("Intake and exhaust were exchanged: each fits the other's card.%1")
            .arg(shiftOnTop(c, style));
    case CauseKind::WheelReversed:
        return QStringLiteral("The wheel was read against the engine's rotation: turned round, "
                              "every event fits.%1")
            .arg(shiftOnTop(c, style));
    case CauseKind::OtherTop:
        return QStringLiteral("The angles are counted round firing TDC instead of overlap: 360° "
                              "%1, every event fits.%2")
            .arg(*c.deg > 0.0 ? QStringLiteral("back") : QStringLiteral("on"),
                 shiftOnTop(c, style));
    case CauseKind::CamDegrees:
        return QStringLiteral("The angles are cam degrees: doubled, they fit the card.");
    case CauseKind::LobeLength:
        return lengthSentence(c, style);
    case CauseKind::LiftScale:
        return scaleSentence(c, style);
    case CauseKind::DriveSlack:
        return QStringLiteral("Both lobes open as they should and close %1 late: slack in the "
                              "drive, or a reading that depends on the way the crank was turned.")
            .arg(degrees(std::abs(*c.deg), style));
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

static QString schoolText(CentreSchool school) {
    switch (school) {
    case CentreSchool::EqualDrop:
        return QStringLiteral("by an equal drop");
    case CentreSchool::Peak:
        return QStringLiteral("at the nose");
    case CentreSchool::Centroid:
        return QStringLiteral("as the centroid of lift");
    case CentreSchool::Events:
        break;
    }
    return QStringLiteral("as the middle of the events");
}

QString causeEvidence(const Cause& c, const Explanation& x, const Style& style) {
    const QString within =
        QStringLiteral("Reckoned that way, what is left is within what you can measure.");
    switch (c.kind) {
    case CauseKind::AsCard: {
        if (x.school)
            return QStringLiteral("The lobes are not symmetric, and the card means its centre %1.")
                .arg(schoolText(*x.school));
        if (worstDifference(x) == 0.0)
            return QStringLiteral("What the card states, durations and centres, is what was "
                                  "measured; less than %1 does not show on this wheel.")
                .arg(plusMinus(x.measurable_deg, style));
        return QStringLiteral("No event is off by more than %1, and less than %2 does not show on "
                              "this wheel.")
            .arg(degrees(worstDifference(x), style), plusMinus(x.measurable_deg, style));
    }
    case CauseKind::CamTiming:
        if (c.twoShafts && (c.side || c.other_deg))
            return QStringLiteral("On each cam opening and closing moved alike and no duration "
                                  "changed.");
        return x.events.size() > 2
                   ? QStringLiteral("All events moved alike and no duration changed.")
                   : QStringLiteral("Opening and closing moved alike.");
    case CauseKind::IndicatorZero:
        return x.baseTrue ? QStringLiteral("Opening and closing moved opposite ways.")
                          : QStringLiteral("Opening and closing moved opposite ways, as a change "
                                           "of height does at these slopes.");
    case CauseKind::CheckingHeight:
    case CauseKind::Reference:
    case CauseKind::Lash:
        return x.baseTrue ? QStringLiteral("The base circle reads zero, so it is not the "
                                           "indicator's zero. ") +
                                within
                          : within;
    case CauseKind::LobeLength:
        return x.baseTrue
                   ? QStringLiteral("The base circle reads zero and the middle of the events "
                                    "is where the card has it.")
                   : QStringLiteral("The middle of the events is where the card has it.");
    case CauseKind::LiftScale:
        return QStringLiteral("Greatest lift and events are off by one and the same factor.");
    case CauseKind::DriveSlack:
        return QStringLiteral("The openings are as the card on both lobes, the closings late "
                              "alike.");
    case CauseKind::Separation:
        return QStringLiteral("The intake moved %1, the exhaust %2.")
            .arg(late(x.intakeShift_deg.value_or(0.0), style),
                 late(x.exhaustShift_deg.value_or(0.0), style));
    case CauseKind::OneEvent:
        return QStringLiteral("The other events fit without it.");
    case CauseKind::LobesSwapped:
    case CauseKind::CamDegrees:
    case CauseKind::WheelReversed:
    case CauseKind::OtherTop:
        return QStringLiteral("Every event fits that way, and none as it was recorded.");
    case CauseKind::WrongCam:
        return QStringLiteral("No shift, zero, height, factor or lash brings it to the card.");
    case CauseKind::Twist:
        return QStringLiteral("Both lobe centres were read the same way on both cylinders.");
    case CauseKind::Unclear:
        break;
    }
    return QStringLiteral("What every simple cause leaves is more than measuring does.");
}

static QString moveText(double late_deg, const Style& style) {
    return (late_deg > 0.0 ? QStringLiteral("advance") : QStringLiteral("retard")) +
           QStringLiteral(" %1 by %2 crank degrees")
               .arg(QStringLiteral("%1"), fixed(std::abs(late_deg), 1, style));
}

static QString timingNext(const Cause& c, bool tdcProved, const Style& style) {
    const QString prove = tdcProved ? QStringLiteral("TDC is proved: ")
                                    : QStringLiteral("Prove TDC first; if it "
                                                     "stands, ");
    if (c.twoShafts && c.other_deg)
        return prove + moveText(*c.deg, style).arg(QStringLiteral("the intake cam")) +
               QStringLiteral(" and ") +
               moveText(*c.other_deg, style).arg(QStringLiteral("the exhaust cam")) +
               QLatin1Char('.');
    if (c.twoShafts && c.side)
        // The other cam stands right on the same wheel: it is not the pointer.
        return QStringLiteral("The other cam proves the pointer: ") +
               moveText(*c.deg, style).arg(QStringLiteral("the %1 cam").arg(sideName(*c.side))) +
               (*c.side == Side::Exhaust
                    ? QStringLiteral(". That moves exhaust opening, overlap and how near the "
                                     "exhaust valve comes to the piston.")
                    : QStringLiteral("."));
    if (c.twoShafts)
        return prove + QStringLiteral("move each cam: both want to come %1 by %2.")
                           .arg(*c.deg > 0.0 ? QStringLiteral("earlier") : QStringLiteral("later"),
                                degrees(std::abs(*c.deg), style));
    return prove + moveText(*c.deg, style).arg(QStringLiteral("the cam")) + QLatin1Char('.');
}

/// Whether it is a tooth of this drive, in crank and cam degrees.
static QString toothText(const Cause& c, const Style& style) {
    if (!c.teeth) return {};
    const QString one =
        QStringLiteral("%1 crank, %2 cam degrees")
            .arg(shortest(c.tooth_deg, 1, style), shortest(c.tooth_deg / 2.0, 1, style));
    if (*c.teeth == 0)
        return QStringLiteral(" It is no whole tooth of this drive (one is %1).").arg(one);
    return std::abs(*c.teeth) == 1
               ? QStringLiteral(" That is one tooth of this drive (%1).").arg(one)
               : QStringLiteral(" That is %1 teeth of this drive (one is %2).")
                     .arg(std::abs(*c.teeth))
                     .arg(one);
}

QString causeNext(const Cause& c, bool tdcProved, const Style& style) {
    switch (c.kind) {
    case CauseKind::AsCard:
        return QStringLiteral("Nothing to do.");
    case CauseKind::CamTiming:
        return timingNext(c, tdcProved, style) + toothText(c, style);
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
    case CauseKind::LobeLength:
        return c.expect ? QStringLiteral("Keep the centre; the %1 to expect is then %2 %3.")
                              .arg(eventInWords(*c.expect), fixed(*c.expect_deg, 1, style),
                                   reference(*c.expect))
                        : QStringLiteral("Keep the centre.");
    case CauseKind::LiftScale:
        return QStringLiteral("Measure the ratio from two lifts at one angle, and see that the "
                              "indicator stands in line with the part it follows.");
    case CauseKind::DriveSlack:
        return QStringLiteral("Read both closings again coming up the same way, with the chain or "
                              "belt loaded on the same side.");
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
        return QStringLiteral("See which lobe the indicator stood on, and record it there. Move "
                              "nothing before.");
    case CauseKind::WheelReversed:
        return QStringLiteral("See which way the wheel's numbers run as the engine turns, and set "
                              "its scale so. Move nothing before.");
    case CauseKind::OtherTop:
        return QStringLiteral("Say at TDC which top the wheel's zero is. Move nothing before.");
    case CauseKind::CamDegrees:
        return QStringLiteral("Read the wheel on the crank, or double the angles. Move nothing "
                              "before.");
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

} // namespace words
