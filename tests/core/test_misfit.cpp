// Readings that do not fit: found by name, and never where there is none.
#include "core/lobe/misfit.h"
#include "simulated/closed_lobes.h"
#include "support/program.h"

#include <QTest>

#include <cmath>
#include <random>

namespace test_misfit {

using namespace lobe;

namespace {

std::vector<LiftPoint> noisy(const closed::Lobe& lobe, double step, double sigma, double round,
                             unsigned seed) {
    std::mt19937 random(seed);
    std::normal_distribution<double> error(0.0, sigma);
    std::vector<LiftPoint> points;
    for (double deg = -70.0; deg <= 280.0; deg += step) {
        double mm = lobe.at(deg) + (sigma > 0.0 ? error(random) : 0.0);
        if (round > 0.0) mm = std::round(mm / round) * round;
        points.push_back({deg, mm});
    }
    return points;
}

} // namespace

class TestMisfit : public QObject {
    Q_OBJECT
private slots:
    void quietOnCleanLobes() {
        for (double step : {1.0, 2.0, 5.0, 10.0})
            for (const auto& lobe : closed::family())
                for (const auto& shape : {lobe, closed::behindLash(lobe, 1.5, 0.3)}) {
                    const auto found = misfits(noisy(shape, step, 0.0, 0.01, 1));
                    QVERIFY2(found.empty(),
                             qPrintable(QStringLiteral("%1, %2 deg: %3 at %4")
                                            .arg(QString::fromStdString(shape.name))
                                            .arg(step)
                                            .arg(found.empty() ? 0.0 : found[0].off_mm)
                                            .arg(found.empty() ? 0.0 : found[0].at.deg)));
                }
    }

    void quietOnHonestNoise() {
        int named = 0, runs = 0;
        for (unsigned seed = 1; seed <= 60; ++seed)
            for (const auto& lobe : closed::family()) {
                named += static_cast<int>(misfits(noisy(lobe, 2.0, 0.0127, 0.0, seed)).size());
                ++runs;
            }
        // Less than one false alarm in a hundred runs of 176 readings.
        QVERIFY2(named * 100 < runs,
                 qPrintable(QStringLiteral("%1 in %2 runs").arg(named).arg(runs)));
    }

    void oneSlipIsNamedAlone_data() {
        QTest::addColumn<double>("step");
        QTest::addColumn<double>("slip");
        QTest::newRow("0.06 under at 5") << 5.0 << -0.06;
        QTest::newRow("a dial turn at 5") << 5.0 << 1.0;
        QTest::newRow("0.1 over at 2") << 2.0 << 0.1;
        QTest::newRow("digits crossed at 10") << 10.0 << 0.45;
    }
    void oneSlipIsNamedAlone() {
        QFETCH(double, step);
        QFETCH(double, slip);
        for (const auto& lobe : closed::family()) {
            auto points = noisy(lobe, step, 0.002, 0.01, 7);
            for (std::size_t i = points.size() / 3; i < points.size() / 2; ++i) {
                auto wrong = points;
                wrong[i].mm += slip;
                const auto found = misfits(wrong);
                QCOMPARE(found.size(), std::size_t(1));
                QCOMPARE(found[0].at.deg, wrong[i].deg);
                QVERIFY(found[0].off_mm * slip > 0.0);
            }
        }
    }

    void twoSlipsApart() {
        auto points = noisy(closed::power(105, 147, 7.2), 5.0, 0.0, 0.01, 1);
        points[25].mm -= 0.2;
        points[45].mm += 0.3;
        const auto found = misfits(points);
        QCOMPARE(found.size(), std::size_t(2));
        QCOMPARE(found[0].at.deg, points[25].deg);
        QCOMPARE(found[1].at.deg, points[45].deg);
    }

    void tooFewToJudge() { QVERIFY(misfits({{0, 0}, {5, 1}, {10, 9}, {15, 1}}).empty()); }
};

AMBER_TEST(TestMisfit)

} // namespace test_misfit

#include "test_misfit.moc"
