// What the lobes say of where the cam stands, in one sentence.
#include "core/job/job.h"
#include "words/explanation.h"
#include "words/say.h"
#include "words/sentences.h"

#include <cmath>

namespace words {

using namespace lobe;

/// What must be put right before anything is said of where the lobes stand; null without such.
static const Finding* beforeTiming(const Findings& f, int cylinder) {
    const Finding* first = nullptr;
    int rank = 4;
    for (const Finding& each : f.all) {
        if (each.cylinder != cylinder) continue;
        const int its = each.is<found::MovedSince>()           ? 0
                        : each.is<found::CylinderTdcUnknown>() ? 1
                        : each.is<found::SidesSwapped>()       ? 2
                        : each.is<found::CentreFarOff>()       ? 3
                                                               : 4;
        if (its >= rank) continue;
        first = &each;
        rank = its;
    }
    return first;
}

QString timingVerdict(const Job& job, const Findings& findings, int cylinder, const Style& style) {
    const CylinderFindings* c = findings.cylinder(cylinder);
    if (!c || (!c->run.intake && !c->run.exhaust))
        return Say::tr(
                   "No lobe of cylinder %1 is recorded yet. Go to Lobes and type the first lift.")
            .arg(cylinder);
    // Before where a lobe stands: whether its own top is known at all.
    if (const Finding* f = beforeTiming(findings, c->cylinder)) return sentence(*f, style);
    if (c->explanation && !c->explanation->causes.empty())
        return causeSentence(c->explanation->causes.front(), style);
    if (!job.card && c->explanation)
        return c->explanation->looksLike
                   ? Say::tr("No card is fitted. By durations, separation and lift it looks "
                             "like the %1.")
                         .arg(QString::fromStdString(
                             job.otherCards[*c->explanation->looksLike].name))
                   : Say::tr("No card is fitted, and none of those at hand fits this cam.");
    if (!c->pair || !c->pair->separation)
        return Say::tr("One lobe is in hand; record the other to its nose and beyond for "
                       "overlap and separation.");
    return Say::tr("Lobe separation %1 cam degrees, %2. Enter the cam's card to compare.")
        .arg(fixed(c->pair->separation->deg, 1, style),
             *c->pair->advance_deg >= 0.0
                 ? Say::tr("installed %1 advanced").arg(degrees(*c->pair->advance_deg, style))
                 : Say::tr("installed %1 retarded").arg(degrees(-*c->pair->advance_deg, style)));
}

} // namespace words
