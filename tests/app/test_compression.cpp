// The compression station in the real window: volumes typed and read again from disk, the slide by
// keys and mouse, what reaches a wanted ratio, and two states compared.
#include "app/pictures/slide.h"
#include "app/stations/compression/chamber_section.h"
#include "app/style/figure_table.h"
#include "app_fixture.h"
#include "words/sentences.h"

using namespace lobe;
using fixture::Bench;

namespace {

Bench& atCompression(Bench& bench) {
    bench.session().openJob(bench.session().book().jobs()[0].id);
    bench.window().go(stations::compression);
    return bench;
}

app::Slide* slide(Bench& bench) {
    return bench.find<app::Slide>("slide");
}

/// The dynamic ratio as the station shows it, large.
double shown(Bench& bench) {
    const QString text = bench.text("compressionBig");
    const auto from = text.indexOf(QLatin1Char('>')) + 1;
    return text.mid(from, text.indexOf(QLatin1Char('<'), from) - from).toDouble();
}

Compression of(const CompressionState& s) {
    return std::get<Compression>(compression(s, 0.0, 1.25));
}

} // namespace

class TestCompressionStation : public QObject {
    Q_OBJECT
private slots:
    void lateClosingIsToldWithItsRatio() {
        Bench bench(true);
        atCompression(bench);
        const double closing = *bench.session().findings().closings[0].deg;
        const double dynamic = of(stateOf(bench.session().job(), 1, closing, 0.0)).dynamicRatio;
        QVERIFY(std::abs(shown(bench) - dynamic) < 0.006);
        const QString verdict = bench.text("compressionVerdict");
        QVERIFY2(verdict.contains(QString::number(closing, 'f', 1)), qPrintable(verdict));
        QVERIFY(verdict.contains(QString::number(dynamic, 'f', 2)));
        // The late intake costs compression: two degrees earlier squeezes more, and the table names
        // every way of calling the closing.
        bench.type(QStringLiteral("2"));
        QVERIFY(shown(bench) > dynamic + 0.05);
        for (int i = 0; i < 4; ++i)
            QVERIFY(bench.find<app::FigureTable>("compressionTable")
                        ->text()
                        .contains(words::closingName(static_cast<ClosingSchool>(i))));
    }

    void volumesAreTypedAndOnDisk() {
        Bench bench;
        bench.session().newJob(QStringLiteral("new"));
        Engine e;
        e.cylinders = 4;
        QVERIFY(bench.session().keep(book::SetEngine{e}));
        bench.window().go(stations::compression);
        QVERIFY(bench.text("compressionVerdict").contains(QStringLiteral("Bore")));
        // What is missing is asked without going down to it: the bore first, then the chamber.
        for (const char* typed : {"90", "78", "142", "42"})
            bench.type(QLatin1String(typed));
        QVERIFY(bench.text("ask").contains(QStringLiteral("advance to try")));
        bench.key(Qt::Key_Down);
        for (const char* typed : {"42", "91", "1.1", "0.35", "3.5", "0.6", "90", "78", "142", "1"})
            bench.type(QLatin1String(typed));
        const Engine kept = bench.onDisk().engine;
        QCOMPARE(kept.chamber, (Chamber{42.0, 91.0, 1.1, 0.35, 3.5, 0.6}));
        QCOMPARE(kept.bore_mm, 90.0);
        QCOMPARE(kept.stroke_mm, 78.0);
        QCOMPARE(kept.rod_mm, 142.0);
        QCOMPARE(kept.pinOffset_mm, 1.0);
        // Without a lobe the static ratio stands, and the dynamic one says what it waits for.
        const QString verdict = bench.text("compressionVerdict");
        QVERIFY2(verdict.startsWith(QStringLiteral("Static 9.94")), qPrintable(verdict));
        QVERIFY(verdict.contains(QStringLiteral("waits for the intake's closing")));
    }

    void volumesThatDifferByCylinder() {
        Bench bench(true);
        atCompression(bench);
        bench.key(Qt::Key_Down);
        bench.type(QStringLiteral("42 42.4 41.8 42.1"));
        Engine e = bench.onDisk().engine;
        QCOMPARE(e.chambers.size(), std::size_t(4));
        QCOMPARE(e.chambers[1].chamber_cc, 42.4);
        // What is alike is changed for all of them, the difference stays.
        bench.type(QString());
        bench.type(QStringLiteral("1.3"));
        e = bench.onDisk().engine;
        for (const Chamber& c : e.chambers)
            QCOMPARE(c.gasket_mm, 1.3);
        QCOMPARE(e.chambers[2].chamber_cc, 41.8);
        QVERIFY(bench.text("compressionReached").contains(QStringLiteral("cyl 3")));
        // One number makes them alike again.
        bench.key(Qt::Key_Up);
        bench.key(Qt::Key_Up);
        bench.key(Qt::Key_Up);
        bench.type(QStringLiteral("42"));
        QVERIFY(bench.onDisk().engine.chambers.empty());
        // More cylinders than there are keep nothing.
        bench.key(Qt::Key_Up);
        bench.type(QStringLiteral("42 42 42 42 42"));
        QVERIFY(bench.text("echo").contains(QStringLiteral("4 cylinders")));
        QVERIFY(bench.onDisk().engine.chambers.empty());
    }

