#include "app/bench/view_walk.h"
#include "app/benches/benches.h"
#include "app/benches/compression/compression_station.h"

namespace app {

const BenchKind benches::compression{
    .make = [](Session& session, const Look& look, Dialogs& dialogs, QWidget* parent) -> Bench* {
        return new CompressionStation(session, look, dialogs, parent);
    },
    .pictures =
        [](ViewWalk& walk) {
            walk.go(0, stations::compression);
            walk.save(QStringLiteral("compression"));
        },
};

} // namespace app
