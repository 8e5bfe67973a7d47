// A run's conditions, its zeros, several passes and what is still to be taken, by keyboard.
#include "app/benches/lobes/lobes_station.h"
#include "app_fixture.h"
#include "core/job/job.h"
#include "simulated/closed_lobes.h"
#include "support/program.h"

namespace test_conditions {

using namespace lobe;
using fixture::Rig;

namespace {

const closed::Lobe kLobe = closed::power(106.0, 147.0, 7.2, 1.78);

QString two(double mm) {
    return QString::number(mm, 'f', 2);
}

/// The demo's first job at the Lobes station, at a lobe nobody has measured.
void atFreshLobe(Rig& rig, int cylinder) {
    rig.session().openJob(rig.session().book().jobs()[0].id);
    rig.session().select(cylinder, Side::Intake);
    rig.window().go(stations::lobes);
}

} // namespace

class TestConditions : public QObject {
    Q_OBJECT
private slots:
    void everyConditionIsAskedAndKept() {
        Rig rig(true);
        atFreshLobe(rig, 3);
        rig.type(QStringLiteral("c"));
        QVERIFY(rig.find<QWidget>("runConditions")->isVisible());
        QVERIFY(!rig.find<QWidget>("ring")->isVisible());
        const char* answers[] = {"valve",    "3",  "checking", "0.30", "1,5", "10.82 7.20", "2",
                                 "0.002",    "10", "0.5",      "1",    "-",   "12",         "2",
                                 "0.5 1.27", "2",  "0.3",      "2",    "1"};
        for (const char* a : answers)
            rig.type(QLatin1String(a));
        // Through: back to the readings.
        QVERIFY(!rig.find<QWidget>("runConditions")->isVisible());
        QVERIFY2(rig.text("ask").startsWith(QStringLiteral("lift at")),
                 qPrintable(rig.text("ask")));
        const RunConditions t = rig.onDisk().runs.back().terms;
        QVERIFY(t.taken == Place::Valve);
        QVERIFY(t.follower == Follower::Hydraulic);
        QVERIFY(t.spring == Spring::Checking);
        QCOMPARE(t.lash_mm, 0.3);
        QCOMPARE(t.ratio, 1.5);
        QCOMPARE(*t.valveLift_mm, 10.82);
        QVERIFY(t.measuredRatio);
        QCOMPARE(t.resolution_mm, 0.002);
        QCOMPARE(t.travel_mm, 10.0);
        QCOMPARE(t.dialTurn_mm, 0.5);
        QCOMPARE(t.offAxis_deg, 12.0);
        QVERIFY(t.offAxis == OffAxis::OnThePart);
        QCOMPARE(t.eventHeights.size(), std::size_t(2));
        QCOMPARE(t.repeats, 2);
        QCOMPARE(t.repeatTolerance_deg, 0.3);
        QVERIFY(t.oneTurn && !t.fromNose && !t.wheelOfFirst);
    }

    void nonsenseIsAnsweredAndNothingChanges() {
        Rig rig(true);
        atFreshLobe(rig, 3);
        const std::size_t runs = rig.onDisk().runs.size();
        rig.type(QStringLiteral("c"));
        rig.type(QStringLiteral("somewhere"));
        QVERIFY2(rig.text("echo").contains(QStringLiteral("Type the number")),
                 qPrintable(rig.text("echo")));
        rig.key(Qt::Key_Escape);
        rig.key(Qt::Key_Escape);
        QCOMPARE(rig.onDisk().runs.size(), runs);
        QVERIFY(rig.text("ask").startsWith(QStringLiteral("lift at")));
    }

    void zeroedPartWayUp() {
        Rig rig(true);
        atFreshLobe(rig, 3);
        for (double d = -70.0; d <= 40.0; d += 5.0)
            rig.type(two(kLobe.at(d)));
        rig.type(QStringLiteral("zero"));
        // The same mark once more joins the two.
        QVERIFY2(rig.text("ask").contains(QStringLiteral("40")), qPrintable(rig.text("ask")));
        rig.type(QStringLiteral("0"));
        for (double d = 45.0; d <= 165.0; d += 5.0)
            rig.type(two(kLobe.at(d) - kLobe.at(40.0)));
        const LiftRun run = rig.onDisk().runs.back();
        QCOMPARE(run.readings.back().zero, 2);
        QVERIFY(!run.readings[22].struck); // the mark read twice is not struck
        const RunFindings* f = rig.session().findings().run(run.id);
        QVERIFY(std::abs(*f->lobe.maxLift_mm - 7.2) < 0.03);
        // And with the lift said: its reading counts from there.
        rig.type(QStringLiteral("zero 2.5"));
        rig.type(QStringLiteral("170a 0.12"));
        const auto c = rig.session().findings().run(run.id)->readings.back();
        QVERIFY(std::abs(c.lift_mm - 2.62) < 1e-9);
    }

