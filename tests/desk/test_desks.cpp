// Desks without a window: fed with text as a person, a paste or an instrument would, and read back
// from the book on disk.
#include "book/book.h"
#include "book/files.h"
#include "core/examine/snapshot.h"
#include "core/job/job.h"
#include "core/typed/amount.h"
#include "desk_rig.h"
#include "stations/clearance/clearance_desk.h"
#include "stations/compression/compression_desk.h"
#include "stations/engine/engine_desk.h"
#include "stations/list.h"
#include "stations/lobes/lobes_desk.h"
#include "stations/record/record_desk.h"
#include "stations/set/set_desk.h"
#include "stations/tdc/tdc_desk.h"
#include "stations/timing/timing_desk.h"
#include "support/program.h"

#include <QSemaphore>
#include <QSignalSpy>
#include <QTemporaryDir>
#include <QTest>
#include <QThread>

namespace test_desks {

using namespace lobe;
using app::Echo;

using desk_rig::Rig;

class TestDesks : public QObject {
    Q_OBJECT

private slots:
    // A job that takes long is worked out behind: Enter is answered from the book, the job at hand
    // has what was typed at once and nothing is found of it yet; what comes is of that job, or not
    // shown.
    void whatTakesLongIsWorkedOutBehind() {
        Rig rig;
        rig.waits = false;
        auto& session = *rig.session;
        const auto first = session.job().id;
        QVERIFY(session.newJob(QStringLiteral("another")));
        const auto second = session.job().id;
        // None is through before it is let through.
        QSemaphore gate;
        session.setExaminer(
            [&gate](Job job, const SnapshotPtr& before) {
                gate.acquire();
                QThread::msleep(30); // longer than is done at once
                return examined(std::move(job), before);
            },
            true);
        app::TdcDesk tdc(session, rig.manner());
        QVERIFY(tdc.take(app::Line{QStringLiteral("31b")}).ok);
        QCOMPARE(rig.onDisk().contacts.size(), std::size_t(1));
        QVERIFY(session.snapshot()->pending);
        QCOMPARE(session.job().contacts.size(), std::size_t(1));
        QVERIFY(session.findings().tdc.passes.empty());
        // What is typed meanwhile is understood by all of it: the same pass goes on.
        gate.release();
        QVERIFY(tdc.take(app::Line{QStringLiteral("29a")}).ok);
        QCOMPARE(session.job().contacts.size(), std::size_t(2));
        QVERIFY(session.snapshot()->pending);
        QSignalSpy changed(&session, &app::Session::changed);
        gate.release();
        QTRY_VERIFY_WITH_TIMEOUT(!session.snapshot()->pending, 20000);
        QVERIFY(!changed.isEmpty());
        QCOMPARE(session.job().contacts.size(), std::size_t(2));
        QVERIFY(session.findings().tdc.latest());
        // Another job is opened while this one is under way: nothing of it is shown any more.
        QVERIFY(tdc.take(app::Line{QStringLiteral("31b")}).ok);
        QVERIFY(session.snapshot()->pending);
        QVERIFY(session.openJob(first));
        QVERIFY(session.snapshot()->pending);
        bool others = false;
        connect(&session, &app::Session::changed, this, [&] {
            others = others || session.job().id != first || !session.findings().tdc.passes.empty();
        });
        gate.release(2);
        QTRY_VERIFY_WITH_TIMEOUT(!session.snapshot()->pending, 20000);
        QCOMPARE(session.job().id, first);
        QVERIFY(!others);
        disconnect(&session, &app::Session::changed, this, nullptr);
        gate.release();
        QVERIFY(session.openJob(second));
        QTRY_VERIFY_WITH_TIMEOUT(!session.snapshot()->pending, 20000);
        QCOMPARE(session.job().contacts.size(), std::size_t(3));
        // One that is gone while it is worked out is let go.
        QVERIFY(tdc.take(app::Line{QStringLiteral("29a")}).ok);
        gate.release();
    }

    // Half a cycle from where it belongs neither turn is right: turned on again and again, the
    // shift stays an angle of the cycle, and what is on disk is what is shown.
    void turnedOnAgainAndAgain() {
        Rig rig;
        auto& session = *rig.session;
        QVERIFY(session.openJob(std::get<std::int64_t>(
            book::importJobFolder(session.book(), QStringLiteral(DEMO_DIR "/skerry-four")))));
        const LiftRun run = *session.run(1, Side::Intake);
        int turned = 0;
        for (const double off : {90.0, 150.0, 180.0, 200.0, 250.0}) {
            LiftRun far = run;
            far.readings = {};
            for (Reading r : run.readings) {
                r.at.deg += off;
                far.readings.push_back(r);
            }
            far.terms.from.deg += off;
            far.terms.to.deg += off;
            QVERIFY(session.keep(book::AddSeries{far}));
            app::LobesDesk lobes(session, rig.manner());
            for (int i = 0; i < 8; ++i)
                turned += lobes.take(app::Letter{QLatin1Char('t')}).ok;
            QVERIFY(std::abs(session.run(1, Side::Intake)->terms.shift_deg) <= 360.0);
            QVERIFY(rig.onDisk() == session.job());
        }
        QVERIFY2(turned >= 8, qPrintable(QString::number(turned)));
    }

