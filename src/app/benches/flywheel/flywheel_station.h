// A slow engine by the tape: the rim beside what was measured round it.
#pragma once

#include "app/bench/fact_bench.h"
#include "stations/flywheel/flywheel_desk.h"

namespace app {

class Dialogs;
class Rim;

class FlywheelStation : public FactBench<FlywheelDesk> {
    Q_OBJECT
public:
    FlywheelStation(Session& session, const Look& look, Dialogs& dialogs,
                    QWidget* parent = nullptr);

protected:
    void showPicture() override;

private:
    Rim* rim_;
};

} // namespace app
