#include "app/benches/engine/section.h"

#include "app/style/shrinking.h"
#include "words/say.h"

#include <QPainter>
#include <QPainterPath>

#include <cmath>
#include <numbers>

namespace app {

using namespace lobe;

EngineSection::EngineSection(const Look& look, Dialogs& dialogs, QWidget* parent)
    : Picture(look, dialogs, QStringLiteral("engine"), parent) {
    setObjectName(QStringLiteral("engineSection"));
    setAccessibleName(Say::tr("Section of the engine"));
    setMinimumSize(250, 320);
}

void EngineSection::setEngine(const Engine& engine) {
    engine_ = engine;
    update();
}

void EngineSection::draw(QPainter& p, const QSizeF& size) const {
    p.setRenderHint(QPainter::Antialiasing);
    drawPlan(p, QRectF(10, 8, size.width() - 20, 78));
    drawSection(p, QRectF(10, 96, size.width() - 20, size.height() - 104));
}

/// From above, drive end at the left: how many cylinders, and which way the crank turns.
void EngineSection::drawPlan(QPainter& p, const QRectF& box) const {
    const Theme& t = theme();
    const int n = std::max(1, engine_.cylinders);
    const double pitch = std::min(56.0, (box.width() - 90) / n);
    const double left = box.left() + 74;
    p.setFont(Look::font(12));
    p.setPen(t.muted);
    drawFitted(p, QRectF(box.left(), box.bottom() - 16, 70, 16), Qt::AlignCenter,
               Say::tr("drive end"));
    // The crank nose with its direction, seen from the drive end.
    const QPointF nose(box.left() + 36, box.top() + 30);
    p.setPen(QPen(t.ink, 2.0));
    p.drawEllipse(nose, 6.0, 6.0);
    const int sense = engine_.rotation == Rotation::Clockwise ? 1 : -1;
    p.setPen(QPen(t.amber, 3.0));
    p.drawArc(QRectF(nose.x() - 19, nose.y() - 19, 38, 38), 90 * 16, -sense * 250 * 16);
    const double end = (90.0 - sense * 250.0) * std::numbers::pi / 180.0;
    const QPointF tip = nose + 19.0 * QPointF(std::cos(end), -std::sin(end));
    const QPointF along = double(sense) * QPointF(std::sin(end), std::cos(end));
    const QPointF across(-along.y(), along.x());
    p.setBrush(t.amber);
    p.drawPolygon(QPolygonF({tip + 9.0 * along, tip + 5.0 * across, tip - 5.0 * across}));
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(t.edge, 1.5));
    p.setBrush(t.dial);
    p.drawRoundedRect(QRectF(left, box.top() + 2, pitch * n + 12, 58), 8, 8);
    for (int i = 0; i < n; ++i) {
        const QPointF c(left + 6 + pitch * (i + 0.5), box.top() + 31);
        p.setPen(QPen(t.ink, 1.6));
        p.drawEllipse(c, pitch * 0.4, pitch * 0.4);
        // Many cylinders: every other one is named.
        if (pitch < 20.0 && i % 2) continue;
        p.setFont(Look::font(pitch < 26.0 ? 11 : 13, true));
        p.drawText(QRectF(c.x() - 16, c.y() - 10, 32, 20), Qt::AlignCenter, QString::number(i + 1));
    }
    p.setBrush(Qt::NoBrush);
}

void EngineSection::dimension(QPainter& p, QPointF from, QPointF to, const QString& text,
                              bool upright, double right) const {
    const Theme& t = theme();
    p.setPen(QPen(t.muted, 1.0));
    p.drawLine(from, to);
    const QPointF tick = upright ? QPointF(5, 0) : QPointF(0, 5);
    p.drawLine(from - tick, from + tick);
    p.drawLine(to - tick, to + tick);
    p.setFont(Look::font(13, true));
    p.setPen(t.ink);
    const QPointF middle = (from + to) / 2.0;
    // Beside the line, pushed over it where the picture ends.
    const double wide = p.fontMetrics().horizontalAdvance(text);
    if (upright)
        p.drawText(
            QRectF(std::min(middle.x() + 8, right - wide - 2), middle.y() - 11, wide + 2, 22),
            Qt::AlignLeft | Qt::AlignVCenter, text);
    else
        p.drawText(QRectF(middle.x() - 60, middle.y() - 22, 120, 20), Qt::AlignCenter, text);
}

