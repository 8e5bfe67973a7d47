// The command line as somebody types it: the real program in its own process.
#include "core/job/job.h"
#include "simulated/closed_lobes.h"
#include "support/command_line.h"

#include "book/files.h"
#include "support/program.h"

#include <QDir>
#include <QFile>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>

#include <functional>
#include <numbers>

#include <sys/stat.h>
#include <unistd.h>

namespace test_cli {

using namespace lobe;

using command::Ran;
using command::ran;

class TestCli : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;

    QString file(const QString& name, const QByteArray& bytes) {
        QFile f(dir_.filePath(name));
        f.open(QIODevice::WriteOnly);
        f.write(bytes);
        return f.fileName();
    }
    QString table(const QString& name, const closed::Lobe& lobe, double unit = 1.0) {
        QByteArray text = unit == 1.0 ? "crank_deg,lift_mm\n" : "crank_deg,lift_in\n";
        for (double d = lobe.centre - 175; d <= lobe.centre + 175; d += 2.0)
            text += QByteArray::number(d, 'g', 12) + ',' +
                    QByteArray::number(lobe.at(d) / unit, 'g', 12) + '\n';
        return file(name, text);
    }

private slots:
    // Where there is no book a job makes one, and says so; what cannot be taken leaves none.
    void importMakesABook() {
        const QString book = dir_.filePath(QStringLiteral("fresh.amber"));
        const Ran r =
            ran({"import", book, QStringLiteral(DEMO_DIR "/../docs/samples/skerry-four.json")});
        QVERIFY2(r.code == 0, qPrintable(r.err));
        QVERIFY2(r.out.contains(QStringLiteral("is a new book")), qPrintable(r.out));
        QVERIFY(ran({"list", book}).out.contains(QStringLiteral("Skerry Four")));
        const QString other = dir_.filePath(QStringLiteral("none.amber"));
        QCOMPARE(ran({"import", other, file("broken.json", "{")}).code, 1);
        QVERIFY(!QFileInfo::exists(other));
        QCOMPARE(ran({"import", other, dir_.filePath(QStringLiteral("no.json"))}).code, 1);
        QVERIFY(!QFileInfo::exists(other));
        // A table belongs to a job.
        QCOMPARE(ran({"import", other, table("t.csv", closed::power(106.0, 147.0, 7.2, 1.78)),
                      "--side", "intake"})
                     .code,
                 1);
        QVERIFY(!QFileInfo::exists(other));
    }

    void lobeJson() {
        const auto lobe = closed::power(106.0, 147.0, 7.2, 1.78);
        const Ran r = ran(
            {"lobe", table("in.csv", lobe), "--side", "intake", "--heights", "0.5,1.27", "--json"});
        QCOMPARE(r.code, 0);
        QVERIFY(r.err.isEmpty());
        const QJsonObject j = r.json();
        QCOMPARE(j["side"].toString(), QStringLiteral("intake"));
        QVERIFY(std::abs(j["max_lift"].toDouble() - 7.2) < 0.001);
        QVERIFY(std::abs(j["max_lift_at"].toDouble() - 106.0) < 0.1);
        for (const char* school : {"equal_drop", "events", "peak", "centroid"})
            QVERIFY(std::abs(j["centres"].toObject()[QLatin1String(school)].toDouble() - 106.0) <
                    0.1);
        const QJsonArray heights = j["heights"].toArray();
        QCOMPARE(heights.size(), 2);
        const QJsonObject h = heights[1].toObject();
        QCOMPARE(h["height"].toDouble(), 1.27);
        QCOMPARE(h["reference"].toString(), QStringLiteral("tappet"));
        QVERIFY(std::abs(h["opens"].toDouble() - lobe.event(1.27, true)) < 0.03);
        QVERIFY(std::abs(h["closes"].toDouble() - lobe.event(1.27, false)) < 0.03);
        QVERIFY(std::abs(h["duration"].toDouble() -
                         (h["closes"].toDouble() - h["opens"].toDouble())) < 1e-9);
        QVERIFY(std::abs(h["midpoint"].toDouble() - 106.0) < 0.03);
        QVERIFY(std::abs(j["area"].toDouble() / lobe.area() - 1.0) < 0.003);
        QVERIFY(j["findings"].isArray());
    }

    void inchesOnTheLineAndInTheTable() {
        const auto lobe = closed::power(106.0, 147.0, 7.2, 1.78);
        const Ran r = ran({"lobe", table("inch.csv", lobe, 25.4), "--side", "intake", "--in",
                           "--heights", "0.050", "--json"});
        const QJsonObject h = r.json()["heights"].toArray()[0].toObject();
        QVERIFY(std::abs(h["height"].toDouble() - 1.27) < 1e-9);
        QVERIFY(std::abs(h["opens"].toDouble() - lobe.event(1.27, true)) < 0.03);
    }

    void valveHeightsOfATappetTable() {
        const auto lobe = closed::power(106.0, 147.0, 7.2, 1.78);
        const Ran r = ran({"lobe", table("v.csv", lobe), "--side", "intake", "--ratio", "1.5",
                           "--lash", "0.3", "--height-at", "valve", "--heights", "0.5", "--json"});
        const QJsonObject h = r.json()["heights"].toArray()[0].toObject();
        QCOMPARE(h["reference"].toString(), QStringLiteral("valve"));
        QVERIFY(std::abs(h["opens"].toDouble() - lobe.event(0.8 / 1.5, true)) < 0.03);
    }

    void pairJson() {
        const auto in = closed::power(106, 147, 7.2), ex = closed::power(-112, 150, 7.0);
        const Ran r = ran({"pair", table("i.csv", in), table("e.csv", ex), "--json"});
        QCOMPARE(r.code, 0);
        const QJsonObject j = r.json();
        QVERIFY(std::abs(j["separation"].toDouble() - 109.0) < 0.05);
        QVERIFY(std::abs(j["advance"].toDouble() - 3.0) < 0.05);
        QVERIFY(j["split_point"].isDouble());
        QVERIFY(j["overlap_area"].toDouble() > 0.0);
        QCOMPARE(j["exhaust"].toObject()["side"].toString(), QStringLiteral("exhaust"));
        const QJsonObject o = j["overlap"].toArray()[1].toObject();
        QCOMPARE(o["height"].toDouble(), 0.5);
        QVERIFY(std::abs(o["degrees"].toDouble() - (ex.event(0.5, false) - in.event(0.5, true))) <
                0.05);
    }

    void textIsReadable() {
        const Ran r =
            ran({"lobe", table("t.csv", closed::power(106, 147, 7.2)), "--side", "intake"});
        QCOMPARE(r.code, 0);
        QVERIFY(r.out.contains(QStringLiteral("greatest lift  7.200 mm")));
        QVERIFY(r.out.contains(QStringLiteral("equal drop 106.00")));
    }

