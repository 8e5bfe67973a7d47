#include "app/pictures/picture.h"

#include "app/style/clipboard.h"
#include "app/style/label.h"
#include "book/files.h"
#include "words/say.h"

#include <QAction>
#include <QBuffer>
#include <QPainter>
#include <QPrinter>
#include <QSvgGenerator>
#include <QToolTip>

namespace app {

QString savePicture(const QString& path, const QSize& size, const DrawFunction& draw) {
    // A picture never goes over a book or a device.
    if (const QString why = book::refusesExport(path, {}); !why.isEmpty()) return why;
    QByteArray bytes;
    QBuffer file(&bytes);
    file.open(QIODevice::WriteOnly);
    if (path.endsWith(QLatin1String(".svg"), Qt::CaseInsensitive)) {
        QSvgGenerator svg;
        svg.setOutputDevice(&file);
        svg.setSize(size);
        svg.setViewBox(QRect({}, size));
        QPainter painter(&svg);
        draw(painter, size);
    } else {
        // Twice the size on screen, so that it prints crisply.
        QImage image(size * 2, QImage::Format_ARGB32_Premultiplied);
        image.setDevicePixelRatio(2.0);
        image.fill(Qt::white);
        QPainter painter(&image);
        draw(painter, size);
        painter.end();
        image.save(&file, "PNG");
    }
    return book::saveWhole(path, bytes);
}

void addPictureMenu(QWidget* widget, const QString& name, Dialogs& dialogs, DrawFunction draw,
                    std::function<QString()> text) {
    widget->setContextMenuPolicy(Qt::ActionsContextMenu);
    const auto add = [&](const QString& does, const QKeySequence& keys, std::function<void()> act) {
        auto* action = new QAction(does, widget);
        action->setShortcut(keys);
        action->setShortcutContext(Qt::WidgetShortcut);
        QObject::connect(action, &QAction::triggered, widget, std::move(act));
        widget->addAction(action);
    };
    add(Say::tr("Save picture…"), QKeySequence(QStringLiteral("Ctrl+Alt+S")), [=, &dialogs] {
        const QString path =
            dialogs.saveFile(widget, Say::tr("Save picture"), name + QStringLiteral(".svg"),
                             Say::tr("Pictures (*.svg *.png)"));
        if (path.isEmpty()) return;
        const QString why = savePicture(path, widget->size(), draw);
        if (!why.isEmpty())
            QToolTip::showText(widget->mapToGlobal(QPoint(20, 20)),
                               tipOf(path + QStringLiteral(": ") + why), widget);
    });
    add(Say::tr("Copy picture"), QKeySequence::Copy, [=] {
        QImage image(widget->size() * 2, QImage::Format_ARGB32_Premultiplied);
        image.setDevicePixelRatio(2.0);
        image.fill(Qt::white);
        QPainter painter(&image);
        draw(painter, widget->size());
        painter.end();
        toClipboard(text(), image);
    });
    add(Say::tr("Print picture…"), QKeySequence(QStringLiteral("Ctrl+Alt+P")), [=, &dialogs] {
        QPrinter printer(QPrinter::HighResolution);
        if (!dialogs.setUpPrinter(widget, printer)) return;
        QPainter painter(&printer);
        const QSizeF page = printer.pageRect(QPrinter::DevicePixel).size();
        const QSizeF fit = QSizeF(widget->size()).scaled(page, Qt::KeepAspectRatio);
        painter.scale(fit.width() / widget->width(), fit.height() / widget->height());
        draw(painter, widget->size());
    });
}

Picture::Picture(const Look& look, Dialogs& dialogs, const QString& name, QWidget* parent)
    : QWidget(parent), look_(look) {
    setFocusPolicy(Qt::StrongFocus);
    addPictureMenu(
        this, name, dialogs, [this](QPainter& p, const QSizeF& size) { draw(p, size); },
        [this] { return text(); });
    connect(&look, &Look::changed, this, qOverload<>(&QWidget::update));
}

QString Picture::text() const {
    return QStringList{accessibleName(), accessibleDescription()}.join(QLatin1Char('\n')).trimmed();
}

void Picture::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    // An engine has no reading direction.
    painter.setLayoutDirection(Qt::LeftToRight);
    draw(painter, size());
    if (hasFocus()) {
        painter.setPen(QPen(theme().amberLine, 2.0));
        painter.setBrush(Qt::NoBrush);
        painter.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 6, 6);
    }
}

} // namespace app
