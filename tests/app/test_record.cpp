// The record, the jobs and the sheet in the real window: typed, pasted, dropped, searched, printed.
#include "app_fixture.h"
#include "book/loaded.h"
#include "core/job/job.h"
#include "core/typed/amount.h"

#include "app/frame/file_traffic.h"
#include "app/frame/jobs_page.h"
#include "book/job_file.h"
#include "core/lobe/run.h"
#include "simulated/closed_lobes.h"
#include "support/program.h"
#include "support/raw_book.h"

#include <QBuffer>
#include <QClipboard>
#include <QDir>
#include <QDropEvent>
#include <QFile>
#include <QImage>
#include <QMimeData>
#include <QPushButton>

#include <span>

namespace test_record {

using namespace fixture;
using namespace lobe;

namespace {

std::string said(const LogEntry& entry, const char* key) {
    const std::string* value = entry.detail(key);
    return value ? *value : std::string();
}

void drop(Rig& rig, const QString& path) {
    QMimeData data;
    data.setUrls({QUrl::fromLocalFile(path)});
    QDragEnterEvent enter(QPoint(100, 100), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(&rig.window(), &enter);
    QDropEvent event(QPointF(100, 100), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(&rig.window(), &event);
    QApplication::processEvents();
}

} // namespace

class TestRecord : public QObject {
    Q_OBJECT

private slots:
    void aNoteIsKeptAtEveryStation() {
        Rig rig(true);
        rig.session().select(2, Side::Intake);
        for (const stations::Station* s : stations::of(rig.session().job())) {
            if (*s == stations::set) continue; // there it goes with the change of setting
            rig.window().go(*s);
            const std::size_t before = rig.session().job().log.size();
            rig.type(QStringLiteral("note oil is warm at ") + s->id());
            const Job now = rig.onDisk();
            QCOMPARE(now.log.size(), before + 1);
            QCOMPARE(now.log.back().station, std::string(s->key));
            QCOMPARE(now.log.back().text, "oil is warm at " + std::string(s->key));
            QCOMPARE(now.log.back().cylinder, 2);
            QVERIFY(now.log.back().time_ms > 0);
        }
        // Undone, it says what; and leads to the record.
        const std::size_t count = rig.session().job().log.size();
        rig.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(rig.onDisk().log.size(), count - 1);
        QCOMPARE(&rig.window().station(), &stations::record);
        QVERIFY2(rig.text("echo").contains(QStringLiteral("record")), qPrintable(rig.text("echo")));
    }

    void aPictureStaysWithTheBook() {
        Rig rig(true);
        const QString path = rig.paths().data + QStringLiteral("/marks.png");
        QImage image(40, 30, QImage::Format_RGB32);
        image.fill(Qt::red);
        QVERIFY(image.save(path));
        const std::size_t before = rig.onDisk().log.size();
        rig.window().go(stations::timing);
        rig.type(QStringLiteral("photo ") + path);
        drop(rig, path);
        QApplication::clipboard()->setImage(image);
        rig.line()->setFocus();
        rig.key(Qt::Key_V, Qt::ControlModifier);
        const Job now = rig.onDisk();
        QCOMPARE(now.log.size(), before + 3);
        for (const LogEntry& e : std::span(now.log).subspan(before))
            QVERIFY(QImage(rig.paths().data + QLatin1Char('/') + QString::fromStdString(e.picture))
                        .width() == 40);
        rig.type(QStringLiteral("photo /no/such.png"));
        QVERIFY(rig.text("echo").contains(QStringLiteral("no such file")));
    }

    void asBuiltIsAskedAndNothingIsForced() {
        Rig rig(true);
        rig.session().openJob(rig.session().book().jobs().back().id);
        rig.window().go(stations::record);
        rig.type(QStringLiteral("bolts cam wheel"));
        rig.type(QStringLiteral("62 lbft"));
        QCOMPARE(said(rig.onDisk().log.back(), "torque"), std::string("62 lbft"));
        rig.type(QString()); // the angle is passed by
        rig.type(QStringLiteral("oil"));
        rig.key(Qt::Key_Escape);
        const LogEntry e = rig.onDisk().log.back();
        QVERIFY(e.kind == EntryKind::Bolts && said(e, "angle").empty());
        QCOMPARE(said(e, "lubricant"), std::string("oil"));
        auto* built = rig.find<app::RowList>("asBuilt");
        bool both = false;
        for (int i = 0; i < built->count(); ++i)
            both = both || built->row(i).under.contains(QStringLiteral("84.1 N\u00b7m"));
        QVERIFY(both);
        rig.type(QStringLiteral("order push rods 178.5 mm"));
        rig.key(Qt::Key_Escape);
        const int number = rig.onDisk().log.back().number;
        rig.type(QStringLiteral("done %1").arg(number));
        QVERIFY(rig.onDisk().log.back().done);
        rig.type(QStringLiteral("float cam"));
        rig.type(QStringLiteral("0.30 mm"));
        rig.type(QStringLiteral("0.05"));
        rig.type(QStringLiteral("0.15"));
        QCOMPARE(withinLimits(rig.onDisk().log.back()), std::optional(false));
        QVERIFY(stations::record.progress(rig.session().job(), rig.session().findings()) ==
                Progress::LookAgain);
        rig.type(QStringLiteral("find push"));
        QCOMPARE(rig.find<app::RowList>("logbook")->count(), 2); // its day, and the order
    }

    void aTableIsPastedShownAndKept() {
        Rig rig;
        rig.session().newJob(QStringLiteral("pasted"));
        rig.window().go(stations::timing);
        QString text;
        const auto truth = closed::power(106, 140, 8.0);
        for (double d = -70.0; d <= 280.0; d += 5.0)
            text += QStringLiteral("%1\t%2\n")
                        .arg(d)
                        .arg(QString::number(truth.at(d), 'f', 3).replace('.', ','));
        QApplication::clipboard()->setText(text);
        rig.line()->setFocus();
        rig.key(Qt::Key_V, Qt::ControlModifier);
        QCOMPARE(&rig.window().station(), &stations::lobes);
        QVERIFY2(rig.text("askEnter").contains(QStringLiteral("decimal comma")),
                 qPrintable(rig.text("askEnter")));
        QVERIFY(rig.onDisk().runs.empty());
        rig.type(QStringLiteral("shift 2"));
        QVERIFY(rig.onDisk().runs.empty());
        rig.type(QString());
        const Job now = rig.onDisk();
        QCOMPARE(now.runs.size(), std::size_t(1));
        QCOMPARE(now.runs[0].readings.size(), std::size_t(71));
        QCOMPARE(now.runs[0].readings.front().at.deg, -68.0);
        // What is no table is said; nothing changes.
        QApplication::clipboard()->setText(QStringLiteral("one\ntwo\nthree"));
        rig.key(Qt::Key_V, Qt::ControlModifier);
        QVERIFY(rig.text("message").contains(QStringLiteral("no table of numbers")));
        QCOMPARE(rig.onDisk().runs.size(), std::size_t(1));
    }

    void somebodyElsesCsvIsDropped() {
        Rig rig;
        rig.session().newJob(QStringLiteral("dropped"));
        const QString path = rig.paths().data + QStringLiteral("/theirs.csv");
        QFile file(path);
        QVERIFY(file.open(QIODevice::WriteOnly));
        const auto truth = closed::power(106, 140, 8.0);
        file.write("degrees;lift\n");
        for (double d = -70.0; d <= 280.0; d += 5.0)
            file.write(QStringLiteral("%1;%2\n").arg(d).arg(truth.at(d), 0, 'f', 3).toUtf8());
        file.close();
        drop(rig, path);
        QVERIFY(rig.text("askSubject").contains(QStringLiteral("theirs.csv")));
        rig.line()->setFocus();
        rig.type(QString());
        QCOMPARE(rig.onDisk().runs.at(0).readings.size(), std::size_t(71));
        QCOMPARE(rig.onDisk().runs.at(0).terms.source, std::string("theirs.csv"));
    }

    /// What was said of one table is done with the next of its making, after a restart too.
    void howATableWasMeantIsRemembered() {
        Rig rig;
        rig.session().newJob(QStringLiteral("remembered"));
        const auto paste = [&] {
            QString text = QStringLiteral("a;b\n");
            const auto truth = closed::power(106, 140, 8.0);
            for (double d = -70.0; d <= 280.0; d += 5.0)
                text += QStringLiteral("%1;%2\n").arg(d).arg(truth.at(d), 0, 'f', 3);
            QApplication::clipboard()->setText(text);
            rig.line()->setFocus();
            rig.key(Qt::Key_V, Qt::ControlModifier);
        };
        paste();
        QVERIFY(rig.text("askEnter").contains(QStringLiteral("crank degrees")));
        rig.type(QStringLiteral("reverse"));
        rig.type(QString());
        const auto taken = rig.onDisk().runs.at(0).readings.front().at.deg;
        rig.restart();
        paste();
        QVERIFY2(rig.text("askEnter").contains(QStringLiteral("as such a table was before")),
                 qPrintable(rig.text("askEnter")));
        rig.type(QString());
        QCOMPARE(rig.onDisk().runs.at(1).readings.front().at.deg, taken);
    }

    void twoLinesArePastedAsTheyStand() {
        Rig rig;
        rig.session().newJob(QStringLiteral("two lines"));
        rig.window().go(stations::lobes);
        QApplication::clipboard()->setText(QStringLiteral("70\t1.2\n75\t1.5\n"));
        rig.line()->setFocus();
        rig.key(Qt::Key_V, Qt::ControlModifier);
        rig.type(QString());
        const auto readings = rig.onDisk().runs.at(0).readings;
        QCOMPARE(readings.size(), std::size_t(2));
        QCOMPARE(readings[1].at.deg, 75.0);
        QCOMPARE(readings[1].value_mm, 1.5);
    }

    /// Two cells are what could have been typed; what is no table leads nowhere.
    void whatIsNoTableStaysWhereItIs() {
        Rig rig;
        rig.session().newJob(QStringLiteral("cells"));
        rig.window().go(stations::timing);
        QApplication::clipboard()->setText(QStringLiteral("70a\t1.2"));
        rig.line()->setFocus();
        rig.key(Qt::Key_V, Qt::ControlModifier);
        QCOMPARE(rig.line()->text(), QStringLiteral("70a 1.2"));
        rig.line()->clear();
        QApplication::clipboard()->setText(QStringLiteral("one\ntwo\nthree"));
        rig.key(Qt::Key_V, Qt::ControlModifier);
        QVERIFY(rig.window().station() == stations::timing);
    }

    void aFolderOfJobsComesIn() {
        Rig rig(true);
        const QDir folder(rig.paths().data + QStringLiteral("/jobs"));
        QVERIFY(folder.mkpath(QStringLiteral(".")));
        const auto listed = rig.session().book().jobs();
        for (const auto& each : listed) {
            const Job job = std::get<Job>(rig.session().book().load(each.id));
            QVERIFY(book::writeJobFile(folder.filePath(QStringLiteral("%1.json").arg(each.id)),
                                       rig.session().book(), job)
                        .isEmpty());
        }
        QFile bad(folder.filePath(QStringLiteral("zz.json")));
        QVERIFY(bad.open(QIODevice::WriteOnly));
        bad.write("{");
        bad.close();
        drop(rig, folder.path());
        QCOMPARE(rig.session().book().jobs().size(), 2 * listed.size());
        QVERIFY2(rig.text("message").contains(QStringLiteral("zz.json")),
                 qPrintable(rig.text("message")));
    }

    /// What a file manager gets when a job is dragged onto it.
    void aJobIsDraggedOutAsAFile() {
        Rig rig(true);
        rig.key(Qt::Key_J, Qt::ControlModifier);
        auto* list = rig.find<app::RowList>("jobsList");
        QVERIFY(list->dragEnabled());
        const QModelIndex first = list->model()->index(0, 0);
        QVERIFY(list->model()->flags(first) & Qt::ItemIsDragEnabled);
        const std::unique_ptr<QMimeData> data(list->model()->mimeData({first}));
        QVERIFY(data && data->urls().size() == 1);
        QFile file(data->urls().front().toLocalFile());
        QVERIFY(file.open(QIODevice::ReadOnly));
        const auto read = book::readJobFile(file.readAll());
        QVERIFY(std::holds_alternative<book::JobFile>(read));
        QCOMPARE(QString::fromStdString(std::get<book::JobFile>(read).job.name),
                 list->row(0).title);
        // Dropped on a window that is another's it comes in; of our own it stays where it is.
        const std::size_t jobs = rig.session().book().jobs().size();
        drop(rig, file.fileName());
        QCOMPARE(rig.session().book().jobs().size(), jobs + 1);
    }

    void whatIsCopiedIsTextAndPicture() {
        Rig rig(true);
        const auto copied = [&](QWidget* widget) {
            QApplication::clipboard()->clear();
            widget->setFocus();
            QTest::keyClick(widget, Qt::Key_C, Qt::ControlModifier);
            const QMimeData* data = QApplication::clipboard()->mimeData();
            return data && data->hasImage() ? data->text() : QString();
        };
        rig.session().openJob(rig.session().book().jobs()[1].id);
        for (const LiftRun& run : std::vector(rig.session().job().runs))
            if (!run.terms.eventsOnly && run.terms.afterMove == lastMove(rig.session().job()))
                rig.session().select(run.cylinder, run.side);
        rig.window().go(stations::lobes);
        QApplication::processEvents();
        const QString strip = copied(rig.find<QWidget>("strip"));
        // A line for each reading, and as many columns in each.
        const QStringList lines = strip.split(QLatin1Char('\n'));
        std::size_t readings = 0;
        for (const Reading& r : rig.session().run()->readings)
            readings += !r.struck;
        QVERIFY(readings > 20);
        QVERIFY2(static_cast<std::size_t>(lines.size()) > readings, qPrintable(strip.left(200)));
        for (const QString& line : lines)
            QCOMPARE(line.count(QLatin1Char('\t')), 2);
        const QString log = copied(rig.find<QWidget>("readingLog"));
        QVERIFY2(log.count(QLatin1Char('\n')) > 20, qPrintable(log.left(300)));
        rig.window().go(stations::timing);
        QApplication::processEvents();
        rig.session().openJob(rig.session().book().jobs()[0].id);
        rig.session().select(1, Side::Intake);
        QApplication::processEvents();
        const QString bars = copied(rig.find<QWidget>("eventBars"));
        QVERIFY2(bars.count(QLatin1Char('\n')) > 3, qPrintable(bars));
        rig.window().go(stations::set);
        QApplication::processEvents();
        QVERIFY(copied(rig.find<QWidget>("setOutcome")).contains(QLatin1Char('\t')));
        rig.window().go(stations::compare);
        QApplication::processEvents();
        QVERIFY(copied(rig.find<QWidget>("camTable")).contains(QLatin1Char('\t')));
        const QString overlay = copied(rig.find<QWidget>("camOverlay"));
        QVERIFY2(overlay.count(QLatin1Char('\n')) > 280, qPrintable(overlay.left(200)));
        rig.window().go(stations::compression);
        QApplication::processEvents();
        QVERIFY(copied(rig.find<QWidget>("dynamicCurve")).count(QLatin1Char('\n')) > 10);
    }

    /// With nothing marked in the line, Ctrl+C takes what is shown.
    void whatIsShownIsCopiedFromTheLine() {
        Rig rig(true);
        rig.line()->setFocus();
        rig.key(Qt::Key_C, Qt::ControlModifier);
        const QMimeData* data = QApplication::clipboard()->mimeData();
        QVERIFY(data && data->hasImage());
        QCOMPARE(data->text(), rig.find<app::RowList>("slateFigures")->text());
        // What is marked in the line is what is copied.
        rig.keys(QStringLiteral("half"));
        rig.line()->selectAll();
        rig.key(Qt::Key_C, Qt::ControlModifier);
        QCOMPARE(QApplication::clipboard()->text(), QStringLiteral("half"));
    }

    /// By the ending of the name that is chosen; never over the book.
    void aJobGoesOutInEveryOpenFormat() {
        Rig rig(true);
        const std::pair<const char*, const char*> kinds[] = {
            {"csv", "cylinder"}, {"md", "#"}, {"svg", "<?xml"}, {"pdf", "%PDF-"}, {"json", "{"}};
        for (const auto& [ending, begins] : kinds) {
            const QString path = rig.paths().data + QStringLiteral("/out.") + QLatin1String(ending);
            rig.answers().save = path;
            rig.key(Qt::Key_J, Qt::ControlModifier | Qt::ShiftModifier);
            QFile file(path);
            QVERIFY2(file.open(QIODevice::ReadOnly), ending);
            QVERIFY2(file.readAll().startsWith(begins), ending);
        }
        const QString book = rig.session().book().path();
        QFile before(book);
        QVERIFY(before.open(QIODevice::ReadOnly));
        const QByteArray was = before.readAll();
        rig.answers().save = book;
        rig.answers().yes = true;
        rig.key(Qt::Key_J, Qt::ControlModifier | Qt::ShiftModifier);
        before.seek(0);
        QCOMPARE(before.readAll(), was);
        // The whole book, a file for each job; a second time nothing is written over.
        rig.answers().save = rig.paths().data + QStringLiteral("/all");
        rig.window().files().writeJobs();
        QCOMPARE(QDir(rig.answers().save).entryList(QDir::Files).size(),
                 qsizetype(rig.session().book().jobs().size()));
        rig.window().files().writeJobs();
        QVERIFY(rig.text("message").contains(QStringLiteral("stands there already")));
    }

    void jobsOfOneNameAreToldApart() {
        Rig rig(true);
        const auto id =
            support::id(rig.session().book().addJob(QStringLiteral("Marram 650 \u00B7 hillclimb")));
        rig.key(Qt::Key_J, Qt::ControlModifier);
        auto* list = rig.find<app::RowList>("jobsList");
        QSet<QString> titles;
        for (int i = 0; i < list->count(); ++i)
            titles.insert(list->row(i).title);
        QCOMPARE(titles.size(), list->count());
        QVERIFY(titles.contains(QStringLiteral("Marram 650 \u00B7 hillclimb, no. %1").arg(id)));
    }

    void theLogbookShowsOneKind() {
        Rig rig(true);
        rig.window().go(stations::record);
        auto* log = rig.find<app::RowList>("logbook");
        const int all = log->count();
        rig.type(QStringLiteral("result best run of the day"));
        rig.type(QStringLiteral("41 kW at 9800"));
        rig.key(Qt::Key_Escape);
        QCOMPARE(said(rig.onDisk().log.back(), "power"), std::string("41 kW at 9800"));
        rig.type(QStringLiteral("only running"));
        bool ours = false;
        for (int i = 0; i < log->count(); ++i) {
            const app::Row row = log->row(i);
            QVERIFY2(row.heading || row.title == QStringLiteral("Result") ||
                         row.title == QStringLiteral("Symptom"),
                     qPrintable(row.title));
            ours = ours || row.under.contains(QStringLiteral("41 kW at 9800"));
        }
        QVERIFY(ours);
        rig.type(QStringLiteral("only readings"));
        QVERIFY(log->count() > 0 && log->count() < all);
        rig.key(Qt::Key_Escape);
        QVERIFY(log->count() > all);
        // In inches what was typed in the other system is said in ours behind it.
        rig.look().setInches(true);
        rig.type(QStringLiteral("only running"));
        QVERIFY2(log->row(log->count() - 1).under.contains(QStringLiteral("(55.0 hp) at 9800")),
                 qPrintable(log->row(log->count() - 1).under));
    }

    void atTheStandItSaysWhatIsStillToBeGot() {
        Rig rig(true);
        rig.window().go(stations::record);
        rig.type(QStringLiteral("order push rods 178.5 mm"));
        rig.key(Qt::Key_Escape);
        rig.window().setAtStand(true);
        const QString card = rig.find<QWidget>("stand")->accessibleDescription();
        QVERIFY2(card.contains(QStringLiteral("still to be got")) &&
                     card.contains(QStringLiteral("push rods 178.5 mm")),
                 qPrintable(card));
        rig.window().go(stations::sheet);
        QVERIFY(rig.find<QWidget>("stand")->accessibleDescription().contains(
            QStringLiteral("whole job on paper")));
    }

    /// What is still to be taken is searched for in jobs nobody has looked at.
    void jobsAreFoundByWhatIsStillToBeTaken() {
        Rig rig;
        rig.session().newJob(QStringLiteral("empty"));
        for (int i = 0; i < 30; ++i)
            support::id(rig.session().book().addJob(QStringLiteral("job %1").arg(i)));
        rig.key(Qt::Key_J, Qt::ControlModifier);
        auto* list = rig.find<app::RowList>("jobsList");
        QTRY_VERIFY(!list->row(0).note.isEmpty());
        const QString left = list->row(0).note;
        QTest::keyClicks(rig.find<QLineEdit>("jobsFind"), left.section(QLatin1Char(' '), 0, 0));
        QTRY_COMPARE(list->count(), 31);
    }

    void aJobGoesOutAndComesIn() {
        Rig rig(true);
        const QString path = rig.paths().data + QStringLiteral("/job.json");
        rig.answers().save = path;
        rig.key(Qt::Key_J, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY2(rig.text("message").contains(QStringLiteral("the whole job")),
                 qPrintable(rig.text("message")));
        const std::size_t before = rig.session().book().jobs().size();
        const qint64 was = rig.session().job().id;
        drop(rig, path);
        QCOMPARE(rig.session().book().jobs().size(), before + 1);
        QVERIFY(rig.session().job().id != was);
        QCOMPARE(rig.session().job().runs.size(), rig.onDisk().runs.size());
    }

    void jobsAreSearchedAndOpened() {
        Rig rig(true);
        const auto jobs = rig.session().book().jobs();
        rig.key(Qt::Key_J, Qt::ControlModifier);
        auto* page = rig.find<app::JobsPage>("jobsPage");
        auto* list = rig.find<app::RowList>("jobsList");
        QVERIFY(page->isVisible());
        QCOMPARE(list->count(), static_cast<int>(jobs.size()));
        QTest::keyClicks(rig.find<QLineEdit>("jobsFind"), QStringLiteral("marram"));
        QCOMPARE(list->count(), 1);
        QTRY_VERIFY(rig.text("jobsAbout").contains(QStringLiteral("Still to be taken")));
        QTest::keyClick(rig.find<QLineEdit>("jobsFind"), Qt::Key_Return);
        QVERIFY(!page->isVisible());
        QCOMPARE(rig.session().job().id, jobs[1].id);
    }

    void jobsAreRenamedCopiedPutAwayAndTakenBack() {
        Rig rig(true);
        rig.key(Qt::Key_J, Qt::ControlModifier);
        auto* list = rig.find<app::RowList>("jobsList");
        auto* find = rig.find<QLineEdit>("jobsFind");
        QTest::keyClicks(find, QStringLiteral("marram"));
        rig.click("jobRename");
        QTest::keyClicks(find, QStringLiteral("Marram, winter"));
        QTest::keyClick(find, Qt::Key_Return);
        const auto named = [&](const QString& name) {
            for (const auto& j : rig.session().book().jobs())
                if (j.name == name) return j.id;
            return std::int64_t(0);
        };
        const auto id = named(QStringLiteral("Marram, winter"));
        QVERIFY(id != 0);
        const int before = list->count();
        list->setCurrentId(id);
        rig.click("jobCopyEngine");
        QCOMPARE(list->count(), before + 1);
        QVERIFY(named(QStringLiteral("Marram, winter, copy")) != 0);
        list->setCurrentId(id);
        rig.click("jobDelete");
        QCOMPARE(named(QStringLiteral("Marram, winter")), std::int64_t(0));
        rig.click("jobTakeBack");
        QCOMPARE(named(QStringLiteral("Marram, winter")), id);
        list->setCurrentId(id);
        rig.click("jobArchive");
        QCOMPARE(list->count(), before);
        // The one on the bench is not taken away under the hands.
        list->setCurrentId(rig.session().job().id);
        rig.click("jobDelete");
        QVERIFY(rig.text("message").contains(QStringLiteral("on the bench")));
    }

    /// Another book has jobs of the same numbers: what was done in the first is not undone there.
    void takingBackBelongsToItsBook() {
        Rig rig(true);
        rig.key(Qt::Key_J, Qt::ControlModifier);
        auto* list = rig.find<app::RowList>("jobsList");
        list->setCurrentId(2);
        rig.click("jobDelete");
        QVERIFY(rig.find<QPushButton>("jobTakeBack")->isEnabled());
        QTest::keyClick(rig.find<QLineEdit>("jobsFind"), Qt::Key_Escape);
        const QString other = rig.paths().data + QStringLiteral("/other.amber");
        {
            auto b = support::opened(other);
            support::id(b->addJob(QStringLiteral("one")));
            support::id(b->addJob(QStringLiteral("two")));
        }
        rig.window().files().take(other);
        rig.key(Qt::Key_J, Qt::ControlModifier);
        QVERIFY(!rig.find<QPushButton>("jobTakeBack")->isEnabled());
    }

    void aLargePictureThatIsDroppedIsAskedAbout() {
        Rig rig(true);
        QImage image(4, 4, QImage::Format_RGB32);
        image.fill(Qt::red);
        const QString path = rig.paths().data + QStringLiteral("/large one.png");
        QVERIFY(image.save(path));
        QFile file(path);
        QVERIFY(file.open(QIODevice::ReadWrite) && file.resize(51 << 20));
        file.close();
        const std::size_t before = rig.session().job().log.size();
        drop(rig, path);
        QVERIFY(rig.answers().asked.contains(QStringLiteral("51 MB")));
        QCOMPARE(rig.session().job().log.size(), before);
        rig.answers().yes = true;
        drop(rig, path);
        QCOMPARE(rig.session().job().log.size(), before + 1);
    }

    /// As a file manager copies it.
    void anAddressOfAFileIsAFile() {
        Rig rig(true);
        QImage image(4, 4, QImage::Format_RGB32);
        image.fill(Qt::red);
        const QString path = rig.paths().data + QStringLiteral("/two words.png");
        QVERIFY(image.save(path));
        rig.window().go(stations::record);
        const std::size_t before = rig.session().job().log.size();
        rig.type(QStringLiteral("photo ") +
                 QString::fromUtf8(QUrl::fromLocalFile(path).toEncoded()));
        QCOMPARE(rig.session().job().log.size(), before + 1);
    }

    void theSheetIsSaved() {
        Rig rig(true);
        rig.window().go(stations::sheet);
        QApplication::processEvents();
        rig.type(QStringLiteral("by Somebody"));
        QCOMPARE(rig.onDisk().by, std::string("Somebody"));
        rig.type(QStringLiteral("out plain"));
        rig.answers().save = rig.paths().data + QStringLiteral("/sheet.pdf");
        rig.type(QString());
        QFile pdf(rig.answers().save);
        QVERIFY(pdf.open(QIODevice::ReadOnly));
        const QByteArray bytes = pdf.readAll();
        QVERIFY(bytes.startsWith("%PDF-"));
        QVERIFY(bytes.contains("/Lang (en)"));
        QVERIFY2(rig.text("sheetSaid").contains(QStringLiteral("is written")),
                 qPrintable(rig.text("sheetSaid")));
        // Never over the book.
        rig.answers().save = rig.session().book().path();
        rig.type(QStringLiteral("pdf"));
        QVERIFY(rig.text("sheetSaid").contains(QStringLiteral("nothing was written")));
    }
};

AMBER_TEST(TestRecord)

} // namespace test_record

#include "test_record.moc"