    void badInput_data() {
        QTest::addColumn<QByteArray>("bytes");
        QTest::addColumn<QString>("says");
        QByteArray good = "crank_deg,lift_mm\n", flat = good;
        for (int i = 0; i < 20; ++i) {
            good += QByteArray::number(i * 10) + ",1\n";
            flat += QByteArray::number(i * 10) + ",0.01\n";
        }
        QTest::newRow("empty") << QByteArray() << "expected a header line";
        QTest::newRow("no unit") << QByteArray("crank_deg,lift\n1,2\n")
                                 << "line 1: column \"lift\" does not say its unit";
        QTest::newRow("words") << good + "210,high\n"
                               << "line 22: \"high\" is not a number";
        QTest::newRow("nan") << good + "210,NaN\n"
                             << "line 22";
        QTest::newRow("infinity") << good + "210,inf\n"
                                  << "line 22";
        QTest::newRow("flat") << flat << "lift changes by less than";
        QTest::newRow("few") << QByteArray("crank_deg,lift_mm\n0,1\n5,3\n")
                             << "2 readings; expected at least 7";
        QTest::newRow("absurd lift") << good + "210,4000\n"
                                     << "line 22";
        QTest::newRow("absurd angle") << good + "99999,1\n"
                                      << "line 22";
        QTest::newRow("binary") << QByteArray("\x7f"
                                              "ELF\0\1\2\3",
                                              8)
                                << "not a text file";
        QByteArray same = "crank_deg,lift_mm\n";
        for (int i = 0; i < 20; ++i)
            same += "10," + QByteArray::number(i) + "\n";
        QTest::newRow("one angle only") << same << "expected at least 7";
    }
    void badInput() {
        QFETCH(QByteArray, bytes);
        QFETCH(QString, says);
        const QString path = file(QStringLiteral("bad.csv"), bytes);
        for (const QStringList& command : {QStringList{"lobe", path, "--side", "intake"},
                                           QStringList{"lobe", path, "--side", "exhaust", "--json"},
                                           QStringList{"pair", path, path}}) {
            const Ran r = ran(command);
            QCOMPARE(r.code, 1);
            QVERIFY(r.out.isEmpty());
            QCOMPARE(r.err.count(QLatin1Char('\n')), 1);
            QVERIFY2(r.err.contains(QStringLiteral("bad.csv")) && r.err.contains(says),
                     qPrintable(r.err));
        }
    }

    void badCommandLines_data() {
        QTest::addColumn<QStringList>("arguments");
        const QString good = QStringLiteral(DEMO_DIR "/skerry-four/intake-1.csv");
        QTest::newRow("nothing") << QStringList{};
        QTest::newRow("unknown") << QStringList{"grind"};
        QTest::newRow("no side") << QStringList{"lobe", good};
        QTest::newRow("wrong side") << QStringList{"lobe", good, "--side", "left"};
        QTest::newRow("word for ratio")
            << QStringList{"lobe", good, "--side", "intake", "--ratio", "big"};
        QTest::newRow("ratio 0") << QStringList{"lobe", good, "--side", "intake", "--ratio", "0"};
        QTest::newRow("ratio nan")
            << QStringList{"lobe", good, "--side", "intake", "--ratio", "nan"};
        QTest::newRow("negative lash")
            << QStringList{"lobe", good, "--side", "intake", "--lash", "-1"};
        QTest::newRow("height 0") << QStringList{"lobe",   good,        "--side",
                                                 "intake", "--heights", "0"};
        QTest::newRow("height inf")
            << QStringList{"lobe", good, "--side", "intake", "--heights", "inf"};
        QTest::newRow("missing file") << QStringList{"lobe", "/no/such.csv", "--side", "intake"};
        QTest::newRow("a folder") << QStringList{"lobe", QStringLiteral(DEMO_DIR), "--side",
                                                 "intake"};
        QTest::newRow("missing book") << QStringList{"examine", "/no/such.amber"};
        QTest::newRow("not a book") << QStringList{"examine", good};
    }
    void badCommandLines() {
        QFETCH(QStringList, arguments);
        const Ran r = ran(arguments);
        QVERIFY2(r.code == 1 || r.code == 2, qPrintable(QString::number(r.code)));
        QCOMPARE(r.err.count(QLatin1Char('\n')), 1);
        QVERIFY(r.out.isEmpty());
        QVERIFY(!r.err.contains(QStringLiteral("nan,")));
    }

    void heightNobodyReachesIsNull() {
        const Ran r = ran({"lobe", table("low.csv", closed::power(106, 147, 4.0)), "--side",
                           "intake", "--heights", "6", "--json"});
        QCOMPARE(r.code, 0);
        QVERIFY(r.json()["heights"].toArray()[0].toObject()["opens"].isNull());
        QVERIFY(!r.out.contains(QStringLiteral("nan")));
    }

    /// What is claimed of valve and piston: as the headline has it, over all the cam may do.
    void examineSaysWhatIsClaimedOfEachValve() {
        const QString path = dir_.filePath(QStringLiteral("claims.amber"));
        std::int64_t id = 0;
        {
            auto opened = book::Book::open(path);
            auto& b = *std::get<std::unique_ptr<book::Book>>(opened);
            id = std::get<std::int64_t>(
                book::importJobFolder(b, QStringLiteral(DEMO_DIR "/marram-650")));
        }
        const auto claims = [&] {
            return ran({"examine", path, "--json"}).json()["clearance"].toArray();
        };
        const QJsonArray before = claims();
        QVERIFY(before.size() >= 2);
        for (const QJsonValue& each : before) {
            const QJsonObject c = each.toObject();
            for (const char* key : {"cylinder", "side", "least", "at", "uncertainty", "limit",
                                    "verdict", "over_travel"})
                QVERIFY2(c.contains(QLatin1String(key)), key);
            QVERIFY(c["over_travel"].isNull());
            const QString verdict = c["verdict"].toString();
            if (verdict == QLatin1String("keeps"))
                QVERIFY(c["least"].toDouble() - c["uncertainty"].toDouble() >=
                        c["limit"].toDouble());
            if (verdict == QLatin1String("under"))
                QVERIFY(c["least"].toDouble() < c["limit"].toDouble());
        }
        {
            auto opened = book::Book::open(path);
            auto& b = *std::get<std::unique_ptr<book::Book>>(opened);
            lobe::Engine engine = std::get<lobe::Job>(b.load(id)).engine;
            engine.drive.phaser_deg = 40.0;
            engine.drive.phaserExhaust_deg = -40.0;
            QVERIFY(std::holds_alternative<book::Made>(b.record(id, book::SetEngine{engine})));
        }
        int travelled = 0;
        for (const QJsonValue& each : claims()) {
            const QJsonObject over = each.toObject()["over_travel"].toObject();
            if (over.isEmpty()) continue;
            ++travelled;
            QCOMPARE(std::abs(over["move"].toDouble()), 40.0);
            QVERIFY(over["least"].toDouble() < each.toObject()["least"].toDouble());
            QVERIFY(each.toObject()["verdict"].toString() == QLatin1String("under") ||
                    each.toObject()["verdict"].toString() == QLatin1String("touches"));
        }
        QCOMPARE(travelled, 2);
        const Ran all = ran({"examine", path, "--json"});
        QVERIFY(all.out.contains(QStringLiteral("clearance_over_travel")) ||
                all.out.contains(QStringLiteral("clearance_under")));
    }

