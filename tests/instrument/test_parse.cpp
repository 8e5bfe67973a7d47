// What tools say, in whatever pieces it comes, and whatever comes beside it.
#include "instrument/instrument.h"
#include "instrument/parse.h"
#include "simulated/bench.h"
#include "support/program.h"

#include <QTest>

#include <random>

namespace test_parse {

using namespace instrument;

namespace {

std::vector<Said> heard(const Format& format, std::string_view bytes) {
    Parser parser(format);
    std::vector<Said> out;
    parser.feed(bytes, out);
    return out;
}

/// Values of what made sense, in order.
std::vector<double> values(const std::vector<Said>& said) {
    std::vector<double> all;
    for (const Said& s : said)
        if (s.value) all.push_back(*s.value);
    return all;
}

} // namespace

class TestParse : public QObject {
    Q_OBJECT
private slots:
    void lines_data() {
        QTest::addColumn<QByteArray>("bytes");
        QTest::addColumn<double>("value");
        QTest::addColumn<int>("unit");
        const auto row = [](const char* bytes, double value, Unit unit) {
            QTest::newRow(bytes) << QByteArray(bytes) << value << int(unit);
        };
        row("8.512 mm\r\n", 8.512, Unit::Millimetre);
        row("  +0.335 in\n", 0.335 * 25.4, Unit::Inch);
        row("D1 no\n", 1.0, Unit::Millimetre);
        row("-  12,40 deg\n", -12.4, Unit::Degree);
        row("0.0100\"\n", 0.254, Unit::Inch);
        row("118.25\xC2\xB0\n", 118.25, Unit::Degree);
        row(".5\n", 0.5, Unit::Millimetre);
        row("3.000 MM\r", 3.0, Unit::Millimetre);
    }
    void lines() {
        QFETCH(QByteArray, bytes);
        const auto said = heard({}, std::string_view(bytes.constData(), std::size_t(bytes.size())));
        QCOMPARE(said.size(), std::size_t(1));
        QVERIFY(!said[0].odd);
        QTEST(*said[0].value, "value");
        QTEST(int(said[0].unit), "unit");
    }

    // Which number of a line, its unit and its sign can be said by hand.
    void describedByHand() {
        Format f;
        f.number = 2;
        f.unit = Unit::Inch;
        f.reversed = true;
        f.ending = ';';
        const auto said = heard(f, "7:0.100;7:0.200;");
        QCOMPARE(values(said), (std::vector<double>{-2.54, -5.08}));
    }

    void whatIsNoNumberIsNone() {
        for (const char* bytes : {"ERR\n", "- - -\n", "\x01\x02\x03\n", "mm\n"}) {
            const auto said = heard({}, bytes);
            QCOMPARE(said.size(), std::size_t(1));
            QVERIFY(said[0].odd == Odd::NoNumber);
            QVERIFY(!said[0].value);
        }
        QVERIFY(heard({}, "1e400 99999999999999999999\n")[0].value.value_or(1.0) == 1.0);
        QVERIFY(heard({}, "9999999999\n")[0].odd == Odd::Range);
        // No line ends: said once, and what follows the next end is heard again.
        Parser parser(Format{});
        std::vector<Said> out;
        for (int i = 0; i < 100; ++i)
            parser.feed("0123456789", out);
        QCOMPARE(out.size(), std::size_t(1));
        QVERIFY(out[0].odd == Odd::TooLong);
        parser.feed("77\n8.5\n", out);
        QCOMPARE(values(out), std::vector<double>{8.5});
    }

    void countsAndIndex() {
        Format f;
        f.way = Way::Count;
        const auto said = heard(f, "-120;0\n-119;0\n0;1\n");
        QCOMPARE(values(said), (std::vector<double>{-120.0, -119.0, 0.0}));
        QVERIFY(!said[0].index && said[2].index);
        // Cut off, a count is none; without an index from the first it is one.
        QVERIFY(heard(f, "120;0\n12\n")[1].odd == Odd::NoNumber);
        QCOMPARE(values(heard(f, "120\n121\n")), (std::vector<double>{120.0, 121.0}));
        // 7200 counts a turn are twentieths of a degree; the zero is where it was said to be.
        lobe::Counter c{7200.0, false, 0.0};
        QCOMPARE(c.degrees(-120.0), -6.0);
        c.zero = 1800.0;
        QCOMPARE(c.degrees(1800.0), 0.0);
        c.backwards = true;
        QCOMPARE(c.degrees(1780.0), 1.0);
        QCOMPARE(c.count(c.degrees(1234.0)), 1234.0);
    }

    void pedalOnlySaysTakeIt() {
        Format f;
        f.way = Way::Pedal;
        const auto said = heard(f, "\x1b[3~");
        QCOMPARE(said.size(), std::size_t(1));
        QVERIFY(said[0].takeIt && !said[0].value);
    }

    // By hand: FA, sign and unit, six digits, point and sum of the nibbles before it.
    void packetsByHand() {
        Format f;
        f.way = Way::Digits;
        // +8.512 mm: 0 0, 0 0 8 5 1 2, 3 -> 0+0+0+0+8+5+1+2+3 = 19 = 3 of 16.
        const auto plus = heard(f, std::string_view("\xFA\x00\x00\x85\x12\x33", 6));
        QCOMPARE(values(plus), std::vector<double>{8.512});
        QCOMPARE(plus[0].raw, std::string("FA 00 00 85 12 33"));
        // -0.3350 in: 1 1, 0 0 3 3 5 0, 4 -> 1+1+3+3+5+4 = 17 = 1.
        const auto minus = heard(f, std::string_view("\xFA\x11\x00\x33\x50\x41", 6));
        QVERIFY(std::abs(values(minus).at(0) + 0.335 * 25.4) < 1e-9);
        QVERIFY(minus[0].unit == Unit::Inch);
        // A sum that does not fit is no value.
        const auto wrong = heard(f, std::string_view("\xFA\x00\x00\x85\x12\x34", 6));
        QVERIFY(values(wrong).empty());
        QVERIFY(wrong.at(0).odd == Odd::Checksum);
    }

