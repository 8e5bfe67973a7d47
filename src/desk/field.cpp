#include "desk/field.h"

#include "core/job/job.h"
#include "core/typed/entry.h"
#include "words/say.h"
#include "words/sentences.h"

#include <QRegularExpression>

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;
using Style = words::Style;

QString noValue() {
    return QString(QChar(0x2013));
}

Facts Facts::of(const Job& job) {
    return {job, job.name, job.engine, job.card, job.otherCards, {}, {}, 1};
}

bool Facts::keepIn(Session& session) const {
    const Facts before = of(session.job());
    if (name != before.name && !session.keep(book::SetName{name})) return false;
    if (engine != before.engine && !session.keep(book::SetEngine{engine})) return false;
    if ((card != before.card || otherCards != before.otherCards) &&
        !session.keep(book::SetCards{card, otherCards}))
        return false;
    if (static_cast<const Stated&>(*this) != before && !session.keep(book::SetStated{*this}))
        return false;
    return true;
}

namespace {

QString outOfRange(const QString& value, const QString& name, const QString& least,
                   const QString& most) {
    return Say::tr("%1 is hardly right for %2: expected %3 to %4.")
        .arg(value, words::midSentence(name), least, most);
}

/// A number between the bounds that is easily told from a slip.
double between(double least, double most) {
    const double middle = least > 0.0 ? std::sqrt(least * most) : (least + most) / 2.0;
    const double ten = std::pow(10.0, std::floor(std::log10(std::max(1e-3, std::abs(middle)))));
    return std::round(middle / ten) * ten;
}

} // namespace

QString asDimension(const QString& typed, double most_mm, const Style& style) {
    const bool whole = !typed.contains(QLatin1Char('.')) && !typed.contains(QLatin1Char(','));
    const bool plain = !typed.isEmpty() && typed.back().isDigit();
    return style.inches() && most_mm > 20.0 && whole && plain ? typed + Say::tr(" in") : typed;
}

QStringList valuesIn(const QString& typed) {
    static const QRegularExpression unit(QStringLiteral(
        "\\s+(mm|in\\.?|inch|thou?|th|n|lbf?|lbs|kgf?|kp|g|n/mm|lb/in|kgf?/mm)(?=\\s|$)"));
    static const QRegularExpression fraction(QStringLiteral("(\\d)\\s+(\\d+/\\d+)"));
    const QString joint(QChar(0x1F));
    QString line = typed.simplified().toLower();
    line.replace(fraction, QStringLiteral("\\1") + joint + QStringLiteral("\\2"));
    line.replace(unit, QStringLiteral("\\1"));
    QStringList out = line.split(QLatin1Char(' '), Qt::SkipEmptyParts);
    for (QString& word : out)
        word.replace(joint, QStringLiteral(" "));
    return out;
}

QString refusal(const Field& field, const EntryError& error, const Style& style) {
    const bool meaningless = error.fault == EntryFault::Empty ||
                             error.fault == EntryFault::NotANumber ||
                             error.fault == EntryFault::UnknownSuffix;
    if (!meaningless || !field.example) return words::sentence(error, style);
    return Say::tr("%1: type something such as %2.").arg(field.name, field.example(style));
}

Field textField(const QString& name, Part<std::string> part) {
    Field f;
    f.name = name;
    f.asks = Say::tr("a name");
    f.shown = [part](const Facts& facts, const Style&) {
        Facts copy = facts;
        const QString value = QString::fromStdString(part(copy));
        return value.isEmpty() ? noValue() : value;
    };
    f.take = [part](Facts& facts, const QString& typed, const Style&) {
        if (typed.size() > 80) return Say::tr("Keep a name under 80 letters.");
        part(facts) = typed.trimmed().toStdString();
        return QString();
    };
    return changing(std::move(f), part);
}

