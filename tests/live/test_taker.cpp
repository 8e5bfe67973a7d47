// A job measured by instruments without a keyboard but to begin, on the simulated bench, against
// the engine nobody sees; and what is said when something goes wrong.
#include "core/job/job.h"
#include "desk/desk_rig.h"
#include "instrument/simulated_rig.h"
#include "live/hand.h"
#include "live/taker.h"
#include "stations/clearance/clearance_desk.h"
#include "stations/lobes/lobes_desk.h"
#include "stations/tdc/tdc_desk.h"
#include "support/program.h"

#include <QTest>

#include <set>

namespace test_taker {

using namespace lobe;
using desk_rig::Rig;
using simulated::On;

namespace {

/// The bench, the instruments and a job, on a clock that is led by hand.
struct Stand {
    Rig rig;
    std::shared_ptr<double> now = std::make_shared<double>(0.0);
    instrument::Instruments instruments{[n = now] { return *n; }};
    instrument::SimulatedRig* bench;
    live::Taker taker{*rig.session, instruments};
    QStringList troubles, said, refused;

    explicit Stand(unsigned seed = 3, double rate = 200.0)
        : bench(&instruments.simulate(simulated::Bench(simulated::engineOf(seed), seed, rate))) {
        QObject::connect(&taker, &live::Taker::troubled, [this](const QString& s) {
            if (!s.isEmpty()) troubles << s;
        });
        QObject::connect(&taker, &live::Taker::tookItself, [this](const app::Echo& e) {
            if (!e.ok)
                refused << e.text;
            else if (!e.text.isEmpty())
                said << e.text;
        });
        // A counter begins wherever it was switched on.
        if (seed % 2) {
            auto encoder = instruments.all()[2]->instrument;
            encoder.counter.zero = 2741.0 * (seed % 4 == 1 ? 1.0 : -1.0);
            instruments.change(2, encoder);
        }
        book::SetEngine engine{truth().engine};
        rig.session->keep(engine);
        at().put(-60.0);
    }
    simulated::Bench& at() { return bench->bench(); }
    const simulated::Truth& truth() { return at().truth(); }
    void wait(double seconds) {
        for (double t = 0.0; t < seconds; t += 0.01) {
            *now += 0.01;
            bench->goOn();
            QCoreApplication::processEvents();
        }
    }
    void turnTo(double deg, double speed = 20.0) {
        at().turn(deg > at().crank_deg() ? speed : -speed);
        while (at().turning() > 0 ? at().crank_deg() < deg : at().crank_deg() > deg)
            wait(0.01);
        at().turn(0.0);
        wait(0.1);
    }
    /// As somebody does it: the crank stands, the dial is taken off and set on, and left in peace.
    void setDial(On on) {
        wait(0.6);
        at().dialOn(on);
        wait(1.5);
    }
    void setDial(Side side) { setDial(side == Side::Intake ? On::Intake : On::Exhaust); }
    /// TDC by one sweep over the top on overlap.
    void findTop() {
        app::TdcDesk tdc(*rig.session, rig.manner());
        taker.setDesk(&tdc);
        at().dialOn(On::Piston);
        for (int sweeps = 0; sweeps < 2; ++sweeps) { // the second proves the first
            turnTo(-50.0);
            turnTo(60.0);
        }
        tdc.take(app::Line{QStringLiteral("overlap")});
        taker.setDesk(nullptr);
    }
};

} // namespace

class TestTaker : public QObject {
    Q_OBJECT
private slots:
    // One sweep: TDC is proved, and the encoder counts from it.
    void tdcByASweep() {
        for (unsigned seed = 1; seed <= 8; ++seed) {
            Stand stand(seed);
            stand.findTop();
            const auto& tdc = stand.rig.session->findings().tdc;
            QVERIFY2(tdc.state == TdcState::Proved, qPrintable(QString::number(seed)));
            QVERIFY2(stand.troubles.isEmpty(), qPrintable(stand.troubles.join(QLatin1Char('\n'))));
            QVERIFY(stand.rig.onDisk().fitted.top == WhichTop::Overlap);
            QVERIFY(stand.rig.onDisk().contacts.front().heard);
            stand.wait(0.3);
            const auto* angle = stand.instruments.of(instrument::Role::Angle);
            const double deg = instrument::degreesOf(angle->instrument, *angle->last->value);
            QVERIFY2(std::abs(deg - stand.at().crank_deg()) < 0.08,
                     qPrintable(QString::number(deg - stand.at().crank_deg())));
        }
    }

