// Instruments in the real window: connected by keys, read at the line, and what is said when they
// fail.
#include "app/benches/lobes/lobes_station.h"
#include "app/frame/bench_hand.h"
#include "app/frame/instruments_page.h"
#include "app/frame/live_view.h"
#include "app/frame/voice.h"
#include "app/pictures/ring.h"
#include "app_fixture.h"
#include "core/job/job.h"
#include "instrument/simulated_rig.h"
#include "support/program.h"

#include <QComboBox>
#include <QSignalSpy>

namespace test_live {

using namespace lobe;
using fixture::Rig;

namespace {

/// A job at Lobes, with the simulated bench at a place of the crank.
struct AtLobes : Rig {
    explicit AtLobes(double crank_deg) {
        session().newJob(QStringLiteral("Skerry Four bench"));
        window().go(stations::lobes);
        bench = &window().live().instruments().simulate(
            simulated::Bench(simulated::engineOf(3), 1, 200.0));
        bench->bench().put(crank_deg);
        bench->bench().dialOn(simulated::On::Intake);
        QTest::qWait(100);
    }
    instrument::SimulatedRig* bench;
    QString live() { return line()->placeholderText(); }
    app::LobesDesk& desk() { return window().lobes()->desk(); }
};

} // namespace

class TestLive : public QObject {
    Q_OBJECT
private slots:
    // By keys alone: the page, the simulated bench, what is there and what it says.
    void connectedByKeys() {
        Rig rig;
        rig.session().newJob(QStringLiteral("x"));
        rig.window().go(stations::lobes);
        rig.key(Qt::Key_I, Qt::ControlModifier | Qt::ShiftModifier);
        auto* page = rig.find<app::InstrumentsPage>("instrumentsPage");
        QVERIFY(page->isOpen());
        rig.click("addSimulated");
        QVERIFY(!page->isOpen());
        auto* hand = rig.window().findChild<app::BenchHand*>(QStringLiteral("benchHand"));
        QVERIFY(hand && hand->isVisible() && hand->byItself());
        rig.key(Qt::Key_I, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(page->isOpen());
        auto* list = rig.find<app::RowList>("instrumentsList");
        QCOMPARE(list->count(), 3);
        QTRY_VERIFY(!list->row(2).value.isEmpty());
        QTRY_VERIFY(rig.text("instrumentSays").startsWith(QStringLiteral("FA ")));
        // Described as it does not speak, it is not understood; and then it is again.
        list->setCurrentRow(0);
        auto* way = rig.find<QComboBox>("instrumentWay");
        way->setCurrentIndex(0);
        emit way->activated(0);
        QTRY_VERIFY_WITH_TIMEOUT(list->row(0).warn, 4000);
        way->setCurrentIndex(1);
        emit way->activated(1);
        QTRY_VERIFY_WITH_TIMEOUT(!list->row(0).warn && !list->row(0).value.isEmpty(), 4000);
        rig.key(Qt::Key_Escape);
        QVERIFY(!page->isOpen());
        hand->close();
        QVERIFY(!hand->byItself());
    }

    // An empty Enter takes what stands still, Space too; Esc leaves what is waited for.
    void anEmptyEnterTakesIt() {
        AtLobes rig(20.0);
        rig.window().live().instruments().remove(2); // the dial alone
        QTRY_VERIFY(rig.live().contains(QStringLiteral("mm")));
        const auto kept = [&rig] {
            const Job job = rig.onDisk();
            return job.runs.empty() ? std::size_t(0) : job.runs[0].readings.size();
        };
        QTest::qWait(900);
        rig.key(Qt::Key_Return);
        QTRY_COMPARE(kept(), std::size_t(1)); // at once, or as soon as it stands still
        QVERIFY(rig.onDisk().runs[0].readings[0].heard);
        rig.key(Qt::Key_Space);
        QTRY_COMPARE(kept(), std::size_t(2));
        // Moving, it is waited for.
        rig.bench->bench().turn(30.0);
        QTest::qWait(200);
        rig.key(Qt::Key_Return);
        QCOMPARE(rig.onDisk().runs.at(0).readings.size(), std::size_t(2));
        rig.key(Qt::Key_Escape);
        rig.bench->bench().turn(0.0);
        QTest::qWait(900);
        QCOMPARE(rig.onDisk().runs.at(0).readings.size(), std::size_t(2));
        // What is typed counts beside it, and is typed by hand.
        rig.type(QStringLiteral("1.23"));
        QCOMPARE(rig.onDisk().runs.at(0).readings.size(), std::size_t(3));
        QVERIFY(!rig.onDisk().runs[0].readings[2].heard);
    }

    // With an encoder the lobe takes itself, drawn as it grows; one undo takes back the pass.
    void theLobeTakesItself() {
        AtLobes rig(-95.0);
        rig.type(QStringLiteral("step 1"));
        rig.bench->bench().turn(40.0);
        QTRY_VERIFY_WITH_TIMEOUT(rig.session().run() && rig.session().run()->readings.size() > 60,
                                 40000);
        auto* ring = rig.find<app::Ring>("ring");
        QVERIFY(ring->needle().has_value());
        rig.bench->bench().turn(0.0);
        QTest::qWait(500);
        const Job job = rig.onDisk();
        const simulated::Truth& truth = rig.bench->bench().truth();
        for (const Reading& r : job.runs[0].readings) {
            // The encoder's zero is where the pointer is.
            const double lift = truth.at(Place::Tappet, Side::Intake, r.at.deg - truth.pointer_deg);
            QVERIFY2(std::abs(r.value_mm - lift) < 0.01, qPrintable(QString::number(r.at.deg)));
        }
        rig.key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(rig.onDisk().runs[0].readings.empty());
    }

    // What is said while a lobe takes itself stands until somebody has read it, and typed on.
    void aWarningStands() {
        AtLobes rig(-95.0);
        rig.type(QStringLiteral("step 1"));
        rig.bench->bench().turn(40.0);
        QTRY_VERIFY_WITH_TIMEOUT(rig.session().run() && rig.session().run()->readings.size() > 10,
                                 40000);
        auto* message = rig.find<QLabel>("message");
        QSignalSpy kept(&rig.session(), &app::Session::kept);
        rig.window().say(QStringLiteral("The blue dial shows steps of 0.05 mm."));
        QTRY_VERIFY_WITH_TIMEOUT(kept.count() > 0, 40000);
        QVERIFY(message->isVisible());
        rig.bench->bench().turn(0.0);
        QTest::qWait(600);
        rig.type(QStringLiteral("75a 3.2"));
        QVERIFY(!message->isVisible());
    }

    // Pulled out: a sentence, and hand entry goes on; put back, it is gone.
    void pulledOutIsSaid() {
        AtLobes rig(20.0);
        rig.bench->bench().setFault("unplugged", true);
        auto* message = rig.find<QLabel>("message");
        QTRY_VERIFY(message->isVisible() && message->text().contains(QStringLiteral("unplugged")));
        rig.type(QStringLiteral("0.12"));
        QCOMPARE(rig.onDisk().runs.at(0).readings.size(), std::size_t(1));
        rig.bench->bench().setFault("unplugged", false);
        QTRY_VERIFY(!message->isVisible());
    }

    // Where a figure comes from: the line an instrument said.
    void whereFrom() {
        AtLobes rig(-95.0);
        rig.type(QStringLiteral("step 2"));
        rig.bench->bench().turn(60.0);
        QTRY_VERIFY_WITH_TIMEOUT(rig.session().run() &&
                                     rig.session().findings().runs[0].lobe.atEventsHeight.opens,
                                 40000);
        rig.bench->bench().turn(0.0);
        QTest::qWait(400);
        Figure opens;
        for (const Figure& f : rig.session().findings().figures())
            if (f.kind == FigureKind::Opens && f.side == Side::Intake) opens = f;
        rig.desk().showSource(opens);
        QVERIFY2(rig.desk().lastReading().contains(QStringLiteral("said FA ")),
                 qPrintable(rig.desk().lastReading()));
    }

    // Read out at the stand, when it is wished: what was taken, and what is asked next.
    void readOut() {
        AtLobes rig(20.0);
        QSignalSpy said(&rig.window().live().voice(), &app::Voice::said);
        rig.window().setAtStand(true);
        rig.type(QStringLiteral("0.12"));
        QCOMPARE(said.count(), 0);
        rig.window().setSpoken(true);
        rig.type(QStringLiteral("0.15"));
        QCOMPARE(said.count(), 1);
        QVERIFY2(said[0][0].toString().contains(QStringLiteral("millimetres")) &&
                     said[0][0].toString().contains(QStringLiteral("degrees")),
                 qPrintable(said[0][0].toString()));
        rig.type(QStringLiteral("99"));
        QVERIFY(said.last()[0].toString().startsWith(QStringLiteral("again")));
    }

    // Instruments are of this machine: there again after a restart, in whatever book; simulated
    // ones are not.
    void keptOnThisMachine() {
        Rig rig;
        rig.session().newJob(QStringLiteral("x"));
        rig.window().go(stations::lobes);
        instrument::Instrument i;
        i.name = QStringLiteral("blue dial");
        i.place = QStringLiteral("pipe:/no/such/dial");
        rig.window().live().instruments().add(i);
        rig.restart();
        QCOMPARE(rig.window().live().instruments().all().size(), std::size_t(1));
        // That it is not there is said from the start.
        QVERIFY2(rig.text("message").contains(QStringLiteral("There is no port")),
                 qPrintable(rig.text("message")));
        QCOMPARE(rig.window().live().instruments().all()[0]->instrument.name,
                 QStringLiteral("blue dial"));
        rig.window().live().instruments().simulate(
            simulated::Bench(simulated::engineOf(3), 1, 200.0));
        rig.restart();
        QVERIFY(rig.window().live().instruments().none());
    }
};

AMBER_TEST(TestLive)

} // namespace test_live

#include "test_live.moc"