    // What an instrument measures goes in as it is, by the same door as what is typed: no text is
    // made of it, whatever unit is shown.
    void anInstrumentsReadingIsTakenAsItIs() {
        using Of = app::InstrumentReading;
        Rig rig;
        rig.inches = true;
        app::TdcDesk tdc(*rig.session, rig.manner());
        QVERIFY(!tdc.take(Of{8.5, Of::Unit::Millimetre, {}, QStringLiteral("dial")}).ok);
        QVERIFY(tdc.take(Of{-31.04, Of::Unit::Degree, {}, QStringLiteral("encoder")}).ok);
        QVERIFY(tdc.take(Of{26.54, Of::Unit::Degree, {}, QStringLiteral("encoder")}).ok);
        QVERIFY(std::abs(*rig.session->findings().tdc.latest()->correction_deg + 2.25) < 1e-9);

        app::LobesDesk lobes(*rig.session, rig.manner());
        const double asked = lobes.angle().deg;
        // A millimetre that is no round number of inches, where the line asks, and where it
        // counted.
        QVERIFY(lobes.take(Of{0.0137, Of::Unit::Millimetre, {}, QStringLiteral("dial")}).ok);
        QVERIFY(lobes.angle().deg > asked);
        QVERIFY(lobes.take(Of{7.123, Of::Unit::Millimetre, 90.25, QStringLiteral("dial")}).ok);
        QVERIFY(lobes.take(app::Line{QStringLiteral("0.2795")}).ok);
        QVERIFY(lobes.take(app::Strike{}).ok);
        auto readings = rig.onDisk().runs.back().readings;
        QCOMPARE(readings.size(), std::size_t(3));
        QCOMPARE(readings[0].at.deg, asked);
        QCOMPARE(readings[0].value_mm, 0.0137);
        QCOMPARE(readings[1].at.deg, 90.25);
        QCOMPARE(readings[1].value_mm, 7.123);
        QCOMPARE(readings[1].heard->instrument, std::string("dial"));
        QVERIFY(!readings[2].heard);
        QVERIFY(std::abs(readings[2].value_mm - 0.2795 * 25.4) < 1e-9);
        QVERIFY(readings[2].struck.has_value());
        // An angle alone leads there; what no lobe does is refused.
        QVERIFY(lobes.take(Of{101.5, Of::Unit::Degree, {}, {}}).ok);
        QCOMPARE(lobes.angle().deg, 101.5);
        QVERIFY(!lobes.take(Of{700.0, Of::Unit::Millimetre, {}, {}}).ok);
        QVERIFY(!lobes.take(Of{std::nan(""), Of::Unit::Millimetre, {}, {}}).ok);
        // Of events it is the angle that is measured.
        lobes.takeEvents(true, false);
        QVERIFY(!lobes.take(Of{1.27, Of::Unit::Millimetre, {}, {}}).ok);
        QVERIFY(lobes.take(Of{-12.25, Of::Unit::Degree, {}, QStringLiteral("encoder")}).ok);
        QCOMPARE(rig.onDisk().runs.back().readings.back().at.deg, -12.25);
        QVERIFY(rig.onDisk().runs.back().readings.back().of == ReadingOf::Opens);

        app::ClearanceDesk clearance(*rig.session, rig.manner());
        clearance.follow();
        // While a fact is asked, a dial that is read answers nothing.
        QVERIFY(clearance.sheet().field());
        QVERIFY(!clearance.take(Of{1.83, Of::Unit::Millimetre, {}, {}}).ok);
        QVERIFY(clearance.take(app::Leave{}).ok);
        const double press = clearance.angle().deg;
        QVERIFY(clearance.take(Of{1.833, Of::Unit::Millimetre, {}, {}}).ok);
        QVERIFY(clearance.take(Of{1.7, Of::Unit::Millimetre, 368.0, {}}).ok);
        QVERIFY(!clearance.take(Of{1.7, Of::Unit::Millimetre, 100.0, {}}).ok);
        const auto presses = rig.onDisk().maps.back().readings;
        QCOMPARE(presses.size(), std::size_t(2));
        QCOMPARE(presses[0].at.deg, press);
        QCOMPARE(presses[0].value_mm, 1.833);
        QCOMPARE(presses[1].at.deg, 8.0);

        app::TimingDesk timing(*rig.session, rig.manner());
        const app::Echo none = timing.take(Of{1.0, Of::Unit::Millimetre, {}, {}});
        QVERIFY(!none.ok && !none.text.isEmpty());
    }

