#include "core/job/job.h"
#include "stations/list.h"
#include "words/explanation.h"
#include "words/say.h"
#include "words/sentences.h"

namespace stations {

using namespace lobe;
using namespace words;

namespace {

QString timingLine(const Findings& f, const Style& style) {
    for (const Finding& finding : f.all)
        if (finding.is<found::MovedSince>() && finding.cylinder == f.cylinders.front().cylinder)
            return Say::tr("moved; measure again");
    for (const CylinderFindings& c : f.cylinders)
        if (c.explanation && !c.explanation->causes.empty())
            return causeInShort(*c.explanation, style);
    for (const Finding& finding : f.all)
        if (const auto* shift = finding.as<found::CardShift>())
            return QStringLiteral("%1 %2").arg(sideName(*finding.side),
                                               earlyLate(shift->late_deg, style));
    for (const CylinderFindings& c : f.cylinders)
        if (c.pair && c.pair->separation)
            return Say::tr("separation %1").arg(degrees(c.pair->separation->deg, style));
    return f.cylinders.empty() ? Say::tr("waiting for lobes")
                               : Say::tr("waiting for the other lobe");
}

constexpr const char* kTimingOwns[] = {"settings"};

constexpr Typed kTimingTyped[] = {
    {QT_TRANSLATE_NOOP("Say", "level 0.12  at Timing"),
     QT_TRANSLATE_NOOP("Say",
                       "the intake stands 0.12 further open as the valves rock: how far past "
                       "level that is")},
};

} // namespace

const Station timing{
    .key = "timing",
    .name = [] { return Say::tr("Timing"); },
    .progress = [](const Job&, const Findings& f) { return timingProgress(f); },
    .line = [](const Job&, const Findings& f, const Style& style) { return timingLine(f, style); },
    .owns = kTimingOwns,
    .typed = kTimingTyped,
    .applies = [](const Job& job) { return job.engine.kind == EngineKind::FourStroke; },
};

} // namespace stations
