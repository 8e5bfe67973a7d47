#include "core/job/log.h"

#include "core/job/entry.h"

#include <algorithm>

namespace lobe {

void LogEntry::setDetail(const std::string& key, const std::string& value) {
    const auto at =
        std::find_if(details.begin(), details.end(), [&](const Detail& d) { return d.key == key; });
    if (value.empty()) {
        if (at != details.end()) details.erase(at);
    } else if (at != details.end()) {
        at->value = value;
    } else {
        details.push_back({key, value});
    }
}

std::optional<bool> withinLimits(const LogEntry& entry) {
    const auto length = [&](const char* key) -> std::optional<double> {
        const std::string* typed = entry.detail(key);
        if (!typed) return std::nullopt;
        const auto read = readLength(*typed, LengthUnit::Millimetre, 50.0);
        const double* mm = std::get_if<double>(&read);
        return mm ? std::optional(*mm) : std::nullopt;
    };
    const auto is = length("measured"), least = length("least"), most = length("most");
    if (!is || (!least && !most)) return std::nullopt;
    return (!least || *is >= *least) && (!most || *is <= *most);
}

} // namespace lobe
