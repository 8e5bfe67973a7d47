#include "cli/tdc_command.h"

#include "cli/inputs.h"
#include "cli/json.h"
#include "cli/refusal.h"
#include "core/angle/geometry.h"
#include "core/typed/entry.h"
#include "words/sentences.h"

#include <memory>

namespace cli {

using namespace lobe;

namespace {

TdcMethod methodOf(const std::string& name) {
    if (name == "drop") return TdcMethod::EqualDrop;
    if (name == "return") return TdcMethod::ThereAndBack;
    if (name == "port") return TdcMethod::SymmetricPort;
    if (name == "peak") return TdcMethod::HighestReading;
    return TdcMethod::PositiveStop;
}

WheelScale scaleOf(const std::string& name) {
    if (name == "0-360") return WheelScale::Full360With;
    if (name == "0-360-against") return WheelScale::Full360Against;
    if (name == "0-90-0-90") return WheelScale::Quarter90;
    if (name == "signed") return WheelScale::Signed;
    if (name == "0-180-twice") return WheelScale::Twice180;
    return WheelScale::Half180;
}

void checkLengths(const TdcOptions& o) {
    const std::pair<const char*, double> lengths[] = {{"--drop", o.drop},
                                                      {"--stroke", o.stroke},
                                                      {"--rod", o.rod},
                                                      {"--resolution", o.resolution}};
    for (const auto& [name, value] : lengths)
        if (!(value >= 0.0 && value <= 1000.0))
            throw Refusal{QStringLiteral("%1 %2: expected a length in mm, 0 to 1000")
                              .arg(QLatin1String(name))
                              .arg(value)};
    if ((o.stroke > 0.0) != (o.rod > 0.0))
        throw Refusal{QStringLiteral("--stroke and --rod go together; expected both or neither")};
    if (o.stroke <= 0.0) return;
    const auto path = PistonPath::of(o.stroke, o.rod, o.pinOffset);
    if (!path)
        throw Refusal{QStringLiteral("--rod %1: too short for a stroke of %2 and that pin offset")
                          .arg(o.rod)
                          .arg(o.stroke)};
    if (o.drop > 0.0 && !path->halfSpan_deg(o.drop))
        throw Refusal{
            QStringLiteral("--drop %1: beyond the stroke of %2").arg(o.drop).arg(o.stroke)};
}

Contact contactOf(const TdcOptions& o, const std::string& typed, bool after) {
    Contact c;
    c.method = methodOf(o.method);
    c.afterTop = after;
    c.scale = scaleOf(o.wheel);
    c.typed = typed;
    if (o.drop > 0.0) c.drop_mm = o.drop;
    const auto read = readWheel(typed, {DegreeWheel{c.scale}, after, DeadCentre::Top});
    if (const auto* e = std::get_if<EntryError>(&read))
        throw Refusal{
            QStringLiteral(
                "reading \"%1\": %2; expected a number on the %3 wheel such as 31b, 26.5a or 329")
                .arg(QString::fromStdString(typed), words::sentence(*e, {}),
                     QString::fromStdString(o.wheel))};
    c.at = std::get<WheelReading>(read).at;
    return c;
}

/// A port's whole duration in one reading: half of it is what both edges must read.
TdcResult halfDuration(const TdcOptions& o) {
    const auto read = readNumber(o.readings[0]);
    const double* duration = std::get_if<double>(&read);
    if (!duration || *duration <= 0.0 || *duration >= 360.0)
        throw Refusal{QStringLiteral("reading \"%1\": expected the port's duration, 0 to 360 "
                                     "degrees, or its two closing edges")
                          .arg(QString::fromStdString(o.readings[0]))};
    const double half = *duration / 2.0;
    const Finding f{found::TdcHalfDuration{half}, Severity::Ask};
    return {Json{{"correction", Json()},
                 {"half_span", half},
                 {"expected_half_span", Json()},
                 {"uncertainty", Json()},
                 {"findings", findingsJson({f}, {})}},
            words::sentence(f, {}) + QLatin1Char('\n')};
}

QString textOf(const TdcFindings& tdc, const TdcPass& pass, const DegreeWheel& wheel) {
    const words::Style style;
    QString out = QStringLiteral("true TDC stands at %1° on the wheel\n")
                      .arg(words::signedFixed(*pass.correction_deg, 2, style));
    if (pass.halfSpan_deg)
        out +=
            QStringLiteral("half the way between the contacts %1° (the span, not the correction)\n")
                .arg(words::fixed(*pass.halfSpan_deg, 2, style));
    if (pass.expectedHalfSpan_deg)
        out += QStringLiteral("expected from stroke, rod and drop %1°\n")
                   .arg(words::fixed(*pass.expectedHalfSpan_deg, 2, style));
    if (const auto half = halfWidthOf(pass.correction_deg))
        out += QStringLiteral("uncertain by ±%1°\n").arg(words::fixed(*half, 2, style));
    const QString move = words::tdcInstruction(tdc, wheel, style);
    if (!move.isEmpty()) out += move + QLatin1Char('\n');
    for (const Finding& f : tdc.findings)
        if (!f.is<found::TdcPointerOff>())
            out += QStringLiteral("  %1: %2\n")
                       .arg(words::severityTitle(f.severity), words::sentence(f, style));
    return out;
}

} // namespace

TdcResult runTdc(const TdcOptions& o) {
    checkLengths(o);
    const TdcMethod method = methodOf(o.method);
    if (method == TdcMethod::SymmetricPort && o.readings.size() == 1) return halfDuration(o);
    const std::size_t wanted = method == TdcMethod::HighestReading ? 1 : 2;
    if (o.readings.size() != wanted)
        throw Refusal{
            QStringLiteral("--method %1: expected %2, got %3")
                .arg(QString::fromStdString(o.method),
                     wanted == 1 ? QStringLiteral("one reading") : QStringLiteral("two readings"))
                .arg(o.readings.size())};
    std::vector<Contact> contacts;
    for (std::size_t i = 0; i < wanted; ++i)
        contacts.push_back(contactOf(o, o.readings[i], i == 1));
    if (wanted == 2 && contacts[0].at == contacts[1].at)
        throw Refusal{
            QStringLiteral("both readings are the same angle; expected one each side of the top")};

    TdcContext context{o.stroke, o.rod, o.pinOffset, {}, 0.5};
    if (o.resolution > 0.0) context.resolution_mm = o.resolution;
    const TdcFindings tdc = examineTdc(contacts, context);
    const TdcPass& pass = *tdc.latest();
    return {Json{{"correction", orNull(pass.correction_deg)},
                 {"half_span", orNull(pass.halfSpan_deg)},
                 {"expected_half_span", orNull(pass.expectedHalfSpan_deg)},
                 {"midpoint", orNull(pass.pairs.back().midpoint_deg)},
                 {"drift", orNull(pass.pairs.back().drift_deg)},
                 {"uncertainty", orNull(halfWidthOf(pass.correction_deg))},
                 {"findings", findingsJson(tdc.findings, {})}},
            textOf(tdc, pass, DegreeWheel{scaleOf(o.wheel)})};
}

void addTdc(Command app, Host& host) {
    const auto kept = std::make_shared<TdcOptions>();
    TdcOptions& o = *kept;
    Command command = app.command("tdc", "true TDC from readings as on the wheel");
    command.option("--method", o.method, "stop, drop, return, port or peak")
        .oneOf({"stop", "drop", "return", "port", "peak"})
        .required();
    command.option("--wheel", o.wheel, "0-180-0 by default")
        .oneOf({"0-360", "0-360-against", "0-180-0", "0-90-0-90", "signed", "0-180-twice"});
    command.option("--drop", o.drop, "piston drop at the contacts, mm");
    command.option("--stroke", o.stroke, "mm");
    command.option("--rod", o.rod, "mm");
    command.option("--pin-offset", o.pinOffset, "mm, positive delays the top");
    command.option("--resolution", o.resolution, "of the indicator, mm");
    command.flag("--json", o.json, "print JSON");
    command.option("READING", o.readings, "31b, 26.5a, 329: before the top, then after it")
        .required();
    command.callback(
        [&host, kept] { host.command = [&host, kept] { host.print(kept->json, runTdc(*kept)); }; });
}

} // namespace cli
