#include "app/benches/set/wheels.h"

#include "app/pictures/along.h"
#include "app/style/shrinking.h"
#include "words/say.h"
#include "words/setting.h"

#include <QPainter>

#include <algorithm>
#include <cmath>
#include <numbers>

namespace app {

using namespace lobe;

Wheels::Wheels(const Look& look, Dialogs& dialogs, QWidget* parent)
    : Picture(look, dialogs, QStringLiteral("wheels"), parent) {
    setObjectName(QStringLiteral("wheels"));
    setAccessibleName(Say::tr("Wheels of the cam drive, seen from the drive end"));
    setMinimumSize(220, 170);
}

void Wheels::setScene(const CamWheelsScene& scene) {
    scene_ = scene;
    setAccessibleDescription(
        scene_.bothTops
            ? Say::tr(
                  "At TDC on overlap the dots of both wheels face each other; at TDC as cylinder 1 "
                  "fires the crank's is where it was, and the cam's, with its dowel, opposite.")
            : words::moveShort(scene_.engine.drive, scene_.move, look().style(), scene_.fitted));
    update();
}

QPointF Wheels::Wheel::at(double cam_deg, double r) const {
    const double a = cam_deg * sense * std::numbers::pi / 180.0;
    return {centre.x() + radius * r * std::sin(a), centre.y() - radius * r * std::cos(a)};
}

void Wheels::drawArrow(QPainter& p, const Wheel& w, double r, double from, double to) const {
    QPolygonF arc;
    const int steps = 24;
    for (int i = 0; i <= steps; ++i)
        arc << w.at(from + (to - from) * i / steps, r);
    p.setBrush(Qt::NoBrush);
    p.drawPolyline(arc);
    const double back = to > from ? -1.0 : 1.0, size = std::min(8.0, w.radius * r * 0.5);
    const double head = size / (w.radius * r) * 180.0 / std::numbers::pi;
    p.setBrush(p.pen().color());
    const double reach = 0.75 * size / w.radius;
    p.drawPolygon(QPolygonF(
        {w.at(to, r), w.at(to + back * head, r + reach), w.at(to + back * head, r - reach)}));
    p.setBrush(Qt::NoBrush);
}

void Wheels::drawTeeth(QPainter& p, const Wheel& w) const {
    const Theme& t = theme();
    const int n = scene_.engine.drive.teeth > 0 ? scene_.engine.drive.teeth : 40;
    p.setPen(QPen(t.ink, 1.6));
    p.setBrush(t.dial);
    p.drawEllipse(w.centre, w.radius, w.radius);
    p.setPen(QPen(scene_.engine.drive.teeth > 0 ? t.ink : t.faint, 2.0));
    for (int i = 0; i < n; ++i)
        p.drawLine(w.at(360.0 * i / n, 0.985), w.at(360.0 * i / n, 1.05));
    // Where the mark stood, and the tooth it goes to.
    const auto mark = [&](double deg, const QColor& colour) {
        p.setPen(Qt::NoPen);
        p.setBrush(colour);
        const double wide = 7.0 / w.radius * 180.0 / std::numbers::pi;
        p.drawPolygon(QPolygonF({w.at(deg, 0.97), w.at(deg - wide, 0.86), w.at(deg + wide, 0.86)}));
        p.setBrush(Qt::NoBrush);
    };
    const int teeth = scene_.move.teeth;
    mark(0.0, teeth == 0 ? t.ink : t.faint);
    if (teeth == 0 || scene_.engine.drive.teeth == 0) return;
    const double to = 360.0 * teeth / n;
    mark(to, t.amber);
    p.setPen(QPen(t.amberLine, 2.4));
    drawArrow(p, w, 0.80, 0.0, to);
}

void Wheels::drawHub(QPainter& p, const Wheel& w) const {
    const Theme& t = theme();
    const Drive& d = scene_.engine.drive;
    p.setPen(QPen(t.ink, 1.6));
    p.setBrush(t.panel);
    p.drawEllipse(w.centre, w.radius * 0.26, w.radius * 0.26);
    const int now = ((scene_.move.keyway % d.keyways) + d.keyways) % d.keyways;
    for (int k = 0; k < d.keyways; ++k) {
        const double deg = 360.0 * k / d.keyways;
        const bool chosen = k == now && scene_.move.keyway != 0;
        p.setPen(QPen(t.ink, 1.2));
        p.setBrush(chosen ? t.amber : k == 0 && now == 0 ? t.ink : t.dial);
        const QPointF c = w.at(deg, 0.26);
        p.drawEllipse(c, 4.5, 4.5);
    }
    p.setBrush(t.ink);
    p.drawEllipse(w.centre, 3.0, 3.0);
    p.setBrush(Qt::NoBrush);
    if (scene_.move.keyway == 0) return;
    p.setPen(QPen(t.amberLine, 2.0));
    drawArrow(p, w, 0.34, 0.0, 360.0 * scene_.move.keyway / d.keyways);
}

void Wheels::drawVernier(QPainter& p, const Wheel& w) const {
    const Theme& t = theme();
    const Drive& d = scene_.engine.drive;
    if (d.vernierWheel < 2 || d.vernierHub < 2) return;
    const double move = scene_.move.vernier_deg / 2.0;
    const VernierHoles h = vernierHoles(d, scene_.move.vernier_deg);
    const bool moved = scene_.move.vernier_deg != 0.0;
    const auto holes = [&](int n, double turned, double r, int chosen) {
        for (int i = 0; i < n; ++i) {
            const QPointF c = w.at(360.0 * i / n + turned, r);
            p.setPen(QPen(t.ink, 1.0));
            p.setBrush(i == chosen ? (moved ? t.amber : t.ink) : t.plate);
            p.drawEllipse(c, 3.6, 3.6);
        }
    };
    holes(d.vernierWheel, 0.0, 0.66, h.wheel);
    holes(d.vernierHub, move, 0.50, h.hub);
    p.setBrush(Qt::NoBrush);
    if (!moved) return;
    p.setFont(Look::font(12, true));
    p.setPen(t.amberText);
    const double deg = 360.0 * h.wheel / d.vernierWheel;
    const auto number = [&](int n, double r) {
        const QPointF c = w.at(deg + 9.0, r);
        p.drawText(QRectF(c.x() - 16, c.y() - 9, 32, 18), Qt::AlignCenter, QString::number(n));
    };
    number(h.wheel, 0.67);
    number(h.hub, 0.47);
}

void Wheels::drawSlots(QPainter& p, const Wheel& w) const {
    const Theme& t = theme();
    const Drive& d = scene_.engine.drive;
    if (!(d.slot_deg > 0.0)) return;
    const double range = d.slot_deg / 2.0, r = 0.58;
    for (double middle : {90.0, 210.0, 330.0}) {
        QPolygonF arc;
        for (int i = 0; i <= 20; ++i)
            arc << w.at(middle - range - 5.0 + (2.0 * range + 10.0) * i / 20.0, r);
        p.setPen(QPen(t.edge, 11.0, Qt::SolidLine, Qt::RoundCap));
        p.drawPolyline(arc);
        p.setPen(QPen(t.ink, 1.2));
        p.setBrush(scene_.move.slot_deg != 0.0 ? t.amber : t.ink);
        p.drawEllipse(w.at(middle + (scene_.fitted.slot_deg + scene_.move.slot_deg) / 2.0, r), 5.0,
                      5.0);
        p.setBrush(Qt::NoBrush);
    }
    if (!(d.slotLine_deg > 0.0)) return;
    p.setPen(QPen(t.ink, 1.0));
    for (double line : along(-d.slot_deg, d.slot_deg, d.slotLine_deg))
        p.drawLine(w.at(90.0 + line / 2.0, 0.67), w.at(90.0 + line / 2.0, 0.74));
}

void Wheels::drawCrank(QPainter& p, const Wheel& cam, const QPointF& centre, double r) const {
    const Theme& t = theme();
    const Engine& e = scene_.engine;
    p.setPen(QPen(t.muted, 2.0, e.drive.kind == DriveKind::Belt ? Qt::SolidLine : Qt::DashLine));
    if (e.drive.kind != DriveKind::Gears) {
        // The run that pulls: the one that goes up to the cam against its turning.
        for (double side : {-1.0, 1.0})
            p.drawLine(QPointF(centre.x() + side * r, centre.y()),
                       QPointF(cam.centre.x() + side * cam.radius * 1.04, cam.centre.y()));
    }
    const Wheel crank{centre, r, e.rotation == Rotation::Clockwise ? 1 : -1};
    p.setPen(QPen(t.ink, 1.6));
    p.setBrush(t.panel);
    p.drawEllipse(centre, r, r);
    p.setBrush(Qt::NoBrush);
    const bool moved = scene_.move.crankKeyway_deg != 0.0;
    p.setPen(QPen(moved ? t.amber : t.ink, 2.0));
    drawArrow(p, crank, 0.62, -60.0, 60.0);
    p.setFont(Look::font(12));
    p.setPen(t.muted);
    const double left = centre.x() + r + 6;
    drawFitted(p, QRectF(left, centre.y() - 8, width() - left - 2, 34),
               static_cast<int>(Qt::AlignLeft | Qt::AlignTop),
               moved ? Say::tr("crank wheel\nkeyway %1")
                           .arg(words::signedFixed(scene_.fitted.crankKeyway_deg +
                                                       scene_.move.crankKeyway_deg,
                                                   1, look().style()))
                     : Say::tr("crank wheel"));
}

void Wheels::drawTop(QPainter& p, const QRectF& box, bool firing) const {
    const Theme& t = theme();
    const Drive& d = scene_.engine.drive;
    const double words = 36.0, r = std::min(box.width() * 0.44, (box.height() - words) / 3.0);
    const double small = r * 0.5;
    const bool clockwise = words::camTurn(scene_.engine, true) == QLatin1String("clockwise");
    const Wheel cam{{box.center().x(), box.top() + words + r}, r, clockwise ? 1 : -1};
    const Wheel crank{
        {cam.centre.x(), std::min(cam.centre.y() + r + small + 6.0, box.bottom() - small - 2.0)},
        small,
        scene_.engine.rotation == Rotation::Clockwise ? 1 : -1};
    p.setFont(Look::font(12, true));
    p.setPen(t.ink);
    drawFitted(p, QRectF(box.left(), box.top(), box.width(), 17), Qt::AlignCenter,
               firing ? Say::tr("TDC firing") : Say::tr("TDC on overlap"));
    p.setPen(QPen(t.ink, 1.6));
    p.setBrush(t.dial);
    p.drawEllipse(cam.centre, r, r);
    p.drawEllipse(crank.centre, small, small);
    p.setBrush(t.panel);
    p.drawEllipse(cam.centre, r * 0.34, r * 0.34);
    p.drawEllipse(crank.centre, small * 0.34, small * 0.34);
    // Half a turn of the cam is a whole one of the crank.
    const double turned = firing ? 180.0 : 0.0;
    const auto dot = [&](const QPointF& at, bool filled) {
        p.setPen(QPen(filled ? t.amberLine : t.ink, 1.4));
        p.setBrush(filled ? t.amber : t.dial);
        p.drawEllipse(at, 5.0, 5.0);
    };
    // The cam's dot faces the crank's, straight below it, on overlap.
    dot(cam.at(180.0 + turned, 0.86), true);
    if (firing) dot(cam.at(180.0, 0.86), false); // the one that is painted now
    dot(crank.at(0.0, 0.72), true);
    for (int k = 0; k < d.keyways; ++k) {
        p.setPen(QPen(t.ink, 1.2));
        p.setBrush(k == 0 ? t.ink : t.dial);
        p.drawEllipse(cam.at(180.0 + turned + 360.0 * k / d.keyways, 0.34), 4.0, 4.0);
    }
    p.setBrush(t.ink);
    p.drawEllipse(crank.at(0.0, 0.34), 3.5, 3.5);
    p.setBrush(Qt::NoBrush);
}

void Wheels::draw(QPainter& p, const QSizeF& size) const {
    const Theme& t = theme();
    const Engine& e = scene_.engine;
    p.setRenderHint(QPainter::Antialiasing);
    if (scene_.bothTops) {
        const double half = size.width() / 2.0;
        drawTop(p, {4.0, 4.0, half - 8.0, size.height() - 44.0}, false);
        drawTop(p, {half + 4.0, 4.0, half - 8.0, size.height() - 44.0}, true);
        p.setFont(Look::font(12));
        p.setPen(t.muted);
        p.drawText(
            QRectF(4, size.height() - 40.0, size.width() - 8, 40),
            static_cast<int>(Qt::AlignLeft | Qt::AlignVCenter) | Qt::TextWordWrap,
            Say::tr("Amber: paint. Black: the dowel or keyway in use. A maker's own dots may "
                    "face at either top."));
        return;
    }
    // Words above and below, the wheel as large as fits between: marks are there to be counted.
    const QString said = moveText();
    const double words = scene_.cam.isEmpty() ? 18.0 : 34.0,
                 below = said.isEmpty() ? 0.0
                                        : 17.0 * static_cast<double>(said.count(QLatin1Char('\n')));
    const double r =
        std::min(size.width() * 0.42, (size.height() - words - 12.0 - below * 0.4) / 2.78);
    const bool clockwise = words::camTurn(e, true) == QLatin1String("clockwise");
    const Wheel cam{{size.width() * 0.5, words + 2.0 + r * 1.18}, r, clockwise ? 1 : -1};
    const double small = r * 0.24;
    const double gap = e.drive.kind == DriveKind::Gears
                           ? r * 1.05 + small
                           : size.height() - 12.0 - small - cam.centre.y();
    drawCrank(p, cam, {cam.centre.x(), cam.centre.y() + gap}, small);
    drawTeeth(p, cam);
    drawSlots(p, cam);
    drawVernier(p, cam);
    drawHub(p, cam);
    // Which way, outside the wheel, big enough to be followed from a distance.
    if (scene_.move.total_deg != 0.0) {
        p.setPen(QPen(t.amberLine, 4.0, Qt::SolidLine, Qt::RoundCap));
        const double to = scene_.move.total_deg > 0.0 ? 42.0 : -42.0;
        drawArrow(p, cam, 1.13, 12.0 * (to > 0.0 ? 1.0 : -1.0), to);
    }
    p.setFont(Look::font(12));
    p.setPen(t.muted);

    const QString caption = scene_.cam.isEmpty()
                                ? Say::tr("seen from the drive end")
                                : Say::tr("%1, from the drive end; %2 is pulled first")
                                      .arg(scene_.cam, words::sideName(e.drive.pulledFirst));
    p.drawText(QRectF(4, 0, size.width() - 8, words),
               static_cast<int>(Qt::AlignLeft | Qt::AlignTop) | Qt::TextWordWrap, caption);
    if (said.isEmpty()) return;
    // Beside the crank wheel, where there is room for three lines.
    p.setFont(Look::font(13, true));
    p.setPen(t.ink);
    const double wide = size.width() * 0.5 - small - 14.0;
    p.drawText(QRectF(4, size.height() - 94.0, wide, 92),
               Qt::AlignLeft | Qt::AlignBottom | Qt::TextWordWrap, said);
}

/// What the move is at the crank, at the wheel and at the bolts; empty without one.
QString Wheels::moveText() const {
    if (scene_.move.total_deg == 0.0) return {};
    const Engine& e = scene_.engine;
    QString text =
        Say::tr("%1\n%2 at the wheel")
            .arg(words::moveBy(scene_.move.total_deg, look().style(), 2),
                 words::degrees(std::abs(scene_.move.total_deg) / 2.0, look().style(), 2));
    // What a rule or a feeler shows where the wheel is turned on its hub.
    if (const double turned = scene_.move.vernier_deg + scene_.move.slot_deg;
        e.drive.boltRadius_mm > 0.0 && turned != 0.0)
        text += Say::tr("\n%1 at the bolts")
                    .arg(words::liftWithUnit(std::abs(boltArc_mm(e.drive.boltRadius_mm, turned)),
                                             look().style()));
    return text;
}

} // namespace app
