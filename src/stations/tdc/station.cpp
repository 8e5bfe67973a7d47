#include "stations/list.h"
#include "stations/tdc/fields.h"
#include "words/say.h"
#include "words/sentences.h"

namespace stations {

using namespace lobe;
using namespace words;

namespace {

QString tdcLine(const TdcFindings& tdc, const Style& style) {
    const TdcPass* pass = tdc.latest();
    if (!pass) {
        return tdc.state == TdcState::NotBegun ? Say::tr("not begun")
                                               : Say::tr("one contact taken");
    }
    const double off = std::abs(*pass->correction_deg);
    if (tdc.state == TdcState::Proved)
        return off < 0.005 ? Say::tr("proved")
                           : Say::tr("proved, within %1").arg(degrees(2.0 * off, style, 2));
    if (!pass->agrees) return Say::tr("pointer off by %1").arg(degrees(off, style, 2));
    return Say::tr("set, not proved");
}

constexpr const char* kTdcOwns[] = {"shift",
                                    "contact",
                                    "settings.wheel",
                                    "settings.tape_mm",
                                    "settings.tdc_tolerance_deg",
                                    "settings.resolution_mm",
                                    "settings.top",
                                    "settings.deck_mm",
                                    "settings.factory_mark_deg",
                                    "settings.damper_mm",
                                    "settings.spark_deg"};

constexpr Typed kTdcTyped[] = {
    {QT_TRANSLATE_NOOP("Say", "stop,  drop 3,  there and back,  port,  highest"),
     QT_TRANSLATE_NOOP("Say", "how TDC is found")},
    {QT_TRANSLATE_NOOP("Say", "wheel 360"),
     QT_TRANSLATE_NOOP("Say",
                       "the wheel that is fitted: 360, against, 180, 90, signed, twice, tape")},
    {QT_TRANSLATE_NOOP("Say", "360: 329"),
     QT_TRANSLATE_NOOP("Say",
                       "this one read on another wheel: 360, against, 180, 90, signed, twice")},
};

} // namespace

const Station tdc{
    .key = "tdc",
    .name = [] { return Say::tr("TDC"); },
    .progress = [](const Job&, const Findings& f) { return tdcProgress(f.tdc); },
    .line = [](const Job&, const Findings& f, const Style& style) { return tdcLine(f.tdc, style); },
    .takes = [](const Task& task) { return task.cylinder == 0; },
    .owns = kTdcOwns,
    .typed = kTdcTyped,
    .fields = app::tdcFields,
};

} // namespace stations
