#include "app/frame/placing.h"

#include <QEvent>
#include <QGuiApplication>
#include <QScreen>
#include <QTimer>

#include <algorithm>

namespace app {

namespace {
/// What frames usually take beside a window, and above and below it together; pixels.
constexpr int kBeside = 8, kAbove = 40;
/// A window manager answers within a few events, and may answer twice.
constexpr int kLooks = 20, kSettled_ms = 120;
} // namespace

QString screenWord(const QScreen* screen) {
    if (!screen) return {};
    const QSize size = screen->size() * screen->devicePixelRatio();
    return QStringLiteral("%1 %2x%3").arg(screen->name()).arg(size.width()).arg(size.height());
}

QScreen* screenCalled(const QString& word) {
    for (QScreen* screen : QGuiApplication::screens())
        if (screenWord(screen) == word) return screen;
    return QGuiApplication::primaryScreen();
}

Placing::Placing(QWidget& window, const QSize& wanted, const QSize& least, const QByteArray& shape)
    : QObject(&window), window_(window), least_(least) {
    // Without a screen there is nothing to stand within.
    if (QGuiApplication::platformName() == QLatin1String("offscreen")) {
        window.setMinimumSize(least);
        window.resize(wanted);
        if (!shape.isEmpty()) window.restoreGeometry(shape);
        return;
    }
    const QSize room = free().size() - QSize(kBeside, kAbove);
    window.setMinimumSize(least.boundedTo(room));
    if (shape.isEmpty() || !window.restoreGeometry(shape)) window.resize(wanted.boundedTo(room));
    if (!window.isMaximized() && !window.isFullScreen())
        window.resize(window.size().boundedTo(room));
    window.installEventFilter(this);
}

QRect Placing::free() const {
    return window_.screen() ? window_.screen()->availableGeometry() : QRect(0, 0, 1280, 800);
}

bool Placing::eventFilter(QObject* watched, QEvent* event) {
    switch (event->type()) {
    case QEvent::Show:
    case QEvent::Move:
    case QEvent::Resize:
        if (looks_ < kLooks && window_.isVisible()) {
            ++looks_;
            QTimer::singleShot(kSettled_ms, this, &Placing::within);
        }
        break;
    // What is done by hand stays as it is.
    case QEvent::NonClientAreaMouseButtonPress:
    case QEvent::MouseButtonPress:
    case QEvent::KeyPress:
        looks_ = kLooks;
        window_.removeEventFilter(this);
        break;
    default:
        break;
    }
    return QObject::eventFilter(watched, event);
}

void Placing::within() {
    if (window_.isMaximized() || window_.isFullScreen() || window_.isMinimized()) return;
    const QRect room = free(), frame = window_.frameGeometry();
    if (room.contains(frame)) return;
    const QSize around = frame.size() - window_.size();
    const QSize most = room.size() - around;
    window_.setMinimumSize(least_.boundedTo(most));
    const QSize size = window_.size().boundedTo(most);
    if (size != window_.size()) window_.resize(size);
    const QSize whole = size + around;
    const QPoint at(std::clamp(frame.left(), room.left(), room.right() + 1 - whole.width()),
                    std::clamp(frame.top(), room.top(), room.bottom() + 1 - whole.height()));
    if (at != frame.topLeft()) window_.move(at);
}

} // namespace app
