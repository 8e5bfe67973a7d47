#include "core/job/job.h"
#include "stations/list.h"
#include "stations/lobes/fields.h"
#include "words/say.h"
#include "words/sentences.h"

namespace stations {

using namespace lobe;
using namespace words;

namespace {

QString lobesLine(const Findings& f, const Style& style) {
    for (const RunFindings& r : f.runs)
        if (r.current)
            for (const Finding& finding : r.lobe.findings)
                if (const auto* off = finding.as<found::OffTheCurve>())
                    return Say::tr("again: %1 %2")
                        .arg(sideName(r.side), abbreviated(off->at, style));
    for (const RunFindings& r : f.runs)
        if (r.current)
            for (const Finding& finding : r.lobe.findings)
                if (finding.severity >= Severity::LookAgain)
                    return Say::tr("look again: %1 %2").arg(sideName(r.side)).arg(r.cylinder);
    const RunFindings* open = nullptr;
    int done = 0;
    for (const RunFindings& r : f.runs) {
        if (!r.current) continue;
        if (r.complete || r.lobe.noseReached) ++done;
        if (!r.complete) open = &r;
    }
    if (open && !open->lobe.noseReached)
        return Say::tr("%1 %2, %3 of %4")
            .arg(sideName(open->side))
            .arg(open->cylinder)
            .arg(open->live)
            .arg(open->planned);
    if (done == 0) return Say::tr("not begun");
    return done == 1 ? Say::tr("1 lobe recorded") : Say::tr("%n lobes recorded", nullptr, done);
}

constexpr const char* kLobesOwns[] = {"run", "settings.average_passes"};

constexpr Typed kLobesTyped[] = {
    {QT_TRANSLATE_NOOP("Say", "75a   20b   40ab   30bb"),
     QT_TRANSLATE_NOOP("Say", "after, before TDC; after, before BDC; also 31 BTDC, 20 abdc")},
    {QT_TRANSLATE_NOOP("Say", "75a 8.512"), QT_TRANSLATE_NOOP("Say", "log a lift at that angle")},
    {QT_TRANSLATE_NOOP("Say", "step 2,  zero,  zero 8.5"),
     QT_TRANSLATE_NOOP("Say", "another step; indicator zeroed again, where lift is 8.5")},
    {QT_TRANSLATE_NOOP("Say", "curve,  events 0.15 1.27 once,  centre"),
     QT_TRANSLATE_NOOP("Say", "how the lobe is taken; it holds for the next lobe too")},
    {QT_TRANSLATE_NOOP("Say", "valve light,  each,  repeat 3,  lash 0.3"),
     QT_TRANSLATE_NOOP("Say", "where and how, in any order and with the above")},
    {QT_TRANSLATE_NOOP("Say", "other,  timing,  pass"),
     QT_TRANSLATE_NOOP("Say", "the other lobe, Timing, another pass")},
};

} // namespace

const Station lobes{
    .key = "lobes",
    .name = [] { return Say::tr("Lobes"); },
    .progress = [](const Job&, const Findings& f) { return lobesProgress(f); },
    .line = [](const Job&, const Findings& f, const Style& style) { return lobesLine(f, style); },
    .takes = [](const Task& task) { return task.cylinder > 0; },
    .owns = kLobesOwns,
    .typed = kLobesTyped,
    .fields = app::runFields,
    .applies = [](const Job& job) { return job.engine.kind == EngineKind::FourStroke; },
};

} // namespace stations
