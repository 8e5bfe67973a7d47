// Books whose contents are not to be trusted: numbers no engine has, schemas that are not ours,
// names that look like something else; and two windows that log at once.
#include "book/book.h"
#include "book/loaded.h"
#include "book/shelf.h"
#include "core/examine/examine.h"
#include "core/job/job.h"
#include "support/program.h"
#include "support/raw_book.h"

#include <QDir>
#include <QElapsedTimer>
#include <QFile>
#include <QFileInfo>
#include <QTemporaryDir>
#include <QTest>

#include <atomic>
#include <thread>

namespace test_strangers {

using namespace lobe;
using book::Book;
using book::Trouble;
using namespace support;

class TestStrangers : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    QString path_;
    std::int64_t job_ = 0, run_ = 0;

    book::Loaded loaded() {
        auto b = opened(path_);
        auto read = b->read(job_);
        if (auto* e = std::get_if<book::Error>(&read)) qFatal("%s", qPrintable(e->detail));
        return std::get<book::Loaded>(std::move(read));
    }

private slots:
    void init() {
        path_ = dir_.filePath(QStringLiteral("shop.amber"));
        for (const char* side : {"", "-wal", "-shm"})
            QFile::remove(path_ + QLatin1String(side));
        auto b = opened(path_);
        job_ = id(b->addJob(QStringLiteral("Skerry Four")));
        Engine engine;
        engine.cylinders = 4;
        engine.bore_mm = 90.0;
        engine.stroke_mm = 78.0;
        QVERIFY(std::holds_alternative<book::Made>(b->record(job_, book::SetEngine{engine})));
        LiftRun run;
        run.readings = {reading(100.0, 7.0), reading(105.0, 7.2), reading(110.0, 7.1)};
        run_ = id(b->record(job_, book::AddSeries{run}));
        Contact c;
        c.typed = "31";
        c.at = {-31.0};
        QVERIFY(std::holds_alternative<book::Made>(b->record(job_, book::AddContact{c})));
    }

    void whatNoEngineHasIsLeftOutAndNamed_data() {
        QTest::addColumn<QString>("sql");
        QTest::addColumn<QString>("named");
        QTest::newRow("angle without end") << "UPDATE reading SET crank_deg = 9e999 WHERE id = 2"
                                           << "angle of a reading: inf";
        QTest::newRow("angle of many turns") << "UPDATE reading SET crank_deg = 1e17 WHERE id = 2"
                                             << "angle of a reading: 1e+17";
        QTest::newRow("lift") << "UPDATE reading SET lift_mm = -31 WHERE id = 2"
                              << "lift of a reading: -31";
        QTest::newRow("text for an angle") << "UPDATE reading SET crank_deg = 'high' WHERE id = 2"
                                           << "angle of a reading: high";
        QTest::newRow("contact") << "UPDATE contact SET wheel_deg = 1e9"
                                 << "angle of a contact: 1e+09";
        QTest::newRow("cylinders")
            << "UPDATE fact SET body = '{\"cylinders\":2000000000,\"bore_mm\":90}', patch = 0 "
               "WHERE "
               "subject = 'engine'"
            << "engine.cylinders: 2000000000";
        QTest::newRow("keyways") << "UPDATE fact SET body = "
                                    "'{\"bore_mm\":90,\"drive\":{\"teeth\":1e9}}', patch = 0 WHERE "
                                    "subject = 'engine'"
                                 << "engine.drive.teeth: 1000000000.0";
        QTest::newRow("step") << "UPDATE run_terms SET body = '{\"step_deg\":0}'"
                              << "terms.step_deg: 0";
    }
    /// By hand: one fact is wrong, everything else is as it was made above.
    void whatNoEngineHasIsLeftOutAndNamed() {
        QFETCH(QString, sql);
        QFETCH(QString, named);
        support::sql(path_, {QStringLiteral("PRAGMA ignore_check_constraints = ON"), sql});
        const book::Loaded read = loaded();
        QVERIFY2(read.leftOut.contains(named), qPrintable(read.leftOut));
        QCOMPARE(read.job.engine.bore_mm, 90.0);
        const bool ofReading = sql.startsWith(QLatin1String("UPDATE reading"));
        QCOMPARE(read.job.runs[0].readings.size(), std::size_t(ofReading ? 2 : 3));
        QCOMPARE(read.job.runs[0].readings.front().value_mm, 7.0);
        QCOMPARE(read.job.contacts.size(), std::size_t(sql.contains("contact") ? 0 : 1));
        QVERIFY(read.job.engine.cylinders == 4);
        QCOMPARE(lobe::examine(read.job).runs.size(), std::size_t(1));
        // And the rest of it can be worked on; what was left out stays in the book.
        auto b = opened(path_);
        QVERIFY(std::holds_alternative<book::Made>(
            b->record(job_, book::AddReading{run_, reading(115.0, 6.8)}, &read.job)));
        QVERIFY(!std::get<book::Loaded>(b->read(job_)).leftOut.isEmpty());
    }

