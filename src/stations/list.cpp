#include "stations/list.h"

#include <algorithm>

namespace stations {

const std::vector<const Station*>& all() {
#define STATION(name) &name,
    static const std::vector<const Station*> list{
#include AMBER_STATIONS
    };
#undef STATION
    return list;
}

std::vector<const Station*> of(const lobe::Job& job) {
    std::vector<const Station*> out;
    for (const Station* s : all())
        if (!s->applies || s->applies(job)) out.push_back(s);
    return out;
}

const Station* byKey(const QString& key) {
    for (const Station* s : all())
        if (s->id() == key) return s;
    return nullptr;
}

const Station& next(const lobe::Job& job, const lobe::Findings& findings) {
    for (const Station* s : of(job))
        if (s->progress(job, findings) != lobe::Progress::Done) return *s;
    return timing;
}

const Station* owner(const QString& part) {
    for (const QString& wanted : {part, part.section(QLatin1Char('.'), 0, 0)})
        for (const Station* s : all())
            if (std::any_of(s->owns.begin(), s->owns.end(),
                            [&](const char* own) { return wanted == QLatin1String(own); }))
                return s;
    return nullptr;
}

} // namespace stations
