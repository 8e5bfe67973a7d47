#include "app/benches/lash/lash_station.h"

#include "app/benches/lash/lash_chart.h"
#include "core/job/job.h"
#include "words/say.h"

namespace app {

using namespace lobe;

LashStation::LashStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent)
    : FactBench(session, look, QStringLiteral("lash"), parent),
      chart_(new LashChart(look, dialogs, this)),
      table_(new FigureTable(look, false, this)) {
    table_->setObjectName(QStringLiteral("lashTable"));
    table_->setAccessibleName(Say::tr("Lash valve by valve"));
    layOut(chart_, table_);
    connect(chart_, &LashChart::chosen, this, [this](std::size_t valve) {
        desk_->takeInHand(valve);
        emit desk_->entryWanted();
    });
}

void LashStation::showPicture() {
    LashScene scene;
    scene.plan = desk_->plan();
    scene.margin_deg = job().lash.margin_deg;
    for (std::size_t i = 0; i < scene.plan.valves.size(); ++i)
        scene.ticked.push_back(desk_->ticked(i));
    if (const auto at = desk_->inHand()) {
        scene.stop = at->stop;
        scene.valve = at->valve;
    }
    chart_->setScene(std::move(scene));
    table_->setBlocks({desk_->table()});
    table_->setVisible(!desk_->plan().stops.empty());
}

} // namespace app
