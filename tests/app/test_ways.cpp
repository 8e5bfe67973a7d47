// The ways of taking a lobe beside its whole curve, through the real window: its centre by two
// readings, its events in one turn; a slip answered where it was typed; what stands off said right.
#include "app_fixture.h"
#include "core/job/job.h"
#include "core/lobe/run.h"
#include "core/tdc/tdc.h"

#include "app/benches/lobes/lobes_station.h"
#include "simulated/closed_lobes.h"
#include "support/program.h"

namespace test_ways {

using fixture::Rig;
using namespace lobe;

namespace {

void atFreshLobe(Rig& rig, int cylinder, Side side = Side::Intake) {
    rig.session().openJob(rig.session().book().jobs()[0].id);
    rig.session().select(cylinder, side);
    rig.window().go(stations::lobes);
}

LiftRun lastRun(Rig& rig) {
    return rig.onDisk().runs.back();
}

} // namespace

class TestWays : public QObject {
    Q_OBJECT
private slots:
    // 66 and 148 after TDC at a drop of 1.27: the centre is 107.
    void centreByTwoReadings() {
        Rig rig(true);
        atFreshLobe(rig, 3);
        rig.type(QStringLiteral("centre"));
        QVERIFY(rig.text("ask").contains(QStringLiteral("before the nose")));
        rig.type(QStringLiteral("66"));
        QVERIFY(rig.text("ask").contains(QStringLiteral("after the nose")));
        rig.type(QStringLiteral("148"));
        LiftRun run = lastRun(rig);
        QVERIFY(run.terms.eventsOnly && run.terms.fromNose);
        QCOMPARE(run.readings.size(), std::size_t(2));
        QCOMPARE(run.readings[0].at.deg, 66.0);
        QCOMPARE(run.readings[1].at.deg, 148.0);
        QCOMPARE(run.readings[1].value_mm, 1.27);
        const RunFindings* f = rig.session().findings().run(run.id);
        QCOMPARE(f->lobe.centre(CentreSchool::EqualDrop)->deg, 107.0);
        // Back to the curve: another run.
        rig.type(QStringLiteral("curve"));
        rig.type(QStringLiteral("0.01"));
        run = lastRun(rig);
        QVERIFY(!run.terms.eventsOnly && !run.terms.fromNose);
    }

    void eventsInOneTurn() {
        Rig rig(true);
        atFreshLobe(rig, 3);
        rig.type(QStringLiteral("events"));
        RunConditions t = lastRun(rig).terms;
        t.oneTurn = true;
        t.repeats = 1;
        t.eventHeights = {{0.5, Place::Tappet}, {1.27, Place::Tappet}};
        rig.session().keep(book::SetTerms{lastRun(rig).id, t});
        const std::pair<const char*, const char*> turn[] = {
            {"opens at 0.5", "30"},   {"opens at 1.27", "10"}, {"highest", "106a 7.21"},
            {"closes at 1.27", "42"}, {"closes at 0.5", "62"}, {"base circle", "0"}};
        for (const auto& [asked, typed] : turn) {
            QVERIFY2(rig.text("ask").contains(QLatin1String(asked)), qPrintable(rig.text("ask")));
            // On a wheel that counts 0-180-0 a closing after BDC says so.
            rig.type(QLatin1String(asked).startsWith(QLatin1String("closes"))
                         ? QLatin1String(typed) + QStringLiteral("ab")
                         : QString::fromLatin1(typed));
        }
        const LiftRun run = lastRun(rig);
        QCOMPARE(run.readings.size(), std::size_t(6));
        QVERIFY(run.readings[2].of == ReadingOf::Nose);
        QCOMPARE(run.readings[2].value_mm, 7.21);
        QCOMPARE(run.readings[3].at.deg, 222.0);
        QVERIFY(run.readings[5].of == ReadingOf::Lift);
        const RunFindings* f = rig.session().findings().run(run.id);
        QVERIFY(f->complete);
        QCOMPARE(f->lobe.heights.size(), std::size_t(2));
        QCOMPARE(*f->lobe.maxLift_mm, 7.21);
    }

