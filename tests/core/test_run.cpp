// What stands between the indicator's dial and lift: zeros, counting down, askew indicators,
// drift and its causes, several passes, and what is still to be taken.
#include "core/examine/examine.h"
#include "core/job/job.h"
#include "core/lobe/indicator.h"
#include "core/lobe/run.h"
#include "core/lobe/zero_return.h"
#include "simulated/closed_lobes.h"
#include "support/program.h"

#include <QTest>

#include <algorithm>

namespace test_run {

using namespace lobe;

namespace {

const closed::Lobe kLobe = closed::power(106.0, 147.0, 7.2, 1.78);

Reading read(double deg, double mm, int zero = 1) {
    static std::int64_t id = 0;
    Reading r;
    r.id = ++id;
    r.at = {deg};
    r.value_mm = std::round(mm * 100.0) / 100.0;
    r.zero = zero;
    return r;
}

LiftRun wholeRun(std::int64_t id = 1) {
    LiftRun run;
    run.id = id;
    run.terms.from = {-70.0};
    run.terms.to = {280.0};
    for (double d = -70.0; d <= 280.0; d += 5.0)
        run.readings.push_back(read(d, kLobe.at(d)));
    return run;
}

Job jobOf(std::vector<LiftRun> runs) {
    Job job;
    job.engine.cylinders = 1;
    job.runs = std::move(runs);
    return job;
}

template <class Kind> const Kind* find(const std::vector<Finding>& all) {
    return findingOf<Kind>(all);
}

std::vector<LiftPoint> dial(double drift, double from, double to) {
    std::vector<LiftPoint> p;
    for (double d = -70.0; d <= 280.0; d += 5.0) {
        const double share = std::clamp((d - from) / (to - from), 0.0, 1.0);
        p.push_back({d, std::round((kLobe.at(d) + drift * share) * 100.0) / 100.0});
    }
    return p;
}

/// From what the ends read, without scatter.
found::Any judged(const std::vector<LiftPoint>& points, bool bleeds) {
    return judgeZeroReturn(points, points.back().mm - points.front().mm, bleeds, 0.0);
}

} // namespace

class TestRun : public QObject {
    Q_OBJECT
private slots:
    void eventsLieWhereTheWheelShowsThem_data() {
        QTest::addColumn<int>("side");
        QTest::addColumn<int>("of");
        QTest::addColumn<double>("behind");
        QTest::addColumn<bool>("after");
        QTest::addColumn<bool>("bottom");
        const int in = int(Side::Intake), ex = int(Side::Exhaust);
        const int opens = int(ReadingOf::Opens), closes = int(ReadingOf::Closes),
                  nose = int(ReadingOf::Nose);
        // By hand: on its own wheel, on one half a turn behind, a whole one, and one and a half.
        QTest::newRow("IVO") << in << opens << 0.0 << false << false;
        QTest::newRow("IVC") << in << closes << 0.0 << true << true;
        QTest::newRow("EVO") << ex << opens << 0.0 << false << true;
        QTest::newRow("EVC") << ex << closes << 0.0 << true << false;
        QTest::newRow("IVO, cylinder 3 of 1-3-4-2") << in << opens << 180.0 << false << true;
        QTest::newRow("IVC, cylinder 3") << in << closes << 180.0 << true << false;
        QTest::newRow("IVC, cylinder 4") << in << closes << 360.0 << true << true;
        QTest::newRow("EVO, cylinder 2") << ex << opens << 540.0 << false << false;
        QTest::newRow("EVC, cylinder 2") << ex << closes << -180.0 << true << true;
        QTest::newRow("nose") << in << nose << 0.0 << true << false;
        QTest::newRow("nose, cylinder 3") << in << nose << 180.0 << false << false;
        QTest::newRow("exhaust nose, cylinder 3") << ex << nose << 180.0 << true << false;
    }
    void eventsLieWhereTheWheelShowsThem() {
        QFETCH(int, side);
        QFETCH(int, of);
        QFETCH(double, behind);
        QFETCH(bool, after);
        QFETCH(bool, bottom);
        const UsualSide usual = usualSide(Side(side), ReadingOf(of), behind);
        QCOMPARE(usual.after, after);
        QCOMPARE(usual.centre == DeadCentre::Bottom, bottom);
    }
    // The indicator spans 5 mm; at 40 degrees it is set to zero where lift stands at 4.06.
    void zeroedPartWayWithItsLift() {
        LiftRun run = wholeRun();
        const double at = kLobe.at(40.0);
        for (Reading& r : run.readings.edit())
            if (r.at.deg > 40.0 && r.at.deg < 175.0) {
                r.zero = 2;
                r.value_mm -= at;
            }
        run.terms.zeros = {at};
        for (Reading& r : run.readings.edit())
            if (r.at.deg >= 175.0) r.zero = 1;
        const Job job = jobOf({run}); // readings are pointed into
        const Findings f = examine(job);
        QVERIFY(std::abs(f.runs[0].lobe.centres.equalDrop->deg - 106.0) < 0.15);
        QVERIFY(std::abs(*f.runs[0].lobe.maxLift_mm - 7.2) < 0.02);
        QVERIFY(f.runs[0].lobe.misfits.empty());
        // What was read is untouched.
        const auto& c = f.runs[0].readings[30];
        QCOMPARE(c.read_mm + at, c.lift_mm);
    }

