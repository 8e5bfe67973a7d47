#include "book/files.h"

#include "book/codec.h"
#include "core/card.h"
#include "core/entry.h"
#include "core/examine.h"

#include <QFile>
#include <QJsonArray>
#include <QJsonDocument>
#include <QSaveFile>

#include <algorithm>
#include <cmath>

namespace book {

using namespace lobe;

std::variant<LiftTable, TableError, QString> readTableFile(const QString& path) {
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly)) return file.errorString();
    const QByteArray bytes = file.read(8 << 20);
    if (file.error() != QFile::NoError) return file.errorString();
    auto table = readLiftTable({bytes.constData(), static_cast<std::size_t>(bytes.size())});
    if (auto* error = std::get_if<TableError>(&table)) return std::move(*error);
    return std::get<LiftTable>(std::move(table));
}

QString writeTableFile(const QString& path, const Job& job, const LiftRun& run) {
    auto points = livePoints(run);
    std::stable_sort(points.begin(), points.end(),
                     [](const LiftPoint& a, const LiftPoint& b) { return a.deg < b.deg; });
    const std::vector<std::string> notes = {
        job.name,
        "cylinder " + std::to_string(run.cylinder) + " " + sideText(run.side).toStdString() +
            ", lift at the " + (run.terms.taken == Place::Tappet ? "tappet" : "valve"),
        "crank degrees with 0 at TDC on overlap",
    };
    QSaveFile file(path);
    if (!file.open(QIODevice::WriteOnly)) return file.errorString();
    file.write(QByteArray::fromStdString(writeLiftTable(points, notes)));
    return file.commit() ? QString() : file.errorString();
}

LiftRun runFromTable(const LiftTable& table, int cylinder, Side side, RunTerms terms) {
    LiftRun run;
    run.cylinder = cylinder;
    run.side = side;
    double least = 1e9, most = -1e9, step = 1e9;
    double before = std::nan("");
    for (const LiftPoint& p : table.points) {
        Reading r;
        r.at = {p.deg};
        r.lift_mm = p.mm;
        run.readings.push_back(r);
        least = std::min(least, p.deg);
        most = std::max(most, p.deg);
        if (const double d = std::abs(p.deg - before); d > 1e-9) step = std::min(step, d);
        before = p.deg;
    }
    terms.from = {least};
    terms.to = {most};
    if (step < 1e8) terms.step_deg = step;
    run.terms = std::move(terms);
    return run;
}

namespace {

/// Reads one folder; throws a sentence, caught below.
class FolderReader {
public:
    FolderReader(Book& book, QString folder) : book_(book), folder_(std::move(folder)) {}

    std::int64_t read() {
        const QJsonObject json = document();
        const QString name = json[QLatin1String("name")].toString();
        if (name.isEmpty()) throw QStringLiteral("job.json: no name");
        job_ = id(book_.addJob(name));
        const Engine engine = engineFrom(json[QLatin1String("engine")].toObject());
        keep(SetEngine{engine});
        if (json.contains(QLatin1String("card")))
            keep(cardsFrom(json[QLatin1String("card")].toObject()));
        tape_mm_ = json[QLatin1String("settings")].toObject()[QLatin1String("tape_mm")].toDouble();
        if (json.contains(QLatin1String("settings")))
            keep(SetSettings{settingsFrom(json[QLatin1String("settings")].toObject())});
        for (const QJsonValue& v : json[QLatin1String("changes")].toArray())
            keep(KeepSetting{settingChangeFrom(v.toObject())});
        for (const QJsonValue& v : json[QLatin1String("contacts")].toArray())
            contact(v.toObject());
        for (const QJsonValue& v : json[QLatin1String("runs")].toArray())
            run(v.toObject(), engine);
        return job_;
    }

private:
    static std::int64_t id(const Result<std::int64_t>& result) {
        if (const auto* e = std::get_if<Error>(&result))
            throw QStringLiteral("the book could not be written: ") + e->detail;
        return std::get<std::int64_t>(result);
    }
    void keep(const Change& change) { id(book_.record(job_, change)); }

    QJsonObject document() const {
        QFile file(folder_ + QStringLiteral("/job.json"));
        if (!file.open(QIODevice::ReadOnly))
            throw QStringLiteral("job.json: ") + file.errorString();
        QJsonParseError error;
        const QJsonDocument json = QJsonDocument::fromJson(file.readAll(), &error);
        if (error.error != QJsonParseError::NoError)
            throw QStringLiteral("job.json: ") + error.errorString();
        return json.object();
    }

