// The filling estimate against limits that can be worked out by hand, and against what every
// practitioner knows.
#include "core/filling/filling.h"
#include "simulated/closed_lobes.h"
#include "support/program.h"

#include <QTest>

#include <chrono>
#include <cmath>
#include <numbers>

namespace test_filling {

using namespace lobe;

namespace {

constexpr double kBore = 86.0, kStroke = 86.0, kRod = 140.0, kRatio = 10.0;

FillingEngine engine() {
    FillingEngine e;
    e.bore_mm = kBore;
    e.stroke_mm = kStroke;
    e.rod_mm = kRod;
    e.staticRatio = kRatio;
    e.intakeHead_mm = 36.0;
    e.exhaustHead_mm = 31.0;
    return e;
}

LiftAt lift(const closed::Lobe& lobe, double advance = 0.0) {
    return [lobe, advance](double deg) { return lobe.at(deg + advance); };
}

/// Opens and shuts at given angles and is wide open in between.
LiftAt gate(double opens, double shuts) {
    return [=](double deg) {
        const double in = std::min(deg - opens, shuts - deg);
        return in <= 0.0 ? 0.0 : std::min(10.0, in);
    };
}

Filling of(const LiftAt& in, const LiftAt& ex, const FillingEngine& e = engine()) {
    return std::get<Filling>(Filling::of(e, in, ex));
}

const closed::Lobe kIn = closed::power(108.0, 140.0, 10.0), kEx = closed::power(-110.0, 140.0, 9.5);

/// The volume over its least, from crank and rod.
double volume(double deg) {
    const double r = kStroke / 2.0, t = deg * std::numbers::pi / 180.0;
    const double down =
        r + kRod - (r * std::cos(t) + std::sqrt(kRod * kRod - std::pow(r * std::sin(t), 2)));
    return 1.0 / (kRatio - 1.0) + down / kStroke; // in swept volumes
}

FillingCurve over(const Filling& f, double from, double to, double step) {
    std::vector<FillingPoint> points;
    for (double s = from; s <= to; s += step)
        points.push_back(f.at(s));
    return fillingCurve(points);
}

} // namespace

class TestFilling : public QObject {
    Q_OBJECT
private slots:
    // Air of gamma 1.35 by hand: choked it goes as sqrt(g) (2 / (g + 1))^((g + 1) / (2 (g - 1))) =
    // 0.6761; at a ratio of 0.8 psi = 0.8^(1/g) sqrt(2 g / (g - 1) (1 - 0.8^((g - 1) / g))) =
    // 0.8476 x sqrt(7.7143 x 0.056209) = 0.5581.
    void aNozzle() {
        const double unit = 1e5 / std::sqrt(287.0 * 300.0);
        QVERIFY(std::abs(nozzleFlow(1.0, 1e5, 300.0, 0.3e5) / unit - 0.6761) < 2e-4);
        QVERIFY(std::abs(nozzleFlow(1.0, 1e5, 300.0, 0.2e5) / unit - 0.6761) < 2e-4);
        QVERIFY(std::abs(nozzleFlow(1.0, 1e5, 300.0, 0.8e5) / unit - 0.5581) < 2e-4);
        QCOMPARE(nozzleFlow(1.0, 1e5, 300.0, 1e5), 0.0);
        // Of a small difference Bernoulli's root: sqrt(2 dp / p).
        QVERIFY(std::abs(nozzleFlow(1.0, 1e5, 300.0, 0.999e5) / unit - std::sqrt(0.002)) <
                1e-3 * 0.05);
    }

    // The curtain until the port is the narrower: pi d L against pi / 4 (0.85 d)^2.
    void anArea() {
        QCOMPARE(Filling::area_m2(0.0, 36.0, 2), 0.0);
        QCOMPARE(Filling::area_m2(-1.0, 36.0, 2), 0.0);
        const double low = std::numbers::pi * 36.0 * 2.0 * (0.70 - 0.45 * 2.0 / 36.0) * 1e-6;
        QVERIFY(std::abs(Filling::area_m2(2.0, 36.0, 1) - low) < 1e-12);
        QVERIFY(std::abs(Filling::area_m2(2.0, 36.0, 2) - 2.0 * low) < 1e-12);
        const double port = std::numbers::pi / 4.0 * 30.6 * 30.6 * (0.70 - 0.45 * 10.0 / 36.0);
        QVERIFY(std::abs(Filling::area_m2(10.0, 36.0, 1) - port * 1e-6) < 1e-12);
    }

