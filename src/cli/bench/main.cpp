// A bench that ships with the application: an indicator, a second one and an encoder on a made-up
// engine, as devices to plug into. It runs until it is stopped; lines typed to it change it.
#include "book/job_file.h"
#include "book/loaded.h"
#include "cli/line.h"
#include "core/job/job.h"
#include "instrument/pseudo_terminal.h"
#include "instrument/simulated_rig.h"
#include "simulated/bench.h"

#include <QCoreApplication>
#include <QFile>
#include <QSocketNotifier>
#include <QTextStream>
#include <QTimer>

#include <csignal>
#include <cstdio>
#include <unistd.h>

namespace {

using simulated::Bench;
using simulated::Tool;

int pipe_[2];

void stopped(int) {
    const char c = 0;
    [[maybe_unused]] const auto n = ::write(pipe_[1], &c, 1);
}

/// "seed:7": an engine by a seed.
std::optional<unsigned> seedOf(const std::string& engine) {
    const QString text = QString::fromStdString(engine);
    if (!text.startsWith(QLatin1String("seed:"))) return std::nullopt;
    bool ok = false;
    const unsigned seed = text.mid(5).toUInt(&ok);
    return ok ? std::optional(seed) : std::nullopt;
}

/// The engine of a job file, with lobes of a seed: what is known of it is as the file has it.
std::optional<simulated::Truth> truthOf(const std::string& engine, QString& why) {
    if (const auto seed = seedOf(engine)) return simulated::engineOf(*seed);
    QFile file(QString::fromStdString(engine));
    if (!file.open(QIODevice::ReadOnly)) {
        why = QStringLiteral("%1 cannot be read: %2").arg(file.fileName(), file.errorString());
        return std::nullopt;
    }
    const auto read = book::readJobFile(file.readAll());
    if (const auto* wrong = std::get_if<QString>(&read)) {
        why = *wrong;
        return std::nullopt;
    }
    simulated::Truth t = simulated::engineOf(1);
    t.engine = std::get<book::JobFile>(read).job.engine;
    return t;
}

void writeTruth(const QString& path, const Bench& bench) {
    QFile file(path);
    if (!file.open(QIODevice::WriteOnly)) return;
    const simulated::Truth& t = bench.truth();
    QTextStream out(&file);
    out << "{\n";
    for (const lobe::Side side : {lobe::Side::Intake, lobe::Side::Exhaust}) {
        const bool in = side == lobe::Side::Intake;
        out << "  \"" << (in ? "intake" : "exhaust")
            << "\": {\"greatest_mm\": " << t.greatest(side, lobe::Place::Tappet)
            << ", \"nose_deg\": " << t.nose(side);
        for (const bool opening : {true, false})
            out << ", \"" << (opening ? "opens" : "closes")
                << "_at_1.27_deg\": " << t.event(side, {1.27, lobe::Place::Tappet}, opening);
        out << "},\n";
    }
    out << "  \"pointer_deg\": " << t.pointer_deg << "\n}\n";
}

/// A line of whoever stands at the bench.
QString obey(Bench& bench, const QString& line) {
    const QStringList words = line.simplified().split(QLatin1Char(' '));
    const QString first = words.value(0), second = words.value(1);
    if (first == QLatin1String("turn")) {
        bool ok = false;
        const double speed = second.toDouble(&ok);
        if (!ok) return QStringLiteral("turn 2: degrees a second, below 0 backwards");
        bench.turn(speed);
        return {};
    }
    if (first == QLatin1String("dial")) {
        if (second == QLatin1String("intake"))
            return bench.dialOn(simulated::On::Intake), QString();
        if (second == QLatin1String("exhaust"))
            return bench.dialOn(simulated::On::Exhaust), QString();
        if (second == QLatin1String("piston"))
            return bench.dialOn(simulated::On::Piston), QString();
        return QStringLiteral("dial intake, dial exhaust or dial piston");
    }
    if (first == QLatin1String("zero")) return bench.zeroDial(), QString();
    if (first == QLatin1String("press"))
        return bench.press(second != QLatin1String("off")), QString();
    if (first == QLatin1String("where"))
        return QStringLiteral("crank %1, dial %2")
            .arg(bench.crank_deg(), 0, 'f', 2)
            .arg(bench.trueLift(Tool::Dial), 0, 'f', 3);
    if (first == QLatin1String("fault") &&
        bench.setFault(second.toStdString(), words.value(2) != QLatin1String("off")))
        return {};
    return QStringLiteral(
        "turn DEG_PER_S | dial intake|exhaust|piston | zero | press [off] | fault NAME "
        "[off] | where");
}

} // namespace

