#include "core/job/job.h"
#include "core/lash/lash.h"
#include "stations/lash/lash_desk.h"
#include "stations/list.h"
#include "words/bench.h"
#include "words/say.h"

#include <algorithm>

namespace stations {

using namespace lobe;
using namespace words;

namespace {

/// All ticked is done; begun with the first.
Progress lashProgress(const Job& job) {
    const auto valves = static_cast<std::size_t>(2 * job.engine.cylinders);
    if (job.lash.done.empty()) return Progress::NotBegun;
    return job.lash.done.size() >= valves ? Progress::Done : Progress::InHand;
}

constexpr const char* kLashOwns[] = {"settings.lash"};

constexpr Typed kLashTyped[] = {
    {QT_TRANSLATE_NOOP("Say", "0.35  at Lash"),
     QT_TRANSLATE_NOOP("Say", "the valve in hand was left at 0.35, and is ticked")},
    {QT_TRANSLATE_NOOP("Say", "found 0.30  at Lash"),
     QT_TRANSLATE_NOOP("Say", "it was found at 0.30")},
};

} // namespace

const Station lash{
    .key = "lash",
    .name = [] { return Say::tr("Lash"); },
    .progress = [](const Job& job, const Findings&) { return lashProgress(job); },
    .line =
        [](const Job& job, const Findings&, const Style&) {
            return job.lash.done.empty() ? lashSchoolName(job.lash.school)
                                         : Say::tr("%1 of %2 valves set")
                                               .arg(job.lash.done.size())
                                               .arg(2 * job.engine.cylinders);
        },
    .owns = kLashOwns,
    .typed = kLashTyped,
    .fields = app::lashFields,
    .applies = [](const Job& job) { return job.engine.kind != EngineKind::TwoStroke; },
    .lateKey = true,
};

} // namespace stations