    // What was asked of one job is not answered with the next one's: at every desk, with a fact
    // asked and half of the volumes given.
    void aQuestionStaysWithItsJob() {
        Rig rig;
        Engine e = rig.session->job().engine;
        e.bore_mm = 80.0, e.stroke_mm = 80.0, e.rod_mm = 140.0;
        QVERIFY(rig.session->keep(book::SetEngine{e}));
        app::TdcDesk tdc(*rig.session, rig.manner());
        app::LobesDesk lobes(*rig.session, rig.manner());
        app::SetDesk set(*rig.session, rig.manner());
        app::ClearanceDesk clearance(*rig.session, rig.manner());
        app::CompressionDesk compression(*rig.session, rig.manner());
        const QList<app::Desk*> desks{&tdc, &lobes, &set, &clearance, &compression};
        compression.follow();
        QVERIFY(compression.submit(QStringLiteral("42")).ok);
        const QString asked = compression.prompt().ask;
        QVERIFY2(asked.contains(QStringLiteral("asket")), qPrintable(asked));
        for (app::Desk* desk : desks)
            if (desk != &compression) desk->step(1);
        QVERIFY(rig.session->newJob(QStringLiteral("Marram 650")));
        for (app::Desk* desk : desks) {
            app::Desk& d = *desk;
            // As the window does when it shows one.
            d.follow();
        }
        app::CompressionDesk fresh(*rig.session, rig.manner());
        fresh.follow();
        QCOMPARE(compression.prompt().ask, fresh.prompt().ask);
        app::ClearanceDesk pressed(*rig.session, rig.manner());
        pressed.follow();
        QCOMPARE(clearance.prompt().ask, pressed.prompt().ask);
        QCOMPARE(tdc.prompt().ask, app::TdcDesk(*rig.session, rig.manner()).prompt().ask);
        QCOMPARE(lobes.prompt().ask, app::LobesDesk(*rig.session, rig.manner()).prompt().ask);
        QCOMPARE(set.prompt().ask, app::SetDesk(*rig.session, rig.manner()).prompt().ask);
        // The bore is what the line asks now, and what it keeps.
        QVERIFY(compression.submit(QStringLiteral("70")).ok);
        QCOMPARE(rig.onDisk().engine.bore_mm, 70.0);
    }

    // 31 before and 26.5 after the wheel's zero: the pointer is off by (26.5 - 31) / 2, the top
    // 28.75 from either contact. Counted by hand.
    void contactsFindTheTop() {
        Rig rig;
        app::TdcDesk desk(*rig.session, rig.manner());
        QVERIFY(desk.prompt().ask.contains(QStringLiteral("wheel")));
        QVERIFY(desk.submit(QStringLiteral("31b")).ok);
        QVERIFY(desk.verdict().contains(QStringLiteral("other side")));
        QVERIFY(desk.submit(QStringLiteral("26.5a")).ok);
        const TdcPass& pass = *rig.session->findings().tdc.latest();
        QCOMPARE(*pass.correction_deg, -2.25);
        QCOMPARE(*pass.halfSpan_deg, 28.75);
        QVERIFY(desk.verdict().contains(QStringLiteral("2.25°")));
        QCOMPARE(desk.standCard().big, QStringLiteral("2.25°"));
        QVERIFY(desk.explanation().contains(QStringLiteral("28.75°")));
        // The ring shows that pass, and keeps what it is of.
        QVERIFY(desk.ringScene().pass);
        const Job kept = rig.onDisk();
        QCOMPARE(kept.contacts.size(), std::size_t(2));
        QCOMPARE(kept.contacts[0].at.deg, -31.0);
        QCOMPARE(kept.contacts[1].at.deg, 26.5);
        desk.strikeLast();
        QVERIFY(rig.onDisk().contacts[1].struck.has_value());
    }

    void whatIsNoReadingKeepsNothing() {
        Rig rig;
        app::TdcDesk desk(*rig.session, rig.manner());
        const Echo echo = desk.understand(QStringLiteral("stops"));
        QVERIFY(!echo.ok && !echo.text.isEmpty());
        QVERIFY(!desk.submit(QStringLiteral("stops")).ok);
        QVERIFY(!desk.submit(QStringLiteral("drop 0")).ok);
        QVERIFY(rig.onDisk().contacts.empty());
    }

    // A second pass that agrees proves it; then the desk asks which top it is, and goes on.
    void whenItIsProvedItAsksWhichTop() {
        Rig rig;
        app::TdcDesk desk(*rig.session, rig.manner());
        QList<const stations::Station*> onward;
        connect(&desk, &app::Desk::stationWanted, this,
                [&](const stations::Station* to) { onward << to; });
        for (const char* typed : {"29b", "29a", "29b", "29a"})
            QVERIFY(desk.submit(QString::fromLatin1(typed)).ok);
        QVERIFY(desk.sheet().field());
        QVERIFY(desk.prompt().ask.contains(QStringLiteral("overlap or firing")));
        QVERIFY(desk.commands().isEmpty());
        QVERIFY(desk.submit(QStringLiteral("overlap")).ok);
        QVERIFY(rig.onDisk().fitted.top == WhichTop::Overlap);
        QVERIFY(!desk.sheet().field());
        QVERIFY(desk.submit(QString()).ok);
        QCOMPARE(onward.count(), 1);
        QCOMPARE(onward[0], &stations::lobes);
    }

