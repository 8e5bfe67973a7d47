#include "app/benches/flywheel/flywheel_station.h"

#include "app/benches/flywheel/rim.h"
#include "core/job/job.h"

namespace app {

using namespace lobe;

FlywheelStation::FlywheelStation(Session& session, const Look& look, Dialogs& dialogs,
                                 QWidget* parent)
    : FactBench(session, look, QStringLiteral("flywheel"), parent),
      rim_(new Rim(look, dialogs, this)) {
    layOut(rim_);
}

void FlywheelStation::showPicture() {
    rim_->setScene(
        {job().flywheel, desk_->figures(), job().engine.rotation == Rotation::Clockwise});
}

} // namespace app
