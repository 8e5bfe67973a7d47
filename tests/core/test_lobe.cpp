// One lobe: heights, references, centres, base circle, places.
#include "core/lobe/lobe.h"
#include "simulated/closed_lobes.h"
#include "support/program.h"

#include <QTest>

#include <algorithm>

namespace test_lobe {

using namespace lobe;

namespace {

std::vector<LiftPoint> sampled(const closed::Lobe& lobe, double from, double to,
                               double step = 5.0) {
    std::vector<LiftPoint> points;
    for (double deg = from; deg <= to + 1e-9; deg += step)
        points.push_back({deg, lobe.at(deg)});
    return points;
}

LobeRequest intake(std::vector<Height> heights = {{1.27, Place::Tappet}}) {
    LobeRequest r;
    r.heights = std::move(heights);
    return r;
}

template <class Kind> int count(const LobeFigures& f) {
    return static_cast<int>(std::count_if(f.findings.begin(), f.findings.end(),
                                          [](const Finding& x) { return x.is<Kind>(); }));
}

} // namespace

class TestLobe : public QObject {
    Q_OBJECT
private slots:
    void figuresOfAKnownLobe() {
        const auto lobe = closed::power(106.0, 147.0, 7.2, 1.78);
        const auto f = analyseLobe(sampled(lobe, -70, 280), intake());
        QVERIFY(f.noseReached);
        QVERIFY(std::abs(*f.maxLift_mm - 7.2) < 0.002);
        for (auto school : {CentreSchool::EqualDrop, CentreSchool::Events, CentreSchool::Peak,
                            CentreSchool::Centroid})
            QVERIFY(std::abs(f.centres.by(school)->deg - 106.0) < 0.05);
        QVERIFY(*f.centres.spread_deg() < 0.1);
        const double duration = lobe.event(1.27, false) - lobe.event(1.27, true);
        QVERIFY(std::abs(*f.heights[0].duration_deg() - duration) < 0.1);
        QVERIFY(std::abs(*f.liftAtTdc_mm - lobe.at(0.0)) < 1e-3);
    }

    void centresPartOnAnAsymmetricLobe() {
        const auto f =
            analyseLobe(sampled(closed::asymmetric(104, 130, 160, 9.0), -70, 300), intake());
        QVERIFY(*f.centres.spread_deg() > 3.0);
        QVERIFY(f.centres.centroid->deg > f.centres.equalDrop->deg);
    }

    void equalDropOfAnAsymmetricLobeByHand() {
        const auto lobe = closed::asymmetric(104, 130, 160, 9.0);
        const auto f = analyseLobe(sampled(lobe, -70, 300, 2.0), intake());
        const double middle = (lobe.event(9.0 - 1.27, true) + lobe.event(9.0 - 1.27, false)) / 2.0;
        QVERIFY(std::abs(f.centres.equalDrop->deg - middle) < 0.03);
    }

    void valveHeightFromTappetLift() {
        // 0.5 mm at the valve behind 0.3 lash with ratio 1.5 is (0.5 + 0.3) / 1.5 at the tappet.
        const auto lobe = closed::raisedCosine(105, 140, 7.0);
        LobeRequest r = intake({{0.5, Place::Valve}});
        r.taken = {Place::Tappet, 1.5, 0.3};
        const auto f = analyseLobe(sampled(lobe, -70, 280), r);
        QVERIFY(std::abs(f.heights[0].opens->deg - lobe.event(0.8 / 1.5, true)) < 0.06);
    }

    void tappetHeightFromValveLift() {
        // Tappet 1.27 shows 1.5 x 1.27 - 0.3 at the valve.
        const auto inner = closed::raisedCosine(105, 140, 7.0);
        LobeRequest r = intake({{1.27, Place::Tappet}, {0.15, Place::Tappet}});
        r.taken = {Place::Valve, 1.5, 0.3};
        const auto f = analyseLobe(sampled(closed::behindLash(inner, 1.5, 0.3), -70, 280), r);
        QVERIFY(std::abs(f.heights[0].opens->deg - inner.event(1.27, true)) < 0.06);
        // 0.15 at the tappet is inside the lash: refused by name, not guessed.
        QVERIFY(!f.heights[1].opens);
        QCOMPARE(count<found::HeightUnderLash>(f), 1);
    }

    void anyTurnOfTheCycle_data() {
        QTest::addColumn<double>("shift");
        QTest::newRow("as it is") << 0.0;
        QTest::newRow("0 to 720 table") << 720.0;
        QTest::newRow("behind") << -720.0;
    }
    void anyTurnOfTheCycle() {
        QFETCH(double, shift);
        LobeRequest r = intake();
        r.side = Side::Exhaust;
        auto points = sampled(closed::power(-110, 147, 7.2), -285, 65);
        for (LiftPoint& p : points)
            p.deg += shift;
        std::reverse(points.begin(), points.end());
        const auto f = analyseLobe(points, r);
        QVERIFY(std::abs(f.centres.equalDrop->deg + 110.0) < 0.05);
    }

