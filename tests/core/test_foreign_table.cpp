// Tables as other people write them. Every one is the same lobe, written otherwise; how each is to
// be understood is known.
#include "core/lobe/lobe.h"
#include "core/typed/foreign_table.h"
#include "simulated/closed_lobes.h"
#include "support/program.h"

#include <QString>
#include <QTest>

#include <algorithm>

namespace test_foreign_table {

using namespace lobe;

namespace {

const closed::Lobe kLobe = closed::power(106.0, 140.0, 8.0);

/// A row for every 5 crank degrees: what `row` makes of angle and lift.
std::string table(const std::string& head, const std::function<QString(double, double)>& row) {
    std::string out = head;
    for (double d = -70.0; d <= 280.0; d += 5.0)
        out += row(d, kLobe.at(d)).toStdString() + "\n";
    return out;
}

QString n(double v, int places = 4) {
    return QString::number(v, 'f', places);
}

void readsAsTheLobe(const std::string& text, Side side = Side::Intake) {
    const auto read = readForeignTable(text);
    QVERIFY(read.has_value());
    const TableReading r = guessReading(*read, side, LengthUnit::Millimetre, -70.0, 5.0);
    const auto points = readAs(*read, r);
    QCOMPARE(points.size(), std::size_t(71));
    const LobeFigures f = analyseLobe(points, LobeRequest{});
    QVERIFY2(f.maxLift_mm && std::abs(f.maxLift_mm->value - 8.0) < 0.02,
             qPrintable(QString::number(f.maxLift_mm ? f.maxLift_mm->value : -1.0)));
    QVERIFY2(std::abs(f.maxLiftAt->deg - 106.0) < 1.5,
             qPrintable(QString::number(f.maxLiftAt->deg)));
}

} // namespace

class TestForeignTable : public QObject {
    Q_OBJECT

private slots:
    void isUnderstood_data() {
        QTest::addColumn<QString>("text");
        const auto add = [](const char* name, const std::string& text) {
            QTest::newRow(name) << QString::fromStdString(text);
        };
        add("tabs of a spreadsheet",
            table("", [](double d, double mm) { return n(d, 0) + '\t' + n(mm); }));
        add("decimal commas", table("Grad;Hub\n", [](double d, double mm) {
                QString row = n(d, 1) + ';' + n(mm);
                return row.replace('.', ',');
            }));
        add("commas, a head",
            table("degrees,lift\n", [](double d, double mm) { return n(d, 0) + ',' + n(mm); }));
        add("spaces", table("", [](double d, double mm) {
                return QStringLiteral("  ") + n(d, 0) + QStringLiteral("    ") + n(mm);
            }));
        add("lift first",
            table("lift mm;deg\n", [](double d, double mm) { return n(mm) + ';' + n(d, 0); }));
        add("inches",
            table("", [](double d, double mm) { return n(d, 0) + '\t' + n(mm / 25.4, 5); }));
        add("thousandths",
            table("", [](double d, double mm) { return n(d, 0) + '\t' + n(mm / 0.0254, 1); }));
        add("cam degrees from the nose", table("cam deg\tlift\n", [](double d, double mm) {
                return n((d - 106.0) / 2.0, 1) + '\t' + n(mm);
            }));
        add("a dial that ran backward",
            table("", [](double d, double mm) { return n(d, 0) + '\t' + n(-mm); }));
        add("counted down from the nose",
            table("", [](double d, double mm) { return n(d, 0) + '\t' + n(mm - 8.0); }));
        add("up away from the nose",
            table("", [](double d, double mm) { return n(d, 0) + '\t' + n(8.0 - mm); }));
        add("lifts alone", table("", [](double, double mm) { return n(mm); }));
        add("lifts alone, decimal commas",
            table("", [](double, double mm) { return n(mm).replace('.', ','); }));
        add("a number before each", table("no;deg;lift\n", [i = 0](double d, double mm) mutable {
                return QString::number(++i) + ';' + n(d, 0) + ';' + n(mm);
            }));
        add("words between",
            "measured on Monday\nby me\n\n" +
                table("deg lift\n", [](double d, double mm) { return n(d, 0) + ' ' + n(mm); }));
        add("lines that end with a return", [] {
            std::string text =
                table("", [](double d, double mm) { return n(d, 0) + '\t' + n(mm); });
            std::replace(text.begin(), text.end(), '\n', '\r');
            return text;
        }());
    }
    void isUnderstood() {
        QFETCH(QString, text);
        readsAsTheLobe(text.toStdString());
    }

    void anExhaustLobeIsPutWhereOneStands() {
        const auto read = readForeignTable(
            table("", [](double d, double mm) { return n(d - 106.0, 0) + '\t' + n(mm); }));
        const TableReading r = guessReading(*read, Side::Exhaust, LengthUnit::Millimetre, 0.0, 5.0);
        QVERIFY(r.shift_deg < -90.0 && r.shift_deg > -130.0);
    }

    void whatIsNoTableIsNone() {
        for (const char* text : {"", "hello", "8.512", "1.2", "a\tb\nc\td\ne\tf"})
            QVERIFY2(!readForeignTable(text), text);
    }

