#include "app/benches/ports/ports_station.h"

#include "app/benches/ports/port_map.h"
#include "core/job/job.h"

namespace app {

PortsStation::PortsStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent)
    : FactBench(session, look, QStringLiteral("ports"), parent),
      map_(new PortMap(look, dialogs, this)) {
    layOut(map_);
    connect(map_, &PortMap::pistonWanted, desk_, &PortsDesk::movePiston);
}

void PortsStation::showPicture() {
    map_->setScene({job().ports, desk_->figures(), desk_->crank(), desk_->at_deg()});
}

} // namespace app
