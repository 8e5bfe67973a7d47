#include "app/benches/set/set_station.h"

#include "app/benches/set/wheels.h"
#include "app/pictures/ring.h"
#include "app/pictures/slide.h"
#include "app/style/fact_rows.h"
#include "app/style/label.h"
#include "app/style/rows.h"
#include "core/job/job.h"
#include "words/say.h"
#include "words/sentences.h"
#include "words/setting.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QResizeEvent>
#include <QScrollArea>
#include <QStackedWidget>

namespace app {

using namespace lobe;

namespace {

QScrollArea* scrolled(QLabel* label, QWidget* parent) {
    auto* area = new QScrollArea(parent);
    label->setWordWrap(true);
    label->setAlignment(Qt::AlignLeft | Qt::AlignTop);
    label->setMargin(8);
    area->setWidget(label);
    area->viewport()->setBackgroundRole(QPalette::Base);
    label->setBackgroundRole(QPalette::Base);
    label->setForegroundRole(QPalette::WindowText);
    area->setWidgetResizable(true);
    area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    return area;
}

} // namespace

SetStation::SetStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent)
    : BenchOf(session, look, parent),
      wheels_(new Wheels(look, dialogs, this)),
      ring_(new Ring(look, dialogs, this)),
      slides_{new Slide(look, this), new Slide(look, this)},
      choices_(new RowList(look, true, this)),
      facts_(new RowList(look, false, this)),
      panes_(new QStackedWidget(this)),
      verdict_(new PlainLabel(this)),
      steps_(new PlainLabel(this)),
      notes_(new PlainLabel(this)),
      history_(new PlainLabel(this)),
      without_(new PlainLabel(this)),
      caution_(new PlainLabel(this)),
      outcome_(new FigureTable(look, false, this)) {
    setObjectName(QStringLiteral("setStation"));
    verdict_->setObjectName(QStringLiteral("setVerdict"));
    verdict_->setProperty("role", "verdict");
    steps_->setObjectName(QStringLiteral("setSteps"));
    outcome_->setObjectName(QStringLiteral("setOutcome"));
    outcome_->setAccessibleName(Say::tr("Figures as they are and as they would be"));
    notes_->setObjectName(QStringLiteral("setNotes"));
    history_->setObjectName(QStringLiteral("setHistory"));
    without_->setObjectName(QStringLiteral("withoutMarks"));
    choices_->setObjectName(QStringLiteral("setChoices"));
    choices_->setAccessibleName(Say::tr("What the drive can do, the best first"));
    choices_->setValuePixels(16);
    facts_->setObjectName(QStringLiteral("setFacts"));
    facts_->setAccessibleName(Say::tr("Drive and target"));
    slides_[0]->setObjectName(QStringLiteral("slideIntake"));
    slides_[1]->setObjectName(QStringLiteral("slideExhaust"));
    caution_->setProperty("role", "quiet");
    caution_->setText(words::setCaution());
    notes_->setProperty("role", "quiet");
    for (QLabel* label : {verdict_, steps_, notes_, caution_}) {
        label->setWordWrap(true);
        label->setTextFormat(Qt::PlainText);
    }
    steps_->setAlignment(Qt::AlignLeft | Qt::AlignTop);
    notes_->setAlignment(Qt::AlignLeft | Qt::AlignTop);
    for (QLabel* label : {history_, without_})
        label->setTextFormat(Qt::RichText);
    panes_->addWidget(choices_);
    panes_->addWidget(facts_);
    panes_->addWidget(scrolled(history_, this));
    panes_->addWidget(scrolled(without_, this));

    choices_->setRowHeight(44);
    outcome_->setStrip(1);

    layOut();

    for (Side side : {Side::Intake, Side::Exhaust})
        connect(slides_[static_cast<int>(side)], &Slide::moved, this,
                [this, side](double deg) { desk_->slideTo(side, deg); });
    connect(desk_, &SetDesk::slid, this, &SetStation::showSlide);
    connect(desk_, &SetDesk::choiceChanged, this, &SetStation::listChoices);
    connect(desk_, &SetDesk::paneChanged, this, &SetStation::showPane);
    connect(choices_, &RowList::chosen, this, [this](qint64 id) {
        if (id == 0)
            desk_->describe();
        else
            desk_->choose(static_cast<int>(id) - 1);
        emit desk_->promptChanged();
        emit desk_->entryWanted();
    });
    connect(facts_, &RowList::chosen, this, [this](qint64 id) {
        desk_->moveTo(static_cast<int>(id) - 1);
        emit desk_->entryWanted();
    });
}

