// What the slate, the route and the sentences say, as tables made by hand.
#include "core/examine/examine.h"
#include "core/job/job.h"
#include "core/lobe/run.h"
#include "stations/list.h"
#include "words/explanation.h"
#include "words/sentences.h"
#include "words/setting.h"

#include "simulated/closed_lobes.h"
#include "support/program.h"

#include <QTest>

namespace test_tables {

using namespace lobe;

namespace {

LiftRun runOf(std::int64_t id, Side side, const closed::Lobe& lobe) {
    LiftRun run;
    run.id = id;
    run.side = side;
    run.terms = usualConditions(Engine{}, side);
    run.terms.ratio = side == Side::Intake ? 1.5 : 1.6;
    for (double d = run.terms.from.deg; d <= run.terms.to.deg + 1e-9; d += 5.0) {
        Reading r;
        r.id = id * 1000 + std::int64_t(run.readings.size());
        r.at = {d};
        r.value_mm = std::round(lobe.at(d) * 1000.0) / 1000.0;
        run.readings.push_back(r);
    }
    return run;
}

/// Intake 9 mm at 105 after, exhaust 8 mm at 110 before; raised cosines of 140 degrees either side.
Job twoLobes() {
    Job job;
    job.id = 1;
    job.runs = {runOf(1, Side::Intake, closed::raisedCosine(105.0, 140.0, 9.0)),
                runOf(2, Side::Exhaust, closed::raisedCosine(-110.0, 140.0, 8.0))};
    return job;
}

words::Style inches() {
    words::Style s;
    s.unit = LengthUnit::Inch;
    return s;
}

const Figure* figure(const Findings& f, FigureKind kind, std::optional<Side> side) {
    for (const Figure& x : f.figures())
        if (x.kind == kind && x.side == side) return &x;
    return nullptr;
}

} // namespace

class TestTables : public QObject {
    Q_OBJECT

private slots:
    // The curve of a raised cosine: acos gives its events, its area is its height times its half.
    void slateRows_data() {
        QTest::addColumn<int>("kind");
        QTest::addColumn<int>("side"); // -1: of both
        QTest::addColumn<QString>("title");
        QTest::addColumn<QString>("mm");
        QTest::addColumn<QString>("in");
        const auto row = [](FigureKind kind, int side, const char* title, const char* mm,
                            const char* in) {
            QTest::newRow(title) << int(kind) << side << QString::fromUtf8(title)
                                 << QString::fromUtf8(mm) << QString::fromUtf8(in);
        };
        row(FigureKind::MaxLift, 0, "Intake lift", "9.000", "0.3543");
        row(FigureKind::MaxLift, 1, "Exhaust lift", "8.000", "0.3150");
        row(FigureKind::Area, 0, "Intake area", "1260", "49.6");
        row(FigureKind::Area, 1, "Exhaust area", "1120", "44.1");
        row(FigureKind::Centre, 0, "Intake centre", "105.0°", "105.0°");
        row(FigureKind::Centre, 1, "Exhaust centre", "110.0°", "110.0°");
        row(FigureKind::Separation, -1, "Lobe separation", "107.5°", "107.5°");
        row(FigureKind::Advance, -1, "Advance", "2.5°", "2.5°");
        // At 1.27 mm: acos(2 x 1.27 / lift - 1) / 180 x 140 either side of the centre.
        row(FigureKind::Duration, 0, "Intake duration", "211.4°", "211.4°");
        row(FigureKind::Duration, 1, "Exhaust duration", "207.0°", "207.0°");
        row(FigureKind::Opens, 0, "Intake opens", "0.7°", "0.7°");
        row(FigureKind::Closes, 0, "Intake closes", "30.7°", "30.7°");
        row(FigureKind::Opens, 1, "Exhaust opens", "33.5°", "33.5°");
        row(FigureKind::Closes, 1, "Exhaust closes", "−6.5°", "−6.5°");
    }
    void slateRows() {
        QFETCH(int, kind);
        QFETCH(int, side);
        QFETCH(QString, title);
        QFETCH(QString, mm);
        QFETCH(QString, in);
        const Findings f = examine(twoLobes());
        const Figure* x = figure(f, static_cast<FigureKind>(kind),
                                 side < 0 ? std::nullopt : std::optional(static_cast<Side>(side)));
        QVERIFY(x);
        QCOMPARE(words::figureName(*x), title);
        QCOMPARE(words::figureValue(*x, {}), mm);
        QCOMPARE(words::figureValue(*x, inches()), in);
    }

    void splitPointIsSaidOneWay() {
        const Findings f = examine(twoLobes());
        const Figure* x = figure(f, FigureKind::SplitPoint, std::nullopt);
        QVERIFY(x && x->value);
        QVERIFY(*x->value < 0.0);
        QVERIFY(!words::figureValue(*x, {}).contains(QChar(0x2212)));
        QVERIFY(words::figureBasis(*x, {}).startsWith(QStringLiteral("BTDC")));
        QVERIFY(words::fromDeadCentre({*x->value}, {}).endsWith(QStringLiteral("before TDC")));
    }