    // A proof is not taken away by a number that may have been meant for a question among the
    // facts.
    void aProvedTopIsNotLostUnasked() {
        Rig rig;
        app::TdcDesk desk(*rig.session, rig.manner());
        for (const char* typed : {"29b", "29a", "29b", "29a"})
            QVERIFY(desk.submit(QString::fromLatin1(typed)).ok);
        desk.submit(QStringLiteral("overlap"));
        const Echo echo = desk.submit(QStringLiteral("2.5b"));
        QVERIFY(!echo.ok && echo.text.contains(QStringLiteral("proved")));
        QCOMPARE(rig.onDisk().contacts.size(), std::size_t(4));
        QVERIFY(rig.session->findings().tdc.state == TdcState::Proved);
        // Let be, it is asked about again; said twice, it is meant.
        desk.leave();
        QVERIFY(!desk.submit(QStringLiteral("2.5b")).ok);
        QVERIFY(desk.submit(QStringLiteral("2.5b")).ok);
        QCOMPARE(rig.onDisk().contacts.size(), std::size_t(5));
    }

    // What was really moved is kept as it was made, whatever the drive's steps: 3.2 on a wheel
    // whose teeth are 17.14 apart. The keyway fitted is where the next is counted from.
    void aRealMoveIsKeptAsItWasMade() {
        Rig rig;
        Engine e;
        e.drive.teeth = 42;
        e.drive.crankKeyways_deg = {-3.0};
        QVERIFY(rig.session->keep(book::SetEngine{e}));
        app::SetDesk desk(*rig.session, rig.manner());
        desk.follow();
        QVERIFY(!desk.submit(QStringLiteral("made 0")).ok);
        QVERIFY(!desk.submit(QStringLiteral("made 500")).ok);
        QVERIFY(desk.submit(QStringLiteral("made 3.2, one dot on")).ok);
        QCOMPARE(rig.onDisk().changes.back().made.intake->total_deg, 3.2);
        QCOMPARE(rig.onDisk().changes.back().marks, std::string("one dot on"));
        QCOMPARE(rig.onDisk().changes.back().made.intake->changes(), 0);
        // Just what the drive does: then its parts are known.
        QVERIFY(desk.submit(QStringLiteral("made -3")).ok);
        QCOMPARE(rig.onDisk().changes.back().made.intake->crankKeyway_deg, -3.0);
        QCOMPARE(desk.fitted(Side::Intake).crankKeyway_deg, -3.0);
        // From there no further three, but the way back.
        QVERIFY(desk.submit(QStringLiteral("made 3")).ok);
        QCOMPARE(rig.onDisk().changes.back().made.intake->crankKeyway_deg, 3.0);
        QCOMPARE(desk.fitted(Side::Intake).crankKeyway_deg, 0.0);
        // A number something is counted in belongs to the marks, and needs a choice.
        QVERIFY(!desk.submit(QStringLiteral("made 2 dots on")).ok);
    }

    // A chamber alone is no ratio: gasket, deck and crown are asked with it, and until the gasket
    // is said the ratio is "without". 600.3 cc swept over 42 + 0 is 15.29 by hand.
    void volumesAreAskedInOrder() {
        Rig rig;
        Engine e;
        e.bore_mm = 90.0;
        e.stroke_mm = 94.36;
        e.rod_mm = 150.0;
        QVERIFY(rig.session->keep(book::SetEngine{e}));
        app::CompressionDesk desk(*rig.session, rig.manner());
        desk.follow();
        QVERIFY(desk.submit(QStringLiteral("42")).ok);
        QVERIFY(desk.verdict().contains(QStringLiteral("without gasket and deck")));
        const auto& claim = rig.session->findings().squeeze;
        QVERIFY(claim && claim->withoutGasket && claim->withoutDeck && !claim->dynamicRatio);
        QVERIFY(std::abs(claim->staticRatio - 15.29) < 0.02);
        QStringList asked;
        for (const char* typed : {"92", "1.2", "0.3", "8"}) {
            QVERIFY(desk.sheet().field());
            asked << desk.sheet().field()->name;
            QVERIFY(desk.submit(QString::fromLatin1(typed)).ok);
        }
        QVERIFY(asked[0].startsWith(QStringLiteral("Gasket bore")));
        QVERIFY(asked[1].startsWith(QStringLiteral("Gasket")));
        QVERIFY(asked[2].startsWith(QStringLiteral("Deck")));
        QVERIFY(asked[3].startsWith(QStringLiteral("Crown")));
        QVERIFY(!desk.sheet().field()); // and then the slide
        QVERIFY(rig.session->findings().squeeze->whole());
        QVERIFY(!desk.verdict().contains(QStringLiteral("without")));
        // Nothing to keep while the dynamic ratio is not known.
        QVERIFY(!desk.command(QLatin1Char('k')).ok);
    }

