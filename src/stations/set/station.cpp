#include "core/job/job.h"
#include "stations/list.h"
#include "stations/set/fields.h"
#include "words/say.h"
#include "words/sentences.h"
#include "words/setting.h"

namespace stations {

using namespace lobe;
using namespace words;

namespace {

/// What the last move did, as far as it was measured since; empty before that, and without a move.
QString lastMoved(const Job& job, const Findings& f, const Style& style) {
    if (job.changes.empty() || f.cylinders.empty()) return {};
    const MoveCheck* measured = nullptr;
    for (const MoveCheck& c : f.changes) {
        // The other cylinders follow the first: one cam moves them all.
        if (c.number != job.changes.back().number || c.cylinder != f.cylinders.front().cylinder ||
            c.verdict == MoveVerdict::Waiting)
            continue;
        if (c.verdict != MoveVerdict::AsMeant) return Say::tr("not moved as meant");
        measured = &c;
    }
    return measured ? Say::tr("moved %1").arg(moveBy(*measured->moved_deg, style)) : QString();
}

QString wanted(const Job& job, const Need& n, const Style& style) {
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

QString setLine(const Job& job, const Findings& f, const Style& style) {
    const QString moved = lastMoved(job, f, style);
    if (!f.need.move_deg.intake && !f.need.move_deg.exhaust)
        return !moved.isEmpty()      ? moved
               : job.changes.empty() ? Say::tr("nothing to set yet")
                                     : Say::tr("moved; measure again");
    const QString now = wanted(job, f.need, style);
    return moved.isEmpty() ? now : moved + QStringLiteral("; ") + now;
}

constexpr const char* kSetOwns[] = {"cam setting", "engine.drive", "settings.target",
                                    "settings.skim_mm"};

constexpr Typed kSetTyped[] = {
    {QT_TRANSLATE_NOOP("Say", "made …,  note …,  photo …  at Set"),
     QT_TRANSLATE_NOOP("Say", "keep a change of setting; what goes with it")},
};

} // namespace

const Station set{
    .key = "set",
    .name = [] { return Say::tr("Set"); },
    .progress = [](const Job& job, const Findings& f) { return settingProgress(job, f); },
    .line = setLine,
    .owns = kSetOwns,
    .typed = kSetTyped,
    .fields = [] { return app::setFields().all; },
    .applies = [](const Job& job) { return job.engine.kind == EngineKind::FourStroke; },
};

} // namespace stations
