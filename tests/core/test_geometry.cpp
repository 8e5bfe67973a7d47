// The slider-crank against a rod and crank drawn point by point.
#include "core/angle/geometry.h"
#include "support/program.h"

#include <QTest>

#include <cmath>
#include <numbers>

namespace test_geometry {

using namespace lobe;

namespace {

/// Pin height by solving the triangle for the rod's length: no closed form shared with the code.
double pinHeight(double crank_deg, double r, double l, double e) {
    const double t = crank_deg * std::numbers::pi / 180.0;
    const double x = r * std::sin(t), y = r * std::cos(t);
    double lo = y, hi = y + l;
    for (int i = 0; i < 80; ++i) {
        const double mid = (lo + hi) / 2.0;
        (std::hypot(x - e, mid - y) < l ? lo : hi) = mid;
    }
    return (lo + hi) / 2.0;
}

/// The highest pin by fine search.
std::pair<double, double> top(double r, double l, double e) {
    double best = -1.0, at = 0.0;
    for (double a = -5.0; a <= 5.0; a += 0.001)
        if (const double h = pinHeight(a, r, l, e); h > best) {
            best = h;
            at = a;
        }
    return {at, best};
}

} // namespace

class TestGeometry : public QObject {
    Q_OBJECT
private slots:
    void againstTheDrawing_data() {
        QTest::addColumn<double>("offset");
        QTest::newRow("none") << 0.0;
        QTest::newRow("1 mm") << 1.0;
        QTest::newRow("-2.5 mm") << -2.5;
    }
    void againstTheDrawing() {
        QFETCH(double, offset);
        const auto path = PistonPath::of(78.0, 142.0, offset);
        const auto [at, highest] = top(39.0, 142.0, offset);
        for (double a = -170.0; a <= 170.0; a += 7.3) {
            const double drop = highest - pinHeight(at + a, 39.0, 142.0, offset);
            QVERIFY2(std::abs(path->drop_mm(a) - drop) < 2e-3, qPrintable(QString::number(a)));
            const double slope = (path->drop_mm(a + 0.001) - path->drop_mm(a - 0.001)) / 0.002;
            QVERIFY(std::abs(path->slope_mm_per_deg(a) - slope) < 1e-6);
        }
        for (double drop : {0.5, 2.0, 8.0}) {
            QVERIFY(std::abs(path->drop_mm(*path->angleAt_deg(drop, true)) - drop) < 1e-9);
            QVERIFY(std::abs(path->drop_mm(*path->angleAt_deg(drop, false)) - drop) < 1e-9);
            const double half = *path->halfSpan_deg(drop);
            QVERIFY(std::abs(*path->dropOfHalfSpan_mm(half) - drop) < 1e-6);
        }
    }

    void driftGrowsWithTheDropAndHasASign() {
        QCOMPARE(*PistonPath::of(78, 142)->midpoint_deg(5.0), 0.0);
        const auto path = PistonPath::of(78, 142, 2.0);
        const double near = *path->midpoint_deg(1.0), far = *path->midpoint_deg(10.0);
        QVERIFY(std::abs(far) > std::abs(near));
        QCOMPARE(*PistonPath::of(78, 142, -2.0)->midpoint_deg(10.0), -far);
    }

    // Near the top the drop is half r (1 + r / l) t^2, so the dwell is where that is the
    // resolution.
    void dwellIsWhereTheDropIsTheResolution() {
        const auto path = PistonPath::of(78, 142);
        const double dwell = path->dwell_deg(0.01);
        QVERIFY(std::abs(path->drop_mm(dwell) / 0.01 - 1.0) < 0.01);
    }

    void impossibleCranksAreRefused() {
        QVERIFY(!PistonPath::of(78, 39));
        QVERIFY(!PistonPath::of(0, 100));
        QVERIFY(!PistonPath::of(78, 40, 2.0));
        QVERIFY(!PistonPath::of(std::nan(""), 100));
        QVERIFY(!PistonPath::of(78, 142)->angleAt_deg(500.0, true));
        QVERIFY(!PistonPath::of(78, 142)->dropOfHalfSpan_mm(0.0));
    }
};

AMBER_TEST(TestGeometry)

} // namespace test_geometry

#include "test_geometry.moc"
