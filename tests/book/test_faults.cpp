// The book through faults: killed at every write of being made, carried forward and typed into;
// deleted, replaced, truncated and overwritten while open; other files' logs beside it.
#include "book/book.h"
#include "book/files.h"
#include "book/side_file.h"
#include "core/job/job.h"
#include "support/program.h"
#include "support/raw_book.h"

#include <QDir>
#include <QElapsedTimer>
#include <QFile>
#include <QFileInfo>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QProcess>
#include <QSqlDatabase>
#include <QSqlQuery>
#include <QTemporaryDir>
#include <QTest>
#include <QThread>

#include <atomic>
#include <thread>

#include <sys/stat.h>
#include <unistd.h>

namespace test_faults {

using namespace lobe;
using book::Book;
using book::Trouble;
using namespace support;

namespace {

void put(const QString& path, const QByteArray& data) {
    QFile f(path);
    QVERIFY(f.open(QIODevice::WriteOnly | QIODevice::Truncate));
    QCOMPARE(f.write(data), data.size());
}

Trouble trouble(const QString& path, Book::Mode mode = Book::Mode::MustExist) {
    auto result = Book::open(path, Book::systemClock, mode);
    const auto* e = std::get_if<book::Error>(&result);
    return e ? e->trouble : Trouble::NoSuchJob;
}

/// What every picture here begins with.
const QByteArray kPng("\x89PNG\r\n\x1a\n");

/// A job file with an entry for each picture.
QByteArray pictured(const QList<QByteArray>& pictures) {
    QJsonArray log;
    QJsonObject bytes;
    for (const QByteArray& each : pictures) {
        const QString name = QStringLiteral("%1.png").arg(log.size() + 1);
        log.append(QJsonObject{{"number", log.size() + 1}, {"picture", name}});
        bytes.insert(name, QString::fromLatin1((kPng + each).toBase64()));
    }
    return QJsonDocument(QJsonObject{{"format", "amber-lobe-job"},
                                     {"version", 1},
                                     {"name", "x"},
                                     {"log", log},
                                     {"pictures", bytes}})
        .toJson();
}

/// Runs the victim on a book, killed at a write (0: never); its exit code, and what it printed.
int victim(const QString& book, int readings, int dieAt, const QString& in, QByteArray* said,
           int* writes = nullptr, const QStringList& more = {}, const char* full = nullptr) {
    QProcess p;
    QProcessEnvironment env = QProcessEnvironment::systemEnvironment();
    env.insert(QStringLiteral("LD_PRELOAD"), QStringLiteral(DIE_AT_WRITE));
    env.insert(QStringLiteral("DIE_IN"), in);
    // The sanitizer wants to be first; it is not needed in what is killed.
    env.insert(QStringLiteral("ASAN_OPTIONS"), QStringLiteral("verify_asan_link_order=0"));
    const QTemporaryDir counted;
    const QString count = counted.filePath(QStringLiteral("writes"));
    if (dieAt > 0) env.insert(QStringLiteral("DIE_AT"), QString::number(dieAt));
    env.insert(QStringLiteral("DIE_COUNT"), count);
    if (full) env.insert(QStringLiteral("FULL_AT"), QLatin1String(full));
    p.setProcessEnvironment(env);
    p.start(QStringLiteral(VICTIM), QStringList{book, QString::number(readings)} + more);
    p.waitForFinished(60000);
    if (said) *said = p.readAllStandardOutput();
    if (writes) *writes = bytes(count).trimmed().toInt();
    return p.exitCode();
}

} // namespace

class TestFaults : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    QString path(const char* name) const { return dir_.filePath(QLatin1String(name)); }
    /// An empty folder for one trial.
    QString fresh() {
        const QString folder = path("trial");
        QDir(folder).removeRecursively();
        QDir().mkpath(folder);
        return folder;
    }

private slots:
    void killedAtEveryWriteOfBeingMade() {
        const QString in = fresh();
        int writes = 0;
        QCOMPARE(victim(in + QStringLiteral("/b.amber"), 3, 0, in, nullptr, &writes), 0);
        QVERIFY2(writes > 20, qPrintable(QString::number(writes)));
        for (int at = 1; at <= writes; ++at) {
            const QString folder = fresh();
            const QString file = folder + QStringLiteral("/b.amber");
            QByteArray said;
            victim(file, 3, at, folder, &said);
            const auto acknowledged = said.count('\n');
            auto b = opened(file);
            const auto jobs = b->jobs();
            if (acknowledged == 0) continue;
            QCOMPARE(jobs.size(), std::size_t(1));
            const Job job = std::get<Job>(b->load(jobs[0].id));
            // Every reading that was acknowledged is there; the one in hand may be.
            QVERIFY2(job.runs[0].readings.size() >= std::size_t(acknowledged) &&
                         job.runs[0].readings.size() <= std::size_t(acknowledged) + 1,
                     qPrintable(QString::number(at)));
        }
    }