    void examineABook() {
        const QString path = dir_.filePath(QStringLiteral("demo.amber"));
        {
            auto opened = book::Book::open(path);
            auto& b = *std::get<std::unique_ptr<book::Book>>(opened);
            book::importJobFolder(b, QStringLiteral(DEMO_DIR "/skerry-four"));
            book::importJobFolder(b, QStringLiteral(DEMO_DIR "/marram-650"));
        }
        const Ran which = ran({"examine", path});
        QCOMPARE(which.code, 1);
        QVERIFY(which.err.contains(QStringLiteral("--job")));
        const Ran r =
            ran({"examine", path, "--job", QStringLiteral("Skerry Four · race motor 7"), "--json"});
        QCOMPARE(r.code, 0);
        QStringList codes;
        for (const QJsonValue& f : r.json()["findings"].toArray())
            codes << f.toObject()["code"].toString();
        QVERIFY(codes.contains(QStringLiteral("cam_shift")));
        QVERIFY(codes.contains(QStringLiteral("misfit")));
        QVERIFY(codes.contains(QStringLiteral("tdc_proved")));
        const QJsonObject j = r.json();
        QVERIFY(std::abs(j["set"]["intake"].toDouble() - 2.0) < 0.15);
        const QJsonObject squeezed = j["compression"].toObject();
        QVERIFY(squeezed["static"].toDouble() > 9.9 && squeezed["static"].toDouble() < 10.3);
        QVERIFY(squeezed["dynamic"]["plus_15"]["ivc"].toDouble() >
                squeezed["dynamic"]["own_height"]["ivc"].toDouble());
        // 276 advertised round a centre of 104.
        QCOMPARE(squeezed["dynamic"]["seat_maker"]["ivc"].toDouble(), 62.0);
        const Ran text = ran({"examine", path, "--job", QStringLiteral("Marram 650 · hillclimb")});
        QCOMPARE(text.code, 0);
        QVERIFY(text.out.contains(QStringLiteral("Lobe separation")));
    }

    void tablesIntoABookAndOut() {
        const QString path = dir_.filePath(QStringLiteral("io.amber"));
        {
            auto opened = book::Book::open(path);
            book::importJobFolder(*std::get<std::unique_ptr<book::Book>>(opened),
                                  QStringLiteral(DEMO_DIR "/skerry-four"));
        }
        const QString source = QStringLiteral(DEMO_DIR "/skerry-four/exhaust-1.csv");
        QCOMPARE(ran({"import", path, source, "--side", "exhaust", "--cylinder", "3"}).code, 0);
        const QString out = dir_.filePath(QStringLiteral("out.csv"));
        QCOMPARE(ran({"export", path, out, "--side", "exhaust", "--cylinder", "3"}).code, 0);
        const auto a = std::get<LiftTable>(book::readTableFile(source)).points;
        const auto b = std::get<LiftTable>(book::readTableFile(out)).points;
        QCOMPARE(a.size(), b.size());
        for (std::size_t i = 0; i < a.size(); ++i)
            QCOMPARE(a[i].mm, b[i].mm);
        QCOMPARE(ran({"import", path, source, "--side", "exhaust", "--cylinder", "9"}).code, 1);
        QCOMPARE(ran({"export", path, out, "--side", "intake", "--cylinder", "4"}).code, 1);
    }

    void tdc_data() {
        QTest::addColumn<QStringList>("arguments");
        QTest::addColumn<double>("correction");
        QTest::addColumn<double>("halfSpan");
        const auto row = [](const char* name, const QStringList& a, double c, double h) {
            QTest::newRow(name) << a << c << h;
        };
        row("sides said", {"--method", "stop", "31b", "26.5a"}, -2.25, 28.75);
        row("the step decides", {"--method", "stop", "31", "26.5"}, -2.25, 28.75);
        row("full wheel", {"--method", "stop", "--wheel", "0-360", "329", "26.5"}, -2.25, 28.75);
        row("full wheel against", {"--method", "stop", "--wheel", "0-360-against", "31", "333.5"},
            -2.25, 28.75);
        row("signed", {"--method", "drop", "--wheel", "signed", "-31", "26.5"}, -2.25, 28.75);
        row("quarters", {"--method", "drop", "--wheel", "0-90-0-90", "31", "26.5"}, -2.25, 28.75);
        row("same side of zero", {"--method", "stop", "5a", "50a"}, 27.5, 22.5);
        row("across the wrap", {"--method", "stop", "--wheel", "0-360", "160", "210"}, -175.0,
            25.0);
        row("there and back", {"--method", "return", "--wheel", "0-360", "340", "26"}, 3.0, 23.0);
        row("ports", {"--method", "port", "78b", "80a"}, 1.0, 79.0);
        row("sums", {"--method", "stop", "--wheel", "0-360", "360-31", "53/2"}, -2.25, 28.75);
        row("0 to 180 twice", {"--method", "stop", "--wheel", "0-180-twice", "149", "26.5"}, -2.25,
            28.75);
        row("commas", {"--method", "stop", "31,0b", "26,5a"}, -2.25, 28.75);
    }
    void tdc() {
        QFETCH(QStringList, arguments);
        QFETCH(double, correction);
        QFETCH(double, halfSpan);
        const Ran r = ran(QStringList{"tdc"} + arguments + QStringList{"--json"});
        QVERIFY2(r.code == 0, qPrintable(r.err));
        QVERIFY(std::abs(r.json()["correction"].toDouble() - correction) < 1e-9);
        QVERIFY(std::abs(r.json()["half_span"].toDouble() - halfSpan) < 1e-9);
        // At least what the wheel's digits leave of two contacts: whole degrees 0.41, tenths 0.08.
        const double u = r.json()["uncertainty"].toDouble();
        QVERIFY2(u > 0.07 && u < 0.42, qPrintable(QString::number(u)));
        QVERIFY(r.json()["findings"].isArray());
        QCOMPARE(ran(QStringList{"tdc"} + arguments).code, 0);
    }