    // Both lobes, by one dial that is set from one valve to the next or by two in one turn: the
    // crank is turned, and nothing else; every event against the engine nobody sees.
    void twoLobesTakeThemselves_data() {
        QTest::addColumn<bool>("two");
        QTest::newRow("one dial") << false;
        QTest::newRow("a dial on each valve") << true;
    }
    void twoLobesTakeThemselves() {
        QFETCH(bool, two);
        int within = 0, all = 0;
        for (unsigned seed = 1; seed <= 8; ++seed) {
            Stand stand(seed);
            stand.findTop();
            app::LobesDesk lobes(*stand.rig.session, stand.rig.manner());
            QVERIFY(lobes.take(app::Line{QStringLiteral("step 1")}).ok);
            const Side first = stand.rig.session->side();
            if (!two) stand.instruments.remove(1);
            stand.taker.setDesk(&lobes);
            stand.turnTo(390.0, 60.0);
            stand.at().readAt(lobes.conditions().taken);
            stand.setDial(two ? Side::Intake : first);
            stand.turnTo(390.0 + 720.0);
            if (!two) stand.setDial(first == Side::Intake ? Side::Exhaust : Side::Intake);
            stand.turnTo(390.0 + 1440.0);
            stand.wait(0.5);
            const Job job = stand.rig.onDisk();
            QVERIFY2(job.runs.size() == 2, qPrintable(stand.troubles.join(QLatin1Char('\n'))));
            for (const RunFindings& f : stand.rig.session->findings().runs) {
                const Height h{1.27, Place::Tappet};
                const HeightEvents* e = f.lobe.events(h);
                const QByteArray what =
                    QStringLiteral("seed %1 %2: %3 readings, ")
                        .arg(seed)
                        .arg(QLatin1String(f.side == Side::Intake ? "intake" : "exhaust"))
                        .arg(f.live)
                        .toUtf8();
                QVERIFY2(f.complete && f.live > 200 && f.live < 420, what.constData());
                QVERIFY(e && e->opens && e->closes);
                for (const bool opening : {true, false}) {
                    const double off = (opening ? e->opens : e->closes)->deg -
                                       stand.truth().event(f.side, h, opening);
                    ++all;
                    within += std::abs(off) < 0.1;
                    QVERIFY2(std::abs(off) < 0.2, (what + QByteArray::number(off)).constData());
                }
            }
            for (const LiftRun& run : job.runs) {
                std::set<double> angles;
                for (const Reading& r : run.readings) {
                    QVERIFY(r.heard && !r.heard->raw.empty() && !r.struck);
                    QVERIFY(angles.insert(r.at.deg).second); // each mark once
                }
            }
        }
        qInfo("events within a tenth of a degree: %d of %d", within, all);
        QVERIFY2(within * 10 >= all * 9, qPrintable(QString::number(within)));
    }

    // A dial alone: Enter takes what stands still, or as soon as it does; twice, as it moves.
    void aDialAlone() {
        Stand stand;
        stand.instruments.remove(2);
        app::LobesDesk lobes(*stand.rig.session, stand.rig.manner());
        stand.at().put(20.0);
        stand.at().dialOn(On::Intake);
        stand.wait(0.1);
        stand.taker.setDesk(&lobes);
        const double asked = lobes.angle().deg;
        stand.wait(1.0);
        QVERIFY(stand.taker.gives());
        QCOMPARE(stand.taker.shown({}).closed, 1.0);
        auto echo = stand.taker.take();
        QVERIFY(echo && echo->ok);
        QCOMPARE(stand.rig.onDisk().runs.at(0).readings.size(), std::size_t(1));
        QCOMPARE(stand.rig.onDisk().runs.at(0).readings[0].at.deg, asked);
        // It moves: taken when it stands.
        stand.at().turn(40.0);
        stand.wait(1.0);
        echo = stand.taker.take();
        QVERIFY(echo && echo->ok && stand.taker.shown({}).waiting);
        QCOMPARE(stand.rig.onDisk().runs.at(0).readings.size(), std::size_t(1));
        stand.at().turn(0.0);
        stand.wait(1.0);
        QCOMPARE(stand.rig.onDisk().runs.at(0).readings.size(), std::size_t(2));
        QVERIFY(!stand.rig.onDisk().runs.at(0).readings[1].heard->moving);
        // Pressed twice while it moves: taken, and marked.
        stand.at().turn(40.0);
        stand.wait(0.5);
        QVERIFY(stand.taker.take() && stand.taker.take());
        QVERIFY(stand.rig.onDisk().runs.at(0).readings.back().heard->moving);
        // Esc waits for nothing.
        QVERIFY(stand.taker.take());
        QVERIFY(stand.taker.leave() && !stand.taker.leave());
    }

