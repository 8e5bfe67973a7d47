// Engine: what is on the stand, and the card of its cam.
#pragma once

#include "app/bench/bench.h"
#include "stations/engine/engine_desk.h"

class QLabel;

namespace app {

class Dialogs;
class EngineSection;
class RowList;

class EngineStation : public BenchOf<EngineDesk> {
    Q_OBJECT
public:
    EngineStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

    void refresh() override;
    StandCard standCard() const override;

private:
    QLabel* verdict_;
    RowList* list_;
    EngineSection* section_;
};

} // namespace app