    void tdcWithGeometry() {
        const Ran r = ran({"tdc", "--method", "drop", "--drop", "3", "--stroke", "78", "--rod",
                           "142", "--resolution", "0.01", "20b", "20.4a", "--json"});
        const QJsonObject j = r.json();
        QVERIFY(j["expected_half_span"].toDouble() > 15.0 &&
                j["expected_half_span"].toDouble() < 25.0);
        QVERIFY(j["uncertainty"].toDouble() > 0.07 && j["uncertainty"].toDouble() < 0.15);
        const Ran peak = ran({"tdc", "--method", "peak", "--stroke", "78", "--rod", "142",
                              "--resolution", "0.01", "2a", "--json"});
        QVERIFY(std::abs(peak.json()["correction"].toDouble() - 2.0) < 1e-9);
        QVERIFY(peak.json()["half_span"].isNull());
        QVERIFY(peak.json()["uncertainty"].toDouble() > 1.0);
        const Ran half = ran({"tdc", "--method", "port", "156", "--json"});
        QVERIFY(half.json()["correction"].isNull());
        QCOMPARE(half.json()["half_span"].toDouble(), 78.0);
    }

    void tdcRefusals_data() {
        QTest::addColumn<QStringList>("arguments");
        QTest::newRow("beyond the scale") << QStringList{"--method", "stop", "190", "26"};
        QTest::newRow("negative beyond the scale")
            << QStringList{"--method", "stop", "--", "-191", "26"};
        QTest::newRow("word") << QStringList{"--method", "stop", "many", "26"};
        QTest::newRow("one reading") << QStringList{"--method", "stop", "31b"};
        QTest::newRow("three readings") << QStringList{"--method", "drop", "31b", "20a", "10a"};
        QTest::newRow("short rod")
            << QStringList{"--method", "drop", "--stroke", "80", "--rod", "30", "31b", "20a"};
        QTest::newRow("stroke alone")
            << QStringList{"--method", "drop", "--stroke", "80", "31b", "20a"};
        QTest::newRow("drop beyond stroke") << QStringList{
            "--method", "drop", "--stroke", "80", "--rod", "140", "--drop", "90", "31b", "20a"};
        QTest::newRow("nan") << QStringList{"--method", "drop", "--drop", "nan", "31b", "20a"};
        QTest::newRow("same angle") << QStringList{"--method", "drop", "20a", "20a"};
        QTest::newRow("no such wheel")
            << QStringList{"--method", "drop", "--wheel", "round", "20a", "2b"};
    }
    void tdcRefusals() {
        QFETCH(QStringList, arguments);
        const Ran r = ran(QStringList{"tdc"} + arguments);
        QVERIFY(r.code == 1 || r.code == 2);
        QCOMPARE(r.err.count(QLatin1Char('\n')), 1);
        QVERIFY(r.out.isEmpty());
    }

    void helpAndVersion() {
        QCOMPARE(ran({"--help"}).code, 0);
        QCOMPARE(ran({"lobe", "--help"}).code, 0);
        QVERIFY(ran({"--version"}).out.startsWith(QStringLiteral("amber-lobe-cli")));
    }

    // A card of 104 / 114 against lobes that stand three degrees late.
    void cardExplainsTheLobes() {
        const auto in = closed::power(107, 147, 7.2, 1.78),
                   ex = closed::power(-111, 150, 7.0, 1.78);
        const auto whole = [](double v) { return QByteArray::number(std::round(v)); };
        const QByteArray card =
            "{\"name\": \"x\", \"height\": {\"mm\": 1.27, \"at\": \"tappet\"}, \"ivo\": " +
            whole(-in.event(1.27, true) + 3) + ", \"ivc\": " + whole(in.event(1.27, false) - 183) +
            ", \"evo\": " + whole(-180 - ex.event(1.27, true) + 3) +
            ", \"evc\": " + whole(ex.event(1.27, false) - 3) + "}";
        const QString path = file("card.json", card);
        const Ran r = ran({"pair", table("ci.csv", in), table("ce.csv", ex), "--card", path,
                           "--heights", "0.5,1.27", "--json"});
        QCOMPARE(r.code, 0);
        const QJsonObject x = r.json()["explanation"].toObject();
        const QJsonObject cause = x["causes"].toArray()[0].toObject();
        QCOMPARE(cause["cause"].toString(), QStringLiteral("cam_timing"));
        QVERIFY(std::abs(cause["degrees"].toDouble() - 3.0) < 0.6);
        QVERIFY(cause["next"].toString().contains(QStringLiteral("advance the cam")));
        QVERIFY(x["summary"].toString().contains(QStringLiteral("late against its card")));
        QCOMPARE(x["events"].toArray().size(), 4);
        // Heights asked for are printed, the card's own is not added to them.
        QCOMPARE(r.json()["intake"].toObject()["heights"].toArray().size(), 2);
        // One lobe alone, and in words.
        const Ran one = ran({"lobe", table("c1.csv", in), "--side", "intake", "--card", path});
        QVERIFY2(one.out.contains(QStringLiteral("Against the card")), qPrintable(one.out));
        QVERIFY(one.out.contains(QStringLiteral("late against its card")));
    }

    void uncertaintyStandsBesideEachFigure() {
        const auto in = closed::power(106, 147, 7.2), ex = closed::power(-112, 150, 7.0);
        const Ran r = ran(
            {"pair", table("ui.csv", in), table("ue.csv", ex), "--resolution", "0.01", "--json"});
        QCOMPARE(r.code, 0);
        const QJsonObject j = r.json(), lobe = j["intake"].toObject();
        QCOMPARE(j["coverage"].toDouble(), 0.95);
        for (const QJsonValue& v : lobe["heights"].toArray()) {
            const QJsonObject u = v.toObject()["uncertainty"].toObject();
            for (const char* key : {"opens", "closes", "duration", "midpoint"}) {
                const double value = u[QLatin1String(key)].toDouble(-1.0);
                QVERIFY2(value > 0.0 && value < 2.0, key);
            }
            QVERIFY(std::abs(u["duration"].toDouble() -
                             std::hypot(u["opens"].toDouble(), u["closes"].toDouble())) < 1e-9);
        }
        for (const char* key : {"equal_drop", "events", "peak", "centroid"})
            QVERIFY(lobe["uncertainty"]
                        .toObject()["centres"]
                        .toObject()[QLatin1String(key)]
                        .toDouble() > 0.0);
        QVERIFY(j["uncertainty"].toObject()["separation"].toDouble() > 0.0);
        QVERIFY(j["overlap"].toArray()[0].toObject()["uncertainty"].toDouble() > 0.0);
    }

