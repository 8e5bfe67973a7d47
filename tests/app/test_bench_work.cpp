// Lash, ports and a slow flywheel in the real window, by keys, at the desk and at the stand; every
// one read again from disk. Stations appear where the engine calls for them.
#include "app/benches/flywheel/flywheel_station.h"
#include "app/benches/lash/lash_chart.h"
#include "app/benches/lash/lash_station.h"
#include "app/benches/ports/port_map.h"
#include "app/benches/ports/ports_station.h"
#include "app/benches/set/wheels.h"
#include "app_fixture.h"
#include "core/examine/examine.h"
#include "core/job/job.h"
#include "core/tdc/tdc.h"
#include "stations/list.h"
#include "support/program.h"

namespace test_bench_work {

using namespace lobe;
using fixture::Rig;

namespace {

void openNamed(Rig& rig, const QString& part) {
    for (const auto& job : rig.session().book().jobs())
        if (job.name.contains(part)) {
            rig.session().openJob(job.id);
            return;
        }
    QFAIL("no such job");
}

QString routeOf(Rig& rig) {
    QStringList out;
    for (const auto* s : stations::of(rig.session().job()))
        out << s->id();
    return out.join(QLatin1Char(' '));
}

} // namespace

class TestBenchWork : public QObject {
    Q_OBJECT
private slots:
    void stationsAreThoseOfTheEngine() {
        Rig rig(true);
        openNamed(rig, QStringLiteral("race motor 7"));
        QVERIFY(routeOf(rig).contains(QStringLiteral("lash")) &&
                !routeOf(rig).contains(QStringLiteral("ports")));
        openNamed(rig, QStringLiteral("Wherry"));
        QCOMPARE(routeOf(rig), QStringLiteral("engine tdc ports record sheet"));
        openNamed(rig, QStringLiteral("Tarn"));
        QCOMPARE(routeOf(rig), QStringLiteral("engine tdc flywheel lash record sheet"));
        // What was measured of them is on paper, and the route says so.
        for (const char* part : {"Wherry", "Tarn"}) {
            openNamed(rig, QLatin1String(part));
            const auto& job = rig.session().job();
            QVERIFY(stations::sheet.progress(job, rig.session().findings()) == Progress::Done);
            Job fresh;
            fresh.engine.kind = job.engine.kind;
            QVERIFY(stations::sheet.progress(fresh, examine(fresh)) == Progress::NotBegun);
        }
        openNamed(rig, QStringLiteral("Tarn"));
        // Every one of them opens, and one that this engine has no use for leads on.
        for (const auto* s : stations::of(rig.session().job()))
            rig.window().go(*s);
        rig.window().go(stations::compare);
        QVERIFY(!(rig.window().station() == stations::compare));
        // Said at Engine it is another engine.
        rig.session().newJob(QStringLiteral("new"));
        rig.window().go(stations::engine);
        Engine e = rig.session().job().engine;
        QVERIFY(e.kind == EngineKind::FourStroke && e.cycle_deg() == 720.0);
        rig.key(Qt::Key_Down);
        QVERIFY2(rig.text("ask").contains(QStringLiteral("Kind")), qPrintable(rig.text("ask")));
        rig.type(QStringLiteral("two"));
        QVERIFY(rig.onDisk().engine.kind == EngineKind::TwoStroke);
        QVERIFY(rig.onDisk().engine.cycle_deg() == 360.0);
        QCOMPARE(routeOf(rig), QStringLiteral("engine tdc ports record sheet"));
    }

