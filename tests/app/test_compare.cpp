// Compare through the real window: wishes typed by keys, cams ranked, states made, a decision kept
// and read back from disk; the demo's tempting cam fails on clearance.
#include "app/app_fixture.h"
#include "app/benches/compare/cam_ranking.h"
#include "app/benches/compare/cam_table.h"
#include "app/benches/compare/compare_station.h"
#include "app/benches/compare/shelf_pane.h"
#include "app/pictures/slide.h"
#include "core/job/job.h"
#include "support/program.h"

#include <QApplication>
#include <QClipboard>
#include <QLineEdit>
#include <QPushButton>
#include <QTest>

namespace test_compare {

using namespace lobe;
using fixture::Rig;

namespace {

void open(Rig& rig, std::size_t job) {
    rig.session().openJob(rig.session().book().jobs()[job].id);
    rig.window().go(stations::compare);
}

app::CompareDesk& desk(Rig& rig) {
    return rig.find<app::CompareStation>("compareStation")->desk();
}

QString ranking(Rig& rig) {
    return rig.find<app::CamRanking>("compareRanking")->text();
}

/// Into the desk's cams; -1 where there is none.
int camOf(Rig& rig, const QString& name) {
    const auto views = desk(rig).views();
    for (std::size_t i = 0; i < views.size(); ++i)
        if (views[i].name == name) return static_cast<int>(i);
    return -1;
}

QString letterOf(Rig& rig, const QString& name) {
    return QString(QChar(u'a' + char16_t(camOf(rig, name))));
}

} // namespace

class TestCompareStation : public QObject {
    Q_OBJECT
private slots:
    // Of three cams the tempting one fails on clearance, with what would make it pass; the sober
    // one passes.
    void theTemptingCamFailsOnClearance() {
        Rig rig(true);
        open(rig, 1);
        QVERIFY(desk(rig).count() >= 3);
        // The demo wishes for both clearances among others; one is typed anew.
        const auto were = rig.onDisk().choosing.wishes.size();
        QVERIFY(were >= 3);
        rig.type(QStringLiteral("w"));
        QVERIFY2(rig.text("ask").contains(QStringLiteral("dynamic ratio")),
                 qPrintable(rig.text("ask")));
        rig.key(Qt::Key_Down);
        QVERIFY2(rig.text("ask").contains(QStringLiteral("intake valve to piston")),
                 qPrintable(rig.text("ask")));
        rig.type(QStringLiteral("over 1.1"));
        rig.key(Qt::Key_Escape);
        const auto wishes = rig.onDisk().choosing.wishes;
        QCOMPARE(wishes.size(), were);
        QVERIFY(wishes[1].kind == WishKind::IntakeClearance && wishes[1].least == 1.1);
        const QString said = ranking(rig);
        const auto lines = said.split(QLatin1Char('\n'));
        QString tempting, sober;
        for (const QString& line : lines) {
            if (line.contains(QStringLiteral("Drumlin R9"))) tempting = line;
            if (line.contains(QStringLiteral("Esker H1"))) sober = line;
        }
        QVERIFY2(tempting.contains(QStringLiteral("fails intake valve to piston \u2212")),
                 qPrintable(said));
        QVERIFY2(tempting.contains(QStringLiteral("notch deeper")), qPrintable(tempting));
        QVERIFY2(!sober.contains(QStringLiteral("fails")) && !sober.isEmpty(), qPrintable(said));
        QVERIFY(lines.indexOf(sober) < lines.indexOf(tempting));
        // Decided for, with a reason; it is in the book, shows on the route, and is undone there.
        rig.type(letterOf(rig, QStringLiteral("Esker H1")) + QStringLiteral(" choose"));
        QVERIFY2(rig.text("ask").contains(QStringLiteral("why Esker H1")),
                 qPrintable(rig.text("ask")));
        rig.type(QStringLiteral("it clears"));
        const auto decisions = rig.onDisk().choosing.decisions;
        QCOMPARE(decisions.size(), std::size_t(1));
        QCOMPARE(QString::fromStdString(decisions[0].chosen), QStringLiteral("Esker H1"));
        QCOMPARE(QString::fromStdString(decisions[0].reason), QStringLiteral("it clears"));
        QCOMPARE(decisions[0].beaten.size(), desk(rig).count() - 1);
        QVERIFY(!decisions[0].figures.empty());
        QVERIFY(rig.find<QWidget>("route")->accessibleDescription().contains(
            QStringLiteral("decided: Esker H1")));
        QVERIFY(rig.text("compareDecided").contains(QStringLiteral("it clears")));
        // In the history as well.
        rig.window().go(stations::set);
        rig.type(QStringLiteral("h"));
        QVERIFY2(rig.text("setHistory").contains(QStringLiteral("Esker H1, because it clears")),
                 qPrintable(rig.text("setHistory")));
        rig.window().go(stations::compare);
        // As the target: its card is the fitted one.
        rig.type(QStringLiteral("t"));
        QCOMPARE(QString::fromStdString(rig.onDisk().card->name), QStringLiteral("Esker H1"));
    }

