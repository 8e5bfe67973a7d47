#include "sheet/texts.h"

#include "core/job/job.h"
#include "core/lobe/run.h"
#include "words/sentences.h"

#include <QStringList>

#include <charconv>

namespace sheet {

using namespace lobe;

namespace {

/// As short as it can be and still be the same number.
QString number(double v) {
    char buffer[32];
    const auto end = std::to_chars(buffer, buffer + sizeof buffer, v).ptr;
    return QString::fromLatin1(buffer, end - buffer);
}

QString side(Side s) {
    return s == Side::Intake ? QStringLiteral("intake") : QStringLiteral("exhaust");
}

QString line(const QStringList& cells) {
    return cells.join(QLatin1Char(',')) + QLatin1Char('\n');
}

} // namespace

QString cell(const QString& text) {
    QString out = text.simplified();
    for (QChar& c : out)
        if (c.unicode() < 0x20) c = QLatin1Char(' ');
    // In full width too: a spreadsheet takes them for the same.
    if (!out.isEmpty() && QStringLiteral("=+-@\uFF1D\uFF0B\uFF0D\uFF20").contains(out.at(0)))
        out.prepend(QLatin1Char('\''));
    if (!out.contains(QLatin1Char(',')) && !out.contains(QLatin1Char('"'))) return out;
    return QLatin1Char('"') + out.replace(QLatin1Char('"'), QStringLiteral("\"\"")) +
           QLatin1Char('"');
}

QString readingsCsv(const Job& job) {
    QString out = QStringLiteral("cylinder,side,run,crank_deg,lift_mm,typed,struck\n");
    int n = 0;
    for (const LiftRun& run : job.runs) {
        ++n;
        for (const Reading& r : run.readings)
            out += line({QString::number(run.cylinder), side(run.side), QString::number(n),
                         number(placed(r, run.terms).deg), number(r.value_mm),
                         cell(QString::fromStdString(r.typed)),
                         r.struck ? cell(QString::fromStdString(r.struck->reason)) : QString()});
    }
    return out;
}

QString curvesCsv(const Findings& f) {
    QString out = QStringLiteral("cylinder,side,crank_deg,lift_mm\n");
    for (const RunFindings& run : f.runs) {
        if (!run.current || !run.lobe.curve) continue;
        const LiftCurve& curve = *run.lobe.curve;
        for (double d = std::ceil(curve.first()); d <= curve.last(); d += 1.0)
            out += line({QString::number(run.cylinder), side(run.side), number(d),
                         QString::number(curve.at(d), 'f', 4)});
    }
    return out;
}

QString figuresCsv(const Findings& f) {
    const words::Style style;
    QString out = QStringLiteral("cylinder,figure,key,value,half_width,basis,against_card\n");
    for (const CylinderFindings& c : f.cylinders)
        for (const Figure& each : c.figures) {
            const auto half = each.value ? halfWidthOf(each.value) : std::nullopt;
            out += line({QString::number(c.cylinder), cell(words::figureName(each)),
                         cell(QString::fromStdString(each.key())),
                         each.value ? number(*words::figureRead(each)) : QString(),
                         half ? number(*half) : QString(), cell(words::figureBasis(each, style)),
                         each.cardDifference ? number(*each.cardDifference) : QString()});
        }
    return out;
}

QString figuresMarkdown(const Job& job, const Findings& f) {
    const words::Style style;
    const auto safe = [](QString text) {
        // Signs that would be taken for markup, or for a page of the web.
        QString out;
        const QString line = text.simplified();
        for (const QChar c : line) {
            if (c == QLatin1Char('<'))
                out += QStringLiteral("&lt;");
            else if (c == QLatin1Char('&'))
                out += QStringLiteral("&amp;");
            else if (QStringLiteral("\\`*_[]|#!>").contains(c))
                out += QLatin1Char('\\') + QString(c);
            else
                out += c;
        }
        return out;
    };
    QString out = QStringLiteral("# %1\n").arg(safe(QString::fromStdString(job.name)));
    for (const CylinderFindings& c : f.cylinders) {
        out += QStringLiteral("\n## Cylinder %1\n\n| figure | value | basis | against the card "
                              "|\n|---|---|---|---|\n")
                   .arg(c.cylinder);
        for (const Figure& each : c.figures)
            out += QStringLiteral("| %1 | %2 | %3 | %4 |\n")
                       .arg(safe(words::figureName(each)), safe(words::figureValue(each, style)),
                            safe(words::figureBasis(each, style)),
                            safe(words::figureDifference(each, style)));
    }
    return out;
}

} // namespace sheet
