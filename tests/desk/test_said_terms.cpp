// What builders say at the line, word by word: how a lobe is taken, which method finds TDC, which
// wheel; and numbers that can hardly be what is asked.
#include "book/book.h"
#include "core/job/job.h"
#include "core/lobe/run.h"
#include "desk/welcome_desk.h"
#include "desk_rig.h"
#include "simulated/closed_lobes.h"
#include "stations/compression/compression_desk.h"
#include "stations/engine/engine_desk.h"
#include "stations/lobes/lobes_desk.h"
#include "stations/lobes/said_terms.h"
#include "stations/tdc/tdc_desk.h"
#include "support/program.h"

#include <QTemporaryDir>
#include <QTest>

namespace test_said_terms {

using namespace lobe;
using desk_rig::Rig;

namespace {

app::Echo type(app::Desk& desk, const char* line) {
    return desk.take(app::Line{QString::fromUtf8(line)});
}

} // namespace

class TestSaidTerms : public QObject {
    Q_OBJECT

private slots:
    void words_data() {
        QTest::addColumn<QString>("typed");
        QTest::addColumn<QString>("said"); // empty: no such line
        const auto row = [](const char* typed, const char* said) {
            QTest::newRow(typed) << QString::fromUtf8(typed) << QString::fromUtf8(said);
        };
        row("valve", "Valve, running spring, the curve every 5°");
        row("valve light", "Valve, checking spring, the curve every 5°");
        row("light spring, valve", "Valve, checking spring, the curve every 5°");
        row("step 2 valve", "Valve, running spring, the curve every 2°");
        row("valve step 2", "Valve, running spring, the curve every 2°");
        row("events 0.15 1.27",
            "Tappet, running spring, events at 0.15 mm and 1.27 mm, each until 3 agree");
        row("events at 0.15 and 1.27 mm",
            "Tappet, running spring, events at 0.15 mm and 1.27 mm, each until 3 agree");
        row("events 0,15 1,27, once",
            "Tappet, running spring, events at 0.15 mm and 1.27 mm, in one turn");
        row("events once both", "Tappet, running spring, events at the card's height, both valves "
                                "in one turn");
        row("events repeat 1", "Tappet, running spring, events at the card's height, each once");
        row("centre 1.27",
            "Tappet, running spring, the centre by two readings 1.27 mm under the nose");
        row("events 1.27 no nose",
            "Tappet, running spring, events at 1.27 mm, each until 3 agree, no nose");
        row("valve, light spring, events at 0.15 and 1.27, opening and closing",
            "Valve, checking spring, events at 0.15 mm and 1.27 mm, each until 3 agree, no nose");
        row("8.512", "");
        row("75a 8.51", "");
        row("47", "");
        row("other", "");
    }
    void words() {
        QFETCH(QString, typed);
        QFETCH(QString, said);
        const auto read = app::saidTerms(typed, RunConditions{}, ::words::Style{});
        QCOMPARE(read.has_value(), !said.isEmpty());
        if (!read) return;
        QVERIFY2(read->why.isEmpty(), qPrintable(read->why));
        QCOMPARE(app::termsLine(read->terms, ::words::Style{}), said);
    }
    void whatIsNoneSaysSo() {
        for (const char* typed :
             {"valve wheels", "events 40", "events 1 2 3 4 5", "once", "wheel 100",
              "events repeat 9", "valve step 99", "valve lash x"}) {
            const auto read =
                app::saidTerms(QLatin1String(typed), RunConditions{}, ::words::Style{});
            QVERIFY2(read && !read->why.isEmpty(), typed);
        }
    }

