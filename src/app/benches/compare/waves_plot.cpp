#include "app/benches/compare/waves_plot.h"

#include "app/pictures/along.h"
#include "app/style/shrinking.h"
#include "words/say.h"

#include <QPainter>
#include <QPainterPath>

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;

namespace {

constexpr double kWavesFrom = -290.0, kWavesTo = 290.0; ///< crank degrees shown
constexpr double kWavesLeft = 58.0, kWavesRight = 12.0, kWavesTop = 22.0, kWavesFoot = 20.0,
                 kWavesBetween = 20.0;

double liftAt(const Cam& cam, Side side, double deg, double moved) {
    const ValveLift& lift = cam.lift[side];
    return lift ? std::max(0.0, lift.at(deg, moved)) : 0.0;
}

const std::vector<double>& pressures(const PipeTrace& trace, Side side) {
    return side == Side::Intake ? trace.intake_pa : trace.exhaust_pa;
}

/// Over ambient in a hundred of it; a value for each degree from -360.
double overAmbient(const CamWaves& w, Side side, double deg) {
    const auto& all = pressures(w.trace, side);
    if (all.empty()) return 0.0;
    const auto i = static_cast<std::size_t>(std::clamp(deg + 360.0, 0.0, 719.0));
    return all[i] > 0.0 ? 100.0 * (all[i] / w.ambient_pa - 1.0) : 0.0;
}

} // namespace

WavesPlot::WavesPlot(const Look& look, Dialogs& dialogs, QWidget* parent)
    : Picture(look, dialogs, QStringLiteral("waves"), parent) {
    setObjectName(QStringLiteral("wavesPlot"));
    setAccessibleName(Say::tr("Pressure at both valves over the cycle, under the lift"));
    setMinimumSize(300, 190);
}

void WavesPlot::setDesk(const CompareDesk* desk) {
    desk_ = desk;
    update();
}

QString WavesPlot::text() const {
    const CamWaves* w = desk_ ? desk_->waves() : nullptr;
    if (!w) return Picture::text();
    QStringList lines{
        columns({Say::tr("degrees"), Say::tr("intake, kPa"), Say::tr("exhaust, kPa")})};
    const words::Style& style = look().style();
    for (double deg : along(kWavesFrom, kWavesTo, 5.0)) {
        const auto i = static_cast<std::size_t>(deg + 360.0);
        if (i >= w->trace.intake_pa.size()) continue;
        lines << columns({words::fixed(deg, 0, style),
                          words::fixed(w->trace.intake_pa[i] / 1000.0, 1, style),
                          words::fixed(w->trace.exhaust_pa[i] / 1000.0, 1, style)});
    }
    return lines.join(QLatin1Char('\n'));
}

