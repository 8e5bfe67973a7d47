#include "words/spoken.h"

#include "words/say.h"

#include <QRegularExpression>

#include <utility>

namespace words {

QString spoken(const QString& shown) {
    QString text = shown;
    // As they are shown in this language, longer forms first; each only where it stands alone.
    const std::pair<QString, QString> kWords[] = {
        {Say::tr("after TDC"), Say::tr("after top dead centre")},
        {Say::tr("before TDC"), Say::tr("before top dead centre")},
        {Say::tr("after BDC"), Say::tr("after bottom dead centre")},
        {Say::tr("before BDC"), Say::tr("before bottom dead centre")},
        {Say::tr("ATDC"), Say::tr("after top dead centre")},
        {Say::tr("BTDC"), Say::tr("before top dead centre")},
        {Say::tr("ABDC"), Say::tr("after bottom dead centre")},
        {Say::tr("BBDC"), Say::tr("before bottom dead centre")},
        {Say::tr("TDC"), Say::tr("top dead centre")},
        {Say::tr("BDC"), Say::tr("bottom dead centre")}};
    for (const auto& [sign, said] : kWords)
        text.replace(QRegularExpression(QStringLiteral("(?<!\\w)") +
                                        QRegularExpression::escape(sign) +
                                        QStringLiteral("(?!\\w)")),
                     said);
    // "in" is a word as well: only behind a figure it is a unit.
    for (const auto& [unit, said] :
         {std::pair("mm", Say::tr("millimetres")), std::pair("in", Say::tr("inches"))})
        text.replace(QRegularExpression(QStringLiteral("(?<=\\d )") + QLatin1String(unit) +
                                        QStringLiteral("\\b")),
                     said);
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
