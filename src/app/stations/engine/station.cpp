#include "stations/list.h"
#include "words/sentences.h"

namespace stations {

using namespace lobe;
using namespace words;

namespace {

QString line(const Engine& e, const Style& style) {
    if (e.bore_mm <= 0.0 && e.stroke_mm <= 0.0) return QStringLiteral("not described yet");
    const QString multiply = QStringLiteral(" %1 ").arg(QChar(0xD7));
    QString line = dimension(e.bore_mm, style) + multiply + dimension(e.stroke_mm, style);
    if (e.rod_mm > 0.0)
        line += QStringLiteral(", rod ") + dimension(e.rod_mm, style);
    else
        line += QStringLiteral(", rod not known");
    return line;
}

constexpr const char* kOwns[] = {"engine"};

} // namespace

const Station engine{
    .key = "engine",
    .name = [] { return QStringLiteral("Engine"); },
    .progress = [](const Job& job, const Findings&) { return engineProgress(job.engine); },
    .line = [](const Job& job, const Findings&,
               const Style& style) { return line(job.engine, style); },
    .owns = kOwns,
};

} // namespace stations
