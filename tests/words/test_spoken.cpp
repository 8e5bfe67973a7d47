// Signs and short forms as people say them.
#include "support/program.h"
#include "words/spoken.h"

#include <QTest>

namespace test_spoken {

class TestSpoken : public QObject {
    Q_OBJECT
private slots:
    void asPeopleSayIt_data() {
        QTest::addColumn<QString>("said");
        QTest::newRow("lift at 120\u00B0 ATDC?") << "lift at 120 degrees after top dead centre";
        QTest::newRow("last  115\u00B0 BTDC  8.512 mm")
            << "last 115 degrees before top dead centre 8.512 millimetres";
        QTest::newRow("opens at 0.050 in, valve in place")
            << "opens at 0.050 inches, valve in place";
        QTest::newRow("\u22122.25\u00B0 \u00B10.07\u00B0")
            << "minus 2.25 degrees plus or minus 0.07 degrees";
        QTest::newRow("run complete: what next?") << "run complete: what next";
        QTest::newRow("46\u00B0 ABDC or BBDC")
            << "46 degrees after bottom dead centre or before bottom dead centre";
    }
    void asPeopleSayIt() {
        QFETCH(QString, said);
        QCOMPARE(words::spoken(QString::fromUtf8(QTest::currentDataTag())), said);
    }
};

AMBER_TEST(TestSpoken)

} // namespace test_spoken

#include "test_spoken.moc"