    void statesOfACam() {
        Rig rig(true);
        open(rig, 0);
        const auto before = desk(rig).count();
        rig.type(QStringLiteral("a copy"));
        QCOMPARE(desk(rig).count(), before + 1);
        rig.type(QStringLiteral("b +2"));
        rig.type(QStringLiteral("b name two earlier"));
        rig.type(QStringLiteral("b ratio 1.65"));
        rig.type(QStringLiteral("b in lash 0.2"));
        rig.type(QStringLiteral("b shorter 4"));
        rig.type(QStringLiteral("b seat 320"));
        rig.type(QStringLiteral("b ref"));
        const Job kept = rig.onDisk();
        const Candidate c = kept.choosing.candidates.at(1);
        QCOMPARE(QString::fromStdString(c.name), QStringLiteral("two earlier"));
        QCOMPARE(c.advance_deg.intake, 2.0);
        QCOMPARE(c.ratio.exhaust, std::optional(1.65));
        QCOMPARE(c.lash_mm.intake, std::optional(0.2));
        QVERIFY(!c.lash_mm.exhaust);
        QCOMPARE(c.shorter_deg, 4.0);
        QCOMPARE(c.seatPressure_n, std::optional(320.0));
        QCOMPARE(QString::fromStdString(kept.choosing.reference), QStringLiteral("two earlier"));
        // Nothing is lost over a restart; one undo takes one of them back.
        rig.restart(true);
        QVERIFY(rig.window().station() == stations::compare);
        rig.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(rig.onDisk().choosing.reference.empty());
        rig.type(QStringLiteral("b out"));
        QCOMPARE(desk(rig).count(), before);
    }

    // Of two cams each has a slide of its own.
    void twoCamsAreTwoSlides() {
        Rig rig(true);
        open(rig, 1);
        auto* table = rig.find<app::CamTable>("camTable");
        const QString before = table->text();
        auto* exhaust = rig.find<app::Slide>("compareSlideExhaust");
        QVERIFY(exhaust->isVisible());
        rig.session().select(1, Side::Intake);
        rig.type(QStringLiteral("+3"));
        const QString earlier = table->text();
        QVERIFY(earlier != before);
        rig.type(QStringLiteral("ex -2"));
        QCOMPARE(desk(rig).slide(Side::Intake).value(), 3.0);
        QCOMPARE(desk(rig).slide(Side::Exhaust).value(), -2.0);
        QVERIFY(table->text() != earlier);
        QVERIFY2(rig.text("compareVerdict").contains(QStringLiteral("+3.0 intake")),
                 qPrintable(rig.text("compareVerdict")));
        // The exhaust's own key leads it back, and leaves the other.
        exhaust->setFocus();
        QTest::keyClick(exhaust, Qt::Key_Home);
        QCOMPARE(table->text(), earlier);
        rig.type(QStringLiteral("in 0"));
        QCOMPARE(table->text(), before);
        // One cam has one.
        open(rig, 0);
        QVERIFY(!exhaust->isVisible());
    }