    void zeroedWithoutItsLiftDoesNotCountUntilAMarkJoins() {
        LiftRun run;
        for (double d = -70.0; d <= 60.0; d += 5.0)
            run.readings.push_back(read(d, kLobe.at(d)));
        run.terms.zeros = {std::nullopt};
        for (double d = 65.0; d <= 100.0; d += 5.0)
            run.readings.push_back(read(d, kLobe.at(d) - 3.3, 2));
        IndicatorReadings c = readIndicator(run);
        QVERIFY(!c.zeros[1]);
        const auto* loose = find<found::PartLoose>(c.findings);
        QVERIFY(loose);
        QCOMPARE(loose->readings, 8);
        QCOMPARE(loose->from.deg, 65.0);
        QCOMPARE(livePoints(run).size(), std::size_t(27));
        // 60 once more, under the new zero: the two join, and all of it counts.
        run.readings.push_back(read(60.0, kLobe.at(60.0) - 3.3, 2));
        c = readIndicator(run);
        QVERIFY(std::abs(*c.zeros[1] - 3.3) < 0.011);
        QVERIFY(!find<found::PartLoose>(c.findings));
        const auto points = livePoints(run);
        QCOMPARE(points.size(), std::size_t(35));
        QVERIFY(std::abs(points.back().mm - kLobe.at(100.0)) < 0.02);
        // A struck joint joins nothing.
        run.readings.edit().back().struck = Struck{"misread"};
        QVERIFY(!readIndicator(run).zeros[1]);
    }

    void thirdZeroJoinsThroughTheSecond() {
        LiftRun run;
        run.terms.zeros = {2.0, std::nullopt};
        run.readings = {read(0, 0.0), read(10, 2.0), read(20, 1.0, 2), read(20, 0.0, 3),
                        read(30, 1.5, 3)};
        const IndicatorReadings c = readIndicator(run);
        QCOMPARE(*c.zeros[2], 3.0);
        QCOMPARE(c.readings.back().lift_mm, 4.5);
    }

    void countingDownFromTheNose_data() {
        QTest::addColumn<bool>("minus");
        QTest::newRow("signed dial") << true;
        QTest::newRow("dial without sign") << false;
    }
    void countingDownFromTheNose() {
        QFETCH(bool, minus);
        LiftRun run = wholeRun();
        run.terms.countsDown = true;
        for (Reading& r : run.readings.edit())
            r.value_mm = (minus ? 1.0 : -1.0) * (r.value_mm - 7.2);
        const Findings f = examine(jobOf({run}));
        QVERIFY(std::abs(*f.runs[0].lobe.maxLift_mm - 7.2) < 0.02);
        QVERIFY(std::abs(f.runs[0].lobe.centres.equalDrop->deg - 106.0) < 0.15);
        QVERIFY(!find<found::NoseUnknown>(f.all));
    }

    void countingDownWithoutABaseCircle() {
        LiftRun run;
        run.terms.countsDown = true;
        for (double d = 60.0; d <= 150.0; d += 5.0)
            run.readings.push_back(read(d, kLobe.at(d) - 7.2));
        QVERIFY(find<found::NoseUnknown>(readIndicator(run).findings));
        run.terms.noseLift_mm = 7.2;
        const IndicatorReadings c = readIndicator(run);
        QVERIFY(!find<found::NoseUnknown>(c.findings));
        QVERIFY(std::abs(c.readings.front().lift_mm - kLobe.at(60.0)) < 0.011);
    }

    // cos 15 deg = 0.9659: independent of the code.
    void askewIndicatorIsCorrectedOnlyWhenAsked() {
        LiftRun run;
        run.readings = {read(100, 7.0)};
        run.terms.offAxis_deg = 15.0;
        QCOMPARE(readIndicator(run).readings[0].lift_mm, 7.0);
        run.terms.offAxis = OffAxis::OnThePart;
        QVERIFY(std::abs(readIndicator(run).readings[0].lift_mm - 7.2469) < 1e-3);
        run.terms.offAxis = OffAxis::OnAFlatFace;
        QVERIFY(std::abs(readIndicator(run).readings[0].lift_mm - 6.7615) < 1e-3);
    }

