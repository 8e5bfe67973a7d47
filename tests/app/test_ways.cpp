// The ways of taking a lobe beside its whole curve, through the real window: its centre by two
// readings, its events in one turn; a slip answered where it was typed; what stands off said right.
#include "app_fixture.h"

#include "app/stations/lobes/lobes_station.h"
#include "support/closed_lobes.h"

using fixture::Bench;
using namespace lobe;

namespace {

void atFreshLobe(Bench& bench, int cylinder, Side side = Side::Intake) {
    bench.session().openJob(bench.session().book().jobs()[0].id);
    bench.session().select(cylinder, side);
    bench.window().go(stations::lobes);
}

LiftRun lastRun(Bench& bench) {
    return bench.onDisk().runs.back();
}

} // namespace

class TestWays : public QObject {
    Q_OBJECT
private slots:
    // 66 and 148 after TDC at a drop of 1.27: the centre is 107.
    void centreByTwoReadings() {
        Bench bench(true);
        atFreshLobe(bench, 3);
        bench.type(QStringLiteral("centre"));
        QVERIFY(bench.text("ask").contains(QStringLiteral("before the nose")));
        bench.type(QStringLiteral("66"));
        QVERIFY(bench.text("ask").contains(QStringLiteral("after the nose")));
        bench.type(QStringLiteral("148"));
        LiftRun run = lastRun(bench);
        QVERIFY(run.conditions.eventsOnly && run.conditions.fromNose);
        QCOMPARE(run.readings.size(), std::size_t(2));
        QCOMPARE(run.readings[0].at.deg, 66.0);
        QCOMPARE(run.readings[1].at.deg, 148.0);
        QCOMPARE(run.readings[1].lift_mm, 1.27);
        const RunFindings* f = bench.session().findings().run(run.id);
        QCOMPARE(f->lobe.centre(CentreSchool::EqualDrop)->deg, 107.0);
        // Back to the curve: another run.
        bench.type(QStringLiteral("curve"));
        bench.type(QStringLiteral("0.01"));
        run = lastRun(bench);
        QVERIFY(!run.conditions.eventsOnly && !run.conditions.fromNose);
    }

    void eventsInOneTurn() {
        Bench bench(true);
        atFreshLobe(bench, 3);
        bench.type(QStringLiteral("events"));
        RunConditions t = lastRun(bench).conditions;
        t.oneTurn = true;
        t.repeats = 1;
        t.eventHeights = {{0.5, Place::Tappet}, {1.27, Place::Tappet}};
        bench.session().keep(book::SetConditions{lastRun(bench).id, t});
        const std::pair<const char*, const char*> turn[] = {
            {"opens at 0.5", "30"},   {"opens at 1.27", "10"}, {"highest", "106a 7.21"},
            {"closes at 1.27", "42"}, {"closes at 0.5", "62"}, {"base circle", "0"}};
        for (const auto& [asked, typed] : turn) {
            QVERIFY2(bench.text("ask").contains(QLatin1String(asked)),
                     qPrintable(bench.text("ask")));
            // On a wheel that counts 0-180-0 a closing after BDC says so.
            bench.type(QLatin1String(asked).startsWith(QLatin1String("closes"))
                           ? QLatin1String(typed) + QStringLiteral("ab")
                           : QString::fromLatin1(typed));
        }
        const LiftRun run = lastRun(bench);
        QCOMPARE(run.readings.size(), std::size_t(6));
        QVERIFY(run.readings[2].of == ReadingOf::Nose);
        QCOMPARE(run.readings[2].lift_mm, 7.21);
        QCOMPARE(run.readings[3].at.deg, 222.0);
        QVERIFY(run.readings[5].of == ReadingOf::Lift);
        const RunFindings* f = bench.session().findings().run(run.id);
        QVERIFY(f->complete);
        QCOMPARE(f->lobe.heights.size(), std::size_t(2));
        QCOMPARE(*f->lobe.maxLift_mm, 7.21);
    }

