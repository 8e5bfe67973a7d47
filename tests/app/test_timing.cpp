// What the lobes say, through the real window: the verdict against the card, its reasons, the
// schools, the cards, and where a figure comes from.
#include "app/pictures/strip.h"
#include "app/stations/lobes/lobes_station.h"
#include "app_fixture.h"
#include "support/closed_lobes.h"

#include <QPushButton>

using namespace lobe;
using fixture::Bench;

namespace {

void openJob(Bench& bench, int index) {
    bench.session().openJob(bench.session().book().jobs()[static_cast<std::size_t>(index)].id);
    bench.session().select(1, Side::Intake);
}

/// Types a whole lobe, every five degrees, as an indicator shows it.
void typeLobe(Bench& bench, const closed::Lobe& lobe) {
    for (double d = lobe.centre - 175.0; d <= lobe.centre + 175.0; d += 5.0)
        bench.type(QStringLiteral("@%1 %2").arg(d).arg(QString::number(lobe.at(d), 'f', 2)));
}

} // namespace

class TestTiming : public QObject {
    Q_OBJECT
private slots:
    void aLateCamIsExplained() {
        Bench bench(true);
        openJob(bench, 0);
        bench.window().go(stations::timing);
        QVERIFY2(bench.text("timingVerdict").contains(QStringLiteral("2° late against its card")),
                 qPrintable(bench.text("timingVerdict")));
        const QString reasons = bench.text("timingReasons");
        QVERIFY2(reasons.contains(QStringLiteral("moved alike")), qPrintable(reasons));
        QVERIFY(reasons.contains(QStringLiteral("TDC is proved: advance the cam by 2.0")));
        QVERIFY(bench.text("timingEvents").contains(QStringLiteral("IVO 10.0 BTDC, card 12")));
    }

    // Both lobes typed in by the entry line, with the exhaust's indicator set beside zero.
    void anIndicatorBesideZeroIsNotTiming() {
        Bench bench(true);
        bench.session().newJob(QStringLiteral("zero"));
        bench.window().go(stations::lobes);
        closed::Lobe in = closed::power(105.0, 140.0, 7.6, 2.2);
        closed::Lobe ex = closed::power(-111.0, 142.0, 7.4, 2.2);
        typeLobe(bench, in);
        bench.session().select(1, Side::Exhaust);
        for (double d = -285.0; d <= 65.0; d += 5.0)
            bench.type(
                QStringLiteral("@%1 %2").arg(d).arg(QString::number(ex.at(d) + 0.14, 'f', 2)));
        Card card;
        card.name = "Esker try";
        card.events.ivo = std::round(-in.event(1.27, true));
        card.events.ivc = std::round(in.event(1.27, false) - 180.0);
        card.events.evo = std::round(-180.0 - ex.event(1.27, true));
        card.events.evc = std::round(ex.event(1.27, false));
        bench.session().keep(book::SetCards{card});
        bench.window().go(stations::timing);
        QVERIFY2(bench.text("timingVerdict").contains(QStringLiteral("too high on the exhaust")),
                 qPrintable(bench.text("timingVerdict")));
        QVERIFY(bench.text("timingVerdict")
                    .contains(QStringLiteral("centre between the events stays where it is")));
    }

    void schoolIsRememberedAndPrinted() {
        Bench bench(true);
        openJob(bench, 0);
        bench.window().go(stations::timing);
        bench.click("school3");
        QVERIFY(bench.onDisk().reckoning.school == CentreSchool::Centroid);
        bench.restart(true);
        QVERIFY(bench.session().job().reckoning.school == CentreSchool::Centroid);
        auto* slate = static_cast<app::RowList*>(bench.find<QWidget>("slateFigures"));
        bool said = false;
        for (int i = 0; i < slate->count(); ++i)
            said = said || (slate->row(i).title == QStringLiteral("Intake centre") &&
                            slate->row(i).under.contains(QStringLiteral("centroid")) &&
                            slate->row(i).beside.startsWith(QChar(0xB1)));
        QVERIFY(said);
    }

    void heightsAndSmoothingByTheEntryLine() {
        Bench bench(true);
        openJob(bench, 0);
        bench.window().go(stations::timing);
        bench.type(QStringLiteral("inch"));
        QVERIFY(std::abs(bench.onDisk().reckoning.heights[2].mm - 1.27) < 1e-9);
        bench.type(QStringLiteral("3t"));
        QCOMPARE(bench.onDisk().reckoning.heights.size(), std::size_t(6));
        bench.type(QStringLiteral("smooth"));
        QVERIFY(!bench.onDisk().reckoning.smoothing);
        QVERIFY2(!bench.text("timingCurve").contains(QStringLiteral("smoothed")),
                 qPrintable(bench.text("timingCurve")));
        bench.type(QStringLiteral("smooth"));
        QVERIFY(bench.onDisk().reckoning.smoothing);
        QVERIFY(bench.text("timingCurve").contains(QStringLiteral("smoothed, since readings")));
    }

