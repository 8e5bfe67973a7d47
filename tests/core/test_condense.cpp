// Sweeps of an instrument: as exact as every reading of them, and a spike is still named.
#include "core/angle/statistics.h"
#include "core/lobe/condense.h"
#include "core/lobe/lobe.h"
#include "simulated/closed_lobes.h"
#include "support/program.h"

#include <QTest>

#include <random>

namespace test_condense {

using namespace lobe;

namespace {

std::vector<LiftPoint> sweep(const closed::Lobe& lobe, int count, double scatter_mm,
                             unsigned seed) {
    std::mt19937 random(seed);
    std::normal_distribution<double> scatter(0.0, scatter_mm);
    std::vector<LiftPoint> out;
    for (int i = 0; i < count; ++i) {
        const double deg = lobe.centre - 175.0 + 350.0 * i / count;
        out.push_back({deg, std::max(-0.05, lobe.at(deg) + scatter(random))});
    }
    return out;
}

} // namespace

class TestCondense : public QObject {
    Q_OBJECT

private slots:
    void theMiddleOfSeven() {
        std::array<double, 7> order{-3.0, -1.0, 0.5, 2.0, 4.0, 5.0, 9.0};
        int orders = 0;
        do {
            QCOMPARE(medianOf7(order), 2.0);
            ++orders;
        } while (std::next_permutation(order.begin(), order.end()));
        QCOMPARE(orders, 5040);
        QCOMPARE(medianOf7({1.0, 1.0, 1.0, 1.0, 0.0, 2.0, 0.0}), 1.0);
    }

    void fewPointsStayAsTheyAre() {
        const auto points = sweep(closed::power(106, 147, 7.2), 1440, 0.01, 1);
        const Condensed c = condensed(points, {});
        QCOMPARE(c.points.size(), points.size());
        QCOMPARE(c.points[77].mm, points[77].mm);
        QCOMPARE(c.each, 1.0);
    }

    /// By hand: twice as many points on a line, each span's mean lies on that line.
    void aLineStaysALine() {
        std::vector<LiftPoint> points;
        for (int i = 0; i < 20000; ++i)
            points.push_back({0.01 * i, 0.05 * i});
        const Condensed c = condensed(points, {});
        // 28 to a point, so that there are no more than 720; the last eight go with those before.
        QCOMPARE(c.points.size(), std::size_t(714));
        QVERIFY(std::abs(c.each - 28.0) < 0.02);
        for (const LiftPoint& p : c.points)
            QVERIFY(std::abs(p.mm - 5.0 * p.deg) < 1e-9);
        for (std::size_t i = 1; i < c.points.size(); ++i)
            QVERIFY(c.points[i].deg > c.points[i - 1].deg);
        QVERIFY(c.odd.empty());
    }

    /// Events and lift of a known lobe, out of 20000 noisy readings; what is stated holds.
    void aSweepIsExact() {
        const auto lobe = closed::power(106.0, 147.0, 7.2);
        LobeRequest request;
        request.heights = {{0.5, Place::Tappet}, {1.27, Place::Tappet}};
        int inside = 0, asked = 0;
        for (unsigned seed = 1; seed <= 60; ++seed) {
            const LobeFigures f = analyseLobe(sweep(lobe, 20000, 0.01, seed), request);
            QVERIFY(std::abs(f.maxLift_mm->value - 7.2) < 0.003);
            QVERIFY2(std::abs(f.scatter_mm - 0.01) < 0.003,
                     qPrintable(QString::number(f.scatter_mm)));
            for (const HeightEvents& e : f.heights)
                for (bool opening : {true, false}) {
                    const auto& at = opening ? e.opens : e.closes;
                    const double off = at->deg - lobe.event(e.height.mm, opening);
                    QVERIFY2(std::abs(off) < 0.05, qPrintable(QString::number(off)));
                    inside += std::abs(off) <= *halfWidthOf(at);
                    ++asked;
                }
            QVERIFY(f.misfits.empty());
        }
        // The stated 95 in 100, of 240.
        QVERIFY2(inside >= 0.90 * asked, qPrintable(QString::number(inside)));
    }

    void aSpikeIsNamedAndPullsNothing() {
        const auto lobe = closed::power(106.0, 147.0, 7.2);
        auto points = sweep(lobe, 20000, 0.003, 5);
        points[12000].mm += 0.4;
        const LobeFigures f = analyseLobe(points, LobeRequest{});
        QCOMPARE(f.misfits.size(), std::size_t(1));
        QVERIFY(std::abs(f.misfits[0].at.deg - points[12000].deg) < 1e-6);
        QVERIFY(std::abs(f.misfits[0].off_mm - 0.4) < 0.05);
        QVERIFY(std::abs(f.curve->at(points[12000].deg) - lobe.at(points[12000].deg)) < 0.003);
        // What the builder says is right counts.
        LobeRequest right;
        right.right = {points[12000].deg};
        QVERIFY(analyseLobe(points, right).misfits.empty());
    }
};

AMBER_TEST(TestCondense)

} // namespace test_condense

#include "test_condense.moc"
