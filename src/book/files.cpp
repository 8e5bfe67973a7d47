#include "book/files.h"

#include "book/codec.h"
#include "book/fields.h"
#include "core/examine/examine.h"
#include "core/job/bounds.h"
#include "core/job/card.h"
#include "core/job/job.h"
#include "core/lobe/run.h"
#include "core/typed/entry.h"

#include <QCoreApplication>
#include <QFile>
#include <QFileInfo>
#include <QSaveFile>

#include <algorithm>
#include <cmath>

namespace book {

using namespace lobe;

using ReadTable = std::variant<LiftTable, TableError> (*)(std::string_view);

std::variant<QByteArray, QString> wholeFile(const QString& path, qint64 most_bytes) {
    const QFileInfo there(path);
    // Something that is waited on for its end, such as a pipe, may have none.
    if (there.exists() && !there.isFile())
        return QCoreApplication::translate("Say", "that is no file that can be read to its end");
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly)) return file.errorString();
    QByteArray bytes = file.read(most_bytes + 1);
    if (file.error() != QFile::NoError) return file.errorString();
    if (bytes.size() > most_bytes)
        return QCoreApplication::translate("Say", "the file is longer than %1 MB")
            .arg(most_bytes >> 20);
    return bytes;
}

QString saveWhole(const QString& path, const QByteArray& bytes) {
    QSaveFile file(path);
    if (!file.open(QIODevice::WriteOnly)) return file.errorString();
    file.setPermissions(QFile::ReadOwner | QFile::WriteOwner);
    if (file.write(bytes) != bytes.size() || !file.commit()) return file.errorString();
    return {};
}

/// A file of a card or a job is text by hand, or an export.
constexpr qint64 kMostText_bytes = 64 << 20;

static std::variant<LiftTable, TableError, QString> readWith(ReadTable read, const QString& path) {
    const auto bytes = wholeFile(path, kMostText_bytes);
    if (const auto* why = std::get_if<QString>(&bytes)) return *why;
    const QByteArray& text = std::get<QByteArray>(bytes);
    auto table = read({text.constData(), static_cast<std::size_t>(text.size())});
    if (auto* error = std::get_if<TableError>(&table)) return std::move(*error);
    return std::get<LiftTable>(std::move(table));
}

std::variant<LiftTable, TableError, QString> readTableFile(const QString& path) {
    return readWith(readLiftTable, path);
}

std::variant<LiftTable, TableError, QString> readClearanceFile(const QString& path) {
    return readWith(readClearanceTable, path);
}

bool isOurTable(const QString& path) {
    return std::holds_alternative<LiftTable>(readTableFile(path));
}

QString refusesExport(const QString& path, const QString& openBook) {
    const QFileInfo there(path);
    if (!there.exists()) return {};
    if (!there.isFile())
        return QCoreApplication::translate(
            "Say", "that is no file that could be replaced; nothing was written");
    const auto same = [&](const QString& other) {
        const QFileInfo o(other);
        return o.exists() && o.canonicalFilePath() == there.canonicalFilePath();
    };
    for (const char* side : {"", "-wal", "-shm"})
        if (same(openBook + QLatin1String(side)))
            return QCoreApplication::translate(
                "Say", "that is the book that is open; nothing was written");
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly)) return file.errorString();
    const QByteArray head = file.read(16);
    if (head.startsWith("SQLite format 3"))
        return QCoreApplication::translate(
            "Say", "a book or another database stands there; nothing was written");
    return {};
}

QString writeTableFile(const QString& path, const Job& job, const LiftRun& run,
                       const QString& openBook) {
    if (const QString why = refusesExport(path, openBook); !why.isEmpty()) return why;
    auto points = livePoints(run);
    if (points.size() > kMostReadings)
        return QCoreApplication::translate(
                   "Say",
                   "the run has %1 readings and a lift table at most %2; nothing was written")
            .arg(points.size())
            .arg(kMostReadings);
    for (LiftPoint& p : points)
        if (!bounds::reading_deg.hold(p.deg)) p.deg = std::remainder(p.deg, 720.0);
    std::stable_sort(points.begin(), points.end(),
                     [](const LiftPoint& a, const LiftPoint& b) { return a.deg < b.deg; });
    const std::vector<std::string> notes = {
        job.name,
        "cylinder " + std::to_string(run.cylinder) + " " + sideText(run.side).toStdString() +
            ", lift at the " + (run.terms.taken == Place::Tappet ? "tappet" : "valve"),
        "crank degrees with 0 at TDC on overlap",
    };
    return saveWhole(path, QByteArray::fromStdString(writeLiftTable(points, notes)));
}

