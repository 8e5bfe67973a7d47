// What a builder types, and what is refused.
#include "core/typed/entry.h"
#include "support/program.h"

#include <QTest>

#include <cmath>

namespace test_entry {

using namespace lobe;

class TestEntry : public QObject {
    Q_OBJECT
private slots:
    void numbers_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<double>("value");
        QTest::newRow("plain") << "8.73" << 8.73;
        QTest::newRow("comma") << "8,73" << 8.73;
        QTest::newRow("negative") << "-0.01" << -0.01;
        QTest::newRow("plus") << "+3" << 3.0;
        QTest::newRow("point first") << ".5" << 0.5;
        QTest::newRow("spaces") << "  12 " << 12.0;
        QTest::newRow("difference") << "180-131" << 49.0;
        QTest::newRow("sum with negative") << "31+-26.5" << 4.5;
        QTest::newRow("times before plus") << "2+3*4" << 14.0;
        QTest::newRow("quotient") << "57.5/2" << 28.75;
        QTest::newRow("half of") << "half of 43" << 21.5;
        QTest::newRow("half of a sum") << "half of 31+26.5" << 28.75;
        QTest::newRow("half without of") << "HALF 43" << 21.5;
        QTest::newRow("bracket") << "(42+44)/2" << 43.0;
        QTest::newRow("minus a bracket") << "-(1.5 + 2)*2" << -7.0;
        QTest::newRow("bracket in a bracket") << "((180-131)+1)/2" << 25.0;
    }
    void numbers() {
        QFETCH(QString, text);
        QFETCH(double, value);
        const auto read = readNumber(text.toStdString());
        QVERIFY(std::holds_alternative<double>(read));
        QVERIFY(std::abs(std::get<double>(read) - value) < 1e-12);
    }