    // In an inch job a bare float is in inches, whoever reads it later: 0.010 between 0.004 and
    // 0.012.
    void bareInchesOfTheRecord() {
        Rig rig;
        rig.inches = true;
        app::RecordDesk desk(*rig.session, rig.manner());
        QVERIFY(desk.submit(QStringLiteral("float cam")).ok);
        QVERIFY(desk.submit(QStringLiteral("0.010")).ok);
        QVERIFY(desk.submit(QStringLiteral("0.004")).ok);
        QVERIFY(desk.submit(QStringLiteral("12")).ok); // thousandths
        const LogEntry e = rig.onDisk().log.back();
        const std::string *is = e.detail("measured"), *most = e.detail("most");
        QVERIFY(is && most);
        QCOMPARE(QString::fromStdString(*is), QStringLiteral("0.010 in"));
        QCOMPARE(QString::fromStdString(*most), QStringLiteral("12 th"));
        QCOMPARE(withinLimits(e), std::optional(true));
    }

    void anotherMethodIsOfTheContactsToCome() {
        Rig rig;
        app::TdcDesk desk(*rig.session, rig.manner());
        QSignalSpy asked(&desk, &app::Desk::promptChanged);
        desk.setMethod(TdcMethod::EqualDrop);
        QVERIFY(asked.count() > 0);
        QVERIFY(desk.submit(QStringLiteral("drop 3")).ok);
        QVERIFY(desk.submit(QStringLiteral("40b")).ok);
        const Job kept = rig.onDisk();
        QVERIFY(kept.contacts[0].method == TdcMethod::EqualDrop);
        QCOMPARE(*kept.contacts[0].drop_mm, 3.0);
    }

    // Enter keeps a fact and asks the next; what cannot be is refused and keeps nothing.
    void factsAreAskedInARow() {
        Rig rig;
        app::EngineDesk desk(*rig.session, rig.manner());
        const QString first = desk.prompt().ask;
        QVERIFY(desk.submit(QStringLiteral("Skerry Four")).ok);
        QVERIFY(desk.prompt().ask != first);
        QVERIFY(desk.submit(QStringLiteral("4")).ok);
        QVERIFY(!desk.submit(QStringLiteral("9000")).ok); // a bore of nine metres
        QCOMPARE(rig.onDisk().engine.bore_mm, 0.0);
        QVERIFY(desk.submit(QStringLiteral("90x78")).ok);
        const Engine e = rig.onDisk().engine;
        QCOMPARE(e.bore_mm, 90.0);
        QCOMPARE(e.stroke_mm, 78.0);
        // Up goes back to what was asked before.
        const int here = desk.sheet().at();
        QVERIFY(desk.step(-1));
        QCOMPARE(desk.sheet().at(), here - 1);
        // Esc leaves it where it is: something is always asked.
        desk.leave();
        QCOMPARE(desk.sheet().at(), here - 1);
        desk.askCard();
        QVERIFY(desk.prompt().keys.contains(QStringLiteral("Ctrl+2")));
    }

    // A height typed is added in its place; typed again, it is dropped.
    void checkingHeightsComeAndGo() {
        Rig rig;
        app::TimingDesk desk(*rig.session, rig.manner());
        QList<const stations::Station*> onward;
        connect(&desk, &app::Desk::stationWanted, this,
                [&](const stations::Station* to) { onward << to; });
        QVERIFY(desk.understand(QStringLiteral("1.27")).text.startsWith(QStringLiteral("adds")));
        QVERIFY(desk.submit(QStringLiteral("1.27")).ok);
        const auto heights = rig.onDisk().reckoning.heights;
        QCOMPARE(heights.size(), std::size_t(6));
        QCOMPARE(heights[3].mm, 1.27);
        QVERIFY(desk.submit(QStringLiteral("1.27")).ok);
        QCOMPARE(rig.onDisk().reckoning.heights.size(), std::size_t(5));
        // Above every lobe: a slip of the decimal point.
        QVERIFY(!desk.submit(QStringLiteral("12.7")).ok);
        QVERIFY(desk.submit(QStringLiteral("smooth")).ok);
        QVERIFY(!rig.onDisk().reckoning.smoothing);
        // Nothing is measured yet: Enter leads to where it is.
        QVERIFY(desk.verdict().contains(QStringLiteral("No lobe of cylinder 1")));
        QVERIFY(desk.submit(QString()).ok);
        QCOMPARE(onward[0], &stations::lobes);
    }

    // 3 1/2 inches are 88.9 mm.
    void inchesAreTheUsers() {
        Rig rig;
        rig.inches = true;
        app::EngineDesk desk(*rig.session, rig.manner());
        desk.moveTo(3);
        QVERIFY(desk.submit(QStringLiteral("3.5")).ok);
        QCOMPARE(rig.onDisk().engine.bore_mm, 88.9);
        QVERIFY(desk.standCard().caption.size() > 0);
    }