    void killedAtEveryWriteOfBeingCarriedForward_data() {
        QTest::addColumn<int>("step");
        for (int step = 1; step < book::schemaVersion(); ++step)
            QTest::addRow("step %d", step) << step;
    }
    void killedAtEveryWriteOfBeingCarriedForward() {
        QFETCH(int, step);
        const QString old = QStringLiteral(FIXTURE_DIR "/step-%1.amber").arg(step);
        QString folder = fresh(), file = folder + QStringLiteral("/b.amber");
        put(file, bytes(old));
        int writes = 0;
        QCOMPARE(victim(file, 0, 0, folder, nullptr, &writes), 0);
        const Job whole = [&] {
            auto b = opened(file);
            return std::get<Job>(b->load(b->jobs()[0].id));
        }();
        QVERIFY(writes > 4);
        for (int at = 1; at <= writes; ++at) {
            folder = fresh();
            file = folder + QStringLiteral("/b.amber");
            put(file, bytes(old));
            victim(file, 0, at, folder, nullptr);
            auto b = opened(file);
            QVERIFY2(std::get<Job>(b->load(b->jobs()[0].id)) == whole,
                     qPrintable(QStringLiteral("write %1 of %2").arg(at).arg(writes)));
        }
    }

    /// What stood at the path before stands there still, or the new file whole.
    void killedAtEveryWriteOfExporting() {
        const QString book = path("export.amber");
        victim(book, 20, 0, path("."), nullptr);
        int writes = 0;
        QString folder = fresh(), file = folder + QStringLiteral("/table.csv");
        const QStringList more{QStringLiteral("export"), file};
        QCOMPARE(victim(book, 0, 0, folder, nullptr, &writes, more), 0);
        const QByteArray whole = bytes(file);
        QVERIFY(std::holds_alternative<LiftTable>(book::readTableFile(file)));
        QVERIFY(writes >= 2);
        for (const QByteArray& before : {QByteArray(), QByteArray("crank_deg,lift_mm\n")})
            for (int at = 1; at <= writes; ++at) {
                folder = fresh();
                if (!before.isEmpty()) put(file, before);
                victim(book, 0, at, folder, nullptr, nullptr, more);
                QVERIFY2(bytes(file) == before || bytes(file) == whole,
                         qPrintable(QStringLiteral("write %1 of %2").arg(at).arg(writes)));
            }
    }

    void undoOnAFullDiskSaysSo() {
        const QString folder = fresh(), book = folder + QStringLiteral("/b.amber");
        victim(book, 3, 0, folder, nullptr);
        const Job before = [&] {
            auto b = opened(book);
            return std::get<Job>(b->load(b->jobs().at(0).id));
        }();
        // Full from the first write on, then from a later one: in the end there is room.
        int saidSo = 0, code = -1;
        for (int at = 1; code != 0 && at < 60; ++at) {
            QByteArray said;
            code = victim(book, 0, 0, folder, &said, nullptr, {"undo", "-"},
                          QByteArray::number(at).constData());
            saidSo += code == 5 && said.contains("is full");
            QVERIFY2(code == 0 || code == 3 || code == 5, qPrintable(QString::number(code)));
            auto b = opened(book);
            const Job now = std::get<Job>(b->load(b->jobs().at(0).id));
            QVERIFY2((now == before) == (code != 0), qPrintable(QString::number(at)));
        }
        QCOMPARE(code, 0);
        QVERIFY2(saidSo > 0, qPrintable(QString::number(saidSo)));
    }

