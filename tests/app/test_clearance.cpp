// Clearance through the real window: pressed by keys at desk and stand, read back from disk; the
// demo's tempting cam touches and its sober one does not.
#include "app/app_fixture.h"
#include "app/pictures/slide.h"
#include "app/style/figure_table.h"
#include "core/assess/clearances.h"
#include "core/job/job.h"
#include "support/program.h"

#include <QLabel>
#include <QTest>

namespace test_clearance {

using namespace lobe;
using fixture::Rig;

namespace {

void open(Rig& rig, std::size_t job) {
    rig.session().openJob(rig.session().book().jobs()[job].id);
    rig.window().go(stations::clearance);
}

QString cams(Rig& rig) {
    return rig.find<app::FigureTable>("clearanceCams")->text();
}

} // namespace

class TestClearanceStation : public QObject {
    Q_OBJECT
private slots:
    void pressedByKeys() {
        Rig rig(true);
        open(rig, 0);
        // The mock-up's questions, each with its reason; Esc leaves the rest as usual.
        QVERIFY2(rig.text("ask").contains(QStringLiteral("head gasket")),
                 qPrintable(rig.text("ask")));
        QVERIFY(rig.find<QWidget>("mockUpSection")->isVisible());
        // Three answers, and the first press: six keys where each is a word's beginning.
        rig.type(QStringLiteral("1"));
        rig.type(QStringLiteral("2"));
        rig.type(QStringLiteral("1"));
        QVERIFY2(rig.text("ask").startsWith(QStringLiteral("clearance at")),
                 qPrintable(rig.text("ask")));
        rig.type(QStringLiteral("2.40"));
        rig.type(QStringLiteral("2.41"));
        QCOMPARE(rig.text("pressAt").left(2), QStringLiteral("2\u00B0"));
        rig.key(Qt::Key_Backspace);
        const Job kept = rig.onDisk();
        QCOMPARE(kept.maps.size(), std::size_t(1));
        QVERIFY(!kept.maps[0].terms.gasketIn);
        QVERIFY(kept.maps[0].readings[1].struck.has_value());
        // Undo leads back from elsewhere and says what it took.
        rig.window().go(stations::engine);
        rig.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(rig.window().station() == stations::clearance);
        QVERIFY(!rig.onDisk().maps[0].readings[1].struck);
        // Closed and opened again it goes on.
        rig.restart(true);
        QVERIFY(rig.window().station() == stations::clearance);
        QCOMPARE(rig.text("pressAt").left(2), QStringLiteral("2\u00B0"));
    }

    /// While a press is typed another window logs one: nothing goes to another angle unasked.
    void aPressLoggedMeanwhileIsAskedAbout() {
        Rig rig(true);
        open(rig, 0);
        rig.key(Qt::Key_Escape);
        rig.type(QStringLiteral("2.40"));
        rig.type(QStringLiteral("2.41"));
        const auto map = rig.session().job().maps[0];
        const double asked = map.readings[1].at.deg + 2.0;
        rig.keys(QStringLiteral("2.30"));
        {
            auto other = book::Book::open(rig.session().book().path());
            auto& b = *std::get<std::unique_ptr<book::Book>>(other);
            Reading p;
            p.of = ReadingOf::Press;
            p.at = {asked};
            p.value_mm = 2.25;
            const Job seen = std::get<Job>(b.load(rig.session().job().id));
            QVERIFY(std::holds_alternative<book::Made>(
                b.record(seen.id, book::AddReading{map.id, p, {}}, &seen)));
        }
        rig.key(Qt::Key_Return);
        QCOMPARE(rig.onDisk().maps[0].readings.size(), std::size_t(3));
        QVERIFY2(rig.text("echo").contains(QStringLiteral("Another window logged 2.25")),
                 qPrintable(rig.text("echo")));
        QCOMPARE(rig.line()->text(), QStringLiteral("2.30"));
        rig.key(Qt::Key_Return);
        const Job now = rig.onDisk();
        QCOMPARE(now.maps[0].readings.size(), std::size_t(4));
        QCOMPARE(now.maps[0].readings[3].at.deg, asked);
        QVERIFY(!now.maps[0].readings[2].struck);
    }

