// Numbers and sentences.
#include "support/program.h"
#include "words/explanation.h"
#include "words/sentences.h"

#include <QTest>

namespace test_words {

using namespace lobe;

namespace {

words::Style inches() {
    words::Style s;
    s.unit = LengthUnit::Inch;
    return s;
}

TdcFindings tdcOf(double before, double after) {
    Contact a, b;
    a.at = {before};
    b.at = {after};
    b.afterTop = true;
    return examineTdc({a, b}, {});
}

} // namespace

namespace {

template <std::size_t... Kinds> std::vector<Finding> oneOfEach(std::index_sequence<Kinds...>) {
    return {
        Finding{found::Any(std::in_place_index<Kinds>), Severity::LookAgain, Side::Intake, 1}...};
}

} // namespace

class TestWords : public QObject {
    Q_OBJECT
private slots:
    /// "Opening and closing" is of both events of a lobe, "all" of both lobes'.
    void whatMovedAlike() {
        Cause timing;
        timing.kind = CauseKind::CamTiming;
        Explanation x;
        const auto said = [&] { return words::causeEvidence(timing, x, {}); };
        QVERIFY2(!said().contains("alike"), qPrintable(said()));
        x.events = {{Event::IntakeOpens, 0, 0, 1, false}};
        QVERIFY2(!said().contains("alike"), qPrintable(said()));
        x.events.push_back({Event::ExhaustCloses, 0, 0, 1, false});
        QVERIFY2(!said().contains("alike"), qPrintable(said()));
        x.events.push_back({Event::IntakeCloses, 0, 0, 1, false});
        QVERIFY2(said().contains("Opening and closing moved alike"), qPrintable(said()));
        x.events.push_back({Event::ExhaustOpens, 0, 0, 1, false});
        QVERIFY2(said().contains("All events"), qPrintable(said()));
    }

    // Nothing, a little, either way, in either unit: as a builder would say it.
    void plainlySaid() {
        const auto entry = [](EntryFault fault, double limit, bool length, bool least,
                              const words::Style& style) {
            return words::sentence(EntryError{fault, 2, limit, length, least}, style);
        };
        QCOMPARE(entry(EntryFault::OutOfRange, 0.01, true, true, {}),
                 QStringLiteral("That is less than 0.01 mm; check the decimal point."));
        QCOMPARE(entry(EntryFault::OutOfRange, 25.4, true, false, inches()),
                 QStringLiteral("That is beyond 1 in; check the decimal point."));
        QCOMPARE(entry(EntryFault::NotANumber, 0, false, false, {}),
                 QStringLiteral("From character 3 on that is no number. A number is digits, with a "
                                "point or a comma."));
        const auto proved = [](double apart) {
            return words::sentence(Finding{found::TdcProved{apart}, Severity::Note}, {});
        };
        QCOMPARE(proved(0.0), QStringLiteral("TDC is proved: two passes came out alike."));
        QCOMPARE(proved(0.1), QStringLiteral("TDC is proved: two passes agree within 0.1\u00B0."));
        // Typed from the bottom an event is shown from there, else as the wheel has it.
        const DegreeWheel half{WheelScale::Half180, 0.0};
        QCOMPARE(words::asTyped({226.0}, "46ab", half, {}), QStringLiteral("46\u00B0 after BDC"));
        QCOMPARE(words::asTyped({226.0}, "46ab", half, {}, true), QStringLiteral("46\u00B0 ABDC"));
        QCOMPARE(words::asTyped({226.0}, "134", half, {}), QStringLiteral("134\u00B0 before TDC"));
        QCOMPARE(words::asTyped({-12.0}, "12b", half, {}), QStringLiteral("12\u00B0 before TDC"));
        // A figure in each unit, with what is known of it.
        const FigureId lift{FigureKind::ValveLift, Side::Intake, {}};
        QCOMPARE(words::figureTitle(lift, {}), QStringLiteral("Intake lift"));
        const Measured<double> ten{10.16, 0.0254};
        QCOMPARE(words::figureWithUnit(lift, ten, {}), QStringLiteral("10.160 mm"));
        QCOMPARE(words::figureWithUnit(lift, ten, inches()), QStringLiteral("0.4000 in"));
        QCOMPARE(words::figureHalf(lift, ten, inches()), QStringLiteral("\u00B10.0010"));
        QCOMPARE(words::figureWithUnit(lift, {}, {}), QStringLiteral("\u2013"));
        QCOMPARE(
            words::figureTitle({FigureKind::Opens, Side::Exhaust, Height{1.0, Place::Valve}}, {}),
            QStringLiteral("Exhaust opens, BBDC"));
    }

