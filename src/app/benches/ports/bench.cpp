#include "app/bench/view_walk.h"
#include "app/benches/benches.h"
#include "app/benches/ports/ports_station.h"

namespace app {

const BenchKind benches::ports{
    .make = [](Session& session, const Look& look, Dialogs& dialogs, QWidget* parent) -> Bench* {
        return new PortsStation(session, look, dialogs, parent);
    },
    .pictures =
        [](ViewWalk& walk) {
            walk.go(4, stations::ports);
            walk.type(QStringLiteral("100"));
            walk.save(QStringLiteral("ports"));
        },
};

} // namespace app
