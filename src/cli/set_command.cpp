#include "cli/set_command.h"

#include "cli/inputs.h"
#include "cli/refusal.h"
#include "words/setting.h"

#include <charconv>
#include <cmath>
#include <utility>

#include <memory>

namespace cli {

using namespace lobe;

namespace {

std::optional<double> number(std::string_view text) {
    double value = 0.0;
    const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), value);
    if (error != std::errc{} || end != text.data() + text.size() || !std::isfinite(value))
        return std::nullopt;
    return value;
}

/// "A:B"; the second may be left away where `second` is not needed.
std::pair<double, double> twoNumbers(const char* option, const std::string& text) {
    const auto cut = text.find(':');
    const std::string_view all = text;
    const auto a = number(all.substr(0, cut));
    const auto b = cut == std::string::npos ? std::nullopt : number(all.substr(cut + 1));
    if (!a || !b)
        throw Refusal{QStringLiteral("%1 %2: expected two numbers with a colon between, such as "
                                     "12:2")
                          .arg(QLatin1String(option), QString::fromStdString(text))};
    return {*a, *b};
}

/// "1,2,-1": every part a number.
std::vector<double> listOf(const char* option, const std::string& text) {
    std::vector<double> out;
    if (text.empty()) return out;
    std::string_view rest = text;
    for (;;) {
        const auto cut = rest.find(',');
        const auto one = number(rest.substr(0, cut));
        if (!one)
            throw Refusal{QStringLiteral("%1 %2: expected numbers with a comma between, none left "
                                         "out, such as 1,2,-1")
                              .arg(QLatin1String(option), QString::fromStdString(text))};
        out.push_back(*one);
        if (cut == std::string_view::npos) return out;
        rest.remove_prefix(cut + 1);
    }
}

const char* optionOf(DriveFault fault) {
    switch (fault) {
    case DriveFault::Teeth:
        return "--teeth";
    case DriveFault::Keyways:
        return "--keyways";
    case DriveFault::Vernier:
        return "--vernier";
    case DriveFault::Slot:
        return "--slot";
    case DriveFault::Listed:
        break;
    }
    return "--crank-offsets, --bushes";
}

} // namespace

SetPrinted runSet(const SetOptions& o) {
    if (!(std::abs(o.need) <= 360.0))
        throw Refusal{QStringLiteral("--need %1: expected -360 to 360 degrees").arg(o.need)};
    if (o.most < 1 || o.most > 100000)
        throw Refusal{QStringLiteral("--most %1: expected 1 to 100000").arg(o.most)};
    Drive d;
    d.teeth = o.teeth;
    d.keyways = o.keyways;
    d.crankKeyways_deg = listOf("--crank-offsets", o.crankOffsets);
    d.bushes_deg = listOf("--bushes", o.bushes);
    if (!o.vernier.empty()) {
        const auto [n1, n2] = twoNumbers("--vernier", o.vernier);
        if (n1 != std::floor(n1) || n2 != std::floor(n2) || std::abs(n1) > 1e6 ||
            std::abs(n2) > 1e6)
            throw Refusal{QStringLiteral("--vernier %1: expected whole numbers of holes")
                              .arg(QString::fromStdString(o.vernier))};
        d.vernierWheel = static_cast<int>(n1);
        d.vernierHub = static_cast<int>(n2);
        if (d.vernierWheel == 0 && d.vernierHub == 0)
            throw Refusal{QStringLiteral("--vernier: ") + words::sentence(DriveFault::Vernier)};
    }
    if (!o.slot.empty()) {
        std::tie(d.slot_deg, d.slotLine_deg) = twoNumbers("--slot", o.slot);
        if (!(d.slot_deg > 0.0))
            throw Refusal{QStringLiteral("--slot: ") + words::sentence(DriveFault::Slot)};
    }
    if (o.teethGiven && o.teeth == 0)
        throw Refusal{QStringLiteral("--teeth 0: ") + words::sentence(DriveFault::Teeth)};
    if (const auto fault = faultOf(d))
        throw Refusal{QLatin1String(optionOf(*fault)) + QStringLiteral(": ") +
                      words::sentence(*fault)};
    if (!d.described())
        throw Refusal{QStringLiteral("nothing of the drive is described; expected --teeth, "
                                     "--vernier, --slot, --bushes or --crank-offsets")};
    const auto all = choices(d, o.need, static_cast<std::size_t>(o.most));
    const words::Style style;
    Json list = Json::array();
    QString text = QStringLiteral("To move the cam %1 (%2 combinations)\n")
                       .arg(words::moveBy(o.need, style, 2))
                       .arg(combinations(d), 0, 'f', 0);
    for (const Choice& c : all) {
        list.push_back(Json{{"move", c.move.total_deg},
                            {"residual", c.residual_deg},
                            {"teeth", c.move.teeth},
                            {"keyway", c.move.keyway},
                            {"crank_offset", c.move.crankKeyway_deg},
                            {"vernier", c.move.vernier_deg},
                            {"bush", c.move.bush_deg},
                            {"slot", c.move.slot_deg},
                            {"changes", c.move.changes()}});
        text += QStringLiteral("  %1  leaves %2  %3\n")
                    .arg(words::signedFixed(c.move.total_deg, 2, style), 8)
                    .arg(words::signedFixed(c.residual_deg, 2, style), 7)
                    .arg(words::moveShort(d, c.move, style));
    }
    return {{{"need", o.need}, {"combinations", combinations(d)}, {"choices", list}}, text};
}

void addSet(Command app, Host& host) {
    const auto kept = std::make_shared<SetOptions>();
    SetOptions& o = *kept;
    Command command = app.command(
        "set", "what the drive can do about a wanted move; crank degrees, positive advances");
    command.option("--need", o.need, "the wanted move").required();
    const Option teeth = command.option("--teeth", o.teeth, "of the cam wheel");
    command.option("--keyways", o.keyways, "of the cam wheel, evenly spaced");
    command.option("--crank-offsets", o.crankOffsets, "of the crank wheel's keyways: D,D,...");
    command.option("--vernier", o.vernier, "holes in wheel and hub, N1:N2");
    command.option("--bushes", o.bushes, "offset bushes or keys: D,D,...");
    command.option("--slot", o.slot, "slotted wheel, RANGE:LINE; 12:2 is 12 either way");
    command.option("--most", o.most, "how many choices to print (10)");
    command.flag("--json", o.json, "print JSON");
    command.callback([&host, kept, teeth] {
        kept->teethGiven = teeth.given();
        host.command = [&host, kept] { host.print(kept->json, runSet(*kept)); };
    });
}

} // namespace cli
