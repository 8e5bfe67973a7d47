// What is typed goes where the line says, is understood as people say it, and is asked for in the
// order the headline asks; undo says and shows what it took back; the work goes on where it was
// left.
#include "app_fixture.h"

#include "app/frame/to_take.h"
#include "core/examine/snapshot.h"

#include <QAction>
#include <QListWidget>
#include <QMenu>
#include <QSqlDatabase>
#include <QSqlQuery>

using fixture::Bench;
using namespace lobe;

namespace {

void openJob(Bench& bench, std::size_t index) {
    bench.session().openJob(bench.session().book().jobs()[index].id);
}

/// A whole run of the lobe at hand: a cosine on a flat base circle.
void takeLobe(Bench& bench) {
    const RunConditions t = usualConditions(bench.session().job().engine, bench.session().side());
    const double centre = (t.from.deg + t.to.deg) / 2.0;
    bench.type(QStringLiteral("step 10"));
    for (double d = t.from.deg; d <= t.to.deg + 1e-9; d += 10.0) {
        const double x = (d - centre) / 140.0;
        const double lift = std::abs(x) < 1.0 ? 4.0 * (1.0 + std::cos(x * 3.14159265)) : 0.0;
        bench.type(QString::number(lift, 'f', 2));
    }
}

/// Asks the engine station for a fact by its name and types it; the echo when it was refused.
QString typeFact(Bench& bench, const QString& fact, const QString& typed) {
    bench.window().go(stations::engine);
    for (int i = 0; i < 60 && !bench.text("ask").startsWith(fact); ++i)
        bench.key(Qt::Key_Up);
    for (int i = 0; i < 60 && !bench.text("ask").startsWith(fact); ++i)
        bench.key(Qt::Key_Down);
    // Not by keys: some of it no keyboard has.
    bench.line()->setFocus();
    bench.line()->insert(typed);
    bench.key(Qt::Key_Return);
    const QString left = bench.line()->text(), said = bench.text("echo");
    bench.key(Qt::Key_Escape);
    return left.isEmpty() ? QString() : said + QStringLiteral(" | ") + left;
}

} // namespace

class TestTyping : public QObject {
    Q_OBJECT

private slots:
    void aNewJobAsksItsNameAndStartsAtItsFirstFact() {
        Bench bench;
        bench.type(QStringLiteral("first"));
        bench.type(QStringLiteral("Skerry Four"));
        bench.type(QStringLiteral("4"));
        bench.key(Qt::Key_N, Qt::ControlModifier);
        QCOMPARE(bench.text("ask"), QStringLiteral("what is it called?"));
        QCOMPARE(bench.session().book().jobs().size(), std::size_t(1));
        // Esc leaves it, and nothing was made.
        bench.key(Qt::Key_Escape);
        QVERIFY(bench.text("ask").startsWith(QStringLiteral("Bore")));
        QCOMPARE(bench.session().book().jobs().size(), std::size_t(1));
        bench.key(Qt::Key_N, Qt::ControlModifier);
        bench.type(QStringLiteral("second"));
        QCOMPARE(bench.session().book().jobs()[1].name, QStringLiteral("second"));
        QVERIFY(bench.window().station() == stations::engine);
        QVERIFY2(bench.text("ask").startsWith(QStringLiteral("Engine")),
                 qPrintable(bench.text("ask")));
        QVERIFY(bench.window().windowTitle().contains(QStringLiteral("second")));
    }

    void theDemoAndBack() {
        Bench bench;
        bench.type(QStringLiteral("mine"));
        bench.type(QStringLiteral("Skerry Four"));
        QVERIFY(bench.window().windowTitle().contains(QStringLiteral("book")));
        bench.window().go(stations::lobes);
        bench.key(Qt::Key_E, Qt::ControlModifier);
        bench.key(Qt::Key_D, Qt::ControlModifier);
        QVERIFY(bench.window().windowTitle().contains(QStringLiteral("demo")));
        QCOMPARE(bench.session().book().jobs().size(), std::size_t(4));
        QVERIFY(bench.find<QAction>("openDemo")->text().startsWith(QStringLiteral("Back to")));
        bench.key(Qt::Key_D, Qt::ControlModifier);
        QCOMPARE(QString::fromStdString(bench.session().job().name), QStringLiteral("mine"));
        QVERIFY(bench.window().station() == stations::lobes);
        QVERIFY(bench.session().side() == Side::Exhaust);
    }

