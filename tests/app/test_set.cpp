// The Set station in the real window: the demo's late cam set right and measured again, one turned
// the wrong way, two cams apart and together, and the drive described by keyboard.
#include "app/pictures/slide.h"
#include "app/style/figure_table.h"
#include "app_fixture.h"
#include "core/examine/examine.h"
#include "core/job/job.h"
#include "core/lobe/run.h"
#include "support/program.h"
#include "words/setting.h"

#include <cmath>

namespace test_set {

using namespace lobe;
using fixture::Rig;

namespace {

void open(Rig& rig, std::size_t job) {
    rig.session().openJob(rig.session().book().jobs()[job].id);
    rig.window().go(stations::set);
}

app::Slide* slide(Rig& rig, Side side = Side::Intake) {
    return rig.find<app::Slide>(side == Side::Intake ? "slideIntake" : "slideExhaust");
}

QString outcome(Rig& rig) {
    return rig.find<app::FigureTable>("setOutcome")->text();
}

QString choice(Rig& rig, int row) {
    return rig.find<app::RowList>("setChoices")->row(row).title;
}

/// Takes both lobes of cylinder 1 again through the entry line, as they read with the cam turned
/// on by so much since the runs that stand on disk.
void measureAgain(Rig& rig, double advanced) {
    for (Side side : {Side::Intake, Side::Exhaust}) {
        // The curve of before, kept while the new readings come in.
        const Job before = rig.onDisk();
        const Findings found = examine(before);
        const CylinderFindings& c = found.cylinders.front();
        const LobeFigures& lobe = found.of(c, side)->lobe;
        rig.session().select(1, side);
        rig.window().go(stations::lobes);
        const RunConditions conditions = nextConditions(before, 1, side);
        for (double d = conditions.from.deg; d <= conditions.to.deg + 1e-9;
             d += conditions.step_deg)
            rig.type(QString::number(lobe.liftAt({d + advanced}, conditions.taken), 'f', 2));
    }
    rig.session().select(1, Side::Intake);
    rig.window().go(stations::set);
}

} // namespace

class TestSetStation : public QObject {
    Q_OBJECT
private slots:
    void lateCamIsSetRightAndMeasuredAgain() {
        Rig rig(true);
        open(rig, 0);
        QVERIFY2(rig.text("setVerdict").contains(QStringLiteral("2° earlier")),
                 qPrintable(rig.text("setVerdict")));
        // The best choice is the first: the bush worth two degrees.
        rig.key(Qt::Key_Down);
        QCOMPARE(choice(rig, 0), QStringLiteral("bush +2.0"));
        QCOMPARE(slide(rig)->value(), 2.0);
        QVERIFY(rig.text("setSteps").contains(QStringLiteral("worth 2°")));
        QVERIFY(outcome(rig).contains(QStringLiteral("intake centre\t106.0\t104.0")));
        rig.type(QStringLiteral("made paint on the bush, keyway 1"));
        Job job = rig.onDisk();
        QCOMPARE(job.changes.size(), std::size_t(1));
        QCOMPARE(job.changes[0].made.intake->bush_deg, 2.0);
        QCOMPARE(job.changes[0].marks, std::string("paint on the bush, keyway 1"));
        QVERIFY(job.changes[0].time_ms > 0);
        QVERIFY(std::abs(*job.changes[0].wanted_deg.intake - 2.0) < 0.2);
        QVERIFY(rig.text("setHistory").contains(QStringLiteral("measure it again")));
        QCOMPARE(slide(rig)->value(), 0.0);
        rig.type(QStringLiteral("note looked through the plug hole"));
        QCOMPARE(rig.onDisk().changes[0].note, std::string("looked through the plug hole"));

        measureAgain(rig, 2.0);
        job = rig.onDisk();
        // The old readings stay with the cam as it was found.
        QCOMPARE(job.runs.size(), std::size_t(4));
        QCOMPARE(job.runs[0].terms.afterMove, 0);
        QCOMPARE(job.runs[2].terms.afterMove, 1);
        QVERIFY2(rig.text("setHistory").contains(QStringLiteral("as it was meant to")),
                 qPrintable(rig.text("setHistory")));
        QVERIFY2(rig.text("setVerdict").contains(QStringLiteral("leave it")) ||
                     rig.text("setVerdict").contains(QStringLiteral("stands right")),
                 qPrintable(rig.text("setVerdict")));
        QVERIFY(stations::set.progress(rig.session().job(), rig.session().findings()) ==
                Progress::Done);
    }

