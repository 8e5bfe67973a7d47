// A scene, drawn: lobes, heights, the lane below, another lobe, and what moves.
#include "app/pictures/strip/plot.h"
#include "core/result/findings.h"

#include "app/pictures/drawn_curve.h"
#include "words/say.h"

#include <algorithm>
#include <cmath>

namespace app {

using namespace lobe;

namespace {

constexpr double kUsual_deg = 290.0;

/// Some angles of the cycle, to be asked for one after the other.
class Angles {
public:
    explicit Angles(std::vector<double> all) : all_(std::move(all)) {
        for (double& deg : all_)
            deg = wrapCycle({deg}).deg;
        std::sort(all_.begin(), all_.end());
    }
    bool has(CrankDeg at) const {
        if (all_.empty()) return false;
        const double deg = wrapCycle(at).deg;
        const auto it = std::lower_bound(all_.begin(), all_.end(), deg - kSame_deg);
        return it != all_.end() && *it < deg + kSame_deg;
    }

private:
    static constexpr double kSame_deg = 1e-6;
    std::vector<double> all_;
};

} // namespace

double StripPlot::shown(double mm) const {
    return look_.inches() ? mm / kMmPerInch : mm;
}

void StripPlot::rebuild() {
    clearGraphs();
    clearItems();
    clearPlottables();
    double most = 2.0, least = -kUsual_deg, last = kUsual_deg;
    for (const auto& run : scene_.lobes)
        for (const LiftReading& r : run->readings) {
            if (r.counts) most = std::max(most, r.lift_mm);
            least = std::min(least, r.at.deg - 5.0);
            last = std::max(last, r.at.deg + 5.0);
        }
    if (!zoomed_) chart_->axis(QCPAxis::atBottom)->setRange(least, last);
    const QCPRange range(shown(-0.06 * most), shown(1.12 * most));
    for (auto side : {QCPAxis::atLeft, QCPAxis::atRight})
        chart_->axis(side)->setRange(range);
    for (const auto& pass : scene_.passes)
        addCurve(pass->lobe, QPen(look_.theme().faint, 1.0));
    for (const auto& run : scene_.lobes)
        addLobe(*run);
    addHeights();
    scene_.compared ? addCompared() : addLane();
    addMotion();
    if (scene_.next) {
        auto* line = new QCPItemStraightLine(this);
        line->setClipAxisRect(chart_);
        for (QCPItemPosition* p : {line->point1, line->point2})
            p->setAxes(chart_->axis(QCPAxis::atBottom), chart_->axis(QCPAxis::atLeft));
        line->point1->setCoords(scene_.next->deg, 0.0);
        line->point2->setCoords(scene_.next->deg, 1.0);
        line->setPen(QPen(look_.theme().amberLine, 3.0));
    }
    if (hasFocus()) {
        auto* frame = new QCPItemRect(this);
        frame->setClipToAxisRect(false);
        frame->topLeft->setType(QCPItemPosition::ptViewportRatio);
        frame->bottomRight->setType(QCPItemPosition::ptViewportRatio);
        frame->topLeft->setCoords(0.002, 0.005);
        frame->bottomRight->setCoords(0.998, 0.995);
        frame->setPen(QPen(look_.theme().amberLine, 2.0));
    }
    replot(QCustomPlot::rpQueuedReplot);
}

void StripPlot::addCurve(const LobeFigures& figures, const QPen& pen) {
    if (!figures.curve || !figures.maxLift_mm) return;
    QVector<double> xs, ys;
    for (const LiftPoint& p : drawnThrough(*figures.curve)) {
        xs << p.deg;
        ys << shown(p.mm);
    }
    QCPGraph* line = addGraph(chart_->axis(QCPAxis::atBottom), chart_->axis(QCPAxis::atLeft));
    line->setData(xs, ys, true);
    line->setPen(pen);
    line->setSelectable(QCP::stNone);
}

void StripPlot::addLobe(const RunFindings& run) {
    QCPAxis *x = chart_->axis(QCPAxis::atBottom), *y = chart_->axis(QCPAxis::atLeft);
    const Theme& t = look_.theme();
    const QColor colour = t.lobe(run.side);
    addCurve(run.lobe, look_.lobePen(run.side));
    const auto shape =
        run.side == Side::Intake ? QCPScatterStyle::ssCircle : QCPScatterStyle::ssDiamond;
    std::vector<double> odd;
    for (const Misfit& m : run.lobe.misfits)
        odd.push_back(m.at.deg);
    const Angles misfits(odd), sources(scene_.asked);
    QVector<double> xs, ys, struckX, struckY, oddX, oddY, askedX, askedY;
    // A sweep has more readings than there are places for marks: as many are drawn as can be told
    // apart, and all that stand off.
    const std::size_t every =
        1 + run.readings.size() / static_cast<std::size_t>(std::max(400, width()));
    std::size_t place = 0;
    for (const LiftReading& r : run.readings) {
        const bool drawn = place++ % every == 0;
        if (drawn || !r.counts) {
            (r.counts ? xs : struckX) << r.at.deg;
            (r.counts ? ys : struckY) << shown(r.lift_mm);
        }
        if (!r.counts) continue;
        if (misfits.has(r.at)) {
            oddX << r.at.deg;
            oddY << shown(r.lift_mm);
        }
        if (sources.has(r.at)) {
            askedX << r.at.deg;
            askedY << shown(r.lift_mm);
        }
    }
    if (run.events)
        for (const HeightEvents& e : run.lobe.heights)
            for (const auto& at : {e.opens, e.closes})
                if (at) {
                    xs << at->deg;
                    ys << shown(run.lobe.taken.threshold_mm(e.height));
                }
    addMarks(xs, ys, colour, t.dial, 6.5, shape);
    addMarks(struckX, struckY, t.faint, Qt::transparent, 7.0, QCPScatterStyle::ssCross);
    addMarks(oddX, oddY, colour, t.amber, 9.0, shape);
    addMarks(askedX, askedY, t.amberLine, Qt::transparent, 13.0, QCPScatterStyle::ssCircle);

    auto* label = new QCPItemText(this);
    label->setClipAxisRect(chart_);
    label->position->setAxes(x, y);
    label->position->setType(QCPItemPosition::ptAxisRectRatio);
    label->position->setAxisRect(chart_);
    const bool intake = run.side == Side::Intake;
    label->position->setCoords(intake ? 0.985 : 0.012, 0.03);
    label->setPositionAlignment((intake ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignTop);
    label->setText(QStringLiteral("%1 %2, %3")
                       .arg(words::sideName(run.side))
                       .arg(run.cylinder)
                       .arg(words::unitName(look_.style())));
    label->setFont(Look::font(12, true));
    label->setColor(colour);
}

void StripPlot::addMarks(const QVector<double>& xs, const QVector<double>& ys, const QColor& pen,
                         const QColor& fill, double size, QCPScatterStyle::ScatterShape shape) {
    if (xs.isEmpty()) return;
    QCPGraph* marks = addGraph(chart_->axis(QCPAxis::atBottom), chart_->axis(QCPAxis::atLeft));
    marks->setData(xs, ys);
    marks->setLineStyle(QCPGraph::lsNone);
    const QCPScatterStyle style(shape, QPen(pen, 1.4), QBrush(fill), size);
    if (onPaper_) return marks->setScatterStyle(style);
    const double scale = devicePixelRatioF();
    const int side = 2 * static_cast<int>(std::ceil(size / 2.0 + 2.0)) + 1;
    QPixmap mark(QSize(side, side) * scale);
    mark.setDevicePixelRatio(scale);
    mark.fill(Qt::transparent);
    QCPPainter painter(&mark);
    painter.setAntialiasing(true);
    style.applyTo(&painter, style.pen());
    style.drawShape(&painter, side / 2.0, side / 2.0);
    painter.end();
    marks->setScatterStyle(QCPScatterStyle(mark));
}

void StripPlot::addHeights() {
    const Theme& t = look_.theme();
    QCPAxis *x = chart_->axis(QCPAxis::atBottom), *y = chart_->axis(QCPAxis::atLeft);
    auto labels = QSharedPointer<QCPAxisTickerText>::create();
    double lastLabel = -1e9;
    for (const Height& h : scene_.heights) {
        // The hairline stands where the height shows in the lift as taken.
        std::optional<double> threshold;
        for (const auto& run : scene_.lobes)
            if (!threshold) threshold = run->lobe.taken.threshold_mm(h);
        if (!threshold || *threshold <= 0.0) continue;
        auto* line = new QCPItemStraightLine(this);
        line->setClipAxisRect(chart_);
        for (QCPItemPosition* p : {line->point1, line->point2})
            p->setAxes(x, y);
        line->point1->setCoords(0.0, shown(*threshold));
        line->point2->setCoords(1.0, shown(*threshold));
        line->setPen(QPen(t.amberText, 1.0, Qt::DotLine));
        const double spacing = y->range().size() * 14.0 / std::max(60, chart_->height());
        if (shown(*threshold) - lastLabel > spacing) {
            labels->addTick(shown(*threshold),
                            look_.inches() ? words::fixed(h.mm / kMmPerInch, 3, look_.style())
                                           : words::fixed(h.mm, 2, look_.style()));
            lastLabel = shown(*threshold);
        }
        for (const auto& run : scene_.lobes) {
            const HeightEvents* e = run->lobe.events(h);
            if (!e) continue;
            for (const auto& at : {e->opens, e->closes}) {
                if (!at) continue;
                auto* tick = new QCPItemLine(this);
                tick->setClipAxisRect(chart_);
                for (QCPItemPosition* p : {tick->start, tick->end})
                    p->setAxes(x, y);
                const double reach = y->range().size() * 0.018;
                tick->start->setCoords(at->deg, shown(*threshold) - reach);
                tick->end->setCoords(at->deg, shown(*threshold) + reach);
                tick->setPen(QPen(t.amberText, 2.0));
            }
        }
    }
    chart_->axis(QCPAxis::atRight)->setTicker(labels);
    chart_->axis(QCPAxis::atRight)->setTickLabelColor(t.amberText);
}

void StripPlot::addLane() {
    const Theme& t = look_.theme();
    QCPAxis *x = lane_->axis(QCPAxis::atBottom), *y = lane_->axis(QCPAxis::atLeft);
    double most = 0.05;
    QString odd, passes = Say::tr("off the curve");
    for (const auto& run : scene_.lobes) {
        const auto bars = [&](const QVector<double>& xs, const QVector<double>& ys,
                              const QColor& colour, double width) {
            QCPGraph* graph = addGraph(x, y);
            graph->setLineStyle(QCPGraph::lsImpulse);
            graph->setPen(QPen(colour, width, Qt::SolidLine, Qt::FlatCap));
            graph->setData(xs, ys, true);
        };
        QVector<double> xs, ys, oddX, oddY;
        // Of more than there are lines for, the widest of each few.
        const auto& all = run->lobe.standoffs.get();
        const std::size_t few = 1 + all.size() / static_cast<std::size_t>(std::max(400, width()));
        for (std::size_t i = 0; i < all.size(); i += few) {
            const auto end =
                all.begin() + static_cast<std::ptrdiff_t>(std::min(i + few, all.size()));
            const Misfit& m = *std::max_element(all.begin() + static_cast<std::ptrdiff_t>(i), end,
                                                [](const Misfit& a, const Misfit& b) {
                                                    return std::abs(a.off_mm) < std::abs(b.off_mm);
                                                });
            xs << m.at.deg;
            ys << m.off_mm;
        }
        for (const Misfit& m : run->lobe.misfits) {
            most = std::max(most, std::abs(m.off_mm));
            oddX << m.at.deg;
            oddY << m.off_mm;
            odd = Say::tr("read %1 %2 again")
                      .arg(words::sideName(run->side), words::abbreviated(m.at, look_.style()));
        }
        bars(xs, ys, t.lobe(run->side), 2.0);
        bars(oddX, oddY, t.amber, 4.0);
        if (run->passes && !scene_.passes.empty()) {
            // How far the passes lie apart, as a band either side of none.
            QVector<double> at, half;
            for (const LiftPoint& p : run->passes->spread) {
                at << p.deg;
                half << p.mm / 2.0;
                most = std::max(most, p.mm / 2.0);
            }
            bars(at, half, t.faint, 1.0);
            for (double& h : half)
                h = -h;
            bars(at, half, t.faint, 1.0);
            if (odd.isEmpty())
                passes =
                    Say::tr("off the curve; grey: between %1 passes").arg(run->passes->runs.size());
        }
    }
    y->setRange(-1.15 * most, 1.15 * most);
    laneLabel(lane_, odd.isEmpty() ? passes : odd, !odd.isEmpty());
}

QCPItemText* StripPlot::laneLabel(QCPAxisRect* rect, const QString& text, bool strong) {
    const Theme& t = look_.theme();
    auto* label = new QCPItemText(this);
    label->setClipAxisRect(rect);
    label->position->setAxisRect(rect);
    label->position->setType(QCPItemPosition::ptAxisRectRatio);
    label->position->setCoords(0.012, 0.5);
    label->setPositionAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    label->setText(text);
    label->setFont(Look::font(12, strong));
    label->setColor(strong ? t.amberText : t.muted);
    label->setBrush(t.dial);
    return label;
}

/// Another lobe over this one, and in the lane the difference on its own scale.
void StripPlot::addCompared() {
    const Theme& t = look_.theme();
    const LobeComparison& c = *scene_.compared;
    QVector<double> xs, ys;
    for (const LiftPoint& p : c.other) {
        xs << p.deg;
        ys << shown(p.mm);
    }
    QCPGraph* other = addGraph(chart_->axis(QCPAxis::atBottom), chart_->axis(QCPAxis::atLeft));
    other->setData(xs, ys, true);
    other->setPen(QPen(t.ink, 1.2, Qt::DashLine));
    QVector<double> at, off;
    for (const LiftPoint& p : c.differences) {
        at << p.deg;
        off << p.mm;
    }
    QCPGraph* line = addGraph(lane_->axis(QCPAxis::atBottom), lane_->axis(QCPAxis::atLeft));
    line->setData(at, off, true);
    line->setPen(QPen(t.ink, 1.6));
    line->setBrush(QBrush(t.panel));
    const double most = std::max(0.02, std::abs(c.widest.mm));
    lane_->axis(QCPAxis::atLeft)->setRange(-1.15 * most, 1.15 * most);
    laneLabel(lane_,
              Say::tr("%1: at most %2 %3 apart, at %4")
                  .arg(scene_.comparedName, words::lift(std::abs(c.widest.mm), look_.style()),
                       words::unitName(look_.style()),
                       words::abbreviated({c.widest.deg}, look_.style())),
              true);
}

/// Velocity, acceleration and jerk per cam degree, each on its own scale.
void StripPlot::addMotion() {
    if (!scene_.motion) {
        if (!motion_) return;
        plotLayout()->remove(motion_);
        plotLayout()->simplify();
        motion_ = nullptr;
        return;
    }
    const Theme& t = look_.theme();
    if (!motion_) {
        motion_ = new QCPAxisRect(this);
        plotLayout()->addElement(2, 0, motion_);
        plotLayout()->setRowStretchFactors({10.0, 1.0, 7.0});
        motion_->setMinimumMargins(QMargins(6, 4, 6, 0));
        motion_->setRangeZoom(Qt::Horizontal);
        motion_->setRangeDrag(Qt::Horizontal);
        motion_->setupFullAxesBox();
        motion_->setMarginGroup(QCP::msLeft | QCP::msRight, lane_->marginGroup(QCP::msLeft));
        motion_->axis(QCPAxis::atBottom)->setTicker(lane_->axis(QCPAxis::atBottom)->ticker());
        for (QCPAxis* axis : motion_->axes()) {
            axis->setTickLabels(false);
            axis->setTicks(axis->axisType() == QCPAxis::atBottom);
        }
        connect(chart_->axis(QCPAxis::atBottom), qOverload<const QCPRange&>(&QCPAxis::rangeChanged),
                motion_->axis(QCPAxis::atBottom), qOverload<const QCPRange&>(&QCPAxis::setRange));
        connect(motion_->axis(QCPAxis::atBottom),
                qOverload<const QCPRange&>(&QCPAxis::rangeChanged), chart_->axis(QCPAxis::atBottom),
                qOverload<const QCPRange&>(&QCPAxis::setRange));
        dress();
    }
    QCPAxis *x = motion_->axis(QCPAxis::atBottom), *y = motion_->axis(QCPAxis::atLeft);
    x->setRange(chart_->axis(QCPAxis::atBottom)->range());
    y->setRange(-1.1, 1.1);
    struct Shown {
        QString name, unit;
        double MotionPoint::*value;
        QPen pen;
        double row;
    };
    const QString unit = words::unitName(look_.style());
    const Shown lines[] = {{Say::tr("velocity"), unit + Say::tr("/cam deg"), &MotionPoint::velocity,
                            QPen(t.ink, 2.0), 0.10},
                           {Say::tr("acceleration"), unit + Say::tr("/cam deg") + QChar(0xB2),
                            &MotionPoint::acceleration, QPen(t.amberText, 1.6, Qt::DashLine), 0.22},
                           {Say::tr("jerk"), unit + Say::tr("/cam deg") + QChar(0xB3),
                            &MotionPoint::jerk, QPen(t.muted, 1.2, Qt::DotLine), 0.34}};
    for (const Shown& line : lines) {
        double most = 1e-9;
        for (const MotionPoint& p : scene_.motion->points)
            most = std::max(most, std::abs(p.*(line.value)));
        QVector<double> xs, ys;
        for (const MotionPoint& p : scene_.motion->points) {
            xs << p.deg;
            ys << p.*(line.value) / most;
        }
        QCPGraph* graph = addGraph(x, y);
        graph->setData(xs, ys, true);
        graph->setPen(line.pen);
        QCPItemText* label = laneLabel(
            motion_,
            Say::tr("%1, greatest %2 %3")
                .arg(line.name, words::fixed(shown(most), look_.inches() ? 6 : 5, look_.style()),
                     line.unit),
            false);
        label->position->setCoords(0.012, line.row);
        label->setColor(line.pen.color());
    }
}

} // namespace app