    /// What has no room is said, and neither a job nor a picture is half there.
    void readingInOnAFullDiskLeavesNothing() {
        const QString job = path("pictured.json"), picture = path("marks.png");
        put(picture, kPng + QByteArray(40000, 'p'));
        put(job, pictured({QByteArray(30000, 'a'), QByteArray(30000, 'b')}));
        for (const QStringList& more :
             {QStringList{QStringLiteral("import"), job}, {QStringLiteral("photo"), picture}}) {
            int refused = 0, code = -1;
            for (int at = 1; code != 0 && at < 200; ++at) {
                const QString folder = fresh(), book = folder + QStringLiteral("/b.amber");
                victim(book, 1, 0, folder, nullptr);
                QByteArray said;
                code = victim(book, 0, 0, folder, &said, nullptr, more,
                              QByteArray::number(at).constData());
                refused += code == 5;
                QVERIFY2(code == 0 || code == 3 || code == 5, qPrintable(QString::number(at)));
                if (code == 5 && more.front() == QLatin1String("import")) QVERIFY(!said.isEmpty());
                const auto pictures =
                    QDir(folder + QStringLiteral("/photos")).entryList(QDir::Files);
                const std::size_t jobs = opened(book)->jobs().size();
                const bool import = more.front() == QLatin1String("import");
                QCOMPARE(pictures.size(), code != 0 ? 0 : import ? 2 : 1);
                QCOMPARE(jobs, std::size_t(code == 0 && import ? 2 : 1));
            }
            QCOMPARE(code, 0);
            QVERIFY2(refused > 1, qPrintable(QString::number(refused)));
        }
    }

    void killedAtEveryWriteOfReadingIn() {
        const QString job = path("killed.json");
        put(job, pictured({QByteArray("hi")}));
        const QStringList more{QStringLiteral("import"), job};
        QString folder = fresh();
        int writes = 0;
        QCOMPARE(victim(folder + QStringLiteral("/b.amber"), 0, 0, folder, nullptr, &writes, more),
                 0);
        QVERIFY(writes > 10);
        for (int at = 1; at <= writes; ++at) {
            folder = fresh();
            const QString book = folder + QStringLiteral("/b.amber");
            victim(book, 0, at, folder, nullptr, nullptr, more);
            if (!QFile::exists(book)) continue;
            auto b = opened(book);
            for (const auto& each : b->jobs()) {
                const Job whole = std::get<Job>(b->load(each.id));
                QCOMPARE(whole.log.size(), std::size_t(1));
                QVERIFY(QFile::exists(folder + QLatin1Char('/') +
                                      QString::fromStdString(whole.log[0].picture)));
            }
        }
    }

    void killedAtEveryWriteOfCopying() {
        const QString book = path("copied.amber");
        victim(book, 20, 0, path("."), nullptr);
        int writes = 0;
        QString folder = fresh(), file = folder + QStringLiteral("/copy.amber");
        const QStringList more{QStringLiteral("backup"), file};
        QCOMPARE(victim(book, 0, 0, folder, nullptr, &writes, more), 0);
        QVERIFY(writes > 10);
        for (int at = 1; at <= writes; ++at) {
            folder = fresh();
            victim(book, 0, at, folder, nullptr, nullptr, more);
            if (!QFile::exists(file)) continue;
            auto b = opened(file);
            QCOMPARE(std::get<Job>(b->load(b->jobs().at(0).id)).runs.at(0).readings.size(),
                     std::size_t(20));
        }
    }

    void everyOlderStepIsCarriedForward() {
        for (int step = 1; step < book::schemaVersion(); ++step) {
            const QString file = fresh() + QStringLiteral("/b.amber");
            put(file, bytes(QStringLiteral(FIXTURE_DIR "/step-%1.amber").arg(step)));
            auto b = opened(file);
            const Job job = std::get<Job>(b->load(b->jobs()[0].id));
            QCOMPARE(job.contacts.size(), std::size_t(step >= 2 ? 5 : 4));
            if (step >= 2) QCOMPARE(*job.contacts.back().drop_mm, 2.5);
            const auto& readings = job.runs[0].readings;
            if (step == 3) QVERIFY(readings.back().approach == Approach::BackingUp);
            if (step >= 4) {
                QCOMPARE(readings.back().zero, 2);
                QVERIFY(readings.back().of == ReadingOf::Closes);
                QVERIFY(readings.back().scale == WheelScale::Full360With);
            }
            if (step >= 5) {
                QCOMPARE(job.changes.size(), std::size_t(1));
                QCOMPARE(job.changes[0].made.intake->teeth, 1);
            }
            // And goes on being written.
            QVERIFY(std::holds_alternative<book::Made>(b->record(job.id, book::SetName{"on"})));
        }
    }

    /// As many as there are cores and more: each sees the others half way.
    void startsAtOnceAllSucceed() {
        for (const bool old : {false, true})
            for (int round = 0; round < 12; ++round) {
                const QString folder = fresh(), file = folder + QStringLiteral("/b.amber");
                if (old) put(file, bytes(QStringLiteral(FIXTURE_DIR "/step-1.amber")));
                QProcess a, b, c, d;
                for (QProcess* p : {&a, &b, &c, &d})
                    p->start(QStringLiteral(VICTIM), {file, QStringLiteral("2")});
                for (QProcess* p : {&a, &b, &c, &d}) {
                    QVERIFY(p->waitForFinished(60000));
                    QVERIFY2(p->exitCode() == 0, p->readAllStandardError().constData());
                }
                QCOMPARE(opened(file)->jobs().size(), std::size_t(old ? 6 : 4));
            }
    }