    void refusals_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<int>("fault");
        const auto row = [](const char* text, EntryFault fault) {
            QTest::newRow(text) << text << static_cast<int>(fault);
        };
        row("", EntryFault::Empty);
        row("   ", EntryFault::Empty);
        row("-", EntryFault::Empty);
        row("eight", EntryFault::NotANumber);
        row("1.2.3", EntryFault::NotANumber);
        row("8 7", EntryFault::NotANumber);
        row("4/0", EntryFault::DivideByZero);
        row("12x", EntryFault::UnknownSuffix);
        row("nan", EntryFault::NotANumber);
        row("inf", EntryFault::NotANumber);
        row("1e3", EntryFault::UnknownSuffix);
        row("3+", EntryFault::Empty);
        row("(3", EntryFault::NotANumber);
        row("3)", EntryFault::NotANumber);
        row("()", EntryFault::NotANumber);
        row("((((((((((1))))))))))", EntryFault::NotANumber); // deeper than any bench
    }
    void refusals() {
        QFETCH(QString, text);
        QFETCH(int, fault);
        const auto read = readNumber(text.toStdString());
        QVERIFY(std::holds_alternative<EntryError>(read));
        QCOMPARE(static_cast<int>(std::get<EntryError>(read).fault), fault);
    }

    void lengths_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<bool>("inches");
        QTest::addColumn<double>("mm");
        QTest::newRow("mm shown") << "8.73" << false << 8.73;
        QTest::newRow("mm said while inches shown") << "8.73mm" << true << 8.73;
        QTest::newRow("inches shown") << "0.325" << true << 0.325 * 25.4;
        QTest::newRow("whole number is thousandths") << "325" << true << 0.325 * 25.4;
        QTest::newRow("zero") << "0" << true << 0.0;
        QTest::newRow("thou said") << "40 thou" << false << 0.040 * 25.4;
        QTest::newRow("th said") << "40th" << false << 1.016;
        QTest::newRow("in said") << "0.05in" << false << 1.27;
        QTest::newRow("inch mark") << "0.05\"" << false << 1.27;
        QTest::newRow("sum in thousandths needs its unit") << "300+25 th" << true << 0.325 * 25.4;
    }
    void lengths() {
        QFETCH(QString, text);
        QFETCH(bool, inches);
        QFETCH(double, mm);
        const auto read = readLength(text.toStdString(),
                                     inches ? LengthUnit::Inch : LengthUnit::Millimetre, 30.0);
        QVERIFY(std::holds_alternative<double>(read));
        QVERIFY(std::abs(std::get<double>(read) - mm) < 1e-9);
    }

    void aLostPointIsCaught() {
        const auto read = readLength("873", LengthUnit::Millimetre, kMostLift_mm);
        QVERIFY(std::holds_alternative<EntryError>(read));
        QVERIFY(std::get<EntryError>(read).fault == EntryFault::OutOfRange);
        QCOMPARE(std::get<EntryError>(read).limit, kMostLift_mm);
    }

    void wheel_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<int>("scale");
        QTest::addColumn<bool>("after");
        QTest::addColumn<double>("deg");
        QTest::addColumn<bool>("assumed");
        const int half = int(WheelScale::Half180), full = int(WheelScale::Full360With);
        const int against = int(WheelScale::Full360Against), sign = int(WheelScale::Signed);
        QTest::newRow("side said") << "31b" << half << true << -31.0 << false;
        QTest::newRow("side said, space") << "26.5 a" << half << false << 26.5 << false;
        QTest::newRow("step decides before") << "31" << half << false << -31.0 << true;
        QTest::newRow("step decides after") << "26.5" << half << true << 26.5 << true;
        QTest::newRow("full wheel") << "329" << full << false << -31.0 << false;
        QTest::newRow("full wheel against") << "31" << against << false << -31.0 << false;
        QTest::newRow("signed") << "-31" << sign << true << -31.0 << false;
        QTest::newRow("after bottom") << "20ab" << half << true << -160.0 << false;
        QTest::newRow("before bottom") << "20bb" << half << true << 160.0 << false;
        QTest::newRow("flipped by one key") << "31x" << half << false << 31.0 << false;
        QTest::newRow("twice 180, before")
            << "151" << int(WheelScale::Twice180) << false << -29.0 << true;
        QTest::newRow("twice 180, after")
            << "29" << int(WheelScale::Twice180) << true << 29.0 << true;
        QTest::newRow("tape, 100 of 400 mm")
            << "100" << int(WheelScale::Tape) << false << -90.0 << true;
        QTest::newRow("tape, side said")
            << "50a" << int(WheelScale::Tape) << false << 45.0 << false;
        QTest::newRow("sum") << "360-31" << full << false << -31.0 << false;
    }
    void wheel() {
        QFETCH(QString, text);
        QFETCH(int, scale);
        QFETCH(bool, after);
        QFETCH(double, deg);
        QFETCH(bool, assumed);
        const auto read =
            readWheel(text.toStdString(),
                      {DegreeWheel{static_cast<WheelScale>(scale), 400.0}, after, DeadCentre::Top});
        QVERIFY(std::holds_alternative<WheelReading>(read));
        QCOMPARE(std::get<WheelReading>(read).at.deg, deg);
        QCOMPARE(std::get<WheelReading>(read).assumed, assumed);
    }

    // At the question for an event a minus is the other side, as on a card, where the wheel does
    // not tell the sides; a wheel that does is read as it is.
    void atAnEvent_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<int>("scale");
        QTest::addColumn<bool>("after");
        QTest::addColumn<bool>("bottom");
        QTest::addColumn<double>("deg");
        const int half = int(WheelScale::Half180), full = int(WheelScale::Full360With);
        QTest::newRow("opens after TDC") << "-6" << half << false << false << 6.0;
        QTest::newRow("opens before TDC") << "6" << half << false << false << -6.0;
        QTest::newRow("closes before TDC") << "-4" << half << true << false << -4.0;
        QTest::newRow("signed wheel") << "-6" << int(WheelScale::Signed) << false << false << -6.0;
        QTest::newRow("360 wheel") << "-6" << full << false << false << -6.0;
        QTest::newRow("quadrants, before BDC")
            << "-5" << int(WheelScale::Quarter90) << true << true << 175.0;
        QTest::newRow("closes after BDC") << "143" << half << true << true << -143.0;
        QTest::newRow("said with its side") << "37ab" << half << true << true << -143.0;
        QTest::newRow("said from the top") << "37b" << half << true << true << -37.0;
        QTest::newRow("360 wheel, after BDC") << "217" << full << true << true << -143.0;
    }
    void atAnEvent() {
        QFETCH(QString, text);
        QFETCH(int, scale);
        QFETCH(bool, after);
        QFETCH(bool, bottom);
        QFETCH(double, deg);
        const auto read =
            readWheel(text.toStdString(), {DegreeWheel{static_cast<WheelScale>(scale)}, after,
                                           bottom ? DeadCentre::Bottom : DeadCentre::Top, true});
        QVERIFY(std::holds_alternative<WheelReading>(read));
        QCOMPARE(std::get<WheelReading>(read).at.deg, deg);
    }

    // 37 where an event lies after BDC: no valve closes 37 from the top. Asked at once, with what
    // the wheel shows 37 after the bottom: 143 on half circles, 217 on 360.
    void fromWhichCentre() {
        const auto fault = [](const char* text, WheelScale scale, bool after) {
            const auto read =
                readWheel(text, {DegreeWheel{scale}, after, DeadCentre::Bottom, true});
            const auto* e = std::get_if<EntryError>(&read);
            return e && e->fault == EntryFault::WhichCentre ? e->limit : 0.0;
        };
        QCOMPARE(fault("37", WheelScale::Half180, true), 143.0);
        QCOMPARE(fault("37", WheelScale::Half180, false), -143.0);
        QCOMPARE(fault("37", WheelScale::Full360With, true), 217.0);
        QCOMPARE(fault("44", WheelScale::Signed, true), 136.0);
        QCOMPARE(fault("143", WheelScale::Half180, true), 0.0);
        QCOMPARE(fault("37", WheelScale::Quarter90, true), 0.0);
        // A lift run's or a contact's number is no event.
        QVERIFY(std::holds_alternative<WheelReading>(
            readWheel("37", {DegreeWheel{WheelScale::Half180}, true, DeadCentre::Bottom})));
    }

    // A tape of 55.125 in round a flywheel: 32.93 in is 215.05 degrees on, which is 144.95 before;
    // 32 7/8 is 214.69. In millimetres 836.4 of 1400.175.
    void tapes() {
        const DegreeWheel tape{WheelScale::Tape, 55.125 * 25.4};
        const auto at = [&](const char* text, LengthUnit unit) {
            const auto read = readWheel(text, {tape, true, DeadCentre::Top, false, unit});
            const auto* r = std::get_if<WheelReading>(&read);
            return r ? r->at.deg : 999.0;
        };
        QVERIFY(std::abs(at("32.93", LengthUnit::Inch) - (360.0 * 32.93 / 55.125 - 360.0)) < 1e-9);
        QVERIFY(std::abs(at("32 7/8", LengthUnit::Inch) - (360.0 * 32.875 / 55.125 - 360.0)) <
                1e-9);
        QVERIFY(std::abs(at("10", LengthUnit::Inch) - 3600.0 / 55.125) < 1e-9);
        QVERIFY(std::abs(at("254 mm", LengthUnit::Inch) - 3600.0 / 55.125) < 1e-9);
        QVERIFY(std::abs(at("10 in", LengthUnit::Millimetre) - 3600.0 / 55.125) < 1e-9);
        QVERIFY(std::abs(at("254", LengthUnit::Millimetre) - 3600.0 / 55.125) < 1e-9);
        QVERIFY(std::abs(at("3 1/2 b", LengthUnit::Inch) + 360.0 * 3.5 / 55.125) < 1e-9);
        QCOMPARE(at("60", LengthUnit::Inch), 999.0); // beyond the tape
    }

    void wheelRefusals() {
        const auto off =
            readWheel("190", {DegreeWheel{WheelScale::Half180}, true, DeadCentre::Top});
        QVERIFY(std::get<EntryError>(off).fault == EntryFault::OffTheScale);
        QCOMPARE(std::get<EntryError>(off).limit, 180.0);
        QVERIFY(std::holds_alternative<EntryError>(readWheel("31q", {})));
        QVERIFY(std::holds_alternative<EntryError>(readWheel("-31a", {})));
        QVERIFY(std::holds_alternative<EntryError>(readWheel("200b", {})));
    }

    void runEntries() {
        const auto lift =
            std::get<RunEntry>(readRunEntry("8.73", Side::Intake, LengthUnit::Millimetre));
        QVERIFY(!lift.goTo);
        QCOMPARE(*lift.lift_mm, 8.73);
        const auto go =
            std::get<RunEntry>(readRunEntry("75a", Side::Intake, LengthUnit::Millimetre));
        QCOMPARE(go.goTo->deg, 75.0);
        QVERIFY(!go.lift_mm);
        const auto both =
            std::get<RunEntry>(readRunEntry("20b 0,85", Side::Exhaust, LengthUnit::Millimetre));
        QCOMPARE(both.goTo->deg, -20.0);
        QCOMPARE(*both.lift_mm, 0.85);
        const auto bottom =
            std::get<RunEntry>(readRunEntry("40ab", Side::Intake, LengthUnit::Millimetre));
        QCOMPARE(bottom.goTo->deg, 220.0);
        const auto exhaust =
            std::get<RunEntry>(readRunEntry("52bb", Side::Exhaust, LengthUnit::Millimetre));
        QCOMPARE(exhaust.goTo->deg, -232.0);
        // 160 after TDC on the wheel is 200 before it where an exhaust lobe opens.
        const auto round =
            std::get<RunEntry>(readRunEntry("160a", Side::Exhaust, LengthUnit::Millimetre));
        QCOMPARE(round.goTo->deg, -200.0);
        const auto late =
            std::get<RunEntry>(readRunEntry("140b", Side::Intake, LengthUnit::Millimetre));
        QCOMPARE(late.goTo->deg, 220.0);
        const auto cycle =
            std::get<RunEntry>(readRunEntry("@-110 7.1", Side::Exhaust, LengthUnit::Millimetre));
        QCOMPARE(cycle.goTo->deg, -110.0);
        QCOMPARE(*cycle.lift_mm, 7.1);
        const auto step =
            std::get<RunEntry>(readRunEntry("step 2,5", Side::Intake, LengthUnit::Millimetre));
        QCOMPARE(*step.step_deg, 2.5);
    }

    void runRefusals_data() {
        QTest::addColumn<QString>("text");
        for (const char* t : {"", "@", "@800", "200a", "75a x", "75q", "@75a", "8.7 3", "hello",
                              "99", "step 0", "step", "step 90"})
            QTest::newRow(t) << t;
    }
    void runRefusals() {
        QFETCH(QString, text);
        QVERIFY(std::holds_alternative<EntryError>(
            readRunEntry(text.toStdString(), Side::Intake, LengthUnit::Millimetre)));
    }

    void heights() {
        const auto t = std::get<Height>(readHeight("1.27", LengthUnit::Millimetre, Place::Tappet));
        QCOMPARE(t, (Height{1.27, Place::Tappet}));
        const auto v = std::get<Height>(readHeight("0.5v", LengthUnit::Millimetre, Place::Tappet));
        QCOMPARE(v, (Height{0.5, Place::Valve}));
        const auto thou = std::get<Height>(readHeight("50", LengthUnit::Inch, Place::Valve));
        QVERIFY(std::abs(thou.mm - 1.27) < 1e-12);
        // Nought is where it just opens; less than can be seen is refused.
        QCOMPARE(std::get<Height>(readHeight("0", LengthUnit::Millimetre, Place::Valve)).mm, 0.01);
        QVERIFY(std::holds_alternative<EntryError>(
            readHeight("0.001", LengthUnit::Millimetre, Place::Tappet)));
        QVERIFY(std::holds_alternative<EntryError>(
            readHeight("-1", LengthUnit::Millimetre, Place::Tappet)));
    }

    void oneReadingOnAnotherScale_data() {
        QTest::addColumn<QString>("typed");
        QTest::addColumn<double>("at");
        QTest::addColumn<int>("scale");
        const auto row = [](const char* typed, double at, WheelScale scale) {
            QTest::newRow(typed) << QString::fromLatin1(typed) << at << static_cast<int>(scale);
        };
        row("360: 329", -31.0, WheelScale::Full360With);
        row("against:329", 31.0, WheelScale::Full360Against);
        row(" 180 : 31b", -31.0, WheelScale::Half180);
        row("90: 14", 14.0, WheelScale::Quarter90);
        row("signed: -31", -31.0, WheelScale::Signed);
        row("twice: 149", -31.0, WheelScale::Twice180);
        row("tape: 100", 36.0, WheelScale::Tape);
        row("31", 31.0, WheelScale::Half180);
    }
    void oneReadingOnAnotherScale() {
        QFETCH(QString, typed);
        QFETCH(double, at);
        QFETCH(int, scale);
        const DegreeWheel fitted{WheelScale::Half180, 1000.0};
        const auto read = readWheel(typed.toStdString(), {fitted, true, DeadCentre::Top});
        QVERIFY(std::holds_alternative<WheelReading>(read));
        QVERIFY(std::abs(std::get<WheelReading>(read).at.deg - at) < 1e-9);
        QCOMPARE(static_cast<int>(std::get<WheelReading>(read).scale), scale);
    }

    void unknownScalesAreRefused() {
        for (const char* typed : {"moon: 3", ": 3", "tape: 3"}) {
            const auto read = readWheel(typed, {DegreeWheel{}, true, DeadCentre::Top});
            QVERIFY2(std::holds_alternative<EntryError>(read), typed);
            QVERIFY(std::get<EntryError>(read).fault == EntryFault::UnknownScale);
        }
        QVERIFY(std::get<EntryError>(readWheel("360: 361", {DegreeWheel{}, true, DeadCentre::Top}))
                    .fault == EntryFault::OffTheScale);
    }

    void zeroInARun() {
        const auto plain = readRunEntry(" zero ", Side::Intake, LengthUnit::Millimetre);
        QVERIFY(std::get<RunEntry>(plain).zeroed);
        QVERIFY(!std::get<RunEntry>(plain).zeroAt_mm);
        const auto at = readRunEntry("zero 0.325", Side::Intake, LengthUnit::Inch);
        QVERIFY(std::abs(*std::get<RunEntry>(at).zeroAt_mm - 8.255) < 1e-9);
        QVERIFY(std::holds_alternative<EntryError>(
            readRunEntry("zero x", Side::Intake, LengthUnit::Millimetre)));
        QVERIFY(std::holds_alternative<EntryError>(
            readRunEntry("zero 99", Side::Intake, LengthUnit::Millimetre)));
    }

    // A rule's fraction is a number of a sum too, where its unit is said or inches are shown.
    void fractionsWithinSums() {
        const auto mm = [](const char* text, LengthUnit shown) {
            const auto read = readLength(text, shown, 1000.0);
            return std::holds_alternative<double>(read) ? std::get<double>(read) : -1.0;
        };
        QCOMPARE(mm("3 5/32 + 1/16", LengthUnit::Inch), (3.0 + 5.0 / 32 + 1.0 / 16) * 25.4);
        QCOMPARE(mm("(3 1/2 - 1 1/4)/2 in", LengthUnit::Millimetre), 2.25 / 2.0 * 25.4);
        QCOMPARE(mm("3-5/32", LengthUnit::Inch), (3.0 + 5.0 / 32) * 25.4);
        QCOMPARE(mm("4 - 3 5/8", LengthUnit::Inch), 0.375 * 25.4);
        QVERIFY(
            std::get<EntryError>(readLength("3 1/2 + 1", LengthUnit::Millimetre, 1000.0)).fault ==
            EntryFault::Fraction);
        QCOMPARE(mm("7/8 in", LengthUnit::Millimetre), 22.225);
    }
};

AMBER_TEST(TestEntry)

} // namespace test_entry

#include "test_entry.moc"
