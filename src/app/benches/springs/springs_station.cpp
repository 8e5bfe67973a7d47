#include "app/benches/springs/springs_station.h"

#include "app/benches/springs/ratio_slide.h"
#include "app/benches/springs/spring_row.h"
#include "app/benches/springs/stem_face.h"
#include "app/style/fact_rows.h"
#include "app/style/rows.h"
#include "app/style/shrinking.h"
#include "core/job/job.h"
#include "words/say.h"
#include "words/springs.h"

#include <QHBoxLayout>
#include <QLabel>

namespace app {

using namespace lobe;

SpringsStation::SpringsStation(Session& session, const Look& look, Dialogs& dialogs,
                               QWidget* parent)
    : BenchOf(session, look, parent),
      row_(new SpringRow(look, dialogs, this)),
      stem_(new StemFace(look, dialogs, this)),
      slide_(new RatioSlide(look, this)),
      verdict_(new ShrinkingLabel(this)),
      notes_(new ShrinkingLabel(this)),
      caution_(new ShrinkingLabel(this)),
      facts_(new RowList(look, false, this)),
      log_(new RowList(look, false, this)),
      table_(new FigureTable(look, false, this)) {
    setObjectName(QStringLiteral("springsStation"));
    verdict_->setObjectName(QStringLiteral("springsVerdict"));
    verdict_->setProperty("role", "verdict");
    notes_->setObjectName(QStringLiteral("springsNotes"));
    caution_->setProperty("role", "quiet");
    caution_->setText(words::springCaution());
    facts_->setObjectName(QStringLiteral("springsFacts"));
    facts_->setAccessibleName(Say::tr("What is stated of springs, rockers and followers"));
    facts_->setMinimumHeight(60);
    log_->setObjectName(QStringLiteral("springsLog"));
    log_->setColumns({Say::tr("Measured"), Say::tr("Value"), Say::tr("Note")});
    log_->setAccessibleName(Say::tr("What was measured, the newest first"));
    log_->setMinimumHeight(60);
    table_->setObjectName(QStringLiteral("springsTable"));
    table_->setAccessibleName(Say::tr("Room left at full lift"));
    for (QLabel* label : {static_cast<QLabel*>(verdict_), static_cast<QLabel*>(notes_),
                          static_cast<QLabel*>(caution_)})
        label->setWordWrap(true);
    notes_->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    layOut();
    connect(row_, &SpringRow::chosen, this, [this](const ValveId& v) {
        const bool keys = row_->hasFocus();
        desk_->askValve(v);
        // Who steps along the row goes on stepping.
        if (keys) row_->setFocus();
    });
    connect(facts_, &RowList::chosen, this, [this](qint64 id) {
        desk_->moveTo(static_cast<int>(id) - 1);
        emit desk_->entryWanted();
    });
    connect(slide_, &RatioSlide::moved, this, [this](std::optional<double> ratio) {
        desk_->tryRatio({ratio, ratio});
    });
    connect(desk_, &SpringsDesk::slid, this, &SpringsStation::showClaim);
}

void SpringsStation::layOut() {
    auto* figures = new QVBoxLayout;
    figures->setSpacing(4);
    figures->addWidget(table_);
    figures->addWidget(slide_);
    figures->addStretch();
    auto* lower = new QHBoxLayout;
    lower->setSpacing(12);
    lower->addWidget(facts_, 8);
    lower->addWidget(log_, 8);
    lower->addLayout(figures, 6);
    lower->addWidget(stem_, 4);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(14, 8, 14, 5);
    column->setSpacing(5);
    column->addWidget(verdict_);
    column->addWidget(row_, 6);
    column->addWidget(notes_);
    column->addLayout(lower, 7);
    column->addWidget(caution_);
}

void SpringsStation::showClaim() {
    const SpringClaim& claim = desk_->claim();
    row_->setScene({claim, job().springs, job().engine, desk_->valve()});
    const Side side = session().side();
    stem_->setScene({job().springs.pushRods, claim.pushRod[side], side});
    slide_->setState(job().engine.ratio[side], desk_->tried());
    verdict_->setText(desk_->verdict());
    notes_->setText(desk_->notes());
    table_->setBlocks({desk_->margins()});
}

void SpringsStation::refresh() {
    showFacts(*facts_, desk_->sheet(), desk_->facts(), style());
    facts_->setVisible(!desk_->showsLog());
    log_->setVisible(desk_->showsLog());
    if (desk_->showsLog()) {
        QList<Row> rows;
        for (const SpringsDesk::Logged& each : desk_->log()) {
            Row row;
            row.title = each.text;
            row.struck = each.struck;
            row.id = rows.size() + 1;
            rows << row;
        }
        log_->setRows(rows);
    }
    makeRoom();
    // The stem is looked at while rods are tried, and where they were.
    stem_->setVisible(desk_->asks() == SpringsDesk::Asks::PushRods);
    showClaim();
}

/// Where there is little room the ratio is typed alone.
void SpringsStation::makeRoom() {
    constexpr int kForSlide = 620;
    slide_->setVisible(desk_->hasRockers() && height() >= kForSlide);
}

void SpringsStation::resizeEvent(QResizeEvent* event) {
    Bench::resizeEvent(event);
    makeRoom();
}

StandCard SpringsStation::standCard() const {
    StandCard card = desk_->standCard();
    if (desk_->sheet().field()) return card;
    const bool rods = desk_->asks() == SpringsDesk::Asks::PushRods;
    card.picture = [this, rods](QPainter& p, const QSizeF& size) {
        if (rods)
            stem_->draw(p, size);
        else
            row_->draw(p, size);
    };
    return card;
}

} // namespace app
