// What is typed goes where the line says, is understood as people say it, and is asked for in the
// order the headline asks; undo says and shows what it took back; the work goes on where it was
// left.
#include "app_fixture.h"
#include "core/job/job.h"
#include "core/lobe/run.h"

#include "app/frame/to_take.h"
#include "core/examine/snapshot.h"
#include "support/program.h"

#include <QAction>
#include <QMenu>
#include <QSqlDatabase>
#include <QSqlQuery>

namespace test_typing {

using fixture::Rig;
using namespace lobe;

namespace {

void openJob(Rig& rig, std::size_t index) {
    rig.session().openJob(rig.session().book().jobs()[index].id);
}

/// A whole run of the lobe at hand: a cosine on a flat base circle.
void takeLobe(Rig& rig) {
    const RunConditions t = usualConditions(rig.session().job().engine, rig.session().side());
    const double centre = (t.from.deg + t.to.deg) / 2.0;
    rig.type(QStringLiteral("step 10"));
    for (double d = t.from.deg; d <= t.to.deg + 1e-9; d += 10.0) {
        const double x = (d - centre) / 140.0;
        const double lift = std::abs(x) < 1.0 ? 4.0 * (1.0 + std::cos(x * 3.14159265)) : 0.0;
        rig.type(QString::number(lift, 'f', 2));
    }
}

/// Asks the engine station for a fact by its name and types it; the echo when it was refused.
QString typeFact(Rig& rig, const QString& fact, const QString& typed) {
    rig.window().go(stations::engine);
    for (int i = 0; i < 60 && !rig.text("ask").startsWith(fact); ++i)
        rig.key(Qt::Key_Up);
    for (int i = 0; i < 60 && !rig.text("ask").startsWith(fact); ++i)
        rig.key(Qt::Key_Down);
    // Not by keys: some of it no keyboard has.
    rig.line()->setFocus();
    rig.line()->insert(typed);
    rig.key(Qt::Key_Return);
    const QString left = rig.line()->text(), said = rig.text("echo");
    rig.key(Qt::Key_Escape);
    return left.isEmpty() ? QString() : said + QStringLiteral(" | ") + left;
}

} // namespace

class TestTyping : public QObject {
    Q_OBJECT

private slots:
    void aNewJobAsksItsNameAndStartsAtItsFirstFact() {
        Rig rig;
        rig.type(QStringLiteral("first"));
        rig.type(QStringLiteral("Skerry Four"));
        rig.type(QStringLiteral("4"));
        rig.key(Qt::Key_N, Qt::ControlModifier);
        QCOMPARE(rig.text("ask"), QStringLiteral("what is it called?"));
        QCOMPARE(rig.session().book().jobs().size(), std::size_t(1));
        // Esc leaves it, and nothing was made.
        rig.key(Qt::Key_Escape);
        QVERIFY(rig.text("ask").startsWith(QStringLiteral("Bore")));
        QCOMPARE(rig.session().book().jobs().size(), std::size_t(1));
        rig.key(Qt::Key_N, Qt::ControlModifier);
        rig.type(QStringLiteral("second"));
        QCOMPARE(rig.session().book().jobs()[1].name, QStringLiteral("second"));
        QVERIFY(rig.window().station() == stations::engine);
        QVERIFY2(rig.text("ask").startsWith(QStringLiteral("Engine")), qPrintable(rig.text("ask")));
        QVERIFY(rig.window().windowTitle().contains(QStringLiteral("second")));
    }

    void theDemoAndBack() {
        Rig rig;
        rig.type(QStringLiteral("mine"));
        rig.type(QStringLiteral("Skerry Four"));
        QVERIFY(rig.window().windowTitle().contains(QStringLiteral("book")));
        rig.window().go(stations::lobes);
        rig.key(Qt::Key_E, Qt::ControlModifier);
        rig.key(Qt::Key_D, Qt::ControlModifier);
        QVERIFY(rig.window().windowTitle().contains(QStringLiteral("demo")));
        QCOMPARE(rig.session().book().jobs().size(), std::size_t(6));
        QVERIFY(rig.find<QAction>("openDemo")->text().startsWith(QStringLiteral("Back to")));
        rig.key(Qt::Key_D, Qt::ControlModifier);
        QCOMPARE(QString::fromStdString(rig.session().job().name), QStringLiteral("mine"));
        QVERIFY(rig.window().station() == stations::lobes);
        QVERIFY(rig.session().side() == Side::Exhaust);
    }

