#include "words/choosing_verdict.h"

#include "core/job/job.h"
#include "words/choosing.h"
#include "words/clearance.h"
#include "words/say.h"
#include "words/sentences.h"
#include "words/setting.h"

#include <algorithm>
#include <cmath>

namespace words {

using namespace lobe;

namespace {

QString percent(double share, const Style& style) {
    return fixed(std::abs(share) * 100.0, std::abs(share) < 0.0995 ? 1 : 0, style);
}

QString nameOf(const Cam& cam) {
    return QString::fromStdString(cam.spec.name);
}

std::optional<Measured<double>> figure(const std::vector<CamFigure>& all, FigureKind kind,
                                       Side side) {
    for (const CamFigure& f : all)
        if (f.kind == kind && f.side == side) return f.value;
    return std::nullopt;
}

/// How short of the limits a cam is; empty where it keeps them, or nothing is known.
QString shortOf(const Job& job, const std::vector<CamFigure>& all, const Style& style,
                bool& known) {
    QStringList out;
    for (const Side side : {Side::Intake, Side::Exhaust}) {
        const auto value = figure(all, FigureKind::Clearance, side);
        if (!value) continue;
        known = true;
        const double lacks = job.reckoning.clearance.least_mm[side] - value->value;
        if (lacks > 1e-9)
            out << Say::tr("%1 at the %2 valve").arg(clearance(lacks, style), sideName(side));
    }
    return out.join(Say::tr(" and "));
}

QString clearances(const Job& job, const CamStands& a, const CamStands& b, const Style& style) {
    bool knownA = false, knownB = false;
    const QString first = shortOf(job, *a.figures, style, knownA),
                  second = shortOf(job, *b.figures, style, knownB);
    if (!knownA && !knownB) return Say::tr("the clearance of neither is known");
    if (knownA && knownB && first.isEmpty() && second.isEmpty())
        return Say::tr("both keep the clearance");
    QStringList out;
    for (const auto& [stands, lacks, known] :
         {std::tuple(&a, first, knownA), std::tuple(&b, second, knownB)})
        if (known && !lacks.isEmpty())
            out << Say::tr("%1 lacks %2").arg(stands->name, lacks);
        else if (!known)
            out << Say::tr("the clearance of %1 is not known").arg(stands->name);
    return out.join(QStringLiteral(", "));
}

} // namespace

QString gainsLine(const FillingCurve& curve, const FillingCurve& reference, const Style& style) {
    QStringList gains;
    const auto n = std::min(curve.points.size(), reference.points.size());
    if (n == 0) return {};
    const double first = curve.points.front().speed_rpm, last = curve.points[n - 1].speed_rpm;
    for (const FillingGain& g : gainsOver(curve, reference)) {
        // One speed alone is no stretch of them.
        if (g.from_rpm == g.to_rpm) continue;
        const QString share = fixed(std::abs(g.share) * 100.0, 0, style);
        const QString from = fixed(g.from_rpm / 1000.0, 1, style),
                      to = fixed(g.to_rpm / 1000.0, 1, style);
        const QString over = g.from_rpm <= first && g.to_rpm >= last ? Say::tr("at every speed")
                             : g.from_rpm <= first ? Say::tr("up to %1 thousand").arg(to)
                             : g.to_rpm >= last    ? Say::tr("above %1 thousand").arg(from)
                                                : Say::tr("from %1 to %2 thousand").arg(from, to);
        gains
            << (g.share > 0.0 ? Say::tr("%1 % more %2") : Say::tr("%1 % less %2")).arg(share, over);
    }
    return gains.join(QStringLiteral(", "));
}

QString camAgainst(const Job& job, const CamStands& a, const CamStands& b, const Style& style) {
    QStringList parts;
    if (a.curve && b.curve) {
        const QString gains = gainsLine(*a.curve, *b.curve, style);
        parts << (gains.isEmpty() ? Say::tr("fills as well within what an estimate can tell")
                                  : Say::tr("fills %1").arg(gains));
    }
    parts << clearances(job, a, b, style);
    if (a.cam->modelled())
        if (const auto closes = figure(*a.figures, FigureKind::Closes, Side::Intake);
            closes && closes->plusMinus)
            parts << Say::tr("its card leaves the intake closing open by %1%2: measure it before "
                             "you order")
                         .arg(QString(QChar(0xB1)), degrees(*closes->plusMinus, style));
    return Say::tr("%1 against %2: %3.").arg(a.name, b.name, parts.join(QStringLiteral("; ")));
}

QString meansLine(const std::vector<Cam>& cams,
                  const std::vector<std::optional<FillingMean>>& means, std::size_t cam,
                  const Style& style) {
    if (cam >= means.size() || !means[cam]) return {};
    std::optional<std::size_t> other;
    for (std::size_t i = 0; i < means.size(); ++i)
        if (i != cam && means[i] && (!other || means[i]->usual > means[*other]->usual)) other = i;
    if (!other) return {};
    const auto gain = gainOf(*means[cam], *means[*other]);
    const QString name = nameOf(cams[*other]);
    if (!gain) return Say::tr("fills over the purpose like %1").arg(name);
    return (*gain > 0.0 ? Say::tr("fills %1 % more over the purpose than %2")
                        : Say::tr("fills %1 % less over the purpose than %2"))
        .arg(percent(*gain, style), name);
}

QString settleLine(const Settling& s, const std::vector<Cam>& cams, const Style& style) {
    const QString name = nameOf(cams[s.cam]);
    QString narrows;
    if (s.wish && s.before && s.after)
        narrows =
            Say::tr(": what is open of %1 falls from %2%3 to about %2%4")
                .arg(wishName(*s.wish), QString(QChar(0xB1)), wishNumber(*s.wish, *s.before, style),
                     wishNumber(*s.wish, *s.after, style));
    else if (s.wish)
        narrows = Say::tr(": without it %1 is not known").arg(wishName(*s.wish));
    switch (s.by) {
    case SettleBy::Map:
        return Say::tr("What would settle it: a clearance map%1.").arg(narrows);
    case SettleBy::Lobe:
        return Say::tr("What would settle it: the lobes of %1, measured%2.").arg(name, narrows);
    case SettleBy::OtherHeight:
        return Say::tr("What would settle it: the durations of %1 at %2 too%3.")
            .arg(name, height(s.at, style), narrows);
    case SettleBy::Press:
        return Say::tr("What would settle it: the valve pressed at %1 as well%2.")
            .arg(s.at < 0.0 ? Say::tr("%1 before TDC").arg(degrees(-s.at, style))
                            : Say::tr("%1 after TDC").arg(degrees(s.at, style)),
                 narrows);
    case SettleBy::PipeLengths:
        break;
    }
    return Say::tr("What would settle it: the lengths of the pipes. From short to long ones %1 "
                   "differs by %2 % over the purpose; with them one figure stands.")
        .arg(name, percent(*s.before, style));
}

QString fillsBestLine(const FillsBest& best, const QString& name, bool twoCams,
                      const Style& style) {
    if (best.deg.intake == 0.0 && best.deg.exhaust == 0.0)
        return Say::tr("%1 fills best over the purpose where it stands.").arg(name);
    const QString moved =
        twoCams ? Say::tr("intake %1, exhaust %2")
                      .arg(moveBy(best.deg.intake, style), moveBy(best.deg.exhaust, style))
                : moveBy(best.deg.intake, style);
    QString text = Say::tr("%1 fills best over the purpose with %2: %3 % more.")
                       .arg(name, moved, fixed(best.share * 100.0, 1, style));
    for (const Side side : {Side::Intake, Side::Exhaust})
        if (best.before[side] && best.after[side])
            text += Say::tr(" %1 clearance %2 to %3.")
                        .arg(sideTitle(side), clearance(best.before[side]->value, style),
                             clearance(best.after[side]->value, style));
    return text;
}

QString residualLine(const std::vector<FillingCurve>& curves, const std::vector<Cam>& cams,
                     std::size_t reference, const Style& style) {
    if (reference >= curves.size() || curves[reference].points.empty()) return {};
    QStringList residual, torque;
    const double base = curves[reference].peakEfficiency;
    for (std::size_t i = 0; i < curves.size() && i < cams.size(); ++i) {
        if (curves[i].points.empty()) continue;
        residual << nameOf(cams[i]) + QLatin1Char(' ') +
                        fixed(100.0 * curves[i].points.front().residual, 0, style) + Say::tr(" %");
        if (i != reference && base > 0.0)
            torque << nameOf(cams[i]) + QLatin1Char(' ') +
                          fixed(100.0 * curves[i].peakEfficiency / base, 0, style);
    }
    QString text = Say::tr("Burned gas left at %1 per minute: %2.")
                       .arg(fixed(curves[reference].points.front().speed_rpm, 0, style),
                            residual.join(QStringLiteral(", ")));
    if (!torque.isEmpty())
        text += Say::tr(" Torque per litre at its best, one efficiency for all, %1 as 100: %2.")
                    .arg(nameOf(cams[reference]), torque.join(QStringLiteral(", ")));
    return text;
}

} // namespace words
