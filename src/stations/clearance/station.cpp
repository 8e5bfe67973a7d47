#include "core/assess/clearances.h"
#include "core/job/job.h"
#include "stations/clearance/fields.h"
#include "stations/list.h"
#include "words/clearance.h"
#include "words/say.h"
#include "words/sentences.h"

namespace stations {

using namespace lobe;
using namespace words;

namespace {

QString clearanceLine(const Job&, const Findings& f, const Style& style) {
    QStringList said;
    for (Side side : {Side::Intake, Side::Exhaust})
        if (const ClearanceClaim* c = f.clearanceOf(side))
            if (const QString brief = words::clearanceBrief(*c, style); !brief.isEmpty())
                said << brief;
    if (!said.isEmpty()) return said.join(QStringLiteral(", "));
    for (Side side : {Side::Intake, Side::Exhaust})
        if (const MapFindings* m = mapOf(f, side))
            return sideName(side) + QLatin1Char(' ') +
                   Say::tr("%1 of %2").arg(m->taken).arg(m->planned);
    return Say::tr("nothing pressed yet");
}

constexpr const char* kClearanceOwns[] = {"map", "settings.clearance"};

constexpr Typed kClearanceTyped[] = {
    {QT_TRANSLATE_NOOP("Say", "12a 1.92  at Clearance"),
     QT_TRANSLATE_NOOP("Say", "a press at an angle")},
    {QT_TRANSLATE_NOOP("Say", "map,  one angle,  tightest,  clay"),
     QT_TRANSLATE_NOOP("Say", "the way of measuring")},
    {QT_TRANSLATE_NOOP("Say", "gasket, lash, spacer …"),
     QT_TRANSLATE_NOOP("Say", "leaves a correction of the mock-up out, or takes it in")},
};

} // namespace

const Station clearance{
    .key = "clearance",
    .name = [] { return Say::tr("Clearance"); },
    .progress = [](const Job&, const Findings& f) { return clearanceProgress(f); },
    .line = clearanceLine,
    .owns = kClearanceOwns,
    .typed = kClearanceTyped,
    .fields = [] { return app::clearanceFields().all; },
    .applies = [](const Job& job) { return job.engine.kind == EngineKind::FourStroke; },
};

} // namespace stations