    // Said once at the intake it holds for the exhaust and the next cylinder, and is on disk.
    void saidOnceItHolds() {
        Rig rig;
        Engine e = rig.session->job().engine;
        e.lash_mm = {0.30, 0.40};
        e.ratio = {1.5, 1.6};
        QVERIFY(rig.session->keep(book::SetEngine{e}));
        app::LobesDesk desk(*rig.session, rig.manner());
        QVERIFY(type(desk, "valve, light spring, events at 0.15 and 1.27, once, wheel 360").ok);
        Job kept = rig.onDisk();
        QVERIFY(kept.fitted.scale == WheelScale::Full360With);
        QCOMPARE(kept.runs.size(), std::size_t(1));
        QVERIFY(kept.runs[0].terms.eventsOnly && kept.runs[0].terms.oneTurn);
        QVERIFY(type(desk, "340").ok);
        QCOMPARE(rig.onDisk().runs[0].readings[0].at.deg, -20.0);
        // What stands in the run is taken so too, and that is said before Enter.
        const auto says = [&](const char* line) {
            return desk.understand(QLatin1String(line))
                .text.contains(QStringLiteral("holds for the 1 readings"));
        };
        QVERIFY(says("tappet"));
        QVERIFY(!says("valve")); // as it is
        QVERIFY(!says("curve")); // a run of its own
        // In the middle of a run a word is a word.
        QVERIFY(type(desk, "other").ok);
        QVERIFY(rig.session->side() == Side::Exhaust);
        const RunConditions t = desk.conditions();
        QVERIFY(t.taken == Place::Valve && t.spring == Spring::Checking);
        QVERIFY(t.eventsOnly && t.oneTurn);
        QCOMPARE(t.eventHeights.size(), std::size_t(2));
        QCOMPARE(t.lash_mm, 0.40); // its own
        QCOMPARE(t.ratio, 1.6);
        QVERIFY(t.to.deg < 180.0); // where an exhaust lobe lies
        rig.session->select(2, Side::Intake);
        QVERIFY(desk.conditions().eventsOnly);
        QCOMPARE(desk.conditions().lash_mm, 0.30);
        // A word of another kind is a run of its own; what was taken stays what it was.
        rig.session->select(1, Side::Intake);
        QVERIFY(type(desk, "curve step 2").ok);
        kept = rig.onDisk();
        QCOMPARE(kept.runs.size(), std::size_t(2));
        QVERIFY(kept.runs[0].terms.eventsOnly && !kept.runs[1].terms.eventsOnly);
        QCOMPARE(kept.runs[1].terms.step_deg, 2.0);
    }

    // Twelve ways to take a lobe, said in a line and asked one fact after the other: both come to
    // the same terms, and the line takes fewer keys, the more so as it need not be said again for
    // the other lobe.
    void fewerKeys_data() {
        using Answers = QList<QPair<QString, QString>>;
        QTest::addColumn<Answers>("facts");
        QTest::addColumn<QString>("before"); // a word there was already
        const auto row = [](const char* line, const char* before, const Answers& facts) {
            QTest::newRow(line) << facts << QString::fromLatin1(before);
        };
        const QPair<QString, QString> valve{"Lift taken at the", "valve"},
            light{"Spring fitted", "checking"}, heights{"Heights of the events", "0.15 1.27"},
            once{"Events are taken", "2"};
        row("valve", "", {valve});
        row("valve light", "", {valve, light});
        row("light", "", {light});
        row("lash 0.3", "", {{"Lash", "0.3"}});
        row("ratio 1.6", "", {{"Rocker ratio, nominal", "1.6"}});
        row("events 0.15 1.27", "events", {heights});
        row("events once", "events", {once});
        row("events both", "events", {{"Events are taken", "4"}});
        row("events repeat 1", "events", {{"Readings that must agree", "1"}});
        row("valve events 0.15 1.27 once", "events", {valve, heights, once});
        row("valve light events 0.15 1.27", "events", {valve, light, heights});
        row("centre 2.0", "centre", {{"Heights of the events", "2.0"}});
    }
    void fewerKeys() {
        using Answers = QList<QPair<QString, QString>>;
        QFETCH(Answers, facts);
        QFETCH(QString, before);
        const QString line = QString::fromLatin1(QTest::currentDataTag());
        Rig said;
        app::LobesDesk bySaying(*said.session, said.manner());
        QVERIFY(bySaying.take(app::Line{line}).ok);
        const qsizetype keys = line.size() + 1;

        Rig asked;
        app::LobesDesk byAsking(*asked.session, asked.manner());
        qsizetype presses = 0;
        if (!before.isEmpty()) {
            QVERIFY(byAsking.take(app::Line{before}).ok);
            presses += before.size() + 1;
        }
        QVERIFY(byAsking.take(app::Letter{QLatin1Char('c')}).ok);
        presses += 2;
        for (const auto& [name, answer] : facts) {
            while (byAsking.sheet().field()->name != name) {
                QVERIFY(byAsking.take(app::Step{1}).ok);
                ++presses;
            }
            QVERIFY2(byAsking.take(app::Line{answer}).ok, qPrintable(name));
            presses += answer.size() + 1;
        }
        byAsking.take(app::Leave{});
        ++presses;
        QVERIFY(said.session->run(1, Side::Intake)->terms ==
                asked.session->run(1, Side::Intake)->terms);
        // The other lobe is begun alike without a key; one after the other it was all of it again.
        said.session->select(1, Side::Exhaust);
        const RunConditions next = bySaying.conditions(), here = said.onDisk().runs.back().terms;
        QVERIFY(next.taken == here.taken && next.spring == here.spring &&
                next.eventsOnly == here.eventsOnly && next.eventHeights == here.eventHeights);
        qInfo("%s: %d keys, were %d", qPrintable(line), int(keys), int(2 * presses));
        QVERIFY2(keys < 2 * presses, qPrintable(line));
    }

