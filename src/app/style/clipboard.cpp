#include "app/style/clipboard.h"

#include <QApplication>
#include <QClipboard>
#include <QMimeData>
#include <QPixmap>
#include <QWidget>

namespace app {

void toClipboard(const QString& text, const QImage& picture) {
    auto* data = new QMimeData; // the clipboard's from here on
    if (!text.isEmpty()) data->setText(text);
    if (!picture.isNull()) data->setImageData(picture);
    QApplication::clipboard()->setMimeData(data);
}

void toClipboard(const QString& text, QWidget& widget) {
    toClipboard(text, widget.grab().toImage());
}

} // namespace app
