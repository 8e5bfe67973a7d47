#include "app/benches/compare/compare_station.h"

#include "app/benches/compare/cam_overlay.h"
#include "app/benches/compare/cam_ranking.h"
#include "app/benches/compare/cam_ring.h"
#include "app/benches/compare/cam_table.h"
#include "app/benches/compare/filling_plot.h"
#include "app/benches/compare/shelf_pane.h"
#include "app/pictures/slide.h"
#include "app/style/fact_rows.h"
#include "app/style/flow.h"
#include "app/style/rows.h"
#include "app/style/shrinking.h"
#include "words/choosing.h"
#include "words/say.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QResizeEvent>
#include <QStackedWidget>

namespace app {

using namespace lobe;

CompareStation::CompareStation(Session& session, const Look& look, Dialogs& dialogs,
                               QWidget* parent)
    : BenchOf(session, look, parent),
      overlay_(new CamOverlay(look, dialogs, this)),
      ring_(new CamRing(look, dialogs, this)),
      filling_(new FillingPlot(look, dialogs, this)),
      shelf_(new ShelfPane(look, *desk_, this)),
      facts_(new RowList(look, false, this)),
      ranking_(new CamRanking(look, this)),
      picture_(new QStackedWidget(this)),
      verdict_(new ShrinkingLabel(this)),
      words_(new ShrinkingLabel(this)),
      decided_(new ShrinkingLabel(this)),
      table_(new CamTable(look, this)),
      slide_(new Slide(look, this)),
      wishes_(new QPushButton(Say::tr("wishes"), this)),
      purpose_(new QPushButton(Say::tr("purpose"), this)),
      shelfChip_(new QPushButton(Say::tr("shelf"), this)),
      next_(new QPushButton(this)),
      all_(new QPushButton(this)) {
    setObjectName(QStringLiteral("compareStation"));
    verdict_->setObjectName(QStringLiteral("compareVerdict"));
    verdict_->setProperty("role", "verdict");
    words_->setObjectName(QStringLiteral("compareWords"));
    words_->setProperty("role", "quiet");
    decided_->setObjectName(QStringLiteral("compareDecided"));
    facts_->setObjectName(QStringLiteral("compareFacts"));
    facts_->setAccessibleName(Say::tr("Purpose and wishes"));
    slide_->setObjectName(QStringLiteral("compareSlide"));
    slide_->setTitle(Say::tr("all cams"));
    wishes_->setObjectName(QStringLiteral("compareWishes"));
    purpose_->setObjectName(QStringLiteral("comparePurpose"));
    shelfChip_->setObjectName(QStringLiteral("compareShelf"));
    next_->setObjectName(QStringLiteral("comparePicture"));
    all_->setObjectName(QStringLiteral("compareAllRows"));
    for (QPushButton* b : {wishes_, purpose_, shelfChip_, next_, all_})
        b->setFocusPolicy(Qt::TabFocus);
    for (QLabel* label : {static_cast<QLabel*>(verdict_), static_cast<QLabel*>(words_),
                          static_cast<QLabel*>(decided_)})
        label->setWordWrap(true);
    overlay_->setDesk(desk_);
    ring_->setDesk(desk_);
    filling_->setDesk(desk_);
    layOut();

    connect(wishes_, &QPushButton::clicked, desk_, &CompareDesk::askWishes);
    connect(purpose_, &QPushButton::clicked, desk_, &CompareDesk::askPurpose);
    connect(shelfChip_, &QPushButton::clicked, desk_, &CompareDesk::openShelf);
    connect(shelf_, &ShelfPane::left, desk_, &CompareDesk::closeShelf);
    connect(shelf_, &ShelfPane::taken, this, [this](int item) {
        const Echo echo = desk_->takeFromShelf(static_cast<std::size_t>(item));
        if (!echo.text.isEmpty()) shelf_->say(echo.text);
    });
    connect(next_, &QPushButton::clicked, desk_, &CompareDesk::showNext);
    connect(all_, &QPushButton::clicked, desk_, &CompareDesk::showAll);
    connect(facts_, &RowList::chosen, this, [this](qint64 id) {
        desk_->moveTo(static_cast<int>(id) - 1);
        emit desk_->entryWanted();
    });
    connect(ranking_, &CamRanking::camChosen, this,
            [this](int cam) { desk_->setAtHand(static_cast<std::size_t>(cam)); });
    connect(table_, &CamTable::camChosen, this, [this](int cam) {
        if (cam >= 0)
            desk_->setAtHand(static_cast<std::size_t>(cam));
        else
            table_->follow(*desk_);
    });
    connect(table_, &CamTable::hideWanted, desk_, &CompareDesk::hide);
    connect(slide_, &Slide::moved, desk_, &CompareDesk::setAdvance);
    connect(desk_, &CompareDesk::slid, this, &CompareStation::showSlide);
}

void CompareStation::layOut() {
    auto* chips = new FlowLayout(6);
    for (QPushButton* b : {wishes_, purpose_, shelfChip_, next_, all_})
        chips->addWidget(b);
    auto* head = new QHBoxLayout;
    head->addWidget(verdict_, 1);
    head->addLayout(chips);
    for (QWidget* w : {static_cast<QWidget*>(overlay_), static_cast<QWidget*>(ring_),
                       static_cast<QWidget*>(filling_), static_cast<QWidget*>(facts_),
                       static_cast<QWidget*>(shelf_)})
        picture_->addWidget(w);
    auto* side = new QVBoxLayout;
    side->setSpacing(6);
    side->addWidget(ranking_, 1);
    side->addWidget(decided_);
    auto* upper = new QHBoxLayout;
    upper->setSpacing(14);
    upper->addWidget(picture_, 7);
    upper->addLayout(side, 4);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(14, 10, 14, 6);
    column->setSpacing(7);
    column->addLayout(head);
    column->addLayout(upper, 6);
    column->addWidget(table_, 4);
    column->addWidget(slide_);
    column->addWidget(words_);
}

void CompareStation::showSlide() {
    slide_->setState(desk_->slide());
    verdict_->setText(desk_->verdict());
    ranking_->follow(*desk_);
    table_->follow(*desk_);
    const bool filling = desk_->shows() == CompareDesk::Shows::Filling;
    words_->setText(filling ? desk_->fillingLine() : desk_->tendencies().join(QLatin1Char(' ')));
    for (QWidget* w : {static_cast<QWidget*>(overlay_), static_cast<QWidget*>(ring_),
                       static_cast<QWidget*>(filling_)})
        w->update();
}

QWidget* CompareStation::pictureOf(bool asking) const {
    if (asking) return facts_;
    switch (desk_->shows()) {
    case CompareDesk::Shows::Lift:
        return overlay_;
    case CompareDesk::Shows::Ring:
        return ring_;
    case CompareDesk::Shows::Filling:
        return filling_;
    case CompareDesk::Shows::Shelf:
        break;
    }
    return shelf_;
}

void CompareStation::refresh() {
    const bool asking = desk_->sheet().field() != nullptr;
    const auto shows = desk_->shows();
    const bool onShelf = !asking && shows == CompareDesk::Shows::Shelf;
    const bool opened = onShelf && picture_->currentWidget() != shelf_;
    picture_->setCurrentWidget(pictureOf(asking));
    if (opened) shelf_->open();
    if (asking) showFacts(*facts_, desk_->sheet(), desk_->facts(), style());
    next_->setText(shows == CompareDesk::Shows::Lift   ? Say::tr("show ring")
                   : shows == CompareDesk::Shows::Ring ? Say::tr("show filling")
                                                       : Say::tr("show lift"));
    all_->setText(Say::tr("%1 hidden").arg(desk_->hiddenRows()));
    all_->setVisible(desk_->hiddenRows() > 0);
    const bool ranked = desk_->count() > 0 && !job().choosing.wishes.empty();
    decided_->setText(!desk_->decided().isEmpty() ? desk_->decided()
                      : ranked                    ? words::rankRule()
                                                  : QString());
    decided_->setVisible(!decided_->text().isEmpty());
    showSlide();
    makeRoom();
}

void CompareStation::resizeEvent(QResizeEvent* event) {
    Bench::resizeEvent(event);
    makeRoom();
}

/// A low window keeps to the ranking and the figures.
void CompareStation::makeRoom() {
    const bool any = desk_->count() > 0, low = height() < 560;
    table_->setVisible(any && table_->rowCount() > 0);
    slide_->setVisible(any);
    words_->setVisible(any && !low && !words_->text().isEmpty());
    next_->setVisible(any);
}

} // namespace app