    /// A few rows show no lobe: angles and lifts in this order, or lifts alone.
    void aPieceIsTakenAsItStands() {
        const auto taken = [](const char* text, LengthUnit unit = LengthUnit::Millimetre) {
            const auto read = readForeignTable(text);
            return readAs(*read, guessReading(*read, Side::Intake, unit, 30.0, 5.0));
        };
        auto points = taken("70\t1.2\n75\t1.5\n");
        QCOMPARE(points.size(), std::size_t(2));
        QCOMPARE(points[1].deg, 75.0);
        QCOMPARE(points[1].mm, 1.5);
        points = taken("1,25\n1,5\n1,75\n");
        QCOMPARE(points[2].deg, 40.0);
        QCOMPARE(points[2].mm, 1.75);
        points = taken("lift;deg\n0.5;75\n0.7;80");
        QCOMPARE(points[0].deg, 75.0);
        QCOMPARE(points[0].mm, 0.5);
        // A row of a spreadsheet is a column that lies down; two are angles and lifts.
        points = taken("1.2\t1.5\t1.7\t1.8\n");
        QCOMPARE(points.size(), std::size_t(4));
        QCOMPARE(points[3].deg, 45.0);
        QCOMPARE(points[3].mm, 1.8);
        points = taken("70\t75\t80\t85\n1.2\t1.5\t1.7\t1.8\n");
        QCOMPARE(points.size(), std::size_t(4));
        QCOMPARE(points[2].deg, 80.0);
        QCOMPARE(points[2].mm, 1.7);
        points = taken("70 0.100\n75 0.120", LengthUnit::Inch);
        QVERIFY(std::abs(points[0].mm - 2.54) < 1e-12);
        points = taken("70 100\n75 120", LengthUnit::Inch);
        QVERIFY(std::abs(points[0].mm - 2.54) < 1e-12);
        points = taken("70 -1.2\n75 -1.5");
        QCOMPARE(points[1].mm, 1.5);
    }

    /// What was said of one table is done with the next of its shape; the shift is its side's.
    void howATableWasTakenIsRemembered() {
        const auto text = [](double centre) {
            std::string out = "count;value\n";
            for (double d = -70.0; d <= 280.0; d += 5.0)
                out += (n(d - centre, 0) + ';' + n(kLobe.at(d) / 25.4, 4)).toStdString() + "\n";
            return out;
        };
        const auto first = readForeignTable(text(0.0));
        const TableReading guess =
            guessReading(*first, Side::Intake, LengthUnit::Millimetre, 0.0, 5.0);
        QCOMPARE(shapeOf(*first), std::string("2 count value"));
        QCOMPARE(remembered(guess, guess, Side::Intake, ""), std::string());
        TableReading said = guess;
        said.unit_mm = 1.0;
        said.reverse = true;
        said.shift_deg = 7.5;
        const std::string words = remembered(said, guess, Side::Intake, "");
        QCOMPARE(asRemembered(*first, guess, Side::Intake, words), said);
        // Guessed right, it stays remembered.
        QCOMPARE(remembered(said, said, Side::Intake, words), words);
        // The other side has its own shift: home for what else was remembered.
        const TableReading other = asRemembered(
            *first, guessReading(*first, Side::Exhaust, LengthUnit::Millimetre, 0.0, 5.0),
            Side::Exhaust, words);
        QVERIFY(other.reverse);
        QCOMPARE(other.shift_deg, shiftHome(*first, other, Side::Exhaust));
        const auto points = readAs(*first, other);
        const auto nose = std::max_element(points.begin(), points.end(),
                                           [](auto& a, auto& b) { return a.mm < b.mm; });
        QVERIFY2(std::abs(nose->deg + 110.0) < 10.0, qPrintable(QString::number(nose->deg)));
        // Without a shift of its own a table that is read otherwise goes home anew.
        const TableReading turned = asRemembered(*first, guess, Side::Intake, "reverse=1");
        double most = 0.0, at = 0.0;
        for (const LiftPoint& p : readAs(*first, turned))
            if (p.mm > most) {
                most = p.mm;
                at = p.deg;
            }
        QVERIFY2(std::abs(at - 106.0) < 10.0, qPrintable(QString::number(at)));
        // Nothing that could be written there goes beyond a table.
        for (const char* sly : {"lift=9", "lift=-1", "angle=0 lift=0", "angle=1e9", "unit=17",
                                "step=0", "step=1e6", "intake=1e5", "lift", "=", "lift=nan"})
            QCOMPARE(asRemembered(*first, guess, Side::Intake, sly), guess);
    }

    void saidOtherwise() {
        const auto read = readForeignTable("10\t1\n20\t2\n30\t1\n40\t0\n");
        TableReading r;
        r.angle = 0;
        r.lift = 1;
        r.cam = true;
        r.reverse = true;
        r.shift_deg = 5.0;
        r.unit_mm = 25.4;
        const auto points = readAs(*read, r);
        QCOMPARE(points[1].deg, -35.0);
        QCOMPARE(points[1].mm, 50.8);
        r.angle.reset();
        r.from_deg = -70.0;
        r.step_deg = 2.0;
        QCOMPARE(readAs(*read, r)[3].deg, 64.0 + 5.0);
    }
};

AMBER_TEST(TestForeignTable)

} // namespace test_foreign_table

#include "test_foreign_table.moc"
