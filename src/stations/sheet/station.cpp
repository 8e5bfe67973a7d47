#include "stations/list.h"
#include "words/say.h"

#include <algorithm>

namespace stations {

using namespace lobe;

namespace {

/// A lobe that is read past its nose has figures to print.
bool hasFigures(const Findings& f) {
    return std::any_of(f.runs.begin(), f.runs.end(),
                       [](const RunFindings& r) { return r.current && r.lobe.noseReached; });
}

constexpr Typed kTyped[] = {
    {QT_TRANSLATE_NOOP("Say", "pdf,  print,  card,  letter,  by NAME  at Sheet"),
     QT_TRANSLATE_NOOP("Say", "saves, prints; the cam alone; the paper; who measured")},
    {QT_TRANSLATE_NOOP("Say", "out figures,  out notes  at Sheet"),
     QT_TRANSLATE_NOOP("Say", "leaves a part out, or takes it in again")},
};

constexpr const char* kOwns[] = {"settings.by"};

} // namespace

const Station sheet{
    .key = "sheet",
    .name = [] { return Say::tr("Sheet"); },
    .progress =
        [](const Job&, const Findings& f) {
            return hasFigures(f) ? Progress::Done : Progress::NotBegun;
        },
    .line =
        [](const Job&, const Findings& f, const words::Style&) {
            return hasFigures(f) ? Say::tr("to print, or as PDF") : Say::tr("nothing measured yet");
        },
    .owns = kOwns,
    .typed = kTyped,
};

} // namespace stations