    void anOrderThatIsNoneIsNoMemoryOverrun() {
        Engine e;
        e.cylinders = 4;
        e.firingOrder = {16, 1, 2, 3};
        e.throws_deg = {0.0, 180.0, 180.0, 0.0};
        QVERIFY(e.gaps_deg().empty());
        QVERIFY(!e.behindFirst_deg(16));
    }

    void textSpeaksToNoTerminal() {
        support::sql(path_, {QStringLiteral("UPDATE fact SET body = 'a' || char(10, 27) || '[2J' "
                                            "WHERE subject = 'name'")});
        QCOMPARE(QString::fromStdString(loaded().job.name), QStringLiteral("a  [2J"));
    }

    void aSchemaThatIsNotOursIsRefused_data() {
        QTest::addColumn<QStringList>("sql");
        QTest::addColumn<int>("trouble");
        const int foreign = int(Trouble::Foreign);
        QTest::newRow("trigger") << QStringList{"CREATE TRIGGER t AFTER INSERT ON reading BEGIN "
                                                "DELETE FROM reading; END"}
                                 << foreign;
        QTest::newRow("view in a table's place")
            << QStringList{"ALTER TABLE strike RENAME TO hidden",
                           "CREATE VIEW strike AS SELECT * FROM hidden"}
            << foreign;
        QTest::newRow("table") << QStringList{"CREATE TABLE more(x)"} << foreign;
        QTest::newRow("column") << QStringList{"ALTER TABLE reading ADD COLUMN x TEXT"} << foreign;
        QTest::newRow("index") << QStringList{"CREATE INDEX x ON reading(abs(lift_mm))"} << foreign;
        QTest::newRow("index gone")
            << QStringList{"DROP INDEX action_by_job"} << int(Trouble::Damaged);
        const auto rule = [](const char* table, const char* from, const char* to) {
            return QStringList{
                "PRAGMA writable_schema = ON",
                QStringLiteral("UPDATE sqlite_master SET sql = replace(sql, '%2', "
                               "'%3') WHERE name = '%1'")
                    .arg(QLatin1String(table), QLatin1String(from), QLatin1String(to))};
        };
        QTest::newRow("rule") << rule("action", "''done'', ''undone'', ''dropped''",
                                      "''done'', length(randomblob(1e9))")
                              << foreign;
        QTest::newRow("rule gone") << rule("run", "CHECK (cylinder >= 1)", "") << foreign;
        QTest::newRow("default") << rule("reading", "DEFAULT ''forward''", "DEFAULT ''backing''")
                                 << foreign;
        QTest::newRow("condition of an index")
            << rule("fact_title", "subject <> ''settings''",
                    "length(hex(zeroblob(100000000))) > length(subject)")
            << foreign;
        QTest::newRow("column that is worked out")
            << rule("reading", "at_ms INTEGER NOT NULL",
                    "at_ms AS (length(hex(zeroblob(100000000))))")
            << foreign;
        QTest::newRow("order of letters")
            << rule("run", "side TEXT NOT NULL", "side TEXT NOT NULL COLLATE NOCASE") << foreign;
        QTest::newRow("older than it says") << QStringList{"PRAGMA user_version = 3"} << foreign;
    }
    void aSchemaThatIsNotOursIsRefused() {
        QFETCH(QStringList, sql);
        QFETCH(int, trouble);
        support::sql(path_, sql + QStringList{"PRAGMA wal_checkpoint(TRUNCATE)"});
        const QByteArray before = bytes(path_);
        for (const auto mode : {Book::Mode::MustExist, Book::Mode::Reading}) {
            auto result = Book::open(path_, Book::systemClock, mode);
            const auto* e = std::get_if<book::Error>(&result);
            QVERIFY(e);
            QCOMPARE(int(e->trouble), trouble);
            QVERIFY(!e->detail.isEmpty());
        }
        QCOMPARE(bytes(path_), before);
        QCOMPARE(QDir(dir_.path()).entryList({QStringLiteral("shop.amber*")}),
                 QStringList{QStringLiteral("shop.amber")});
    }

