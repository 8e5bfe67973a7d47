#include "core/job/job.h"
#include "stations/compression/fields.h"
#include "stations/list.h"
#include "words/say.h"
#include "words/sentences.h"

namespace stations {

using namespace lobe;
using namespace words;

namespace {

QString compressionLine(const Job&, const Findings& f, const Style& style) {
    if (!f.compression) return Say::tr("no volumes yet");
    if (!f.squeeze) return Say::tr("cannot be: look again");
    const CompressionClaim& claim = *f.squeeze;
    const QString fixedRatio = Say::tr("static ") + fixed(claim.staticRatio, 1, style) +
                               withoutParts(claim.withoutGasket, claim.withoutDeck);
    if (!claim.dynamicRatio) return fixedRatio;
    return Say::tr("dynamic %1, %2").arg(fixed(*claim.dynamicRatio, 1, style), fixedRatio);
}

constexpr const char* kCompressionOwns[] = {"engine.chamber",
                                            "engine.chambers",
                                            "engine.volumes",
                                            "settings.closing",
                                            "settings.closing_height_mm",
                                            "settings.altitude_m",
                                            "settings.exponent",
                                            "settings.wanted_dynamic",
                                            "settings.fuels",
                                            "settings.kept"};

constexpr Typed kCompressionTyped[] = {
    {QT_TRANSLATE_NOOP("Say", "reach 8.5  at Compression"),
     QT_TRANSLATE_NOOP("Say", "what reaches a dynamic ratio")},
};

} // namespace

const Station compression{
    .key = "compression",
    .name = [] { return Say::tr("Compression"); },
    .progress = [](const Job& job, const Findings& f) { return compressionProgress(job, f); },
    .line = compressionLine,
    .owns = kCompressionOwns,
    .typed = kCompressionTyped,
    .fields = app::compressionFields,
    .applies = [](const Job& job) { return job.engine.kind == EngineKind::FourStroke; },
};

} // namespace stations
