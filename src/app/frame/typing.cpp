#include "app/frame/typing.h"

#include "app/frame/entry_bar.h"
#include "app/frame/overlay.h"

#include <QApplication>
#include <QKeyEvent>

namespace app {

Typing::Typing(EntryLine* line) : QObject(line), line_(line) {
    qApp->installEventFilter(this);
}

bool Typing::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() != QEvent::KeyPress || watched == line_) return false;
    auto* widget = qobject_cast<QWidget*>(watched);
    if (!widget || widget->window() != line_->window() || QApplication::activePopupWidget())
        return false;
    const auto* key = static_cast<QKeyEvent*>(event);
    const bool digit = key->text().size() == 1 && key->text().at(0).isDigit();
    if (!digit || (key->modifiers() & (Qt::ControlModifier | Qt::AltModifier))) return false;
    for (QWidget* w = widget; w; w = w->parentWidget())
        if (qobject_cast<Overlay*>(w) || qobject_cast<QLineEdit*>(w)) return false;
    line_->setFocus();
    QKeyEvent again(QEvent::KeyPress, key->key(), key->modifiers(), key->text());
    QApplication::sendEvent(line_, &again);
    return true;
}

} // namespace app
