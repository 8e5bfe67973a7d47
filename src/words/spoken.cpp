#include "words/spoken.h"

#include "words/say.h"

#include <QRegularExpression>

#include <utility>

namespace words {

QString spoken(const QString& shown) {
    QString text = shown;
    // Longer forms first; each only where it stands alone.
    const std::pair<const char*, QString> kWords[] = {
        {"ATDC", Say::tr("after top dead centre")},
        {"BTDC", Say::tr("before top dead centre")},
        {"ABDC", Say::tr("after bottom dead centre")},
        {"BBDC", Say::tr("before bottom dead centre")},
        {"TDC", Say::tr("top dead centre")},
        {"BDC", Say::tr("bottom dead centre")},
        {"mm", Say::tr("millimetres")},
        {"in", Say::tr("inches")}};
    for (const auto& [sign, said] : kWords) {
        // "in" is a word as well: only behind a figure it is a unit.
        const QString behind = qstrcmp(sign, "in") == 0 || qstrcmp(sign, "mm") == 0
                                   ? QStringLiteral("(?<=\\d )")
                                   : QStringLiteral("\\b");
        text.replace(QRegularExpression(behind + QLatin1String(sign) + QStringLiteral("\\b")),
                     said);
    }
    text.replace(QRegularExpression(QStringLiteral(" ?\\x{00B0}")),
                 QLatin1Char(' ') + Say::tr("degrees"));
    text.replace(QRegularExpression(QStringLiteral("[\\x{2212}-](?=\\d)")),
                 Say::tr("minus") + QLatin1Char(' '));
    text.replace(QRegularExpression(QStringLiteral("\\x{00B1} ?")),
                 Say::tr("plus or minus") + QLatin1Char(' '));
    text.remove(QLatin1Char('?'));
    return text.simplified();
}

} // namespace words
