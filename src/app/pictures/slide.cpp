#include "app/pictures/slide.h"

#include "app/style/fitted.h"
#include "words/say.h"
#include "words/setting.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>

namespace app {

namespace {
constexpr double kMargin = 46.0; ///< as the curve's axis above it
}

Slide::Slide(const Look& look, QWidget* parent) : QWidget(parent), look_(look) {
    setObjectName(QStringLiteral("slide"));
    setAccessibleName(Say::tr("Advance and retard"));
    setFocusPolicy(Qt::StrongFocus);
    setFixedHeight(54);
    connect(&look, &Look::changed, this, qOverload<>(&QWidget::update));
}

double Slide::x(double deg) const {
    return kMargin + (deg + range_) / (2.0 * range_) * (width() - 2.0 * kMargin);
}

void Slide::setValue(double deg) {
    setExactly(nearestStop(deg));
}

void Slide::setRange(double deg) {
    if (deg == range_) return;
    range_ = deg;
    setValue(value_);
    update();
}

void Slide::setExactly(double deg) {
    const double inside = std::clamp(deg, -range_, range_);
    if (inside == value_) return;
    value_ = inside;
    setAccessibleDescription(words::moveBy(value_, look_.style(), 2));
    update();
    emit moved(value_);
}

double Slide::nearestStop(double deg) const {
    if (stops_.empty()) return deg;
    return *std::min_element(stops_.begin(), stops_.end(), [deg](double a, double b) {
        return std::abs(a - deg) < std::abs(b - deg);
    });
}

void Slide::setStops(std::vector<double> stops) {
    if (stops == stops_) return;
    stops_ = std::move(stops);
    setValue(value_);
    update();
}

void Slide::setTitle(const QString& title) {
    title_ = title;
    setAccessibleName(title.isEmpty() ? Say::tr("Advance and retard")
                                      : Say::tr("Advance and retard, ") + title);
    update();
}

void Slide::stepBy(int way) {
    if (stops_.empty()) return setValue(value_ + way * 0.5);
    // The next stop that way.
    double next = value_, least = 1e9;
    for (double stop : stops_) {
        const double off = (stop - value_) * way;
        if (off <= 1e-6 || off >= least) continue;
        least = off;
        next = stop;
    }
    setValue(next);
}

void Slide::follow(double px) {
    const double deg =
        (px - kMargin) / std::max(1.0, width() - 2.0 * kMargin) * 2.0 * range_ - range_;
    setValue(std::round(deg * 10.0) / 10.0);
}

void Slide::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Theme& t = look_.theme();
    const double y = 18.0;
    p.setPen(QPen(t.edge, 6.0, Qt::SolidLine, Qt::RoundCap));
    p.drawLine(QPointF(x(-range_), y), QPointF(x(range_), y));
    p.setPen(QPen(t.amber, 6.0, Qt::SolidLine, Qt::RoundCap));
    p.drawLine(QPointF(x(0.0), y), QPointF(x(value_), y));
    p.setFont(Look::font(12));
    if (!title_.isEmpty()) {
        p.setPen(t.muted);
        p.drawText(QRectF(0, y + 17, x(-range_) + 60, 18), Qt::AlignLeft | Qt::AlignVCenter,
                   title_);
    }
    // Few enough stops are shown one by one.
    if (!stops_.empty() && stops_.size() <= 80) {
        p.setPen(QPen(t.ink, 2.0));
        for (double stop : stops_)
            p.drawLine(QPointF(x(stop), y - 6.0), QPointF(x(stop), y + 6.0));
    }
    const int most = static_cast<int>(range_), major = most > 30 ? 10 : 5;
    for (int deg = -most; deg <= most; ++deg) {
        const bool named = deg % major == 0;
        if (most > 60 && !named) continue;
        p.setPen(QPen(t.muted, named ? 1.6 : 1.0));
        p.drawLine(QPointF(x(deg), y + 8.0), QPointF(x(deg), y + (named ? 16.0 : 12.0)));
        if (!named) continue;
        p.setPen(t.muted);
        const QString number = QString::number(std::abs(deg));
        QString text = number;
        if (deg == 0) text = Say::tr("as it stands");
        if (deg == most) text = number + Say::tr(" early");
        // The title stands there.
        if (deg == -most) text = title_.isEmpty() ? number + Say::tr(" late") : QString();
        drawFitted(p, QRectF(x(deg) - 40, y + 17, 80, 18), Qt::AlignCenter, text);
    }
    p.setPen(QPen(t.ink, hasFocus() ? 3.0 : 1.6));
    p.setBrush(t.amber);
    p.drawRoundedRect(QRectF(x(value_) - 9.0, y - 14.0, 18.0, 28.0), 5.0, 5.0);
    p.setPen(QPen(t.ink, 1.2));
    p.drawLine(QPointF(x(value_), y - 8.0), QPointF(x(value_), y + 8.0));
}

void Slide::mousePressEvent(QMouseEvent* event) {
    if (event->button() == Qt::LeftButton) follow(event->position().x());
}

void Slide::mouseMoveEvent(QMouseEvent* event) {
    if (event->buttons() & Qt::LeftButton) follow(event->position().x());
}

void Slide::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
    case Qt::Key_Right:
        return stepBy(1);
    case Qt::Key_Left:
        return stepBy(-1);
    case Qt::Key_PageUp:
        return setValue(value_ + 5.0);
    case Qt::Key_PageDown:
        return setValue(value_ - 5.0);
    case Qt::Key_Home:
        return setValue(0.0);
    default:
        QWidget::keyPressEvent(event);
    }
}

void Slide::focusInEvent(QFocusEvent* event) {
    QWidget::focusInEvent(event);
    update();
}

void Slide::focusOutEvent(QFocusEvent* event) {
    QWidget::focusOutEvent(event);
    update();
}

} // namespace app
