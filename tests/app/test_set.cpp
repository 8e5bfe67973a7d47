// The Set station in the real window: the demo's late cam set right and measured again, one turned
// the wrong way, two cams apart and together, and the drive described by keyboard.
#include "app/pictures/slide.h"
#include "app/style/figure_table.h"
#include "app_fixture.h"
#include "words/setting.h"

#include <cmath>

using namespace lobe;
using fixture::Bench;

namespace {

void open(Bench& bench, std::size_t job) {
    bench.session().openJob(bench.session().book().jobs()[job].id);
    bench.window().go(stations::set);
}

app::Slide* slide(Bench& bench, Side side = Side::Intake) {
    return bench.find<app::Slide>(side == Side::Intake ? "slideIntake" : "slideExhaust");
}

QString outcome(Bench& bench) {
    return bench.find<app::FigureTable>("setOutcome")->text();
}

QString choice(Bench& bench, int row) {
    return bench.find<app::RowList>("setChoices")->row(row).title;
}

/// Takes both lobes of cylinder 1 again through the entry line, as they read with the cam turned
/// on by so much since the runs that stand on disk.
void measureAgain(Bench& bench, double advanced) {
    for (Side side : {Side::Intake, Side::Exhaust}) {
        // The curve of before, kept while the new readings come in.
        const Job before = bench.onDisk();
        const Findings found = examine(before);
        const CylinderFindings& c = found.cylinders.front();
        const LobeFigures& lobe = found.of(c, side)->lobe;
        bench.session().select(1, side);
        bench.window().go(stations::lobes);
        const RunConditions conditions = nextConditions(before, 1, side);
        for (double d = conditions.from.deg; d <= conditions.to.deg + 1e-9;
             d += conditions.step_deg)
            bench.type(QString::number(lobe.liftAt({d + advanced}, conditions.taken), 'f', 2));
    }
    bench.session().select(1, Side::Intake);
    bench.window().go(stations::set);
}

} // namespace

class TestSetStation : public QObject {
    Q_OBJECT
private slots:
    void lateCamIsSetRightAndMeasuredAgain() {
        Bench bench(true);
        open(bench, 0);
        QVERIFY2(bench.text("setVerdict").contains(QStringLiteral("2° earlier")),
                 qPrintable(bench.text("setVerdict")));
        // The best choice is the first: the bush worth two degrees.
        bench.key(Qt::Key_Down);
        QCOMPARE(choice(bench, 0), QStringLiteral("bush +2.0"));
        QCOMPARE(slide(bench)->value(), 2.0);
        QVERIFY(bench.text("setSteps").contains(QStringLiteral("worth 2°")));
        QVERIFY(outcome(bench).contains(QStringLiteral("intake centre\t106.0\t104.0")));
        bench.type(QStringLiteral("made paint on the bush, keyway 1"));
        Job job = bench.onDisk();
        QCOMPARE(job.changes.size(), std::size_t(1));
        QCOMPARE(job.changes[0].made.intake->bush_deg, 2.0);
        QCOMPARE(job.changes[0].marks, std::string("paint on the bush, keyway 1"));
        QVERIFY(job.changes[0].time_ms > 0);
        QVERIFY(std::abs(*job.changes[0].wanted_deg.intake - 2.0) < 0.2);
        QVERIFY(bench.text("setHistory").contains(QStringLiteral("measure it again")));
        QCOMPARE(slide(bench)->value(), 0.0);
        bench.type(QStringLiteral("note looked through the plug hole"));
        QCOMPARE(bench.onDisk().changes[0].note, std::string("looked through the plug hole"));

        measureAgain(bench, 2.0);
        job = bench.onDisk();
        // The old readings stay with the cam as it was found.
        QCOMPARE(job.runs.size(), std::size_t(4));
        QCOMPARE(job.runs[0].conditions.afterMove, 0);
        QCOMPARE(job.runs[2].conditions.afterMove, 1);
        QVERIFY2(bench.text("setHistory").contains(QStringLiteral("as it was meant to")),
                 qPrintable(bench.text("setHistory")));
        QVERIFY2(bench.text("setVerdict").contains(QStringLiteral("leave it")) ||
                     bench.text("setVerdict").contains(QStringLiteral("stands right")),
                 qPrintable(bench.text("setVerdict")));
        QVERIFY(stations::set.progress(bench.session().job(), bench.session().findings()) ==
                Progress::Done);
    }

