#include "words/springs.h"

#include "core/job/job.h"
#include "words/clearance.h"
#include "words/say.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace words {

using namespace lobe;

namespace {

constexpr double kNewtonsPerKilogram = 9.80665, kNewtonsPerPoundForce = 4.4482216152605;

QString percentOf(double share, const Style& style) {
    return fixed(std::abs(share) * 100.0, 1, style) + QStringLiteral(" %");
}

/// The first valve whose height is still to be measured; null when all are.
const SpringValve* unmeasured(const SpringClaim& c) {
    for (const SpringValve& v : c.valves)
        if (!v.measured_mm) return &v;
    return nullptr;
}

/// With the nearest the whole stock could give that valve alone.
QString unreachedLine(const SpringValve& v, const Job& job, const Style& style) {
    const QString name = valveName(v.valve, job.engine);
    if (!v.stack) return {};
    const double off = v.stack->error_mm;
    QString text =
        (off < 0.0 ? Say::tr("%1 stands %2 taller than wanted with the best of the stock")
                   : Say::tr("%1 stands %2 shorter than wanted with the best of the stock"))
            .arg(name, clearance(std::abs(off), style));
    if (v.nearest)
        text += std::isfinite(v.nearest->above_mm)
                    ? Say::tr("; alone it could have %1 or %2 under it, and wants %3.")
                          .arg(clearanceNumber(v.nearest->below_mm, style),
                               clearanceNumber(v.nearest->above_mm, style),
                               clearance(v.stack->need_mm, style))
                    : Say::tr("; all there is makes %1, and it wants %2.")
                          .arg(clearanceNumber(v.nearest->below_mm, style),
                               clearance(v.stack->need_mm, style));
    else
        text += QLatin1Char('.');
    return text;
}

QString orderLine(const SpringClaim& c, const Style& style) {
    const QString wanted = shimOrder(c, style);
    return wanted.isEmpty() ? QString() : Say::tr("To order: %1.").arg(wanted);
}

QString oddLine(const SpringOfSet& s, const Job& job, const Style& style) {
    const double at = job.springs.testHeights_mm.empty() ? 0.0 : job.springs.testHeights_mm.front();
    return (s.off < 0.0
                ? Say::tr("Spring %1 gives %2 at %3, %4 under the middle of its set: leave it out.")
                : Say::tr("Spring %1 gives %2 at %3, %4 over the middle of its set: leave it out."))
        .arg(s.spring)
        .arg(force(s.load_n, style, job.springs.unit), clearance(at, style),
             percentOf(s.off, style));
}

QString loadsLine(const SpringClaim& c, const Job& job, const Style& style) {
    double least = 1e9, most = 0.0;
    for (const SpringValve& v : c.valves)
        if (v.seat_n) {
            least = std::min(least, *v.seat_n);
            most = std::max(most, *v.seat_n);
        }
    if (most <= 0.0) return {};
    const ForceUnit unit = job.springs.unit;
    QString text = Say::tr("On the seat %1 to %2")
                       .arg(forceNumber(least, style, unit), force(most, style, unit));
    if (c.spreadMatched_n && c.spreadNumbered_n)
        text += Say::tr("; matched as shown the spread is %1, in the order tested %2")
                    .arg(force(*c.spreadMatched_n, style, unit),
                         force(*c.spreadNumbered_n, style, unit));
    return text + QLatin1Char('.');
}

/// What a follower could not follow; its face and radii stand among the figures.
QString hollowLine(const FollowerClaim& f, const Job& job, const Style& style) {
    QString text;
    if (f.hollowest) {
        const QString at = fromDeadCentre({f.hollowest->at_deg}, style, 0);
        text =
            (job.engine.follower == Follower::SolidRoller
                 ? Say::tr("%1: its flank is hollow, radius %2 at %3: the grinding wheel must be "
                           "smaller than that.")
                 : Say::tr("%1: its flank would be hollow, radius %2 at %3, which a flat face "
                           "cannot follow: look at base circle and readings."))
                .arg(sideTitle(f.side), clearance(f.hollowest->radius_mm, style), at);
    }
    if (f.wantsBase && (!f.flat || job.springs.face_mm[f.side] > 0.0))
        text = (f.flat ? Say::tr("%1: how sharp its lobe is waits for the base circle: F.")
                       : Say::tr("%1: how sharp its lobe is waits for base circle and roller: F."))
                   .arg(sideTitle(f.side));
    if (f.undercut)
        text +=
            Say::tr(" The roller is too large for its sharpest place: no lobe could move it so.");
    return text.trimmed();
}

QString regroundLine(const RegroundClaim& r, const Job& job, const Style& style) {
    const bool bucket = job.engine.follower == Follower::Bucket;
    QString text = (bucket ? Say::tr("%1: the base circle is smaller; each follower stands %2 "
                                     "lower. Lash shims thicker by that bring it back.")
                           : Say::tr("%1: the base circle is smaller; each follower stands %2 "
                                     "lower. Push rods longer by that, or caps, bring it back."))
                       .arg(sideTitle(r.side), clearance(r.lower_mm, style));
    if (!r.plan) return text;
    const double worst = std::accumulate(
        r.plan->stacks.begin(), r.plan->stacks.end(), 0.0,
        [](double most, const ShimStack& s) { return std::max(most, std::abs(s.error_mm)); });
    return text +
           (worst <= job.springs.within_mm
                ? Say::tr(" The pieces at hand do it, each within %1.").arg(clearance(worst, style))
                : Say::tr(" The pieces at hand leave up to %1.").arg(clearance(worst, style)));
}

} // namespace