    void badCardsAreRefused_data() {
        QTest::addColumn<QByteArray>("card");
        QTest::addColumn<QString>("says");
        QTest::newRow("not json") << QByteArray("ivo = 12") << QStringLiteral("expected a card");
        QTest::newRow("a list") << QByteArray("[1]") << QStringLiteral("not an object");
        QTest::newRow("height") << QByteArray(R"({"height": {"mm": 50}, "ivo": 1})")
                                << QStringLiteral("height.mm: 50");
        QTest::newRow("angle") << QByteArray(R"({"ivo": 400})") << QStringLiteral("ivo 400");
        QTest::newRow("nothing") << QByteArray(R"({"name": "x"})")
                                 << QStringLiteral("no event follows");
    }
    void badCardsAreRefused() {
        QFETCH(QByteArray, card);
        QFETCH(QString, says);
        const Ran r = ran({"lobe", table("b.csv", closed::power(106, 147, 7.2)), "--side", "intake",
                           "--card", file("bad.json", card), "--json"});
        QCOMPARE(r.code, 1);
        QVERIFY(r.out.isEmpty());
        QVERIFY2(r.err.contains(says) && r.err.count(QLatin1Char('\n')) == 1, qPrintable(r.err));
        const Ran missing = ran({"lobe", table("b.csv", closed::power(106, 147, 7.2)), "--side",
                                 "intake", "--card", "/no/such/card.json"});
        QCOMPARE(missing.code, 1);
        QVERIFY(missing.err.contains(QStringLiteral("/no/such/card.json")));
    }

    // By hand: area 63.617 cm2, 496.21 cc swept; gasket 7.154, deck 2.227, in all 55.48 cc.
    // The clearance is made by geometry: stroke 78, rod 140, a valve at 12 degrees that stands 7.5
    // off the piston at the top; both lobes are (1 - u^2)^3.
    void clearanceOfAnotherCam() {
        QTemporaryDir dir;
        const auto lift = [](double deg, double centre, double half, double most) {
            const double u = std::abs(deg - centre) / half;
            return u >= 1.0 ? 0.0 : most * std::pow(1.0 - u * u, 3);
        };
        const auto down = [](double deg) {
            const double t = deg * M_PI / 180.0;
            return 179.0 - (39.0 * std::cos(t) +
                            std::sqrt(140.0 * 140.0 - std::pow(39.0 * std::sin(t), 2)));
        };
        const auto gap = [&](double deg) { return 7.5 + down(deg) * std::cos(12 * M_PI / 180.0); };
        const auto write = [&](const char* name, const char* head, double from, double to,
                               const std::function<double(double)>& value) {
            QFile file(dir.filePath(QLatin1String(name)));
            QVERIFY(file.open(QIODevice::WriteOnly));
            file.write(head);
            for (double d = from; d <= to; d += 2.0)
                file.write(QByteArray::number(d) + "," + QByteArray::number(value(d), 'f', 2) +
                           "\n");
        };
        const auto fitted = [&](double d) { return lift(d, 108, 140, 10.5); };
        const auto other = [&](double d) { return lift(d, 104, 146, 11.2); };
        write("map.csv", "crank_deg,clearance_mm\n", 0, 20,
              [&](double d) { return gap(d) - fitted(d); });
        write("lift.csv", "crank_deg,lift_mm\n", -60, 280, fitted);
        write("other.csv", "crank_deg,lift_mm\n", -60, 280, other);
        const auto least = [&](double advance) {
            double best = 1e9;
            for (double d = -40.0; d <= 40.0; d += 0.01)
                best = std::min(best, gap(d) - other(d + advance));
            return best;
        };
        QStringList args{"clearance",
                         "--map",
                         dir.filePath("map.csv"),
                         "--lift",
                         dir.filePath("lift.csv"),
                         "--other",
                         dir.filePath("other.csv"),
                         "--side",
                         "intake",
                         "--taken",
                         "valve",
                         "--stroke",
                         "78",
                         "--rod",
                         "140",
                         "--advance",
                         "0,4",
                         "--limit",
                         QString::number(least(3.0), 'f', 4),
                         "--json"};
        const Ran r = ran(args);
        QCOMPARE(r.code, 0);
        const QJsonObject j = r.json();
        const QJsonArray predicted = j["predicted"].toArray();
        QCOMPARE(predicted.size(), 2);
        for (const QJsonValue& v : predicted) {
            const QJsonObject one = v.toObject();
            QVERIFY(std::abs(one["least"].toDouble() - least(one["advance"].toDouble())) < 0.05);
        }
        QVERIFY(std::abs(j["fit"].toObject()["g0"].toDouble() - 7.5) < 0.02);
        QVERIFY(std::abs(j["fit"].toObject()["angle_deg"].toDouble() - 12.0) < 3.0);
        QVERIFY(!j["measured"].toObject()["at_edge"].toBool());
        QVERIFY(std::abs(j["window"].toArray()[1].toDouble() - 3.0) < 0.4);
        // What cannot be is said, and nothing is computed through.
        const auto refused = [&](const QStringList& change, const char* says) {
            QStringList a = args;
            for (int i = 0; i + 1 < change.size(); i += 2)
                a[a.indexOf(change[i]) + 1] = change[i + 1];
            const Ran bad = ran(a);
            QCOMPARE(bad.code, 1);
            QVERIFY2(bad.err.contains(QLatin1String(says)), qPrintable(bad.err));
            QVERIFY(bad.out.isEmpty());
        };
        write("negative.csv", "crank_deg,clearance_mm\n", 0, 20, [](double) { return -0.4; });
        write("few.csv", "crank_deg,clearance_mm\n", 0, 2, [](double) { return 2.0; });
        write("before.csv", "crank_deg,clearance_mm\n", -20, -2, [](double) { return 2.0; });
        refused({"--map", dir.filePath("negative.csv")}, "expected 0 to 30 mm");
        refused({"--map", dir.filePath("few.csv")}, "at least 3");
        refused({"--map", dir.filePath("before.csv")}, "map of the other valve");
        refused({"--map", dir.filePath("lift.csv")}, "no clearance column");
        refused({"--side", "exhaust"}, "map of the other valve");
        refused({"--rod", "20"}, "--rod");
    }

    void compressionInFigures() {
        const QStringList base = {
            "compression", "--bore",        "90",  "--stroke", "78",  "--rod",  "142",  "--chamber",
            "42",          "--gasket-bore", "91",  "--gasket", "1.1", "--deck", "0.35", "--crown",
            "3.5",         "--crevice",     "0.6", "--ivc"};
        const Ran r = ran(base + QStringList{"62", "--json"});
        QCOMPARE(r.code, 0);
        const QJsonObject j = r.json();
        QVERIFY(std::abs(j["swept_cc"].toDouble() - 496.21) < 0.01);
        QVERIFY(std::abs(j["clearance_cc"].toDouble() - 55.481) < 0.01);
        QVERIFY(std::abs(j["static"].toDouble() - 9.944) < 0.002);
        const double d = j["dynamic"].toDouble();
        QVERIFY(d > 7.5 && d < 8.6);
        QVERIFY(std::abs(j["cranking_kpa"].toDouble() - 101.325 * (std::pow(d, 1.25) - 1)) < 1e-6);
        const Ran high = ran(base + QStringList{"62", "--altitude", "2000", "--json"});
        QVERIFY(high.json()["cranking_kpa"].toDouble() < j["cranking_kpa"].toDouble());
        QVERIFY(ran(base + QStringList{"62"}).out.contains(QStringLiteral("9.94 : 1")));
        const Ran late = ran(base + QStringList{"200"});
        QCOMPARE(late.code, 1);
        QVERIFY2(late.err.contains(QStringLiteral("200")), qPrintable(late.err));
    }

