// Lobes over one another, and the readings a figure stands on.
#include "core/assess/sources.h"
#include "core/lobe/compare.h"
#include "simulated/closed_lobes.h"
#include "support/program.h"

#include <QTest>

namespace test_compare {

using namespace lobe;

namespace {

LobeFigures figures(const closed::Lobe& lobe, Side side, double from, double to) {
    std::vector<LiftPoint> p;
    for (double d = from; d <= to; d += 5.0)
        p.push_back({d, lobe.at(d)});
    LobeRequest r;
    r.side = side;
    r.heights = {{1.27, Place::Tappet}};
    return analyseLobe(p, r);
}

} // namespace

class TestCompare : public QObject {
    Q_OBJECT
private slots:
    void cylinderAgainstCylinder() {
        const auto a = closed::power(105.0, 140.0, 8.0), b = closed::power(107.0, 140.0, 8.0);
        const auto c = compareLobes(figures(a, Side::Intake, -70, 280),
                                    figures(b, Side::Intake, -70, 280), false);
        QVERIFY(c);
        for (const LiftPoint& p : c->differences)
            QVERIFY(std::abs(p.mm - (a.at(p.deg) - b.at(p.deg))) < 0.02);
        QVERIFY(std::abs(c->widest.mm) > 0.15);
    }

    void mirroredLobesLieOverOneAnother() {
        const auto in = closed::power(105.0, 140.0, 8.0), ex = closed::power(-112.0, 140.0, 8.0);
        const auto c = compareLobes(figures(in, Side::Intake, -70, 280),
                                    figures(ex, Side::Exhaust, -285, 65), true);
        QVERIFY(c);
        QVERIFY2(std::abs(c->widest.mm) < 0.01, qPrintable(QString::number(c->widest.mm)));
        QVERIFY(std::abs(c->turned_deg - 217.0) < 0.05);
        // As they stand on the cycle they are nothing alike.
        const auto plain = compareLobes(figures(in, Side::Intake, -70, 280),
                                        figures(ex, Side::Exhaust, -285, 65), false);
        QVERIFY(std::abs(plain->widest.mm) > 1.0);
    }

    void nothingToCompare() {
        LobeFigures none;
        QVERIFY(!compareLobes(none, none, false));
        const auto lobe = figures(closed::power(105.0, 140.0, 8.0), Side::Intake, -70, 280);
        QVERIFY(!compareLobes(lobe, none, false));
    }

    void readingsOfAnEvent() {
        const auto lobe = closed::power(105.0, 140.0, 8.0);
        auto f = figures(lobe, Side::Intake, -70, 280);
        Figure figure;
        figure.kind = FigureKind::Opens;
        figure.side = Side::Intake;
        figure.height = Height{1.27, Place::Tappet};
        // Under the smoothed curve all readings that carry the event, twenty degrees either side.
        const double event = lobe.event(1.27, true);
        for (double at : sourceAngles(figure, f))
            QVERIFY(std::abs(at - event) <= 20.0);
        QCOMPARE(sourceAngles(figure, f).size(), std::size_t(8));
        f.smoothed = false;
        const auto at = sourceAngles(figure, f);
        QCOMPARE(at.size(), std::size_t(4));
        QVERIFY(at[1] <= event && event <= at[2]);
        QCOMPARE(figureAngles(figure, f).size(), std::size_t(1));
        figure.kind = FigureKind::Duration;
        QCOMPARE(sourceAngles(figure, f).size(), std::size_t(8));
        figure.kind = FigureKind::Area;
        QCOMPARE(sourceAngles(figure, f).size(), f.points.size());
        figure.side = Side::Exhaust;
        QVERIFY(sourceAngles(figure, f).empty());
    }
};

AMBER_TEST(TestCompare)

} // namespace test_compare

#include "test_compare.moc"
