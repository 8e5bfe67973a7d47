// Compression against arithmetic of its own: volumes by integration, the piston's way by summing
// small steps of the crank, and what is solved for put back in.
#include "core/compression/compression.h"
#include "core/examine/examine.h"
#include "core/job/job.h"
#include "support/program.h"

#include <QTest>

#include <numbers>

namespace test_compression {

using namespace lobe;

namespace {

CompressionState state() {
    CompressionState s;
    s.bore_mm = 90.0;
    s.stroke_mm = 78.0;
    s.rod_mm = 142.0;
    s.chamber = {42.0, 91.0, 1.1, 0.35, 3.5, 0.6};
    s.closing_deg = 62.0;
    return s;
}

Compression of(const CompressionState& s, double altitude = 0.0, double exponent = 1.25) {
    const auto r = compression(s, altitude, exponent);
    if (!std::holds_alternative<Compression>(r)) qFatal("refused");
    return std::get<Compression>(r);
}

/// Pin height over the crank's centre, from the triangle, t from the throw's own top.
double pin(const CompressionState& s, double t_deg) {
    const double t = t_deg * std::numbers::pi / 180.0, r = s.stroke_mm / 2.0;
    const double x = r * std::sin(t) - s.pinOffset_mm;
    return r * std::cos(t) + std::sqrt(s.rod_mm * s.rod_mm - x * x);
}

/// The highest and lowest pin, and the angle of the highest, by looking at every hundredth degree.
struct Ends {
    double top, bottom, topAt;
};
Ends ends(const CompressionState& s) {
    Ends e{-1e9, 1e9, 0.0};
    for (double t = -30.0; t < 330.0; t += 0.01) {
        const double h = pin(s, t);
        if (h > e.top) {
            e.top = h;
            e.topAt = t;
        }
        e.bottom = std::min(e.bottom, h);
    }
    // Flat as it is there, a closer look finds the angle itself.
    const double about = e.topAt;
    for (double t = about - 0.02; t < about + 0.02; t += 1e-6)
        if (pin(s, t) > e.top) {
            e.top = pin(s, t);
            e.topAt = t;
        }
    return e;
}

} // namespace

class TestCompression : public QObject {
    Q_OBJECT
private slots:
    // A valve that shuts at the bottom, or before it: wherever within its doubt it really shuts,
    // the ratio is within its own. By the slider crank, by hand.
    void doubtAboutTheBottom_data() {
        QTest::addColumn<double>("closing");
        for (double closing : {-12.0, -3.0, -1.0, 0.0, 0.5, 2.0, 45.0})
            QTest::addRow("%g after BDC", closing) << closing;
    }
    void doubtAboutTheBottom() {
        QFETCH(double, closing);
        Job job;
        job.engine.bore_mm = 80.0, job.engine.stroke_mm = 80.0, job.engine.rod_mm = 140.0;
        job.engine.chamber.chamber_cc = 40.0;
        Closings all;
        all.by(ClosingSchool::SeatMeasured).deg = Measured<double>{closing, 2.0};
        const auto by = dynamicByClosing(job, all, 1, 0.0);
        QVERIFY(by.size() == kClosingSchools && by[0].ratio && by[0].ratio->plusMinus);
        const auto ratio = [](double afterBottom) {
            const double t = (180.0 + afterBottom) * std::numbers::pi / 180.0;
            const double down = 40.0 * (1.0 - std::cos(t)) + 140.0 -
                                std::sqrt(140.0 * 140.0 - std::pow(40.0 * std::sin(t), 2));
            return (40.0 + std::numbers::pi / 4.0 * 6.4 * down) / 40.0;
        };
        const double least = *by[0].ratio - *by[0].ratio->plusMinus,
                     most = *by[0].ratio + *by[0].ratio->plusMinus;
        for (double off = -2.0; off <= 2.0; off += 0.25) {
            QVERIFY2(ratio(closing + off) >= least - 1e-6, qPrintable(QString::number(off)));
            QVERIFY2(ratio(closing + off) <= most + 1e-6, qPrintable(QString::number(off)));
        }
        QVERIFY(std::abs(*by[0].ratio - ratio(closing)) < 1e-6);
    }
    void staticByHand() {
        const Compression c = of(state());
        const double pi = std::numbers::pi;
        const double swept = pi / 4 * 9.0 * 9.0 * 7.8;
        const double clearance =
            42.0 + pi / 4 * 9.1 * 9.1 * 0.11 + pi / 4 * 9.0 * 9.0 * 0.035 + 3.5 + 0.6;
        QVERIFY(std::abs(c.swept_cc - swept) < 1e-9);
        QVERIFY(std::abs(c.clearance.total() - clearance) < 1e-9);
        QVERIFY(std::abs(c.staticRatio - (swept + clearance) / clearance) < 1e-12);
        QVERIFY(std::abs(c.squish_mm - 1.45) < 1e-12);
    }