    // Opening and closing alone: no nose is asked, and the lobe is through without it.
    void noNoseTaken() {
        Rig rig;
        app::LobesDesk desk(*rig.session, rig.manner());
        QVERIFY(type(desk, "events 1.27 repeat 1 no nose").ok);
        QVERIFY(rig.onDisk().runs[0].terms.noNose);
        QVERIFY(type(desk, "12b").ok);
        QCOMPARE(rig.session->findings().runs[0].planned, 2);
        QVERIFY2(desk.prompt().ask.startsWith(QStringLiteral("closes")),
                 qPrintable(desk.prompt().ask));
        QVERIFY(type(desk, "40ab").ok);
        QVERIFY2(!desk.prompt().ask.contains(QStringLiteral("highest")),
                 qPrintable(desk.prompt().ask));
        const RunFindings& f = rig.session->findings().runs[0];
        QVERIFY(f.complete);
        // 12 before the top and 40 after the bottom: 232 long, its middle at 104.
        QCOMPARE(f.lobe.centres.events->deg, 104.0);
        // It can be taken all the same.
        QVERIFY(type(desk, "events 1.27 nose").ok);
        QVERIFY2(desk.prompt().ask.contains(QStringLiteral("highest")),
                 qPrintable(desk.prompt().ask));
        QCOMPARE(rig.session->findings().runs[0].planned, 3);
    }

    // An event read three times on the wrong side is put right by one key.
    void theOtherSideOfAWholeEvent() {
        Rig rig;
        app::LobesDesk desk(*rig.session, rig.manner());
        QVERIFY(type(desk, "events 1.27 repeat 3").ok);
        for (const char* line : {"12.0", "12.5", "12.0"})
            QVERIFY(type(desk, line).ok); // taken as before the top
        QVERIFY(desk.take(app::Letter{QLatin1Char('x')}).ok);
        const Job kept = rig.onDisk();
        std::vector<double> live;
        for (const Reading& r : kept.runs[0].readings)
            if (!r.struck) live.push_back(r.at.deg);
        QCOMPARE(live, (std::vector<double>{12.0, 12.5, 12.0}));
        QCOMPARE(rig.onDisk().runs[0].readings.back().typed, std::string("12a"));
        QVERIFY(desk.take(app::Letter{QLatin1Char('x')}).ok);
        QCOMPARE(rig.onDisk().runs[0].readings.back().at.deg, -12.0);
        // Each is one action, whatever it moved.
        rig.session->undo();
        rig.session->undo();
        const auto back = rig.onDisk().runs[0].readings;
        QCOMPARE(back.size(), std::size_t(3));
        for (const Reading& r : back)
            QVERIFY(!r.struck && r.at.deg < 0.0);
    }

