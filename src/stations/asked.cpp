#include "stations/asked.h"

#include "desk/stored_names.h"
#include "stations/list.h"

#include <algorithm>

namespace stations {

namespace {

/// A field by its place, since what it is called hangs on the language.
struct Place {
    const Station* station;
    std::size_t at;
    QStringList changes; ///< as the book calls them
};

const std::vector<Place>& places() {
    static const std::vector<Place> all = [] {
        std::vector<Place> out;
        app::StoredNames names;
        for (const Station* s : stations::all()) {
            if (!s->fields) continue;
            const auto fields = s->fields();
            for (std::size_t i = 0; i < fields.size(); ++i)
                out.push_back({s, i, names.of(fields[i])});
        }
        return out;
    }();
    return all;
}

/// Those that change all of these and least else.
std::vector<const Place*> nearest(const QStringList& paths) {
    std::vector<const Place*> out;
    for (const Place& p : places()) {
        if (!std::all_of(paths.begin(), paths.end(),
                         [&](const QString& path) { return p.changes.contains(path); }))
            continue;
        if (!out.empty() && p.changes.size() < out.front()->changes.size()) out.clear();
        if (out.empty() || p.changes.size() == out.front()->changes.size()) out.push_back(&p);
    }
    return out;
}

} // namespace

std::optional<Asked> asked(const QStringList& paths) {
    if (paths.isEmpty()) return std::nullopt;
    const auto called = [](const Place& p) { return p.station->fields()[p.at]; };
    if (const auto found = nearest(paths); !found.empty()) {
        const auto field = called(*found.front());
        // Another station may ask the same; two fields of one station are two facts in one value.
        const bool alone = std::none_of(found.begin() + 1, found.end(), [&](const Place* p) {
            return p->station == found.front()->station;
        });
        return Asked{found.front()->station, field.subject,
                     alone ? QStringList{field.name} : QStringList{}};
    }
    std::optional<Asked> out;
    for (const QString& path : paths) {
        const auto found = nearest({path});
        if (found.empty()) continue;
        const auto field = called(*found.front());
        if (!out) out = Asked{found.front()->station, field.subject, {}};
        if (!out->names.contains(field.name)) out->names << field.name;
    }
    return out;
}

std::vector<app::Field> factsOf(const lobe::Job& job) {
    std::vector<app::Field> out;
    QStringList seen;
    for (const Station* s : of(job)) {
        if (!s->fields) continue;
        const auto fields = s->fields();
        QStringList here;
        for (const Place& p : places()) {
            const bool known =
                std::all_of(p.changes.begin(), p.changes.end(), [&](const QString& path) {
                    return seen.contains(path) || path.startsWith(QLatin1String("terms.")) ||
                           path.startsWith(QLatin1String("mock_up."));
                });
            const bool title = p.changes.contains(QLatin1String("name"));
            if (p.station != s || known || title) continue;
            // Several of one station may be kept in one value, as wishes are.
            here << p.changes;
            out.push_back(fields[p.at]);
        }
        seen << here;
    }
    return out;
}

} // namespace stations
