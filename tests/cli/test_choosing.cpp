// model, filling and compare as somebody types them: the real program in its own process.
#include "core/job/job.h"
#include "simulated/closed_lobes.h"
#include "support/command_line.h"

#include "book/book.h"
#include "support/program.h"

#include <QFile>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QTemporaryDir>
#include <QTest>

#include <cmath>

namespace test_choosing {

using namespace lobe;

using command::Ran;
using command::ran;

class TestChoosingCli : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;

    QString file(const QString& name, const QByteArray& bytes) {
        QFile f(dir_.filePath(name));
        f.open(QIODevice::WriteOnly);
        f.write(bytes);
        return f.fileName();
    }
    QString table(const QString& name, const closed::Lobe& lobe) {
        QByteArray text = "crank_deg,lift_mm\n";
        for (double d = lobe.centre - 175; d <= lobe.centre + 175; d += 2.0)
            text += QByteArray::number(d, 'g', 12) + ',' + QByteArray::number(lobe.at(d), 'g', 12) +
                    '\n';
        return file(name, text);
    }
    QStringList fillingOf(const QString& in, const QString& ex) const {
        return {"filling",
                in,
                ex,
                "--bore",
                "86",
                "--stroke",
                "86",
                "--rod",
                "140",
                "--ratio-static",
                "10",
                "--intake-valve",
                "36",
                "--exhaust-valve",
                "31",
                "--speeds",
                "1000:8000:500"};
    }

private slots:
    // Events of 12/44 and 50/16 at 1.27 mm, and 62 degrees more at 0.15: `lobe` on the table gives
    // all of it back.
    void aModelGivesItsCardBack_data() {
        QTest::addColumn<QByteArray>("card");
        QTest::addColumn<QString>("taken");
        QTest::addColumn<double>("opens");
        QTest::addColumn<double>("closes");
        QTest::addColumn<double>("lift");
        QTest::newRow("one height")
            << QByteArray(R"({"name": "Drumlin", "height": {"mm": 1.27, "at": "tappet"},
                "ivo": 12, "ivc": 44, "intake_lift_mm": 7.2})")
            << "tappet" << -12.0 << 224.0 << 7.2;
        QTest::newRow("two heights")
            << QByteArray(R"({"name": "Drumlin", "height": {"mm": 1.27, "at": "tappet"},
                "ivo": 12, "ivc": 44, "intake_lift_mm": 7.2,
                "advertised": {"mm": 0.15, "at": "tappet"}, "intake_advertised": 286})")
            << "tappet" << -12.0 << 224.0 << 7.2;
        QTest::newRow("duration and centre")
            << QByteArray(R"({"name": "Esker", "height": {"mm": 1.0, "at": "valve"},
                "intake_duration": 236, "intake_centre": 106, "intake_lift_mm": 9.8})")
            << "valve" << -12.0 << 224.0 << 9.8;
        QTest::newRow("a nose beside the middle")
            << QByteArray(R"({"name": "Esker", "height": {"mm": 1.27, "at": "tappet"},
                "ivo": 12, "ivc": 44, "intake_centre": 103, "intake_lift_mm": 8.4})")
            << "tappet" << -12.0 << 224.0 << 8.4;
    }
    void aModelGivesItsCardBack() {
        QFETCH(QByteArray, card);
        QFETCH(QString, taken);
        QFETCH(double, opens);
        QFETCH(double, closes);
        QFETCH(double, lift);
        const QString path = file(QStringLiteral("card.json"), card);
        for (const char* step : {"1", "2", "0.5"}) {
            const QString csv = dir_.filePath(QStringLiteral("model.csv"));
            const Ran made = ran(
                {"model", "--card", path, "--side", "intake", "--step", QLatin1String(step), csv});
            QVERIFY2(made.code == 0, qPrintable(made.err));
            const QString height = card.contains("1.0,") ? "1" : "1.27";
            const QJsonObject j = ran({"lobe", csv, "--side", "intake", "--taken", taken,
                                       "--heights", height + QStringLiteral(",0.15"), "--json"})
                                      .json();
            const QJsonArray heights = j["heights"].toArray();
            QJsonObject stated, low;
            for (const auto& h : heights)
                (h.toObject()["height"].toDouble() < 0.5 ? low : stated) = h.toObject();
            QVERIFY(std::abs(stated["opens"].toDouble() - opens) < 0.1);
            QVERIFY(std::abs(stated["closes"].toDouble() - closes) < 0.1);
            QVERIFY2(std::abs(j["max_lift"].toDouble() - lift) < 0.005,
                     qPrintable(QString::number(j["max_lift"].toDouble())));
            if (card.contains("intake_advertised"))
                QVERIFY2(std::abs(low["duration"].toDouble() - 286.0) < 0.2,
                         qPrintable(QString::number(low["duration"].toDouble())));
        }
    }

    void whatMakesNoModel() {
        const QString path =
            file(QStringLiteral("short.json"), R"({"name": "x", "ivo": 12, "ivc": 44})");
        const QString csv = dir_.filePath(QStringLiteral("never.csv"));
        Ran r = ran({"model", "--card", path, "--side", "intake", csv});
        QCOMPARE(r.code, 1);
        QVERIFY2(r.err.contains(QStringLiteral("no greatest lift")), qPrintable(r.err));
        QVERIFY(!QFile::exists(csv));
        r = ran({"model", "--card", path, "--side", "intake", "--step", "0", csv});
        QCOMPARE(r.code, 1);
        // What is no lift table is not overwritten unasked.
        const QString full = file(QStringLiteral("full.json"),
                                  R"({"name": "x", "ivo": 12, "ivc": 44, "intake_lift_mm": 7})");
        const QString letter = file(QStringLiteral("letter.txt"), "dear builder");
        QCOMPARE(ran({"model", "--card", full, "--side", "intake", letter}).code, 1);
        QFile f(letter);
        f.open(QIODevice::ReadOnly);
        QCOMPARE(f.readAll(), QByteArray("dear builder"));
    }

    void fillingJson() {
        const QString in = table("in.csv", closed::power(108.0, 140.0, 10.0)),
                      ex = table("ex.csv", closed::power(-110.0, 140.0, 9.5));
        const Ran r =
            ran(fillingOf(in, ex) + QStringList{"--taken", "valve", "--advance", "-8,8", "--json"});
        QVERIFY2(r.code == 0, qPrintable(r.err));
        const QJsonArray advances = r.json()["advances"].toArray();
        QCOMPARE(advances.size(), 2);
        const QJsonObject late = advances[0].toObject(), early = advances[1].toObject();
        QCOMPARE(late["advance"].toDouble(), -8.0);
        QCOMPARE(late["points"].toArray().size(), 15);
        QVERIFY(late["mass_error"].toDouble() < 1e-6);
        const QJsonObject p = late["points"].toArray()[4].toObject();
        QCOMPARE(p["speed"].toDouble(), 3000.0);
        QVERIFY(p["efficiency"].toDouble() > 0.6 && p["efficiency"].toDouble() < 1.1);
        for (const char* key : {"residual", "trapped_mg", "pumping_j"})
            QVERIFY2(p[QLatin1String(key)].toDouble() > 0.0, key);
        // Later fills best at a higher speed.
        QVERIFY(late["peak_speed"].toDouble() > early["peak_speed"].toDouble());
        const Ran text = ran(fillingOf(in, ex) + QStringList{"--taken", "valve"});
        QVERIFY(text.out.contains(QStringLiteral("It cannot say power")));
    }

    void fillingThroughPipes() {
        const QString in = table("in.csv", closed::power(108.0, 140.0, 10.0)),
                      ex = table("ex.csv", closed::power(-110.0, 140.0, 9.5));
        auto call = fillingOf(in, ex);
        call.last() = QStringLiteral("2500:4500:1000");
        const QStringList pipes{"--taken",       "valve",     "--cells",        "16",
                                "--intake-pipe", "380:38:42", "--exhaust-pipe", "700:38"};
        const Ran r = ran(call + pipes + QStringList{"--trace", "3000", "--json"});
        QVERIFY2(r.code == 0, qPrintable(r.err));
        QVERIFY(r.json()["pipes"].toBool());
        const QJsonObject one = r.json()["advances"].toArray()[0].toObject();
        QCOMPARE(one["points"].toArray().size(), 3);
        QVERIFY(one["mass_error"].toDouble() < 2e-4);
        for (const char* key : {"pressure_intake", "pressure_exhaust"}) {
            const QJsonArray all = one[QLatin1String(key)].toArray();
            QCOMPARE(all.size(), 720);
            for (const auto& pa : all)
                QVERIFY(pa.toDouble() > 2e4 && pa.toDouble() < 6e5);
        }
        // Without pipes it says so, and has none of it.
        const Ran plain = ran(call + QStringList{"--taken", "valve", "--json"});
        QVERIFY(plain.json().contains(QLatin1String("pipes")) && !plain.json()["pipes"].toBool());
        // A plenum behind a throttle takes some of it.
        const auto first = [](const Ran& of) {
            return of.json()["advances"]
                .toArray()[0]
                .toObject()["points"]
                .toArray()[2]
                .toObject()["efficiency"]
                .toDouble();
        };
        const Ran throttled =
            ran(call + pipes + QStringList{"--plenum", "1500", "--throttle", "18", "--json"});
        QVERIFY(first(throttled) < first(r) - 0.05);
        for (const QStringList& bad :
             {QStringList{"--intake-pipe", "380:38"},
              {"--intake-pipe", "x", "--exhaust-pipe", "700:38"},
              {"--intake-pipe", "380:38", "--exhaust-pipe", "700:380"},
              {"--intake-pipe", "380:38", "--exhaust-pipe", "700:38", "--cells", "2"},
              {"--trace", "3000"}})
            QCOMPARE(ran(call + bad).code, 1);
    }

    void whatCannotFill() {
        const QString in = table("in.csv", closed::power(108.0, 140.0, 10.0)),
                      ex = table("ex.csv", closed::power(-110.0, 140.0, 9.5));
        auto bad = fillingOf(in, ex);
        bad[bad.indexOf(QStringLiteral("36"))] = QStringLiteral("200");
        Ran r = ran(bad);
        QCOMPARE(r.code, 1);
        QVERIFY2(r.err.contains(QStringLiteral("valve heads")), qPrintable(r.err));
        bad = fillingOf(in, ex);
        bad.last() = QStringLiteral("8000:1000:10");
        QCOMPARE(ran(bad).code, 1);
        // The wrong way round.
        QCOMPARE(ran(fillingOf(ex, in)).code, 1);
    }

    void compareJson() {
        const QString path = dir_.filePath(QStringLiteral("shop.amber"));
        {
            auto opened = book::Book::open(path);
            auto& book = *std::get<std::unique_ptr<book::Book>>(opened);
            Job job;
            job.name = "Marram";
            job.engine.bore_mm = 80.0;
            job.engine.stroke_mm = 64.0;
            job.engine.rod_mm = 118.0;
            Card sober;
            sober.name = "Esker H1";
            sober.events.ivo = 8.0;
            sober.events.ivc = 40.0;
            sober.events.evo = 44.0;
            sober.events.evc = 6.0;
            sober.lift_mm = {8.0, 7.8};
            Card wild = sober;
            wild.name = "Drumlin R9";
            wild.events.ivo = 40.0;
            wild.events.evc = 38.0;
            job.otherCards = {sober, wild};
            job.choosing.wishes = {{WishKind::Overlap, 5.0, 30.0},
                                   {WishKind::IntakeClearance, 1.5, {}}};
            QVERIFY(std::holds_alternative<std::int64_t>(book.addJob(job)));
        }
        const Ran r = ran({"compare", path, "--job", "Marram", "--json"});
        QVERIFY2(r.code == 0, qPrintable(r.err));
        const QJsonObject j = r.json();
        QCOMPARE(j["reference"].toString(), QStringLiteral("Esker H1"));
        const QJsonArray all = j["candidates"].toArray();
        QCOMPARE(all.size(), 2);
        const QJsonObject first = all[0].toObject(), second = all[1].toObject();
        QCOMPARE(first["modelled"].toBool(), true);
        QCOMPARE(first["rank"].toInt(), 1);
        QCOMPARE(second["rank"].toInt(), 2);
        QVERIFY(std::abs(first["figures"].toObject()["opens.intake@1270t"].toDouble() - 8.0) < 0.1);
        const QJsonArray wishes = second["wishes"].toArray();
        QCOMPARE(wishes[0].toObject()["state"].toString(), QStringLiteral("fail"));
        QVERIFY(std::abs(wishes[0].toObject()["value"].toDouble() - 78.0) < 0.2);
        QVERIFY(!wishes[0].toObject()["would"].toArray().isEmpty());
        QCOMPARE(wishes[1].toObject()["state"].toString(), QStringLiteral("unknown"));
        QVERIFY(wishes[1].toObject()["value"].isNull());
        // By name, and one that is not there.
        QCOMPARE(ran({"compare", path, "--cams", "Drumlin R9", "--json"})
                     .json()["candidates"]
                     .toArray()
                     .size(),
                 1);
        const Ran none = ran({"compare", path, "--cams", "Fell 2"});
        QCOMPARE(none.code, 1);
        QVERIFY2(none.err.contains(QStringLiteral("Esker H1")), qPrintable(none.err));
    }
};

AMBER_TEST(TestChoosingCli)

} // namespace test_choosing

#include "test_choosing.moc"