    void aDifferenceWithinItsOwnDoubtIsNone() {
        Figure f;
        f.kind = FigureKind::Centre;
        f.side = Side::Intake;
        f.cardDifference = 0.1;
        f.value = {106.0, 0.2};
        QCOMPARE(words::figureDifference(f, {}), QStringLiteral("as card"));
        f.cardDifference = 2.0;
        QCOMPARE(words::figureDifference(f, {}), QStringLiteral("2.0 late"));
        f.cardDifference = -2.0;
        QCOMPARE(words::figureDifference(f, {}), QStringLiteral("2.0 early"));
        f.side = Side::Exhaust;
        QCOMPARE(words::figureDifference(f, {}), QStringLiteral("2.0 late"));
        f.kind = FigureKind::Opens;
        QCOMPARE(words::figureDifference(f, {}), QStringLiteral("2.0 late"));
        f.kind = FigureKind::Closes;
        QCOMPARE(words::figureDifference(f, {}), QStringLiteral("2.0 early"));
    }

    // Read aloud once: the number, one and many, and which way.
    void sentences_data() {
        QTest::addColumn<QString>("said");
        QTest::addColumn<QString>("expected");
        const auto of = [](found::Any what) {
            return words::sentence({std::move(what), Severity::Note, Side::Intake, 1}, {});
        };
        QTest::newRow("one backed up")
            << of(found::BackedUp{1})
            << QStringLiteral("Intake 1: 1 reading was taken while backing up and is left out: it "
                              "carries the drive's slack. Come up to that mark again the way the "
                              "engine runs.");
        QTest::newRow("two backed up")
            << of(found::BackedUp{2})
            << QStringLiteral("Intake 1: 2 readings were taken while backing up and are left out: "
                              "they carry the drive's slack. Come up to those marks again the way "
                              "the engine runs.");
        QTest::newRow("misfit at TDC")
            << of(found::OffTheCurve{{0.0}, -0.105, {}})
            << QStringLiteral("Intake 1: the reading at TDC sits 0.105 mm under its neighbours, "
                              "and does not count. Go back well past it, come up to TDC again and "
                              "read it once more; if it reads the same, it counts.");
        QTest::newRow("misfit after TDC")
            << of(found::OffTheCurve{{75.0}, -0.105, {}})
            << QStringLiteral(
                   "Intake 1: the reading at 75° after TDC sits 0.105 mm under its "
                   "neighbours, and does not count. Go back well past it, come up to 75° "
                   "after TDC again and read it once more; if it reads the same, it "
                   "counts.");
        QTest::newRow("a closing before its opening")
            << of(found::DurationUnlikely{false, {-58.0}, 1.27, -35.7, CrankDeg{238.0}})
            << QStringLiteral("Intake 1 closing at 1.27 mm: 58° before TDC makes a duration of "
                              "−35.7°, and no cam has that. 58° after BDC would do: strike it "
                              "and type 58ab. No figure is made of it until then.");
        Cause cause;
        cause.kind = CauseKind::CamTiming;
        cause.twoShafts = true;
        cause.side = Side::Exhaust;
        cause.deg = 7.0;
        QTest::newRow("the exhaust cam alone")
            << words::causeSentence(cause, {}) + QLatin1Char(' ') +
                   words::causeNext(cause, false, {})
            << QStringLiteral("The intake stands right; the exhaust cam is 7° late. The other cam "
                              "proves the pointer: advance the exhaust cam by 7.0 crank degrees. "
                              "That moves exhaust opening, overlap and how near the exhaust valve "
                              "comes to the piston.");
        cause = Cause{};
        cause.kind = CauseKind::LobeLength;
        cause.deg = -3.0;
        cause.other_deg = -3.0;
        cause.expect = Event::IntakeOpens;
        cause.expect_deg = 16.5;
        QTest::newRow("lobes shorter than printed")
            << words::causeSentence(cause, {}) + QLatin1Char(' ') +
                   words::causeNext(cause, false, {})
            << QStringLiteral("Both lobes are 3° shorter than printed, centres as card. Keep the "
                              "centre; the intake opening to expect is then 16.5 BTDC.");
        cause = Cause{};
        cause.kind = CauseKind::LiftScale;
        cause.factor = 0.96;
        cause.ratio = 1.5;
        QTest::newRow("one factor on lift")
            << words::causeSentence(cause, {})
            << QStringLiteral("All lifts read 4.0 % too low, low down and at the nose alike: a "
                              "rocker ratio like 1.44 in place of 1.5, or an indicator 16° askew.");
        QTest::newRow("late is advanced")
            << of(found::CamShift{2.0})
            << QStringLiteral("The cam is 2° late against its card, both lobes alike: that is "
                              "timing, not the cam. With TDC proved, advance it by 2 crank "
                              "degrees.");
        QTest::newRow("early is retarded")
            << of(found::CamShift{-2.0})
            << QStringLiteral("The cam is 2° early against its card, both lobes alike: that is "
                              "timing, not the cam. With TDC proved, retard it by 2 crank "
                              "degrees.");
        QTest::newRow("dwell")
            << of(found::TdcDwell{1.0})
            << QStringLiteral("At the top the piston hardly moves: the indicator reads the same "
                              "for 1° either side of TDC. This is a first approximation; prove it "
                              "with a stop or an equal drop.");
        Task task{TaskKind::Finish, 1, Side::Exhaust};
        task.left = 1;
        QTest::newRow("one more reading")
            << words::taskTitle(task, {})
            << QStringLiteral("Cylinder 1 exhaust: about 1 more reading");
        task.left = 7;
        QTest::newRow("more readings")
            << words::taskTitle(task, {})
            << QStringLiteral("Cylinder 1 exhaust: about 7 more readings");
    }
    void sentences() {
        QFETCH(QString, said);
        QFETCH(QString, expected);
        QCOMPARE(said, expected);
    }

