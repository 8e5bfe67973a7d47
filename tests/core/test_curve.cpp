// The curve against closed-form lobes.
#include "core/curve/curve.h"
#include "simulated/closed_lobes.h"
#include "support/program.h"

#include <QTest>

namespace test_curve {

using namespace lobe;

namespace {

std::vector<LiftPoint> sampled(const closed::Lobe& lobe, double step, double phase) {
    std::vector<LiftPoint> points;
    for (double deg = -80.0 + phase; deg <= 300.0; deg += step)
        points.push_back({deg, lobe.at(deg)});
    return points;
}

} // namespace

class TestCurve : public QObject {
    Q_OBJECT
private slots:
    void truth_data() {
        QTest::addColumn<double>("step");
        QTest::addColumn<double>("high");
        QTest::addColumn<double>("low");
        QTest::newRow("5 deg") << 5.0 << 0.06 << 0.15;
        QTest::newRow("2 deg") << 2.0 << 0.03 << 0.06;
    }
    // Every shape, with and without a lash in the way, at ten positions of the grid.
    void truth() {
        QFETCH(double, step);
        QFETCH(double, high);
        QFETCH(double, low);
        std::vector<closed::Lobe> lobes = closed::family();
        const std::size_t plain = lobes.size();
        for (std::size_t i = 0; i < plain; ++i)
            lobes.push_back(closed::behindLash(lobes[i], 1.5, 0.3));
        for (const auto& lobe : lobes) {
            const double area = lobe.area();
            for (double phase = 0.0; phase < step; phase += step / 10.0) {
                const auto curve = LiftCurve::through(sampled(lobe, step, phase));
                QVERIFY(curve);
                for (double h : {0.15, 0.5, 1.0, 1.27, 2.0, 5.0}) {
                    const auto x = curve->crossings(h);
                    QVERIFY2(x.size() == 2, qPrintable(QString::fromStdString(lobe.name)));
                    const double off = std::max(std::abs(x[0] - lobe.event(h, true)),
                                                std::abs(x[1] - lobe.event(h, false)));
                    QVERIFY2(off <= (h < 0.5 ? low : high),
                             qPrintable(QStringLiteral("%1 at %2 mm: %3 deg off")
                                            .arg(QString::fromStdString(lobe.name))
                                            .arg(h)
                                            .arg(off)));
                }
                const double got = curve->area(curve->first(), curve->last());
                QVERIFY2(std::abs(got / area - 1.0) <= 0.003,
                         qPrintable(QString::number(got / area)));
            }
        }
    }

    void topBetweenReadings() {
        const auto lobe = closed::raisedCosine(105.3, 135.0, 9.0);
        for (double phase = 0.0; phase < 5.0; phase += 0.5) {
            const LiftPoint top = LiftCurve::through(sampled(lobe, 5.0, phase))->top();
            QVERIFY(std::abs(top.mm - 9.0) < 0.001);
            QVERIFY(std::abs(top.deg - 105.3) < 0.05);
        }
    }

    void flatTopGivesItsMiddle() {
        const auto curve = LiftCurve::through(
            {{0, 0}, {10, 1}, {20, 4}, {30, 6}, {40, 6}, {50, 6}, {60, 4}, {70, 1}, {80, 0}});
        QVERIFY(std::abs(curve->top().deg - 40.0) < 6.0);
        QVERIFY(curve->top().mm >= 6.0 && curve->top().mm < 6.4);
    }

    void unevenSteps() {
        const auto lobe = closed::power(105.0, 140.0, 9.0);
        std::vector<LiftPoint> points;
        double deg = -50.0;
        for (int i = 0; deg < 260.0; ++i) {
            points.push_back({deg, lobe.at(deg)});
            deg += (i % 3 == 0) ? 2.0 : (i % 3 == 1 ? 5.0 : 3.0);
        }
        const auto x = LiftCurve::through(points)->crossings(1.27);
        QCOMPARE(x.size(), std::size_t(2));
        QVERIFY(std::abs(x[0] - lobe.event(1.27, true)) < 0.03);
    }

    void heightAtAReadingCountsOnce() {
        const auto curve =
            LiftCurve::through({{0, 0}, {10, 1}, {20, 2}, {30, 3}, {40, 2}, {50, 1}, {60, 0}});
        for (double h : {1.0, 2.0})
            QCOMPARE(curve->crossings(h).size(), std::size_t(2));
    }

    void neverOvershootsTheBaseCircle() {
        const auto lobe = closed::behindLash(closed::power(105.0, 130.0, 9.0), 1.5, 0.3);
        const auto curve = LiftCurve::through(sampled(lobe, 5.0, 1.0));
        for (double d = -80.0; d <= 300.0; d += 0.25)
            QVERIFY(curve->at(d) > -1e-9);
    }

    void refusesWhatIsNoCurve() {
        QVERIFY(!LiftCurve::through({}));
        QVERIFY(!LiftCurve::through({{0, 1}}));
        QVERIFY(!LiftCurve::through({{0, 1}, {0, 2}}));
        QVERIFY(!LiftCurve::through({{5, 1}, {0, 2}}));
        const auto two = LiftCurve::through({{0, 0}, {10, 2}});
        QVERIFY(two);
        QVERIFY(std::abs(two->at(5.0) - 1.0) < 1e-9);
    }

    void momentGivesTheCentroid() {
        const auto curve = LiftCurve::through(sampled(closed::power(105.3, 140.0, 9.0), 5.0, 0.7));
        QVERIFY(std::abs(curve->moment(-400, 400) / curve->area(-400, 400) - 105.3) < 0.01);
    }
};

AMBER_TEST(TestCurve)

} // namespace test_curve

#include "test_curve.moc"