    void tableCutAtTheWrap() {
        // A 0..720 table of an exhaust lobe that closes past TDC comes in two pieces.
        const auto lobe = closed::power(-110, 147, 7.2);
        std::vector<LiftPoint> points;
        for (double deg = 0.0; deg < 720.0; deg += 5.0)
            points.push_back({deg, lobe.at(deg > 360.0 ? deg - 720.0 : deg)});
        LobeRequest r = intake();
        r.side = Side::Exhaust;
        const auto f = analyseLobe(points, r);
        QVERIFY(std::abs(f.heights[0].closes->deg - lobe.event(1.27, false)) < 0.06);
        QVERIFY(std::abs(f.centres.equalDrop->deg + 110.0) < 0.05);
    }

    void noseNotBehindYet() {
        const auto f = analyseLobe(sampled(closed::power(105, 147, 7.2), -70, 100), intake());
        QVERIFY(!f.noseReached);
        QVERIFY(f.heights[0].opens);
        QVERIFY(!f.heights[0].closes);
        QVERIFY(!f.centres.equalDrop);
        QCOMPARE(count<found::NoseNotReached>(f), 1);
        QCOMPARE(count<found::FlankMissing>(f), 0);
    }

    void flankCutShort() {
        const auto f = analyseLobe(sampled(closed::power(105, 147, 7.2), 60, 280), intake());
        QVERIFY(!f.heights[0].opens);
        QVERIFY(f.heights[0].closes);
        QCOMPARE(count<found::FlankMissing>(f), 1);
    }

    void heightAboveTheNose() {
        const auto f = analyseLobe(sampled(closed::power(105, 147, 4.0), -70, 280),
                                   intake({{5.0, Place::Tappet}}));
        QCOMPARE(count<found::HeightAboveNose>(f), 1);
        QVERIFY(!f.heights[0].opens);
    }

    void shortLobeShortensTheDrop() {
        const auto f = analyseLobe(sampled(closed::power(105, 147, 2.0), -70, 280), intake());
        QCOMPARE(count<found::DropShortened>(f), 1);
        QVERIFY(std::abs(f.centres.equalDrop->deg - 105.0) < 0.1);
    }

    void indicatorThatDoesNotComeHome() {
        auto points = sampled(closed::power(105, 147, 7.2), -70, 280);
        for (std::size_t i = points.size() / 2; i < points.size(); ++i)
            points[i].mm += 0.05;
        const auto f = analyseLobe(points, intake());
        QCOMPARE(count<found::ZeroSlipped>(f), 1);
        QVERIFY(std::abs(findingOf<found::ZeroSlipped>(f.findings)->home_mm - 0.05) < 1e-9);
    }

    void indicatorSetBesideZero() {
        auto points = sampled(closed::power(105, 147, 7.2), -70, 280);
        for (LiftPoint& p : points)
            p.mm += 0.05;
        QCOMPARE(count<found::BaseNotZero>(analyseLobe(points, intake())), 1);
    }

    void exhaustEnteredAsIntake() {
        const auto f = analyseLobe(sampled(closed::power(-110, 147, 7.2), -285, 65), intake());
        QCOMPARE(count<found::SidesSwapped>(f), 1);
    }

    void threeSixtyOut() {
        const auto f = analyseLobe(sampled(closed::power(-255, 147, 7.2), -430, -80), intake());
        QCOMPARE(count<found::CentreFarOff>(f), 1);
    }

    void tooFewAndFlat() {
        const auto few = analyseLobe({{0, 0}, {10, 1}, {20, 0}}, intake());
        QCOMPARE(count<found::TooFewReadings>(few), 1);
        QVERIFY(!few.maxLift_mm);
        std::vector<LiftPoint> flat;
        for (int i = 0; i < 20; ++i)
            flat.push_back({i * 5.0, 0.01 * (i % 2)});
        QCOMPARE(count<found::FlatTable>(analyseLobe(flat, intake())), 1);
        QCOMPARE(count<found::TooFewReadings>(analyseLobe({}, intake())), 1);
    }

    void noiseOnAFlankIsSaid() {
        auto points = sampled(closed::power(105, 147, 7.2), -70, 280, 1.0);
        for (std::size_t i = 0; i < points.size(); ++i)
            points[i].mm += (i % 2 ? 0.08 : -0.08);
        QVERIFY(count<found::NoisyCrossings>(analyseLobe(points, intake({{0.15, Place::Tappet}}))) >
                0);
    }

    void repeatedAngleIsAveragedAndSaid() {
        auto points = sampled(closed::power(105, 147, 7.2), -70, 280);
        points.push_back({points[20].deg, points[20].mm + 0.02});
        LobeRequest r = intake();
        r.smoothing = false;
        const auto f = analyseLobe(points, r);
        QCOMPARE(count<found::RepeatedAngle>(f), 1);
        QVERIFY(std::abs(f.curve->at(points[20].deg) - points[20].mm - 0.01) < 1e-9);
    }
};

AMBER_TEST(TestLobe)

} // namespace test_lobe

#include "test_lobe.moc"
