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
    return writeWhole(path, bytes);
}

QString writeWhole(const QString& path, const QByteArray& bytes) {
    QSaveFile file(path);
    if (!file.open(QIODevice::WriteOnly)) return file.errorString();
    file.setPermissions(QFile::ReadOwner | QFile::WriteOwner);
    if (file.write(bytes) != bytes.size() || !file.commit()) return file.errorString();
    return {};
}

bool isOurs(const QString& path) {
    constexpr qint64 kMost_bytes = 64 << 20;
    QFile file(path);
    if (!QFileInfo(path).isFile() || !file.open(QIODevice::ReadOnly)) return false;
    const QByteArray all = file.read(kMost_bytes);
    const QString ending = endingOf(path);
    const auto has = [&](const QByteArray& sign) { return all.contains(sign); };
    if (ending == QLatin1String("json")) return has("\"format\": \"amber-lobe-job\"");
    if (ending == QLatin1String("md")) return has("| figure | value | basis | against the card |");
    if (ending == QLatin1String("svg")) return has(kMadeBy);
    if (ending == QLatin1String("csv"))
        return all.startsWith("cylinder,side,") || all.startsWith("cylinder,figure,");
    // The creator of a PDF is written in two bytes a letter.
    QByteArray wide;
    for (const char* c = kMadeBy; *c; ++c)
        (wide += '\0') += *c;
    return ending == QLatin1String("pdf") && (has(wide) || has(kMadeBy));
}

} // namespace sheet
