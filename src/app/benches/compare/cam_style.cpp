#include "app/benches/compare/cam_style.h"

#include <QPainter>
#include <QPolygonF>

#include <array>
#include <cmath>
#include <numbers>

namespace app {

namespace {
constexpr double kMark = 8.5;
} // namespace

QPen camPen(const QColor& colour, std::size_t place, const CamView& view) {
    static const std::array<QVector<qreal>, 6> kDashes{
        QVector<qreal>{}, {6, 3}, {2, 2.5}, {8, 3, 2, 3}, {10, 2, 2, 2, 2, 2}, {1, 4}};
    QPen pen(colour, view.reference ? 2.4 : view.atHand ? 2.2 : 1.5);
    pen.setCapStyle(Qt::FlatCap);
    pen.setJoinStyle(Qt::RoundJoin);
    if (const auto& dashes = kDashes[place % 6]; !dashes.isEmpty()) pen.setDashPattern(dashes);
    return pen;
}

void drawCamMark(QPainter& p, const Theme& t, QPointF at, std::size_t place, const CamView& view) {
    QPolygonF shape;
    // A disc, and polygons of three to seven corners.
    const int corners = place == 0   ? 24
                        : place == 1 ? 4
                        : place == 2 ? 3
                                     : static_cast<int>(place) + 2;
    const double turn = place == 1 ? 45.0 : place == 2 ? -90.0 : -90.0;
    const double size = place == 2 ? kMark * 1.3 : kMark;
    for (int i = 0; i < corners; ++i) {
        const double a = (turn + 360.0 * i / corners) * std::numbers::pi / 180.0;
        shape << at + QPointF(size * std::cos(a), size * std::sin(a));
    }
    p.save();
    p.setPen(QPen(t.ink, view.atHand ? 2.0 : 1.0));
    p.setBrush(view.atHand ? t.amber : t.panel);
    p.drawPolygon(shape);
    // Amber is as light in the dark.
    p.setPen(view.atHand ? Theme::light().ink : t.ink);
    p.setFont(Look::font(11, true));
    p.drawText(QRectF(at.x() - 9, at.y() - 8 + (place == 2 ? 2 : 0), 18, 16), Qt::AlignCenter,
               QString(view.letter));
    if (view.modelled) {
        // Modelled, on every picture: about, and not measured.
        p.setPen(t.ink);
        p.drawText(QRectF(at.x() + 9, at.y() - 8, 14, 16), Qt::AlignCenter, QString(QChar(0x2248)));
    }
    p.restore();
}

void drawCamSample(QPainter& p, const Theme& t, const QRectF& box, std::size_t place,
                   const CamView& view) {
    const double y = box.center().y();
    p.setPen(camPen(t.ink, place, view));
    p.drawLine(QPointF(box.left() + 22, y), QPointF(box.right(), y));
    drawCamMark(p, t, {box.left() + 10, y}, place, view);
}

} // namespace app
