#include "core/job/job.h"
#include "stations/engine/fields.h"
#include "stations/list.h"
#include "words/say.h"
#include "words/sentences.h"

namespace stations {

using namespace lobe;
using namespace words;

namespace {

/// Roughly, to know the engine by: thousandths of an inch or hundredths of a millimetre.
QString roughly(double mm, const Style& style) {
    if (mm <= 0.0) return QString(QChar(0x2013));
    return style.inches() ? shortest(mm / kMmPerInch, 3, style) : shortest(mm, 2, style);
}

QString engineLine(const Engine& e, const Style& style) {
    if (e.bore_mm <= 0.0 && e.stroke_mm <= 0.0) return Say::tr("not described yet");
    const QString multiply = QStringLiteral(" %1 ").arg(QChar(0xD7));
    QString line = roughly(e.bore_mm, style) + multiply + roughly(e.stroke_mm, style);
    if (e.rod_mm > 0.0)
        line += Say::tr(", rod ") + roughly(e.rod_mm, style);
    else
        line += Say::tr(", rod not known");
    return line;
}

constexpr const char* kEngineOwns[] = {"engine"};

} // namespace

const Station engine{
    .key = "engine",
    .name = [] { return Say::tr("Engine"); },
    .progress = [](const Job& job, const Findings&) { return engineProgress(job.engine); },
    .line = [](const Job& job, const Findings&,
               const Style& style) { return engineLine(job.engine, style); },
    .owns = kEngineOwns,
    .fields = app::engineFields,
};

} // namespace stations
