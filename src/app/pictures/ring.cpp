#include "app/pictures/ring.h"

#include "app/pictures/along.h"
#include "app/pictures/drawn_curve.h"
#include "app/pictures/tdc_sketch.h"
#include "core/lobe/lobe.h"
#include "core/tdc/tdc.h"

#include "app/style/shrinking.h"
#include "core/angle/geometry.h"
#include "core/angle/wheel.h"
#include "words/say.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>

#include <cmath>
#include <numbers>

namespace app {

using namespace lobe;

namespace {
constexpr double kSmall = 92.0; ///< radius in pixels under which figures do not fit
constexpr double kSmallTicks = 130.0, kSmallLabels = 110.0;
constexpr double kNumeralsFrom = 0.80, kNumeralsTo = 0.925; ///< where the numerals stand
constexpr double kIntakeBase = 0.56, kExhaustBase = 0.33, kThick = 0.19;
constexpr int kCaption = 38;
constexpr double kSketch = 0.45; ///< radius kept for the sketch in the middle
} // namespace

Ring::Ring(const Look& look, Dialogs& dialogs, QWidget* parent)
    : Picture(look, dialogs, QStringLiteral("ring"), parent) {
    setObjectName(QStringLiteral("ring"));
    setAccessibleName(Say::tr("Ring"));
    setMinimumSize(220, 250);
}

void Ring::setScene(const RingScene& scene) {
    scene_ = scene;
    ++scenes_;
    dragged_.reset();
    setAccessibleDescription(readout());
    update();
}

/// Whether the lift at an angle is known: between the readings, or on the base circle beyond them.
static bool measuredAt(const LobeFigures& lobe, double deg) {
    constexpr double kOnBase_mm = 0.05;
    const LiftCurve& c = *lobe.curve;
    const double at = c.first() + std::fmod(std::fmod(deg - c.first(), 720.0) + 720.0, 720.0);
    if (at <= c.last()) return true;
    // Beyond the last reading, up to the first of the next turn of the cam.
    return std::abs(c.at(c.last())) < kOnBase_mm && std::abs(c.at(c.first())) < kOnBase_mm;
}

void Ring::setLive(std::optional<CrankDeg> at, double closed) {
    if (at == live_ && closed == closed_) return;
    if (at.has_value() != live_.has_value()) ++scenes_; // with another readout under it
    live_ = at;
    closed_ = closed;
    update();
}

std::optional<CrankDeg> Ring::needle() const {
    return dragged_ ? dragged_ : live_ ? live_ : scene_.needle;
}

QString Ring::readout() const {
    const auto at = needle();
    if (!at) return {};
    const words::Style& style = look().style();
    QString text = words::fromDeadCentre(*at, style);
    QString lifts;
    const auto lift = [&](const LobeFigures* lobe, const QString& name) {
        if (!lobe || !lobe->curve) return;
        const double deg = at->deg - scene_.later_deg(lobe->side);
        lifts += QStringLiteral("%1%2 %3").arg(
            lifts.isEmpty() ? QStringLiteral("\n") : QStringLiteral("   "), name,
            measuredAt(*lobe, deg) ? words::lift(lobe->liftAt({deg}, lobe->taken.at), style)
                                   : QString(QChar(0x2013)));
    };
    lift(scene_.intake.get(), Say::tr("intake"));
    lift(scene_.exhaust.get(), Say::tr("exhaust"));
    if (scene_.rod_mm > scene_.stroke_mm / 2.0 && scene_.stroke_mm > 0.0)
        text += Say::tr(", piston %1 down")
                    .arg(words::lift(pistonDrop_mm(*at, scene_.stroke_mm, scene_.rod_mm), style));
    return text + lifts;
}

QPointF Ring::Geometry::at(CrankDeg angle, double r) const {
    const double t = angle.deg * sense * std::numbers::pi / 180.0;
    return centre + radius * r * QPointF(std::sin(t), -std::cos(t));
}

Ring::Geometry Ring::geometry(const QSizeF& size) const {
    // Without a needle there is nothing to read out under it.
    const double side = std::min(size.width(), size.height() - (needle() ? kCaption : 4.0));
    return {QPointF(size.width() / 2.0, side / 2.0), side / 2.0 - 6.0,
            scene_.rotation == Rotation::Clockwise ? 1 : -1};
}

void Ring::draw(QPainter& p, const QSizeF& size) const {
    p.setRenderHint(QPainter::Antialiasing);
    const Geometry g = geometry(size);
    if (live_ && p.device() == this) {
        // Many times a second: what does not move is drawn once.
        const QString key = QStringLiteral("%1 %2 %3 %4 %5")
                                .arg(scenes_)
                                .arg(size.width())
                                .arg(size.height())
                                .arg(devicePixelRatioF())
                                .arg(theme().dark);
        if (key != stillKey_) {
            stillKey_ = key;
            still_ = QPixmap((size * devicePixelRatioF()).toSize());
            still_.setDevicePixelRatio(devicePixelRatioF());
            still_.fill(Qt::transparent);
            QPainter once(&still_);
            once.setRenderHint(QPainter::Antialiasing);
            drawStill(once, g, size);
        }
        p.drawPixmap(QPointF(), still_);
    } else {
        drawStill(p, g, size);
    }
    if (!scene_.sketch || live_) drawNeedle(p, g);
    if (live_) drawClosing(p, g);
    p.setFont(Look::font(12));
    p.setPen(theme().muted);
    drawFitted(p, QRectF(0, g.centre.y() + g.radius + 8, size.width(), kCaption),
               Qt::AlignHCenter | Qt::AlignTop, readout());
}

/// The rim closes round the needle from both sides while it stands still.
void Ring::drawClosing(QPainter& p, const Geometry& g) const {
    if (closed_ <= 0.0) return;
    const double half = 180.0 * closed_;
    QPainterPath rim(g.at({live_->deg - half}, 0.995));
    for (double d : inParts(live_->deg - half, live_->deg + half, 90))
        rim.lineTo(g.at({d}, 0.995));
    p.setPen(QPen(closed_ >= 1.0 ? theme().amberLine : theme().amber, 4.0));
    p.drawPath(rim);
}

/// All but the needle.
void Ring::drawStill(QPainter& p, const Geometry& g, const QSizeF& size) const {
    // On screen the dial comes from a pixmap; on paper and in an SVG it is drawn.
    if (p.device() == this || p.device() == &still_)
        p.drawPixmap(QPointF(), dial(size, devicePixelRatioF()));
    else
        drawDial(p, g);
    if (scene_.exhaust && scene_.exhaust->curve) drawLobe(p, g, *scene_.exhaust, kExhaustBase);
    if (scene_.intake && scene_.intake->curve) drawLobe(p, g, *scene_.intake, kIntakeBase);
    if (scene_.exhaust) drawTicks(p, g, *scene_.exhaust, kExhaustBase);
    if (scene_.intake) drawTicks(p, g, *scene_.intake, kIntakeBase);
    drawOverlap(p, g);
    p.setPen(QPen(theme().amberLine, 3.0));
    for (CrankDeg at : scene_.asked)
        p.drawEllipse(g.at(at, 0.955), 7.0, 7.0);
    if (scene_.pass) drawContacts(p, g);
    if (scene_.sketch) {
        const double r = g.radius * kSketch;
        p.setPen(QPen(theme().edge, 1.0));
        p.setBrush(theme().dial);
        p.drawEllipse(g.centre, r, r);
        p.setBrush(Qt::NoBrush);
        drawTdcSketch(p, QRectF(g.centre.x() - r * 0.7, g.centre.y() - r * 0.76, r * 1.4, r * 1.52),
                      *scene_.sketch, theme());
    }
}

const QPixmap& Ring::dial(const QSizeF& size, double ratio) const {
    const QString key = QStringLiteral("%1 %2 %3 %4 %5 %6")
                            .arg(size.width())
                            .arg(size.height())
                            .arg(ratio)
                            .arg(theme().dark)
                            .arg(static_cast<int>(scene_.wheel.scale))
                            .arg(static_cast<int>(scene_.rotation)) +
                        (needle() ? Say::tr(" needle") : QString());
    if (key == dialKey_) return dial_;
    dialKey_ = key;
    dial_ = QPixmap((size * ratio).toSize());
    dial_.setDevicePixelRatio(ratio);
    dial_.fill(Qt::transparent);
    QPainter p(&dial_);
    p.setRenderHint(QPainter::Antialiasing);
    drawDial(p, geometry(size));
    return dial_;
}

void Ring::drawDial(QPainter& p, const Geometry& g) const {
    const Theme& t = theme();
    p.setPen(QPen(t.edge, 2.0));
    p.setBrush(t.dial);
    p.drawEllipse(g.centre, g.radius, g.radius);
    p.setBrush(Qt::NoBrush);
    for (double base : {kIntakeBase, kExhaustBase}) {
        p.setPen(QPen(t.edge, 1.0));
        p.drawEllipse(g.centre, g.radius * base, g.radius * base);
    }
    const int step = g.radius > 110 ? 5 : 10;
    for (int deg = 0; deg < 360; deg += step) {
        const bool major = deg % 30 == 0;
        p.setPen(QPen(t.ink, major ? 2.0 : 1.0));
        // On a small dial the ticks are short, so that the numerals stand clear of them.
        const bool small = g.radius < kSmallTicks;
        p.drawLine(g.at({double(deg)}, 0.995), g.at({double(deg)}, major      ? small ? 0.965 : 0.93
                                                                   : deg % 10 ? 0.97
                                                                   : small    ? 0.98
                                                                              : 0.955));
    }
    // Labels grow with the dial, in steps, for the stand.
    const bool large = g.radius > 220.0;
    p.setFont(Look::font(large ? 20 : g.radius < kSmallTicks ? 11 : 12));
    p.setPen(t.ink);
    // A small dial has room for the quarters only.
    const int named = g.radius < kSmall ? 90 : 30;
    for (int deg = named; deg < 360; deg += named) {
        if (deg == 180) continue;
        const double number = wheelNumber({double(deg)}, scene_.wheel);
        const QPointF at = g.at({double(deg)}, 0.86);
        p.drawText(QRectF(at.x() - 26, at.y() - 13, 52, 26), Qt::AlignCenter,
                   words::shortest(number, 0, look().style()));
    }
    p.setFont(Look::font(large ? 26 : 15, true));
    for (int deg : {0, 180}) {
        const QPointF at = g.at({double(deg)}, 0.855);
        p.drawText(QRectF(at.x() - 16, at.y() - 15, 32, 30), Qt::AlignCenter,
                   deg == 0 ? QStringLiteral("T") : QStringLiteral("B"));
    }
    // Which way the engine runs: an arrow along the rim.
    p.setPen(QPen(t.ink, 1.6));
    const double r = 0.795;
    QPainterPath arrow(g.at({36.0}, r));
    for (double d : along(38.0, 50.0, 2.0))
        arrow.lineTo(g.at({d}, r));
    p.drawPath(arrow);
    p.setBrush(t.ink);
    p.drawPolygon(QPolygonF({g.at({54.0}, r), g.at({49.0}, r - 0.024), g.at({49.0}, r + 0.024)}));
    p.setBrush(Qt::NoBrush);
}

void Ring::drawLobe(QPainter& p, const Geometry& g, const LobeFigures& lobe, double base) const {
    // Before the nose is known, thickness is measured against a likely lift.
    const double most = std::max(lobe.maxLift_mm.value_or(0.0).value, lobe.noseReached ? 0.1 : 8.0);
    QPolygonF outer, inner;
    for (const LiftPoint& point : drawnThrough(*lobe.curve)) {
        const CrankDeg at{point.deg + scene_.later_deg(lobe.side)};
        outer << g.at(at, base + kThick * std::max(0.0, point.mm) / most);
        inner << g.at(at, base);
    }
    QPolygonF band = outer;
    for (auto it = inner.rbegin(); it != inner.rend(); ++it)
        band << *it;
    p.setPen(Qt::NoPen);
    p.setBrush(theme().lobeFill(lobe.side));
    p.drawPolygon(band);
    p.setBrush(Qt::NoBrush);
    p.setPen(look().lobePen(lobe.side));
    p.drawPolyline(outer);
}

void Ring::drawTicks(QPainter& p, const Geometry& g, const LobeFigures& lobe, double base) const {
    const HeightEvents* events = lobe.events(scene_.tickHeight);
    if (!events) return;
    p.setFont(Look::font(12));
    for (bool opens : {true, false}) {
        auto at = opens ? events->opens : events->closes;
        if (!at) continue;
        at->deg += scene_.later_deg(lobe.side);
        p.setPen(QPen(theme().lobe(lobe.side), 1.6, Qt::DashLine));
        p.drawLine(g.at(*at, base - 0.02), g.at(*at, base + kThick + 0.02));
        if (g.radius < kSmallLabels) continue;
        const Event event = opens ? opening(lobe.side) : closing(lobe.side);
        const QPointF label = g.at({at->deg + (opens ? -6.0 : 6.0)}, base + kThick * 0.75);
        p.drawText(QRectF(label.x() - 24, label.y() - 8, 48, 16), Qt::AlignCenter,
                   words::shortest(toCard(event, *at).deg, 1, look().style()));
    }
}

void Ring::drawOverlap(QPainter& p, const Geometry& g) const {
    const HeightEvents* in = scene_.intake ? scene_.intake->events(scene_.tickHeight) : nullptr;
    const HeightEvents* ex = scene_.exhaust ? scene_.exhaust->events(scene_.tickHeight) : nullptr;
    const double opens = in && in->opens ? in->opens->deg + scene_.later_deg(Side::Intake) : 0.0;
    const double closes =
        ex && ex->closes ? ex->closes->deg + scene_.later_deg(Side::Exhaust) : 0.0;
    if (in && ex && in->opens && ex->closes && closes > opens) {
        QPolygonF arc;
        for (double d : along(opens, closes, 0.5))
            arc << g.at({d}, 0.765);
        arc << g.at({closes}, 0.765);
        p.setPen(QPen(theme().amber, 5.0, Qt::SolidLine, Qt::FlatCap));
        p.drawPolyline(arc);
    }
    if (scene_.splitPoint) {
        p.setPen(Qt::NoPen);
        p.setBrush(theme().ink);
        const CrankDeg at = *scene_.splitPoint;
        p.drawPolygon(
            QPolygonF({g.at(at, 0.745), g.at({at.deg - 2.2}, 0.70), g.at({at.deg + 2.2}, 0.70)}));
        p.setBrush(Qt::NoBrush);
    }
}

void Ring::drawContacts(QPainter& p, const Geometry& g) const {
    const Theme& t = theme();
    const TdcPass& pass = *scene_.pass;
    if (pass.correction_deg) {
        const double half = pass.halfSpan_deg.value_or(1.0), mid = *pass.correction_deg;
        QPainterPath wedge(g.centre);
        for (double d : inParts(mid - half, mid + half, 40))
            wedge.lineTo(g.at({d}, 0.78));
        wedge.closeSubpath();
        p.setPen(Qt::NoPen);
        QColor fill = t.amber;
        fill.setAlpha(50);
        p.setBrush(fill);
        p.drawPath(wedge);
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(t.ink, 2.0, Qt::DashDotLine));
        p.drawLine(g.centre, g.at({mid}, 0.80));
    }
    p.setFont(Look::font(13, true));
    for (const auto& contact : {pass.before(), pass.after()}) {
        if (!contact) continue;
        p.setPen(QPen(t.amberLine, 3.0));
        // In two pieces: the numerals stay legible.
        p.drawLine(g.at(contact->at, scene_.sketch ? kSketch : 0.30),
                   g.at(contact->at, kNumeralsFrom));
        p.drawLine(g.at(contact->at, kNumeralsTo), g.at(contact->at, 0.99));
        p.setBrush(t.amber);
        p.drawEllipse(g.at(contact->at, 0.99), 5.0, 5.0);
        p.setBrush(Qt::NoBrush);
        // Clear of its own line, however it was typed.
        const double half =
            p.fontMetrics().horizontalAdvance(QString::fromStdString(contact->typed)) / 2.0 + 7.0;
        // On a small wheel farther in, off its numerals.
        const double in = g.radius < kSmallLabels ? 0.60 : 0.66;
        const double aside = std::max(9.0, half / (in * g.radius) * 180.0 / std::numbers::pi);
        const QPointF label = g.at({contact->at.deg + (contact->afterTop ? aside : -aside)}, in);
        p.setPen(t.ink);
        p.drawText(QRectF(label.x() - 50, label.y() - 10, 100, 20), Qt::AlignCenter,
                   QString::fromStdString(contact->typed));
    }
}

