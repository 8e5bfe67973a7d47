#include "words/clearance.h"

#include "words/say.h"
#include "words/sentences.h"
#include "words/setting.h"
#include "words/springs.h"

#include <algorithm>
#include <cmath>

namespace words {

using namespace lobe;

namespace {

QString signedClearance(double mm, const Style& style) {
    return (style.inches() ? signedFixed(mm / kMmPerInch, 3, style) : signedFixed(mm, 2, style)) +
           QLatin1Char(' ') + unitName(style);
}

} // namespace

QString clearanceNumber(double mm, const Style& style) {
    return style.inches() ? fixed(mm / kMmPerInch, 3, style) : fixed(mm, 2, style);
}

QString clearance(double mm, const Style& style) {
    return clearanceNumber(mm, style) + QLatin1Char(' ') + unitName(style);
}

QString clearance(const Measured<double>& mm, const Style& style) {
    if (!mm.plusMinus) return clearance(mm.value, style);
    return QStringLiteral("%1 %2%3 %4")
        .arg(clearanceNumber(mm, style), QString(QChar(0xB1)),
             clearanceNumber(std::max(0.01, *mm.plusMinus), style), unitName(style));
}

QString methodName(ClearanceMethod method) {
    switch (method) {
    case ClearanceMethod::Map:
        return Say::tr("map");
    case ClearanceMethod::SingleAngle:
        return Say::tr("one angle");
    case ClearanceMethod::Tightest:
        return Say::tr("tightest point");
    case ClearanceMethod::Clay:
        break;
    }
    return Say::tr("clay");
}

QString pressedAtName(PressedAt at) {
    return at == PressedAt::Rocker ? Say::tr("rocker") : Say::tr("retainer");
}

QString lashSetName(LashSet set) {
    return set == LashSet::Zero    ? Say::tr("none")
           : set == LashSet::AsRun ? Say::tr("as run")
                                   : Say::tr("not said");
}

QString correctionLine(const Correction& c, const Style& style) {
    QString name;
    switch (c.kind) {
    case CorrectionKind::Gasket:
        name = Say::tr("gasket left out");
        break;
    case CorrectionKind::Spring:
        name = Say::tr("lift lost to the running spring");
        break;
    case CorrectionKind::Lash:
        name = Say::tr("lash");
        break;
    case CorrectionKind::Slack:
        name = Say::tr("slack of the follower");
        break;
    case CorrectionKind::Spacer:
        name = Say::tr("spacer");
        break;
    case CorrectionKind::Askew:
        name = Say::tr("pressed askew");
        break;
    }
    const QString amount = c.kind == CorrectionKind::Askew
                               ? QString(QChar(0xD7)) + fixed(c.share, 3, style)
                               : signedClearance(c.mm, style);
    const QString line = name + QLatin1Char(' ') + amount;
    return c.on ? line : QStringLiteral("(%1)").arg(line);
}

namespace {

QString claimedAt(const std::optional<double>& deg, const Style& style) {
    return deg ? Say::tr(", at %1").arg(fromDeadCentre({*deg}, style)) : QString();
}

/// What is missing for a verdict.
QString needSaid(const ClearanceClaim& c, const Style& style) {
    switch (c.needs) {
    case ClearanceNeed::Nothing:
        break;
    case ClearanceNeed::Presses:
        return Say::tr("Nothing is pressed at the %1 valve yet.").arg(sideName(c.side));
    case ClearanceNeed::Again:
        return Say::tr("What was taken of the %1 valve does not stand any more: press it again.")
            .arg(sideName(c.side));
    case ClearanceNeed::Beyond:
        return Say::tr(
            "Where the valve has least room is not known yet: take the angles beside it.");
    case ClearanceNeed::Lobe:
        return Say::tr(
            "What is left when the cam moves as it runs is not known: that takes a map of "
            "presses and this lobe's lift.");
    case ClearanceNeed::Sharper:
        return Say::tr("That is known within %1, which reaches under your limit of %2: press more "
                       "angles about the least.")
            .arg(clearance(c.worst_mm()->plusMinus.value_or(0.0), style),
                 clearance(c.limit_mm, style));
    }
    return {};
}

/// The figure against the limit: too little, or room to spare.
QString marginSaid(double least_mm, double limit_mm, bool sure, const Style& style) {
    const double margin = least_mm - limit_mm;
    if (margin < 0.0)
        return Say::tr("%1 under your limit of %2.")
            .arg(clearance(-margin, style), clearance(limit_mm, style));
    return (sure ? Say::tr("it keeps your limit of %1 with %2 to spare.")
                 : Say::tr("your limit is %1, %2 less."))
        .arg(clearance(limit_mm, style), clearance(margin, style));
}

} // namespace

QString travelLine(const ClearanceClaim& c, const Style& style) {
    if (!c.overTravel) return {};
    const ClearanceClaim::OverTravel& o = *c.overTravel;
    if (o.move_deg == 0.0)
        return Say::tr("Over all its cam may do while the engine runs it comes no nearer.");
    return (o.move_deg > 0.0 ? Say::tr("With its cam %1 earlier, as it may run, %2%3: ")
                             : Say::tr("With its cam %1 later, as it may run, %2%3: "))
               .arg(degrees(std::abs(o.move_deg), style), clearance(o.least_mm, style),
                    claimedAt(o.at_deg, style)) +
           marginSaid(o.least_mm, c.limit_mm, c.verdict == ClearanceVerdict::Keeps, style);
}

QString toothOutLine(const ClearanceClaim& c, const Style& style) {
    // A tooth out is how valves are bent: said where it would come to that.
    const auto& out = c.toothOut;
    if (!out || out->least_mm.value >= 0.5 * c.limit_mm) return {};
    return (out->move_deg > 0.0 ? Say::tr("A tooth out, early, it %1: turn it over twice by hand "
                                          "after every fitting.")
                                : Say::tr("A tooth out, late, it %1: turn it over twice by hand "
                                          "after every fitting."))
        .arg(nearness(out->least_mm, style));
}

QString nearness(const Measured<double>& mm, const Style& style) {
    return mm.value > 0.0 ? Say::tr("comes within %1 of the piston").arg(clearance(mm, style))
                          : Say::tr("would go %1 into the piston")
                                .arg(clearance(Measured<double>{-mm.value, mm.plusMinus}, style));
}

QString clearanceVerdict(const ClearanceClaim* claim, const MapFindings* map, Side side,
                         const Style& style, bool brief) {
    if (!claim || claim->needs == ClearanceNeed::Presses)
        return Say::tr("Nothing is pressed at the %1 valve yet.").arg(sideName(side));
    if (!claim->least_mm) {
        if (map && map->state == MapState::Void)
            return Say::tr("Head, valve or seat were changed since: begin a new map.");
        return map && claim->needs == ClearanceNeed::Beyond
                   ? Say::tr("%1 of %2 angles are pressed; go on.")
                         .arg(map->taken)
                         .arg(map->planned)
                   : needSaid(*claim, style);
    }
    const bool open = map && !map->complete;
    if (claim->needs == ClearanceNeed::Beyond)
        return Say::tr("The least read so far is %1%2. ")
                   .arg(clearance(*claim->least_mm, style), claimedAt(claim->at_deg, style)) +
               (open ? Say::tr("%1 of %2 angles are pressed; go on.")
                           .arg(map->taken)
                           .arg(map->planned)
                     : needSaid(*claim, style));
    const auto& over = claim->overTravel;
    const QString stands = nearness(*claim->least_mm, style) + claimedAt(claim->at_deg, style);
    QString text;
    if (over && over->least_mm < claim->limit_mm && *claim->least_mm >= claim->limit_mm) {
        // What is dangerous leads; as it stands it may look well.
        text = (over->move_deg > 0.0
                    ? Say::tr("With its cam %1 earlier, as it may run, the %2 valve %3: %4")
                    : Say::tr("With its cam %1 later, as it may run, the %2 valve %3: %4"))
                   .arg(degrees(std::abs(over->move_deg), style), sideName(side),
                        nearness(over->least_mm, style) + claimedAt(over->at_deg, style),
                        marginSaid(over->least_mm, claim->limit_mm, false, style));
        if (!brief) text += Say::tr(" As it stands it %1.").arg(stands);
    } else {
        text = Say::tr("The %1 valve %2: %3")
                   .arg(sideName(side), stands,
                        marginSaid(*claim->least_mm, claim->limit_mm,
                                   claim->verdict == ClearanceVerdict::Keeps, style));
        if (claim->atMost)
            text += Say::tr(" That is the least of the angles pressed, at their edge: it may come "
                            "nearer beyond.");
        const QString more = travelLine(*claim, style);
        if (!more.isEmpty() && !brief) text += QLatin1Char(' ') + more;
    }
    if (brief) return text;
    if (claim->otherWay_mm)
        text += Say::tr(" Another way says %1: the smaller counts.")
                    .arg(clearance(*claim->otherWay_mm, style));
    if (claim->needs != ClearanceNeed::Nothing)
        text += QLatin1Char(' ') + needSaid(*claim, style);
    else if (open && claim->verdict == ClearanceVerdict::Keeps)
        text += Say::tr(" Go on: more angles make it surer.");
    if (claim->modelled)
        text += Say::tr(" By a lobe modelled from the card: record its lift to be sure.");
    return text;
}

QString clearanceBrief(const ClearanceClaim& c, const Style& style) {
    const QString valve =
        c.side == Side::Intake ? Say::tr("in ", "valve") : Say::tr("ex ", "valve");
    const auto worst = c.worst_mm();
    if (!worst)
        return c.needs == ClearanceNeed::Again ? valve + Say::tr("void: press again") : QString();
    const bool running = c.overTravel && c.overTravel->move_deg != 0.0 &&
                         c.overTravel->least_mm.value == worst->value;
    QString text = valve + clearance(worst->value, style);
    if (c.atMost && c.verdict != ClearanceVerdict::NotKnown) text += Say::tr(" or less");
    if (running) text += c.overTravel->move_deg > 0.0 ? Say::tr(" advanced") : Say::tr(" retarded");
    switch (c.verdict) {
    case ClearanceVerdict::Keeps:
        return text;
    case ClearanceVerdict::Under:
        return text + Say::tr(", too near");
    case ClearanceVerdict::Touches:
        return text + Say::tr(", touches");
    case ClearanceVerdict::NotKnown:
        break;
    }
    return text + Say::tr(", not sure");
}

QString whereToPress(const ClearanceMap& map, Side side) {
    if (map.terms.method == ClearanceMethod::Clay)
        return Say::tr("Clay on the piston under both valves, with a release agent; head fastened; "
                       "two turns by hand. Type its thickness at the thinnest.");
    if (map.terms.method == ClearanceMethod::Tightest)
        return Say::tr("Feel for where the valve has least room, and type angle and clearance: 8a "
                       "1.92.");
    return side == Side::Exhaust
               ? Say::tr("The piston chases the exhaust valve shut: press it before TDC. Indicator "
                         "to zero on the retainer, press until it touches, type the reading.")
               : Say::tr("The piston runs from the opening intake valve: press it after TDC. "
                         "Indicator to zero on the retainer, press until it touches, type the "
                         "reading.");
}

QStringList remedyLines(const Remedy& r, const ClearanceLimits& limits, const Style& style) {
    QStringList out;
    if (r.advance_deg) {
        out << (*r.advance_deg < 0.0 ? Say::tr("cam later by %1") : Say::tr("cam earlier by %1"))
                   .arg(degrees(std::abs(*r.advance_deg), style));
        if (r.separation_deg)
            out << Say::tr("separation wider by %1 cam degrees")
                       .arg(fixed(*r.separation_deg, 1, style));
    }
    QString notch = Say::tr("notch deeper by %1").arg(clearance(r.notch_mm, style));
    if (r.crownLeft_mm) {
        notch += Say::tr(", leaves a crown of %1").arg(clearance(*r.crownLeft_mm, style));
        if (limits.crownLeast_mm > 0.0 && *r.crownLeft_mm < limits.crownLeast_mm)
            notch += Say::tr(", less than its maker allows");
    }
    out << notch + Say::tr(": head and block are skimmed first, for they take room; then the "
                           "notch, its depth "
                           "measured again and typed in the mock-up");
    QString gasket = Say::tr("gasket thicker by %1").arg(clearance(r.gasket_mm, style));
    if (r.dynamicRatio)
        gasket += Say::tr(", static %1, dynamic %2")
                      .arg(fixed(*r.staticRatio, 2, style), fixed(*r.dynamicRatio, 2, style));
    return out << gasket;
}

QString clearanceCaution(const SpringClaim& springs, const Style& style) {
    const QString always =
        Say::tr("Turn by hand only, stop at resistance; mind fingers and springs. What clears by "
                "hand may touch at speed: parts stretch, springs lose control. The engine maker's "
                "manual has the last word.");
    std::optional<double> rpm;
    for (const ControlClaim& c : springs.control)
        if (!rpm || *c.rpm() < *rpm) rpm = c.rpm();
    if (!rpm) return always;
    return always + QLatin1Char(' ') +
           Say::tr("By a rigid estimate the springs are used up at %1 1/min: from there on no "
                   "clearance holds.")
               .arg(revolutions(*rpm, style));
}

} // namespace words
