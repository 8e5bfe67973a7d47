#include "app/pictures/slide.h"

#include "app/style/shrinking.h"
#include "core/angle/processor.h"
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
    const double range = state_.range_deg();
    return kMargin + (deg + range) / (2.0 * range) * (width() - 2.0 * kMargin);
}

void Slide::describe() {
    setAccessibleDescription(words::moveBy(value(), look_.style(), 2));
    update();
}

void Slide::settle(double before) {
    if (value() == before) return update();
    describe();
    lobe::letGoOfVectors(); // much is worked out at every step, and painted in between
    emit moved(value());
}

void Slide::setState(const SlideState& state) {
    if (state == state_) return;
    state_ = state;
    describe();
}

void Slide::setValue(double deg) {
    const double before = value();
    state_.setValue(deg);
    settle(before);
}

void Slide::setExactly(double deg) {
    const double before = value();
    state_.setExactly(deg);
    settle(before);
}

void Slide::setRange(double deg) {
    const double before = value();
    state_.setRange(deg);
    settle(before);
}

void Slide::setStops(std::vector<double> stops) {
    const double before = value();
    state_.setStops(std::move(stops));
    settle(before);
}

void Slide::setTitle(const QString& title) {
    title_ = title;
    setAccessibleName(title.isEmpty() ? Say::tr("Advance and retard")
                                      : Say::tr("Advance and retard, ") + title);
    update();
}

void Slide::stepBy(int way) {
    if (state_.stops().empty()) return setValue(value() + way * 0.5);
    // The next stop that way.
    double next = value(), least = 1e9;
    for (double stop : state_.stops()) {
        const double off = (stop - value()) * way;
        if (off <= 1e-6 || off >= least) continue;
        least = off;
        next = stop;
    }
    setValue(next);
}

void Slide::follow(double px) {
    const double deg =
        (px - kMargin) / std::max(1.0, width() - 2.0 * kMargin) * 2.0 * state_.range_deg() -
        state_.range_deg();
    setValue(std::round(deg * 10.0) / 10.0);
}

void Slide::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Theme& t = look_.theme();
    const double y = 18.0, range = state_.range_deg();
    p.setPen(QPen(t.edge, 6.0, Qt::SolidLine, Qt::RoundCap));
    p.drawLine(QPointF(x(-range), y), QPointF(x(range), y));
    // Where valve and piston come nearer than the limit.
    if (const auto& kept = state_.kept()) {
        p.setPen(QPen(t.exhaust, 6.0, Qt::SolidLine, Qt::FlatCap));
        if (kept->first > -range)
            p.drawLine(QPointF(x(-range), y), QPointF(x(std::min(kept->first, range)), y));
        if (kept->second < range)
            p.drawLine(QPointF(x(std::max(kept->second, -range)), y), QPointF(x(range), y));
    }
    p.setPen(QPen(t.amber, 6.0, Qt::SolidLine, Qt::RoundCap));
    p.drawLine(QPointF(x(0.0), y), QPointF(x(value()), y));
    p.setFont(Look::font(12));
    if (!title_.isEmpty()) {
        p.setPen(t.muted);
        p.drawText(QRectF(0, y + 17, x(-range) + 60, 18), Qt::AlignLeft | Qt::AlignVCenter, title_);
    }
    // Few enough stops are shown one by one.
    if (!state_.stops().empty() && state_.stops().size() <= 80) {
        p.setPen(QPen(t.ink, 2.0));
        for (double stop : state_.stops())
            p.drawLine(QPointF(x(stop), y - 6.0), QPointF(x(stop), y + 6.0));
    }
    const int most = static_cast<int>(range), major = most > 30 ? 10 : 5;
    // The ends and where it stands come first; a number that has no room beside them is left out.
    const auto called = [&](int deg) {
        const QString number = QString::number(std::abs(deg));
        if (deg == 0) return Say::tr("as it stands");
        if (deg == most) return number + Say::tr(" early");
        // The title stands there.
        if (deg == -most) return title_.isEmpty() ? number + Say::tr(" late") : QString();
        return number;
    };
    const auto room = [&](int deg) {
        const double wide = std::min(80, p.fontMetrics().horizontalAdvance(called(deg)) + 8);
        return QRectF(x(deg) - wide / 2.0, y + 17, wide, 18);
    };
    for (int deg = -most; deg <= most; ++deg) {
        const bool named = deg % major == 0;
        if (most > 60 && !named) continue;
        p.setPen(QPen(t.muted, named ? 1.6 : 1.0));
        p.drawLine(QPointF(x(deg), y + 8.0), QPointF(x(deg), y + (named ? 16.0 : 12.0)));
        if (!named) continue;
        p.setPen(t.muted);
        const bool first = deg == 0 || std::abs(deg) == most;
        const auto meets = [&](int other) { return room(deg).intersects(room(other)); };
        if (!first && (meets(0) || meets(most) || meets(-most))) continue;
        drawFitted(p, QRectF(x(deg) - 40, y + 17, 80, 18), Qt::AlignCenter, called(deg));
    }
    p.setPen(QPen(t.ink, hasFocus() ? 3.0 : 1.6));
    p.setBrush(t.amber);
    p.drawRoundedRect(QRectF(x(value()) - 9.0, y - 14.0, 18.0, 28.0), 5.0, 5.0);
    p.setPen(QPen(t.ink, 1.2));
    p.drawLine(QPointF(x(value()), y - 8.0), QPointF(x(value()), y + 8.0));
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
        return setValue(value() + 5.0);
    case Qt::Key_PageDown:
        return setValue(value() - 5.0);
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
