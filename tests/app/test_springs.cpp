// The Springs station in the real window, by keys: heights valve by valve, loads on the tester,
// push rods, other rockers; every one read again from disk.
#include "app/benches/springs/ratio_slide.h"
#include "app/benches/springs/spring_row.h"
#include "app/benches/springs/springs_station.h"
#include "app/style/figure_table.h"
#include "app_fixture.h"
#include "core/job/job.h"
#include "support/program.h"

namespace test_springs {

using namespace lobe;
using fixture::Rig;

namespace {

void fresh(Rig& rig, Layout layout = Layout::PushrodSingleCam) {
    rig.session().newJob(QStringLiteral("new"));
    Engine e;
    e.cylinders = 2;
    e.layout = layout;
    e.ratio =
        layout == Layout::PushrodSingleCam ? PerSide<double>{1.5, 1.5} : PerSide<double>{1, 1};
    e.lash_mm = {0.3, 0.3};
    QVERIFY(rig.session().keep(book::SetEngine{e}));
    Card card;
    card.name = "Drumlin 276";
    card.lift_mm = {7.0, 7.0};
    QVERIFY(rig.session().keep(book::SetCards{card, {}}));
    rig.window().go(stations::springs);
}

Springs kept(Rig& rig) {
    return rig.onDisk().springs;
}

QString verdict(Rig& rig) {
    return rig.text("springsVerdict");
}

void typeAll(Rig& rig, std::initializer_list<const char*> lines) {
    for (const char* line : lines)
        rig.type(QString::fromUtf8(line));
}

} // namespace

class TestSpringsStation : public QObject {
    Q_OBJECT
private slots:
    void heightsValveByValve() {
        Rig rig;
        fresh(rig);
        QVERIFY(verdict(rig).contains(QStringLiteral("Nothing of the springs")));
        // The first at once, no menu: each is on disk when the line clears, and the next is asked.
        rig.type(QStringLiteral("40.6"));
        QCOMPARE(kept(rig).heights.size(), std::size_t{1});
        QCOMPARE(kept(rig).heights[0].valve, (ValveId{1, Side::Intake, 1}));
        QCOMPARE(rig.session().side(), Side::Exhaust);
        // Seat and retainer from one edge.
        rig.type(QStringLiteral("54.2 13.8"));
        QVERIFY(std::abs(kept(rig).heights[1].height_mm - 40.4) < 1e-9);
        QCOMPARE(kept(rig).heights[1].typed, std::string("54.2 13.8"));
        typeAll(rig, {"40.9", "41.3"});
        QCOMPARE(rig.session().findings().springs.heights, 4);
        // Read again: what was read before stays legible, the newest counts.
        rig.find<app::SpringRow>("springRow")->setFocus();
        rig.key(Qt::Key_Right);
        const auto again = rig.session().cylinder();
        rig.line()->setFocus();
        rig.type(QStringLiteral("40.55"));
        QCOMPARE(kept(rig).heights.size(), std::size_t{5});
        const auto heights = kept(rig).heights;
        QCOMPARE(std::count_if(heights.begin(), heights.end(),
                               [](const auto& h) { return h.replaced == "read again"; }),
                 1);
        QCOMPARE(heights.back().valve.cylinder, again);
        // Backspace in an empty line strikes the last, undo brings it again.
        rig.key(Qt::Key_Backspace);
        QCOMPARE(kept(rig).heights.back().replaced, std::string("struck"));
        // Both are legible still.
        rig.type(QStringLiteral("l"));
        auto* log = rig.find<app::RowList>("springsLog");
        QVERIFY(log->isVisible() && log->count() == 5);
        int struck = 0;
        for (int i = 0; i < log->count(); ++i)
            struck += log->row(i).struck;
        QCOMPARE(struck, 2);
        rig.type(QStringLiteral("l"));
        QVERIFY(!log->isVisible());
        rig.session().undo();
        QVERIFY(kept(rig).heights.back().replaced.empty());
    }

