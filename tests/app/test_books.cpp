// Books under the window: two windows on one lobe, facts no engine has, a job that twice did not
// come up, copies of the whole.
#include "app_fixture.h"
#include "book/loaded.h"
#include "core/job/job.h"

#include "app/benches/lobes/lobes_station.h"
#include "app/frame/file_traffic.h"
#include "support/program.h"
#include "support/raw_book.h"

#include <QClipboard>
#include <QDir>
#include <QFile>

namespace test_books {

using namespace fixture;
using namespace lobe;

namespace {

/// What another window does to the book of this one.
void elsewhere(Rig& rig, const book::Change& change) {
    auto opened = book::Book::open(rig.session().book().path());
    auto& book = *std::get<std::unique_ptr<book::Book>>(opened);
    const Job job = std::get<Job>(book.load(rig.session().job().id));
    QVERIFY(std::holds_alternative<book::Made>(book.record(job.id, change, &job)));
}

/// A job at Lobes with two readings: the next is asked at -60.
void begin(Rig& rig) {
    rig.session().newJob(QStringLiteral("Skerry Four"));
    rig.window().go(stations::lobes);
    rig.type(QStringLiteral("0"));
    rig.type(QStringLiteral("0.01"));
}

std::size_t live(const Job& job, double deg) {
    std::size_t n = 0;
    for (const LiftRun& run : job.runs)
        for (const Reading& r : run.readings)
            n += !r.struck && std::abs(r.at.deg - deg) < 1e-6;
    return n;
}

} // namespace

class TestBooks : public QObject {
    Q_OBJECT

private slots:
    /// A copy elsewhere is asked for after so many days, and only where something was done since
    /// the last one.
    void remindedOfACopyWhereThereIsSomethingNew() {
        QTemporaryDir dir;
        std::int64_t now = 1'790'000'000'000;
        const auto days = [](int n) { return std::int64_t{n} * 24 * 3600 * 1000; };
        const QString path = dir.filePath(QStringLiteral("book.amber"));
        auto opened = book::Book::open(path, [&now] { return now; });
        app::Session session(std::get<std::unique_ptr<book::Book>>(std::move(opened)));
        app::Preferences preferences(dir.filePath(QStringLiteral("p.ini")));
        app::Books books(session, preferences, path, dir.filePath(QStringLiteral("demo.amber")));
        QVERIFY(session.newJob(QStringLiteral("one")));
        preferences.setRemindDays(7);
        QVERIFY(books.reminder().isEmpty()); // from its first day on
        now += days(8);
        QVERIFY(books.reminder().isEmpty()); // nothing was done since
        QVERIFY(session.keep(book::SetName{"two"}));
        now += days(1);
        QVERIFY2(books.reminder().contains(QLatin1Char('9')), qPrintable(books.reminder()));
        books.saveCopy(dir.filePath(QStringLiteral("copy.amber")));
        QVERIFY(books.reminder().isEmpty());
        now += days(20);
        QVERIFY(books.reminder().isEmpty());
        QVERIFY(session.keep(book::SetName{"three"}));
        QVERIFY(!books.reminder().isEmpty());
        preferences.setRemindDays(0);
        QVERIFY(books.reminder().isEmpty());
    }

    /// What another window writes stands here without a key: again and again, also when the log of
    /// the book was folded away in between.
    void anotherWindowIsNoticedByItself() {
        Rig rig;
        begin(rig);
        for (int i = 0; i < 3; ++i) {
            elsewhere(rig, book::SetName{"from window " + std::to_string(i)});
            QTRY_COMPARE_WITH_TIMEOUT(rig.session().job().name, "from window " + std::to_string(i),
                                      15000);
            rig.session().book().foldLog();
        }
    }

