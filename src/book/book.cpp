#include "book/book.h"

#include "book/codec.h"
#include "book/statement.h"

#include <QDateTime>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QtEndian>
#include <QUuid>

namespace book {

using namespace lobe;

namespace {

constexpr qint32 kApplicationId = 0x414D4C42; // "AMLB"

QStringList schemaSteps() {
    QStringList steps =
        QDir(QStringLiteral(":/book")).entryList({QStringLiteral("*.sql")}, QDir::Files);
    steps.sort();
    return steps;
}

/// What the header of an existing file says, read without letting SQLite near it.
std::optional<Error> refuse(const QString& path, int& version) {
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly)) return Error{Trouble::CannotOpen, file.errorString()};
    const QByteArray head = file.read(100);
    if (head.size() < 100 || !head.startsWith("SQLite format 3"))
        return Error{Trouble::NotABook, {}};
    if (qFromBigEndian<qint32>(head.constData() + 68) != kApplicationId)
        return Error{Trouble::NotABook, {}};
    version = qFromBigEndian<qint32>(head.constData() + 60);
    if (version > schemaVersion()) return Error{Trouble::Newer, QString::number(version)};
    return std::nullopt;
}

QVariant orNull(const std::optional<std::int64_t>& id) {
    return id ? QVariant(qint64(*id)) : QVariant();
}

} // namespace

QString sentence(const Error& e, const QString& path) {
    switch (e.trouble) {
    case Trouble::CannotOpen:
        return QStringLiteral(
                   "%1 cannot be opened (%2). Check the folder and the right to write there.")
            .arg(path, e.detail);
    case Trouble::NotABook:
        return QStringLiteral("%1 is not a book of Amber Lobe; it was left as it is.").arg(path);
    case Trouble::Newer:
        return QStringLiteral(
                   "%1 was written by a newer version; it was left as it is. Open it with "
                   "that version.")
            .arg(path);
    case Trouble::Damaged:
        return QStringLiteral("%1 is damaged (%2); it was left as it is. Restore a copy.")
            .arg(path, e.detail);
    case Trouble::CannotWrite:
        return QStringLiteral("%1 could not be written (%2). Nothing was logged; is the disk full?")
            .arg(path, e.detail);
    case Trouble::NoSuchJob:
        break;
    }
    return QStringLiteral("%1 holds no such job.").arg(path);
}

int schemaVersion() {
    return static_cast<int>(schemaSteps().size());
}

std::int64_t Book::systemClock() {
    return QDateTime::currentMSecsSinceEpoch();
}

Book::Book(QString path, QString connection, Clock clock)
    : path_(std::move(path)), connection_(std::move(connection)), clock_(std::move(clock)) {}

Book::~Book() {
    db().close();
    QSqlDatabase::removeDatabase(connection_);
}

QSqlDatabase Book::db() const {
    return QSqlDatabase::database(connection_, false);
}

Result<std::unique_ptr<Book>> Book::open(const QString& path, Clock clock) {
    int version = 0;
    const bool fresh = !QFileInfo::exists(path) || QFileInfo(path).size() == 0;
    if (fresh) {
        if (!QDir().mkpath(QFileInfo(path).absolutePath())) return Error{Trouble::CannotOpen, path};
    } else if (const auto trouble = refuse(path, version)) {
        return *trouble;
    }
    const QString connection = QUuid::createUuid().toString();
    std::unique_ptr<Book> self(new Book(path, connection, std::move(clock)));
    QSqlDatabase db = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), connection);
    db.setDatabaseName(path);
    db.setConnectOptions(QStringLiteral("QSQLITE_BUSY_TIMEOUT=3000"));
    if (!db.open()) return Error{Trouble::CannotOpen, db.lastError().text()};
    try {
        const auto pragma = [&db](const char* text) {
            Statement(db, QStringLiteral("PRAGMA ") + QLatin1String(text)).run();
        };
        if (!fresh) {
            Statement check(db, QStringLiteral("PRAGMA quick_check(1)"));
            if (!check.run().next() || check[0].toString() != QLatin1String("ok"))
                return Error{Trouble::Damaged, check[0].toString()};
        }
        pragma("foreign_keys = ON");
        if (fresh) {
            Statement(db, QStringLiteral("PRAGMA application_id = %1").arg(kApplicationId)).run();
            pragma("journal_mode = WAL");
        }
        // FULL makes the log reach the disk at every commit: a power cut loses nothing typed.
        pragma("synchronous = FULL");
        if (const auto trouble = self->migrate(version)) return *trouble;
    } catch (const SqlFailure& e) {
        return Error{fresh ? Trouble::CannotOpen : Trouble::Damaged, QString::fromUtf8(e.what())};
    }
    self->seenVersion_ = self->dataVersion();
    return self;
}

