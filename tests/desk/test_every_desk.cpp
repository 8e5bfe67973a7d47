// Every desk, fed at random by everything that reaches one: lines people type, its own letters and
// readings of instruments, at an empty job and at whole ones. What holds of all of them is tried
// here; what each makes of it is tried in its own tests.
#include "book/files.h"
#include "core/job/job.h"
#include "desk/session.h"
#include "stations/clearance/clearance_desk.h"
#include "stations/compare/compare_desk.h"
#include "stations/compression/compression_desk.h"
#include "stations/engine/engine_desk.h"
#include "stations/flywheel/flywheel_desk.h"
#include "stations/lash/lash_desk.h"
#include "stations/lobes/lobes_desk.h"
#include "stations/ports/ports_desk.h"
#include "stations/record/record_desk.h"
#include "stations/set/set_desk.h"
#include "stations/sheet/sheet_desk.h"
#include "stations/springs/springs_desk.h"
#include "stations/tdc/tdc_desk.h"
#include "stations/timing/timing_desk.h"
#include "support/program.h"

#include <QRandomGenerator>
#include <QTemporaryDir>
#include <QTest>

namespace test_every_desk {

using namespace lobe;

namespace {

using Make = std::unique_ptr<app::Desk> (*)(app::Session&, app::Desk::Manner);
template <class T> std::unique_ptr<app::Desk> make(app::Session& s, app::Desk::Manner m) {
    return std::make_unique<T>(s, std::move(m));
}
const std::pair<const char*, Make> kDesks[] = {
    {"engine", make<app::EngineDesk>},
    {"tdc", make<app::TdcDesk>},
    {"lobes", make<app::LobesDesk>},
    {"timing", make<app::TimingDesk>},
    {"set", make<app::SetDesk>},
    {"compression", make<app::CompressionDesk>},
    {"clearance", make<app::ClearanceDesk>},
    {"springs", make<app::SpringsDesk>},
    {"ports", make<app::PortsDesk>},
    {"flywheel", make<app::FlywheelDesk>},
    {"lash", make<app::LashDesk>},
    {"compare", make<app::CompareDesk>},
    {"record", make<app::RecordDesk>},
    {"sheet", make<app::SheetDesk>},
};

const char* const kLines[] = {
    "1.27",
    "0",
    "-3.5",
    "8.512",
    "47",
    "31",
    "26b",
    "12a",
    "110a",
    "0.050",
    "1/16",
    "12,5",
    "1e9",
    "nan",
    "+.02",
    "75a 8.51",
    "yes",
    "no",
    "events",
    "valve",
    "another",
    "intake",
    "exhaust",
    "other",
    "a4",
    "stop",
    "made 2",
    "keep",
    "step 2",
    "zero",
    "overlap",
    "n",
    "card",
    "99999",
    "long-stroke",
    "1 2 3",
    "gasket",
    "plug 10",
    "dur>230",
    "?",
    "0.2 mm",
    "3 in",
    "-6",
    "pushrod",
    "chain",
    "4",
    "misread",
    "lash",
    "c",
    "x",
    "a b c d e f",
    "\xc2\xb0",
    "12345678901",
    "  ",
    "separate",
    "rename",
    "54.2 13.8",
    "ratio 1.65",
    "0.25x8 0.38x4",
    "178.5 -0.4 1.8",
    "40 30",
    // Numbers of every size: what is taken is kept whatever it is of.
    "0.0004",
    "0.7",
    "20",
    "60",
    "150",
    "250",
    "400",
    "700",
    "1500",
    "3000",
    "9000",
    "20000",
    "40000",
    "-40",
    "-300",
    "60 400",
    "700 2000",
    "400x9",
    "found 30",
    "60 kgf",
    "3000 lb",
    "900 -40 45",
    "ratio 4.9",
    "made 400",
};

} // namespace

class TestEveryDesk : public QObject {
    Q_OBJECT

private slots:
    void whateverReachesIt_data() {
        QTest::addColumn<int>("desk");
        QTest::addColumn<QString>("folder");
        for (int i = 0; i < int(std::size(kDesks)); ++i)
            for (const char* job : {"", "skerry-four", "marram-650", "wherry-125", "tarn-six"})
                QTest::addRow("%s %s", kDesks[i].first, job) << i << QString::fromLatin1(job);
    }
    // What is refused says why and changes nothing; what is taken is on disk; something is always
    // asked; and Esc ends whatever was asked in between.
    void whateverReachesIt() {
        QFETCH(int, desk);
        QFETCH(QString, folder);
        int taken = 0; // inputs that did something
        for (quint32 seed = 1; seed <= 4; ++seed) {
            QTemporaryDir dir;
            auto opened = book::Book::open(dir.filePath(QStringLiteral("book.amber")));
            app::Session session(std::get<std::unique_ptr<book::Book>>(std::move(opened)));
            if (folder.isEmpty())
                session.newJob(QStringLiteral("Skerry Four"));
            else
                session.openJob(std::get<std::int64_t>(
                    book::importJobFolder(session.book(), QStringLiteral(DEMO_DIR "/") + folder)));
            const bool inches = seed % 2 == 0;
            const auto at = kDesks[desk].second(session, [inches] {
                words::Style s;
                s.unit = inches ? LengthUnit::Inch : LengthUnit::Millimetre;
                return s;
            });
            at->follow();
            QRandomGenerator random(seed);
            for (int step = 0; step < 120; ++step) {
                if (random.bounded(20) == 0)
                    session.select(1 + random.bounded(session.job().engine.cylinders),
                                   random.bounded(2) ? Side::Intake : Side::Exhaust);
                const app::Input input = any(*at, random);
                const SnapshotPtr before = session.snapshot();
                const app::Echo echo = at->take(input);
                taken += echo.ok;
                const QString where =
                    QStringLiteral("seed %1, step %2: %3").arg(seed).arg(step).arg(named(input));
                if (!echo.ok && !std::holds_alternative<app::Leave>(input) &&
                    !std::holds_alternative<app::Strike>(input)) {
                    QVERIFY2(session.job() == before->job, qPrintable(where));
                    // A line that is not understood says what would be.
                    if (std::holds_alternative<app::Line>(input) && !named(input).isEmpty())
                        QVERIFY2(!echo.text.isEmpty(), qPrintable(where));
                }
                QVERIFY2(!at->prompt().ask.isEmpty(), qPrintable(where));
                at->standCard();
                if (step % 20 == 19) {
                    const auto read = session.book().load(session.job().id);
                    QVERIFY2(std::get<Job>(read) == session.job(), qPrintable(where));
                }
            }
            at->take(app::Leave{});
            at->take(app::Leave{});
            for (const app::Command& c : at->commands())
                QVERIFY2(!c.does.isEmpty(), qPrintable(QString(c.letter)));
        }
        QVERIFY(taken > 20);
    }

private:
    static app::Input any(const app::Desk& desk, QRandomGenerator& random) {
        using Of = app::InstrumentReading;
        switch (random.bounded(13)) {
        case 0:
        case 1:
            if (const auto all = desk.commands(); !all.isEmpty())
                return app::Letter{all[random.bounded(int(all.size()))].letter};
            return app::Letter{QLatin1Char('q')};
        case 2:
        case 3:
            return Of{random.bounded(20.0) - 2.0, Of::Unit::Millimetre,
                      random.bounded(2) ? std::optional(random.bounded(720.0) - 360.0)
                                        : std::nullopt,
                      QStringLiteral("dial")};
        case 4:
            return Of{random.bounded(720.0) - 360.0, Of::Unit::Degree, {}, {}};
        case 5:
            return Of{
                std::nan(""), random.bounded(2) ? Of::Unit::Degree : Of::Unit::Millimetre, {}, {}};
        case 12: {
            app::InstrumentPass pass;
            pass.goesOn = random.bounded(2);
            pass.through = random.bounded(4) == 0;
            const double from = random.bounded(720.0) - 360.0;
            for (int i = random.bounded(12); i > 0; --i)
                pass.readings.push_back(
                    Of{random.bounded(9.0), Of::Unit::Millimetre,
                       random.bounded(30) ? std::optional(from + i) : std::nullopt,
                       QStringLiteral("dial"), QStringLiteral("FA"), false});
            if (random.bounded(8) == 0)
                pass.readings.push_back(Of{1.0, Of::Unit::Millimetre, std::nan(""), {}, {}, false});
            return pass;
        }
        case 6:
            return app::Step{random.bounded(2) ? 1 : -1};
        case 7:
            return random.bounded(2) ? app::Input(app::Strike{}) : app::Input(app::Leave{});
        default:
            return app::Line{QString::fromUtf8(kLines[random.bounded(int(std::size(kLines)))])};
        }
    }
    static QString named(const app::Input& input) {
        if (const auto* l = std::get_if<app::Line>(&input)) return l->text;
        if (const auto* l = std::get_if<app::Letter>(&input)) return QString(l->letter);
        if (const auto* r = std::get_if<app::InstrumentReading>(&input))
            return QStringLiteral("reading %1").arg(r->value);
        return QString::number(input.index());
    }
};

AMBER_TEST(TestEveryDesk)

} // namespace test_every_desk

#include "test_every_desk.moc"
