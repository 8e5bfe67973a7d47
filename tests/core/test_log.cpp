// What is written down: amounts in both systems by factors anybody can look up, end float against
// its limits, and the history of a job.
#include "core/job/job.h"
#include "core/route/logbook.h"
#include "core/typed/amount.h"
#include "support/program.h"

#include <QTest>

namespace test_log {

using namespace lobe;

class TestLog : public QObject {
    Q_OBJECT

private slots:
    void amounts_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("unit");
        QTest::addColumn<double>("other");
        QTest::addColumn<QString>("otherUnit");
        // By hand: 1 in = 25.4 mm, 1 lb = 4.4482216 N, 1 bar = 100 kPa.
        QTest::newRow("torque") << "85 Nm"
                                << "N\u00b7m" << 62.6927 << "lb\u00b7ft";
        QTest::newRow("torque in") << "62 lb ft"
                                   << "lb\u00b7ft" << 84.0607 << "N\u00b7m";
        QTest::newRow("rate") << "450 lb/in"
                              << "lb/in" << 78.8071 << "N/mm";
        QTest::newRow("force") << "1100N"
                               << "N" << 247.290 << "lb";
        QTest::newRow("pressure") << "1.2 bar"
                                  << "bar" << 17.4045 << "psi";
        QTest::newRow("psi") << "180 psi"
                             << "psi" << 1241.06 << "kPa";
        QTest::newRow("volume") << "46.2cc"
                                << "cc" << 2.81930 << "cu in";
        QTest::newRow("cubed") << "46.2 cm3"
                               << "cc" << 2.81930 << "cu in";
        QTest::newRow("length") << "0.005 in"
                                << "in" << 0.127 << "mm";
        QTest::newRow("comma") << "0,12 mm"
                               << "mm" << 0.00472441 << "in";
        QTest::newRow("kilowatts") << "41 kW"
                                   << "kW" << 54.98191 << "hp";
        QTest::newRow("horses") << "55 bhp"
                                << "hp" << 41.01349 << "kW";
        QTest::newRow("metric horses") << "56 PS"
                                       << "PS" << 55.23393 << "hp";
        QTest::newRow("dot") << "85 N\u00b7m"
                             << "N\u00b7m" << 62.6927 << "lb\u00b7ft";
    }
    void amounts() {
        QFETCH(QString, text);
        QFETCH(QString, unit);
        QFETCH(double, other);
        QFETCH(QString, otherUnit);
        const auto a = readAmount(text.toStdString());
        QVERIFY(a.has_value());
        QCOMPARE(QString::fromStdString(a->unit), unit);
        const Amount o = inOther(*a);
        QCOMPARE(QString::fromStdString(o.unit), otherUnit);
        QVERIFY2(std::abs(o.value - other) < 2e-5 * std::abs(other),
                 qPrintable(QString::number(o.value, 'g', 9)));
    }
    void noAmounts() {
        for (const char* text : {"", "Nm", "85", "85 apples", "molybdenum", "3 of 4 Nm"})
            QVERIFY2(!readAmount(text), text);
    }

    void endFloat() {
        LogEntry e;
        QVERIFY(!withinLimits(e));
        e.setDetail("measured", "0.12");
        QVERIFY(!withinLimits(e));
        e.setDetail("least", "0.05 mm");
        e.setDetail("most", "0.006 in");
        QCOMPARE(withinLimits(e), std::optional(true));
        e.setDetail("measured", "0.16");
        QCOMPARE(withinLimits(e), std::optional(false));
        e.setDetail("measured", "");
        QVERIFY(!e.detail("measured"));
    }

    void readingsAreToldBySittings() {
        Job job;
        LiftRun run;
        run.cylinder = 2;
        const std::int64_t minute = 60'000;
        std::vector<Reading> rows;
        for (int i = 0; i < 10; ++i) {
            Reading r;
            r.time_ms = 1'000'000'000 + i * minute + (i >= 6 ? 70 * minute : 0);
            if (i == 3 || i == 4) r.struck = Struck{"misread"};
            rows.push_back(r);
        }
        run.readings = rows;
        job.runs.push_back(run);
        LogEntry note;
        note.time_ms = 1'000'000'000 + 60 * minute;
        note.number = 7;
        job.log.push_back(note);
        const auto lines = logbookOf(job);
        QCOMPARE(lines.size(), std::size_t(3));
        QVERIFY(lines[0].what == LogWhat::Readings && lines[0].count == 6 && lines[0].struck == 2);
        QCOMPARE(lines[0].reasons.size(), std::size_t(1));
        QVERIFY(lines[1].what == LogWhat::Entered && lines[1].number == 7);
        QVERIFY(lines[2].what == LogWhat::Readings && lines[2].count == 4);
    }
};

AMBER_TEST(TestLog)

} // namespace test_log

#include "test_log.moc"
