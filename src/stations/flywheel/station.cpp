#include "core/flywheel/tape.h"
#include "core/job/job.h"
#include "stations/flywheel/flywheel_desk.h"
#include "stations/list.h"
#include "words/say.h"
#include "words/sentences.h"

namespace stations {

using namespace lobe;
using namespace words;

namespace {

Progress flywheelProgress(const Job& job) {
    const TapeFigures f = tapeFigures(job.flywheel);
    if (f.fault == TapeFault::Arc) return Progress::LookAgain;
    if (!f.degrees)
        return job.flywheel.circumference_mm > 0.0 ? Progress::InHand : Progress::NotBegun;
    if (f.verdict == BandVerdict::Below || f.verdict == BandVerdict::Above)
        return Progress::LookAgain;
    return f.verdict == BandVerdict::Within && f.sure ? Progress::Done : Progress::InHand;
}

QString flywheelLine(const Job& job, const Findings&, const Style& style) {
    const TapeFigures f = tapeFigures(job.flywheel);
    if (!f.degrees) return Say::tr("arcs round the rim");
    const QString open = Say::tr("exhaust %1").arg(degrees(f.degrees->value, style));
    switch (f.verdict) {
    case BandVerdict::Below:
        return open + Say::tr(", below");
    case BandVerdict::Above:
        return open + Say::tr(", above");
    case BandVerdict::Within:
        return open + Say::tr(", within");
    case BandVerdict::NotKnown:
        break;
    }
    return open;
}

constexpr const char* kFlywheelOwns[] = {"settings.flywheel"};

} // namespace

const Station flywheel{
    .key = "flywheel",
    .name = [] { return Say::tr("Flywheel"); },
    .progress = [](const Job& job, const Findings&) { return flywheelProgress(job); },
    .line = flywheelLine,
    .owns = kFlywheelOwns,
    .fields = app::flywheelFields,
    .applies = [](const Job& job) { return job.engine.kind == EngineKind::SlowFlywheel; },
    .lateKey = true,
};

} // namespace stations