    // A foot pedal may send Space for a reading; between several numbers it is a space.
    void severalNumbersAtTheStand() {
        Bench bench(true);
        atCompression(bench);
        bench.window().setAtStand(true);
        bench.key(Qt::Key_Down);
        bench.type(QStringLiteral("42 42.4 41.8 42.1"));
        QCOMPARE(bench.onDisk().engine.chambers.size(), std::size_t(4));
        QCOMPARE(bench.onDisk().engine.chambers[3].chamber_cc, 42.1);
        bench.key(Qt::Key_Escape);
        bench.keys(QStringLiteral("3"));
        bench.key(Qt::Key_Space);
        QCOMPARE(slide(bench)->value(), 3.0);
        QVERIFY(bench.line()->text().isEmpty());
    }

    void crownByThePlateMethodAndByDimensions() {
        Bench bench(true);
        atCompression(bench);
        const double bore = bench.session().job().engine.bore_mm;
        for (int i = 0; i < 5; ++i)
            bench.key(Qt::Key_Down);
        QVERIFY(bench.text("ask").startsWith(QStringLiteral("Crown")));
        bench.type(QStringLiteral("60 down 8"));
        const double cylinder = 3.14159265358979 / 4.0 * bore * bore * 8.0 / 1000.0;
        QVERIFY(std::abs(bench.onDisk().engine.chamber.crown_cc - (60.0 - cylinder)) < 1e-6);
        bench.key(Qt::Key_Up);
        bench.type(QStringLiteral("60x3"));
        QVERIFY(std::abs(bench.onDisk().engine.chamber.crown_cc -
                         3.14159265358979 / 4.0 * 3600.0 * 3.0 / 1000.0) < 1e-6);
        bench.key(Qt::Key_Up);
        bench.type(QStringLiteral("900"));
        QVERIFY(bench.text("echo").contains(QStringLiteral("hardly right")));
    }

    void deckAsMeasuredAtTdc() {
        Bench bench(true);
        atCompression(bench);
        for (int i = 0; i < 4; ++i)
            bench.key(Qt::Key_Down);
        Stated s = bench.session().job();
        s.fitted.deck_mm.clear();
        bench.session().keep(book::SetStated{s});
        bench.type(QStringLiteral("tdc"));
        QVERIFY(bench.text("echo").contains(QStringLiteral("No deck was measured")));
        bench.line()->clear();
        s.fitted.deck_mm = {0.30, 0.36};
        bench.session().keep(book::SetStated{s});
        bench.type(QStringLiteral("tdc"));
        QVERIFY(std::abs(bench.onDisk().engine.chamber.deck_mm - 0.33) < 1e-9);
    }

    void slideByKeysAndMouse() {
        Bench bench(true);
        atCompression(bench);
        const double at0 = shown(bench);
        slide(bench)->setFocus();
        QTest::keyClick(slide(bench), Qt::Key_Right);
        QCOMPARE(slide(bench)->value(), 0.5);
        QTest::keyClick(slide(bench), Qt::Key_PageUp);
        QCOMPARE(slide(bench)->value(), 5.5);
        const double at5 = shown(bench);
        QVERIFY(at5 > at0 + 0.1);
        QTest::keyClick(slide(bench), Qt::Key_Home);
        QCOMPARE(shown(bench), at0);
        // Dragged to the far right: as early as it goes.
        const QPoint y(0, 18);
        QTest::mousePress(slide(bench), Qt::LeftButton, {},
                          QPoint(slide(bench)->width() / 2, 0) + y);
        QTest::mouseMove(slide(bench), QPoint(slide(bench)->width() - 2, 0) + y);
        QTest::mouseRelease(slide(bench), Qt::LeftButton, {},
                            QPoint(slide(bench)->width() - 2, 0) + y);
        QCOMPARE(slide(bench)->value(), 15.0);
        QVERIFY(shown(bench) > at5);
        // A what-if is not kept.
        bench.restart(true);
        atCompression(bench);
        QCOMPARE(slide(bench)->value(), 0.0);
    }

