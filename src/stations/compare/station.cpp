#include "core/job/job.h"
#include "stations/compare/fields.h"
#include "stations/list.h"
#include "words/say.h"
#include "words/sentences.h"

namespace stations {

using namespace lobe;
using namespace words;

namespace {

QString compareLine(const Job& job, const Findings&, const Style&) {
    if (!job.choosing.decisions.empty())
        return Say::tr("decided: %1")
            .arg(QString::fromStdString(job.choosing.decisions.back().chosen));
    const auto cams = job.choosing.candidates.empty()
                          ? job.otherCards.size() + (job.card || !job.runs.empty() ? 1 : 0)
                          : job.choosing.candidates.size();
    if (cams == 0) return Say::tr("no cam yet");
    if (cams < 2) return Say::tr("one cam: no choice yet");
    return job.choosing.wishes.empty()
               ? Say::tr("%1 cams, no wishes yet").arg(cams)
               : Say::tr("%1 cams, %2 wishes").arg(cams).arg(job.choosing.wishes.size());
}

constexpr const char* kCompareOwns[] = {"engine.pipes", "settings.choosing"};

constexpr Typed kCompareTyped[] = {
    {QT_TRANSLATE_NOOP("Say", "b +2  at Compare"),
     QT_TRANSLATE_NOOP("Say", "cam b two degrees earlier")},
    {QT_TRANSLATE_NOOP("Say", "b ratio 1.6, b lash 0.2, b shorter 4"),
     QT_TRANSLATE_NOOP("Say", "cam b with another rocker or lash, or ground shorter")},
    {QT_TRANSLATE_NOOP("Say", "b copy, b ref, b name …, b out"),
     QT_TRANSLATE_NOOP("Say", "another state of it, the reference, its name, taken out")},
    {QT_TRANSLATE_NOOP("Say", "b choose because …"), QT_TRANSLATE_NOOP("Say", "decides for cam b")},
};

} // namespace

const Station compare{
    .key = "compare",
    .name = [] { return Say::tr("Compare"); },
    .progress = [](const Job& job, const Findings&) { return compareProgress(job); },
    .line = compareLine,
    .owns = kCompareOwns,
    .typed = kCompareTyped,
    .fields = [] { return app::compareFields().all; },
    .applies = [](const Job& job) { return job.engine.kind == EngineKind::FourStroke; },
};

} // namespace stations