    void dynamicByIntegration_data() {
        QTest::addColumn<double>("stroke");
        QTest::addColumn<double>("rod");
        QTest::addColumn<double>("offset");
        QTest::addColumn<double>("closing");
        int n = 0;
        for (double offset : {0.0, 1.5, -2.0})
            for (double closing : {-10.0, 0.0, 40.0, 75.0, 110.0}) {
                ++n;
                QTest::addRow("%d", n) << 64.0 + 4.0 * n << 118.0 + 6.0 * n << offset << closing;
            }
    }
    void dynamicByIntegration() {
        QFETCH(double, stroke);
        QFETCH(double, rod);
        QFETCH(double, offset);
        QFETCH(double, closing);
        CompressionState s = state();
        s.stroke_mm = stroke;
        s.rod_mm = rod;
        s.pinOffset_mm = offset;
        s.closing_deg = closing;
        const Compression c = of(s);
        const Ends e = ends(s);
        const double area = std::numbers::pi / 4 * 90.0 * 90.0 / 1000.0;
        QVERIFY2(std::abs(c.swept_cc - area * (e.top - e.bottom)) < 1e-4,
                 qPrintable(QString::number(c.swept_cc - area * (e.top - e.bottom))));
        // The swept volume from closing to the top, summed over small steps of the crank.
        double volume = 0.0;
        const double from = e.topAt + 180.0 + closing, to = e.topAt + 360.0;
        const int steps = 20000;
        for (int i = 0; i < steps; ++i) {
            const double a = from + (to - from) * i / steps,
                         b = from + (to - from) * (i + 1) / steps;
            volume += area * (pin(s, b) - pin(s, a));
        }
        const double vc = c.clearance.total();
        QVERIFY2(std::abs(c.dynamicRatio - (vc + volume) / vc) < 2e-4,
                 qPrintable(QString::number(c.dynamicRatio - (vc + volume) / vc)));
    }

    // 101.325 kPa at sea level; the standard has 89.87 at 1000 m and 79.50 at 2000 m.
    void crankingPressure() {
        QVERIFY(std::abs(ambient_kpa(0.0) - 101.325) < 1e-9);
        QVERIFY(std::abs(ambient_kpa(1000.0) - 89.87) < 0.02);
        QVERIFY(std::abs(ambient_kpa(2000.0) - 79.50) < 0.02);
        const Compression c = of(state(), 1000.0, 1.3);
        QVERIFY(std::abs(c.cranking_kpa -
                         c.ambient_kpa * (std::exp(1.3 * std::log(c.dynamicRatio)) - 1.0)) < 1e-9);
    }

    void laterClosingLosesCompression() {
        CompressionState s = state();
        double before = of(s).dynamicRatio;
        for (double later = 66.0; later < 100.0; later += 4.0) {
            s.closing_deg = later;
            QVERIFY(of(s).dynamicRatio < before);
            before = of(s).dynamicRatio;
        }
        QVERIFY(before < of(s).staticRatio);
    }

    void solvedForAndPutBack_data() {
        QTest::addColumn<int>("quantity");
        for (Quantity q : {Quantity::Advance, Quantity::Chamber, Quantity::Gasket, Quantity::Deck,
                           Quantity::Crown})
            QTest::addRow("%d", static_cast<int>(q)) << static_cast<int>(q);
    }
    void solvedForAndPutBack() {
        QFETCH(int, quantity);
        const double now = of(state()).dynamicRatio;
        for (double wanted : {now - 0.3, now + 0.25}) {
            const auto value = reach(state(), static_cast<Quantity>(quantity), wanted);
            QVERIFY(value);
            CompressionState s = state();
            switch (static_cast<Quantity>(quantity)) {
            case Quantity::Advance:
                s.closing_deg -= *value;
                break;
            case Quantity::Chamber:
                s.chamber.chamber_cc = *value;
                break;
            case Quantity::Gasket:
                s.chamber.gasket_mm = *value;
                break;
            case Quantity::Deck:
                s.chamber.deck_mm = *value;
                break;
            case Quantity::Crown:
                s.chamber.crown_cc = *value;
                break;
            }
            QVERIFY2(std::abs(of(s).dynamicRatio - wanted) < 1e-6,
                     qPrintable(QString::number(of(s).dynamicRatio - wanted)));
        }
    }

