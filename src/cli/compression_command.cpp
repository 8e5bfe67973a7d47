#include "cli/compression_command.h"

#include "cli/inputs.h"
#include "cli/refusal.h"
#include "core/job/bounds.h"
#include "words/sentences.h"

#include <cmath>

#include <memory>

namespace cli {

using namespace lobe;

CompressionPrinted runCompression(const CompressionOptions& o) {
    const std::pair<const char*, double> numbers[] = {{"--bore", o.bore},
                                                      {"--stroke", o.stroke},
                                                      {"--rod", o.rod},
                                                      {"--chamber", o.chamber},
                                                      {"--gasket-bore", o.gasketBore},
                                                      {"--gasket", o.gasket},
                                                      {"--deck", o.deck},
                                                      {"--crown", o.crown},
                                                      {"--pin-offset", o.pinOffset},
                                                      {"--crevice", o.crevice},
                                                      {"--ivc", o.ivc}};
    for (const auto& [name, value] : numbers)
        if (!std::isfinite(value))
            throw Refusal{QStringLiteral("%1: expected a number").arg(QLatin1String(name))};
    const auto atLeast = [](const char* name, double value, double least) {
        if (value < least)
            throw Refusal{QStringLiteral("%1 %2: expected %3 or more")
                              .arg(QLatin1String(name))
                              .arg(value)
                              .arg(least)};
    };
    for (const auto& [name, value] :
         {std::pair("--deck", o.deck), {"--gasket", o.gasket}, {"--pin-offset", o.pinOffset}})
        if (!bounds::part_mm.hold(value))
            throw Refusal{QStringLiteral("%1 %2: expected mm within %3")
                              .arg(QLatin1String(name))
                              .arg(value)
                              .arg(bounds::part_mm.most)};
    atLeast("--chamber", o.chamber, 0.0);
    atLeast("--gasket", o.gasket, 0.0);
    atLeast("--gasket-bore", o.gasketBore, 0.0);
    atLeast("--crevice", o.crevice, 0.0);
    if (!(o.altitude >= -500.0 && o.altitude <= 9000.0))
        throw Refusal{QStringLiteral("--altitude %1: expected -500 to 9000 m").arg(o.altitude)};
    if (!(o.exponent >= 1.0 && o.exponent <= 1.5))
        throw Refusal{QStringLiteral("--exponent %1: expected 1 to 1.5").arg(o.exponent)};
    CompressionState s;
    s.bore_mm = o.bore;
    s.stroke_mm = o.stroke;
    s.rod_mm = o.rod;
    s.pinOffset_mm = o.pinOffset;
    s.chamber = {o.chamber, o.gasketBore, o.gasket, o.deck, o.crown, o.crevice};
    s.closing_deg = o.ivc;
    const auto result = compression(s, o.altitude, o.exponent);
    const words::Style style;
    if (const auto* e = std::get_if<CompressionError>(&result))
        throw Refusal{words::sentence(*e, style)};
    const Compression& c = std::get<Compression>(result);
    CompressionPrinted out;
    out.json = {{"static", c.staticRatio},        {"dynamic", c.dynamicRatio},
                {"swept_cc", c.swept_cc},         {"clearance_cc", c.clearance.total()},
                {"cranking_kpa", c.cranking_kpa}, {"ambient_kpa", c.ambient_kpa},
                {"trapped_mm", c.trapped_mm},     {"squish_mm", c.squish_mm}};
    out.text =
        QStringLiteral("Compression\n"
                       "  static   %1 : 1, swept %2 cc over %3 cc\n"
                       "  dynamic  %4 : 1, the intake closing %5 after BDC\n"
                       "  cranking %6 kPa above ambient, estimated\n"
                       "  piston to head %7\n")
            .arg(words::fixed(c.staticRatio, 2, style), words::fixed(c.swept_cc, 1, style),
                 words::fixed(c.clearance.total(), 2, style),
                 words::fixed(c.dynamicRatio, 2, style), words::degrees(o.ivc, style),
                 words::fixed(c.cranking_kpa, 0, style), words::liftWithUnit(c.squish_mm, style));
    return out;
}

void addCompression(Command app, Host& host) {
    const auto kept = std::make_shared<CompressionOptions>();
    CompressionOptions& o = *kept;
    Command command = app.command("compression", "static and dynamic ratio; mm and cc");
    command.option("--bore", o.bore, "mm").required();
    command.option("--stroke", o.stroke, "mm").required();
    command.option("--rod", o.rod, "mm").required();
    command.option("--chamber", o.chamber, "in the head, cc").required();
    command.option("--gasket-bore", o.gasketBore, "mm; the bore by default");
    command.option("--gasket", o.gasket, "thickness as tightened, mm").required();
    command.option("--deck", o.deck, "piston below the face, mm; negative above");
    command.option("--crown", o.crown, "dish, cc; negative for a dome");
    command.option("--pin-offset", o.pinOffset, "mm, positive delays the top");
    command.option("--crevice", o.crevice, "above the top ring, cc");
    command.option("--ivc", o.ivc, "intake closing, degrees after BDC").required();
    command.option("--altitude", o.altitude, "m (0)");
    command.option("--exponent", o.exponent, "of the compression (1.25)");
    command.flag("--json", o.json, "print JSON");
    command.callback([&host, kept] {
        host.command = [&host, kept] { host.print(kept->json, runCompression(*kept)); };
    });
}

} // namespace cli
