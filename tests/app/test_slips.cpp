// One slip of the hand, a stranger's words, another job in the middle of a question: nothing of it
// ends the window, hangs it, or gets into another job.
#include "app/benches/compare/compare_station.h"
#include "app/frame/file_traffic.h"
#include "app/frame/jobs_page.h"
#include "app/frame/menus.h"
#include "app_fixture.h"
#include "core/job/job.h"
#include "support/program.h"
#include "support/raw_book.h"

#include <QAbstractButton>
#include <QAction>
#include <QElapsedTimer>
#include <QListView>
#include <QMenu>
#include <QMenuBar>
#include <QScopeGuard>
#include <QSemaphore>
#include <QTableWidget>
#include <QTranslator>

#include <map>
#include <set>

#include <sys/stat.h>

namespace test_slips {

using namespace lobe;
using fixture::Rig;

namespace {

/// Counts what is painted, but for the line that is typed into: its caret blinks.
class Paintings : public QObject {
public:
    Paintings() { qApp->installEventFilter(this); }
    QStringList seen;

protected:
    bool eventFilter(QObject* watched, QEvent* event) override {
        if (event->type() == QEvent::Paint)
            if (auto* w = qobject_cast<QWidget*>(watched);
                w && w->objectName() != QLatin1String("entry"))
                seen << QStringLiteral("%1 %2").arg(QLatin1String(w->metaObject()->className()),
                                                    w->objectName());
        return false;
    }
};

void settle() {
    for (int i = 0; i < 5; ++i) {
        QApplication::processEvents();
        QTest::qWait(20);
    }
}

/// What the jobs page does with a job that is chosen.
void choose(Rig& rig, qint64 job) {
    rig.key(Qt::Key_J, Qt::ControlModifier);
    rig.find<app::RowList>("jobsList")->setCurrentId(job);
    QTest::keyClick(rig.find<QLineEdit>("jobsFind"), Qt::Key_Return);
    QApplication::processEvents();
}

/// What the entry line asks, all of it.
QString asked(Rig& rig) {
    rig.session().settle();
    QApplication::processEvents();
    QStringList all;
    for (const char* label : {"askSubject", "ask", "askEnter", "askKeys"})
        all << rig.text(label);
    return all.join(QStringLiteral(" | "));
}

QStringList typedInto(const QList<QAction*>& actions) {
    QStringList out;
    for (const QAction* a : actions)
        for (const QKeySequence& keys : a->shortcuts())
            out << keys.toString();
    return out;
}

} // namespace

class TestSlips : public QObject {
    Q_OBJECT

private slots:
    void theSameContactTwice_data() {
        QTest::addColumn<QStringList>("typed");
        QTest::newRow("after") << QStringList{"31b", "31b"};
        QTest::newRow("nothing") << QStringList{"0", "0"};
        QTest::newRow("second pass") << QStringList{"31b", "27a", "30b", "30b"};
        QTest::newRow("thrice") << QStringList{"90b", "90b", "90b"};
    }
    void theSameContactTwice() {
        QFETCH(QStringList, typed);
        Rig rig;
        rig.type(QStringLiteral("slip"));
        rig.window().go(stations::tdc);
        for (const QString& each : typed) {
            rig.type(each);
            rig.line()->clear();
            rig.window().grab();
        }
        rig.restart();
        rig.window().go(stations::tdc);
        rig.window().grab();
        // And it can be taken back.
        const std::size_t before = rig.onDisk().contacts.size();
        rig.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(before == 0 || rig.onDisk().contacts.size() < before);
    }

