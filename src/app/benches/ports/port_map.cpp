#include "app/benches/ports/port_map.h"

#include "app/style/shrinking.h"
#include "words/bench.h"
#include "words/clearance.h"
#include "words/say.h"
#include "words/sentences.h"

#include <QMouseEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>
#include <numbers>

namespace app {

using namespace lobe;

namespace {

constexpr double kWallLeft = 80.0, kWallTop = 24.0, kWallFoot = 12.0;
/// Where no width was measured a port is shown so wide, of the bore.
constexpr double kShownWide = 0.45;

const Port& portOf(const PortWork& w, PortName name) {
    return name == PortName::Exhaust    ? w.exhaust
           : name == PortName::Transfer ? w.transfer
                                        : w.intake;
}

QRectF wallOf(const QSizeF& size) {
    // The ring has the right where there is room for both.
    const double right = size.width() > 420.0 ? 0.34 * size.width() : 10.0;
    return {kWallLeft, kWallTop, size.width() - kWallLeft - right,
            size.height() - kWallTop - kWallFoot};
}

} // namespace

PortMap::PortMap(const Look& look, Dialogs& dialogs, QWidget* parent)
    : Picture(look, dialogs, QStringLiteral("ports"), parent) {
    setObjectName(QStringLiteral("portMap"));
    setAccessibleName(Say::tr("The ports in the cylinder's wall, unrolled"));
    setMinimumSize(280, 180);
}

void PortMap::setScene(PortScene scene) {
    scene_ = std::move(scene);
    setAccessibleDescription(text());
    update();
}

QString PortMap::text() const {
    QStringList lines;
    for (const PortFigures& f : scene_.figures)
        lines << words::portLine(f, look().style());
    return lines.join(QLatin1Char('\n'));
}

void PortMap::draw(QPainter& p, const QSizeF& size) const {
    p.setRenderHint(QPainter::Antialiasing);
    const Theme& t = theme();
    const words::Style& style = look().style();
    p.fillRect(QRectF({}, size), t.panel);
    const QRectF wall = wallOf(size);
    p.setBrush(t.dial);
    p.setPen(QPen(t.edge, 1.0));
    p.drawRect(wall);
    p.setFont(Look::font(12));
    p.setPen(t.muted);
    drawFitted(p, QRectF(8, 3, wall.right() - 8, kWallTop - 6), Qt::AlignLeft | Qt::AlignVCenter,
               Say::tr("below the crown's rim at TDC; the amber line is the rim now"));
    if (!scene_.crank) return;
    const double stroke = scene_.crank->path.travel_mm();
    const double shown = stroke * 1.06;
    const auto y = [&](double mm) { return wall.top() + mm / shown * wall.height(); };
    const double round =
        scene_.crank->bore_mm > 0.0 ? std::numbers::pi * scene_.crank->bore_mm : 3.0 * stroke;
    const double scale = wall.width() / round;
    // Exhaust in the middle, transfers to both sides of it, the intake over the seam.
    for (const PortFigures& f : scene_.figures) {
        if (f.closes_deg) continue; // no port in the wall
        const Port& port = portOf(scene_.work, f.port);
        const bool intake = f.port == PortName::Intake;
        const int count = std::max(1, port.count);
        const double width =
            port.width_mm > 0.0 ? port.width_mm : kShownWide * round / std::numbers::pi / count;
        const double top = intake ? f.edge_mm.value : f.edge_mm.value;
        const double high = port.height_mm > 0.0 ? port.height_mm : stroke - top;
        // Under the skirt it is the skirt that uncovers it: drawn by where the rim stands then.
        const QColor ink = intake ? t.intake : f.port == PortName::Exhaust ? t.exhaust : t.ink;
        for (int n = 0; n < count; ++n) {
            double middle = 0.5;
            if (f.port == PortName::Transfer)
                middle = count == 1 ? 0.25
                                    : (n % 2 == 0 ? 0.30 - 0.13 * (n / 2) : 0.70 + 0.13 * (n / 2));
            else if (intake)
                middle = 0.04 + 0.08 * n;
            else if (count > 1)
                middle = 0.5 + (n - 0.5 * (count - 1)) * (width * 1.15) / round;
            const QRectF box(wall.left() + middle * wall.width() - 0.5 * width * scale, y(top),
                             width * scale, std::max(2.0, y(top + high) - y(top)));
            const double corner = port.corner_mm * scale;
            p.save();
            p.setClipRect(wall);
            QColor fill = ink;
            fill.setAlpha(46);
            p.setBrush(fill);
            p.setPen(QPen(ink, 1.8, intake ? Qt::DotLine : Qt::SolidLine));
            p.drawRoundedRect(box, corner, corner);
            p.restore();
            if (n > 0) continue;
            double above = 1e9;
            for (const WantedEdge& w : wantedEdges(f, port.wanted_deg, scene_.crank->path)) {
                // Two that lie close stand beside one another.
                const bool close = std::abs(y(w.edge_mm.value) - above) < 15.0;
                above = y(w.edge_mm.value);
                p.setPen(QPen(ink, 1.2, Qt::DashLine));
                p.drawLine(QPointF(box.left() - 6, y(w.edge_mm.value)),
                           QPointF(box.right() + 6, y(w.edge_mm.value)));
                p.drawText(QRectF(box.right() + (close ? 44 : 8), y(w.edge_mm.value) - 9, 90, 18),
                           Qt::AlignLeft | Qt::AlignVCenter,
                           words::degrees(w.duration_deg, style, 0));
            }
            p.setPen(ink);
            drawFitted(p, QRectF(box.left() - 20, box.top() + 4, box.width() + 40, 18),
                       Qt::AlignCenter, words::portName(f.port));
        }
        p.setPen(t.muted);
        p.drawText(QRectF(0, y(top) - 9, kWallLeft - 6, 18), Qt::AlignRight | Qt::AlignVCenter,
                   words::clearance(top, style));
    }
    const double rim = scene_.crank->path.drop_mm(scene_.at_deg);
    QColor piston = t.ink;
    piston.setAlpha(26);
    p.fillRect(QRectF(QPointF(wall.left(), y(rim)), wall.bottomRight()), piston);
    p.setPen(QPen(t.amberLine, 2.6));
    p.drawLine(QPointF(wall.left(), y(rim)), QPointF(wall.right(), y(rim)));
    if (size.width() > 420.0)
        ring(p,
             QRectF(wall.right() + 14, kWallTop, size.width() - wall.right() - 24, wall.height()));
}

/// The crank's circle with each port's stretch, and the needle.
void PortMap::ring(QPainter& p, const QRectF& box) const {
    const Theme& t = theme();
    const double r = 0.5 * std::min(box.width(), box.height()) - 18.0;
    if (r < 20.0) return;
    const QPointF c = box.center();
    p.setBrush(t.dial);
    p.setPen(QPen(t.edge, 1.2));
    p.drawEllipse(c, r, r);
    double inner = r - 8.0;
    for (const PortFigures& f : scene_.figures) {
        const bool intake = f.port == PortName::Intake;
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(intake                        ? t.intake
                      : f.port == PortName::Exhaust ? t.exhaust
                                                    : t.ink,
                      6.0, Qt::SolidLine, Qt::FlatCap));
        // Clockwise from the top; Qt counts from three o'clock the other way.
        const double from = intake ? -f.opens_deg.value : f.opens_deg.value;
        p.drawArc(QRectF(c.x() - inner, c.y() - inner, 2 * inner, 2 * inner),
                  static_cast<int>(std::lround(16.0 * (90.0 - from))),
                  -static_cast<int>(std::lround(16.0 * f.duration_deg.value)));
        inner -= 10.0;
    }
    const double a = scene_.at_deg * std::numbers::pi / 180.0;
    p.setPen(QPen(t.amberLine, 2.6));
    p.drawLine(c, c + QPointF(std::sin(a), -std::cos(a)) * r);
    p.setFont(Look::font(12));
    p.setPen(t.muted);
    p.drawText(QRectF(c.x() - 30, c.y() - r - 18, 60, 16), Qt::AlignCenter, Say::tr("TDC"));
    p.drawText(QRectF(c.x() - 30, c.y() + r + 2, 60, 16), Qt::AlignCenter, Say::tr("BDC"));
    p.setPen(t.ink);
    p.setFont(Look::font(15, true));
    p.drawText(QRectF(c.x() - 50, c.y() + 0.3 * r, 100, 22), Qt::AlignCenter,
               words::degrees(scene_.at_deg, look().style(), 0));
}

void PortMap::ask(double at) {
    const QRectF wall = wallOf(size());
    if (!scene_.crank || at < wall.top() || at > wall.bottom()) return;
    const double mm = (at - wall.top()) / wall.height() * scene_.crank->path.travel_mm() * 1.06;
    if (const auto deg = opensAt_deg(scene_.crank->path, mm)) emit pistonWanted(*deg);
}

void PortMap::mousePressEvent(QMouseEvent* event) {
    if (event->button() == Qt::LeftButton) ask(event->position().y());
}

void PortMap::mouseMoveEvent(QMouseEvent* event) {
    if (event->buttons() & Qt::LeftButton) ask(event->position().y());
}

} // namespace app
