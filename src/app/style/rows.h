// One way of drawing list rows: a title with a line under it on the left, a value with a note
// under it on the right. The engine's facts, the reading log and the slate all use it.
#pragma once

#include "app/style/look.h"

#include <QListView>
#include <QStyledItemDelegate>

#include <functional>

class QMimeData;

namespace app {

struct Row {
    QString title, under; ///< left
    QString value, note;  ///< right; the note is small, or beside the value in a flat row
    QString beside{};     ///< small, left of the value of a tall row: what it leaves uncertain
    QColor valueColour{}; ///< invalid: ink
    bool struck = false;  ///< faint and crossed through
    bool heading = false; ///< a section title
    bool marked = false;  ///< the row that is asked for: amber
    bool warn = false;    ///< the note wants attention
    qint64 id = 0;

    bool operator==(const Row&) const = default;
};

class RowModel;

/// A list of rows. `tall` rows have two lines. Ids survive refilling: the current row stays.
class RowList : public QListView {
    Q_OBJECT
public:
    RowList(const Look& look, bool tall, QWidget* parent = nullptr);

    /// In place of those shown; the current one stays by its id.
    void setRows(const QList<Row>& rows);
    /// The same of rows that are all alike in height and are made when they come into view: twenty
    /// thousand cost no more than a screenful. `rowAt` keeps whatever it goes by.
    void setRows(int count, std::function<Row(int)> rowAt, std::function<qint64(int)> idAt);
    int count() const;
    Row row(int index) const;
    /// All of them, a line each, parted by tabs: what Ctrl+C puts on the clipboard.
    QString text() const;
    /// -1 for none.
    int currentRow() const { return currentIndex().row(); }
    void setCurrentRow(int index);
    /// 0 for none.
    qint64 currentId() const;
    void setCurrentId(qint64 id);
    /// A log: read aloud as a table of the title, the value and the note, whose columns have these
    /// names. None at first: then it is a list.
    void setColumns(const QStringList& three) { columns_ = three; }
    const QStringList& columns() const { return columns_; }
    QString cell(int index, int column) const;
    /// The whole row as it is said.
    QString spoken(int index) const;
    /// Brings a row into view.
    void showRow(int index, ScrollHint hint = EnsureVisible);
    /// Where a row stands in the viewport.
    QRect rowRect(int index) const;
    /// Rows can be dragged elsewhere as what `dataOf` makes of an id; null for nothing.
    void setDragged(std::function<QMimeData*(qint64)> dataOf);
    int valuePixels() const { return valuePixels_; }
    void setValuePixels(int pixels) { valuePixels_ = pixels; }
    /// Of a tall row; less shows more of them.
    int rowHeight() const { return rowHeight_; }
    void setRowHeight(int pixels) { rowHeight_ = pixels; }

signals:
    void chosen(qint64 id); ///< clicked, or Enter
    /// The Delete key on a row.
    void deletePressed(qint64 id);
    /// By key, mouse or setCurrentRow; -1 for none.
    void currentRowChanged(int index);

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void currentChanged(const QModelIndex& now, const QModelIndex& before) override;
    bool viewportEvent(QEvent* event) override;

private:
    void keepCurrent(qint64 id);

    RowModel* rows_;
    int valuePixels_;
    int rowHeight_ = 54;
    QStringList columns_;
};

} // namespace app