    void numbers() {
        const words::Style mm;
        QCOMPARE(words::lift(8.512, mm), QStringLiteral("8.512"));
        QCOMPARE(words::lift(8.512, inches()), QStringLiteral("0.3351"));
        QCOMPARE(words::height(1.27, inches()), QStringLiteral("0.050 in"));
        QCOMPARE(words::fixed(-0.04, 1, mm), QStringLiteral("0.0"));
        QCOMPARE(words::fixed(-2.25, 2, mm), QString(QChar(0x2212)) + QStringLiteral("2.25"));
        QCOMPARE(words::signedFixed(2.25, 2, mm), QStringLiteral("+2.25"));
        QCOMPARE(words::signedFixed(0.001, 2, mm), QStringLiteral("0.00"));
        QCOMPARE(words::shortest(106.0, 2, mm), QStringLiteral("106"));
        QCOMPARE(words::shortest(106.25, 2, mm), QStringLiteral("106.25"));
        words::Style german;
        german.locale = QLocale(QLocale::German);
        QCOMPARE(words::lift(1008.5, german), QStringLiteral("1008,500"));
    }

    void anglesAsSaid() {
        const words::Style s;
        QCOMPARE(words::fromDeadCentre({-27.5}, s), QStringLiteral("27.5° before TDC"));
        QCOMPARE(words::fromDeadCentre({251.0}, s), QStringLiteral("71° after BDC"));
        QCOMPARE(words::fromDeadCentre({0.0}, s), QStringLiteral("TDC"));
        QCOMPARE(words::abbreviated({-232.0}, s), QStringLiteral("52° BBDC"));
        QCOMPARE(words::onWheel({120.0}, DegreeWheel{WheelScale::Half180}, s),
                 QStringLiteral("120° after TDC"));
        QCOMPARE(words::onWheel({-200.0}, DegreeWheel{WheelScale::Half180}, s, true),
                 QStringLiteral("160° ATDC"));
        QCOMPARE(words::onWheel({-200.0}, DegreeWheel{WheelScale::Full360With}, s),
                 QStringLiteral("160°"));
        QCOMPARE(words::onWheel({-20.0}, DegreeWheel{WheelScale::Full360Against}, s),
                 QStringLiteral("20°"));
        QCOMPARE(words::onWheel({120.0}, DegreeWheel{WheelScale::Quarter90}, s),
                 QStringLiteral("60° before BDC"));
    }

    // A wheel that reads up with the engine has true TDC at +2.25: its zero passes the pointer too
    // soon, so the pointer goes along with the rotation.
    void pointerInstruction() {
        const QString with =
            words::tdcInstruction(tdcOf(-26.5, 31.0), DegreeWheel{WheelScale::Half180}, {});
        QVERIFY2(with.startsWith(QStringLiteral("Move the pointer 2.25° with rotation")),
                 qPrintable(with));
        QVERIFY(with.contains(QStringLiteral("as far against rotation")));
        QVERIFY(with.contains(QStringLiteral("both contacts must then read 28.75")));
        const QString against =
            words::tdcInstruction(tdcOf(-31.0, 26.5), DegreeWheel{WheelScale::Half180}, {});
        QVERIFY(against.startsWith(QStringLiteral("Move the pointer 2.25° against rotation")));
        const QString full =
            words::tdcInstruction(tdcOf(-31.0, 26.5), DegreeWheel{WheelScale::Full360With}, {});
        QVERIFY(full.contains(QStringLiteral("must then read 331.25 and 28.75")));
        QVERIFY(words::tdcInstruction(tdcOf(-28.7, 28.8), DegreeWheel{WheelScale::Half180}, {})
                    .isEmpty());
    }