    // Turned slowly the cylinder stands at ambient: what is trapped fresh is the volume at closing
    // less the burned rest of the clearance volume, whatever was pushed back meanwhile.
    void slowIsTheVolumeAtClosing_data() {
        QTest::addColumn<double>("shuts");
        for (double shuts : {180.0, 200.0, 230.0, 250.0})
            QTest::newRow(QByteArray::number(shuts).constData()) << shuts;
    }
    void slowIsTheVolumeAtClosing() {
        QFETCH(double, shuts);
        const Filling f = of(gate(0.0, shuts), gate(-230.0, 0.0));
        const double expected = volume(shuts) - volume(0.0);
        const double slow = f.at(100.0).efficiency;
        QVERIFY2(std::abs(slow - expected) < 0.012,
                 qPrintable(QStringLiteral("%1 %2").arg(slow).arg(expected)));
        // And the nearer the slower.
        QVERIFY(std::abs(slow - expected) < std::abs(f.at(3000.0).efficiency - expected));
    }

    // An exhaust that shuts 40 degrees late draws its own hot gas back: the volume it fills is lost
    // to fresh gas, and what stands in it is as hot as it went out.
    void aLateExhaustDrawsHotGasBack() {
        const Filling f = of(gate(40.0, 200.0), gate(-230.0, 40.0));
        const FillingPoint p = f.at(150.0);
        QVERIFY(std::abs(p.efficiency - (volume(200.0) - volume(40.0))) < 0.012);
        const double swept = std::numbers::pi / 4.0 * kBore * kBore * kStroke * 1e-9;
        const double kelvin =
            101325.0 * volume(40.0) * swept / (287.0 * p.residual * p.trapped_mg * 1e-6);
        QVERIFY2(kelvin > 700.0 && kelvin < 1800.0, qPrintable(QString::number(kelvin)));
    }

    void massIsConserved() {
        const Filling f = of(lift(kIn), lift(kEx));
        for (double speed : {1000.0, 3000.0, 6000.0, 9000.0}) {
            const FillingPoint p = f.at(speed);
            QVERIFY2(p.massError < 1e-6, qPrintable(QString::number(p.massError)));
            QVERIFY(p.efficiency > 0.3 && p.efficiency < 1.2);
            QVERIFY(p.residual > 0.0 && p.residual < 0.4);
            // Fresh and burned are all there is.
            const double density = 101325.0 / (287.0 * 293.15);
            const double swept = std::numbers::pi / 4.0 * kBore * kBore * kStroke * 1e-9;
            QVERIFY(std::abs(p.efficiency * density * swept * 1e6 / (1.0 - p.residual) -
                             p.trapped_mg) < 1e-3 * p.trapped_mg);
        }
    }

    void convergedInStepSize() {
        const Filling f = of(lift(kIn), lift(kEx));
        for (double speed : {1000.0, 5000.0, 8000.0}) {
            const FillingPoint coarse = f.at(speed), fine = f.at(speed, 8.0);
            QVERIFY2(std::abs(coarse.efficiency - fine.efficiency) < 2e-4,
                     qPrintable(QString::number(coarse.efficiency - fine.efficiency)));
            QVERIFY(std::abs(coarse.pumping_j - fine.pumping_j) < 0.05);
        }
    }

