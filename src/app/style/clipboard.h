// Whatever is copied stands on the clipboard twice: as text for a spreadsheet or a letter, and as
// the picture of it.
#pragma once

#include <QImage>
#include <QString>

class QWidget;

namespace app {

/// Columns of `text` are parted by tabs.
void toClipboard(const QString& text, const QImage& picture);
/// The text of a widget, and what it looks like.
void toClipboard(const QString& text, QWidget& widget);

} // namespace app
