// The book: kept, undone, refused, shared.
#include "book/book.h"
#include "book/check.h"
#include "book/files.h"
#include "book/refusal.h"
#include "core/job/job.h"
#include "support/program.h"
#include "support/raw_book.h"

#include <QFile>
#include <QSqlDatabase>
#include <QSqlQuery>
#include <QTemporaryDir>
#include <QTest>

#include <atomic>

namespace test_book {

using namespace lobe;
using support::bytes;

namespace {

std::unique_ptr<book::Book> opened(const QString& path) {
    auto result = book::Book::open(path, [] { return std::int64_t(1000); });
    if (auto* e = std::get_if<book::Error>(&result)) qFatal("%s", qPrintable(e->detail));
    return std::get<std::unique_ptr<book::Book>>(std::move(result));
}

std::int64_t id(const book::Result<std::int64_t>& r) {
    return std::get<std::int64_t>(r);
}
std::int64_t id(const book::Result<book::Made>& r) {
    return std::get<book::Made>(r).id;
}
Job loaded(const book::Book& b, std::int64_t job) {
    return std::get<Job>(b.load(job));
}
book::Trouble trouble(const QString& path) {
    auto result = book::Book::open(path);
    return std::get<book::Error>(result).trouble;
}

Reading reading(double deg, double mm) {
    Reading r;
    r.at = {deg};
    r.value_mm = mm;
    r.typed = "typed";
    r.time_ms = 5;
    return r;
}

} // namespace

class TestBook : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    QString path(const char* name) const { return dir_.filePath(QLatin1String(name)); }

private slots:
    /// What a book is judged by is what the steps make. After a new step: AMBER_SCHEMA names the
    /// file to write it to.
    void theNewestSchemaIsThatOfTheSteps() {
        const QByteArray made = book::newestSchema();
        if (const QString path = qEnvironmentVariable("AMBER_SCHEMA"); !path.isEmpty()) {
            QFile file(path);
            QVERIFY(file.open(QIODevice::WriteOnly));
            file.write(made);
        }
        QFile file(QStringLiteral(":/book/newest.txt"));
        QVERIFY(file.open(QIODevice::ReadOnly));
        QCOMPARE(QString::fromUtf8(file.readAll()), QString::fromUtf8(made));
    }

    void everythingComesBack() {
        std::int64_t job = 0;
        Job made;
        {
            auto b = opened(path("all.amber"));
            job = id(b->addJob(QStringLiteral("Skerry Four")));
            Engine e;
            e.name = "Skerry Four";
            e.bore_mm = 90.125;
            e.rotation = Rotation::Anticlockwise;
            e.layout = Layout::TwinOverheadCam;
            e.follower = Follower::Finger;
            e.ratio.intake = 1.62;
            e.lash_mm.exhaust = 0.35;
            b->record(job, book::SetEngine{e});
            Card c;
            c.name = "Drumlin";
            c.height = {1.0, Place::Valve};
            c.events.ivo = -3.5;
            c.lift_mm.exhaust = 8.25;
            b->record(job, book::SetCards{c});
            Stated s;
            s.reckoning.heights = {{0.508, Place::Valve}};
            s.reckoning.school = CentreSchool::Centroid;
            s.fitted.scale = WheelScale::Full360Against;
            s.pinned = {"advance"};
            b->record(job, book::SetStated{s});
            LiftRun run;
            run.cylinder = 3;
            run.side = Side::Exhaust;
            run.terms.step_deg = 2.5;
            run.terms.source = "x.csv";
            const auto r = id(b->record(job, book::AddSeries{run}));
            const auto first = id(b->record(job, book::AddReading{r, reading(-20.1, 0.123456789)}));
            b->record(job, book::AddReading{r, reading(-20.1, 0.13), first});
            Contact k;
            k.afterTop = true;
            k.method = TdcMethod::EqualDrop;
            k.scale = WheelScale::Quarter90;
            k.typed = "26,5a";
            k.at = {26.5};
            b->record(job, book::AddContact{k});
            made = loaded(*b, job);
        }
        auto b = opened(path("all.amber"));
        const Job back = loaded(*b, job);
        QVERIFY(back == made);
        QCOMPARE(back.runs[0].readings.size(), std::size_t(2));
        QCOMPARE(back.runs[0].readings[0].value_mm, 0.123456789);
        QCOMPARE(QString::fromStdString(back.runs[0].readings[0].struck->reason),
                 QStringLiteral("read again"));
        QVERIFY(!back.runs[0].readings[1].struck);
        QCOMPARE(*back.card->events.ivo, -3.5);
        QCOMPARE(QString::fromStdString(back.contacts[0].typed), QStringLiteral("26,5a"));
    }

