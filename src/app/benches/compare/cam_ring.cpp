#include "app/benches/compare/cam_ring.h"

#include "app/benches/compare/cam_style.h"
#include "app/style/shrinking.h"
#include "core/assess/need.h"
#include "words/say.h"
#include "words/sentences.h"

#include <QPainter>

#include <algorithm>
#include <cmath>
#include <numbers>

namespace app {

using namespace lobe;

namespace {

/// In the running direction from the top, seen clockwise.
QPointF on(QPointF middle, double radius, double deg) {
    const double a = (deg - 90.0) * std::numbers::pi / 180.0;
    return middle + QPointF(radius * std::cos(a), radius * std::sin(a));
}

void arc(QPainter& p, QPointF middle, double radius, double from, double to) {
    QPolygonF line;
    const int n = std::max(2, static_cast<int>((to - from) / 2.0));
    for (int i = 0; i <= n; ++i)
        line << on(middle, radius, from + (to - from) * i / n);
    p.drawPolyline(line);
}

} // namespace

CamRing::CamRing(const Look& look, Dialogs& dialogs, QWidget* parent)
    : Picture(look, dialogs, QStringLiteral("cam-ring"), parent) {
    setObjectName(QStringLiteral("camRing"));
    setAccessibleName(Say::tr("When the valves of every cam are open"));
    setMinimumSize(300, 190);
}

void CamRing::setDesk(const CompareDesk* desk) {
    desk_ = desk;
    update();
}

void CamRing::draw(QPainter& p, const QSizeF& size) const {
    p.setRenderHint(QPainter::Antialiasing);
    const Theme& t = theme();
    p.fillRect(QRectF({}, size), t.panel);
    if (!desk_) return;
    const auto views = desk_->views();
    const double radius = std::min(size.width() - 90.0, size.height() - 46.0) / 2.0;
    const QPointF middle(size.width() / 2.0, 22.0 + radius);
    p.setPen(QPen(t.edge, 1.0));
    p.setBrush(t.dial);
    p.drawEllipse(middle, radius, radius);
    p.setFont(Look::font(12));
    for (int deg = 0; deg < 360; deg += 30) {
        p.setPen(QPen(deg % 180 == 0 ? t.muted : t.edge, deg % 180 == 0 ? 1.2 : 0.6));
        p.drawLine(on(middle, radius * 0.25, deg), on(middle, radius, deg));
    }
    p.setPen(t.muted);
    p.drawText(QRectF(middle.x() - 60, 2, 120, 18), Qt::AlignCenter, Say::tr("TDC, overlap"));
    p.drawText(QRectF(middle.x() - 60, middle.y() + radius + 3, 120, 18), Qt::AlignCenter,
               Say::tr("BDC"));
    const double track =
        radius * 0.68 / static_cast<double>(std::max<std::size_t>(1, views.size()));
    const double gap = std::min(4.0, track * 0.18);
    for (std::size_t i = 0; i < views.size(); ++i) {
        const CamView& v = views[i];
        if (!v.cam->state) continue;
        const Outcome out = outcome(v.cam->state->job, v.cam->state->findings, v.moved_deg.intake,
                                    v.moved_deg.exhaust);
        const double outer = radius - track * static_cast<double>(i) - 6.0;
        const auto both = [&](const std::optional<double>& opens,
                              const std::optional<double>& shuts, Side side, double r) {
            if (!opens || !shuts) return;
            // Card notation to degrees from the top of the overlap.
            const double from = side == Side::Intake ? -*opens : -180.0 - *opens;
            const double to = side == Side::Intake ? 180.0 + *shuts : *shuts;
            QPen pen = camPen(t.lobe(side), i, v);
            pen.setWidthF(pen.widthF() + 2.0);
            p.setPen(pen);
            p.setBrush(Qt::NoBrush);
            arc(p, middle, r, from, to);
        };
        both(out.events.ivo, out.events.ivc, Side::Intake, outer);
        both(out.events.evo, out.events.evc, Side::Exhaust, outer - track / 2.0 + gap);
        drawCamMark(p, t, on(middle, outer - track / 4.0, 180.0), i, v);
    }
    p.setPen(t.muted);
    drawFitted(p, QRectF(8, size.height() - 20, size.width() / 2.0 - 70, 18),
               Qt::AlignLeft | Qt::AlignVCenter, Say::tr("outside intake, inside exhaust"));
}

} // namespace app
