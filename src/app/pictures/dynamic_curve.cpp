#include "app/pictures/dynamic_curve.h"

#include "app/pictures/along.h"
#include "desk/slide_state.h"
#include "words/fuel.h"
#include "words/say.h"

#include <QPainter>

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;

namespace {
constexpr double kLeft = 46.0, kRight = 46.0, kTop = 20.0, kBottom = 8.0;
} // namespace

DynamicCurve::DynamicCurve(const Look& look, Dialogs& dialogs, QWidget* parent)
    : Picture(look, dialogs, QStringLiteral("dynamic"), parent) {
    setObjectName(QStringLiteral("dynamicCurve"));
    setAccessibleName(Say::tr("Dynamic compression against advance"));
    setMinimumSize(260, 120);
}

void DynamicCurve::setScene(const DynamicScene& scene) {
    scene_ = scene;
    double least = 1e9, most = 0.0;
    for (const auto* curve : {&scene_.curve, &scene_.kept})
        for (const AdvancePoint& p : *curve) {
            least = std::min(least, p.dynamicRatio);
            most = std::max(most, p.dynamicRatio);
        }
    if (most > 0.0) {
        least_ = std::floor(least * 2.0 - 0.4) / 2.0;
        most_ = std::ceil(most * 2.0 + 0.4) / 2.0;
    }
    update();
}

QString DynamicCurve::text() const {
    QStringList lines{columns({Say::tr("advance"), Say::tr("dynamic ratio")})};
    for (const AdvancePoint& p : scene_.curve)
        lines << columns({words::fixed(p.advance_deg, 1, look().style()),
                          words::fixed(p.dynamicRatio, 2, look().style())});
    return lines.join(QLatin1Char('\n'));
}

/// Where an advance and a ratio stand in the box of the curve.
struct DynamicCurve::Plot {
    QRectF box;
    double least, most; ///< dynamic ratio
    double x(double deg) const {
        const double range = SlideState::kRange_deg;
        return box.left() + (deg + range) / (2.0 * range) * box.width();
    }
    double y(double ratio) const {
        return box.bottom() - (ratio - least) / (most - least) * box.height();
    }
};

void DynamicCurve::draw(QPainter& p, const QSizeF& size) const {
    const Theme& t = theme();
    p.setRenderHint(QPainter::Antialiasing);
    const QRectF box(kLeft, kTop, size.width() - kLeft - kRight, size.height() - kTop - kBottom);
    const Plot plot{box, least_, most_};
    p.setPen(QPen(t.edge, 1.0));
    p.setBrush(t.dial);
    p.drawRect(box);
    p.setFont(Look::font(12));
    p.setPen(t.muted);
    p.drawText(QRectF(kLeft, 0, box.width(), kTop), Qt::AlignLeft | Qt::AlignVCenter,
               title(p.fontMetrics(), box.width()));
    p.save();
    p.setClipRect(box);
    drawCurves(p, plot);
    p.restore();
    nameFuels(p, plot);
    p.setPen(t.muted);
    for (double r : along(std::ceil(least_), most_, 1.0))
        p.drawText(QRectF(0, plot.y(r) - 9, kLeft - 6, 18), Qt::AlignRight | Qt::AlignVCenter,
                   words::fixed(r, 0, look().style()));
}

QString DynamicCurve::title(const QFontMetrics& metrics, double width) const {
    const QString full = scene_.rough
                             ? Say::tr("dynamic ratio against advance; fuel limits a rough guide")
                             : Say::tr("dynamic ratio against advance, crank degrees");
    if (metrics.horizontalAdvance(full) <= width) return full;
    const QString brief = scene_.rough ? Say::tr("dynamic by advance; fuels a rough guide")
                                       : Say::tr("dynamic by advance");
    return metrics.horizontalAdvance(brief) <= width ? brief : Say::tr("dynamic by advance");
}

void DynamicCurve::drawCurves(QPainter& p, const Plot& plot) const {
    const Theme& t = theme();
    const QRectF& box = plot.box;
    QColor band = t.exhaustFill;
    band.setAlpha(90);
    for (const FuelLimit& f : scene_.fuels) {
        if (f.dynamic > most_) continue;
        p.setPen(Qt::NoPen);
        p.setBrush(band);
        p.drawRect(QRectF(box.left(), box.top(), box.width(), plot.y(f.dynamic) - box.top()));
        p.setPen(QPen(t.exhaust, 1.0, Qt::DashLine));
        p.drawLine(QPointF(box.left(), plot.y(f.dynamic)), QPointF(box.right(), plot.y(f.dynamic)));
    }
    const auto line = [&](const std::vector<AdvancePoint>& curve, const QPen& pen) {
        QPolygonF points;
        for (const AdvancePoint& a : curve)
            points << QPointF(plot.x(a.advance_deg), plot.y(a.dynamicRatio));
        p.setPen(pen);
        p.setBrush(Qt::NoBrush);
        p.drawPolyline(points);
    };
    line(scene_.kept, QPen(t.muted, 1.6, Qt::DashLine));
    line(scene_.curve, QPen(t.ink, 2.2));
    if (scene_.wanted > 0.0) {
        const double y = plot.y(scene_.wanted);
        p.setPen(QPen(t.amberLine, 2.0, Qt::DotLine));
        p.drawLine(QPointF(box.left(), y), QPointF(box.right(), y));
    }
    const double x = plot.x(scene_.advance_deg);
    p.setPen(QPen(t.amberLine, 3.0));
    p.drawLine(QPointF(x, box.top()), QPointF(x, box.bottom()));
}

/// Over it all, each on a ground of its own.
void DynamicCurve::nameFuels(QPainter& p, const Plot& plot) const {
    const Theme& t = theme();
    const QRectF& box = plot.box;
    double named = -100.0; // where the last one stands
    for (const FuelLimit& f : scene_.fuels) {
        const double at = plot.y(f.dynamic) + 1.0;
        if (f.dynamic > most_ || at < box.top() || at + 16.0 > box.bottom() ||
            std::abs(at - named) < 16.0)
            continue;
        named = at;
        const QString said = words::fuelName(f.name) + Say::tr(", up to ") +
                             words::fixed(f.dynamic, 1, look().style());
        const double wide =
            std::min<double>(p.fontMetrics().horizontalAdvance(said) + 6.0, box.width() - 8.0);
        const QRectF ground(box.left() + 3, at, wide, 16);
        p.fillRect(ground, t.dial);
        p.setPen(t.exhaust);
        p.drawText(ground.adjusted(3, 0, 0, 0), Qt::AlignLeft | Qt::AlignVCenter,
                   p.fontMetrics().elidedText(said, Qt::ElideRight, static_cast<int>(wide) - 3));
    }
}

} // namespace app
