#include "sheet/paper.h"

#include "core/job/job.h"
#include "sheet/sheet.h"

#include "words/say.h"

#include <QBuffer>
#include <QFontDatabase>
#include <QPainter>
#include <QPainterPath>
#include <QSvgGenerator>

#include <cmath>
#include <numbers>

namespace sheet {

using namespace lobe;

namespace {

constexpr double kFrom_deg = -290.0, kTo_deg = 290.0;

QPen lobePen(Side side, double width) {
    QPen pen(Qt::black, width);
    if (side == Side::Exhaust) pen.setDashPattern({5.0, 3.0});
    return pen;
}

QFont type(double point, double size) {
    QFont font(paperType());
    font.setPixelSize(std::max(1, static_cast<int>(std::lround(size * point))));
    return font;
}

/// The lobes of the first cylinder measured, exhaust first as they come.
std::vector<const RunFindings*> lobesOf(const Findings& f) {
    std::vector<const RunFindings*> out;
    if (f.cylinders.empty()) return out;
    for (const RunFindings* run : {f.exhaust(f.cylinders.front()), f.intake(f.cylinders.front())})
        if (run && run->lobe.curve && run->lobe.maxLift_mm) out.push_back(run);
    return out;
}

double highest(const std::vector<const RunFindings*>& lobes) {
    double most = 1.0;
    for (const RunFindings* run : lobes)
        most = std::max(most, run->lobe.maxLift_mm->value);
    return most;
}

} // namespace

QString paperType() {
    static const QString family = [] {
        QString name;
        for (const char* file : {":/fonts/B612-Bold.otf", ":/fonts/B612-Regular.otf"})
            for (const QString& each : QFontDatabase::applicationFontFamilies(
                     QFontDatabase::addApplicationFont(QLatin1String(file))))
                name = each;
        return name;
    }();
    return family;
}

void drawLift(QPainter& p, const QRectF& box, double point, const Job& job, const Findings& f,
              const words::Style& style) {
    const auto lobes = lobesOf(f);
    const double most = highest(lobes) * 1.08;
    const QRectF plot = box.adjusted(26 * point, 4 * point, -4 * point, -16 * point);
    const auto x = [&](double deg) {
        return plot.left() + plot.width() * (deg - kFrom_deg) / (kTo_deg - kFrom_deg);
    };
    const auto y = [&](double mm) { return plot.bottom() - plot.height() * mm / most; };
    p.save();
    p.setRenderHint(QPainter::Antialiasing);
    p.setFont(type(point, 7));
    p.setBrush(Qt::NoBrush);
    for (int deg = -270; deg <= 270; deg += 90) {
        p.setPen(QPen(deg == 0 ? Qt::black : Qt::gray, 0.4 * point));
        p.drawLine(QPointF(x(deg), plot.top()), QPointF(x(deg), plot.bottom()));
        p.setPen(Qt::black);
        p.drawText(QRectF(x(deg) - 30 * point, plot.bottom() + 2 * point, 60 * point, 12 * point),
                   Qt::AlignHCenter | Qt::AlignTop,
                   deg == 0               ? Say::tr("TDC")
                   : std::abs(deg) == 180 ? Say::tr("BDC")
                                          : QString::number(deg) + QChar(0xB0));
    }
    for (const Height& h : job.reckoning.heights) {
        if (lobes.empty()) break;
        const double mm = lobes.front()->lobe.taken.threshold_mm(h);
        if (!(mm > 0.0 && mm < most)) continue;
        p.setPen(QPen(Qt::gray, 0.4 * point, Qt::DotLine));
        p.drawLine(QPointF(plot.left(), y(mm)), QPointF(plot.right(), y(mm)));
        p.setPen(Qt::black);
        p.drawText(QRectF(box.left(), y(mm) - 6 * point, 23 * point, 12 * point),
                   Qt::AlignRight | Qt::AlignVCenter, words::lift(h.mm, style).left(5));
    }
    p.setPen(QPen(Qt::black, 0.6 * point));
    p.drawRect(plot);
    for (const RunFindings* run : lobes) {
        const LiftCurve& curve = *run->lobe.curve;
        QPainterPath path;
        for (double d = curve.first(); d <= curve.last(); d += 1.0) {
            const QPointF at(x(d), y(std::max(0.0, curve.at(d))));
            path.elementCount() == 0 ? path.moveTo(at) : path.lineTo(at);
        }
        p.setPen(lobePen(run->side, 0.9 * point));
        p.drawPath(path);
        p.setPen(QPen(Qt::black, 0.5 * point));
        const std::size_t every = 1 + run->readings.size() / 90;
        for (std::size_t i = 0; i < run->readings.size(); i += every) {
            const LiftReading& r = run->readings[i];
            const QPointF at(x(r.at.deg), y(r.lift_mm));
            const double s = 1.5 * point;
            if (!r.counts || !plot.contains(at)) continue;
            if (run->side == Side::Intake)
                p.drawEllipse(at, s, s);
            else
                p.drawPolygon(QPolygonF{QPointF(at.x(), at.y() - s), QPointF(at.x() + s, at.y()),
                                        QPointF(at.x(), at.y() + s), QPointF(at.x() - s, at.y())});
        }
        p.setPen(Qt::black);
        const bool intake = run->side == Side::Intake;
        p.drawText(plot.adjusted(4 * point, 3 * point, -4 * point, 0),
                   static_cast<int>((intake ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignTop),
                   words::sideTitle(run->side) +
                       (intake ? Say::tr(", solid") : Say::tr(", dashed")));
    }
    p.restore();
}

void drawRing(QPainter& p, const QRectF& box, double point, const Job& job, const Findings& f,
              const words::Style& style) {
    const auto lobes = lobesOf(f);
    const double most = highest(lobes);
    const double r = std::min(box.width(), box.height()) / 2.0 - 14 * point;
    const QPointF centre = box.center();
    const double sense = job.engine.rotation == Rotation::Clockwise ? 1.0 : -1.0;
    const auto at = [&](double deg, double radius) {
        const double a = sense * deg * std::numbers::pi / 180.0;
        return QPointF(centre.x() + radius * std::sin(a), centre.y() - radius * std::cos(a));
    };
    p.save();
    p.setRenderHint(QPainter::Antialiasing);
    p.setFont(type(point, 7));
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(Qt::black, 0.6 * point));
    p.drawEllipse(centre, r, r);
    for (int deg = 0; deg < 360; deg += 10)
        p.drawLine(at(deg, r), at(deg, r - (deg % 30 ? 3 : 6) * point));
    for (const auto& [deg, name] : {std::pair(0, Say::tr("TDC")), std::pair(180, Say::tr("BDC"))}) {
        const QPointF where = at(deg, r + 7 * point);
        p.drawText(QRectF(where.x() - 20 * point, where.y() - 6 * point, 40 * point, 12 * point),
                   Qt::AlignCenter, name);
    }
    for (const RunFindings* run : lobes) {
        const bool intake = run->side == Side::Intake;
        const double base = r * (intake ? 0.62 : 0.42), band = r * 0.2;
        QPainterPath path;
        const LiftCurve& curve = *run->lobe.curve;
        for (double d = curve.first(); d <= curve.last(); d += 2.0) {
            const QPointF to = at(d, base + band * std::max(0.0, curve.at(d)) / most);
            path.elementCount() == 0 ? path.moveTo(to) : path.lineTo(to);
        }
        p.setPen(lobePen(run->side, 0.9 * point));
        p.drawPath(path);
        p.setPen(QPen(Qt::black, 0.8 * point));
        for (const auto& event :
             {run->lobe.atEventsHeight.opens, run->lobe.atEventsHeight.closes}) {
            if (!event) continue;
            p.drawLine(at(event->deg, base - 2 * point), at(event->deg, base + band * 0.5));
            const QPointF where = at(event->deg, base - 8 * point);
            p.drawText(
                QRectF(where.x() - 16 * point, where.y() - 5 * point, 32 * point, 10 * point),
                Qt::AlignCenter,
                QString::number(std::lround(std::abs(std::remainder(event->deg, 180.0)))));
        }
        if (const auto c = run->lobe.centre(job.reckoning.school))
            p.drawLine(at(c->deg, base + band * 0.8), at(c->deg, base + band * 1.25));
    }
    Q_UNUSED(style)
    p.restore();
}

QByteArray picturesSvg(const Job& job, const Findings& f, const words::Style& style) {
    QByteArray out;
    QBuffer buffer(&out);
    QSvgGenerator svg;
    svg.setOutputDevice(&buffer);
    svg.setSize(QSize(960, 320));
    svg.setViewBox(QRect(0, 0, 960, 320));
    // Qt writes a title as it is given it.
    svg.setTitle(QString::fromStdString(job.name).toHtmlEscaped());
    svg.setDescription(QLatin1String(kMadeBy));
    QPainter p(&svg);
    drawRing(p, QRectF(0, 0, 320, 320), 1.3, job, f, style);
    drawLift(p, QRectF(330, 0, 630, 320), 1.3, job, f, style);
    p.end();
    return out;
}

} // namespace sheet
