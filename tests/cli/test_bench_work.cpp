// Ports, tape and lash on the command line: the real program in its own process.
#include "support/command_line.h"
#include "support/program.h"

#include <QFile>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QTemporaryDir>
#include <QTest>

#include <cmath>

namespace test_cli_bench_work {

using command::Ran;
using command::ran;

namespace {

QJsonObject json(const Ran& r) {
    return QJsonDocument::fromJson(r.out.toUtf8()).object();
}

} // namespace

class TestBenchWork : public QObject {
    Q_OBJECT
private slots:
    void ports() {
        const Ran r = ran({"ports", "--stroke", "54", "--rod", "110", "--exhaust", "86",
                           "--transfer", "114", "--want-exhaust", "194,188", "--json"});
        QVERIFY2(r.code == 0, qPrintable(r.err));
        const QJsonObject o = json(r);
        const QJsonObject ex = o[QStringLiteral("exhaust")].toObject();
        QCOMPARE(ex[QStringLiteral("opens")].toDouble(), 86.0);
        QCOMPARE(ex[QStringLiteral("duration")].toDouble(), 188.0);
        QCOMPARE(o[QStringLiteral("blowdown")].toDouble(), 28.0);
        const auto drop = [](double deg) {
            const double t = deg * M_PI / 180.0;
            return 27.0 + 110.0 - 27.0 * std::cos(t) -
                   std::sqrt(110.0 * 110.0 - std::pow(27.0 * std::sin(t), 2));
        };
        QVERIFY(std::abs(ex[QStringLiteral("edge_mm")].toDouble() - drop(86.0)) < 1e-9);
        const QJsonArray want = o[QStringLiteral("want_exhaust")].toArray();
        QCOMPARE(want.size(), 2);
        QVERIFY(std::abs(want[0].toObject()[QStringLiteral("file_mm")].toDouble() -
                         (drop(86.0) - drop(83.0))) < 1e-9);
        // For people, and slips.
        const Ran people = ran({"ports", "--stroke", "54", "--rod", "110", "--exhaust", "86",
                                "--transfer", "114", "--want-exhaust", "194"});
        QVERIFY2(people.out.contains(QStringLiteral("blowdown 28")), qPrintable(people.out));
        QVERIFY2(people.out.contains(QStringLiteral("file the edge up")), qPrintable(people.out));
        for (const QStringList& wrong :
             {QStringList{"--stroke", "54", "--rod", "20", "--exhaust", "86", "--transfer", "114"},
              {"--stroke", "54", "--rod", "110", "--exhaust", "190", "--transfer", "114"},
              {"--stroke", "54", "--rod", "110", "--exhaust", "nan", "--transfer", "114"}}) {
            const Ran bad = ran(QStringList{"ports"} + wrong);
            QVERIFY(bad.code != 0 && !bad.err.isEmpty());
        }
    }

    void tape() {
        const auto verdict = [](const QString& closes, const QString& band) {
            const Ran r = ran({"tape", "--circumference", "88.5in", "--opens", "10in", "--closes",
                               closes, "--band", band, "--json"});
            return json(r)[QStringLiteral("verdict")].toString();
        };
        // 55.3125 in of 88.5 are 225 degrees.
        QCOMPARE(verdict(QStringLiteral("65.3125in"), QStringLiteral("225:230")),
                 QStringLiteral("within"));
        QCOMPARE(verdict(QStringLiteral("65.25in"), QStringLiteral("225:230")),
                 QStringLiteral("below"));
        QCOMPARE(verdict(QStringLiteral("66.6in"), QStringLiteral("225:230")),
                 QStringLiteral("above"));
        const Ran plain = ran(
            {"tape", "--circumference", "2400", "--opens", "1500", "--closes", "600", "--json"});
        QCOMPARE(json(plain)[QStringLiteral("degrees")].toDouble(), 225.0);
        QVERIFY(json(plain)[QStringLiteral("verdict")].isNull());
        for (const QStringList& wrong :
             {QStringList{"--circumference", "0", "--opens", "1", "--closes", "2"},
              {"--circumference", "2400", "--opens", "x", "--closes", "2"},
              {"--circumference", "2400", "--opens", "1", "--closes", "9000"},
              {"--circumference", "2400", "--opens", "1", "--closes", "2", "--band", "9"}}) {
            const Ran bad = ran(QStringList{"tape"} + wrong);
            QVERIFY2(bad.code != 0 && !bad.err.isEmpty(), qPrintable(wrong.join(' ')));
        }
    }

    void lash() {
        QTemporaryDir dir;
        const QString book = dir.filePath(QStringLiteral("b.amber"));
        const Ran made =
            ran({"import", book, QStringLiteral(DEMO_DIR "/../docs/samples/skerry-four.json")});
        QVERIFY2(made.code == 0, qPrintable(made.err));
        const Ran r = ran({"lash", book, "--school", "fewest", "--json"});
        QVERIFY2(r.code == 0, qPrintable(r.err));
        const QJsonArray stops = json(r)[QStringLiteral("stops")].toArray();
        QCOMPARE(stops.size(), 2);
        QSet<QString> set;
        for (const auto& stop : stops) {
            const QJsonObject s = stop.toObject();
            QVERIFY(s[QStringLiteral("wheel")].toDouble() >= 0.0 &&
                    s[QStringLiteral("wheel")].toDouble() < 720.0);
            for (const auto& each : s[QStringLiteral("set")].toArray())
                set << QString::number(each.toObject()[QStringLiteral("cylinder")].toInt()) +
                           each.toObject()[QStringLiteral("side")].toString();
        }
        QCOMPARE(set.size(), 8);
        for (const auto& [school, count] :
             {std::pair{"eoic", 8}, std::pair{"firing", 4}, std::pair{"companion", 4}}) {
            const Ran other = ran({"lash", book, "--school", school, "--json"});
            QCOMPARE(json(other)[QStringLiteral("stops")].toArray().size(), count);
        }
        QVERIFY(ran({"lash", book, "--school", "other"}).code != 0);
        QVERIFY(ran({"lash", book, "--margin", "-3"}).code != 0);
        QVERIFY(ran({"lash", book, "--school", "fewest"})
                    .out.contains(QStringLiteral("maker's manual")));
    }
};

AMBER_TEST(TestBenchWork)

} // namespace test_cli_bench_work

#include "test_bench_work.moc"