    // An encoder alone: what is typed belongs to where the crank stands.
    void anEncoderAlone() {
        Stand stand;
        stand.instruments.remove(0);
        stand.instruments.remove(0);
        app::LobesDesk lobes(*stand.rig.session, stand.rig.manner());
        stand.taker.setDesk(&lobes);
        stand.turnTo(lobes.angle().deg + 7.0);
        QVERIFY(!stand.taker.gives());
        const double counted = stand.taker.shown({}).at->deg;
        stand.taker.typing();
        QVERIFY(lobes.take(app::Line{QStringLiteral("0.120")}).ok);
        QVERIFY(std::abs(stand.rig.onDisk().runs.at(0).readings[0].at.deg - counted) < 0.011);
    }

    // Events: the wheel's number is taken when the dial passes the height.
    void eventsTakeThemselves() {
        Stand stand(5);
        stand.findTop();
        app::LobesDesk lobes(*stand.rig.session, stand.rig.manner());
        QVERIFY(lobes.take(app::Line{QStringLiteral("events 1.27 repeat 1 no nose")}).ok);
        const Side side = stand.rig.session->side();
        stand.taker.setDesk(&lobes);
        stand.turnTo(390.0, 60.0);
        stand.at().readAt(lobes.conditions().taken);
        stand.setDial(side);
        stand.turnTo(390.0 + 720.0);
        const Job job = stand.rig.onDisk();
        QCOMPARE(job.runs.size(), std::size_t(1));
        int seen = 0;
        for (const Reading& r : job.runs[0].readings) {
            const bool opens = r.of == ReadingOf::Opens;
            const double truth = stand.truth().event(side, {1.27, lobes.conditions().taken}, opens);
            QVERIFY2(std::abs(wrapTurn({r.at.deg - truth}).deg) < 0.2,
                     qPrintable(QString::number(r.at.deg - truth)));
            ++seen;
        }
        QCOMPARE(seen, 2);
    }

    // A press is the change of the dial while the crank stands.
    void aPressIsAChange() {
        Stand stand(4);
        stand.findTop();
        app::ClearanceDesk clearance(*stand.rig.session, stand.rig.manner());
        stand.taker.setDesk(&clearance);
        stand.at().dialOn(stand.rig.session->side() == Side::Intake ? On::Intake : On::Exhaust);
        stand.at().readAt(Place::Valve);
        stand.turnTo(370.0, 60.0);
        stand.wait(1.0);
        const Side side = stand.rig.session->side();
        stand.at().press(true);
        stand.wait(1.0);
        const auto echo = stand.taker.take();
        QVERIFY2(echo && echo->ok, echo ? qPrintable(echo->text) : "no instrument");
        const Job job = stand.rig.onDisk();
        QCOMPARE(job.maps.size(), std::size_t(1));
        const double truth = stand.truth().clearance(side, stand.at().crank_deg());
        QVERIFY2(std::abs(job.maps[0].readings[0].value_mm - truth) < 0.01,
                 qPrintable(QString::number(job.maps[0].readings[0].value_mm - truth)));
    }

