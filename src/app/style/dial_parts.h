// What measuring and drawing share: what a widget is, and its measures in pixels. Private to the
// style.
#pragma once

#include <QLineEdit>

namespace app {

/// What a widget says it is; empty where it says nothing.
inline QByteArray roleOf(const QWidget* widget) {
    return widget ? widget->property("role").toByteArray() : QByteArray();
}

/// Measures of a button, in pixels; edge and padding come to the same whether it has the focus.
struct ButtonShape {
    int radius, across, upright; ///< the latter two from the edge to the words
    int least;                   ///< height of the words' room
};

inline ButtonShape shapeOf(const QByteArray& role) {
    if (role == "chip") return {13, 13, 5, 18};
    if (role == "bigChip") return {10, 13, 5, 42};
    return {8, 12, 8, 0};
}

inline bool isChip(const QByteArray& role) {
    return role == "chip" || role == "bigChip";
}

constexpr int kMenuLeft = 18, kMenuRight = 24, kMenuBetween = 16, kMenuUpright = 6;
constexpr int kEntryAcross = 14, kEntryUpright = 4;
constexpr int kHandle = 28, kTrack = 10; ///< of a scroll bar

/// The entry line, and no other.
inline bool isEntry(const QWidget* widget) {
    return qobject_cast<const QLineEdit*>(widget) && roleOf(widget) == "entry";
}

} // namespace app
