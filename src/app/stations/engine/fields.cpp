#include "app/stations/engine/fields.h"

#include "core/entry.h"
#include "words/sentences.h"

namespace app {

using namespace lobe;
using Style = words::Style;

namespace {

Card& cardOf(Facts& f) {
    if (!f.card) f.card = Card{};
    return *f.card;
}

Field cylinders() {
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
    return f;
}

Field cardHeight() {
    Field f;
    f.name = QStringLiteral("Checking height");
    f.asks = QStringLiteral("height, then t at the tappet or v at the valve");
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

/// Shows a dash while there is no card: showing must not make one.
Field onCard(Field f) {
    f.subject = QStringLiteral("cam card");
    f.shown = [shown = f.shown](const Facts& facts, const Style& style) {
        return facts.card ? shown(facts, style) : noValue();
    };
    return f;
}

void engine(std::vector<Field>& all) {
    const auto add = [&](Field f) {
        f.subject = QStringLiteral("engine");
        all.push_back(std::move(f));
    };
    add(textField(QStringLiteral("Engine"),
                  [](Facts& f) -> std::string& { return f.engine.name; }));
    all.back().heading = QStringLiteral("The engine");
    add(cylinders());
    add(lengthField(QStringLiteral("Bore"), 20, 250,
                    [](Facts& f) -> double& { return f.engine.bore_mm; }));
    add(lengthField(QStringLiteral("Stroke"), 20, 300,
                    [](Facts& f) -> double& { return f.engine.stroke_mm; }));
    add(lengthField(QStringLiteral("Rod length"), 40, 500,
                    [](Facts& f) -> double& { return f.engine.rod_mm; }));
    add(enumField<Rotation>(
        QStringLiteral("Runs, seen from the drive end"), 2,
        [](int i) { return words::rotationName(static_cast<Rotation>(i)); },
        [](Facts& f) -> Rotation& { return f.engine.rotation; }));
    add(enumField<Layout>(
        QStringLiteral("Camshafts"), 2,
        [](int i) { return words::layoutName(static_cast<Layout>(i)); },
        [](Facts& f) -> Layout& { return f.engine.layout; }));
    add(enumField<Follower>(
        QStringLiteral("Follower"), 6,
        [](int i) { return words::followerName(static_cast<Follower>(i)); },
        [](Facts& f) -> Follower& { return f.engine.follower; }));
    const QString direct = QStringLiteral("valve over tappet, 1 for direct");
    add(numberField(QStringLiteral("Rocker ratio, intake"), direct, 0.5, 3.0, 3,
                    [](Facts& f) -> double& { return f.engine.ratioIntake; }));
    add(numberField(QStringLiteral("Rocker ratio, exhaust"), direct, 0.5, 3.0, 3,
                    [](Facts& f) -> double& { return f.engine.ratioExhaust; }));
    add(lengthField(QStringLiteral("Lash, intake"), 0, 3,
                    [](Facts& f) -> double& { return f.engine.lashIntake_mm; }));
    add(lengthField(QStringLiteral("Lash, exhaust"), 0, 3,
                    [](Facts& f) -> double& { return f.engine.lashExhaust_mm; }));
}

void card(std::vector<Field>& all) {
    const auto add = [&](Field f) { all.push_back(onCard(std::move(f))); };
    add(textField(QStringLiteral("Cam"), [](Facts& f) -> std::string& { return cardOf(f).name; }));
    all.back().heading = QStringLiteral("Its cam card, if there is one");
    add(cardHeight());
    using Value = std::optional<double>;
    const QString minus = QStringLiteral("; minus when on the other side; - for none");
    add(optionalField(QStringLiteral("Intake opens"), QStringLiteral("degrees before TDC") + minus,
                      -90, 150, false, [](Facts& f) -> Value& { return cardOf(f).ivo; }));
    add(optionalField(QStringLiteral("Intake closes"), QStringLiteral("degrees after BDC") + minus,
                      -90, 150, false, [](Facts& f) -> Value& { return cardOf(f).ivc; }));
    add(optionalField(QStringLiteral("Exhaust opens"), QStringLiteral("degrees before BDC") + minus,
                      -90, 150, false, [](Facts& f) -> Value& { return cardOf(f).evo; }));
    add(optionalField(QStringLiteral("Exhaust closes"), QStringLiteral("degrees after TDC") + minus,
                      -90, 150, false, [](Facts& f) -> Value& { return cardOf(f).evc; }));
    add(optionalField(QStringLiteral("Intake centre"),
                      QStringLiteral("degrees after TDC; - for none"), 60, 160, false,
                      [](Facts& f) -> Value& { return cardOf(f).intakeCentre; }));
    add(optionalField(QStringLiteral("Exhaust centre"),
                      QStringLiteral("degrees before TDC; - for none"), 60, 160, false,
                      [](Facts& f) -> Value& { return cardOf(f).exhaustCentre; }));
    add(optionalField(QStringLiteral("Intake lift"), QStringLiteral("greatest lift; - for none"),
                      0.5, 30, true, [](Facts& f) -> Value& { return cardOf(f).intakeLift_mm; }));
    add(optionalField(QStringLiteral("Exhaust lift"), QStringLiteral("greatest lift; - for none"),
                      0.5, 30, true, [](Facts& f) -> Value& { return cardOf(f).exhaustLift_mm; }));
}

std::vector<Field> make() {
    std::vector<Field> all;
    engine(all);
    card(all);
    // Last, so that the first thing asked is the engine itself.
    all.push_back(
        textField(QStringLiteral("Job"), [](Facts& f) -> std::string& { return f.name; }));
    all.back().heading = QStringLiteral("This job");
    all.back().subject = QStringLiteral("job");
    return all;
}

} // namespace

const std::vector<Field>& engineFields() {
    static const std::vector<Field> fields = make();
    return fields;
}

} // namespace app