    // Every stop is ticked through; what was left and found is on disk with its time.
    void lashIsTickedThrough() {
        Rig rig(true);
        openNamed(rig, QStringLiteral("race motor 7"));
        rig.window().go(stations::lash);
        QVERIFY2(rig.text("lashVerdict").contains(QStringLiteral("Turn to ")),
                 qPrintable(rig.text("lashVerdict")));
        // By the fewest stops there are two.
        for (int i = 0; i < 3; ++i)
            rig.type(QStringLiteral("s"));
        QVERIFY(rig.onDisk().lash.school == LashSchool::Fewest);
        auto* station = rig.find<app::LashStation>("lashStation");
        QCOMPARE(station->desk().plan().stops.size(), std::size_t(2));
        const QString first = rig.text("lashVerdict");
        rig.type(QStringLiteral("found 0.28"));
        QCOMPARE(rig.onDisk().lash.taken.size(), std::size_t(1));
        QVERIFY(!rig.onDisk().lash.taken[0].left && rig.onDisk().lash.taken[0].time_ms > 0);
        QVERIFY(rig.onDisk().lash.done.empty());
        rig.type(QStringLiteral("0.35"));
        QVERIFY(rig.onDisk().lash.taken[1].left);
        QCOMPARE(rig.onDisk().lash.done.size(), std::size_t(1));
        for (int i = 1; i < 8; ++i) {
            QVERIFY2(rig.text("lashVerdict").contains(QStringLiteral("Turn to ")),
                     qPrintable(rig.text("lashVerdict")));
            rig.type(QString());
        }
        QCOMPARE(rig.onDisk().lash.done.size(), std::size_t(8));
        QVERIFY(rig.text("lashVerdict").contains(QStringLiteral("Every valve is set")));
        // Another round, and one undone leads back here.
        rig.type(QStringLiteral("n"));
        QVERIFY(rig.onDisk().lash.done.empty());
        QCOMPARE(rig.text("lashVerdict"), first);
        rig.window().go(stations::timing);
        rig.key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(rig.onDisk().lash.done.size(), std::size_t(8));
        QVERIFY(rig.window().station() == stations::lash);
        // Slips keep nothing.
        rig.type(QStringLiteral("n"));
        for (const char* wrong : {"x", "found", "9", "-1"}) {
            const auto before = rig.onDisk().lash;
            rig.type(QString::fromLatin1(wrong));
            QVERIFY2(!rig.text("echo").isEmpty(), wrong);
            QVERIFY(rig.onDisk().lash == before);
            rig.line()->clear();
        }
        // At the stand: the mark large, Space or Enter ticks.
        rig.window().setAtStand(true);
        rig.type(QString());
        QCOMPARE(rig.onDisk().lash.done.size(), std::size_t(1));
        // A valve is taken in hand by its row.
        rig.window().setAtStand(false);
        auto* chart = rig.find<app::LashChart>("lashChart");
        const auto before = station->desk().inHand()->valve;
        QTest::mouseClick(chart, Qt::LeftButton, {}, QPoint(20, chart->height() - 34));
        QVERIFY(station->desk().inHand()->valve != before);
    }

    void portsAndTheEdgeToFileTo() {
        Rig rig;
        rig.session().newJob(QStringLiteral("new"));
        Engine e;
        e.kind = EngineKind::TwoStroke;
        e.cylinders = 1;
        QVERIFY(rig.session().keep(book::SetEngine{e}));
        rig.window().go(stations::ports);
        QVERIFY(rig.text("portsVerdict").contains(QStringLiteral("Stroke and rod")));
        e.bore_mm = 54.0;
        e.stroke_mm = 54.0;
        e.rod_mm = 110.0;
        QVERIFY(rig.session().keep(book::SetEngine{e}));
        QVERIFY2(rig.text("ask").contains(QStringLiteral("Exhaust")), qPrintable(rig.text("ask")));
        rig.type(QStringLiteral("86"));
        QCOMPARE(rig.onDisk().ports.exhaust.opens_deg, std::optional(86.0));
        QVERIFY2(rig.text("portsVerdict").contains(QStringLiteral("188")),
                 qPrintable(rig.text("portsVerdict")));
        // A closing that does not go with it is said at once.
        rig.type(QStringLiteral("80"));
        QVERIFY2(rig.text("portsVerdict").contains(QStringLiteral("zero is off by 3")),
                 qPrintable(rig.text("portsVerdict")));
        rig.key(Qt::Key_Up);
        rig.type(QStringLiteral("86"));
        rig.type(QString()); // the edge stays as it is
        QVERIFY2(rig.text("ask").contains(QStringLiteral("wanted"), Qt::CaseInsensitive),
                 qPrintable(rig.text("ask")));
        rig.type(QStringLiteral("194 188"));
        QCOMPARE(rig.onDisk().ports.exhaust.wanted_deg.size(), std::size_t(2));
        QVERIFY2(rig.text("portsNotes").contains(QStringLiteral("file the edge up")),
                 qPrintable(rig.text("portsNotes")));
        rig.type(QStringLiteral("114"));
        QVERIFY2(rig.text("portsVerdict").contains(QStringLiteral("blowdown 28")),
                 qPrintable(rig.text("portsVerdict")));
        // A number alone moves the piston, Enter alone goes to the next edge.
        rig.key(Qt::Key_Escape);
        auto* station = rig.find<app::PortsStation>("portsStation");
        rig.type(QStringLiteral("100"));
        QCOMPARE(station->desk().at_deg(), 100.0);
        rig.type(QString());
        QCOMPARE(station->desk().at_deg(), 114.0);
        rig.type(QString());
        QCOMPARE(station->desk().at_deg(), 0.0);
        rig.type(QStringLiteral("1000"));
        QVERIFY(!rig.text("echo").isEmpty());
        rig.line()->clear();
        rig.restart();
        QVERIFY(rig.window().station() == stations::ports);
        QCOMPARE(rig.onDisk().ports.exhaust.opens_deg, std::optional(86.0));
    }

