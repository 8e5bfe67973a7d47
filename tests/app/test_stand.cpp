// At the stand: everything by keyboard, readable, within reach of a thumb.
#include "app/frame/stand.h"
#include "app/frame/top_bar.h"
#include "app_fixture.h"
#include "core/job/job.h"
#include "core/lobe/run.h"
#include "simulated/closed_lobes.h"
#include "support/program.h"

#include <QComboBox>
#include <QPushButton>
#include <QSignalSpy>

namespace test_stand {

using namespace lobe;
using fixture::Rig;

class TestStand : public QObject {
    Q_OBJECT
private slots:
    void oneKeyThereAndBack() {
        Rig rig(true);
        rig.window().go(stations::lobes);
        auto* stand = rig.find<QWidget>("stand");
        QVERIFY(!stand->isVisible());
        rig.key(Qt::Key_F2);
        QVERIFY(stand->isVisible());
        QVERIFY(!rig.find<QWidget>("route")->isVisible());
        QVERIFY(rig.line()->hasFocus());
        // It is remembered.
        rig.restart(true);
        QVERIFY(rig.find<QWidget>("stand")->isVisible());
        rig.key(Qt::Key_F2);
        QVERIFY(!rig.find<QWidget>("stand")->isVisible());
        QVERIFY(rig.find<QWidget>("route")->isVisible());
    }

    void figuresAndTargetsAreBig() {
        Rig rig(true);
        rig.window().resize(1280, 800);
        rig.window().go(stations::lobes);
        rig.key(Qt::Key_F2);
        QApplication::processEvents();
        auto* stand = static_cast<app::Stand*>(rig.find<QWidget>("stand"));
        QVERIFY2(stand->figureHeight() >= 90, qPrintable(QString::number(stand->figureHeight())));
        for (auto* b : rig.window().findChildren<QPushButton*>())
            if (b->isVisible())
                QVERIFY2(b->height() >= 44 && b->width() >= 34,
                         qPrintable(b->text() + QString::number(b->height())));
        QVERIFY(rig.line()->height() >= 44);
        rig.window().resize(1024, 700);
        QApplication::processEvents();
        QCOMPARE(rig.window().size(), QSize(1024, 700));
        QVERIFY(stand->figureHeight() >= 70);
    }

    void aWholeTdcByKeyboard() {
        Rig rig(true);
        rig.session().newJob(QStringLiteral("stand job"));
        rig.window().go(stations::tdc);
        rig.key(Qt::Key_F2);
        rig.type(QStringLiteral("31"));
        // Overshot into the wrong reading: struck, typed again with the other side.
        rig.type(QStringLiteral("62"));
        rig.key(Qt::Key_Backspace);
        rig.type(QStringLiteral("26.5"));
        QVERIFY(rig.text("tdcVerdict").contains(QStringLiteral("2.25° against rotation")));
        rig.type(QStringLiteral("28.75"));
        rig.type(QStringLiteral("28.75"));
        QVERIFY(rig.text("tdcVerdict").contains(QStringLiteral("proved")));
        const Job job = rig.onDisk();
        QCOMPARE(job.contacts.size(), std::size_t(5));
        QVERIFY(job.contacts[1].struck);
        // Which top: the line asks what the verdict asks.
        QVERIFY(rig.text("ask").contains(QStringLiteral("overlap or firing")));
        rig.type(QStringLiteral("overlap"));
        QVERIFY(rig.onDisk().fitted.top == WhichTop::Overlap);
        QCOMPARE(rig.onDisk().contacts.size(), std::size_t(5));
        QVERIFY(rig.text("ask").contains(QStringLiteral("go on to Lobes")));
    }

    void everyMethodAndScaleIsKept() {
        Rig rig(true);
        rig.session().newJob(QStringLiteral("methods"));
        rig.window().go(stations::tdc);
        rig.click("method1");
        rig.line()->setFocus();
        rig.type(QStringLiteral("drop 3"));
        rig.type(QStringLiteral("20"));
        rig.type(QStringLiteral("20.4"));
        // Another drop with the pointer untouched belongs to the same pass.
        rig.type(QStringLiteral("drop 6"));
        rig.type(QStringLiteral("29"));
        rig.type(QStringLiteral("29.4"));
        Job job = rig.onDisk();
        QCOMPARE(job.contacts.size(), std::size_t(4));
        QCOMPARE(*job.contacts[2].drop_mm, 6.0);
        QCOMPARE(job.contacts[2].pass, 1);
        QCOMPARE(rig.session().findings().tdc.passes.size(), std::size_t(1));
        rig.click("method4");
        rig.line()->setFocus();
        rig.type(QStringLiteral("0.5x"));
        job = rig.onDisk();
        QVERIFY(job.contacts.back().method == TdcMethod::HighestReading);
        QCOMPARE(job.contacts.back().at.deg, 0.5);
        // A tape without its circumference is asked for it.
        auto* scale = rig.find<QComboBox>("wheelScale");
        scale->setCurrentIndex(static_cast<int>(WheelScale::Tape));
        emit scale->activated(static_cast<int>(WheelScale::Tape));
        rig.line()->setFocus();
        rig.type(QStringLiteral("40"));
        QVERIFY(rig.text("echo").contains(QStringLiteral("circumference")));
    }

