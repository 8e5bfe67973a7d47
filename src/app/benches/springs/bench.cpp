#include "app/bench/view_walk.h"
#include "app/benches/benches.h"
#include "app/benches/springs/springs_station.h"

namespace app {

const BenchKind benches::springs{
    .make = [](Session& session, const Look& look, Dialogs& dialogs, QWidget* parent) -> Bench* {
        return new SpringsStation(session, look, dialogs, parent);
    },
    .pictures =
        [](ViewWalk& walk) {
            walk.go(0, stations::springs);
            walk.save(QStringLiteral("springs"));
        },
};

} // namespace app