    void startedAgainItGoesOnWhereItWas() {
        Rig rig(true);
        openJob(rig, 1);
        rig.session().select(2, Side::Exhaust);
        rig.window().go(stations::lobes);
        rig.type(QStringLiteral("0.01"));
        const QString asked = rig.text("ask");
        const auto job = rig.session().job().id;
        rig.window().resize(1111, 777);
        QTRY_COMPARE(rig.window().size(), QSize(1111, 777));
        rig.restart(true);
        QCOMPARE(rig.session().job().id, job);
        QCOMPARE(rig.session().cylinder(), 2);
        QVERIFY(rig.session().side() == Side::Exhaust);
        QVERIFY(rig.window().station() == stations::lobes);
        QCOMPARE(rig.text("ask"), asked);
        QTRY_COMPARE(rig.window().size(), QSize(1111, 777));
        // By its id: two jobs of one name are two jobs.
        rig.session().newJob(QString::fromStdString(rig.session().job().name));
        const auto twin = rig.session().job().id;
        rig.window().go(stations::engine);
        rig.restart(true);
        QCOMPARE(rig.session().job().id, twin);
    }

    void aRunThatIsThroughTakesNoMore() {
        Rig rig;
        rig.type(QStringLiteral("whole"));
        rig.window().go(stations::lobes);
        takeLobe(rig);
        QVERIFY2(rig.text("ask").contains(QStringLiteral("what next")),
                 qPrintable(rig.text("ask")));
        const auto count = rig.onDisk().runs[0].readings.size();
        rig.type(QStringLiteral("0.05"));
        QCOMPARE(rig.onDisk().runs[0].readings.size(), count);
        QVERIFY(rig.text("echo").contains(QStringLiteral("through")));
        // An angle reads it again; Enter goes on to the other lobe.
        rig.type(QStringLiteral("50a 3.0"));
        QCOMPARE(rig.onDisk().runs[0].readings.size(), count + 1);
        rig.key(Qt::Key_Z, Qt::ControlModifier);
        rig.key(Qt::Key_Return);
        QVERIFY(rig.session().side() == Side::Exhaust);
        takeLobe(rig);
        QVERIFY2(rig.text("askEnter").contains(QStringLiteral("Timing")),
                 qPrintable(rig.text("askEnter")));
        rig.key(Qt::Key_Return);
        QVERIFY(rig.window().station() == stations::timing);
        // Another pass, by its word.
        rig.window().go(stations::lobes);
        rig.type(QStringLiteral("pass"));
        QCOMPARE(rig.onDisk().runs.size(), std::size_t(3));
    }

    void theLineAsksWhatTheHeadlineAsks() {
        Rig rig;
        rig.type(QStringLiteral("asked"));
        rig.window().go(stations::tdc);
        for (const char* contact : {"30", "30", "30", "30"})
            rig.type(QLatin1String(contact));
        QVERIFY(rig.text("tdcVerdict").contains(QStringLiteral("overlap or firing")));
        QVERIFY(rig.text("ask").contains(QStringLiteral("overlap or firing")));
        const auto contacts = rig.onDisk().contacts.size();
        rig.type(QStringLiteral("3"));
        QCOMPARE(rig.onDisk().contacts.size(), contacts);
        QVERIFY(rig.onDisk().fitted.top == WhichTop::Firing);
        rig.window().go(stations::compression);
        QVERIFY(rig.text("ask").startsWith(QStringLiteral("Bore")));
        rig.type(QStringLiteral("90x78"));
        QCOMPARE(rig.onDisk().engine.stroke_mm, 78.0);
    }

