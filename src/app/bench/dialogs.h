// The seam for file dialogs and printing: tests answer without one popping up.
#pragma once

#include <QString>

class QWidget;
class QPrinter;

namespace app {

class Dialogs {
public:
    virtual ~Dialogs() = default;
    /// An existing file, or empty when cancelled.
    virtual QString openFile(QWidget* parent, const QString& title, const QString& filter);
    /// A file to write, or empty when cancelled.
    virtual QString saveFile(QWidget* parent, const QString& title, const QString& suggested,
                             const QString& filter);
    /// A question that something is lost by; true when it is to be done.
    virtual bool confirm(QWidget* parent, const QString& question);
    /// Shows a folder as the desktop does.
    virtual void showFolder(const QString& path);
    /// Lets the user set up a printer; false when cancelled.
    virtual bool setUpPrinter(QWidget* parent, QPrinter& printer);
};

} // namespace app
