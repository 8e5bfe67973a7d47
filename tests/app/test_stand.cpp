// At the stand: everything by keyboard, readable, within reach of a thumb.
#include "app/frame/stand.h"
#include "app/frame/top_bar.h"
#include "app_fixture.h"
#include "support/closed_lobes.h"

#include <QComboBox>
#include <QPushButton>
#include <QSignalSpy>

using namespace lobe;
using fixture::Bench;

class TestStand : public QObject {
    Q_OBJECT
private slots:
    void oneKeyThereAndBack() {
        Bench bench(true);
        bench.window().go(stations::lobes);
        auto* stand = bench.find<QWidget>("stand");
        QVERIFY(!stand->isVisible());
        bench.key(Qt::Key_F2);
        QVERIFY(stand->isVisible());
        QVERIFY(!bench.find<QWidget>("route")->isVisible());
        QVERIFY(bench.line()->hasFocus());
        // It is remembered.
        bench.restart(true);
        QVERIFY(bench.find<QWidget>("stand")->isVisible());
        bench.key(Qt::Key_F2);
        QVERIFY(!bench.find<QWidget>("stand")->isVisible());
        QVERIFY(bench.find<QWidget>("route")->isVisible());
    }

    void figuresAndTargetsAreBig() {
        Bench bench(true);
        bench.window().resize(1280, 800);
        bench.window().go(stations::lobes);
        bench.key(Qt::Key_F2);
        QApplication::processEvents();
        auto* stand = static_cast<app::Stand*>(bench.find<QWidget>("stand"));
        QVERIFY2(stand->figureHeight() >= 90, qPrintable(QString::number(stand->figureHeight())));
        for (auto* b : bench.window().findChildren<QPushButton*>())
            if (b->isVisible())
                QVERIFY2(b->height() >= 44 && b->width() >= 34,
                         qPrintable(b->text() + QString::number(b->height())));
        QVERIFY(bench.line()->height() >= 44);
        bench.window().resize(1024, 700);
        QApplication::processEvents();
        QCOMPARE(bench.window().size(), QSize(1024, 700));
        QVERIFY(stand->figureHeight() >= 70);
    }

    void aWholeTdcByKeyboard() {
        Bench bench(true);
        bench.session().newJob(QStringLiteral("stand job"));
        bench.window().go(stations::tdc);
        bench.key(Qt::Key_F2);
        bench.type(QStringLiteral("31"));
        // Overshot into the wrong reading: struck, typed again with the other side.
        bench.type(QStringLiteral("62"));
        bench.key(Qt::Key_Backspace);
        bench.type(QStringLiteral("26.5"));
        QVERIFY(bench.text("tdcVerdict").contains(QStringLiteral("2.25° against rotation")));
        bench.type(QStringLiteral("28.75"));
        bench.type(QStringLiteral("28.75"));
        QVERIFY(bench.text("tdcVerdict").contains(QStringLiteral("proved")));
        const Job job = bench.onDisk();
        QCOMPARE(job.contacts.size(), std::size_t(5));
        QVERIFY(job.contacts[1].struck);
        // Which top: the line asks what the verdict asks.
        QVERIFY(bench.text("ask").contains(QStringLiteral("overlap or firing")));
        bench.type(QStringLiteral("overlap"));
        QVERIFY(bench.onDisk().fitted.top == WhichTop::Overlap);
        QCOMPARE(bench.onDisk().contacts.size(), std::size_t(5));
        QVERIFY(bench.text("ask").contains(QStringLiteral("another contact")));
    }

    void everyMethodAndScaleIsKept() {
        Bench bench(true);
        bench.session().newJob(QStringLiteral("methods"));
        bench.window().go(stations::tdc);
        bench.click("method1");
        bench.line()->setFocus();
        bench.type(QStringLiteral("drop 3"));
        bench.type(QStringLiteral("20"));
        bench.type(QStringLiteral("20.4"));
        // Another drop with the pointer untouched belongs to the same pass.
        bench.type(QStringLiteral("drop 6"));
        bench.type(QStringLiteral("29"));
        bench.type(QStringLiteral("29.4"));
        Job job = bench.onDisk();
        QCOMPARE(job.contacts.size(), std::size_t(4));
        QCOMPARE(*job.contacts[2].drop_mm, 6.0);
        QCOMPARE(job.contacts[2].pass, 1);
        QCOMPARE(bench.session().findings().tdc.passes.size(), std::size_t(1));
        bench.click("method4");
        bench.line()->setFocus();
        bench.type(QStringLiteral("0.5x"));
        job = bench.onDisk();
        QVERIFY(job.contacts.back().method == TdcMethod::HighestReading);
        QCOMPARE(job.contacts.back().at.deg, 0.5);
        // A tape without its circumference is asked for it.
        auto* scale = bench.find<QComboBox>("wheelScale");
        scale->setCurrentIndex(static_cast<int>(WheelScale::Tape));
        emit scale->activated(static_cast<int>(WheelScale::Tape));
        bench.line()->setFocus();
        bench.type(QStringLiteral("40"));
        QVERIFY(bench.text("echo").contains(QStringLiteral("circumference")));
    }

