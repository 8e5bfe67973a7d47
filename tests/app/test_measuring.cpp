// At the engine: a job from nothing, by keyboard; a run with a mistake in it; close and reopen.
#include "app_fixture.h"

#include "support/closed_lobes.h"

#include <QListWidget>

using namespace lobe;
using fixture::Bench;

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
        Bench bench;
        QVERIFY(bench.find<QWidget>("welcome")->isVisible());
        bench.type(QStringLiteral("Motor 8"));
        QTRY_VERIFY(bench.find<QWidget>("engineStation")->isVisible());
        // The facts of the engine, one after the other.
        for (const char* fact :
             {"Skerry Four", "4",    "90",          "78",    "142", "2",  "1",  "1", "1.5", "1.5",
              "0.30",        "0.35", "Drumlin 276", "1.27t", "12",  "40", "52", "4", "7.2", "7.05"})
            bench.type(QLatin1String(fact));
        // What follows from these is shown as such, and passed by.
        for (int i = 0; i < 15; ++i)
            bench.type(QString());
        QTRY_VERIFY(bench.find<QWidget>("tdcStation")->isVisible());
        Job job = bench.onDisk();
        QCOMPARE(job.engine.rod_mm, 142.0);
        QVERIFY(job.engine.rotation == Rotation::Anticlockwise);
        QCOMPARE(job.engine.ratio.exhaust, 1.5);
        QCOMPARE(job.engine.lash_mm.intake, 0.30);
        QCOMPARE(*job.card->events.evo, 52.0);
        QVERIFY(!job.card->centre.intake);
        // Two contacts as read; the instruction; a second pass.
        bench.type(QStringLiteral("31"));
        bench.type(QStringLiteral("26.5"));
        QVERIFY(bench.text("tdcVerdict")
                    .contains(QStringLiteral("Move the pointer 2.25° against rotation")));
        bench.type(QStringLiteral("28.7"));
        bench.type(QStringLiteral("28,8"));
        QVERIFY(bench.text("tdcVerdict").contains(QStringLiteral("proved")));
        QCOMPARE(bench.onDisk().contacts.size(), std::size_t(4));
        QCOMPARE(bench.onDisk().contacts[0].at.deg, -31.0);
        // Lifts: only the lift is typed.
        bench.key(Qt::Key_3, Qt::ControlModifier);
        QTRY_VERIFY(bench.find<QWidget>("lobesStation")->isVisible());
        for (const char* lift : {"0", "0", "0.01", "0,02"})
            bench.type(QLatin1String(lift));
        job = bench.onDisk();
        QCOMPARE(job.runs.size(), std::size_t(1));
        QCOMPARE(job.runs[0].readings.size(), std::size_t(4));
        QCOMPARE(job.runs[0].readings[3].at.deg, -55.0);
        QCOMPARE(job.runs[0].readings[3].lift_mm, 0.02);
        QCOMPARE(QString::fromStdString(job.runs[0].readings[3].typed), QStringLiteral("0,02"));
        QCOMPARE(job.runs[0].conditions.lash_mm, 0.30);
    }

    void aWholeRunWithAMistake() {
        Bench bench(true);
        bench.session().openJob(bench.session().book().jobs()[0].id);
        bench.window().go(stations::lobes);
        bench.session().select(2, Side::Intake);
        const auto truth = closed::power(106.0, 147.0, 7.2, 1.78);
        const auto lift = [&](double deg) { return QString::number(truth.at(deg), 'f', 2); };
        int typed = 0;
        for (double deg = -70.0; deg <= 280.0; deg += 5.0, ++typed) {
            // The digits of one lift get crossed.
            bench.type(deg == 60.0 ? QStringLiteral("5.06") : lift(deg));
            QVERIFY(bench.line()->text().isEmpty());
            QCOMPARE(static_cast<int>(live(bench.session().job().runs.back()).size()), typed + 1);
        }
        // It is named by its angle, and the run sends back to it.
        QVERIFY2(bench.text("advice").contains(QStringLiteral("60° after TDC")),
                 qPrintable(bench.text("advice")));
        QCOMPARE(bench.text("turnTo"), QStringLiteral("60°"));
        bench.type(lift(60.0));
        const Job job = bench.onDisk();
        const LiftRun& run = job.runs.back();
        QCOMPARE(run.readings.size(), std::size_t(72));
        int struck = 0;
        for (const Reading& r : run.readings)
            if (r.struck) {
                ++struck;
                QCOMPARE(r.at.deg, 60.0);
                QCOMPARE(r.lift_mm, 5.06);
            }
        QCOMPARE(struck, 1);
        QCOMPARE(bench.text("turnTo"), QStringLiteral("done"));
        const RunFindings* f = bench.session().findings().run(run.id);
        QVERIFY(std::abs(f->lobe.centres.equalDrop->deg - 106.0) < 0.2);
        // Enter goes on to the exhaust lobe.
        bench.key(Qt::Key_Return);
        QVERIFY(bench.session().side() == Side::Exhaust);
    }

    void strikeUndoRedoUnitsCloseReopen() {
        Bench bench(true);
        bench.session().openJob(bench.session().book().jobs()[0].id);
        bench.window().go(stations::lobes);
        bench.session().select(3, Side::Exhaust);
        for (const char* lift : {"0", "0.05", "0.2"})
            bench.type(QLatin1String(lift));
        const auto readings = [&] { return bench.onDisk().runs.back().readings; };
        QCOMPARE(bench.text("turnTo"), QStringLiteral("90°"));
        // Backspace in the empty line strikes the last and goes back to its angle.
        bench.key(Qt::Key_Backspace);
        QVERIFY(readings()[2].struck);
        QCOMPARE(bench.text("turnTo"), QStringLiteral("85°"));
        bench.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(!readings()[2].struck);
        bench.key(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(readings()[2].struck);
        // In inches, whole numbers are thousandths; what is stored does not change.
        const double before = readings()[1].lift_mm;
        bench.key(Qt::Key_U, Qt::ControlModifier);
        QVERIFY(bench.look().inches());
        bench.type(QStringLiteral("10"));
        QCOMPARE(readings()[1].lift_mm, before);
        QVERIFY(std::abs(readings()[3].lift_mm - 0.254) < 1e-12);
        QVERIFY(bench.text("lastReading").contains(QStringLiteral("0.0100 in")));
        bench.key(Qt::Key_L, Qt::ControlModifier);
        QVERIFY(bench.look().dark());
        // Half a reading is in the line when the window closes; nobody asks, nothing logged is
        // lost.
        bench.keys(QStringLiteral("0.0"));
        bench.restart(true);
        QVERIFY(bench.look().inches());
        QVERIFY(bench.look().dark());
        QVERIFY(bench.find<QWidget>("lobesStation")->isVisible());
        QCOMPARE(QString::fromStdString(bench.session().job().name),
                 QStringLiteral("Skerry Four · race motor 7"));
        QCOMPARE(readings().size(), std::size_t(4));
        QVERIFY(readings()[2].struck);
        // Undo still knows what was done before closing.
        bench.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(readings().size(), std::size_t(3));
    }

    void badTypingLosesNothing() {
        Bench bench(true);
        bench.session().select(3, Side::Intake);
        bench.window().go(stations::lobes);
        const std::size_t runs = bench.session().job().runs.size();
        for (const char* wrong : {"eight", "873", "1.2.3", "75q"}) {
            bench.type(QLatin1String(wrong));
            QCOMPARE(bench.line()->text(), QLatin1String(wrong));
            QVERIFY(bench.text("echo").size() > 10);
            QCOMPARE(bench.onDisk().runs.size(), runs);
            bench.key(Qt::Key_Escape);
            QVERIFY(bench.line()->text().isEmpty());
        }
    }

    void echoSaysHowTheKeysAreUnderstood() {
        Bench bench(true);
        bench.session().select(3, Side::Intake);
        bench.window().go(stations::lobes);
        bench.keys(QStringLiteral("8,73"));
        QCOMPARE(bench.text("echo"), QStringLiteral("reads as 8.730 mm"));
        bench.key(Qt::Key_Escape);
        bench.keys(QStringLiteral("20b 0.5"));
        QCOMPARE(bench.text("echo"), QStringLiteral("20° before TDC: 0.500 mm"));
    }

    void anyAngleAnyStep() {
        Bench bench(true);
        bench.session().select(4, Side::Intake);
        bench.window().go(stations::lobes);
        bench.type(QStringLiteral("40b"));
        QCOMPARE(bench.text("turnTo"), QStringLiteral("40°"));
        bench.type(QStringLiteral("0.1"));
        bench.type(QStringLiteral("step 2.5"));
        QCOMPARE(bench.text("turnTo"), QStringLiteral("37.5°"));
        bench.type(QStringLiteral("0.2"));
        bench.click("step10");
        bench.line()->setFocus();
        bench.type(QStringLiteral("0.9"));
        bench.type(QStringLiteral("75a 6.5"));
        bench.key(Qt::Key_Down);
        bench.type(QStringLiteral("7"));
        const auto r = bench.onDisk().runs.back().readings;
        const double wanted[] = {-40.0, -37.5, -27.5, 75.0, 95.0};
        QCOMPARE(r.size(), std::size(wanted));
        for (std::size_t i = 0; i < r.size(); ++i)
            QCOMPARE(r[i].at.deg, wanted[i]);
    }

    void strikeAnyReadingWithAReason() {
        Bench bench(true);
        bench.session().openJob(bench.session().book().jobs()[0].id);
        bench.session().select(1, Side::Exhaust);
        bench.window().go(stations::lobes);
        auto* log = bench.find<app::RowList>("readingLog");
        log->setFocus();
        log->setCurrentRow(12);
        const qint64 id = log->currentId();
        bench.key(Qt::Key_Delete);
        QTRY_VERIFY(bench.line()->hasFocus());
        QVERIFY(bench.text("ask").startsWith(QStringLiteral("why strike")));
        bench.type(QStringLiteral("stand was knocked"));
        for (const LiftRun& run : bench.onDisk().runs)
            for (const Reading& r : run.readings)
                if (r.id == id)
                    QCOMPARE(QString::fromStdString(r.struck->reason),
                             QStringLiteral("stand was knocked"));
        // Still legible in the log.
        QVERIFY(log->row(12).struck);
        QCOMPARE(log->row(12).note, QStringLiteral("stand was knocked"));
    }

    void otherWindowsReadingsAppear() {
        Bench bench(true);
        bench.window().go(stations::lobes);
        auto opened = book::Book::open(bench.session().book().path());
        auto& other = *std::get<std::unique_ptr<book::Book>>(opened);
        LiftRun run;
        run.cylinder = 4;
        run.side = Side::Exhaust;
        other.record(bench.session().job().id, book::AddRun{run});
        const std::size_t before = bench.session().job().runs.size();
        bench.session().lookForChanges();
        QCOMPARE(bench.session().job().runs.size(), before + 1);
    }
};

QTEST_MAIN(TestMeasuring)
#include "test_measuring.moc"
