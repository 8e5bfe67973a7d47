// A job as one file: nothing is lost either way, and what is not a job file changes nothing.
#include "book/files.h"
#include "book/job_file.h"
#include "book/loaded.h"
#include "core/job/job.h"
#include "support/program.h"
#include "support/raw_book.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>

#include <random>

namespace test_job_file {

using namespace lobe;
using book::Book;
using namespace support;

namespace {

/// As a file has it: without ids.
Job withoutIds(Job job) {
    job.id = 0;
    for (Contact& c : job.contacts)
        c.id = 0;
    for (LiftRun& run : job.runs) {
        run.id = 0;
        for (Reading& r : run.readings.edit())
            r.id = 0;
    }
    for (ClearanceMap& map : job.maps) {
        map.id = 0;
        for (Reading& p : map.readings.edit())
            p.id = 0;
    }
    return job;
}

/// The demo's job with everything about it turned over by a seed.
Job anyJob(Job job, unsigned seed) {
    std::mt19937 random(seed);
    const auto upTo = [&](int n) { return std::uniform_int_distribution<int>(0, n - 1)(random); };
    const auto real = [&](double a, double b) {
        return std::uniform_real_distribution<double>(a, b)(random);
    };
    job.name = "Job " + std::to_string(seed) + (seed % 3 ? "" : " \"\xC3\xA9\" \\ , ;");
    job.by = seed % 2 ? "somebody" : "";
    job.engine.bore_mm = real(40.0, 120.0);
    job.engine.cylinders = 1 + upTo(16);
    job.engine.firingOrder.clear();
    job.reckoning.exponent = real(1.1, 1.4);
    for (LiftRun& run : job.runs) {
        for (Reading& r : run.readings.edit()) {
            r.at.deg = real(-3600.0, 3600.0);
            r.value_mm = real(-1.0, 30.0);
            r.time_ms = upTo(2'000'000'000);
            r.zero = 1 + upTo(3);
            r.of = static_cast<ReadingOf>(upTo(4));
            r.approach = static_cast<Approach>(upTo(2));
            if (upTo(5) == 0) r.scale = static_cast<WheelScale>(upTo(7));
            if (upTo(4) == 0) r.struck = Struck{"why, \"so\""};
        }
        run.terms.zeros = {std::nullopt, real(0.0, 9.0)};
        run.terms.shift_deg = real(-360.0, 360.0);
    }
    for (int n = upTo(6); n > 0; --n) {
        LogEntry e;
        e.number = job.log.empty() ? 1 : job.log.back().number + 1 + upTo(2);
        e.kind = static_cast<EntryKind>(upTo(9));
        e.time_ms = upTo(2'000'000'000);
        e.station = "lobes";
        e.cylinder = upTo(16);
        e.setting = upTo(4);
        e.text = "text " + std::to_string(upTo(1000));
        e.done = upTo(2) == 0;
        if (upTo(2)) e.details = {{"torque", "85 Nm"}, {"by", "me"}};
        if (upTo(3) == 0) e.replaced = "worn", e.replaced_ms = 5;
        job.log.push_back(std::move(e));
    }
    return job;
}

} // namespace

class TestJobFile : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    std::vector<Job> jobs_;

private slots:
    void initTestCase() {
        auto b = opened(dir_.filePath(QStringLiteral("demo.amber")));
        for (const char* folder : {"skerry-four", "marram-650", "skerry-spare"}) {
            const auto id = book::importJobFolder(*b, QStringLiteral(DEMO_DIR "/") + folder);
            jobs_.push_back(std::get<Job>(b->load(std::get<std::int64_t>(id))));
            // A picture is a file beside the book, and has tests of its own.
            for (CamMove& m : jobs_.back().changes)
                m.photo.clear();
        }
    }

    void nothingIsLostEitherWay() {
        for (unsigned seed = 1; seed <= 120; ++seed) {
            const Job job = anyJob(jobs_[seed % jobs_.size()], seed);
            const QByteArray text = book::jobFile(job, {});
            const auto read = book::readJobFile(text);
            if (const auto* why = std::get_if<QString>(&read)) QFAIL(qPrintable(*why));
            const Job& back = std::get<book::JobFile>(read).job;
            QVERIFY2(back == withoutIds(job), qPrintable(QString::number(seed)));
            QCOMPARE(book::jobFile(back, {}), text);
        }
    }

    /// By way of a book: what is written of the job that was read in is the first file.
    void anExportOfAnImportIsTheFirstExport() {
        const QString file = dir_.filePath(QStringLiteral("first.json")),
                      again = dir_.filePath(QStringLiteral("again.json"));
        for (unsigned seed = 1; seed <= 12; ++seed) {
            const QString folder = dir_.filePath(QString::number(seed));
            QDir().mkpath(folder + QStringLiteral("/photos"));
            Job job = anyJob(jobs_[seed % jobs_.size()], seed);
            QFile picture(folder + QStringLiteral("/photos/marks.jpg"));
            QVERIFY(picture.open(QIODevice::WriteOnly));
            picture.write("\x89PNG\r\n a picture");
            picture.close();
            LogEntry e;
            e.number = 99;
            e.picture = "photos/marks.jpg";
            job.log.push_back(e);
            auto a = opened(folder + QStringLiteral("/a.amber"));
            const Job kept = std::get<Job>(a->load(id(a->addJob(job))));
            QCOMPARE(book::writeJobFile(file, *a, kept), QString());
            auto b = opened(folder + QStringLiteral("/other/b.amber"));
            const auto made = book::importJobFile(*b, file);
            if (const auto* why = std::get_if<QString>(&made)) QFAIL(qPrintable(*why));
            const Job in = std::get<Job>(b->load(std::get<std::int64_t>(made)));
            QCOMPARE(book::writeJobFile(again, *b, in), QString());
            QFile one(file), two(again);
            QVERIFY(one.open(QIODevice::ReadOnly) && two.open(QIODevice::ReadOnly));
            QCOMPARE(two.readAll(), one.readAll());
            // The picture stands beside the other book, for its owner only.
            const QString path =
                folder + QStringLiteral("/other/") + QString::fromStdString(in.log.back().picture);
            QVERIFY(QFileInfo(path).size() == 16);
            QVERIFY(!(QFile::permissions(path) & QFile::ReadOther));
        }
    }

    /// By a validator that knows nothing of this program.
    void theSchemaDescribesWhatIsWritten() {
        QProcess has;
        has.start(QStringLiteral("/usr/bin/python3"), {"-c", "import jsonschema"});
        if (!has.waitForFinished(20000) || has.exitCode() != 0) QSKIP("no validator is here");
        for (unsigned seed = 1; seed <= 20; ++seed) {
            const QString path = dir_.filePath(QStringLiteral("schema-%1.json").arg(seed));
            QFile file(path);
            QVERIFY(file.open(QIODevice::WriteOnly));
            file.write(book::jobFile(anyJob(jobs_[seed % jobs_.size()], seed), {}));
        }
        const auto judged = [&](const QString& files) {
            QProcess p;
            p.start(
                QStringLiteral("/usr/bin/python3"),
                {"-c",
                 "import json, glob, sys, jsonschema\n"
                 "s = json.load(open(sys.argv[1]))\n"
                 "jsonschema.Draft202012Validator.check_schema(s)\n"
                 "for f in glob.glob(sys.argv[2]): jsonschema.validate(json.load(open(f)), s)\n",
                 SCHEMA, files});
            p.waitForFinished(60000);
            return p.exitCode() == 0 ? QByteArray() : p.readAllStandardError() + '!';
        };
        const QByteArray wrong = judged(dir_.filePath(QStringLiteral("schema-*.json")));
        QVERIFY2(wrong.isEmpty(), wrong.constData());
        // And it refuses what is none.
        QFile odd(dir_.filePath(QStringLiteral("odd-schema.json")));
        QVERIFY(odd.open(QIODevice::WriteOnly));
        odd.write(R"({"format":"amber-lobe-job","version":1,"name":"x","runs":[{"gears":1}]})");
        odd.close();
        QVERIFY(!judged(odd.fileName()).isEmpty());
    }

    void whatIsNoJobFileChangesNothing_data() {
        QTest::addColumn<QByteArray>("text");
        QTest::addColumn<QString>("says");
        const QByteArray head = R"({"format":"amber-lobe-job","version":1,"name":"x")";
        QTest::newRow("nothing") << QByteArray() << "no JSON";
        QTest::newRow("list") << QByteArray("[]") << "no JSON";
        QTest::newRow("another") << QByteArray(R"({"name":"x"})") << "no job file";
        QTest::newRow("newer") << QByteArray(R"({"format":"amber-lobe-job","version":2})")
                               << "newer version";
        QTest::newRow("unknown key") << head + R"(,"gears":5})"
                                     << "job.gears";
        QTest::newRow("wrong kind") << head + R"(,"runs":{"a":1}})"
                                    << "job.runs";
        QTest::newRow("huge number") << head + R"(,"engine":{"bore_mm":1e300}})"
                                     << "bore_mm";
        QTest::newRow("truncated") << head << "no JSON";
        QTest::newRow("deep") << QByteArray("{\"a\":").repeated(5000) + "1" +
                                     QByteArray("}").repeated(5000)
                              << "nested deeper";
        QTest::newRow("two of a number") << head + R"(,"log":[{"number":1},{"number":1}]})"
                                         << "two entries";
        QTest::newRow("picture elsewhere")
            << head + R"(,"log":[{"number":1,"picture":"../../etc/passwd"}]})"
            << "not in the file";
        QTest::newRow("no name") << QByteArray(R"({"format":"amber-lobe-job","version":1})")
                                 << "no name";
    }
    void whatIsNoJobFileChangesNothing() {
        QFETCH(QByteArray, text);
        QFETCH(QString, says);
        const QString path = dir_.filePath(QStringLiteral("odd.json"));
        QFile file(path);
        QVERIFY(file.open(QIODevice::WriteOnly | QIODevice::Truncate));
        file.write(text);
        file.close();
        auto b = opened(dir_.filePath(QStringLiteral("odd.amber")));
        const std::size_t before = b->jobs().size();
        const auto made = book::importJobFile(*b, path);
        const auto* why = std::get_if<QString>(&made);
        QVERIFY(why);
        QVERIFY2(why->contains(says), qPrintable(*why));
        QCOMPARE(b->jobs().size(), before);
    }

    /// A picture's name in a file is a name and never a path.
    void aPictureStaysBesideTheBook() {
        const QString path = dir_.filePath(QStringLiteral("sly.json"));
        QFile file(path);
        QVERIFY(file.open(QIODevice::WriteOnly | QIODevice::Truncate));
        file.write(R"({"format":"amber-lobe-job","version":1,"name":"x","log":[{"number":1,)"
                   R"("picture":"../../sly.sh"}],"pictures":{"../../sly.sh":"iVBORw0KGgpoaQ=="}})");
        file.close();
        auto b = opened(dir_.filePath(QStringLiteral("inner/sly.amber")));
        QVERIFY(std::holds_alternative<std::int64_t>(book::importJobFile(*b, path)));
        QVERIFY(!QFile::exists(dir_.filePath(QStringLiteral("../sly.sh"))));
        QVERIFY(!QFile::exists(dir_.filePath(QStringLiteral("sly.sh"))));
        QCOMPARE(QDir(dir_.filePath(QStringLiteral("inner/photos"))).entryList(QDir::Files).size(),
                 1);
    }

    /// A book of somebody else's may name any path: only what stands beside it goes out with a job.
    void nothingFromElsewhereGoesOut() {
        const QString folder = dir_.filePath(QStringLiteral("shared"));
        QDir().mkpath(folder);
        QFile secret(dir_.filePath(QStringLiteral("secret.txt")));
        QVERIFY(secret.open(QIODevice::WriteOnly));
        secret.write("not yours");
        secret.close();
        for (const QString& path : {QStringLiteral("../secret.txt"), secret.fileName(),
                                    QStringLiteral("photos/../../secret.txt")}) {
            Job job = jobs_[0];
            LogEntry e;
            e.number = 50;
            e.picture = path.toStdString();
            job.log.push_back(e);
            const QByteArray text = book::jobFile(job, folder + QStringLiteral("/b.amber"));
            QVERIFY2(!text.contains(QByteArray("not yours").toBase64()), qPrintable(path));
            QVERIFY(std::holds_alternative<book::JobFile>(book::readJobFile(text)));
        }
    }

    /// The book is gone when it comes to be written: no picture is left behind.
    void whatIsNotKeptLeavesNoPicture() {
        const QString path = dir_.filePath(QStringLiteral("pictured.json"));
        QFile file(path);
        QVERIFY(file.open(QIODevice::WriteOnly | QIODevice::Truncate));
        file.write(R"({"format":"amber-lobe-job","version":1,"name":"x","log":[{"number":1,)"
                   R"("picture":"a.jpg"}],"pictures":{"a.jpg":"iVBORw0KGgpoaQ=="}})");
        file.close();
        const QString book = dir_.filePath(QStringLiteral("gone/b.amber"));
        auto b = opened(book);
        QVERIFY(QFile::remove(book));
        QVERIFY(std::holds_alternative<QString>(book::importJobFile(*b, path)));
        QVERIFY(
            QDir(dir_.filePath(QStringLiteral("gone/photos"))).entryList(QDir::Files).isEmpty());
    }

    void jobsAreListedCopiedAndPutAway() {
        auto b = opened(dir_.filePath(QStringLiteral("list.amber")));
        const auto first = id(b->addJob(jobs_[0]));
        const auto second = id(b->addJob(jobs_[1]));
        auto lines = std::get<std::vector<book::JobLine>>(b->overview());
        QCOMPARE(lines.size(), std::size_t(2));
        const auto of = [&](std::int64_t job) {
            return *std::find_if(lines.begin(), lines.end(),
                                 [&](const book::JobLine& l) { return l.id == job; });
        };
        QCOMPARE(of(first).name.toStdString(), jobs_[0].name);
        QCOMPARE(of(first).engine.toStdString(), jobs_[0].engine.name);
        QCOMPARE(of(first).cam.toStdString(), jobs_[0].card->name);
        QCOMPARE(of(first).changed_ms, std::int64_t(1000));
        // The engine's name alone is changed: the list has it.
        Engine renamed = jobs_[0].engine;
        renamed.name = "another";
        const Job seen = std::get<Job>(b->load(first));
        id(b->record(first, book::SetEngine{renamed}, &seen));
        lines = std::get<std::vector<book::JobLine>>(b->overview());
        QCOMPARE(of(first).engine, QStringLiteral("another"));
        // Put away, taken out of sight, and back.
        QVERIFY(std::get<book::JobState>(b->setJobState(second, book::JobState::Deleted)) ==
                book::JobState::Open);
        QCOMPARE(std::get<std::vector<book::JobLine>>(b->overview()).size(), std::size_t(1));
        QCOMPARE(b->jobs().size(), std::size_t(1));
        QVERIFY(std::get<book::JobState>(b->setJobState(second, book::JobState::Open)) ==
                book::JobState::Deleted);
        QCOMPARE(b->jobs().size(), std::size_t(2));
        const auto engine = id(b->copyJob(first, book::CopyOf::Engine, QStringLiteral("new")));
        const Job bare = std::get<Job>(b->load(engine));
        QVERIFY(bare.engine == renamed && !bare.card && bare.runs.empty());
        const auto cards = id(b->copyJob(first, book::CopyOf::WithCards, QStringLiteral("new")));
        QVERIFY(std::get<Job>(b->load(cards)).card == jobs_[0].card);
        const auto all = id(b->copyJob(first, book::CopyOf::Everything, QStringLiteral("new")));
        QCOMPARE(std::get<Job>(b->load(all)).runs.size(), jobs_[0].runs.size());
    }
};

AMBER_TEST(TestJobFile)

} // namespace test_job_file

#include "test_job_file.moc"