    // Two indicators: the line goes from lobe to lobe as the crank brings their events, and back.
    void bothValvesInOneTurn() {
        Rig rig(true);
        atFreshLobe(rig, 3, Side::Exhaust);
        rig.type(QStringLiteral("events"));
        rig.type(QStringLiteral("c"));
        // Up to the heights; then repeats, tolerance and the way; the wheel is left.
        for (int i = 0; i < 14; ++i)
            rig.type(QString());
        for (const char* said : {"1.27", "1", "", "4", ""})
            rig.type(QLatin1String(said));
        const auto typed = [&](const char* asked, const char* says) {
            QVERIFY2(rig.text("ask").contains(QLatin1String(asked)), qPrintable(rig.text("ask")));
            rig.type(QLatin1String(says));
        };
        typed("exhaust opens at 1.27", "45bb");
        typed("exhaust highest", "108b 7.0");
        // One undo takes one reading, and from another station too.
        rig.window().go(stations::timing);
        rig.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(rig.window().station() == stations::lobes);
        typed("exhaust highest", "108b 7.0");
        // The line is at the intake by now; what was typed last is still said, with its lobe.
        QVERIFY2(rig.text("lastReading").contains(QStringLiteral("exhaust highest")),
                 qPrintable(rig.text("lastReading")));
        const app::StandCard card = rig.window().lobes()->desk().standCard();
        QVERIFY(card.last.contains(QStringLiteral("exhaust highest")));
        QVERIFY2(!card.tip.contains(QStringLiteral("Back past")), qPrintable(card.tip));
        // Closed in the middle of the turn and opened again, it goes on at the same valve.
        rig.restart(true);
        typed("intake opens at 1.27", "8");
        typed("exhaust closes at 1.27", "10");
        // A slip: struck where it was typed, though the line is at the other lobe by now.
        rig.key(Qt::Key_Backspace);
        typed("exhaust closes at 1.27", "9");
        typed("exhaust back on the base", "0");
        typed("intake highest", "106a 7.21");
        typed("intake closes at 1.27", "42ab");
        typed("intake back on the base", "0.01");
        std::vector<LiftRun> runs;
        for (const LiftRun& r : rig.onDisk().runs)
            if (r.cylinder == 3 && r.terms.bothValves) runs.push_back(r);
        QCOMPARE(runs.size(), std::size_t(2));
        for (const LiftRun& r : runs) {
            const bool exhaust = r.side == Side::Exhaust;
            QCOMPARE(r.readings.size(), std::size_t(exhaust ? 5 : 4));
            for (const Reading& each : r.readings)
                if (each.of == ReadingOf::Closes && !each.struck)
                    QCOMPARE(each.at.deg, exhaust ? 9.0 : 222.0);
        }
    }

    // On the wheel as it stands for cylinder 1 the other lobe of the turn is turned by as much.
    void bothValvesOnTheWheelOfTheFirst() {
        Rig rig(true);
        atFreshLobe(rig, 3);
        Engine e = rig.session().job().engine;
        e.firingOrder = {1, 3, 4, 2};
        rig.session().keep(book::SetEngine{e});
        rig.type(QStringLiteral("events"));
        RunConditions t = lastRun(rig).terms;
        t.oneTurn = t.bothValves = t.wheelOfFirst = true;
        t.shift_deg = -180.0;
        t.repeats = 1;
        t.taken = Place::Valve;
        t.eventHeights = {{1.27, Place::Valve}};
        rig.session().keep(book::SetTerms{lastRun(rig).id, t});
        rig.type(QStringLiteral("172")); // 8 before its own TDC, and before BDC on this wheel
        // The exhaust had no run of this kind yet: it begins one under the same conditions.
        const RunConditions other = lastRun(rig).terms;
        QVERIFY(lastRun(rig).side == Side::Exhaust);
        QVERIFY(other.wheelOfFirst && other.bothValves && other.taken == Place::Valve);
        QCOMPARE(other.shift_deg, -180.0);
    }

    // Cylinder 3 is 180 behind: what opens 14 before its TDC shows 166 after the wheel's, and what
    // closes 40 after its BDC shows 40 after it. A curve is asked where the lobe stands there.
    void eventsAndCurveOnTheWheelOfTheFirst() {
        Rig rig(true);
        atFreshLobe(rig, 3);
        Engine e = rig.session().job().engine;
        e.firingOrder = {1, 3, 4, 2};
        rig.session().keep(book::SetEngine{e});
        rig.type(QStringLiteral("c"));
        for (int i = 0; i < 18; ++i)
            rig.type(QString());
        rig.type(QStringLiteral("2"));
        RunConditions t = lastRun(rig).terms;
        QVERIFY(t.wheelOfFirst);
        QCOMPARE(t.shift_deg, -180.0);
        QCOMPARE(t.from.deg, 110.0); // 70 before TDC
        QVERIFY2(rig.text("ask").contains(QStringLiteral("110° after TDC")),
                 qPrintable(rig.text("ask")));
        rig.type(QStringLiteral("75b 7.2")); // 105 after its own top
        const RunFindings* f = rig.session().findings().run(lastRun(rig).id);
        QCOMPARE(f->readings.back().at.deg, 105.0);
        rig.type(QStringLiteral("events"));
        t = lastRun(rig).terms;
        QVERIFY(t.wheelOfFirst);
        QCOMPARE(t.shift_deg, -180.0);
        t.repeats = 1;
        t.eventHeights = {{1.27, Place::Tappet}};
        rig.session().keep(book::SetTerms{lastRun(rig).id, t});
        rig.type(QStringLiteral("166a"));
        rig.type(QStringLiteral("40a"));
        f = rig.session().findings().run(lastRun(rig).id);
        QCOMPARE(f->lobe.atEventsHeight.opens->deg, -14.0);
        QVERIFY(f->lobe.atEventsHeight.closes);
        QCOMPARE(f->lobe.atEventsHeight.closes->deg, 220.0);
    }