ForceShown forceShown(const Style& style, ForceUnit unit) {
    if (unit == ForceUnit::AsLengths) unit = style.inches() ? ForceUnit::Pound : ForceUnit::Newton;
    switch (unit) {
    case ForceUnit::KilogramForce:
        return {kNewtonsPerKilogram, QStringLiteral("kgf")};
    case ForceUnit::Pound:
        return {kNewtonsPerPoundForce, QStringLiteral("lb")};
    default:
        break;
    }
    return {1.0, QStringLiteral("N")};
}

QString forceNumber(double n, const Style& style, ForceUnit unit) {
    const ForceShown shown = forceShown(style, unit);
    return fixed(n / shown.newtons, shown.newtons > 1.0 ? 1 : 0, style);
}

QString force(double n, const Style& style, ForceUnit unit) {
    return forceNumber(n, style, unit) + QLatin1Char(' ') + forceShown(style, unit).unit;
}

QString springRateUnit(const Style& style, ForceUnit unit) {
    const ForceShown shown = forceShown(style, unit);
    return shown.unit == QLatin1String("lb") ? QStringLiteral("lb/in")
                                             : shown.unit + QStringLiteral("/mm");
}

QString springRate(double n_mm, const Style& style, ForceUnit unit) {
    const ForceShown shown = forceShown(style, unit);
    const bool inch = shown.unit == QLatin1String("lb");
    const double value = n_mm / shown.newtons * (inch ? kMmPerInch : 1.0);
    return fixed(value,
                 inch                  ? 0
                 : shown.newtons > 1.0 ? 2
                                       : 1,
                 style) +
           QLatin1Char(' ') + springRateUnit(style, unit);
}

QString revolutions(double rpm, const Style& style) {
    return style.locale.toString(static_cast<int>(std::lround(rpm / 50.0) * 50));
}

QString roomName(SpringRoom room) {
    switch (room) {
    case SpringRoom::CoilBind:
        return Say::tr("coil bind");
    case SpringRoom::Seal:
        return Say::tr("retainer to seal");
    case SpringRoom::Guide:
        return Say::tr("retainer to guide");
    case SpringRoom::RockerRetainer:
        return Say::tr("rocker to retainer");
    case SpringRoom::RockerStud:
        return Say::tr("rocker to stud");
    case SpringRoom::FollowerTravel:
        return Say::tr("follower in its bore");
    case SpringRoom::FollowerFace:
        return Say::tr("follower face, each edge");
    case SpringRoom::Locator:
        return Say::tr("spring round its locator");
    case SpringRoom::Pocket:
        break;
    }
    return Say::tr("spring in its pocket");
}

QString bindSchoolName(BindSchool school) {
    return school == BindSchool::Spring  ? Say::tr("1.5 mm a spring")
           : school == BindSchool::Coils ? Say::tr("0.3 mm each active coil")
                                         : Say::tr("your own, or the maker's");
}