    // Both lobes of a cylinder taken for one another: one key puts each where it belongs.
    void swappedLobesAreExchanged() {
        Rig rig;
        app::LobesDesk desk(*rig.session, rig.manner());
        const auto intake = closed::power(105.0, 147.0, 7.2, 1.78),
                   exhaust = closed::power(-112.0, 147.0, 6.9, 1.78);
        // What stands on the indicator while the other lobe is asked for.
        for (const auto& [side, lobe] :
             {std::pair(Side::Intake, exhaust), std::pair(Side::Exhaust, intake)}) {
            rig.session->select(1, side);
            QVERIFY(type(desk, "step 10").ok);
            for (int i = 0; i < 60 && !desk.complete() && !desk.again(); ++i) {
                const double deg = desk.angle().deg;
                const double mm = lobe.at(lobe.centre + std::remainder(deg - lobe.centre, 360.0));
                QVERIFY(type(desk, qPrintable(QString::number(mm, 'f', 3))).ok);
            }
        }
        const auto centre = [&](Side side) {
            const Findings& f = rig.session->findings();
            const RunFindings* run = f.of(*f.cylinder(1), side);
            return run->lobe.maxLiftAt ? run->lobe.maxLiftAt->deg : 999.0;
        };
        QVERIFY2(std::abs(centre(Side::Intake) - 248.0) < 3.0,
                 qPrintable(QString::number(centre(Side::Intake))));
        QVERIFY(desk.take(app::Letter{QLatin1Char('e')}).ok);
        QVERIFY2(std::abs(centre(Side::Intake) - 105.0) < 1.0,
                 qPrintable(QString::number(centre(Side::Intake))));
        QVERIFY2(std::abs(centre(Side::Exhaust) + 112.0) < 1.0,
                 qPrintable(QString::number(centre(Side::Exhaust))));
        // On disk as in hand; what was read is struck where it was, and says why.
        const Job kept = rig.onDisk();
        QVERIFY(kept == rig.session->job());
        QCOMPARE(kept.runs.size(), std::size_t(4));
        for (const Reading& r : kept.runs[0].readings)
            QCOMPARE(r.struck->reason, std::string(book::kOtherLobe));
        // Two steps back, and it is as it was.
        rig.session->undo();
        rig.session->undo();
        QVERIFY(std::abs(centre(Side::Intake) - 248.0) < 3.0);
        QVERIFY(rig.onDisk() == rig.session->job());
    }

    // "47" with inches shown would be 47 thousandths, where the wheel's number was meant.
    void aWheelsNumberIsNoLift() {
        Rig rig;
        rig.inches = true;
        app::LobesDesk desk(*rig.session, rig.manner());
        app::Echo echo = type(desk, "47");
        QVERIFY(!echo.ok);
        QVERIFY2(echo.text.contains(QStringLiteral("wheel")), qPrintable(echo.text));
        QVERIFY(rig.onDisk().runs.empty());
        // It may be meant all the same.
        QVERIFY(type(desk, "47").ok);
        QCOMPARE(rig.onDisk().runs[0].readings.size(), std::size_t(1));
        // Somewhere else it is asked about again.
        rig.session->select(2, Side::Intake);
        QVERIFY(!type(desk, "47").ok);
        desk.take(app::Leave{});
        QVERIFY(!type(desk, "47").ok);
        rig.session->select(1, Side::Intake);
        // From there a lift beside it is a lift, however it is typed; a jump is asked about.
        QVERIFY(type(desk, "60").ok);
        QVERIFY(!type(desk, "310").ok);
        QVERIFY(type(desk, "0.310").ok); // nobody reads a wheel so
        QCOMPARE(rig.onDisk().runs[0].readings.size(), std::size_t(3));
        rig.inches = false;
        QVERIFY(!type(desk, "31").ok);
        QVERIFY2(desk.understand(QStringLiteral("31")).text.contains(QStringLiteral("wheel")),
                 qPrintable(desk.understand(QStringLiteral("31")).text));
        QVERIFY(type(desk, "8").ok);
    }

