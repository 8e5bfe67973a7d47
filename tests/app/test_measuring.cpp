// At the engine: a job from nothing, by keyboard; a run with a mistake in it; close and reopen.
#include "app_fixture.h"
#include "core/job/job.h"

#include "simulated/closed_lobes.h"
#include "support/program.h"

namespace test_measuring {

using namespace lobe;
using fixture::Rig;

namespace {

std::vector<Reading> live(const LiftRun& run) {
    std::vector<Reading> out;
    for (const Reading& r : run.readings)
        if (!r.struck) out.push_back(r);
    return out;
}

} // namespace

class TestMeasuring : public QObject {
    Q_OBJECT
private slots:
    void fromNothingToTheFirstReadings() {
        Rig rig;
        QVERIFY(rig.find<QWidget>("welcome")->isVisible());
        rig.type(QStringLiteral("Motor 8"));
        QTRY_VERIFY(rig.find<QWidget>("engineStation")->isVisible());
        // The facts of the engine, one after the other.
        for (const char* fact :
             {"Skerry Four", "4",    "90",          "78",    "142", "2",  "1",  "1", "1.5", "1.5",
              "0.30",        "0.35", "Drumlin 276", "1.27t", "12",  "40", "52", "4", "7.2", "7.05"})
            rig.type(QLatin1String(fact));
        // What follows from these is shown as such, and passed by.
        for (int i = 0; i < 15; ++i)
            rig.type(QString());
        QTRY_VERIFY(rig.find<QWidget>("tdcStation")->isVisible());
        Job job = rig.onDisk();
        QCOMPARE(job.engine.rod_mm, 142.0);
        QVERIFY(job.engine.rotation == Rotation::Anticlockwise);
        QCOMPARE(job.engine.ratio.exhaust, 1.5);
        QCOMPARE(job.engine.lash_mm.intake, 0.30);
        QCOMPARE(*job.card->events.evo, 52.0);
        QVERIFY(!job.card->centre.intake);
        // Two contacts as read; the instruction; a second pass.
        rig.type(QStringLiteral("31"));
        rig.type(QStringLiteral("26.5"));
        QVERIFY(rig.text("tdcVerdict")
                    .contains(QStringLiteral("Move the pointer 2.25° against rotation")));
        rig.type(QStringLiteral("28.7"));
        rig.type(QStringLiteral("28,8"));
        QVERIFY(rig.text("tdcVerdict").contains(QStringLiteral("proved")));
        QCOMPARE(rig.onDisk().contacts.size(), std::size_t(4));
        QCOMPARE(rig.onDisk().contacts[0].at.deg, -31.0);
        // Lifts: only the lift is typed.
        rig.key(Qt::Key_3, Qt::ControlModifier);
        QTRY_VERIFY(rig.find<QWidget>("lobesStation")->isVisible());
        for (const char* lift : {"0", "0", "0.01", "0,02"})
            rig.type(QLatin1String(lift));
        job = rig.onDisk();
        QCOMPARE(job.runs.size(), std::size_t(1));
        QCOMPARE(job.runs[0].readings.size(), std::size_t(4));
        QCOMPARE(job.runs[0].readings[3].at.deg, -55.0);
        QCOMPARE(job.runs[0].readings[3].value_mm, 0.02);
        QCOMPARE(QString::fromStdString(job.runs[0].readings[3].typed), QStringLiteral("0,02"));
        QCOMPARE(job.runs[0].terms.lash_mm, 0.30);
    }

