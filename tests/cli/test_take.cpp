// A recorded stream of instruments, into a run of a job: the real program in its own process.
#include "book/book.h"
#include "core/examine/examine.h"
#include "core/job/job.h"
#include "core/lobe/run.h"
#include "instrument/simulated_rig.h"
#include "instrument/stream.h"
#include "support/command_line.h"
#include "support/program.h"

#include <QFile>
#include <QTemporaryDir>
#include <QTest>

namespace test_take {

using namespace lobe;
using command::Ran;
using command::ran;

class TestTake : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;

    static Place taken() {
        return usualConditions(simulated::engineOf(4).engine, Side::Intake).taken;
    }
    /// What the bench says over so many degrees, as a stream.
    QString stream(const QString& name, double from, double to, const char* fault = nullptr) {
        simulated::Bench bench(simulated::engineOf(4), 1, 200.0);
        bench.put(from);
        bench.dialOn(simulated::On::Intake);
        bench.readAt(taken());
        bench.turn(to > from ? 20.0 : -20.0);
        if (fault) bench.setFault(fault, true);
        auto tools = instrument::SimulatedRig::tools();
        tools.erase(tools.begin() + 1);
        // Set to zero where TDC is.
        tools[1].counter.zero =
            bench.truth().pointer_deg * simulated::Bench::kCountsPerTurn / 360.0;
        instrument::StreamWriter writer;
        const QString path = dir_.filePath(name);
        if (!writer.begin(path, tools)) return {};
        for (double t = 0.0; t < std::abs(to - from) / 20.0; t += 0.01) {
            bench.advance(0.01);
            writer.write(t, instrument::Role::Angle,
                         QByteArray::fromStdString(bench.take(simulated::Tool::Encoder)));
            writer.write(t, instrument::Role::Lift,
                         QByteArray::fromStdString(bench.take(simulated::Tool::Dial)));
        }
        return path;
    }

private slots:
    void aLobeOutOfAStream() {
        const QString book = dir_.filePath(QStringLiteral("b.amber"));
        {
            auto made = book::Book::open(book);
            auto& b = std::get<std::unique_ptr<book::Book>>(made);
            const auto job = std::get<std::int64_t>(b->addJob(QStringLiteral("Skerry Four")));
            Engine engine = simulated::engineOf(4).engine;
            b->record(job, book::SetEngine{engine});
        }
        const Ran r = ran({"take", book, "--side", "intake", "--from",
                           stream(QStringLiteral("a.stream"), -340.0, 380.0)});
        QVERIFY2(r.code == 0, qPrintable(r.err));
        QVERIFY2(r.out.contains(QStringLiteral("readings are a new run")), qPrintable(r.out));
        auto opened = book::Book::open(book);
        const auto& b = std::get<std::unique_ptr<book::Book>>(opened);
        const Job job = std::get<Job>(b->load(b->jobs()[0].id));
        QCOMPARE(job.runs.size(), std::size_t(1));
        QVERIFY(job.runs[0].readings[0].heard);
        const simulated::Truth truth = simulated::engineOf(4);
        const Findings f = lobe::examine(job);
        const Height h{1.27, taken()};
        for (const bool opening : {true, false}) {
            const HeightEvents* e = f.runs[0].lobe.events(h);
            QVERIFY(e && e->opens && e->closes);
            const double off =
                (opening ? e->opens : e->closes)->deg - truth.event(Side::Intake, h, opening);
            QVERIFY2(std::abs(off) < 0.1, qPrintable(QString::number(off)));
        }
    }

    // Nothing is kept of what holds no lobe; and why is said.
    void whatHoldsNoLobe() {
        const QString book = dir_.filePath(QStringLiteral("c.amber"));
        {
            auto made = book::Book::open(book);
            std::get<std::unique_ptr<book::Book>>(made)->addJob(QStringLiteral("Skerry Four"));
        }
        const auto refused = [&](const QString& from, const char* word) {
            const Ran r = ran({"take", book, "--side", "intake", "--from", from});
            return r.code == 1 && r.err.contains(QLatin1String(word));
        };
        QVERIFY(refused(stream(QStringLiteral("half.stream"), 60.0, 200.0), "no whole lobe"));
        QVERIFY(refused(stream(QStringLiteral("back.stream"), 380.0, -340.0), "no whole lobe"));
        QVERIFY(refused(dir_.filePath(QStringLiteral("none.stream")), "no such file"));
        auto opened = book::Book::open(book);
        const auto& b = std::get<std::unique_ptr<book::Book>>(opened);
        QVERIFY(std::get<Job>(b->load(b->jobs()[0].id)).runs.empty());
        // Damaged packets are left out and counted; the lobe is taken all the same.
        const Ran r = ran({"take", book, "--side", "intake", "--from",
                           stream(QStringLiteral("bad.stream"), -340.0, 380.0, "garbled")});
        QVERIFY2(r.code == 0 && r.out.contains(QStringLiteral("made no sense")), qPrintable(r.err));
    }
};

AMBER_TEST(TestTake)

} // namespace test_take

#include "test_take.moc"