    void aPedalSendsSpaceAndLoggingIsHeard() {
        Rig rig(true);
        rig.session().select(3, Side::Intake);
        rig.window().go(stations::lobes);
        rig.key(Qt::Key_F2);
        QSignalSpy heard(&rig.window(), &app::MainWindow::ticked);
        rig.keys(QStringLiteral("0.02"));
        rig.key(Qt::Key_Space);
        QCOMPARE(rig.onDisk().runs.back().readings.size(), std::size_t(1));
        QVERIFY(rig.line()->text().isEmpty());
        QCOMPARE(heard.count(), 1);
        rig.key(Qt::Key_T, Qt::ControlModifier);
        rig.keys(QStringLiteral("0.03"));
        rig.key(Qt::Key_Space);
        QCOMPARE(heard.count(), 1);
        // A space inside a line that names an angle stays a space.
        rig.type(QStringLiteral("75a 6.5"));
        QCOMPARE(rig.onDisk().runs.back().readings.back().at.deg, 75.0);
        QCOMPARE(rig.onDisk().runs.back().readings.back().value_mm, 6.5);
    }

    void overshootAndBackingUp() {
        Rig rig(true);
        rig.session().select(4, Side::Intake);
        rig.window().go(stations::lobes);
        rig.key(Qt::Key_F2);
        rig.type(QStringLiteral("50a 3.9"));
        rig.type(QStringLiteral("o"));
        auto* stand = rig.find<QWidget>("stand");
        Q_UNUSED(stand);
        rig.type(QStringLiteral("4.4"));
        // Turned back to 45 and read there: marked, and left out.
        rig.type(QStringLiteral("b"));
        rig.type(QStringLiteral("45a 3.6"));
        rig.type(QStringLiteral("b"));
        rig.type(QStringLiteral("60a 5.3"));
        const Job job = rig.onDisk();
        const auto& r = job.runs.back().readings;
        QCOMPARE(r.size(), std::size_t(4));
        QVERIFY(r[0].approach == Approach::Forward);
        QVERIFY(r[2].approach == Approach::BackingUp);
        QVERIFY(r[3].approach == Approach::Forward);
        QCOMPARE(livePoints(job.runs.back()).size(), std::size_t(3));
    }

    void theOtherTurnOfTheDialInOneKey() {
        Rig rig(true);
        rig.session().select(3, Side::Intake);
        rig.window().go(stations::lobes);
        const auto truth = closed::power(106.0, 147.0, 7.2, 1.78);
        for (double deg = -70.0; deg <= 280.0; deg += 5.0)
            rig.type(QString::number(truth.at(deg) + (deg == 80.0 ? 1.0 : 0.0), 'f', 2));
        QVERIFY2(rig.text("advice").contains(QStringLiteral("Type W")),
                 qPrintable(rig.text("advice")));
        rig.type(QStringLiteral("w"));
        const LiftRun run = rig.onDisk().runs.back();
        QVERIFY(std::abs(run.readings.back().value_mm -
                         (std::round(truth.at(80.0) * 100.0) / 100.0)) < 1e-9);
        QCOMPARE(rig.text("turnTo"), QStringLiteral("done"));
    }

    void threeSixtyOutInOneKey() {
        Rig rig(true);
        rig.session().select(2, Side::Intake);
        rig.window().go(stations::lobes);
        const std::size_t before = rig.session().job().runs.size();
        for (double deg = -70.0; deg <= 60.0; deg += 5.0)
            rig.type(QStringLiteral("0"));
        QVERIFY2(rig.text("advice").contains(QStringLiteral("type T")),
                 qPrintable(rig.text("advice")));
        rig.type(QStringLiteral("t"));
        const Job job = rig.onDisk();
        QCOMPARE(job.runs.size(), before + 2);
        QCOMPARE(job.runs[before].terms.shift_deg, 360.0);
        QCOMPARE(rig.text("turnTo"), QStringLiteral("65°"));
    }

