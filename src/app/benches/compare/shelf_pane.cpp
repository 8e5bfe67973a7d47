#include "app/benches/compare/shelf_pane.h"

#include "app/pictures/along.h"
#include "app/style/label.h"
#include "app/style/shrinking.h"
#include "core/model/modelled.h"
#include "words/say.h"
#include "words/sentences.h"

#include <QAbstractListModel>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QPainter>
#include <QScrollBar>
#include <QStyledItemDelegate>
#include <QTimer>
#include <QVBoxLayout>

#include <algorithm>
#include <cmath>
#include <unordered_map>

namespace app {

using namespace lobe;

/// What the search found, by its place among the items of the shelf.
class ShelfModel : public QAbstractListModel {
public:
    ShelfModel(const CompareDesk& desk, QObject* parent)
        : QAbstractListModel(parent), desk_(desk) {}

    void show(std::vector<std::size_t> found) {
        beginResetModel();
        found_ = std::move(found);
        endResetModel();
    }
    int rowCount(const QModelIndex& parent = {}) const override {
        return parent.isValid() ? 0 : static_cast<int>(found_.size());
    }
    QVariant data(const QModelIndex& index, int role) const override {
        if (!index.isValid() || (role != Qt::DisplayRole && role != Qt::AccessibleTextRole))
            return {};
        const ShelfItem& item = itemAt(index.row());
        const int mark = markOf(index.row());
        const QString marked = mark > 0 ? Say::tr("marked %1, ").arg(mark) : QString();
        if (role == Qt::AccessibleTextRole)
            return marked + QString::fromStdString(item.cam.card.name) + QStringLiteral(", ") +
                   item.cam.jobName;
        return QString::fromStdString(item.cam.card.name) + QStringLiteral(", ") + item.cam.jobName;
    }
    /// The intake lobe of a row in a box of one by one, on the same scale for all; null until it is
    /// made ready, empty where there is none.
    const QPolygonF* portraitAt(int row) const {
        const auto at = portraits_.find(placeAt(row));
        return at == portraits_.end() ? nullptr : &at->second;
    }
    /// Reads and analyses what the portrait shows: never while painting.
    void makeReady(int row) {
        portraits_.emplace(placeAt(row), portraitOf(placeAt(row)));
        emit dataChanged(index(row), index(row), {Qt::DecorationRole});
    }
    /// The shelf was read anew: its places are others.
    void forget() {
        portraits_.clear();
        marked_.clear();
    }
    bool isCard(int row) const { return !itemAt(row).cam.measured; }
    void mark(int row) {
        const std::size_t place = placeAt(row);
        const auto at = std::find(marked_.begin(), marked_.end(), place);
        if (at == marked_.end())
            marked_.push_back(place);
        else
            marked_.erase(at);
        emit dataChanged(index(0), index(rowCount() - 1), {Qt::DecorationRole});
    }
    const std::vector<std::size_t>& marked() const { return marked_; }
    /// From 1; 0 where it is not marked.
    int markOf(int row) const {
        const auto at = std::find(marked_.begin(), marked_.end(), placeAt(row));
        return at == marked_.end() ? 0 : static_cast<int>(at - marked_.begin()) + 1;
    }

    std::size_t placeAt(int row) const { return found_[static_cast<std::size_t>(row)]; }
    const ShelfItem& itemAt(int row) const { return desk_.shelf().items()[placeAt(row)]; }

private:
    QPolygonF portraitOf(std::size_t place) const {
        QPolygonF line;
        // As it was measured, its nose in the middle.
        const auto points = desk_.shelfLobe(place);
        const auto top =
            std::max_element(points.begin(), points.end(),
                             [](const LiftPoint& a, const LiftPoint& b) { return a.mm < b.mm; });
        for (const LiftPoint& p : points)
            if (std::abs(p.deg - top->deg) <= 170.0)
                line << QPointF((p.deg - top->deg + 170.0) / 340.0, std::min(1.0, p.mm / 12.0));
        if (!line.isEmpty()) return line;
        const auto made = modelLobe(desk_.shelf().items()[place].cam.card, Side::Intake);
        if (const auto* lobe = std::get_if<ModelledLobe>(&made))
            for (double away : along(-170.0, 170.0, 5.0))
                line << QPointF((away + 170.0) / 340.0,
                                std::min(1.0, lobe->curve.at(lobe->nose_deg + away) / 12.0));
        return line;
    }

