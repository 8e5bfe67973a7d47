#include "app/benches/compare/compare_station.h"

#include "app/benches/compare/cam_overlay.h"
#include "app/benches/compare/cam_ranking.h"
#include "app/benches/compare/cam_ring.h"
#include "app/benches/compare/cam_table.h"
#include "app/benches/compare/filling_plot.h"
#include "app/benches/compare/shelf_pane.h"
#include "app/benches/compare/waves_plot.h"
#include "app/pictures/slide.h"
#include "app/style/fact_rows.h"
#include "app/style/flow.h"
#include "app/style/label.h"
#include "app/style/rows.h"
#include "app/style/shrinking.h"
#include "core/job/job.h"
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
      waves_(new WavesPlot(look, dialogs, this)),
      shelf_(new ShelfPane(look, *desk_, this)),
      facts_(new RowList(look, false, this)),
      ranking_(new CamRanking(look, this)),
      picture_(new QStackedWidget(this)),
      verdict_(new ShrinkingLabel(this)),
      words_(new ShrinkingLabel(this)),
      decided_(new ShrinkingLabel(this)),
      table_(new CamTable(look, this)),
      slide_(new Slide(look, this), new Slide(look, this)),
      wishes_(new QPushButton(Say::tr("wishes"), this)),
      purpose_(new QPushButton(Say::tr("purpose"), this)),
      shelfChip_(new QPushButton(Say::tr("shelf"), this)),
      next_(new QPushButton(this)),
      all_(new QPushButton(this)),
      alike_(new QPushButton(this)) {
    setObjectName(QStringLiteral("compareStation"));
    verdict_->setObjectName(QStringLiteral("compareVerdict"));
    verdict_->setProperty("role", "verdict");
    words_->setObjectName(QStringLiteral("compareWords"));
    words_->setProperty("role", "quiet");
    decided_->setObjectName(QStringLiteral("compareDecided"));
    decided_->setProperty("role", "quiet");
    facts_->setObjectName(QStringLiteral("compareFacts"));
    facts_->setAccessibleName(Say::tr("Purpose and wishes"));
    slide_.intake->setObjectName(QStringLiteral("compareSlide"));
    slide_.exhaust->setObjectName(QStringLiteral("compareSlideExhaust"));
    wishes_->setObjectName(QStringLiteral("compareWishes"));
    purpose_->setObjectName(QStringLiteral("comparePurpose"));
    shelfChip_->setObjectName(QStringLiteral("compareShelf"));
    next_->setObjectName(QStringLiteral("comparePicture"));
    all_->setObjectName(QStringLiteral("compareAllRows"));
    alike_->setObjectName(QStringLiteral("compareAlike"));
    for (QPushButton* b : {wishes_, purpose_, shelfChip_, next_, all_, alike_})
        b->setFocusPolicy(Qt::TabFocus);
    for (QLabel* label : {static_cast<QLabel*>(verdict_), static_cast<QLabel*>(words_),
                          static_cast<QLabel*>(decided_)})
        label->setWordWrap(true);
    overlay_->setDesk(desk_);
    ring_->setDesk(desk_);
    filling_->setDesk(desk_);
    waves_->setDesk(desk_);
    layOut();

    tip(wishes_, Say::tr("What a cam has to meet, and its limits"), QStringLiteral("W"));
    tip(purpose_, Say::tr("What the engine is for: speeds and their weight"), QStringLiteral("U"));
    tip(shelfChip_, Say::tr("Every cam of this book"), QStringLiteral("S"));
    tip(all_, Say::tr("Show the figures that are left out"));
    connect(wishes_, &QPushButton::clicked, desk_, &CompareDesk::askWishes);
    connect(purpose_, &QPushButton::clicked, desk_, &CompareDesk::askPurpose);
    connect(shelfChip_, &QPushButton::clicked, desk_, &CompareDesk::openShelf);
    connect(shelf_, &ShelfPane::left, desk_, &CompareDesk::closeShelf);
    connect(shelf_, &ShelfPane::taken, this, [this](const std::vector<std::size_t>& items) {
        const Echo echo = desk_->takeFromShelf(items);
        if (!echo.text.isEmpty()) shelf_->say(echo.text);
    });
    connect(next_, &QPushButton::clicked, desk_, &CompareDesk::showNext);
    connect(all_, &QPushButton::clicked, desk_, &CompareDesk::showAll);
    connect(alike_, &QPushButton::clicked, this, [this] { desk_->fold(!desk_->folded()); });
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
    for (Side side : {Side::Intake, Side::Exhaust})
        connect(slide_[side], &Slide::moved, desk_,
                [this, side](double deg) { desk_->setAdvance(side, deg); });
    connect(desk_, &CompareDesk::slid, this, &CompareStation::showSlide);
}