std::optional<Error> Book::migrate(int from) {
    const QStringList steps = schemaSteps();
    for (int step = from; step < steps.size(); ++step) {
        QFile file(QStringLiteral(":/book/") + steps[step]);
        if (!file.open(QIODevice::ReadOnly)) return Error{Trouble::CannotOpen, steps[step]};
        Transaction transaction(db());
        const QStringList statements =
            QString::fromUtf8(file.readAll()).split(QStringLiteral(";\n"));
        for (const QString& sql : statements)
            if (!sql.trimmed().isEmpty()) Statement(db(), sql).run();
        Statement(db(), QStringLiteral("PRAGMA user_version = %1").arg(step + 1)).run();
        transaction.commit();
    }
    // The version must stand in the file itself, where the next opening looks for it.
    if (from < steps.size())
        Statement(db(), QStringLiteral("PRAGMA wal_checkpoint(TRUNCATE)")).run();
    return std::nullopt;
}

std::vector<JobSummary> Book::jobs() const {
    std::vector<JobSummary> out;
    Statement s(
        db(),
        QStringLiteral(
            "SELECT job.id, (SELECT fact.body FROM fact JOIN action ON action.id = fact.action_id "
            "WHERE action.job_id = job.id AND action.state = 'done' AND fact.subject = 'name' "
            "ORDER BY fact.id DESC LIMIT 1) FROM job ORDER BY job.id"));
    s.run();
    while (s.next())
        out.push_back({s[0].toLongLong(), s[1].toString()});
    return out;
}

Result<std::int64_t> Book::addJob(const QString& name) {
    try {
        Transaction transaction(db());
        Statement job(db(), QStringLiteral("INSERT INTO job(created_ms) VALUES (?)"));
        const std::int64_t id = job.run(qint64(clock_())).id();
        // The first name is part of making the job: not an action to undo.
        Statement action(
            db(), QStringLiteral("INSERT INTO action(job_id, kind, at_ms) VALUES (?, 'job', ?)"));
        const qint64 made = action.run(qint64(id), qint64(clock_())).id();
        Statement fact(
            db(),
            QStringLiteral("INSERT INTO fact(action_id, subject, body) VALUES (?, 'name', ?)"));
        fact.run(made, name);
        transaction.commit();
        return id;
    } catch (const SqlFailure& e) {
        return Error{Trouble::CannotWrite, QString::fromUtf8(e.what())};
    }
}

std::int64_t Book::insertAction(std::int64_t job, const char* kind) {
    Statement drop(
        db(), QStringLiteral(
                  "UPDATE action SET state = 'dropped' WHERE job_id = ? AND state = 'undone'"));
    drop.run(qint64(job));
    Statement s(db(), QStringLiteral("INSERT INTO action(job_id, kind, at_ms) VALUES (?, ?, ?)"));
    return s.run(qint64(job), QLatin1String(kind), qint64(clock_())).id();
}

namespace {

/// Writes the rows of one change; one overload per kind.
class Writer {
public:
    Writer(QSqlDatabase db, std::int64_t action) : db_(std::move(db)), action_(action) {}

