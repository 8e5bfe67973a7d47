#include "cli/shims_command.h"

#include "cli/json.h"
#include "cli/refusal.h"
#include "core/job/height.h"
#include "core/spring/shims.h"

#include <QRegularExpression>

#include <cmath>
#include <memory>

namespace cli {

using namespace lobe;

namespace {

struct ShimOptions {
    std::string have, need;
    double within = 0.0; ///< in the unit asked; 0: not said
    bool inches = false, json = false;
};

constexpr double kWithin_mm = 0.13;

QStringList parts(const std::string& list) {
    static const QRegularExpression between(QStringLiteral("[,;\\s]+"));
    return QString::fromStdString(list).split(between, Qt::SkipEmptyParts);
}

/// In the unit asked, without the rounding of having been in another.
double shown(double mm, bool inches) {
    return std::round(mm / (inches ? kMmPerInch : 1.0) * 1e6) / 1e6;
}

std::vector<ShimSize> stockOf(const ShimOptions& o) {
    std::vector<ShimSize> have;
    for (const QString& part : parts(o.have)) {
        const QStringList two =
            part.split(QLatin1Char('x'), Qt::KeepEmptyParts, Qt::CaseInsensitive);
        bool size = false, count = true;
        ShimSize s{two.value(0).toDouble(&size) * (o.inches ? kMmPerInch : 1.0), 1};
        if (two.size() == 2) s.count = two[1].toInt(&count);
        if (two.size() > 2 || !size || !count)
            throw Refusal{QStringLiteral("--have %1: expected a thickness, x and how many, such as "
                                         "0.25x8")
                              .arg(part)};
        have.push_back(s);
    }
    return have;
}

std::vector<double> needsOf(const ShimOptions& o) {
    std::vector<double> needs;
    for (const QString& part : parts(o.need)) {
        bool ok = false;
        needs.push_back(part.toDouble(&ok) * (o.inches ? kMmPerInch : 1.0));
        if (!ok)
            throw Refusal{
                QStringLiteral("--need %1: expected the thickness a valve needs").arg(part)};
    }
    if (needs.empty()) throw Refusal{QStringLiteral("--need: expected a thickness for each valve")};
    return needs;
}

QString refusalOf(const ShimProblem& p) {
    const QString which = QString::number(p.at + 1);
    switch (p.fault) {
    case ShimFault::SizeOutOfRange:
        return QStringLiteral("--have, size %1: expected 0.001 to 20 mm").arg(which);
    case ShimFault::CountOutOfRange:
        return QStringLiteral("--have, size %1: expected 0 to 400 of it").arg(which);
    case ShimFault::NeedOutOfRange:
        return QStringLiteral("--need, valve %1: expected 0 to 20 mm; a spring that stands short "
                              "already needs none")
            .arg(which);
    case ShimFault::TooManyValves:
        return QStringLiteral("--need: expected at most %1 valves").arg(p.at);
    case ShimFault::TooManySizes:
        return QStringLiteral("--have: expected at most %1 sizes").arg(p.at);
    case ShimFault::None:
        break;
    }
    return {};
}

bool unreachable(const ShimStack& s, double within_mm) {
    return std::abs(s.error_mm) > within_mm + 1e-9;
}

Json shimsJson(const ShimPlan& plan, const std::vector<ShimSize>& have, double within_mm,
               bool inches) {
    Json stacks = Json::array(), off = Json::array(), nearest = Json::array(), left = Json::array();
    for (const ShimStack& s : plan.stacks) {
        Json pieces = Json::array();
        for (const double piece : s.pieces_mm)
            pieces.push_back(shown(piece, inches));
        stacks.push_back(Json{{"need", shown(s.need_mm, inches)},
                              {"pieces", std::move(pieces)},
                              {"total", shown(s.total_mm, inches)},
                              {"error", shown(s.error_mm, inches)}});
        if (!unreachable(s, within_mm)) continue;
        off.push_back(shown(s.need_mm, inches));
        const NearestTotals near = nearestTotals(have, s.need_mm);
        nearest.push_back(Json{
            {"need", shown(s.need_mm, inches)},
            {"below", shown(near.below_mm, inches)},
            {"above", std::isinf(near.above_mm) ? Json() : Json(shown(near.above_mm, inches))}});
    }
    for (const ShimSize& s : plan.left)
        left.push_back(Json{{"size", shown(s.size_mm, inches)}, {"count", s.count}});
    return Json{{"unit", inches ? "in" : "mm"},  {"stacks", std::move(stacks)},
                {"unreachable", std::move(off)}, {"nearest", std::move(nearest)},
                {"left", std::move(left)},       {"off", shown(plan.off_mm, inches)},
                {"pieces", plan.pieces},         {"proved", plan.proved}};
}

QString shimsText(const ShimPlan& plan, const std::vector<ShimSize>& have, double within_mm,
                  bool inches) {
    const auto length = [inches](double mm) {
        return QString::number(shown(mm, inches), 'f', inches ? 4 : 3);
    };
    QString text;
    int valve = 0;
    for (const ShimStack& s : plan.stacks) {
        QStringList pieces;
        for (const double piece : s.pieces_mm)
            pieces << length(piece);
        const bool met = std::abs(s.error_mm) < 0.0005;
        text +=
            QStringLiteral("valve %1 needs %2: %3%4\n")
                .arg(++valve)
                .arg(length(s.need_mm),
                     pieces.isEmpty() ? QStringLiteral("none") : pieces.join(QStringLiteral(" + ")),
                     met ? QString()
                         : QStringLiteral(", %1 %2").arg(length(std::abs(s.error_mm)),
                                                         s.error_mm > 0.0
                                                             ? QStringLiteral("too thick")
                                                             : QStringLiteral("too thin")));
        if (!unreachable(s, within_mm)) continue;
        const NearestTotals near = nearestTotals(have, s.need_mm);
        text += QStringLiteral("  not reached; the whole stock alone gives %1%2")
                    .arg(length(near.below_mm),
                         std::isinf(near.above_mm)
                             ? QStringLiteral(" at most")
                             : QStringLiteral(" or %1").arg(length(near.above_mm)));
        if (s.error_mm < 0.0) text += QStringLiteral("; order %1").arg(length(-s.error_mm));
        text += QLatin1Char('\n');
    }
    QStringList left;
    for (const ShimSize& s : plan.left)
        if (s.count > 0) left << QStringLiteral("%1 x %2").arg(s.count).arg(length(s.size_mm));
    text += QStringLiteral("%1 %2 off over the head, %3; left: %4\n")
                .arg(length(plan.off_mm), inches ? QStringLiteral("in") : QStringLiteral("mm"),
                     plan.pieces == 1 ? QStringLiteral("1 piece")
                                      : QStringLiteral("%1 pieces").arg(plan.pieces),
                     left.isEmpty() ? QStringLiteral("none") : left.join(QStringLiteral(", ")));
    if (!plan.proved)
        text += QStringLiteral("there may be a better choice: the search was given up\n");
    return text;
}

void shims(const ShimOptions& o, const Host& host) {
    const auto have = stockOf(o);
    const auto needs = needsOf(o);
    if (const ShimProblem p = checkShims(have, needs); p.fault != ShimFault::None)
        throw Refusal{refusalOf(p)};
    const double within = o.within > 0.0 ? o.within * (o.inches ? kMmPerInch : 1.0) : kWithin_mm;
    const ShimPlan plan = planShims(have, needs);
    if (o.json)
        host.print(shimsJson(plan, have, within, o.inches));
    else
        host.print(shimsText(plan, have, within, o.inches));
}

} // namespace

void addShims(Command app, Host& host) {
    const auto o = std::make_shared<ShimOptions>();
    Command command = app.command("shims", "which shims of a stock under which valve spring; mm");
    command.option("--have", o->have, "thickness x count, parted by commas: 0.25x8,0.38x8");
    command.option("--need", o->need, "the thickness each valve needs, parted by commas")
        .required();
    command.option("--within", o->within, "what is further off counts as not reached; 0.13 mm")
        .positive();
    command.flag("--in", o->inches, "inches, in and out");
    command.flag("--json", o->json, "print JSON");
    command.callback([&host, o] { host.command = [&host, o] { shims(*o, host); }; });
}

} // namespace cli