QString pushRodSchoolName(PushRodSchool school) {
    return school == PushRodSchool::Narrowest ? Say::tr("the narrowest band")
           : school == PushRodSchool::Centred ? Say::tr("the band in the middle")
                                              : Say::tr("square at half the lift");
}

QString forceUnitName(ForceUnit unit) {
    switch (unit) {
    case ForceUnit::AsLengths:
        return Say::tr("as lengths: N or lb");
    case ForceUnit::Newton:
        return QStringLiteral("N");
    case ForceUnit::KilogramForce:
        return QStringLiteral("kgf");
    case ForceUnit::Pound:
        break;
    }
    return QStringLiteral("lb");
}

QString valveName(const ValveId& v, const Engine& engine) {
    if (v.cylinder < 1) return sideTitle(v.side);
    const QString name = Say::tr("%1 %2", "a valve").arg(sideTitle(v.side)).arg(v.cylinder);
    if (engine.valves.count[v.side] < 2) return name;
    return v.valve == 1   ? Say::tr("%1, first").arg(name)
           : v.valve == 2 ? Say::tr("%1, second").arg(name)
                          : Say::tr("%1, third").arg(name);
}

QString shimPieces(const ShimStack& stack, const Style& style) {
    QStringList all;
    for (const double mm : stack.pieces_mm)
        all << clearanceNumber(mm, style);
    return all.isEmpty() ? QString(QChar(0x2013)) : all.join(QStringLiteral(" + "));
}

QString shimStock(const std::vector<ShimSize>& stock, const Style& style) {
    QStringList all;
    for (const ShimSize& s : stock)
        all << QStringLiteral("%1x%2")
                   .arg(shortest(style.inches() ? s.size_mm / kMmPerInch : s.size_mm,
                                 style.inches() ? 4 : 3, style))
                   .arg(s.count);
    return all.join(QLatin1Char(' '));
}

QString shimOrder(const SpringClaim& c, const Style& style) {
    QStringList wanted;
    for (const ShimSize& s : c.order)
        wanted << Say::tr("%1 of %2").arg(s.count).arg(clearance(s.size_mm, style));
    return wanted.join(QStringLiteral(", "));
}

QString sentence(const SpringFaultAt& f, const Job& job, const Style& style) {
    const QString valve = valveName(f.valve, job.engine);
    const QString whose = f.spring > 0 ? Say::tr("spring %1").arg(f.spring) : midSentence(valve);
    switch (f.fault) {
    case SpringFault::RateNegative:
        return Say::tr("The rate of %1 cannot be: a spring pushes back more the shorter it is, and "
                       "no valve spring gives 1000 N a mm.")
            .arg(whose);
    case SpringFault::LoadFalls:
        return Say::tr("The loads of %1 fall as it is compressed: exchanged, or read at the wrong "
                       "height. Nothing is reckoned with them.")
            .arg(whose);
    case SpringFault::SameHeight:
        return Say::tr("Two loads of %1 are given at one height: they make no spring.").arg(whose);
    case SpringFault::PointUnderBind:
        return Say::tr("A load of %1 is given below the height at which its coils touch, %2.")
            .arg(whose, clearance(f.bound_mm, style));
    case SpringFault::HeightUnderBind:
        return Say::tr("%1: a fitted height of %2 is below coil bind, %3. Measure it again.")
            .arg(valve, clearance(f.value_mm, style), clearance(f.bound_mm, style));
    case SpringFault::WantedUnderBind:
        return Say::tr("%1: the height wanted, %2, is below coil bind, %3.")
            .arg(valve, clearance(f.value_mm, style), clearance(f.bound_mm, style));
    case SpringFault::NoSuchSpring:
        return Say::tr("%1: the load wanted would need a height of %2, below coil bind, %3: "
                       "another spring.")
            .arg(valve, clearance(f.value_mm, style), clearance(f.bound_mm, style));
    case SpringFault::StockTooMuch:
        return Say::tr("The stock of shims cannot be: sizes from 0.001 to 20 mm, at most 24 of "
                       "them, up to 400 of each.");
    case SpringFault::TooManyValves:
        return Say::tr("More valves than 64 are not worked out.");
    case SpringFault::NoShimNegative:
        break;
    }
    return Say::tr("%1 stands at %2 already, under the %3 wanted: no shim makes a spring taller. "
                   "Other retainers or locks, or a seat cut deeper.")
        .arg(valve, clearance(f.value_mm, style), clearance(f.bound_mm, style));
}