    qint64 operator()(const SetName& c) { return fact("name", QString::fromStdString(c.name)); }
    qint64 operator()(const SetEngine& c) { return fact("engine", compact(toJson(c.engine))); }
    qint64 operator()(const SetCards& c) {
        const bool any = c.fitted || !c.others.empty();
        return fact("card", any ? QVariant(compact(toJson(c))) : QVariant());
    }
    qint64 operator()(const SetSettings& c) {
        return fact("settings", compact(toJson(c.settings)));
    }

    qint64 operator()(const KeepSetting& c) {
        Statement s(
            db_, QStringLiteral("INSERT INTO setting(action_id, number, body) VALUES (?, ?, ?)"));
        s.run(action_, c.change.number, compact(toJson(c.change)));
        return c.change.number;
    }

    qint64 operator()(const AddRun& c) {
        Statement s(db_,
                    QStringLiteral("INSERT INTO run(action_id, cylinder, side) VALUES (?, ?, ?)"));
        const qint64 run = s.run(action_, c.run.cylinder, sideText(c.run.side)).id();
        terms(run, c.run.terms);
        for (const Reading& r : c.run.readings) {
            const qint64 id = reading(run, r);
            if (r.struck) strike(id, {}, r.struck->reason);
        }
        return run;
    }
    qint64 operator()(const SetTerms& c) { return terms(c.run, c.terms); }
    qint64 operator()(const SetManyTerms& c) {
        for (const SetTerms& one : c.runs)
            terms(one.run, one.terms);
        if (c.settings) (*this)(SetSettings{*c.settings});
        return 0;
    }
    qint64 operator()(const AddReading& c) {
        if (c.replaces) strike(*c.replaces, {}, "read again");
        return reading(c.run, c.reading);
    }
    qint64 operator()(const StrikeReading& c) { return strike(c.reading, {}, c.reason); }
    qint64 operator()(const AddContact& c) {
        const Contact& k = c.contact;
        Statement s(db_, QStringLiteral("INSERT INTO contact(action_id, pass, method, after_top, "
                                        "scale, drop_mm, typed, wheel_deg, at_ms) "
                                        "VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)"));
        return s
            .run(action_, k.pass, methodText(k.method), k.afterTop ? 1 : 0, scaleText(k.scale),
                 k.drop_mm ? QVariant(*k.drop_mm) : QVariant(), QString::fromStdString(k.typed),
                 k.at.deg, qint64(k.time_ms))
            .id();
    }
    qint64 operator()(const StrikeContact& c) { return strike({}, c.contact, c.reason); }

private:
    qint64 fact(const char* subject, const QVariant& body) {
        Statement s(db_,
                    QStringLiteral("INSERT INTO fact(action_id, subject, body) VALUES (?, ?, ?)"));
        s.run(action_, QLatin1String(subject), body);
        return 0;
    }
    qint64 terms(qint64 run, const RunTerms& t) {
        Statement s(
            db_, QStringLiteral("INSERT INTO run_terms(action_id, run_id, body) VALUES (?, ?, ?)"));
        s.run(action_, run, compact(toJson(t)));
        return 0;
    }
    qint64 reading(qint64 run, const Reading& r) {
        Statement s(db_, QStringLiteral("INSERT INTO reading(action_id, run_id, crank_deg, "
                                        "lift_mm, typed, at_ms, approach, of, zero, scale) "
                                        "VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)"));
        return s
            .run(action_, run, r.at.deg, r.lift_mm, QString::fromStdString(r.typed),
                 qint64(r.time_ms),
                 r.approach == Approach::BackingUp ? QStringLiteral("backing")
                                                   : QStringLiteral("forward"),
                 readingOfText(r.of), r.zero, r.scale ? QVariant(scaleText(*r.scale)) : QVariant())
            .id();
    }
    qint64 strike(std::optional<std::int64_t> reading, std::optional<std::int64_t> contact,
                  const std::string& reason) {
        Statement s(db_, QStringLiteral("INSERT INTO strike(action_id, reading_id, contact_id, "
                                        "reason) VALUES (?, ?, ?, ?)"));
        s.run(action_, orNull(reading), orNull(contact), QString::fromStdString(reason));
        return 0;
    }