    // Only the lift is typed; the angle steps by itself, and what was typed last is struck by one
    // key.
    void liftsStepTheAngle() {
        Rig rig;
        app::LobesDesk desk(*rig.session, rig.manner());
        const double first = desk.angle().deg;
        const double step = desk.conditions().step_deg;
        QCOMPARE(desk.turnTo().caption, QStringLiteral("turn to"));
        QVERIFY(desk.lastReading().isEmpty());
        QVERIFY(desk.submit(QStringLiteral("0.01")).ok);
        QVERIFY(desk.submit(QStringLiteral("0.02")).ok);
        QCOMPARE(desk.angle().deg, first + 2.0 * step);
        QVERIFY(!desk.submit(QStringLiteral("0.0x")).ok);
        Job kept = rig.onDisk();
        QCOMPARE(kept.runs.size(), std::size_t(1));
        QCOMPARE(kept.runs[0].readings.size(), std::size_t(2));
        QCOMPARE(kept.runs[0].readings[1].at.deg, first + step);
        QCOMPARE(kept.runs[0].readings[1].value_mm, 0.02);
        desk.strikeLast();
        QCOMPARE(desk.angle().deg, first + step);
        QVERIFY(rig.onDisk().runs[0].readings[1].struck.has_value());
        QVERIFY(desk.lastReading().contains(QStringLiteral("struck")));
        // Down goes on without a reading; an angle typed is gone to, and its lift may follow.
        QVERIFY(desk.step(1));
        QCOMPARE(desk.angle().deg, first + 2.0 * step);
        QVERIFY(desk.submit(QStringLiteral("75a 5.1")).ok);
        QCOMPARE(rig.onDisk().runs[0].readings.back().at.deg, 75.0);
    }

    // Where one went, not only where the run had come to: what another window logged there while
    // a lift was typed is asked about once.
    void anotherWindowLogsWhereOneWent() {
        Rig rig;
        app::LobesDesk desk(*rig.session, rig.manner());
        QVERIFY(desk.submit(QStringLiteral("0.01")).ok);
        desk.goTo({90.0});
        desk.typing(true);
        auto opened = book::Book::open(rig.path);
        auto other = std::get<std::unique_ptr<book::Book>>(std::move(opened));
        Reading r;
        r.at = {90.0};
        r.value_mm = 5.0;
        const Job& job = rig.session->job();
        QVERIFY(std::holds_alternative<book::Made>(
            other->record(job.id, book::AddReading{job.runs[0].id, r, {}})));
        rig.session->lookForChanges();
        const Echo asked = desk.take(app::Line{QStringLiteral("5.1")});
        QVERIFY(!asked.ok);
        QVERIFY2(asked.text.contains(QStringLiteral("5.0")), qPrintable(asked.text));
        QVERIFY(desk.take(app::Line{QStringLiteral("5.1")}).ok);
        const Job kept = rig.onDisk();
        QCOMPARE(kept.runs[0].readings.back().value_mm, 5.1);
        QVERIFY(kept.runs[0].readings[1].struck.has_value());
    }

    void aReadingIsStruckWithItsReason() {
        Rig rig;
        app::LobesDesk desk(*rig.session, rig.manner());
        QVERIFY(desk.submit(QStringLiteral("0.01")).ok);
        const auto id = rig.session->run()->readings[0].id;
        desk.askToStrike(id);
        QVERIFY(desk.prompt().ask.startsWith(QStringLiteral("why strike")));
        QVERIFY(desk.commands().isEmpty());
        desk.leave();
        QVERIFY(!desk.prompt().ask.startsWith(QStringLiteral("why strike")));
        desk.askToStrike(id);
        QVERIFY(desk.submit(QStringLiteral("bumped the stand")).ok);
        QCOMPARE(rig.onDisk().runs[0].readings[0].struck->reason, std::string("bumped the stand"));
    }

    void backingUpIsMarked() {
        Rig rig;
        app::LobesDesk desk(*rig.session, rig.manner());
        QVERIFY(desk.command(QLatin1Char('b')).ok);
        QVERIFY(desk.direction().startsWith(QStringLiteral("Backing up")));
        QVERIFY(desk.submit(QStringLiteral("0.01")).ok);
        QVERIFY(rig.onDisk().runs[0].readings[0].approach == Approach::BackingUp);
        desk.leave();
        QVERIFY(desk.submit(QStringLiteral("0.01")).ok);
        QVERIFY(rig.onDisk().runs[0].readings[1].approach == Approach::Forward);
    }

    // "events" asks for events, from low to high; the card at the stand names the one to read.
    void eventsAreAskedByName() {
        Rig rig;
        app::LobesDesk desk(*rig.session, rig.manner());
        QVERIFY(desk.submit(QStringLiteral("events")).ok);
        QCOMPARE(desk.standCard().big, QStringLiteral("opens"));
        QVERIFY(desk.standCard().bigNote.startsWith(QStringLiteral("at ")));
        QVERIFY(desk.submit(QStringLiteral("12b")).ok);
        const Reading r = rig.onDisk().runs.back().readings[0];
        QVERIFY(r.of == ReadingOf::Opens);
        QCOMPARE(r.at.deg, -12.0);
        // The conditions are asked in a row and leave the readings as they are.
        desk.askConditions(true);
        QVERIFY(desk.sheet().field());
        desk.leave();
        QVERIFY(!desk.sheet().field());
    }

