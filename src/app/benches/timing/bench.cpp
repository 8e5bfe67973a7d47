#include "app/bench/view_walk.h"
#include "app/benches/benches.h"
#include "app/benches/timing/timing_station.h"

namespace app {

const BenchKind benches::timing{
    .make = [](Session& session, const Look& look, Dialogs& dialogs, QWidget* parent) -> Bench* {
        return new TimingStation(session, look, dialogs, parent);
    },
    .pictures =
        [](ViewWalk& walk) {
            walk.go(0, stations::timing);
            walk.save(QStringLiteral("timing"));
        },
};

} // namespace app