    void undoAndRedoEverythingAcrossClosing() {
        const QString p = path("undo.amber");
        std::int64_t job = 0;
        std::vector<Job> states;
        {
            auto b = opened(p);
            job = id(b->addJob(QStringLiteral("undo")));
            states.push_back(loaded(*b, job));
            const auto keep = [&](const book::Change& c) {
                const auto made = id(b->record(job, c));
                states.push_back(loaded(*b, job));
                return made;
            };
            Engine e;
            e.bore_mm = 80;
            keep(book::SetEngine{e});
            keep(book::SetCards{Card{}});
            const auto run = keep(book::AddSeries{LiftRun{}});
            const auto first = keep(book::AddReading{run, reading(0, 1)});
            keep(book::StrikeReading{first, "misread"});
            keep(book::AddReading{run, reading(0, 1.1)});
            keep(book::AddContact{Contact{}});
            keep(book::SetCards{std::nullopt});
            keep(book::SetName{"renamed"});
        }
        auto b = opened(p);
        for (std::size_t i = states.size() - 1; i > 0; --i) {
            QVERIFY(b->undo(job));
            QVERIFY(loaded(*b, job) == states[i - 1]);
        }
        QVERIFY(!b->undo(job));
        b = opened(p);
        for (std::size_t i = 1; i < states.size(); ++i) {
            QVERIFY(b->redo(job));
            QVERIFY(loaded(*b, job) == states[i]);
        }
        QVERIFY(!b->redo(job));
    }