QString marginLine(const SpringMargin& m, const Job& job, const Style& style) {
    const QString name =
        QStringLiteral("%1, %2").arg(valveName(m.valve, job.engine), roomName(m.room));
    const QString limit = clearance(m.limit_mm, style);
    if (m.most_mm)
        return m.left_mm < m.limit_mm
                   ? Say::tr("%1: %2 too tight.")
                         .arg(name, clearance(m.limit_mm - m.left_mm, style))
                   : Say::tr("%1: %2 loose, up to %3 is usual.")
                         .arg(name, clearance(m.left_mm, style), clearance(*m.most_mm, style));
    if (m.left_mm < 0.0)
        return Say::tr("%1: they would meet, by %2; your limit is %3 of room.")
            .arg(name, clearance(-m.left_mm, style), limit);
    if (m.room == SpringRoom::CoilBind)
        return Say::tr("%1: %2 left at full lift, your limit is %3 (%4).")
            .arg(name, clearance(m.left_mm, style), limit,
                 bindSchoolName(job.springs.limits.school));
    return Say::tr("%1: %2 left at full lift, your limit is %3.")
        .arg(name, clearance(m.left_mm, style), limit);
}

QString mendLine(const SpringMargin& m, const Job& job, const SpringClaim& claim,
                 const Style& style) {
    if (m.keeps()) return {};
    const QString lacking = clearance(m.lacking_mm(), style);
    const auto& bind = job.springs.spec[m.valve.side].bind_mm;
    switch (m.room) {
    case SpringRoom::CoilBind: {
        for (const SpringValve& v : claim.valves)
            if (v.valve == m.valve && v.stack && v.stack->total_mm >= m.lacking_mm())
                return Say::tr("%1 less under it, or a spring whose coils touch at %2 or less.")
                    .arg(lacking, clearance(bind - m.lacking_mm(), style));
        return Say::tr("A spring whose coils touch at %1 or less, retainers or locks %2 higher, or "
                       "that much less lift.")
            .arg(clearance(bind - m.lacking_mm(), style), lacking);
    }
    case SpringRoom::Seal:
        return Say::tr("Seals, or the guides under them, %1 lower, or retainers that much higher.")
            .arg(lacking);
    case SpringRoom::Guide:
        return Say::tr("Guides %1 shorter, or retainers that much higher.").arg(lacking);
    case SpringRoom::RockerRetainer:
        return Say::tr("A smaller retainer, a lash cap, or a rocker relieved by %1.").arg(lacking);
    case SpringRoom::RockerStud:
        return Say::tr("A longer slot in the rocker, by %1.").arg(lacking);
    case SpringRoom::FollowerTravel:
        return Say::tr("%1 more of way for the follower.").arg(lacking);
    case SpringRoom::FollowerFace:
        return Say::tr("A face %1 wider, or a gentler lobe.")
            .arg(clearance(2.0 * m.lacking_mm(), style));
    case SpringRoom::Locator:
        return Say::tr("Another locator, or another spring.");
    case SpringRoom::Pocket:
        break;
    }
    return m.left_mm < m.limit_mm ? Say::tr("A wider pocket, by %1.").arg(lacking)
                                  : Say::tr("A locator, so that the spring does not wander.");
}

QString controlLine(const SpringClaim& c, const Style& style) {
    const ControlClaim* first = nullptr;
    for (const ControlClaim& x : c.control)
        if (!first || *x.rpm() < *first->rpm()) first = &x;
    if (!first) return {};
    const bool opening = first->opening && *first->rpm() == first->opening->rpm;
    const QString where = opening ? Say::tr("opening") : Say::tr("closing");
    QString text =
        Say::tr("The %1 spring's load is used up at %2 1/min, on the %3 flank: a rigid estimate "
                "that leaves out spring surge and bending, which come earlier.")
            .arg(midSentence(sideTitle(first->side)), revolutions(*first->rpm(), style), where);
    if (c.wanted_rpm > 0.0)
        text += c.floats() ? Say::tr(" That is under the %1 wanted: the valve would float.")
                                 .arg(revolutions(c.wanted_rpm, style))
                           : Say::tr(" Wanted are %1.").arg(revolutions(c.wanted_rpm, style));
    return text;
}

