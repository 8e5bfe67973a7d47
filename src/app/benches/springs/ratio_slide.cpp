#include "app/benches/springs/ratio_slide.h"

#include "app/style/shrinking.h"
#include "words/say.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>

namespace app {

namespace {
constexpr double kLeastRatio = 1.0, kMostRatio = 2.0, kScaleMargin = 16.0, kScaleLine = 14.0;
} // namespace

RatioSlide::RatioSlide(const Look& look, QWidget* parent) : QWidget(parent), look_(look) {
    setObjectName(QStringLiteral("ratioSlide"));
    setAccessibleName(Say::tr("Rocker ratio to try"));
    setFocusPolicy(Qt::StrongFocus);
    setFixedHeight(48);
    connect(&look, &Look::changed, this, qOverload<>(&QWidget::update));
}

void RatioSlide::setState(double fitted, std::optional<double> tried) {
    if (fitted == fitted_ && tried == tried_) return;
    fitted_ = fitted;
    tried_ = tried;
    setAccessibleDescription(words::fixed(value(), 2, look_.style()));
    update();
}

double RatioSlide::x(double ratio) const {
    return kScaleMargin + (std::clamp(ratio, kLeastRatio, kMostRatio) - kLeastRatio) /
                              (kMostRatio - kLeastRatio) * (width() - 2.0 * kScaleMargin);
}

void RatioSlide::put(double ratio) {
    const double to = std::round(std::clamp(ratio, kLeastRatio, kMostRatio) * 100.0) / 100.0;
    if (tried_ && to == *tried_) return;
    emit moved(std::abs(to - fitted_) < 0.005 ? std::nullopt : std::optional(to));
}

void RatioSlide::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Theme& t = look_.theme();
    p.setPen(QPen(t.edge, 6.0, Qt::SolidLine, Qt::RoundCap));
    p.drawLine(QPointF(x(kLeastRatio), kScaleLine), QPointF(x(kMostRatio), kScaleLine));
    p.setPen(QPen(t.amber, 6.0, Qt::SolidLine, Qt::RoundCap));
    p.drawLine(QPointF(x(fitted_), kScaleLine), QPointF(x(value()), kScaleLine));
    p.setPen(QPen(t.muted, 1.2));
    for (int tenth = 10; tenth <= 20; ++tenth)
        p.drawLine(QPointF(x(tenth / 10.0), kScaleLine + 7.0),
                   QPointF(x(tenth / 10.0), kScaleLine + 11.0));
    p.setPen(QPen(t.ink, hasFocus() ? 3.0 : 1.6));
    p.setBrush(t.amber);
    p.drawRoundedRect(QRectF(x(value()) - 7.0, kScaleLine - 11.0, 14.0, 22.0), 4.0, 4.0);
    p.setFont(Look::font(12));
    p.setPen(t.muted);
    const words::Style& style = look_.style();
    drawFitted(p, QRectF(4, 28, width() - 8, 18), Qt::AlignHCenter | Qt::AlignVCenter,
               tried_ ? Say::tr("rockers of %1 tried; fitted %2")
                            .arg(words::fixed(*tried_, 2, style), words::fixed(fitted_, 2, style))
                      : Say::tr("rockers of %1, fitted").arg(words::fixed(fitted_, 2, style)));
}

void RatioSlide::mousePressEvent(QMouseEvent* event) {
    if (event->button() != Qt::LeftButton) return;
    put(kLeastRatio + (event->position().x() - kScaleMargin) /
                          std::max(1.0, width() - 2.0 * kScaleMargin) * (kMostRatio - kLeastRatio));
}

void RatioSlide::mouseMoveEvent(QMouseEvent* event) {
    if (event->buttons() & Qt::LeftButton)
        put(kLeastRatio + (event->position().x() - kScaleMargin) /
                              std::max(1.0, width() - 2.0 * kScaleMargin) *
                              (kMostRatio - kLeastRatio));
}

void RatioSlide::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
    case Qt::Key_Right:
        return put(value() + 0.01);
    case Qt::Key_Left:
        return put(value() - 0.01);
    case Qt::Key_PageUp:
        return put(value() + 0.05);
    case Qt::Key_PageDown:
        return put(value() - 0.05);
    case Qt::Key_Home:
        emit moved(std::nullopt);
        return;
    default:
        QWidget::keyPressEvent(event);
    }
}

void RatioSlide::focusInEvent(QFocusEvent* event) {
    QWidget::focusInEvent(event);
    update();
}

void RatioSlide::focusOutEvent(QFocusEvent* event) {
    QWidget::focusOutEvent(event);
    update();
}

} // namespace app
