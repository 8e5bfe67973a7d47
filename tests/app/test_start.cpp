// How the program starts: help without a display, a book that is named and not there, one that
// cannot be opened.
#include "app/frame/arguments.h"
#include "app_fixture.h"
#include "core/job/job.h"
#include "support/program.h"
#include "support/raw_book.h"

#include <QDBusConnection>
#include <QDBusConnectionInterface>
#include <QLabel>
#include <QPaintEvent>
#include <QProcess>
#include <QSettings>

#include <csignal>

#include <sys/stat.h>

namespace test_start {

class TestStart : public QObject {
    Q_OBJECT

    static int run(const QStringList& arguments, const QString& platform, QString* said) {
        QProcess p;
        QProcessEnvironment env = QProcessEnvironment::systemEnvironment();
        env.remove(QStringLiteral("DISPLAY"));
        env.remove(QStringLiteral("WAYLAND_DISPLAY"));
        env.insert(QStringLiteral("QT_QPA_PLATFORM"), platform);
        p.setProcessEnvironment(env);
        p.start(QStringLiteral(BIN_DIR "/amber-lobe"), arguments);
        if (!p.waitForFinished(60000)) return -1;
        *said = QString::fromUtf8(p.readAllStandardOutput() + p.readAllStandardError());
        return p.exitStatus() == QProcess::NormalExit ? p.exitCode() : -2;
    }

private slots:
    void helpNeedsNoDisplay() {
        QString said;
        QCOMPARE(run({QStringLiteral("--help")}, QStringLiteral("xcb"), &said), 0);
        QVERIFY2(said.contains(QStringLiteral("--demo")), qPrintable(said));
        QCOMPARE(run({QStringLiteral("--version")}, QStringLiteral("xcb"), &said), 0);
        QVERIFY2(said.contains(QStringLiteral("0.1.0")), qPrintable(said));
    }

    void aPathThatIsNotThereIsRefusedAndMakesNothing() {
        QTemporaryDir dir;
        const QString book = dir.filePath(QStringLiteral("no/such/book.amber"));
        QString said;
        QCOMPARE(run({QStringLiteral("--data"), dir.filePath(QStringLiteral("data")), book},
                     QStringLiteral("offscreen"), &said),
                 1);
        QVERIFY2(said.contains(QStringLiteral("There is no book at")), qPrintable(said));
        QVERIFY(!QFileInfo::exists(book));
        QVERIFY(!QFileInfo::exists(dir.filePath(QStringLiteral("no"))));
    }

    // What dropping takes, the words of the command line take: addresses, a job, a table; several.
    void wordsThatAreFiles() {
        QTemporaryDir dir;
        const QString book = dir.filePath(QStringLiteral("my book.amber")),
                      job = QStringLiteral(DEMO_DIR "/../docs/samples/skerry-four.json");
        {
            auto made = book::Book::open(book);
            QVERIFY(std::holds_alternative<std::unique_ptr<book::Book>>(made));
        }
        // A book is one by what is in it.
        const QString other = dir.filePath(QStringLiteral("renamed"));
        QVERIFY(QFile::copy(book, other));
        const auto plain = app::argumentsOf({job, other});
        QCOMPARE(plain.book, other);
        QCOMPARE(plain.rest, QStringList{job});
        const auto address = app::argumentsOf({QUrl::fromLocalFile(book).toString(), job, job});
        QCOMPARE(address.book, book);
        QCOMPARE(address.rest.size(), 2);
        QVERIFY(app::argumentsOf({}).book.isEmpty() && app::argumentsOf({job}).book.isEmpty());
        const QString missing = dir.filePath(QStringLiteral("none.amber"));
        QCOMPARE(app::argumentsOf({missing}).book, missing);
    }