    void turnedTheWrongWayIsSaid() {
        Rig rig(true);
        open(rig, 0);
        rig.key(Qt::Key_Down);
        rig.type(QStringLiteral("made"));
        measureAgain(rig, -2.0);
        const QString history = rig.text("setHistory");
        QVERIFY2(history.contains(QStringLiteral("the wrong way, 2° later instead of 2° earlier")),
                 qPrintable(history));
        QVERIFY(stations::set.progress(rig.session().job(), rig.session().findings()) ==
                Progress::LookAgain);
        QVERIFY(rig.text("setVerdict").contains(QStringLiteral("4° earlier")));
    }

    void nothingIsKeptWhereNothingIsMoved() {
        Rig rig(true);
        open(rig, 0);
        rig.type(QStringLiteral("made chalk"));
        QVERIFY(rig.text("echo").contains(QStringLiteral("Nothing is moved")));
        QCOMPARE(rig.line()->text(), QStringLiteral("made chalk"));
        QVERIFY(rig.onDisk().changes.empty());
        rig.line()->clear();
        // A note has no change to go with: it goes into the record.
        rig.type(QStringLiteral("note before any change"));
        QCOMPARE(rig.onDisk().log.back().text, std::string("before any change"));
        rig.type(QStringLiteral("90"));
        QVERIFY(rig.text("echo").contains(QStringLiteral("ends at 15")));
    }

    // Without a word about the drive: that the cam was moved can be kept all the same.
    void aDriveThatIsNotDescribed() {
        Rig rig(true);
        open(rig, 0);
        Engine e = rig.session().job().engine;
        e.drive = Drive{};
        rig.session().keep(book::SetEngine{e});
        rig.type(QStringLiteral("2.3"));
        QCOMPARE(slide(rig)->value(), 2.3);
        QVERIFY2(rig.text("setSteps").contains(QStringLiteral("clockwise by 2.3° crank")),
                 qPrintable(rig.text("setSteps")));
        rig.type(QStringLiteral("made by eye"));
        const CamMove c = rig.onDisk().changes.at(0);
        QCOMPARE(c.made.intake->total_deg, 2.3);
        QCOMPARE(c.made.intake->changes(), 0);
        QVERIFY(rig.text("setHistory").contains(QStringLiteral("2.3° earlier")));
    }

    void undoneAndDoneAgain() {
        Rig rig(true);
        open(rig, 0);
        rig.key(Qt::Key_Down);
        rig.type(QStringLiteral("made"));
        QCOMPARE(rig.onDisk().changes.size(), std::size_t(1));
        rig.session().undo();
        QVERIFY(rig.onDisk().changes.empty());
        rig.session().redo();
        QCOMPARE(rig.onDisk().changes.size(), std::size_t(1));
    }

    void slideStopsWhereTheDriveCanGo() {
        Rig rig(true);
        open(rig, 0);
        rig.type(QStringLiteral("2.4"));
        QCOMPARE(slide(rig)->value(), 2.0);
        slide(rig)->setFocus();
        QTest::keyClick(slide(rig), Qt::Key_Right);
        QCOMPARE(slide(rig)->value(), 3.0);
        QTest::keyClick(slide(rig), Qt::Key_Right);
        // Three keyways on 40 teeth are 6 degrees a step, less the bush of two.
        QCOMPARE(slide(rig)->value(), 4.0);
        QVERIFY(rig.text("setSteps").contains(QStringLiteral("next keyway")));
    }

    // Down goes through all of them, past the one that moves nothing; the slide and the list agree.
    void listAndSlideGoTogether() {
        Rig rig(true);
        open(rig, 0);
        auto* list = rig.find<app::RowList>("setChoices");
        for (int i = 0; i < 6; ++i) {
            rig.key(Qt::Key_Down);
            QVERIFY(list->row(i).marked);
            QCOMPARE(QString::number(slide(rig)->value(), 'f', 2).remove(QLatin1Char('-')),
                     QString(list->row(i).value)
                         .remove(QLatin1Char('+'))
                         .remove(QChar(0x2212))
                         .remove(QChar(0xB0)));
        }
        // Moved by hand, the row that does it is marked; where none does, none.
        rig.type(QStringLiteral("3"));
        int marked = -1;
        for (int i = 0; i < list->count(); ++i)
            if (list->row(i).marked) marked = i;
        QVERIFY(marked >= 0);
        QVERIFY(list->row(marked).value.contains(QStringLiteral("3.00")));
        rig.type(QStringLiteral("0"));
        for (int i = 0; i < list->count(); ++i)
            QVERIFY(!list->row(i).marked);
    }

