// Springs in words: what is wrong first, in the unit the builder has; and where other stations
// speak of them.
#include "core/examine/examine.h"
#include "core/job/job.h"
#include "support/program.h"
#include "words/choosing.h"
#include "words/clearance.h"
#include "words/sentences.h"
#include "words/springs.h"

#include <QTest>

namespace test_spring_words {

using namespace lobe;
using namespace words;

namespace {

Job head() {
    Job job;
    job.engine.cylinders = 1;
    job.engine.ratio = {1.5, 1.5};
    job.card.emplace();
    job.card->lift_mm = {7.0, 7.0};
    for (Side side : {Side::Intake, Side::Exhaust}) {
        job.springs.spec[side].rate_n_mm = 40.0;
        job.springs.spec[side].first = {40.0, 400.0};
        job.springs.spec[side].bind_mm = 27.0;
        job.springs.heights.push_back({{1, side, 1}, 40.0, {}, 0, {}});
    }
    return job;
}

QString verdict(const Job& job, const Style& style = {}) {
    return springVerdict(job, examine(job).springs, style);
}

Style inches() {
    Style s;
    s.unit = LengthUnit::Inch;
    return s;
}

} // namespace

class TestSpringWords : public QObject {
    Q_OBJECT
private slots:
    void forcesInThreeUnits() {
        QCOMPARE(force(412.0, {}, ForceUnit::AsLengths), QStringLiteral("412 N"));
        QCOMPARE(force(412.0, inches(), ForceUnit::AsLengths), QStringLiteral("92.6 lb"));
        QCOMPARE(force(411.8793, {}, ForceUnit::KilogramForce), QStringLiteral("42.0 kgf"));
        QCOMPARE(springRate(38.0, {}, ForceUnit::AsLengths), QStringLiteral("38.0 N/mm"));
        // 1 lb/in is 0.17513 N/mm.
        QCOMPARE(springRate(0.175126835 * 220.0, inches(), ForceUnit::AsLengths),
                 QStringLiteral("220 lb/in"));
    }

    // A wish on the seat's load is in the unit the job has its loads in, whatever its lengths are
    // in.
    void wishesAreInTheUnitOfTheLoads() {
        Style kilograms = inches();
        kilograms.force = ForceUnit::KilogramForce;
        QCOMPARE(wishNumber(WishKind::SeatPressure, 357.9427, kilograms),
                 QStringLiteral("36.5 kgf"));
        QCOMPARE(wishNumber(WishKind::SeatPressure, 400.34, inches()), QStringLiteral("90 lb"));
        QCOMPARE(wishNumber(WishKind::SeatPressure, 400.34, {}), QStringLiteral("400 N"));
        const FigureId seat{FigureKind::SeatLoad, Side::Intake, {}};
        QCOMPARE(figureWithUnit(seat, Measured<double>{353.0394, std::nullopt}, kilograms),
                 QStringLiteral("36 kgf"));
        QCOMPARE(figureUnit(FigureKind::SeatLoad, {}), QStringLiteral("N"));
    }

    void allIsWell() {
        // 40 - 10.5 - 27 = 2.5 left.
        const QString said = verdict(head());
        QVERIFY2(said.contains(QStringLiteral("keeps its room")), qPrintable(said));
        QVERIFY2(said.contains(QStringLiteral("2.50 mm")), qPrintable(said));
        QVERIFY2(said.contains(QStringLiteral("1.5 mm a spring")), qPrintable(said));
        QVERIFY(verdict(head(), inches()).contains(QStringLiteral("0.098 in")));
    }

    void whatIsShortSaysWhatMendsIt() {
        Job job = head();
        job.springs.spec.exhaust.bind_mm = 28.5; // 1.0 left
        const QString said = verdict(job);
        QVERIFY2(said.contains(QStringLiteral("1.00 mm")), qPrintable(said));
        QVERIFY2(said.contains(QStringLiteral("28.00 mm or less")), qPrintable(said));
        job.springs.seal_mm.intake = 10.0; // they meet by 0.5: worse
        QVERIFY2(verdict(job).contains(QStringLiteral("would meet, by 0.50 mm")),
                 qPrintable(verdict(job)));
        // The other one is said behind it.
        QVERIFY(springNotes(job, examine(job).springs, {})
                    .join(QLatin1Char('\n'))
                    .contains(QStringLiteral("1.00 mm left")));
    }

    void whatCannotBeComesFirst() {
        Job job = head();
        job.springs.spec.intake.second = {30.0, 200.0};
        job.springs.seal_mm.intake = 10.0;
        QVERIFY2(verdict(job).contains(QStringLiteral("fall as it is compressed")),
                 qPrintable(verdict(job)));
        QCOMPARE(springBrief(job, examine(job).springs, {}),
                 QStringLiteral("cannot be: look again"));
    }

    void anUnreachedValveSaysTheNearestEitherWay() {
        Job job = head();
        job.springs.wantedHeight_mm = {39.4, 39.4};
        job.springs.stock = {{0.4, 2}, {0.5, 1}};
        job.springs.within_mm = 0.05;
        const QString said = verdict(job);
        QVERIFY2(said.contains(QStringLiteral("0.50 or 0.80")), qPrintable(said));
        QVERIFY2(said.contains(QStringLiteral("To order")), qPrintable(said));
    }

    void clearanceSaysToWhatSpeed() {
        Job job = head();
        SpringClaim none;
        QVERIFY(!clearanceCaution(none, {}).contains(QStringLiteral("1/min")));
        SpringClaim c;
        ControlClaim x;
        x.closing = Control{6930.0, 100.0, 6930.0};
        c.control.push_back(x);
        QVERIFY(clearanceCaution(c, {}).contains(QStringLiteral("6950 1/min")));
    }
};

AMBER_TEST(TestSpringWords)

} // namespace test_spring_words

#include "test_spring_words.moc"
