// What a screen reader says by itself, when it changes.
#pragma once

#include <QAccessible>
#include <QWidget>

namespace app {

/// Hears what is announced, where no screen reader is: a test's.
inline void (*hearAnnounced)(QWidget& widget) = nullptr;

/// The widget's own name or text is said at once; nothing where nobody listens.
inline void announce(QWidget& widget) {
    if (!widget.isVisible()) return;
    if (hearAnnounced) hearAnnounced(widget);
    if (!QAccessible::isActive()) return;
    QAccessibleEvent event(&widget, QAccessible::Alert);
    QAccessible::updateAccessibility(&event);
}

} // namespace app
