// A file that is opened a second time goes into the window that stands open: over the desktop's
// bus, as org.freedesktop.Application, one name for each folder of data. Without a bus, and where
// no window answers, every start shows its own.
#pragma once

#include <QDBusAbstractAdaptor>
#include <QObject>
#include <QStringList>
#include <QVariantMap>

namespace app {

class MainWindow;

/// True when the open window of that data folder took every file; `words` are as on the command
/// line, and one that is not there is nothing to hand over. Needs an application object.
bool handedOver(const QString& data, const QStringList& words);

/// Makes a window the one that takes them, or the next in turn after those open already.
class OpenWindow : public QDBusAbstractAdaptor {
    Q_OBJECT
    Q_CLASSINFO("D-Bus Interface", "org.freedesktop.Application")
public:
    /// The window outlives it.
    OpenWindow(const QString& data, MainWindow& window);
    ~OpenWindow() override;

public slots:
    // The names and arguments are the specification's.
    void Activate(const QVariantMap& platform);
    void Open(const QStringList& uris, const QVariantMap& platform);
    void ActivateAction(const QString& action, const QVariantList& parameter,
                        const QVariantMap& platform);

private:
    MainWindow& window_;
    QString name_; ///< on the bus; empty without one
};

} // namespace app
