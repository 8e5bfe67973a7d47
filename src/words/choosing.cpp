#include "words/choosing.h"

#include "words/choosing_verdict.h"
#include "words/clearance.h"
#include "words/say.h"
#include "words/sentences.h"
#include "words/setting.h"
#include "words/springs.h"

#include <QDateTime>

#include <algorithm>
#include <cmath>

namespace words {

using namespace lobe;

namespace {

FigureKind measureOf(WishKind kind) {
    switch (kind) {
    case WishKind::Dynamic:
        return FigureKind::Dynamic;
    case WishKind::IntakeClearance:
    case WishKind::ExhaustClearance:
        return FigureKind::Clearance;
    case WishKind::IntakeLift:
    case WishKind::ExhaustLift:
        return FigureKind::ValveLift;
    case WishKind::FollowerFace:
        return FigureKind::FollowerFace;
    case WishKind::IntakeCoilBind:
    case WishKind::ExhaustCoilBind:
        return FigureKind::CoilBind;
    case WishKind::IntakeRetainer:
    case WishKind::ExhaustRetainer:
        return FigureKind::RetainerRoom;
    case WishKind::ControlSpeed:
        return FigureKind::ControlSpeed;
    default:
        return FigureKind::Duration;
    }
}

const CamFigure* figureOf(const std::vector<CamFigure>& all, FigureKind kind,
                          std::optional<Side> side) {
    for (const CamFigure& f : all)
        if (f.kind == kind && f.side == side && f.value) return &f;
    return nullptr;
}

} // namespace

QString sentence(ModelFault fault) {
    switch (fault) {
    case ModelFault::NoLift:
        return Say::tr("the card gives no greatest lift");
    case ModelFault::NoEvents:
        return Say::tr("the card gives neither both events nor a duration with a centre");
    case ModelFault::HeightAboveLift:
        return Say::tr("the height of its events is not under its greatest lift");
    case ModelFault::EventsUnlikely:
        break;
    }
    return Say::tr("its events leave less than 60 or more than 420 degrees");
}

QString sentence(CamFault fault, Side side) {
    switch (fault) {
    case CamFault::NotMeasured:
        return Say::tr("%1: the lift curve is not measured").arg(sideTitle(side));
    case CamFault::NoSuchCard:
        return Say::tr("%1: its card is not in this job any more").arg(sideTitle(side));
    case CamFault::NoLift:
        return sideTitle(side) + QStringLiteral(": ") + sentence(ModelFault::NoLift);
    case CamFault::NoEvents:
        return sideTitle(side) + QStringLiteral(": ") + sentence(ModelFault::NoEvents);
    case CamFault::NoLobe:
        break;
    }
    return Say::tr("%1: the figures of its card make no lobe").arg(sideTitle(side));
}

QString sentence(FillingFault fault) {
    switch (fault) {
    case FillingFault::Dimensions:
        return Say::tr("bore, stroke and rod: each positive, the rod longer than half the stroke");
    case FillingFault::Ratio:
        return Say::tr("the static ratio must lie over 2 and up to 25");
    case FillingFault::Valves:
        return Say::tr("valve heads must lie from 5 mm up to the bore, one to three of each");
    case FillingFault::ValvesOpen:
        break;
    }
    return Say::tr("the valves must open for 60 degrees and be shut round the firing TDC");
}

QString sentence(FillingNeeds needs) {
    switch (needs) {
    case FillingNeeds::Dimensions:
        return Say::tr("For the filling estimate: bore, stroke and rod at Engine.");
    case FillingNeeds::Ratio:
        return Say::tr("For the filling estimate: the volumes at Compression.");
    case FillingNeeds::Heads:
        return Say::tr("For the filling estimate: the heads of the valves at Engine.");
    case FillingNeeds::Lobes:
        return Say::tr("For the filling estimate: both lobes of the cam.");
    case FillingNeeds::Unlikely:
        break;
    }
    return Say::tr("No filling estimate: valves and dimensions do not make an engine.");
}

QString figureDifference(const CamFigure& f, const CamFigure& reference, const Style& style) {
    if (!f.value || !reference.value) return {};
    const auto [value, places] =
        figureShown(f.kind, f.value->value - reference.value->value, style);
    return signedFixed(value, places, style);
}

bool figuresAlike(const std::vector<std::vector<CamFigure>>& all, std::size_t row, std::size_t ref,
                  const Style& style) {
    const CamFigure& base = all[ref][row];
    for (const auto& figures : all) {
        const CamFigure& f = figures[row];
        if (static_cast<bool>(f.value) != static_cast<bool>(base.value)) return false;
        if (!f.value) continue;
        const double apart = std::abs(f.value->value - base.value->value);
        const double known =
            std::hypot(f.value->plusMinus.value_or(0.0), base.value->plusMinus.value_or(0.0));
        const bool shows =
            figureWithUnit(f, f.value, style) != figureWithUnit(base, base.value, style);
        if (shows && apart > known) return false;
    }
    return true;
}

double forceUnit_n(const Style& style) {
    return forceShown(style, style.force).newtons;
}

QString wishName(WishKind kind) {
    switch (kind) {
    case WishKind::Dynamic:
        return Say::tr("dynamic ratio");
    case WishKind::IntakeClearance:
        return Say::tr("intake valve to piston");
    case WishKind::ExhaustClearance:
        return Say::tr("exhaust valve to piston");
    case WishKind::IntakeLift:
        return Say::tr("intake valve lift");
    case WishKind::ExhaustLift:
        return Say::tr("exhaust valve lift");
    case WishKind::FollowerFace:
        return Say::tr("flat face needed");
    case WishKind::Overlap:
        return Say::tr("overlap");
    case WishKind::IntakeCloses:
        return Say::tr("intake closing, after BDC");
    case WishKind::Separation:
        return Say::tr("lobe separation");
    case WishKind::IntakeCoilBind:
        return Say::tr("intake room to coil bind");
    case WishKind::ExhaustCoilBind:
        return Say::tr("exhaust room to coil bind");
    case WishKind::IntakeRetainer:
        return Say::tr("intake retainer room");
    case WishKind::ExhaustRetainer:
        return Say::tr("exhaust retainer room");
    case WishKind::ControlSpeed:
        return Say::tr("speed the springs control");
    case WishKind::SeatPressure:
        break;
    }
    return Say::tr("seat pressure");
}

QString wishNumber(WishKind kind, double value, const Style& style) {
    if (kind == WishKind::SeatPressure)
        return shortest(value / forceUnit_n(style), forceUnit_n(style) > 1.0 ? 1 : 0, style) +
               QLatin1Char(' ') + forceShown(style, style.force).unit;
    if (kind == WishKind::Overlap || kind == WishKind::IntakeCloses || kind == WishKind::Separation)
        return degrees(value, style);
    const FigureKind what = measureOf(kind);
    const auto [number, places] = figureShown(what, value, style);
    const QString unit = figureUnit(what, style);
    return fixed(number, places, style) + (unit.isEmpty() ? QString() : QLatin1Char(' ') + unit);
}

QString wishLine(const Wish& wish, const Style& style) {
    const auto number = [&](double v) { return wishNumber(wish.kind, v, style); };
    const QString name = wishName(wish.kind);
    if (wish.least && wish.most)
        return Say::tr("%1 %2 to %3").arg(name, number(*wish.least), number(*wish.most));
    if (wish.least) return Say::tr("%1 at least %2").arg(name, number(*wish.least));
    if (wish.most) return Say::tr("%1 at most %2").arg(name, number(*wish.most));
    return name;
}

QString judgedLine(const Judged& j, const Style& style) {
    if (j.state == WishState::Unknown) return Say::tr("not known");
    QString number = wishNumber(j.wish.kind, j.value->value, style);
    if (!j.sure) number += Say::tr(", within its ±");
    return j.state == WishState::Pass ? Say::tr("passes, %1").arg(number)
                                      : Say::tr("fails, %1").arg(number);
}

static QString cured(const Cure& cure, const Style& style) {
    const auto length = [&](double mm) { return clearance(mm, style); };
    switch (cure.kind) {
    case CureKind::Advance:
        return cure.value < 0.0 ? Say::tr("cam later by %1").arg(degrees(-cure.value, style))
                                : Say::tr("cam earlier by %1").arg(degrees(cure.value, style));
    case CureKind::Notch:
        return Say::tr("notch deeper by %1").arg(length(cure.value));
    case CureKind::Ratio:
        return Say::tr("rocker ratio of %1").arg(fixed(cure.value, 2, style));
    case CureKind::Deck:
        return cure.value < 0.0 ? Say::tr("piston %1 above the face").arg(length(-cure.value))
                                : Say::tr("piston %1 below the face").arg(length(cure.value));
    case CureKind::Gasket:
        return Say::tr("gasket of %1").arg(length(cure.value));
    case CureKind::Chamber:
        return Say::tr("chamber of %1 cc").arg(fixed(cure.value, 1, style));
    case CureKind::Spring:
        return Say::tr("springs and seals for a lift of %1").arg(length(cure.value));
    case CureKind::Follower:
        return Say::tr("a follower with a face of %1").arg(length(cure.value));
    case CureKind::Reground:
        return Say::tr("only another grind: it is ground in");
    case CureKind::OtherSpring:
        break;
    }
    return Say::tr("springs with %1 on the seat")
        .arg(wishNumber(WishKind::SeatPressure, cure.value, style));
}

QString cureLine(const Cure& cure, const Style& style) {
    const QString said = cured(cure, style);
    return cure.staticRatio ? said + Say::tr(" (static %1)").arg(fixed(*cure.staticRatio, 1, style))
                            : said;
}

QString rankLine(const Ranked& r, const Cam& cam, const std::vector<Judged>& judged,
                 bool withFailed) {
    QStringList failed, unknown, out;
    for (const Judged& j : judged) {
        if (j.state == WishState::Fail) failed << wishName(j.wish.kind);
        if (j.state == WishState::Unknown) unknown << wishName(j.wish.kind);
    }
    if (!judged.empty())
        out << Say::tr("passes %1 of %2").arg(r.passed).arg(static_cast<int>(judged.size()));
    if (withFailed && !failed.isEmpty())
        out << Say::tr("fails %1").arg(failed.join(QStringLiteral(", ")));
    if (!unknown.isEmpty()) out << Say::tr("not known: %1").arg(unknown.join(QStringLiteral(", ")));
    if (withFailed && cam.modelled()) out << Say::tr("modelled from its card");
    return out.join(QStringLiteral("; "));
}

QString rankVerdict(const std::vector<Ranked>& ranks, const std::vector<Cam>& cams) {
    if (cams.empty())
        return Say::tr(
            "No cam to compare yet: measure one, take one from the shelf, or type a card.");
    if (cams.size() == 1)
        return Say::tr("%1 alone: take another from the shelf, or type a card.")
            .arg(QString::fromStdString(cams.front().spec.name));
    if (ranks.empty() || ranks.front().passed + ranks.front().failed + ranks.front().unknown == 0)
        return Say::tr("%1 cams side by side. Say what you wish for, and they are ranked.")
            .arg(cams.size());
    const auto name = [&](const Ranked& r) {
        return QString::fromStdString(cams[r.cam].spec.name);
    };
    const Ranked& best = ranks.front();
    QStringList first;
    for (const Ranked& r : ranks)
        if (r.rank == 1) first << name(r);
    if (best.failed > 0)
        return Say::tr("No cam passes everything: %1 comes nearest, failing %2 of %3. What would "
                       "help stands beside it.")
            .arg(first.join(Say::tr(" and ")))
            .arg(best.failed)
            .arg(best.passed + best.failed + best.unknown);
    if (best.unknown > 0)
        return Say::tr("%1 fails nothing, but %2 of the wishes cannot be judged yet.")
            .arg(first.join(Say::tr(" and ")))
            .arg(best.unknown);
    if (first.size() > 1)
        return Say::tr("%1 pass everything alike.").arg(first.join(Say::tr(" and ")));
    return Say::tr("%1 passes everything you wish for.").arg(first.front());
}

QString rankRule() {
    return Say::tr("Ranked by fewest wishes failed, then fewest not known, then filling over the "
                   "purpose, then measured before modelled; nothing is weighed in secret.");
}

QString decisionLine(const Decision& d, const Style& style) {
    QStringList beaten;
    for (const Beaten& b : d.beaten)
        beaten << QString::fromStdString(b.name);
    const QString day = style.locale.toString(QDateTime::fromMSecsSinceEpoch(d.time_ms).date(),
                                              QLocale::ShortFormat);
    QString text =
        Say::tr("Decided %1: %2, because %3.")
            .arg(day, QString::fromStdString(d.chosen), QString::fromStdString(d.reason));
    if (!beaten.isEmpty()) text += Say::tr(" Over %1.").arg(beaten.join(QStringLiteral(", ")));
    return text;
}

QString fillingCaution(bool piped) {
    if (piped)
        return Say::tr(
            "An estimate with gas in both pipes, one cylinder alone: it leaves out combustion's "
            "course, bends, fuel and what other cylinders send. It says which cam fills better "
            "where. It cannot say power.");
    return Say::tr(
        "An estimate that leaves out the pipes: it can say which cam fills better where, "
        "and about how far the best speed moves. It cannot say power.");
}

QString fillingAgainst(const FillingCurve& curve, const FillingCurve& reference,
                       const Style& style) {
    if (curve.points.empty() || reference.points.empty()) return {};
    QString where;
    if (curve.peak_rpm && reference.peak_rpm) {
        // To fifty: more is not in it.
        const double by = std::round((*curve.peak_rpm - *reference.peak_rpm) / 50.0) * 50.0;
        where = by == 0.0 ? Say::tr("fills best at the same speed")
                : by > 0.0
                    ? Say::tr("fills best about %1 per minute higher").arg(fixed(by, 0, style))
                    : Say::tr("fills best about %1 per minute lower").arg(fixed(-by, 0, style));
    } else {
        where = Say::tr("fills best beyond these speeds");
    }
    if (curve.fallOff_rpm && reference.fallOff_rpm) {
        const double by = std::round((*curve.fallOff_rpm - *reference.fallOff_rpm) / 50.0) * 50.0;
        if (by != 0.0)
            where += by > 0.0 ? Say::tr(", falls off %1 later").arg(fixed(by, 0, style))
                              : Say::tr(", falls off %1 sooner").arg(fixed(-by, 0, style));
    }
    QString gains = gainsLine(curve, reference, style);
    if (gains.isEmpty()) gains = Say::tr("nowhere told from it by more than 1 %");
    return QStringLiteral("%1; %2").arg(where, gains);
}

QStringList tendencies(const std::vector<CamFigure>& all, const std::vector<CamFigure>& reference) {
    QStringList out;
    const auto by = [&](FigureKind what, std::optional<Side> side) -> double {
        const CamFigure *a = figureOf(all, what, side), *b = figureOf(reference, what, side);
        return a && b ? a->value->value - b->value->value : 0.0;
    };
    const double centre = by(FigureKind::Centre, Side::Intake);
    const double longer = by(FigureKind::Duration, Side::Intake);
    const double wider = by(FigureKind::Separation, {});
    const double higher = by(FigureKind::ValveLift, Side::Intake);
    const double overlap = by(FigureKind::OverlapArea, {});
    if (longer > 1.5)
        out << Say::tr("Longer: the best speed tends to go up and idle and low speed to suffer; a "
                       "restricted intake or exhaust takes most of it back.");
    if (longer < -1.5)
        out << Say::tr("Shorter: more low down, a calmer idle, an earlier fall-off; with low "
                       "compression less than hoped for.");
    if (std::abs(longer) <= 6.0 && centre < -1.0) out << adviceOnMove(1.0);
    if (std::abs(longer) <= 6.0 && centre > 1.0) out << adviceOnMove(-1.0);
    if (std::abs(wider) > 0.8) out << adviceOnSeparation(wider);
    if (higher > 0.15)
        out << Say::tr("More lift: better filling while the port still flows more, harder on "
                       "springs and ramps, hardly any change of clearance.");
    if (higher < -0.15)
        out << Say::tr("Less lift: kinder to springs and guides; little is lost where the port is "
                       "the narrower.");
    if (overlap > 8.0)
        out << Say::tr("More overlap: rougher at idle and more burned gas left at low speed; with "
                       "a tuned exhaust better filling higher up, with a turbocharger seldom.");
    if (overlap < -8.0)
        out << Say::tr("Less overlap: a calmer idle and cleaner low speed; less scavenging higher "
                       "up with a tuned exhaust.");
    if (out.isEmpty()) out << Say::tr("Too near to the reference to be felt.");
    return out;
}

} // namespace words