    void aSlowEngineByTheTape() {
        Rig rig(true);
        openNamed(rig, QStringLiteral("Tarn"));
        rig.window().go(stations::flywheel);
        QVERIFY2(rig.text("flywheelVerdict").contains(QStringLiteral("over the handbook's")),
                 qPrintable(rig.text("flywheelVerdict")));
        QVERIFY(rig.text("flywheelNotes").contains(QStringLiteral("nothing waits for one")));
        rig.session().newJob(QStringLiteral("another"));
        Engine e;
        e.kind = EngineKind::SlowFlywheel;
        e.cylinders = 1;
        QVERIFY(rig.session().keep(book::SetEngine{e}));
        rig.window().go(stations::flywheel);
        for (const char* line : {"2400", "300", "1800", "220", "225"})
            rig.type(QString::fromLatin1(line));
        const FlywheelWork w = rig.onDisk().flywheel;
        QCOMPARE(w.circumference_mm, 2400.0);
        QCOMPARE(w.closes_mm, std::optional(1800.0));
        QCOMPARE(w.most_deg, std::optional(225.0));
        QVERIFY2(rig.text("flywheelVerdict").contains(QStringLiteral("within")),
                 qPrintable(rig.text("flywheelVerdict")));
        // In inches whole numbers are inches.
        rig.look().setInches(true);
        rig.key(Qt::Key_Escape);
        rig.type(QString());
        rig.type(QStringLiteral("88.5"));
        QVERIFY(std::abs(rig.onDisk().flywheel.circumference_mm - 88.5 * 25.4) < 1e-6);
        rig.type(QStringLiteral("10"));
        QVERIFY(std::abs(*rig.onDisk().flywheel.opens_mm - 254.0) < 1e-6);
    }