    // A what-if moves the slide; "made" keeps it with the marks left, and the slide begins anew.
    void aChangeIsKeptWithItsMarks() {
        Rig rig;
        app::SetDesk desk(*rig.session, rig.manner());
        desk.follow();
        QSignalSpy slid(&desk, &app::SetDesk::slid);
        QVERIFY(!desk.submit(QStringLiteral("made")).ok); // nothing is moved
        QVERIFY(!desk.submit(QStringLiteral("19")).ok);   // past the end of the slide
        QVERIFY(desk.submit(QStringLiteral("2.5")).ok);
        QCOMPARE(slid.count(), 1);
        QCOMPARE(desk.advance_deg(Side::Intake), 2.5);
        QCOMPARE(desk.standCard().big, QStringLiteral("2.5°"));
        QCOMPARE(desk.standCard().bigNote, QStringLiteral("earlier"));
        QVERIFY(rig.onDisk().changes.empty());
        QVERIFY(desk.submit(QStringLiteral("made paint on tooth 3")).ok);
        desk.follow();
        QCOMPARE(desk.advance_deg(Side::Intake), 0.0);
        QVERIFY(desk.pane() == app::SetDesk::Pane::History);
        QVERIFY(desk.submit(QStringLiteral("note chain was slack")).ok);
        const Job kept = rig.onDisk();
        QCOMPARE(kept.changes.size(), std::size_t(1));
        QCOMPARE(kept.changes[0].marks, std::string("paint on tooth 3"));
        QCOMPARE(kept.changes[0].note, std::string("chain was slack"));
        QCOMPARE(kept.changes[0].made.intake->total_deg, 2.5);
        QVERIFY(desk.history().contains(QStringLiteral("paint on tooth 3")));
    }

    // Two cams slide apart, or together as far as each can.
    void twoCamsSlideTogether() {
        Rig rig;
        Engine e = rig.session->job().engine;
        e.layout = Layout::TwinOverheadCam;
        QVERIFY(rig.session->keep(book::SetEngine{e}));
        app::SetDesk desk(*rig.session, rig.manner());
        desk.follow();
        desk.slideTo(Side::Intake, 3.0);
        QCOMPARE(desk.advance_deg(Side::Exhaust), 0.0);
        QVERIFY(desk.command(QLatin1Char('t')).ok);
        desk.slideTo(Side::Intake, 5.0);
        QCOMPARE(desk.advance_deg(Side::Exhaust), 2.0);
        desk.slideTo(Side::Exhaust, -20.0);
        QCOMPARE(desk.advance_deg(Side::Exhaust), -15.0);
        QCOMPARE(desk.advance_deg(Side::Intake), -12.0);
        // Without marks, step by step, in words.
        QVERIFY(desk.command(QLatin1Char('w')).ok);
        QVERIFY(desk.guideText().contains(QStringLiteral("<b>1.")));
        QVERIFY(desk.submit(QString()).ok);
        QVERIFY(desk.guideText().contains(QStringLiteral("<b>2.")));
        QCOMPARE(desk.standCard().big, QStringLiteral("2"));
    }

    // Bore 90, stroke 78: 496.22 cc swept; over a chamber of 45 cc alone (496.22 + 45) / 45
    // = 12.03.
    void whatIsMissingIsAsked() {
        Rig rig;
        app::CompressionDesk desk(*rig.session, rig.manner());
        for (const char* typed : {"90", "78", "140", "45"}) {
            desk.follow();
            QVERIFY(desk.sheet().field());
            QVERIFY2(desk.submit(QString::fromLatin1(typed)).ok, typed);
        }
        // What belongs to the chamber is asked behind it; left, the slide is there.
        QVERIFY(desk.sheet().field());
        desk.leave();
        desk.follow();
        QVERIFY(!desk.sheet().field());
        const Engine e = rig.onDisk().engine;
        QCOMPARE(e.bore_mm, 90.0);
        QCOMPARE(e.stroke_mm, 78.0);
        QCOMPARE(e.rod_mm, 140.0);
        QVERIFY2(desk.verdict().startsWith(QStringLiteral("Static 12.03 : 1 without gasket")),
                 qPrintable(desk.verdict()));
        QVERIFY(desk.submit(QStringLiteral("3")).ok);
        QCOMPARE(desk.advance_deg(), 3.0);
        QVERIFY(!desk.submit(QStringLiteral("reach 40")).ok);
        QVERIFY(desk.submit(QStringLiteral("reach 8.5")).ok);
        QCOMPARE(rig.onDisk().trial.wantedDynamic, 8.5);
        // With a closing of one's own the dynamic ratio is known, and may be kept.
        QVERIFY(!desk.command(QLatin1Char('k')).ok);
        Card card;
        card.centre.intake = 107.0;
        card.advertisedDuration.intake = 270.0;
        QVERIFY(rig.session->keep(book::SetCards{card}));
        Stated maker = rig.session->job();
        maker.reckoning.closing = ClosingSchool::SeatMaker;
        QVERIFY(rig.session->keep(book::SetStated{maker}));
        QVERIFY(desk.command(QLatin1Char('k')).ok);
        QVERIFY(rig.onDisk().trial.kept.has_value());
        QVERIFY(desk.command(QLatin1Char('k')).ok);
        QVERIFY(!rig.onDisk().trial.kept.has_value());
    }