    void aWholeRunWithAMistake() {
        Rig rig(true);
        rig.session().openJob(rig.session().book().jobs()[0].id);
        rig.window().go(stations::lobes);
        rig.session().select(2, Side::Intake);
        const auto truth = closed::power(106.0, 147.0, 7.2, 1.78);
        const auto lift = [&](double deg) { return QString::number(truth.at(deg), 'f', 2); };
        int typed = 0;
        for (double deg = -70.0; deg <= 280.0; deg += 5.0, ++typed) {
            // The digits of one lift get crossed.
            rig.type(deg == 60.0 ? QStringLiteral("5.06") : lift(deg));
            QVERIFY(rig.line()->text().isEmpty());
            QCOMPARE(static_cast<int>(live(rig.session().job().runs.back()).size()), typed + 1);
        }
        // It is named by its angle, and the run sends back to it.
        QVERIFY2(rig.text("advice").contains(QStringLiteral("60° after TDC")),
                 qPrintable(rig.text("advice")));
        QCOMPARE(rig.text("turnTo"), QStringLiteral("60°"));
        rig.type(lift(60.0));
        const Job job = rig.onDisk();
        const LiftRun& run = job.runs.back();
        QCOMPARE(run.readings.size(), std::size_t(72));
        int struck = 0;
        for (const Reading& r : run.readings)
            if (r.struck) {
                ++struck;
                QCOMPARE(r.at.deg, 60.0);
                QCOMPARE(r.value_mm, 5.06);
            }
        QCOMPARE(struck, 1);
        QCOMPARE(rig.text("turnTo"), QStringLiteral("done"));
        const RunFindings* f = rig.session().findings().run(run.id);
        QVERIFY(std::abs(f->lobe.centres.equalDrop->deg - 106.0) < 0.2);
        // Enter goes on to the exhaust lobe.
        rig.key(Qt::Key_Return);
        QVERIFY(rig.session().side() == Side::Exhaust);
    }