    // Typed in the order of the list, as engines of that kind are said: a twin of 45 on one pin, a
    // cross-plane eight of 90. What cannot fire so is refused, and nothing of it is kept.
    void enginesByTheirBanksAndThrows() {
        struct Said {
            int cylinders;
            const char *order, *bank, *second, *throws, *wrong;
            int cylinder;
            double behind;
        };
        for (const Said& x :
             {Said{2, "1 2", "45", "2", "0 0", "0 0 0", 2, 405.0},
              Said{8, "1 8 4 3 6 5 7 2", "90", "1 3 5 7", "0 0 270 270 90 90 180 180",
                   "0 0 90 90 90 90 180 180", 7, 540.0}}) {
            Rig rig;
            rig.session().newJob(QStringLiteral("banks"));
            Engine e = rig.session().job().engine;
            e.cylinders = x.cylinders;
            rig.session().keep(book::SetEngine{e});
            rig.window().go(stations::engine);
            const auto to = [&](const char* name, Qt::Key way) {
                for (int i = 0; i < 99 && !rig.text("ask").startsWith(QLatin1String(name)); ++i)
                    rig.key(way);
            };
            to("Firing order", Qt::Key_Down);
            rig.type(QLatin1String(x.order));
            // Few need the rest: it is passed by, and then asked one after the other.
            QVERIFY(rig.text("ask").startsWith(QStringLiteral("Job")));
            to("Bank angle", Qt::Key_Up);
            rig.type(QLatin1String(x.bank));
            QVERIFY(rig.text("ask").startsWith(QStringLiteral("Bank the crank")));
            rig.type(QLatin1String(x.second));
            QVERIFY(rig.text("ask").startsWith(QStringLiteral("Crank throws")));
            rig.type(QLatin1String(x.wrong));
            QVERIFY2(rig.text("echo").contains(QStringLiteral("cylinders")),
                     qPrintable(rig.text("echo")));
            QVERIFY(rig.onDisk().engine.throws_deg.empty());
            rig.line()->clear();
            rig.type(QLatin1String(x.throws));
            QCOMPARE(*rig.onDisk().engine.behindFirst_deg(x.cylinder), x.behind);
        }
    }

    // A gauge that counts up both ways, taken for one that runs on: one key takes it as it is.
    void theOtherGaugeByOneKey() {
        Rig rig;
        rig.session().newJob(QStringLiteral("gauge"));
        Stated s = rig.session().job();
        s.fitted.scale = WheelScale::Twice180;
        rig.session().keep(book::SetStated{s});
        rig.window().go(stations::tdc);
        rig.type(QStringLiteral("30"));
        rig.type(QStringLiteral("28"));
        QCOMPARE(*rig.session().findings().tdc.latest()->halfSpan_deg, 1.0);
        QVERIFY2(rig.text("tdcVerdict").contains(QStringLiteral("type G")),
                 qPrintable(rig.text("tdcVerdict")));
        rig.type(QStringLiteral("g"));
        const TdcFindings& tdc = rig.session().findings().tdc;
        QCOMPARE(*tdc.latest()->halfSpan_deg, 29.0);
        QCOMPARE(*tdc.latest()->correction_deg, -1.0);
        QVERIFY(rig.text("tdcVerdict").contains(QStringLiteral("Move the pointer 1°")));
        QCOMPARE(rig.onDisk().contacts.size(), std::size_t(3));
        // Nothing is offered any more, and undo takes it back.
        rig.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(*rig.session().findings().tdc.latest()->halfSpan_deg, 1.0);
    }

    // Stopped near the top: said before the pointer is moved by it.
    void aStopThatIsTooShallowIsSaid() {
        Rig rig;
        rig.session().newJob(QStringLiteral("stop"));
        rig.window().go(stations::tdc);
        rig.type(QStringLiteral("8"));
        rig.type(QStringLiteral("6"));
        QVERIFY2(rig.text("tdcVerdict").contains(QStringLiteral("Screw the stop deeper")),
                 qPrintable(rig.text("tdcVerdict")));
    }

