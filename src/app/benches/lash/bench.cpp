#include "app/bench/view_walk.h"
#include "app/benches/benches.h"
#include "app/benches/lash/lash_station.h"

namespace app {

const BenchKind benches::lash{
    .make = [](Session& session, const Look& look, Dialogs& dialogs, QWidget* parent) -> Bench* {
        return new LashStation(session, look, dialogs, parent);
    },
};

} // namespace app