    /// The answer to a question of one job never changes an entry of another.
    void theRecordAsksNoOtherJob() {
        Rig rig;
        rig.type(QStringLiteral("first"));
        const qint64 first = rig.session().job().id;
        rig.window().go(stations::record);
        for (const char* typed : {"note a", "note b", "note c", "part x"})
            rig.type(QLatin1String(typed));
        QVERIFY(rig.session().newJob(QStringLiteral("second")));
        rig.window().go(stations::record);
        for (const char* typed : {"note one", "note two", "note three", "note four"})
            rig.type(QLatin1String(typed));
        const qint64 second = rig.session().job().id;
        choose(rig, first);
        rig.window().go(stations::record);
        rig.type(QStringLiteral("part y"));
        choose(rig, second);
        rig.window().go(stations::record);
        const Job before = rig.onDisk();
        rig.type(QStringLiteral("an answer"));
        QVERIFY(rig.onDisk() == before);
        rig.window().grab();
    }

    /// What any station asked in between ends with the job it asked in: it asks then what it asks
    /// of a window that has just opened that job. What stood in the line half typed is gone.
    void whatIsAskedEndsWithItsJob() {
        for (const stations::Station* s : stations::all()) {
            Rig rig(true);
            const auto jobs = rig.session().book().jobs();
            rig.session().openJob(jobs[1].id);
            rig.window().go(*s);
            const QString fresh = asked(rig);
            rig.session().openJob(jobs[0].id);
            rig.window().go(*s);
            for (const char* word : {"part x", "note y", "d", "drop 3"})
                rig.type(QLatin1String(word));
            for (int down = 0; down < 4; ++down)
                rig.key(Qt::Key_Down);
            rig.keys(QStringLiteral("12.3"));
            choose(rig, jobs[1].id);
            rig.window().go(*s);
            QVERIFY2(rig.line()->text().isEmpty(), s->key);
            QCOMPARE(QLatin1String(s->key) + QLatin1Char(' ') + asked(rig),
                     QLatin1String(s->key) + QLatin1Char(' ') + fresh);
        }
    }

    /// A job that is still being worked out has nothing found of it: each station is shown all the
    /// same, with each lobe in hand, at the stand too, and asks as it does for a window just opened
    /// once it is through.
    void whatIsBeingWorkedOutIsShownEverywhere() {
        QSemaphore gate;
        Rig rig(true);
        const auto through = qScopeGuard([&gate] { gate.release(); }); // where it fails, too
        rig.waits = false;
        const auto jobs = rig.session().book().jobs();
        std::set<EngineKind> kinds;
        for (const auto& each : jobs) {
            QVERIFY(rig.session().openJob(each.id));
            rig.session().settle();
            if (!kinds.insert(rig.session().job().engine.kind).second) continue;
            for (const stations::Station* s : stations::all()) {
                rig.window().go(*s);
                const QString whole = asked(rig);
                rig.session().setExaminer(
                    [&gate](Job job, const SnapshotPtr& before) {
                        gate.acquire();
                        return examined(std::move(job), before);
                    },
                    true);
                QVERIFY(rig.session().openJob(each.id));
                QVERIFY2(rig.session().snapshot()->pending, s->key);
                QApplication::processEvents();
                rig.window().grab();
                for (const Side side : {Side::Intake, Side::Exhaust}) {
                    rig.session().select(1, side);
                    rig.window().grab();
                }
                rig.key(Qt::Key_F2); // to the stand or back: every other station
                rig.window().grab();
                gate.release();
                rig.session().settle();
                rig.session().setExaminer(examined, false);
                rig.session().select(1, Side::Intake);
                QVERIFY(!rig.session().snapshot()->pending);
                QCOMPARE(QLatin1String(s->key) + QLatin1Char(' ') + asked(rig),
                         QLatin1String(s->key) + QLatin1Char(' ') + whole);
            }
        }
    }

