// CSV lift tables: every accepted form, every refusal with its line.
#include "core/typed/lift_table.h"
#include "support/program.h"

#include <QTest>

#include <cmath>

namespace test_lift_table {

using namespace lobe;

namespace {

const char* const kRows[] = {"0", "0.2", "1", "3", "5", "6", "5", "3", "1", "0.2", "0"};

std::string table(const std::string& header, const std::string& separator, bool comma = false,
                  const std::string& extra = {}) {
    std::string out = header + "\n";
    int deg = 50;
    for (std::string lift : kRows) {
        if (comma)
            for (char& c : lift)
                if (c == '.') c = ',';
        out += std::to_string(deg) + separator + lift + extra + "\n";
        deg += 10;
    }
    return out;
}

LiftTable read(const std::string& text) {
    const auto result = readLiftTable(text);
    if (const auto* e = std::get_if<TableError>(&result))
        qWarning("fault %d line %d", static_cast<int>(e->fault), e->line);
    return std::get<LiftTable>(result);
}

TableError fault(const std::string& text) {
    return std::get<TableError>(readLiftTable(text));
}

} // namespace

class TestLiftTable : public QObject {
    Q_OBJECT
private slots:
    void forms_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<double>("unit");
        const auto row = [](const char* name, const std::string& text, double unit = 1.0) {
            QTest::newRow(name) << QString::fromStdString(text) << unit;
        };
        row("comma", table("crank_deg,lift_mm", ","));
        row("semicolon", table("crank_deg;lift_mm", ";"));
        row("tab", table("crank_deg\tlift_mm", "\t"));
        row("semicolon, decimal comma", table("crank_deg;lift_mm", ";", true));
        row("tab, decimal comma", table("crank_deg\tlift_mm", "\t", true));
        row("extra columns", table("crank_deg,lift_mm,note,mood", ",", false, ",hello,"));
        row("capitals", table("Crank_Deg,LIFT_MM", ","));
        row("byte order mark", "\xEF\xBB\xBF" + table("crank_deg,lift_mm", ","));
        row("comments and blanks", "# a note\n\n" + table("crank_deg,lift_mm", ",") + "\n# end\n");
        row("quoted names", table("\"crank_deg\",\"lift_mm\"", ","));
        std::string crlf;
        for (char c : table("crank_deg,lift_mm", ","))
            crlf += c == '\n' ? std::string("\r\n") : std::string(1, c);
        row("carriage returns", crlf);
        row("empty last field behind a tab", table("crank_deg\tlift_mm\tnote", "\t", false, "\t"));
    }
    void forms() {
        QFETCH(QString, text);
        const LiftTable t = read(text.toStdString());
        QCOMPARE(t.points.size(), std::size(kRows));
        QCOMPARE(t.points[1].deg, 60.0);
        QVERIFY(std::abs(t.points[1].mm - 0.2) < 1e-12);
    }

    void inchesBecomeMillimetres() {
        std::string text = "crank_deg,lift_in\n";
        for (int i = 0; i < 9; ++i)
            text += std::to_string(i * 10) + ",0.0" + std::to_string(i * 4) + "\n";
        QVERIFY(std::abs(read(text).points[2].mm - 0.08 * 25.4) < 1e-9);
    }

    void columnsInAnyOrder() {
        std::string text = "lift_mm,who,crank_deg\n";
        for (int i = 0; i < 9; ++i)
            text += std::to_string(i) + ",me," + std::to_string(i * 10) + "\n";
        QCOMPARE(read(text).points[3].deg, 30.0);
        QCOMPARE(read(text).points[3].mm, 3.0);
    }

    void quotedDecimalComma() {
        std::string text = "crank_deg,lift_mm\n";
        for (int i = 0; i < 9; ++i)
            text += std::to_string(i * 10) + ",\"" + std::to_string(i) + ",5\"\n";
        QCOMPARE(read(text).points[3].mm, 3.5);
    }

