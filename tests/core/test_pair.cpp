// Two lobes together, against their closed forms.
#include "core/timing/pair.h"
#include "simulated/closed_lobes.h"
#include "support/program.h"

#include <QTest>

namespace test_pair {

using namespace lobe;

namespace {

LobeFigures analysed(const closed::Lobe& lobe, Side side, Taken taken,
                     std::vector<Height> heights) {
    std::vector<LiftPoint> points;
    for (double d = lobe.centre - 175.0; d <= lobe.centre + 175.0; d += 5.0)
        points.push_back({d, lobe.at(d)});
    LobeRequest r;
    r.side = side;
    r.taken = taken;
    r.heights = std::move(heights);
    return analyseLobe(points, r);
}

} // namespace

class TestPair : public QObject {
    Q_OBJECT
private slots:
    void figures() {
        const auto in = closed::power(106.0, 147.0, 7.2), ex = closed::power(-112.0, 150.0, 7.0);
        const std::vector<Height> heights{{1.27, Place::Tappet}, {0.5, Place::Tappet}};
        const auto pair = analysePair(analysed(in, Side::Intake, {}, heights),
                                      analysed(ex, Side::Exhaust, {}, heights),
                                      CentreSchool::EqualDrop, Place::Tappet);
        QVERIFY(std::abs(pair.separation->deg - 109.0) < 0.05);
        QVERIFY(std::abs(*pair.advance_deg - 3.0) < 0.05);
        for (std::size_t i = 0; i < 2; ++i) {
            const double h = heights[i].mm;
            QVERIFY(std::abs(*pair.overlap[i].degrees - (ex.event(h, false) - in.event(h, true))) <
                    0.1);
        }
        // The split point by bisecting the closed forms.
        double lo = -20.0, hi = 20.0;
        for (int i = 0; i < 60; ++i) {
            const double mid = (lo + hi) / 2.0;
            (in.at(mid) < ex.at(mid) ? lo : hi) = mid;
        }
        QVERIFY(std::abs(pair.splitPoint->deg - lo) < 0.05);
    }

    // Two degrees past level, the closed forms stand so far apart: their difference says it back.
    void howFarPastLevel() {
        const auto in = closed::power(106.0, 147.0, 7.2), ex = closed::power(-112.0, 150.0, 7.0);
        const std::vector<Height> heights{{1.27, Place::Tappet}};
        const auto i = analysed(in, Side::Intake, {}, heights),
                   e = analysed(ex, Side::Exhaust, {}, heights);
        const double level =
            analysePair(i, e, CentreSchool::EqualDrop, Place::Tappet).splitPoint->deg;
        for (const double by : {-3.0, -1.0, 0.5, 2.0}) {
            const double higher = in.at(level + by) - ex.at(level + by);
            const auto past = pastLevel_deg(i, e, higher, Place::Tappet);
            QVERIFY2(past && std::abs(*past - by) < 0.05 * std::abs(by) + 0.02,
                     qPrintable(QString::number(past.value_or(99.0))));
        }
        QVERIFY(!pastLevel_deg(i, LobeFigures(), 0.1, Place::Tappet));
    }

    void mirroredRampsSplitInTheMiddleOfTheEvents() {
        const auto in = closed::power(106.0, 147.0, 7.2), ex = closed::power(-110.0, 147.0, 7.2);
        const std::vector<Height> h{{0.15, Place::Tappet}};
        const auto i = analysed(in, Side::Intake, {}, h), e = analysed(ex, Side::Exhaust, {}, h);
        const auto pair = analysePair(i, e, CentreSchool::EqualDrop, Place::Tappet);
        const double middle = (e.heights[0].closes->deg + i.heights[0].opens->deg) / 2.0;
        QVERIFY(std::abs(pair.splitPoint->deg - middle) < 0.05);
    }

    void negativeOverlapStaysNegative() {
        const std::vector<Height> h{{1.27, Place::Tappet}};
        const auto pair =
            analysePair(analysed(closed::power(118.0, 130.0, 7.0), Side::Intake, {}, h),
                        analysed(closed::power(-120.0, 130.0, 7.0), Side::Exhaust, {}, h),
                        CentreSchool::EqualDrop, Place::Tappet);
        QVERIFY(*pair.overlap[0].degrees < 0.0);
    }

    void noSplitPointWhenTheLashPartsThem() {
        const std::vector<Height> h{{0.15, Place::Valve}};
        const Taken taken{Place::Tappet, 1.5, 0.4};
        const auto pair =
            analysePair(analysed(closed::power(125.0, 125.0, 7.0, 4.0), Side::Intake, taken, h),
                        analysed(closed::power(-125.0, 125.0, 7.0, 4.0), Side::Exhaust, taken, h),
                        CentreSchool::EqualDrop, Place::Valve);
        QVERIFY(!pair.splitPoint);
        QCOMPARE(pair.findings.size(), std::size_t(1));
        QCOMPARE(*pair.overlapArea_mm_deg, 0.0);
    }

    void overlapAreaAgainstAFineSum() {
        const auto in = closed::raisedCosine(104.0, 150.0, 8.0),
                   ex = closed::raisedCosine(-108.0, 150.0, 7.5);
        double sum = 0.0;
        for (double d = -60.0; d < 60.0; d += 0.01)
            sum += std::min(in.at(d), ex.at(d)) * 0.01;
        const auto pair =
            analysePair(analysed(in, Side::Intake, {}, {}), analysed(ex, Side::Exhaust, {}, {}),
                        CentreSchool::EqualDrop, Place::Tappet);
        QVERIFY(std::abs(*pair.overlapArea_mm_deg / sum - 1.0) < 0.003);
    }
};

AMBER_TEST(TestPair)

} // namespace test_pair

#include "test_pair.moc"
