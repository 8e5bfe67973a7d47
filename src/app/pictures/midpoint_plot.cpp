#include "app/pictures/midpoint_plot.h"

#include "app/style/shrinking.h"
#include "core/lobe/lobe.h"
#include "words/say.h"

#include <QPainter>

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;

MidpointPlot::MidpointPlot(const Look& look, Dialogs& dialogs, QWidget* parent)
    : Picture(look, dialogs, QStringLiteral("midpoints"), parent) {
    setObjectName(QStringLiteral("midpointPlot"));
    setAccessibleName(Say::tr("Middle of the events against height"));
    setMinimumSize(170, 150);
}

void MidpointPlot::setScene(const MidpointScene& scene) {
    scene_ = scene;
    reach_ = 2.0;
    for (const LobeFigures* lobe : {scene_.intake.get(), scene_.exhaust.get()}) {
        const auto centre = lobe ? lobe->centre(scene_.school) : std::nullopt;
        if (!centre) continue;
        for (const HeightEvents& e : lobe->midpoints.events)
            if (const auto m = e.midpoint())
                reach_ = std::max(reach_, std::ceil(std::abs(m->deg - centre->deg)));
    }
    reach_ = std::min(reach_, 15.0);
    update();
}

QString MidpointPlot::text() const {
    const words::Style& style = look().style();
    QStringList lines{columns({accessibleName(), Say::tr("lift, %1").arg(words::unitName(style)),
                               Say::tr("off the centre")})};
    for (const LobeFigures* lobe : {scene_.intake.get(), scene_.exhaust.get()}) {
        const auto centre = lobe ? lobe->centre(scene_.school) : std::nullopt;
        if (!centre) continue;
        for (const HeightEvents& e : lobe->midpoints.events)
            if (const auto m = e.midpoint())
                lines << columns({words::sideName(lobe->side), words::lift(e.height.mm, style),
                                  words::signedFixed(m->deg - centre->deg, 2, style)});
    }
    return lines.join(QLatin1Char('\n'));
}

void MidpointPlot::draw(QPainter& p, const QSizeF& size) const {
    const Theme& t = theme();
    p.setRenderHint(QPainter::Antialiasing);
    const QRectF box(34, 22, size.width() - 44, size.height() - 42);
    p.setPen(QPen(t.edge, 1.0));
    p.setBrush(t.dial);
    p.drawRect(box);
    p.setBrush(Qt::NoBrush);
    p.setFont(Look::font(12));
    p.setPen(t.muted);
    drawFitted(p, QRectF(0, 2, size.width(), 18), Qt::AlignHCenter | Qt::AlignVCenter,
               Say::tr("middle of the events, by lift"));
    p.drawText(QRectF(box.left() - 40, box.bottom() + 2, 80, 16), Qt::AlignCenter,
               words::fixed(-reach_, 0, look().style()) + QChar(0xB0));
    p.drawText(QRectF(box.right() - 40, box.bottom() + 2, 50, 16), Qt::AlignCenter,
               words::signedFixed(reach_, 0, look().style()) + QChar(0xB0));
    drawFitted(p, QRectF(box.center().x() - 28, box.bottom() + 2, 56, 16), Qt::AlignCenter,
               Say::tr("centre"));
    drawFitted(p, QRectF(0, box.top() - 2, 30, 16), Qt::AlignRight, Say::tr("nose"));
    drawFitted(p, QRectF(0, box.bottom() - 14, 30, 16), Qt::AlignRight, Say::tr("base"));
    p.setPen(QPen(t.muted, 1.0, Qt::DashLine));
    p.drawLine(QPointF(box.center().x(), box.top()), QPointF(box.center().x(), box.bottom()));
    for (const LobeFigures* lobe : {scene_.exhaust.get(), scene_.intake.get()})
        if (lobe) drawLobe(p, box, *lobe);
}

void MidpointPlot::drawLobe(QPainter& p, const QRectF& box, const LobeFigures& lobe) const {
    const auto centre = lobe.centre(scene_.school);
    if (!centre || !lobe.maxLift_mm) return;
    QPolygonF line;
    QColor faint = theme().lobe(lobe.side);
    faint.setAlpha(90);
    for (const HeightEvents& e : lobe.midpoints.events) {
        const auto m = e.midpoint();
        if (!m) continue;
        const auto x = [&](double deg) {
            return box.center().x() + std::clamp(deg / reach_, -1.0, 1.0) * box.width() / 2.0;
        };
        const double y = box.bottom() - box.height() * e.height.mm / *lobe.maxLift_mm;
        const double off = m->deg - centre->deg;
        line << QPointF(x(off), y);
        if (const auto u = halfWidthOf(e.midpoint())) {
            p.setPen(QPen(faint, 1.0));
            p.drawLine(QPointF(x(off - *u), y), QPointF(x(off + *u), y));
        }
    }
    p.setPen(look().lobePen(lobe.side));
    p.drawPolyline(line);
}

} // namespace app