    void turnedTheWrongWayIsSaid() {
        Bench bench(true);
        open(bench, 0);
        bench.key(Qt::Key_Down);
        bench.type(QStringLiteral("made"));
        measureAgain(bench, -2.0);
        const QString history = bench.text("setHistory");
        QVERIFY2(history.contains(QStringLiteral("the wrong way, 2° later instead of 2° earlier")),
                 qPrintable(history));
        QVERIFY(stations::set.progress(bench.session().job(), bench.session().findings()) ==
                Progress::LookAgain);
        QVERIFY(bench.text("setVerdict").contains(QStringLiteral("4° earlier")));
    }

    void nothingIsKeptWhereNothingIsMoved() {
        Bench bench(true);
        open(bench, 0);
        bench.type(QStringLiteral("made chalk"));
        QVERIFY(bench.text("echo").contains(QStringLiteral("Nothing is moved")));
        QCOMPARE(bench.line()->text(), QStringLiteral("made chalk"));
        QVERIFY(bench.onDisk().changes.empty());
        bench.line()->clear();
        bench.type(QStringLiteral("note before any change"));
        QVERIFY(bench.text("echo").contains(QStringLiteral("no change yet")));
        bench.line()->clear();
        bench.type(QStringLiteral("90"));
        QVERIFY(bench.text("echo").contains(QStringLiteral("ends at 15")));
    }

    // Without a word about the drive: that the cam was moved can be kept all the same.
    void aDriveThatIsNotDescribed() {
        Bench bench(true);
        open(bench, 0);
        Engine e = bench.session().job().engine;
        e.drive = Drive{};
        bench.session().keep(book::SetEngine{e});
        bench.type(QStringLiteral("2.3"));
        QCOMPARE(slide(bench)->value(), 2.3);
        QVERIFY2(bench.text("setSteps").contains(QStringLiteral("clockwise by 2.3° crank")),
                 qPrintable(bench.text("setSteps")));
        bench.type(QStringLiteral("made by eye"));
        const CamMove c = bench.onDisk().changes.at(0);
        QCOMPARE(c.made.intake->total_deg, 2.3);
        QCOMPARE(c.made.intake->changes(), 0);
        QVERIFY(bench.text("setHistory").contains(QStringLiteral("2.3° earlier")));
    }

    void undoneAndDoneAgain() {
        Bench bench(true);
        open(bench, 0);
        bench.key(Qt::Key_Down);
        bench.type(QStringLiteral("made"));
        QCOMPARE(bench.onDisk().changes.size(), std::size_t(1));
        bench.session().undo();
        QVERIFY(bench.onDisk().changes.empty());
        bench.session().redo();
        QCOMPARE(bench.onDisk().changes.size(), std::size_t(1));
    }

    void slideStopsWhereTheDriveCanGo() {
        Bench bench(true);
        open(bench, 0);
        bench.type(QStringLiteral("2.4"));
        QCOMPARE(slide(bench)->value(), 2.0);
        slide(bench)->setFocus();
        QTest::keyClick(slide(bench), Qt::Key_Right);
        QCOMPARE(slide(bench)->value(), 3.0);
        QTest::keyClick(slide(bench), Qt::Key_Right);
        // Three keyways on 40 teeth are 6 degrees a step, less the bush of two.
        QCOMPARE(slide(bench)->value(), 4.0);
        QVERIFY(bench.text("setSteps").contains(QStringLiteral("next keyway")));
    }

    // Down goes through all of them, past the one that moves nothing; the slide and the list agree.
    void listAndSlideGoTogether() {
        Bench bench(true);
        open(bench, 0);
        auto* list = bench.find<app::RowList>("setChoices");
        for (int i = 0; i < 6; ++i) {
            bench.key(Qt::Key_Down);
            QVERIFY(list->row(i).marked);
            QCOMPARE(QString::number(slide(bench)->value(), 'f', 2).remove(QLatin1Char('-')),
                     QString(list->row(i).value)
                         .remove(QLatin1Char('+'))
                         .remove(QChar(0x2212))
                         .remove(QChar(0xB0)));
        }
        // Moved by hand, the row that does it is marked; where none does, none.
        bench.type(QStringLiteral("3"));
        int marked = -1;
        for (int i = 0; i < list->count(); ++i)
            if (list->row(i).marked) marked = i;
        QVERIFY(marked >= 0);
        QVERIFY(list->row(marked).value.contains(QStringLiteral("3.00")));
        bench.type(QStringLiteral("0"));
        for (int i = 0; i < list->count(); ++i)
            QVERIFY(!list->row(i).marked);
    }

