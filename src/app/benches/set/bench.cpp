#include "app/bench/view_walk.h"
#include "app/benches/benches.h"
#include "app/benches/set/set_station.h"

namespace app {

const BenchKind benches::set{
    .make = [](Session& session, const Look& look, Dialogs& dialogs, QWidget* parent) -> Bench* {
        return new SetStation(session, look, dialogs, parent);
    },
    .pictures =
        [](ViewWalk& walk) {
            walk.go(0, stations::set);
            walk.press(Qt::Key_Down);
            walk.save(QStringLiteral("set"));
        },
};

} // namespace app