void EngineSection::drawSection(QPainter& p, const QRectF& box) const {
    const Theme& t = theme();
    const words::Style& style = look().style();
    const auto stated = [&](double mm, const QString& what) {
        return mm > 0.0 ? words::dimension(mm, style) + QLatin1Char(' ') + words::unitName(style)
                        : what + QStringLiteral("?");
    };
    // Not yet stated dimensions stand in with a usual shape.
    const double stroke = engine_.stroke_mm > 0 ? engine_.stroke_mm : 80.0;
    const double bore = engine_.bore_mm > 0 ? engine_.bore_mm : 86.0;
    const double rod = engine_.rod_mm > stroke * 0.55 ? engine_.rod_mm : stroke * 1.8;
    const double r = stroke / 2.0, pinToCrown = bore * 0.42, head = bore * 1.0;
    const double tall = r + r + rod + pinToCrown + head;
    const double scale = std::min(box.height() / tall, (box.width() - 120) / (bore * 1.5));
    const double cx = box.left() + 30 + bore * scale / 2.0 + 30;
    const double crankY = box.bottom() - (r + 6) * scale;
    const QPointF crank(cx, crankY);

    // Crank at 60 degrees after the top, so that throw, rod and piston are all seen.
    const double angle = 60.0 * std::numbers::pi / 180.0;
    const int sense = engine_.rotation == Rotation::Clockwise ? 1 : -1;
    const QPointF pin = crank + r * scale * QPointF(sense * std::sin(angle), -std::cos(angle));
    const double across = r * std::sin(angle);
    const double pinUp = r * std::cos(angle) + std::sqrt(rod * rod - across * across);
    const QPointF small(cx, crankY - pinUp * scale);
    const double crown = small.y() - pinToCrown * scale;
    const double deck = crankY - (r + rod + pinToCrown) * scale;

    p.setPen(QPen(t.edge, 1.5));
    p.setBrush(t.dial);
    p.drawEllipse(crank, r * scale + 14, r * scale + 14);
    p.setPen(QPen(t.ink, 2.0));
    const double half = bore * scale / 2.0, bottom = deck + (stroke + bore * 0.55) * scale;
    p.drawLine(QPointF(cx - half, deck), QPointF(cx - half, bottom));
    p.drawLine(QPointF(cx + half, deck), QPointF(cx + half, bottom));
    p.setBrush(t.panel);
    p.drawRoundedRect(QRectF(cx - half + 1.5, crown, bore * scale - 3, bore * 0.72 * scale), 3, 3);
    p.setPen(QPen(t.muted, 1.0));
    for (int i = 1; i <= 3; ++i) {
        const double y = crown + bore * 0.07 * scale * i;
        p.drawLine(QPointF(cx - half + 1.5, y), QPointF(cx + half - 1.5, y));
    }
    p.setPen(QPen(t.ink, 7.0, Qt::SolidLine, Qt::RoundCap));
    p.drawLine(pin, small);
    p.setPen(QPen(t.muted, 5.0, Qt::SolidLine, Qt::RoundCap));
    p.drawLine(crank, pin);
    p.setPen(QPen(t.ink, 2.0));
    p.setBrush(t.dial);
    for (const QPointF& c : {crank, pin, small})
        p.drawEllipse(c, 6.0, 6.0);
    p.setBrush(Qt::NoBrush);

    drawValves(p, scale, QPointF(cx, deck), bore, box.right());
    const double over = deck - bore * 0.72 * scale;
    dimension(p, QPointF(cx - half, over), QPointF(cx + half, over),
              stated(engine_.bore_mm, Say::tr("bore")), false, box.right());
    const double side = cx + std::max(half, r * scale + 14) + 16;
    dimension(p, QPointF(side, crankY - r * scale), QPointF(side, crankY + r * scale),
              stated(engine_.stroke_mm, Say::tr("stroke")), true, box.right());
    dimension(p, QPointF(side, small.y()), QPointF(side, crankY - r * scale - 8),
              stated(engine_.rod_mm, Say::tr("rod")), true, box.right());
}

/// Two valves, what opens them, and the lash where it is set.
void EngineSection::drawValves(QPainter& p, double scale, QPointF head, double bore,
                               double right) const {
    const Theme& t = theme();
    const words::Style& style = look().style();
    const bool overhead = engine_.layout != Layout::PushrodSingleCam;
    for (Side side : {Side::Intake, Side::Exhaust}) {
        const double s = side == Side::Intake ? -1.0 : 1.0;
        const double tilt = overhead ? 0.22 : 0.0;
        const QPointF seat(head.x() + s * bore * 0.24 * scale, head.y() - 2);
        const QPointF up(s * std::sin(tilt), -std::cos(tilt)), acrossUp(-up.y(), up.x());
        const QPointF tip = seat + bore * 0.42 * scale * up;
        p.setPen(QPen(t.lobe(side), 3.0));
        p.drawLine(seat - bore * 0.17 * scale * acrossUp, seat + bore * 0.17 * scale * acrossUp);
        p.drawLine(seat, tip);
        if (overhead) {
            // A lobe straight over the valve.
            const QPointF c = tip + bore * 0.17 * scale * up;
            p.setBrush(t.lobeFill(side));
            p.setPen(look().lobePen(side));
            p.drawEllipse(c, bore * 0.13 * scale, bore * 0.13 * scale);
            p.drawEllipse(c + bore * 0.09 * scale * (up + s * acrossUp), bore * 0.07 * scale,
                          bore * 0.07 * scale);
        } else {
            // A rocker: the valve under one end.
            p.setPen(QPen(t.lobe(side), 4.0, Qt::SolidLine, Qt::RoundCap));
            p.drawLine(tip + QPointF(0, -4),
                       tip + QPointF(s * bore * 0.3 * scale, -bore * 0.10 * scale));
        }
        p.setBrush(Qt::NoBrush);
        p.setFont(Look::font(12));
        p.setPen(t.lobe(side));
        const double lash = engine_.lash_mm[side];
        QString text = words::sideName(side);
        if (lash > 0) text += Say::tr("\nlash ") + words::dimension(lash, style);
        if (engine_.ratio[side] != 1.0)
            text += QStringLiteral("\n%1 : 1").arg(words::shortest(engine_.ratio[side], 3, style));
        // Beside the valve, pushed in where the picture ends.
        const QSizeF needed =
            p.fontMetrics().boundingRect(QRect(0, 0, 400, 200), Qt::AlignLeft, text).size();
        const double from = side == Side::Intake
                                ? head.x() - bore * 0.62 * scale - needed.width() - 4
                                : head.x() + bore * 0.62 * scale;
        const QRectF box(std::clamp(from, 2.0, std::max(2.0, right - needed.width() - 4.0)),
                         head.y() - bore * 0.62 * scale, needed.width() + 2, needed.height() + 4);
        p.drawText(box, side == Side::Intake ? Qt::AlignRight : Qt::AlignLeft, text);
    }
}

} // namespace app