QString pushRodLine(const Job& job, const SpringClaim& claim, Side side, const Style& style) {
    const PushRodCall& call = claim.pushRod[side];
    const PushRods& p = job.springs.pushRods;
    const QString name = sideTitle(side);
    if (call.trials == 0 && p.school != PushRodSchool::MidLift) return {};
    switch (call.needs) {
    case PushRodNeed::Trials:
        if (call.trials == 0) return {};
        return (p.school == PushRodSchool::Centred
                    ? Say::tr("%1 push rod: a second length tells where the band is in the middle.")
                    : Say::tr("%1 push rod: three lengths tell where the band is narrowest."))
            .arg(name);
    case PushRodNeed::Alike:
        return Say::tr("%1 push rod: caps or stands were changed between the trials. Trials with "
                       "those that are on now are wanted.")
            .arg(name);
    case PushRodNeed::Spread:
        return Say::tr("%1 push rod: these trials do not turn. Try lengths further apart.")
            .arg(name);
    case PushRodNeed::Arm:
        return Say::tr("%1 push rod: for geometry by half the lift the rocker's arm, its nose at "
                       "rest, and a trial are wanted.")
            .arg(name);
    case PushRodNeed::Far:
    case PushRodNeed::Nothing:
        break;
    }
    if (!call.length_mm) return {};
    QString text = Say::tr("%1 push rod: %2 by %3")
                       .arg(name, clearance(*call.length_mm, style), pushRodSchoolName(p.school));
    if (p.preload_mm > 0.0)
        text += p.preloadIn
                    ? Say::tr(", the preload in it already")
                    : Say::tr(", with %1 of preload order %2")
                          .arg(clearance(p.preload_mm, style), clearance(*call.order_mm, style));
    if (p.pitch_mm > 0.0 && p.shortest_mm > 0.0 && !(p.preload_mm > 0.0))
        text += Say::tr(", %1 turns out")
                    .arg(fixed((*call.length_mm - p.shortest_mm) / p.pitch_mm, 2, style));
    text += QLatin1Char('.');
    if (call.raiseShaft_mm && std::abs(*call.raiseShaft_mm) >= 0.05)
        text += (*call.raiseShaft_mm > 0.0 ? Say::tr(" On a shaft: stands %1 higher.")
                                           : Say::tr(" On a shaft: stands %1 lower."))
                    .arg(clearance(std::abs(*call.raiseShaft_mm), style));
    if (call.needs == PushRodNeed::Far)
        text += Say::tr(" That is far from every trial: try one near it before ordering.");
    if (call.offStem) text += Say::tr(" Its band would reach the edge of the stem.");
    return text;
}

QString springVerdict(const Job& job, const SpringClaim& c, const Style& style) {
    if (!c.faults.empty()) return sentence(c.faults.front(), job, style);
    if (!c.begun)
        return Say::tr(
            "Nothing of the springs is known yet. Measure from the seat to the retainer, "
            "valve by valve; go down to say what springs they are.");
    if (const SpringMargin* m = c.worst())
        return marginLine(*m, job, style) + QLatin1Char(' ') + mendLine(*m, job, c, style);
    if (c.floats()) return controlLine(c, style);
    for (const SpringOfSet& s : c.set)
        if (s.odd) return oddLine(s, job, style);
    const auto far =
        std::count_if(c.valves.begin(), c.valves.end(), [](const auto& v) { return !v.reached; });
    for (const SpringValve& v : c.valves)
        if (!v.reached && v.stack)
            return (far > 1 ? Say::tr("%n valves are not reached with these shims. ", "",
                                      static_cast<int>(far))
                            : QString()) +
                   unreachedLine(v, job, style) + QLatin1Char(' ') + orderLine(c, style);
    const SpringMargin* bind = nullptr;
    for (const SpringMargin& m : c.margins)
        if (m.room == SpringRoom::CoilBind && (!bind || m.left_mm < bind->left_mm)) bind = &m;
    if (const SpringValve* v = unmeasured(c); v && c.heights > 0)
        return Say::tr("%1 of %2 heights are measured; next is %3.")
            .arg(c.heights)
            .arg(c.valves.size())
            .arg(midSentence(valveName(v->valve, job.engine)));
    if (!bind) {
        const bool lift = !c.valves.empty() && c.valves.front().lift_mm;
        return !lift ? Say::tr("What is left at full lift waits for the lobe, measured or from its "
                               "card.")
                     : Say::tr("What is left to coil bind waits for the height at which the coils "
                               "touch: go down and type it.");
    }
    return Say::tr("Every spring keeps its room: %1 %2")
        .arg(marginLine(*bind, job, style), loadsLine(c, job, style));
}

