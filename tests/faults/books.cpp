#include "book/loaded.h"
#include "faults/faults.h"

#include "book/book.h"
#include "book/files.h"
#include "book/shelf.h"
#include "core/examine/examine.h"

#include <QFile>
#include <QTemporaryDir>

#include <sqlite3.h>

#include <cstdio>
#include <random>

namespace faults {

using namespace lobe;
using book::Book;

namespace {

QByteArray bytesOf(const QString& path) {
    QFile f(path);
    return f.open(QIODevice::ReadOnly) ? f.readAll() : QByteArray();
}

void put(const QString& path, const QByteArray& data) {
    QFile f(path);
    must(f.open(QIODevice::WriteOnly | QIODevice::Truncate) && f.write(data) == data.size(), path);
}

void removeBook(const QString& path) {
    for (const char* side : {"", "-wal", "-shm", "-journal"})
        QFile::remove(path + QLatin1String(side));
}

/// A book as a shop has it: three engines with lobes, cards, clearances, changes.
QByteArray wholeBook(const QString& folder) {
    const QString path = folder + QStringLiteral("/whole.amber");
    removeBook(path);
    {
        auto opened = Book::open(path);
        auto* made = std::get_if<std::unique_ptr<Book>>(&opened);
        must(made != nullptr, QStringLiteral("no book could be made"));
        for (const char* job : {"/skerry-four", "/marram-650", "/skerry-spare", "/skerry-two"}) {
            const auto read =
                book::importJobFolder(**made, QStringLiteral(DEMO_DIR) + QLatin1String(job));
            must(std::holds_alternative<std::int64_t>(read), QLatin1String(job));
        }
    }
    const QByteArray bytes = bytesOf(path);
    removeBook(path);
    return bytes;
}

struct Tally {
    int refused = 0, read = 0, jobs = 0, leftOut = 0;
};

/// What a start does with a book, and a little more.
void goThrough(const QString& path, Tally& tally) {
    auto opened = Book::open(
        path, [] { return std::int64_t(1000); }, Book::Mode::MustExist);
    auto* there = std::get_if<std::unique_ptr<Book>>(&opened);
    if (!there) {
        must(!book::sentence(std::get<book::Error>(opened), path).isEmpty(), path);
        ++tally.refused;
        return;
    }
    ++tally.read;
    Book& book = **there;
    book.shelf();
    for (const book::JobSummary& each : book.jobs()) {
        ++tally.jobs;
        book.toUndo(each.id);
        auto read = book.read(each.id);
        auto* loaded = std::get_if<book::Loaded>(&read);
        if (!loaded) continue;
        tally.leftOut += !loaded->leftOut.isEmpty();
        const Findings found = lobe::examine(loaded->job);
        must(found.runs.size() == loaded->job.runs.size(), path);
        Reading r;
        r.at = {12.0};
        r.value_mm = 1.0;
        if (!loaded->job.runs.empty())
            book.record(each.id, book::AddReading{loaded->job.runs.front().id, r}, &loaded->job);
        // All of it back, and all of it again, each said before.
        for (int n = 0; n < 400 && book.undo(each.id); ++n)
            book.toUndo(each.id);
        for (int n = 0; n < 400 && book.redo(each.id); ++n)
            book.toRedo(each.id);
        lobe::LogEntry entry;
        entry.text = "x";
        book.record(each.id, book::KeepEntry{entry});
    }
}

class Raw {
public:
    explicit Raw(const QString& path) {
        must(sqlite3_open(QFile::encodeName(path).constData(), &db_) == SQLITE_OK, path);
    }
    ~Raw() { sqlite3_close(db_); }
    Raw(const Raw&) = delete;
    Raw& operator=(const Raw&) = delete;
    /// What fails, fails: not every trick is possible in every book.
    void run(const QByteArray& sql) {
        sqlite3_exec(db_, sql.constData(), nullptr, nullptr, nullptr);
    }
    qint64 number(const char* sql) {
        sqlite3_stmt* s = nullptr;
        qint64 n = -1;
        if (sqlite3_prepare_v2(db_, sql, -1, &s, nullptr) == SQLITE_OK &&
            sqlite3_step(s) == SQLITE_ROW)
            n = sqlite3_column_int64(s, 0);
        sqlite3_finalize(s);
        return n;
    }

private:
    sqlite3* db_ = nullptr;
};

using Random = std::mt19937;
int upTo(Random& random, int n) {
    return std::uniform_int_distribution<int>(0, n - 1)(random);
}
template <std::size_t N> const char* oneOf(Random& random, const char* const (&all)[N]) {
    return all[upTo(random, static_cast<int>(N))];
}

/// Values that are no reading, count or name.
const char* const kValues[] = {"9e999",
                               "-9e999",
                               "1e17",
                               "-1e308",
                               "1e-308",
                               "NULL",
                               "0",
                               "-1",
                               "2000000000",
                               "9223372036854775807",
                               "-9223372036854775808",
                               "'inf'",
                               "'nan'",
                               "x'00ff00'",
                               "''",
                               "char(10, 27, 91, 50, 74)",
                               "char(0, 65)",
                               "'=1+1'",
                               "'@here'",
                               "zeroblob(100000)",
                               "720.0",
                               "3600"};

const char* const kColumns[] = {
    "reading SET crank_deg", "reading SET lift_mm",  "reading SET typed",    "reading SET zero",
    "reading SET of",        "reading SET scale",    "reading SET approach", "reading SET at_ms",
    "contact SET wheel_deg", "contact SET pass",     "contact SET drop_mm",  "contact SET scale",
    "contact SET typed",     "run SET cylinder",     "run SET side",         "strike SET reason",
    "strike SET reading_id", "fact SET body",        "fact SET subject",     "fact SET patch",
    "run_terms SET body",    "run_terms SET run_id", "setting SET body",     "setting SET number",
    "entry SET body",        "entry SET number",     "fact SET title",       "action SET at_ms",
    "action SET kind",       "action SET state",     "action SET job_id",    "job SET created_ms",
    "identity SET name",     "identity SET written"};

const char* const kJson[] = {
    R"('{"cylinders":2000000000}')",
    R"('{"cylinders":-1}')",
    R"('{"cylinders":16,"firing_order":[16,1,16,2],"throws_deg":[0,1,2,3],"bank_angle_deg":90}')",
    R"('{"drive":{"teeth":400,"keyways":0}}')",
    R"('{"drive":{"teeth":0,"keyways":2000000000}}')",
    R"('{"drive":{"slot_deg":12,"slot_line_deg":0.000001}}')",
    R"('{"drive":{"slot_deg":1e-308,"slot_line_deg":1e-308}}')",
    R"('{"drive":{"vernier_wheel":1000000,"vernier_hub":999999}}')",
    R"('{"bore_mm":1e300,"stroke_mm":-4,"rod_mm":0.001}')",
    R"('{"heights":[{"mm":0,"at":"valve"},{"mm":1e17,"at":"tappet"}]}')",
    R"('{"heights":[]}')",
    R"('{"seat_mm":0,"drop_mm":0,"tape_mm":0,"wheel":"tape"}')",
    R"('{"step_deg":0}')",
    R"('{"step_deg":1e-300,"from_deg":-3600,"to_deg":3600}')",
    R"('{"from_deg":1e17,"to_deg":-1e17}')",
    R"('{"zeros_mm":[null,null,1e9]}')",
    R"('{"repeats":0,"events_only":true}')",
    R"('{"shift_deg":720,"ratio":5,"lash_mm":50}')",
    R"('{"chamber":{"chamber_cc":-1000,"gasket_mm":-50}}')",
    R"('{"choosing":{"candidates":[{"name":"x","from":"table","intake_lobe":{"deg":[1,2],"mm":[1]}}]}}')",
    R"('{"pinned":["",""],"top":"overlap"}')",
    R"('{"ivo":720,"ivc":-720,"evo":720,"evc":-720}')",
    R"('[1,2,3]')",
    R"('{"name":"\u001b[2J\u0000\n=cmd"}')",
    R"('{"unknown":{"deep":[[[[]]]]}}')",
    "'not JSON'"};

/// What a book could be made to do by itself.
const char* const kTricks[] = {
    "CREATE TRIGGER t AFTER INSERT ON reading BEGIN DELETE FROM reading; END",
    "CREATE TRIGGER t AFTER UPDATE ON identity BEGIN UPDATE job SET created_ms = 666; END",
    "ALTER TABLE identity RENAME TO hidden; CREATE VIEW identity AS SELECT * FROM hidden",
    "ALTER TABLE job RENAME TO hidden; CREATE VIEW job AS WITH RECURSIVE n(id) AS (SELECT 1 UNION "
    "ALL SELECT id + 1 FROM n) SELECT id, 1 AS created_ms FROM n",
    "CREATE VIRTUAL TABLE v USING fts5(text)",
    "CREATE TABLE more(id INTEGER)",
    "ALTER TABLE reading ADD COLUMN more TEXT",
    "ALTER TABLE reading ADD COLUMN made AS (randomblob(1000000))",
    "DROP INDEX action_by_job",
    "CREATE INDEX heavy ON reading(length(randomblob(crank_deg)))",
    "DROP TABLE strike",
    "PRAGMA user_version = 3",
    "PRAGMA user_version = 0",
    "PRAGMA user_version = -5",
    "PRAGMA application_id = 7",
    "PRAGMA writable_schema = ON; UPDATE sqlite_master SET rootpage = 2 WHERE name = 'reading'",
    "PRAGMA writable_schema = ON; UPDATE sqlite_master SET sql = 'CREATE TABLE reading(x)' WHERE "
    "name = 'reading'",
    "PRAGMA writable_schema = ON; UPDATE sqlite_master SET sql = replace(sql, '''dropped''', "
    "'length(randomblob(1000000000))') WHERE name = 'action'",
    "PRAGMA writable_schema = ON; UPDATE sqlite_master SET sql = replace(sql, 'cylinder >= 1', "
    "'length(hex(zeroblob(400000000))) > 1') WHERE name = 'run'",
    "PRAGMA writable_schema = ON; UPDATE sqlite_master SET sql = replace(sql, '''forward''', "
    "'''x''') WHERE name = 'reading'",
    "PRAGMA writable_schema = ON; UPDATE sqlite_master SET sql = replace(sql, '''settings''', "
    "'hex(zeroblob(100000000))') WHERE name = 'fact_title'",
    "PRAGMA writable_schema = ON; UPDATE sqlite_master SET sql = replace(sql, 'at_ms INTEGER NOT "
    "NULL', 'at_ms AS (length(hex(zeroblob(400000000))))') WHERE name = 'action'",
    "PRAGMA journal_mode = DELETE",
    "INSERT INTO job(id, created_ms) SELECT id + 9007199254740990, 1 FROM job",
    "DELETE FROM action",
    "UPDATE action SET state = 'undone'"};

/// A long list, or deeply nested JSON, as a fact.
QByteArray huge(Random& random) {
    QByteArray body;
    switch (upTo(random, 3)) {
    case 0:
        body = QByteArray("[").repeated(200000) + QByteArray("]").repeated(200000);
        break;
    case 1:
        body = "{\"throws_deg\":[" + QByteArray("1,").repeated(100000) + "1]}";
        break;
    default:
        body = "{\"right_deg\":[" + QByteArray("1,").repeated(100000) + "1]}";
    }
    return "UPDATE " + QByteArray(upTo(random, 2) ? "fact" : "run_terms") + " SET body = '" + body +
           "' WHERE id % 7 = 0";
}

QByteArray trick(Random& random) {
    switch (upTo(random, 8)) {
    case 0:
        return oneOf(random, kTricks);
    case 1:
        return huge(random);
    case 2:
    case 3:
        return QByteArray("UPDATE ") +
               oneOf(random, {"fact", "fact", "run_terms", "setting", "entry"}) +
               " SET body = " + oneOf(random, kJson) +
               " WHERE id % 3 = " + QByteArray::number(upTo(random, 3));
    default:
        return QByteArray("UPDATE ") + oneOf(random, kColumns) + " = " + oneOf(random, kValues) +
               " WHERE id % 5 = " + QByteArray::number(upTo(random, 5));
    }
}

} // namespace

void damagedBooks(const QString& folder, int count, unsigned seed) {
    const QByteArray whole = wholeBook(folder);
    const QString path = folder + QStringLiteral("/damaged.amber");
    Tally tally;
    for (int i = 0; i < count; ++i) {
        Random random(seed * 100003u + static_cast<unsigned>(i));
        QByteArray bytes = whole;
        const int size = static_cast<int>(bytes.size());
        switch (upTo(random, 4)) {
        case 0:
            for (int n = 1 + upTo(random, 40); n > 0; --n)
                bytes[upTo(random, size)] = static_cast<char>(upTo(random, 256));
            break;
        case 1:
            bytes.truncate(upTo(random, size));
            break;
        case 2: {
            const int page = 4096, a = upTo(random, size / page), b = upTo(random, size / page);
            const QByteArray kept = bytes.mid(a * page, page);
            bytes.replace(a * page, page, bytes.mid(b * page, page));
            bytes.replace(b * page, page, kept);
            break;
        }
        default: // the head of a page, where its structure is
            for (int n = 1 + upTo(random, 4); n > 0; --n)
                bytes[upTo(random, size / 4096) * 4096 + upTo(random, 12)] =
                    static_cast<char>(upTo(random, 256));
        }
        removeBook(path);
        put(path, bytes);
        const int refused = tally.refused;
        goThrough(path, tally);
        if (tally.refused > refused)
            must(bytesOf(path) == bytes && !QFile::exists(path + QStringLiteral("-wal")) &&
                     !QFile::exists(path + QStringLiteral("-shm")),
                 QStringLiteral("damaged book %1 was refused and not left alone").arg(i));
    }
    removeBook(path);
    std::printf("damaged   %d books: %d refused, %d opened with %d jobs\n", count, tally.refused,
                tally.read, tally.jobs);
}

void hostileBooks(const QString& folder, int count, unsigned seed) {
    const QByteArray whole = wholeBook(folder);
    const QString path = folder + QStringLiteral("/hostile.amber");
    Tally tally;
    for (int i = 0; i < count; ++i) {
        Random random(seed * 200003u + static_cast<unsigned>(i));
        removeBook(path);
        put(path, whole);
        {
            Raw raw(path);
            raw.run("PRAGMA ignore_check_constraints = ON");
            for (int n = 1 + upTo(random, 6); n > 0; --n)
                raw.run(trick(random));
            raw.run("PRAGMA wal_checkpoint(TRUNCATE)");
        }
        goThrough(path, tally);
        Raw after(path);
        must(after.number("SELECT COUNT(*) FROM job WHERE created_ms = 666") <= 0,
             QStringLiteral("hostile book %1: its trigger ran").arg(i));
    }
    removeBook(path);
    std::printf("hostile   %d books: %d refused, %d opened with %d jobs, %d of them with something "
                "left out\n",
                count, tally.refused, tally.read, tally.jobs, tally.leftOut);
}

} // namespace faults