    void bothThemesInchesAndASmallWindowInTheMiddle() {
        Bench bench(true);
        open(bench, 0);
        bench.key(Qt::Key_Down);
        bench.keys(QStringLiteral("1."));
        bench.window().resize(1024, 700);
        bench.look().setDark(true);
        bench.look().setInches(true);
        QApplication::processEvents();
        // What was half typed and where the slide stood are still there.
        QCOMPARE(bench.line()->text(), QStringLiteral("1."));
        QCOMPARE(slide(bench)->value(), 2.0);
        bench.line()->clear();
        bench.type(QStringLiteral("made in the dark"));
        // Closed in the middle of it and opened again: the change is kept, the lobes still wanted.
        bench.restart(true);
        open(bench, 0);
        QCOMPARE(bench.onDisk().changes.size(), std::size_t(1));
        QVERIFY(bench.text("setVerdict").contains(QStringLiteral("measure it again")));
        QVERIFY(bench.text("setHistory").contains(QStringLiteral("in the dark")));
    }

    void driveIsDescribedByKeyboard() {
        Bench bench;
        bench.session().newJob(QStringLiteral("new"));
        bench.window().go(stations::set);
        QVERIFY(choice(bench, 0).contains(QStringLiteral("Describe the drive")));
        bench.type(QStringLiteral("d"));
        for (const char* typed : {"44", "belt", "against", "2", "-4 4", "14 15", "12 2", "1 2 -1",
                                  "30", "20 cam", "exhaust"})
            bench.type(QLatin1String(typed));
        const Drive d = bench.onDisk().engine.drive;
        QCOMPARE(d.teeth, 44);
        QVERIFY(d.kind == DriveKind::Belt);
        QVERIFY(d.against);
        QCOMPARE(d.keyways, 2);
        QCOMPARE(d.crankKeyways_deg, (std::vector<double>{-4.0, 4.0}));
        QCOMPARE(d.vernierWheel, 14);
        QCOMPARE(d.vernierHub, 15);
        QCOMPARE(d.slot_deg, 12.0);
        QCOMPARE(d.slotLine_deg, 2.0);
        QCOMPARE(d.bushes_deg, (std::vector<double>{1.0, 2.0, -1.0}));
        QCOMPARE(d.boltRadius_mm, 30.0);
        QCOMPARE(d.phaser_deg, 40.0);
        QVERIFY(d.pulledFirst == Side::Exhaust);
        // The target follows in the same list.
        QVERIFY(bench.text("ask").startsWith(QStringLiteral("Set it to")));
        bench.key(Qt::Key_Down);
        bench.key(Qt::Key_Down);
        bench.key(Qt::Key_Down);
        bench.type(QStringLiteral("ivc 38"));
        const Target t = bench.onDisk().trial.target;
        QVERIFY(t.kind == TargetKind::EventAt);
        QVERIFY(t.event == Event::IntakeCloses);
        QCOMPARE(t.event_deg, 38.0);
        // An offset key by its offset and its shaft: 30 degrees of the cam, 60 of the crank.
        bench.key(Qt::Key_Escape);
        bench.type(QStringLiteral("d"));
        for (int i = 0; i < 7; ++i)
            bench.key(Qt::Key_Down);
        QVERIFY2(bench.text("ask").startsWith(QStringLiteral("Bushes")),
                 qPrintable(bench.text("ask")));
        bench.type(QStringLiteral("1 6@12"));
        QCOMPARE(bench.onDisk().engine.drive.bushes_deg.size(), std::size_t(2));
        QVERIFY(std::abs(bench.onDisk().engine.drive.bushes_deg[1] - 60.0) < 1e-9);
        // A drive that cannot be keeps what stands.
        bench.key(Qt::Key_Escape);
        bench.type(QStringLiteral("d"));
        bench.type(QStringLiteral("5"));
        QVERIFY(bench.text("echo").contains(QStringLiteral("8 to 400")));
        QCOMPARE(bench.onDisk().engine.drive.teeth, 44);
    }

    void twoCamsApartAndTogether() {
        Bench bench(true);
        open(bench, 1);
        QVERIFY(slide(bench, Side::Exhaust)->isVisible());
        bench.type(QStringLiteral("4"));
        QCOMPARE(slide(bench)->value(), 4.0);
        QCOMPARE(slide(bench, Side::Exhaust)->value(), 0.0);
        const QString apart = outcome(bench);
        bench.type(QStringLiteral("t"));
        bench.type(QStringLiteral("6"));
        QCOMPARE(slide(bench)->value(), 6.0);
        QCOMPARE(slide(bench, Side::Exhaust)->value(), 2.0);
        QVERIFY(outcome(bench) != apart);
        // The cam the crank pulls first is named first; each keeps its own move.
        const QString steps = bench.text("setSteps");
        QVERIFY(steps.indexOf(QStringLiteral("exhaust cam wheel")) <
                steps.indexOf(QStringLiteral("intake cam wheel")));
        bench.type(QStringLiteral("made both"));
        const CamMove c = bench.onDisk().changes.at(0);
        QCOMPARE(c.made.intake->slot_deg, 6.0);
        QCOMPARE(c.made.exhaust->slot_deg, 2.0);
        QVERIFY(bench.text("setNotes").contains(QStringLiteral("off head and block")));
    }