    void aPedalSendsSpaceAndLoggingIsHeard() {
        Bench bench(true);
        bench.session().select(3, Side::Intake);
        bench.window().go(stations::lobes);
        bench.key(Qt::Key_F2);
        QSignalSpy heard(&bench.window(), &app::MainWindow::ticked);
        bench.keys(QStringLiteral("0.02"));
        bench.key(Qt::Key_Space);
        QCOMPARE(bench.onDisk().runs.back().readings.size(), std::size_t(1));
        QVERIFY(bench.line()->text().isEmpty());
        QCOMPARE(heard.count(), 1);
        bench.key(Qt::Key_T, Qt::ControlModifier);
        bench.keys(QStringLiteral("0.03"));
        bench.key(Qt::Key_Space);
        QCOMPARE(heard.count(), 1);
        // A space inside a line that names an angle stays a space.
        bench.type(QStringLiteral("75a 6.5"));
        QCOMPARE(bench.onDisk().runs.back().readings.back().at.deg, 75.0);
        QCOMPARE(bench.onDisk().runs.back().readings.back().lift_mm, 6.5);
    }

    void overshootAndBackingUp() {
        Bench bench(true);
        bench.session().select(4, Side::Intake);
        bench.window().go(stations::lobes);
        bench.key(Qt::Key_F2);
        bench.type(QStringLiteral("50a 3.9"));
        bench.type(QStringLiteral("o"));
        auto* stand = bench.find<QWidget>("stand");
        Q_UNUSED(stand);
        bench.type(QStringLiteral("4.4"));
        // Turned back to 45 and read there: marked, and left out.
        bench.type(QStringLiteral("b"));
        bench.type(QStringLiteral("45a 3.6"));
        bench.type(QStringLiteral("b"));
        bench.type(QStringLiteral("60a 5.3"));
        const Job job = bench.onDisk();
        const auto& r = job.runs.back().readings;
        QCOMPARE(r.size(), std::size_t(4));
        QVERIFY(r[0].approach == Approach::Forward);
        QVERIFY(r[2].approach == Approach::BackingUp);
        QVERIFY(r[3].approach == Approach::Forward);
        QCOMPARE(livePoints(job.runs.back()).size(), std::size_t(3));
    }

    void theOtherTurnOfTheDialInOneKey() {
        Bench bench(true);
        bench.session().select(3, Side::Intake);
        bench.window().go(stations::lobes);
        const auto truth = closed::power(106.0, 147.0, 7.2, 1.78);
        for (double deg = -70.0; deg <= 280.0; deg += 5.0)
            bench.type(QString::number(truth.at(deg) + (deg == 80.0 ? 1.0 : 0.0), 'f', 2));
        QVERIFY2(bench.text("advice").contains(QStringLiteral("Type W")),
                 qPrintable(bench.text("advice")));
        bench.type(QStringLiteral("w"));
        const LiftRun run = bench.onDisk().runs.back();
        QVERIFY(std::abs(run.readings.back().lift_mm -
                         (std::round(truth.at(80.0) * 100.0) / 100.0)) < 1e-9);
        QCOMPARE(bench.text("turnTo"), QStringLiteral("done"));
    }

    void threeSixtyOutInOneKey() {
        Bench bench(true);
        bench.session().select(2, Side::Intake);
        bench.window().go(stations::lobes);
        const std::size_t before = bench.session().job().runs.size();
        for (double deg = -70.0; deg <= 60.0; deg += 5.0)
            bench.type(QStringLiteral("0"));
        QVERIFY2(bench.text("advice").contains(QStringLiteral("type T")),
                 qPrintable(bench.text("advice")));
        bench.type(QStringLiteral("t"));
        const Job job = bench.onDisk();
        QCOMPARE(job.runs.size(), before + 2);
        QCOMPARE(job.runs[before].conditions.shift_deg, 360.0);
        QCOMPARE(bench.text("turnTo"), QStringLiteral("65°"));
    }