    const CompareDesk& desk_;
    std::vector<std::size_t> found_;
    std::unordered_map<std::size_t, QPolygonF> portraits_;
    std::vector<std::size_t> marked_; ///< places, in the order they were named
};

namespace {

constexpr int kShelfRowHigh = 66, kPortrait = 74;

class ShelfDelegate : public QStyledItemDelegate {
public:
    ShelfDelegate(const Look& look, ShelfModel* model, QListView* list)
        : QStyledItemDelegate(list), look_(look), model_(model), list_(list) {}

    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override {
        return {100, kShelfRowHigh};
    }

    void paint(QPainter* p, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override {
        const ShelfItem& item = model_->itemAt(index.row());
        const Theme& t = look_.theme();
        const QRectF r = QRectF(option.rect).adjusted(8, 4, -8, -4);
        p->save();
        p->setRenderHint(QPainter::Antialiasing);
        if (option.state & QStyle::State_Selected) {
            p->setPen(QPen(list_->hasFocus() ? t.amberLine : t.edge, 2.0));
            p->setBrush(t.dial);
            p->drawRoundedRect(QRectF(option.rect).adjusted(2, 1.5, -2, -1.5), 6, 6);
        }
        const QRectF box(r.left(), r.top(), kPortrait, r.height());
        p->setPen(QPen(t.intake, 1.6, item.cam.measured ? Qt::SolidLine : Qt::DashLine));
        p->setBrush(Qt::NoBrush);
        const QPolygonF* line = model_->portraitAt(index.row());
        if (line && line->isEmpty()) {
            p->setFont(Look::font(11));
            p->setPen(t.muted);
            p->drawText(box, Qt::AlignCenter, Say::tr("no lift"));
        } else if (line) {
            p->save();
            p->translate(box.left(), box.bottom() - 2);
            QPolygonF scaled;
            for (const QPointF& at : *line)
                scaled << QPointF(at.x() * box.width(), -at.y() * (box.height() - 4));
            p->drawPolyline(scaled);
            p->restore();
        }
        const QRectF words(r.left() + kPortrait + 12, r.top(), r.width() - kPortrait - 12, 20);
        p->setFont(Look::font(14, true));
        p->setPen(t.amberText);
        if (const int mark = model_->markOf(index.row()); mark > 0)
            p->drawText(words, Qt::AlignRight | Qt::AlignVCenter,
                        QString::number(mark) + QLatin1Char('.'));
        p->setPen(t.ink);
        drawFitted(*p, words.adjusted(0, 0, -26, 0), Qt::AlignLeft | Qt::AlignVCenter,
                   QString::fromStdString(item.cam.card.name));
        p->setFont(Look::font(12));
        p->setPen(t.muted);
        drawFitted(*p, words.translated(0, 19), Qt::AlignLeft | Qt::AlignVCenter,
                   (item.cam.measured ? Say::tr("measured in %1") : Say::tr("card in %1"))
                       .arg(item.cam.jobName));
        drawFitted(*p, words.translated(0, 37), Qt::AlignLeft | Qt::AlignVCenter, figures(item));
        p->restore();
    }

private:
    QString figures(const ShelfItem& item) const {
        const words::Style& style = look_.style();
        QStringList out;
        const ShelfFigures& f = item.figures;
        if (f.duration.intake)
            out << Say::tr("%1 / %2 at %3")
                       .arg(words::degrees(*f.duration.intake, style, 0),
                            f.duration.exhaust ? words::degrees(*f.duration.exhaust, style, 0)
                                               : QString(QChar(0x2013)),
                            words::height(item.cam.card.height.mm, style));
        if (f.separation) out << Say::tr("separation %1").arg(words::degrees(*f.separation, style));
        if (f.lift_mm.intake) out << words::liftWithUnit(*f.lift_mm.intake, style);
        return out.join(QStringLiteral(" \u00B7 "));
    }

    const Look& look_;
    ShelfModel* model_;
    QListView* list_;
};

} // namespace

ShelfPane::ShelfPane(const Look& look, CompareDesk& desk, QWidget* parent)
    : QWidget(parent),
      desk_(desk),
      line_(new QLineEdit(this)),
      list_(new QListView(this)),
      said_(new PlainLabel(this)),
      ready_(new QTimer(this)),
      model_(new ShelfModel(desk, this)) {
    setObjectName(QStringLiteral("shelf"));
    line_->setObjectName(QStringLiteral("shelfSearch"));
    line_->setPlaceholderText(Say::tr("name, job, roller, measured, dur>230, lift<10, lsa108, "
                                      "overlap<20"));
    line_->setAccessibleName(Say::tr("Search the cams of this book"));
    tip(line_, line_->accessibleName());
    list_->setObjectName(QStringLiteral("shelfList"));
    list_->setAccessibleName(Say::tr("Cams of this book"));
    list_->setModel(model_);
    list_->setItemDelegate(new ShelfDelegate(look, model_, list_));
    list_->setUniformItemSizes(true);
    list_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    said_->setObjectName(QStringLiteral("shelfSaid"));
    said_->setProperty("role", "quiet");
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(5);
    column->addWidget(line_);
    column->addWidget(list_, 1);
    column->addWidget(said_);
    connect(line_, &QLineEdit::textChanged, this, &ShelfPane::search);
    ready_->setSingleShot(true);
    connect(ready_, &QTimer::timeout, this, &ShelfPane::makeReady);
    connect(list_->verticalScrollBar(), &QScrollBar::valueChanged, ready_,
            qOverload<>(&QTimer::start));
    connect(list_->verticalScrollBar(), &QScrollBar::rangeChanged, ready_,
            qOverload<>(&QTimer::start));
    connect(list_, &QListView::clicked, this, &ShelfPane::take);
    connect(list_, &QListView::activated, this, &ShelfPane::take);
    line_->installEventFilter(this);
    list_->installEventFilter(this);
}

void ShelfPane::open() {
    model_->forget();
    line_->clear();
    search();
    line_->setFocus();
}

void ShelfPane::say(const QString& text) {
    said_->setText(text);
}

int ShelfPane::count() const {
    return model_->rowCount();
}

void ShelfPane::search() {
    model_->show(desk_.shelf().search(line_->text()));
    if (model_->rowCount() > 0) list_->setCurrentIndex(model_->index(0));
    ready_->start();
    sayCount();
    // A card's is made at once; what was measured is read and analysed one after the other.
    const int seen = list_->viewport()->height() / kShelfRowHigh + 2;
    for (int row = 0; row < std::min(seen, model_->rowCount()); ++row)
        if (model_->isCard(row) && !model_->portraitAt(row)) model_->makeReady(row);
}

void ShelfPane::sayCount() {
    if (!desk_.shelfTrouble().isEmpty()) return said_->setText(desk_.shelfTrouble());
    const auto marked = static_cast<int>(model_->marked().size());
    said_->setText(
        marked > 0
            ? Say::tr("%n marked: Enter takes them in this order. Esc leads back.", nullptr, marked)
            : Say::tr("%1 of %2 cams. Enter takes one; Ctrl+Space marks several; Esc "
                      "leads back.")
                  .arg(model_->rowCount())
                  .arg(desk_.shelf().items().size()));
}

void ShelfPane::mark(const QModelIndex& index) {
    if (!index.isValid()) return;
    model_->mark(index.row());
    sayCount();
    if (index.row() + 1 < model_->rowCount())
        list_->setCurrentIndex(model_->index(index.row() + 1));
}

/// One after the other, so that a key or the wheel waits for one at most.
void ShelfPane::makeReady() {
    const QRect seen = list_->viewport()->rect();
    const QModelIndex first = list_->indexAt(seen.topLeft() + QPoint(20, 0));
    for (int row = std::max(0, first.row()); row < model_->rowCount(); ++row) {
        if (list_->visualRect(model_->index(row)).top() > seen.bottom()) return;
        if (model_->portraitAt(row)) continue;
        model_->makeReady(row);
        return ready_->start();
    }
}

void ShelfPane::take(const QModelIndex& index) {
    if (!model_->marked().empty())
        emit taken(model_->marked());
    else if (index.isValid())
        emit taken({model_->placeAt(index.row())});
}

bool ShelfPane::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() != QEvent::KeyPress) return QWidget::eventFilter(watched, event);
    auto* key = static_cast<QKeyEvent*>(event);
    if (key->key() == Qt::Key_Escape) {
        emit left();
        return true;
    }
    if (key->key() == Qt::Key_Space &&
        (watched == list_ || key->modifiers().testFlag(Qt::ControlModifier))) {
        mark(list_->currentIndex());
        return true;
    }
    if (watched != line_) return QWidget::eventFilter(watched, event);
    if (key->key() == Qt::Key_Return || key->key() == Qt::Key_Enter) {
        take(list_->currentIndex());
        return true;
    }
    if (key->key() == Qt::Key_Down || key->key() == Qt::Key_Up) {
        const int row = list_->currentIndex().row() + (key->key() == Qt::Key_Down ? 1 : -1);
        if (row >= 0 && row < model_->rowCount()) list_->setCurrentIndex(model_->index(row));
        return true;
    }
    return QWidget::eventFilter(watched, event);
}

} // namespace app