    /// So is a job that could not be examined: what was entered is there and can be gone on with.
    void whatCannotBeExaminedIsShownEverywhere() {
        Rig rig(true);
        rig.session().setExaminer(
            [](Job job, const SnapshotPtr&) {
                const auto out = std::make_shared<Snapshot>(std::move(job));
                out->trouble = "tried";
                return out;
            },
            false);
        for (const auto& each : rig.session().book().jobs()) {
            QVERIFY(rig.session().openJob(each.id));
            for (const stations::Station* s : stations::all()) {
                rig.window().go(*s);
                QVERIFY2(!rig.text("ask").isEmpty(), s->key);
                rig.type(QStringLiteral("1"));
                rig.line()->clear();
                rig.key(Qt::Key_Down);
                rig.window().grab();
            }
        }
    }

    void theJobsPageOfASmallerBook() {
        Rig rig;
        rig.type(QStringLiteral("one"));
        for (int i = 0; i < 60; ++i)
            rig.session().newJob(QStringLiteral("job %1").arg(i));
        rig.key(Qt::Key_J, Qt::ControlModifier);
        auto* list = rig.find<app::RowList>("jobsList");
        list->setCurrentRow(50);
        rig.window().grab();
        const QString small = rig.paths().data + QStringLiteral("/small.amber");
        {
            auto b = support::opened(small);
            support::id(b->addJob(QStringLiteral("alone")));
        }
        // Dropped while the page is open: that shows the other book's jobs no more.
        rig.window().files().take(small);
        QVERIFY(!rig.find<app::JobsPage>("jobsPage")->isVisible());
        rig.key(Qt::Key_J, Qt::ControlModifier);
        QCOMPARE(list->count(), 1);
        rig.window().grab();
        QTest::qWait(200);
        QTest::keyClick(rig.find<QLineEdit>("jobsFind"), Qt::Key_Return);
        QCOMPARE(QString::fromStdString(rig.session().job().name), QStringLiteral("alone"));
    }

    /// A file that stands for one that must not be read: whoever opens it waits for ever.
    void namesAreNames() {
        Rig rig(true);
        const QString pipe = rig.paths().data + QStringLiteral("/pipe");
        QCOMPARE(::mkfifo(QFile::encodeName(pipe).constData(), 0600), 0);
        const QString odd = QStringLiteral("<img src=\"file://%1\"><b>x</b>").arg(pipe);
        const std::string name = odd.toStdString();
        rig.session().keep(book::SetName{name});
        Job job = rig.session().job();
        job.engine.name = name;
        rig.session().keep(book::SetEngine{job.engine});
        Card other = *job.card;
        job.card->name = name;
        other.name = name + " other";
        rig.session().keep(book::SetCards{job.card, {other}});
        LogEntry entry;
        entry.number = 90;
        entry.kind = EntryKind::Part;
        entry.text = name;
        entry.picture = "photos/" + name;
        entry.setDetail("maker", name);
        rig.session().keep(book::KeepEntry{entry});
        CamMove move;
        move.number = 1;
        move.made.intake = DriveMove{};
        move.marks = move.note = move.photo = name;
        rig.session().keep(book::KeepMove{move});
        Stated stated = rig.session().job();
        Candidate candidate;
        candidate.name = name;
        stated.choosing.candidates.push_back(candidate);
        Decision decision;
        decision.chosen = decision.reason = name;
        stated.choosing.decisions.push_back(decision);
        rig.session().keep(book::SetStated{stated});
        LiftRun run = rig.session().job().runs.front();
        run.terms.source = name;
        rig.session().keep(book::AddSeries{run});

        QElapsedTimer took;
        took.start();
        int shown = 0;
        const auto look = [&](const char* where) {
            settle();
            for (auto* w : rig.window().findChildren<QWidget*>()) {
                if (auto* label = qobject_cast<QLabel*>(w)) {
                    QVERIFY2(label->textFormat() != Qt::AutoText,
                             qPrintable(label->objectName() + QLatin1String(where)));
                    if (label->textFormat() == Qt::RichText)
                        QVERIFY2(!label->text().contains(QStringLiteral("<img")), where);
                    else
                        shown += label->text().contains(QStringLiteral("<img"));
                }
                QVERIFY2(!Qt::mightBeRichText(w->toolTip()) ||
                             !w->toolTip().contains(QStringLiteral("<img")),
                         where);
                if (auto* view = qobject_cast<QAbstractItemView*>(w); view && view->model())
                    for (int i = 0; i < std::min(60, view->model()->rowCount()); ++i)
                        for (int k = 0; k < view->model()->columnCount(); ++k) {
                            const QString tip =
                                view->model()->index(i, k).data(Qt::ToolTipRole).toString();
                            QVERIFY2(!Qt::mightBeRichText(tip) ||
                                         !tip.contains(QStringLiteral("<img")),
                                     where);
                        }
            }
            rig.window().grab();
        };
        for (const stations::Station* s : stations::all()) {
            rig.window().go(*s);
            look(s->key);
        }
        rig.window().go(stations::set);
        rig.type(QStringLiteral("h"));
        look("history");
        rig.key(Qt::Key_F1);
        look("keys");
        rig.key(Qt::Key_Escape);
        rig.key(Qt::Key_F3);
        look("to take");
        rig.key(Qt::Key_Escape);
        rig.window().say(odd);
        look("message");
        rig.key(Qt::Key_J, Qt::ControlModifier);
        QTest::qWait(150);
        look("jobs");
        QTest::keyClick(rig.find<QLineEdit>("jobsFind"), Qt::Key_Escape);
        rig.key(Qt::Key_F2);
        look("stand");
        QVERIFY2(shown >= 6, qPrintable(QString::number(shown)));
        QVERIFY2(took.elapsed() < 60000, "something was waited for");
    }

