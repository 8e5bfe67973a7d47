// What may be the cause, on what evidence, and what to do next.
#include "words/explanation_parts.h"

#include "words/say.h"

#include <cmath>

namespace words {

using namespace lobe;

namespace {

QString shiftOnTop(const Cause& c, const Style& style) {
    if (!c.shift_deg || std::abs(*c.shift_deg) < 0.5) return {};
    return Say::tr(" Beside that the cam as a whole is %1.").arg(late(*c.shift_deg, style));
}

QString substitutionText(const Cause& c, const Style& style) {
    if (!c.event || !c.other_deg) return {};
    const QString fits = fromDeadCentre({*c.other_deg}, style);
    switch (c.substitution) {
    case Substitution::OtherSide:
        return Say::tr("on the other side of its dead centre, %1, it fits").arg(fits);
    case Substitution::Supplement:
        return Say::tr("180 less what was read, %1, fits").arg(fits);
    case Substitution::TenDegrees:
        return Say::tr("ten degrees away, %1, it fits").arg(fits);
    case Substitution::OtherEvent:
        return Say::tr("it is another event's number of this card; %1 would fit").arg(fits);
    case Substitution::CamDegrees:
        return Say::tr("twice what was read, %1, fits: cam degrees for crank").arg(fits);
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
        return Say::tr("The intake cam is %1 and the exhaust cam %2 against the card: each "
                       "cam's own timing.")
            .arg(late(*c.deg, style), late(*c.other_deg, style));
    }
    if (c.twoShafts && c.side)
        return *c.side == Side::Exhaust ? Say::tr("The intake stands right; the exhaust cam is %1.")
                                              .arg(late(*c.deg, style))
                                        : Say::tr("The exhaust stands right; the intake cam is %1.")
                                              .arg(late(*c.deg, style));
    const QString pm = halfWidthOf(c.deg)
                           ? QStringLiteral(", ") + plusMinus(*halfWidthOf(c.deg), style)
                           : QString();
    return c.twoShafts
               ? Say::tr("Both cams are %1 against the card, alike%2: the TDC pointer, or "
                         "both cams.")
                     .arg(late(*c.deg, style), pm)
               : Say::tr("The cam is %1 against its card%2: timing, or the TDC pointer, not "
                         "the cam.")
                     .arg(late(*c.deg, style), pm);
}

static QString lengthSentence(const Cause& c, const Style& style) {
    const auto by = [&](double deg) {
        return degrees(std::abs(deg), style) +
               (deg > 0.0 ? Say::tr(" longer") : Say::tr(" shorter"));
    };
    QString what;
    if (c.deg && c.other_deg && std::abs(*c.deg - *c.other_deg) < 0.05)
        what = Say::tr("Both lobes are %1 than printed").arg(by(*c.deg));
    else if (c.deg && c.other_deg)
        what = Say::tr("The intake lobe is %1, the exhaust lobe %2 than printed")
                   .arg(by(*c.deg), by(*c.other_deg));
    else
        what = Say::tr("The %1 lobe is %2 than printed")
                   .arg(sideName(c.side.value_or(Side::Intake)),
                        by(c.deg ? c.deg->value : *c.other_deg));
    return what + (c.shift_deg && std::abs(*c.shift_deg) >= 0.5
                       ? QLatin1Char('.') + shiftOnTop(c, style)
                       : Say::tr(", centres as card."));
}

static QString scaleSentence(const Cause& c, const Style& style) {
    const QString lobe =
        c.side ? Say::tr("All %1 lifts").arg(sideName(*c.side)) : Say::tr("All lifts");
    QStringList how;
    if (std::abs(c.ratio - 1.0) > 0.01)
        how << Say::tr("a rocker ratio like %1 in place of %2")
                   .arg(fixed(c.ratio * *c.factor, 2, style), shortest(c.ratio, 3, style));
    how << Say::tr("an indicator %1 askew").arg(degrees(askew_deg(*c.factor), style, 0));
    if (c.runningSpring && *c.factor < 1.0)
        how << Say::tr("valve gear that gives under the running spring");
    const QString last = how.takeLast();
    return Say::tr("%1 read %2 % too %3, low down and at the nose alike: %4.%5")
        .arg(lobe, fixed(100.0 * std::abs(*c.factor - 1.0), 1, style),
             *c.factor > 1.0 ? Say::tr("high") : Say::tr("low"),
             how.isEmpty() ? last : how.join(QStringLiteral(", ")) + Say::tr(", or ") + last,
             shiftOnTop(c, style));
}

QString causeSentence(const Cause& c, const Style& style) {
    switch (c.kind) {
    case CauseKind::AsCard:
        return Say::tr("The cam is as its card, within what you can measure.");
    case CauseKind::CamTiming:
        return timingSentence(c, style);
    case CauseKind::IndicatorZero: {
        const QString lobe = c.side ? Say::tr("on the %1").arg(sideName(*c.side))
                                    : Say::tr("on both "
                                              "lobes");
        return Say::tr("The indicator read %1 too %2 %3: its zero, or the height events "
                       "were called at. The centre between the events stays where it is.%4")
            .arg(liftWithUnit(std::abs(*c.mm), style),
                 *c.mm > 0.0 ? Say::tr("high") : Say::tr("low"), lobe, shiftOnTop(c, style));
    }
    case CauseKind::CheckingHeight:
        return Say::tr("Called at %1 the events fit the card: its height is not the one "
                       "that was used.%2")
            .arg(height(*c.mm, style), shiftOnTop(c, style));
    case CauseKind::Reference:
        return Say::tr("Called at the other place, valve for tappet or tappet for valve, "
                       "the events fit the card.%1")
            .arg(shiftOnTop(c, style));
    case CauseKind::Lash:
        return Say::tr("With %1 %2 lash than the conditions say%3 the events fit the card.%4")
            .arg(liftWithUnit(std::abs(*c.mm), style),
                 *c.mm > 0.0 ? Say::tr("more") : Say::tr("less"),
                 c.side ? Say::tr(", on the %1,").arg(sideName(*c.side)) : QString(),
                 shiftOnTop(c, style));
    case CauseKind::Separation:
        return Say::tr("The two lobes stand %1 cam degrees %2 than the card says: "
                       "separation, not timing.%3")
            .arg(fixed(std::abs(*c.deg), 1, style),
                 *c.deg > 0.0 ? Say::tr("wider") : Say::tr("narrower"), shiftOnTop(c, style));
    case CauseKind::OneEvent: {
        const QString how = substitutionText(c, style);
        return Say::tr("The %1 alone is odd, as taken %2%3.%4")
            .arg(eventInWords(*c.event), fromDeadCentre({*c.deg}, style),
                 how.isEmpty() ? QString() : QStringLiteral("; ") + how, shiftOnTop(c, style));
    }
    case CauseKind::LobesSwapped:
        return Say::tr("Intake and exhaust were exchanged: each fits the other's card.%1")
            .arg(shiftOnTop(c, style));
    case CauseKind::WheelReversed:
        return Say::tr("The wheel was read against the engine's rotation: turned round, "
                       "every event fits.%1")
            .arg(shiftOnTop(c, style));
    case CauseKind::OtherTop:
        return Say::tr("The angles are counted round firing TDC instead of overlap: 360° "
                       "%1, every event fits.%2")
            .arg(*c.deg > 0.0 ? Say::tr("back") : Say::tr("on"), shiftOnTop(c, style));
    case CauseKind::CamDegrees:
        return Say::tr("The angles are cam degrees: doubled, they fit the card.");
    case CauseKind::LobeLength:
        return lengthSentence(c, style);
    case CauseKind::LiftScale:
        return scaleSentence(c, style);
    case CauseKind::DriveSlack:
        return Say::tr("Both lobes open as they should and close %1 late: slack in the "
                       "drive, or a reading that depends on the way the crank was turned.")
            .arg(degrees(std::abs(*c.deg), style));
    case CauseKind::WrongCam: {
        QStringList parts;
        if (c.deg && std::abs(*c.deg) >= 0.5)
            parts << Say::tr("intake duration %1°").arg(signedFixed(*c.deg, 1, style));
        if (c.other_deg && std::abs(*c.other_deg) >= 0.5)
            parts << Say::tr("exhaust %1°").arg(signedFixed(*c.other_deg, 1, style));
        if (c.mm && std::abs(*c.mm) >= 0.1)
            parts << Say::tr("lift %1 %2").arg(signedLift(*c.mm, style), unitName(style));
        return Say::tr("This is hardly the cam of that card%1.")
            .arg(parts.isEmpty() ? QString()
                                 : QStringLiteral(": ") + parts.join(QStringLiteral(", ")));
    }
    case CauseKind::Twist:
        return Say::tr("Cylinder %1 stands %2 against cylinder 1: a twisted or bent cam, or "
                       "that cylinder's TDC.")
            .arg(c.cylinder)
            .arg(late(*c.deg, style));
    case CauseKind::Unclear:
        break;
    }
    return Say::tr("The events do not fit the card, and nothing simple explains how.");
}

static QString schoolText(CentreSchool school) {
    switch (school) {
    case CentreSchool::EqualDrop:
        return Say::tr("by an equal drop");
    case CentreSchool::Peak:
        return Say::tr("at the nose");
    case CentreSchool::Centroid:
        return Say::tr("as the centroid of lift");
    case CentreSchool::Events:
        break;
    }
    return Say::tr("as the middle of the events");
}

/// What moved alike, of what was measured: both events of a lobe for "opening and closing", of both
/// lobes for "all".
static QString movedAlike(const Cause& c, const Explanation& x) {
    PerSide<int> of;
    for (const EventAgainstCard& e : x.events)
        ++of[sideOf(e.event)];
    const bool in = of.intake == 2, ex = of.exhaust == 2;
    if (x.events.empty())
        return Say::tr("That is by lobe centres: no event of the card was measured beside them.");
    if (!in && !ex)
        return Say::tr(
            "One event of a lobe alone does not tell its timing from its length: take the "
            "other too.");
    if (c.twoShafts && (c.side || c.other_deg))
        return c.other_deg && !(in && ex)
                   ? Say::tr(
                         "On the cam whose opening and closing were both taken they moved alike.")
                   : Say::tr("On each cam opening and closing moved alike and no duration "
                             "changed.");
    if (in && ex) return Say::tr("All events moved alike and no duration changed.");
    return Say::tr("Opening and closing moved alike.");
}

QString causeEvidence(const Cause& c, const Explanation& x, const Style& style) {
    const QString within =
        Say::tr("Reckoned that way, what is left is within what you can measure.");
    switch (c.kind) {
    case CauseKind::AsCard: {
        if (x.school)
            return Say::tr("The lobes are not symmetric, and the card means its centre %1.")
                .arg(schoolText(*x.school));
        if (worstDifference(x) == 0.0)
            return Say::tr("What the card states, durations and centres, is what was "
                           "measured; less than %1 does not show on this wheel.")
                .arg(plusMinus(x.measurable_deg, style));
        return Say::tr("No event is off by more than %1, and less than %2 does not show on "
                       "this wheel.")
            .arg(degrees(worstDifference(x), style), plusMinus(x.measurable_deg, style));
    }
    case CauseKind::CamTiming:
        return movedAlike(c, x);
    case CauseKind::IndicatorZero:
        return x.baseTrue ? Say::tr("Opening and closing moved opposite ways.")
                          : Say::tr("Opening and closing moved opposite ways, as a change "
                                    "of height does at these slopes.");
    case CauseKind::CheckingHeight:
    case CauseKind::Reference:
    case CauseKind::Lash:
        return x.baseTrue ? Say::tr("The base circle reads zero, so it is not the "
                                    "indicator's zero. ") +
                                within
                          : within;
    case CauseKind::LobeLength:
        return x.baseTrue ? Say::tr("The base circle reads zero and the middle of the events "
                                    "is where the card has it.")
                          : Say::tr("The middle of the events is where the card has it.");
    case CauseKind::LiftScale:
        return Say::tr("Greatest lift and events are off by one and the same factor.");
    case CauseKind::DriveSlack:
        return Say::tr("The openings are as the card on both lobes, the closings late "
                       "alike.");
    case CauseKind::Separation:
        return Say::tr("The intake moved %1, the exhaust %2.")
            .arg(late(x.intakeShift_deg.value_or(0.0), style),
                 late(x.exhaustShift_deg.value_or(0.0), style));
    case CauseKind::OneEvent:
        return Say::tr("The other events fit without it.");
    case CauseKind::LobesSwapped:
    case CauseKind::CamDegrees:
    case CauseKind::WheelReversed:
    case CauseKind::OtherTop:
        return Say::tr("Every event fits that way, and none as it was recorded.");
    case CauseKind::WrongCam:
        return Say::tr("No shift, zero, height, factor or lash brings it to the card.");
    case CauseKind::Twist:
        return Say::tr("Both lobe centres were read the same way on both cylinders.");
    case CauseKind::Unclear:
        break;
    }
    return Say::tr("What every simple cause leaves is more than measuring does.");
}

static QString moveText(double late_deg, const Style& style) {
    return (late_deg > 0.0 ? Say::tr("advance", "verb") : Say::tr("retard", "verb")) +
           Say::tr(" %1 by %2 crank degrees")
               .arg(QStringLiteral("%1"), fixed(std::abs(late_deg), 1, style));
}

static QString timingNext(const Cause& c, bool tdcProved, const Style& style) {
    const QString prove = tdcProved ? Say::tr("TDC is proved: ")
                                    : Say::tr("Prove TDC first; if it "
                                              "stands, ");
    if (c.twoShafts && c.other_deg)
        return prove + moveText(*c.deg, style).arg(Say::tr("the intake cam")) + Say::tr(" and ") +
               moveText(*c.other_deg, style).arg(Say::tr("the exhaust cam")) + QLatin1Char('.');
    if (c.twoShafts && c.side)
        // The other cam stands right on the same wheel: it is not the pointer.
        return Say::tr("The other cam proves the pointer: ") +
               moveText(*c.deg, style).arg(Say::tr("the %1 cam").arg(sideName(*c.side))) +
               (*c.side == Side::Exhaust
                    ? Say::tr(". That moves exhaust opening, overlap and how near the "
                              "exhaust valve comes to the piston.")
                    : QStringLiteral("."));
    if (c.twoShafts)
        return prove + Say::tr("move each cam: both want to come %1 by %2.")
                           .arg(*c.deg > 0.0 ? Say::tr("earlier") : Say::tr("later"),
                                degrees(std::abs(*c.deg), style));
    return prove + moveText(*c.deg, style).arg(Say::tr("the cam")) + QLatin1Char('.');
}

/// Whether it is a tooth of this drive, in crank and cam degrees.
static QString toothText(const Cause& c, const Style& style) {
    if (!c.teeth) return {};
    const QString one =
        Say::tr("%1 crank, %2 cam degrees")
            .arg(shortest(c.tooth_deg, 1, style), shortest(c.tooth_deg / 2.0, 1, style));
    if (*c.teeth == 0) return Say::tr(" It is no whole tooth of this drive (one is %1).").arg(one);
    return std::abs(*c.teeth) == 1 ? Say::tr(" That is one tooth of this drive (%1).").arg(one)
                                   : Say::tr(" That is %n teeth of this drive (one is %1).",
                                             nullptr, std::abs(*c.teeth))
                                         .arg(one);
}

QString causeNext(const Cause& c, bool tdcProved, const Style& style) {
    switch (c.kind) {
    case CauseKind::AsCard:
        return Say::tr("Nothing to do.");
    case CauseKind::CamTiming:
        return timingNext(c, tdcProved, style) + toothText(c, style);
    case CauseKind::IndicatorZero:
        return Say::tr("Set the indicator to zero on the base circle and read both flanks "
                       "again near that height.");
    case CauseKind::CheckingHeight:
        return Say::tr("See which height the card means, and set it there.");
    case CauseKind::Reference:
        return Say::tr("See whether the card means valve or tappet lift, and set it there.");
    case CauseKind::Lash:
        return Say::tr("Check how lash was set when lift was taken, and set it so in the "
                       "conditions.");
    case CauseKind::LobeLength:
        return c.expect ? Say::tr("Keep the centre; the %1 to expect is then %2 %3.")
                              .arg(eventInWords(*c.expect), fixed(*c.expect_deg, 1, style),
                                   reference(*c.expect))
                        : Say::tr("Keep the centre.");
    case CauseKind::LiftScale:
        return Say::tr("Measure the ratio from two lifts at one angle, and see that the "
                       "indicator stands in line with the part it follows.");
    case CauseKind::DriveSlack:
        return Say::tr("Read both closings again coming up the same way, with the chain or "
                       "belt loaded on the same side.");
    case CauseKind::Separation:
        return Say::tr("On one shaft it cannot be set: set by the intake (%1 by %2), or "
                       "split the difference (%3 by %4). Read both runs again before "
                       "blaming the cam.")
            .arg(*c.other_deg > 0.0 ? Say::tr("advance", "verb") : Say::tr("retard", "verb"),
                 degrees(std::abs(*c.other_deg), style),
                 c.shift_deg.value_or(0.0) > 0.0 ? Say::tr("advance", "verb")
                                                 : Say::tr("retard", "verb"),
                 degrees(std::abs(c.shift_deg.value_or(0.0)), style));
    case CauseKind::OneEvent:
        return Say::tr("Read that event again before anything is moved.");
    case CauseKind::LobesSwapped:
        return Say::tr("See which lobe the indicator stood on, and record it there. Move "
                       "nothing before.");
    case CauseKind::WheelReversed:
        return Say::tr("See which way the wheel's numbers run as the engine turns, and set "
                       "its scale so. Move nothing before.");
    case CauseKind::OtherTop:
        return Say::tr("Say at TDC which top the wheel's zero is. Move nothing before.");
    case CauseKind::CamDegrees:
        return Say::tr("Read the wheel on the crank, or double the angles. Move nothing "
                       "before.");
    case CauseKind::WrongCam:
        return Say::tr("Check the number on the cam against the card, and the ratio and "
                       "lash in the conditions.");
    case CauseKind::Twist:
        return Say::tr("Prove TDC for that cylinder, and read its lobes again.");
    case CauseKind::Unclear:
        break;
    }
    return Say::tr("Take the events again, each until three agree.");
}

} // namespace words
