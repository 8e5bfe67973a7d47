#include "app/benches/lobes/lobes_station.h"

#include "app/pictures/ring.h"
#include "app/pictures/strip.h"
#include "app/style/flow.h"
#include "app/style/label.h"
#include "app/style/rows.h"
#include "app/style/shrinking.h"
#include "words/say.h"

#include <QButtonGroup>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QStackedWidget>

namespace app {

using namespace lobe;

LobesStation::LobesStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent)
    : BenchOf(session, look, parent),
      title_(new ShrinkingLabel(this)),
      direction_(new ShrinkingLabel(this)),
      turnToLabel_(new ShrinkingLabel(Say::tr("turn to"), this)),
      angle_(new ShrinkingLabel(this)),
      angleSide_(new PlainLabel(this)),
      last_(new ShrinkingLabel(this)),
      adviceHead_(new ShrinkingLabel(this)),
      advice_(new ShrinkingLabel(this)),
      progress_(new ShrinkingLabel(this)),
      steps_(new QButtonGroup(this)),
      places_(new QButtonGroup(this)),
      newRun_(new QPushButton(Say::tr("new run"), this)),
      eventsChip_(new QPushButton(Say::tr("events"), this)),
      centreChip_(new QPushButton(Say::tr("centre"), this)),
      conditionsChip_(new QPushButton(Say::tr("conditions"), this)),
      upper_(new QWidget(this)),
      picture_(new QStackedWidget(this)),
      ring_(new Ring(look, dialogs, this)),
      conditions_(new RowList(look, false, this)),
      strip_(Strip::make(look, dialogs, this)),
      log_(new RowList(look, false, this)) {
    setObjectName(QStringLiteral("lobesStation"));
    title_->setProperty("role", "title");
    direction_->setProperty("role", "quiet");
    progress_->setProperty("role", "quiet");
    adviceHead_->setProperty("role", "head");
    angle_->setObjectName(QStringLiteral("turnTo"));
    angle_->setFont(Look::font(58, true));
    last_->setFont(Look::font(15));
    last_->setObjectName(QStringLiteral("lastReading"));
    advice_->setObjectName(QStringLiteral("advice"));
    log_->setObjectName(QStringLiteral("readingLog"));
    log_->setColumns({Say::tr("Angle"), Say::tr("Lift"), Say::tr("Note")});
    log_->setAccessibleName(Say::tr("Readings of this run"));
    for (QLabel* label : {title_, direction_, last_, advice_, progress_, turnToLabel_})
        label->setWordWrap(true);

    layOut();

    connect(log_, &RowList::deletePressed, desk_, &LobesDesk::askToStrike);
    connect(log_, &RowList::chosen, this, [this](qint64 id) {
        if (const auto r = readingOf(desk_->run().readings(), id)) desk_->goTo(r->at);
    });
    strip_->onChosen = [this](qint64 id) { log_->setCurrentId(id); };
    connect(newRun_, &QPushButton::clicked, desk_, &LobesDesk::newRun);
    connect(conditions_, &RowList::chosen, this, [this](qint64 id) {
        desk_->moveTo(static_cast<int>(id) - 1);
        emit desk_->entryWanted();
    });
}

void LobesStation::layOut() {
    auto* header = new QHBoxLayout;
    header->addWidget(title_, 1);
    auto* chips = new FlowLayout(6);
    buildHeader(chips);
    header->addLayout(chips);

    auto* now = new QVBoxLayout;
    now->setSpacing(4);
    now->addWidget(turnToLabel_);
    turnTo_ = new QHBoxLayout;
    turnTo_->addWidget(angle_);
    turnTo_->addWidget(angleSide_, 1, Qt::AlignBottom);
    now->addLayout(turnTo_);
    now->addWidget(last_);
    auto* rule = new QFrame(this);
    rule->setProperty("role", "rule");
    rule->setFixedHeight(1);
    now->addWidget(rule);
    now->addWidget(adviceHead_);
    now->addWidget(advice_);
    now->addWidget(progress_);
    now->addStretch(1);

    auto* top = new QHBoxLayout(upper_);
    top->setContentsMargins(0, 0, 0, 0);
    top->setSpacing(12);
    picture_->addWidget(ring_);
    picture_->addWidget(conditions_);
    conditions_->setObjectName(QStringLiteral("runConditions"));
    conditions_->setAccessibleName(Say::tr("Conditions of this run"));
    top->addWidget(picture_, 13);
    top->addLayout(now, 8);
    top->addWidget(log_);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(14, 10, 14, 6);
    column->setSpacing(8);
    column->addLayout(header);
    column->addWidget(direction_);
    column->addWidget(upper_, 9);
    column->addWidget(strip_->widget(), 6);
}