    void shiftOrKeepWhenTdcWasOff() {
        Bench bench(true);
        bench.session().newJob(QStringLiteral("late tdc"));
        bench.window().go(stations::lobes);
        bench.type(QStringLiteral("0a 1.9"));
        bench.window().go(stations::tdc);
        bench.type(QStringLiteral("26"));
        bench.type(QStringLiteral("30"));
        QVERIFY2(bench.text("tdcVerdict").contains(QStringLiteral("Type S")),
                 qPrintable(bench.text("tdcVerdict")));
        bench.type(QStringLiteral("s"));
        QCOMPARE(bench.onDisk().runs[0].conditions.shift_deg, -2.0);
        QVERIFY(!bench.text("tdcVerdict").contains(QStringLiteral("Type S")));
        bench.key(Qt::Key_Z, Qt::ControlModifier);
        bench.type(QStringLiteral("k"));
        QCOMPARE(bench.onDisk().runs[0].conditions.shift_deg, 0.0);
        QVERIFY2(!bench.text("tdcVerdict").contains(QStringLiteral("Type S")),
                 qPrintable(bench.line()->text() + bench.text("echo") + bench.text("ask") +
                            QString::number(bench.onDisk().runs[0].conditions.tdcAnswered)));
    }

    // A cam by its events, one closing typed on the wrong side, put right, all by keyboard.
    void eventsOnlyWithAWrongSign() {
        Bench bench(true);
        bench.session().openJob(bench.session().book().jobs()[0].id);
        bench.session().select(3, Side::Exhaust);
        bench.window().go(stations::lobes);
        bench.key(Qt::Key_F2);
        static_cast<QPushButton*>(bench.find<QWidget>("eventsOnly"))->click();
        bench.line()->setFocus();
        QVERIFY2(bench.text("ask").contains(QStringLiteral("opens at 1.27 mm")),
                 qPrintable(bench.text("ask")));
        for (const char* t : {"52bb", "52.2bb", "51.9bb"})
            bench.type(QLatin1String(t));
        QVERIFY(bench.text("ask").contains(QStringLiteral("closes")));
        for (const char* t : {"4b", "4.1b", "3.9b"})
            bench.type(QLatin1String(t));
        QVERIFY2(bench.text("advice").contains(QStringLiteral("other side of the dead centre")),
                 qPrintable(bench.text("advice")));
        for (int i = 0; i < 3; ++i)
            bench.key(Qt::Key_Backspace);
        for (const char* t : {"4", "4.1", "3.9"})
            bench.type(QLatin1String(t));
        bench.type(QStringLiteral("112b"));
        const Job job = bench.onDisk();
        const LiftRun& run = job.runs.back();
        QVERIFY(run.conditions.eventsOnly);
        QCOMPARE(run.readings.size(), std::size_t(10));
        QVERIFY(run.readings[6].of == ReadingOf::Closes);
        QCOMPARE(run.readings[6].at.deg, 4.0);
        const RunFindings* f = bench.session().findings().run(run.id);
        QVERIFY(f->complete);
        // Mean and range of each event are said.
        bool said = false;
        for (auto* label : bench.window().findChildren<QLabel*>())
            said = said || label->text().contains(
                               QStringLiteral("opens: 52° before BDC, mean of 3, range 0.3°"));
        QVERIFY(said);
        QVERIFY(std::abs(*f->lobe.heights[0].duration_deg() - 236.03) < 0.1);
    }

    void earlierLinesComeBack() {
        Bench bench(true);
        bench.session().select(3, Side::Intake);
        bench.window().go(stations::lobes);
        bench.type(QStringLiteral("0.01"));
        bench.type(QStringLiteral("0.02"));
        bench.key(Qt::Key_Up, Qt::ControlModifier);
        QCOMPARE(bench.line()->text(), QStringLiteral("0.02"));
        bench.key(Qt::Key_Up, Qt::ControlModifier);
        QCOMPARE(bench.line()->text(), QStringLiteral("0.01"));
        bench.key(Qt::Key_Down, Qt::ControlModifier);
        bench.key(Qt::Key_Down, Qt::ControlModifier);
        QVERIFY(bench.line()->text().isEmpty());
    }
};

QTEST_MAIN(TestStand)
#include "test_stand.moc"