LiftRun runFromTable(const LiftTable& table, int cylinder, Side side, RunConditions conditions) {
    LiftRun run;
    run.cylinder = cylinder;
    run.side = side;
    double least = 1e9, most = -1e9, step = 1e9;
    double before = std::nan("");
    for (const LiftPoint& p : table.points) {
        Reading r;
        r.at = {p.deg};
        r.value_mm = p.mm;
        run.readings.push_back(r);
        least = std::min(least, p.deg);
        most = std::max(most, p.deg);
        if (const double d = std::abs(p.deg - before); d > 1e-9) step = std::min(step, d);
        before = p.deg;
    }
    conditions.from = {least};
    conditions.to = {most};
    if (step < 1e8)
        conditions.step_deg = std::clamp(step, bounds::step_deg.least, bounds::step_deg.most);
    run.terms = std::move(conditions);
    return run;
}

namespace {

/// The newest form of a job folder; what has no number is of the first.
constexpr int kFormat = 1;

/// Reads one folder into a job; throws a sentence, caught below.
class FolderReader {
public:
    explicit FolderReader(QString folder) : folder_(std::move(folder)) {}

    Job read() {
        const Json json = document();
        Misread misread;
        int format = kFormat;
        {
            Reader reader(json, "job", misread);
            reader("format", format);
            reader("name", job_.name);
            for (const char* part :
                 {"engine", "card", "settings", "changes", "contacts", "runs", "maps", "log"})
                reader.known(part);
        }
        if (format > kFormat)
            throw QStringLiteral("job.json: written in format %1; this program reads up to %2")
                .arg(format)
                .arg(kFormat);
        if (job_.name.empty()) throw QStringLiteral("job.json: no name");
        job_.engine = engineFrom(json.value("engine", Json::object()), misread);
        if (json.contains("card")) {
            SetCards cards = cardsFrom(json["card"], misread);
            job_.card = std::move(cards.fitted);
            job_.otherCards = std::move(cards.others);
        }
        if (json.contains("settings"))
            static_cast<Stated&>(job_) = statedFrom(json["settings"], misread);
        for (const Json& change : list(json, "changes"))
            job_.changes.push_back(camMoveFrom(change, misread));
        for (const Json& entry : list(json, "log"))
            job_.log.push_back(logEntryFrom(entry, misread));
        refuse(misread);
        for (const Json& c : list(json, "contacts"))
            contact(c);
        for (const Json& m : list(json, "maps"))
            map(m);
        for (const Json& r : list(json, "runs"))
            run(r);
        return std::move(job_);
    }

private:
    /// What was typed wrong is said; nothing is taken for it.
    static void refuse(const Misread& m) {
        if (m.none()) return;
        throw QStringLiteral("job.json: not understood: ") + QString::fromStdString(m.first());
    }

    static Json list(const Json& json, const char* key) {
        const Json all = json.value(key, Json::array());
        if (!all.is_array())
            throw QStringLiteral("job.json: %1 is no list").arg(QLatin1String(key));
        return all;
    }

    Json document() const {
        const auto bytes = wholeFile(folder_ + QStringLiteral("/job.json"), kMostText_bytes);
        if (const auto* why = std::get_if<QString>(&bytes))
            throw QStringLiteral("job.json: ") + *why;
        const auto json = parsed(std::get<QByteArray>(bytes));
        if (!json) throw QStringLiteral("job.json: this is not JSON");
        if (!json->is_object()) throw QStringLiteral("job.json: not an object");
        return *json;
    }

    void contact(const Json& json) {
        Contact c;
        Misread misread;
        {
            Reader reader(json, "contact", misread);
            reader("pass", c.pass, bounds::few);
            reader("method", c.method, kMethod);
            reader("wheel", c.scale, kScale);
            reader("after_top", c.afterTop);
            reader("drop_mm", c.drop_mm, bounds::dimension_mm);
            reader("typed", c.typed);
        }
        refuse(misread);
        const auto read = readWheel(
            c.typed, {DegreeWheel{c.scale, job_.fitted.tape_mm}, c.afterTop, DeadCentre::Top});
        if (!std::holds_alternative<WheelReading>(read))
            throw QStringLiteral("job.json: contact \"%1\" is no wheel reading")
                .arg(QString::fromStdString(c.typed));
        c.at = std::get<WheelReading>(read).at;
        job_.contacts.push_back(std::move(c));
    }

    void run(const Json& json) {
        LiftRun run;
        std::string table;
        Misread misread;
        {
            Reader reader(json, "run", misread);
            reader("cylinder", run.cylinder, bounds::cylinders);
            reader("side", run.side, kSide);
            reader("table", table);
            for (const char* part : {"terms", "struck", "readings"})
                reader.known(part);
        }
        refuse(misread);
        run.terms = usualConditions(job_.engine, run.side);
        if (!table.empty()) {
            const QString name = QString::fromStdString(table);
            if (name.contains(QLatin1Char('/')))
                throw QStringLiteral("job.json: the table %1 is not in the folder").arg(name);
            auto read = readTableFile(folder_ + QLatin1Char('/') + name);
            if (auto* why = std::get_if<QString>(&read)) throw name + QStringLiteral(": ") + *why;
            if (auto* e = std::get_if<TableError>(&read))
                throw QStringLiteral("%1, line %2: not a lift table").arg(name).arg(e->line);
            run = runFromTable(std::get<LiftTable>(read), run.cylinder, run.side, run.terms);
        }
        if (json.contains("terms")) run.terms = conditionsFrom(json["terms"], misread);
        refuse(misread);
        for (const Json& r : list(json, "struck")) {
            const Reading s = reading(r, true);
            const auto after = std::find_if(run.readings.begin(), run.readings.end(),
                                            [&](const Reading& o) { return o.at >= s.at; });
            const auto place = after - run.readings.begin();
            auto& all = run.readings.edit();
            all.insert(all.begin() + place, s);
        }
        for (const Json& r : list(json, "readings"))
            run.readings.push_back(reading(r, false));
        job_.runs.push_back(std::move(run));
    }

