// Ports of a two-stroke: the wall unrolled beside what is known of each.
#pragma once

#include "app/bench/fact_bench.h"
#include "stations/ports/ports_desk.h"

namespace app {

class Dialogs;
class PortMap;

class PortsStation : public FactBench<PortsDesk> {
    Q_OBJECT
public:
    PortsStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

protected:
    void showPicture() override;

private:
    PortMap* map_;
};

} // namespace app
