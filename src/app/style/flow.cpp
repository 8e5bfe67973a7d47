#include "app/style/flow.h"

#include <QStyle>
#include <QWidget>

namespace app {

FlowLayout::FlowLayout(int spacing) {
    setSpacing(spacing);
    setContentsMargins(0, 0, 0, 0);
}

FlowLayout::~FlowLayout() {
    qDeleteAll(items_);
}

QLayoutItem* FlowLayout::takeAt(int index) {
    return index >= 0 && index < items_.size() ? items_.takeAt(index) : nullptr;
}

QSize FlowLayout::sizeHint() const {
    QSize all(0, 0);
    for (QLayoutItem* item : items_) {
        const QSize one = item->sizeHint();
        if (item->spacerItem()) all.rwidth() += one.width() + spacing();
        if (item->isEmpty()) continue;
        all = {all.width() + one.width() + (all.width() > 0 ? spacing() : 0),
               std::max(all.height(), one.height())};
    }
    return all;
}

QSize FlowLayout::minimumSize() const {
    QSize most(0, 0);
    for (const QLayoutItem* item : items_)
        if (!item->isEmpty()) most = most.expandedTo(item->minimumSize());
    return most;
}

void FlowLayout::setGeometry(const QRect& room) {
    QLayout::setGeometry(room);
    lay(room, true);
}

int FlowLayout::lay(const QRect& room, bool place) const {
    const Qt::LayoutDirection direction =
        parentWidget() ? parentWidget()->layoutDirection() : Qt::LeftToRight;
    int x = room.left(), y = room.top(), high = 0;
    for (QLayoutItem* item : items_) {
        const QSize one = item->sizeHint();
        if (item->spacerItem()) x += one.width() + spacing();
        if (item->isEmpty()) continue;
        if (x > room.left() && x + one.width() > room.right() + 1) {
            x = room.left();
            y += high + spacing();
            high = 0;
        }
        if (place) item->setGeometry(QStyle::visualRect(direction, room, QRect(QPoint(x, y), one)));
        x += one.width() + spacing();
        high = std::max(high, one.height());
    }
    return y + high - room.top();
}

} // namespace app