    void whatReachesAWantedRatio() {
        Bench bench(true);
        atCompression(bench);
        bench.type(QStringLiteral("reach 8.5"));
        QCOMPARE(bench.onDisk().trial.wantedDynamic, 8.5);
        const QString said = bench.text("compressionReached");
        const double closing = *bench.session().findings().closings[0].deg;
        const CompressionState now = stateOf(bench.session().job(), 1, closing, 0.0);
        const double chamber = *reach(now, Quantity::Chamber, 8.5);
        QVERIFY2(said.contains(QStringLiteral("chamber %1 cc").arg(chamber, 0, 'f', 1)),
                 qPrintable(said));
        for (Quantity q : {Quantity::Advance, Quantity::Chamber, Quantity::Gasket, Quantity::Deck,
                           Quantity::Crown})
            QVERIFY2(said.contains(words::quantityName(q)), qPrintable(said));
        bench.type(QStringLiteral("reach 50"));
        QVERIFY(bench.text("echo").contains(QStringLiteral("between 4 and 20")));
        QCOMPARE(bench.line()->text(), QStringLiteral("reach 50"));
    }

    void twoStatesSideBySide() {
        Bench bench(true);
        atCompression(bench);
        bench.type(QStringLiteral("k"));
        const auto kept = bench.onDisk().trial.kept;
        QVERIFY(kept.has_value());
        const Compression before = of(*kept);
        bench.key(Qt::Key_Down);
        bench.type(QStringLiteral("38"));
        bench.key(Qt::Key_Escape);
        CompressionState after = *kept;
        after.chamber.chamber_cc = 38.0;
        const QString said = bench.text("compressionReached");
        QVERIFY2(said.contains(QString::number(before.staticRatio, 'f', 2)), qPrintable(said));
        QVERIFY2(said.contains(QString::number(of(after).staticRatio, 'f', 2)), qPrintable(said));
        // The same state once more lets it go.
        bench.type(QStringLiteral("k"));
        bench.type(QStringLiteral("k"));
        QVERIFY(!bench.onDisk().trial.kept);
    }

    void fuelsAreTheUsers() {
        Bench bench(true);
        atCompression(bench);
        bench.key(Qt::Key_Down);
        for (int i = 0; i < 40 && !bench.text("ask").startsWith(QStringLiteral("Fuel")); ++i)
            bench.key(Qt::Key_Down);
        bench.type(QStringLiteral("methanol 11.5"));
        const auto has = [&](const char* name) {
            for (const FuelLimit& f : bench.onDisk().reckoning.fuels)
                if (f.name == name) return f.dynamic;
            return 0.0;
        };
        QCOMPARE(has("methanol"), 11.5);
        for (int i = 0; i < 40 && !bench.text("ask").startsWith(QStringLiteral("Fuel")); ++i)
            bench.key(Qt::Key_Down);
        bench.type(QStringLiteral("methanol -"));
        QCOMPARE(has("methanol"), 0.0);
    }

    void impossibleGeometryIsRefusedWithItsValue() {
        Bench bench(true);
        atCompression(bench);
        Engine e = bench.session().job().engine;
        e.chambers.clear();
        e.chamber.crown_cc = -80.0;
        bench.session().keep(book::SetEngine{e});
        const QString verdict = bench.text("compressionVerdict");
        QVERIFY2(verdict.contains(QStringLiteral("clearance volume")), qPrintable(verdict));
        QVERIFY(stations::compression.progress(bench.session().job(), bench.session().findings()) ==
                Progress::LookAgain);
    }

    void pistonIsDraggedAndComesBack() {
        Bench bench(true);
        atCompression(bench);
        auto* section = bench.find<app::ChamberSection>("chamberSection");
        const double closing = section->shown_mm();
        QTest::keyClick(section, Qt::Key_Up);
        QVERIFY(std::abs(section->shown_mm() - (closing - 1.0)) < 1e-9);
        QTest::mouseClick(section, Qt::LeftButton, {}, QPoint(60, section->height() - 60));
        QVERIFY(section->shown_mm() > closing);
        bench.line()->setFocus();
        bench.type(QStringLiteral("i"));
        QCOMPARE(section->shown_mm(), closing);
        // A click on a volume asks for it.
        QTest::mouseClick(section, Qt::LeftButton, {}, QPoint(section->width() - 60, 30));
        QVERIFY2(bench.text("ask").startsWith(QStringLiteral("Chamber")),
                 qPrintable(bench.text("ask")));
    }
};

QTEST_MAIN(TestCompressionStation)
#include "test_compression.moc"
