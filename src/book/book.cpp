#include "book/book.h"

#include "book/codec.h"
#include "book/jobs.h"
#include "book/rows.h"
#include "book/sqlite_handle.h"
#include "book/statement.h"
#include "core/job/job.h"

#include <QDateTime>

#include <algorithm>

namespace book {

using namespace lobe;

std::int64_t Book::systemClock() {
    return QDateTime::currentMSecsSinceEpoch();
}

Book::Book(QString path, QString connection, Clock clock)
    : path_(std::move(path)), connection_(std::move(connection)), clock_(std::move(clock)) {}

Book::~Book() {
    // One file is then the whole book, also while other windows have it open.
    if (readOnly_.isEmpty() && db().isOpen()) foldLog();
    keepPrepared(connection_, false);
    db().close();
    QSqlDatabase::removeDatabase(connection_);
}

QSqlDatabase Book::db() const {
    return QSqlDatabase::database(connection_, false);
}

Result<std::vector<JobSummary>> Book::listJobs() const {
    try {
        std::vector<JobSummary> out;
        Statement s(db(),
                    QStringLiteral("SELECT job.id, (SELECT substr(fact.body, 1, 300) FROM fact "
                                   "JOIN action ON action.id "
                                   "= fact.action_id "
                                   "WHERE action.job_id = job.id AND action.state = 'done' AND "
                                   "fact.subject = 'name' "
                                   "ORDER BY fact.id DESC LIMIT 1) FROM job WHERE job.state <> "
                                   "'deleted' ORDER BY job.id DESC LIMIT ?"));
        s.run(qint64(kMostListed));
        while (s.next())
            out.push_back({s[0].toLongLong(), s[1].toString()});
        std::reverse(out.begin(), out.end());
        return out;
    } catch (const SqlFailure& e) {
        return e.trouble(Trouble::Damaged);
    }
}

std::vector<JobSummary> Book::jobs() const {
    auto listed = listJobs();
    if (auto* all = std::get_if<std::vector<JobSummary>>(&listed)) return std::move(*all);
    return {};
}

Result<std::int64_t> Book::addJob(const QString& name) {
    if (!readOnly_.isEmpty()) return Error{Trouble::ReadOnly, readOnly_};
    if (const auto trouble = lost()) return *trouble;
    try {
        Transaction transaction(db());
        const std::int64_t id = insertJob(name);
        touch();
        transaction.commit();
        return id;
    } catch (const SqlFailure& e) {
        return e.trouble(Trouble::CannotWrite);
    }
}

std::int64_t Book::insertJob(const QString& name) {
    Statement job(db(), QStringLiteral("INSERT INTO job(created_ms) VALUES (?)"));
    const std::int64_t id = job.run(qint64(clock_())).id();
    // The first name is part of making the job: not an action to undo.
    Statement action(
        db(), QStringLiteral("INSERT INTO action(job_id, kind, at_ms) VALUES (?, 'job', ?)"));
    const qint64 made = action.run(qint64(id), qint64(clock_())).id();
    Statement fact(
        db(), QStringLiteral(
                  "INSERT INTO fact(action_id, subject, body, title) VALUES (?, 'name', ?, ?)"));
    fact.run(made, name, name);
    return id;
}

std::int64_t Book::insertWhole(const Job& job) {
    const std::int64_t id = insertJob(QString::fromStdString(job.name));
    insert(id, SetEngine{job.engine}, nullptr);
    if (job.card || !job.otherCards.empty())
        insert(id, SetCards{job.card, job.otherCards}, nullptr);
    insert(id, SetStated{job}, nullptr);
    for (const CamMove& c : job.changes)
        insert(id, KeepMove{c}, nullptr);
    for (const Contact& c : job.contacts) {
        const Made made = insert(id, AddContact{c}, nullptr);
        if (c.struck) insert(id, StrikeContact{made.id, c.struck->reason}, nullptr);
    }
    for (const LiftRun& r : job.runs)
        insert(id, AddSeries{r}, nullptr);
    for (const ClearanceMap& m : job.maps)
        insert(id, AddSeries{m}, nullptr);
    for (const LogEntry& e : job.log)
        insert(id, KeepEntry{e}, nullptr);
    return id;
}

Result<std::vector<std::int64_t>> Book::addJobs(const std::vector<Job>& jobs) {
    if (!readOnly_.isEmpty()) return Error{Trouble::ReadOnly, readOnly_};
    if (const auto trouble = lost()) return *trouble;
    try {
        Transaction transaction(db());
        std::vector<std::int64_t> ids;
        for (const Job& job : jobs)
            ids.push_back(insertWhole(job));
        touch();
        transaction.commit();
        return ids;
    } catch (const SqlFailure& e) {
        return e.trouble(Trouble::CannotWrite);
    }
}

Result<std::int64_t> Book::addJob(const Job& job) {
    const auto made = addJobs({job});
    if (const auto* e = std::get_if<Error>(&made)) return *e;
    return std::get<std::vector<std::int64_t>>(made).front();
}

std::int64_t Book::insertAction(std::int64_t job, const char* kind) {
    Statement drop(
        db(), QStringLiteral(
                  "UPDATE action SET state = 'dropped' WHERE job_id = ? AND state = 'undone'"));
    drop.run(qint64(job));
    Statement s(db(), QStringLiteral("INSERT INTO action(job_id, kind, at_ms) VALUES (?, ?, ?)"));
    return s.run(qint64(job), QLatin1String(kind), qint64(clock_())).id();
}

/// With every action: it puts this book's name into the log.
void Book::touch() {
    Statement(db(), QStringLiteral("UPDATE identity SET written = written + 1")).run();
}

Made Book::insert(std::int64_t job, const Change& change, const Job* seen) {
    const auto* more = std::get_if<AddReadings>(&change);
    const auto begun = more && more->goesOn ? passAtHand(job, more->series) : std::nullopt;
    const std::int64_t action = begun ? *begun : insertAction(job, kindOf(change));
    return writeRows(db(), action, change, seen);
}

/// The newest action of a job, where it is a pass into that series; and nothing waits to be redone.
std::optional<std::int64_t> Book::passAtHand(std::int64_t job, std::int64_t series) const {
    Statement s(db(),
                QStringLiteral("SELECT action.id FROM action WHERE id = (SELECT max(id) FROM "
                               "action WHERE job_id = ?) AND state = 'done' AND kind = 'readings' "
                               "AND EXISTS (SELECT 1 FROM reading WHERE reading.action_id = "
                               "action.id AND reading.run_id = ?)"));
    s.run(qint64(job), qint64(series));
    return s.next() ? std::optional<std::int64_t>(s[0].toLongLong()) : std::nullopt;
}

Result<Made> Book::record(std::int64_t job, const Change& change, const Job* seen) {
    if (!readOnly_.isEmpty()) return Error{Trouble::ReadOnly, readOnly_};
    if (const auto trouble = lost()) return *trouble;
    try {
        Transaction transaction(db());
        // Asked under the lock: nothing comes in between.
        if (seen && takenMeanwhile(job, change, *seen)) return Error{Trouble::TakenMeanwhile, {}};
        const Made made = insert(job, change, seen);
        touch();
        transaction.commit();
        return made;
    } catch (const SqlFailure& e) {
        return e.trouble(Trouble::CannotWrite);
    }
}

/// The highest id among rows; 0 for none.
static std::int64_t newest(const auto& rows) {
    std::int64_t id = 0;
    for (const auto& row : rows)
        id = std::max<std::int64_t>(id, row.id);
    return id;
}

static const auto& alike(const LiftRun&, const Job& job) {
    return job.runs;
}
static const auto& alike(const ClearanceMap&, const Job& job) {
    return job.maps;
}

bool Book::takenMeanwhile(std::int64_t job, const Change& change, const Job& seen) const {
    // A table that is read in is another run, whoever began one.
    if (const auto* c = std::get_if<AddSeries>(&change))
        return std::visit(
            [&](const auto& series) {
                return series.readings.size() == 1 &&
                       begunMeanwhile(job, seriesKind(series), series.cylinder, series.side,
                                      newest(alike(series, seen)));
            },
            c->series);
    const auto* c = std::get_if<AddReading>(&change);
    if (!c) return false;
    const Reading& r = c->reading;
    // An event is taken until it agrees; a press that puts another right says which.
    if (r.of != ReadingOf::Lift && (r.of != ReadingOf::Press || c->replaces)) return false;
    bool taken = false;
    seriesOf(seen, c->series, [&](const auto& series) {
        taken = loggedMeanwhile(c->series, newest(series.readings), r.zero, r.at);
    });
    return taken;
}

bool Book::begunMeanwhile(std::int64_t job, const char* kind, int cylinder, Side side,
                          std::int64_t known) const {
    Statement s(db(), QStringLiteral("SELECT 1 FROM run JOIN action ON action.id = run.action_id "
                                     "WHERE action.job_id = ? AND action.state = 'done' AND "
                                     "run.id > ? AND run.cylinder = ? AND run.side = ? AND "
                                     "run.kind = ? LIMIT 1"));
    return s.run(qint64(job), qint64(known), cylinder, sideText(side), QLatin1String(kind)).next();
}

bool Book::loggedMeanwhile(std::int64_t run, std::int64_t known, int zero,
                           lobe::CrankDeg at) const {
    Statement s(db(), QStringLiteral("SELECT 1 FROM reading JOIN action ON action.id = "
                                     "reading.action_id WHERE reading.run_id = ? AND reading.id > "
                                     "? AND action.state = 'done' AND reading.zero = ? AND "
                                     "abs(reading.crank_deg - ?) < 1e-6 LIMIT 1"));
    return s.run(qint64(run), qint64(known), zero, at.deg).next();
}

std::optional<qint64> Book::actionOf(std::int64_t job, const char* state, bool newest) const {
    // Job making is the floor: it is never undone.
    Statement s(db(), QStringLiteral("SELECT id FROM action WHERE job_id = ? AND state = ? "
                                     "AND kind <> 'job' ORDER BY id %1 LIMIT 1")
                          .arg(newest ? QStringLiteral("DESC") : QStringLiteral("ASC")));
    s.run(qint64(job), QLatin1String(state));
    return s.next() ? std::optional(s[0].toLongLong()) : std::nullopt;
}

Result<std::optional<Deed>> Book::toUndo(std::int64_t job) const {
    return deed(job, "done", true);
}
Result<std::optional<Deed>> Book::toRedo(std::int64_t job) const {
    return deed(job, "undone", false);
}
/// "" for none, and where it cannot be read.
static QString kindOf(const Result<std::optional<Deed>>& deed) {
    const auto* d = std::get_if<std::optional<Deed>>(&deed);
    return d && *d ? (*d)->kind : QString();
}
QString Book::undoable(std::int64_t job) const {
    return kindOf(toUndo(job));
}
QString Book::redoable(std::int64_t job) const {
    return kindOf(toRedo(job));
}

Result<bool> Book::setState(std::int64_t job, const char* from, const char* to, bool newest) {
    if (!readOnly_.isEmpty()) return Error{Trouble::ReadOnly, readOnly_};
    if (const auto trouble = lost()) return *trouble;
    try {
        Transaction transaction(db());
        const auto id = actionOf(job, from, newest);
        if (!id) return false;
        Statement set(db(), QStringLiteral("UPDATE action SET state = ? WHERE id = ?"));
        set.run(QLatin1String(to), *id);
        touch();
        transaction.commit();
        return true;
    } catch (const SqlFailure& e) {
        return e.trouble(Trouble::CannotWrite);
    }
}

Result<bool> Book::switchBack(std::int64_t job) {
    return setState(job, "done", "undone", true);
}
Result<bool> Book::switchOn(std::int64_t job) {
    return setState(job, "undone", "done", false);
}
bool Book::undo(std::int64_t job) {
    const auto done = switchBack(job);
    return std::holds_alternative<bool>(done) && std::get<bool>(done);
}
bool Book::redo(std::int64_t job) {
    const auto done = switchOn(job);
    return std::holds_alternative<bool>(done) && std::get<bool>(done);
}

std::int64_t Book::dataVersion() const {
    try {
        Statement s(db(), QStringLiteral("PRAGMA data_version"));
        return s.run().next() ? s[0].toLongLong() : 0;
    } catch (const SqlFailure&) {
        return seenVersion_; // the next action says what is wrong
    }
}

void Book::setPatience(int ms) {
    patience_ms_ = ms;
    if (sqlite3* handle = handleOf(db())) sqlite3_busy_timeout(handle, ms);
}

bool Book::changedElsewhere() {
    // Also while nobody writes: what was acknowledged must not wait in a log without a name.
    if (readOnly_.isEmpty() && logGone()) mendLog();
    const std::int64_t now = dataVersion();
    const bool changed = now != seenVersion_;
    seenVersion_ = now;
    return changed;
}

} // namespace book