    void bothThemesInchesAndASmallWindowInTheMiddle() {
        Rig rig(true);
        open(rig, 0);
        rig.key(Qt::Key_Down);
        rig.keys(QStringLiteral("1."));
        rig.window().resize(1024, 700);
        rig.look().setDark(true);
        rig.look().setInches(true);
        QApplication::processEvents();
        // What was half typed and where the slide stood are still there.
        QCOMPARE(rig.line()->text(), QStringLiteral("1."));
        QCOMPARE(slide(rig)->value(), 2.0);
        rig.line()->clear();
        rig.type(QStringLiteral("made in the dark"));
        // Closed in the middle of it and opened again: the change is kept, the lobes still wanted.
        rig.restart(true);
        open(rig, 0);
        QCOMPARE(rig.onDisk().changes.size(), std::size_t(1));
        QVERIFY(rig.text("setVerdict").contains(QStringLiteral("measure it again")));
        QVERIFY(rig.text("setHistory").contains(QStringLiteral("in the dark")));
    }

    void driveIsDescribedByKeyboard() {
        Rig rig;
        rig.session().newJob(QStringLiteral("new"));
        rig.window().go(stations::set);
        QVERIFY(choice(rig, 0).contains(QStringLiteral("Describe the drive")));
        rig.type(QStringLiteral("d"));
        for (const char* typed : {"44", "belt", "against", "2", "-4 4", "14 15", "12 2", "1 2 -1",
                                  "30", "20 cam", "exhaust"})
            rig.type(QLatin1String(typed));
        const Drive d = rig.onDisk().engine.drive;
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
        QVERIFY(rig.text("ask").startsWith(QStringLiteral("Set it to")));
        rig.key(Qt::Key_Down);
        rig.key(Qt::Key_Down);
        rig.key(Qt::Key_Down);
        rig.type(QStringLiteral("ivc 38"));
        const Target t = rig.onDisk().trial.target;
        QVERIFY(t.kind == TargetKind::EventAt);
        QVERIFY(t.event == Event::IntakeCloses);
        QCOMPARE(t.event_deg, 38.0);
        // An offset key by its offset and its shaft: 30 degrees of the cam, 60 of the crank.
        rig.key(Qt::Key_Escape);
        rig.type(QStringLiteral("d"));
        for (int i = 0; i < 7; ++i)
            rig.key(Qt::Key_Down);
        QVERIFY2(rig.text("ask").startsWith(QStringLiteral("Bushes")), qPrintable(rig.text("ask")));
        rig.type(QStringLiteral("1 6@12"));
        QCOMPARE(rig.onDisk().engine.drive.bushes_deg.size(), std::size_t(2));
        QVERIFY(std::abs(rig.onDisk().engine.drive.bushes_deg[1] - 60.0) < 1e-9);
        // A drive that cannot be keeps what stands.
        rig.key(Qt::Key_Escape);
        rig.type(QStringLiteral("d"));
        rig.type(QStringLiteral("5"));
        QVERIFY(rig.text("echo").contains(QStringLiteral("8 to 400")));
        QCOMPARE(rig.onDisk().engine.drive.teeth, 44);
    }

    void twoCamsApartAndTogether() {
        Rig rig(true);
        open(rig, 1);
        QVERIFY(slide(rig, Side::Exhaust)->isVisible());
        rig.type(QStringLiteral("4"));
        QCOMPARE(slide(rig)->value(), 4.0);
        QCOMPARE(slide(rig, Side::Exhaust)->value(), 0.0);
        const QString apart = outcome(rig);
        rig.type(QStringLiteral("t"));
        rig.type(QStringLiteral("6"));
        QCOMPARE(slide(rig)->value(), 6.0);
        QCOMPARE(slide(rig, Side::Exhaust)->value(), 2.0);
        QVERIFY(outcome(rig) != apart);
        // The cam the crank pulls first is named first; each keeps its own move.
        const QString steps = rig.text("setSteps");
        QVERIFY(steps.indexOf(QStringLiteral("exhaust cam wheel")) <
                steps.indexOf(QStringLiteral("intake cam wheel")));
        rig.type(QStringLiteral("made both"));
        const CamMove c = rig.onDisk().changes.at(0);
        QCOMPARE(c.made.intake->slot_deg, 6.0);
        QCOMPARE(c.made.exhaust->slot_deg, 2.0);
        QVERIFY(rig.text("setNotes").contains(QStringLiteral("off head and block")));
    }

