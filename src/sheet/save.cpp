#include "sheet/save.h"

#include "sheet/paper.h"
#include "sheet/texts.h"

#include <QFileInfo>
#include <QSaveFile>

namespace sheet {

using namespace lobe;

namespace {

QByteArray tableOf(const Job& job, const Findings& findings, Table table) {
    switch (table) {
    case Table::Readings:
        break;
    case Table::Curves:
        return curvesCsv(findings).toUtf8();
    case Table::Figures:
        return figuresCsv(findings).toUtf8();
    }
    return readingsCsv(job).toUtf8();
}

QString endingOf(const QString& path) {
    return QFileInfo(path).suffix().toLower();
}

} // namespace

bool writes(const QString& ending) {
    return QStringList{QStringLiteral("csv"), QStringLiteral("md"), QStringLiteral("svg"),
                       QStringLiteral("pdf")}
        .contains(ending);
}

QString saveAs(const QString& path, const Job& job, const Findings& findings,
               const Options& options, Table table) {
    const QString ending = endingOf(path);
    if (ending == QLatin1String("pdf")) return Sheet(job, findings, options).savePdf(path);
    const QByteArray bytes = ending == QLatin1String("md") ? figuresMarkdown(job, findings).toUtf8()
                             : ending == QLatin1String("svg")
                                 ? picturesSvg(job, findings, options.style)
                                 : tableOf(job, findings, table);
    QSaveFile file(path);
    if (!file.open(QIODevice::WriteOnly) || file.write(bytes) != bytes.size() || !file.commit())
        return file.errorString();
    return {};
}

} // namespace sheet
