// The slate's words.
#include "words/choosing.h"
#include "words/explanation.h"
#include "words/say.h"
#include "words/sentences.h"
#include "words/springs.h"

#include <cmath>

namespace words {

using namespace lobe;

QString figureName(const FigureId& f) {
    switch (f.kind) {
    case FigureKind::Duration:
        return sideTitle(*f.side) + Say::tr(" duration");
    case FigureKind::Opens:
        return sideTitle(*f.side) + Say::tr(" opens");
    case FigureKind::Closes:
        return sideTitle(*f.side) + Say::tr(" closes");
    case FigureKind::Centre:
        return sideTitle(*f.side) + Say::tr(" centre");
    case FigureKind::Separation:
        return Say::tr("Lobe separation");
    case FigureKind::Advance:
        return Say::tr("Advance");
    case FigureKind::Overlap:
        return Say::tr("Overlap");
    case FigureKind::SplitPoint:
        return Say::tr("Split point");
    case FigureKind::MaxLift:
    case FigureKind::ValveLift:
        return sideTitle(*f.side) + Say::tr(" lift");
    case FigureKind::Area:
    case FigureKind::ValveArea:
        return sideTitle(*f.side) + Say::tr(" area");
    case FigureKind::LiftAtTdc:
        return sideTitle(*f.side) + Say::tr(" lift at TDC");
    case FigureKind::OverlapArea:
        return Say::tr("Overlap area");
    case FigureKind::Closing:
        return Say::tr("Closing for compression");
    case FigureKind::Dynamic:
        return Say::tr("Dynamic ratio");
    case FigureKind::Cranking:
        return Say::tr("Cranking pressure");
    case FigureKind::Clearance:
        return sideTitle(*f.side) + Say::tr(" clearance");
    case FigureKind::FollowerFace:
        return sideTitle(*f.side) + Say::tr(" flat face needed");
    case FigureKind::Fastest:
        return sideTitle(*f.side) + Say::tr(" fastest, a cam degree");
    case FigureKind::CoilBind:
        return sideTitle(*f.side) + Say::tr(" room to coil bind");
    case FigureKind::RetainerRoom:
        return sideTitle(*f.side) + Say::tr(" retainer room");
    case FigureKind::SeatLoad:
        return sideTitle(*f.side) + Say::tr(" seat load, least");
    case FigureKind::ControlSpeed:
        return sideTitle(*f.side) + Say::tr(" spring used up, estimate");
    case FigureKind::RampSpread:
        break;
    }
    return sideTitle(*f.side) + Say::tr(" ramp spread");
}

/// Which dead centre an event is counted from, in the usual place.
static QString reference(const FigureId& f) {
    const bool intake = *f.side == Side::Intake, opens = f.kind == FigureKind::Opens;
    if (intake) return opens ? Say::tr("BTDC") : Say::tr("ABDC");
    return opens ? Say::tr("BBDC") : Say::tr("ATDC");
}

QString figureTitle(const FigureId& f, const Style& style) {
    if (f.kind == FigureKind::Opens || f.kind == FigureKind::Closes)
        return figureName(f) + QStringLiteral(", ") + reference(f);
    return figureName(f) + (f.height ? QLatin1Char(' ') + heightAt(*f.height, style) : QString());
}

std::pair<double, int> figureShown(FigureKind kind, double value, const Style& style) {
    const double unit = style.inches() ? 1.0 / kMmPerInch : 1.0;
    switch (kind) {
    case FigureKind::MaxLift:
    case FigureKind::ValveLift:
    case FigureKind::LiftAtTdc:
    case FigureKind::Fastest:
        return {value * unit, style.inches() ? 4 : 3};
    case FigureKind::Clearance:
    case FigureKind::CoilBind:
    case FigureKind::RetainerRoom:
        return {value * unit, style.inches() ? 3 : 2};
    case FigureKind::SeatLoad:
        return {value / forceUnit_n(style), 0};
    case FigureKind::ControlSpeed:
        // A rigid estimate is no finer.
        return {std::round(value / 50.0) * 50.0, 0};
    case FigureKind::FollowerFace:
        return {value * unit, style.inches() ? 3 : 1};
    case FigureKind::OverlapArea:
    case FigureKind::Area:
    case FigureKind::ValveArea:
        return {value * unit, style.inches() ? 2 : 0};
    case FigureKind::Dynamic:
        return {value, 2};
    case FigureKind::Cranking:
        return {pressureShown(value, style), 0};
    default:
        return {value, 1};
    }
}

QString figureUnit(FigureKind kind, const Style& style) {
    switch (kind) {
    case FigureKind::MaxLift:
    case FigureKind::ValveLift:
    case FigureKind::LiftAtTdc:
    case FigureKind::Clearance:
    case FigureKind::FollowerFace:
    case FigureKind::Fastest:
    case FigureKind::CoilBind:
    case FigureKind::RetainerRoom:
        return unitName(style);
    case FigureKind::SeatLoad:
        return forceShown(style, style.force).unit;
    case FigureKind::ControlSpeed:
        return QStringLiteral("1/min");
    case FigureKind::OverlapArea:
    case FigureKind::Area:
    case FigureKind::ValveArea:
        return areaUnit(style);
    case FigureKind::Cranking:
        return pressureUnit(style);
    default:
        return {};
    }
}

QString figureWithUnit(const FigureId& f, const std::optional<Measured<double>>& value,
                       const Style& style) {
    if (!value) return QString(QChar(0x2013));
    const auto [number, places] = figureShown(f.kind, value->value, style);
    const QString unit = figureUnit(f.kind, style);
    return fixed(number, places, style) + (unit.isEmpty() ? QString() : QLatin1Char(' ') + unit);
}

QString figureHalf(const FigureId& f, const std::optional<Measured<double>>& value,
                   const Style& style) {
    if (!value || !value->plusMinus) return {};
    const auto [half, places] = figureShown(f.kind, *value->plusMinus, style);
    return QChar(0xB1) + fixed(std::max(std::pow(10.0, -places), half), places, style);
}

QString figureBasis(const Figure& f, const Style& style) {
    const QString school = f.school ? schoolName(*f.school) : QString();
    const QString at = f.height ? heightAt(*f.height, style) : QString();
    switch (f.kind) {
    case FigureKind::Opens:
    case FigureKind::Closes:
        return reference(f) + QStringLiteral(", ") + at;
    case FigureKind::Centre:
        return (*f.side == Side::Intake ? Say::tr("ATDC, ") : Say::tr("BTDC, ")) +
               (!f.height ? school
                : *f.school == CentreSchool::EqualDrop
                    ? Say::tr("drop ") + height(f.height->mm, style)
                    : Say::tr("events ") + height(f.height->mm, style));
    case FigureKind::Separation:
        return Say::tr("cam degrees, ") + school;
    case FigureKind::Advance:
        return Say::tr("crank degrees, ") + school;
    case FigureKind::SplitPoint:
        return f.value && *f.value < 0.0 ? Say::tr("BTDC, valve lift")
                                         : Say::tr("ATDC, valve lift");
    case FigureKind::MaxLift:
        return Say::tr("as taken");
    case FigureKind::ValveLift:
        return Say::tr("at the valve, less lash");
    case FigureKind::Area:
        return areaUnit(style) + Say::tr(", as taken");
    default:
        break;
    }
    return at;
}

std::optional<double> figureRead(const Figure& f) {
    if (!f.value) return std::nullopt;
    return f.kind == FigureKind::SplitPoint ? std::abs(f.value->value) : f.value->value;
}

QString figureValue(const Figure& f, const Style& style) {
    const auto read = figureRead(f);
    if (!read) return QString(QChar(0x2013));
    if (f.kind == FigureKind::MaxLift || f.kind == FigureKind::ValveLift) return lift(*read, style);
    if (f.kind == FigureKind::Area) return area(*read, style);
    return fixed(*read, 1, style) + QChar(0xB0);
}

QString figureDifference(const Figure& f, const Style& style) {
    if (!f.cardDifference) return {};
    const double d = *f.cardDifference;
    // Less than it is known by is no difference.
    if (std::abs(d) < 0.05 || std::abs(d) <= halfWidthOf(f.value).value_or(0.0))
        return Say::tr("as card");
    const QString size = fixed(std::abs(d), 1, style);
    // Which sign is late depends on what the figure counts from.
    double late = 0.0;
    if (f.kind == FigureKind::Opens) late = -d;
    if (f.kind == FigureKind::Closes) late = d;
    if (f.kind == FigureKind::Centre) late = *f.side == Side::Intake ? d : -d;
    if (late != 0.0) return size + (late > 0.0 ? Say::tr(" late") : Say::tr(" early"));
    return signedFixed(d, 1, style) + Say::tr(" from card");
}

QString figureUncertainty(const Figure& f, const Style& style) {
    if (!f.value || !f.value->plusMinus) return {};
    const double u = *f.value->plusMinus;
    if (f.kind == FigureKind::MaxLift || f.kind == FigureKind::ValveLift)
        return QChar(0xB1) + lift(u, style);
    if (f.kind == FigureKind::Area) return QChar(0xB1) + area(u, style);
    // Never a bare zero: what is under a twentieth of a degree is said as such.
    return QChar(0xB1) + fixed(std::max(0.1, u), 1, style);
}

static const RunFindings* runOf(const Figure& f, const Findings& all) {
    const CylinderFindings* c = f.side ? all.cylinder(f.cylinder) : nullptr;
    return c ? all.of(*c, *f.side) : nullptr;
}

static QString eventPair(const Figure& f, const Findings& all, const Style& style) {
    const RunFindings* run = runOf(f, all);
    const HeightEvents* e = run && f.height ? run->lobe.events(*f.height) : nullptr;
    if (!e || !e->opens || !e->closes) return {};
    return Say::tr("Opens %1, closes %2 on the curve through %3 readings. Open + 180 + close "
                   "= %4 + 180 + %5 = %6.")
        .arg(fromDeadCentre(*e->opens, style), fromDeadCentre(*e->closes, style))
        .arg(run->live)
        .arg(fixed(toCard(opening(*f.side), *e->opens).deg, 1, style),
             fixed(toCard(closing(*f.side), *e->closes).deg, 1, style),
             degrees(*e->duration_deg(), style));
}

static QString formula(const Figure& f, const Findings& all, const Style& style);

QString whereFrom(const Figure& f, const Findings& all, const Style& style) {
    QString text = formula(f, all, style);
    const QString u = figureUncertainty(f, style);
    if (!u.isEmpty())
        text +=
            Say::tr(" %1: covers the truth 95 times in 100, from the scatter of the "
                    "readings and the slope there%2.")
                .arg(u, all.tdc.uncertainty_deg() > 0.0 && f.kind != FigureKind::Duration &&
                                f.kind != FigureKind::Separation && f.kind != FigureKind::Overlap &&
                                f.kind != FigureKind::MaxLift && f.kind != FigureKind::ValveLift &&
                                f.kind != FigureKind::Area
                            ? Say::tr(", with what TDC leaves")
                            : QString());
    if (const RunFindings* run = runOf(f, all))
        text += QLatin1Char(' ') + smoothingLine(run->lobe, style);
    return text;
}

static QString formula(const Figure& f, const Findings& all, const Style& style) {
    const RunFindings* run = runOf(f, all);
    const CylinderFindings* own = all.cylinder(f.cylinder);
    const PairFigures* pair = own && own->pair ? &*own->pair : nullptr;
    switch (f.kind) {
    case FigureKind::Duration:
    case FigureKind::Opens:
    case FigureKind::Closes:
        return eventPair(f, all, style);
    case FigureKind::Centre: {
        if (!run) return {};
        const Centres& c = run->lobe.centres;
        const auto shown = [&](const std::optional<CrankDeg>& at) {
            return at ? degrees(std::abs(at->deg), style) : QString(QChar(0x2013));
        };
        if (run->lobe.eventsOnly)
            return *f.school == CentreSchool::EqualDrop
                       ? Say::tr("Midway between the two readings %1 below the nose.")
                             .arg(height(run->lobe.drop_mm, style))
                   : *f.school == CentreSchool::Events
                       ? Say::tr("Midway between opening and closing at %1; without a curve "
                                 "there is no other school.")
                             .arg(height(run->lobe.atEventsHeight.height.mm, style))
                       : Say::tr("Where the lift was read highest.");
        return Say::tr("Four schools: equal drop %1 below the nose %2, middle of events %3, "
                       "highest lift %4, centroid of the area %5. The slate shows %6.")
            .arg(height(run->lobe.drop_mm, style), shown(c.equalDrop), shown(c.events),
                 shown(c.peak), shown(c.centroid), schoolName(*f.school));
    }
    case FigureKind::Separation:
    case FigureKind::Advance: {
        if (!pair) return {};
        const auto ic = all.intake(*own)->lobe.centre(*f.school),
                   ec = all.exhaust(*own)->lobe.centre(*f.school);
        if (!ic || !ec) return {};
        if (f.kind == FigureKind::Separation)
            return Say::tr("(intake centre + exhaust centre) / 2 = (%1 + %2) / 2 = %3 cam degrees.")
                .arg(fixed(ic->deg, 1, style), fixed(-ec->deg, 1, style), degrees(*f.value, style));
        return Say::tr("Separation less intake centre = %1 − %2 = %3; positive is early.")
            .arg(fixed(pair->separation->deg, 1, style), fixed(ic->deg, 1, style),
                 degrees(*f.value, style));
    }
    case FigureKind::Overlap: {
        if (!f.height || !own) return {};
        const RunFindings *intake = all.intake(*own), *exhaust = all.exhaust(*own);
        const HeightEvents* in = intake ? intake->lobe.events(*f.height) : nullptr;
        const HeightEvents* ex = exhaust ? exhaust->lobe.events(*f.height) : nullptr;
        if (!in || !ex || !in->opens || !ex->closes) return {};
        return Say::tr("Intake opens + exhaust closes = %1 + %2 = %3.")
            .arg(fixed(-in->opens->deg, 1, style), fixed(ex->closes->deg, 1, style),
                 degrees(*f.value, style));
    }
    case FigureKind::SplitPoint:
        return Say::tr("Where both valves have the same lift near TDC, from both curves.");
    case FigureKind::MaxLift:
        return Say::tr("The top of the curve through the readings, not the highest reading.");
    case FigureKind::ValveLift:
        return Say::tr("The top of the curve times the rocker ratio (%1), less the lash.")
            .arg(run ? shortest(run->lobe.taken.ratio, 3, style) : QString());
    default:
        break;
    }
    return Say::tr(
               "The area under the curve through the readings, in %1: lift times crank degrees.")
        .arg(areaUnit(style));
}

} // namespace words
