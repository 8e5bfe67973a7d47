// The compression station in the real window: volumes typed and read again from disk, the slide by
// keys and mouse, what reaches a wanted ratio, and two states compared.
#include "app/benches/compression/chamber_section.h"
#include "app/pictures/slide.h"
#include "app/style/figure_table.h"
#include "app_fixture.h"
#include "core/job/job.h"
#include "support/program.h"
#include "words/sentences.h"

namespace test_compression {

using namespace lobe;
using fixture::Rig;

namespace {

Rig& atCompression(Rig& rig) {
    rig.session().openJob(rig.session().book().jobs()[0].id);
    rig.window().go(stations::compression);
    return rig;
}

app::Slide* slide(Rig& rig) {
    return rig.find<app::Slide>("slide");
}

/// The dynamic ratio as the station shows it, large.
double shown(Rig& rig) {
    const QString text = rig.text("compressionBig");
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
        Rig rig(true);
        atCompression(rig);
        const double closing =
            *rig.session().findings().closings.by(ClosingSchool::SeatMeasured).deg;
        const double dynamic = of(stateOf(rig.session().job(), 1, closing, 0.0)).dynamicRatio;
        QVERIFY(std::abs(shown(rig) - dynamic) < 0.006);
        const QString verdict = rig.text("compressionVerdict");
        QVERIFY2(verdict.contains(QString::number(closing, 'f', 1)), qPrintable(verdict));
        QVERIFY(verdict.contains(QString::number(dynamic, 'f', 2)));
        // The late intake costs compression: two degrees earlier squeezes more, and the table names
        // every way of calling the closing.
        rig.type(QStringLiteral("2"));
        QVERIFY(shown(rig) > dynamic + 0.05);
        for (int i = 0; i < 4; ++i)
            QVERIFY(rig.find<app::FigureTable>("compressionTable")
                        ->text()
                        .contains(words::closingName(static_cast<ClosingSchool>(i))));
    }

    void volumesAreTypedAndOnDisk() {
        Rig rig;
        rig.session().newJob(QStringLiteral("new"));
        Engine e;
        e.cylinders = 4;
        QVERIFY(rig.session().keep(book::SetEngine{e}));
        rig.window().go(stations::compression);
        QVERIFY(rig.text("compressionVerdict").contains(QStringLiteral("Bore")));
        // What is missing is asked without going down to it: the bore first, then the chamber.
        for (const char* typed : {"90", "78", "142", "42"})
            rig.type(QLatin1String(typed));
        // What makes a ratio with the chamber is asked behind it; Esc leaves it.
        QVERIFY(rig.text("ask").contains(QStringLiteral("Gasket bore"), Qt::CaseInsensitive));
        rig.key(Qt::Key_Escape);
        QVERIFY(rig.text("ask").contains(QStringLiteral("advance to try")));
        rig.key(Qt::Key_Down);
        for (const char* typed : {"42", "91", "1.1", "0.35", "3.5", "0.6", "90", "78", "142", "1"})
            rig.type(QLatin1String(typed));
        const Engine kept = rig.onDisk().engine;
        QCOMPARE(kept.chamber, (Chamber{42.0, 91.0, 1.1, 0.35, 3.5, 0.6}));
        QCOMPARE(kept.bore_mm, 90.0);
        QCOMPARE(kept.stroke_mm, 78.0);
        QCOMPARE(kept.rod_mm, 142.0);
        QCOMPARE(kept.pinOffset_mm, 1.0);
        // Without a lobe the static ratio stands, and the dynamic one says what it waits for.
        const QString verdict = rig.text("compressionVerdict");
        QVERIFY2(verdict.startsWith(QStringLiteral("Static 9.94")), qPrintable(verdict));
        QVERIFY(verdict.contains(QStringLiteral("waits for the intake's closing")));
    }

    void volumesThatDifferByCylinder() {
        Rig rig(true);
        atCompression(rig);
        rig.key(Qt::Key_Down);
        rig.type(QStringLiteral("42 42.4 41.8 42.1"));
        Engine e = rig.onDisk().engine;
        QCOMPARE(e.chambers.size(), std::size_t(4));
        QCOMPARE(e.chambers[1].chamber_cc, 42.4);
        // What is alike is changed for all of them, the difference stays.
        rig.type(QString());
        rig.type(QStringLiteral("1.3"));
        e = rig.onDisk().engine;
        for (const Chamber& c : e.chambers)
            QCOMPARE(c.gasket_mm, 1.3);
        QCOMPARE(e.chambers[2].chamber_cc, 41.8);
        QVERIFY(rig.text("compressionReached").contains(QStringLiteral("cyl 3")));
        // One number makes them alike again.
        rig.key(Qt::Key_Up);
        rig.key(Qt::Key_Up);
        rig.key(Qt::Key_Up);
        rig.type(QStringLiteral("42"));
        QVERIFY(rig.onDisk().engine.chambers.empty());
        // More cylinders than there are keep nothing.
        rig.key(Qt::Key_Up);
        rig.type(QStringLiteral("42 42 42 42 42"));
        QVERIFY(rig.text("echo").contains(QStringLiteral("4 cylinders")));
        QVERIFY(rig.onDisk().engine.chambers.empty());
    }

