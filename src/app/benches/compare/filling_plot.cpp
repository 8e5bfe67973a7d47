#include "app/benches/compare/filling_plot.h"

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
constexpr double kFillingLeft = 46.0, kFillingRight = 12.0, kFillingTop = 22.0, kFillingFoot = 20.0,
                 kFillingBetween = 18.0;

/// A line through the points, in the plot's own coordinates.
template <class X, class Y> QPolygonF lineOf(const FillingCurve& c, const X& x, const Y& y) {
    QPolygonF out;
    for (std::size_t k = 0; k < c.points.size(); ++k)
        out << QPointF(x(c.points[k].speed_rpm), y(k));
    return out;
}
} // namespace

FillingPlot::FillingPlot(const Look& look, Dialogs& dialogs, QWidget* parent)
    : Picture(look, dialogs, QStringLiteral("filling"), parent) {
    setObjectName(QStringLiteral("fillingPlot"));
    setAccessibleName(Say::tr("Estimated filling of every cam over speed"));
    setMinimumSize(300, 190);
}

void FillingPlot::setDesk(const CompareDesk* desk) {
    desk_ = desk;
    update();
}

QString FillingPlot::text() const {
    if (!desk_ || desk_->curves().empty()) return Picture::text();
    const auto views = desk_->views();
    const auto& curves = desk_->curves();
    const auto longest =
        std::max_element(curves.begin(), curves.end(), [](const auto& a, const auto& b) {
            return a.points.size() < b.points.size();
        });
    QStringList lines, head{Say::tr("per minute")};
    for (const CamView& v : views)
        head << v.name;
    lines << columns(head);
    for (std::size_t k = 0; k < longest->points.size(); ++k) {
        QStringList row{words::fixed(longest->points[k].speed_rpm, 0, look().style())};
        for (const FillingCurve& c : curves)
            row << (k < c.points.size() ? words::fixed(c.points[k].efficiency, 3, look().style())
                                        : QString());
        lines << columns(row);
    }
    return lines.join(QLatin1Char('\n'));
}

