#include "app/bench/view_walk.h"
#include "app/benches/benches.h"
#include "app/benches/sheet/sheet_station.h"

namespace app {

const BenchKind benches::sheet{
    .make = [](Session& session, const Look& look, Dialogs& dialogs, QWidget* parent) -> Bench* {
        return new SheetStation(session, look, dialogs, parent);
    },
    .pictures =
        [](ViewWalk& walk) {
            walk.go(0, stations::sheet);
            walk.save(QStringLiteral("sheet"));
        },
};

} // namespace app
