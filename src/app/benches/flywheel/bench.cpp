#include "app/bench/view_walk.h"
#include "app/benches/benches.h"
#include "app/benches/flywheel/flywheel_station.h"

namespace app {

const BenchKind benches::flywheel{
    .make = [](Session& session, const Look& look, Dialogs& dialogs, QWidget* parent) -> Bench* {
        return new FlywheelStation(session, look, dialogs, parent);
    },
    .pictures =
        [](ViewWalk& walk) {
            walk.go(5, stations::flywheel);
            walk.save(QStringLiteral("flywheel"));
        },
};

} // namespace app