int main(int argc, char** argv) {
    QCoreApplication app(argc, argv);
    cli::Line line(
        "A simulated indicator and encoder on a made-up engine, as devices to plug into.",
        "amber-lobe-bench");
    cli::Command words = line.top();
    std::string engine = "seed:1", lift, second, angle, truth;
    std::vector<std::string> faults;
    double turn = 0.0, rate = 200.0, seconds = 0.0;
    unsigned seed = 1;
    bool list = false, wait = false, ended = false;
    words.flag("--list", list, "the faults that can be switched on");
    words.option("--engine", engine, "seed:N, or a job file whose engine it has");
    words.option("--lift", lift, "link that leads to the indicator");
    words.option("--second", second, "link that leads to the indicator on the other valve");
    words.option("--angle", angle, "link that leads to the encoder");
    words.option("--fault", faults, "a fault by its name; may be given again");
    words.option("--turn", turn, "degrees of crank a second, below 0 backwards");
    words.option("--rate", rate, "what each tool says in a second").within(1.0, 4000.0);
    words.option("--seed", seed, "of noise and faults");
    words.option("--seconds", seconds, "ends by itself after so long");
    words.flag("--wait", wait, "says nothing before the first line is typed to it");
    words.option("--truth", truth, "file the hidden engine is written to");
    const cli::LineRead read = line.read(argc, argv);
    QTextStream out(stdout), err(stderr);
    if (read.done) {
        out << QString::fromStdString(read.said);
        return 0;
    }
    if (!read.wrong.empty()) {
        err << QString::fromStdString(read.wrong) << "; see --help\n";
        return 2;
    }
    if (list) {
        for (const simulated::Fault& f : Bench::faults())
            out << QLatin1String(f.name) << '\t' << QLatin1String(f.does) << '\n';
        return 0;
    }
    QString why;
    const auto engineOf = truthOf(engine, why);
    if (!engineOf) {
        err << (why.isEmpty() ? QStringLiteral("--engine is seed:N or a job file") : why) << '\n';
        return 2;
    }
    Bench bench(*engineOf, seed, rate);
    // There both valves of the cylinder are shut.
    bench.put(-330.0);
    bench.dialOn(simulated::On::Intake);
    bench.turn(turn);
    for (const std::string& name : faults)
        if (!bench.setFault(name, true)) {
            err << "no fault is called " << QString::fromStdString(name) << "; --list names them\n";
            return 2;
        }
    instrument::PseudoTerminal tools[simulated::kTools];
    const std::string* links[] = {&lift, &second, &angle};
    for (std::size_t i = 0; i < std::size(links); ++i)
        if (const QString wrong = tools[i].open(QString::fromStdString(*links[i]));
            !wrong.isEmpty()) {
            err << wrong << '\n';
            return 1;
        }
    if (!truth.empty()) writeTruth(QString::fromStdString(truth), bench);
    const auto said = instrument::SimulatedRig::tools();
    for (std::size_t i = 0; i < said.size(); ++i)
        out << instrument::roleWord(said[i].role) << '\t' << tools[i].path() << '\t'
            << instrument::wayWord(said[i].format.way) << '\n';
    out.flush();

    const instrument::Seconds clock = instrument::steadyClock();
    double last = clock(), begun = last;
    std::size_t lost[simulated::kTools] = {};
    QTimer tick;
    tick.setTimerType(Qt::PreciseTimer);
    QObject::connect(&tick, &QTimer::timeout, [&] {
        const double now = clock();
        if (!wait && !ended) bench.advance(std::min(now - last, 1.0));
        last = now;
        if (wait) begun = now;
        for (std::size_t i = 0; i < std::size(tools); ++i) {
            const auto tool = static_cast<Tool>(i);
            const std::string bytes = bench.take(tool);
            if (bench.unplugged(tool)) {
                tools[i].close();
            } else {
                if (!tools[i].isOpen()) tools[i].open(QString::fromStdString(*links[i]));
                if (!tools[i].write(bytes)) ++lost[i];
            }
        }
        // A terminal that goes away takes with it what nobody has read yet.
        constexpr int kReadOut_ms = 300;
        if (seconds > 0.0 && now - begun > seconds && !std::exchange(ended, true))
            QTimer::singleShot(kReadOut_ms, &app, [] { QCoreApplication::quit(); });
    });
    tick.start(2);

    // What is typed, and Ctrl+C.
    QByteArray typed;
    QSocketNotifier keys(STDIN_FILENO, QSocketNotifier::Read);
    QObject::connect(&keys, &QSocketNotifier::activated, [&] {
        char bytes[512];
        const auto n = ::read(STDIN_FILENO, bytes, sizeof bytes);
        if (n <= 0) return keys.setEnabled(false);
        typed.append(bytes, n);
        wait = false;
        for (qsizetype end; (end = typed.indexOf('\n')) >= 0; typed.remove(0, end + 1))
            if (const QString answer = obey(bench, QString::fromUtf8(typed.left(end)));
                !answer.isEmpty()) {
                out << answer << '\n';
                out.flush();
            }
    });
    if (::pipe(pipe_) == 0) {
        std::signal(SIGINT, stopped);
        std::signal(SIGTERM, stopped);
    }
    QSocketNotifier end(pipe_[0], QSocketNotifier::Read);
    QObject::connect(&end, &QSocketNotifier::activated, [] { QCoreApplication::quit(); });
    const int code = app.exec();
    out << "said " << bench.samples() << " each; not taken: dial " << lost[0] << ", second "
        << lost[1] << ", encoder " << lost[2] << "\n";
    return code;
}
