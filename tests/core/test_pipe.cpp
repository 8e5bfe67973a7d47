// Gas in pipes against what is known exactly: Riemann's problem, acoustics, steady nozzles, rest,
// and that nothing is lost.
#include "core/filling/pipe.h"
#include "core/filling/pipe_end.h"
#include "support/program.h"

#include <QTest>

#include <cmath>
#include <numbers>
#include <random>

namespace test_pipe {

using namespace lobe;

namespace {

constexpr double kG = kGamma;
constexpr double kPi = std::numbers::pi;

double straight(double) {
    return 0.04;
}

/// The exact solution of Riemann's problem at x / t, by Newton's method on the star pressure
/// (Toro, chapter 4), written for this test alone.
GasState exact(const GasState& l, const GasState& r, double speed) {
    const double cl = std::sqrt(kG * l.p / l.rho), cr = std::sqrt(kG * r.p / r.rho);
    const auto f = [&](double p, const GasState& s, double c) {
        if (p > s.p) {
            const double a = 2.0 / ((kG + 1.0) * s.rho), b = (kG - 1.0) / (kG + 1.0) * s.p;
            return (p - s.p) * std::sqrt(a / (p + b));
        }
        return 2.0 * c / (kG - 1.0) * (std::pow(p / s.p, (kG - 1.0) / (2.0 * kG)) - 1.0);
    };
    double lo = 1e-6 * std::min(l.p, r.p), hi = 1e3 * std::max(l.p, r.p);
    for (int i = 0; i < 200; ++i) {
        const double p = std::sqrt(lo * hi);
        (f(p, l, cl) + f(p, r, cr) + r.u - l.u > 0.0 ? hi : lo) = p;
    }
    const double p = std::sqrt(lo * hi);
    const double u = 0.5 * (l.u + r.u) + 0.5 * (f(p, r, cr) - f(p, l, cl));
    const bool left = speed < u;
    const GasState& s = left ? l : r;
    const double c = left ? cl : cr, way = left ? -1.0 : 1.0;
    const double k = (kG - 1.0) / (kG + 1.0);
    GasState out = s;
    if (p > s.p) {
        const double front =
            s.u + way * c * std::sqrt((kG + 1.0) / (2.0 * kG) * p / s.p + (kG - 1.0) / (2.0 * kG));
        if (way * (speed - front) >= 0.0) return out;
        out.rho = s.rho * (p / s.p + k) / (k * p / s.p + 1.0);
    } else {
        const double cStar = c * std::pow(p / s.p, (kG - 1.0) / (2.0 * kG));
        if (way * (speed - (s.u + way * c)) >= 0.0) return out;
        if (way * (speed - (u + way * cStar)) > 0.0) {
            // Inside the fan.
            const double a = 2.0 / (kG + 1.0) - way * k / c * (s.u - speed);
            out.u = 2.0 / (kG + 1.0) * (-way * c + (kG - 1.0) / 2.0 * s.u + speed);
            out.rho = s.rho * std::pow(a, 2.0 / (kG - 1.0));
            out.p = s.p * std::pow(a, 2.0 * kG / (kG - 1.0));
            return out;
        }
        out.rho = s.rho * std::pow(p / s.p, 1.0 / kG);
    }
    out.p = p;
    out.u = u;
    return out;
}

GasFlux closed(const Pipe& pipe, bool right) {
    double guess = 0.0;
    const GasState in = pipe.end(right);
    return throughEnd(in, right ? in.u : -in.u, 0.0, {}, guess);
}

/// As `throughEnd` has it outward, to the right.
GasFlux rightward(GasFlux f, bool right) {
    if (!right) {
        f.mass = -f.mass;
        f.energy = -f.energy;
        f.fresh = -f.fresh;
    }
    return f;
}

/// Mean error of density over a pipe of a metre, when the waves have gone about a third of it.
double shockError(const GasState& l, const GasState& r, int cells) {
    Pipe pipe(cells, 1.0, straight);
    for (std::size_t i = 0; i < pipe.cells(); ++i)
        pipe.put(i, i < pipe.cells() / 2 ? l : r);
    const double end =
        0.3 / std::max(std::sqrt(kG * l.p / l.rho), std::sqrt(kG * r.p / r.rho)) / 1.5;
    double t = 0.0;
    while (t < end) {
        const double dt = std::min(pipe.stableStep_s(), end - t);
        // Nothing has reached the ends: what stands there goes on.
        const auto own = [](const GasState& s) {
            const double e = s.p / (kG - 1.0) + 0.5 * s.rho * s.u * s.u;
            return GasFlux{s.rho * s.u, s.rho * s.u * s.u + s.p, s.u * (e + s.p), s.rho * s.u};
        };
        pipe.advance(dt, own(pipe.end(false)), own(pipe.end(true)));
        t += dt;
    }
    double sum = 0.0;
    for (std::size_t i = 0; i < pipe.cells(); ++i) {
        const double x = (double(i) + 0.5) / double(pipe.cells()) - 0.5;
        sum += std::abs(pipe.state(i).rho - exact(l, r, x / end).rho);
    }
    return sum / double(pipe.cells()) / std::max(l.rho, r.rho);
}

/// A tube of 2 m between closed ends that sounds in its first mode.
struct Sounding {
    Pipe pipe;
    double c = 0.0, length = 2.0;
    explicit Sounding(int cells, double amplitude) : pipe(cells, 2.0, straight) {
        const double rho = 1.2, p = 1e5;
        c = std::sqrt(kG * p / rho);
        for (std::size_t i = 0; i < pipe.cells(); ++i) {
            const double x = (double(i) + 0.5) * pipe.step_m();
            pipe.put(i, {rho, amplitude * std::sin(kPi * x / length), p, 1.0});
        }
    }
    void step(double dt) {
        pipe.advance(dt, rightward(closed(pipe, false), false), closed(pipe, true));
    }
    /// How much of the first mode the speed holds.
    double mode() const {
        double sum = 0.0;
        for (std::size_t i = 0; i < pipe.cells(); ++i)
            sum += pipe.state(i).u * std::sin(kPi * (double(i) + 0.5) / double(pipe.cells()));
        return 2.0 * sum / double(pipe.cells());
    }
};

} // namespace

class TestPipe : public QObject {
    Q_OBJECT
private slots:
    void shockTubes_data() {
        QTest::addColumn<double>("rhoL");
        QTest::addColumn<double>("uL");
        QTest::addColumn<double>("pL");
        QTest::addColumn<double>("rhoR");
        QTest::addColumn<double>("uR");
        QTest::addColumn<double>("pR");
        QTest::addColumn<double>("least"); // mean error of 400 cells, over the greater density
        // Sod's; two waves running apart; a blast against a quiet gas.
        QTest::newRow("Sod") << 1.0 << 0.0 << 1e5 << 0.125 << 0.0 << 1e4 << 0.004;
        QTest::newRow("apart") << 1.0 << -150.0 << 1e5 << 1.0 << 150.0 << 1e5 << 0.004;
        QTest::newRow("blast") << 1.2 << 0.0 << 1e6 << 1.2 << 0.0 << 1e5 << 0.012;
    }
    void shockTubes() {
        QFETCH(double, rhoL);
        QFETCH(double, uL);
        QFETCH(double, pL);
        QFETCH(double, rhoR);
        QFETCH(double, uR);
        QFETCH(double, pR);
        QFETCH(double, least);
        const GasState l{rhoL, uL, pL, 1.0}, r{rhoR, uR, pR, 1.0};
        const double coarse = shockError(l, r, 100), middle = shockError(l, r, 200),
                     fine = shockError(l, r, 400);
        const double order = std::log2(middle / fine);
        QVERIFY2(fine < least,
                 qPrintable(QStringLiteral("%1 %2 %3").arg(coarse).arg(middle).arg(fine)));
        // Where there are jumps the mean error falls with the cells, a contact's somewhat slower.
        QVERIFY2(order > 0.75, qPrintable(QString::number(order)));
    }

