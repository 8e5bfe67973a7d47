#include "stations/list.h"
#include "words/say.h"
#include "words/sentences.h"
#include "words/setting.h"

namespace stations {

using namespace lobe;
using namespace words;

namespace {

QString line(const Job& job, const Findings& f, const Style& style) {
    if (!job.changes.empty()) {
        const int last = job.changes.back().number;
        for (const MoveCheck& c : f.changes) {
            if (c.number != last) continue;
            if (c.verdict == MoveVerdict::Waiting) return Say::tr("moved; measure again");
            if (c.verdict != MoveVerdict::AsMeant) return Say::tr("the move was not as meant");
            return Say::tr("moved %1").arg(moveBy(*c.moved_deg, style));
        }
    }
    const Need& n = f.need;
    if (!n.move_deg.intake && !n.move_deg.exhaust) return Say::tr("nothing to set yet");
    if (n.stands()) return Say::tr("stands as wanted");
    if (n.move_deg.intake && n.move_deg.exhaust)
        return Say::tr("in %1, ex %2 crank")
            .arg(signedFixed(*n.move_deg.intake, 1, style),
                 signedFixed(*n.move_deg.exhaust, 1, style));
    QStringList said;
    for (const auto& [deg, name] :
         {std::pair(n.move_deg.intake, "intake "), {n.move_deg.exhaust, "exhaust "}})
        if (deg)
            said << (job.engine.layout == Layout::TwinOverheadCam ? QLatin1String(name)
                                                                  : QLatin1String()) +
                        moveBy(*deg, style);
    return said.join(QStringLiteral(", "));
}

constexpr const char* kOwns[] = {"cam setting", "engine.drive", "settings.target",
                                 "settings.skim_mm"};

constexpr Typed kTyped[] = {
    {QT_TRANSLATE_NOOP("Say", "made …,  note …,  photo …  at Set"),
     QT_TRANSLATE_NOOP("Say", "keep a change of setting; what goes with it")},
};

} // namespace

const Station set{
    .key = "set",
    .name = [] { return Say::tr("Set"); },
    .progress = [](const Job& job, const Findings& f) { return settingProgress(job, f); },
    .line = line,
    .owns = kOwns,
    .typed = kTyped,
};

} // namespace stations
