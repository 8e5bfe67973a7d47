#include "core/job/job.h"
#include "stations/list.h"
#include "stations/springs/fields.h"
#include "words/say.h"
#include "words/springs.h"

namespace stations {

using namespace lobe;
using namespace words;

namespace {

constexpr const char* kSpringsOwns[] = {"settings.springs"};

constexpr Typed kSpringsTyped[] = {
    {QT_TRANSLATE_NOOP("Say", "54.2 15.6  at Springs"),
     QT_TRANSLATE_NOOP("Say", "seat and retainer from one edge: the height between them")},
    {QT_TRANSLATE_NOOP("Say", "ratio 1.65  at Springs"),
     QT_TRANSLATE_NOOP("Say", "tries other rockers; ratio alone lets go of them")},
    {QT_TRANSLATE_NOOP("Say", "178.5 -0.4 1.8  at the push rods"),
     QT_TRANSLATE_NOOP("Say",
                       "a trial: length, middle of the band on the stem, its width; cap 2 and "
                       "stand 0.5 behind it")},
    {QT_TRANSLATE_NOOP("Say", "6.5t -0.4 1.8  at the push rods"),
     QT_TRANSLATE_NOOP("Say", "the same by the turns of an adjustable one")},
};

} // namespace

const Station springs{
    .key = "springs",
    .name = [] { return Say::tr("Springs"); },
    .progress = [](const Job&, const Findings& f) { return springsProgress(f); },
    .line = [](const Job& job, const Findings& f,
               const Style& style) { return springBrief(job, f.springs, style); },
    .owns = kSpringsOwns,
    .typed = kSpringsTyped,
    .fields = [] { return app::springFields().all; },
    .applies = [](const Job& job) { return job.engine.kind == EngineKind::FourStroke; },
};

} // namespace stations