void FillingPlot::draw(QPainter& p, const QSizeF& size) const {
    p.setRenderHint(QPainter::Antialiasing);
    const Theme& t = theme();
    p.fillRect(QRectF({}, size), t.panel);
    if (!desk_) return;
    const auto views = desk_->views();
    const auto& curves = desk_->curves();
    const double room = size.height() - kFillingTop - kFillingBetween - kFillingFoot;
    const QRectF upper(kFillingLeft, kFillingTop, size.width() - kFillingLeft - kFillingRight,
                       room * 0.68);
    const QRectF lower(kFillingLeft, upper.bottom() + kFillingBetween, upper.width(), room * 0.32);
    p.setBrush(t.dial);
    p.setPen(QPen(t.edge, 1.0));
    p.drawRect(upper);
    p.drawRect(lower);
    p.setFont(Look::font(12));
    p.setPen(t.muted);
    drawFitted(p, QRectF(kFillingLeft, 2, upper.width(), kFillingTop - 4),
               Qt::AlignLeft | Qt::AlignVCenter,
               Say::tr("filling, an estimate with gas in the pipes, over thousands per minute"));
    const CamView* ref = nullptr;
    const FillingCurve* base = nullptr;
    double least = 0.6, most = 1.0, from = 1000.0, to = 8000.0, apart = 5.0;
    for (std::size_t i = 0; i < curves.size() && i < views.size(); ++i) {
        if (curves[i].points.empty()) continue;
        from = curves[i].points.front().speed_rpm;
        to = curves[i].points.back().speed_rpm;
        for (const FillingPoint& x : curves[i].points) {
            least = std::min(least, x.efficiency);
            most = std::max(most, x.efficiency);
        }
        if (views[i].reference) {
            ref = &views[i];
            base = &curves[i];
        }
    }
    if (curves.empty()) {
        p.setFont(Look::font(14));
        p.setPen(t.ink);
        p.drawText(upper.adjusted(14, 10, -14, -10),
                   static_cast<int>(Qt::AlignCenter) | static_cast<int>(Qt::TextWordWrap),
                   desk_->fillingLine());
        return;
    }
    least = std::floor(10.0 * least) / 10.0;
    most = std::ceil(10.0 * most + 0.2) / 10.0;
    const auto x = [&](double rpm) {
        return upper.left() + (rpm - from) / (to - from) * upper.width();
    };
    const auto y = [&](double e) {
        return upper.bottom() - (e - least) / (most - least) * upper.height();
    };
    // Where power is wanted.
    const Purpose& purpose = desk_->purpose();
    if (purpose.to_rpm > purpose.from_rpm) {
        QColor band = t.amber;
        band.setAlpha(36);
        p.fillRect(QRectF(QPointF(x(std::max(from, purpose.from_rpm)), upper.top()),
                          QPointF(x(std::min(to, purpose.to_rpm)), upper.bottom())),
                   band);
    }
    for (double e : along(least, most, 0.1)) {
        p.setPen(QPen(t.edge, 0.6));
        p.drawLine(QPointF(upper.left(), y(e)), QPointF(upper.right(), y(e)));
        p.setPen(t.muted);
        p.drawText(QRectF(0, y(e) - 9, kFillingLeft - 5, 18), Qt::AlignRight | Qt::AlignVCenter,
                   words::fixed(e, 1, look().style()));
    }
    for (double rpm : along(std::ceil(from / 1000.0) * 1000.0, to, 1000.0)) {
        p.setPen(QPen(t.edge, 0.6));
        for (const QRectF& box : {upper, lower})
            p.drawLine(QPointF(x(rpm), box.top()), QPointF(x(rpm), box.bottom()));
        p.setPen(t.muted);
        p.drawText(QRectF(x(rpm) - 30, lower.bottom() + 2, 60, 18), Qt::AlignCenter,
                   QString::number(rpm / 1000.0, 'f', 0));
    }
    for (std::size_t i = 0; i < curves.size() && i < views.size(); ++i) {
        const FillingCurve& c = curves[i];
        if (c.points.empty()) continue;
        // From short to long pipes, where their lengths are not known.
        if (views[i].atHand && c.points.front().byLength) {
            const auto edge = [&](bool above) {
                return lineOf(c, x, [&](std::size_t k) {
                    const auto& all = *c.points[k].byLength;
                    const auto [low, high] = std::minmax_element(all.begin(), all.end());
                    return std::clamp(y(above ? *high : *low), upper.top(), upper.bottom());
                });
            };
            QPolygonF band = edge(true), below = edge(false);
            std::reverse(below.begin(), below.end());
            QColor ground = t.ink;
            ground.setAlpha(22);
            p.setPen(Qt::NoPen);
            p.setBrush(ground);
            p.drawPolygon(band + below);
        }
        p.setBrush(Qt::NoBrush);
        p.setPen(camPen(t.ink, i, views[i]));
        p.drawPolyline(lineOf(c, x, [&](std::size_t k) { return y(c.points[k].efficiency); }));
        const auto at = static_cast<std::size_t>(static_cast<double>(c.points.size()) *
                                                 (0.12 + 0.13 * static_cast<double>(i)));
        if (at < c.points.size())
            drawCamMark(p, t, {x(c.points[at].speed_rpm), y(c.points[at].efficiency)}, i, views[i]);
        if (c.peak_rpm) {
            p.setPen(camPen(t.amberLine, 0, views[i]));
            p.drawLine(QPointF(x(*c.peak_rpm), y(c.peakEfficiency) - 7),
                       QPointF(x(*c.peak_rpm), y(c.peakEfficiency) + 7));
        }
    }
    if (!ref || !base) return;
    const auto share = [&](const FillingCurve& c, std::size_t k) {
        return 100.0 * (c.points[k].efficiency / base->points[k].efficiency - 1.0);
    };
    for (const FillingCurve& c : curves)
        for (std::size_t k = 0; k < c.points.size() && k < base->points.size(); ++k)
            apart = std::max(apart, std::abs(share(c, k)));
    apart = std::ceil(apart / 5.0) * 5.0;
    const auto d = [&](double v) { return lower.center().y() - v / apart * lower.height() / 2.0; };
    p.setFont(Look::font(12));
    p.setPen(t.muted);
    p.drawLine(QPointF(lower.left(), d(0)), QPointF(lower.right(), d(0)));
    p.drawText(QRectF(0, lower.top() - 2, kFillingLeft - 5, 16), Qt::AlignRight | Qt::AlignTop,
               QLatin1Char('+') + QString::number(apart, 'f', 0) + QStringLiteral(" %"));
    p.drawText(QRectF(0, lower.bottom() - 14, kFillingLeft - 5, 16),
               Qt::AlignRight | Qt::AlignBottom,
               QString(QChar(0x2212)) + QString::number(apart, 'f', 0) + QStringLiteral(" %"));
    drawFitted(p,
               QRectF(kFillingLeft, lower.top() - kFillingBetween, lower.width(), kFillingBetween),
               Qt::AlignLeft | Qt::AlignVCenter,
               Say::tr("against %1").arg(QString(ref->letter) + QLatin1Char(' ') + ref->name));
    for (std::size_t i = 0; i < curves.size() && i < views.size(); ++i) {
        const FillingCurve& c = curves[i];
        if (views[i].reference || c.points.size() != base->points.size()) continue;
        p.setPen(camPen(t.ink, i, views[i]));
        p.drawPolyline(lineOf(c, x, [&](std::size_t k) { return d(share(c, k)); }));
    }
}

} // namespace app
