#include "app/benches/benches.h"
#include "app/thirteenth/tally.h"
#include "core/job/job.h"

namespace app {

const BenchKind benches::tally{
    .make = [](Session& session, const Look& look, Dialogs&, QWidget* parent) -> Bench* {
        return new fixture::TallyStation(session, look, parent);
    },
};

#define SPARE_BENCH(station)                                                                       \
    const BenchKind benches::station {                                                             \
        .make = [](Session& session, const Look& look, Dialogs&, QWidget* parent) -> Bench* {      \
            return new fixture::TallyStation(session, look, parent);                               \
        },                                                                                         \
    }
SPARE_BENCH(spare4);
SPARE_BENCH(spare5);

} // namespace app