    // Split anywhere, joined, with noise between: every whole packet is heard, and nothing else.
    void packetsInPieces() {
        std::mt19937 random(5);
        Format f;
        f.way = Way::Digits;
        Parser parser(f);
        std::string stream;
        std::vector<double> sent;
        for (int i = 0; i < 2000; ++i) {
            const double mm = std::round((double(random() % 20000) - 5000.0)) / 1000.0;
            sent.push_back(mm);
            stream += digitsPacket(mm, 3, Unit::Millimetre);
            // Noise that is no lead.
            if (random() % 4 == 0) stream += static_cast<char>(random() % 0xF0);
        }
        std::vector<Said> out;
        for (std::size_t at = 0; at < stream.size();) {
            const std::size_t n = 1 + random() % 9;
            parser.feed(std::string_view(stream).substr(at, n), out);
            at += n;
        }
        QCOMPARE(values(out), sent);
        QVERIFY(out.size() > sent.size()); // the noise was told
    }

    // One byte lost or changed costs its own packet and no other, and never makes a value that was
    // not sent but by a sum that fits by chance: four bits let one in sixteen through, of those
    // that still look like digits.
    void damageIsSeen() {
        std::mt19937 random(9);
        Format f;
        f.way = Way::Digits;
        int damaged = 0, through = 0, lost = 0;
        for (int i = 0; i < 4000; ++i) {
            std::string before = digitsPacket(1.234, 3, Unit::Millimetre),
                        it = digitsPacket(double(random() % 9000) / 1000.0, 3, Unit::Millimetre),
                        whole = it;
            const std::size_t at = 1 + random() % 5;
            if (random() % 2)
                it.erase(at, 1);
            else
                it[at] =
                    static_cast<char>(static_cast<unsigned char>(it[at]) ^ (1 + random() % 255));
            const auto said = values(heard(f, before + it + before + before));
            ++damaged;
            QVERIFY(said.size() >= 2);
            lost += std::count(said.begin(), said.end(), 1.234) < 2;
            through += said.size() > 3;
        }
        QVERIFY2(through * 16 <= damaged, qPrintable(QString::number(through)));
        QCOMPARE(lost, 0);
    }

    // Minutes of random bytes: no value beyond what the way can say, no growth, no end.
    void randomBytes() {
        for (const Way way : {Way::Line, Way::Digits, Way::Count, Way::Pedal}) {
            std::mt19937 random(77);
            Format f;
            f.way = way;
            Parser parser(f);
            std::size_t all = 0;
            for (int i = 0; i < 60000; ++i) {
                std::string bytes(random() % 64, '\0');
                for (char& c : bytes)
                    c = static_cast<char>(random());
                std::vector<Said> out;
                parser.feed(bytes, out);
                all += out.size();
                for (const Said& s : out) {
                    QVERIFY(!s.value || std::abs(*s.value) <= 1e9 * 25.4);
                    QVERIFY(!(s.value && s.odd));
                    QVERIFY(s.raw.size() < 1100);
                }
            }
            QVERIFY(all > 0);
        }
    }

    // What the bench sends is written by another hand than what is read here.
    void theBenchIsUnderstood() {
        simulated::Bench bench(simulated::engineOf(3), 1, 500.0);
        bench.put(-60.0);
        bench.dialOn(simulated::On::Intake);
        bench.turn(30.0);
        Format digits, count;
        digits.way = Way::Digits;
        count.way = Way::Count;
        Parser dial(digits), encoder(count);
        std::vector<Said> lifts, counts;
        for (int i = 0; i < 400; ++i) {
            bench.advance(0.01);
            dial.feed(bench.take(simulated::Tool::Dial), lifts);
            encoder.feed(bench.take(simulated::Tool::Encoder), counts);
        }
        QCOMPARE(values(lifts).size(), std::size_t(2000));
        QCOMPARE(values(counts).size(), std::size_t(2000));
        QVERIFY(std::abs(*lifts.back().value - bench.trueLift(simulated::Tool::Dial)) < 0.006);
        const double deg = *counts.back().value * 360.0 / simulated::Bench::kCountsPerTurn;
        QVERIFY(std::abs(deg - bench.crank_deg() - bench.truth().pointer_deg) < 0.03);
    }

    // An instrument is a line of text, and comes back from it.
    void asALine() {
        Instrument i;
        i.name = QStringLiteral("the blue dial");
        i.role = Role::Angle;
        i.place = QStringLiteral("serial:/dev/ttyUSB0");
        i.usb = QStringLiteral("0403:6001:A 1");
        i.format = {Way::Count, Unit::Said, ';', 2, 0, true};
        i.counter = {2400.0, true, 1234.5};
        i.baud = 115200;
        i.framing = QStringLiteral("7E1");
        const auto back = fromLine(toLine(i));
        QVERIFY(back);
        QCOMPARE(toLine(*back), toLine(i));
        QVERIFY(*back == i);
        for (const char* odd : {"", "lift", "lift sings", "angle count counts=0",
                                "lift line number=x", "lift line baud=-1"})
            QVERIFY2(!fromLine(QLatin1String(odd)), odd);
    }
};

AMBER_TEST(TestParse)

} // namespace test_parse

#include "test_parse.moc"