    // A foot pedal may send Space for a reading; between several numbers it is a space.
    void severalNumbersAtTheStand() {
        Rig rig(true);
        atCompression(rig);
        rig.window().setAtStand(true);
        rig.key(Qt::Key_Down);
        rig.type(QStringLiteral("42 42.4 41.8 42.1"));
        QCOMPARE(rig.onDisk().engine.chambers.size(), std::size_t(4));
        QCOMPARE(rig.onDisk().engine.chambers[3].chamber_cc, 42.1);
        rig.key(Qt::Key_Escape);
        rig.keys(QStringLiteral("3"));
        rig.key(Qt::Key_Space);
        QCOMPARE(slide(rig)->value(), 3.0);
        QVERIFY(rig.line()->text().isEmpty());
    }

    void crownByThePlateMethodAndByDimensions() {
        Rig rig(true);
        atCompression(rig);
        const double bore = rig.session().job().engine.bore_mm;
        for (int i = 0; i < 5; ++i)
            rig.key(Qt::Key_Down);
        QVERIFY(rig.text("ask").startsWith(QStringLiteral("Crown")));
        rig.type(QStringLiteral("60 down 8"));
        const double cylinder = 3.14159265358979 / 4.0 * bore * bore * 8.0 / 1000.0;
        QVERIFY(std::abs(rig.onDisk().engine.chamber.crown_cc - (60.0 - cylinder)) < 1e-6);
        rig.key(Qt::Key_Up);
        rig.type(QStringLiteral("60x3"));
        QVERIFY(std::abs(rig.onDisk().engine.chamber.crown_cc -
                         3.14159265358979 / 4.0 * 3600.0 * 3.0 / 1000.0) < 1e-6);
        rig.key(Qt::Key_Up);
        rig.type(QStringLiteral("900"));
        QVERIFY(rig.text("echo").contains(QStringLiteral("hardly right")));
    }

    void deckAsMeasuredAtTdc() {
        Rig rig(true);
        atCompression(rig);
        for (int i = 0; i < 4; ++i)
            rig.key(Qt::Key_Down);
        Stated s = rig.session().job();
        s.fitted.deck_mm.clear();
        rig.session().keep(book::SetStated{s});
        rig.type(QStringLiteral("tdc"));
        QVERIFY(rig.text("echo").contains(QStringLiteral("No deck was measured")));
        rig.line()->clear();
        s.fitted.deck_mm = {0.30, 0.36};
        rig.session().keep(book::SetStated{s});
        rig.type(QStringLiteral("tdc"));
        QVERIFY(std::abs(rig.onDisk().engine.chamber.deck_mm - 0.33) < 1e-9);
    }

    void slideByKeysAndMouse() {
        Rig rig(true);
        atCompression(rig);
        const double at0 = shown(rig);
        slide(rig)->setFocus();
        QTest::keyClick(slide(rig), Qt::Key_Right);
        QCOMPARE(slide(rig)->value(), 0.5);
        QTest::keyClick(slide(rig), Qt::Key_PageUp);
        QCOMPARE(slide(rig)->value(), 5.5);
        const double at5 = shown(rig);
        QVERIFY(at5 > at0 + 0.1);
        QTest::keyClick(slide(rig), Qt::Key_Home);
        QCOMPARE(shown(rig), at0);
        // Dragged to the far right: as early as it goes.
        const QPoint y(0, 18);
        QTest::mousePress(slide(rig), Qt::LeftButton, {}, QPoint(slide(rig)->width() / 2, 0) + y);
        QTest::mouseMove(slide(rig), QPoint(slide(rig)->width() - 2, 0) + y);
        QTest::mouseRelease(slide(rig), Qt::LeftButton, {}, QPoint(slide(rig)->width() - 2, 0) + y);
        QCOMPARE(slide(rig)->value(), 15.0);
        QVERIFY(shown(rig) > at5);
        // A what-if is not kept.
        rig.restart(true);
        atCompression(rig);
        QCOMPARE(slide(rig)->value(), 0.0);
    }