    /// A smooth wave of entropy carried along: of second order.
    void smoothFlowIsOfSecondOrder() {
        const auto error = [](int cells) {
            Pipe pipe(cells, 1.0, straight);
            const auto rho = [](double x) {
                return 1.2 + 0.2 * std::exp(-std::pow((x - 0.4) / 0.1, 2));
            };
            for (std::size_t i = 0; i < pipe.cells(); ++i)
                pipe.put(i, {rho((double(i) + 0.5) * pipe.step_m()), 100.0, 1e5, 1.0});
            double t = 0.0;
            const double end = 0.001;
            while (t < end) {
                const double dt = std::min(pipe.stableStep_s(), end - t);
                const auto own = [](const GasState& s) {
                    const double e = s.p / (kG - 1.0) + 0.5 * s.rho * s.u * s.u;
                    return GasFlux{s.rho * s.u, s.rho * s.u * s.u + s.p, s.u * (e + s.p),
                                   s.rho * s.u};
                };
                pipe.advance(dt, own(pipe.end(false)), own(pipe.end(true)));
                t += dt;
            }
            double sum = 0.0;
            for (std::size_t i = 0; i < pipe.cells(); ++i)
                sum += std::abs(pipe.state(i).rho -
                                rho((double(i) + 0.5) * pipe.step_m() - 100.0 * end));
            return sum / double(pipe.cells());
        };
        const double order = std::log2(error(200) / error(400));
        QVERIFY2(order > 1.8, qPrintable(QString::number(order)));
    }