    void impossibleCompressionIsRefused() {
        const auto with = [&](const char* what, const char* value) {
            QStringList a = {"compression", "--bore", "90",        "--stroke", "78",
                             "--rod",       "142",    "--chamber", "42",       "--gasket",
                             "1.1",         "--ivc",  "62",        "--json"};
            const auto at = a.indexOf(QLatin1String(what));
            if (at >= 0)
                a[at + 1] = QLatin1String(value);
            else
                a << QLatin1String(what) << QLatin1String(value);
            const Ran r = ran(a);
            return r.code == 1 && r.out.isEmpty() ? r.err : QStringLiteral("not refused");
        };
        QVERIFY(with("--rod", "30").contains(QStringLiteral("rod 30")));
        QVERIFY(with("--bore", "0").contains(QStringLiteral("bore 0")));
        QVERIFY(with("--stroke", "-5").contains(QStringLiteral("stroke")));
        QVERIFY(with("--crown", "-70").contains(QStringLiteral("clearance volume")));
        QVERIFY(with("--ivc", "181").contains(QStringLiteral("181")));
        QVERIFY(with("--chamber", "-3").contains(QStringLiteral("--chamber -3")));
        QVERIFY(with("--exponent", "9").contains(QStringLiteral("--exponent 9")));
    }

    void setListsWhatTheDriveCanDo() {
        const Ran r =
            ran({"set", "--need", "4.3", "--teeth", "40", "--keyways", "3", "--crank-offsets",
                 "-4,0,4", "--vernier", "11:12", "--bushes", "1,-1", "--most", "300", "--json"});
        QCOMPARE(r.code, 0);
        const QJsonArray all = r.json()["choices"].toArray();
        QCOMPARE(all.size(), 300);
        double least = 0.0;
        int changes = 0;
        for (const QJsonValue& v : all) {
            const QJsonObject c = v.toObject();
            const double move = c["move"].toDouble(), residual = c["residual"].toDouble();
            QVERIFY(std::abs(move + residual - 4.3) < 1e-9);
            const double parts = 18.0 * c["teeth"].toInt() + 240.0 * c["keyway"].toInt() +
                                 c["crank_offset"].toDouble() + c["vernier"].toDouble() +
                                 c["bush"].toDouble() + c["slot"].toDouble();
            QVERIFY(std::abs(parts - move) < 1e-9);
            const double left = std::round(std::abs(residual) * 1e6);
            const int n = c["changes"].toInt();
            QVERIFY(left > least || (left == least && n >= changes));
            least = left;
            changes = n;
        }
        // 720 / lcm(40, 3, 132) with the offsets of 1, 3, 4 and 5: within half of 0.545.
        QVERIFY(std::abs(all[0].toObject()["residual"].toDouble()) <= 0.273);
    }

    void slotsTakeUpTheRest() {
        const QJsonArray all =
            ran({"set", "--need", "-3.3", "--slot", "12:2", "--json"}).json()["choices"].toArray();
        QCOMPARE(all[0].toObject()["slot"].toDouble(), -3.3);
        QCOMPARE(all[0].toObject()["residual"].toDouble(), 0.0);
        const Ran text = ran({"set", "--need", "-3", "--slot", "12:2"});
        QVERIFY2(text.out.contains(QStringLiteral("slots 1.5 lines later")), qPrintable(text.out));
    }

    void impossibleDrivesAreRefused_data() {
        QTest::addColumn<QStringList>("arguments");
        QTest::addColumn<QString>("says");
        QTest::newRow("teeth") << QStringList{"--teeth", "5"} << "--teeth";
        QTest::newRow("keyways") << QStringList{"--keyways", "0"} << "--keyways";
        QTest::newRow("vernier, one number") << QStringList{"--vernier", "11"} << "--vernier 11";
        QTest::newRow("vernier, part holes") << QStringList{"--vernier", "11.5:12"} << "whole";
        QTest::newRow("vernier, none") << QStringList{"--vernier", "0:0"} << "--vernier";
        QTest::newRow("slot, no range") << QStringList{"--slot", "0:0"} << "--slot";
        QTest::newRow("slot, wide lines") << QStringList{"--slot", "2:12"} << "--slot";
        QTest::newRow("slot, words") << QStringList{"--slot", "a:b"} << "two numbers";
        QTest::newRow("bushes") << QStringList{"--bushes", "400"} << "--bushes";
        QTest::newRow("most") << QStringList{"--most", "0"} << "--most";
    }
    void impossibleDrivesAreRefused() {
        QFETCH(QStringList, arguments);
        QFETCH(QString, says);
        const Ran r = ran(QStringList{"set", "--need", "3"} + arguments);
        QVERIFY(r.code != 0);
        QVERIFY(r.out.isEmpty());
        QVERIFY2(r.err.contains(says), qPrintable(r.err));
        QVERIFY(ran({"set", "--teeth", "40"}).code != 0);
        QVERIFY(ran({"set", "--need", "500", "--teeth", "40"}).err.contains("--need"));
    }

    // What an export may not replace, and what it asks for.
    void exportReplacesNoBook() {
        const QString path = dir_.filePath(QStringLiteral("kept.amber"));
        {
            auto opened = book::Book::open(path);
            auto& b = *std::get<std::unique_ptr<book::Book>>(opened);
            QVERIFY(std::holds_alternative<std::int64_t>(
                book::importJobFolder(b, QStringLiteral(DEMO_DIR "/skerry-four"))));
        }
        const auto bytes = [](const QString& of) {
            QFile f(of);
            f.open(QIODevice::ReadOnly);
            return f.readAll();
        };
        const QByteArray before = bytes(path);
        const QString link = dir_.filePath(QStringLiteral("link.csv"));
        QVERIFY(QFile::link(path, link));
        for (const QString& to : {path, link, QStringLiteral("/dev/null")})
            for (const bool force : {false, true}) {
                QStringList arguments{"export", path, to, "--side", "intake"};
                if (force) arguments << "--force";
                const Ran r = ran(arguments);
                QCOMPARE(r.code, 1);
                QVERIFY2(r.err.contains(QStringLiteral("nothing was written")), qPrintable(r.err));
                QCOMPARE(bytes(path), before);
            }
        const QString notes = file(QStringLiteral("notes.csv"), "shopping list");
        Ran r = ran({"export", path, notes, "--side", "intake"});
        QCOMPARE(r.code, 1);
        QVERIFY2(r.err.contains(QStringLiteral("--force")), qPrintable(r.err));
        QCOMPARE(bytes(notes), QByteArray("shopping list"));
        QCOMPARE(ran({"export", path, notes, "--side", "intake", "--force"}).code, 0);
        // Over a table of ours without being asked.
        QCOMPARE(ran({"export", path, notes, "--side", "intake"}).code, 0);
    }