    void outOfReachIsEmpty() {
        QVERIFY(!reach(state(), Quantity::Advance, 30.0));
        QVERIFY(!reach(state(), Quantity::Chamber, 0.9));
    }

    // Nothing is proposed that is not physically there: the piston stays clear of the head, gaskets
    // and chambers are such as there are.
    void onlyWhatCanBeThere() {
        const CompressionState s = state();
        for (double wanted = 2.0; wanted < 30.0; wanted += 0.25) {
            if (const auto deck = reach(s, Quantity::Deck, wanted))
                QVERIFY(*deck + s.chamber.gasket_mm >= 0.6 - 1e-6 && *deck <= 0.1 * s.stroke_mm);
            if (const auto gasket = reach(s, Quantity::Gasket, wanted))
                QVERIFY(*gasket >= 0.3 && *gasket + s.chamber.deck_mm >= 0.6 - 1e-6 &&
                        *gasket <= 4.0);
            if (const auto chamber = reach(s, Quantity::Chamber, wanted))
                QVERIFY(*chamber >= 0.4 * s.chamber.chamber_cc - 1e-6 &&
                        *chamber <= 2.5 * s.chamber.chamber_cc + 1e-6);
            if (const auto crown = reach(s, Quantity::Crown, wanted))
                QVERIFY(*crown > -s.chamber.chamber_cc);
        }
    }

    void impossibleIsRefusedByName_data() {
        QTest::addColumn<int>("fault");
        for (int f = 0; f < 5; ++f)
            QTest::addRow("%d", f) << f;
    }
    void impossibleIsRefusedByName() {
        QFETCH(int, fault);
        CompressionState s = state();
        switch (static_cast<CompressionFault>(fault)) {
        case CompressionFault::BoreNotPositive:
            s.bore_mm = 0.0;
            break;
        case CompressionFault::StrokeNotPositive:
            s.stroke_mm = -1.0;
            break;
        case CompressionFault::RodTooShort:
            s.rod_mm = 38.0;
            break;
        case CompressionFault::VolumeNotPositive:
            s.chamber.crown_cc = -80.0;
            break;
        case CompressionFault::ClosingOutside:
            s.closing_deg = 190.0;
            break;
        }
        const auto r = compression(s, 0.0, 1.25);
        QVERIFY(std::holds_alternative<CompressionError>(r));
        QCOMPARE(static_cast<int>(std::get<CompressionError>(r).fault), fault);
    }

    void closingsBySchool() {
        Job job;
        Card card;
        card.advertisedDuration.intake = 276.0;
        card.centre.intake = 106.0;
        job.card = card;
        LobeFigures intake;
        const auto at = [&](Height h, double closes) {
            HeightEvents e{h, CrankDeg{-20.0}, CrankDeg{closes}};
            e.closes->plusMinus = 0.4;
            intake.heights.push_back(e);
        };
        at({job.reckoning.seat_mm, Place::Valve}, 246.0);
        at({1.27, Place::Tappet}, 222.0);
        at({job.reckoning.closingHeight_mm, Place::Valve}, 230.0);
        const auto all = closings(job, &intake);
        QCOMPARE(*all.by(ClosingSchool::SeatMeasured).deg, 66.0);
        QCOMPARE(*halfWidthOf(all.by(ClosingSchool::SeatMeasured).deg), 0.4);
        QCOMPARE(*all.by(ClosingSchool::SeatMaker).deg, 64.0); // 276 / 2 + 106 - 180
        QCOMPARE(*all.by(ClosingSchool::Plus15).deg, 57.0);    // 42 + 15
        QCOMPARE(*all.by(ClosingSchool::OwnHeight).deg, 50.0);
        QVERIFY(!closings(Job{}, nullptr).by(ClosingSchool::SeatMeasured).deg);
    }

    // Poured 60 cc with the piston 8 mm down in a 90 mm bore: pi/4 8.1 x 8 = 50.894.
    void crownByThePlate() { QVERIFY(std::abs(crownPoured_cc(60.0, 8.0, 90.0) - 9.1062) < 1e-3); }

    void theCurveAgainstAdvance() {
        const auto curve = dynamicAgainstAdvance(state(), 0.0, 1.25);
        QCOMPARE(curve.size(), std::size_t(61));
        for (std::size_t i = 1; i < curve.size(); ++i)
            QVERIFY(curve[i].dynamicRatio > curve[i - 1].dynamicRatio);
        QVERIFY(std::abs(curve[30].dynamicRatio - of(state()).dynamicRatio) < 1e-12);
    }
};

AMBER_TEST(TestCompression)

} // namespace test_compression

#include "test_compression.moc"
