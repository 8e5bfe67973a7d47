// How much live instruments cost: of a core, and from what is said to what is painted.
#include "app/frame/live_view.h"
#include "measure.h"

#include "app/benches/lobes/lobes_station.h"
#include "app/frame/entry_bar.h"
#include "instrument/simulated_rig.h"

#include <QApplication>
#include <QEvent>
#include <QTest>

#include <cstdio>

#include <sys/resource.h>

namespace measure {

namespace {

double cpu_s() {
    rusage u{};
    ::getrusage(RUSAGE_SELF, &u);
    const auto seconds = [](const timeval& t) {
        return static_cast<double>(t.tv_sec) + static_cast<double>(t.tv_usec) * 1e-6;
    };
    return seconds(u.ru_utime) + seconds(u.ru_stime);
}

/// When the line was painted.
struct Painted : QObject {
    QElapsedTimer since;
    std::vector<double> at_ms;
    bool eventFilter(QObject*, QEvent* event) override {
        if (event->type() == QEvent::Paint) at_ms.push_back(ms(since));
        return false;
    }
};

double shareOfACore(double seconds) {
    const double before = cpu_s();
    QElapsedTimer t;
    t.start();
    QTest::qWait(static_cast<int>(seconds * 1000.0));
    return (cpu_s() - before) / (ms(t) / 1000.0);
}

} // namespace

void liveInstruments() {
    using namespace lobe;
    Bench b;
    app::MainWindow& window = b.application->window();
    b.session().newJob(QStringLiteral("live"));
    window.go(stations::lobes);
    window.lobes()->desk().take(app::Line{QStringLiteral("step 1")});
    const double rest = shareOfACore(2.0);
    auto& rig =
        window.live().instruments().simulate(simulated::Bench(simulated::engineOf(3), 1, 2000.0));
    rig.bench().put(-130.0);
    rig.bench().dialOn(simulated::On::Intake);
    const double still = shareOfACore(2.0);
    // Over the base circle and the lobe, logging every degree.
    rig.bench().turn(20.0);
    Painted painted;
    window.entryBar()->line()->installEventFilter(&painted);
    painted.since.start();
    const double turning = shareOfACore(12.0);
    const auto run = b.session().run();
    const auto& dial = *window.live().instruments().all()[0];
    std::vector<double> apart;
    for (std::size_t i = 1; i < painted.at_ms.size(); ++i)
        apart.push_back(painted.at_ms[i] - painted.at_ms[i - 1]);
    // A value that is new waits for the frame it is painted with, and no longer.
    std::printf(
        "live         at 2000 a second, of a core: %.1f %% at rest without, %.1f %% with the "
        "crank still, %.1f %% turning and logging (under 15, and twice that for the bench "
        "itself in the same process); painted every %.0f ms median, %.0f at worst but one in "
        "twenty (two frames: 33); %lld said, %lld made no sense, %zu readings kept\n",
        100.0 * rest, 100.0 * still, 100.0 * turning, apart.empty() ? 0.0 : median(apart),
        apart.empty() ? 0.0 : quantile(apart, 0.95), dial.all, dial.oddOnes,
        run ? run->readings.size() : std::size_t(0));
    // The bench alone, which a real tool does not cost.
    simulated::Bench alone(simulated::engineOf(3), 1, 2000.0);
    alone.turn(20.0);
    const double before = cpu_s();
    for (int i = 0; i < 400; ++i) {
        alone.advance(0.005);
        for (const auto tool :
             {simulated::Tool::Dial, simulated::Tool::Second, simulated::Tool::Encoder})
            alone.take(tool);
    }
    std::printf("live         the simulated bench alone: %.1f %% of a core\n",
                100.0 * (cpu_s() - before) / 2.0);
}

} // namespace measure
