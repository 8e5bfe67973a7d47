#include "app/frame/views.h"
#include "app/stations/benches.h"
#include "app/stations/compare/compare_station.h"

namespace app {

const BenchKind benches::compare{
    .make = [](Session& session, const Look& look, Dialogs& dialogs, QWidget* parent) -> Bench* {
        return new CompareStation(session, look, dialogs, parent);
    },
    .pictures =
        [](ViewWalk& walk) {
            walk.go(1, stations::compare);
            walk.save(QStringLiteral("compare"));
        },
};

} // namespace app
