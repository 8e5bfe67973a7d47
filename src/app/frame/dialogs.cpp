#include "app/frame/dialogs.h"

#include <QFileDialog>
#include <QPrintDialog>
#include <QPrinter>

namespace app {

QString Dialogs::openFile(QWidget* parent, const QString& title, const QString& filter) {
    return QFileDialog::getOpenFileName(parent, title, {}, filter);
}

QString Dialogs::saveFile(QWidget* parent, const QString& title, const QString& suggested,
                          const QString& filter) {
    return QFileDialog::getSaveFileName(parent, title, suggested, filter);
}

bool Dialogs::setUpPrinter(QWidget* parent, QPrinter& printer) {
    return QPrintDialog(&printer, parent).exec() == QDialog::Accepted;
}

} // namespace app