    // Several named on the shelf are taken in that order, and taken back by one undo.
    void severalFromTheShelf() {
        Rig rig(true);
        open(rig, 0);
        const Job before = rig.onDisk();
        const auto count = desk(rig).count();
        rig.type(QStringLiteral("s"));
        auto* line = rig.find<QLineEdit>("shelfSearch");
        QTRY_VERIFY(line->hasFocus());
        QTest::keyClicks(line, QStringLiteral("card"));
        auto* pane = rig.find<app::ShelfPane>("shelf");
        QVERIFY(pane->count() >= 2);
        QTest::keyClick(line, Qt::Key_Down);
        QTest::keyClick(line, Qt::Key_Space, Qt::ControlModifier);
        QTest::keyClick(line, Qt::Key_Up);
        QTest::keyClick(line, Qt::Key_Up);
        QTest::keyClick(line, Qt::Key_Space, Qt::ControlModifier);
        QVERIFY2(rig.text("shelfSaid").contains(QStringLiteral("2 marked")),
                 qPrintable(rig.text("shelfSaid")));
        QTest::keyClick(line, Qt::Key_Return);
        QCOMPARE(desk(rig).count(), count + 2);
        const Job after = rig.onDisk();
        QCOMPARE(after.choosing.candidates.size(), count + 2);
        rig.key(Qt::Key_Z, Qt::ControlModifier);
        const Job undone = rig.onDisk();
        QVERIFY(undone.choosing == before.choosing && undone.otherCards == before.otherCards);
    }

    // Nobody sees it: nothing is worked out; seen again, it goes on.
    void hiddenItRests() {
        Rig rig(true);
        open(rig, 1);
        QTRY_VERIFY(desk(rig).working());
        rig.window().go(stations::timing);
        QVERIFY(!desk(rig).working());
        QTest::qWait(400);
        QVERIFY(!desk(rig).working() && desk(rig).curves().empty());
        rig.window().go(stations::compare);
        QTRY_VERIFY_WITH_TIMEOUT(!desk(rig).means().empty(), 180000);
    }

    // Pressure at the valves at the speed typed, of the cam at hand.
    void wavesAtASpeed() {
        Rig rig(true);
        open(rig, 1);
        rig.type(QStringLiteral("6500"));
        QVERIFY(desk(rig).shows() == app::CompareDesk::Shows::Waves);
        QTRY_VERIFY_WITH_TIMEOUT(desk(rig).waves(), 60000);
        QCOMPARE(desk(rig).waves()->speed_rpm, 6500.0);
        const auto& exhaust = desk(rig).waves()->trace.exhaust_pa;
        QCOMPARE(exhaust.size(), std::size_t(720));
        // The exhaust's pulse stands over the rest of the cycle by far.
        QVERIFY(*std::max_element(exhaust.begin(), exhaust.end()) > 1.2e5);
        rig.type(QStringLiteral("3000"));
        QTRY_VERIFY_WITH_TIMEOUT(desk(rig).waves() && desk(rig).waves()->speed_rpm == 3000.0,
                                 20000);
        QVERIFY(rig.onDisk().choosing.candidates.empty());
    }

    // The advance that fills best is sought behind the window and told with what it costs.
    void theAdvanceThatFillsBest() {
        Rig rig(true);
        open(rig, 0);
        rig.type(QStringLiteral("g"));
        // Without a purpose it is asked for one.
        QVERIFY2(rig.text("echo").contains(QStringLiteral("Say what the engine is for")),
                 qPrintable(rig.text("echo")));
        rig.line()->clear();
        rig.type(QStringLiteral("u"));
        rig.key(Qt::Key_Down);
        rig.type(QStringLiteral("3000"));
        rig.type(QStringLiteral("5000"));
        rig.key(Qt::Key_Escape);
        QCOMPARE(rig.onDisk().choosing.purpose.to_rpm, 5000.0);
        rig.type(QStringLiteral("g"));
        QTRY_VERIFY_WITH_TIMEOUT(
            rig.text("compareDecided").contains(QStringLiteral("fills best over the purpose")),
            180000);
    }