    void aTubesPeriod() {
        Sounding tube(160, 1.0);
        double t = 0.0, before = tube.mode(), crossed = 0.0;
        int times = 0;
        // Its mode passes nothing twice a period, 2 L / c.
        while (times < 8) {
            const double dt = tube.pipe.stableStep_s();
            tube.step(dt);
            t += dt;
            const double now = tube.mode();
            if (before * now < 0.0) {
                ++times;
                crossed = t - dt * now / (now - before);
            }
            before = now;
        }
        // The first at a quarter, the eighth at 3.75 periods.
        const double period = crossed / 3.75;
        QVERIFY2(std::abs(period / (2.0 * tube.length / tube.c) - 1.0) < 0.01,
                 qPrintable(QString::number(period)));
    }

    /// Friction that goes with the square: of the first mode A' = -f / (2 D) 32 / (9 pi^2) A^2,
    /// from its loss of energy over a period; so 1 / A grows evenly.
    void aTubesDecay() {
        const double f = 10.0, d = 0.04, start = 2.0; // small, so that it does not steepen
        Sounding tube(320, start), free(320, start);
        tube.pipe.setWall(f, 0.0);
        const double end = 4.0 * 2.0 * tube.length / tube.c;
        const auto left = [&](Sounding& s) {
            double t = 0.0;
            while (t < end) {
                const double dt = std::min(s.pipe.stableStep_s(), end - t);
                s.step(dt);
                t += dt;
            }
            return std::abs(s.mode());
        };
        const double damped = left(tube), own = left(free);
        const double expected =
            1.0 / (1.0 / start + f / (2.0 * d) * 32.0 / (9.0 * kPi * kPi) * end);
        // What the method loses by itself is little, and taken off.
        QVERIFY2(own / start > 0.98, qPrintable(QString::number(own)));
        QVERIFY2(std::abs(damped / (own / start) / expected - 1.0) < 0.01,
                 qPrintable(QStringLiteral("%1 %2").arg(damped).arg(expected)));
    }

    void nothingIsLostInAClosedPipe() {
        std::mt19937 random(5);
        std::uniform_real_distribution<double> part(0.0, 1.0);
        Pipe pipe(60, 0.8, [](double x) { return 0.03 + 0.02 * std::sin(6.0 * x) + 0.01 * x; });
        for (std::size_t i = 0; i < pipe.cells(); ++i)
            pipe.put(i, {0.6 + part(random), 60.0 * part(random) - 30.0, 8e4 + 6e4 * part(random),
                         part(random)});
        const double mass = pipe.mass_kg(), energy = pipe.energy_j(), fresh = pipe.fresh_kg();
        for (int i = 0; i < 5000; ++i)
            pipe.advance(pipe.stableStep_s(), rightward(closed(pipe, false), false),
                         closed(pipe, true));
        QVERIFY(std::abs(pipe.mass_kg() / mass - 1.0) < 1e-10);
        QVERIFY(std::abs(pipe.energy_j() / energy - 1.0) < 1e-10);
        QVERIFY(std::abs(pipe.fresh_kg() / fresh - 1.0) < 1e-10);
        for (std::size_t i = 0; i < pipe.cells(); ++i) {
            const GasState s = pipe.state(i);
            QVERIFY(s.p > 0.0 && s.rho > 0.0 && s.fresh > -1e-9 && s.fresh < 1.0 + 1e-9);
        }
    }

    void atRestItStaysAtRest() {
        Pipe pipe(50, 0.5,
                  [](double x) { return x < 0.25 ? 0.05 - 0.12 * x : 0.02 + 0.3 * (x - 0.25); });
        pipe.fill({1.18, 0.0, 99000.0, 0.5});
        const Outside same{99000.0, 99000.0 / (kGas * 1.18), 1.0};
        double guess = 0.0;
        for (int i = 0; i < 3000; ++i)
            pipe.advance(
                pipe.stableStep_s(),
                rightward(throughEnd(pipe.end(false), -pipe.end(false).u, 1.0, same, guess), false),
                closed(pipe, true));
        for (std::size_t i = 0; i < pipe.cells(); ++i) {
            QVERIFY(std::abs(pipe.state(i).u) < 1e-9);
            QVERIFY(std::abs(pipe.state(i).p / 99000.0 - 1.0) < 1e-12);
        }
    }