    void beyondTheIndicatorsTravel() {
        LiftRun run = wholeRun();
        run.terms.travel_mm = 5.0;
        const IndicatorReadings c = readIndicator(run);
        const auto* f = find<found::TravelEnds>(c.findings);
        QVERIFY(f);
        QVERIFY(f->read_mm > 5.0);
        run.terms.travel_mm = 10.0;
        QVERIFY(!find<found::TravelEnds>(readIndicator(run).findings));
    }

    void twoLiftsMakeTheRatio() {
        LiftRun run = wholeRun();
        run.terms.ratio = 1.5;
        run.terms.valveLift_mm = 10.5;
        run.terms.tappetLift_mm = 7.2;
        Findings f = examine(jobOf({run}));
        const auto* said = find<found::RatioMeasured>(f.all);
        QVERIFY(said);
        QVERIFY(std::abs(said->ratio - 1.45833) < 1e-4);
        QCOMPARE(f.runs[0].lobe.taken.ratio, 1.5);
        run.terms.measuredRatio = true;
        f = examine(jobOf({run}));
        QVERIFY(std::abs(f.runs[0].lobe.taken.ratio - 1.45833) < 1e-4);
    }

    // One jump, wherever it is: the stand slipped there.
    void slippedBase_data() {
        QTest::addColumn<double>("at");
        QTest::addColumn<double>("drift");
        for (double at : {0.0, 45.0, 90.0, 150.0, 200.0})
            for (double drift : {-0.08, 0.06})
                QTest::addRow("%g at %g", drift, at) << at << drift;
    }
    void slippedBase() {
        QFETCH(double, at);
        QFETCH(double, drift);
        const found::Any said = judged(dial(drift, at - 0.1, at), false);
        const auto* slip = std::get_if<found::ZeroSlipped>(&said);
        QVERIFY(slip);
        QVERIFY2(std::abs(slip->at.deg - at) <= 5.0, qPrintable(QString::number(slip->at.deg)));
    }

    void bledDownLittleByLittle() {
        const auto points = dial(-0.08, 0.0, 215.0);
        QVERIFY(std::holds_alternative<found::ZeroBleeding>(judged(points, true)));
        // The same with a solid follower is not told apart, and says so.
        QVERIFY(std::holds_alternative<found::ZeroNotHome>(judged(points, false)));
        // A follower does not bleed upwards.
        QVERIFY(std::holds_alternative<found::ZeroNotHome>(judged(dial(0.08, 0.0, 215.0), true)));
    }

    void unevenBaseCircle() {
        std::vector<LiftPoint> points;
        for (double d = -180.0; d <= 400.0; d += 5.0)
            points.push_back({d, kLobe.at(d) + 0.03 * std::sin(d * 3.14159 / 360.0)});
        const found::Any said = judged(points, false);
        const auto* uneven = std::get_if<found::ZeroRunOut>(&said);
        QVERIFY(uneven && uneven->runOut_mm > 0.02 && uneven->runOut_mm < 0.07);
    }

    void driftThatComesBackIsInTheCam() {
        LiftRun a = wholeRun(1), b = wholeRun(2);
        for (LiftRun* run : {&a, &b})
            for (std::size_t i = 0; i < run->readings.size(); ++i)
                run->readings.edit()[i].value_mm += 0.05 * double(i) / 70.0;
        QVERIFY(find<found::ZeroNotHome>(examine(jobOf({a})).all));
        QVERIFY(find<found::ZeroRunOut>(examine(jobOf({a, b})).all));
    }

    void passesBesideOneAnother() {
        LiftRun a = wholeRun(1), b = wholeRun(2), c = wholeRun(3);
        for (Reading& r : b.readings.edit())
            r.value_mm += 0.02;
        // A bump over three readings at 105 degrees; a reading alone would be named and left out.
        c.readings.edit()[34].value_mm += 0.03;
        c.readings.edit()[35].value_mm += 0.04;
        c.readings.edit()[36].value_mm += 0.03;
        Job job = jobOf({a, b, c});
        Findings f = examine(job);
        QVERIFY(!f.runs[0].passes);
        const auto& passes = f.runs[2].passes;
        QVERIFY(passes);
        QCOMPARE(passes->runs.size(), std::size_t(3));
        QCOMPARE(passes->widest.deg, 105.0);
        QVERIFY(std::abs(passes->widest.mm - 0.04) < 0.01);
        QVERIFY(find<found::PassesAgree>(f.all));
        // Their mean, on request: 0.02 on one of three is a third of it.
        job.reckoning.averagePasses = true;
        f = examine(job);
        QVERIFY(find<found::PassesMean>(f.all));
        const double base = f.runs[2].lobe.curve->at(-70.0);
        QVERIFY2(std::abs(base - 0.02 / 3.0) < 0.002, qPrintable(QString::number(base)));
        // Far apart is said as such.
        for (Reading& r : job.runs[2].readings.edit())
            r.at.deg += 3.0;
        QVERIFY(find<found::PassesDiffer>(examine(job).all));
    }