    // What an empty job was asked for is not asked of the next.
    void anotherJobIsAskedItsOwn() {
        Rig rig(true);
        rig.session().newJob(QStringLiteral("empty"));
        rig.window().go(stations::compression);
        QVERIFY(rig.text("ask").startsWith(QStringLiteral("Bore")));
        openJob(rig, 0);
        rig.window().go(stations::compression);
        QVERIFY2(rig.text("ask").startsWith(QStringLiteral("advance to try")),
                 qPrintable(rig.text("ask")));
    }

    void aTaskOfTheListIsAsked() {
        Rig rig;
        rig.type(QStringLiteral("tasks"));
        rig.window().go(stations::tdc);
        for (const char* contact : {"30", "30", "30", "30"})
            rig.type(QLatin1String(contact));
        rig.key(Qt::Key_Escape);
        QVERIFY(!rig.text("ask").contains(QStringLiteral("overlap")));
        rig.window().go(stations::timing);
        rig.key(Qt::Key_F3);
        auto* list = rig.find<app::RowList>("toTakeList");
        int row = -1;
        for (int i = 0; i < list->count(); ++i)
            if (list->row(i).title.contains(QStringLiteral("Overlap or firing"))) row = i;
        QVERIFY(row >= 0);
        list->setCurrentRow(row);
        QTest::keyClick(list, Qt::Key_Return);
        QVERIFY(rig.window().station() == stations::tdc);
        QVERIFY(rig.text("ask").contains(QStringLiteral("overlap or firing")));
        rig.type(QStringLiteral("overlap"));
        QVERIFY(rig.onDisk().fitted.top == WhichTop::Overlap);
    }