    /// Between a vessel and the open, until nothing changes: the mass flow of an isentrope.
    void steadyNozzles_data() {
        QTest::addColumn<double>("outside");
        QTest::newRow("not choked") << 0.92e5;
        QTest::newRow("choked") << 0.2e5;
    }
    void steadyNozzles() {
        QFETCH(double, outside);
        // Narrowing smoothly from 50 to 30 mm: its end is its throat.
        const auto shape = [](double x) {
            return 0.03 + 0.02 * 0.5 * (1.0 + std::cos(kPi * std::min(1.0, x / 0.25)));
        };
        Pipe pipe(200, 0.3, shape);
        const Outside from{1e5, 300.0, 1.0}, to{outside, 300.0, 1.0};
        pipe.fill({1e5 / (kGas * 300.0), 0.0, 1e5, 1.0});
        double a = 0.0, b = 0.0;
        GasFlux in, out;
        for (int i = 0; i < 30000; ++i) {
            in = rightward(throughEnd(pipe.end(false), -pipe.end(false).u, 1.0, from, a), false);
            out = throughEnd(pipe.end(true), pipe.end(true).u, 1.0, to, b);
            pipe.advance(pipe.stableStep_s(), in, out);
        }
        const double expected =
            pipe.area_m2(true) * 1e5 / std::sqrt(kGas * 300.0) * nozzleNumber(outside / 1e5);
        const double there = pipe.area_m2(true) * out.mass, here = pipe.area_m2(false) * in.mass;
        QVERIFY2(std::abs(here / there - 1.0) < 1e-5,
                 qPrintable(QString::number(here / there - 1.0)));
        QVERIFY2(std::abs(there / expected - 1.0) < 1e-4,
                 qPrintable(QString::number(there / expected - 1.0)));
    }

    /// A throat's own flow, where the pipe is so wide that it hardly moves.
    void aThroatIsANozzle() {
        const GasState still{1.2, 0.0, 1.1e5, 1.0};
        double guess = 0.0;
        const double share = 0.001; // so little that the pipe hardly moves
        const GasFlux out = throughEnd(still, 0.0, share, {1e5, 300.0, 0.0}, guess);
        const double flow =
            share * 1.1e5 / std::sqrt(kGas * still.temperature_k()) * nozzleNumber(1e5 / 1.1e5);
        QVERIFY(std::abs(out.mass / flow - 1.0) < 0.01);
        guess = 0.0;
        const GasFlux in = throughEnd(still, 0.0, share, {1.3e5, 400.0, 0.25}, guess);
        const double back = share * 1.3e5 / std::sqrt(kGas * 400.0) * nozzleNumber(1.1 / 1.3);
        QVERIFY(std::abs(-in.mass / back - 1.0) < 0.01);
        QCOMPARE(in.fresh, 0.25 * in.mass);
        // It carries the heat it has outside.
        QVERIFY(std::abs(in.energy / in.mass / (kCp * 400.0) - 1.0) < 1e-9);
    }

    /// A wave of a little pressure comes back from a closed end as it came, from an open one the
    /// other way round.
    void endsGiveWavesBack() {
        for (const double share : {0.0, 1.0}) {
            Pipe pipe(400, 2.0, straight);
            const double rho = 1.2, p = 1e5, c = std::sqrt(kG * p / rho);
            for (std::size_t i = 0; i < pipe.cells(); ++i) {
                const double x = (double(i) + 0.5) * pipe.step_m();
                const double dp = 200.0 * std::exp(-std::pow((x - 1.2) / 0.12, 2));
                pipe.put(i, {rho + dp / (c * c), dp / (rho * c), p + dp, 1.0});
            }
            double t = 0.0, guess = 0.0;
            // To the end at 2.0 and back to 1.2.
            while (t < 1.6 / c) {
                const double dt = pipe.stableStep_s();
                pipe.advance(dt, rightward(closed(pipe, false), false),
                             throughEnd(pipe.end(true), pipe.end(true).u, share,
                                        {p, p / (kGas * rho), 1.0}, guess));
                t += dt;
            }
            double most = 0.0;
            for (std::size_t i = 0; i < pipe.cells(); ++i)
                if (std::abs(pipe.state(i).p - p) > std::abs(most)) most = pipe.state(i).p - p;
            QVERIFY2(std::abs(most / (share > 0.5 ? -200.0 : 200.0) - 1.0) < 0.05,
                     qPrintable(QString::number(most)));
        }
    }
};

AMBER_TEST(TestPipe)

} // namespace test_pipe

#include "test_pipe.moc"