    void passesAtDifferentPlacesAreNotMixed() {
        LiftRun a = wholeRun(1), b = wholeRun(2);
        a.terms.taken = Place::Valve;
        QVERIFY(!examine(jobOf({a, b})).runs[1].passes);
    }

    void theTopThatWasSaidAgainstTheLobes() {
        Job job = jobOf({wholeRun()});
        QVERIFY(!find<found::TopOther>(examine(job).all));
        job.fitted.top = WhichTop::Overlap;
        QVERIFY(!find<found::TopOther>(examine(job).all));
        // Counted from firing: the lobe comes 360 later.
        for (Reading& r : job.runs[0].readings.edit())
            r.at.deg += 360.0;
        Findings f = examine(job);
        QCOMPARE(find<found::TopOther>(f.all)->turn_deg, 360.0);
        // Said right and turned, nothing contradicts.
        job.fitted.top = WhichTop::Firing;
        job.runs[0].terms.shift_deg = 360.0;
        f = examine(job);
        QVERIFY(!find<found::TopOther>(f.all));
        QVERIFY(!find<found::CentreFarOff>(f.all));
        QVERIFY(std::abs(f.runs[0].lobe.centres.equalDrop->deg - 106.0) < 0.15);
        // Firing said, and yet recorded as from overlap.
        job = jobOf({wholeRun()});
        job.fitted.top = WhichTop::Firing;
        QCOMPARE(find<found::TopOther>(examine(job).all)->turn_deg, 0.0);
    }

    void whatIsStillToBeTaken() {
        Job job;
        job.engine.cylinders = 4;
        const auto kinds = [](const Job& j) {
            std::vector<TaskKind> out;
            for (const Task& t : examine(j).plan)
                out.push_back(t.kind);
            return out;
        };
        using K = TaskKind;
        const K take = K::TakeLobe;
        QCOMPARE(kinds(job), (std::vector<K>{K::FindTdc, take, take, take, take}));
        for (int i = 0; i < 2; ++i) {
            Contact c;
            c.afterTop = i == 1;
            c.at = {i ? 28.0 : -28.0};
            job.contacts.push_back(c);
        }
        QCOMPARE(kinds(job).front(), K::ProveTdc);
        QCOMPARE(kinds(job)[1], K::SayTop);
        job.fitted.top = WhichTop::Overlap;
        LiftRun run = wholeRun();
        run.readings.edit().resize(20);
        job.runs = {run};
        Findings f = examine(job);
        QCOMPARE(f.plan[1].kind, K::Finish);
        QCOMPARE(f.plan[1].left, 51);
        job.runs[0] = wholeRun();
        job.runs[0].readings.edit()[30].value_mm += 0.3;
        f = examine(job);
        QCOMPARE(f.plan[1].kind, K::ReadAgain);
        QCOMPARE(f.plan[1].at->deg, 80.0);
        job.runs[0] = wholeRun();
        f = examine(job);
        QCOMPARE(f.plan[1].kind, take);
        QCOMPARE(f.plan[1].side, Side::Exhaust);
        QCOMPARE(f.plan.back().cylinder, 4);
        QVERIFY(f.plan.back().optional);
    }

    void eventsAtSeveralHeights() {
        LiftRun run;
        run.terms.eventsOnly = true;
        run.terms.repeats = 1;
        run.terms.eventHeights = {{0.5, Place::Tappet}, {1.27, Place::Tappet}};
        const auto event = [&](ReadingOf of, double deg, double mm) {
            Reading r = read(deg, mm);
            r.of = of;
            run.readings.push_back(r);
        };
        event(ReadingOf::Opens, -30.0, 0.5);
        event(ReadingOf::Closes, 250.0, 0.5);
        event(ReadingOf::Opens, -10.0, 1.27);
        Findings f = examine(jobOf({run}));
        QVERIFY(f.runs[0].events->next->of == ReadingOf::Closes);
        QCOMPARE(f.runs[0].events->next->height.mm, 1.27);
        QCOMPARE(*f.runs[0].lobe.heights[0].duration_deg(), 280.0);
        event(ReadingOf::Closes, 222.0, 1.27);
        event(ReadingOf::Nose, 106.0, 0.0);
        f = examine(jobOf({run}));
        QVERIFY(f.runs[0].complete);
        QCOMPARE(f.runs[0].lobe.centres.events->deg, 106.0);
    }
};

AMBER_TEST(TestRun)

} // namespace test_run

#include "test_run.moc"