void LobesStation::buildHeader(FlowLayout* row) {
    const auto chip = [&](QButtonGroup* group, int id, const QString& text, const QString& name) {
        auto* button = new QPushButton(text, this);
        button->setObjectName(name);
        button->setCheckable(true);
        button->setFocusPolicy(Qt::TabFocus);
        group->addButton(button, id);
        row->addWidget(button);
        return button;
    };
    tip(chip(places_, static_cast<int>(Place::Tappet), Say::tr("tappet"),
             QStringLiteral("takenTappet")),
        Say::tr("The indicator stands on the tappet"));
    tip(chip(places_, static_cast<int>(Place::Valve), Say::tr("valve"),
             QStringLiteral("takenValve")),
        Say::tr("The indicator stands on the valve"));
    row->addSpacing(8);
    for (int step : {1, 2, 5, 10})
        tip(chip(steps_, step, QString::number(step) + QChar(0xB0),
                 QStringLiteral("step%1").arg(step)),
            Say::tr("A reading every %n degrees", nullptr, step));
    row->addSpacing(10);
    eventsChip_->setObjectName(QStringLiteral("eventsOnly"));
    centreChip_->setObjectName(QStringLiteral("centreByTwo"));
    conditionsChip_->setObjectName(QStringLiteral("conditions"));
    for (QPushButton* b : {eventsChip_, centreChip_, conditionsChip_}) {
        b->setCheckable(true);
        b->setFocusPolicy(Qt::TabFocus);
        row->addWidget(b);
    }
    connect(eventsChip_, &QPushButton::clicked, this,
            [this](bool on) { desk_->takeEvents(on, false); });
    connect(centreChip_, &QPushButton::clicked, this,
            [this](bool on) { desk_->takeEvents(on, on); });
    connect(conditionsChip_, &QPushButton::clicked, desk_, &LobesDesk::askConditions);
    tip(eventsChip_, Say::tr("Only where it opens and closes is taken"));
    tip(centreChip_, Say::tr("The centre from two equal lifts, one each side of the nose"));
    tip(conditionsChip_, Say::tr("How this run is taken"), QStringLiteral("C"));
    tip(newRun_, Say::tr("Another run of this lobe, beside those taken"));
    newRun_->setObjectName(QStringLiteral("newRun"));
    newRun_->setFocusPolicy(Qt::TabFocus);
    row->addWidget(newRun_);
    connect(places_, &QButtonGroup::idClicked, this, [this](int id) {
        RunConditions t = desk_->conditions();
        t.taken = static_cast<Place>(id);
        desk_->keepConditions(t);
    });
    connect(steps_, &QButtonGroup::idClicked, this, [this](int id) {
        RunConditions t = desk_->conditions();
        t.step_deg = id;
        desk_->keepConditions(t);
    });
}

void LobesStation::resizeEvent(QResizeEvent* event) {
    Bench::resizeEvent(event);
    log_->setFixedWidth(width() < 700 ? 150 : 184);
    // The rarer steps give way; "step 1" in the entry line reaches them all.
    for (int step : {1, 10})
        steps_->button(step)->setVisible(width() >= 900);
    centreChip_->setVisible(width() >= 760); // the word reaches it: centre
    // The entry line says which lobe it is: a heading that would be cut up makes room.
    title_->setVisible(width() >= 700);
    // In a low window ring and strip share what there is, and what is known already stands on the
    // slate.
    const bool low = height() < 460;
    ring_->setMinimumHeight(low ? 150 : 250);
    strip_->widget()->setMinimumHeight(low ? 110 : 150);
    turnTo_->setDirection(width() >= 700 ? QBoxLayout::LeftToRight : QBoxLayout::TopToBottom);
    refreshTexts(); // a narrow bench says less
}

void LobesStation::highlight(const Figure& figure) {
    desk_->showSource(figure);
}

} // namespace app
