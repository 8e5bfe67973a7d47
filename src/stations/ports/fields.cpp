#include "stations/ports/fields.h"

#include "core/typed/entry.h"
#include "words/bench.h"
#include "words/say.h"
#include "words/sentences.h"

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;
using Style = words::Style;

namespace {

QString intakeChoice(int i) {
    return i == 0   ? Say::tr("a port under the piston's skirt")
           : i == 1 ? Say::tr("reed valve")
                    : Say::tr("rotary valve");
}
QString portGaugeChoice(int i) {
    return i == 0 ? Say::tr("degree wheel") : Say::tr("gravity gauge on the crank");
}

/// Several durations, one after the other; "-" for none.
Field wantedField(const QString& name, Port PortWork::*port) {
    Field f;
    f.name = name;
    f.asks = Say::tr("durations to file to, such as 186 190; - for none");
    f.shown = [port](const Facts& facts, const Style& style) {
        QStringList out;
        for (const double d : (facts.ports.*port).wanted_deg)
            out << words::degrees(d, style);
        return out.isEmpty() ? noValue() : out.join(QStringLiteral(", "));
    };
    f.take = [port](Facts& facts, const QString& typed, const Style& style) {
        std::vector<double> all;
        if (typed.trimmed() != QLatin1String("-"))
            for (const QString& each : valuesIn(typed)) {
                const auto deg = readNumber(each.toStdString());
                if (const auto* e = std::get_if<EntryError>(&deg))
                    return words::sentence(*e, style);
                if (!(std::get<double>(deg) >= 60.0 && std::get<double>(deg) <= 240.0))
                    return Say::tr("A port is open for 60 to 240 degrees.");
                all.push_back(std::get<double>(deg));
            }
        if (all.size() > 6) return Say::tr("Six of them at most.");
        (facts.ports.*port).wanted_deg = std::move(all);
        return QString();
    };
    return changing(
        std::move(f), [port](Facts & x) -> auto& { return (x.ports.*port).wanted_deg; });
}

void portOf(std::vector<Field>& out, PortName name, Port PortWork::*port) {
    const std::size_t first = out.size();
    const bool intake = name == PortName::Intake;
    const auto optional = [&](const QString& title, const QString& asks,
                              std::optional<double> Port::*part, bool length, double most) {
        out.push_back(optionalField(
            title, asks, 0.0, most, length,
            [port, part](Facts& f) -> std::optional<double>& { return f.ports.*port.*part; }));
    };
    optional(Say::tr("Opens"),
             intake ? Say::tr("degrees before TDC, light just shows; - for not known")
                    : Say::tr("degrees after TDC, light just shows; - for not known"),
             &Port::opens_deg, false, 180.0);
    optional(Say::tr("Closes"),
             intake ? Say::tr("degrees after TDC; - for not known")
                    : Say::tr("degrees before TDC; - for not known"),
             &Port::closes_deg, false, 180.0);
    // As an encoder counts: the exhaust and transfers open after TDC, the intake before it.
    const auto counted = [&](std::size_t at, std::optional<double> Port::*part, double sign) {
        out[at].angle = [port, part, sign](Facts& f, double wheel_deg) {
            const double deg = sign * std::remainder(wheel_deg, 360.0);
            if (!(deg > 0.0 && deg < 180.0))
                return sign > 0.0
                           ? Say::tr("this edge passes after TDC. Turn on to it, or type it.")
                           : Say::tr("this edge passes before TDC. Turn on to it, or type it.");
            f.ports.*port.*part = deg;
            return QString();
        };
    };
    counted(first, &Port::opens_deg, intake ? -1.0 : 1.0);
    counted(first + 1, &Port::closes_deg, intake ? 1.0 : -1.0);
    if (!intake)
        optional(Say::tr("Edge below the deck"),
                 Say::tr("or by a ring set square in the bore; - for not known"), &Port::edge_mm,
                 true, 300.0);
    const auto length = [&](const QString& title, double Port::*part, double most, double usual) {
        out.push_back(lengthField(
            title, 0, most, [port, part](Facts& f) -> double& { return f.ports.*port.*part; },
            usual));
        out.back().seldom = true;
    };
    length(Say::tr("Width of one"), &Port::width_mm, 150, 34);
    length(Say::tr("Height of it"), &Port::height_mm, 150, 22);
    length(Say::tr("Corner radius"), &Port::corner_mm, 50, 5);
    length(Say::tr("Chamfer above the edge"), &Port::chamfer_mm, 5, 0.5);
    Field count;
    count.name = Say::tr("How many alike");
    count.asks = Say::tr("1 to 12");
    count.shown = [port](const Facts& f, const Style&) {
        return QString::number((f.ports.*port).count);
    };
    count.take = [port](Facts& f, const QString& typed, const Style&) {
        bool ok = false;
        const int n = typed.trimmed().toInt(&ok);
        if (!ok || n < 1 || n > 12) return Say::tr("A whole number from 1 to 12.");
        (f.ports.*port).count = n;
        return QString();
    };
    count.seldom = true;
    out.push_back(changing(
        std::move(count), [port](Facts & f) -> auto& { return (f.ports.*port).count; }));
    if (!intake) out.push_back(wantedField(Say::tr("Wanted"), port));
    QString heading = words::portName(name);
    heading[0] = heading[0].toUpper();
    out[first].heading = heading;
    for (std::size_t i = first; i < out.size(); ++i) {
        out[i].question = QStringLiteral("%1: %2?").arg(heading, words::midSentence(out[i].name));
        out[i].subject = heading;
    }
}

} // namespace

std::vector<Field> portFields() {
    std::vector<Field> out;
    portOf(out, PortName::Exhaust, &PortWork::exhaust);
    portOf(out, PortName::Transfer, &PortWork::transfer);
    const std::size_t rest = out.size();
    out.push_back(enumField<PortIntake>(Say::tr("Intake by"), 3, intakeChoice,
                                        [](Facts& f) -> PortIntake& { return f.ports.intakeBy; }));
    out.back().heading = Say::tr("Intake and the rest");
    portOf(out, PortName::Intake, &PortWork::intake);
    const std::size_t more = out.size();
    out.push_back(numberField(
        Say::tr("Crown's rim below the deck at TDC"), Say::tr("mm; minus above it"), -50, 50, 2,
        [](Facts& f) -> double& { return f.ports.deck_mm; }, 0.4));
    out.push_back(lengthField(
        Say::tr("Dome over its rim"), 0, 50, [](Facts& f) -> double& { return f.ports.dome_mm; },
        1.5));
    out.push_back(numberField(
        Say::tr("Crankcase with the piston at BDC"), Say::tr("cc; 0 for not known"), 0, 10000, 0,
        [](Facts& f) -> double& { return f.ports.crankcase_cc; }, 400));
    out.push_back(enumField<PortGauge>(Say::tr("Angles read by"), 2, portGaugeChoice,
                                       [](Facts& f) -> PortGauge& { return f.ports.gauge; }));
    out.push_back(optionalField(
        Say::tr("Gauge at its bench mark, before"), Say::tr("degrees; - for not read"), -180, 180,
        false, [](Facts& f) -> std::optional<double>& { return f.ports.benchBefore_deg; }));
    out.push_back(optionalField(
        Say::tr("Gauge at its bench mark, now"), Say::tr("degrees; - for not read"), -180, 180,
        false, [](Facts& f) -> std::optional<double>& { return f.ports.benchAfter_deg; }));
    for (std::size_t i = more; i < out.size(); ++i)
        out[i].subject = Say::tr("ports");
    out[rest].subject = Say::tr("ports");
    return out;
}

} // namespace app