void CompareStation::layOut() {
    auto* chips = new FlowLayout(4);
    for (QPushButton* b : {wishes_, purpose_, shelfChip_, next_, alike_, all_})
        chips->addWidget(b);
    for (QWidget* w : {static_cast<QWidget*>(overlay_), static_cast<QWidget*>(ring_),
                       static_cast<QWidget*>(filling_), static_cast<QWidget*>(waves_),
                       static_cast<QWidget*>(facts_), static_cast<QWidget*>(shelf_)})
        picture_->addWidget(w);
    auto* side = new QVBoxLayout;
    side->setSpacing(6);
    side->addLayout(chips);
    side->addWidget(ranking_, 1);
    side->addWidget(decided_);
    auto* upper = new QHBoxLayout;
    upper->setSpacing(14);
    upper->addWidget(picture_, 3);
    upper->addLayout(side, 2);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(14, 8, 14, 4);
    column->setSpacing(6);
    column->addWidget(verdict_);
    column->addLayout(upper, 6);
    column->addWidget(table_, 4);
    auto* slides = new QHBoxLayout;
    slides->setSpacing(14);
    slides->addWidget(slide_.intake);
    slides->addWidget(slide_.exhaust);
    column->addLayout(slides);
    column->addWidget(words_);
}

void CompareStation::showSlide() {
    for (Side side : {Side::Intake, Side::Exhaust})
        slide_[side]->setState(desk_->slide(side));
    verdict_->setText(desk_->verdict());
    ranking_->follow(*desk_);
    table_->follow(*desk_);
    const bool filling = desk_->shows() == CompareDesk::Shows::Filling;
    const bool waves = desk_->shows() == CompareDesk::Shows::Waves;
    words_->setText(filling || (waves && !desk_->waves())
                        ? desk_->fillingLine()
                        : desk_->tendencies().join(QLatin1Char(' ')));
    const bool ranked = desk_->count() > 0 && !job().choosing.wishes.empty();
    QStringList beside{desk_->decided(), desk_->adviceLine()};
    beside.removeAll(QString());
    if (beside.isEmpty() && ranked) beside << words::rankRule();
    decided_->setText(beside.join(QLatin1Char('\n')));
    decided_->setVisible(!decided_->text().isEmpty());
    ranking_->setToolTip(tipOf(ranked ? words::rankRule() : QString()));
    for (QWidget* w : {static_cast<QWidget*>(overlay_), static_cast<QWidget*>(ring_),
                       static_cast<QWidget*>(filling_), static_cast<QWidget*>(waves_)})
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
    case CompareDesk::Shows::Waves:
        return waves_;
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
    next_->setToolTip(tipOf(Say::tr("The next picture (P)")));
    next_->setText(shows == CompareDesk::Shows::Lift      ? Say::tr("ring")
                   : shows == CompareDesk::Shows::Ring    ? Say::tr("filling")
                   : shows == CompareDesk::Shows::Filling ? Say::tr("waves")
                                                          : Say::tr("lift"));
    const bool two = desk_->twoSlides();
    slide_.intake->setTitle(two ? Say::tr("all intake cams") : Say::tr("all cams"));
    slide_.exhaust->setTitle(Say::tr("all exhaust cams"));
    const int alike = desk_->alikeRows();
    alike_->setText(desk_->folded() ? Say::tr("%n more alike", nullptr, alike)
                                    : Say::tr("fold %n alike", nullptr, alike));
    alike_->setToolTip(tipOf(Say::tr("Figures in which no cam differs from the reference by more "
                                     "than is known")));
    alike_->setVisible(alike > 0);
    all_->setText(Say::tr("%1 hidden").arg(desk_->hiddenRows()));
    all_->setVisible(desk_->hiddenRows() > 0);
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
    // Picture and table have the room; what is said at length has it where there is more, and with
    // the pictures it belongs to.
    constexpr int kRoomy = 740, kWide = 676, kPictureHigh = 300, kRows = 14;
    const bool atLift = desk_->shows() == CompareDesk::Shows::Lift;
    const bool words = !low && (!atLift || height() >= kRoomy);
    const bool tall = height() >= kWide && !words;
    picture_->setMinimumHeight(tall ? kPictureHigh : 0);
    table_->setMinimumHeight(tall ? table_->heightOf(std::min(kRows, table_->rowCount())) : 0);
    table_->setVisible(any && table_->rowCount() > 0);
    slide_.intake->setVisible(any);
    slide_.exhaust->setVisible(any && desk_->twoSlides());
    words_->setVisible(any && words && !words_->text().isEmpty());
    next_->setVisible(any);
}

} // namespace app
