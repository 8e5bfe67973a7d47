#include "app/bench/view_walk.h"
#include "app/benches/benches.h"
#include "app/benches/clearance/clearance_station.h"

namespace app {

const BenchKind benches::clearance{
    .make = [](Session& session, const Look& look, Dialogs& dialogs, QWidget* parent) -> Bench* {
        return new ClearanceStation(session, look, dialogs, parent);
    },
    .pictures =
        [](ViewWalk& walk) {
            walk.go(1, stations::clearance);
            walk.save(QStringLiteral("clearance"));
        },
};

} // namespace app
