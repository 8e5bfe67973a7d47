#include "app/bench/view_walk.h"
#include "app/benches/benches.h"
#include "app/benches/lash/lash_station.h"

namespace app {

const BenchKind benches::lash{
    .make = [](Session& session, const Look& look, Dialogs& dialogs, QWidget* parent) -> Bench* {
        return new LashStation(session, look, dialogs, parent);
    },
    .pictures =
        [](ViewWalk& walk) {
            walk.go(0, stations::lash);
            for (int i = 0; i < 3; ++i)
                walk.type(QStringLiteral("s")); // to the fewest stops
            walk.look().setDark(true);
            walk.save(QStringLiteral("lash-dark"));
            walk.look().setDark(false);
            walk.type(QStringLiteral("s")); // and round to where it was
        },
};

} // namespace app