    /// What another version of SQLite made of it, or a repair.
    void theSameTablesInOtherWordsAreOurs() {
        support::sql(path_,
                     {"ALTER TABLE strike RENAME TO aside", "ALTER TABLE aside RENAME TO strike",
                      "PRAGMA wal_checkpoint(TRUNCATE)"});
        QVERIFY(bytes(path_).contains("CREATE TABLE \"strike\""));
        QVERIFY(!loaded().job.runs.empty());
    }

    /// Deeper than any parser that recurses can be sent.
    void nestingHasAnEnd() {
        const QString deep =
            QStringLiteral("[").repeated(200000) + QStringLiteral("]").repeated(200000);
        for (const char* where : {"fact SET body", "run_terms SET body"}) {
            init();
            support::sql(path_,
                         {QStringLiteral("UPDATE %1 = '%2'").arg(QLatin1String(where), deep)});
            auto b = opened(path_);
            const auto read = b->read(job_);
            const auto* e = std::get_if<book::Error>(&read);
            QVERIFY(e && e->trouble == Trouble::NotUnderstood);
            b->toUndo(job_);
            QVERIFY(std::holds_alternative<std::vector<book::ShelfCam>>(b->shelf()));
        }
    }

    /// What undo would act on is said of whatever stands there.
    void anActionWhoseBodyIsAList() {
        for (const char* table : {"fact", "run_terms"}) {
            init();
            support::sql(path_, {QStringLiteral("UPDATE %1 SET body = '[1,2,3]', patch = 1")
                                     .arg(QLatin1String(table))});
            auto b = opened(path_);
            for (int i = 0; i < 4; ++i) {
                QVERIFY(std::holds_alternative<std::optional<book::Deed>>(b->toUndo(job_)));
                b->undo(job_);
                QVERIFY(std::holds_alternative<std::optional<book::Deed>>(b->toRedo(job_)));
            }
        }
    }

    void numbersOfChangesAndEntriesHaveAnEnd() {
        {
            auto b = opened(path_);
            CamMove move;
            move.number = 1;
            QVERIFY(std::holds_alternative<book::Made>(b->record(job_, book::KeepMove{move})));
            LogEntry entry;
            entry.text = "x";
            QVERIFY(std::holds_alternative<book::Made>(b->record(job_, book::KeepEntry{entry})));
        }
        support::sql(path_, {"UPDATE setting SET number = 2147483647",
                             "UPDATE entry SET number = 2147483647"});
        const book::Loaded read = loaded();
        QVERIFY(read.job.changes.empty() && read.job.log.empty());
        QVERIFY2(read.leftOut.contains("number of a change: 2147483647"), qPrintable(read.leftOut));
        lobe::examine(read.job);
    }

