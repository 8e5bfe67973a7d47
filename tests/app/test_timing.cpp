// What the lobes say, through the real window: the verdict against the card, its reasons, the
// schools, the cards, and where a figure comes from.
#include "app/benches/lobes/lobes_station.h"
#include "app/strip/view.h"
#include "app_fixture.h"
#include "core/job/job.h"
#include "simulated/closed_lobes.h"
#include "support/program.h"

#include <QPushButton>

namespace test_timing {

using namespace lobe;
using fixture::Rig;

namespace {

void openJob(Rig& rig, int index) {
    rig.session().openJob(rig.session().book().jobs()[static_cast<std::size_t>(index)].id);
    rig.session().select(1, Side::Intake);
}

/// Types a whole lobe, every five degrees, as an indicator shows it.
void typeLobe(Rig& rig, const closed::Lobe& lobe) {
    for (double d = lobe.centre - 175.0; d <= lobe.centre + 175.0; d += 5.0)
        rig.type(QStringLiteral("@%1 %2").arg(d).arg(QString::number(lobe.at(d), 'f', 2)));
}

} // namespace

class TestTiming : public QObject {
    Q_OBJECT
private slots:
    void aLateCamIsExplained() {
        Rig rig(true);
        openJob(rig, 0);
        rig.window().go(stations::timing);
        QVERIFY2(rig.text("timingVerdict").contains(QStringLiteral("2° late against its card")),
                 qPrintable(rig.text("timingVerdict")));
        const QString reasons = rig.text("timingReasons");
        QVERIFY2(reasons.contains(QStringLiteral("moved alike")), qPrintable(reasons));
        QVERIFY(reasons.contains(QStringLiteral("TDC is proved: advance the cam by 2.0")));
        QVERIFY(rig.text("timingEvents").contains(QStringLiteral("IVO 10.0 BTDC, card 12")));
    }

    // Both lobes typed in by the entry line, with the exhaust's indicator set beside zero.
    void anIndicatorBesideZeroIsNotTiming() {
        Rig rig(true);
        rig.session().newJob(QStringLiteral("zero"));
        rig.window().go(stations::lobes);
        closed::Lobe in = closed::power(105.0, 140.0, 7.6, 2.2);
        closed::Lobe ex = closed::power(-111.0, 142.0, 7.4, 2.2);
        typeLobe(rig, in);
        rig.session().select(1, Side::Exhaust);
        for (double d = -285.0; d <= 65.0; d += 5.0)
            rig.type(QStringLiteral("@%1 %2").arg(d).arg(QString::number(ex.at(d) + 0.14, 'f', 2)));
        Card card;
        card.name = "Esker try";
        card.events.ivo = std::round(-in.event(1.27, true));
        card.events.ivc = std::round(in.event(1.27, false) - 180.0);
        card.events.evo = std::round(-180.0 - ex.event(1.27, true));
        card.events.evc = std::round(ex.event(1.27, false));
        rig.session().keep(book::SetCards{card});
        rig.window().go(stations::timing);
        QVERIFY2(rig.text("timingVerdict").contains(QStringLiteral("too high on the exhaust")),
                 qPrintable(rig.text("timingVerdict")));
        QVERIFY(rig.text("timingVerdict")
                    .contains(QStringLiteral("centre between the events stays where it is")));
    }

    void schoolIsRememberedAndPrinted() {
        Rig rig(true);
        openJob(rig, 0);
        rig.window().go(stations::timing);
        rig.click("school3");
        QVERIFY(rig.onDisk().reckoning.school == CentreSchool::Centroid);
        rig.restart(true);
        QVERIFY(rig.session().job().reckoning.school == CentreSchool::Centroid);
        auto* slate = static_cast<app::RowList*>(rig.find<QWidget>("slateFigures"));
        bool said = false;
        for (int i = 0; i < slate->count(); ++i)
            said = said || (slate->row(i).title == QStringLiteral("Intake centre") &&
                            slate->row(i).under.contains(QStringLiteral("centroid")) &&
                            slate->row(i).beside.startsWith(QChar(0xB1)));
        QVERIFY(said);
    }

    void heightsAndSmoothingByTheEntryLine() {
        Rig rig(true);
        openJob(rig, 0);
        rig.window().go(stations::timing);
        rig.type(QStringLiteral("inch"));
        QVERIFY(std::abs(rig.onDisk().reckoning.heights[2].mm - 1.27) < 1e-9);
        rig.type(QStringLiteral("3t"));
        QCOMPARE(rig.onDisk().reckoning.heights.size(), std::size_t(6));
        rig.type(QStringLiteral("smooth"));
        QVERIFY(!rig.onDisk().reckoning.smoothing);
        QVERIFY2(!rig.text("timingCurve").contains(QStringLiteral("smoothed")),
                 qPrintable(rig.text("timingCurve")));
        rig.type(QStringLiteral("smooth"));
        QVERIFY(rig.onDisk().reckoning.smoothing);
        QVERIFY(rig.text("timingCurve").contains(QStringLiteral("smoothed, since readings")));
    }

