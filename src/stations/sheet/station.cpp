#include "stations/list.h"
#include "words/say.h"

#include <algorithm>

namespace stations {

using namespace lobe;

namespace {

/// A lobe that is read past its nose has figures to print, and so have ports and a flywheel's arcs.
bool hasFigures(const Job& job, const Findings& f) {
    for (const Station* other : {&ports, &flywheel})
        if (other->applies(job) && other->progress(job, f) != Progress::NotBegun) return true;
    return std::any_of(f.runs.begin(), f.runs.end(),
                       [](const RunFindings& r) { return r.current && r.lobe.noseReached; });
}

constexpr Typed kSheetTyped[] = {
    {QT_TRANSLATE_NOOP("Say", "pdf,  print,  card,  letter,  by NAME  at Sheet"),
     QT_TRANSLATE_NOOP("Say", "saves, prints; the cam alone; the paper; who measured")},
    {QT_TRANSLATE_NOOP("Say", "out figures,  out notes  at Sheet"),
     QT_TRANSLATE_NOOP("Say", "leaves a part out, or takes it in again")},
};

constexpr const char* kSheetOwns[] = {"settings.by"};

} // namespace

const Station sheet{
    .key = "sheet",
    .name = [] { return Say::tr("Sheet"); },
    .progress =
        [](const Job& job, const Findings& f) {
            return hasFigures(job, f) ? Progress::Done : Progress::NotBegun;
        },
    .line =
        [](const Job& job, const Findings& f, const words::Style&) {
            return hasFigures(job, f) ? Say::tr("to print, or as PDF")
                                      : Say::tr("nothing measured yet");
        },
    .owns = kSheetOwns,
    .typed = kSheetTyped,
};

} // namespace stations