    // What practitioners know: closing the intake later fills worse slowly and better fast, so that
    // the best filling moves up in speed; so does a longer cam; smaller valves choke it earlier.
    void laterClosingMovesThePeakUp() {
        const FillingCurve early = over(of(lift(kIn, 10.0), lift(kEx)), 1000, 9000, 500);
        const FillingCurve late = over(of(lift(kIn, -10.0), lift(kEx)), 1000, 9000, 500);
        QVERIFY(early.peak_rpm && late.peak_rpm);
        QVERIFY2(*late.peak_rpm > *early.peak_rpm + 300.0,
                 qPrintable(QStringLiteral("%1 %2").arg(*early.peak_rpm).arg(*late.peak_rpm)));
        QVERIFY(late.points[1].efficiency < early.points[1].efficiency);
        const FillingCurve longer =
            over(of(lift(closed::power(108.0, 160.0, 10.0)), lift(kEx)), 1000, 9000, 500);
        const FillingCurve usual = over(of(lift(kIn), lift(kEx)), 1000, 9000, 500);
        QVERIFY(*longer.peak_rpm > *usual.peak_rpm + 300.0);
        FillingEngine small = engine();
        small.intakeHead_mm = 30.0;
        const FillingCurve choked = over(of(lift(kIn), lift(kEx), small), 1000, 9000, 500);
        QVERIFY(*choked.peak_rpm < *usual.peak_rpm);
        QVERIFY(*choked.fallOff_rpm < usual.fallOff_rpm.value_or(1e9));
    }

    // More overlap leaves more burned gas at low speed; pumping grows with speed.
    void overlapAndPumping() {
        const Filling wide =
            of(lift(closed::power(116.0, 140.0, 10.0)), lift(closed::power(-118.0, 140.0, 9.5)));
        const Filling narrow =
            of(lift(closed::power(98.0, 140.0, 10.0)), lift(closed::power(-100.0, 140.0, 9.5)));
        QVERIFY(narrow.at(1500).residual > wide.at(1500).residual);
        QVERIFY(wide.at(4000).pumping_j > wide.at(2000).pumping_j);
        QVERIFY(wide.at(1000).pumping_j > 0.0);
    }

    // A parabola by hand: 0.8, 0.9, 0.86 at 2000, 3000, 4000 has its top at 3214; a tenth of 0.9
    // less is reached halfway between 0.86 and 0.76.
    void theCurve() {
        std::vector<FillingPoint> points;
        for (const auto& [s, e] :
             {std::pair{2000.0, 0.80}, {3000.0, 0.90}, {4000.0, 0.86}, {5000.0, 0.76}})
            points.push_back({s, e, 0.0, 0.0, 0.0, 0.0});
        const FillingCurve curve = fillingCurve(points);
        QVERIFY(std::abs(*curve.peak_rpm - 3214.3) < 0.1);
        QVERIFY(std::abs(*curve.fallOff_rpm - 4500.0) < 1e-6);
        points.resize(2);
        QVERIFY(!fillingCurve(points).peak_rpm);
        QVERIFY(!fillingCurve({}).peak_rpm);
    }

    void whatCannotBe() {
        const auto fault = [](const FillingEngine& e, const LiftAt& in, const LiftAt& ex) {
            const auto made = Filling::of(e, in, ex);
            const auto* f = std::get_if<FillingFault>(&made);
            return f ? std::optional(*f) : std::nullopt;
        };
        FillingEngine e = engine();
        QVERIFY(!fault(e, lift(kIn), lift(kEx)));
        e.rod_mm = 40.0;
        QVERIFY(fault(e, lift(kIn), lift(kEx)) == FillingFault::Dimensions);
        e = engine();
        e.staticRatio = 1.0;
        QVERIFY(fault(e, lift(kIn), lift(kEx)) == FillingFault::Ratio);
        e = engine();
        e.exhaustHead_mm = 120.0;
        QVERIFY(fault(e, lift(kIn), lift(kEx)) == FillingFault::Valves);
        // A valve that stays shut, and one that never shuts.
        QVERIFY(fault(
                    engine(), [](double) { return 0.0; }, lift(kEx)) == FillingFault::ValvesOpen);
        QVERIFY(fault(
                    engine(), [](double) { return 5.0; }, lift(kEx)) == FillingFault::ValvesOpen);
    }
};

AMBER_TEST(TestFilling)

} // namespace test_filling

#include "test_filling.moc"
