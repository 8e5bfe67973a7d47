#include "app/benches/benches.h"

#include <utility>

namespace app {

const BenchKind& benchKind(const stations::Station& station) {
#define STATION(name) {&stations::name, &benches::name},
    static const std::pair<const stations::Station*, const BenchKind*> kinds[] = {
#include AMBER_STATIONS
    };
#undef STATION
    for (const auto& [of, kind] : kinds)
        if (*of == station) return *kind;
    Q_UNREACHABLE(); // both tables are made of one list
}

} // namespace app