Field lengthField(const QString& name, double least, double most, Part<double> part, double usual,
                  bool noneIsValue) {
    Field f;
    f.name = name;
    f.example = [=](const Style& style) {
        return words::dimension(usual != 0.0 ? usual : between(least, most), style) +
               QLatin1Char(' ') + words::unitName(style);
    };
    f.shown = [part, noneIsValue](const Facts& facts, const Style& style) {
        Facts copy = facts;
        const double mm = part(copy);
        return mm != 0.0 || noneIsValue
                   ? words::dimension(mm, style) + QLatin1Char(' ') + words::unitName(style)
                   : noValue();
    };
    f.take = [=, as = Field{{}, name, {}, {}, {}, {}, {}, f.example}](
                 Facts& facts, const QString& typed, const Style& style) {
        const auto read =
            readLength(asDimension(typed.trimmed(), most, style).toStdString(), style.unit, 1e6);
        if (const auto* e = std::get_if<EntryError>(&read)) return refusal(as, *e, style);
        const double mm = std::get<double>(read);
        if (mm < least || mm > most)
            return outOfRange(words::dimension(mm, style) + QLatin1Char(' ') +
                                  words::unitName(style),
                              name, words::dimension(least, style), words::dimension(most, style));
        part(facts) = mm;
        return QString();
    };
    return changing(std::move(f), part);
}

Field boreField() {
    Field f = lengthField(
        Say::tr("Bore"), 20, 250, [](Facts& x) -> double& { return x.engine.bore_mm; }, 90);
    Field stroke = lengthField(Say::tr("Stroke"), 20, 300,
                               [](Facts& x) -> double& { return x.engine.stroke_mm; });
    f.take = [bore = f.take, stroke = stroke.take](Facts& facts, const QString& typed,
                                                   const Style& style) {
        const QStringList two = typed.toLower().split(QLatin1Char('x'));
        if (two.size() != 2) return bore(facts, typed, style);
        const QString why = bore(facts, two[0], style);
        return why.isEmpty() ? stroke(facts, two[1], style) : why;
    };
    f.also = [](const QString& typed) {
        return typed.toLower().contains(QLatin1Char('x')) ? 1 : 0;
    };
    f.allSaid = [](const Facts& facts, const Style& style) {
        return QStringLiteral("%1 \u00D7 %2 %3")
            .arg(words::dimension(facts.engine.bore_mm, style),
                 words::dimension(facts.engine.stroke_mm, style), words::unitName(style));
    };
    return f;
}

Field numberField(const QString& name, const QString& asks, double least, double most, int places,
                  Part<double> part, double usual) {
    Field f;
    f.name = name;
    f.asks = asks;
    f.example = [=](const Style& style) {
        return words::shortest(usual != 0.0 ? usual : between(least, most), places, style);
    };
    f.shown = [=](const Facts& facts, const Style& style) {
        Facts copy = facts;
        return words::shortest(part(copy), places, style);
    };
    f.take = [=, as = Field{{}, name, {}, {}, {}, {}, {}, f.example}](
                 Facts& facts, const QString& typed, const Style& style) {
        const auto read = readNumber(typed.toStdString(), {":1", ": 1", "to 1", "metres", "m"});
        if (const auto* e = std::get_if<EntryError>(&read)) return refusal(as, *e, style);
        const double value = std::get<double>(read);
        if (value < least || value > most)
            return outOfRange(words::shortest(value, 3, style), name,
                              words::shortest(least, 2, style), words::shortest(most, 2, style));
        part(facts) = value;
        return QString();
    };
    return changing(std::move(f), part);
}