QString springBrief(const Job& job, const SpringClaim& c, const Style& style) {
    if (!c.faults.empty()) return Say::tr("cannot be: look again");
    if (!c.begun) return Say::tr("heights, loads, coil bind");
    if (const SpringMargin* m = c.worst())
        return QStringLiteral("%1: %2").arg(roomName(m->room), clearance(m->left_mm, style));
    if (c.floats()) {
        double first = 1e9;
        for (const ControlClaim& x : c.control)
            first = std::min(first, *x.rpm());
        return Say::tr("floats at %1 1/min").arg(revolutions(first, style));
    }
    for (const SpringOfSet& s : c.set)
        if (s.odd) return Say::tr("spring %1 is odd").arg(s.spring);
    if (std::any_of(c.valves.begin(), c.valves.end(), [](const auto& v) { return !v.reached; }))
        return Say::tr("shims are short");
    const SpringMargin* bind = nullptr;
    for (const SpringMargin& m : c.margins)
        if (m.room == SpringRoom::CoilBind && (!bind || m.left_mm < bind->left_mm)) bind = &m;
    if (bind) return Say::tr("coil bind %1").arg(clearance(bind->left_mm, style));
    return Say::tr("%1 of %2 heights")
        .arg(c.heights)
        .arg(job.springs.heights.empty() ? 0 : c.valves.size());
}

QStringList springNotes(const Job& job, const SpringClaim& c, const Style& style, bool brief) {
    QStringList out;
    for (std::size_t i = 1; i < c.faults.size(); ++i)
        out << sentence(c.faults[i], job, style);
    const SpringMargin* worst = c.worst();
    for (const SpringMargin& m : c.margins)
        if (!m.keeps() && &m != worst)
            out << marginLine(m, job, style) + QLatin1Char(' ') + mendLine(m, job, c, style);
    for (const SpringOfSet& s : c.set)
        if (s.odd) out << oddLine(s, job, style);
    for (const SpringValve& v : c.valves) {
        if (v.oddHeight)
            out << Say::tr("%1: its height stands out from its side's. Measure it again, then look "
                           "at seat and locks.")
                       .arg(valveName(v.valve, job.engine));
        if (!v.reached && v.stack) out << unreachedLine(v, job, style);
    }
    out << orderLine(c, style) << loadsLine(c, job, style);
    if (!brief)
        out << controlLine(c, style);
    else if (!c.control.empty())
        out << Say::tr("Speeds are rigid estimates: spring surge and bending come earlier.");
    for (const FollowerClaim& f : c.followers)
        out << hollowLine(f, job, style);
    for (Side side : {Side::Intake, Side::Exhaust})
        out << pushRodLine(job, c, side, style);
    for (const RegroundClaim& r : c.reground)
        out << regroundLine(r, job, style);
    out.removeAll(QString());
    const QString verdict = springVerdict(job, c, style);
    out.erase(std::remove_if(out.begin(), out.end(),
                             [&](const QString& s) { return verdict.contains(s); }),
              out.end());
    return out;
}

QString springCaution() {
    return Say::tr(
        "A compressed spring is loaded: the right tool, eyes protected, nobody in its "
        "line. A flat tappet cam is run in with the lubricant and the softer springs its "
        "maker asks for. Limits and loads are the maker's.");
}

} // namespace words