    // Whatever the wheel, following the instruction makes both contacts agree: turned numerically.
    void instructionIsRight() {
        for (double off : {-7.0, -2.25, 3.5}) {
            const TdcFindings f = tdcOf(off - 28.0, off + 28.0);
            const bool with = words::tdcInstruction(f, DegreeWheel{WheelScale::Half180}, {})
                                  .contains(QStringLiteral("with rotation (or"));
            // Pointer moved with rotation by x: every reading falls by x.
            const double moved = with ? std::abs(off) : -std::abs(off);
            QCOMPARE(off - 28.0 - moved, -28.0);
            QCOMPARE(off + 28.0 - moved, 28.0);
        }
    }

    void everyFindingHasASentence() {
        QSet<QString> codes;
        for (const Finding& f :
             oneOfEach(std::make_index_sequence<std::variant_size_v<found::Any>>{})) {
            const QString sentence = words::sentence(f, {});
            QVERIFY2(sentence.endsWith(QLatin1Char('.')) || sentence.endsWith(QLatin1Char('?')),
                     qPrintable(sentence));
            QVERIFY(!sentence.contains(QLatin1Char('%')));
            codes << QString::fromLatin1(codeName(f));
        }
        // A code is one finding's alone.
        QCOMPARE(codes.size(), qsizetype(std::variant_size_v<found::Any>));
    }

    void misfitNamesAngleAndAmount() {
        const Finding f{found::OffTheCurve{{75.0}, -0.06, {}}, Severity::LookAgain, Side::Intake,
                        1};
        const QString s = words::sentence(f, {});
        QVERIFY(s.contains(QStringLiteral("75° after TDC")));
        QVERIFY(s.contains(QStringLiteral("0.060 mm under")));
    }

    void tableFaultsNameFileLineAndWhatWasExpected() {
        for (int i = 0; i <= static_cast<int>(TableFault::Flat); ++i) {
            const TableError e{static_cast<TableFault>(i), 7, "x", 2, 3};
            const QString s = words::sentence(e, QStringLiteral("run.csv"));
            QVERIFY(s.startsWith(QStringLiteral("run.csv, line 7: ")));
            QVERIFY2(s.contains(QStringLiteral("expected")) ||
                         s.contains(QStringLiteral("separate")),
                     qPrintable(s));
            QVERIFY(!s.contains(QLatin1Char('%')));
        }
    }

    void lateIsSaidWithTheRightSign() {
        Figure f;
        f.kind = FigureKind::Opens;
        f.side = Side::Intake;
        f.cardDifference = -2.0; // opens 2 degrees fewer before TDC
        QCOMPARE(words::figureDifference(f, {}), QStringLiteral("2.0 late"));
        f.kind = FigureKind::Closes;
        f.cardDifference = 2.0;
        QCOMPARE(words::figureDifference(f, {}), QStringLiteral("2.0 late"));
        f.kind = FigureKind::Centre;
        QCOMPARE(words::figureDifference(f, {}), QStringLiteral("2.0 late"));
        f.side = Side::Exhaust; // a centre farther before TDC is earlier
        QCOMPARE(words::figureDifference(f, {}), QStringLiteral("2.0 early"));
        f.cardDifference = 0.01;
        QCOMPARE(words::figureDifference(f, {}), QStringLiteral("as card"));
    }
};

AMBER_TEST(TestWords)

} // namespace test_words

#include "test_words.moc"
