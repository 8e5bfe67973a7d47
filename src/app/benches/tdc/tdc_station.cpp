#include "app/benches/tdc/tdc_station.h"

#include "app/pictures/ring.h"
#include "app/style/choice_box.h"
#include "app/style/fact_rows.h"
#include "app/style/flow.h"
#include "app/style/label.h"
#include "app/style/rows.h"
#include "core/job/job.h"
#include "core/typed/entry.h"
#include "stations/lobes/remedies.h"
#include "stations/tdc/fields.h"
#include "stations/tdc/methods.h"
#include "words/say.h"
#include "words/sentences.h"

#include <QButtonGroup>
#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

#include <cmath>

namespace app {

using namespace lobe;

namespace {
constexpr int kMethods = 5;
constexpr int kScales = static_cast<int>(WheelScale::Tape) + 1;
} // namespace

TdcStation::TdcStation(Session& session, const Look& look, Dialogs& dialogs, QWidget* parent)
    : BenchOf(session, look, parent),
      ring_(new Ring(look, dialogs, this)),
      verdict_(new PlainLabel(this)),
      steps_(new PlainLabel(this)),
      sums_(new PlainLabel(this)),
      caution_(new PlainLabel(this)),
      methods_(new QButtonGroup(this)),
      scale_(new ChoiceBox(this)),
      log_(new RowList(look, false, this)),
      facts_(new RowList(look, false, this)) {
    setObjectName(QStringLiteral("tdcStation"));
    verdict_->setProperty("role", "verdict");
    verdict_->setObjectName(QStringLiteral("tdcVerdict"));
    sums_->setObjectName(QStringLiteral("tdcSums"));
    caution_->setProperty("role", "quiet");
    for (QLabel* label : {verdict_, steps_, sums_, caution_})
        label->setWordWrap(true);
    log_->setObjectName(QStringLiteral("contacts"));
    log_->setColumns({Say::tr("Contact"), Say::tr("Angle"), Say::tr("Note")});
    log_->setAccessibleName(Say::tr("Contacts taken"));
    facts_->setObjectName(QStringLiteral("tdcFacts"));
    facts_->setAccessibleName(Say::tr("What else belongs to TDC"));

    auto* choices = new FlowLayout(6);
    for (int i = 0; i < kMethods; ++i) {
        auto* button = new QPushButton(words::methodName(static_cast<TdcMethod>(i)), this);
        button->setCheckable(true);
        button->setFocusPolicy(Qt::TabFocus);
        button->setObjectName(QStringLiteral("method%1").arg(i));
        methods_->addButton(button, i);
        tip(button, Say::tr("TDC is found this way"));
        choices->addWidget(button);
    }
    methods_->button(0)->setChecked(true);
    scale_->setObjectName(QStringLiteral("wheelScale"));
    scale_->setAccessibleName(Say::tr("How the wheel is numbered"));
    scale_->setFocusPolicy(Qt::TabFocus);
    tip(scale_, Say::tr("How the wheel on the crank is numbered"));
    for (int i = 0; i < kScales; ++i)
        scale_->addItem(words::wheelName(static_cast<WheelScale>(i)), i);

    auto* right = new QVBoxLayout;
    right->setSpacing(8);
    auto* wheelRow = new QHBoxLayout;
    wheelRow->addWidget(new PlainLabel(Say::tr("the wheel reads"), this));
    wheelRow->addWidget(scale_, 1);
    right->addLayout(wheelRow);
    right->addWidget(steps_);
    right->addWidget(sums_);
    right->addWidget(log_, 3);
    right->addWidget(facts_, 5);
    auto* row = new QHBoxLayout;
    row->setSpacing(16);
    row->addWidget(ring_, 1);
    row->addLayout(right, 1);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(14, 10, 14, 8);
    column->addLayout(choices);
    column->addWidget(verdict_);
    column->addLayout(row, 1);
    column->addWidget(caution_);

    connect(methods_, &QButtonGroup::idClicked, this,
            [this](int id) { desk_->setMethod(static_cast<TdcMethod>(id)); });
    connect(scale_, &QComboBox::activated, this, [this](int index) {
        Stated s = job();
        s.fitted.scale = static_cast<WheelScale>(index);
        if (s.fitted.scale != job().fitted.scale) this->session().keep(book::SetStated{s});
        emit desk_->promptChanged();
        emit desk_->entryWanted();
    });
    connect(facts_, &RowList::chosen, this, [this](qint64 id) {
        desk_->moveTo(static_cast<int>(id) - 1);
        emit desk_->entryWanted();
    });
}

void TdcStation::refreshLists() {
    QList<Row> contacts;
    for (const Contact& c : job().contacts) {
        Row row;
        row.id = c.id;
        row.title = Say::tr("pass %1, %2")
                        .arg(c.pass)
                        .arg(c.method == TdcMethod::HighestReading ? Say::tr("highest")
                             : c.afterTop                          ? Say::tr("after the top")
                                                                   : Say::tr("before the top"));
        if (c.drop_mm) row.title += Say::tr(", drop ") + words::dimension(*c.drop_mm, style());
        row.value = QString::fromStdString(c.typed);
        row.note = c.struck ? QString::fromStdString(c.struck->reason)
                            : words::signedFixed(c.at.deg, 2, style()) + QChar(0xB0);
        row.struck = c.struck.has_value();
        contacts << row;
    }
    log_->setRows(contacts);
    log_->scrollToBottom();
    showFacts(*facts_, desk_->sheet(), desk_->facts(), style());
}

void TdcStation::refresh() {
    methods_->button(static_cast<int>(desk_->method()))->setChecked(true);
    scale_->setCurrentIndex(static_cast<int>(job().fitted.scale));
    steps_->setText(tdcSteps(desk_->method()));
    caution_->setText(tdcCaution(desk_->method()));
    sums_->setText(desk_->explanation());
    sums_->setVisible(!sums_->text().isEmpty());
    // Once there are sums to read, the steps have been learnt.
    steps_->setVisible(sums_->text().isEmpty());
    verdict_->setText(desk_->verdict());
    refreshLists();
    ring_->setScene(desk_->ringScene());
    ring_->setAccessibleDescription(verdict_->text() + QLatin1Char(' ') + sums_->text());
}

} // namespace app
