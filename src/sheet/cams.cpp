#include "sheet/cams.h"

#include "core/choose/wishes.h"
#include "core/job/job.h"
#include "words/choosing.h"
#include "words/say.h"
#include "words/sentences.h"

#include <algorithm>
#include <vector>

namespace sheet {

using namespace lobe;

QString camsPart(const Job& job, const Findings& findings, const words::Style& style) {
    std::vector<Cam> cams;
    std::vector<std::vector<CamFigure>> figures;
    std::vector<std::vector<Judged>> judged;
    std::vector<bool> modelled;
    for (const Candidate& c : candidatesOf(job, findings)) {
        cams.push_back(camOf(job, findings, c));
        const PerSide<double> stands = totalMove(job, cams.back(), {});
        figures.push_back(camFigures(job, findings, cams.back(), stands));
        judged.push_back(judge(job, findings, cams.back(), stands, figures.back(), false));
        modelled.push_back(cams.back().modelled());
    }
    if (cams.size() < 2) return {};
    const auto cell = [&](const QString& text, bool head, bool left) {
        const QString tag = head ? QStringLiteral("th") : QStringLiteral("td");
        // Six beside their names need smaller type than the rest.
        return QStringLiteral("<%1%4 align=\"%2\"><span style=\"font-size:%5pt\">%3</span></%1>")
            .arg(tag, left ? QStringLiteral("left") : QStringLiteral("right"), text.toHtmlEscaped(),
                 left ? QStringLiteral(" width=\"30%\"") : QString(),
                 cams.size() > 3 ? QStringLiteral("5.8") : QStringLiteral("6.8"));
    };
    const auto row = [&](const QString& name, const std::vector<QString>& cells, bool head) {
        QString out = cell(name, head, true);
        for (const QString& c : cells)
            out += cell(c, head, false);
        return QStringLiteral("<tr>%1</tr>").arg(out);
    };
    std::vector<QString> heads;
    for (const Cam& c : cams)
        heads.push_back(QString::fromStdString(c.spec.name) +
                        (c.modelled() ? QLatin1Char(' ') + QString(QChar(0x2248)) : QString()));
    QString table = row(QString(), heads, true);
    const auto reference = std::find_if(cams.begin(), cams.end(), [&](const Cam& c) {
        return c.spec.name == job.choosing.reference;
    });
    const auto ref = reference == cams.end() ? std::size_t{0}
                                             : static_cast<std::size_t>(reference - cams.begin());
    int alike = 0;
    for (std::size_t r = 0; r < figures[0].size(); ++r) {
        if (words::figuresAlike(figures, r, ref, style)) {
            alike += figures[ref][r].value.has_value();
            continue;
        }
        std::vector<QString> cells;
        bool any = false;
        for (const auto& all : figures) {
            any = any || all[r].value;
            cells.push_back(words::figureWithUnit(all[r], all[r].value, style));
        }
        if (any) table += row(words::figureTitle(figures[0][r], style), cells, false);
    }
    for (std::size_t w = 0; w < job.choosing.wishes.size(); ++w) {
        std::vector<QString> cells;
        for (const auto& all : judged)
            cells.push_back(words::judgedLine(all[w], style));
        table += row(words::wishLine(job.choosing.wishes[w], style), cells, false);
    }
    return QStringLiteral("<p>%1</p><table width=\"100%\" cellspacing=\"0\" cellpadding=\"1\">%2"
                          "</table><p>%3</p>")
        .arg(words::rankVerdict(rankOf(judged, modelled), cams).toHtmlEscaped(), table,
             (Say::tr("\u2248 is modelled from its card. Cams as they stand in this engine.") +
              (alike > 0
                   ? QLatin1Char(' ') +
                         Say::tr("%n more figures are alike within what is known.", nullptr, alike)
                   : QString()))
                 .toHtmlEscaped());
}

} // namespace sheet