    void map(const Json& json) {
        ClearanceMap map;
        Misread misread;
        {
            Reader reader(json, "map", misread);
            reader("cylinder", map.cylinder, bounds::cylinders);
            reader("side", map.side, kSide);
            for (const char* part : {"mock_up", "presses"})
                reader.known(part);
        }
        refuse(misread);
        if (json.contains("mock_up")) map.terms = mockUpFrom(json["mock_up"], misread);
        refuse(misread);
        // As the engine is, where the folder does not say how it was then.
        const Chamber& now = job_.engine.chamberOf(map.cylinder);
        if (map.terms.gasketThen_mm == 0.0) {
            map.terms.gasketThen_mm = now.gasket_mm;
            map.terms.deckThen_mm = now.deck_mm;
        }
        for (const Json& p : list(json, "presses")) {
            Reading press;
            press.of = ReadingOf::Press;
            Misread odd;
            {
                Reader reader(p, "press", odd);
                reader("crank_deg", press.at.deg, bounds::reading_deg);
                reader("clearance_mm", press.value_mm, bounds::lift_mm);
                reader("typed", press.typed);
            }
            refuse(odd);
            map.readings.push_back(std::move(press));
        }
        job_.maps.push_back(std::move(map));
    }

    static Reading reading(const Json& json, bool struck) {
        Reading r;
        std::string reason;
        Misread misread;
        {
            Reader reader(json, "reading", misread);
            reader("crank_deg", r.at.deg, bounds::reading_deg);
            reader("lift_mm", r.value_mm, bounds::lift_mm);
            reader("typed", r.typed);
            reader("of", r.of, kReadingOf);
            reader("zero", r.zero, bounds::few);
            reader("approach", r.approach, kApproach);
            reader("reason", reason);
        }
        refuse(misread);
        r.zero = std::max(1, r.zero);
        if (struck) r.struck = Struck{reason};
        return r;
    }

    QString folder_;
    Job job_;
};

} // namespace

std::variant<Card, QString> readCardFile(const QString& path) {
    const auto bytes = wholeFile(path, kMostText_bytes);
    if (const auto* why = std::get_if<QString>(&bytes))
        return *why + QStringLiteral("; expected a card in JSON");
    const auto json = parsed(std::get<QByteArray>(bytes));
    if (!json) return QStringLiteral("this is no JSON; expected a card in JSON");
    if (!json->is_object()) return QStringLiteral("not an object; expected a card in JSON");
    Misread misread;
    const Card card = cardFrom(*json, misread);
    if (!misread.none())
        return QStringLiteral("not understood: %1; see docs/formats/card.md")
            .arg(QString::fromStdString(misread.first()));
    if (!(card.height.mm >= 0.01 && card.height.mm <= 20.0))
        return QStringLiteral("height %1; expected 0.01 to 20 mm").arg(card.height.mm);
    const std::pair<const char*, std::optional<double>> angles[] = {{"ivo", card.events.ivo},
                                                                    {"ivc", card.events.ivc},
                                                                    {"evo", card.events.evo},
                                                                    {"evc", card.events.evc}};
    for (const auto& [name, value] : angles)
        if (value && !(*value >= -180.0 && *value <= 180.0))
            return QStringLiteral("%1 %2; expected degrees in card notation, -180 to 180")
                .arg(QLatin1String(name))
                .arg(*value);
    const CompleteCard whole = complete(card);
    if (!whole.events.ivo && !whole.events.ivc && !whole.events.evo && !whole.events.evc)
        return QStringLiteral("no event follows from it; expected ivo, ivc, evo, evc, or durations "
                              "with centres or a separation");
    return card;
}

std::variant<Job, QString> readJobFolder(const QString& folder) {
    try {
        return FolderReader(folder).read();
    } catch (const QString& sentence) {
        return sentence;
    }
}

std::variant<std::int64_t, QString> importJobFolder(Book& book, const QString& folder) {
    const auto job = readJobFolder(folder);
    if (const auto* why = std::get_if<QString>(&job)) return *why;
    const auto made = book.addJob(std::get<Job>(job));
    if (const auto* e = std::get_if<Error>(&made))
        return QStringLiteral("the book could not be written: ") + e->detail;
    return std::get<std::int64_t>(made);
}

} // namespace book
