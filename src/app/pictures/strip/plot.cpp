#include "app/pictures/strip/plot.h"

#include "app/pictures/picture.h"
#include "app/style/label.h"
#include "core/result/findings.h"
#include "words/say.h"

#include <QPicture>

#include <cmath>

namespace app {

using namespace lobe;

namespace {

/// Degrees along the bottom; the dead centres by their letters.
class DegreeTicker : public QCPAxisTickerFixed {
protected:
    QString getTickLabel(double tick, const QLocale&, QChar, int) override {
        const long deg = std::lround(tick);
        if (deg == 0) return QStringLiteral("T");
        if (std::abs(deg) == 180) return QStringLiteral("B");
        return QString::number(deg).replace(QLatin1Char('-'), QChar(0x2212));
    }
};

} // namespace

Strip* Strip::make(const Look& look, Dialogs& dialogs, QWidget* parent) {
    return new StripPlot(look, dialogs, parent);
}

StripPlot::StripPlot(const Look& look, Dialogs& dialogs, QWidget* parent)
    : QCustomPlot(parent), look_(look) {
    setObjectName(QStringLiteral("strip"));
    setAccessibleName(Say::tr("Strip"));
    setFocusPolicy(Qt::StrongFocus);
    setMinimumHeight(150);
    plotLayout()->clear();
    chart_ = new QCPAxisRect(this);
    lane_ = new QCPAxisRect(this);
    plotLayout()->addElement(0, 0, chart_);
    plotLayout()->addElement(1, 0, lane_);
    plotLayout()->setRowSpacing(2);
    lane_->setMinimumSize(0, 26);
    lane_->setMaximumSize(QWIDGETSIZE_MAX, 26);
    for (QCPAxisRect* rect : {chart_, lane_}) {
        rect->setMinimumMargins(QMargins(6, 4, 6, 0));
        rect->setRangeZoom(Qt::Horizontal);
        rect->setRangeDrag(Qt::Horizontal);
        rect->setupFullAxesBox();
    }
    auto* margins = new QCPMarginGroup(this);
    for (QCPAxisRect* rect : {chart_, lane_})
        rect->setMarginGroup(QCP::msLeft | QCP::msRight, margins);
    auto ticker = QSharedPointer<DegreeTicker>::create();
    ticker->setTickStep(30.0);
    ticker->setScaleStrategy(QCPAxisTickerFixed::ssNone);
    chart_->axis(QCPAxis::atBottom)->setTicker(ticker);
    lane_->axis(QCPAxis::atBottom)->setTicker(ticker);
    lane_->axis(QCPAxis::atBottom)->setTickLabels(false);
    chart_->axis(QCPAxis::atTop)->setTicks(false);
    lane_->axis(QCPAxis::atTop)->setTicks(false);
    for (auto side : {QCPAxis::atLeft, QCPAxis::atRight}) {
        lane_->axis(side)->setTicks(false);
        lane_->axis(side)->setTickLabels(false);
    }
    chart_->axis(QCPAxis::atRight)->setTickLabels(true);
    // One paint per turn of the event loop, together with everything else.
    setPlottingHint(QCP::phImmediateRefresh, false);
    setInteractions(QCP::iRangeDrag | QCP::iRangeZoom);
    connect(chart_->axis(QCPAxis::atBottom), qOverload<const QCPRange&>(&QCPAxis::rangeChanged),
            lane_->axis(QCPAxis::atBottom), qOverload<const QCPRange&>(&QCPAxis::setRange));
    connect(lane_->axis(QCPAxis::atBottom), qOverload<const QCPRange&>(&QCPAxis::rangeChanged),
            chart_->axis(QCPAxis::atBottom), qOverload<const QCPRange&>(&QCPAxis::setRange));
    connect(this, &QCustomPlot::mouseWheel, this, [this] { zoomed_ = true; });
    connect(this, &QCustomPlot::mouseMove, this, &StripPlot::hover);
    connect(this, &QCustomPlot::mouseDoubleClick, this, [this] { showAll(); });
    connect(this, &QCustomPlot::mousePress, this, [this](QMouseEvent* e) {
        const LiftReading* r = readingAt(e->pos(), nullptr);
        if (r && onChosen) onChosen(r->id);
    });
    connect(&look, &Look::changed, this, [this] {
        dress();
        rebuild();
    });
    addPictureMenu(
        this, QStringLiteral("strip"), dialogs,
        [this](QPainter& p, const QSizeF& size) {
            // By way of a QPicture, so that an SVG keeps its lines.
            QPicture picture;
            QCPPainter painter(&picture);
            onPaper_ = true;
            rebuild();
            toPainter(&painter, int(size.width()), int(size.height()));
            onPaper_ = false;
            rebuild();
            painter.end();
            p.drawPicture(0, 0, picture);
        },
        [this] { return text(); });
    dress();
    rebuild();
}

QString StripPlot::text() const {
    const words::Style& style = look_.style();
    QStringList lines;
    for (const auto& run : scene_.lobes) {
        if (!run) continue;
        lines << columns({words::sideName(run->lobe.side), Say::tr("degrees"),
                          Say::tr("lift, %1").arg(words::unitName(style))});
        for (const LiftReading& r : run->readings)
            if (r.counts)
                lines << columns({QString(), words::shortest(r.at.deg, 2, style),
                                  words::lift(r.lift_mm, style)});
    }
    return lines.join(QLatin1Char('\n'));
}

void StripPlot::setScene(const StripScene& scene) {
    scene_ = scene;
    rebuild();
}

void StripPlot::showAll() {
    zoomed_ = false;
    rebuild();
}

void StripPlot::dress() {
    const Theme& t = look_.theme();
    setBackground(t.plate);
    for (QCPAxisRect* rect : {chart_, lane_, motion_}) {
        if (!rect) continue;
        rect->setBackground(t.dial);
        for (QCPAxis* axis : rect->axes()) {
            axis->setBasePen(QPen(t.edge));
            axis->setTickPen(QPen(t.muted));
            axis->setSubTickPen(Qt::NoPen);
            axis->setTickLabelColor(t.muted);
            axis->setTickLabelFont(Look::font(12));
            axis->grid()->setPen(QPen(t.edge, 1.0, Qt::SolidLine));
            axis->grid()->setZeroLinePen(QPen(t.muted, 1.0));
        }
    }
    chart_->axis(QCPAxis::atLeft)->grid()->setVisible(false);
    lane_->axis(QCPAxis::atLeft)->grid()->setVisible(false);
}

const LiftReading* StripPlot::readingAt(const QPoint& position, Side* side) const {
    const LiftReading* best = nullptr;
    double nearest = 14.0;
    for (const auto& run : scene_.lobes)
        for (const LiftReading& r : run->readings) {
            const double dx =
                chart_->axis(QCPAxis::atBottom)->coordToPixel(r.at.deg) - position.x();
            const double dy =
                chart_->axis(QCPAxis::atLeft)->coordToPixel(shown(r.lift_mm)) - position.y();
            if (const double d = std::hypot(dx, dy); d < nearest) {
                nearest = d;
                best = &r;
                if (side) *side = run->side;
            }
        }
    return best;
}

void StripPlot::hover(QMouseEvent* event) {
    Side side = Side::Intake;
    const LiftReading* r = readingAt(event->pos(), &side);
    if (!r) return QToolTip::hideText();
    QString text = QStringLiteral("%1, %2: %3")
                       .arg(words::sideName(side), words::fromDeadCentre(r->at, look_.style()),
                            words::liftWithUnit(r->lift_mm, look_.style()));
    if (r->struck) text += Say::tr("\nstruck: ") + QString::fromStdString(r->struck->reason);
    QToolTip::showText(event->globalPosition().toPoint(), tipOf(text), this);
}

void StripPlot::keyPressEvent(QKeyEvent* event) {
    QCPAxis* x = chart_->axis(QCPAxis::atBottom);
    const double width = x->range().size();
    switch (event->key()) {
    case Qt::Key_Plus:
        x->scaleRange(0.8, x->range().center());
        break;
    case Qt::Key_Minus:
        x->scaleRange(1.25, x->range().center());
        break;
    case Qt::Key_Left:
        x->moveRange(-width / 10.0);
        break;
    case Qt::Key_Right:
        x->moveRange(width / 10.0);
        break;
    case Qt::Key_Home:
        showAll();
        return;
    default:
        QCustomPlot::keyPressEvent(event);
        return;
    }
    zoomed_ = true;
    replot(QCustomPlot::rpQueuedReplot);
}

void StripPlot::resizeEvent(QResizeEvent*) {
    // Drawn once when the layout has settled, not at every step of it.
    setViewport(rect());
    const auto ticker = chart_->axis(QCPAxis::atBottom)->ticker().staticCast<QCPAxisTickerFixed>();
    ticker->setTickStep(width() < 700 ? 60.0 : 30.0);
    replot(QCustomPlot::rpQueuedReplot);
}

void StripPlot::focusInEvent(QFocusEvent* event) {
    QCustomPlot::focusInEvent(event);
    rebuild();
}

void StripPlot::focusOutEvent(QFocusEvent* event) {
    QCustomPlot::focusOutEvent(event);
    rebuild();
}

} // namespace app
