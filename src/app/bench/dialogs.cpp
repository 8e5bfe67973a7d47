#include "app/bench/dialogs.h"

#include "words/say.h"

#include <QDesktopServices>
#include <QFileDialog>
#include <QMessageBox>
#include <QPrintDialog>
#include <QPrinter>
#include <QUrl>

namespace app {

namespace {
/// One at a time: what is asked for within another waits for nothing and is not asked.
bool asking = false;
struct Open {
    Open() { asking = true; }
    ~Open() { asking = false; }
};
} // namespace

QString Dialogs::openFile(QWidget* parent, const QString& title, const QString& filter) {
    if (asking) return {};
    const Open now;
    return QFileDialog::getOpenFileName(parent, title, {}, filter);
}

QString Dialogs::saveFile(QWidget* parent, const QString& title, const QString& suggested,
                          const QString& filter) {
    if (asking) return {};
    const Open now;
    return QFileDialog::getSaveFileName(parent, title, suggested, filter);
}

bool Dialogs::confirm(QWidget* parent, const QString& question) {
    if (asking) return false;
    const Open now;
    QMessageBox box(QMessageBox::Question, Say::tr("Amber Lobe"), question,
                    QMessageBox::Yes | QMessageBox::No, parent);
    box.setTextFormat(Qt::PlainText);
    box.setDefaultButton(QMessageBox::No);
    return box.exec() == QMessageBox::Yes;
}

void Dialogs::showFolder(const QString& path) {
    QDesktopServices::openUrl(QUrl::fromLocalFile(path));
}

bool Dialogs::setUpPrinter(QWidget* parent, QPrinter& printer) {
    if (asking) return false;
    const Open now;
    return QPrintDialog(&printer, parent).exec() == QDialog::Accepted;
}

} // namespace app