    void undoSaysAndShowsWhatItTookBack() {
        Rig rig;
        rig.type(QStringLiteral("undo"));
        rig.window().go(stations::lobes);
        rig.type(QStringLiteral("75a 5.5"));
        QVERIFY2(rig.find<QAction>("undo")->text().contains(QStringLiteral("reading 75")),
                 qPrintable(rig.find<QAction>("undo")->text()));
        rig.key(Qt::Key_E, Qt::ControlModifier);
        rig.window().go(stations::engine);
        rig.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(rig.window().station() == stations::lobes);
        QVERIFY(rig.session().side() == Side::Intake);
        QCOMPARE(rig.text("echo"),
                 QStringLiteral("undone: intake reading at 75° after TDC; that was at Lobes"));
        rig.key(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(rig.text("echo"), QStringLiteral("done again: intake reading at 75° after TDC"));
        QCOMPARE(rig.onDisk().runs[0].readings.size(), std::size_t(1));
        // A fact, by its name; at its station.
        typeFact(rig, QStringLiteral("Bore"), QStringLiteral("90"));
        rig.window().go(stations::timing);
        rig.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(rig.window().station() == stations::engine);
        QCOMPARE(rig.text("echo"), QStringLiteral("undone: bore; that was at Engine"));
    }

    void whatPeopleSay_data() {
        QTest::addColumn<QString>("fact");
        QTest::addColumn<QString>("typed");
        QTest::addColumn<bool>("inches");
        QTest::addColumn<QString>("value"); // read back from disk; empty: refused
        const auto row = [](const char* fact, const char* typed, const char* value,
                            bool inches = false) {
            QTest::addRow("%s %s%s", fact, typed, inches ? " in" : "")
                << QString::fromUtf8(fact) << QString::fromUtf8(typed) << inches
                << QString::fromUtf8(value);
        };
        row("Bore", "90x78", "90 78");
        row("Bore", "90 × 78", "90 78");
        row("Bore", "3 5/8 in", "92.075 0");
        row("Bore", "3-5/8 in", "92.075 0");
        row("Bore", "3-5/8", "");
        row("Bore", "3-5/8", "92.075 0", true);
        row("Bore", "3 5/8\"", "92.075 0", true);
        row("Bore", "3.543 inches", "89.9922 0");
        row("Bore", "3.5 in.", "88.9 0");
        row("Bore", "4", "101.6 0", true);
        row("Rocker ratio, intake", "1.5:1", "1.5");
        row("Rocker ratio, intake", "1.5 to 1", "1.5");
        row("Rocker ratio, exhaust", "1.7", "1.7");
        row("Lash, exhaust", "0.4", "0.4");
        row("Rocker ratio, intake", "many", "");
        row("Runs", "cw", "cw");
        row("Runs", "ccw", "ccw");
        row("Camshafts", "pushrod", "pushrod");
        row("Camshafts", "ohv", "pushrod");
        row("Camshafts", "dohc", "twin");
        row("Camshafts", "ohc", "one overhead");
        row("Follower", "roller", "roller");
        row("Follower", "flat", "flat");
        row("Follower", "hydraulic", "hydraulic");
        row("Intake opens", "12/40", "12 40 - -");
        row("Intake opens", "12-40-52-4", "12 40 52 4");
        row("Exhaust opens", "52/4", "- - 52 4");
        row("Intake opens", "12-40-52", "");
        row("Intake opens", "12 deg", "12 - - -");
        row("Intake opens", "12°", "12 - - -");
        row("Intake opens",
            "\xE2\x88\x92"
            "3",
            "-3 - - -");
        row("Intake opens", "-3", "-3 - - -");
    }
    void whatPeopleSay() {
        QFETCH(QString, fact);
        QFETCH(QString, typed);
        QFETCH(bool, inches);
        QFETCH(QString, value);
        Rig rig;
        rig.type(QStringLiteral("said"));
        rig.look().setInches(inches);
        const QString refused = typeFact(rig, fact, typed);
        QVERIFY2(refused.isEmpty() != value.isEmpty(), qPrintable(refused));
        if (value.isEmpty()) {
            // In terms of what was asked, with an example.
            QVERIFY2(refused.contains(QStringLiteral("such as")) ||
                         refused.contains(QStringLiteral("12-40-52-4")),
                     qPrintable(refused));
            return;
        }
        const Job job = rig.onDisk();
        const Engine& e = job.engine;
        const auto n = [](double x) { return QString::number(x, 'g', 6); };
        const auto o = [&](const std::optional<double>& x) {
            return x ? n(*x) : QStringLiteral("-");
        };
        QString is;
        if (fact == QLatin1String("Bore")) is = n(e.bore_mm) + QLatin1Char(' ') + n(e.stroke_mm);
        if (fact == QLatin1String("Rocker ratio, intake")) is = n(e.ratio.intake);
        // The exhaust's own, and the intake's left alone.
        if (fact == QLatin1String("Rocker ratio, exhaust") && e.ratio.intake == 1.0)
            is = n(e.ratio.exhaust);
        if (fact == QLatin1String("Lash, exhaust") && e.lash_mm.intake == 0.0)
            is = n(e.lash_mm.exhaust);
        if (fact == QLatin1String("Runs"))
            is = e.rotation == Rotation::Clockwise ? QStringLiteral("cw") : QStringLiteral("ccw");
        if (fact == QLatin1String("Camshafts"))
            is = e.layout == Layout::PushrodSingleCam  ? QStringLiteral("pushrod")
                 : e.layout == Layout::TwinOverheadCam ? QStringLiteral("twin")
                                                       : QStringLiteral("one overhead");
        if (fact == QLatin1String("Follower"))
            is = e.follower == Follower::SolidFlat     ? QStringLiteral("flat")
                 : e.follower == Follower::SolidRoller ? QStringLiteral("roller")
                                                       : QStringLiteral("hydraulic");
        if (fact.endsWith(QLatin1String("opens")))
            is = QStringList{o(job.card->events.ivo), o(job.card->events.ivc),
                             o(job.card->events.evo), o(job.card->events.evc)}
                     .join(QLatin1Char(' '));
        QCOMPARE(is, value);
    }

    void contactsAsTheyAreSaid_data() {
        QTest::addColumn<QString>("typed");
        QTest::addColumn<double>("deg");
        QTest::newRow("BTDC") << QStringLiteral("31 BTDC") << -31.0;
        QTest::newRow("before") << QStringLiteral("31 before") << -31.0;
        QTest::newRow("before tdc") << QStringLiteral("31° before TDC") << -31.0;
        QTest::newRow("atdc") << QStringLiteral("10 atdc") << 10.0;
        QTest::newRow("after top") << QStringLiteral("10 deg after top") << 10.0;
        QTest::newRow("abdc") << QStringLiteral("20 abdc") << -160.0;
        QTest::newRow("minus") << QStringLiteral("-10") << -10.0;
        QTest::newRow("plain") << QStringLiteral("31") << -31.0;
    }
    void contactsAsTheyAreSaid() {
        QFETCH(QString, typed);
        QFETCH(double, deg);
        Rig rig;
        rig.type(QStringLiteral("contacts"));
        rig.window().go(stations::tdc);
        rig.type(typed);
        QCOMPARE(rig.onDisk().contacts.size(), std::size_t(1));
        QCOMPARE(rig.onDisk().contacts[0].at.deg, deg);
    }

    void countsOfTheDriveAsTheyAreSaid() {
        Rig rig;
        rig.type(QStringLiteral("drive"));
        rig.window().go(stations::set);
        rig.type(QStringLiteral("d"));
        rig.type(QStringLiteral("40 teeth"));
        QCOMPARE(rig.onDisk().engine.drive.teeth, 40);
        for (const char* said : {"11x12", "11/12", "11 to 12", "11 12"}) {
            while (!rig.text("ask").startsWith(QStringLiteral("Vernier")))
                rig.key(rig.text("ask").startsWith(QStringLiteral("Slots")) ? Qt::Key_Up
                                                                            : Qt::Key_Down);
            rig.type(QLatin1String(said));
            const Drive d = rig.onDisk().engine.drive;
            QVERIFY2(d.vernierWheel == 11 && d.vernierHub == 12, said);
        }
        rig.key(Qt::Key_Escape);
        rig.window().go(stations::compression);
        while (!rig.text("ask").startsWith(QStringLiteral("Chamber")))
            rig.key(rig.text("ask").startsWith(QStringLiteral("Bore")) ? Qt::Key_Up : Qt::Key_Up);
        rig.type(QStringLiteral("42cc"));
        QCOMPARE(rig.onDisk().engine.chamber.chamber_cc, 42.0);
    }

    void inInchesRecessesAndLimitsAreOfInches() {
        Rig rig;
        rig.type(QStringLiteral("inches"));
        rig.look().setInches(true);
        rig.window().go(stations::lobes);
        rig.keys(QStringLiteral("8.73"));
        QVERIFY2(rig.text("echo").contains(QStringLiteral("1.1811 in")),
                 qPrintable(rig.text("echo")));
        rig.key(Qt::Key_Escape);
        rig.window().go(stations::compression);
        for (int i = 0; i < 20 && !rig.text("ask").startsWith(QStringLiteral("Crown")); ++i)
            rig.key(Qt::Key_Up);
        rig.type(QStringLiteral("60x3"));
        QCOMPARE(rig.onDisk().engine.chamber.crown_cc, 0.0);
        rig.key(Qt::Key_Escape);
        // No lash is a value, and not a dash.
        rig.window().go(stations::engine);
        auto* facts = rig.find<app::RowList>("engineFacts");
        for (int i = 0; i < facts->count(); ++i)
            if (facts->row(i).title.startsWith(QStringLiteral("Lash, ")))
                QCOMPARE(facts->row(i).value, QStringLiteral("0 in"));
    }

    void aHeightAboveTheNoseIsRefused() {
        Rig rig(true);
        openJob(rig, 0);
        rig.window().go(stations::timing);
        for (const bool inches : {false, true}) {
            rig.look().setInches(inches);
            const auto before = rig.onDisk().reckoning.heights.size();
            rig.type(QStringLiteral("325"));
            QCOMPARE(rig.onDisk().reckoning.heights.size(), before);
            QVERIFY(rig.line()->hasSelectedText());
            rig.key(Qt::Key_Escape);
        }
    }

    void theSlateFollowsTheCylinder() {
        Rig rig(true);
        openJob(rig, 1);
        auto* slate = rig.find<app::RowList>("slateFigures");
        QVERIFY(slate->count() > 3);
        const QString one = slate->row(0).value;
        rig.session().select(2, Side::Intake);
        QCOMPARE(slate->row(0).title.startsWith(QStringLiteral("Intake")), true);
        QVERIFY(slate->count() == 0 || slate->row(0).value != one ||
                slate->row(slate->count() - 1).value.isEmpty());
        rig.session().select(1, Side::Intake);
        QCOMPARE(slate->row(0).value, one);
    }

    void aLockedOrVanishedBookKeepsWhatWasTyped() {
        Rig rig;
        rig.type(QStringLiteral("vanish"));
        rig.window().go(stations::lobes);
        rig.type(QStringLiteral("0.01"));
        const QString path = rig.session().book().path();
        QVERIFY(QFile::remove(path));
        rig.type(QStringLiteral("0.02"));
        QCOMPARE(rig.line()->text(), QStringLiteral("0.02"));
        QVERIFY(rig.text("message").contains(QStringLiteral("Ctrl+Shift+S")));
        rig.answers().save = rig.paths().data + QStringLiteral("/kept.amber");
        rig.key(Qt::Key_S, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(rig.session().book().path().endsWith(QStringLiteral("kept.amber")));
        QVERIFY(rig.window().station() == stations::lobes);
        rig.line()->setFocus();
        rig.line()->selectAll();
        rig.type(QStringLiteral("0.02"));
        QCOMPARE(rig.onDisk().runs[0].readings.size(), std::size_t(2));
    }

    void twoWindowsChangeDifferentThings() {
        Rig rig(true);
        openJob(rig, 0);
        auto other = book::Book::open(rig.session().book().path());
        auto& b = *std::get<std::unique_ptr<book::Book>>(other);
        const Job seen = rig.session().job();
        Stated s = seen;
        s.reckoning.school = CentreSchool::Centroid;
        b.record(seen.id, book::SetStated{s}, &seen);
        // This window has not looked yet, and pins a figure.
        Stated pinned = rig.session().job();
        pinned.pinned = {"advance"};
        rig.session().keep(book::SetStated{pinned});
        QVERIFY(rig.onDisk().reckoning.school == CentreSchool::Centroid);
        QVERIFY(rig.session().job().reckoning.school == CentreSchool::Centroid);
        QCOMPARE(rig.onDisk().pinned, (std::vector<std::string>{"advance"}));
    }

    void aBookThatIsNotUnderstoodIsNotWritten() {
        Rig rig;
        rig.type(QStringLiteral("odd"));
        rig.type(QStringLiteral("Skerry Four"));
        const auto id = rig.session().job().id;
        auto raw = book::Book::open(rig.session().book().path());
        {
            QSqlDatabase db =
                QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("odd"));
            db.setDatabaseName(rig.session().book().path());
            QVERIFY(db.open());
            QSqlQuery q(db);
            QVERIFY(q.exec(QStringLiteral("UPDATE fact SET patch = 0, body = "
                                          "'{\"rotation\":\"widdershins\"}' WHERE subject = "
                                          "'engine'")));
            db.close();
        }
        QSqlDatabase::removeDatabase(QStringLiteral("odd"));
        QVERIFY(!rig.session().openJob(id));
        QVERIFY(rig.text("message").contains(QStringLiteral("widdershins")));
        QVERIFY(!rig.session().newJob(QStringLiteral("another")));
        QVERIFY(rig.text("message").contains(QStringLiteral("reading only")));
        QVERIFY(rig.text("message").contains(QStringLiteral("Ctrl+Shift+S")));
    }
};

AMBER_TEST(TestTyping)

} // namespace test_typing

#include "test_typing.moc"