Field optionalField(const QString& name, const QString& asks, double least, double most,
                    bool isLength, Part<std::optional<double>> part) {
    Field f;
    f.name = name;
    f.asks = asks;
    f.shown = [=](const Facts& facts, const Style& style) {
        Facts copy = facts;
        const auto value = part(copy);
        if (!value) return noValue();
        if (isLength && most > kMostLift_mm)
            return words::dimension(*value, style) + QLatin1Char(' ') + words::unitName(style);
        return isLength ? words::liftWithUnit(*value, style) : words::degrees(*value, style, 2);
    };
    f.take = [=](Facts& facts, const QString& said, const Style& style) {
        // What is longer than a lift is a dimension: whole inches are inches.
        const QString typed =
            isLength && most > kMostLift_mm ? asDimension(said.trimmed(), most, style) : said;
        if (typed.trimmed() == QLatin1String("-")) {
            part(facts).reset();
            return QString();
        }
        const auto read =
            isLength ? readLength(typed.toStdString(), style.unit, std::max(most, kMostLift_mm))
                     : readNumber(typed.toStdString());
        if (const auto* e = std::get_if<EntryError>(&read)) return words::sentence(*e, style);
        const double value = std::get<double>(read);
        if (value < least || value > most)
            return outOfRange(words::shortest(value, 2, style), name,
                              words::shortest(least, 0, style), words::shortest(most, 0, style));
        part(facts) = value;
        return QString();
    };
    return changing(std::move(f), part);
}

Field lengthsField(const QString& name, const QString& asks, std::size_t most,
                   Part<std::vector<Height>> part) {
    Field f;
    f.name = name;
    f.asks = asks;
    f.shown = [part](const Facts& facts, const Style& style) {
        Facts copy = facts;
        QStringList said;
        for (const Height& h : part(copy))
            said << words::height(h.mm, style);
        return said.isEmpty() ? noValue() : said.join(QStringLiteral(", "));
    };
    f.take = [=](Facts& facts, const QString& typed, const Style& style) {
        std::vector<Height> heights;
        if (typed.trimmed() != QLatin1String("-"))
            for (const QString& each : typed.simplified().split(QLatin1Char(' '))) {
                const auto read =
                    readHeight(each.toStdString(), style.unit, facts.conditions.taken);
                if (const auto* e = std::get_if<EntryError>(&read))
                    return words::sentence(*e, style);
                heights.push_back(std::get<Height>(read));
            }
        if (heights.size() > most) return Say::tr("No more than %1 of them.").arg(most);
        part(facts) = std::move(heights);
        return QString();
    };
    return changing(std::move(f), part);
}

Field flagField(const QString& name, QString (*say)(int), Part<bool> part) {
    return changing(choiceField(
                        name, 2, say,
                        [part](const Facts& facts) {
                            Facts copy = facts;
                            return part(copy) ? 1 : 0;
                        },
                        [part](Facts& facts, int i) { part(facts) = i == 1; }),
                    part);
}

Field choiceField(const QString& name, int count, QString (*say)(int),
                  std::function<int(const Facts&)> get, std::function<void(Facts&, int)> set,
                  Synonyms synonyms) {
    Field f;
    f.name = name;
    for (int i = 0; i < count; ++i)
        f.asks +=
            (i ? QStringLiteral(", ") : QString()) + QStringLiteral("%1 %2").arg(i + 1).arg(say(i));
    f.shown = [=](const Facts& facts, const Style&) { return say(get(facts)); };
    f.take = [=, asks = f.asks](Facts& facts, const QString& typed, const Style&) {
        const QString key = typed.trimmed().toLower();
        bool isNumber = false;
        const int n = key.toInt(&isNumber);
        int found = isNumber && n >= 1 && n <= count ? n - 1 : -1;
        for (const auto& [word, value] : synonyms)
            if (!isNumber && key == QLatin1String(word)) found = value;
        // From the front of the whole name, else of one of its words, if of one name only.
        for (const bool front : {true, false}) {
            int fits = 0, last = -1;
            for (int i = 0; i < count && found < 0 && !isNumber && !key.isEmpty(); ++i) {
                const QString said = say(i).toLower();
                const bool fit =
                    said.startsWith(key) || (!front && (said.contains(QLatin1Char(' ') + key) ||
                                                        said.contains(QLatin1Char('-') + key)));
                fits += fit;
                if (fit && last < 0) last = i;
            }
            if (found < 0 && last >= 0 && (fits == 1 || front)) found = last;
        }
        if (found < 0) return Say::tr("Type the number: %1.").arg(asks);
        set(facts, found);
        return QString();
    };
    return f;
}

} // namespace app
