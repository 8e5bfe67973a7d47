#include "app/benches/clearance/gap_map.h"

#include "app/pictures/along.h"
#include "app/style/shrinking.h"
#include "words/clearance.h"
#include "words/say.h"

#include <QPainter>

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;

namespace {
constexpr double kMapLeft = 52.0, kMapRight = 14.0, kMapTop = 24.0, kMapBottom = 24.0;
constexpr double kReach = 40.0; ///< degrees shown either side of TDC
} // namespace

/// Where an angle and a clearance stand.
struct GapMap::Plot {
    QRectF box;
    double most;
    double x(double deg) const {
        return box.left() + (deg + kReach) / (2.0 * kReach) * box.width();
    }
    double y(double mm) const { return box.bottom() - mm / most * box.height(); }
};

GapMap::GapMap(const Look& look, Dialogs& dialogs, QWidget* parent)
    : Picture(look, dialogs, QStringLiteral("gap-map"), parent) {
    setObjectName(QStringLiteral("gapMap"));
    setAccessibleName(Say::tr("Clearance of valve and piston against crank angle"));
    setMinimumSize(300, 190);
}

void GapMap::setScene(const GapScene& scene) {
    scene_ = scene;
    double most = 4.0;
    for (const GapCurve& valve : scene_.valves) {
        for (const GapPoint& p : valve.points)
            most = std::max(most, p.clearance_mm + 0.6);
        if (valve.least) most = std::max(most, valve.least->mm + 2.0);
    }
    most_ = std::min(12.0, std::ceil(most));
    update();
}

void GapMap::drawFrame(QPainter& p, const Plot& plot) const {
    const Theme& t = theme();
    p.setPen(QPen(t.edge, 1.0));
    p.setBrush(t.dial);
    p.drawRect(plot.box);
    p.setFont(Look::font(12));
    const bool inches = look().style().inches();
    const double step = inches ? 0.050 * kMmPerInch : 1.0;
    int n = -1;
    for (double mm : along(0.0, most_, step)) {
        ++n;
        p.setPen(QPen(t.edge, 0.6));
        p.drawLine(QPointF(plot.box.left(), plot.y(mm)), QPointF(plot.box.right(), plot.y(mm)));
        p.setPen(t.muted);
        if (plot.y(0.0) - plot.y(step) < 14.0 && n % 2) continue;
        p.drawText(QRectF(0, plot.y(mm) - 9, kMapLeft - 6, 18), Qt::AlignRight | Qt::AlignVCenter,
                   inches ? words::fixed(mm / kMmPerInch, 2, look().style())
                          : words::fixed(mm, 0, look().style()));
    }
    for (int deg = -40; deg <= 40; deg += 10) {
        p.setPen(QPen(deg == 0 ? t.muted : t.edge, deg == 0 ? 1.4 : 0.6));
        p.drawLine(QPointF(plot.x(deg), plot.box.top()), QPointF(plot.x(deg), plot.box.bottom()));
        p.setPen(t.muted);
        p.drawText(QRectF(plot.x(deg) - 24, plot.box.bottom() + 3, 48, 18), Qt::AlignCenter,
                   deg == 0 ? Say::tr("TDC") : QString::number(std::abs(deg)) + QChar(0xB0));
    }
    drawFitted(p, QRectF(kMapLeft, 2, plot.box.width(), kMapTop - 4),
               Qt::AlignLeft | Qt::AlignVCenter,
               inches ? Say::tr("clearance, in, against crank degrees from TDC on overlap")
                      : Say::tr("clearance, mm, against crank degrees from TDC on overlap"));
}

void GapMap::drawOthers(QPainter& p, const Plot& plot, const GapCurve& valve) const {
    const Theme& t = theme();
    static constexpr Qt::PenStyle kStyles[] = {Qt::DashLine, Qt::DotLine, Qt::DashDotLine,
                                               Qt::DashDotDotLine};
    int n = 0;
    for (const OtherCam& cam : scene_.others) {
        if (n == 4) break;
        QPolygonF line;
        for (double deg : along(-kReach, kReach, 1.0))
            line << QPointF(plot.x(deg),
                            plot.y(valve.gap->clearance(deg, cam.lift, scene_.advance_deg)));
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(t.muted, 1.4, kStyles[n]));
        p.drawPolyline(line);
        // Named under its least, on a ground of its own.
        const Least least = leastClearance(*valve.gap, cam.lift, scene_.advance_deg);
        const QString name = QString::fromStdString(cam.name);
        const double wide = p.fontMetrics().horizontalAdvance(name) + 6.0;
        const QRectF room(
            plot.x(least.at_deg) - wide / 2.0,
            std::clamp(plot.y(least.mm) + 3.0, plot.box.top(), plot.box.bottom() - 17.0), wide, 16);
        p.fillRect(room, t.dial);
        p.setPen(t.muted);
        p.drawText(room, Qt::AlignCenter, name);
        ++n;
    }
}