    void startedAgainItGoesOnWhereItWas() {
        Bench bench(true);
        openJob(bench, 1);
        bench.session().select(2, Side::Exhaust);
        bench.window().go(stations::lobes);
        bench.type(QStringLiteral("0.01"));
        const QString asked = bench.text("ask");
        const auto job = bench.session().job().id;
        bench.window().resize(1111, 777);
        QTRY_COMPARE(bench.window().size(), QSize(1111, 777));
        bench.restart(true);
        QCOMPARE(bench.session().job().id, job);
        QCOMPARE(bench.session().cylinder(), 2);
        QVERIFY(bench.session().side() == Side::Exhaust);
        QVERIFY(bench.window().station() == stations::lobes);
        QCOMPARE(bench.text("ask"), asked);
        QTRY_COMPARE(bench.window().size(), QSize(1111, 777));
        // By its id: two jobs of one name are two jobs.
        bench.session().newJob(QString::fromStdString(bench.session().job().name));
        const auto twin = bench.session().job().id;
        bench.window().go(stations::engine);
        bench.restart(true);
        QCOMPARE(bench.session().job().id, twin);
    }

    void aRunThatIsThroughTakesNoMore() {
        Bench bench;
        bench.type(QStringLiteral("whole"));
        bench.window().go(stations::lobes);
        takeLobe(bench);
        QVERIFY2(bench.text("ask").contains(QStringLiteral("what next")),
                 qPrintable(bench.text("ask")));
        const auto count = bench.onDisk().runs[0].readings.size();
        bench.type(QStringLiteral("0.05"));
        QCOMPARE(bench.onDisk().runs[0].readings.size(), count);
        QVERIFY(bench.text("echo").contains(QStringLiteral("through")));
        // An angle reads it again; Enter goes on to the other lobe.
        bench.type(QStringLiteral("50a 3.0"));
        QCOMPARE(bench.onDisk().runs[0].readings.size(), count + 1);
        bench.key(Qt::Key_Z, Qt::ControlModifier);
        bench.key(Qt::Key_Return);
        QVERIFY(bench.session().side() == Side::Exhaust);
        takeLobe(bench);
        QVERIFY2(bench.text("askEnter").contains(QStringLiteral("Timing")),
                 qPrintable(bench.text("askEnter")));
        bench.key(Qt::Key_Return);
        QVERIFY(bench.window().station() == stations::timing);
        // Another pass, by its word.
        bench.window().go(stations::lobes);
        bench.type(QStringLiteral("pass"));
        QCOMPARE(bench.onDisk().runs.size(), std::size_t(3));
    }

    void theLineAsksWhatTheHeadlineAsks() {
        Bench bench;
        bench.type(QStringLiteral("asked"));
        bench.window().go(stations::tdc);
        for (const char* contact : {"30", "30", "30", "30"})
            bench.type(QLatin1String(contact));
        QVERIFY(bench.text("tdcVerdict").contains(QStringLiteral("overlap or firing")));
        QVERIFY(bench.text("ask").contains(QStringLiteral("overlap or firing")));
        const auto contacts = bench.onDisk().contacts.size();
        bench.type(QStringLiteral("3"));
        QCOMPARE(bench.onDisk().contacts.size(), contacts);
        QVERIFY(bench.onDisk().fitted.top == WhichTop::Firing);
        bench.window().go(stations::compression);
        QVERIFY(bench.text("ask").startsWith(QStringLiteral("Bore")));
        bench.type(QStringLiteral("90x78"));
        QCOMPARE(bench.onDisk().engine.stroke_mm, 78.0);
    }

    // What an empty job was asked for is not asked of the next.
    void anotherJobIsAskedItsOwn() {
        Bench bench(true);
        bench.session().newJob(QStringLiteral("empty"));
        bench.window().go(stations::compression);
        QVERIFY(bench.text("ask").startsWith(QStringLiteral("Bore")));
        openJob(bench, 0);
        bench.window().go(stations::compression);
        QVERIFY2(bench.text("ask").startsWith(QStringLiteral("advance to try")),
                 qPrintable(bench.text("ask")));
    }

    void aTaskOfTheListIsAsked() {
        Bench bench;
        bench.type(QStringLiteral("tasks"));
        bench.window().go(stations::tdc);
        for (const char* contact : {"30", "30", "30", "30"})
            bench.type(QLatin1String(contact));
        bench.key(Qt::Key_Escape);
        QVERIFY(!bench.text("ask").contains(QStringLiteral("overlap")));
        bench.window().go(stations::timing);
        bench.key(Qt::Key_F3);
        auto* list = bench.find<app::RowList>("toTakeList");
        int row = -1;
        for (int i = 0; i < list->count(); ++i)
            if (list->row(i).title.contains(QStringLiteral("Overlap or firing"))) row = i;
        QVERIFY(row >= 0);
        list->setCurrentRow(row);
        QTest::keyClick(list, Qt::Key_Return);
        QVERIFY(bench.window().station() == stations::tdc);
        QVERIFY(bench.text("ask").contains(QStringLiteral("overlap or firing")));
        bench.type(QStringLiteral("overlap"));
        QVERIFY(bench.onDisk().fitted.top == WhichTop::Overlap);
    }