    void contact(const QJsonObject& json) {
        Contact c;
        c.pass = json[QLatin1String("pass")].toInt(1);
        c.method = methodFrom(json[QLatin1String("method")].toString());
        c.scale = scaleFrom(json[QLatin1String("wheel")].toString());
        c.afterTop = json[QLatin1String("after_top")].toBool();
        if (json[QLatin1String("drop_mm")].isDouble())
            c.drop_mm = json[QLatin1String("drop_mm")].toDouble();
        c.typed = json[QLatin1String("typed")].toString().toStdString();
        const auto read =
            readWheel(c.typed, {Wheel{c.scale, tape_mm_}, c.afterTop, DeadCentre::Top});
        if (!std::holds_alternative<WheelReading>(read))
            throw QStringLiteral("job.json: contact \"%1\" is no wheel reading")
                .arg(QString::fromStdString(c.typed));
        c.at = std::get<WheelReading>(read).at;
        keep(AddContact{c});
    }

    void run(const QJsonObject& json, const Engine& engine) {
        const int cylinder = json[QLatin1String("cylinder")].toInt(1);
        const Side side = sideFrom(json[QLatin1String("side")].toString());
        LiftRun run;
        run.cylinder = cylinder;
        run.side = side;
        run.terms = usualTerms(engine, side);
        if (json.contains(QLatin1String("table"))) {
            const QString name = json[QLatin1String("table")].toString();
            auto table = readTableFile(folder_ + QLatin1Char('/') + name);
            if (auto* why = std::get_if<QString>(&table)) throw name + QStringLiteral(": ") + *why;
            if (auto* e = std::get_if<TableError>(&table))
                throw QStringLiteral("%1, line %2: not a lift table").arg(name).arg(e->line);
            run = runFromTable(std::get<LiftTable>(table), cylinder, side, run.terms);
        }
        if (json.contains(QLatin1String("terms")))
            run.terms = termsFrom(json[QLatin1String("terms")].toObject());
        for (const QJsonValue& v : json[QLatin1String("struck")].toArray())
            struck(v.toObject(), run);
        for (const QJsonValue& v : json[QLatin1String("readings")].toArray())
            run.readings.push_back(reading(v.toObject()));
        keep(AddRun{std::move(run)});
    }

    static Reading reading(const QJsonObject& json) {
        Reading r;
        r.at = {json[QLatin1String("crank_deg")].toDouble()};
        r.lift_mm = json[QLatin1String("lift_mm")].toDouble();
        r.typed = json[QLatin1String("typed")].toString().toStdString();
        r.of = readingOfFrom(json[QLatin1String("of")].toString());
        r.zero = std::max(1, json[QLatin1String("zero")].toInt(1));
        if (json[QLatin1String("approach")].toString() == QLatin1String("backing"))
            r.approach = Approach::BackingUp;
        return r;
    }

    static void struck(const QJsonObject& json, LiftRun& run) {
        Reading r = reading(json);
        r.struck = Struck{json[QLatin1String("reason")].toString().toStdString()};
        const auto after = std::find_if(run.readings.begin(), run.readings.end(),
                                        [&](const Reading& o) { return o.at >= r.at; });
        run.readings.insert(after, r);
    }

    Book& book_;
    QString folder_;
    std::int64_t job_ = 0;
    double tape_mm_ = 0.0;
};

} // namespace

std::variant<Card, QString> readCardFile(const QString& path) {
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly))
        return file.errorString() + QStringLiteral("; expected a card in JSON");
    QJsonParseError error;
    const QJsonDocument json = QJsonDocument::fromJson(file.read(1 << 20), &error);
    if (error.error != QJsonParseError::NoError)
        return QStringLiteral("%1 at byte %2; expected a card in JSON")
            .arg(error.errorString())
            .arg(error.offset);
    if (!json.isObject()) return QStringLiteral("not an object; expected a card in JSON");
    const Card card = cardFrom(json.object());
    if (!(card.height.mm >= 0.01 && card.height.mm <= 20.0))
        return QStringLiteral("height %1; expected 0.01 to 20 mm").arg(card.height.mm);
    const std::pair<const char*, std::optional<double>> angles[] = {
        {"ivo", card.ivo}, {"ivc", card.ivc}, {"evo", card.evo}, {"evc", card.evc}};
    for (const auto& [name, value] : angles)
        if (value && !(*value >= -180.0 && *value <= 180.0))
            return QStringLiteral("%1 %2; expected degrees in card notation, -180 to 180")
                .arg(QLatin1String(name))
                .arg(*value);
    const CompleteCard whole = complete(card);
    if (!whole.ivo && !whole.ivc && !whole.evo && !whole.evc)
        return QStringLiteral("no event follows from it; expected ivo, ivc, evo, evc, or durations "
                              "with centres or a separation");
    return card;
}

std::variant<std::int64_t, QString> importJobFolder(Book& book, const QString& folder) {
    try {
        return FolderReader(book, folder).read();
    } catch (const QString& sentence) {
        return sentence;
    }
}

} // namespace book