    /// Another window logs a height between two of this one's: both are kept.
    void anotherWindowsHeightsStay() {
        Rig rig;
        fresh(rig);
        rig.type(QStringLiteral("40.6"));
        // Before this window has heard of it.
        auto& desk = rig.find<app::SpringsStation>("springsStation")->desk();
        {
            auto opened = book::Book::open(rig.session().book().path());
            app::Session other(std::move(std::get<std::unique_ptr<book::Book>>(opened)));
            QVERIFY(other.openJob(rig.session().job().id));
            Stated s = other.job();
            s.springs.heights.push_back({{2, Side::Intake, 1}, 40.9, "40.9", 5, {}});
            QVERIFY(other.keep(book::SetStated{s}));
        }
        QVERIFY(desk.submit(QStringLiteral("40.4")).ok);
        const auto heights = kept(rig).heights;
        QCOMPARE(heights.size(), std::size_t{3});
        QCOMPARE(rig.session().findings().springs.heights, 3);
        // Of the same valve it is asked first, and once more takes it.
        {
            auto opened = book::Book::open(rig.session().book().path());
            app::Session other(std::move(std::get<std::unique_ptr<book::Book>>(opened)));
            QVERIFY(other.openJob(rig.session().job().id));
            Stated s = other.job();
            s.springs.heights.push_back({desk.valve(), 39.9, "39.9", 7, {}});
            QVERIFY(other.keep(book::SetStated{s}));
        }
        const ValveId asked = desk.valve();
        const app::Echo first = desk.submit(QStringLiteral("39.8"));
        QVERIFY2(!first.ok && first.text.contains(QStringLiteral("39.90 mm")),
                 qPrintable(first.text));
        QCOMPARE(heightOf(kept(rig), asked)->height_mm, 39.9);
        QVERIFY(desk.submit(QStringLiteral("39.8")).ok);
        QCOMPARE(heightOf(kept(rig), asked)->height_mm, 39.8);
        const std::size_t all = kept(rig).heights.size();
        // Striking too looks first.
        {
            auto opened = book::Book::open(rig.session().book().path());
            app::Session other(std::move(std::get<std::unique_ptr<book::Book>>(opened)));
            QVERIFY(other.openJob(rig.session().job().id));
            Stated s = other.job();
            s.springs.heights.push_back({{2, Side::Exhaust, 1}, 41.0, "41.0", 6, {}});
            QVERIFY(other.keep(book::SetStated{s}));
        }
        desk.strikeLast();
        QCOMPARE(kept(rig).heights.size(), all + 1);
    }

    void shimsFromTheStock() {
        Rig rig;
        fresh(rig);
        typeAll(rig, {"40.5", "40.5", "40.5", "40.5"});
        rig.key(Qt::Key_Down);
        typeAll(rig, {"40", "", "0.5x3"});
        QCOMPARE(kept(rig).stock, (std::vector<ShimSize>{{0.5, 3}}));
        QVERIFY2(verdict(rig).contains(QStringLiteral("1 of 0.50 mm")), qPrintable(verdict(rig)));
        rig.key(Qt::Key_Escape);
        // One more is at hand: all four are reached.
        for (int i = 0; i < 3; ++i)
            rig.key(Qt::Key_Down);
        rig.type(QStringLiteral("0.5x4"));
        QVERIFY(!verdict(rig).contains(QStringLiteral("To order")));
        for (const SpringValve& v : rig.session().findings().springs.valves)
            QVERIFY(v.reached && std::abs(*v.height_mm - 40.0) < 1e-9);
    }

    void whatCannotBeIsRefusedAndLosesNothing() {
        Rig rig;
        fresh(rig);
        rig.type(QStringLiteral("s"));
        rig.type(QStringLiteral("27"));
        QCOMPARE(kept(rig).spec.exhaust.bind_mm, 27.0);
        rig.key(Qt::Key_Escape);
        rig.type(QStringLiteral("26"));
        QVERIFY(rig.line()->text() == QStringLiteral("26"));
        QVERIFY(kept(rig).heights.empty());
        QVERIFY2(rig.text("echo").contains(QStringLiteral("coil bind")),
                 qPrintable(rig.text("echo")));
        rig.line()->clear();
        // A negative rate, a load that falls, more shims than can be.
        rig.type(QStringLiteral("s"));
        rig.type(QString());
        rig.type(QStringLiteral("-40"));
        QCOMPARE(kept(rig).spec.intake.rate_n_mm, 0.0);
        rig.line()->clear();
        rig.type(QStringLiteral("40"));
        rig.type(QStringLiteral("40 400"));
        rig.type(QStringLiteral("30 390"));
        QVERIFY2(rig.text("echo").contains(QStringLiteral("fall")), qPrintable(rig.text("echo")));
        QVERIFY(!kept(rig).spec.intake.second.known());
        rig.line()->clear();
        rig.key(Qt::Key_Escape);
        for (int i = 0; i < 3; ++i)
            rig.key(Qt::Key_Down);
        rig.type(QStringLiteral("0.25x4000"));
        QVERIFY(kept(rig).stock.empty());
        QVERIFY(rig.line()->text() == QStringLiteral("0.25x4000"));
    }

    void loadsOnTheTester() {
        Rig rig;
        fresh(rig);
        typeAll(rig, {"40", "40", "40", "40"});
        rig.type(QStringLiteral("t"));
        rig.type(QStringLiteral("40 30"));
        QCOMPARE(kept(rig).testHeights_mm, (std::vector<double>{40.0, 30.0}));
        rig.key(Qt::Key_Escape);
        rig.type(QStringLiteral("t"));
        QVERIFY2(rig.text("ask").contains(QStringLiteral("40")), qPrintable(rig.text("ask")));
        // Both heights of a spring, one after the other; in kgf where it is said.
        typeAll(rig, {"400", "800", "404", "806", "396", "790", "36 kgf", "700", "402", "803"});
        const Springs s = kept(rig);
        QCOMPARE(s.tests.size(), std::size_t{10});
        QVERIFY(std::abs(loadOf(s, 4, 0)->load_n - 36.0 * 9.80665) < 1e-9);
        // It would fall as it is compressed: exchanged.
        rig.type(QStringLiteral("800"));
        rig.type(QStringLiteral("400"));
        QVERIFY2(rig.text("echo").contains(QStringLiteral("Exchanged")),
                 qPrintable(rig.text("echo")));
        rig.line()->clear();
        rig.key(Qt::Key_Escape);
        const SpringClaim& c = rig.session().findings().springs;
        for (const SpringOfSet& one : c.set)
            if (one.spring <= 5) QCOMPARE(one.odd, one.spring == 4);
        for (const SpringValve& v : c.valves)
            QVERIFY(v.spring != 4 && v.spring != 0);
    }