    // Two indicators: the line goes from lobe to lobe as the crank brings their events, and back.
    void bothValvesInOneTurn() {
        Bench bench(true);
        atFreshLobe(bench, 3, Side::Exhaust);
        bench.type(QStringLiteral("events"));
        bench.type(QStringLiteral("c"));
        // Up to the heights; then repeats, tolerance and the way; the wheel is left.
        for (int i = 0; i < 14; ++i)
            bench.type(QString());
        for (const char* said : {"1.27", "1", "", "4", ""})
            bench.type(QLatin1String(said));
        const auto typed = [&](const char* asked, const char* says) {
            QVERIFY2(bench.text("ask").contains(QLatin1String(asked)),
                     qPrintable(bench.text("ask")));
            bench.type(QLatin1String(says));
        };
        typed("exhaust opens at 1.27", "45bb");
        typed("exhaust highest", "108b 7.0");
        // One undo takes one reading, and from another station too.
        bench.window().go(stations::timing);
        bench.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(bench.window().station() == stations::lobes);
        typed("exhaust highest", "108b 7.0");
        // The line is at the intake by now; what was typed last is still said, with its lobe.
        QVERIFY2(bench.text("lastReading").contains(QStringLiteral("exhaust highest")),
                 qPrintable(bench.text("lastReading")));
        const app::StandCard card = bench.window().lobes()->standCard();
        QVERIFY(card.last.contains(QStringLiteral("exhaust highest")));
        QVERIFY2(!card.tip.contains(QStringLiteral("Back past")), qPrintable(card.tip));
        // Closed in the middle of the turn and opened again, it goes on at the same valve.
        bench.restart(true);
        typed("intake opens at 1.27", "8");
        typed("exhaust closes at 1.27", "10");
        // A slip: struck where it was typed, though the line is at the other lobe by now.
        bench.key(Qt::Key_Backspace);
        typed("exhaust closes at 1.27", "9");
        typed("exhaust back on the base", "0");
        typed("intake highest", "106a 7.21");
        typed("intake closes at 1.27", "42ab");
        typed("intake back on the base", "0.01");
        std::vector<LiftRun> runs;
        for (const LiftRun& r : bench.onDisk().runs)
            if (r.cylinder == 3 && r.conditions.bothValves) runs.push_back(r);
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
        Bench bench(true);
        atFreshLobe(bench, 3);
        Engine e = bench.session().job().engine;
        e.firingOrder = {1, 3, 4, 2};
        bench.session().keep(book::SetEngine{e});
        bench.type(QStringLiteral("events"));
        RunConditions t = lastRun(bench).conditions;
        t.oneTurn = t.bothValves = t.wheelOfFirst = true;
        t.shift_deg = -180.0;
        t.repeats = 1;
        t.taken = Place::Valve;
        t.eventHeights = {{1.27, Place::Valve}};
        bench.session().keep(book::SetConditions{lastRun(bench).id, t});
        bench.type(QStringLiteral("8"));
        // The exhaust had no run of this kind yet: it begins one under the same conditions.
        const RunConditions other = lastRun(bench).conditions;
        QVERIFY(lastRun(bench).side == Side::Exhaust);
        QVERIFY(other.wheelOfFirst && other.bothValves && other.taken == Place::Valve);
        QCOMPARE(other.shift_deg, -180.0);
    }

