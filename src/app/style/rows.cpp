#include "app/style/rows.h"

#include "app/style/clipboard.h"
#include "app/style/label.h"

#include <QAbstractListModel>
#include <QKeyEvent>
#include <QMimeData>
#include <QPainter>
#include <QStyle>

#include <algorithm>

namespace app {

constexpr int kRowRole = Qt::UserRole + 1;

/// Rows that are there, or are made when they are asked for.
class RowModel : public QAbstractListModel {
public:
    using QAbstractListModel::QAbstractListModel;

    int rowCount(const QModelIndex& parent = {}) const override {
        return parent.isValid() ? 0 : count_;
    }
    QVariant data(const QModelIndex& index, int role) const override {
        switch (role) {
        case kRowRole:
            return QVariant::fromValue(at(index.row()));
        case Qt::ToolTipRole: {
            const Row row = at(index.row());
            return tipOf(row.heading ? QString() : row.note.isEmpty() ? row.under : row.note);
        }
        case Qt::AccessibleTextRole: { // what a screen reader says
            const Row r = at(index.row());
            return QStringList{r.title, r.under, r.value, r.beside, r.note}
                .join(QLatin1Char(' '))
                .simplified();
        }
        default:
            return {};
        }
    }
    Qt::ItemFlags flags(const QModelIndex& index) const override {
        if (!index.isValid() || at(index.row()).heading) return Qt::NoItemFlags;
        const Qt::ItemFlags usual = Qt::ItemIsSelectable | Qt::ItemIsEnabled;
        return dataOf_ ? usual | Qt::ItemIsDragEnabled : usual;
    }
    QStringList mimeTypes() const override { return {QStringLiteral("text/uri-list")}; }
    QMimeData* mimeData(const QModelIndexList& rows) const override {
        return dataOf_ && !rows.isEmpty() ? dataOf_(idAt(rows.front().row())) : nullptr;
    }
    void setDragged(std::function<QMimeData*(qint64)> dataOf) { dataOf_ = std::move(dataOf); }
    Row at(int i) const { return rowAt_ ? rowAt_(i) : rows_.value(i); }
    qint64 idAt(int i) const { return rowAt_ ? idAt_(i) : rows_[i].id; }
    bool uniform() const {
        return rowAt_ ||
               std::none_of(rows_.begin(), rows_.end(), [](const Row& r) { return r.heading; });
    }
    /// Only what changed is painted again: this runs at every reading. True where rows have
    /// changed their height.
    bool set(const QList<Row>& rows) {
        const QList<Row> before = rowAt_ ? QList<Row>() : rows_;
        const bool made = bool(rowAt_);
        resized(static_cast<int>(rows.size()), [&] {
            rows_ = rows;
            rowAt_ = {};
        });
        bool heights = made;
        for (int i = 0; i < rows.size(); ++i) {
            if (i < before.size() && before[i] == rows[i]) continue;
            heights = heights || i >= before.size() || before[i].heading != rows[i].heading;
            emit dataChanged(index(i), index(i));
        }
        return heights;
    }
    void set(int count, std::function<Row(int)> rowAt, std::function<qint64(int)> idAt) {
        resized(count, [&] {
            rows_.clear();
            rowAt_ = std::move(rowAt);
            idAt_ = std::move(idAt);
        });
    }

private:
    template <class Change> void resized(int count, Change change) {
        const int before = count_;
        if (count > before) beginInsertRows({}, before, count - 1);
        if (count < before) beginRemoveRows({}, count, before - 1);
        change();
        count_ = count;
        if (count > before) endInsertRows();
        if (count < before) endRemoveRows();
    }

    QList<Row> rows_;
    std::function<Row(int)> rowAt_; ///< in place of rows_
    std::function<qint64(int)> idAt_;
    std::function<QMimeData*(qint64)> dataOf_;
    int count_ = 0;
};

namespace {

/// A text with its width in pixels. To measure it costs as much as to draw it, and all rows are
/// drawn at every reading: so it is done once, and again only for a text that has to be cut.
struct MeasuredText {
    MeasuredText(const QFontMetrics& in, const QString& of)
        : metrics(in), text(of), width(in.horizontalAdvance(of)) {}
    QString within(int room) const {
        return width <= room ? text : metrics.elidedText(text, Qt::ElideRight, room);
    }