    // As somebody who may read the folder and not write it.
    void examineReadsABookInAReadOnlyFolder() {
        QTemporaryDir dir;
        const QString path = dir.filePath(QStringLiteral("b.amber")),
                      cli = dir.filePath(QStringLiteral("cli"));
        {
            auto opened = book::Book::open(path);
            auto& b = *std::get<std::unique_ptr<book::Book>>(opened);
            QVERIFY(std::holds_alternative<std::int64_t>(
                book::importJobFolder(b, QStringLiteral(DEMO_DIR "/skerry-four"))));
        }
        QVERIFY(QFile::copy(QStringLiteral(BIN_DIR "/amber-lobe-cli"), cli));
        QVERIFY(::chmod(QFile::encodeName(path).constData(), 0444) == 0);
        QVERIFY(::chmod(QFile::encodeName(dir.path()).constData(), 0555) == 0);
        QProcess p;
        p.setChildProcessModifier([] {
            if (::geteuid() == 0 && (::setgid(65534) != 0 || ::setuid(65534) != 0)) ::_exit(77);
        });
        p.setWorkingDirectory(QStringLiteral("/"));
        p.start(cli, {QStringLiteral("examine"), path, QStringLiteral("--json")});
        QVERIFY(p.waitForFinished(60000));
        const QByteArray err = p.readAllStandardError();
        QVERIFY2(p.exitCode() == 0, err.constData());
        QVERIFY(p.readAllStandardOutput().contains("\"figures\""));
        QCOMPARE(dir.path().isEmpty() ? 0 : QDir(dir.path()).entryList(QDir::Files).size(), 2);
        ::chmod(QFile::encodeName(dir.path()).constData(), 0755);
    }

    // What cannot be is refused with a sentence, and nothing is printed.
    void refusedWithASentence_data() {
        QTest::addColumn<QStringList>("arguments");
        QTest::addColumn<QString>("says");
        QTest::newRow("no teeth") << QStringList{"set", "--need", "5", "--teeth", "0"}
                                  << "8 to 400";
        QTest::newRow("no drive") << QStringList{"set", "--need", "5"} << "nothing of the drive";
        QTest::newRow("a bush left out")
            << QStringList{"set", "--need", "5", "--bushes", "1,,3"} << "none left out";
        QTest::newRow("quadrant over 90")
            << QStringList{"tdc", "--method", "stop", "--wheel", "0-90-0-90", "95b", "40a"} << "90";
        QTest::newRow("which unit") << QStringList{"lobe",
                                                   "--side",
                                                   "intake",
                                                   "--resolution",
                                                   "0.01",
                                                   "--in",
                                                   DEMO_DIR "/skerry-four/intake-1.csv"}
                                    << "which unit";
    }
    void refusedWithASentence() {
        QFETCH(QStringList, arguments);
        QFETCH(QString, says);
        const Ran r = ran(arguments);
        QVERIFY(r.code != 0);
        QVERIFY2(r.err.contains(says), qPrintable(r.err));
        QVERIFY(r.out.isEmpty());
    }

    void whatDoesNotArriveIsAnError() {
        const QString csv = table("b.csv", closed::power(106, 147, 7.2));
        for (const char* to : {"/dev/full"}) {
            QProcess p;
            p.setStandardOutputFile(QLatin1String(to));
            p.start(QStringLiteral(BIN_DIR "/amber-lobe-cli"),
                    {"lobe", csv, "--side", "intake", "--json"});
            QVERIFY(p.waitForFinished());
            QCOMPARE(p.exitCode(), 1);
            QVERIFY(p.readAllStandardError().contains("could not be written"));
        }
        QProcess closed;
        closed.start(QStringLiteral("/bin/sh"),
                     {"-c", QStringLiteral("exec '%1' lobe '%2' --side intake >&-")
                                .arg(QStringLiteral(BIN_DIR "/amber-lobe-cli"), csv)});
        QVERIFY(closed.waitForFinished());
        QCOMPARE(closed.exitCode(), 1);
    }

    void whatIsWaitedForIsRefused() {
        const QString pipe = dir_.filePath(QStringLiteral("pipe"));
        QCOMPARE(::mkfifo(QFile::encodeName(pipe).constData(), 0600), 0);
        const Ran r = ran({"lobe", pipe, "--side", "intake"});
        QCOMPARE(r.code, 1);
        QVERIFY2(r.err.contains(QStringLiteral("no file that can be read to its end")),
                 qPrintable(r.err));
    }

    void numbersAreDecimalAndMeant_data() {
        QTest::addColumn<QStringList>("line");
        const auto row = [](const char* name, const QString& line) {
            QTest::newRow(name) << line.split(QLatin1Char(' '));
        };
        const QString engine =
            QStringLiteral("compression --bore 90 --stroke 78 --rod 142 --chamber 46 --ivc 58");
        row("hexadecimal", QStringLiteral("set --need 0x4 --teeth 40"));
        row("infinity", QStringLiteral("set --need inf --teeth 40"));
        row("nan", QStringLiteral("set --need nan --teeth 40"));
        row("deck", engine + QStringLiteral(" --deck 1e308"));
        row("deep deck", engine + QStringLiteral(" --deck 60"));
        row("slot", QStringLiteral("set --need 4 --slot 1e-308:1e-308"));
        row("narrow slot", QStringLiteral("set --need 4 --slot 0.001:0.001"));
        row("tape", QStringLiteral("tdc --method stop tape:12 tape:14"));
    }
    void numbersAreDecimalAndMeant() {
        QFETCH(QStringList, line);
        const Ran r = ran(line);
        QVERIFY2(r.code == 1 || r.code == 2, qPrintable(r.out + r.err));
        QVERIFY2(r.out.isEmpty() && !r.err.isEmpty(), qPrintable(r.out));
        QVERIFY2(!r.err.contains(QStringLiteral("terminate")), qPrintable(r.err));
    }