    // The mock-up is asked once, before the first press; then an angle stands until two presses
    // agree. Everything is on disk when the line clears.
    void pressesAtAnAngleUntilTwoAgree() {
        Rig rig;
        app::ClearanceDesk desk(*rig.session, rig.manner());
        rig.session->select(1, Side::Exhaust);
        desk.follow();
        QVERIFY(desk.sheet().field());
        QVERIFY(desk.submit(QStringLiteral("left out")).ok);
        Job kept = rig.onDisk();
        QCOMPARE(kept.maps.size(), std::size_t(1));
        QVERIFY(!kept.maps[0].terms.gasketIn);
        QVERIFY(kept.maps[0].side == Side::Exhaust);
        desk.leave();
        desk.follow();
        QVERIFY(!desk.sheet().field());
        QVERIFY(desk.prompt().ask.startsWith(QStringLiteral("clearance at 20")));
        QVERIFY(!desk.submit(QStringLiteral("-0.4")).ok);
        QVERIFY(!desk.submit(QStringLiteral("26")).ok);
        QVERIFY(!desk.submit(QStringLiteral("90a 2.1")).ok);
        QVERIFY(rig.onDisk().maps[0].readings.empty());
        QVERIFY(desk.submit(QStringLiteral("3.10")).ok);
        QCOMPARE(desk.angle().deg, -20.0);
        QVERIFY(desk.submit(QStringLiteral("3.12")).ok);
        QCOMPARE(desk.angle().deg, -18.0);
        QVERIFY(desk.submit(QStringLiteral("10b 2.31")).ok);
        kept = rig.onDisk();
        QCOMPARE(kept.maps[0].readings.size(), std::size_t(3));
        QCOMPARE(kept.maps[0].readings[2].at.deg, -10.0);
        QCOMPARE(kept.maps[0].readings[2].value_mm, 2.31);
        desk.strikeLast();
        QVERIFY(rig.onDisk().maps[0].readings[2].struck.has_value());
        QCOMPARE(desk.angle().deg, -10.0);
        // Undone and done again, it is as it was.
        rig.session->undo();
        QVERIFY(!rig.onDisk().maps[0].readings[2].struck);
        // The other valve is put together alike, and not asked about again.
        rig.session->select(1, Side::Intake);
        desk.follow();
        QVERIFY(!desk.sheet().field());
        QCOMPARE(desk.angle().deg, 0.0);
        QVERIFY(desk.submit(QStringLiteral("2.50")).ok);
        kept = rig.onDisk();
        QCOMPARE(kept.maps.size(), std::size_t(2));
        QVERIFY(!kept.maps[1].terms.gasketIn);
        QVERIFY(desk.verdict().contains(QStringLiteral("0 of 11")));
    }

    void correctionsAreSwitched() {
        Rig rig;
        Engine e = rig.session->job().engine;
        e.lash_mm = {0.2, 0.25};
        QVERIFY(rig.session->keep(book::SetEngine{e}));
        app::ClearanceDesk desk(*rig.session, rig.manner());
        desk.leave();
        QVERIFY(!desk.submit(QStringLiteral("lash")).ok); // no map, no correction
        QVERIFY(desk.submit(QStringLiteral("1.90")).ok);
        // What was not said adds nothing: lash is none until it is said to be.
        QVERIFY(std::abs(desk.found()->points[0].clearance_mm - 1.90) < 1e-9);
        MockUp said = desk.mockUp();
        said.lash = LashSet::Zero;
        QVERIFY(rig.session->keep(book::SetTerms{desk.map()->id, said}));
        QVERIFY(std::abs(desk.found()->points[0].clearance_mm - 2.10) < 1e-9);
        QVERIFY(desk.behind().join(QString()).contains(QStringLiteral("lash +0.20 mm")));
        QVERIFY(desk.submit(QStringLiteral("lash")).ok);
        QVERIFY(std::abs(desk.found()->points[0].clearance_mm - 1.90) < 1e-9);
        QVERIFY(rig.onDisk().maps[0].terms.off == std::vector<int>{2});
        QVERIFY(desk.submit(QStringLiteral("lash")).ok);
        QVERIFY(rig.onDisk().maps[0].terms.off.empty());
    }

    // A phaser's travel is never just degrees; limits come by school; going under them needs a
    // word.
    void limitsAndPhaser() {
        Rig rig;
        app::ClearanceDesk desk(*rig.session, rig.manner());
        desk.leave();
        desk.askLimits();
        QVERIFY(desk.submit(QStringLiteral("small")).ok);
        QCOMPARE(rig.onDisk().reckoning.clearance.least_mm.intake, 1.0);
        QCOMPARE(rig.onDisk().reckoning.clearance.least_mm.exhaust, 1.8);
        const auto& fields = desk.sheet().fields();
        for (std::size_t i = 0; i < fields.size(); ++i)
            if (fields[i].name.startsWith(QStringLiteral("Phaser")))
                desk.moveTo(static_cast<int>(i));
        QVERIFY(!desk.submit(QStringLiteral("25")).ok);
        QVERIFY(desk.submit(QStringLiteral("12.5 cam")).ok);
        QCOMPARE(rig.onDisk().engine.drive.phaser_deg, 25.0);
    }
};

AMBER_TEST(TestDesks)

} // namespace test_desks

#include "test_desks.moc"