    void strikeUndoRedoUnitsCloseReopen() {
        Rig rig(true);
        rig.session().openJob(rig.session().book().jobs()[0].id);
        rig.window().go(stations::lobes);
        rig.session().select(3, Side::Exhaust);
        for (const char* lift : {"0", "0.05", "0.2"})
            rig.type(QLatin1String(lift));
        const auto readings = [&] { return rig.onDisk().runs.back().readings; };
        QCOMPARE(rig.text("turnTo"), QStringLiteral("90°"));
        // Backspace in the empty line strikes the last and goes back to its angle.
        rig.key(Qt::Key_Backspace);
        QVERIFY(readings()[2].struck);
        QCOMPARE(rig.text("turnTo"), QStringLiteral("85°"));
        rig.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(!readings()[2].struck);
        rig.key(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(readings()[2].struck);
        // In inches, whole numbers are thousandths; what is stored does not change.
        const double before = readings()[1].value_mm;
        rig.key(Qt::Key_U, Qt::ControlModifier);
        QVERIFY(rig.look().inches());
        rig.type(QStringLiteral("10"));
        QCOMPARE(readings()[1].value_mm, before);
        QVERIFY(std::abs(readings()[3].value_mm - 0.254) < 1e-12);
        QVERIFY(rig.text("lastReading").contains(QStringLiteral("0.0100 in")));
        rig.key(Qt::Key_L, Qt::ControlModifier);
        QVERIFY(rig.look().dark());
        // Half a reading is in the line when the window closes; nobody asks, nothing logged is
        // lost.
        rig.keys(QStringLiteral("0.0"));
        rig.restart(true);
        QVERIFY(rig.look().inches());
        QVERIFY(rig.look().dark());
        QVERIFY(rig.find<QWidget>("lobesStation")->isVisible());
        QCOMPARE(QString::fromStdString(rig.session().job().name),
                 QStringLiteral("Skerry Four · race motor 7"));
        QCOMPARE(readings().size(), std::size_t(4));
        QVERIFY(readings()[2].struck);
        // Undo still knows what was done before closing.
        rig.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(readings().size(), std::size_t(3));
    }

    void badTypingLosesNothing() {
        Rig rig(true);
        rig.session().select(3, Side::Intake);
        rig.window().go(stations::lobes);
        const std::size_t runs = rig.session().job().runs.size();
        for (const char* wrong : {"eight", "873", "1.2.3", "75q"}) {
            rig.type(QLatin1String(wrong));
            QCOMPARE(rig.line()->text(), QLatin1String(wrong));
            QVERIFY(rig.text("echo").size() > 10);
            QCOMPARE(rig.onDisk().runs.size(), runs);
            rig.key(Qt::Key_Escape);
            QVERIFY(rig.line()->text().isEmpty());
        }
    }

    void echoSaysHowTheKeysAreUnderstood() {
        Rig rig(true);
        rig.session().select(3, Side::Intake);
        rig.window().go(stations::lobes);
        rig.keys(QStringLiteral("8,73"));
        QCOMPARE(rig.text("echo"), QStringLiteral("reads as 8.730 mm"));
        rig.key(Qt::Key_Escape);
        rig.keys(QStringLiteral("20b 0.5"));
        QCOMPARE(rig.text("echo"), QStringLiteral("20° before TDC: 0.500 mm"));
    }

    // Typed in another unit it is shown as it was typed, beside what it is.
    void shownAsItWasTyped() {
        Rig rig(true);
        rig.session().select(3, Side::Intake);
        rig.window().go(stations::lobes);
        rig.type(QStringLiteral("0.02"));
        rig.type(QStringLiteral("1.5 thou"));
        auto* log = static_cast<app::RowList*>(rig.find<QWidget>("readingLog"));
        QCOMPARE(log->row(0).note, QString());
        QCOMPARE(log->row(1).value, QStringLiteral("0.038"));
        QCOMPARE(log->row(1).note, QStringLiteral("1.5 thou"));
        // An event from the bottom is counted from there.
        rig.type(QStringLiteral("events 1.27 repeat 1"));
        rig.type(QStringLiteral("11b"));
        rig.type(QStringLiteral("46ab"));
        QVERIFY2(log->row(log->count() - 1).value.contains(QStringLiteral("46\u00B0 ABDC")),
                 qPrintable(log->row(log->count() - 1).value));
    }

    void anyAngleAnyStep() {
        Rig rig(true);
        rig.session().select(4, Side::Intake);
        rig.window().go(stations::lobes);
        rig.type(QStringLiteral("40b"));
        QCOMPARE(rig.text("turnTo"), QStringLiteral("40°"));
        rig.type(QStringLiteral("0.1"));
        rig.type(QStringLiteral("step 2.5"));
        QCOMPARE(rig.text("turnTo"), QStringLiteral("37.5°"));
        rig.type(QStringLiteral("0.2"));
        rig.click("step10");
        rig.line()->setFocus();
        rig.type(QStringLiteral("0.9"));
        rig.type(QStringLiteral("75a 6.5"));
        rig.key(Qt::Key_Down);
        rig.type(QStringLiteral("7"));
        const auto r = rig.onDisk().runs.back().readings;
        const double wanted[] = {-40.0, -37.5, -27.5, 75.0, 95.0};
        QCOMPARE(r.size(), std::size(wanted));
        for (std::size_t i = 0; i < r.size(); ++i)
            QCOMPARE(r[i].at.deg, wanted[i]);
    }

    void strikeAnyReadingWithAReason() {
        Rig rig(true);
        rig.session().openJob(rig.session().book().jobs()[0].id);
        rig.session().select(1, Side::Exhaust);
        rig.window().go(stations::lobes);
        auto* log = rig.find<app::RowList>("readingLog");
        log->setFocus();
        log->setCurrentRow(12);
        const qint64 id = log->currentId();
        rig.key(Qt::Key_Delete);
        QTRY_VERIFY(rig.line()->hasFocus());
        QVERIFY(rig.text("ask").startsWith(QStringLiteral("why strike")));
        rig.type(QStringLiteral("stand was knocked"));
        for (const LiftRun& run : rig.onDisk().runs)
            for (const Reading& r : run.readings)
                if (r.id == id)
                    QCOMPARE(QString::fromStdString(r.struck->reason),
                             QStringLiteral("stand was knocked"));
        // Still legible in the log.
        QVERIFY(log->row(12).struck);
        QCOMPARE(log->row(12).note, QStringLiteral("stand was knocked"));
    }

    void otherWindowsReadingsAppear() {
        Rig rig(true);
        rig.window().go(stations::lobes);
        auto opened = book::Book::open(rig.session().book().path());
        auto& other = *std::get<std::unique_ptr<book::Book>>(opened);
        LiftRun run;
        run.cylinder = 4;
        run.side = Side::Exhaust;
        other.record(rig.session().job().id, book::AddSeries{run});
        const std::size_t before = rig.session().job().runs.size();
        rig.session().lookForChanges();
        QCOMPARE(rig.session().job().runs.size(), before + 1);
    }
};

AMBER_TEST(TestMeasuring)

} // namespace test_measuring

#include "test_measuring.moc"