    void aPipeIsNoPictureAndNoTable() {
        Rig rig(true);
        for (const char* name : {"pipe.png", "pipe.csv", "pipe", "pipe.json"}) {
            const QString pipe = rig.paths().data + QLatin1Char('/') + QLatin1String(name);
            QCOMPARE(::mkfifo(QFile::encodeName(pipe).constData(), 0600), 0);
            const Job before = rig.onDisk();
            rig.window().files().take(pipe);
            QVERIFY2(!rig.text("message").isEmpty(), name);
            rig.type(QStringLiteral("photo ") + pipe);
            rig.line()->clear();
            QVERIFY(rig.onDisk() == before);
        }
    }

    void noKeyMeansTwoThings() {
        Rig rig(true);
        for (const stations::Station* s : stations::all()) {
            rig.window().go(*s);
            QApplication::processEvents();
            const QStringList window = typedInto(rig.window().actions());
            QCOMPARE(QSet<QString>(window.begin(), window.end()).size(), window.size());
            for (auto* w : rig.window().findChildren<QWidget*>())
                if (w->isVisible() && !qobject_cast<QMenu*>(w) && !qobject_cast<QMenuBar*>(w))
                    for (const QString& keys : typedInto(w->actions()))
                        QVERIFY2(
                            !window.contains(keys),
                            qPrintable(QStringLiteral("%1 at %2 %3")
                                           .arg(keys, w->objectName(), QLatin1String(s->key))));
        }
    }

