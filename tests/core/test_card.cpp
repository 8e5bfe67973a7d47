// Cards as cards come: what follows from what is printed, and what does not go together.
#include "core/job/card.h"

#include <QTest>

using namespace lobe;

class TestCard : public QObject {
    Q_OBJECT
private slots:
    void eventsGiveTheRest() {
        Card c;
        c.ivo = 12;
        c.ivc = 40;
        c.evo = 52;
        c.evc = 4;
        const CompleteCard x = complete(c);
        QCOMPARE(x.intakeDuration->value, 232.0);
        QVERIFY(x.intakeDuration->derived);
        QVERIFY(!x.ivo->derived);
        QCOMPARE(x.intakeCentre->value, 104.0);
        QCOMPARE(x.exhaustCentre->value, 114.0);
        QCOMPARE(x.separation->value, 109.0);
        QCOMPARE(x.advance->value, 5.0);
        QVERIFY(x.contradictions.empty());
    }

    // 230/236 at 1.27, separation 110, four advanced: IVO = 115 - 106 = 9, IVC = 115 + 106 - 180.
    void durationsSeparationAndAdvance() {
        Card c;
        c.intakeDuration = 230;
        c.exhaustDuration = 236;
        c.separation = 110;
        c.advance = 4;
        const CompleteCard x = complete(c);
        QCOMPARE(x.intakeCentre->value, 106.0);
        QCOMPARE(x.exhaustCentre->value, 114.0);
        QCOMPARE(x.ivo->value, 9.0);
        QCOMPARE(x.ivc->value, 41.0);
        QCOMPARE(x.evo->value, 52.0);
        QCOMPARE(x.evc->value, 4.0);
        QVERIFY(x.ivo->derived && x.evc->derived);
        QVERIFY(x.contradictions.empty());
        QCOMPARE(cardEvent(c, Event::IntakeCloses)->deg, 221.0);
    }

    void separationWithOneCentreGivesTheOther() {
        Card c;
        c.intakeDuration = 230;
        c.exhaustDuration = 236;
        c.separation = 110;
        c.intakeCentre = 106;
        QCOMPARE(complete(c).exhaustCentre->value, 114.0);
        QCOMPARE(*cardCentre_deg(c, Side::Exhaust), 114.0);
    }

    void oneEventAndADuration() {
        Card c;
        c.ivo = 9;
        c.intakeDuration = 230;
        const CompleteCard x = complete(c);
        QCOMPARE(x.ivc->value, 41.0);
        QCOMPARE(x.intakeCentre->value, 106.0);
        Card d;
        d.evo = 52;
        d.exhaustCentre = 114;
        QCOMPARE(complete(d).evc->value, 4.0);
        QCOMPARE(complete(d).exhaustDuration->value, 236.0);
    }

    // A duration that adds up with the wrong sign: IVO 5 after TDC is -5.
    void negativeOverlapSide() {
        Card c;
        c.ivo = -5;
        c.ivc = 35;
        QCOMPARE(complete(c).intakeDuration->value, 210.0);
        QCOMPARE(complete(c).intakeCentre->value, 110.0);
    }

    void nothingFollowsFromTooLittle() {
        Card c;
        c.intakeDuration = 230;
        QVERIFY(!complete(c).ivo);
        QVERIFY(!complete(c).intakeCentre);
        c.separation = 110; // as if straight up
        QCOMPARE(complete(c).intakeCentre->value, 110.0);
        QVERIFY(complete(c).intakeCentre->derived);
    }

    void contradictions_data() {
        QTest::addColumn<int>("what");
        for (CardDoubt d :
             {CardDoubt::IntakeDuration, CardDoubt::ExhaustDuration, CardDoubt::IntakeCentre,
              CardDoubt::ExhaustCentre, CardDoubt::Separation, CardDoubt::Advertised})
            QTest::addRow("%d", static_cast<int>(d)) << static_cast<int>(d);
    }
    void contradictions() {
        QFETCH(int, what);
        Card c;
        c.ivo = 12;
        c.ivc = 40;
        c.evo = 52;
        c.evc = 4;
        c.intakeDuration = 232;
        c.exhaustDuration = 236;
        c.intakeCentre = 104;
        c.exhaustCentre = 114;
        c.separation = 109;
        c.intakeAdvertised = 276;
        QVERIFY(complete(c).contradictions.empty());
        switch (static_cast<CardDoubt>(what)) {
        case CardDoubt::IntakeDuration:
            c.intakeDuration = 236;
            break;
        case CardDoubt::ExhaustDuration:
            c.exhaustDuration = 240;
            break;
        case CardDoubt::IntakeCentre:
            c.intakeCentre = 110;
            break;
        case CardDoubt::ExhaustCentre:
            c.exhaustCentre = 110;
            break;
        case CardDoubt::Separation:
            c.separation = 112;
            break;
        case CardDoubt::Advertised:
            c.intakeAdvertised = 230;
            break;
        }
        const auto x = complete(c).contradictions;
        QCOMPARE(x.size(), std::size_t(1));
        QCOMPARE(static_cast<int>(x[0].what), what);
    }

    // 10.8 at the valve with the card's 1.5; this engine has 1.6 and 0.3 of lash.
    void liftWithThisEnginesOwnRatio() {
        Card c;
        c.intakeLift_mm = 10.8;
        c.liftAt = Place::Valve;
        c.ratio = 1.5;
        Engine e;
        e.ratioIntake = 1.6;
        e.lashIntake_mm = 0.3;
        QVERIFY(std::abs(*cardLiftHere_mm(c, Side::Intake, e, Place::Tappet) - 7.2) < 1e-9);
        QVERIFY(std::abs(*cardLiftHere_mm(c, Side::Intake, e, Place::Valve) - 11.22) < 1e-9);
        QVERIFY(!cardLiftHere_mm(c, Side::Exhaust, e, Place::Valve));
    }

    // 12 before and 40 after make 232: a centre of 104 by hand, and 116 is half the duration.
    void halfTheDurationIsNoCentre() {
        Card c;
        c.ivo = 12.0;
        c.ivc = 40.0;
        c.intakeCentre = 116.0;
        const auto said = complete(c).contradictions;
        QCOMPARE(said.size(), std::size_t(1));
        QVERIFY(said[0].half);
        QCOMPARE(said[0].follows, 104.0);
        c.intakeCentre = 110.0;
        QVERIFY(!complete(c).contradictions[0].half);
    }
};

QTEST_APPLESS_MAIN(TestCard)
#include "test_card.moc"
