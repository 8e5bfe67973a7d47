#include "cli/filling_command.h"

#include "cli/inputs.h"
#include "cli/refusal.h"
#include "core/clearance/map.h"
#include "core/filling/piped.h"
#include "words/choosing.h"
#include "words/numbers.h"

#include <cmath>
#include <memory>

namespace cli {

using namespace lobe;

namespace {

struct FillingOptions {
    std::string intake, exhaust, taken = "tappet", speeds = "1000:8000:250";
    FillingEngine engine;
    double ratio = 1.0, lash = 0.0;
    std::vector<double> advances{0.0};
    std::string intakePipe, exhaustPipe;
    Pipes pipes;
    double trace_rpm = 0.0;
    bool json = false;

    bool piped() const { return !intakePipe.empty() || !exhaustPipe.empty(); }
};

constexpr std::size_t kMostSpeeds = 2000;

/// "FROM:TO:STEP", 1/min.
std::vector<double> speedsOf(const std::string& text) {
    const QStringList parts = QString::fromStdString(text).split(QLatin1Char(':'));
    double v[3] = {};
    bool ok = parts.size() == 3;
    for (int i = 0; ok && i < 3; ++i)
        v[i] = parts[i].toDouble(&ok);
    if (!ok || !(v[0] >= 100.0 && v[1] >= v[0] && v[1] <= 30000.0 && v[2] > 0.0) ||
        (v[1] - v[0]) / v[2] > static_cast<double>(kMostSpeeds))
        throw Refusal{QStringLiteral("--speeds %1: expected FROM:TO:STEP within 100 to 30000 per "
                                     "minute, at most %2 of them")
                          .arg(QString::fromStdString(text))
                          .arg(kMostSpeeds)};
    std::vector<double> out;
    for (double s = v[0]; s <= v[1] + 1e-9; s += v[2])
        out.push_back(s);
    return out;
}

/// "LENGTH:BORE" or "LENGTH:BORE:BORE2", mm.
PipeSize pipeOf(const char* option, const std::string& text) {
    const QStringList parts = QString::fromStdString(text).split(QLatin1Char(':'));
    double v[3] = {};
    bool ok = parts.size() == 2 || parts.size() == 3;
    for (qsizetype i = 0; ok && i < parts.size(); ++i)
        v[i] = parts[i].toDouble(&ok);
    PipeSize size{v[0], v[1], v[2]};
    Pipes both;
    both.intake = both.exhaust = size;
    if (!ok || faultOf(both) != PipeFault::None)
        throw Refusal{
            QStringLiteral("%1 %2: expected LENGTH:BORE or LENGTH:BORE:BORE2 in mm, lengths "
                           "from 5 to 5000, bores from 5 to 200")
                .arg(QLatin1String(option), QString::fromStdString(text))};
    return size;
}

/// Both pipes are wanted: one alone would be held against nothing.
void readPipes(FillingOptions& o) {
    if (o.intakePipe.empty() || o.exhaustPipe.empty())
        throw Refusal{
            QStringLiteral("--intake-pipe and --exhaust-pipe: expected both, or neither")};
    o.pipes.intake = pipeOf("--intake-pipe", o.intakePipe);
    o.pipes.exhaust = pipeOf("--exhaust-pipe", o.exhaustPipe);
    switch (faultOf(o.pipes)) {
    case PipeFault::Cells:
        throw Refusal{QStringLiteral("--cells %1: expected 4 to 400").arg(o.pipes.cells)};
    case PipeFault::Volumes:
        throw Refusal{QStringLiteral("--plenum in cc up to 100000, --throttle in mm up to 200")};
    default:
        break;
    }
}

ValveLift liftOf(const std::string& path, Side side, const FillingOptions& o) {
    LobeRequest request;
    request.side = side;
    request.taken = {placeOf(o.taken), o.ratio, o.lash};
    auto figures =
        std::make_shared<LobeFigures>(analyseLobe(tableOf(pathOf(path)).points, request));
    if (!figures->curve || !figures->noseReached)
        throw Refusal{
            QStringLiteral("%1: expected a lobe to its nose and beyond").arg(pathOf(path))};
    if (findingOf<found::SidesSwapped>(figures->findings) ||
        findingOf<found::CentreFarOff>(figures->findings))
        throw Refusal{QStringLiteral("%1: its centre is not where such a lobe sits; expected crank "
                                     "degrees from TDC on overlap, the intake first")
                          .arg(pathOf(path))};
    return valveLift(figures, 0.0);
}

Json pointJson(const FillingPoint& p) {
    return Json{{"speed", p.speed_rpm},
                {"efficiency", p.efficiency},
                {"residual", p.residual},
                {"trapped_mg", p.trapped_mg},
                {"pumping_j", p.pumping_j}};
}

void run(Host& host, FillingOptions o) {
    if (o.piped()) readPipes(o);
    checkPositive("--ratio", o.ratio, false);
    checkPositive("--lash", o.lash, true);
    checkAdvances(o.advances);
    const bool piped = o.piped();
    if (o.trace_rpm != 0.0 && (!piped || !(o.trace_rpm >= 100.0 && o.trace_rpm <= 30000.0)))
        throw Refusal{QStringLiteral("--trace: a speed from 100 to 30000, with pipes")};
    const auto speeds = speedsOf(o.speeds);
    const ValveLift in = liftOf(o.intake, Side::Intake, o),
                    ex = liftOf(o.exhaust, Side::Exhaust, o);
    const words::Style style;
    Json all = Json::array();
    QString text;
    for (double advance : o.advances) {
        const auto lift = [&](const ValveLift& of) {
            return [&of, advance](double deg) {
                const double mm = of.at(deg, advance);
                return mm > 0.02 ? mm : 0.0;
            };
        };
        const auto made = Filling::of(o.engine, lift(in), lift(ex));
        if (const auto* fault = std::get_if<FillingFault>(&made))
            throw Refusal{words::sentence(*fault)};
        const Filling& filling = std::get<Filling>(made);
        std::vector<FillingPoint> points;
        for (double speed : speeds)
            points.push_back(piped ? fillingWithPipes(filling, o.pipes, speed) : filling.at(speed));
        double error = 0.0;
        Json listed = Json::array();
        for (const FillingPoint& p : points) {
            error = std::max(error, p.massError);
            listed.push_back(pointJson(p));
        }
        const FillingCurve curve = fillingCurve(std::move(points));
        Json one{{"advance", advance},
                 {"points", std::move(listed)},
                 {"peak_speed", curve.peak_rpm ? Json(*curve.peak_rpm) : Json()},
                 {"mass_error", error}};
        if (o.trace_rpm > 0.0) {
            PipeTrace trace;
            fillingWithPipes(filling, o.pipes, o.trace_rpm, &trace);
            one["trace_speed"] = o.trace_rpm;
            one["pressure_intake"] = trace.intake_pa;
            one["pressure_exhaust"] = trace.exhaust_pa;
        }
        all.push_back(std::move(one));
        text +=
            QStringLiteral("advanced by %1\n  speed  filling  residual  trapped mg  pumping J\n")
                .arg(words::signedFixed(advance, 1, style));
        for (const FillingPoint& p : curve.points)
            text += QStringLiteral("%1 %2 %3 %4 %5\n")
                        .arg(p.speed_rpm, 7, 'f', 0)
                        .arg(p.efficiency, 8, 'f', 3)
                        .arg(p.residual, 9, 'f', 3)
                        .arg(p.trapped_mg, 11, 'f', 1)
                        .arg(p.pumping_j, 10, 'f', 2);
        text +=
            curve.peak_rpm
                ? QStringLiteral("fills best at %1 per minute\n").arg(*curve.peak_rpm, 0, 'f', 0)
                : QStringLiteral("fills best at an end of these speeds\n");
    }
    text += words::fillingCaution(piped) + QLatin1Char('\n');
    host.print(o.json, [&] {
        struct {
            Json json;
            QString text;
        } printed{Json{{"advances", all}, {"pipes", piped}}, text};
        return printed;
    }());
}

} // namespace

void addFilling(Command app, Host& host) {
    const auto kept = std::make_shared<FillingOptions>();
    FillingOptions& o = *kept;
    Command command = app.command(
        "filling", "how one cylinder fills over speed: an estimate, with pipes or without");
    command.option("INTAKE", o.intake, "lift table of the intake lobe").required();
    command.option("EXHAUST", o.exhaust, "lift table of the exhaust lobe").required();
    command.option("--bore", o.engine.bore_mm, "mm").required();
    command.option("--stroke", o.engine.stroke_mm, "mm").required();
    command.option("--rod", o.engine.rod_mm, "mm").required();
    command.option("--ratio-static", o.engine.staticRatio, "compression ratio").required();
    command.option("--intake-valve", o.engine.intakeHead_mm, "head, mm").required();
    command.option("--exhaust-valve", o.engine.exhaustHead_mm, "head, mm").required();
    command.option("--intake-valves", o.engine.intakeValves, "of the cylinder (1)");
    command.option("--exhaust-valves", o.engine.exhaustValves, "of the cylinder (1)");
    command.option("--taken", o.taken, "where lift was taken: tappet (default) or valve")
        .oneOf({"tappet", "valve"});
    command.option("--ratio", o.ratio, "rocker ratio (1)");
    command.option("--lash", o.lash, "at the valve, mm (0)");
    command.option("--advance", o.advances, "crank degrees, positive: A,A,... (0)").delimiter(',');
    command.option("--speeds", o.speeds, "FROM:TO:STEP, per minute (1000:8000:250)");
    command.option("--intake-pipe", o.intakePipe,
                   "LENGTH:BORE[:BORE2], mm: from the valve to the mouth");
    command.option("--exhaust-pipe", o.exhaustPipe,
                   "LENGTH:BORE[:BORE2], mm: from the valve to the open end");
    command.option("--plenum", o.pipes.plenum_cc, "behind the intake pipe, cc (0: the open)");
    command.option("--throttle", o.pipes.throttle_mm,
                   "diameter at the mouth or the plenum, mm (0: wide)");
    command.option("--cells", o.pipes.cells, "of each pipe (40)");
    command.option("--trace", o.trace_rpm,
                   "with --json: pressures outside the valves, Pa, by degree from -360");
    command.flag("--json", o.json, "print JSON");
    command.callback([&host, kept] { host.command = [&host, kept] { run(host, *kept); }; });
}

} // namespace cli