    void whatReachesAWantedRatio() {
        Rig rig(true);
        atCompression(rig);
        rig.type(QStringLiteral("reach 8.5"));
        QCOMPARE(rig.onDisk().trial.wantedDynamic, 8.5);
        const QString said = rig.text("compressionReached");
        const double closing =
            *rig.session().findings().closings.by(ClosingSchool::SeatMeasured).deg;
        const CompressionState now = stateOf(rig.session().job(), 1, closing, 0.0);
        const double chamber = *reach(now, Quantity::Chamber, 8.5);
        QVERIFY2(said.contains(QStringLiteral("chamber %1 cc").arg(chamber, 0, 'f', 1)),
                 qPrintable(said));
        for (Quantity q : {Quantity::Advance, Quantity::Chamber, Quantity::Gasket, Quantity::Deck,
                           Quantity::Crown})
            QVERIFY2(said.contains(words::quantityName(q)), qPrintable(said));
        rig.type(QStringLiteral("reach 50"));
        QVERIFY(rig.text("echo").contains(QStringLiteral("between 4 and 20")));
        QCOMPARE(rig.line()->text(), QStringLiteral("reach 50"));
    }

    void twoStatesSideBySide() {
        Rig rig(true);
        atCompression(rig);
        rig.type(QStringLiteral("k"));
        const auto kept = rig.onDisk().trial.kept;
        QVERIFY(kept.has_value());
        const Compression before = of(*kept);
        rig.key(Qt::Key_Down);
        rig.type(QStringLiteral("38"));
        rig.key(Qt::Key_Escape);
        CompressionState after = *kept;
        after.chamber.chamber_cc = 38.0;
        const QString said = rig.text("compressionReached");
        QVERIFY2(said.contains(QString::number(before.staticRatio, 'f', 2)), qPrintable(said));
        QVERIFY2(said.contains(QString::number(of(after).staticRatio, 'f', 2)), qPrintable(said));
        // The same state once more lets it go.
        rig.type(QStringLiteral("k"));
        rig.type(QStringLiteral("k"));
        QVERIFY(!rig.onDisk().trial.kept);
    }

    void fuelsAreTheUsers() {
        Rig rig(true);
        atCompression(rig);
        rig.key(Qt::Key_Down);
        for (int i = 0; i < 40 && !rig.text("ask").startsWith(QStringLiteral("Fuel")); ++i)
            rig.key(Qt::Key_Down);
        rig.type(QStringLiteral("methanol 11.5"));
        const auto has = [&](const char* name) {
            for (const FuelLimit& f : rig.onDisk().reckoning.fuels)
                if (f.name == name) return f.dynamic;
            return 0.0;
        };
        QCOMPARE(has("methanol"), 11.5);
        for (int i = 0; i < 40 && !rig.text("ask").startsWith(QStringLiteral("Fuel")); ++i)
            rig.key(Qt::Key_Down);
        rig.type(QStringLiteral("methanol -"));
        QCOMPARE(has("methanol"), 0.0);
    }

    void impossibleGeometryIsRefusedWithItsValue() {
        Rig rig(true);
        atCompression(rig);
        Engine e = rig.session().job().engine;
        e.chambers.clear();
        e.chamber.crown_cc = -80.0;
        rig.session().keep(book::SetEngine{e});
        const QString verdict = rig.text("compressionVerdict");
        QVERIFY2(verdict.contains(QStringLiteral("clearance volume")), qPrintable(verdict));
        QVERIFY(stations::compression.progress(rig.session().job(), rig.session().findings()) ==
                Progress::LookAgain);
    }

    void pistonIsDraggedAndComesBack() {
        Rig rig(true);
        atCompression(rig);
        auto* section = rig.find<app::ChamberSection>("chamberSection");
        const double closing = section->shown_mm();
        QTest::keyClick(section, Qt::Key_Up);
        QVERIFY(std::abs(section->shown_mm() - (closing - 1.0)) < 1e-9);
        QTest::mouseClick(section, Qt::LeftButton, {}, QPoint(60, section->height() - 60));
        QVERIFY(section->shown_mm() > closing);
        rig.line()->setFocus();
        rig.type(QStringLiteral("i"));
        QCOMPARE(section->shown_mm(), closing);
        // A click on a volume asks for it.
        QTest::mouseClick(section, Qt::LeftButton, {}, QPoint(section->width() - 60, 30));
        QVERIFY2(rig.text("ask").startsWith(QStringLiteral("Chamber")),
                 qPrintable(rig.text("ask")));
    }
};

AMBER_TEST(TestCompressionStation)

} // namespace test_compression

#include "test_compression.moc"