    /// While a lift is typed another window logs it: nothing is doubled, nothing goes to the next
    /// angle, and it is asked.
    void aReadingLoggedMeanwhileIsAskedAbout() {
        Rig rig;
        begin(rig);
        const auto run = rig.session().run();
        QCOMPARE(run->readings.size(), std::size_t(2));
        const double asked = run->readings.back().at.deg + run->terms.step_deg;
        rig.keys(QStringLiteral("0.03"));
        Reading other;
        other.at = {asked};
        other.value_mm = 0.02;
        other.typed = "0.02";
        elsewhere(rig, book::AddReading{run->id, other});
        rig.key(Qt::Key_Return);
        QCOMPARE(live(rig.onDisk(), asked), std::size_t(1));
        QCOMPARE(live(rig.onDisk(), asked + 5.0), std::size_t(0));
        QVERIFY2(rig.text("echo").contains(QStringLiteral("Another window logged 0.020 mm")),
                 qPrintable(rig.text("echo")));
        QCOMPARE(rig.line()->text(), QStringLiteral("0.03"));
        // Once more: it takes the other's place, which stays legible.
        rig.key(Qt::Key_Return);
        const Job now = rig.onDisk();
        QCOMPARE(live(now, asked), std::size_t(1));
        QCOMPARE(now.runs[0].readings.back().value_mm, 0.03);
        QCOMPARE(now.runs[0].readings.size(), std::size_t(4));
        QVERIFY(rig.line()->text().isEmpty());
    }

    /// Another angle logged meanwhile moves nothing that is being typed.
    void anAngleElsewhereMovesNothingThatIsTyped() {
        Rig rig;
        begin(rig);
        const auto run = rig.session().run();
        const double asked = run->readings.back().at.deg + run->terms.step_deg;
        rig.keys(QStringLiteral("0.03"));
        Reading other;
        other.at = {asked + 100.0};
        other.value_mm = 3.0;
        elsewhere(rig, book::AddReading{run->id, other});
        rig.key(Qt::Key_Return);
        QCOMPARE(live(rig.onDisk(), asked), std::size_t(1));
        QVERIFY(rig.line()->text().isEmpty());
    }

    /// What stood in the line when the station was left is no longer being typed.
    void aLineLeftBehindHoldsNoAngle() {
        Rig rig;
        begin(rig);
        const auto run = rig.session().run();
        const double asked = run->readings.back().at.deg + run->terms.step_deg;
        rig.keys(QStringLiteral("0.03"));
        rig.window().go(stations::timing);
        Reading other;
        other.at = {asked};
        other.value_mm = 0.02;
        elsewhere(rig, book::AddReading{run->id, other});
        rig.session().lookForChanges();
        rig.window().go(stations::lobes);
        QCOMPARE(rig.window().lobes()->desk().angle().deg, asked + 5.0);
    }

    void whatNoEngineHasIsSaidAndTheRestWorks() {
        Rig rig;
        begin(rig);
        const QString path = rig.session().book().path();
        support::sql(path, {QStringLiteral("UPDATE reading SET crank_deg = 9e999 WHERE id = 1")});
        rig.restart();
        QVERIFY2(rig.text("message").contains(QStringLiteral("angle of a reading: inf")),
                 qPrintable(rig.text("message")));
        rig.window().go(stations::lobes);
        rig.type(QStringLiteral("0.05"));
        QCOMPARE(rig.onDisk().runs[0].readings.size(), std::size_t(2));
    }

    /// Twice begun and never up: as after a crash.
    void aJobThatFailedTwiceBeginsAtEngine() {
        Rig rig;
        begin(rig);
        QCOMPARE(&rig.window().station(), &stations::lobes);
        const QString path = rig.session().book().path();
        const qint64 job = rig.session().job().id;
        app::Preferences preferences(rig.paths().preferences);
        QCOMPARE(preferences.beginOpening(path, job), 0);
        rig.restart();
        QCOMPARE(&rig.window().station(), &stations::lobes);
        preferences.endOpening();
        preferences.beginOpening(path, job);
        preferences.beginOpening(path, job);
        // Not by restart(), whose close would say that all is well.
        app::Application again(rig.paths());
        QString sentence;
        QVERIFY(again.start({}, false, sentence));
        QCOMPARE(&again.window().station(), &stations::engine);
        // Up now: the next start is as usual.
        again.window().show();
        QTRY_VERIFY(!QFile::exists(rig.paths().preferences + QStringLiteral(".opening")));
    }