    void passesAndTheirMean() {
        Rig rig(true);
        atFreshLobe(rig, 3);
        for (double off : {0.0, 0.03}) {
            for (double d = -70.0; d <= 280.0; d += 10.0)
                rig.type(QStringLiteral("@%1 %2").arg(d).arg(two(kLobe.at(d) + off)));
            if (off == 0.0) rig.key(Qt::Key_R, Qt::ControlModifier);
        }
        const RunFindings* f = rig.session().findings().run(rig.session().run()->id);
        QVERIFY(f->passes);
        QVERIFY(std::abs(f->passes->widest.mm - 0.03) < 0.002);
        rig.type(QStringLiteral("a"));
        QVERIFY(rig.onDisk().reckoning.averagePasses);
        f = rig.session().findings().run(rig.session().run()->id);
        QVERIFY(std::abs(f->lobe.curve->at(-70.0) - 0.015) < 2e-3);
        rig.type(QStringLiteral("a"));
        QVERIFY(!rig.onDisk().reckoning.averagePasses);
    }

    void stillToTakeLeadsThere() {
        Rig rig(true);
        rig.session().openJob(rig.session().book().jobs()[0].id);
        rig.window().go(stations::engine);
        rig.key(Qt::Key_F3);
        auto* list = static_cast<app::RowList*>(rig.find<QWidget>("toTakeList"));
        QVERIFY(list->isVisible());
        QVERIFY(list->hasFocus());
        // TDC is proved there; which top is not said; one reading does not fit.
        QVERIFY2(list->row(0).title.contains(QStringLiteral("Overlap or firing")),
                 qPrintable(list->row(0).title));
        QVERIFY2(list->row(1).title.contains(QStringLiteral("75")), qPrintable(list->row(1).title));
        rig.key(Qt::Key_Down);
        rig.key(Qt::Key_Return);
        QVERIFY(rig.window().station() == stations::lobes);
        QCOMPARE(rig.text("turnTo"), QStringLiteral("75°"));
        QVERIFY(rig.line()->hasFocus());
        rig.key(Qt::Key_F3);
        rig.key(Qt::Key_Escape);
        QVERIFY(!list->isVisible());
        QVERIFY(rig.line()->hasFocus());
    }

    void notNowAsksTheNextEvent() {
        Rig rig(true);
        atFreshLobe(rig, 3);
        rig.click("eventsOnly");
        rig.line()->setFocus();
        QVERIFY(rig.text("ask").startsWith(QStringLiteral("opens")));
        rig.type(QStringLiteral("12b"));
        rig.type(QStringLiteral("n"));
        QVERIFY(rig.text("ask").startsWith(QStringLiteral("closes")));
        rig.type(QStringLiteral("360: 220"));
        const Reading r = rig.onDisk().runs.back().readings.back();
        QVERIFY(r.of == ReadingOf::Closes);
        QVERIFY(r.scale == WheelScale::Full360With);
        QCOMPARE(r.at.deg, 220.0);
        QCOMPARE(QString::fromStdString(r.typed), QStringLiteral("360: 220"));
        rig.type(QStringLiteral("moon: 3"));
        QVERIFY2(rig.text("echo").contains(QStringLiteral("wheel scale")),
                 qPrintable(rig.text("echo")));
    }

    void theWrongTopIsPutRightInOneKey() {
        Rig rig(true);
        rig.session().newJob(QStringLiteral("top"));
        rig.window().go(stations::tdc);
        rig.key(Qt::Key_Down);
        rig.type(QStringLiteral("2")); // overlap, so he says
        rig.window().go(stations::lobes);
        for (double d = -70.0; d <= 280.0; d += 10.0)
            rig.type(QStringLiteral("@%1 %2").arg(d + 360.0).arg(two(kLobe.at(d))));
        rig.window().go(stations::tdc);
        QVERIFY2(rig.text("tdcVerdict").contains(QStringLiteral("it is firing TDC")),
                 qPrintable(rig.text("tdcVerdict")));
        rig.type(QStringLiteral("t"));
        Job job = rig.onDisk();
        QVERIFY(job.fitted.top == WhichTop::Firing);
        QCOMPARE(job.runs[0].terms.shift_deg, 360.0);
        QVERIFY(std::abs(rig.session().findings().runs[0].lobe.centres.equalDrop->deg - 106.0) <
                0.3);
        QVERIFY(!rig.text("tdcVerdict").contains(QStringLiteral("Type T")));
        // One step there, one step back.
        rig.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(rig.onDisk().fitted.top == WhichTop::Overlap);
    }
};

AMBER_TEST(TestConditions)

} // namespace test_conditions

#include "test_conditions.moc"
