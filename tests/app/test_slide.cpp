// The slide and the table of figures beside it, each on its own: stops, ranges and keys; columns
// that keep their room, in both themes.
#include "app/pictures/slide.h"
#include "app/style/figure_table.h"
#include "app/style/type_loader.h"
#include "support/program.h"

#include <QSignalSpy>
#include <QTest>

namespace test_slide {

using app::FigureLine;
using app::FigureTable;
using app::Look;
using app::Slide;

class TestSlide : public QObject {
    Q_OBJECT
private slots:
    void freeItGoesByHalfDegrees() {
        Look look;
        Slide slide(look);
        QSignalSpy moved(&slide, &Slide::moved);
        QTest::keyClick(&slide, Qt::Key_Right);
        QCOMPARE(slide.value(), 0.5);
        QTest::keyClick(&slide, Qt::Key_PageDown);
        QCOMPARE(slide.value(), -4.5);
        QTest::keyClick(&slide, Qt::Key_Home);
        QCOMPARE(slide.value(), 0.0);
        QCOMPARE(moved.size(), 3);
        // The same place again is no move.
        slide.setValue(0.0);
        QCOMPARE(moved.size(), 3);
    }

    void stopsAreWhereItStands() {
        Look look;
        Slide slide(look);
        slide.setStops({-6.0, 0.0, 2.0, 9.0});
        for (const auto& [asked, stands] :
             {std::pair(1.2, 2.0), {0.9, 0.0}, {5.4, 2.0}, {5.6, 9.0}, {-15.0, -6.0}}) {
            slide.setValue(asked);
            QCOMPARE(slide.value(), stands);
        }
        QTest::keyClick(&slide, Qt::Key_Right);
        QCOMPARE(slide.value(), 0.0);
        QTest::keyClick(&slide, Qt::Key_Right);
        QCOMPARE(slide.value(), 2.0);
        QTest::keyClick(&slide, Qt::Key_Right);
        QTest::keyClick(&slide, Qt::Key_Right);
        QCOMPARE(slide.value(), 9.0);
        // Along a slot it stands between them too, and stays when it is asked to.
        slide.setExactly(3.3);
        QCOMPARE(slide.value(), 3.3);
        // Other stops: to the nearest of those.
        slide.setStops({0.0, 4.0});
        QCOMPARE(slide.value(), 4.0);
    }

    void rangeHoldsIt() {
        Look look;
        Slide slide(look);
        slide.setExactly(40.0);
        QCOMPARE(slide.value(), 15.0);
        slide.setRange(40.0);
        slide.setValue(38.0);
        QCOMPARE(slide.value(), 38.0);
        slide.setRange(20.0);
        QCOMPARE(slide.value(), 20.0);
    }

    void whereItStandsIsHeard() {
        Look look;
        Slide slide(look);
        slide.setTitle(QStringLiteral("exhaust"));
        QVERIFY(slide.accessibleName().contains(QStringLiteral("exhaust")));
        slide.setValue(-2.5);
        QCOMPARE(slide.accessibleDescription(), QString::fromUtf8("2.5° later"));
        slide.setValue(4.0);
        QCOMPARE(slide.accessibleDescription(), QString::fromUtf8("4° earlier"));
    }

    void figuresKeepTheirRoom() {
        Look look;
        FigureTable table(look, false);
        const auto blocks = [](const QString& then, bool changed) {
            return QList<QList<FigureLine>>{
                {{QStringLiteral("at 1.27 mm"), QStringLiteral("now"), QStringLiteral("then"),
                  false, true},
                 {QStringLiteral("intake centre"), QStringLiteral("106.0"), then, changed}},
                {{QStringLiteral("clearances: not measured"), {}, {}}}};
        };
        table.setBlocks(blocks(QStringLiteral("106.0"), false));
        const QSize before = table.sizeHint();
        table.setBlocks(blocks(QStringLiteral("104.0"), true));
        // A figure that changes is bold and takes no more room than before.
        QCOMPARE(table.sizeHint(), before);
        QCOMPARE(table.text(), QStringLiteral("at 1.27 mm\tnow\tthen\nintake centre\t106.0\t104.0\n"
                                              "clearances: not measured\t\t"));
        QCOMPARE(table.accessibleDescription(), table.text());
        // A longer name takes more.
        table.setBlocks({{{QStringLiteral("a very long name of a figure"), QStringLiteral("106.0"),
                           QStringLiteral("104.0")}}});
        QVERIFY(table.sizeHint().height() < before.height());
    }

    void figuresAreInkInBothThemes() {
        Look::prepare();
        app::TypeLoader().finish();
        Look look;
        FigureTable table(look, true);
        table.setBlocks(
            {{{QStringLiteral("seat"), QStringLiteral("8.30"), QStringLiteral("60°"), true}}});
        table.resize(table.sizeHint());
        for (bool dark : {false, true}) {
            look.setDark(dark);
            QImage shown(table.size(), QImage::Format_RGB32);
            shown.fill(look.theme().plate);
            table.render(&shown, {}, {}, {});
            int ink = 0;
            for (int y = 0; y < shown.height(); ++y)
                for (int x = 0; x < shown.width(); ++x)
                    ink += app::contrast(shown.pixelColor(x, y), look.theme().plate) > 4.5;
            QVERIFY2(ink > 60, qPrintable(QString::number(ink)));
        }
    }
};

AMBER_TEST(TestSlide)

} // namespace test_slide

#include "test_slide.moc"