    QFontMetrics metrics;
    const QString& text;
    int width;
};

class RowDelegate : public QStyledItemDelegate {
public:
    RowDelegate(const Look& look, bool tall, RowList* list)
        : QStyledItemDelegate(list), look_(look), tall_(tall), list_(list) {}

    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex& index) const override {
        const Row row = index.data(kRowRole).value<Row>();
        return {100, row.heading ? 30 : tall_ ? list_->rowHeight() : 28};
    }

    void paint(QPainter* p, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override {
        const Row row = index.data(kRowRole).value<Row>();
        const Theme& t = look_.theme();
        const QRect r = option.rect.adjusted(tall_ ? 4 : 10, 0, tall_ ? -4 : -10, 0);
        p->save();
        p->setRenderHint(QPainter::Antialiasing);
        if (row.heading) {
            p->setFont(Look::font(12, true));
            p->setPen(t.amberText);
            p->drawText(r, Qt::AlignLeft | Qt::AlignBottom, row.title);
            p->restore();
            return;
        }
        if (row.marked || (option.state & QStyle::State_Selected)) {
            const bool focus = list_->hasFocus() && (option.state & QStyle::State_Selected);
            p->setPen(
                QPen(row.marked || focus ? t.amberLine : t.edge, row.marked || focus ? 2.0 : 1.0));
            p->setBrush(row.marked ? t.dial : Qt::transparent);
            p->drawRoundedRect(QRectF(option.rect).adjusted(2, 1.5, -2, -1.5), 6, 6);
        }
        if (tall_)
            tall(p, r, row);
        else
            flat(p, r, row);
        p->restore();
    }

private:
    QColor valueColour(const Row& row) const {
        if (row.struck) return look_.theme().muted;
        return row.valueColour.isValid() ? row.valueColour : look_.theme().ink;
    }

    void flat(QPainter* p, const QRect& r, const Row& row) const {
        const Theme& t = look_.theme();
        QFont value = Look::font(list_->valuePixels(), false);
        value.setStrikeOut(row.struck);
        p->setFont(Look::font(13));
        p->setPen(row.struck ? t.muted : t.ink);
        // The value is what the row is for: the title and the note give way to it.
        const MeasuredText said(QFontMetrics(value), row.value),
            title(QFontMetrics(p->font()), row.title);
        const int valueWidth = std::min(said.width + 2, r.width());
        const int titleWidth =
            std::clamp(title.width + 10, 0, std::max(0, r.width() - valueWidth - 8));
        say(p, r, QRect(r.left(), r.top(), titleWidth, r.height()),
            Qt::AlignLeft | Qt::AlignVCenter, title.within(titleWidth));
        p->setFont(Look::font(12));
        p->setPen(row.warn ? t.amberText : t.muted);
        int right = r.right();
        const int left = r.width() - titleWidth - valueWidth - 12;
        if (!row.note.isEmpty() && left > 24) {
            const MeasuredText note(QFontMetrics(p->font()), row.note);
            const int w = std::min(note.width + 4, left);
            sayFitted(p, r, QRect(right - w, r.top(), w, r.height()), Qt::AlignRight, note);
            right -= w + 8;
        }
        p->setFont(value);
        p->setPen(valueColour(row));
        const QRect box(r.left() + titleWidth, r.top(), right - r.left() - titleWidth, r.height());
        say(p, r, box, Qt::AlignRight | Qt::AlignVCenter, said.within(box.width()));
    }

    void tall(QPainter* p, const QRect& r, const Row& row) const {
        const Theme& t = look_.theme();
        // A small window's slate has no room for all of a name beside a figure that big.
        constexpr int kRoomy = 200, kSmaller = 17;
        const QFont big = Look::font(r.width() < kRoomy ? std::min(kSmaller, list_->valuePixels())
                                                        : list_->valuePixels(),
                                     true),
                    small = Look::font(12);
        const int figureWidth = QFontMetrics(big).horizontalAdvance(row.value) + 6;
        const int besideWidth =
            row.beside.isEmpty() ? 0 : QFontMetrics(small).horizontalAdvance(row.beside) + 5;
        const int valueWidth = figureWidth + besideWidth;
        const int inset = list_->rowHeight() >= 50 ? 5 : 2;
        const QRect left = r.adjusted(4, inset, 0, -inset);
        p->setFont(Look::font(13));
        p->setPen(t.ink);
        const QRect titleBox(left.left(), left.top(), left.width() - valueWidth, 20);
        sayFitted(p, r, titleBox, Qt::AlignLeft, MeasuredText(p->fontMetrics(), row.title));
        if (besideWidth > 0) {
            p->setFont(small);
            p->setPen(t.muted);
            say(p, r, QRect(left.right() - valueWidth, left.top() + 1, besideWidth, 22),
                Qt::AlignLeft | Qt::AlignVCenter, row.beside);
        }
        p->setFont(big);
        p->setPen(valueColour(row));
        say(p, r, QRect(left.right() - figureWidth, left.top() - 2, figureWidth, 26),
            Qt::AlignRight | Qt::AlignVCenter, row.value);
        p->setFont(small);
        // A short note, the verdict on the figure, has its room first; a long one takes what is
        // left by what is under the title, and less than half of it says nothing.
        const MeasuredText under(p->fontMetrics(), row.under), note(p->fontMetrics(), row.note);
        const int width = left.width(), wanted = note.width > 0 ? note.width + 4 : 0;
        const int rest = std::clamp(width - under.width - 10, 0, wanted);
        const int noteWidth = wanted <= width * 2 / 5 ? wanted : rest * 2 >= wanted ? rest : 0;
        const int underWidth = width - (noteWidth > 0 ? noteWidth + 8 : 4);
        p->setPen(row.warn ? t.amberText : t.muted);
        say(p, r, QRect(left.right() - noteWidth, left.bottom() - 18, noteWidth, 18),
            Qt::AlignRight | Qt::AlignVCenter, note.within(noteWidth));
        p->setPen(t.muted);
        sayFitted(p, r, QRect(left.left(), left.bottom() - 18, underWidth, 18), Qt::AlignLeft,
                  under);
        // Filled and not drawn: a smoothed line would lie half on each of two rows of pixels.
        p->fillRect(QRect(r.left() + 4, r.bottom(), r.width() - 8, 1), t.edge);
    }

    /// In a little smaller font where that is enough, else its end is left out.
    static void sayFitted(QPainter* p, const QRect& r, const QRect& box, int flags,
                          const MeasuredText& text) {
        constexpr int kSmallestInRow = 11;
        const QFont usual = p->font();
        QFont font = usual;
        bool whole = text.width <= box.width();
        while (!whole && font.pixelSize() > kSmallestInRow) {
            font.setPixelSize(font.pixelSize() - 1);
            whole = QFontMetrics(font).horizontalAdvance(text.text) <= box.width();
        }
        if (whole) p->setFont(font);
        say(p, r, box, flags | Qt::AlignVCenter, whole ? text.text : text.within(box.width()));
        p->setFont(usual);
    }

    /// Mirrored where the language is.
    static void say(QPainter* p, const QRect& r, const QRect& box, int flags, const QString& text) {
        p->drawText(QStyle::visualRect(p->layoutDirection(), r, box), flags, text);
    }

    const Look& look_;
    bool tall_;
    RowList* list_;
};

} // namespace

RowList::RowList(const Look& look, bool tall, QWidget* parent)
    : QListView(parent), rows_(new RowModel(this)), valuePixels_(tall ? 20 : 13) {
    setModel(rows_);
    setItemDelegate(new RowDelegate(look, tall, this));
    setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setEditTriggers(QAbstractItemView::NoEditTriggers);
    connect(this, &QListView::clicked, this,
            [this](const QModelIndex& index) { emit chosen(rows_->idAt(index.row())); });
    connect(&look, &Look::changed, this, [this] { viewport()->update(); });
}

void RowList::setRows(const QList<Row>& rows) {
    const qint64 current = currentId();
    {
        const QSignalBlocker quiet(this);
        const bool heights = rows_->set(rows);
        setUniformItemSizes(rows_->uniform());
        if (heights) scheduleDelayedItemsLayout();
        keepCurrent(current);
    }
    if (rows.isEmpty()) viewport()->update();
}

void RowList::setRows(int count, std::function<Row(int)> rowAt, std::function<qint64(int)> idAt) {
    const qint64 current = currentId();
    const QSignalBlocker quiet(this);
    rows_->set(count, std::move(rowAt), std::move(idAt));
    setUniformItemSizes(true);
    keepCurrent(current);
    viewport()->update();
}

int RowList::count() const {
    return rows_->rowCount();
}

QString RowList::spoken(int index) const {
    return rows_->data(rows_->index(index), Qt::AccessibleTextRole).toString();
}

QString RowList::cell(int index, int column) const {
    const Row r = row(index);
    const QString parts[] = {r.title + QLatin1Char(' ') + r.under,
                             r.value + QLatin1Char(' ') + r.beside, r.note};
    return column >= 0 && column < 3 ? parts[column].simplified() : QString();
}

Row RowList::row(int index) const {
    return rows_->at(index);
}

void RowList::setCurrentRow(int index) {
    setCurrentIndex(index >= 0 && index < count() ? rows_->index(index) : QModelIndex());
}

qint64 RowList::currentId() const {
    const int at = currentRow();
    return at >= 0 && at < count() ? rows_->idAt(at) : 0;
}

void RowList::setCurrentId(qint64 id) {
    for (int i = 0; id != 0 && i < count(); ++i)
        if (rows_->idAt(i) == id) return setCurrentRow(i);
    setCurrentRow(-1);
}

/// The row of that id, wherever it stands now.
void RowList::keepCurrent(qint64 id) {
    if (id == 0 || currentId() == id) return;
    setCurrentId(id);
}

QString RowList::text() const {
    QString out;
    for (int i = 0; i < count(); ++i) {
        const Row r = row(i);
        out += QStringList{r.title, r.value, r.beside, r.under, r.note}.join(QLatin1Char('\t'));
        out += QLatin1Char('\n');
    }
    return out;
}

void RowList::setDragged(std::function<QMimeData*(qint64)> dataOf) {
    rows_->setDragged(std::move(dataOf));
    setDragEnabled(true);
    setDragDropMode(QAbstractItemView::DragOnly);
}

void RowList::showRow(int index, ScrollHint hint) {
    scrollTo(rows_->index(index), hint);
}

QRect RowList::rowRect(int index) const {
    return visualRect(rows_->index(index));
}

void RowList::currentChanged(const QModelIndex& now, const QModelIndex& before) {
    QListView::currentChanged(now, before);
    emit currentRowChanged(now.row());
}

bool RowList::viewportEvent(QEvent* event) {
    // Rows look alike in a window at work and in one that waits: a list view would paint them all
    // anew, at every start once the window manager lends it the keys.
    if (event->type() == QEvent::WindowActivate || event->type() == QEvent::WindowDeactivate)
        return QAbstractScrollArea::viewportEvent(event);
    return QListView::viewportEvent(event);
}

void RowList::keyPressEvent(QKeyEvent* event) {
    if (event->matches(QKeySequence::Copy)) {
        toClipboard(text(), *this);
        return;
    }
    const qint64 id = currentId();
    if (id != 0 && (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter ||
                    event->key() == Qt::Key_Space)) {
        emit chosen(id);
        return;
    }
    if (id != 0 && (event->key() == Qt::Key_Delete || event->key() == Qt::Key_Backspace)) {
        emit deletePressed(id);
        return;
    }
    QListView::keyPressEvent(event);
}

} // namespace app
