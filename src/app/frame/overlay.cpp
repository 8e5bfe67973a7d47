#include "app/frame/overlay.h"

#include <QAbstractButton>
#include <QAction>
#include <QApplication>
#include <QKeyEvent>
#include <QPainter>
#include <QPointer>

namespace app {

Overlay::Overlay(const Look& look, QWidget* parent) : QWidget(parent), look_(look) {
    setFocusPolicy(Qt::StrongFocus);
    hide();
    parent->installEventFilter(this);
    connect(&look, &Look::changed, this, qOverload<>(&QWidget::update));
}

void Overlay::show() {
    before_ = QApplication::focusWidget();
    setGeometry(parentWidget()->rect());
    place();
    raise();
    QWidget::show();
    setFocus();
}

void Overlay::close() {
    hide();
    // The widget may be hidden by now: then whoever shows something else gives the focus.
    for (QWidget* w : parentWidget()->findChildren<QWidget*>())
        if (w == before_ && w->isVisible()) w->setFocus();
    before_ = nullptr;
}

bool Overlay::event(QEvent* event) {
    if (event->type() != QEvent::ShortcutOverride) return QWidget::event(event);
    const auto* key = static_cast<QKeyEvent*>(event);
    const QKeySequence pressed(key->keyCombination());
    for (QAction* action : window()->actions()) {
        if (!action->shortcuts().contains(pressed)) continue;
        // What leads elsewhere closes the page and goes there; the rest waits until it is closed.
        if (!action->property("leads").toBool()) continue;
        close();
        event->ignore();
        return false;
    }
    // The underlined letters of what stands on the page.
    for (const QAbstractButton* button : findChildren<QAbstractButton*>())
        if (button->isVisible() && button->isEnabled() && button->shortcut() == pressed) {
            event->ignore();
            return false;
        }
    event->accept();
    return true;
}

void Overlay::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape) close();
    event->accept();
}

void Overlay::mousePressEvent(QMouseEvent* event) {
    if (!box().contains(event->pos())) close();
}

void Overlay::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.fillRect(rect(), QColor(0, 0, 0, 140));
    p.setPen(QPen(look_.theme().amber, 2.0));
    p.setBrush(look_.theme().plate);
    p.drawRoundedRect(box(), 12, 12);
}

bool Overlay::eventFilter(QObject* watched, QEvent* event) {
    if (watched == parentWidget() && event->type() == QEvent::Resize && isVisible()) {
        setGeometry(parentWidget()->rect());
        place();
    }
    return QWidget::eventFilter(watched, event);
}

} // namespace app