    void cardsComeAndGo() {
        Rig rig(true);
        openJob(rig, 0);
        rig.window().go(stations::engine);
        rig.key(Qt::Key_K, Qt::ControlModifier);
        // The new card is asked for at once; the old one is at hand.
        QVERIFY2(rig.text("ask").startsWith(QStringLiteral("Cam")), qPrintable(rig.text("ask")));
        rig.type(QStringLiteral("Esker 9"));
        rig.type(QString());
        for (int i = 0; i < 6; ++i)
            rig.type(QString());
        rig.type(QStringLiteral("232")); // intake duration
        rig.type(QStringLiteral("236"));
        rig.type(QString());
        rig.type(QString());
        rig.type(QStringLiteral("109")); // separation
        rig.type(QStringLiteral("5"));   // ground in
        Job job = rig.onDisk();
        // A candidate: what came with the cam is the fitted one until another is said to be.
        QCOMPARE(QString::fromStdString(job.card->name), QStringLiteral("Drumlin 276"));
        QCOMPARE(job.otherCards.size(), std::size_t(1));
        QCOMPARE(QString::fromStdString(job.otherCards[0].name), QStringLiteral("Esker 9"));
        QCOMPARE(*job.otherCards[0].separation, 109.0);
        QCOMPARE(*job.otherCards[0].advance, 5.0);
        QVERIFY2(rig.text("engineVerdict").contains(QStringLiteral("not fitted")),
                 qPrintable(rig.text("engineVerdict")));
        // IVO = 232/2 - (109 - 5) = 12 follows.
        auto* facts = static_cast<app::RowList*>(rig.find<QWidget>("engineFacts"));
        bool follows = false;
        for (int i = 0; i < facts->count(); ++i)
            follows = follows || (facts->row(i).title == QStringLiteral("Intake opens") &&
                                  facts->row(i).value == QStringLiteral("12° follows"));
        QVERIFY(follows);
        rig.key(Qt::Key_K, Qt::ControlModifier | Qt::ShiftModifier);
        job = rig.onDisk();
        QCOMPARE(QString::fromStdString(job.card->name), QStringLiteral("Esker 9"));
        QCOMPARE(QString::fromStdString(job.otherCards[0].name), QStringLiteral("Drumlin 276"));
        // What is asked and shown now is of the fitted card, and not of the one that took its
        // place.
        QVERIFY2(!rig.text("engineVerdict").contains(QStringLiteral("not fitted")),
                 qPrintable(rig.text("engineVerdict")));
        rig.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(QString::fromStdString(rig.onDisk().card->name), QStringLiteral("Drumlin 276"));
    }

    void anotherCardLooksMoreLikeIt() {
        Rig rig(true);
        openJob(rig, 0);
        const Card right = *rig.session().job().card;
        Card wrong = right;
        wrong.name = "Esker hot";
        wrong.events.ivo = 30;
        wrong.events.ivc = 66;
        wrong.lift_mm.intake = 8.6;
        wrong.events.evo = 75;
        wrong.events.evc = 28;
        rig.session().keep(book::SetCards{wrong, {right}});
        rig.window().go(stations::timing);
        QVERIFY2(rig.text("timingVerdict").contains(QStringLiteral("hardly the cam")),
                 qPrintable(rig.text("timingVerdict")));
        QVERIFY2(rig.text("timingReasons").contains(QStringLiteral("looks like the Drumlin 276")),
                 qPrintable(rig.text("timingReasons")));
    }

    // No card came with the cam; two are at hand.
    void anUnknownCamIsRecognised() {
        Rig rig(true);
        openJob(rig, 0);
        rig.window().go(stations::timing);
        rig.key(Qt::Key_K, Qt::ControlModifier | Qt::AltModifier);
        QVERIFY(!rig.onDisk().card);
        QVERIFY2(rig.text("timingVerdict").contains(QStringLiteral("looks like the Drumlin 276")),
                 qPrintable(rig.text("timingVerdict")));
        Card other = rig.session().job().otherCards[0];
        other.events.ivc = 70;
        rig.session().keep(book::SetCards{{}, {other}});
        QVERIFY(rig.text("timingVerdict").contains(QStringLiteral("none of those at hand")));
    }

    void whereFromShowsItsReadings() {
        Rig rig(true);
        openJob(rig, 0);
        rig.window().go(stations::lobes);
        auto* slate = static_cast<app::RowList*>(rig.find<QWidget>("slateFigures"));
        slate->setFocus();
        slate->setCurrentRow(0);
        rig.key(Qt::Key_Return);
        QVERIFY2(rig.text("whereFrom").contains(QStringLiteral("95 times in 100")),
                 qPrintable(rig.text("whereFrom")));
        QVERIFY(rig.text("whereFrom").contains(QStringLiteral("Open + 180 + close")));
    }

    void motionAndComparedLobes() {
        Rig rig(true);
        openJob(rig, 0);
        rig.window().go(stations::lobes);
        auto* strip = rig.find<QWidget>("strip");
        const int before = app::strip::charts(strip);
        rig.type(QStringLiteral("m"));
        QVERIFY(!rig.find<QWidget>("lobesStation")
                     ->findChild<QWidget*>(QStringLiteral("ring"))
                     ->isVisible());
        QCOMPARE(app::strip::charts(strip), before + 1);
        rig.type(QStringLiteral("v"));
        const auto said = [&](const QString& part) {
            return !app::strip::texts(strip).filter(part).isEmpty();
        };
        QVERIFY(said(QStringLiteral("against the exhaust in a mirror")));
        QVERIFY(said(QStringLiteral("velocity, greatest")));
        rig.type(QStringLiteral("v"));
        QVERIFY(!said(QStringLiteral("in a mirror")));
        rig.type(QStringLiteral("m"));
        QVERIFY(rig.find<QWidget>("lobesStation")
                    ->findChild<QWidget*>(QStringLiteral("ring"))
                    ->isVisible());
        QCOMPARE(app::strip::charts(strip), before);
    }
};

AMBER_TEST(TestTiming)

} // namespace test_timing

#include "test_timing.moc"
