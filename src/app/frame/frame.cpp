#include "app/frame/frame.h"

#include <QEvent>
#include <QStyle>

namespace app {

void Frame::setBench(QWidget* bench, bool slate) {
    if (bench == current_) return;
    slate_ = slate;
    parts_.slate->setVisible(slate_ && !atStand_);
    if (current_) current_->hide();
    current_ = bench;
    place();
    bench->setVisible(!atStand_);
}

void Frame::setAtStand(bool on) {
    atStand_ = on;
    parts_.route->setVisible(!on);
    parts_.slate->setVisible(!on && slate_);
    if (current_) current_->setVisible(!on);
    parts_.stand->setVisible(on);
    place();
}

void Frame::place() {
    // Both say how high they want to be.
    const int top = parts_.top->minimumHeight(), below = parts_.entry->minimumHeight();
    // A small window gives the bench what route and slate can spare.
    const bool small = width() < 1150;
    const int left = atStand_ ? 0
                     : small  ? 172
                              : 214,
              right = atStand_ || !slate_ ? 0
                      : small             ? 234
                                          : 254;
    const int middle = height() - top - below, benchWidth = width() - left - right;
    const auto lay = [this](QWidget* part, const QRect& at) {
        part->setGeometry(QStyle::visualRect(layoutDirection(), rect(), at));
    };
    lay(parts_.top, {0, 0, width(), top});
    lay(parts_.entry, {0, height() - below, width(), below});
    lay(parts_.route, {0, top, left, middle});
    lay(parts_.slate, {width() - right, top, right, middle});
    int message = 0;
    if (!parts_.message->isHidden()) {
        message = parts_.message->heightForWidth(benchWidth);
        lay(parts_.message, {left, top, benchWidth, message});
    }
    lay(parts_.stand, {0, top + message, width(), middle - message});
    if (current_) lay(current_, {left, top + message, benchWidth, middle - message});
}

void Frame::resizeEvent(QResizeEvent*) {
    place();
}

void Frame::changeEvent(QEvent* event) {
    QWidget::changeEvent(event);
    if (event->type() == QEvent::LayoutDirectionChange) place();
}

} // namespace app
