#include "app/benches/lash/lash_chart.h"

#include "app/style/shrinking.h"
#include "words/bench.h"
#include "words/say.h"

#include <QMouseEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;

namespace {
constexpr double kNamesWide = 86.0, kChartTop = 26.0, kChartFoot = 24.0, kChartRight = 14.0;
constexpr double kWhole_deg = 720.0;
} // namespace

struct LashChart::Rows {
    QRectF box;
    double tall = 1.0;
    double x(double deg) const { return box.left() + deg / kWhole_deg * box.width(); }
    QRectF row(std::size_t i) const {
        return {box.left(), box.top() + static_cast<double>(i) * tall, box.width(), tall};
    }
    static Rows of(const QSizeF& size, std::size_t valves) {
        Rows r;
        r.box = QRectF(kNamesWide, kChartTop, size.width() - kNamesWide - kChartRight,
                       size.height() - kChartTop - kChartFoot);
        r.tall = r.box.height() / static_cast<double>(std::max<std::size_t>(1, valves));
        return r;
    }
};

LashChart::LashChart(const Look& look, Dialogs& dialogs, QWidget* parent)
    : Picture(look, dialogs, QStringLiteral("lash"), parent) {
    setObjectName(QStringLiteral("lashChart"));
    setAccessibleName(Say::tr("Where every valve may be set, over the cycle"));
    setMinimumSize(280, 160);
}

void LashChart::setScene(LashScene scene) {
    scene_ = std::move(scene);
    setAccessibleDescription(text());
    update();
}

QString LashChart::text() const {
    QStringList lines;
    for (const LashStop& s : scene_.plan.stops)
        lines << words::stopLine(scene_.plan, s, look().style());
    return lines.join(QLatin1Char('\n'));
}

void LashChart::draw(QPainter& p, const QSizeF& size) const {
    p.setRenderHint(QPainter::Antialiasing);
    const Theme& t = theme();
    p.fillRect(QRectF({}, size), t.panel);
    const auto& valves = scene_.plan.valves;
    const Rows rows = Rows::of(size, valves.size());
    p.setBrush(t.dial);
    p.setPen(QPen(t.edge, 1.0));
    p.drawRect(rows.box);
    p.setFont(Look::font(12));
    for (int deg = 0; deg <= 720; deg += 90) {
        p.setPen(QPen(t.edge, deg % 360 == 0 ? 1.2 : 0.6));
        p.drawLine(QPointF(rows.x(deg), rows.box.top()), QPointF(rows.x(deg), rows.box.bottom()));
        p.setPen(t.muted);
        p.drawText(QRectF(rows.x(deg) - 24, rows.box.bottom() + 3, 48, 18), Qt::AlignCenter,
                   QString::number(deg));
    }
    p.setPen(t.muted);
    drawFitted(p, QRectF(4, 3, size.width() - 8, kChartTop - 6), Qt::AlignLeft | Qt::AlignVCenter,
               Say::tr("off the base circle, over crank degrees after the overlap of cylinder 1"));
    for (std::size_t i = 0; i < valves.size(); ++i) {
        const LashValve& v = valves[i];
        const QRectF row = rows.row(i);
        const double high = std::min(16.0, row.height() * 0.6);
        const auto bar = [&](double from, double to, const QColor& colour) {
            // Round the cycle's end it goes on at its beginning.
            for (const double turn : {-720.0, 0.0, 720.0}) {
                const double a = std::clamp(from + turn, 0.0, kWhole_deg),
                             b = std::clamp(to + turn, 0.0, kWhole_deg);
                if (b - a > 1e-9)
                    p.fillRect(QRectF(QPointF(rows.x(a), row.center().y() - high / 2),
                                      QPointF(rows.x(b), row.center().y() + high / 2)),
                               colour);
            }
        };
        double from = v.opens_deg + v.behind_deg, to = v.closes_deg + v.behind_deg;
        while (from >= kWhole_deg) {
            from -= kWhole_deg;
            to -= kWhole_deg;
        }
        bar(from - scene_.margin_deg, to + scene_.margin_deg, t.lobeFill(v.side));
        bar(from, to, t.lobe(v.side));
        if (scene_.valve == i) {
            p.setBrush(Qt::NoBrush);
            p.setPen(QPen(t.amberLine, 2.0));
            p.drawRoundedRect(QRectF(2, row.top() + 1, size.width() - 4, row.height() - 2), 5, 5);
        }
        p.setPen(t.ink);
        p.setFont(Look::font(12, scene_.valve == i));
        const bool done = i < scene_.ticked.size() && scene_.ticked[i];
        drawFitted(p, QRectF(8, row.top(), kNamesWide - 12, row.height()),
                   Qt::AlignLeft | Qt::AlignVCenter,
                   (done ? QString(QChar(0x2713)) + QLatin1Char(' ') : QString()) +
                       words::lashValve(v));
    }
    for (std::size_t s = 0; s < scene_.plan.stops.size(); ++s) {
        const LashStop& stop = scene_.plan.stops[s];
        const bool now = scene_.stop == s;
        p.setPen(
            QPen(now ? t.amberLine : t.ink, now ? 2.6 : 1.2, now ? Qt::SolidLine : Qt::DashLine));
        const double x = rows.x(stop.cycle_deg);
        p.drawLine(QPointF(x, rows.box.top()), QPointF(x, rows.box.bottom()));
        // A dot on each valve that is set there.
        for (const std::size_t i : stop.set) {
            p.setBrush(now ? t.amber : t.dial);
            p.setPen(QPen(t.ink, 1.4));
            p.drawEllipse(QPointF(x, rows.row(i).center().y()), 5.0, 5.0);
        }
    }
}

void LashChart::mousePressEvent(QMouseEvent* event) {
    const Rows rows = Rows::of(size(), scene_.plan.valves.size());
    for (std::size_t i = 0; i < scene_.plan.valves.size(); ++i) {
        const QRectF row = rows.row(i);
        if (event->position().y() >= row.top() && event->position().y() < row.bottom() &&
            event->button() == Qt::LeftButton)
            return emit chosen(i);
    }
    Picture::mousePressEvent(event);
}

} // namespace app
