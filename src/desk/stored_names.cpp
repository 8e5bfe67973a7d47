#include "desk/stored_names.h"

#include "book/stored.h"
#include "core/job/job.h"

namespace app {

using namespace lobe;

StoredNames::StoredNames() : facts_(Facts::of(Job{})) {
    facts_.card = Card{};
    for (const auto& [at, path] : book::storedValues(
             {&facts_, &facts_.engine, &*facts_.card, &facts_.conditions, &facts_.mockUp}))
        paths_.insert(at, path);
    paths_.insert(&facts_.name, QStringLiteral("name"));
}

QStringList StoredNames::of(const Field& field) {
    QStringList out;
    if (field.values)
        for (const void* value : field.values(facts_))
            if (const auto path = paths_.find(value); path != paths_.end()) out << *path;
    return out;
}

QStringList storedNames(const Field& field) {
    return StoredNames().of(field);
}

} // namespace app