    /// What is opened by a second start goes into the window that is open; each folder of data has
    /// its own, and one may be asked for.
    void aSecondStartHandsItsFilesOver() {
        QProcess bus;
        bus.start(QStringLiteral("dbus-daemon"),
                  {QStringLiteral("--session"), QStringLiteral("--nofork"),
                   QStringLiteral("--print-address")});
        QVERIFY(bus.waitForStarted() && bus.waitForReadyRead(10000));
        const QString address = QString::fromUtf8(bus.readLine()).trimmed();
        QTemporaryDir dir;
        const QString data = dir.filePath(QStringLiteral("data")),
                      other = dir.filePath(QStringLiteral("other.amber"));
        support::id(support::opened(other)->addJob(QStringLiteral("in another book")));
        const auto start = [&](QProcess& p, const QStringList& words, const QString& at) {
            QProcessEnvironment env = QProcessEnvironment::systemEnvironment();
            env.insert(QStringLiteral("QT_QPA_PLATFORM"), QStringLiteral("offscreen"));
            env.insert(QStringLiteral("DBUS_SESSION_BUS_ADDRESS"), address);
            p.setProcessEnvironment(env);
            p.start(QStringLiteral(BIN_DIR "/amber-lobe"),
                    QStringList{QStringLiteral("--data"), at} + words);
            return p.waitForStarted();
        };
        const auto names = [&](const char* what) {
            auto found = QDBusConnection::connectToBus(address, QLatin1String(what));
            const QStringList all = found.interface()->registeredServiceNames();
            QDBusConnection::disconnectFromBus(QLatin1String(what));
            return all.filter(QStringLiteral("invalid.amber_lobe")).size();
        };
        QProcess first, second, elsewhere, anew;
        QVERIFY(start(first, {}, data));
        QTRY_COMPARE_WITH_TIMEOUT(names("a"), 1, 30000);
        const QString job = QStringLiteral(DEMO_DIR "/../docs/samples/skerry-four.json");
        // A relative path is the caller's.
        second.setWorkingDirectory(QFileInfo(job).absolutePath());
        QVERIFY(start(second, {QFileInfo(job).fileName()}, data));
        QVERIFY(second.waitForFinished(30000));
        QCOMPARE(second.exitCode(), 0);
        QTRY_COMPARE_WITH_TIMEOUT(
            support::opened(data + QStringLiteral("/book.amber"))->jobs().size(), std::size_t(1),
            20000);
        QVERIFY(start(second, {QUrl::fromLocalFile(other).toString()}, data));
        QVERIFY(second.waitForFinished(30000));
        QTRY_COMPARE_WITH_TIMEOUT(
            QSettings(data + QStringLiteral("/preferences.ini"), QSettings::IniFormat)
                .value(QStringLiteral("recent"))
                .toStringList()
                .value(0),
            other, 20000);
        // What is opened while the demo is looked at is not the demo's.
        {
            QProcess looking;
            const QString data3 = dir.filePath(QStringLiteral("data3"));
            QVERIFY(start(looking, {QStringLiteral("--demo")}, data3));
            QTRY_COMPARE_WITH_TIMEOUT(names("c"), 2, 30000);
            QVERIFY(start(second, {job}, data3));
            QVERIFY(second.waitForFinished(30000));
            QTRY_VERIFY_WITH_TIMEOUT(
                QFileInfo::exists(data3 + QStringLiteral("/book.amber")) &&
                    support::opened(data3 + QStringLiteral("/book.amber"))->jobs().size() == 1,
                20000);
            QCOMPARE(support::opened(data3 + QStringLiteral("/demo.amber"))->jobs().size(),
                     std::size_t(6));
            looking.terminate();
            QVERIFY(looking.waitForFinished(20000));
        }
        // Another folder's window is another's; and one of its own where it is asked for.
        QVERIFY(start(elsewhere, {other}, dir.filePath(QStringLiteral("data2"))));
        QTRY_COMPARE_WITH_TIMEOUT(names("b"), 2, 30000);
        QVERIFY(start(anew, {QStringLiteral("--new-window"), other}, data));
        QVERIFY(!anew.waitForFinished(2500));
        // The next in turn takes over where the first is closed.
        first.terminate();
        QVERIFY(first.waitForFinished(20000));
        QVERIFY(start(second, {job}, data));
        QVERIFY(second.waitForFinished(30000));
        QTRY_COMPARE_WITH_TIMEOUT(support::opened(other)->jobs().size(), std::size_t(2), 20000);
        for (QProcess* p : {&elsewhere, &anew, &bus}) {
            p->terminate();
            p->waitForFinished(20000);
        }
    }