    void aCopyIsSavedFromTheMenu() {
        Rig rig;
        begin(rig);
        const QString copy = rig.paths().data + QStringLiteral("/kept.amber");
        rig.answers().save = copy;
        rig.key(Qt::Key_S, Qt::ControlModifier);
        auto b = support::opened(copy);
        QCOMPARE(std::get<Job>(b->load(b->jobs().at(0).id)).runs[0].readings.size(),
                 std::size_t(2));
        QVERIFY(rig.text("message").contains(QStringLiteral("copy of the whole book")));
        // The work goes on in its own book, and nothing is written over.
        QVERIFY(rig.session().book().path() != copy);
        rig.key(Qt::Key_S, Qt::ControlModifier);
        QVERIFY(rig.text("message").contains(QStringLiteral("stands there already")));
    }

    void aDatedCopyStandsBesideTheBook() {
        Rig rig;
        begin(rig);
        rig.restart();
        const QDir copies(rig.paths().data + QStringLiteral("/copies"));
        QTRY_COMPARE(copies.entryList({QStringLiteral("book-*.amber")}).size(), 1);
        QTRY_COMPARE(copies.entryList({QStringLiteral("*.new-*")}).size(), 0);
    }

    void aLargePhotoIsAskedAbout() {
        Rig rig(true);
        rig.window().go(stations::set);
        QFile photo(rig.paths().data + QStringLiteral("/large.jpg"));
        QVERIFY(photo.open(QIODevice::WriteOnly));
        photo.write("\xff\xd8\xff\xe0");
        QVERIFY(photo.resize(51 << 20));
        photo.close();
        const QString typed = QStringLiteral("photo ") + photo.fileName();
        rig.type(QStringLiteral("made marks in line"));
        rig.type(typed);
        QVERIFY2(rig.text("echo").contains(QStringLiteral("51 MB")), qPrintable(rig.text("echo")));
        const QDir photos(rig.paths().data + QStringLiteral("/photos"));
        QVERIFY(photos.entryList(QDir::Files).isEmpty());
        rig.key(Qt::Key_Return);
        const QStringList kept = photos.entryList(QDir::Files);
        QCOMPARE(kept.size(), 1);
        QVERIFY(!(QFile::permissions(photos.filePath(kept[0])) &
                  (QFile::ReadGroup | QFile::ReadOther)));
    }

    void booksOpenedBeforeAreListed() {
        Rig rig;
        const QString first = rig.session().book().path(),
                      second = rig.paths().data + QStringLiteral("/second.amber");
        rig.window().files().take(first); // stands there, and is open
        { support::opened(second); }
        rig.window().files().take(second);
        QCOMPARE(rig.session().book().path(), second);
        QCOMPARE(rig.application().books().recent(), QStringList{first});
    }

    void rowsAreCopiedAsATable() {
        Rig rig(true);
        auto* slate = rig.find<app::RowList>("slateFigures");
        slate->setFocus();
        QTest::keyClick(slate, Qt::Key_C, Qt::ControlModifier);
        const QStringList lines = QApplication::clipboard()->text().split(QLatin1Char('\n'));
        QCOMPARE(lines.size(), slate->count() + 1);
        QVERIFY2(lines[0].startsWith(slate->row(0).title + QLatin1Char('\t') + slate->row(0).value),
                 qPrintable(lines[0]));
    }
};

AMBER_TEST(TestBooks)

} // namespace test_books

#include "test_books.moc"