    void aCommaInOneNumberIsDecimal() {
        const auto at = [](const char* ivc) {
            return ran({"compression", "--bore", "90,5", "--stroke", "78", "--rod", "142",
                        "--chamber", "46", "--gasket", "1,1", "--ivc", ivc, "--json"});
        };
        const Ran comma = at("58,5");
        QVERIFY2(comma.code == 0, qPrintable(comma.err));
        const double swept = comma.json()["swept_cc"].toDouble();
        QVERIFY(std::abs(swept - 0.25 * std::numbers::pi * 9.05 * 9.05 * 7.8) < 0.01);
        QCOMPARE(comma.out, at("58.5").out);
        for (const char* wrong : {"5,8,5", "1,058.5", ","})
            QVERIFY2(at(wrong).code == 2, wrong);
    }

    void aCommaMakesTwoHeights() {
        const QString csv = table("b.csv", closed::power(106, 147, 7.2));
        const Ran two = ran({"lobe", csv, "--side", "intake", "--heights", "1,5"});
        QCOMPARE(two.code, 0);
        QVERIFY2(two.err.contains(QStringLiteral("two heights, 1 and 5")), qPrintable(two.err));
        QVERIFY(ran({"lobe", csv, "--side", "intake", "--heights", "0.5,1.27"}).err.isEmpty());
    }

    void backupIsTheWholeBook() {
        const QString book = dir_.filePath(QStringLiteral("whole.amber")),
                      copy = dir_.filePath(QStringLiteral("copy.amber"));
        {
            auto opened = book::Book::open(book);
            std::get<std::unique_ptr<book::Book>>(opened)->addJob(QStringLiteral("Skerry Four"));
            const Ran r = ran({"backup", book, copy}); // while it is open
            QVERIFY2(r.code == 0, qPrintable(r.err));
        }
        QVERIFY(ran({"examine", copy}).out.contains(QStringLiteral("Skerry Four")));
        const Ran again = ran({"backup", book, copy});
        QCOMPARE(again.code, 1);
        QVERIFY(again.err.contains(QStringLiteral("stands there already")));
        QCOMPARE(ran({"backup", dir_.filePath(QStringLiteral("none.amber")), copy}).code, 1);
    }

    void jobsGoInAndOut() {
        const QString book = dir_.filePath(QStringLiteral("jobs.amber")),
                      other = dir_.filePath(QStringLiteral("jobs-2.amber"));
        {
            auto opened = book::Book::open(book);
            auto& b = *std::get<std::unique_ptr<book::Book>>(opened);
            book::importJobFolder(b, QStringLiteral(DEMO_DIR "/skerry-four"));
            book::Book::open(other);
        }
        const QJsonArray jobs = ran({"list", book, "--json"}).json()["jobs"].toArray();
        QCOMPARE(jobs.size(), 1);
        const QJsonObject job = jobs[0].toObject();
        for (const char* key : {"id", "name", "engine", "cam", "changed"})
            QVERIFY2(job.contains(QLatin1String(key)), key);
        const QString name = job["name"].toString();
        for (const char* ending : {"json", "csv", "md", "svg", "pdf"}) {
            const QString to = dir_.filePath(QStringLiteral("out.") + QLatin1String(ending));
            const Ran r = ran({"export", book, "--job", name, "--to", to});
            QVERIFY2(r.code == 0, qPrintable(r.err));
            QVERIFY(QFileInfo(to).size() > 200);
            QVERIFY(!(QFile::permissions(to) & (QFile::ReadGroup | QFile::ReadOther)));
            // One of its own it writes over; a file of somebody's it asks about.
            QCOMPARE(ran({"export", book, "--job", name, "--to", to}).code, 0);
            const QString theirs = dir_.filePath(QStringLiteral("theirs.") + QLatin1String(ending));
            {
                QFile f(theirs);
                QVERIFY(f.open(QIODevice::WriteOnly));
                f.write("somebody's own, which nobody has asked about");
            }
            const Ran asked = ran({"export", book, "--job", name, "--to", theirs});
            QCOMPARE(asked.code, 1);
            QVERIFY2(asked.err.contains("--force"), qPrintable(asked.err));
            QVERIFY(QFileInfo(theirs).size() < 200);
            QCOMPARE(ran({"export", book, "--job", name, "--to", theirs, "--force"}).code, 0);
            QVERIFY(QFileInfo(theirs).size() > 200);
        }
        const QString first = dir_.filePath(QStringLiteral("out.json")),
                      again = dir_.filePath(QStringLiteral("again.json"));
        QCOMPARE(ran({"import", other, first}).code, 0);
        QCOMPARE(ran({"export", other, "--to", again}).code, 0);
        QFile a(first), b(again);
        QVERIFY(a.open(QIODevice::ReadOnly) && b.open(QIODevice::ReadOnly));
        QCOMPARE(b.readAll(), a.readAll());
        // Twice: two of one name, told apart by their numbers.
        QCOMPARE(ran({"import", other, first}).code, 0);
        const Ran which = ran({"export", other, "--job", name, "--to", again});
        QCOMPARE(which.code, 1);
        QVERIFY2(which.err.contains(QStringLiteral("#1")) &&
                     which.err.contains(QStringLiteral("#2")),
                 qPrintable(which.err));
        QCOMPARE(ran({"export", other, "--job", "#2", "--to", again}).code, 0);
        QCOMPARE(ran({"export", other, "--job", "#2", "--to", dir_.filePath("x.doc")}).code, 1);
        QCOMPARE(ran({"export", other, "--job", "#2", "--to", book}).code, 1);
        QCOMPARE(ran({"import", other, book}).code, 1);
        // The whole book, a file for each job; never over what stands there.
        const QString all = dir_.filePath(QStringLiteral("all"));
        const Ran whole = ran({"export", other, "--all", all});
        QVERIFY2(whole.code == 0, qPrintable(whole.err));
        QCOMPARE(QDir(all).entryList({QStringLiteral("*.json")}).size(), 2);
        QCOMPARE(ran({"export", other, "--all", all}).code, 1);
        // And back: each for itself, what is not taken is said.
        const QString third = dir_.filePath(QStringLiteral("jobs-3.amber"));
        book::Book::open(third);
        QCOMPARE(ran({"import", third, all}).code, 0);
        QCOMPARE(ran({"list", third, "--json"}).json()["jobs"].toArray().size(), 2);
        QFile bad(QDir(all).filePath(QStringLiteral("bad.json")));
        QVERIFY(bad.open(QIODevice::WriteOnly) && bad.write("{") == 1);
        bad.close();
        const Ran some = ran({"import", third, all});
        QCOMPARE(some.code, 1);
        QVERIFY2(some.err.contains(QStringLiteral("bad.json")), qPrintable(some.err));
        QCOMPARE(ran({"list", third, "--json"}).json()["jobs"].toArray().size(), 4);
    }
};

AMBER_TEST(TestCli)

} // namespace test_cli

#include "test_cli.moc"
