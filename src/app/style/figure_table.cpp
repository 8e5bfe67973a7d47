#include "app/style/figure_table.h"

#include <QFontMetrics>
#include <QPainter>

#include <algorithm>

namespace app {

namespace {
constexpr int kRow = 19, kGap = 14, kBetween = 26, kPixels = 13;
} // namespace

FigureTable::FigureTable(const Look& look, bool notes, QWidget* parent)
    : QWidget(parent), look_(look), notes_(notes) {
    connect(&look, &Look::changed, this, qOverload<>(&QWidget::update));
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

QSize FigureTable::sizeHint() const {
    int width = 0;
    qsizetype rows = 0;
    for (const auto& block : blocks_) {
        width += columns(block).width() + (width > 0 ? kBetween : 0);
        rows = std::max(rows, block.size());
    }
    return {width + 4, static_cast<int>(rows) * kRow};
}

void FigureTable::paintEvent(QPaintEvent*) {
    QPainter p(this);
    const Theme& t = look_.theme();
    int left = 2;
    for (const auto& block : blocks_) {
        const Columns c = columns(block);
        int y = 0;
        for (const FigureLine& line : block) {
            const bool figures = !line.first.isEmpty() || !line.second.isEmpty();
            p.setPen(line.head ? t.muted : t.ink);
            p.setFont(Look::font(kPixels, line.strong && notes_));
            p.drawText(QRect(left, y, figures ? c.name : c.width(), kRow),
                       Qt::AlignLeft | Qt::AlignVCenter, line.name);
            p.drawText(QRect(left + c.name + kGap, y, c.first, kRow),
                       Qt::AlignRight | Qt::AlignVCenter, line.first);
            p.setFont(Look::font(kPixels, line.strong && !notes_));
            const auto side = notes_ ? Qt::AlignLeft : Qt::AlignRight;
            p.drawText(QRect(left + c.name + c.first + 2 * kGap, y, c.second, kRow),
                       static_cast<int>(side) | static_cast<int>(Qt::AlignVCenter), line.second);
            y += kRow;
        }
        left += c.width() + kBetween;
    }
}

} // namespace app