    /// The underlined letters of the jobs page do what their buttons do, and none is a menu's too.
    void underlinedLettersOfTheJobsPage_data() {
        QTest::addColumn<QString>("language");
        QTest::newRow("English") << QString();
        QTest::newRow("German") << QStringLiteral("de");
    }
    void underlinedLettersOfTheJobsPage() {
        QFETCH(QString, language);
        QTranslator german;
        if (!language.isEmpty()) {
            QVERIFY(german.load(QStringLiteral(":/translations/amber-lobe_de.qm")));
            qApp->installTranslator(&german);
        }
        Rig rig(true);
        rig.key(Qt::Key_J, Qt::ControlModifier);
        QApplication::processEvents();
        std::map<QString, QString> of;
        for (const QAction* a : rig.find<QMenuBar>("menus")->actions())
            of[QKeySequence::mnemonic(a->text()).toString()] = a->text();
        int letters = 0;
        for (const auto* b : rig.find<QWidget>("jobsPage")->findChildren<QAbstractButton*>()) {
            if (b->shortcut().isEmpty()) continue;
            ++letters;
            QVERIFY2(!of.count(b->shortcut().toString()),
                     qPrintable(b->text() + of[b->shortcut().toString()]));
            of[b->shortcut().toString()] = b->text();
        }
        QVERIFY(letters >= 7);
        auto* list = rig.find<app::RowList>("jobsList");
        const int before = list->count();
        const QString copy = rig.find<QAbstractButton>("jobCopyAll")->shortcut().toString();
        QTest::keyClick(rig.find<QLineEdit>("jobsFind"), copy.back().toLatin1(), Qt::AltModifier);
        QTRY_COMPARE(list->count(), before + 1);
        qApp->removeTranslator(&german);
    }

    /// Nobody does anything: nothing is painted. At every station of every job, wide and narrow, at
    /// the desk and at the stand.
    void aWindowAtRestIsAtRest() {
        QApplication::setCursorFlashTime(0);
        Rig rig(true);
        const auto jobs = rig.session().book().jobs();
        for (const QSize& size : {QSize(1280, 800), QSize(1024, 700)}) {
            rig.window().resize(size);
            for (const auto& job : jobs) {
                rig.session().openJob(job.id);
                for (bool stand : {false, true}) {
                    rig.window().setAtStand(stand);
                    for (const stations::Station* s : stations::all()) {
                        rig.window().go(*s);
                        rig.window().grab();
                        // What is worked out behind the window may still come.
                        if (auto* compare = rig.window().findChild<app::CompareStation*>())
                            QTRY_VERIFY_WITH_TIMEOUT(!compare->desk().working(), 180000);
                        for (int wait = 0; wait < 100; ++wait) {
                            Paintings last;
                            QTest::qWait(60);
                            if (last.seen.isEmpty()) break;
                        }
                        Paintings now;
                        QTest::qWait(60);
                        QVERIFY2(now.seen.isEmpty(),
                                 qPrintable(QStringLiteral("%1 of job %2: %3")
                                                .arg(QLatin1String(s->key))
                                                .arg(job.id)
                                                .arg(now.seen.join(QStringLiteral(", ")))));
                    }
                }
            }
        }
        rig.window().setAtStand(false);
        QApplication::setCursorFlashTime(1000);
    }

    void theDemoBeginsWhereThereIsMostToSee() {
        Rig rig(true);
        QCOMPARE(&rig.window().station(), &stations::timing);
        QVERIFY(!rig.session().findings().cylinders.empty());
        QVERIFY(rig.session().findings().cylinders.front().pair.has_value());
        // Left elsewhere, it goes on there.
        const auto jobs = rig.session().book().jobs();
        rig.session().openJob(jobs.back().id);
        rig.window().go(stations::tdc);
        rig.restart(true);
        QCOMPARE(rig.session().job().id, jobs.back().id);
        QCOMPARE(&rig.window().station(), &stations::tdc);
    }

    void itsOwnBookRemovedWhileInTheDemo() {
        Rig rig;
        rig.type(QStringLiteral("mine"));
        rig.key(Qt::Key_D, Qt::ControlModifier);
        QVERIFY(rig.application().books().inDemo());
        const QString own = rig.paths().book();
        for (const char* side : {"", "-wal", "-shm"})
            QFile::remove(own + QLatin1String(side));
        rig.key(Qt::Key_D, Qt::ControlModifier);
        QVERIFY(rig.application().books().inDemo());
        QVERIFY2(rig.text("message").contains(own), qPrintable(rig.text("message")));
        QVERIFY(!QFile::exists(own));
    }