void SetStation::layOut() {
    // Wheel, choices and ring side by side; under them the hand's steps, the slide and one strip of
    // figures as they are and as they would be.
    auto* beside = new QVBoxLayout;
    beside->setSpacing(6);
    beside->addWidget(ring_);
    beside->addWidget(notes_, 1);
    upper_ = new QHBoxLayout;
    upper_->setSpacing(12);
    upper_->addWidget(wheels_, 12);
    upper_->addWidget(panes_, 13);
    upper_->addLayout(beside, 9);
    auto* slides = new QHBoxLayout;
    slides->setSpacing(12);
    slides->addWidget(slides_[0]);
    slides->addWidget(slides_[1]);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(14, 10, 14, 6);
    column->setSpacing(6);
    column->addWidget(verdict_);
    column->addLayout(upper_, 1);
    column->addWidget(steps_);
    column->addLayout(slides);
    column->addWidget(outcome_);
    column->addWidget(caution_);
}

void SetStation::listChoices() {
    QList<Row> rows;
    for (const OfferedRow& offer : desk_->offers()) {
        Row row;
        row.id = static_cast<qint64>(rows.size()) + 1;
        row.title = offer.title;
        row.value = offer.value;
        row.under = offer.under;
        row.note = offer.note;
        row.marked = rows.size() == desk_->choice();
        rows << row;
    }
    if (rows.isEmpty()) {
        Row row;
        row.title = Say::tr("Describe the drive first: D");
        row.under = Say::tr("teeth, keyways, vernier, slots, bushes");
        row.marked = true;
        rows << row;
    }
    choices_->setRows(rows);
    if (const int at = desk_->choice(); at >= 0 && at < choices_->count()) choices_->showRow(at);
}

void SetStation::showPane() {
    panes_->setCurrentIndex(static_cast<int>(desk_->pane()));
    without_->setText(desk_->guideText());
    showSlide(); // the wheels stand otherwise there
    ring_->setScene(desk_->ringScene());
}

void SetStation::showSlide() {
    slides_[0]->setState(desk_->slideOf(Side::Intake));
    if (desk_->two()) slides_[1]->setState(desk_->slideOf(Side::Exhaust));
    const Side side = desk_->atHand();
    wheels_->setScene({job().engine, desk_->moveOf(side),
                       desk_->two() ? words::sideName(side) + Say::tr(" cam") : QString(),
                       desk_->fitted(side), desk_->pane() == SetDesk::Pane::WithoutMarks});
    ring_->setScene(desk_->ringScene());
    steps_->setText(desk_->stepsText());
    outcome_->setBlocks(desk_->outcomes());
    notes_->setText(desk_->notes(!ring_->isVisibleTo(this)));
}

void SetStation::refresh() {
    showFacts(*facts_, desk_->sheet(), desk_->facts(), style());
    slides_[1]->setVisible(desk_->two());
    makeRoom();
    slides_[0]->setTitle(desk_->two() ? Say::tr("intake") : QString());
    slides_[1]->setTitle(desk_->two() ? Say::tr("exhaust") : QString());
    listChoices();
    history_->setText(desk_->history());
    verdict_->setText(desk_->verdict());
    showSlide();
    showPane();
}

void SetStation::makeRoom() {
    const bool low = height() < 620, narrow = width() < 760;
    // In the lowest the wheels give way too: what a move is, is said in words.
    wheels_->setVisible(height() >= 480);
    // In a small window the figures say what the ring would show.
    ring_->setVisible(!low && !narrow);
    notes_->setVisible(!low && !narrow);
    upper_->setStretch(2, low || narrow ? 0 : 9); // what is not shown takes no room
    wheels_->setMinimumHeight(low ? 130 : 340);
    wheels_->setMinimumWidth(narrow ? 200 : 296);
    wheels_->setMaximumWidth(narrow ? 240 : 330);
    outcome_->setStrip(narrow ? 2 : 1);
    // Room kept for the words, so that nothing jumps under a slide that is dragged.
    steps_->setMinimumHeight(low ? 34 : 38);
    layout()->activate();
}

void SetStation::resizeEvent(QResizeEvent* event) {
    Bench::resizeEvent(event);
    makeRoom();
}

} // namespace app