    void aClickOnTheEmptyListAsksForTheDrive() {
        Rig rig;
        rig.session().newJob(QStringLiteral("new"));
        rig.window().go(stations::set);
        auto* list = rig.find<app::RowList>("setChoices");
        QTest::mouseClick(list->viewport(), Qt::LeftButton, {}, list->rowRect(0).center());
        QVERIFY2(rig.text("ask").startsWith(QStringLiteral("Teeth")), qPrintable(rig.text("ask")));
    }

    void withoutMarksStepByStep() {
        Rig rig(true);
        open(rig, 0);
        rig.type(QStringLiteral("w"));
        QVERIFY(rig.find<QLabel>("withoutMarks")->isVisible());
        QVERIFY(rig.text("withoutMarks").contains(QStringLiteral("level 4° before TDC")));
        // Enter goes on from step to step; the last asks where they are level.
        QVERIFY(rig.text("ask").startsWith(QStringLiteral("step 1 of 8")));
        QVERIFY(rig.text("withoutMarks").startsWith(QStringLiteral("<b>1.")));
        for (int i = 0; i < 7; ++i)
            rig.key(Qt::Key_Return);
        QCOMPARE(rig.text("ask"), QStringLiteral("level where?"));
        rig.keys(QStringLiteral("12"));
        QVERIFY2(rig.text("echo").contains(QStringLiteral("1 tooth clockwise")),
                 qPrintable(rig.text("echo")));
        rig.key(Qt::Key_Return);
        rig.type(QStringLiteral("-2"));
        QVERIFY(rig.text("echo").contains(QStringLiteral("on the right tooth")));
        rig.key(Qt::Key_Escape);
        QCOMPARE(rig.text("ask"), QStringLiteral("advance to try?"));
    }

    void demoShowsAWrongTurnFoundOut() {
        Rig rig(true);
        open(rig, 3);
        rig.type(QStringLiteral("h"));
        const QString history = rig.text("setHistory");
        QVERIFY2(history.contains(QStringLiteral("the wrong way")), qPrintable(history));
        QVERIFY(history.contains(QStringLiteral("as it was meant to")));
        QVERIFY(history.contains(QStringLiteral("second stripe of paint")));
        QVERIFY(stations::set.progress(rig.session().job(), rig.session().findings()) ==
                Progress::Done);
    }

    void photoThatIsNotThere() {
        Rig rig(true);
        open(rig, 3);
        rig.type(QStringLiteral("photo /nowhere/at-all.png"));
        QVERIFY(rig.text("echo").contains(QStringLiteral("no such file")));
        rig.line()->clear();
        const QString file = rig.paths().data + QStringLiteral("/marks.png");
        QFile made(file);
        QVERIFY(made.open(QIODevice::Append) && made.write("\x89PNG\r\n") > 0 && made.flush());
        rig.type(QStringLiteral("photo ") + file);
        // It is copied beside the book, and outlives where it came from.
        const QString kept = QString::fromStdString(rig.onDisk().changes.back().photo);
        QVERIFY(kept.startsWith(QStringLiteral("photos/")));
        const QString copy =
            QFileInfo(rig.session().book().path()).absolutePath() + QLatin1Char('/') + kept;
        QVERIFY(QFileInfo(copy).isFile());
        QVERIFY(copy != file);
        // Another of the same name stands beside it; taken back, the first is there still.
        QVERIFY(made.write("more") == 4 && made.flush());
        rig.type(QStringLiteral("photo ") + file);
        const QString other = QString::fromStdString(rig.onDisk().changes.back().photo);
        QVERIFY(other != kept);
        rig.session().undo();
        QCOMPARE(QString::fromStdString(rig.onDisk().changes.back().photo), kept);
        QVERIFY(QFileInfo(copy).isFile());
        // A note afterwards leaves it where it is.
        rig.type(QStringLiteral("note seen"));
        QCOMPARE(QString::fromStdString(rig.onDisk().changes.back().photo), kept);
        QVERIFY(QFileInfo(copy).isFile());
    }
};

AMBER_TEST(TestSetStation)

} // namespace test_set

#include "test_set.moc"
