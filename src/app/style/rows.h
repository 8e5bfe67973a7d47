// One way of drawing list rows: a title with a line under it on the left, a value with a note
// under it on the right. The engine's facts, the reading log and the slate all use it.
#pragma once

#include "app/style/look.h"

#include <QListWidget>
#include <QStyledItemDelegate>

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

/// A list of rows. `tall` rows have two lines. Ids survive refilling: the current row stays.
class RowList : public QListWidget {
    Q_OBJECT
public:
    RowList(const Look& look, bool tall, QWidget* parent = nullptr);

    /// In place of those shown; the current one stays by its id.
    void setRows(const QList<Row>& rows);
    Row row(int index) const;
    /// -1 for none.
    qint64 currentId() const;
    void setCurrentId(qint64 id);
    int valuePixels() const { return valuePixels_; }
    void setValuePixels(int pixels) { valuePixels_ = pixels; }
    /// Of a tall row; less shows more of them.
    int rowHeight() const { return rowHeight_; }
    void setRowHeight(int pixels) { rowHeight_ = pixels; }

signals:
    void chosen(qint64 id); ///< clicked, or Enter
    /// The Delete key on a row.
    void deletePressed(qint64 id);

protected:
    void keyPressEvent(QKeyEvent* event) override;

private:
    void setRow(int index, const Row& row);

    int valuePixels_;
    int rowHeight_ = 54;
};

} // namespace app