    // The whole pass is one action to take back.
    void aPassIsUndoneAtOnce() {
        Stand stand;
        stand.findTop();
        stand.said.clear();
        app::LobesDesk lobes(*stand.rig.session, stand.rig.manner());
        lobes.take(app::Line{QStringLiteral("step 2")});
        stand.taker.setDesk(&lobes);
        stand.turnTo(390.0, 60.0);
        stand.setDial(stand.rig.session->side());
        stand.turnTo(680.0);
        QTest::qWait(300); // kept together, some times a second
        stand.turnTo(700.0);
        QTest::qWait(300);
        QVERIFY2(stand.said.isEmpty() && stand.refused.isEmpty(),
                 qPrintable(stand.refused.join(QLatin1Char('\n'))));
        const auto taken = stand.rig.onDisk().runs.at(0).readings.size();
        QVERIFY(taken > 5);
        stand.taker.setDesk(nullptr);
        stand.rig.session->undo();
        QCOMPARE(stand.rig.onDisk().runs.at(0).readings.size(), std::size_t(0));
        stand.rig.session->redo();
        QCOMPARE(stand.rig.onDisk().runs.at(0).readings.size(), taken);
        // Taken back while the crank turns on: nothing of the rest is taken without its beginning.
        stand.taker.setDesk(&lobes);
        stand.at().turn(20.0);
        stand.wait(1.0);
        stand.rig.session->undo();
        stand.wait(4.0);
        QTest::qWait(300);
        QCOMPARE(stand.rig.onDisk().runs.at(0).readings.size(), std::size_t(0));
    }

    // Somebody at the crank who does what is asked: from nothing to both lobes, and TDC proved.
    void byItself() {
        Stand stand(6);
        live::Hand hand;
        app::TdcDesk tdc(*stand.rig.session, stand.rig.manner());
        app::LobesDesk lobes(*stand.rig.session, stand.rig.manner());
        lobes.take(app::Line{QStringLiteral("step 2")});
        stand.at().readAt(lobes.conditions().taken);
        app::Desk* desk = &tdc;
        stand.taker.setDesk(desk);
        QObject::connect(stand.bench, &instrument::SimulatedRig::moved,
                         [&] { hand.work(stand.at(), desk->live(), *stand.now); });
        const auto proved = [&] {
            return stand.rig.session->findings().tdc.state == TdcState::Proved;
        };
        for (int i = 0; i < 120 && !proved(); ++i)
            stand.wait(1.0);
        QVERIFY(proved());
        QVERIFY(tdc.take(app::Line{QStringLiteral("overlap")}).ok);
        desk = &lobes;
        stand.taker.setDesk(desk);
        const auto complete = [&] {
            int n = 0;
            for (const RunFindings& f : stand.rig.session->findings().runs)
                n += f.complete;
            return n == 2;
        };
        for (int i = 0; i < 240 && !complete(); ++i)
            stand.wait(1.0);
        QVERIFY2(complete(), qPrintable(stand.troubles.join(QLatin1Char('\n'))));
    }

