#include "app/frame/dialogs.h"

#include "words/say.h"

#include <QFileDialog>
#include <QMessageBox>
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

bool Dialogs::confirm(QWidget* parent, const QString& question) {
    return QMessageBox::question(parent, Say::tr("Amber Lobe"), question,
                                 QMessageBox::Yes | QMessageBox::No,
                                 QMessageBox::No) == QMessageBox::Yes;
}

bool Dialogs::setUpPrinter(QWidget* parent, QPrinter& printer) {
    return QPrintDialog(&printer, parent).exec() == QDialog::Accepted;
}

} // namespace app