    void refusingChangesNoByte() {
        const auto untouched = [&](const QString& file, Trouble expected) {
            const QByteArray before = bytes(file), log = bytes(file + QStringLiteral("-wal"));
            const QStringList beside = QFileInfo(file).dir().entryList(QDir::Files);
            QCOMPARE(int(trouble(file)), int(expected));
            QCOMPARE(bytes(file), before);
            QCOMPARE(bytes(file + QStringLiteral("-wal")), log);
            QCOMPARE(QFileInfo(file).dir().entryList(QDir::Files), beside);
        };
        QString file = fresh() + QStringLiteral("/b.amber");
        put(file, {});
        untouched(file, Trouble::NotABook);
        file = fresh() + QStringLiteral("/b.amber");
        opened(file);
        sql(file, {QStringLiteral("PRAGMA user_version = -3")});
        untouched(file, Trouble::NotABook);
        file = fresh() + QStringLiteral("/b.amber");
        opened(file);
        sql(file, {QStringLiteral("PRAGMA user_version = 900")});
        untouched(file, Trouble::Newer);
        // The newer step may stand in the log and not yet in the file: a kill left it so.
        const QString source = fresh() + QStringLiteral("/live.amber");
        auto live = opened(source);
        {
            QSqlDatabase db =
                QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("newer"));
            db.setDatabaseName(source);
            QVERIFY(db.open());
            QSqlQuery(db).exec(QStringLiteral("PRAGMA user_version = 901"));
            const QString taken = path("trial") + QStringLiteral("/taken.amber");
            put(taken, bytes(source));
            put(taken + QStringLiteral("-wal"), bytes(source + QStringLiteral("-wal")));
            db.close();
        }
        QSqlDatabase::removeDatabase(QStringLiteral("newer"));
        live.reset();
        untouched(path("trial") + QStringLiteral("/taken.amber"), Trouble::Newer);
        QCOMPARE(int(trouble(fresh() + QStringLiteral("/none.amber"))), int(Trouble::NoSuchFile));
        QVERIFY(QDir(path("trial")).entryList(QDir::Files).isEmpty());
    }

    void anotherBooksLogIsNeverApplied() {
        const QString folder = fresh(), a = folder + QStringLiteral("/a.amber"),
                      b = folder + QStringLiteral("/b.amber");
        QByteArray log;
        {
            auto other = opened(a);
            const auto job = id(other->addJob(QStringLiteral("the other")));
            for (int i = 0; i < 20; ++i)
                other->record(job, book::SetName{"the other " + std::to_string(i)});
            log = bytes(a + QStringLiteral("-wal"));
        }
        QVERIFY(!log.isEmpty());
        {
            auto own = opened(b);
            id(own->addJob(QStringLiteral("own")));
        }
        const QByteArray before = bytes(b);
        put(b + QStringLiteral("-wal"), log);
        auto own = opened(b);
        QCOMPARE(own->jobs().size(), std::size_t(1));
        QCOMPARE(own->jobs()[0].name, QStringLiteral("own"));
        // Put aside, not thrown away.
        QVERIFY(!QDir(folder).entryList({QStringLiteral("*of-another-book*")}).isEmpty());
        // Its own log is applied, as after a kill.
        own.reset();
        QByteArray main, ownLog;
        {
            auto again = opened(b);
            main = bytes(b);
            again->record(again->jobs()[0].id, book::SetName{"typed last"});
            ownLog = bytes(b + QStringLiteral("-wal"));
        }
        put(b, main);
        put(b + QStringLiteral("-wal"), ownLog);
        QCOMPARE(opened(b)->jobs()[0].name, QStringLiteral("typed last"));
    }

    void aBookThatVanishesIsNoticed_data() {
        QTest::addColumn<int>("how");
        QTest::newRow("deleted") << 0;
        QTest::newRow("renamed") << 1;
        QTest::newRow("replaced") << 2;
        QTest::newRow("truncated") << 3;
        QTest::newRow("overwritten by an older copy") << 4;
        QTest::newRow("overwritten by another book") << 5;
    }
    void aBookThatVanishesIsNoticed() {
        QFETCH(int, how);
        const QString folder = fresh(), file = folder + QStringLiteral("/b.amber");
        auto b = opened(file);
        const auto job = id(b->addJob(QStringLiteral("x")));
        const auto run = id(b->record(job, book::AddSeries{LiftRun{}}));
        b->foldLog();
        const QByteArray older = bytes(file);
        for (int i = 0; i < 5; ++i)
            b->record(job, book::AddReading{run, {}});
        b->foldLog();
        QVERIFY(!b->gone());
        QTest::qWait(5);
        const QString other = folder + QStringLiteral("/other.amber");
        {
            auto o = opened(other);
            id(o->addJob(QStringLiteral("o")));
            for (int i = 0; i < 60; ++i)
                o->addJob(QString(3000, QLatin1Char('o')));
        }
        switch (how) {
        case 0:
            QFile::remove(file);
            break;
        case 1:
            QFile::rename(file, folder + QStringLiteral("/moved.amber"));
            break;
        case 2:
            QFile::remove(file);
            QFile::copy(other, file);
            break;
        case 3:
            QVERIFY(::truncate(QFile::encodeName(file).constData(), 4096) == 0);
            break;
        default: {
            // In place: the same file, other bytes.
            QFile f(file);
            QVERIFY(f.open(QIODevice::ReadWrite));
            const QByteArray to = how == 4 ? older : bytes(other);
            QVERIFY(f.resize(std::max<qint64>(to.size(), f.size())));
            f.write(to);
            break;
        }
        }
        const auto lost = b->gone();
        QVERIFY(lost);
        QCOMPARE(int(lost->trouble), int(how < 2 ? Trouble::Vanished : Trouble::Replaced));
        const auto kept = b->record(job, book::AddReading{run, {}});
        QVERIFY(std::holds_alternative<book::Error>(kept));
        QVERIFY(book::sentence(std::get<book::Error>(kept), file)
                    .contains(QStringLiteral("Ctrl+Shift+S")));
        // A file that was deleted or moved can still be read through.
        if (how < 3) {
            const QString copy = folder + QStringLiteral("/copy.amber");
            QVERIFY(!b->writeCopy(copy));
            auto c = opened(copy);
            QCOMPARE(std::get<Job>(c->load(job)).runs[0].readings.size(), std::size_t(5));
        }
    }

    void itsOwnFoldingIsNoReplacing() {
        const QString file = fresh() + QStringLiteral("/b.amber");
        auto a = opened(file);
        auto b = opened(file);
        const auto job = id(a->addJob(QStringLiteral("x")));
        for (int i = 0; i < 40; ++i) {
            QVERIFY(std::holds_alternative<book::Made>(
                (i % 2 ? a : b)->record(job, book::SetName{std::to_string(i)})));
            if (i % 5 == 0) (i % 3 ? a : b)->foldLog();
        }
    }

    void failuresAreAnswersAndNotAborts() {
        const QString file = fresh() + QStringLiteral("/b.amber");
        auto b = opened(file);
        const auto job = id(b->addJob(QStringLiteral("x")));
        const auto run = id(b->record(job, book::AddSeries{LiftRun{}}));
        sql(file, {QStringLiteral("DROP TABLE strike"), QStringLiteral("DROP TABLE contact")});
        const auto loaded = b->load(job);
        QCOMPARE(int(std::get<book::Error>(loaded).trouble), int(Trouble::Damaged));
        QVERIFY(std::holds_alternative<book::Error>(b->record(job, book::AddContact{Contact{}})));
        QVERIFY(std::holds_alternative<book::Made>(b->record(job, book::AddReading{run, {}})));
        sql(file, {QStringLiteral("DROP TABLE fact")});
        QVERIFY(std::holds_alternative<book::Error>(b->listJobs()));
        QVERIFY(b->jobs().empty());
        b->toUndo(job);
        sql(file,
            {QStringLiteral("PRAGMA foreign_keys = OFF"), QStringLiteral("DROP TABLE action")});
        QVERIFY(std::holds_alternative<book::Error>(b->toUndo(job)));
        QVERIFY(std::holds_alternative<book::Error>(b->switchBack(job)));
        QVERIFY(!b->undo(job));
    }

    /// An old book with one row that cannot be carried forward stays as it was, to the byte, and
    /// nothing is left beside it; it is too large to be looked through as it is opened.
    void whatCannotBeCarriedForwardIsLeftAsItWas_data() {
        QTest::addColumn<int>("step");
        QTest::addColumn<QString>("row");
        for (int step = 1; step <= 7; ++step) {
            if (step < 6)
                QTest::addRow("job of step %d", step)
                    << step << QStringLiteral("UPDATE fact SET subject = 'x'");
            if (step < 7)
                QTest::addRow("run of step %d", step)
                    << step << QStringLiteral("UPDATE run SET cylinder = 0");
        }
        QTest::newRow("contact of step 1") << 1 << QStringLiteral("UPDATE contact SET pass = 0");
    }
    void whatCannotBeCarriedForwardIsLeftAsItWas() {
        QFETCH(int, step);
        QFETCH(QString, row);
        for (const char* in : {"DELETE", "WAL"}) {
            const QString file = fresh() + QStringLiteral("/old.amber");
            QVERIFY(QFile::copy(QStringLiteral(FIXTURE_DIR "/step-%1.amber").arg(step), file));
            QVERIFY(QFile::setPermissions(file, QFile::ReadOwner | QFile::WriteOwner));
            sql(file, {QStringLiteral("PRAGMA ignore_check_constraints = ON"), row,
                       QStringLiteral("UPDATE reading SET typed = hex(zeroblob(900000)) WHERE id = "
                                      "(SELECT min(id) FROM reading)"),
                       QStringLiteral("PRAGMA wal_checkpoint(TRUNCATE)"),
                       QStringLiteral("PRAGMA journal_mode = %1").arg(QLatin1String(in))});
            QVERIFY(QFileInfo(file).size() > 1500000);
            const QByteArray before = bytes(file);
            const auto result = book::Book::open(file);
            QVERIFY(std::holds_alternative<book::Error>(result));
            QCOMPARE(bytes(file), before);
            QCOMPARE(QDir(QFileInfo(file).path()).entryList(QDir::Files),
                     QStringList{QStringLiteral("old.amber")});
        }
    }

    /// The log is taken away under an open book: what was acknowledged is in the file all the same,
    /// and the next reading too.
    void aLogThatIsRemovedIsMended() {
        const QString file = fresh() + QStringLiteral("/b.amber");
        auto b = opened(file);
        const auto job = id(b->addJob(QStringLiteral("x")));
        const auto run = id(b->record(job, book::AddSeries{LiftRun{}}));
        b->changedElsewhere();
        for (int i = 0; i < 5; ++i)
            QVERIFY(std::holds_alternative<book::Made>(
                b->record(job, book::AddReading{run, reading(i, 1.0)})));
        QVERIFY(QFileInfo(file + QStringLiteral("-wal")).size() > 0);
        QVERIFY(QFile::remove(file + QStringLiteral("-wal")));
        // Noticed without anybody typing.
        b->changedElsewhere();
        {
            const QTemporaryDir elsewhere;
            const QString copy = elsewhere.filePath(QStringLiteral("copy.amber"));
            QVERIFY(QFile::copy(file, copy));
            QCOMPARE(std::get<Job>(opened(copy)->load(job)).runs[0].readings.size(),
                     std::size_t(5));
        }
        QVERIFY(std::holds_alternative<book::Made>(
            b->record(job, book::AddReading{run, reading(9, 1.0)})));
        QVERIFY(QFile::remove(file + QStringLiteral("-wal")));
        // And by the next reading.
        QVERIFY(std::holds_alternative<book::Made>(
            b->record(job, book::AddReading{run, reading(10, 1.0)})));
        const QTemporaryDir elsewhere;
        const QString copy = elsewhere.filePath(QStringLiteral("copy.amber"));
        for (const char* side : {"", "-wal"})
            QVERIFY(QFile::copy(file + QLatin1String(side), copy + QLatin1String(side)));
        QCOMPARE(std::get<Job>(opened(copy)->load(job)).runs[0].readings.size(), std::size_t(7));
        QCOMPARE(std::get<Job>(b->load(job)).runs[0].readings.size(), std::size_t(7));
    }

    /// Opened again and again while another writes and folds its log: it is a book every time.
    void openedOftenWhileItIsWritten() {
        const QString file = fresh() + QStringLiteral("/b.amber");
        auto b = opened(file);
        const auto job = id(b->addJob(QStringLiteral("x")));
        std::atomic<bool> done = false;
        std::atomic<int> refused = 0, openings = 0;
        std::vector<std::thread> readers;
        for (int n = 0; n < 3; ++n)
            readers.emplace_back([&] {
                while (!done) {
                    auto result = book::Book::open(
                        file, [] { return std::int64_t(1); }, book::Book::Mode::MustExist);
                    refused += std::holds_alternative<book::Error>(result);
                    ++openings;
                }
            });
        // As long as it takes on a machine that is slow or busy.
        for (int i = 0; i < 150 || openings <= 30; ++i) {
            b->record(job, book::SetName{std::string(2000, 'n')});
            if (i % 3 == 0) b->foldLog();
        }
        done = true;
        for (std::thread& reader : readers)
            reader.join();
        QCOMPARE(refused.load(), 0);
    }

    /// Somebody at the line is told at once that another program holds the book.
    void whoIsImpatientIsToldAtOnce() {
        const QString file = fresh() + QStringLiteral("/b.amber");
        auto b = opened(file);
        const auto job = id(b->addJob(QStringLiteral("x")));
        QSqlDatabase other =
            QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("holds"));
        other.setDatabaseName(file);
        QVERIFY(other.open());
        QVERIFY(QSqlQuery(other).exec(QStringLiteral("BEGIN IMMEDIATE")));
        b->setPatience(100);
        QElapsedTimer waited;
        waited.start();
        const auto kept = b->record(job, book::SetName{"y"});
        QVERIFY(std::holds_alternative<book::Error>(kept));
        QCOMPARE(int(std::get<book::Error>(kept).trouble), int(Trouble::Locked));
        QVERIFY2(waited.elapsed() < 2000, qPrintable(QString::number(waited.elapsed())));
        QSqlQuery(other).exec(QStringLiteral("ROLLBACK"));
        QVERIFY(std::holds_alternative<book::Made>(b->record(job, book::SetName{"y"})));
        other.close();
        other = QSqlDatabase();
        QSqlDatabase::removeDatabase(QStringLiteral("holds"));
    }

    void aLockIsNoDamage() {
        const QString file = fresh() + QStringLiteral("/b.amber");
        auto b = opened(file);
        const auto job = id(b->addJob(QStringLiteral("x")));
        {
            QSqlDatabase db =
                QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("lock"));
            db.setDatabaseName(file);
            QVERIFY(db.open());
            QVERIFY(QSqlQuery(db).exec(QStringLiteral("BEGIN IMMEDIATE")));
            const auto kept = b->record(job, book::SetName{"y"});
            QCOMPARE(int(std::get<book::Error>(kept).trouble), int(Trouble::Locked));
            QVERIFY(!book::sentence(std::get<book::Error>(kept), file)
                         .contains(QStringLiteral("damaged")));
            db.close();
        }
        QSqlDatabase::removeDatabase(QStringLiteral("lock"));
        QVERIFY(std::holds_alternative<book::Made>(b->record(job, book::SetName{"y"})));
    }

    // Another program's short lock is waited for, and not answered with a refusal.
    void aShortLockIsWaitedFor() {
        const QString file = fresh() + QStringLiteral("/b.amber");
        auto b = opened(file);
        const auto job = id(b->addJob(QStringLiteral("x")));
        std::atomic<bool> held = false;
        std::thread other([&] {
            {
                QSqlDatabase db =
                    QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("short"));
                db.setDatabaseName(file);
                db.open();
                held = QSqlQuery(db).exec(QStringLiteral("BEGIN IMMEDIATE"));
                QThread::msleep(400);
                QSqlQuery(db).exec(QStringLiteral("COMMIT"));
                db.close();
            }
            QSqlDatabase::removeDatabase(QStringLiteral("short"));
        });
        while (!held)
            QThread::msleep(5);
        const auto kept = b->record(job, book::SetName{"y"});
        other.join();
        QVERIFY(std::holds_alternative<book::Made>(kept));
    }

    void aFolderThatFailsLeavesNothing() {
        auto b = opened(fresh() + QStringLiteral("/b.amber"));
        const QString folder = path("trial") + QStringLiteral("/job");
        QDir().mkpath(folder);
        const auto fails = [&](const QByteArray& json, const QString& named) {
            put(folder + QStringLiteral("/job.json"), json);
            const auto made = book::importJobFolder(*b, folder);
            QVERIFY(std::holds_alternative<QString>(made));
            QVERIFY2(std::get<QString>(made).contains(named), qPrintable(std::get<QString>(made)));
            QVERIFY(b->jobs().empty());
        };
        fails(R"({"name":"x","runs":[{"side":"intake","table":"none.csv"}]})",
              QStringLiteral("none.csv"));
        fails(R"({"name":"x","engine":{"rotation":"widdershins"}})", QStringLiteral("widdershins"));
        fails(R"({"name":"x","engine":{"borre_mm":90}})", QStringLiteral("borre_mm"));
        fails(R"({"name":"x","contacts":[{"typed":"hello"}]})", QStringLiteral("hello"));
        fails(R"({"name":"x","runs":[{"side":"intake","table":"../../etc/passwd"}]})",
              QStringLiteral("not in the folder"));
        fails(QByteArray(100000, '['), QStringLiteral("JSON"));
        // Of a newer program: the number is said, and not the key nobody knows yet.
        fails(R"({"format":2,"name":"x","springs":[]})", QStringLiteral("format 2"));
    }

    void exportsNeverReplaceABook() {
        const QString folder = fresh(), file = folder + QStringLiteral("/b.amber");
        auto b = opened(file);
        const auto job = id(b->addJob(QStringLiteral("x")));
        LiftRun run;
        for (int d = 0; d < 10; ++d) {
            Reading r;
            r.at = {d * 5.0};
            r.value_mm = d;
            if (d == 4) r.approach = Approach::BackingUp;
            run.readings.push_back(r);
        }
        id(b->record(job, book::AddSeries{run}));
        const Job j = std::get<Job>(b->load(job));
        const QString link = folder + QStringLiteral("/link.csv"),
                      other = folder + QStringLiteral("/other.amber");
        QVERIFY(QFile::link(file, link));
        opened(other);
        for (const QString& to : {file, link, other, file + QStringLiteral("-wal"), folder,
                                  QStringLiteral("/dev/null")}) {
            const QByteArray before = bytes(to);
            QVERIFY2(!book::writeTableFile(to, j, j.runs[0], file).isEmpty(), qPrintable(to));
            QCOMPARE(bytes(to), before);
        }
        QVERIFY(QFileInfo(QStringLiteral("/dev/null")).exists());
        const QString csv = folder + QStringLiteral("/out.csv");
        QVERIFY(book::writeTableFile(csv, j, j.runs[0], file).isEmpty());
        // A reading taken backing up is not exported.
        const auto table = book::readTableFile(csv);
        QCOMPARE(std::get<LiftTable>(table).points.size(), std::size_t(9));
        QVERIFY(book::isOurTable(csv));
        put(folder + QStringLiteral("/notes.txt"), "shopping list");
        QVERIFY(!book::isOurTable(folder + QStringLiteral("/notes.txt")));
    }

    void aBookInAReadOnlyFolderIsRead() {
        const QString folder = fresh(), file = folder + QStringLiteral("/b.amber");
        std::int64_t job = 0;
        {
            auto b = opened(file);
            job = id(b->addJob(QStringLiteral("x")));
        }
        auto read = Book::open(file, Book::systemClock, Book::Mode::Reading);
        auto& b = *std::get<std::unique_ptr<Book>>(read);
        QCOMPARE(b.jobs().size(), std::size_t(1));
        const auto kept = b.record(job, book::SetName{"y"});
        QCOMPARE(int(std::get<book::Error>(kept).trouble), int(Trouble::ReadOnly));
        QVERIFY(QDir(folder).entryList(QDir::Files) == QStringList{QStringLiteral("b.amber")});
        // An older book is carried forward in a copy, and left as it is.
        const QString old = folder + QStringLiteral("/old.amber");
        put(old, bytes(QStringLiteral(FIXTURE_DIR "/step-1.amber")));
        const QByteArray before = bytes(old);
        auto older = Book::open(old, Book::systemClock, Book::Mode::Reading);
        QCOMPARE(std::get<std::unique_ptr<Book>>(older)->jobs().size(), std::size_t(2));
        QCOMPARE(bytes(old), before);
    }

    // Every commit reaches the disk, and a lock is waited for: asked of SQLite itself.
    void theBookIsOpenedForPowerCutsAndCompany() {
        const QString folder = fresh(), file = folder + QStringLiteral("/b.amber");
        int before = 0, after = 0;
        QCOMPARE(victim(file, 1, 0, folder, nullptr, &before), 0);
        fresh();
        QCOMPARE(victim(file, 11, 0, folder, nullptr, &after), 0);
        // A commit writes frames and syncs them: without the sync there is one call less for each.
        QProcess trace;
        QProcessEnvironment env = QProcessEnvironment::systemEnvironment();
        env.insert(QStringLiteral("LD_PRELOAD"), QStringLiteral(DIE_AT_WRITE));
        env.insert(QStringLiteral("DIE_IN"), folder);
        env.insert(QStringLiteral("DIE_SYNCS"), QStringLiteral("1"));
        env.insert(QStringLiteral("ASAN_OPTIONS"), QStringLiteral("verify_asan_link_order=0"));
        env.insert(QStringLiteral("DIE_COUNT"), path("syncs"));
        trace.setProcessEnvironment(env);
        fresh();
        trace.start(QStringLiteral(VICTIM), {file, QStringLiteral("11")});
        QVERIFY(trace.waitForFinished(60000));
        QVERIFY2(bytes(path("syncs")).trimmed().toInt() >= 13, bytes(path("syncs")).constData());
        QVERIFY(after > before);
    }
};

AMBER_TEST(TestFaults)

} // namespace test_faults

#include "test_faults.moc"