void Ring::drawNeedle(QPainter& p, const Geometry& g) const {
    const Theme& t = theme();
    if (const auto at = needle()) {
        // Edged, so that it is told from the plate as well as from what it passes over.
        for (const auto& [colour, wide] : {std::pair(t.amberLine, 4.6), std::pair(t.amber, 2.6)}) {
            p.setPen(QPen(colour, wide, Qt::SolidLine, Qt::RoundCap));
            p.drawLine(g.at({at->deg + 180.0}, 0.08), g.at(*at, 0.985));
        }
    }
    p.setPen(Qt::NoPen);
    p.setBrush(t.ink);
    p.drawEllipse(g.centre, 8.0, 8.0);
    p.setBrush(Qt::NoBrush);
}

void Ring::dragTo(const QPointF& position) {
    const Geometry g = geometry(size());
    const QPointF d = position - g.centre;
    if (std::hypot(d.x(), d.y()) < 12.0) return;
    const double turn = std::atan2(d.x(), -d.y()) * 180.0 / std::numbers::pi * g.sense;
    // Stay in the turn the needle is in, so that it can be led round the whole cycle.
    const double before = needle().value_or(CrankDeg{0.0}).deg;
    const double step = wrapTurn({turn - before}).deg;
    dragged_ = wrapCycle({std::round((before + step) * 2.0) / 2.0});
    setAccessibleDescription(readout());
    update();
}

void Ring::mousePressEvent(QMouseEvent* event) {
    if (event->button() == Qt::LeftButton) dragTo(event->position());
}

void Ring::mouseMoveEvent(QMouseEvent* event) {
    if (event->buttons() & Qt::LeftButton) dragTo(event->position());
}

void Ring::keyPressEvent(QKeyEvent* event) {
    const double step = event->modifiers() & Qt::ShiftModifier ? 10.0 : 1.0;
    const int way = event->key() == Qt::Key_Right ? 1 : event->key() == Qt::Key_Left ? -1 : 0;
    if (way == 0) return Picture::keyPressEvent(event);
    dragged_ = wrapCycle({needle().value_or(CrankDeg{0.0}).deg + way * step});
    setAccessibleDescription(readout());
    update();
}

} // namespace app