    void atTheStandSpaceKeeps() {
        Rig rig(true);
        open(rig, 0);
        rig.key(Qt::Key_Escape);
        rig.window().setAtStand(true);
        QTest::keyClicks(rig.window().entryBar()->line(), QStringLiteral("1.95"));
        QTest::keyClick(rig.window().entryBar()->line(), Qt::Key_Space);
        QCOMPARE(rig.onDisk().maps[0].readings[0].value_mm, 1.95);
    }

    // The dial's other turn takes the place of what was pressed in one action: one undo brings it
    // back.
    void theDialsOtherTurn() {
        Rig rig(true);
        open(rig, 0);
        rig.key(Qt::Key_Escape);
        rig.type(QStringLiteral("0.40"));
        rig.type(QStringLiteral("w"));
        auto presses = rig.onDisk().maps[0].readings;
        QCOMPARE(presses.size(), std::size_t(2));
        QVERIFY(presses[0].struck && !presses[1].struck);
        QCOMPARE(presses[1].value_mm, 1.40);
        rig.key(Qt::Key_Z, Qt::ControlModifier);
        presses = rig.onDisk().maps[0].readings;
        QCOMPARE(presses.size(), std::size_t(1));
        QVERIFY(!presses[0].struck);
        QCOMPARE(presses[0].value_mm, 0.40);
    }

    // The tempting cam touches, the sober one does not; the slide moves all of them at once.
    void theTemptingCamTouches() {
        Rig rig(true);
        open(rig, 1);
        QVERIFY2(rig.text("clearanceVerdict").contains(QStringLiteral("to spare")),
                 qPrintable(rig.text("clearanceVerdict")));
        const auto& f = rig.session().findings();
        const MapFindings* map = mapOf(f, Side::Intake);
        QVERIFY(map && map->complete && map->gap);
        bool tempting = false, sober = false;
        for (const OtherCam& cam : otherCams(rig.session().job(), f, *map)) {
            const Least least = leastClearance(*map->gap, cam.lift, 0.0);
            if (cam.name == "Drumlin R9") tempting = least.mm < 0.0;
            if (cam.name == "Esker H1")
                sober = least.mm > rig.session().job().reckoning.clearance.least_mm.intake;
        }
        QVERIFY(tempting && sober);
        QVERIFY2(cams(rig).contains(QStringLiteral("Drumlin R9, modelled")), qPrintable(cams(rig)));
        const QString before = cams(rig);
        auto* slide = rig.find<app::Slide>("clearanceSlide");
        slide->setFocus();
        QTest::keyClick(slide, Qt::Key_PageUp);
        QVERIFY(cams(rig) != before);
    }

    // In Set the slide shows what keeps the limits, and the figures carry both clearances.
    void setKnowsTheWindow() {
        Rig rig(true);
        open(rig, 1);
        rig.window().go(stations::set);
        const QString outcome = rig.find<app::FigureTable>("setOutcome")->text();
        QVERIFY2(outcome.contains(QStringLiteral("intake gap")), qPrintable(outcome));
        QVERIFY(outcome.contains(QStringLiteral("exhaust gap")));
        const auto window = windowNow(rig.session().job(), rig.session().findings(), Side::Intake);
        QVERIFY(window && window->to_deg > 0.0 && window->to_deg < 30.0);
        // Beyond it the figure is marked.
        rig.type(QString::number(std::min(14.0, window->to_deg + 2.0)));
        QVERIFY2(rig.find<app::FigureTable>("setOutcome")->text().contains(QStringLiteral(" !")),
                 qPrintable(rig.find<app::FigureTable>("setOutcome")->text()));
    }
};

AMBER_TEST(TestClearanceStation)

} // namespace test_clearance

#include "test_clearance.moc"