void WavesPlot::draw(QPainter& p, const QSizeF& size) const {
    p.setRenderHint(QPainter::Antialiasing);
    const Theme& t = theme();
    p.fillRect(QRectF({}, size), t.panel);
    if (!desk_ || desk_->cams().empty()) return;
    const double room = size.height() - kWavesTop - kWavesBetween - kWavesFoot;
    const QRectF upper(kWavesLeft, kWavesTop, size.width() - kWavesLeft - kWavesRight, room * 0.42);
    const QRectF lower(kWavesLeft, upper.bottom() + kWavesBetween, upper.width(), room * 0.58);
    const auto x = [&](double deg) {
        return upper.left() + (deg - kWavesFrom) / (kWavesTo - kWavesFrom) * upper.width();
    };
    p.setBrush(t.dial);
    p.setPen(QPen(t.edge, 1.0));
    p.drawRect(upper);
    p.drawRect(lower);
    p.setFont(Look::font(12));
    for (int deg = -270; deg <= 270; deg += 90) {
        p.setPen(QPen(deg == 0 ? t.muted : t.edge, deg == 0 ? 1.4 : 0.6));
        for (const QRectF& box : {upper, lower})
            p.drawLine(QPointF(x(deg), box.top()), QPointF(x(deg), box.bottom()));
        p.setPen(t.muted);
        p.drawText(QRectF(x(deg) - 30, lower.bottom() + 2, 60, 18), Qt::AlignCenter,
                   deg == 0               ? Say::tr("TDC")
                   : std::abs(deg) == 180 ? Say::tr("BDC")
                                          : QString::number(90) + QChar(0xB0));
    }
    const std::size_t at = desk_->atHand();
    const auto views = desk_->views();
    const Cam& cam = desk_->cams()[at];
    p.setPen(t.muted);
    drawFitted(p, QRectF(kWavesLeft, 2, upper.width(), kWavesTop - 4),
               Qt::AlignLeft | Qt::AlignVCenter,
               Say::tr("valve lift of %1")
                   .arg(QString(views[at].letter) + QLatin1Char(' ') + views[at].name));
    double most = 4.0;
    for (Side side : {Side::Intake, Side::Exhaust})
        for (double deg : along(kWavesFrom, kWavesTo, 4.0))
            most = std::max(most, 1.06 * liftAt(cam, side, deg, views[at].moved_deg[side]));
    for (Side side : {Side::Exhaust, Side::Intake}) {
        QPolygonF line;
        for (double deg : along(kWavesFrom, kWavesTo, 2.0))
            line << QPointF(x(deg),
                            upper.bottom() - liftAt(cam, side, deg, views[at].moved_deg[side]) /
                                                 most * upper.height());
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(t.lobe(side), 1.8));
        p.drawPolyline(line);
    }
    const CamWaves* w = desk_->waves();
    p.setPen(t.muted);
    drawFitted(p, QRectF(kWavesLeft, lower.top() - kWavesBetween, lower.width(), kWavesBetween),
               Qt::AlignLeft | Qt::AlignVCenter,
               Say::tr("pressure at the valves over ambient at %1 per minute; type another, 6500")
                   .arg(words::fixed(desk_->speedAtHand_rpm(), 0, look().style())));
    if (!w || w->cam != at) {
        p.setPen(t.ink);
        p.drawText(lower.adjusted(14, 6, -14, -6),
                   static_cast<int>(Qt::AlignCenter) | static_cast<int>(Qt::TextWordWrap),
                   desk_->fillingLine());
        return;
    }
    double least = -10.0, high = 20.0;
    for (Side side : {Side::Intake, Side::Exhaust})
        for (double deg : along(kWavesFrom, kWavesTo, 1.0)) {
            least = std::min(least, overAmbient(*w, side, deg));
            high = std::max(high, overAmbient(*w, side, deg));
        }
    least = std::floor(least / 10.0) * 10.0;
    high = std::ceil(high / 10.0) * 10.0;
    const auto y = [&](double v) {
        return lower.bottom() - (v - least) / (high - least) * lower.height();
    };
    for (double v : {least, 0.0, high}) {
        p.setPen(QPen(v == 0.0 ? t.muted : t.edge, v == 0.0 ? 1.0 : 0.6));
        p.drawLine(QPointF(lower.left(), y(v)), QPointF(lower.right(), y(v)));
        p.setPen(t.muted);
        p.drawText(QRectF(0, std::clamp(y(v) - 9, lower.top() - 4, lower.bottom() - 14),
                          kWavesLeft - 5, 18),
                   Qt::AlignRight | Qt::AlignVCenter,
                   words::signedFixed(v, 0, look().style()) + Say::tr(" %"));
    }
    // What is open is drawn heavy: there the wave does something.
    for (Side side : {Side::Exhaust, Side::Intake})
        for (const bool open : {false, true}) {
            QPainterPath line;
            bool drawing = false;
            for (double deg : along(kWavesFrom, kWavesTo, 1.0)) {
                const bool is = liftAt(cam, side, deg, views[at].moved_deg[side]) > 0.0;
                const QPointF to(x(deg), y(overAmbient(*w, side, deg)));
                if (is != open)
                    drawing = false;
                else if (drawing)
                    line.lineTo(to);
                else
                    line.moveTo(to);
                drawing = is == open;
            }
            p.setBrush(Qt::NoBrush);
            p.setPen(QPen(t.lobe(side), open ? 2.2 : 0.8,
                          side == Side::Intake ? Qt::SolidLine : Qt::DashLine));
            p.drawPath(line);
        }
}

} // namespace app