    /// So much that it could not be gone through: a sentence, in a moment, and without the memory
    /// of a whole machine. Tens of seconds are a hang; under sanitizers the same takes some.
    void whatIsFarTooMuchIsLeftOut_data() {
        QTest::addColumn<QStringList>("sql");
        const QString many = QStringLiteral(
            "WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < %1) ");
        QTest::newRow("changes") << QStringList{
            many.arg(100000) +
            "INSERT INTO setting(action_id, number, body) SELECT 1, i, '{}' FROM n"};
        QTest::newRow("entries") << QStringList{
            many.arg(100000) +
            "INSERT INTO entry(action_id, number, body) SELECT 1, i, '{\"text\":\"x\"}' FROM n"};
        QTest::newRow("heights") << QStringList{
            "INSERT INTO fact(action_id, subject, body) VALUES (1, 'settings', '{\"heights\":[" +
            QStringLiteral("{\"mm\":1},").repeated(10000) + "{\"mm\":1}]}')"};
        QTest::newRow("a word") << QStringList{
            "INSERT INTO entry(action_id, number, body) VALUES (1, 1, '{\"text\":\"' || "
            "replace(hex(zeroblob(200000)), '00', 'ab') || '\"}')"};
        QTest::newRow("a name") << QStringList{
            "UPDATE fact SET body = replace(hex(zeroblob(5000000)), '00', 'ab') WHERE subject = "
            "'name'"};
        QTest::newRow("a title") << QStringList{
            "UPDATE fact SET title = replace(hex(zeroblob(5000000)), '00', 'ab') WHERE subject = "
            "'name'"};
        QTest::newRow("jobs") << QStringList{many.arg(100000) +
                                             "INSERT INTO job(created_ms) SELECT i FROM n"};
    }
    void whatIsFarTooMuchIsLeftOut() {
        QFETCH(QStringList, sql);
        support::sql(path_, sql);
        QElapsedTimer took;
        took.start();
        auto b = opened(path_);
        const auto read = b->read(job_);
        const auto* job = std::get_if<book::Loaded>(&read);
        QVERIFY(job);
        lobe::examine(job->job);
        QVERIFY(job->job.name.size() <= 300);
        QVERIFY(job->job.changes.size() <= 5000 && job->job.log.size() <= 5000);
        QVERIFY(job->job.reckoning.heights.size() <= 100);
        const auto listed = b->overview();
        QVERIFY(std::holds_alternative<std::vector<book::JobLine>>(listed));
        for (const book::JobLine& line : std::get<std::vector<book::JobLine>>(listed))
            QVERIFY(line.name.size() <= 300);
        QVERIFY(std::holds_alternative<std::vector<book::ShelfCam>>(b->shelf()));
        QVERIFY2(took.elapsed() < 20000, qPrintable(QString::number(took.elapsed())));
    }

    /// A statement that would go on for ever is left off.
    void aStatementHasAnEnd() {
        auto b = opened(path_);
        support::sql(
            path_,
            {"WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < 30000) "
             "INSERT INTO action(job_id, kind, at_ms) SELECT 1, 'engine', i FROM n",
             "INSERT INTO fact(action_id, subject, body) SELECT id, 'engine', '{}' FROM action"});
        // Whatever comes of it, it comes.
        b->read(job_);
        b->overview();
        b->shelf();
    }

    void aNameLikeAUriIsAFile() {
        const QString here = QDir::currentPath();
        QVERIFY(QDir::setCurrent(dir_.path()));
        for (const char* name : {"file:odd?mode=memory", "./:memory:", "odd%20name#1"}) {
            const QString file = QLatin1String(name);
            {
                auto b = opened(file);
                id(b->addJob(QStringLiteral("odd")));
            }
            QVERIFY2(QFileInfo(dir_.filePath(file)).size() > 0, name);
            QCOMPARE(opened(file)->jobs().size(), std::size_t(1));
        }
        QDir::setCurrent(here);
    }

    void nobodyElseReadsANewBook() {
        const QString file = dir_.filePath(QStringLiteral("own.amber"));
        auto b = opened(file);
        id(b->addJob(QStringLiteral("own")));
        for (const QString& side : {file, file + QStringLiteral("-wal")})
            QVERIFY2(!(QFile::permissions(side) &
                       (QFile::ReadGroup | QFile::ReadOther | QFile::WriteGroup)),
                     qPrintable(side));
    }

    /// Another window logged at an angle since this one read the job: it is not doubled.
    void aReadingAnotherWindowLoggedIsNotDoubled() {
        auto a = opened(path_), b = opened(path_);
        const Job seen = std::get<Job>(a->load(job_));
        QVERIFY(std::holds_alternative<book::Made>(
            b->record(job_, book::AddReading{run_, reading(115.0, 6.5)})));
        auto twice = a->record(job_, book::AddReading{run_, reading(115.0, 6.6)}, &seen);
        const auto* e = std::get_if<book::Error>(&twice);
        QVERIFY(e && e->trouble == Trouble::TakenMeanwhile);
        // At another angle there is nothing to ask; and what has been seen is replaced as usual.
        QVERIFY(std::holds_alternative<book::Made>(
            a->record(job_, book::AddReading{run_, reading(120.0, 6.0)}, &seen)));
        const Job now = std::get<Job>(a->load(job_));
        QVERIFY(std::holds_alternative<book::Made>(
            a->record(job_, book::AddReading{run_, reading(115.0, 6.6), 4}, &now)));
        QCOMPARE(std::get<Job>(a->load(job_)).runs[0].readings.size(), std::size_t(6));
    }

