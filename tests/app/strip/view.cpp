#include "app/strip/view.h"

#include "app/pictures/strip/plot.h"

namespace app::strip {

namespace {

const StripPlot& plot(const QWidget* strip) {
    return *static_cast<const StripPlot*>(strip);
}

const QCPAxis& bottom(const QWidget* strip) {
    return *plot(strip).axisRect(0)->axis(QCPAxis::atBottom);
}

} // namespace

QVector<Line> lines(const QWidget* strip) {
    QVector<Line> all;
    for (int i = 0; i < plot(strip).graphCount(); ++i) {
        const QCPGraph* g = plot(strip).graph(i);
        if (g->lineStyle() != QCPGraph::lsLine) continue;
        all += {g->pen().color(), g->pen().style(), {}};
        for (const QCPGraphData& d : *g->data())
            all.last().points += QPointF(d.key, d.value);
    }
    return all;
}

QStringList texts(const QWidget* strip) {
    QStringList all;
    for (int i = 0; i < plot(strip).itemCount(); ++i)
        if (const auto* text = qobject_cast<QCPItemText*>(plot(strip).item(i))) all += text->text();
    return all;
}

int charts(const QWidget* strip) {
    return plot(strip).axisRectCount();
}

double span_deg(const QWidget* strip) {
    return bottom(strip).range().size();
}

double pixel(const QWidget* strip, double deg) {
    return bottom(strip).coordToPixel(deg);
}

} // namespace app::strip