    void aClickOnTheEmptyListAsksForTheDrive() {
        Bench bench;
        bench.session().newJob(QStringLiteral("new"));
        bench.window().go(stations::set);
        auto* list = bench.find<app::RowList>("setChoices");
        QTest::mouseClick(list->viewport(), Qt::LeftButton, {},
                          list->visualItemRect(list->item(0)).center());
        QVERIFY2(bench.text("ask").startsWith(QStringLiteral("Teeth")),
                 qPrintable(bench.text("ask")));
    }

    void withoutMarksStepByStep() {
        Bench bench(true);
        open(bench, 0);
        bench.type(QStringLiteral("w"));
        QVERIFY(bench.find<QLabel>("withoutMarks")->isVisible());
        QVERIFY(bench.text("withoutMarks").contains(QStringLiteral("level 4° before TDC")));
        // Enter goes on from step to step; the last asks where they are level.
        QVERIFY(bench.text("ask").startsWith(QStringLiteral("step 1 of 6")));
        QVERIFY(bench.text("withoutMarks").startsWith(QStringLiteral("<b>1.")));
        for (int i = 0; i < 5; ++i)
            bench.key(Qt::Key_Return);
        QCOMPARE(bench.text("ask"), QStringLiteral("level where?"));
        bench.keys(QStringLiteral("12"));
        QVERIFY2(bench.text("echo").contains(QStringLiteral("1 tooth clockwise")),
                 qPrintable(bench.text("echo")));
        bench.key(Qt::Key_Return);
        bench.type(QStringLiteral("-2"));
        QVERIFY(bench.text("echo").contains(QStringLiteral("on the right tooth")));
        bench.key(Qt::Key_Escape);
        QCOMPARE(bench.text("ask"), QStringLiteral("advance to try?"));
    }

    void demoShowsAWrongTurnFoundOut() {
        Bench bench(true);
        open(bench, 3);
        bench.type(QStringLiteral("h"));
        const QString history = bench.text("setHistory");
        QVERIFY2(history.contains(QStringLiteral("the wrong way")), qPrintable(history));
        QVERIFY(history.contains(QStringLiteral("as it was meant to")));
        QVERIFY(history.contains(QStringLiteral("second stripe of paint")));
        QVERIFY(stations::set.progress(bench.session().job(), bench.session().findings()) ==
                Progress::Done);
    }

    void photoThatIsNotThere() {
        Bench bench(true);
        open(bench, 3);
        bench.type(QStringLiteral("photo /nowhere/at-all.png"));
        QVERIFY(bench.text("echo").contains(QStringLiteral("no such file")));
        bench.line()->clear();
        const QString file = bench.paths().preferences;
        QFile made(file);
        QVERIFY(made.open(QIODevice::Append));
        bench.type(QStringLiteral("photo ") + file);
        // It is copied beside the book, and outlives where it came from.
        const QString kept = QString::fromStdString(bench.onDisk().changes.back().photo);
        QVERIFY(kept.startsWith(QStringLiteral("photos/")));
        const QString copy =
            QFileInfo(bench.session().book().path()).absolutePath() + QLatin1Char('/') + kept;
        QVERIFY(QFileInfo(copy).isFile());
        QVERIFY(copy != file);
        // Another of the same name stands beside it; taken back, the first is there still.
        QVERIFY(made.write("more") == 4 && made.flush());
        bench.type(QStringLiteral("photo ") + file);
        const QString other = QString::fromStdString(bench.onDisk().changes.back().photo);
        QVERIFY(other != kept);
        bench.session().undo();
        QCOMPARE(QString::fromStdString(bench.onDisk().changes.back().photo), kept);
        QVERIFY(QFileInfo(copy).isFile());
        // A note afterwards leaves it where it is.
        bench.type(QStringLiteral("note seen"));
        QCOMPARE(QString::fromStdString(bench.onDisk().changes.back().photo), kept);
        QVERIFY(QFileInfo(copy).isFile());
    }
};

QTEST_MAIN(TestSetStation)
#include "test_set.moc"
