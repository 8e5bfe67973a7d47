#include "app/benches/clearance/clearance_station.h"

#include "app/benches/clearance/gap_map.h"
#include "app/benches/clearance/mock_up_section.h"
#include "app/pictures/slide.h"
#include "app/style/fact_rows.h"
#include "app/style/figure_table.h"
#include "app/style/flow.h"
#include "app/style/label.h"
#include "app/style/rows.h"
#include "app/style/shrinking.h"
#include "core/job/job.h"
#include "words/clearance.h"
#include "words/say.h"
#include "words/sentences.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QResizeEvent>
#include <QStackedWidget>

namespace app {

using namespace lobe;

ClearanceStation::ClearanceStation(Session& session, const Look& look, Dialogs& dialogs,
                                   QWidget* parent)
    : BenchOf(session, look, parent),
      map_(new GapMap(look, dialogs, this)),
      section_(new MockUpSection(look, dialogs, this)),
      asking_(new QWidget(this)),
      pressing_(new QWidget(this)),
      facts_(new RowList(look, false, this)),
      log_(new RowList(look, false, this)),
      picture_(new QStackedWidget(this)),
      verdict_(new ShrinkingLabel(this)),
      angle_(new ShrinkingLabel(this)),
      caption_(new ShrinkingLabel(this)),
      last_(new ShrinkingLabel(this)),
      advice_(new ShrinkingLabel(this)),
      behind_(new ShrinkingLabel(this)),
      helps_(new ShrinkingLabel(this)),
      caution_(new ShrinkingLabel(this)),
      cams_(new FigureTable(look, true, this)),
      slide_(new Slide(look, this)),
      mockUp_(new QPushButton(Say::tr("mock-up"), this)),
      limits_(new QPushButton(Say::tr("limits"), this)),
      new_(new QPushButton(Say::tr("new map"), this)) {
    setObjectName(QStringLiteral("clearanceStation"));
    verdict_->setObjectName(QStringLiteral("clearanceVerdict"));
    verdict_->setProperty("role", "verdict");
    angle_->setObjectName(QStringLiteral("pressAt"));
    angle_->setFont(Look::font(34, true));
    advice_->setObjectName(QStringLiteral("clearanceAdvice"));
    behind_->setObjectName(QStringLiteral("clearanceBehind"));
    behind_->setProperty("role", "quiet");
    helps_->setObjectName(QStringLiteral("clearanceHelps"));
    caution_->setProperty("role", "quiet");
    cams_->setObjectName(QStringLiteral("clearanceCams"));
    cams_->setAccessibleName(Say::tr("Least clearance of every cam at hand"));
    log_->setObjectName(QStringLiteral("presses"));
    log_->setColumns({Say::tr("Angle"), Say::tr("Pressed"), Say::tr("Note")});
    log_->setAccessibleName(Say::tr("Presses of this map"));
    facts_->setObjectName(QStringLiteral("clearanceFacts"));
    facts_->setAccessibleName(Say::tr("Mock-up, limits and phaser"));
    mockUp_->setObjectName(QStringLiteral("mockUp"));
    limits_->setObjectName(QStringLiteral("clearanceLimits"));
    new_->setObjectName(QStringLiteral("newMap"));
    slide_->setObjectName(QStringLiteral("clearanceSlide"));
    for (QPushButton* b : {mockUp_, limits_, new_})
        b->setFocusPolicy(Qt::TabFocus);
    for (QLabel* label : {verdict_, caption_, last_, advice_, behind_, helps_, caution_})
        label->setWordWrap(true);
    layOut();

    tip(mockUp_, Say::tr("What was mocked up: springs, gasket, gauge"), QStringLiteral("C"));
    tip(limits_, Say::tr("Least clearances, the crown and the phaser"), QStringLiteral("L"));
    tip(new_, Say::tr("A new map of this valve"), QStringLiteral("X"));
    connect(mockUp_, &QPushButton::clicked, desk_, &ClearanceDesk::askMockUp);
    connect(limits_, &QPushButton::clicked, desk_, &ClearanceDesk::askLimits);
    connect(new_, &QPushButton::clicked, desk_, &ClearanceDesk::newMap);
    connect(log_, &RowList::deletePressed, desk_, &ClearanceDesk::askToStrike);
    connect(facts_, &RowList::chosen, this, [this](qint64 id) {
        desk_->moveTo(static_cast<int>(id) - 1);
        emit desk_->entryWanted();
    });
    connect(slide_, &Slide::moved, desk_, &ClearanceDesk::setAdvance);
    connect(desk_, &ClearanceDesk::slid, this, &ClearanceStation::showSlide);
}

void ClearanceStation::layOut() {
    auto* chips = new FlowLayout(6);
    for (QPushButton* b : {mockUp_, limits_, new_})
        chips->addWidget(b);
    auto* head = new QHBoxLayout;
    head->addWidget(verdict_, 1);
    head->addLayout(chips);

    picture_->addWidget(map_);
    picture_->addWidget(asking_);
    auto* asked = new QHBoxLayout(asking_);
    asked->setContentsMargins(0, 0, 0, 0);
    asked->setSpacing(12);
    asked->addWidget(section_, 5);
    asked->addWidget(facts_, 6);
    auto* now = new QVBoxLayout(pressing_);
    now->setContentsMargins(0, 0, 0, 0);
    now->setSpacing(4);
    now->addWidget(caption_);
    now->addWidget(angle_);
    now->addWidget(last_);
    now->addWidget(advice_);
    now->addWidget(log_, 1);
    auto* upper = new QHBoxLayout;
    upper->setSpacing(14);
    upper->addWidget(picture_, 7);
    upper->addWidget(pressing_, 3);
    auto* words = new QVBoxLayout;
    words->setSpacing(5);
    words->addWidget(behind_);
    words->addWidget(helps_);
    words->addStretch();
    auto* trial = new QVBoxLayout;
    trial->setSpacing(4);
    trial->addWidget(cams_);
    trial->addWidget(slide_);
    trial->addStretch();
    auto* lower = new QHBoxLayout;
    lower->setSpacing(14);
    lower->addLayout(trial, 5);
    lower->addLayout(words, 5);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(14, 10, 14, 6);
    column->setSpacing(7);
    column->addLayout(head);
    column->addLayout(upper, 1);
    column->addLayout(lower);
    column->addWidget(caution_);
}

void ClearanceStation::showSlide() {
    slide_->setState(desk_->slide());
    map_->setScene(desk_->scene());
    map_->setAccessibleDescription(desk_->verdict());
    cams_->setBlocks({desk_->cams()});
    behind_->setText(desk_->behind().join(QLatin1Char('\n')));
    helps_->setText(desk_->helps().join(QLatin1Char(' ')));
}

void ClearanceStation::refreshLog() {
    QList<Row> rows;
    const auto map = desk_->map();
    const auto f = desk_->found();
    if (map)
        for (const Reading& p : map->readings) {
            Row row;
            row.id = p.id;
            row.title = words::onWheel(p.at, job().fitted.degreeWheel(), style(), true);
            row.value = words::clearance(p.value_mm, style());
            row.struck = p.struck.has_value();
            if (p.struck) row.note = QString::fromStdString(p.struck->reason);
            if (f && !p.struck)
                for (const GapPoint& x : f->points)
                    if (x.deg == p.at.deg && !x.counts) {
                        row.note = Say::tr("not counted");
                        row.warn = true;
                    }
            rows << row;
        }
    log_->setRows(rows);
    log_->scrollToBottom();
}

void ClearanceStation::refresh() {
    caution_->setText(words::clearanceCaution(findings().springs, style()));
    const bool asking = desk_->sheet().field() != nullptr;
    picture_->setCurrentWidget(asking ? asking_ : static_cast<QWidget*>(map_));
    if (asking) {
        const Facts facts = desk_->facts();
        showFacts(*facts_, desk_->sheet(), facts, style());
        const Field& asked = *desk_->sheet().field();
        section_->show(asked.part, asked.name + QStringLiteral(": ") + asked.shown(facts, style()));
    }
    const StandCard card = asking ? StandCard{} : desk_->standCard();
    verdict_->setText(desk_->verdict());
    caption_->setText(card.caption);
    angle_->setText(card.big);
    last_->setText(desk_->lastPress());
    advice_->setText(desk_->advice());
    // While the mock-up is asked, it has the room.
    pressing_->setVisible(!asking);
    new_->setVisible(desk_->map() && !desk_->map()->readings.empty());
    refreshLog();
    showSlide();
    makeRoom();
}

/// The gap map in place of the ring.
StandCard ClearanceStation::standCard() const {
    StandCard card = desk_->standCard();
    if (!desk_->sheet().field())
        card.picture = [map = map_](QPainter& p, const QSizeF& size) { map->draw(p, size); };
    return card;
}

void ClearanceStation::resizeEvent(QResizeEvent* event) {
    Bench::resizeEvent(event);
    makeRoom();
}

/// A low window keeps to what is to be done.
void ClearanceStation::makeRoom() {
    const bool low = height() < 600;
    behind_->setVisible(!low && !behind_->text().isEmpty());
    helps_->setVisible(!helps_->text().isEmpty());
    slide_->setVisible(desk_->found() && desk_->found()->gap);
    cams_->setVisible(slide_->isVisibleTo(this));
    last_->setVisible(!last_->text().isEmpty());
    log_->setMinimumHeight(low ? 40 : 90);
}

} // namespace app
