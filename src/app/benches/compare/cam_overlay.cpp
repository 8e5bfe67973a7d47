#include "app/benches/compare/cam_overlay.h"

#include "app/benches/compare/cam_style.h"
#include "app/pictures/along.h"
#include "app/style/shrinking.h"
#include "words/say.h"

#include <QPainter>

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;

namespace {
constexpr double kOverlayFrom = -290.0, kOverlayTo = 290.0; ///< crank degrees shown
constexpr double kOverlayLeft = 58.0, kOverlayRight = 10.0, kOverlayTop = 22.0, kFoot = 20.0,
                 kBetween = 18.0;
constexpr double kStep = 2.0;

double liftOf(const CamView& v, Side side, double deg) {
    const ValveLift& lift = v.cam->lift[side];
    return lift ? std::max(0.0, lift.at(deg, v.moved_deg[side])) : 0.0;
}
} // namespace

struct CamOverlay::Frame {
    QRectF upper, lower;
    double most = 1.0, apart = 0.5;
    double x(double deg) const {
        return upper.left() + (deg - kOverlayFrom) / (kOverlayTo - kOverlayFrom) * upper.width();
    }
    double y(double mm) const { return upper.bottom() - mm / most * upper.height(); }
    double d(double mm) const { return lower.center().y() - mm / apart * lower.height() / 2.0; }
};

CamOverlay::CamOverlay(const Look& look, Dialogs& dialogs, QWidget* parent)
    : Picture(look, dialogs, QStringLiteral("cams"), parent) {
    setObjectName(QStringLiteral("camOverlay"));
    setAccessibleName(Say::tr("Valve lift of every cam over the cycle"));
    setMinimumSize(300, 190);
}

void CamOverlay::setDesk(const CompareDesk* desk) {
    desk_ = desk;
    update();
}

void CamOverlay::frame(QPainter& p, const Frame& f) const {
    const Theme& t = theme();
    const bool inches = look().style().inches();
    const double unit = inches ? kMmPerInch : 1.0;
    p.setBrush(t.dial);
    p.setPen(QPen(t.edge, 1.0));
    p.drawRect(f.upper);
    p.drawRect(f.lower);
    p.setFont(Look::font(12));
    const double tick = inches ? 0.1 : 2.0;
    for (double v : along(0.0, f.most / unit, tick)) {
        p.setPen(QPen(t.edge, 0.6));
        p.drawLine(QPointF(f.upper.left(), f.y(v * unit)), QPointF(f.upper.right(), f.y(v * unit)));
        p.setPen(t.muted);
        p.drawText(QRectF(0, f.y(v * unit) - 9, kOverlayLeft - 5, 18),
                   Qt::AlignRight | Qt::AlignVCenter,
                   words::fixed(v, inches ? 1 : 0, look().style()));
    }
    for (int deg = -270; deg <= 270; deg += 90) {
        p.setPen(QPen(deg == 0 ? t.muted : t.edge, deg == 0 ? 1.4 : 0.6));
        for (const QRectF& box : {f.upper, f.lower})
            p.drawLine(QPointF(f.x(deg), box.top()), QPointF(f.x(deg), box.bottom()));
        p.setPen(t.muted);
        p.drawText(QRectF(f.x(deg) - 30, f.lower.bottom() + 2, 60, 18), Qt::AlignCenter,
                   deg == 0               ? Say::tr("TDC")
                   : std::abs(deg) == 180 ? Say::tr("BDC")
                                          : QString::number(90) + QChar(0xB0));
    }
    p.setPen(QPen(t.muted, 0.8));
    p.drawLine(QPointF(f.lower.left(), f.d(0.0)), QPointF(f.lower.right(), f.d(0.0)));
    p.setPen(t.muted);
    p.drawText(QRectF(0, f.lower.top() - 2, kOverlayLeft - 5, 16), Qt::AlignRight | Qt::AlignTop,
               QLatin1Char('+') + words::fixed(f.apart / unit, inches ? 3 : 1, look().style()));
    p.drawText(
        QRectF(0, f.lower.bottom() - 14, kOverlayLeft - 5, 16), Qt::AlignRight | Qt::AlignBottom,
        QString(QChar(0x2212)) + words::fixed(f.apart / unit, inches ? 3 : 1, look().style()));
    drawFitted(p, QRectF(kOverlayLeft, 2, f.upper.width(), kOverlayTop - 4),
               Qt::AlignLeft | Qt::AlignVCenter,
               inches ? Say::tr("valve lift, in, over crank degrees")
                      : Say::tr("valve lift, mm, over crank degrees"));
    drawFitted(p, QRectF(kOverlayLeft, f.lower.top() - kBetween, f.lower.width(), kBetween),
               Qt::AlignLeft | Qt::AlignVCenter, Say::tr("less the reference, on its own scale"));
}