    void otherRockersByKeysAndTyped() {
        Rig rig;
        fresh(rig);
        rig.type(QStringLiteral("40"));
        rig.type(QStringLiteral("s"));
        rig.type(QStringLiteral("27"));
        rig.key(Qt::Key_Escape);
        auto* table = rig.find<app::FigureTable>("springsTable");
        QVERIFY(table->text().contains(QStringLiteral("2.80"))); // 40 - 10.2 - 27
        rig.type(QStringLiteral("ratio 1.7"));
        QVERIFY2(table->text().contains(QStringLiteral("1.40")), qPrintable(table->text()));
        QVERIFY2(verdict(rig).contains(QStringLiteral("1.40")), qPrintable(verdict(rig)));
        rig.type(QStringLiteral("ratio"));
        QVERIFY(table->text().contains(QStringLiteral("2.80")));
        rig.find<app::RatioSlide>("ratioSlide")->setFocus();
        rig.key(Qt::Key_PageUp);
        QVERIFY(table->text().contains(QStringLiteral("2.45"))); // 1.55 x 7 - 0.3 = 10.55
        rig.key(Qt::Key_Home);
        QVERIFY(table->text().contains(QStringLiteral("2.80")));
        // What is tried is not kept.
        QCOMPARE(rig.onDisk().engine.ratio.intake, 1.5);
    }

    void pushRodsByTrials() {
        Rig rig;
        fresh(rig);
        rig.type(QStringLiteral("p"));
        typeAll(rig, {"177 -1.12 2.1", "178.5 -0.07 1.725", "179.5 0.63 2.725"});
        QCOMPARE(kept(rig).pushRods.trials.size(), std::size_t{3});
        QVERIFY2(rig.text("springsNotes").contains(QStringLiteral("178.00 mm")),
                 qPrintable(rig.text("springsNotes")));
        rig.type(QStringLiteral("178 0.1"));
        QCOMPARE(rig.line()->text(), QStringLiteral("178 0.1"));
        rig.line()->clear();
        rig.key(Qt::Key_Backspace);
        QCOMPARE(kept(rig).pushRods.trials.back().replaced, std::string("struck"));
    }

    void anEngineWithoutPushRodsIsNotAskedForThem() {
        Rig rig;
        fresh(rig, Layout::TwinOverheadCam);
        QVERIFY(!rig.find<app::RatioSlide>("ratioSlide")->isVisible());
        for (const app::Command& c :
             rig.find<app::SpringsStation>("springsStation")->desk().commands())
            QVERIFY(c.letter != QLatin1Char('p'));
    }

    void inInches() {
        Rig rig;
        fresh(rig);
        rig.look().setInches(true);
        rig.type(QStringLiteral("1.6"));
        QVERIFY(std::abs(kept(rig).heights[0].height_mm - 40.64) < 1e-9);
        // A fraction belongs to its inches.
        rig.type(QStringLiteral("1 5/8"));
        QVERIFY(std::abs(kept(rig).heights[1].height_mm - 41.275) < 1e-9);
        rig.type(QStringLiteral("s"));
        rig.type(QStringLiteral("1.06"));
        rig.type(QStringLiteral("220"));
        QVERIFY(std::abs(kept(rig).spec.intake.rate_n_mm - 220.0 * 4.4482216152605 / 25.4) < 1e-9);
    }

    void theDemosHead() {
        Rig rig(true);
        rig.window().go(stations::springs);
        const SpringClaim& c = rig.session().findings().springs;
        QVERIFY(verdict(rig).contains(QStringLiteral("Spring 6")));
        QCOMPARE(
            std::count_if(c.valves.begin(), c.valves.end(), [](auto& v) { return !v.reached; }), 1);
        QCOMPARE(c.order.size(), std::size_t{1});
        QCOMPARE(c.order[0].count, 1);
        // What is short goes onto the list of orders, once.
        const auto orders = [&] {
            const Job now = rig.onDisk();
            return std::count_if(now.log.begin(), now.log.end(), [](const LogEntry& e) {
                return e.kind == EntryKind::Order && e.text.find("shims") != std::string::npos;
            });
        };
        rig.type(QStringLiteral("o"));
        rig.type(QStringLiteral("o"));
        QCOMPARE(orders(), 1);
        // Where other figures stand, the same are said.
        QVERIFY(rig.find<app::SpringRow>("springRow")->text().contains(QStringLiteral("0.38")));
    }
};

AMBER_TEST(TestSpringsStation)

} // namespace test_springs

#include "test_springs.moc"