    // The factory mark, and what the lamp shows on it.
    // What an instrument counts goes in by the same door: an encoder gives a port's angles and
    // moves the piston, an indicator a valve's play; each only where it was asked for.
    void readingsOfInstruments() {
        using app::InstrumentReading;
        Rig rig(true);
        openNamed(rig, QStringLiteral("Wherry"));
        rig.window().go(stations::ports);
        auto& ports = rig.find<app::PortsStation>("portsStation")->desk();
        const auto degrees = [](double at) {
            return InstrumentReading{at, InstrumentReading::Unit::Degree, {}, QStringLiteral("e")};
        };
        const InstrumentReading length{0.31,
                                       InstrumentReading::Unit::Millimetre,
                                       {},
                                       QStringLiteral("dial"),
                                       QStringLiteral("+00.310")};
        const auto before = rig.onDisk().ports;
        QVERIFY(ports.live().what == app::LiveWish::What::Angle);
        QVERIFY(ports.take(degrees(-100.0)).ok);
        QCOMPARE(ports.at_deg(), 260.0);
        QVERIFY(!ports.take(length).ok);
        QVERIFY(rig.onDisk().ports == before);
        ports.moveTo(0); // exhaust opens
        QVERIFY(ports.live().what == app::LiveWish::What::Angle);
        const auto early = ports.take(degrees(-85.5));
        QVERIFY2(!early.ok && early.text.contains(QStringLiteral("85.5")) &&
                     early.text.contains(QStringLiteral("after TDC")),
                 qPrintable(early.text));
        QVERIFY(!ports.take(length).ok);
        QVERIFY(ports.take(degrees(85.5)).ok);
        QCOMPARE(*rig.onDisk().ports.exhaust.opens_deg, 85.5);
        QVERIFY(ports.take(degrees(360.0 - 87.0)).ok); // closes, counted on
        QCOMPARE(*rig.onDisk().ports.exhaust.closes_deg, 87.0);
        QVERIFY(!ports.take(degrees(40.0)).ok); // a height is asked: no angle is one
        QVERIFY(ports.live().what == app::LiveWish::What::Nothing);

        openNamed(rig, QStringLiteral("race motor 7"));
        rig.window().go(stations::lash);
        auto& lash = rig.find<app::LashStation>("lashStation")->desk();
        QVERIFY(lash.live().what == app::LiveWish::What::Nothing); // a feeler
        Stated stated = rig.session().job();
        stated.lash.gauge = LashGauge::Indicator;
        QVERIFY(rig.session().keep(book::SetStated{stated}));
        const auto hand = *lash.inHand();
        const LashValve valve = lash.plan().valves[hand.valve];
        const auto wish = lash.live();
        QVERIFY(wish.what == app::LiveWish::What::Press && wish.side == valve.side &&
                wish.cylinder == valve.cylinder);
        QVERIFY(lash.take(length).ok);
        const auto taken = rig.onDisk().lash.taken.back();
        QVERIFY(taken.left && taken.lash_mm == 0.31 && taken.typed == "+00.310" &&
                taken.cylinder == valve.cylinder && taken.side == valve.side);
        QVERIFY(lash.inHand() && lash.inHand()->valve != hand.valve);
        QVERIFY(!lash.take(degrees(12.0)).ok);
        InstrumentReading far = length;
        far.value = 6.5;
        QVERIFY(!lash.take(far).ok);
    }

    // A rotary valve by its two angles; a reed says that there is nothing to read.
    void intakesOfOtherKinds() {
        Rig rig(true);
        openNamed(rig, QStringLiteral("Wherry"));
        rig.window().go(stations::ports);
        auto& desk = rig.find<app::PortsStation>("portsStation")->desk();
        Stated stated = rig.session().job();
        stated.ports.intakeBy = PortIntake::Rotary;
        stated.ports.intake.opens_deg = 135.0;
        stated.ports.intake.closes_deg = 60.0;
        QVERIFY(rig.session().keep(book::SetStated{stated}));
        QVERIFY2(desk.notes().contains(QStringLiteral("rotary valve opens 135")),
                 qPrintable(desk.notes()));
        QVERIFY(desk.verdict().contains(QStringLiteral("195")));
        stated = rig.session().job();
        stated.ports.intakeBy = PortIntake::Reed;
        QVERIFY(rig.session().keep(book::SetStated{stated}));
        QVERIFY(desk.notes().contains(QStringLiteral("reed")) &&
                !desk.notes().contains(QStringLiteral("135")));
    }

    // Finished without marks: both dead centres are drawn as they are painted, and a whole turn on
    // is said to be the firing top.
    void bothDeadCentresAreDrawn() {
        Rig rig(true);
        openNamed(rig, QStringLiteral("race motor 7"));
        rig.window().go(stations::set);
        auto* wheels = rig.find<app::Wheels>("wheels");
        const QImage choices = wheels->grab().toImage();
        QVERIFY(!wheels->accessibleDescription().contains(QStringLiteral("overlap")));
        rig.type(QStringLiteral("w"));
        QVERIFY2(wheels->accessibleDescription().contains(QStringLiteral("overlap")),
                 qPrintable(wheels->accessibleDescription()));
        QVERIFY(wheels->grab().toImage() != choices);
        QVERIFY(rig.text("withoutMarks").contains(QStringLiteral("firing top")));
        QVERIFY(rig.text("withoutMarks").contains(QStringLiteral("straightedge")));
        rig.type(QStringLiteral("w"));
        QVERIFY(wheels->grab().toImage() == choices);
    }

    void theLampOnTheFactoryMark() {
        MarkError early{-2.5, 0.0};
        QCOMPARE(lampFor_deg(29.0, early), 26.5);
        QCOMPARE(lampFor_deg(29.0, (MarkError{2.5, 0.0})), 31.5);
    }
};

AMBER_TEST(TestBenchWork)

} // namespace test_bench_work

#include "test_bench_work.moc"
