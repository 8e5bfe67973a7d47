#include "app/frame/slate.h"

#include "app/style/label.h"
#include "app/style/rows.h"
#include "core/examine/snapshot.h"
#include "core/job/job.h"
#include "core/result/findings.h"
#include "words/say.h"
#include "words/sentences.h"

#include <QAction>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;

namespace {
/// How many figures the slate holds before anything is pinned.
constexpr int kUsual = 10;
} // namespace

Slate::Slate(Session& session, const Look& look, QWidget* parent)
    : Ground(look, &Theme::panel, parent),
      session_(session),
      card_(new PlainLabel(this)),
      whereFrom_(new PlainLabel(this)),
      choose_(new QPushButton(Say::tr("choose figures"), this)),
      list_(new RowList(look, true, this)) {
    setObjectName(QStringLiteral("slate"));
    list_->setObjectName(QStringLiteral("slateFigures"));
    list_->setAccessibleName(Say::tr("Figures"));
    list_->setFrameShape(QFrame::NoFrame);
    list_->viewport()->setAutoFillBackground(false);
    auto* title = new PlainLabel(Say::tr("Slate"), this);
    title->setProperty("role", "title");
    card_->setObjectName(QStringLiteral("slateCard"));
    card_->setProperty("role", "quiet");
    card_->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    whereFrom_->setObjectName(QStringLiteral("whereFrom"));
    whereFrom_->setWordWrap(true);
    whereFrom_->setTextFormat(Qt::RichText);
    choose_->setObjectName(QStringLiteral("chooseFigures"));
    choose_->setCheckable(true);
    tip(choose_, Say::tr("Which figures stand on the slate"));
    choose_->setFocusPolicy(Qt::TabFocus);
    auto* top = new QHBoxLayout;
    top->addWidget(title);
    top->addWidget(card_, 1);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(12, 12, 8, 8);
    column->addLayout(top);
    column->addWidget(list_, 1);
    column->addWidget(whereFrom_);
    column->addWidget(choose_);
    connect(choose_, &QPushButton::toggled, this, [this](bool on) {
        choosing_ = on;
        choose_->setText(on ? Say::tr("done choosing") : Say::tr("choose figures"));
        refresh();
    });
    connect(list_, &RowList::chosen, this, [this](qint64 id) {
        if (choosing_)
            togglePin(id);
        else
            explain(id);
    });
    connect(&look, &Look::changed, this, &Slate::refresh);
    connect(&session, &Session::selectionChanged, this, &Slate::refresh);
    connect(list_, &RowList::currentRowChanged, this, [this](int row) {
        if (!choosing_ && row >= 0 && list_->hasFocus()) explain(list_->row(row).id);
    });
}

bool Slate::pinned(const std::string& key) const {
    const auto& keys = session_.job().pinned;
    return std::find(keys.begin(), keys.end(), key) != keys.end();
}

/// Of the cylinder at hand; null where nothing of it is measured.
Held<std::vector<Figure>> Slate::shown() const {
    const CylinderFindings* c = session_.findings().cylinder(session_.cylinder());
    return {session_.snapshot(), c ? &c->figures : nullptr};
}

Held<Figure> Slate::figure(qint64 id) const {
    const auto all = shown();
    const auto i = static_cast<std::size_t>(id - 1);
    if (!all || id < 1 || i >= all->size()) return {};
    return {session_.snapshot(), &(*all)[i]};
}

void Slate::togglePin(qint64 id) {
    const auto f = figure(id);
    if (!f) return;
    Stated s = session_.job();
    const std::string key = f->key();
    const auto it = std::find(s.pinned.begin(), s.pinned.end(), key);
    if (it == s.pinned.end())
        s.pinned.push_back(key);
    else
        s.pinned.erase(it);
    session_.keep(book::SetStated{s});
}

void Slate::explain(qint64 id) {
    const auto f = figure(id);
    if (!f) return;
    emit asked(*f);
    whereFrom_->setText(
        Say::tr("<b>%1: where from?</b><br>%2")
            .arg(words::figureName(*f).toHtmlEscaped(),
                 words::whereFrom(*f, session_.findings(), look().style()).toHtmlEscaped()));
}

QString Slate::text() const {
    return list_->text();
}

/// Whose the figures are, where they may be another's.
void Slate::nameCard() {
    const Job& job = session_.job();
    QStringList head;
    if (session_.hasJob() && job.engine.cylinders > 1)
        head << Say::tr("cyl %1").arg(session_.cylinder());
    if (job.card && !job.card->name.empty())
        head << Say::tr("card: ") + QString::fromStdString(job.card->name);
    card_->setText(QFontMetrics(card_->font())
                       .elidedText(head.join(QStringLiteral(", ")), Qt::ElideRight,
                                   std::max(60, width() - 80)));
    card_->setToolTip(tipOf(head.join(QStringLiteral(", "))));
}

void Slate::resizeEvent(QResizeEvent* event) {
    Ground::resizeEvent(event);
    nameCard();
}

void Slate::refresh() {
    nameCard();
    QList<Row> rows;
    qint64 id = 0;
    const auto figures = shown();
    for (const Figure& f : figures ? *figures : std::vector<Figure>{}) {
        ++id;
        const bool mine = pinned(f.key());
        if (!choosing_ && (session_.job().pinned.empty() ? id > kUsual : !mine)) continue;
        Row row;
        row.id = id;
        row.title = words::figureName(f);
        row.under = words::figureBasis(f, look().style());
        row.value = words::figureValue(f, look().style());
        row.beside = words::figureUncertainty(f, look().style());
        row.note = choosing_ ? (mine ? Say::tr("on the slate") : Say::tr("Space: put on"))
                             : words::figureDifference(f, look().style());
        row.warn = choosing_
                       ? mine
                       : f.cardDifference && std::abs(*f.cardDifference) >
                                                 std::max(0.75, halfWidthOf(f.value).value_or(0.0));
        if (f.side) row.valueColour = look().theme().lobe(*f.side);
        rows << row;
    }
    list_->setRows(rows);
    choose_->setVisible(figures && !figures->empty());
    if (session_.snapshot()->pending)
        whereFrom_->setText(Say::tr("Being worked out; everything typed is kept."));
    else if (rows.isEmpty() && !session_.findings().cylinders.empty() && !shown())
        whereFrom_->setText(
            Say::tr("Nothing of cylinder %1 is measured yet.").arg(session_.cylinder()));
    else if (rows.isEmpty())
        whereFrom_->setText(
            Say::tr("Figures stand here as soon as the readings carry them: duration at each "
                    "checking height, lobe centres, separation, overlap."));
    else if (list_->currentId() == 0)
        whereFrom_->setText(Say::tr("Choose a figure to ask: where from?"));
    else
        explain(list_->currentId());
}

} // namespace app
