#include "app/style/figure_table.h"

#include "app/style/clipboard.h"
#include "app/style/shrinking.h"
#include "words/say.h"

#include <QAction>
#include <QFontMetrics>
#include <QKeyEvent>
#include <QPainter>

#include <algorithm>

namespace app {

namespace {
constexpr int kRowHeight = 19, kGap = 14, kBetweenColumns = 26, kPixels = 13;
constexpr int kNameHigh = 15, kFigure = 20; ///< rows of the strip
} // namespace

FigureTable::FigureTable(const Look& look, bool notes, QWidget* parent)
    : QWidget(parent), look_(look), notes_(notes) {
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(Say::tr("Figures"));
    setContextMenuPolicy(Qt::ActionsContextMenu);
    auto* copy = new QAction(Say::tr("Copy"), this);
    addAction(copy);
    connect(copy, &QAction::triggered, this, [this] { toClipboard(text(), *this); });
    connect(&look, &Look::changed, this, qOverload<>(&QWidget::update));
}

void FigureTable::keyPressEvent(QKeyEvent* event) {
    if (event->matches(QKeySequence::Copy)) return toClipboard(text(), *this);
    QWidget::keyPressEvent(event);
}

void FigureTable::focusInEvent(QFocusEvent* event) {
    QWidget::focusInEvent(event);
    update();
}

void FigureTable::focusOutEvent(QFocusEvent* event) {
    QWidget::focusOutEvent(event);
    update();
}

int FigureTable::Columns::width() const {
    return name + kGap + first + kGap + second;
}

FigureTable::Columns FigureTable::columns(const QList<FigureLine>& block) const {
    // As wide as if all were bold, so that nothing shifts when a figure changes.
    const QFontMetrics bold(Look::font(kPixels, true));
    Columns c;
    for (const FigureLine& line : block) {
        // A line without figures may run over their columns.
        if (line.first.isEmpty() && line.second.isEmpty()) continue;
        c.name = std::max(c.name, bold.horizontalAdvance(line.name));
        c.first = std::max(c.first, bold.horizontalAdvance(line.first));
        c.second = std::max(c.second, bold.horizontalAdvance(line.second));
    }
    for (const FigureLine& line : block)
        c.name =
            std::max(c.name, bold.horizontalAdvance(line.name) - c.first - c.second - 2 * kGap);
    return c;
}

void FigureTable::setBlocks(const QList<QList<FigureLine>>& blocks) {
    if (blocks == blocks_) return;
    const QSize before = sizeHint();
    blocks_ = blocks;
    if (sizeHint() != before) updateGeometry();
    setAccessibleDescription(text());
    update();
}

QString FigureTable::text() const {
    QStringList rows;
    for (const auto& block : blocks_)
        for (const FigureLine& line : block)
            rows << line.name + QLatin1Char('\t') + line.first + QLatin1Char('\t') + line.second;
    return rows.join(QLatin1Char('\n'));
}

void FigureTable::setStrip(int rows) {
    if (rows == strip_) return;
    strip_ = rows;
    updateGeometry();
    update();
}

QSize FigureTable::sizeHint() const {
    if (strip_ > 0) return {300, strip_ * (2 * kNameHigh + 2 * kFigure + 4)};
    int width = 0;
    qsizetype rows = 0;
    for (const auto& block : blocks_) {
        width += columns(block).width() + (width > 0 ? kBetweenColumns : 0);
        rows = std::max(rows, block.size());
    }
    return {width + 4, static_cast<int>(rows) * kRowHeight};
}

void FigureTable::paintStrip(QPainter& p) const {
    const Theme& t = look_.theme();
    QList<FigureLine> cells;
    QStringList words; // lines without figures, under one another at the end
    QString now, then;
    for (const auto& block : blocks_)
        for (const FigureLine& line : block) {
            if (line.head && now.isEmpty()) {
                now = line.first;
                then = line.second;
            } else if (!line.head) {
                line.first.isEmpty() && line.second.isEmpty() ? void(words << line.name)
                                                              : void(cells << line);
            }
        }
    if (cells.isEmpty()) {
        p.setFont(Look::font(13));
        p.setPen(t.ink);
        p.drawText(rect(), static_cast<int>(Qt::AlignLeft | Qt::AlignTop) | Qt::TextWordWrap,
                   words.join(QLatin1Char(' ')));
        return;
    }
    constexpr int kLead = 36, kTail = 92, kHigh = 2 * kNameHigh + 2 * kFigure + 4;
    const int tail = words.isEmpty() ? 0 : kTail;
    const int each = (static_cast<int>(cells.size()) + strip_ - 1) / strip_;
    const int wide = (width() - kLead - tail) / each;
    for (int i = 0; i < cells.size(); ++i) {
        const FigureLine& cell = cells[i];
        const int left = kLead + (i % each) * wide, top = (i / each) * kHigh;
        if (i % each == 0) {
            p.setFont(Look::font(12));
            p.setPen(t.muted);
            drawFitted(p, QRect(2, top + 2 * kNameHigh, kLead, kFigure),
                       Qt::AlignLeft | Qt::AlignVCenter, now);
            drawFitted(p, QRect(2, top + 2 * kNameHigh + kFigure, kLead, kFigure),
                       Qt::AlignLeft | Qt::AlignVCenter, then);
        }
        p.setFont(Look::font(11));
        p.setPen(t.muted);
        drawFitted(p, QRect(left, top, wide - 3, 2 * kNameHigh),
                   static_cast<int>(Qt::AlignRight | Qt::AlignBottom) | Qt::TextWordWrap,
                   cell.name);
        p.setPen(t.ink);
        p.setFont(Look::font(kPixels));
        p.drawText(QRect(left, top + 2 * kNameHigh, wide - 6, kFigure),
                   Qt::AlignRight | Qt::AlignVCenter, cell.first);
        p.setFont(Look::font(15, cell.strong));
        p.drawText(QRect(left, top + 2 * kNameHigh + kFigure, wide - 6, kFigure),
                   Qt::AlignRight | Qt::AlignVCenter, cell.second);
    }
    if (words.isEmpty()) return;
    p.setFont(Look::font(12));
    p.setPen(t.muted);
    drawFitted(p, QRect(width() - tail + 8, 0, tail - 8, height()),
               static_cast<int>(Qt::AlignLeft | Qt::AlignVCenter) | Qt::TextWordWrap,
               words.join(QLatin1Char('\n')));
}

void FigureTable::paintEvent(QPaintEvent*) {
    QPainter p(this);
    const Theme& t = look_.theme();
    if (hasFocus()) {
        p.setPen(QPen(t.amberLine, 1.0));
        p.drawRect(rect().adjusted(0, 0, -1, -1));
    }
    if (strip_ > 0) return paintStrip(p);
    // In a language with longer words all of it is a little smaller.
    if (const double needed = sizeHint().width(); needed > width())
        p.scale(width() / needed, width() / needed);
    int left = 2;
    for (const auto& block : blocks_) {
        const Columns c = columns(block);
        int y = 0;
        for (const FigureLine& line : block) {
            const bool figures = !line.first.isEmpty() || !line.second.isEmpty();
            p.setPen(line.head ? t.muted : t.ink);
            p.setFont(Look::font(kPixels, line.strong && notes_));
            p.drawText(QRect(left, y, figures ? c.name : c.width(), kRowHeight),
                       Qt::AlignLeft | Qt::AlignVCenter, line.name);
            p.drawText(QRect(left + c.name + kGap, y, c.first, kRowHeight),
                       Qt::AlignRight | Qt::AlignVCenter, line.first);
            p.setFont(Look::font(kPixels, line.strong && !notes_));
            const auto side = notes_ ? Qt::AlignLeft : Qt::AlignRight;
            p.drawText(QRect(left + c.name + c.first + 2 * kGap, y, c.second, kRowHeight),
                       static_cast<int>(side) | static_cast<int>(Qt::AlignVCenter), line.second);
            y += kRowHeight;
        }
        left += c.width() + kBetweenColumns;
    }
}

} // namespace app
