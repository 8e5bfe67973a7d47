#include "core/job/log.h"

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

} // namespace lobe
