// Lash: the plan of stops to tick through, valve by valve.
#pragma once

#include "app/bench/fact_bench.h"
#include "app/style/figure_table.h"
#include "stations/lash/lash_desk.h"

namespace app {

class Dialogs;
class LashChart;

class LashStation : public FactBench<LashDesk> {
    Q_OBJECT
public:
    LashStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent = nullptr);

protected:
    void showPicture() override;

private:
    LashChart* chart_;
    FigureTable* table_;
};

} // namespace app