    // What no cam differs in is folded away, counted, and shown when it is asked for.
    void alikeRowsAreFolded() {
        Rig rig(true);
        open(rig, 1);
        auto* table = rig.find<app::CamTable>("camTable");
        auto* alike = rig.find<QPushButton>("compareAlike");
        const int rows = table->rowCount(), more = desk(rig).alikeRows();
        QVERIFY(rows >= 8);
        if (more > 0) QVERIFY(alike->text().contains(QString::number(more)));
        rig.type(QStringLiteral("l"));
        QCOMPARE(table->rowCount(), rows + more);
        rig.type(QStringLiteral("l"));
        QCOMPARE(table->rowCount(), rows);
    }

    // What was estimated before a change is not shown after it.
    void anOldEstimateIsNotShown() {
        Rig rig(true);
        open(rig, 1);
        rig.type(QStringLiteral("p"));
        rig.type(QStringLiteral("p"));
        QTRY_VERIFY_WITH_TIMEOUT(!desk(rig).curves().empty() && desk(rig).fillingProgress() == 1.0,
                                 40000);
        const double was = desk(rig).curves()[0].points[3].efficiency;
        rig.type(QStringLiteral("p"));
        rig.type(QStringLiteral("p"));
        QVERIFY(desk(rig).shows() == app::CompareDesk::Shows::Lift);
        rig.type(QStringLiteral("a -8"));
        QVERIFY(desk(rig).curves().empty());
        rig.type(QStringLiteral("p"));
        rig.type(QStringLiteral("p"));
        QTRY_VERIFY_WITH_TIMEOUT(!desk(rig).curves().empty() && !desk(rig).working(), 180000);
        QVERIFY(desk(rig).curves()[0].points[3].efficiency < was);
    }

    // A slip gets a sentence and keeps nothing.
    void slips() {
        Rig rig(true);
        open(rig, 0);
        for (const char* wrong : {"z +2", "a ratio 9", "a lash x", "a what", "a name", "a in +2",
                                  "a shorter 90", "40"}) {
            QTest::keyClicks(rig.window().entryBar()->line(), QLatin1String(wrong));
            QTest::keyClick(rig.window().entryBar()->line(), Qt::Key_Return);
            QVERIFY2(!rig.text("echo").isEmpty(), wrong);
            QCOMPARE(rig.window().entryBar()->line()->text(), QLatin1String(wrong));
            rig.window().entryBar()->line()->clear();
        }
        QVERIFY(rig.onDisk().choosing == Choosing{});
    }

    // The slide moves all of them; nothing of it is kept.
    void theSlideMovesAll() {
        Rig rig(true);
        open(rig, 0);
        auto* table = rig.find<app::CamTable>("camTable");
        const QString before = table->text();
        rig.type(QStringLiteral("+3"));
        QVERIFY(table->text() != before);
        QCOMPARE(desk(rig).slide().value(), 3.0);
        QVERIFY(rig.text("compareVerdict").contains(QStringLiteral("+3.0")));
        auto* slide = rig.find<app::Slide>("compareSlide");
        slide->setFocus();
        QTest::keyClick(slide, Qt::Key_Home);
        QCOMPARE(table->text(), before);
        QVERIFY(rig.onDisk().choosing == Choosing{});
    }