    // A line that answers several questions says all it took, and they are not asked again.
    void oneLineAnswersSeveral() {
        Rig rig;
        app::EngineDesk desk(*rig.session, rig.manner());
        const auto at = [&](const char* name) {
            const auto& all = desk.sheet().fields();
            for (std::size_t i = 0; i < all.size(); ++i)
                if (all[i].name == QLatin1String(name)) return static_cast<int>(i);
            return -1;
        };
        desk.moveTo(at("Bore"));
        QVERIFY2(desk.understand(QStringLiteral("86x86.5"))
                     .text.contains(QStringLiteral("86 \u00D7 86.5 mm")),
                 qPrintable(desk.understand(QStringLiteral("86x86.5")).text));
        QVERIFY(type(desk, "86x86.5").ok);
        QCOMPARE(rig.onDisk().engine.stroke_mm, 86.5);
        QCOMPARE(desk.sheet().at(), at("Rod length"));
        desk.moveTo(at("Intake opens"));
        const QString said = desk.understand(QStringLiteral("2-41-44-1")).text;
        for (const char* part : {"2\u00B0", "41\u00B0", "44\u00B0", "1\u00B0"})
            QVERIFY2(said.contains(QString::fromUtf8(part)), qPrintable(said));
        QVERIFY(type(desk, "2-41-44-1").ok);
        const auto e = rig.onDisk().card->events;
        QVERIFY(e.ivo == 2.0 && e.ivc == 41.0 && e.evo == 44.0 && e.evc == 1.0);
        QCOMPARE(desk.sheet().at(), at("Intake lift"));
        // One alone goes to the next, as ever.
        desk.moveTo(at("Bore"));
        QVERIFY(type(desk, "87").ok);
        QCOMPARE(desk.sheet().at(), at("Stroke"));
        // What Enter alone would keep is shown.
        desk.moveTo(at("Cylinders"));
        QVERIFY2(desk.prompt().subject.contains(QStringLiteral("now: 4")),
                 qPrintable(desk.prompt().subject));
    }

    // A candidate's card is typed beside the fitted one; Esc is back at the fitted one.
    void aCandidateIsLeftWithEsc() {
        Rig rig;
        Card fitted, other;
        fitted.name = "Drumlin 276";
        other.name = "Esker 9";
        QVERIFY(rig.session->keep(book::SetCards{fitted, {other}}));
        app::EngineDesk desk(*rig.session, rig.manner());
        desk.askCard(0);
        QVERIFY(type(desk, "Esker 10").ok);
        QCOMPARE(rig.onDisk().otherCards[0].name, std::string("Esker 10"));
        QCOMPARE(rig.onDisk().card->name, std::string("Drumlin 276"));
        desk.take(app::Leave{});
        desk.moveTo(desk.sheet().at() - 1);
        QVERIFY(type(desk, "Drumlin 277").ok);
        QCOMPARE(rig.onDisk().card->name, std::string("Drumlin 277"));
        QCOMPARE(rig.onDisk().otherCards[0].name, std::string("Esker 10"));
        // Another that is fitted meanwhile is the one that is asked.
        desk.askCard(0);
        const Job now = rig.session->job();
        QVERIFY(rig.session->keep(book::SetCards{now.otherCards[0], {*now.card}}));
        QVERIFY(!desk.candidate());
    }

    // While it is asked which top it is, the stop is touched once more: that is a contact.
    void aQuestionSwallowsNoContact() {
        Rig rig;
        app::TdcDesk desk(*rig.session, rig.manner());
        for (const char* line : {"31", "31", "31", "31"})
            QVERIFY(type(desk, line).ok);
        QVERIFY2(desk.prompt().ask.contains(QStringLiteral("overlap or firing")),
                 qPrintable(desk.prompt().ask));
        type(desk, "30.5"); // asked whether a proof is to be taken back
        QVERIFY(type(desk, "30.5").ok);
        QCOMPARE(rig.onDisk().contacts.size(), std::size_t(5));
        QVERIFY(rig.onDisk().fitted.top == WhichTop::NotSaid);
    }

