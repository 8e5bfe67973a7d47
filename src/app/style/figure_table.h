// Figures in rows under their heads, in blocks side by side: drawn, not laid out as text, so that
// they follow a slide that is dragged.
#pragma once

#include "app/style/look.h"
#include "desk/figure_line.h"

#include <QWidget>

namespace app {

class FigureTable : public QWidget {
    Q_OBJECT
public:
    /// With `notes` the second column is words, and a strong row is bold throughout; else it is a
    /// figure, and bold alone.
    FigureTable(const Look& look, bool notes, QWidget* parent = nullptr);

    /// Side by side in a strip of so many rows: each figure under its name, as it is above what it
    /// would be.
    void setStrip(int rows);
    /// One beside the other; keeps its size while names and widths do.
    void setBlocks(const QList<QList<FigureLine>>& blocks);
    /// All of it, row by row, columns by tabs.
    QString text() const;
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return sizeHint(); }

protected:
    void paintEvent(QPaintEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;

private:
    struct Columns {
        int name = 0, first = 0, second = 0;
        int width() const;
    };
    void paintStrip(class QPainter& p) const;
    Columns columns(const QList<FigureLine>& block) const;

    const Look& look_;
    bool notes_;
    int strip_ = 0; ///< its rows; 0: a table
    QList<QList<FigureLine>> blocks_;
};

} // namespace app
