#include "core/job/job.h"
#include "core/ports/ports.h"
#include "stations/list.h"
#include "stations/ports/fields.h"
#include "words/bench.h"
#include "words/say.h"
#include "words/sentences.h"

namespace stations {

using namespace lobe;
using namespace words;

namespace {

std::optional<PortFigures> figuresOf(const Job& job, PortName port) {
    const Engine& e = job.engine;
    const auto path = PistonPath::of(e.stroke_mm, e.rod_mm, e.pinOffset_mm);
    return path ? portFigures(job.ports, port, {*path, e.bore_mm}) : std::nullopt;
}

QString portsLine(const Job& job, const Findings&, const Style& style) {
    const auto ex = figuresOf(job, PortName::Exhaust), tr = figuresOf(job, PortName::Transfer);
    if (!ex && !tr) return Say::tr("no edge yet");
    QStringList out;
    if (ex) out << Say::tr("exhaust %1").arg(degrees(ex->duration_deg.value, style, 0));
    if (const auto b = blowdown_deg(ex, tr)) out << blowdownLine(*b, style);
    return out.join(QStringLiteral(", "));
}

Progress portsProgress(const Job& job) {
    const auto ex = figuresOf(job, PortName::Exhaust), tr = figuresOf(job, PortName::Transfer);
    for (const auto* f : {&ex, &tr})
        if (*f && !portDoubt(**f, Style()).isEmpty()) return Progress::LookAgain;
    if (ex && tr) return Progress::Done;
    return ex || tr ? Progress::InHand : Progress::NotBegun;
}

constexpr const char* kPortsOwns[] = {"settings.ports"};

constexpr Typed kPortsTyped[] = {
    {QT_TRANSLATE_NOOP("Say", "86  at Ports"),
     QT_TRANSLATE_NOOP("Say", "shows the piston 86 degrees after TDC")},
};

} // namespace

const Station ports{
    .key = "ports",
    .name = [] { return Say::tr("Ports"); },
    .progress = [](const Job& job, const Findings&) { return portsProgress(job); },
    .line = portsLine,
    .owns = kPortsOwns,
    .typed = kPortsTyped,
    .fields = app::portFields,
    .applies = [](const Job& job) { return job.engine.kind == EngineKind::TwoStroke; },
    .lateKey = true,
};

} // namespace stations
