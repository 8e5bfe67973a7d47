#include "app/bench/view_walk.h"
#include "app/benches/benches.h"
#include "app/benches/lobes/lobes_station.h"

namespace app {

const BenchKind benches::lobes{
    .make = [](Session& session, const Look& look, Dialogs& dialogs, QWidget* parent) -> Bench* {
        return new LobesStation(session, look, dialogs, parent);
    },
    .pictures =
        [](ViewWalk& walk) {
            walk.go(0, stations::lobes);
            walk.save(QStringLiteral("lobes"));
            walk.go(1, stations::lobes, 2);
            walk.saveAtStand(QStringLiteral("stand"));
        },
};

} // namespace app