void GapMap::drawValve(QPainter& p, const Plot& plot, const GapCurve& valve) const {
    const Theme& t = theme();
    const QColor colour = t.lobe(valve.side);
    const bool intake = valve.side == Side::Intake;
    // What is not to be gone below, on the valve's own side of TDC.
    QColor band = colour;
    band.setAlpha(40);
    const double edge = intake ? plot.box.right() : plot.box.left();
    p.setPen(Qt::NoPen);
    p.setBrush(band);
    p.drawRect(QRectF(QPointF(plot.x(0), plot.y(valve.limit_mm)), QPointF(edge, plot.y(0))));
    p.setPen(QPen(colour, 1.2, Qt::DashLine));
    p.drawLine(QPointF(plot.x(0), plot.y(valve.limit_mm)), QPointF(edge, plot.y(valve.limit_mm)));
    p.setFont(Look::font(12));
    p.setPen(colour);
    drawFitted(p, QRectF(intake ? edge - 126 : edge + 6, plot.y(valve.limit_mm) + 2, 120, 16),
               intake ? Qt::AlignRight : Qt::AlignLeft,
               Say::tr("limit %1").arg(words::clearance(valve.limit_mm, look().style())));
    if (valve.gap) {
        QPolygonF line, over, under;
        for (double deg : along(-kReach, kReach, 1.0)) {
            const double mm = valve.gap->clearance(deg, valve.lift, scene_.advance_deg);
            const double half = valve.gap->plusMinus_mm(deg);
            line << QPointF(plot.x(deg), plot.y(mm));
            over << QPointF(plot.x(deg), plot.y(mm + half));
            under.prepend(QPointF(plot.x(deg), plot.y(mm - half)));
        }
        QColor fill = colour;
        fill.setAlpha(60);
        p.setPen(Qt::NoPen);
        p.setBrush(fill);
        p.drawPolygon(over + under);
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(colour, 2.2));
        p.drawPolyline(line);
    }
    for (const GapPoint& x : valve.points) {
        const QPointF at(plot.x(x.deg), plot.y(x.clearance_mm));
        p.setPen(QPen(x.counts ? t.ink : t.muted, 1.6));
        p.setBrush(x.counts ? colour : t.dial);
        // Told apart in black and white: round for the intake, square for the exhaust.
        if (intake)
            p.drawEllipse(at, 4.0, 4.0);
        else
            p.drawRect(QRectF(at.x() - 3.6, at.y() - 3.6, 7.2, 7.2));
    }
    if (valve.clay_mm) {
        // All along the valve's own side: where it was squeezed thinnest nobody saw.
        p.setPen(QPen(colour, 1.6, Qt::DotLine));
        const double y = plot.y(*valve.clay_mm);
        p.drawLine(QPointF(plot.x(0), y), QPointF(edge, y));
        p.setFont(Look::font(12));
        p.setPen(colour);
        drawFitted(p, QRectF(intake ? edge - 126 : edge + 6, y - 17, 120, 16),
                   intake ? Qt::AlignRight : Qt::AlignLeft,
                   Say::tr("clay %1").arg(words::clearance(*valve.clay_mm, look().style())));
    }
    if (valve.least) {
        const QPointF at(plot.x(valve.least->at_deg), plot.y(valve.least->mm));
        const bool bad = valve.least->mm < valve.limit_mm;
        p.setPen(QPen(bad ? t.amberLine : t.ink, 2.0));
        p.setBrush(Qt::NoBrush);
        p.drawEllipse(at, 8.0, 8.0);
        p.setFont(Look::font(13, true));
        p.setPen(t.ink);
        const QString said = words::clearance(valve.least->mm.value, look().style());
        const double wide = p.fontMetrics().horizontalAdvance(said) + 6.0;
        const QRectF room(at.x() + (intake ? 10.0 : -10.0 - wide),
                          std::min(at.y() + 9.0, plot.box.bottom() - 19.0), wide, 18);
        p.fillRect(room, t.dial);
        p.drawText(room, Qt::AlignCenter, said);
    }
}

QString GapMap::text() const {
    const words::Style& style = look().style();
    QStringList lines{columns({accessibleName(), Say::tr("degrees"),
                               Say::tr("clearance, %1").arg(words::unitName(style))})};
    for (const GapCurve& valve : scene_.valves)
        for (const GapPoint& p : valve.points)
            lines << columns({words::sideName(valve.side), words::fixed(p.deg, 1, style),
                              words::lift(p.clearance_mm, style)});
    return lines.join(QLatin1Char('\n'));
}

void GapMap::draw(QPainter& p, const QSizeF& size) const {
    p.setRenderHint(QPainter::Antialiasing);
    const QRectF box(kMapLeft, kMapTop, size.width() - kMapLeft - kMapRight,
                     size.height() - kMapTop - kMapBottom);
    const Plot plot{box, most_};
    drawFrame(p, plot);
    p.save();
    p.setClipRect(box);
    for (const GapCurve& valve : scene_.valves)
        if (valve.side == scene_.atHand && valve.gap) drawOthers(p, plot, valve);
    for (const GapCurve& valve : scene_.valves)
        drawValve(p, plot, valve);
    if (scene_.next_deg) {
        p.setPen(QPen(theme().amberLine, 2.0, Qt::DotLine));
        p.drawLine(QPointF(plot.x(*scene_.next_deg), box.top()),
                   QPointF(plot.x(*scene_.next_deg), box.bottom()));
    }
    p.restore();
}

} // namespace app