    void theTableIsSortedHiddenAndCopied() {
        Rig rig(true);
        open(rig, 1);
        auto* table = rig.find<app::CamTable>("camTable");
        const int rows = table->rowCount();
        table->setCurrentCell(0, 0);
        table->setFocus();
        QTest::keyClick(table, Qt::Key_C, Qt::ControlModifier);
        QVERIFY(QApplication::clipboard()->text().contains(QStringLiteral("\t")));
        QCOMPARE(QApplication::clipboard()->text().count(QLatin1Char('\n')), rows);
        const QString first = table->verticalHeaderItem(0)->text();
        QTest::keyClick(table, Qt::Key_Delete);
        QCOMPARE(table->rowCount(), rows - 1);
        QVERIFY(table->verticalHeaderItem(0)->text() != first);
        QTest::mouseClick(rig.find<QPushButton>("compareAllRows"), Qt::LeftButton);
        QCOMPARE(table->rowCount(), rows);
        // By its first figure, rising and then falling.
        const auto numbers = [&] {
            std::vector<double> out;
            for (int c = 0; c < table->columnCount(); ++c)
                out.push_back(table->item(0, c)
                                  ->text()
                                  .section(QLatin1Char(' '), 0, 0)
                                  .remove(QChar(0x2248))
                                  .replace(QChar(0x2212), QLatin1Char('-'))
                                  .toDouble());
            return out;
        };
        table->setCurrentCell(0, 0);
        table->setFocus();
        QTest::keyClick(table, Qt::Key_Return);
        auto rising = numbers();
        QVERIFY(std::is_sorted(rising.begin(), rising.end()));
        table->setCurrentCell(0, 0);
        QTest::keyClick(table, Qt::Key_Return);
        auto falling = numbers();
        QVERIFY(std::is_sorted(falling.rbegin(), falling.rend()));
        QVERIFY(rising.size() > 1 && rising.front() != falling.front());
    }

    // Pipes are asked with the purpose, kept with the engine, and undone here.
    void pipesAreAskedWithThePurpose() {
        Rig rig(true);
        open(rig, 1);
        rig.type(QStringLiteral("u"));
        for (int i = 0; i < 7; ++i)
            rig.key(Qt::Key_Down);
        QVERIFY2(rig.text("ask").contains(QStringLiteral("Intake pipe")),
                 qPrintable(rig.text("ask")));
        const EnginePipes before = rig.onDisk().engine.pipes;
        rig.type(QStringLiteral("2 40"));
        QCOMPARE(rig.onDisk().engine.pipes, before);
        rig.line()->clear();
        rig.type(QStringLiteral("230 36 40"));
        QCOMPARE(rig.onDisk().engine.pipes.intake, (PipeLine{230.0, 36.0, 40.0}));
        rig.type(QStringLiteral("620 38"));
        QCOMPARE(rig.onDisk().engine.pipes.exhaust, (PipeLine{620.0, 38.0, 0.0}));
        rig.key(Qt::Key_Escape);
        rig.window().go(stations::timing);
        rig.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(rig.onDisk().engine.pipes.exhaust, before.exhaust);
        QVERIFY(rig.window().station() == stations::compare);
    }

    // What the slate would say stands in the table: it folds away, and is back elsewhere.
    void theSlateFoldsAway() {
        Rig rig(true);
        rig.window().resize(1280, 800);
        open(rig, 1);
        QApplication::processEvents();
        auto* slate = rig.find<QWidget>("slate");
        auto* station = rig.find<QWidget>("compareStation");
        QVERIFY(!slate->isVisible());
        QVERIFY(station->width() > 1000);
        rig.window().setAtStand(true);
        rig.window().setAtStand(false);
        QVERIFY(!slate->isVisible() && station->isVisible());
        rig.window().go(stations::timing);
        QApplication::processEvents();
        QVERIFY(slate->isVisible());
        QVERIFY(rig.find<QWidget>("timingStation")->width() < 900);
    }

