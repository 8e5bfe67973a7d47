#include "app/benches/engine/engine_station.h"

#include "app/benches/engine/section.h"
#include "app/style/fact_rows.h"
#include "app/style/label.h"
#include "app/style/rows.h"
#include "core/job/job.h"
#include "words/say.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>

namespace app {

using namespace lobe;

EngineStation::EngineStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent)
    : BenchOf(session, look, parent),
      verdict_(new PlainLabel(this)),
      list_(new RowList(look, false, this)),
      section_(new EngineSection(look, dialogs, this)) {
    setObjectName(QStringLiteral("engineStation"));
    list_->setObjectName(QStringLiteral("engineFacts"));
    verdict_->setObjectName(QStringLiteral("engineVerdict"));
    list_->setAccessibleName(Say::tr("Facts of the engine and its cam card"));
    verdict_->setProperty("role", "verdict");
    verdict_->setWordWrap(true);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 14, 16, 10);
    column->addWidget(verdict_);
    auto* row = new QHBoxLayout;
    row->setSpacing(14);
    list_->setMinimumWidth(280);
    row->addWidget(list_, 5);
    row->addWidget(section_, 4);
    column->addLayout(row, 1);
    connect(list_, &RowList::chosen, this,
            [this](qint64 id) { desk_->moveTo(static_cast<int>(id) - 1); });
}

/// The engine's section beside the fact asked for.
StandCard EngineStation::standCard() const {
    StandCard card = Bench::standCard();
    card.picture = [section = section_](QPainter& p, const QSizeF& size) {
        section->draw(p, size);
    };
    return card;
}

void EngineStation::refresh() {
    showFacts(*list_, desk_->sheet(), desk_->facts(), style());
    section_->setEngine(job().engine);
    verdict_->setText(desk_->verdict());
}

} // namespace app