    void withoutADisplayThereIsASentence() {
        QTemporaryDir dir;
        QString said;
        QCOMPARE(run({QStringLiteral("--data"), dir.path()}, QStringLiteral("xcb"), &said), 1);
        QVERIFY2(said.contains(QStringLiteral("no display")), qPrintable(said));
        QCOMPARE(said.trimmed().count(QLatin1Char('\n')), 0);
    }

    /// Ended by the system, the book is one file, and the window comes back where it was.
    void endedBySignals() {
        for (const int signal : {SIGTERM, SIGHUP, SIGINT}) {
            QTemporaryDir dir;
            const QString data = dir.filePath(QStringLiteral("data")),
                          book = data + QStringLiteral("/book.amber");
            QVERIFY(QDir().mkpath(data));
            {
                // As a kill left it: a job that is in the log only.
                const QString from = dir.filePath(QStringLiteral("from.amber"));
                auto b = support::opened(from);
                support::id(b->addJob(QStringLiteral("in the log")));
                for (const char* side : {"", "-wal"})
                    QVERIFY(QFile::copy(from + QLatin1String(side), book + QLatin1String(side)));
            }
            QVERIFY(QFileInfo(book + QStringLiteral("-wal")).size() > 0);
            QProcess p;
            QProcessEnvironment env = QProcessEnvironment::systemEnvironment();
            env.insert(QStringLiteral("QT_QPA_PLATFORM"), QStringLiteral("offscreen"));
            p.setProcessEnvironment(env);
            p.start(QStringLiteral(BIN_DIR "/amber-lobe"), {QStringLiteral("--data"), data});
            QVERIFY(p.waitForStarted());
            // It writes down where it is as soon as it is up.
            QSettings written(data + QStringLiteral("/preferences.ini"), QSettings::IniFormat);
            QTRY_VERIFY_WITH_TIMEOUT((written.sync(), !written.allKeys().isEmpty()), 30000);
            QTest::qWait(300);
            ::kill(static_cast<pid_t>(p.processId()), signal);
            QVERIFY(p.waitForFinished(20000));
            QCOMPARE(p.exitStatus(), QProcess::NormalExit);
            QCOMPARE(p.exitCode(), 0);
            QVERIFY(!QFileInfo::exists(book + QStringLiteral("-wal")));
            const QString alone = dir.filePath(QStringLiteral("alone.amber"));
            QVERIFY(QFile::copy(book, alone));
            QCOMPARE(support::opened(alone)->jobs().size(), std::size_t(1));
            written.sync();
            QVERIFY(written.contains(QStringLiteral("screen")));
            QVERIFY(!(QFile::permissions(written.fileName()) &
                      (QFile::ReadGroup | QFile::ReadOther | QFile::WriteGroup)));
        }
    }

    void preferencesThatAreNoFile() {
        QTemporaryDir dir;
        const QString pipe = dir.filePath(QStringLiteral("preferences.ini"));
        QCOMPARE(::mkfifo(QFile::encodeName(pipe).constData(), 0600), 0);
        QString said;
        QCOMPARE(run({QStringLiteral("--data"), dir.path()}, QStringLiteral("offscreen"), &said),
                 1);
        QVERIFY2(said.contains(pipe), qPrintable(said));
    }

    void aBookThatCannotBeOpenedIsSaidInAWindow() {
        QTemporaryDir dir;
        const QString path = dir.filePath(QStringLiteral("notes.amber"));
        QFile f(path);
        QVERIFY(f.open(QIODevice::WriteOnly));
        f.write("not a book");
        f.close();
        app::Application application({dir.path(), dir.filePath(QStringLiteral("p.ini"))});
        QString sentence;
        QVERIFY(!application.start(path, false, sentence));
        QWidget& window = application.refusal(sentence);
        window.show();
        QTRY_VERIFY(window.isVisible());
        QVERIFY(window.findChild<QLabel*>(QStringLiteral("refusal"))
                    ->text()
                    .contains(QStringLiteral("is not a book")));
        const QImage image = window.grab().toImage();
        QCOMPARE(image.pixelColor(3, 3), application.look().theme().plate);
    }

