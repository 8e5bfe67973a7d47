#include "cli/model_command.h"

#include "book/files.h"
#include "cli/inputs.h"
#include "cli/refusal.h"
#include "core/model/modelled.h"
#include "words/choosing.h"

#include <QFileInfo>

#include <cmath>
#include <memory>

namespace cli {

using namespace lobe;

namespace {

struct ModelOptions {
    std::string card, side = "intake", file;
    double step = 1.0;
    bool force = false;
};

/// Of base circle either side, degrees.
constexpr double kBase_deg = 12.0;

void run(Host& host, const ModelOptions& o) {
    if (!std::isfinite(o.step) || o.step < 0.1 || o.step > 10.0)
        throw Refusal{QStringLiteral("--step %1: expected 0.1 to 10 crank degrees").arg(o.step)};
    const Card card = cardFile(o.card);
    const Side side = sideOf(o.side);
    const auto made = modelLobe(card, side);
    if (const auto* fault = std::get_if<ModelFault>(&made))
        throw Refusal{QStringLiteral("%1: %2").arg(pathOf(o.card), words::sentence(*fault))};
    const ModelledLobe& lobe = std::get<ModelledLobe>(made);
    std::vector<LiftPoint> points;
    const double first = std::floor((lobe.curve.first() - kBase_deg) / o.step),
                 last = std::ceil((lobe.curve.last() + kBase_deg) / o.step);
    for (double i = first; i <= last; ++i)
        points.push_back({i * o.step, lobe.liftAt(i * o.step, card.height.at)});
    const QString path = pathOf(o.file);
    if (const QString why = book::refusesExport(path, {}); !why.isEmpty())
        throw Refusal{path + QStringLiteral(": ") + why};
    if (!o.force && QFileInfo::exists(path) && !book::isOurTable(path))
        throw Refusal{path + QStringLiteral(": another file stands there; --force replaces it")};
    const std::string place = card.height.at == Place::Valve ? "valve" : "tappet";
    const std::vector<std::string> notes = {card.name + ", modelled from its card",
                                            o.side + ", lift at the " + place,
                                            "crank degrees with 0 at TDC on overlap"};
    if (const QString why =
            book::saveWhole(path, QByteArray::fromStdString(writeLiftTable(points, notes)));
        !why.isEmpty())
        throw Refusal{path + QStringLiteral(": ") + why};
    QString text = QStringLiteral("%1, %2 lifts, modelled: no substitute for measuring\n")
                       .arg(path)
                       .arg(points.size());
    if (lobe.advertisedKept == false)
        text += QStringLiteral("its advertised duration does not go with the rest of the card, and "
                               "is not kept\n");
    host.print(text);
}

} // namespace

void addModel(Command app, Host& host) {
    const auto kept = std::make_shared<ModelOptions>();
    Command command =
        app.command("model", "a plausible lobe from what a card states, as a lift table");
    command.option("--card", kept->card, "JSON file of the card").required();
    command.option("--side", kept->side, "intake or exhaust")
        .oneOf({"intake", "exhaust"})
        .required();
    command.option("--step", kept->step, "crank degrees (1)");
    command.flag("--force", kept->force, "replace a file that is no lift table");
    command.option("FILE", kept->file, "CSV to write").required();
    command.callback([&host, kept] { host.command = [&host, kept] { run(host, *kept); }; });
}

} // namespace cli
