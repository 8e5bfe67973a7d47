// Cards as cards come: what follows from what is printed, and what does not go together.
#include "core/job/card.h"
#include "core/job/engine.h"
#include "support/program.h"

#include <QTest>

namespace test_card {

using namespace lobe;

class TestCard : public QObject {
    Q_OBJECT
private slots:
    void eventsGiveTheRest() {
        Card c;
        c.events.ivo = 12;
        c.events.ivc = 40;
        c.events.evo = 52;
        c.events.evc = 4;
        const CompleteCard x = complete(c);
        QCOMPARE(x.duration.intake->value, 232.0);
        QVERIFY(x.duration.intake->derived);
        QVERIFY(!x.events.ivo->derived);
        QCOMPARE(x.centre.intake->value, 104.0);
        QCOMPARE(x.centre.exhaust->value, 114.0);
        QCOMPARE(x.separation->value, 109.0);
        QCOMPARE(x.advance->value, 5.0);
        QVERIFY(x.contradictions.empty());
    }

    // 230/236 at 1.27, separation 110, four advanced: IVO = 115 - 106 = 9, IVC = 115 + 106 - 180.
    void durationsSeparationAndAdvance() {
        Card c;
        c.duration.intake = 230;
        c.duration.exhaust = 236;
        c.separation = 110;
        c.advance = 4;
        const CompleteCard x = complete(c);
        QCOMPARE(x.centre.intake->value, 106.0);
        QCOMPARE(x.centre.exhaust->value, 114.0);
        QCOMPARE(x.events.ivo->value, 9.0);
        QCOMPARE(x.events.ivc->value, 41.0);
        QCOMPARE(x.events.evo->value, 52.0);
        QCOMPARE(x.events.evc->value, 4.0);
        QVERIFY(x.events.ivo->derived && x.events.evc->derived);
        QVERIFY(x.contradictions.empty());
        QCOMPARE(cardEvent(c, Event::IntakeCloses)->deg, 221.0);
    }

    void separationWithOneCentreGivesTheOther() {
        Card c;
        c.duration.intake = 230;
        c.duration.exhaust = 236;
        c.separation = 110;
        c.centre.intake = 106;
        QCOMPARE(complete(c).centre.exhaust->value, 114.0);
        QCOMPARE(*cardCentre_deg(c, Side::Exhaust), 114.0);
    }

    void oneEventAndADuration() {
        Card c;
        c.events.ivo = 9;
        c.duration.intake = 230;
        const CompleteCard x = complete(c);
        QCOMPARE(x.events.ivc->value, 41.0);
        QCOMPARE(x.centre.intake->value, 106.0);
        Card d;
        d.events.evo = 52;
        d.centre.exhaust = 114;
        QCOMPARE(complete(d).events.evc->value, 4.0);
        QCOMPARE(complete(d).duration.exhaust->value, 236.0);
    }

    // A duration that adds up with the wrong sign: IVO 5 after TDC is -5.
    void negativeOverlapSide() {
        Card c;
        c.events.ivo = -5;
        c.events.ivc = 35;
        QCOMPARE(complete(c).duration.intake->value, 210.0);
        QCOMPARE(complete(c).centre.intake->value, 110.0);
    }

    void nothingFollowsFromTooLittle() {
        Card c;
        c.duration.intake = 230;
        QVERIFY(!complete(c).events.ivo);
        QVERIFY(!complete(c).centre.intake);
        c.duration.exhaust = 234;
        c.separation = 110; // says nothing of where it was ground to stand
        QVERIFY(!complete(c).centre.intake && !complete(c).centre.exhaust);
        QVERIFY(!complete(c).events.ivo && !complete(c).events.evc);
        QCOMPARE(complete(c).separation->value, 110.0);
        // With one lobe's events the other's centre follows: 12 and 38 make 230, centred at 103.
        c.events.ivo = 12;
        QCOMPARE(complete(c).centre.intake->value, 103.0);
        QCOMPARE(complete(c).centre.exhaust->value, 117.0);
        QVERIFY(complete(c).centre.exhaust->derived);
    }

    void contradictions_data() {
        QTest::addColumn<int>("what");
        for (CardConflict d : {CardConflict::IntakeDuration, CardConflict::ExhaustDuration,
                               CardConflict::IntakeCentre, CardConflict::ExhaustCentre,
                               CardConflict::Separation, CardConflict::Advertised})
            QTest::addRow("%d", static_cast<int>(d)) << static_cast<int>(d);
    }
    void contradictions() {
        QFETCH(int, what);
        Card c;
        c.events.ivo = 12;
        c.events.ivc = 40;
        c.events.evo = 52;
        c.events.evc = 4;
        c.duration.intake = 232;
        c.duration.exhaust = 236;
        c.centre.intake = 104;
        c.centre.exhaust = 114;
        c.separation = 109;
        c.advertisedDuration.intake = 276;
        QVERIFY(complete(c).contradictions.empty());
        switch (static_cast<CardConflict>(what)) {
        case CardConflict::IntakeDuration:
            c.duration.intake = 236;
            break;
        case CardConflict::ExhaustDuration:
            c.duration.exhaust = 240;
            break;
        case CardConflict::IntakeCentre:
            c.centre.intake = 110;
            break;
        case CardConflict::ExhaustCentre:
            c.centre.exhaust = 110;
            break;
        case CardConflict::Separation:
            c.separation = 112;
            break;
        case CardConflict::Advertised:
            c.advertisedDuration.intake = 230;
            break;
        }
        const auto x = complete(c).contradictions;
        QCOMPARE(x.size(), std::size_t(1));
        QCOMPARE(static_cast<int>(x[0].what), what);
    }

    // 10.8 at the valve with the card's 1.5; this engine has 1.6 and 0.3 of lash.
    void liftWithThisEnginesOwnRatio() {
        Card c;
        c.lift_mm.intake = 10.8;
        c.liftAt = Place::Valve;
        c.ratio = 1.5;
        Engine e;
        e.ratio.intake = 1.6;
        e.lash_mm.intake = 0.3;
        QVERIFY(std::abs(*cardLiftHere_mm(c, Side::Intake, e, Place::Tappet) - 7.2) < 1e-9);
        QVERIFY(std::abs(*cardLiftHere_mm(c, Side::Intake, e, Place::Valve) - 11.22) < 1e-9);
        QVERIFY(!cardLiftHere_mm(c, Side::Exhaust, e, Place::Valve));
    }

    // 12 before and 40 after make 232: a centre of 104 by hand, and 116 is half the duration.
    void halfTheDurationIsNoCentre() {
        Card c;
        c.events.ivo = 12.0;
        c.events.ivc = 40.0;
        c.centre.intake = 116.0;
        const auto said = complete(c).contradictions;
        QCOMPARE(said.size(), std::size_t(1));
        QVERIFY(said[0].half);
        QCOMPARE(said[0].follows, 104.0);
        c.centre.intake = 110.0;
        QVERIFY(!complete(c).contradictions[0].half);
    }
};

AMBER_TEST(TestCard)

} // namespace test_card

#include "test_card.moc"
