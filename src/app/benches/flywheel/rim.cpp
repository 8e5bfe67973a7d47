#include "app/benches/flywheel/rim.h"

#include "words/bench.h"
#include "words/say.h"
#include "words/sentences.h"

#include <QPainter>

#include <cmath>
#include <numbers>

namespace app {

using namespace lobe;

Rim::Rim(const Look& look, Dialogs& dialogs, QWidget* parent)
    : Picture(look, dialogs, QStringLiteral("flywheel"), parent) {
    setObjectName(QStringLiteral("rim"));
    setAccessibleName(Say::tr("What was measured round the flywheel"));
    setMinimumSize(240, 200);
}

void Rim::setScene(RimScene scene) {
    scene_ = std::move(scene);
    setAccessibleDescription(text());
    update();
}

QString Rim::text() const {
    return words::tapeVerdict(scene_.work, scene_.figures, look().style());
}

void Rim::draw(QPainter& p, const QSizeF& size) const {
    p.setRenderHint(QPainter::Antialiasing);
    const Theme& t = theme();
    p.fillRect(QRectF({}, size), t.panel);
    const double r = 0.5 * std::min(size.width(), size.height()) - 46.0;
    if (r < 30.0) return;
    const QPointF c(size.width() / 2.0, size.height() / 2.0);
    p.setBrush(t.dial);
    p.setPen(QPen(t.edge, 10.0));
    p.drawEllipse(c, r, r);
    p.setPen(QPen(t.edge, 4.0));
    for (int spoke = 0; spoke < 6; ++spoke) {
        const double a = spoke * std::numbers::pi / 3.0;
        p.drawLine(c, c + QPointF(std::sin(a), std::cos(a)) * (r - 6.0));
    }
    p.setBrush(t.dial);
    p.drawEllipse(c, 0.16 * r, 0.16 * r);
    const FlywheelWork& w = scene_.work;
    if (!(w.circumference_mm > 0.0)) return;
    const double way = scene_.clockwise ? 1.0 : -1.0;
    const auto degOf = [&](double mm) { return 360.0 * mm / w.circumference_mm; };
    const auto at = [&](double deg, double out) {
        const double a = way * deg * std::numbers::pi / 180.0;
        return c + QPointF(std::sin(a), -std::cos(a)) * out;
    };
    const auto arc = [&](double from, double wide, double out, const QPen& pen) {
        p.setBrush(Qt::NoBrush);
        p.setPen(pen);
        p.drawArc(QRectF(c.x() - out, c.y() - out, 2 * out, 2 * out),
                  static_cast<int>(std::lround(16.0 * (90.0 - way * from))),
                  static_cast<int>(std::lround(-16.0 * way * wide)));
    };
    p.setFont(Look::font(12));
    const auto mark = [&](const std::optional<double>& mm, const QString& name,
                          const QColor& colour) {
        if (!mm) return;
        const double deg = degOf(*mm);
        p.setPen(QPen(colour, 2.4));
        p.drawLine(at(deg, r - 12.0), at(deg, r + 12.0));
        const QPointF where = at(deg, r + 28.0);
        p.setPen(t.ink);
        p.drawText(QRectF(where.x() - 50, where.y() - 9, 100, 18), Qt::AlignCenter, name);
    };
    if (w.opens_mm && scene_.figures.degrees) {
        const double opens = degOf(*w.opens_mm);
        if (w.least_deg && w.most_deg)
            arc(opens + *w.least_deg, *w.most_deg - *w.least_deg, r - 14.0,
                QPen(t.amber, 8.0, Qt::SolidLine, Qt::FlatCap));
        arc(opens, scene_.figures.degrees->value, r,
            QPen(t.exhaust, 6.0, Qt::SolidLine, Qt::FlatCap));
        p.setPen(t.ink);
        p.setFont(Look::font(22, true));
        p.drawText(QRectF(c.x() - 90, c.y() - 0.5 * r - 16, 180, 32), Qt::AlignCenter,
                   words::degrees(scene_.figures.degrees->value, look().style()));
        p.setFont(Look::font(12));
    }
    mark(0.0, Say::tr("the mark"), t.ink);
    mark(w.opens_mm, Say::tr("opens"), t.exhaust);
    mark(w.closes_mm, Say::tr("closes"), t.exhaust);
    mark(w.tdc_mm, Say::tr("TDC"), t.ink);
    mark(w.latch_mm, Say::tr("latch"), t.muted);
    mark(w.trip_mm, Say::tr("trip"), t.muted);
}

} // namespace app
