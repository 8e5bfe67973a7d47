#include "cli/clearance_command.h"

#include "book/files.h"
#include "cli/inputs.h"
#include "cli/refusal.h"
#include "core/clearance/map.h"
#include "words/sentences.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <memory>

namespace cli {

using namespace lobe;

namespace {

LobePtr lobeOf(const LiftTable& table, const ClearanceOptions& o, const char* option) {
    LobeRequest request;
    request.side = o.side;
    request.taken = o.taken;
    request.resolution_mm = o.resolution;
    auto figures = std::make_shared<LobeFigures>(analyseLobe(table.points, request));
    if (!figures->curve || !figures->noseReached)
        throw Refusal{QStringLiteral("%1: expected a lobe to its nose and beyond")
                          .arg(QLatin1String(option))};
    const auto off = findingOf<found::SidesSwapped>(figures->findings) ||
                     findingOf<found::CentreFarOff>(figures->findings);
    if (off)
        throw Refusal{QStringLiteral("%1: its centre is not where an %2 lobe sits; expected crank "
                                     "degrees from TDC on overlap and the right --side")
                          .arg(QLatin1String(option), words::sideName(o.side))};
    return figures;
}

/// Presses at one angle are averaged.
std::vector<GapPoint> pointsOf(const LiftTable& table) {
    std::map<double, std::pair<double, int>> sums;
    for (const LiftPoint& p : table.points) {
        auto& [sum, n] = sums[wrapCycle({p.deg}).deg];
        sum += p.mm;
        ++n;
    }
    std::vector<GapPoint> out;
    for (const auto& [deg, all] : sums)
        out.push_back({deg, all.first / all.second, all.second, true, 0.0});
    return out;
}

void checkMap(const std::vector<GapPoint>& points, Side side) {
    if (points.size() < 3)
        throw Refusal{
            QStringLiteral("--map: %1 angles; expected at least 3 for a gap").arg(points.size())};
    const bool here = std::any_of(points.begin(), points.end(),
                                  [](const GapPoint& p) { return std::abs(p.deg) <= 60.0; });
    if (!here)
        throw Refusal{QStringLiteral("--map: no angle within 60 of TDC on overlap, where a valve "
                                     "comes near the piston; expected crank degrees from there")};
    // The piston chases the exhaust shut before TDC and runs from the opening intake after it.
    const double way = side == Side::Intake ? 1.0 : -1.0;
    const bool right = std::any_of(points.begin(), points.end(),
                                   [&](const GapPoint& p) { return way * p.deg > 0.0; });
    if (!right)
        throw Refusal{
            QStringLiteral("--map: every angle is %1 TDC, where the %2 valve is not "
                           "near; is it the map of the other valve?")
                .arg(side == Side::Intake ? QStringLiteral("before") : QStringLiteral("after"),
                     words::sideName(side))};
}

struct ClearanceFiles {
    std::string map, lift, other, side = "intake", taken = "tappet";
    ClearanceOptions options;
    double limit = 0.0;
    bool json = false;
};

void run(Host& host, ClearanceFiles& o) {
    checkPositive("--ratio", o.options.taken.ratio, false);
    checkPositive("--lash", o.options.taken.lash_mm, true);
    checkPositive("--stroke", o.options.stroke, true);
    checkPositive("--rod", o.options.rod, true);
    if (o.options.limit) checkPositive("--limit", *o.options.limit, false);
    checkAdvances(o.options.advances);
    o.options.side = sideOf(o.side);
    o.options.taken.at = placeOf(o.taken);
    const QString path = pathOf(o.map);
    auto map = book::readClearanceFile(path);
    if (const auto* why = std::get_if<QString>(&map))
        throw Refusal{QStringLiteral("%1: %2; expected a CSV clearance map").arg(path, *why)};
    if (const auto* e = std::get_if<TableError>(&map)) {
        if (e->fault == TableFault::LiftOutOfRange)
            throw Refusal{QStringLiteral("%1, line %2: clearance %3; expected 0 to 30 mm")
                              .arg(path)
                              .arg(e->line)
                              .arg(QString::fromStdString(e->text))};
        if (e->fault == TableFault::TooFewReadings)
            throw Refusal{QStringLiteral("%1: %2 presses; expected at least 3 for a gap")
                              .arg(path)
                              .arg(e->found)};
        const QString said = words::sentence(*e, QString());
        throw Refusal{path +
                      QString(said).replace(QLatin1String("lift"), QLatin1String("clearance"))};
    }
    std::optional<LiftTable> other;
    if (!o.other.empty()) other = tableOf(pathOf(o.other));
    host.print(o.json,
               runClearance(std::get<LiftTable>(map), tableOf(pathOf(o.lift)), other, o.options));
}

} // namespace

ClearancePrinted runClearance(const LiftTable& map, const LiftTable& fitted,
                              const std::optional<LiftTable>& other, const ClearanceOptions& o) {
    auto points = pointsOf(map);
    checkMap(points, o.side);
    const ValveLift lift = valveLift(lobeOf(fitted, o, "--lift"), 0.0);
    const ValveLift wanted = other ? valveLift(lobeOf(*other, o, "--other"), 0.0) : lift;
    GapRequest request;
    if (o.stroke > 0.0 || o.rod > 0.0) {
        request.path = PistonPath::of(o.stroke, o.rod);
        if (!request.path)
            throw Refusal{QStringLiteral("--rod %1: expected a rod longer than half the stroke of "
                                         "%2 mm, and both of them")
                              .arg(o.rod)
                              .arg(o.stroke)};
    }
    const auto gap = Gap::fit(points, lift, request);
    if (!gap)
        throw Refusal{QStringLiteral("--map: no gap can be made of these angles; expected at "
                                     "least 3 that differ")};
    constexpr double kNoGap_mm = 0.25;
    if (gap->residual_mm() > kNoGap_mm)
        throw Refusal{QStringLiteral("--map: these presses leave %1 mm on the gap of that lift; "
                                     "expected the map and the lift of one valve and one cam, both "
                                     "counted from TDC on overlap")
                          .arg(gap->residual_mm(), 0, 'f', 2)};
    const auto measured = measuredLeast(points, request.resolution_mm);
    const words::Style style;
    QString text;
    Json json;
    if (measured) {
        json["measured"] = Json{{"least", measured->least.mm.value},
                                {"at", measured->least.at_deg},
                                {"at_edge", measured->atEdge},
                                {"uncertainty", orNull(measured->least.mm.plusMinus)}};
        text += QStringLiteral("least measured %1 mm at %2%3\n")
                    .arg(words::fixed(measured->least.mm, 2, style),
                         words::fromDeadCentre({measured->least.at_deg}, style),
                         measured->atEdge ? QStringLiteral(", at the edge of what was measured: "
                                                           "the least lies beyond")
                                          : QString());
    }
    const auto angle = gap->pocketAngle_deg();
    json["fit"] = Json{
        {"g0", gap->g0_mm()},
        {"share", gap->share()},
        {"angle_deg", angle ? Json(*angle) : Json()},
        {"residual", gap->residual_mm()},
        {"uncertainty", Json{{"g0", gap->plusMinus_mm(0.0)}, {"share", gap->shareHalfWidth()}}}};
    text +=
        QStringLiteral("gap to the shut valve at TDC %1 mm, the fit leaves %2 mm\n")
            .arg(words::fixed(gap->g0_mm(), 3, style), words::fixed(gap->residual_mm(), 3, style));
    json["predicted"] = Json::array();
    for (double advance : o.advances) {
        const Least least = leastClearance(*gap, wanted, advance);
        json["predicted"].push_back(Json{{"advance", advance},
                                         {"least", least.mm.value},
                                         {"at", least.at_deg},
                                         {"uncertainty", orNull(least.mm.plusMinus)}});
        text += QStringLiteral("advanced by %1: least %2 ±%3 mm at %4\n")
                    .arg(words::signedFixed(advance, 1, style), words::fixed(least.mm, 2, style),
                         words::fixed(least.mm.plusMinus.value_or(0.0), 2, style),
                         words::fromDeadCentre({least.at_deg}, style));
    }
    if (o.limit) {
        const auto window = windowOf(*gap, wanted, *o.limit);
        json["window"] = window ? Json::array({window->from_deg, window->to_deg}) : Json();
        text += window ? QStringLiteral("%1 mm is kept from %2 to %3 of advance\n")
                             .arg(words::fixed(*o.limit, 2, style),
                                  words::signedFixed(window->from_deg, 1, style),
                                  words::signedFixed(window->to_deg, 1, style))
                       : QStringLiteral("no advance within 30 either way keeps %1 mm\n")
                             .arg(words::fixed(*o.limit, 2, style));
    }
    text += QStringLiteral("Turned by hand and cold: at speed parts stretch and springs lose "
                           "control. The engine maker's manual has the last word.\n");
    return {json, text};
}

void addClearance(Command app, Host& host) {
    const auto kept = std::make_shared<ClearanceFiles>();
    ClearanceFiles& o = *kept;
    Command command = app.command("clearance", "valve to piston, with this or another cam");
    command.option("--map", o.map, "CSV with crank_deg and clearance_mm or clearance_in")
        .required();
    command.option("--lift", o.lift, "lift table of the cam it was measured with").required();
    command.option("--other", o.other, "lift table of another cam, to be foretold");
    command.option("--side", o.side, "intake or exhaust").oneOf({"intake", "exhaust"}).required();
    command.option("--taken", o.taken, "where lift was taken: tappet (default) or valve")
        .oneOf({"tappet", "valve"});
    command.option("--ratio", o.options.taken.ratio, "rocker ratio (1)");
    command.option("--lash", o.options.taken.lash_mm, "at the valve, mm (0)");
    command.option("--stroke", o.options.stroke, "mm");
    command.option("--rod", o.options.rod, "mm");
    command.option("--advance", o.options.advances, "crank degrees, positive: A,A,... (0)")
        .delimiter(',');
    const Option limit = command.option("--limit", o.limit, "least clearance, mm");
    command.flag("--json", o.json, "print JSON");
    command.callback([&host, kept, limit] {
        if (limit.given()) kept->options.limit = kept->limit;
        host.command = [&host, kept] { run(host, *kept); };
    });
}

} // namespace cli
