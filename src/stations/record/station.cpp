#include "core/job/job.h"
#include "core/typed/amount.h"
#include "stations/list.h"
#include "words/logbook.h"
#include "words/say.h"

#include <algorithm>

namespace stations {

using namespace lobe;

namespace {

Progress progress(const Job& job, const Findings&) {
    if (job.log.empty()) return Progress::NotBegun;
    bool open = false;
    for (const LogEntry& e : job.log) {
        if (withinLimits(e) == false) return Progress::LookAgain;
        open = open || (e.kind == EntryKind::Order && !e.done);
    }
    return open ? Progress::InHand : Progress::Done;
}

QString recordLine(const Job& job, const Findings&, const words::Style& style) {
    if (job.log.empty()) return Say::tr("notes, parts, orders");
    const auto orders = std::count_if(job.log.begin(), job.log.end(), [](const LogEntry& e) {
        return e.kind == EntryKind::Order && !e.done;
    });
    if (orders > 0) return Say::tr("%n to order", nullptr, static_cast<int>(orders));
    return words::entryLine(job.log.back(), style);
}

constexpr const char* kRecordOwns[] = {"entry"};

constexpr Typed kRecordTyped[] = {
    {QT_TRANSLATE_NOOP("Say", "note …,  photo PATH"),
     QT_TRANSLATE_NOOP("Say", "kept in the record, from every station")},
    {QT_TRANSLATE_NOOP("Say", "part …,  bolts …,  float …,  order …  at Record"),
     QT_TRANSLATE_NOOP("Say", "what was built in and how; then what is asked, or Enter")},
    {QT_TRANSLATE_NOOP("Say", "find …,  only readings,  done 3,  gone 3 why  at Record"),
     QT_TRANSLATE_NOOP("Say", "searches; shows one kind; ticks an order; a part taken out again")},
};

} // namespace

const Station record{
    .key = "record",
    .name = [] { return Say::tr("Record"); },
    .progress = progress,
    .line = recordLine,
    .owns = kRecordOwns,
    .typed = kRecordTyped,
};

} // namespace stations
