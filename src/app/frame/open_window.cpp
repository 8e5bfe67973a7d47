#include "app/frame/open_window.h"

#include "app/frame/arguments.h"
#include "app/frame/file_traffic.h"
#include "app/frame/main_window.h"

#include <QCryptographicHash>
#include <QDBusConnection>
#include <QDBusConnectionInterface>
#include <QDBusMessage>
#include <QDir>
#include <QFileInfo>
#include <QUrl>

namespace app {

namespace {

/// A window that is asked something answers when it has been answered; longer than that nobody
/// waits.
constexpr int kPatience_ms = 3000;

QString objectPath() {
    return QStringLiteral("/invalid/amber_lobe/AmberLobe");
}

/// One for each folder of data: books and preferences of another are not this window's.
QString nameOn(const QString& data) {
    const QByteArray folder = QDir::cleanPath(QFileInfo(data).absoluteFilePath()).toUtf8();
    return QStringLiteral("invalid.amber_lobe.AmberLobe.of_") +
           QString::fromLatin1(
               QCryptographicHash::hash(folder, QCryptographicHash::Sha256).toHex().left(16));
}

/// Where no bus is known one would be looked for by starting a program: then there is none.
bool hasBus() {
    if (qEnvironmentVariableIsEmpty("DBUS_SESSION_BUS_ADDRESS") &&
        !QFileInfo::exists(qEnvironmentVariable("XDG_RUNTIME_DIR") + QStringLiteral("/bus")))
        return false;
    return QDBusConnection::sessionBus().isConnected();
}

} // namespace

bool handedOver(const QString& data, const QStringList& words) {
    QStringList addresses;
    for (const QString& word : words) {
        const QFileInfo there(pathOf(word));
        if (!there.exists()) return false; // refused where one can read why
        addresses << QUrl::fromLocalFile(there.absoluteFilePath()).toString(QUrl::FullyEncoded);
    }
    if (addresses.isEmpty() || !hasBus()) return false;
    const auto bus = QDBusConnection::sessionBus();
    if (!bus.interface()->isServiceRegistered(nameOn(data))) return false;
    QDBusMessage call = QDBusMessage::createMethodCall(
        nameOn(data), objectPath(), QStringLiteral("org.freedesktop.Application"),
        QStringLiteral("Open"));
    QVariantMap platform;
    // By these the desktop lets the window come to the front.
    if (const auto token = qEnvironmentVariable("XDG_ACTIVATION_TOKEN"); !token.isEmpty())
        platform[QStringLiteral("activation-token")] = token;
    if (const auto id = qEnvironmentVariable("DESKTOP_STARTUP_ID"); !id.isEmpty())
        platform[QStringLiteral("desktop-startup-id")] = id;
    call << addresses << platform;
    return bus.call(call, QDBus::Block, kPatience_ms).type() == QDBusMessage::ReplyMessage;
}

OpenWindow::OpenWindow(const QString& data, MainWindow& window)
    : QDBusAbstractAdaptor(&window), window_(window) {
    if (!hasBus()) return;
    auto bus = QDBusConnection::sessionBus();
    if (!bus.registerObject(objectPath(), &window, QDBusConnection::ExportAdaptors)) return;
    name_ = nameOn(data);
    bus.interface()->registerService(name_, QDBusConnectionInterface::QueueService);
}

OpenWindow::~OpenWindow() {
    if (name_.isEmpty()) return;
    auto bus = QDBusConnection::sessionBus();
    bus.interface()->unregisterService(name_);
    bus.unregisterObject(objectPath());
}

void OpenWindow::Activate(const QVariantMap& platform) {
    const auto token = platform.value(QStringLiteral("activation-token")).toString();
    if (!token.isEmpty()) qputenv("XDG_ACTIVATION_TOKEN", token.toUtf8());
    if (window_.isMinimized()) window_.showNormal();
    window_.show();
    window_.raise();
    window_.activateWindow();
}

void OpenWindow::Open(const QStringList& uris, const QVariantMap& platform) {
    Activate(platform);
    const Arguments files = argumentsOf(uris);
    // The caller has gone on when a question about them is asked.
    QMetaObject::invokeMethod(
        &window_,
        [this, files] {
            if (!files.book.isEmpty()) window_.files().openBook(files.book);
            for (const QString& path : files.rest)
                window_.files().takeOwn(path);
        },
        Qt::QueuedConnection);
}

void OpenWindow::ActivateAction(const QString&, const QVariantList&, const QVariantMap& platform) {
    Activate(platform); // the desktop entry names none
}

} // namespace app