    QSqlDatabase db_;
    qint64 action_;
};

/// Names an action for the undo menu; stable words kept in the book.
struct KindOf {
    const char* operator()(const SetName&) const { return "name"; }
    const char* operator()(const SetEngine&) const { return "engine"; }
    const char* operator()(const SetCards&) const { return "card"; }
    const char* operator()(const SetSettings&) const { return "settings"; }
    const char* operator()(const KeepSetting&) const { return "cam setting"; }
    const char* operator()(const AddRun& c) const {
        return c.run.readings.empty() ? "run" : "import";
    }
    const char* operator()(const SetManyTerms&) const { return "shift"; }
    const char* operator()(const SetTerms&) const { return "run terms"; }
    const char* operator()(const AddReading&) const { return "reading"; }
    const char* operator()(const StrikeReading&) const { return "strike"; }
    const char* operator()(const AddContact&) const { return "contact"; }
    const char* operator()(const StrikeContact&) const { return "strike"; }
};

} // namespace

Result<std::int64_t> Book::record(std::int64_t job, const Change& change) {
    try {
        Transaction transaction(db());
        const std::int64_t action = insertAction(job, std::visit(KindOf{}, change));
        const std::int64_t id = std::visit(Writer(db(), action), change);
        transaction.commit();
        return id;
    } catch (const SqlFailure& e) {
        return Error{Trouble::CannotWrite, QString::fromUtf8(e.what())};
    }
}

QString Book::kindOf(std::int64_t job, const char* state, bool newest) const {
    // Job making is the floor: it is never undone.
    Statement s(db(), QStringLiteral("SELECT kind FROM action WHERE job_id = ? AND state = ? "
                                     "AND kind <> 'job' ORDER BY id %1 LIMIT 1")
                          .arg(newest ? QStringLiteral("DESC") : QStringLiteral("ASC")));
    s.run(qint64(job), QLatin1String(state));
    return s.next() ? s[0].toString() : QString();
}

QString Book::undoable(std::int64_t job) const {
    return kindOf(job, "done", true);
}
QString Book::redoable(std::int64_t job) const {
    return kindOf(job, "undone", false);
}

bool Book::setState(std::int64_t job, const char* from, const char* to, bool newest) {
    try {
        Transaction transaction(db());
        Statement s(db(), QStringLiteral("SELECT id FROM action WHERE job_id = ? AND state = ? "
                                         "AND kind <> 'job' ORDER BY id %1 LIMIT 1")
                              .arg(newest ? QStringLiteral("DESC") : QStringLiteral("ASC")));
        if (!s.run(qint64(job), QLatin1String(from)).next()) return false;
        const qint64 id = s[0].toLongLong();
        Statement set(db(), QStringLiteral("UPDATE action SET state = ? WHERE id = ?"));
        set.run(QLatin1String(to), id);
        transaction.commit();
        return true;
    } catch (const SqlFailure&) {
        return false;
    }
}

bool Book::undo(std::int64_t job) {
    return setState(job, "done", "undone", true);
}
bool Book::redo(std::int64_t job) {
    return setState(job, "undone", "done", false);
}

std::int64_t Book::dataVersion() const {
    Statement s(db(), QStringLiteral("PRAGMA data_version"));
    return s.run().next() ? s[0].toLongLong() : 0;
}

bool Book::changedElsewhere() {
    const std::int64_t now = dataVersion();
    const bool changed = now != seenVersion_;
    seenVersion_ = now;
    return changed;
}

} // namespace book