    // Every time is that of the clock that was handed in: on the corner, and in the book.
    void theClockComesFromOutside() {
        QTemporaryDir dir;
        fixture::Answers answers;
        std::int64_t now = 1'700'000'000'000; // 14 November 2023, 22:13:20 UTC
        app::Application application({dir.path(), dir.filePath(QStringLiteral("p.ini"))}, &answers,
                                     [&] { return now; });
        QString sentence;
        QVERIFY(application.start({}, true, sentence));
        application.session().openJob(application.session().book().jobs()[3].id);
        application.window().show();
        application.window().go(stations::tdc);
        now += 5000;
        auto* line = application.window().findChild<QLineEdit*>(QStringLiteral("entry"));
        // TDC is proved there: another pass is asked about first.
        for (int once = 0; once < 2; ++once) {
            QTest::keyClicks(line, QStringLiteral("31"));
            QTest::keyClick(line, Qt::Key_Return);
        }
        const lobe::Job& job = application.session().job();
        QCOMPARE(job.contacts.back().time_ms, now);
        QVERIFY(application.window()
                    .findChild<QLabel*>(QStringLiteral("disk"))
                    ->text()
                    .endsWith(QStringLiteral("22:13:25")));
        // A book opened later keeps the same time.
        application.books().make(dir.filePath(QStringLiteral("other.amber")));
        application.session().newJob(QStringLiteral("later"));
        QCOMPARE(application.session().now(), now);
    }

    // On the screen while it is made: what the first painting shows is the whole of it, once, and
    // the keys go to the entry line.
    void theFirstPaintingIsTheWholeWindow() {
        QTemporaryDir dir;
        struct Count : QObject {
            QHash<QString, int> paintings, whole;
            bool eventFilter(QObject* o, QEvent* e) override {
                if (e->type() != QEvent::Paint || !o->isWidgetType()) return false;
                ++paintings[o->objectName()];
                // The cursor of the line is painted again, on its ground.
                if (static_cast<QPaintEvent*>(e)->rect() == static_cast<QWidget*>(o)->rect())
                    ++whole[o->objectName()];
                return false;
            }
        } count;
        app::Application application({dir.path(), dir.filePath(QStringLiteral("p.ini"))});
        QString sentence;
        qApp->installEventFilter(&count);
        QVERIFY(application.start({}, true, sentence, app::Opening::Shown));
        QVERIFY(count.paintings.isEmpty());
        QVERIFY(QTest::qWaitForWindowActive(&application.window()));
        QTest::qWait(50);
        for (const char* part : {"topBar", "route", "slate", "entryBar"})
            QCOMPARE(count.whole.value(QLatin1String(part)), 1);
        auto* line = application.window().findChild<QLineEdit*>(QStringLiteral("entry"));
        QCOMPARE(QApplication::focusWidget(), line);
        // What is asked and where it is answered can be seen.
        for (const char* part : {"entry", "ask", "askSubject", "askEnter"}) {
            auto* shown = application.window().findChild<QWidget*>(QLatin1String(part));
            QVERIFY2(shown->parentWidget()->rect().contains(shown->geometry()), part);
            QVERIFY2(count.paintings.value(QLatin1String(part)) > 0, part);
        }
        // Nor is it painted again when the window comes and goes from the front.
        const auto before = count.paintings;
        QWidget other;
        other.show();
        QVERIFY(QTest::qWaitForWindowActive(&other));
        other.close();
        application.window().activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(&application.window()));
        QTest::qWait(50);
        QCOMPARE(count.paintings.value(QStringLiteral("slate")),
                 before.value(QStringLiteral("slate")));
        qApp->removeEventFilter(&count);
    }

    void inchesAreFirstWhereTheCountryHasThem() {
        QTemporaryDir dir;
        const QLocale before;
        for (const auto& [locale, inches] :
             {std::pair(QLocale(QLocale::English, QLocale::UnitedStates), true),
              std::pair(QLocale(QLocale::German, QLocale::Germany), false)}) {
            QLocale::setDefault(locale);
            app::Preferences p(dir.filePath(QString::number(inches)));
            QCOMPARE(p.inches(), inches);
            p.setInches(!inches);
            QCOMPARE(p.inches(), !inches);
        }
        QLocale::setDefault(before);
    }
};

AMBER_TEST(TestStart)

} // namespace test_start

#include "test_start.moc"
