#include "stations/list.h"
#include "words/sentences.h"

namespace stations {

using namespace lobe;
using namespace words;

namespace {

QString line(const Findings& f, const Style& style) {
    for (const RunFindings& r : f.runs)
        if (r.current)
            for (const Finding& finding : r.lobe.findings)
                if (finding.code == Code::Misfit)
                    return QStringLiteral("again: %1 %2")
                        .arg(sideName(r.side), abbreviated(*finding.at, style));
    for (const RunFindings& r : f.runs)
        if (r.current)
            for (const Finding& finding : r.lobe.findings)
                if (finding.severity >= Severity::LookAgain)
                    return QStringLiteral("look again: %1 %2")
                        .arg(sideName(r.side))
                        .arg(r.cylinder);
    const RunFindings* open = nullptr;
    int done = 0;
    for (const RunFindings& r : f.runs) {
        if (!r.current) continue;
        if (r.complete || r.lobe.noseReached) ++done;
        if (!r.complete) open = &r;
    }
    if (open && !open->lobe.noseReached)
        return QStringLiteral("%1 %2, %3 of %4")
            .arg(sideName(open->side))
            .arg(open->cylinder)
            .arg(open->live)
            .arg(open->planned);
    if (done == 0) return QStringLiteral("not begun");
    return done == 1 ? QStringLiteral("1 lobe recorded")
                     : QStringLiteral("%1 lobes recorded").arg(done);
}

constexpr const char* kOwns[] = {"run", "settings.average_passes"};

constexpr Typed kTyped[] = {
    {"75a   20b   40ab   30bb", "after, before TDC; after, before BDC; also 31 BTDC, 20 abdc"},
    {"75a 8.512", "log a lift at that angle"},
    {"step 2,  zero,  zero 8.5", "another step; indicator zeroed again, where lift is 8.5"},
    {"curve,  events,  centre", "how the lobe is taken"},
    {"other,  timing,  pass", "when a run is through: the other lobe, Timing, another pass"},
};

} // namespace

const Station lobes{
    .key = "lobes",
    .name = [] { return QStringLiteral("Lobes"); },
    .progress = [](const Job&, const Findings& f) { return lobesProgress(f); },
    .line = [](const Job&, const Findings& f, const Style& style) { return line(f, style); },
    .takes = [](const Task& task) { return task.cylinder > 0; },
    .owns = kOwns,
    .typed = kTyped,
};

} // namespace stations