    // The estimate is made in the background, told as it goes, and begun again by a change.
    void theFillingIsEstimated() {
        Rig rig(true);
        open(rig, 1);
        rig.type(QStringLiteral("p"));
        rig.type(QStringLiteral("p"));
        QVERIFY(desk(rig).shows() == app::CompareDesk::Shows::Filling);
        QTRY_VERIFY_WITH_TIMEOUT(!desk(rig).curves().empty() && !desk(rig).working(), 180000);
        QVERIFY2(rig.text("compareWords").contains(QStringLiteral("It cannot say power")),
                 qPrintable(rig.text("compareWords")));
        const auto before = desk(rig).curves();
        QCOMPARE(before.size(), desk(rig).count());
        QVERIFY(before[0].points.size() == 40 && before[0].points[10].efficiency > 0.3);
        rig.type(QStringLiteral("-6"));
        // The first curves are there before the last speed is done, and grow.
        QTRY_VERIFY_WITH_TIMEOUT(!desk(rig).curves().empty(), 20000);
        QVERIFY(desk(rig).curves()[0].points.size() < 40);
        QTRY_VERIFY_WITH_TIMEOUT(!desk(rig).curves().empty() && !desk(rig).working(), 180000);
        // Later, it fills less at low speed.
        QVERIFY(desk(rig).curves()[0].points[3].efficiency < before[0].points[3].efficiency);
    }

    // The shelf holds the cams of every job; searched as one types, taken by Enter. A measured one
    // brings its lifts along.
    void fromTheShelf() {
        Rig rig(true);
        open(rig, 1);
        const auto before = desk(rig).count();
        rig.type(QStringLiteral("s"));
        auto* line = rig.find<QLineEdit>("shelfSearch");
        QTRY_VERIFY(line->hasFocus());
        auto* pane = rig.find<app::ShelfPane>("shelf");
        const int all = pane->count();
        QVERIFY(all >= 5);
        QTest::keyClicks(line, QStringLiteral("drumlin measured"));
        QVERIFY(pane->count() >= 1 && pane->count() < all);
        QTest::keyClick(line, Qt::Key_Return);
        QCOMPARE(desk(rig).count(), before + 1);
        const Job kept = rig.onDisk();
        const Candidate& c = kept.choosing.candidates.back();
        QVERIFY(c.from == CamFrom::Table && c.lobe.intake && c.lobe.intake->mm.size() > 30);
        QVERIFY(QString::fromStdString(c.origin).startsWith(QStringLiteral("Skerry Four")));
        QVERIFY(!desk(rig).views().back().modelled);
        // Back at the entry line, and Esc leaves the shelf without taking anything.
        QTRY_VERIFY(rig.window().entryBar()->line()->hasFocus());
        rig.type(QStringLiteral("s"));
        QTRY_VERIFY(line->hasFocus());
        QTest::keyClicks(line, QStringLiteral("nothing like it"));
        QCOMPARE(pane->count(), 0);
        QTest::keyClick(line, Qt::Key_Return);
        QTest::keyClick(line, Qt::Key_Escape);
        QVERIFY(!pane->isVisible());
        QCOMPARE(desk(rig).count(), before + 1);
    }

    void anEmptyJob() {
        Rig rig;
        rig.type(QStringLiteral("new engine"));
        QTRY_VERIFY(rig.session().hasJob());
        rig.window().go(stations::compare);
        QVERIFY2(rig.text("compareVerdict").contains(QStringLiteral("No cam to compare yet")),
                 qPrintable(rig.text("compareVerdict")));
        QVERIFY(rig.find<QWidget>("route")->accessibleDescription().contains(
            QStringLiteral("no cam yet")));
        rig.type(QStringLiteral("w"));
        // No ratio of an engine: said, and nothing kept.
        QTest::keyClicks(rig.window().entryBar()->line(), QStringLiteral("over 900"));
        QTest::keyClick(rig.window().entryBar()->line(), Qt::Key_Return);
        QVERIFY2(rig.text("echo").contains(QStringLiteral("no figure of an engine")),
                 qPrintable(rig.text("echo")));
        QVERIFY(rig.onDisk().choosing.wishes.empty());
        rig.window().entryBar()->line()->clear();
        rig.type(QStringLiteral("8 to 9.5"));
        QCOMPARE(rig.onDisk().choosing.wishes.at(0).most, std::optional(9.5));
        rig.key(Qt::Key_Escape);
        rig.window().setAtStand(true);
        QApplication::processEvents();
        rig.window().setAtStand(false);
    }
};

AMBER_TEST(TestCompareStation)

} // namespace test_compare

#include "test_compare.moc"