    /// A window that nobody types into for a while has all of its book in one file.
    void quietTheBookIsOneFile() {
        Rig rig;
        rig.type(QStringLiteral("in one file"));
        const QTemporaryDir elsewhere;
        const QString copy = elsewhere.filePath(QStringLiteral("copy.amber"));
        QTRY_COMPARE_WITH_TIMEOUT(QFileInfo(rig.paths().book() + QStringLiteral("-wal")).size(), 0,
                                  10000);
        QVERIFY(QFile::copy(rig.paths().book(), copy));
        QCOMPARE(support::opened(copy)->jobs().size(), std::size_t(1));
    }

    /// What another window wrote is judged as it is when a book is opened.
    void whatAnotherWroteIsJudgedToo() {
        Rig rig;
        rig.type(QStringLiteral("shared"));
        const qint64 job = rig.session().job().id;
        const auto write = [&](const QString& body) {
            support::sql(
                rig.paths().book(),
                {QStringLiteral("INSERT INTO action(job_id, kind, at_ms) VALUES (%1, 'engine', 1)")
                     .arg(job),
                 QStringLiteral("INSERT INTO fact(action_id, subject, body, patch) SELECT max(id), "
                                "'engine', '%1', 1 FROM action")
                     .arg(body)});
        };
        write(QStringLiteral("{\"bore_mm\":90,\"cylinders\":2000000000}"));
        rig.session().lookForChanges();
        QVERIFY2(rig.text("message").contains(QStringLiteral("cylinders")),
                 qPrintable(rig.text("message")));
        QCOMPARE(rig.session().job().engine.bore_mm, 90.0);
        write(QStringLiteral("{\"of_a_newer_version\":1}"));
        rig.session().lookForChanges();
        QVERIFY(!rig.session().book().readOnly().isEmpty());
        QVERIFY(!rig.session().keep(book::SetName{"not kept"}));
    }

    /// It is on disk: whoever says otherwise has it typed again.
    void whatIsOnDiskIsKept() {
        Rig rig;
        rig.type(QStringLiteral("kept"));
        const qint64 job = rig.session().job().id;
        support::sql(
            rig.paths().book(),
            {QStringLiteral("INSERT INTO action(job_id, kind, at_ms) VALUES (%1, 'engine', 1)")
                 .arg(job),
             QStringLiteral("INSERT INTO fact(action_id, subject, body) SELECT max(id), 'engine', "
                            "'not JSON' FROM action")});
        QVERIFY(rig.session().keep(book::SetName{"another name"}));
        QCOMPARE(QString::fromStdString(rig.session().job().name), QStringLiteral("another name"));
        auto b = support::opened(rig.paths().book());
        QCOMPARE(b->jobs().front().name, QStringLiteral("another name"));
    }

    void anotherProgramHoldsTheBook() {
        Rig rig;
        rig.type(QStringLiteral("held"));
        rig.window().go(stations::tdc);
        QSqlDatabase other =
            QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("holds"));
        other.setDatabaseName(rig.paths().book());
        QVERIFY(other.open());
        QVERIFY(QSqlQuery(other).exec(QStringLiteral("BEGIN IMMEDIATE")));
        QElapsedTimer took;
        took.start();
        rig.type(QStringLiteral("31b"));
        QVERIFY2(took.elapsed() < 1500, qPrintable(QString::number(took.elapsed())));
        QCOMPARE(rig.line()->text(), QStringLiteral("31b"));
        QVERIFY(!rig.text("message").isEmpty());
        QSqlQuery(other).exec(QStringLiteral("ROLLBACK"));
        rig.key(Qt::Key_Return);
        QCOMPARE(rig.onDisk().contacts.size(), std::size_t(1));
        other.close();
        other = QSqlDatabase();
        QSqlDatabase::removeDatabase(QStringLiteral("holds"));
    }
};

AMBER_TEST(TestSlips)

} // namespace test_slips

#include "test_slips.moc"
