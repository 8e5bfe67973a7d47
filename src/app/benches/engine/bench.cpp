#include "app/bench/view_walk.h"
#include "app/benches/benches.h"
#include "app/benches/engine/engine_station.h"

namespace app {

const BenchKind benches::engine{
    .make = [](Session& session, const Look& look, Dialogs& dialogs, QWidget* parent) -> Bench* {
        return new EngineStation(session, look, dialogs, parent);
    },
    .pictures =
        [](ViewWalk& walk) {
            walk.go(0, stations::engine);
            walk.save(QStringLiteral("engine"));
        },
};

} // namespace app
