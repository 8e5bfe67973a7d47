#include "words/typed_words.h"

#include "words/say.h"

#include <QRegularExpression>
#include <QStringList>

#include <algorithm>
#include <iterator>

namespace words {

namespace {

struct CommandWord {
    struct {
        const char *source, *comment;
    } word;
    bool ownText = false; ///< what follows is somebody's own
};

// In the order of the stations they belong to.
constexpr CommandWord kWords[] = {
    {QT_TRANSLATE_NOOP3("Say", "note", "typed at the line"), true},
    {QT_TRANSLATE_NOOP3("Say", "photo", "typed at the line"), true},
    {QT_TRANSLATE_NOOP3("Say", "there and back", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "stop", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "drop", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "port", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "highest", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "wheel", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "step", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "zero", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "curve", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "events", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "once", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "centre", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "valve", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "tappet", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "light", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "each", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "repeat", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "lash", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "other", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "timing", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "another pass", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "pass", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "level", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "made", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "one angle", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "map", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "tightest", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "clay", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "gasket", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "spacer", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "reach", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "ratio", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "found", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "shorter", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "copy", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "ref", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "name", "typed at the line"), true},
    {QT_TRANSLATE_NOOP3("Say", "choose", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "because", "typed at the line"), true},
    {QT_TRANSLATE_NOOP3("Say", "part", "typed at the line"), true},
    {QT_TRANSLATE_NOOP3("Say", "bolts", "typed at the line"), true},
    {QT_TRANSLATE_NOOP3("Say", "float", "typed at the line"), true},
    {QT_TRANSLATE_NOOP3("Say", "order", "typed at the line"), true},
    {QT_TRANSLATE_NOOP3("Say", "find", "typed at the line"), true},
    {QT_TRANSLATE_NOOP3("Say", "only", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "readings", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "done", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "gone", "typed at the line"), true},
    {QT_TRANSLATE_NOOP3("Say", "print", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "card", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "by", "typed at the line"), true},
    {QT_TRANSLATE_NOOP3("Say", "out", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "verdict", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "engine", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "pictures", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "figures", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "setting", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "clearance", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "compression", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "measured", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "springs", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "cams", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "built", "typed at the line")},
    {QT_TRANSLATE_NOOP3("Say", "notes", "typed at the line")},
};

/// Passed over on the way to the next command: a number, an angle, a letter that names a cam.
bool isPlace(const QString& word) {
    static const QRegularExpression place(QStringLiteral("^([-+]?[0-9.,:°]+[a-z]{0,2}|[a-z])$"),
                                          QRegularExpression::CaseInsensitiveOption);
    return place.match(word).hasMatch();
}

/// As typed where there are no umlauts.
QString plain(const QString& word) {
    QString out = word.toLower();
    for (const auto& [umlaut, letters] :
         {std::pair{u'\u00e4', "ae"}, {u'\u00f6', "oe"}, {u'\u00fc', "ue"}, {u'\u00df', "ss"}})
        out.replace(QChar(umlaut), QLatin1String(letters));
    return out;
}

/// How many words of `line` from `at` on are `phrase`; 0 for none.
qsizetype matched(const QStringList& line, qsizetype at, const QString& phrase) {
    const QStringList words = phrase.split(QLatin1Char(' '), Qt::SkipEmptyParts);
    if (words.isEmpty() || at + words.size() > line.size()) return 0;
    for (qsizetype i = 0; i < words.size(); ++i)
        if (plain(line[at + i]) != plain(words[i])) return 0;
    return words.size();
}

} // namespace

QString inCommandWords(const QString& line) {
    const QStringList typed = line.split(QLatin1Char(' '));
    QStringList out;
    bool changed = false;
    qsizetype at = 0;
    while (at < typed.size()) {
        qsizetype longest = 0;
        const CommandWord* found = nullptr;
        for (const CommandWord& each : kWords) {
            const QString here = Say::tr(each.word.source, each.word.comment);
            // The English word is one everywhere.
            for (const QString& called : {here, QString::fromLatin1(each.word.source)})
                if (const auto n = matched(typed, at, called); n > longest) {
                    longest = n;
                    found = &each;
                }
        }
        if (!found && !typed[at].isEmpty() && !isPlace(typed[at])) break;
        if (found) {
            const QString word = QString::fromLatin1(found->word.source);
            changed = changed || typed.mid(at, longest).join(QLatin1Char(' ')) != word;
            out << word;
        } else {
            out << typed[at];
        }
        at += std::max<qsizetype>(1, longest);
        if (found && found->ownText) break;
    }
    out << typed.mid(at);
    return changed ? out.join(QLatin1Char(' ')) : line;
}

} // namespace words