    void undoSaysAndShowsWhatItTookBack() {
        Bench bench;
        bench.type(QStringLiteral("undo"));
        bench.window().go(stations::lobes);
        bench.type(QStringLiteral("75a 5.5"));
        QVERIFY2(bench.find<QAction>("undo")->text().contains(QStringLiteral("reading 75")),
                 qPrintable(bench.find<QAction>("undo")->text()));
        bench.key(Qt::Key_E, Qt::ControlModifier);
        bench.window().go(stations::engine);
        bench.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(bench.window().station() == stations::lobes);
        QVERIFY(bench.session().side() == Side::Intake);
        QCOMPARE(bench.text("echo"), QStringLiteral("undone: intake reading at 75° after TDC"));
        bench.key(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(bench.text("echo"), QStringLiteral("done again: intake reading at 75° after TDC"));
        QCOMPARE(bench.onDisk().runs[0].readings.size(), std::size_t(1));
        // A fact, by its name; at its station.
        typeFact(bench, QStringLiteral("Bore"), QStringLiteral("90"));
        bench.window().go(stations::timing);
        bench.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(bench.window().station() == stations::engine);
        QCOMPARE(bench.text("echo"), QStringLiteral("undone: bore"));
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
        Bench bench;
        bench.type(QStringLiteral("said"));
        bench.look().setInches(inches);
        const QString refused = typeFact(bench, fact, typed);
        QVERIFY2(refused.isEmpty() != value.isEmpty(), qPrintable(refused));
        if (value.isEmpty()) {
            // In terms of what was asked, with an example.
            QVERIFY2(refused.contains(QStringLiteral("such as")) ||
                         refused.contains(QStringLiteral("12-40-52-4")),
                     qPrintable(refused));
            return;
        }
        const Job job = bench.onDisk();
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
        Bench bench;
        bench.type(QStringLiteral("contacts"));
        bench.window().go(stations::tdc);
        bench.type(typed);
        QCOMPARE(bench.onDisk().contacts.size(), std::size_t(1));
        QCOMPARE(bench.onDisk().contacts[0].at.deg, deg);
    }

    void countsOfTheDriveAsTheyAreSaid() {
        Bench bench;
        bench.type(QStringLiteral("drive"));
        bench.window().go(stations::set);
        bench.type(QStringLiteral("d"));
        bench.type(QStringLiteral("40 teeth"));
        QCOMPARE(bench.onDisk().engine.drive.teeth, 40);
        for (const char* said : {"11x12", "11/12", "11 to 12", "11 12"}) {
            while (!bench.text("ask").startsWith(QStringLiteral("Vernier")))
                bench.key(bench.text("ask").startsWith(QStringLiteral("Slots")) ? Qt::Key_Up
                                                                                : Qt::Key_Down);
            bench.type(QLatin1String(said));
            const Drive d = bench.onDisk().engine.drive;
            QVERIFY2(d.vernierWheel == 11 && d.vernierHub == 12, said);
        }
        bench.key(Qt::Key_Escape);
        bench.window().go(stations::compression);
        while (!bench.text("ask").startsWith(QStringLiteral("Chamber")))
            bench.key(bench.text("ask").startsWith(QStringLiteral("Bore")) ? Qt::Key_Up
                                                                           : Qt::Key_Up);
        bench.type(QStringLiteral("42cc"));
        QCOMPARE(bench.onDisk().engine.chamber.chamber_cc, 42.0);
    }

    void inInchesRecessesAndLimitsAreOfInches() {
        Bench bench;
        bench.type(QStringLiteral("inches"));
        bench.look().setInches(true);
        bench.window().go(stations::lobes);
        bench.keys(QStringLiteral("8.73"));
        QVERIFY2(bench.text("echo").contains(QStringLiteral("1.1811 in")),
                 qPrintable(bench.text("echo")));
        bench.key(Qt::Key_Escape);
        bench.window().go(stations::compression);
        for (int i = 0; i < 20 && !bench.text("ask").startsWith(QStringLiteral("Crown")); ++i)
            bench.key(Qt::Key_Up);
        bench.type(QStringLiteral("60x3"));
        QCOMPARE(bench.onDisk().engine.chamber.crown_cc, 0.0);
        bench.key(Qt::Key_Escape);
        // No lash is a value, and not a dash.
        bench.window().go(stations::engine);
        auto* facts = bench.find<app::RowList>("engineFacts");
        for (int i = 0; i < facts->count(); ++i)
            if (facts->row(i).title.startsWith(QStringLiteral("Lash, ")))
                QCOMPARE(facts->row(i).value, QStringLiteral("0 in"));
    }

    void aHeightAboveTheNoseIsRefused() {
        Bench bench(true);
        openJob(bench, 0);
        bench.window().go(stations::timing);
        for (const bool inches : {false, true}) {
            bench.look().setInches(inches);
            const auto before = bench.onDisk().reckoning.heights.size();
            bench.type(QStringLiteral("325"));
            QCOMPARE(bench.onDisk().reckoning.heights.size(), before);
            QVERIFY(bench.line()->hasSelectedText());
            bench.key(Qt::Key_Escape);
        }
    }

    void theSlateFollowsTheCylinder() {
        Bench bench(true);
        openJob(bench, 1);
        auto* slate = bench.find<app::RowList>("slateFigures");
        QVERIFY(slate->count() > 3);
        const QString one = slate->row(0).value;
        bench.session().select(2, Side::Intake);
        QCOMPARE(slate->row(0).title.startsWith(QStringLiteral("Intake")), true);
        QVERIFY(slate->count() == 0 || slate->row(0).value != one ||
                slate->row(slate->count() - 1).value.isEmpty());
        bench.session().select(1, Side::Intake);
        QCOMPARE(slate->row(0).value, one);
    }

    void aLockedOrVanishedBookKeepsWhatWasTyped() {
        Bench bench;
        bench.type(QStringLiteral("vanish"));
        bench.window().go(stations::lobes);
        bench.type(QStringLiteral("0.01"));
        const QString path = bench.session().book().path();
        QVERIFY(QFile::remove(path));
        bench.type(QStringLiteral("0.02"));
        QCOMPARE(bench.line()->text(), QStringLiteral("0.02"));
        QVERIFY(bench.text("message").contains(QStringLiteral("Ctrl+Shift+S")));
        bench.answers().save = bench.paths().data + QStringLiteral("/kept.amber");
        bench.key(Qt::Key_S, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(bench.session().book().path().endsWith(QStringLiteral("kept.amber")));
        QVERIFY(bench.window().station() == stations::lobes);
        bench.line()->setFocus();
        bench.line()->selectAll();
        bench.type(QStringLiteral("0.02"));
        QCOMPARE(bench.onDisk().runs[0].readings.size(), std::size_t(2));
    }

    void twoWindowsChangeDifferentThings() {
        Bench bench(true);
        openJob(bench, 0);
        auto other = book::Book::open(bench.session().book().path());
        auto& b = *std::get<std::unique_ptr<book::Book>>(other);
        const Job seen = bench.session().job();
        Stated s = seen;
        s.reckoning.school = CentreSchool::Centroid;
        b.record(seen.id, book::SetStated{s}, &seen);
        // This window has not looked yet, and pins a figure.
        Stated pinned = bench.session().job();
        pinned.pinned = {"advance"};
        bench.session().keep(book::SetStated{pinned});
        QVERIFY(bench.onDisk().reckoning.school == CentreSchool::Centroid);
        QVERIFY(bench.session().job().reckoning.school == CentreSchool::Centroid);
        QCOMPARE(bench.onDisk().pinned, (std::vector<std::string>{"advance"}));
    }

    void aBookThatIsNotUnderstoodIsNotWritten() {
        Bench bench;
        bench.type(QStringLiteral("odd"));
        bench.type(QStringLiteral("Skerry Four"));
        const auto id = bench.session().job().id;
        auto raw = book::Book::open(bench.session().book().path());
        {
            QSqlDatabase db =
                QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("odd"));
            db.setDatabaseName(bench.session().book().path());
            QVERIFY(db.open());
            QSqlQuery q(db);
            QVERIFY(q.exec(QStringLiteral("UPDATE fact SET patch = 0, body = "
                                          "'{\"rotation\":\"widdershins\"}' WHERE subject = "
                                          "'engine'")));
            db.close();
        }
        QSqlDatabase::removeDatabase(QStringLiteral("odd"));
        QVERIFY(!bench.session().openJob(id));
        QVERIFY(bench.text("message").contains(QStringLiteral("widdershins")));
        QVERIFY(!bench.session().newJob(QStringLiteral("another")));
        QVERIFY(bench.text("message").contains(QStringLiteral("reading only")));
    }
};

QTEST_MAIN(TestTyping)
#include "test_typing.moc"
