// What is foretold of another cam over crowns of every kind, against a valve that is moved onto a
// crown until it touches, point by point of its rim: the truth shares no formula with the program.
// Counted is what is promised and is not there, and how often the truth lies within what is said.
#include "core/clearance/map.h"
#include "simulated/closed_lobes.h"
#include "support/measured_lobe.h"
#include "support/program.h"

#include <QTest>

#include <cmath>
#include <numbers>
#include <random>

namespace test_crowns {

using namespace lobe;

namespace {

constexpr double kStroke = 78.0, kRod = 140.0, kHead = 17.0; // mm; the head's radius

double radiansOf(double deg) {
    return deg * std::numbers::pi / 180.0;
}

double down(double deg) {
    const double r = kStroke / 2.0, t = radiansOf(deg);
    return r + kRod - (r * std::cos(t) + std::sqrt(kRod * kRod - std::pow(r * std::sin(t), 2)));
}

enum class Shape { Flat, Pocket, Cut, Dome };

/// A crown seen from above: its height over a plane square to the bore, at a place under the valve.
struct Crown {
    Shape shape = Shape::Flat;
    double lean_deg = 0.0; ///< of the valve to the bore
    double height(double x, double y) const {
        switch (shape) {
        case Shape::Flat:
            break;
        case Shape::Pocket: // parallel to the valve's face
            return -x * std::tan(radiansOf(lean_deg));
        case Shape::Cut: // a flatter one
            return -x * std::tan(radiansOf(0.5 * lean_deg));
        case Shape::Dome:
            return std::sqrt(150.0 * 150.0 - (x - 12.0) * (x - 12.0) - y * y) - 150.0;
        }
        return 0.0;
    }
};

/// How far a valve, its face `up` above the crown's plane where the stem meets it, goes along its
/// stem until some point of its face touches: every point of three rings of the face is tried.
double room(const Crown& crown, double up) {
    const double b = radiansOf(crown.lean_deg), c = std::cos(b), s = std::sin(b);
    double least = 1e9;
    for (double ring : {0.0, 0.5, 1.0})
        for (int i = 0; i < 72; ++i) {
            const double t = 2.0 * std::numbers::pi * i / 72.0, u = ring * kHead * std::cos(t),
                         v = ring * kHead * std::sin(t);
            // The face is square to a stem that leans in x; it moves down along the stem.
            const double x0 = u * c, z0 = up - u * s;
            double lo = -5.0, hi = 60.0;
            for (int k = 0; k < 44; ++k) {
                const double mid = (lo + hi) / 2.0;
                (z0 - mid * c > crown.height(x0 - mid * s, v) ? lo : hi) = mid;
            }
            least = std::min(least, hi);
        }
    return least;
}

struct Bench {
    Crown crown;
    double up = 8.0;
    /// By a table: the room hangs on how far the piston is down, and on nothing else.
    std::vector<double> table;
    explicit Bench(const Crown& c, double above) : crown(c), up(above) {
        for (int i = 0; i <= 320; ++i)
            table.push_back(room(crown, up + 0.05 * i));
    }
    double gap(double deg) const {
        const double at = down(deg) / 0.05;
        const auto i = std::min<std::size_t>(static_cast<std::size_t>(at), table.size() - 2);
        return table[i] + (at - static_cast<double>(i)) * (table[i + 1] - table[i]);
    }
    double clearance(const closed::Lobe& lobe, double deg, double advance) const {
        return gap(deg) - lobe.at(deg + advance);
    }
    double least(const closed::Lobe& lobe, double advance) const {
        double best = 1e9;
        for (int i = -3500; i <= 3500; ++i)
            best = std::min(best, clearance(lobe, 0.01 * i, advance));
        return best;
    }
};

LobePtr taken(const closed::Lobe& lobe, unsigned seed) {
    LobeRequest request;
    request.side = Side::Intake;
    request.taken = {Place::Valve, 1.0, 0.0};
    request.resolution_mm = 0.01;
    return std::make_shared<LobeFigures>(
        analyseLobe(measured::take(lobe, {2.0, 0.005, 0.05, 0.01, seed}), request));
}

} // namespace

class TestCrowns : public QObject {
    Q_OBJECT
private slots:
    void whatIsPromisedIsThere() {
        int all = 0, within = 0, over = 0, refused = 0;
        double worst = 0.0, squares = 0.0, stated = 0.0;
        const closed::Lobe own = closed::power(108.0, 140.0, 10.5),
                           other = closed::poly345(104.0, 146.0, 11.2);
        for (Shape shape : {Shape::Flat, Shape::Pocket, Shape::Cut, Shape::Dome})
            for (double lean : {10.0, 14.0, 18.0, 22.0, 26.0}) {
                // A valve that leans over a flat crown has its rim near before its middle.
                const Bench bench({shape, lean}, 8.0 + kHead * std::sin(radiansOf(lean)) *
                                                           (shape == Shape::Pocket ? 0.0 : 1.0));
                for (unsigned seed = 1; seed <= 20; ++seed) {
                    std::mt19937 random(1000 * static_cast<unsigned>(lean) + seed);
                    std::normal_distribution<double> n(0.0, 1.0);
                    std::vector<GapPoint> points;
                    for (int d = 0; d <= 20; d += 2) {
                        const double mm =
                            bench.clearance(own, d + 0.1 * n(random), 0.0) + 0.01 * n(random);
                        points.push_back(
                            {1.0 * d, std::round(100.0 * mm) / 100.0, 1, true, 0.0, 0.0});
                    }
                    GapRequest request;
                    request.path = PistonPath::of(kStroke, kRod);
                    if (seed % 2) request.valveAngle_deg = lean;
                    const ValveLift mine = valveLift(taken(own, seed), 0.0),
                                    theirs = valveLift(taken(other, seed + 400), 0.0);
                    const auto gap = Gap::fit(points, mine, request);
                    QVERIFY(gap);
                    refused += gap->misfit() > 12.0 && gap->residual_mm() > 0.06;
                    const auto look = [&](const ValveLift& lift, const closed::Lobe& lobe,
                                          double advance) {
                        const Least least = leastClearance(*gap, lift, advance);
                        const double off = least.mm.value - bench.least(lobe, advance);
                        within += std::abs(off) <= *least.mm.plusMinus;
                        over += off > *least.mm.plusMinus;
                        worst = std::max(worst, off);
                        squares += off * off;
                        stated += *least.mm.plusMinus;
                        ++all;
                    };
                    for (double advance : {-8.0, 0.0, 6.0}) {
                        look(theirs, other, advance);
                        look(mine, own, advance);
                    }
                }
            }
        const QString said = QStringLiteral("%1 within, %2 promised too much of %3; worst %4; %5 "
                                            "refused; off by %6 rms, stated %7")
                                 .arg(within)
                                 .arg(over)
                                 .arg(all)
                                 .arg(worst)
                                 .arg(refused)
                                 .arg(std::sqrt(squares / all))
                                 .arg(stated / all);
        qInfo("%s", qPrintable(said));
        QVERIFY2(within >= 0.95 * all, qPrintable(said));
        QVERIFY2(over <= 0.01 * all, qPrintable(said));
        QCOMPARE(refused, 0);
    }
};

AMBER_TEST(TestCrowns)

} // namespace test_crowns

#include "test_crowns.moc"
