#include "cli/bench_commands.h"

#include "cli/inputs.h"
#include "cli/json.h"
#include "cli/refusal.h"
#include "core/examine/examine.h"
#include "core/flywheel/tape.h"
#include "core/job/job.h"
#include "core/lash/lash.h"
#include "core/ports/ports.h"
#include "words/bench.h"

#include <cmath>
#include <memory>
#include <numbers>

namespace cli {

using namespace lobe;

namespace {

struct PortOptions {
    double stroke = 0.0, rod = 0.0, exhaust = 0.0, transfer = 0.0;
    std::optional<double> intake, deck;
    std::vector<double> want;
    bool json = false;
};

struct TapeOptions {
    std::string circumference, opens, closes, band;
    bool json = false;
};

struct LashOptions {
    std::string book, job, school;
    std::optional<double> margin;
    bool json = false;
};

void checkOpening(const char* option, double deg) {
    if (!(deg > 0.0 && deg < 180.0))
        throw Refusal{QStringLiteral("%1 %2: expected degrees over 0 and under 180")
                          .arg(QLatin1String(option))
                          .arg(deg)};
}

Json portJson(const PortFigures& p, const PortOptions& o) {
    Json out{{"opens", p.opens_deg.value},
             {"duration", p.duration_deg.value},
             {"edge_mm", p.edge_mm.value}};
    if (o.deck) out["from_deck_mm"] = p.edge_mm.value + *o.deck;
    return out;
}

void ports(const PortOptions& o, const Host& host) {
    checkPositive("--stroke", o.stroke, false);
    checkPositive("--rod", o.rod, false);
    const auto path = PistonPath::of(o.stroke, o.rod);
    if (!path || o.rod <= o.stroke / 2.0)
        throw Refusal{QStringLiteral("--rod %1: expected a rod longer than half the stroke, %2")
                          .arg(o.rod)
                          .arg(o.stroke / 2.0)};
    checkOpening("--exhaust", o.exhaust);
    checkOpening("--transfer", o.transfer);
    if (o.intake) checkOpening("--intake", *o.intake);
    for (const double d : o.want)
        if (!(d > 0.0 && d < 360.0))
            throw Refusal{
                QStringLiteral("--want-exhaust %1: expected a duration over 0 and under 360")
                    .arg(d)};
    if (o.deck && !(std::abs(*o.deck) <= 50.0))
        throw Refusal{QStringLiteral("--deck %1: expected up to 50 mm").arg(*o.deck)};
    PortWork work;
    work.exhaust.opens_deg = o.exhaust;
    work.transfer.opens_deg = o.transfer;
    work.intake.opens_deg = o.intake;
    const PortCrank crank{*path, 0.0};
    const auto exhaust = portFigures(work, PortName::Exhaust, crank),
               transfer = portFigures(work, PortName::Transfer, crank),
               intake = portFigures(work, PortName::Intake, crank);
    const auto wanted = wantedEdges(*exhaust, o.want, *path);
    const double blowdown = *blowdown_deg(exhaust, transfer);
    if (o.json) {
        Json want = Json::array();
        for (const WantedEdge& w : wanted)
            want.push_back(Json{{"duration", w.duration_deg},
                                {"edge_mm", w.edge_mm.value},
                                {"file_mm", w.file_mm},
                                {"per_half_mm", w.perHalf_deg}});
        Json out{{"exhaust", portJson(*exhaust, o)},
                 {"transfer", portJson(*transfer, o)},
                 {"blowdown", blowdown},
                 {"want_exhaust", std::move(want)}};
        if (intake) out["intake"] = portJson(*intake, o);
        return host.print(out);
    }
    const words::Style style;
    QString text;
    for (const auto* p : {&exhaust, &transfer, &intake})
        if (*p) text += words::portLine(**p, style) + QLatin1Char('\n');
    text += words::blowdownLine(blowdown, style) + QLatin1Char('\n');
    for (const WantedEdge& w : wanted)
        text += words::wantedLine(PortName::Exhaust, w, style) + QLatin1Char('\n');
    host.print(text);
}

/// Millimetres, or inches with "in" behind.
double lengthOf(const char* option, const std::string& typed) {
    QString text = QString::fromStdString(typed).trimmed().toLower();
    double unit = 1.0;
    if (text.endsWith(QLatin1String("in"))) {
        unit = kMmPerInch;
        text.chop(2);
    } else if (text.endsWith(QLatin1String("mm"))) {
        text.chop(2);
    }
    bool ok = false;
    const double value = text.trimmed().toDouble(&ok);
    if (!ok || !std::isfinite(value))
        throw Refusal{QStringLiteral("%1 %2: expected millimetres, or inches such as 88.5in")
                          .arg(QLatin1String(option), QString::fromStdString(typed))};
    return value * unit;
}

void bandOf(const std::string& typed, FlywheelWork& work) {
    if (typed.empty()) return;
    const QStringList two = QString::fromStdString(typed).split(QLatin1Char(':'));
    bool a = false, b = false;
    const double least = two.value(0).toDouble(&a), most = two.value(1).toDouble(&b);
    if (two.size() != 2 || !a || !b || !(least > 0.0 && least <= most && most <= 720.0))
        throw Refusal{QStringLiteral("--band %1: expected degrees from and to, such as 220:230")
                          .arg(QString::fromStdString(typed))};
    work.least_deg = least;
    work.most_deg = most;
}

const char* verdictName(BandVerdict v) {
    switch (v) {
    case BandVerdict::Below:
        return "below";
    case BandVerdict::Within:
        return "within";
    case BandVerdict::Above:
        return "above";
    case BandVerdict::NotKnown:
        break;
    }
    return nullptr;
}

void tape(const TapeOptions& o, const Host& host) {
    FlywheelWork work;
    work.circumference_mm = lengthOf("--circumference", o.circumference);
    work.opens_mm = lengthOf("--opens", o.opens);
    work.closes_mm = lengthOf("--closes", o.closes);
    bandOf(o.band, work);
    const TapeFigures f = tapeFigures(work);
    if (f.fault == TapeFault::Circumference)
        throw Refusal{QStringLiteral("--circumference %1: expected more than 0")
                          .arg(QString::fromStdString(o.circumference))};
    if (f.fault == TapeFault::Arc)
        throw Refusal{QStringLiteral("--opens and --closes: expected arcs from 0 up to two turns, "
                                     "%1 mm")
                          .arg(2.0 * work.circumference_mm)};
    if (o.json) {
        const char* verdict = verdictName(f.verdict);
        return host.print(Json{{"degrees", f.degrees->value},
                               {"uncertainty", orNull(f.degrees->plusMinus)},
                               {"verdict", verdict ? Json(verdict) : Json()},
                               {"sure", f.sure}});
    }
    host.print(words::tapeVerdict(work, f, words::Style()) + QLatin1Char('\n'));
}

std::optional<LashSchool> schoolOf(const std::string& name) {
    if (name == "eoic") return LashSchool::OpeningClosing;
    if (name == "firing") return LashSchool::FiringTdc;
    if (name == "companion") return LashSchool::Companion;
    if (name == "fewest") return LashSchool::Fewest;
    return std::nullopt;
}

void lash(const LashOptions& o, const Host& host) {
    const auto book = openBook(pathOf(o.book));
    Job job = jobOf(*book, o.job);
    if (const auto school = schoolOf(o.school)) job.lash.school = *school;
    if (o.margin) {
        if (!(*o.margin >= 0.0 && *o.margin <= 120.0))
            throw Refusal{QStringLiteral("--margin %1: expected 0 to 120 degrees").arg(*o.margin)};
        job.lash.margin_deg = *o.margin;
    }
    const Findings findings = lobe::examine(job);
    const LashPlan plan = lashPlan(job, findings);
    const words::Style style;
    if (plan.stops.empty() && plan.fault != LashFault::None)
        throw Refusal{words::sentence(plan.fault, plan.lacking)};
    if (o.json) {
        Json stops = Json::array();
        for (const LashStop& s : plan.stops) {
            Json set = Json::array();
            for (const std::size_t i : s.set)
                set.push_back(Json{
                    {"cylinder", plan.valves[i].cylinder},
                    {"side", plan.valves[i].side == Side::Intake ? "intake" : "exhaust"},
                    {"clear", std::find(s.onRamp.begin(), s.onRamp.end(), i) == s.onRamp.end()}});
            stops.push_back(Json{{"wheel", s.cycle_deg},
                                 {"mark", s.wheel_deg()},
                                 {"set", std::move(set)},
                                 {"on_overlap", s.overlap ? Json(*s.overlap) : Json()}});
        }
        return host.print(Json{{"stops", std::move(stops)},
                               {"modelled", plan.byCard},
                               {"problem", plan.fault == LashFault::None
                                               ? Json()
                                               : Json(words::sentence(plan.fault, plan.lacking))}});
    }
    QString text;
    int n = 0;
    for (const LashStop& s : plan.stops)
        text += QStringLiteral("%1. %2\n").arg(++n).arg(words::stopLine(plan, s, style));
    if (plan.fault != LashFault::None)
        text += words::sentence(plan.fault, plan.lacking) + QLatin1Char('\n');
    if (plan.byCard) text += words::lashByCard() + QLatin1Char('\n');
    host.print(text + words::lashCaution() + QLatin1Char('\n'));
}

} // namespace

void addPorts(Command app, Host& host) {
    const auto o = std::make_shared<PortOptions>();
    Command c = app.command("ports", "port timing of a two-stroke, and the edge to file to");
    c.option("--stroke", o->stroke, "mm").required();
    c.option("--rod", o->rod, "centre to centre, mm").required();
    c.option("--exhaust", o->exhaust, "opens so many degrees after TDC").required();
    c.option("--transfer", o->transfer, "opens so many degrees after TDC").required();
    c.option("--intake", o->intake, "a port under the skirt opens so many degrees before TDC");
    c.option("--want-exhaust", o->want, "durations wanted: 180,186").delimiter(',');
    c.option("--deck", o->deck, "crown's rim below the block's face at TDC, mm");
    c.flag("--json", o->json, "print JSON");
    c.callback([&host, o] { host.command = [&host, o] { ports(*o, host); }; });
}

void addTape(Command app, Host& host) {
    const auto o = std::make_shared<TapeOptions>();
    Command c =
        app.command("tape", "a slow engine's exhaust by a tape round its flywheel, from one mark");
    c.option("--circumference", o->circumference, "mm, or inches such as 88.5in").required();
    c.option("--opens", o->opens, "arc the way the engine turns").required();
    c.option("--closes", o->closes, "arc from the same mark").required();
    c.option("--band", o->band, "degrees the handbook allows: 220:230");
    c.flag("--json", o->json, "print JSON");
    c.callback([&host, o] { host.command = [&host, o] { tape(*o, host); }; });
}

void addLash(Command app, Host& host) {
    const auto o = std::make_shared<LashOptions>();
    Command c = app.command(
        "lash", "where to stop the crank to set the lash, 0 to 720 from the TDC on overlap of "
                "cylinder 1");
    c.option("BOOK", o->book, "a book file").required();
    c.option("--job", o->job, "the job's name; needed when the book holds several");
    c.option("--school", o->school, "eoic, firing, companion or fewest; as the job has it")
        .oneOf({"eoic", "firing", "companion", "fewest"});
    c.option("--margin", o->margin, "degrees clear of the ramps; as the job has it");
    c.flag("--json", o->json, "print JSON");
    c.callback([&host, o] { host.command = [&host, o] { lash(*o, host); }; });
}

} // namespace cli
