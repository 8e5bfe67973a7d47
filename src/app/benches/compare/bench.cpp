#include "app/bench/view_walk.h"
#include "app/benches/benches.h"
#include "app/benches/compare/compare_station.h"

namespace app {

const BenchKind benches::compare{
    .make = [](Session& session, const Look& look, Dialogs& dialogs, QWidget* parent) -> Bench* {
        return new CompareStation(session, look, dialogs, parent);
    },
    .pictures =
        [](ViewWalk& walk) {
            walk.go(1, stations::compare);
            walk.rest(8000);
            walk.save(QStringLiteral("compare"));
        },
};

} // namespace app