    // Cylinder 3 on the wheel as it was set for 1, and nothing said of throws or order.
    void aCylinderWhoseTopIsNotKnown() {
        Rig rig(true);
        rig.session().openJob(rig.session().book().jobs()[0].id);
        Engine unsaid = rig.session().job().engine;
        unsaid.firingOrder.clear();
        rig.session().keep(book::SetEngine{unsaid});
        LiftRun run;
        run.cylinder = 3;
        run.terms = usualConditions(rig.session().job().engine, Side::Intake);
        const auto lobe = closed::power(106.0 + 180.0, 147.0, 7.2, 2.0);
        for (double d = 116.0; d <= 456.0; d += 5.0) {
            Reading r;
            r.at = {d};
            r.value_mm = std::round(lobe.at(d) * 100.0) / 100.0;
            run.readings.push_back(r);
        }
        rig.session().keep(book::AddSeries{run});
        rig.session().select(3, Side::Intake);
        for (const auto* station : {&stations::lobes, &stations::timing}) {
            rig.window().go(*station);
            const QString said = rig.text(*station == stations::lobes ? "advice" : "timingVerdict");
            QVERIFY2(said.contains(QStringLiteral("TDC is not known")), qPrintable(said));
        }
    }

    // A closing before TDC: said at once, with what to type; no duration is shown of it.
    void nonsenseIsAnsweredWhereItWasTyped() {
        Rig rig(true);
        atFreshLobe(rig, 3);
        rig.type(QStringLiteral("events"));
        RunConditions t = lastRun(rig).terms;
        t.repeats = 1;
        rig.session().keep(book::SetTerms{lastRun(rig).id, t});
        rig.type(QStringLiteral("22.3"));
        rig.type(QStringLiteral("58b"));
        QVERIFY2(rig.text("advice").contains(QStringLiteral("58ab")),
                 qPrintable(rig.text("advice")));
        const RunFindings* f = rig.session().findings().run(lastRun(rig).id);
        QVERIFY(!f->lobe.atEventsHeight.duration_deg());
        // Struck, and typed as offered.
        rig.key(Qt::Key_Backspace);
        rig.type(QStringLiteral("58ab"));
        f = rig.session().findings().run(lastRun(rig).id);
        QVERIFY(std::abs(*f->lobe.atEventsHeight.duration_deg() - 260.3) < 1e-9);
        QVERIFY(!rig.text("advice").contains(QStringLiteral("no cam")));
    }

    // What stands off does not count, until K says that it is right; undone with the rest.
    void whatStandsOffIsSaidRight() {
        Rig rig(true);
        atFreshLobe(rig, 3);
        const auto lobe = closed::power(106.0, 147.0, 7.2, 2.0);
        for (double d = -70.0; d <= 280.0; d += 5.0)
            rig.type(QString::number(lobe.at(d) + (d == 60.0 ? 0.12 : 0.0), 'f', 2));
        LiftRun run = lastRun(rig);
        QVERIFY2(rig.text("advice").contains(QStringLiteral("does not count")),
                 qPrintable(rig.text("advice")));
        const auto* before = rig.session().findings().run(run.id);
        QVERIFY(std::abs(before->lobe.curve->at(60.0) - lobe.at(60.0)) < 0.02);
        rig.type(QStringLiteral("k"));
        run = lastRun(rig);
        QCOMPARE(run.terms.right_deg, std::vector<double>{60.0});
        QVERIFY(rig.session().findings().run(run.id)->lobe.misfits.empty());
        rig.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(lastRun(rig).terms.right_deg.empty());
    }

    // Said before the first reading: lift is lost while it is read.
    void aLiveFollowerIsWarnedOf() {
        Rig rig(true);
        rig.session().openJob(rig.session().book().jobs()[0].id);
        Engine e = rig.session().job().engine;
        e.follower = Follower::Hydraulic;
        rig.session().keep(book::SetEngine{e});
        rig.session().select(3, Side::Intake);
        rig.window().go(stations::lobes);
        QVERIFY2(rig.text("advice").contains(QStringLiteral("checking spring")),
                 qPrintable(rig.text("advice")));
    }

    // A wanted centre with no card; the firing order typed as it is said.
    void wantedCentresAndFiringOrder() {
        Rig rig;
        rig.session().newJob(QStringLiteral("new"));
        Stated s = rig.session().job();
        s.trial.target.kind = TargetKind::Centres;
        s.trial.target.centre.intake = 104.5;
        rig.session().keep(book::SetStated{s});
        QCOMPARE(*rig.onDisk().trial.target.centre.intake, 104.5);
        Engine e = rig.session().job().engine;
        e.firingOrder = {1, 3, 4, 2};
        rig.session().keep(book::SetEngine{e});
        QCOMPARE(rig.onDisk().engine.firingOrder, (std::vector<int>{1, 3, 4, 2}));
        rig.session().select(3, Side::Intake);
        rig.window().go(stations::lobes);
        QVERIFY2(rig.text("advice").contains(QStringLiteral("at BDC")),
                 qPrintable(rig.text("advice")));
    }
};

AMBER_TEST(TestWays)

} // namespace test_ways

#include "test_ways.moc"