    void shiftOrKeepWhenTdcWasOff() {
        Rig rig(true);
        rig.session().newJob(QStringLiteral("late tdc"));
        rig.window().go(stations::lobes);
        rig.type(QStringLiteral("0a 1.9"));
        rig.window().go(stations::tdc);
        rig.type(QStringLiteral("26"));
        rig.type(QStringLiteral("30"));
        QVERIFY2(rig.text("tdcVerdict").contains(QStringLiteral("Type S")),
                 qPrintable(rig.text("tdcVerdict")));
        rig.type(QStringLiteral("s"));
        QCOMPARE(rig.onDisk().runs[0].terms.shift_deg, -2.0);
        QVERIFY(!rig.text("tdcVerdict").contains(QStringLiteral("Type S")));
        rig.key(Qt::Key_Z, Qt::ControlModifier);
        rig.type(QStringLiteral("k"));
        QCOMPARE(rig.onDisk().runs[0].terms.shift_deg, 0.0);
        QVERIFY2(!rig.text("tdcVerdict").contains(QStringLiteral("Type S")),
                 qPrintable(rig.line()->text() + rig.text("echo") + rig.text("ask") +
                            QString::number(rig.onDisk().runs[0].terms.tdcAnswered)));
    }

    // A cam by its events, one closing typed on the wrong side, put right, all by keyboard.
    void eventsOnlyWithAWrongSign() {
        Rig rig(true);
        rig.session().openJob(rig.session().book().jobs()[0].id);
        rig.session().select(3, Side::Exhaust);
        rig.window().go(stations::lobes);
        rig.key(Qt::Key_F2);
        static_cast<QPushButton*>(rig.find<QWidget>("eventsOnly"))->click();
        rig.line()->setFocus();
        QVERIFY2(rig.text("ask").contains(QStringLiteral("opens at 1.27 mm")),
                 qPrintable(rig.text("ask")));
        for (const char* t : {"52bb", "52.2bb", "51.9bb"})
            rig.type(QLatin1String(t));
        QVERIFY(rig.text("ask").contains(QStringLiteral("closes")));
        for (const char* t : {"4b", "4.1b", "3.9b"})
            rig.type(QLatin1String(t));
        QVERIFY2(rig.text("advice").contains(QStringLiteral("other side of the dead centre")),
                 qPrintable(rig.text("advice")));
        for (int i = 0; i < 3; ++i)
            rig.key(Qt::Key_Backspace);
        for (const char* t : {"4", "4.1", "3.9"})
            rig.type(QLatin1String(t));
        rig.type(QStringLiteral("112b"));
        const Job job = rig.onDisk();
        const LiftRun& run = job.runs.back();
        QVERIFY(run.terms.eventsOnly);
        QCOMPARE(run.readings.size(), std::size_t(10));
        QVERIFY(run.readings[6].of == ReadingOf::Closes);
        QCOMPARE(run.readings[6].at.deg, 4.0);
        const RunFindings* f = rig.session().findings().run(run.id);
        QVERIFY(f->complete);
        // Mean and range of each event are said.
        bool said = false;
        for (auto* label : rig.window().findChildren<QLabel*>())
            said = said || label->text().contains(
                               QStringLiteral("opens: 52° before BDC, mean of 3, range 0.3°"));
        QVERIFY(said);
        QVERIFY(std::abs(*f->lobe.heights[0].duration_deg() - 236.03) < 0.1);
    }

    void earlierLinesComeBack() {
        Rig rig(true);
        rig.session().select(3, Side::Intake);
        rig.window().go(stations::lobes);
        rig.type(QStringLiteral("0.01"));
        rig.type(QStringLiteral("0.02"));
        rig.key(Qt::Key_Up, Qt::ControlModifier);
        QCOMPARE(rig.line()->text(), QStringLiteral("0.02"));
        rig.key(Qt::Key_Up, Qt::ControlModifier);
        QCOMPARE(rig.line()->text(), QStringLiteral("0.01"));
        rig.key(Qt::Key_Down, Qt::ControlModifier);
        rig.key(Qt::Key_Down, Qt::ControlModifier);
        QVERIFY(rig.line()->text().isEmpty());
    }
};

AMBER_TEST(TestStand)

} // namespace test_stand

#include "test_stand.moc"
