#include "app/bench/view_walk.h"
#include "app/benches/benches.h"
#include "app/benches/record/record_station.h"

namespace app {

const BenchKind benches::record{
    .make = [](Session& session, const Look& look, Dialogs& dialogs, QWidget* parent) -> Bench* {
        return new RecordStation(session, look, dialogs, parent);
    },
    .pictures =
        [](ViewWalk& walk) {
            walk.go(0, stations::record);
            walk.save(QStringLiteral("record"));
        },
};

} // namespace app