    // Cylinder 3 is 180 behind: what opens 14 before its TDC shows 166 after the wheel's, and what
    // closes 40 after its BDC shows 40 after it. A curve is asked where the lobe stands there.
    void eventsAndCurveOnTheWheelOfTheFirst() {
        Bench bench(true);
        atFreshLobe(bench, 3);
        Engine e = bench.session().job().engine;
        e.firingOrder = {1, 3, 4, 2};
        bench.session().keep(book::SetEngine{e});
        bench.type(QStringLiteral("c"));
        for (int i = 0; i < 18; ++i)
            bench.type(QString());
        bench.type(QStringLiteral("2"));
        RunConditions t = lastRun(bench).conditions;
        QVERIFY(t.wheelOfFirst);
        QCOMPARE(t.shift_deg, -180.0);
        QCOMPARE(t.from.deg, 110.0); // 70 before TDC
        QVERIFY2(bench.text("ask").contains(QStringLiteral("110° after TDC")),
                 qPrintable(bench.text("ask")));
        bench.type(QStringLiteral("75b 7.2")); // 105 after its own top
        const RunFindings* f = bench.session().findings().run(lastRun(bench).id);
        QCOMPARE(f->readings.back().at.deg, 105.0);
        bench.type(QStringLiteral("events"));
        t = lastRun(bench).conditions;
        QVERIFY(t.wheelOfFirst);
        QCOMPARE(t.shift_deg, -180.0);
        t.repeats = 1;
        t.eventHeights = {{1.27, Place::Tappet}};
        bench.session().keep(book::SetConditions{lastRun(bench).id, t});
        bench.type(QStringLiteral("166a"));
        bench.type(QStringLiteral("40a"));
        f = bench.session().findings().run(lastRun(bench).id);
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
            Bench bench;
            bench.session().newJob(QStringLiteral("banks"));
            Engine e = bench.session().job().engine;
            e.cylinders = x.cylinders;
            bench.session().keep(book::SetEngine{e});
            bench.window().go(stations::engine);
            const auto to = [&](const char* name, Qt::Key way) {
                for (int i = 0; i < 99 && !bench.text("ask").startsWith(QLatin1String(name)); ++i)
                    bench.key(way);
            };
            to("Firing order", Qt::Key_Down);
            bench.type(QLatin1String(x.order));
            // Few need the rest: it is passed by, and then asked one after the other.
            QVERIFY(bench.text("ask").startsWith(QStringLiteral("Job")));
            to("Bank angle", Qt::Key_Up);
            bench.type(QLatin1String(x.bank));
            QVERIFY(bench.text("ask").startsWith(QStringLiteral("Bank the crank")));
            bench.type(QLatin1String(x.second));
            QVERIFY(bench.text("ask").startsWith(QStringLiteral("Crank throws")));
            bench.type(QLatin1String(x.wrong));
            QVERIFY2(bench.text("echo").contains(QStringLiteral("cylinders")),
                     qPrintable(bench.text("echo")));
            QVERIFY(bench.onDisk().engine.throws_deg.empty());
            bench.line()->clear();
            bench.type(QLatin1String(x.throws));
            QCOMPARE(*bench.onDisk().engine.behindFirst_deg(x.cylinder), x.behind);
        }
    }

    // A gauge that counts up both ways, taken for one that runs on: one key takes it as it is.
    void theOtherGaugeByOneKey() {
        Bench bench;
        bench.session().newJob(QStringLiteral("gauge"));
        Stated s = bench.session().job();
        s.fitted.scale = WheelScale::Twice180;
        bench.session().keep(book::SetStated{s});
        bench.window().go(stations::tdc);
        bench.type(QStringLiteral("30"));
        bench.type(QStringLiteral("28"));
        QCOMPARE(*bench.session().findings().tdc.latest()->halfSpan_deg, 1.0);
        QVERIFY2(bench.text("tdcVerdict").contains(QStringLiteral("type G")),
                 qPrintable(bench.text("tdcVerdict")));
        bench.type(QStringLiteral("g"));
        const TdcFindings& tdc = bench.session().findings().tdc;
        QCOMPARE(*tdc.latest()->halfSpan_deg, 29.0);
        QCOMPARE(*tdc.latest()->correction_deg, -1.0);
        QVERIFY(bench.text("tdcVerdict").contains(QStringLiteral("Move the pointer 1°")));
        QCOMPARE(bench.onDisk().contacts.size(), std::size_t(3));
        // Nothing is offered any more, and undo takes it back.
        bench.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(*bench.session().findings().tdc.latest()->halfSpan_deg, 1.0);
    }

    // Stopped near the top: said before the pointer is moved by it.
    void aStopThatIsTooShallowIsSaid() {
        Bench bench;
        bench.session().newJob(QStringLiteral("stop"));
        bench.window().go(stations::tdc);
        bench.type(QStringLiteral("8"));
        bench.type(QStringLiteral("6"));
        QVERIFY2(bench.text("tdcVerdict").contains(QStringLiteral("Screw the stop deeper")),
                 qPrintable(bench.text("tdcVerdict")));
    }

    // Cylinder 3 on the wheel as it was set for 1, and nothing said of throws or order.
    void aCylinderWhoseTopIsNotKnown() {
        Bench bench(true);
        bench.session().openJob(bench.session().book().jobs()[0].id);
        LiftRun run;
        run.cylinder = 3;
        run.conditions = usualConditions(bench.session().job().engine, Side::Intake);
        const auto lobe = closed::power(106.0 + 180.0, 147.0, 7.2, 2.0);
        for (double d = 116.0; d <= 456.0; d += 5.0) {
            Reading r;
            r.at = {d};
            r.lift_mm = std::round(lobe.at(d) * 100.0) / 100.0;
            run.readings.push_back(r);
        }
        bench.session().keep(book::AddRun{run});
        bench.session().select(3, Side::Intake);
        for (const auto* station : {&stations::lobes, &stations::timing}) {
            bench.window().go(*station);
            const QString said =
                bench.text(*station == stations::lobes ? "advice" : "timingVerdict");
            QVERIFY2(said.contains(QStringLiteral("TDC is not known")), qPrintable(said));
        }
    }

    // A closing before TDC: said at once, with what to type; no duration is shown of it.
    void nonsenseIsAnsweredWhereItWasTyped() {
        Bench bench(true);
        atFreshLobe(bench, 3);
        bench.type(QStringLiteral("events"));
        RunConditions t = lastRun(bench).conditions;
        t.repeats = 1;
        bench.session().keep(book::SetConditions{lastRun(bench).id, t});
        bench.type(QStringLiteral("22.3"));
        bench.type(QStringLiteral("58b"));
        QVERIFY2(bench.text("advice").contains(QStringLiteral("58ab")),
                 qPrintable(bench.text("advice")));
        const RunFindings* f = bench.session().findings().run(lastRun(bench).id);
        QVERIFY(!f->lobe.atEventsHeight.duration_deg());
        // Struck, and typed as offered.
        bench.key(Qt::Key_Backspace);
        bench.type(QStringLiteral("58ab"));
        f = bench.session().findings().run(lastRun(bench).id);
        QVERIFY(std::abs(*f->lobe.atEventsHeight.duration_deg() - 260.3) < 1e-9);
        QVERIFY(!bench.text("advice").contains(QStringLiteral("no cam")));
    }

    // What stands off does not count, until K says that it is right; undone with the rest.
    void whatStandsOffIsSaidRight() {
        Bench bench(true);
        atFreshLobe(bench, 3);
        const auto lobe = closed::power(106.0, 147.0, 7.2, 2.0);
        for (double d = -70.0; d <= 280.0; d += 5.0)
            bench.type(QString::number(lobe.at(d) + (d == 60.0 ? 0.12 : 0.0), 'f', 2));
        LiftRun run = lastRun(bench);
        QVERIFY2(bench.text("advice").contains(QStringLiteral("does not count")),
                 qPrintable(bench.text("advice")));
        const auto* before = bench.session().findings().run(run.id);
        QVERIFY(std::abs(before->lobe.curve->at(60.0) - lobe.at(60.0)) < 0.02);
        bench.type(QStringLiteral("k"));
        run = lastRun(bench);
        QCOMPARE(run.conditions.right_deg, std::vector<double>{60.0});
        QVERIFY(bench.session().findings().run(run.id)->lobe.misfits.empty());
        bench.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(lastRun(bench).conditions.right_deg.empty());
    }

    // Said before the first reading: lift is lost while it is read.
    void aLiveFollowerIsWarnedOf() {
        Bench bench(true);
        bench.session().openJob(bench.session().book().jobs()[0].id);
        Engine e = bench.session().job().engine;
        e.follower = Follower::Hydraulic;
        bench.session().keep(book::SetEngine{e});
        bench.session().select(3, Side::Intake);
        bench.window().go(stations::lobes);
        QVERIFY2(bench.text("advice").contains(QStringLiteral("checking spring")),
                 qPrintable(bench.text("advice")));
    }

    // A wanted centre with no card; the firing order typed as it is said.
    void wantedCentresAndFiringOrder() {
        Bench bench;
        bench.session().newJob(QStringLiteral("new"));
        Stated s = bench.session().job();
        s.trial.target.kind = TargetKind::Centres;
        s.trial.target.centre.intake = 104.5;
        bench.session().keep(book::SetStated{s});
        QCOMPARE(*bench.onDisk().trial.target.centre.intake, 104.5);
        Engine e = bench.session().job().engine;
        e.firingOrder = {1, 3, 4, 2};
        bench.session().keep(book::SetEngine{e});
        QCOMPARE(bench.onDisk().engine.firingOrder, (std::vector<int>{1, 3, 4, 2}));
        bench.session().select(3, Side::Intake);
        bench.window().go(stations::lobes);
        QVERIFY2(bench.text("advice").contains(QStringLiteral("at BDC")),
                 qPrintable(bench.text("advice")));
    }
};

QTEST_MAIN(TestWays)
#include "test_ways.moc"
