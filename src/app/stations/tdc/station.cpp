#include "stations/list.h"
#include "words/sentences.h"

namespace stations {

using namespace lobe;
using namespace words;

namespace {

QString line(const TdcFindings& tdc, const Style& style) {
    const TdcPass* pass = tdc.latest();
    if (!pass) {
        return tdc.state == TdcState::NotBegun ? QStringLiteral("not begun")
                                               : QStringLiteral("one contact taken");
    }
    const double off = std::abs(*pass->correction_deg);
    if (tdc.state == TdcState::Proved)
        return QStringLiteral("proved, within %1").arg(degrees(2.0 * off, style, 2));
    if (!pass->agrees) return QStringLiteral("pointer off by %1").arg(degrees(off, style, 2));
    return QStringLiteral("set, not proved");
}

constexpr const char* kOwns[] = {"shift",
                                 "contact",
                                 "settings.wheel",
                                 "settings.tape_mm",
                                 "settings.tdc_tolerance_deg",
                                 "settings.resolution_mm",
                                 "settings.top",
                                 "settings.deck_mm",
                                 "settings.factory_mark_deg",
                                 "settings.damper_mm"};

constexpr Typed kTyped[] = {
    {"360: 329", "this one read on another wheel: 360, against, 180, 90, signed, twice"},
};

} // namespace

const Station tdc{
    .key = "tdc",
    .name = [] { return QStringLiteral("TDC"); },
    .progress = [](const Job&, const Findings& f) { return tdcProgress(f.tdc); },
    .line = [](const Job&, const Findings& f, const Style& style) { return line(f.tdc, style); },
    .takes = [](const Task& task) { return task.cylinder == 0; },
    .owns = kOwns,
    .typed = kTyped,
};

} // namespace stations