void CamOverlay::lifts(QPainter& p, const Frame& f, const std::vector<CamView>& views) const {
    const Theme& t = theme();
    for (Side side : {Side::Exhaust, Side::Intake}) {
        for (std::size_t i = 0; i < views.size(); ++i) {
            if (!views[i].cam->lift[side]) continue;
            QPolygonF line;
            for (double deg : along(kOverlayFrom, kOverlayTo, kStep))
                line << QPointF(f.x(deg), f.y(liftOf(views[i], side, deg)));
            p.setBrush(Qt::NoBrush);
            p.setPen(camPen(t.lobe(side), i, views[i]));
            p.drawPolyline(line);
        }
        // A mark on each outer flank, at a height of its own so that they do not hide one another.
        for (std::size_t i = 0; i < views.size(); ++i) {
            if (!views[i].cam->lift[side]) continue;
            const double wanted = f.most * (0.16 + 0.125 * static_cast<double>(i));
            const double way = side == Side::Intake ? -1.0 : 1.0;
            for (double from : along(-kOverlayTo, kOverlayTo, 1.0)) {
                const double deg = way * from;
                if (liftOf(views[i], side, deg) >= wanted) {
                    drawCamMark(p, t, {f.x(deg), f.y(wanted)}, i, views[i]);
                    break;
                }
            }
        }
    }
}

void CamOverlay::differences(QPainter& p, const Frame& f, const std::vector<CamView>& views) const {
    const auto ref =
        std::find_if(views.begin(), views.end(), [](const CamView& v) { return v.reference; });
    if (ref == views.end()) return;
    p.save();
    p.setClipRect(f.lower);
    for (Side side : {Side::Exhaust, Side::Intake})
        for (std::size_t i = 0; i < views.size(); ++i) {
            if (views[i].reference || !views[i].cam->lift[side] || !ref->cam->lift[side]) continue;
            QPolygonF line;
            for (double deg : along(kOverlayFrom, kOverlayTo, kStep)) {
                const double a = liftOf(views[i], side, deg), b = liftOf(*ref, side, deg);
                if (a > 0.0 || b > 0.0) line << QPointF(f.x(deg), f.d(a - b));
            }
            p.setPen(camPen(theme().lobe(side), i, views[i]));
            p.drawPolyline(line);
        }
    p.restore();
}

QString CamOverlay::text() const {
    if (!desk_) return {};
    const auto views = desk_->views();
    const words::Style& style = look().style();
    QStringList lines, head{Say::tr("degrees")};
    for (const CamView& v : views)
        for (Side side : {Side::Exhaust, Side::Intake})
            head << v.name + QLatin1Char(' ') + words::sideName(side);
    lines << columns(head);
    for (double deg : along(kOverlayFrom, kOverlayTo, kStep)) {
        QStringList row{words::fixed(deg, 0, style)};
        for (const CamView& v : views)
            for (Side side : {Side::Exhaust, Side::Intake})
                row << (v.cam->lift[side] ? words::lift(liftOf(v, side, deg), style) : QString());
        lines << columns(row);
    }
    return lines.join(QLatin1Char('\n'));
}

void CamOverlay::draw(QPainter& p, const QSizeF& size) const {
    p.setRenderHint(QPainter::Antialiasing);
    p.fillRect(QRectF({}, size), theme().panel);
    if (!desk_) return;
    const auto views = desk_->views();
    Frame f;
    const double room = size.height() - kOverlayTop - kBetween - kFoot;
    f.upper =
        QRectF(kOverlayLeft, kOverlayTop, size.width() - kOverlayLeft - kOverlayRight, room * 0.70);
    f.lower = QRectF(kOverlayLeft, f.upper.bottom() + kBetween, f.upper.width(), room * 0.30);
    double most = 6.0, apart = 0.0;
    const CamView* ref = nullptr;
    for (const CamView& v : views)
        if (v.reference) ref = &v;
    for (const CamView& v : views)
        for (Side side : {Side::Intake, Side::Exhaust})
            for (double deg : along(kOverlayFrom, kOverlayTo, 2.0 * kStep)) {
                const double mm = liftOf(v, side, deg);
                most = std::max(most, mm);
                if (ref && ref->cam->lift[side] && v.cam->lift[side])
                    apart = std::max(apart, std::abs(mm - liftOf(*ref, side, deg)));
            }
    f.most = most * 1.06;
    // To a half, so that it does not dance under the slide.
    f.apart = std::max(0.5, std::ceil(2.0 * apart) / 2.0);
    frame(p, f);
    lifts(p, f, views);
    differences(p, f, views);
}

} // namespace app