    // Another job begins with what the last was measured with; heights are round in the unit shown.
    void aNewJobIsLikeTheLast() {
        Rig rig;
        rig.inches = true;
        Stated s = rig.session->job();
        s.fitted.scale = WheelScale::Full360With;
        s.fitted.resolution_mm = 0.0254;
        QVERIFY(rig.session->keep(book::SetStated{s}));
        s.fitted.dialTurn_mm = 2.0;
        QVERIFY(rig.session->keep(book::SetStated{s}));
        app::WelcomeDesk welcome(*rig.session, rig.manner());
        QVERIFY(type(welcome, "the next").ok);
        const Job next = rig.onDisk();
        QCOMPARE(next.name, std::string("the next"));
        QVERIFY(next.fitted.scale == WheelScale::Full360With);
        QCOMPARE(next.fitted.resolution_mm, 0.0254);
        QCOMPARE(next.reckoning.heights[2].mm, 0.050 * 25.4);
        // Its dial too, and a first run is read by it.
        QCOMPARE(next.fitted.dialTurn_mm, 2.0);
        QCOMPARE(nextConditions(next, 1, Side::Intake).dialTurn_mm, 2.0);
        // And says so, where the first contact is asked.
        app::TdcDesk tdc(*rig.session, rig.manner());
        QVERIFY2(tdc.prompt().keys.contains(words::wheelName(WheelScale::Full360With)),
                 qPrintable(tdc.prompt().keys));
    }

    void aGasketStandsOutsideTheBore() {
        Rig rig;
        Engine e = rig.session->job().engine;
        e.bore_mm = 90.0;
        QVERIFY(rig.session->keep(book::SetEngine{e}));
        app::CompressionDesk desk(*rig.session, rig.manner());
        const auto& all = desk.sheet().fields();
        for (std::size_t i = 0; i < all.size(); ++i)
            if (all[i].name == QStringLiteral("Gasket bore")) desk.moveTo(static_cast<int>(i));
        const app::Echo echo = type(desk, "88");
        QVERIFY(!echo.ok);
        QVERIFY2(echo.text.contains(QStringLiteral("90")), qPrintable(echo.text));
        QVERIFY(type(desk, "91").ok);
        QCOMPARE(rig.onDisk().engine.chamber.gasketBore_mm, 91.0);
    }

    void aMethodIsAWord() {
        Rig rig;
        app::TdcDesk desk(*rig.session, rig.manner());
        QVERIFY(type(desk, "there and back").ok);
        QVERIFY(desk.method() == TdcMethod::ThereAndBack);
        QVERIFY(type(desk, "drop 3").ok);
        QVERIFY(desk.method() == TdcMethod::EqualDrop);
        QVERIFY(type(desk, "31").ok);
        QCOMPARE(rig.onDisk().contacts[0].drop_mm.value_or(0.0), 3.0);
        QVERIFY(rig.onDisk().contacts[0].method == TdcMethod::EqualDrop);
        QVERIFY(type(desk, "stop").ok);
        QVERIFY(type(desk, "wheel against").ok);
        QVERIFY(rig.onDisk().fitted.scale == WheelScale::Full360Against);
        QVERIFY(!type(desk, "wheel 100").ok);
        QVERIFY(type(desk, "329").ok); // 31 after, on that wheel
        QCOMPARE(rig.onDisk().contacts[1].at.deg, 31.0);
        QVERIFY(rig.onDisk().contacts[1].method == TdcMethod::PositiveStop);
        QVERIFY(!rig.onDisk().contacts[1].drop_mm);
        QCOMPARE(rig.onDisk().contacts.size(), std::size_t(2));
    }
};

AMBER_TEST(TestSaidTerms)

} // namespace test_said_terms

#include "test_said_terms.moc"
