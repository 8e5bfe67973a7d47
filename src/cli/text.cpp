#include "cli/text.h"

#include "core/job/job.h"
#include "stations/list.h"
#include "words/explanation.h"
#include "words/sentences.h"
#include "words/setting.h"

namespace cli {

using namespace lobe;

namespace {

QString angle(const std::optional<CrankDeg>& at, const words::Style& style) {
    return at ? words::fixed(at->deg, 2, style) : QStringLiteral("-");
}
QString number(const std::optional<double>& v, const words::Style& style, int places = 2) {
    return v ? words::fixed(*v, places, style) : QStringLiteral("-");
}

QString plusMinus(const std::optional<double>& v, const words::Style& style) {
    return v ? QChar(0xB1) + words::fixed(*v, 2, style) : QString();
}

QString findingLines(const std::vector<Finding>& findings, const words::Style& style) {
    QString out;
    for (const Finding& f : findings)
        out += QStringLiteral("  %1: %2\n")
                   .arg(words::severityTitle(f.severity), words::sentence(f, style));
    return out;
}

} // namespace

QString lobeText(const LobeFigures& f, const std::vector<Height>& heights,
                 const words::Style& style) {
    QString out =
        QStringLiteral("%1 lobe, lift taken at the %2 (crank degrees, 0 at TDC on overlap)\n")
            .arg(words::sideTitle(f.side), words::placeName(f.taken.at));
    if (f.maxLift_mm)
        out += QStringLiteral("  greatest lift  %1 at %2\n")
                   .arg(words::liftWithUnit(*f.maxLift_mm, style), angle(f.maxLiftAt, style));
    out +=
        QStringLiteral(
            "  lobe centre    equal drop %1, middle of events %2, highest lift %3, centroid %4\n")
            .arg(angle(f.centres.equalDrop, style), angle(f.centres.events, style),
                 angle(f.centres.peak, style), angle(f.centres.centroid, style));
    out += QStringLiteral("  area           %1 mm deg\n").arg(number(f.area_mm_deg, style, 1));
    out += QStringLiteral("  %1 %2 %3 %4 %5\n")
               .arg(QStringLiteral("checking height"), -22)
               .arg(QStringLiteral("opens"), 9)
               .arg(QStringLiteral("closes"), 9)
               .arg(QStringLiteral("duration"), 9)
               .arg(QStringLiteral("middle"), 9);
    for (const Height& h : heights) {
        const HeightEvents* e = f.events(h);
        if (!e) continue;
        out += QStringLiteral("  %1 %2 %3 %4 %5\n")
                   .arg(words::height(h.mm, style) + QStringLiteral(", ") + words::placeName(h.at),
                        -22)
                   .arg(angle(e->opens, style), 9)
                   .arg(angle(e->closes, style), 9)
                   .arg(number(e->duration_deg(), style), 9)
                   .arg(angle(e->midpoint(), style), 9);
        if (halfWidthOf(e->duration_deg()))
            out += QStringLiteral("  %1 %2 %3 %4 %5\n")
                       .arg(QString(), -22)
                       .arg(plusMinus(halfWidthOf(e->opens), style), 9)
                       .arg(plusMinus(halfWidthOf(e->closes), style), 9)
                       .arg(plusMinus(halfWidthOf(e->duration_deg()), style), 9)
                       .arg(plusMinus(halfWidthOf(e->midpoint()), style), 9);
    }
    out += QStringLiteral("  %1\n").arg(words::smoothingLine(f, style));
    if (const QString said = words::symmetrySentence(f, style); !said.isEmpty())
        out += QStringLiteral("  %1\n").arg(said);
    if (f.motion)
        out += QStringLiteral("  flat tappet    face of at least %1, velocity %2 per cam degree\n")
                   .arg(words::liftWithUnit(f.motion->flatTappet_mm, style),
                        words::liftWithUnit(f.motion->fastest, style));
    return out + findingLines(f.findings, style);
}

QString pairText(const PairFigures& pair, const words::Style& style) {
    QString out = QStringLiteral("Together\n");
    out += QStringLiteral("  lobe separation  %1 cam degrees\n")
               .arg(number(pair.separation ? std::optional(pair.separation->deg) : std::nullopt,
                           style));
    out += QStringLiteral("  advance          %1 crank degrees\n")
               .arg(number(pair.advance_deg, style));
    out += QStringLiteral("  split point      %1 after TDC\n").arg(angle(pair.splitPoint, style));
    for (const Overlap& o : pair.overlap)
        out += QStringLiteral("  overlap          %1 %2\n")
                   .arg(number(o.degrees, style), words::heightAt(o.height, style));
    out += QStringLiteral("  overlap area     %1 mm deg\n")
               .arg(number(pair.overlapArea_mm_deg, style, 1));
    return out + findingLines(pair.findings, style);
}

QString explanationText(const Explanation& x, bool tdcProved, const words::Style& style) {
    if (x.causes.empty()) return QStringLiteral("Against the card: nothing to compare.\n");
    QString out = QStringLiteral("Against the card\n  ") + words::paragraph(x, tdcProved, style) +
                  QLatin1Char('\n');
    for (const QString& line : words::eventLines(x, style))
        out += QStringLiteral("    ") + line + QLatin1Char('\n');
    return out;
}

QString jobText(const Job& job, const Findings& findings, const words::Style& style) {
    QString out = QString::fromStdString(job.name) + QLatin1Char('\n');
    for (const stations::Station* s : stations::of(job))
        out += QStringLiteral("  %1 %2 %3\n")
                   .arg(s->name(), -12)
                   .arg(words::progressName(s->progress(job, findings)), -11)
                   .arg(s->line(job, findings, style));
    for (const Figure& f : findings.figures())
        out += QStringLiteral("  %1 %2 %3  %4\n")
                   .arg(words::figureName(f), -24)
                   .arg(words::figureValue(f, style), 8)
                   .arg(words::figureBasis(f, style), words::figureDifference(f, style));
    for (const CylinderFindings& c : findings.cylinders)
        if (c.explanation && !c.explanation->causes.empty())
            out += QStringLiteral("Cylinder %1. ").arg(c.cylinder) +
                   explanationText(*c.explanation, findings.tdc.state == TdcState::Proved, style);
    const QString need = words::needSentence(job, findings.need, style);
    if (!findings.need.fault && !need.isEmpty()) out += need + QLatin1Char('\n');
    for (const MoveCheck& c : findings.changes)
        out += QStringLiteral("Change %1. %2\n").arg(c.number).arg(words::sentence(c, style));
    return out + findingLines(findings.all, style);
}

} // namespace cli
