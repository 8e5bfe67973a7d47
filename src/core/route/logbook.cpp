#include "core/route/logbook.h"

#include "core/job/job.h"

#include <algorithm>

namespace lobe {
namespace {

constexpr std::int64_t kSitting_ms = 3'600'000;

/// Readings, presses or contacts one after the other, cut into sittings.
template <class Each>
void sittings(const std::vector<Each>& all, LogLine line, std::vector<LogLine>& out) {
    bool open = false;
    for (const Each& each : all) {
        if (open && each.time_ms - line.until_ms > kSitting_ms) {
            out.push_back(line);
            open = false;
        }
        if (!open) {
            line.time_ms = each.time_ms;
            line.count = line.struck = 0;
            line.reasons.clear();
            open = true;
        }
        line.until_ms = each.time_ms;
        ++line.count;
        if (!each.struck) continue;
        ++line.struck;
        const std::string& why = each.struck->reason;
        if (std::find(line.reasons.begin(), line.reasons.end(), why) == line.reasons.end())
            line.reasons.push_back(why);
    }
    if (open) out.push_back(line);
}

} // namespace

std::vector<LogLine> logbookOf(const Job& job) {
    std::vector<LogLine> out;
    LogLine contacts;
    contacts.what = LogWhat::Contacts;
    sittings(job.contacts, contacts, out);
    for (const LiftRun& run : job.runs) {
        LogLine line;
        line.what = LogWhat::Readings;
        line.cylinder = run.cylinder;
        line.side = run.side;
        line.source = run.terms.source;
        sittings(run.readings.get(), line, out);
    }
    for (const ClearanceMap& map : job.maps) {
        LogLine line;
        line.what = LogWhat::Presses;
        line.cylinder = map.cylinder;
        line.side = map.side;
        sittings(map.readings.get(), line, out);
    }
    const auto one = [&](LogWhat what, std::int64_t time_ms, int number, int cylinder) {
        LogLine line;
        line.what = what;
        line.time_ms = line.until_ms = time_ms;
        line.number = number;
        line.cylinder = cylinder;
        out.push_back(std::move(line));
    };
    for (const CamMove& move : job.changes)
        one(LogWhat::Moved, move.time_ms, move.number, 0);
    for (std::size_t i = 0; i < job.choosing.decisions.size(); ++i)
        one(LogWhat::Decided, job.choosing.decisions[i].time_ms, static_cast<int>(i) + 1, 0);
    for (const LogEntry& entry : job.log)
        one(LogWhat::Entered, entry.time_ms, entry.number, entry.cylinder);
    std::stable_sort(out.begin(), out.end(),
                     [](const LogLine& a, const LogLine& b) { return a.time_ms < b.time_ms; });
    return out;
}

} // namespace lobe