    void cardsComeAndGo() {
        Bench bench(true);
        openJob(bench, 0);
        bench.window().go(stations::engine);
        bench.key(Qt::Key_K, Qt::ControlModifier);
        // The new card is asked for at once; the old one is at hand.
        QVERIFY2(bench.text("ask").startsWith(QStringLiteral("Cam")),
                 qPrintable(bench.text("ask")));
        bench.type(QStringLiteral("Esker 9"));
        bench.type(QString());
        for (int i = 0; i < 6; ++i)
            bench.type(QString());
        bench.type(QStringLiteral("232")); // intake duration
        bench.type(QStringLiteral("236"));
        bench.type(QString());
        bench.type(QString());
        bench.type(QStringLiteral("109")); // separation
        bench.type(QStringLiteral("5"));   // ground in
        Job job = bench.onDisk();
        QCOMPARE(QString::fromStdString(job.card->name), QStringLiteral("Esker 9"));
        QCOMPARE(job.otherCards.size(), std::size_t(1));
        QCOMPARE(*job.card->separation, 109.0);
        QCOMPARE(*job.card->advance, 5.0);
        // IVO = 232/2 - (109 - 5) = 12 follows.
        auto* facts = static_cast<app::RowList*>(bench.find<QWidget>("engineFacts"));
        bool follows = false;
        for (int i = 0; i < facts->count(); ++i)
            follows = follows || (facts->row(i).title == QStringLiteral("Intake opens") &&
                                  facts->row(i).value == QStringLiteral("12° follows"));
        QVERIFY(follows);
        bench.key(Qt::Key_K, Qt::ControlModifier | Qt::ShiftModifier);
        job = bench.onDisk();
        QCOMPARE(QString::fromStdString(job.card->name), QStringLiteral("Drumlin 276"));
        QCOMPARE(QString::fromStdString(job.otherCards[0].name), QStringLiteral("Esker 9"));
        bench.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(QString::fromStdString(bench.onDisk().card->name), QStringLiteral("Esker 9"));
    }

    void anotherCardLooksMoreLikeIt() {
        Bench bench(true);
        openJob(bench, 0);
        const Card right = *bench.session().job().card;
        Card wrong = right;
        wrong.name = "Esker hot";
        wrong.events.ivo = 30;
        wrong.events.ivc = 66;
        wrong.lift_mm.intake = 8.6;
        wrong.events.evo = 75;
        wrong.events.evc = 28;
        bench.session().keep(book::SetCards{wrong, {right}});
        bench.window().go(stations::timing);
        QVERIFY2(bench.text("timingVerdict").contains(QStringLiteral("hardly the cam")),
                 qPrintable(bench.text("timingVerdict")));
        QVERIFY2(bench.text("timingReasons").contains(QStringLiteral("looks like the Drumlin 276")),
                 qPrintable(bench.text("timingReasons")));
    }

    // No card came with the cam; two are at hand.
    void anUnknownCamIsRecognised() {
        Bench bench(true);
        openJob(bench, 0);
        bench.window().go(stations::timing);
        bench.key(Qt::Key_K, Qt::ControlModifier | Qt::AltModifier);
        QVERIFY(!bench.onDisk().card);
        QVERIFY2(bench.text("timingVerdict").contains(QStringLiteral("looks like the Drumlin 276")),
                 qPrintable(bench.text("timingVerdict")));
        Card other = bench.session().job().otherCards[0];
        other.events.ivc = 70;
        bench.session().keep(book::SetCards{{}, {other}});
        QVERIFY(bench.text("timingVerdict").contains(QStringLiteral("none of those at hand")));
    }

    void whereFromShowsItsReadings() {
        Bench bench(true);
        openJob(bench, 0);
        bench.window().go(stations::lobes);
        auto* slate = static_cast<app::RowList*>(bench.find<QWidget>("slateFigures"));
        slate->setFocus();
        slate->setCurrentRow(0);
        bench.key(Qt::Key_Return);
        QVERIFY2(bench.text("whereFrom").contains(QStringLiteral("95 times in 100")),
                 qPrintable(bench.text("whereFrom")));
        QVERIFY(bench.text("whereFrom").contains(QStringLiteral("Open + 180 + close")));
    }

    void motionAndComparedLobes() {
        Bench bench(true);
        openJob(bench, 0);
        bench.window().go(stations::lobes);
        auto* strip = static_cast<app::Strip*>(bench.find<QWidget>("strip"));
        const int before = strip->axisRectCount();
        bench.type(QStringLiteral("m"));
        QVERIFY(!bench.find<QWidget>("lobesStation")
                     ->findChild<QWidget*>(QStringLiteral("ring"))
                     ->isVisible());
        QCOMPARE(strip->axisRectCount(), before + 1);
        bench.type(QStringLiteral("v"));
        const auto said = [&](const QString& part) {
            for (int i = 0; i < strip->itemCount(); ++i)
                if (auto* text = qobject_cast<QCPItemText*>(strip->item(i)))
                    if (text->text().contains(part)) return true;
            return false;
        };
        QVERIFY(said(QStringLiteral("against the exhaust in a mirror")));
        QVERIFY(said(QStringLiteral("velocity, greatest")));
        bench.type(QStringLiteral("v"));
        QVERIFY(!said(QStringLiteral("in a mirror")));
        bench.type(QStringLiteral("m"));
        QVERIFY(bench.find<QWidget>("lobesStation")
                    ->findChild<QWidget*>(QStringLiteral("ring"))
                    ->isVisible());
        QCOMPARE(strip->axisRectCount(), before);
    }
};

QTEST_MAIN(TestTiming)
#include "test_timing.moc"