    void aNewActionEndsRedoButNothingIsDeleted() {
        auto b = opened(path("drop.amber"));
        const auto job = id(b->addJob(QStringLiteral("drop")));
        const auto run = id(b->record(job, book::AddSeries{LiftRun{}}));
        b->record(job, book::AddReading{run, reading(0, 1.0)});
        b->undo(job);
        QCOMPARE(b->redoable(job), QStringLiteral("reading"));
        b->record(job, book::AddReading{run, reading(0, 2.0)});
        QVERIFY(b->redoable(job).isEmpty());
        QCOMPARE(loaded(*b, job).runs[0].readings.size(), std::size_t(1));
        // The undone reading is still in the file.
        {
            QSqlDatabase db =
                QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("peek"));
            db.setDatabaseName(path("drop.amber"));
            db.open();
            QSqlQuery q(QStringLiteral("SELECT count(*) FROM reading"), db);
            q.next();
            QCOMPARE(q.value(0).toInt(), 2);
        }
        QSqlDatabase::removeDatabase(QStringLiteral("peek"));
    }

    void foreignFilesAreRefusedUntouched() {
        QFile text(path("notes.txt"));
        text.open(QIODevice::WriteOnly);
        text.write("not a book, but long enough to hold a header if it were one "
                   "................................");
        text.close();
        const QByteArray before = bytes(text.fileName());
        QVERIFY(trouble(text.fileName()) == book::Trouble::NotABook);
        QCOMPARE(bytes(text.fileName()), before);
        // Another program's SQLite file.
        {
            QSqlDatabase db =
                QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("other"));
            db.setDatabaseName(path("other.sqlite"));
            db.open();
            QSqlQuery(db).exec(QStringLiteral("CREATE TABLE t(x)"));
            db.close();
        }
        QSqlDatabase::removeDatabase(QStringLiteral("other"));
        const QByteArray other = bytes(path("other.sqlite"));
        QVERIFY(trouble(path("other.sqlite")) == book::Trouble::NotABook);
        QCOMPARE(bytes(path("other.sqlite")), other);
    }

    void newerBooksAreRefusedUntouched() {
        const QString p = path("newer.amber");
        opened(p)->addJob(QStringLiteral("x"));
        {
            QFile f(p);
            f.open(QIODevice::ReadWrite);
            f.seek(60);
            f.write(QByteArray::fromHex("000003e7"));
        }
        const QByteArray before = bytes(p);
        QVERIFY(trouble(p) == book::Trouble::Newer);
        QCOMPARE(bytes(p), before);
    }

    void damagedBooksAreRefused() {
        const QString p = path("damaged.amber");
        {
            auto b = opened(p);
            const auto job = id(b->addJob(QStringLiteral("x")));
            const auto run = id(b->record(job, book::AddSeries{LiftRun{}}));
            for (int i = 0; i < 200; ++i)
                b->record(job, book::AddReading{run, reading(i, 1)});
        }
        QFile f(p);
        f.open(QIODevice::ReadWrite);
        for (qint64 at = 4096; at < f.size(); at += 4096) {
            f.seek(at);
            f.write(QByteArray(2048, '\x5a'));
        }
        f.close();
        const QByteArray before = bytes(p);
        QVERIFY(trouble(p) == book::Trouble::Damaged);
        QCOMPARE(bytes(p), before);
    }

    // A book of years is opened at once and looked through behind the work: what is wrong is told.
    void aLargeBookIsLookedThroughBehind() {
        const QString p = path("large.amber");
        {
            auto b = opened(p);
            const auto job = id(b->addJob(QStringLiteral("x")));
            LiftRun run;
            for (int i = 0; i < 30000; ++i)
                run.readings.push_back(reading(i * 0.01, 1));
            b->record(job, book::AddSeries{run});
        }
        QVERIFY(QFileInfo(p).size() > 1 << 20);
        std::atomic<int> told{0};
        const auto look = [&](const QString& file) {
            book::Check check;
            check.start(file, [&](const QString&) { ++told; });
            QTest::qWait(400);
        };
        {
            auto b = opened(p);
            QVERIFY(!b->lookedThrough());
            look(p);
            QCOMPARE(told.load(), 0);
        }
        QVERIFY(opened(path("small.amber"))->lookedThrough());
        QFile f(p);
        f.open(QIODevice::ReadWrite);
        for (qint64 at = f.size() / 2; at < f.size() / 2 + 40 * 4096; at += 4096) {
            f.seek(at);
            f.write(QByteArray(2048, '\x5a'));
        }
        f.close();
        look(p);
        QCOMPARE(told.load(), 1);
        // Left off at once, it tells nothing and keeps nobody waiting.
        book::Check check;
        check.start(p, [&](const QString&) { ++told; });
        check.stop();
        QVERIFY(told.load() <= 2);
    }

    void cannotOpenSaysSo() {
        QFile(path("file")).open(QIODevice::WriteOnly);
        QVERIFY(trouble(path("file") + QStringLiteral("/in/a/file.amber")) ==
                book::Trouble::CannotOpen);
    }

    void everySchemaStepRuns() {
        const QString p = path("steps.amber");
        opened(p);
        const QByteArray head = bytes(p).left(100);
        QCOMPARE(int(head.at(63)), book::schemaVersion());
        QVERIFY(book::schemaVersion() >= 1);
    }

    // A book of every earlier step opens, and says the same.
    void olderBooksAreBroughtUp() {
        const QString p = path("old.amber");
        QVERIFY(QFile::copy(QStringLiteral(FIXTURE_DIR "/step-1.amber"), p));
        QFile(p).setPermissions(QFile::ReadOwner | QFile::WriteOwner);
        QCOMPARE(int(bytes(p).at(63)), 1);
        Job old;
        {
            auto b = opened(p);
            QCOMPARE(b->jobs().size(), std::size_t(2));
            old = loaded(*b, b->jobs()[0].id);
        }
        QCOMPARE(int(bytes(p).at(63)), book::schemaVersion());
        QCOMPARE(old.contacts.size(), std::size_t(4));
        QCOMPARE(QString::fromStdString(old.contacts[0].typed), QStringLiteral("31b"));
        QCOMPARE(old.runs[0].readings.size(), std::size_t(72));
        int struck = 0;
        for (const Reading& r : old.runs[0].readings)
            struck += r.struck.has_value();
        QCOMPARE(struck, 1);
        // And it goes on being written.
        auto b = opened(p);
        Contact c;
        c.method = TdcMethod::ThereAndBack;
        c.drop_mm = 2.5;
        const auto made = id(b->record(old.id, book::AddContact{c}));
        b->record(old.id, book::StrikeContact{made, "misread"});
        const Job now = loaded(*b, old.id);
        QCOMPARE(*now.contacts.back().drop_mm, 2.5);
        QVERIFY(now.contacts.back().struck);
    }

    void twoWindowsOneBook() {
        const QString p = path("two.amber");
        auto a = opened(p);
        const auto job = id(a->addJob(QStringLiteral("shared")));
        auto b = opened(p);
        QVERIFY(!b->changedElsewhere());
        const auto run = id(a->record(job, book::AddSeries{LiftRun{}}));
        QVERIFY(b->changedElsewhere());
        QVERIFY(!b->changedElsewhere());
        b->record(job, book::AddReading{run, reading(0, 1)});
        QVERIFY(a->changedElsewhere());
        QCOMPARE(loaded(*a, job).runs[0].readings.size(), std::size_t(1));
    }

    void brokenReferencesAreRefusedAndRolledBack() {
        auto b = opened(path("broken.amber"));
        const auto job = id(b->addJob(QStringLiteral("x")));
        const auto result = b->record(job, book::AddReading{999, reading(0, 1)});
        QVERIFY(std::holds_alternative<book::Error>(result));
        QVERIFY(b->undoable(job).isEmpty());
        QVERIFY(std::get<book::Error>(b->load(77)).trouble == book::Trouble::NoSuchJob);
    }

    void demoFoldersBecomeJobs() {
        auto b = opened(path("demo.amber"));
        for (const char* folder : {"skerry-four", "marram-650", "skerry-spare", "skerry-two"}) {
            const auto job =
                book::importJobFolder(*b, QStringLiteral(DEMO_DIR "/") + QLatin1String(folder));
            if (const auto* why = std::get_if<QString>(&job)) QFAIL(qPrintable(*why));
            const Job j = loaded(*b, std::get<std::int64_t>(job));
            QVERIFY(j.card);
            QVERIFY(j.runs.size() >= 2);
            QVERIFY(j.contacts.size() >= 2);
        }
        QCOMPARE(b->jobs().size(), std::size_t(4));
        const Job two = loaded(*b, b->jobs()[3].id);
        QCOMPARE(two.changes.size(), std::size_t(2));
        QCOMPARE(two.runs.back().terms.afterMove, 2);
        QCOMPARE(two.engine.drive.vernierHub, 15);
        const Job spare = loaded(*b, b->jobs()[2].id);
        QCOMPARE(spare.runs[3].terms.zeros.size(), std::size_t(1));
        QCOMPARE(spare.runs[3].readings.back().zero, 2);
        QVERIFY(spare.runs[2].readings.front().of == ReadingOf::Opens);
    }

    // The drive, the target and what was changed come back as they were kept; a change said anew
    // replaces itself, and undone it is as it was.
    void settingsOfTheCamComeBack() {
        auto b = opened(path("setting.amber"));
        const auto job = id(b->addJob(QStringLiteral("x")));
        Engine e;
        Drive& d = e.drive;
        d.kind = DriveKind::Gears;
        d.teeth = 44;
        d.against = true;
        d.keyways = 3;
        d.crankKeyways_deg = {-4.0, 4.0};
        d.vernierWheel = 14;
        d.vernierHub = 15;
        d.bushes_deg = {1.5};
        d.slot_deg = 10.0;
        d.slotLine_deg = 2.0;
        d.boltRadius_mm = 28.0;
        d.pulledFirst = Side::Exhaust;
        d.phaser_deg = -30.0;
        d.wheelRadius_mm = 34.4;
        d.runAngle_deg = 12.0;
        e.chamber = {42.0, 91.0, 1.1, 0.35, -3.5, 0.6};
        e.chambers = {e.chamber, e.chamber};
        e.chambers[1].deck_mm = 0.4;
        e.volumes = VolumeSource::Maker;
        id(b->record(job, book::SetEngine{e}));
        Stated s;
        s.trial.target.kind = TargetKind::EventAt;
        s.trial.target.school = SetSchool::AllEvents;
        s.trial.target.plus_deg = 2.0;
        s.trial.target.plusExhaust_deg = -1.0;
        s.trial.target.centre.intake = 104.5;
        s.trial.target.centre.exhaust = 107.0;
        s.trial.target.event = Event::ExhaustOpens;
        s.trial.target.event_deg = 52.0;
        s.trial.target.separation_deg = 109.0;
        s.trial.target.dynamic = 8.5;
        s.trial.target.clearance_mm = 1.2;
        s.trial.skim_mm = 0.4;
        s.reckoning.closing = ClosingSchool::OwnHeight;
        s.reckoning.closingHeight_mm = 0.8;
        s.reckoning.altitude_m = 1200.0;
        s.reckoning.exponent = 1.28;
        s.trial.wantedDynamic = 8.4;
        s.reckoning.fuels = {{"lake mix", 9.1}};
        s.trial.kept = CompressionState{"kept", 90, 78, 142, 1, e.chamber, 61.0};
        id(b->record(job, book::SetStated{s}));
        CamMove c;
        c.number = 1;
        c.time_ms = 1782000000000;
        c.made.intake = DriveMove{-2, 1, 4.0, 3.43, 1.5, -2.0, 6.93};
        c.made.exhaust = DriveMove{};
        c.made.exhaust->teeth = 1;
        c.wanted_deg.intake = 7.0;
        c.marks = "paint, \"two\" stripes";
        id(b->record(job, book::KeepMove{c}));
        Job j = loaded(*b, job);
        QVERIFY(j.engine == e);
        QVERIFY(static_cast<const Stated&>(j) == s);
        QCOMPARE(j.changes.size(), std::size_t(1));
        QVERIFY(j.changes[0] == c);
        CamMove again = c;
        again.note = "seen through the plug hole";
        id(b->record(job, book::KeepMove{again}));
        QVERIFY(loaded(*b, job).changes == (std::vector<CamMove>{again}));
        QVERIFY(b->undo(job));
        QVERIFY(loaded(*b, job).changes == (std::vector<CamMove>{c}));
        QVERIFY(b->undo(job));
        QVERIFY(loaded(*b, job).changes.empty());
    }

    // Every condition of a run comes back as it was kept.
    void conditionsOfARunComeBack() {
        auto b = opened(path("terms.amber"));
        const auto job = id(b->addJob(QStringLiteral("x")));
        LiftRun run;
        RunConditions& t = run.terms;
        t.taken = Place::Valve;
        t.follower = Follower::Hydraulic;
        t.spring = Spring::Checking;
        t.resolution_mm = 0.002;
        t.travel_mm = 10.0;
        t.dialTurn_mm = 0.5;
        t.offAxis_deg = 12.0;
        t.offAxis = OffAxis::OnAFlatFace;
        t.valveLift_mm = 10.4;
        t.tappetLift_mm = 7.2;
        t.measuredRatio = true;
        t.countsDown = true;
        t.noseLift_mm = 7.2;
        t.zeros = {4.5, std::nullopt};
        t.eventHeights = {{0.5, Place::Tappet}, {1.0, Place::Valve}};
        t.eventsOnly = true;
        t.repeats = 2;
        t.repeatTolerance_deg = 0.25;
        t.tdcAnswered = 3;
        t.shift_deg = -2.25;
        t.source = "table.csv";
        Reading r = reading(-128.0, 1.27);
        r.zero = 3;
        r.scale = WheelScale::Full360Against;
        r.of = ReadingOf::Closes;
        r.approach = Approach::BackingUp;
        run.readings = {r};
        id(b->record(job, book::AddSeries{run}));
        const LiftRun back = loaded(*b, job).runs[0];
        QVERIFY(back.terms == t);
        QCOMPARE(back.readings[0].zero, 3);
        QVERIFY(back.readings[0].scale == WheelScale::Full360Against);
        QVERIFY(back.readings[0].of == ReadingOf::Closes);
        QVERIFY(back.readings[0].approach == Approach::BackingUp);
    }

    void severalTermsAndTheirSettingsAreOneStep() {
        auto b = opened(path("many.amber"));
        const auto job = id(b->addJob(QStringLiteral("x")));
        const auto run = id(b->record(job, book::AddSeries{LiftRun{}}));
        book::SetManyTerms change;
        RunConditions t;
        t.shift_deg = 360.0;
        change.series = {{run, t}};
        change.stated = Stated{};
        change.stated->fitted.top = WhichTop::Firing;
        id(b->record(job, change));
        QVERIFY(loaded(*b, job).fitted.top == WhichTop::Firing);
        QVERIFY(b->undo(job));
        QVERIFY(loaded(*b, job).fitted.top == WhichTop::NotSaid);
        QCOMPARE(loaded(*b, job).runs[0].terms.shift_deg, 0.0);
    }

    void tableRoundTripThroughDisk() {
        auto b = opened(path("table.amber"));
        const auto job = id(b->addJob(QStringLiteral("x")));
        const auto table =
            book::readTableFile(QStringLiteral(DEMO_DIR "/skerry-four/exhaust-1.csv"));
        const auto& points = std::get<LiftTable>(table).points;
        b->record(job, book::AddSeries{
                           book::runFromTable(std::get<LiftTable>(table), 1, Side::Exhaust, {})});
        const Job j = loaded(*b, job);
        QCOMPARE(j.runs[0].terms.step_deg, 5.0);
        QCOMPARE(j.runs[0].terms.from.deg, -285.0);
        QVERIFY(book::writeTableFile(path("out.csv"), j, j.runs[0]).isEmpty());
        const auto again = book::readTableFile(path("out.csv"));
        QCOMPARE(std::get<LiftTable>(again).points.size(), points.size());
        QVERIFY(!book::writeTableFile(path("no/such/folder.csv"), j, j.runs[0]).isEmpty());
        QVERIFY(std::holds_alternative<QString>(book::readTableFile(path("missing.csv"))));
    }

    // A pass an instrument takes comes in pieces and is one action: taken back and brought again as
    // a whole, until something else is done. What was said is kept with it.
    void aPassIsOneAction() {
        auto b = opened(path("pass.amber"));
        const auto job = id(b->addJob(QStringLiteral("x")));
        const auto run = id(b->record(job, book::AddSeries{LiftRun{}}));
        const auto piece = [&](double from, bool goesOn) {
            book::AddReadings change;
            change.series = run;
            change.goesOn = goesOn;
            for (int i = 0; i < 3; ++i) {
                Reading r = reading(from + i, 1.0);
                r.heard = Heard{"FA 00", "blue dial", i == 2};
                change.readings.push_back(r);
            }
            return std::get<book::Made>(b->record(job, change));
        };
        const auto count = [&] { return loaded(*b, job).runs.at(0).readings.size(); };
        QCOMPARE(piece(0.0, false).readings.size(), std::size_t(3));
        piece(3.0, true);
        piece(6.0, true);
        QCOMPARE(count(), std::size_t(9));
        const auto kept = loaded(*b, job).runs[0].readings;
        QCOMPARE(kept[0].heard->instrument, std::string("blue dial"));
        QCOMPARE(kept[0].heard->raw, std::string("FA 00"));
        QVERIFY(kept[2].heard->moving && !kept[1].heard->moving);
        QCOMPARE(std::get<std::optional<book::Deed>>(b->toUndo(job))->kind,
                 QStringLiteral("readings"));
        b->undo(job);
        QCOMPARE(count(), std::size_t(0));
        b->redo(job);
        QCOMPARE(count(), std::size_t(9));
        // Something else was done: what comes now is a pass of its own.
        b->record(job, book::SetName{"y"});
        piece(9.0, true);
        b->undo(job);
        QCOMPARE(count(), std::size_t(9));
        // Nor does it go on in one that was taken back.
        b->undo(job);
        b->undo(job);
        QCOMPARE(count(), std::size_t(0));
        piece(12.0, true);
        QCOMPARE(count(), std::size_t(3));
        QVERIFY(!std::get<std::optional<book::Deed>>(b->toRedo(job)));
        // Readings it takes the place of are struck with it, and come back with it.
        const auto old = loaded(*b, job).runs[0].readings[0].id;
        book::AddReadings change;
        change.series = run;
        change.readings = {reading(12.0, 1.5)};
        change.replaces = {old};
        b->record(job, change);
        QCOMPARE(loaded(*b, job).runs[0].readings[0].struck->reason, std::string(lobe::kReadAgain));
        b->undo(job);
        QVERIFY(!loaded(*b, job).runs[0].readings[0].struck);
    }
};

AMBER_TEST(TestBook)

} // namespace test_book

#include "test_book.moc"
