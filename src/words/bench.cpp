#include "words/bench.h"

#include "words/clearance.h"
#include "words/say.h"
#include "words/sentences.h"

#include <algorithm>
#include <cmath>

namespace words {

using namespace lobe;

QString lashSchoolName(LashSchool school) {
    switch (school) {
    case LashSchool::OpeningClosing:
        return Say::tr("exhaust opening, intake closed");
    case LashSchool::FiringTdc:
        return Say::tr("each cylinder at its firing TDC");
    case LashSchool::Companion:
        return Say::tr("companion cylinder on overlap");
    case LashSchool::Fewest:
        break;
    }
    return Say::tr("fewest stops");
}

QString sentence(LashFault fault, Side lacking) {
    switch (fault) {
    case LashFault::None:
        return {};
    case LashFault::TwoStroke:
        return Say::tr("A two-stroke has no valves to set.");
    case LashFault::NoFiringOrder:
        return Say::tr("The firing order is not known, or cannot be: type it at Engine.");
    case LashFault::NoLobe:
        return lacking == Side::Intake
                   ? Say::tr(
                         "Where the intake valves stand on their base circle is not known: "
                         "measure a lobe down to it at Lobes, or type the cam's card at Engine.")
                   : Say::tr("Where the exhaust valves stand on their base circle is not known: "
                             "measure a lobe down to it at Lobes, or type the cam's card at "
                             "Engine.");
    case LashFault::NoCompanion:
        return Say::tr("Not every cylinder of this engine has another a whole turn away: by this "
                       "school not every valve can be set.");
    case LashFault::NeverClear:
        break;
    }
    return Say::tr("With this margin a valve is never clear of its ramps: ask for less.");
}

QString lashValve(const LashValve& v) {
    return (v.side == Side::Intake ? Say::tr("intake %1") : Say::tr("exhaust %1")).arg(v.cylinder);
}

QString stopLine(const LashPlan& plan, const LashStop& stop, const Style& style) {
    QStringList set, ramp;
    for (const std::size_t i : stop.set)
        set << lashValve(plan.valves[i]);
    for (const std::size_t i : stop.onRamp)
        ramp << lashValve(plan.valves[i]);
    const int places = std::abs(stop.cycle_deg - std::round(stop.cycle_deg)) < 1e-6 ? 0 : 1;
    QString text = Say::tr("Turn to %1, %2 after the overlap of cylinder 1: set %3.")
                       .arg(readingAngle({stop.wheel_deg()}, style),
                            degrees(stop.cycle_deg, style, places), set.join(QStringLiteral(", ")));
    if (stop.overlap) text += Say::tr(" Cylinder %1 is on overlap there.").arg(*stop.overlap);
    if (!ramp.isEmpty())
        text += Say::tr(" Not clear of the ramps with this cam: %1. Set it elsewhere.")
                    .arg(ramp.join(QStringLiteral(", ")));
    return text;
}

QString lashByCard() {
    return Say::tr("By the cam's card: its ramps are modelled and may reach further. A lobe "
                   "measured to the base circle is surer.");
}

QString lashCaution() {
    return Say::tr("Hot or cold as the maker says; the maker's manual goes before this plan. Turn "
                   "the engine by hand, plugs out and ignition off.");
}

QString lashEffectLine(Side side, const LashEffect& now, const LashEffect& then,
                       const Style& style) {
    const double by = then.lash_mm - now.lash_mm, longer = then.duration_deg - now.duration_deg;
    // Of the intake by its opening, of the exhaust by its closing.
    const double overlap =
        side == Side::Intake ? now.opens_deg - then.opens_deg : then.closes_deg - now.closes_deg;
    const QString overlapped =
        (overlap < 0.0 ? Say::tr("overlap %1 less") : Say::tr("overlap %1 more"))
            .arg(degrees(std::abs(overlap), style));
    return Say::tr("with %1 %2 lash it opens for %3 %4, %7, and lands at %5 mm a degree in place "
                   "of %6.")
        .arg(clearance(std::abs(by), style), by > 0.0 ? Say::tr("more") : Say::tr("less"),
             degrees(std::abs(longer), style), longer < 0.0 ? Say::tr("less") : Say::tr("longer"),
             fixed(then.landing_mm, 3, style), fixed(now.landing_mm, 3, style), overlapped);
}

QString portName(PortName port) {
    switch (port) {
    case PortName::Exhaust:
        return Say::tr("exhaust port");
    case PortName::Transfer:
        return Say::tr("transfer ports");
    case PortName::Intake:
        break;
    }
    return Say::tr("intake port");
}

QString portLine(const PortFigures& p, const Style& style) {
    const QString pm(QChar(0xB1));
    if (p.closes_deg)
        return Say::tr(
                   "%1: the rotary valve opens %2 before TDC and closes %3 after it, open for %4")
            .arg(portName(p.port), degrees(p.opens_deg.value, style), degrees(*p.closes_deg, style),
                 degrees(p.duration_deg.value, style));
    const QString half = p.duration_deg.plusMinus
                             ? QLatin1Char(' ') + pm + degrees(*p.duration_deg.plusMinus, style)
                             : QString();
    return (p.port == PortName::Intake
                ? Say::tr("%1: opens %2 before TDC, open for %3%4; the skirt uncovers it with the "
                          "piston %5 down")
                : Say::tr("%1: opens %2 after TDC, open for %3%4; its edge is %5 below the crown "
                          "at TDC"))
        .arg(portName(p.port), degrees(p.opens_deg.value, style),
             degrees(p.duration_deg.value, style), half, clearance(p.edge_mm.value, style));
}

QString blowdownLine(double deg, const Style& style) {
    return deg > 0.0 ? Say::tr("blowdown %1").arg(degrees(deg, style))
                     : Say::tr("the transfer opens %1 before the exhaust: read them again")
                           .arg(degrees(-deg, style));
}

QString wantedLine(PortName port, const WantedEdge& w, const Style& style) {
    const QString half = w.edge_mm.plusMinus ? QLatin1Char(' ') + QString(QChar(0xB1)) +
                                                   clearance(*w.edge_mm.plusMinus, style)
                                             : QString();
    const QString each = Say::tr("; each %1 there is worth %2")
                             .arg(clearance(0.5, style), degrees(w.perHalf_deg, style));
    if (std::abs(w.file_mm) < 0.005)
        return Say::tr("%1 for %2: it stands there")
            .arg(portName(port), degrees(w.duration_deg, style));
    if (w.file_mm < 0.0)
        return Say::tr("%1 for %2: the edge would stand %3%4 lower, %5 below the crown: that is "
                       "not filed but filled, or the cylinder lowered")
                   .arg(portName(port), degrees(w.duration_deg, style),
                        clearance(-w.file_mm, style), half, clearance(w.edge_mm.value, style)) +
               each;
    return Say::tr("%1 for %2: file the edge up by %3%4, to %5 below the crown")
               .arg(portName(port), degrees(w.duration_deg, style), clearance(w.file_mm, style),
                    half, clearance(w.edge_mm.value, style)) +
           each;
}

QString portDoubt(const PortFigures& p, const Style& style) {
    if (p.wheelOff_deg && std::abs(*p.wheelOff_deg) > kPortAgrees_deg)
        return Say::tr(
                   "%1: opening and closing do not lie alike about TDC: the wheel's zero is off "
                   "by %2. Their mean is taken.")
            .arg(portName(p.port), degrees(std::abs(*p.wheelOff_deg), style));
    if (p.edgeOff_mm && std::abs(*p.edgeOff_mm) > kPortAgrees_mm)
        return Say::tr("%1: the edge measured stands %2 %3 than its angle has it: measure one of "
                       "them again.")
            .arg(portName(p.port), clearance(std::abs(*p.edgeOff_mm), style),
                 *p.edgeOff_mm > 0.0 ? Say::tr("lower") : Say::tr("higher"));
    return {};
}

QString portGasLine(const PortFigures& p, double swept_cc, double rpm, const Style& style) {
    const auto gas = portGas_m_per_s(p, swept_cc, rpm);
    const auto band = portSuits(p, swept_cc);
    if (!gas || !band) return {};
    return Say::tr("%1 mm\u00b2 wide open; %2 s\u00b7mm\u00b2 for each cc at %3 per minute, "
                   "where the gas passes at %4 m/s on the mean. By %7 to %8 m/s it suits %5 to "
                   "%6 per minute.")
        .arg(fixed(*p.area_mm2, 0, style),
             fixed(*timeArea_s_mm2_per_cc(p, swept_cc, rpm), 4, style), fixed(rpm, 0, style),
             fixed(*gas, 0, style), fixed(std::round(band->from_rpm / 100.0) * 100.0, 0, style),
             fixed(std::round(band->to_rpm / 100.0) * 100.0, 0, style),
             fixed(kPortSlow_m_per_s, 0, style), fixed(kPortFast_m_per_s, 0, style));
}

QString portCaution() {
    return Say::tr(
        "What is filed away does not come back: mark, file to half, measure again. Leave "
        "a chamfer for the ring, and no wider port than its pin and corners allow; the "
        "maker's limits hold.");
}

QString tapeVerdict(const FlywheelWork& w, const TapeFigures& f, const Style& style) {
    if (f.fault == TapeFault::Circumference)
        return Say::tr("The circumference of the rim comes first: a string round it.");
    if (f.fault == TapeFault::Arc)
        return Say::tr("An arc is from 0 up to two turns of the rim: measure it again.");
    if (!f.degrees)
        return Say::tr("Mark the rim where the exhaust valve opens and where it closes, and "
                       "measure both arcs from one mark, the way the engine turns.");
    const QString half = f.degrees->plusMinus ? QLatin1Char(' ') + QString(QChar(0xB1)) +
                                                    degrees(*f.degrees->plusMinus, style)
                                              : QString();
    QString text =
        Say::tr("The exhaust is open for %1%2").arg(degrees(f.degrees->value, style), half);
    const auto band = [&] {
        if (w.least_deg && w.most_deg)
            return Say::tr("%1 to %2")
                .arg(degrees(*w.least_deg, style), degrees(*w.most_deg, style));
        return w.least_deg ? Say::tr("at least %1").arg(degrees(*w.least_deg, style))
                           : Say::tr("at most %1").arg(degrees(*w.most_deg, style));
    };
    switch (f.verdict) {
    case BandVerdict::NotKnown:
        return text + QLatin1Char('.');
    case BandVerdict::Within:
        text += Say::tr(": within the handbook's %1.").arg(band());
        break;
    case BandVerdict::Below:
        text += Say::tr(": %1 under the handbook's %2.").arg(degrees(f.beyond_deg, style), band());
        break;
    case BandVerdict::Above:
        text += Say::tr(": %1 over the handbook's %2.").arg(degrees(f.beyond_deg, style), band());
        break;
    }
    if (!f.sure) text += Say::tr(" The string's error reaches over the bound: measure it again.");
    if (f.lashTo_mm)
        text += (*f.lashTo_mm > 0.0 ? Say::tr(" %1 more lash would bring it there.")
                                    : Say::tr(" %1 less lash would bring it there."))
                    .arg(clearance(std::abs(*f.lashTo_mm), style));
    if (f.verdict != BandVerdict::Within)
        text += Say::tr(" A tooth moves opening and closing alike and does not change it.");
    return text;
}

QString tapeCaution() {
    return Say::tr("Chock the flywheel before a hand goes near it, ignition off and fuel shut; the "
                   "engine's handbook goes before these figures.");
}

} // namespace words