    void refusals_data() {
        QTest::addColumn<QByteArray>("text");
        QTest::addColumn<int>("fault");
        QTest::addColumn<int>("line");
        const auto row = [](const char* name, const QByteArray& text, TableFault f, int line) {
            QTest::newRow(name) << text << static_cast<int>(f) << line;
        };
        const QByteArray good = QByteArray::fromStdString(table("crank_deg,lift_mm", ","));
        row("empty", "", TableFault::Empty, 0);
        row("only comments", "# x\n\n", TableFault::Empty, 0);
        row("binary", QByteArray("crank_deg,lift_mm\n\0\1\2", 21), TableFault::NotText, 0);
        row("no angle", "deg,lift_mm\n", TableFault::NoAngleColumn, 1);
        row("no unit", "crank_deg,lift\n", TableFault::NoLiftColumn, 1);
        row("no lift", "crank_deg,height\n", TableFault::NoLiftColumn, 1);
        row("two lifts", "crank_deg,lift_mm,lift_in\n", TableFault::TwoLiftColumns, 1);
        row("word", good + "160,high\n", TableFault::NotANumber, 13);
        row("nan", good + "160,nan\n", TableFault::NotANumber, 13);
        row("infinity", good + "160,inf\n", TableFault::NotANumber, 13);
        row("hexadecimal", good + "160,0x1F\n", TableFault::NotANumber, 13);
        row("empty number", good + "160,\n", TableFault::NotANumber, 13);
        row("decimal comma between commas", good + "160,1,5\n", TableFault::FieldCount, 13);
        row("one field", good + "160\n", TableFault::FieldCount, 13);
        row("angle", good + "3601,1\n", TableFault::AngleOutOfRange, 13);
        row("lift", good + "160,1500\n", TableFault::LiftOutOfRange, 13);
        row("huge", good + "160,1e300\n", TableFault::LiftOutOfRange, 13);
        row("few", "crank_deg,lift_mm\n0,0\n10,5\n", TableFault::TooFewReadings, 0);
        QByteArray flat = "crank_deg,lift_mm\n";
        for (int i = 0; i < 20; ++i)
            flat += QByteArray::number(i * 10) + ",0.1\n";
        row("flat", flat, TableFault::Flat, 0);
    }
    void refusals() {
        QFETCH(QByteArray, text);
        QFETCH(int, fault);
        QFETCH(int, line);
        const TableError e = test_lift_table::fault(text.toStdString());
        QCOMPARE(static_cast<int>(e.fault), fault);
        QCOMPARE(e.line, line);
    }

    void hugeFilesAreRefused() {
        std::string text = "crank_deg,lift_mm\n";
        for (std::size_t i = 0; i <= kMostReadings; ++i)
            text += "1,1\n";
        QVERIFY(fault(text).fault == TableFault::TooLong);
        QVERIFY(fault(std::string(65 << 20, '1')).fault == TableFault::TooLong);
    }

    /// A hundred seconds of an instrument, angles of several turns, a name of several lines.
    void whateverIsWrittenIsReadBack() {
        std::vector<LiftPoint> points;
        for (std::size_t i = 0; i < kMostReadings; ++i)
            points.push_back({-3600.0 + 7200.0 * double(i) / double(kMostReadings), double(i % 7)});
        const LiftTable back =
            read(writeLiftTable(points, {"two\nlines, and\rone", "1,2", "=1+1"}));
        QCOMPARE(back.points.size(), kMostReadings);
        QCOMPARE(back.points.back().deg, points.back().deg);
    }

    void linesMayEndWithCarriageReturnsAlone() {
        std::string text = table("crank_deg,lift_mm", ",");
        const std::size_t count = read(text).points.size();
        std::replace(text.begin(), text.end(), '\n', '\r');
        QCOMPARE(read(text).points.size(), count);
        QCOMPARE(fault(text + "160,high\r").line, 13);
    }

    void writtenIsReadBackToTheBit() {
        std::vector<LiftPoint> points;
        for (int i = 0; i < 20; ++i)
            points.push_back({i * 5.0 - 70.1, std::sqrt(i * 1.37)});
        const LiftTable back = read(writeLiftTable(points, {"made up"}));
        QCOMPARE(back.points.size(), points.size());
        for (std::size_t i = 0; i < points.size(); ++i) {
            QCOMPARE(back.points[i].deg, points[i].deg);
            QCOMPARE(back.points[i].mm, points[i].mm);
        }
    }
};

AMBER_TEST(TestLiftTable)

} // namespace test_lift_table

#include "test_lift_table.moc"