    void whatIsToBeMoved() {
        Job job;
        Need n;
        n.uncertainty_deg = 0.2;
        n.move_deg.intake = 2.0;
        QCOMPARE(
            words::needSentence(job, n, {}),
            QStringLiteral("The cam must come 2° earlier for the card's centre, known to ±0.2°."));
        n.move_deg.intake = -2.0;
        QCOMPARE(
            words::needSentence(job, n, {}),
            QStringLiteral("The cam must come 2° later for the card's centre, known to ±0.2°."));
        n.move_deg.intake = 0.0;
        QCOMPARE(words::needSentence(job, n, {}),
                 QStringLiteral("The cam stands right, known to ±0.2°: leave it."));
        n.move_deg.exhaust = 0.0;
        job.engine.layout = Layout::TwinOverheadCam;
        QCOMPARE(words::needSentence(job, n, {}),
                 QStringLiteral("Both cams stand right, known to ±0.2°: leave it."));
    }

    // By hand: 42 cc head, 91 mm gasket bore of 1.1, deck 0.35, crown 3.5, crevice 0.6 make 55.5 cc
    // under 496.2 swept: 9.9 to 1; nothing is closed without a lobe.
    void theRouteTellsStaticFromDynamic() {
        Job job;
        job.engine.bore_mm = 90.0;
        job.engine.stroke_mm = 78.0;
        job.engine.rod_mm = 142.0;
        job.engine.chamber = {42.0, 91.0, 1.1, 0.35, 3.5, 0.6};
        QCOMPARE(stations::compression.line(job, examine(job), {}), QStringLiteral("static 9.9"));
    }

    // The route names the lobe it means.
    void stationLinesNameTheirLobe() {
        Job job = twoLobes();
        job.runs[1].readings.edit().resize(20);
        const QString line = stations::lobes.line(job, examine(job), {});
        QVERIFY2(line.contains(QStringLiteral("exhaust")) &&
                     !line.contains(QStringLiteral("intake")),
                 qPrintable(line));
        job = twoLobes();
        job.runs[0].readings.edit()[40].value_mm += 0.2; // at 130 after TDC
        const QString again = stations::lobes.line(job, examine(job), {});
        QVERIFY2(again.contains(QStringLiteral("intake 50° BBDC")), qPrintable(again));
    }

    /// By hand: 90, 78 and 142 mm are 3.5433, 3.0709 and 5.5906 inches.
    void anEngineIsNamedRoughly() {
        Job job;
        const auto line = [&](const words::Style& style) {
            return stations::engine.line(job, examine(job), style);
        };
        job.engine.bore_mm = 90.0;
        QCOMPARE(line({}), QStringLiteral("90 \u00D7 \u2013, rod not known"));
        job.engine.stroke_mm = 78.0;
        job.engine.rod_mm = 142.0;
        QCOMPARE(line({}), QStringLiteral("90 \u00D7 78, rod 142"));
        QCOMPARE(line(inches()), QStringLiteral("3.543 \u00D7 3.071, rod 5.591"));
        job.engine.bore_mm = 101.126;
        QCOMPARE(line({}), QStringLiteral("101.13 \u00D7 78, rod 142"));
    }

    void inchesAreInches() {
        QCOMPARE(words::lift(8.5, inches()), QStringLiteral("0.3346"));
        QCOMPARE(words::lift(8.5, {}), QStringLiteral("8.500"));
        QCOMPARE(words::liftWithUnit(25.4, inches()), QStringLiteral("1.0000 in"));
        QCOMPARE(words::height(1.27, inches()), QStringLiteral("0.050 in"));
        QCOMPARE(words::dimension(90.0, inches()), QStringLiteral("3.5433"));
        QCOMPARE(words::pressure(1326.0, inches()), QStringLiteral("192 psi"));
        QCOMPARE(words::pressure(1326.0, {}), QStringLiteral("1326 kPa"));
        QCOMPARE(words::area(1260.0, inches()), QStringLiteral("49.6"));
    }
};

AMBER_TEST(TestTables)

} // namespace test_tables

#include "test_tables.moc"
