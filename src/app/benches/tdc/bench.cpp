#include "app/bench/view_walk.h"
#include "app/benches/benches.h"
#include "app/benches/tdc/tdc_station.h"

namespace app {

const BenchKind benches::tdc{
    .make = [](Session& session, const Look& look, Dialogs& dialogs, QWidget* parent) -> Bench* {
        return new TdcStation(session, look, dialogs, parent);
    },
    .pictures =
        [](ViewWalk& walk) {
            walk.go(0, stations::tdc);
            walk.save(QStringLiteral("tdc"));
        },
};

} // namespace app