    void aPressAnotherWindowLoggedIsNotDoubled() {
        auto a = opened(path_), b = opened(path_);
        const Job before = std::get<Job>(a->load(job_));
        const auto press = [](double deg, double mm) {
            Reading p;
            p.of = ReadingOf::Press;
            p.at = {deg};
            p.value_mm = mm;
            return p;
        };
        ClearanceMap map;
        map.readings = {press(10.0, 2.4)};
        const auto made = std::get<book::Made>(b->record(job_, book::AddSeries{map}, &before));
        // The valve was begun meanwhile.
        auto twice = a->record(job_, book::AddSeries{map}, &before);
        const auto* e = std::get_if<book::Error>(&twice);
        QVERIFY(e && e->trouble == Trouble::TakenMeanwhile);
        const Job seen = std::get<Job>(a->load(job_));
        QVERIFY(std::holds_alternative<book::Made>(
            b->record(job_, book::AddReading{made.id, press(12.0, 2.0), {}}, &seen)));
        twice = a->record(job_, book::AddReading{made.id, press(12.0, 2.1), {}}, &seen);
        e = std::get_if<book::Error>(&twice);
        QVERIFY(e && e->trouble == Trouble::TakenMeanwhile);
        // Elsewhere there is nothing to ask; and once it was seen, a second press agrees or not.
        QVERIFY(std::holds_alternative<book::Made>(
            a->record(job_, book::AddReading{made.id, press(14.0, 1.8), {}}, &seen)));
        const Job now = std::get<Job>(a->load(job_));
        QVERIFY(std::holds_alternative<book::Made>(
            a->record(job_, book::AddReading{made.id, press(12.0, 2.1), {}}, &now)));
        QCOMPARE(std::get<Job>(a->load(job_)).maps[0].readings.size(), std::size_t(4));
    }

    /// Another window strikes and logs while a job is read: of an action all is seen, or nothing.
    void aJobIsReadAsItStoodAtOneMoment() {
        auto a = opened(path_);
        std::atomic<bool> done = false;
        std::thread writer([&] {
            auto b = opened(path_); // a connection is its thread's
            std::int64_t last = 0;
            for (int i = 0; i < 400; ++i) {
                std::optional<std::int64_t> replaces;
                if (last != 0) replaces = last;
                const auto made =
                    b->record(job_, book::AddReading{run_, reading(200.0, 1.0 + i % 20), replaces});
                if (const auto* m = std::get_if<book::Made>(&made)) last = m->id;
            }
            done = true;
        });
        int torn = 0, loads = 0;
        while (!done) {
            const Job job = std::get<Job>(a->load(job_));
            ++loads;
            int live = 0, all = 0;
            for (const Reading& r : job.runs[0].readings)
                if (std::abs(r.at.deg - 200.0) < 1e-6) {
                    ++all;
                    live += !r.struck;
                }
            torn += all > 0 && live != 1;
        }
        writer.join();
        QVERIFY2(loads > 20, qPrintable(QString::number(loads)));
        QCOMPARE(torn, 0);
    }

    void aLobeAnotherWindowBeganIsNotBegunTwice() {
        auto a = opened(path_), b = opened(path_);
        const Job seen = std::get<Job>(a->load(job_));
        LiftRun run;
        run.side = Side::Exhaust;
        run.readings = {reading(-100.0, 7.0)};
        id(b->record(job_, book::AddSeries{run}, &seen));
        auto twice = a->record(job_, book::AddSeries{run}, &seen);
        const auto* e = std::get_if<book::Error>(&twice);
        QVERIFY(e && e->trouble == Trouble::TakenMeanwhile);
        run.cylinder = 2;
        QVERIFY(std::holds_alternative<book::Made>(a->record(job_, book::AddSeries{run}, &seen)));
    }
};

AMBER_TEST(TestStrangers)

} // namespace test_strangers

#include "test_strangers.moc"