    // Each thing that can go wrong at a bench has a sentence of its own; what is typed goes on. Of
    // what does no harm, because the mean of many or what is left out takes care of it, nothing is
    // said, and the lobe is right all the same.
    void faultsAreSaid_data() {
        QTest::addColumn<QString>("word"); // of its sentence; empty: none is needed
        QTest::newRow("noise") << "trembles";
        QTest::newRow("steps") << "steps of 0.05 mm";
        QTest::newRow("base") << "did the dial's base slip";
        QTest::newRow("hanging") << "does the follower hang";
        QTest::newRow("wrap") << "jumped by";
        QTest::newRow("pointer") << "jumped by 7";
        QTest::newRow("direction") << "counts backwards";
        QTest::newRow("garbled") << "arrives damaged";
        QTest::newRow("silence") << "says nothing";
        QTest::newRow("unplugged") << "unplugged";
        QTest::newRow("dropped") << "";
        QTest::newRow("backlash") << "";
        QTest::newRow("slack") << "";
        QCOMPARE(simulated::Bench::faults().size(), std::size_t(13));
    }
    void faultsAreSaid() {
        QFETCH(QString, word);
        const QByteArray fault = QTest::currentDataTag();
        Stand stand(3);
        stand.instruments.remove(1);
        if (fault == "direction")
            stand.at().setFault("direction", true); // it never counted otherwise
        else
            stand.findTop();
        app::LobesDesk lobes(*stand.rig.session, stand.rig.manner());
        QVERIFY(lobes.take(app::Line{QStringLiteral("step 1")}).ok);
        const Side side = stand.rig.session->side();
        stand.taker.setDesk(&lobes);
        stand.at().readAt(lobes.conditions().taken);
        stand.turnTo(390.0, 60.0);
        stand.setDial(side);
        if (fault != "direction") stand.troubles.clear();
        stand.turnTo(660.0, 60.0);
        stand.at().setFault(fault.toStdString(), true);
        if (fault == "silence" || fault == "garbled") {
            // Looked after four times a second, by a clock on the wall.
            for (int i = 0; i < 5; ++i) {
                stand.wait(0.5);
                QTest::qWait(300);
            }
        } else if (fault == "noise") {
            stand.wait(3.0);
        }
        // Into the lobe, back a little as hands do, and over it.
        stand.turnTo(780.0);
        stand.turnTo(774.0);
        stand.turnTo(390.0 + 720.0);
        QTest::qWait(300);
        const QByteArray all = stand.troubles.join(QLatin1Char('\n')).toUtf8();
        if (word.isEmpty())
            QVERIFY2(all.isEmpty(), all.constData());
        else
            QVERIFY2(all.contains(word.toUtf8()), all.constData());
        if (word.isEmpty() || fault == "garbled" || fault == "noise") {
            const Height h{1.27, Place::Tappet};
            QCOMPARE(stand.rig.session->findings().runs.size(), std::size_t(1));
            qInfo("%s: %d readings", fault.constData(), stand.rig.session->findings().runs[0].live);
            const HeightEvents* e = stand.rig.session->findings().runs[0].lobe.events(h);
            QVERIFY(e && e->opens && e->closes);
            for (const bool opening : {true, false}) {
                const double off =
                    (opening ? e->opens : e->closes)->deg - stand.truth().event(side, h, opening);
                QVERIFY2(std::abs(off) < 0.2, qPrintable(QString::number(off)));
            }
        }
        QVERIFY(lobes.take(app::Line{QStringLiteral("75a 3.21")}).ok);
    }
    // A tool whose unit changes in the middle: nothing takes itself until somebody says it is
    // meant.
    void theUnitChanges() {
        Stand stand(3);
        stand.instruments.remove(1);
        stand.findTop();
        app::LobesDesk lobes(*stand.rig.session, stand.rig.manner());
        lobes.take(app::Line{QStringLiteral("step 2")});
        stand.taker.setDesk(&lobes);
        stand.turnTo(390.0, 60.0);
        stand.setDial(stand.rig.session->side());
        stand.turnTo(670.0, 60.0);
        stand.troubles.clear();
        instrument::Timed inch{{0.0, instrument::Unit::Inch, false, false, {}, "0.0000 in"},
                               *stand.now};
        emit stand.instruments.heard(*stand.instruments.all()[0], {inch});
        QVERIFY2(stand.troubles.join(QLatin1Char(' ')).contains(QStringLiteral("says inches now")),
                 qPrintable(stand.troubles.join(QLatin1Char('\n'))));
        const auto readings = [&] {
            const auto run = stand.rig.session->run();
            return run ? run->readings.size() : std::size_t(0);
        };
        QTest::qWait(300);
        const std::size_t before = readings();
        stand.turnTo(700.0);
        QTest::qWait(300);
        QCOMPARE(readings(), before);
        // Said to be meant, it goes on: that Enter takes what stands there.
        QVERIFY(stand.taker.take());
        stand.turnTo(760.0);
        QTest::qWait(300);
        QVERIFY(readings() > before + 5);
    }

    // A pedal takes what is live.
    void aPedal() {
        Stand stand;
        stand.instruments.remove(2);
        instrument::Instrument pedal;
        pedal.name = QStringLiteral("pedal");
        pedal.role = instrument::Role::TakeIt;
        pedal.format.way = instrument::Way::Pedal;
        app::LobesDesk lobes(*stand.rig.session, stand.rig.manner());
        stand.at().dialOn(On::Intake);
        stand.taker.setDesk(&lobes);
        stand.wait(1.0);
        const std::size_t before =
            stand.rig.session->run() ? stand.rig.session->run()->readings.size() : 0;
        instrument::Instruments::State trodden;
        trodden.instrument = pedal;
        instrument::Timed down{{{}, instrument::Unit::Said, false, true, {}, "!"}, *stand.now};
        emit stand.instruments.heard(trodden, {down});
        QVERIFY(stand.rig.session->run());
        QCOMPARE(stand.rig.session->run()->readings.size(), before + 1);
    }

