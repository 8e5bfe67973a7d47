#include "app/stations/engine/fields.h"

#include "core/entry.h"
#include "words/sentences.h"

#include <cmath>

namespace app {

using namespace lobe;

namespace {

using Style = words::Style;

Card& cardOf(Facts& f) {
    if (!f.card) f.card = Card{};
    return *f.card;
}

QString dash() {
    return QString(QChar(0x2013));
}

Field text(const QString& name, std::function<std::string&(Facts&)> part) {
    Field f;
    f.name = name;
    f.asks = QStringLiteral("a name");
    f.shown = [part](const Facts& facts, const Style&) {
        Facts copy = facts;
        const QString value = QString::fromStdString(part(copy));
        return value.isEmpty() ? dash() : value;
    };
    f.take = [part](Facts& facts, const QString& typed, const Style&) {
        if (typed.size() > 80) return QStringLiteral("Keep a name under 80 letters.");
        part(facts) = typed.trimmed().toStdString();
        return QString();
    };
    return f;
}

Field length(const QString& name, double least, double most, std::function<double&(Facts&)> part) {
    Field f;
    f.name = name;
    f.shown = [part](const Facts& facts, const Style& style) {
        Facts copy = facts;
        const double mm = part(copy);
        return mm > 0.0 ? words::dimension(mm, style) + QLatin1Char(' ') + words::unitName(style)
                        : dash();
    };
    f.take = [=](Facts& facts, const QString& typed, const Style& style) {
        // Thousandths are for lifts and lash; a dimension of the engine in inches is in inches.
        QString plain = typed;
        if (style.inches() && most > 20.0 && !plain.contains(QLatin1Char('.')) &&
            !plain.contains(QLatin1Char(',')) && plain.back().isDigit())
            plain += QStringLiteral(" in");
        const auto read = readLength(plain.toStdString(), style.unit, 1e6);
        if (const auto* e = std::get_if<EntryError>(&read)) return words::sentence(*e, style);
        const double mm = std::get<double>(read);
        if (mm < least || mm > most)
            return QStringLiteral("%1 %2 is hardly a %3: expected %4 to %5 %2.")
                .arg(words::dimension(mm, style), words::unitName(style), name.toLower(),
                     words::dimension(least, style), words::dimension(most, style));
        part(facts) = mm;
        return QString();
    };
    return f;
}

Field number(const QString& name, const QString& asks, double least, double most, int places,
             std::function<double&(Facts&)> part) {
    Field f;
    f.name = name;
    f.asks = asks;
    f.shown = [=](const Facts& facts, const Style& style) {
        Facts copy = facts;
        return words::shortest(part(copy), places, style);
    };
    f.take = [=](Facts& facts, const QString& typed, const Style& style) {
        const auto read = readNumber(typed.toStdString());
        if (const auto* e = std::get_if<EntryError>(&read)) return words::sentence(*e, style);
        const double value = std::get<double>(read);
        if (value < least || value > most)
            return QStringLiteral("%1 is hardly a %2: expected %3 to %4.")
                .arg(words::shortest(value, 3, style), name.toLower(),
                     words::shortest(least, 2, style), words::shortest(most, 2, style));
        part(facts) = value;
        return QString();
    };
    return f;
}

template <class E>
Field choice(const QString& name, std::vector<E> values, QString (*say)(E),
             std::function<E&(Facts&)> part) {
    Field f;
    f.name = name;
    for (std::size_t i = 0; i < values.size(); ++i)
        f.asks += (i ? QStringLiteral(", ") : QString()) +
                  QStringLiteral("%1 %2").arg(i + 1).arg(say(values[i]));
    f.shown = [=](const Facts& facts, const Style&) {
        Facts copy = facts;
        return say(part(copy));
    };
    f.take = [=, asks = f.asks](Facts& facts, const QString& typed, const Style&) {
        const QString key = typed.trimmed().toLower();
        bool isNumber = false;
        const int n = key.toInt(&isNumber);
        for (std::size_t i = 0; i < values.size(); ++i)
            if (isNumber ? n == static_cast<int>(i) + 1 : say(values[i]).startsWith(key)) {
                part(facts) = values[i];
                return QString();
            }
        return QStringLiteral("Type the number: %1.").arg(asks);
    };
    return f;
}

/// A fact of the card that may be missing; "-" takes it away.
Field onCard(const QString& name, const QString& asks, double least, double most, bool isLength,
             std::function<std::optional<double>&(Card&)> part) {
    Field f;
    f.name = name;
    f.asks = asks;
    f.inCard = true;
    f.shown = [=](const Facts& facts, const Style& style) {
        if (!facts.card) return dash();
        Card copy = *facts.card;
        const auto value = part(copy);
        if (!value) return dash();
        return isLength ? words::liftWithUnit(*value, style) : words::degrees(*value, style);
    };
    f.take = [=](Facts& facts, const QString& typed, const Style& style) {
        if (typed.trimmed() == QLatin1String("-")) {
            part(cardOf(facts)).reset();
            return QString();
        }
        const auto read = isLength ? readLength(typed.toStdString(), style.unit, kMostLift_mm)
                                   : readNumber(typed.toStdString());
        if (const auto* e = std::get_if<EntryError>(&read)) return words::sentence(*e, style);
        const double value = std::get<double>(read);
        if (value < least || value > most)
            return QStringLiteral("%1 is hardly what a card says: expected %2 to %3.")
                .arg(words::shortest(value, 2, style), words::shortest(least, 0, style),
                     words::shortest(most, 0, style));
        part(cardOf(facts)) = value;
        return QString();
    };
    return f;
}

Field cardHeight() {
    Field f;
    f.name = QStringLiteral("Checking height");
    f.asks = QStringLiteral("height, then t at the tappet or v at the valve");
    f.inCard = true;
    f.shown = [](const Facts& facts, const Style& style) {
        const Height h = facts.card ? facts.card->height : Height{1.27, Place::Tappet};
        return words::height(h.mm, style) + QStringLiteral(", ") + words::placeName(h.at);
    };
    f.take = [](Facts& facts, const QString& typed, const Style& style) {
        const auto read = readHeight(typed.toStdString(), style.unit, cardOf(facts).height.at);
        if (const auto* e = std::get_if<EntryError>(&read)) return words::sentence(*e, style);
        cardOf(facts).height = std::get<Height>(read);
        return QString();
    };
    return f;
}

std::vector<Field> make() {
    std::vector<Field> all;
    const auto add = [&](Field f, const char* heading = "") {
        f.heading = QString::fromUtf8(heading);
        all.push_back(std::move(f));
    };
    add(text(QStringLiteral("Engine"), [](Facts& f) -> std::string& { return f.engine.name; }),
        "The engine");
    {
        Field f;
        f.name = QStringLiteral("Cylinders");
        f.asks = QStringLiteral("1 to 16");
        f.shown = [](const Facts& facts, const Style&) {
            return QString::number(facts.engine.cylinders);
        };
        f.take = [](Facts& facts, const QString& typed, const Style&) {
            bool ok = false;
            const int n = typed.trimmed().toInt(&ok);
            if (!ok || n < 1 || n > 16)
                return QStringLiteral("Type a whole number of cylinders, 1 to 16.");
            facts.engine.cylinders = n;
            return QString();
        };
        add(f);
    }
    add(length(QStringLiteral("Bore"), 20, 250,
               [](Facts& f) -> double& { return f.engine.bore_mm; }));
    add(length(QStringLiteral("Stroke"), 20, 300,
               [](Facts& f) -> double& { return f.engine.stroke_mm; }));
    add(length(QStringLiteral("Rod length"), 40, 500,
               [](Facts& f) -> double& { return f.engine.rod_mm; }));
    add(choice<Rotation>(QStringLiteral("Runs, seen from the drive end"),
                         {Rotation::Clockwise, Rotation::Anticlockwise}, words::rotationName,
                         [](Facts& f) -> Rotation& { return f.engine.rotation; }));
    add(choice<Layout>(QStringLiteral("Camshafts"),
                       {Layout::PushrodSingleCam, Layout::TwinOverheadCam}, words::layoutName,
                       [](Facts& f) -> Layout& { return f.engine.layout; }));
    add(choice<Follower>(QStringLiteral("Follower"),
                         {Follower::SolidFlat, Follower::SolidRoller, Follower::Hydraulic,
                          Follower::HydraulicMadeSolid, Follower::Bucket, Follower::Finger},
                         words::followerName,
                         [](Facts& f) -> Follower& { return f.engine.follower; }));
    add(number(QStringLiteral("Rocker ratio, intake"),
               QStringLiteral("valve over tappet, 1 for direct"), 0.5, 3.0, 3,
               [](Facts& f) -> double& { return f.engine.ratioIntake; }));
    add(number(QStringLiteral("Rocker ratio, exhaust"),
               QStringLiteral("valve over tappet, 1 for direct"), 0.5, 3.0, 3,
               [](Facts& f) -> double& { return f.engine.ratioExhaust; }));
    add(length(QStringLiteral("Lash, intake"), 0, 3,
               [](Facts& f) -> double& { return f.engine.lashIntake_mm; }));
    add(length(QStringLiteral("Lash, exhaust"), 0, 3,
               [](Facts& f) -> double& { return f.engine.lashExhaust_mm; }));

    Field card =
        text(QStringLiteral("Cam"), [](Facts& f) -> std::string& { return cardOf(f).name; });
    card.inCard = true;
    add(card, "Its cam card, if there is one");
    add(cardHeight());
    const QString minus = QStringLiteral("; minus when on the other side; - for none");
    add(onCard(QStringLiteral("Intake opens"), QStringLiteral("degrees before TDC") + minus, -90,
               150, false, [](Card& c) -> std::optional<double>& { return c.ivo; }));
    add(onCard(QStringLiteral("Intake closes"), QStringLiteral("degrees after BDC") + minus, -90,
               150, false, [](Card& c) -> std::optional<double>& { return c.ivc; }));
    add(onCard(QStringLiteral("Exhaust opens"), QStringLiteral("degrees before BDC") + minus, -90,
               150, false, [](Card& c) -> std::optional<double>& { return c.evo; }));
    add(onCard(QStringLiteral("Exhaust closes"), QStringLiteral("degrees after TDC") + minus, -90,
               150, false, [](Card& c) -> std::optional<double>& { return c.evc; }));
    add(onCard(QStringLiteral("Intake centre"), QStringLiteral("degrees after TDC; - for none"), 60,
               160, false, [](Card& c) -> std::optional<double>& { return c.intakeCentre; }));
    add(onCard(QStringLiteral("Exhaust centre"), QStringLiteral("degrees before TDC; - for none"),
               60, 160, false, [](Card& c) -> std::optional<double>& { return c.exhaustCentre; }));
    add(onCard(QStringLiteral("Intake lift"), QStringLiteral("greatest lift; - for none"), 0.5, 30,
               true, [](Card& c) -> std::optional<double>& { return c.intakeLift_mm; }));
    add(onCard(QStringLiteral("Exhaust lift"), QStringLiteral("greatest lift; - for none"), 0.5, 30,
               true, [](Card& c) -> std::optional<double>& { return c.exhaustLift_mm; }));
    return all;
}

} // namespace

const std::vector<Field>& engineFields() {
    static const std::vector<Field> fields = make();
    return fields;
}

} // namespace app
