#include "words/clearance.h"

#include "words/say.h"
#include "words/sentences.h"
#include "words/setting.h"

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
    return set == LashSet::Zero ? Say::tr("none") : Say::tr("as run");
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

QString clearanceVerdict(const Job& job, const MapFindings* map, Side side, const Style& style) {
    if (!map || map->points.empty())
        return Say::tr("Nothing is pressed at the %1 valve yet.").arg(sideName(side));
    if (map->state == MapState::Void)
        return Say::tr("Head, valve or seat were changed since: begin a new map.");
    const double limit = job.reckoning.clearance.least_mm[side];
    const Least* least = map->predicted                            ? &*map->predicted
                         : map->measured && !map->measured->atEdge ? &map->measured->least
                                                                   : nullptr;
    if (!least)
        return map->measured && map->complete
                   ? Say::tr("The least read so far is %1; take the angles beyond it.")
                         .arg(clearance(map->measured->least.mm, style))
                   : Say::tr("%1 of %2 angles are pressed; go on.")
                         .arg(map->taken)
                         .arg(map->planned);
    const double margin = least->mm - limit;
    const QString text = Say::tr("The %1 valve comes within %2 of the piston, at %3: ")
                             .arg(sideName(side), clearance(least->mm, style),
                                  fromDeadCentre({least->at_deg}, style));
    if (margin < 0.0)
        return text + Say::tr("%1 under your limit of %2.")
                          .arg(clearance(-margin, style), clearance(limit, style));
    return text + Say::tr("%1 over your limit.").arg(clearance(margin, style)) +
           (map->complete ? QString() : Say::tr(" Go on: more angles make it surer."));
}

QString whereToPress(const ClearanceMap& map, Side side) {
    if (map.mockUp.method == ClearanceMethod::Clay)
        return Say::tr("Clay on the piston under both valves, with a release agent; head fastened; "
                       "two turns by hand. Type its thickness at the thinnest.");
    if (map.mockUp.method == ClearanceMethod::Tightest)
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

QString phaserLine(const PhaserCheck& c, double limit_mm, const Style& style) {
    QString text = Say::tr("Phaser: parked %1, at the worst %2 at %3 of travel. ")
                       .arg(clearance(c.parked.mm, style), clearance(c.worst.mm, style),
                            degrees(std::abs(c.worstAt_deg), style));
    if (!c.keeps_deg)
        return text + Say::tr("Not even parked does it keep %1.").arg(clearance(limit_mm, style));
    if (c.worst.mm >= limit_mm)
        return text + Say::tr("It keeps the limit over its travel, with or without oil pressure.");
    return text + Say::tr("It keeps the limit up to %1 crank degrees: fit a limiter, or trust no "
                          "oil pressure to hold it.")
                      .arg(fixed(std::abs(*c.keeps_deg), 1, style));
}

QString clearanceCaution() {
    return Say::tr("Turn by hand only, and stop at resistance; mind fingers and springs. Nothing "
                   "touches by hand is never nothing touches at speed: parts stretch and springs "
                   "lose control. The engine maker's manual has the last word.");
}

} // namespace words