    // The encoder's zero is put elsewhere, by a sweep or by hand: nothing slipped, and the crank
    // did not go back.
    void aZeroPutElsewhere() {
        Stand stand(3); // its counter began far off
        stand.findTop();
        app::LobesDesk lobes(*stand.rig.session, stand.rig.manner());
        stand.taker.setDesk(&lobes);
        stand.turnTo(75.0);
        QVERIFY2(!stand.taker.shown({}).doing.contains(QStringLiteral("going back")),
                 qPrintable(stand.taker.shown({}).doing));
        stand.wait(0.5);
        stand.troubles.clear();
        stand.instruments.setAngleZero(10.0);
        stand.wait(0.3);
        stand.turnTo(85.0);
        QVERIFY2(!stand.taker.shown({}).doing.contains(QStringLiteral("going back")),
                 qPrintable(stand.taker.shown({}).doing));
        QVERIFY2(!stand.troubles.join(QLatin1Char(' ')).contains(QStringLiteral("slip")),
                 qPrintable(stand.troubles.join(QLatin1Char('\n'))));
    }

    // What a turn of the crank counts is said wrong: the index mark tells, before a lobe is taken
    // by it.
    void countsThatDoNotFit() {
        Stand stand;
        auto encoder = stand.instruments.all()[2]->instrument;
        encoder.counter.countsPerTurn = 5000.0;
        stand.instruments.change(2, encoder);
        stand.turnTo(stand.at().crank_deg() + 800.0, 200.0);
        QVERIFY2(stand.troubles.join(QLatin1Char(' ')).contains(QStringLiteral("7200")),
                 qPrintable(stand.troubles.join(QLatin1Char('\n'))));
    }

    // With a stop and an encoder alone: Enter takes each side when the crank stands against it. The
    // first pair puts the zero where TDC is, the second proves it.
    void contactsAgainstAStop() {
        Stand stand(2);
        stand.instruments.remove(0);
        stand.instruments.remove(0);
        app::TdcDesk tdc(*stand.rig.session, stand.rig.manner());
        QVERIFY(tdc.take(app::Line{QStringLiteral("stop")}).ok);
        stand.taker.setDesk(&tdc);
        stand.at().put(-90.0);
        stand.at().stop(31.0);
        for (int pass = 0; pass < 2; ++pass)
            for (const double way : {20.0, -40.0}) {
                stand.at().turn(way);
                stand.wait(18.0);
                stand.at().turn(0.0);
                stand.wait(1.0);
                QVERIFY(stand.taker.gives());
                const auto echo = stand.taker.take();
                QVERIFY2(echo && echo->ok, echo ? qPrintable(echo->text) : "");
            }
        const TdcFindings& found = stand.rig.session->findings().tdc;
        QStringList contacts;
        for (const Contact& c : stand.rig.onDisk().contacts)
            contacts << QString::fromStdString(c.typed) + QString::number(c.pass);
        QVERIFY2(found.state == TdcState::Proved, qPrintable(contacts.join(QLatin1Char(' '))));
        QVERIFY2(std::abs(*found.latest()->correction_deg) < 0.06,
                 qPrintable(QString::number(*found.latest()->correction_deg)));
    }

    void silenceIsSaid() {
        Stand stand;
        stand.wait(0.5);
        stand.at().setFault("silence", true);
        stand.wait(0.95);
        QTest::qWait(400); // it is looked after four times a second
        QVERIFY2(stand.troubles.join(QLatin1Char(' ')).contains(QStringLiteral("says nothing")),
                 qPrintable(stand.troubles.join(QLatin1Char('\n'))));
    }
};

AMBER_TEST(TestTaker)

} // namespace test_taker

#include "test_taker.moc"
