#include "app/pictures/tdc_sketch.h"

#include <QPainter>

namespace app {

using lobe::TdcMethod;
using lobe::WhichTop;

namespace {

/// Draws in the unit square of the box: x and y from 0 to 1, y downwards.
class Sketch {
public:
    Sketch(QPainter& p, const QRectF& box, const Theme& theme) : p_(p), box_(box), t_(theme) {}

    void method(TdcMethod method) {
        const bool stop = method == TdcMethod::PositiveStop;
        const bool peak = method == TdcMethod::HighestReading;
        const bool port = method == TdcMethod::SymmetricPort;
        const double crown = stop || port ? 0.52 : peak ? 0.34 : 0.44;
        cylinder(crown);
        if (stop) {
            p_.setPen(QPen(t_.ink, 1.2));
            p_.setBrush(t_.amber);
            p_.drawRect(rect(0.45, 0.10, 0.10, crown - 0.10));
            p_.drawRect(rect(0.38, 0.03, 0.24, 0.09));
            return;
        }
        if (port) {
            p_.setPen(Qt::NoPen);
            p_.setBrush(t_.dial);
            p_.drawRect(rect(0.72, crown - 0.02, 0.12, 0.16));
            p_.setPen(QPen(t_.amber, 3.0));
            p_.drawLine(at(0.72, crown), at(0.98, crown));
            p_.setPen(QPen(t_.ink, 1.4));
            p_.drawLine(at(0.76, crown + 0.15), at(0.98, crown + 0.15));
            return;
        }
        indicator(crown);
        p_.setPen(QPen(t_.amber, 1.6, Qt::DashLine));
        p_.drawLine(at(0.10, 0.34), at(0.90, 0.34));
        if (method == TdcMethod::EqualDrop) {
            p_.setPen(QPen(t_.amber, 2.4));
            p_.drawLine(at(0.14, 0.34), at(0.14, crown));
            p_.drawLine(at(0.09, crown), at(0.19, crown));
        }
        if (method == TdcMethod::ThereAndBack) {
            p_.setPen(QPen(t_.amber, 2.4));
            p_.drawArc(rect(0.66, 0.16, 0.30, 0.36), 20 * 16, 140 * 16);
            p_.setBrush(t_.amber);
            p_.setPen(Qt::NoPen);
            p_.drawPolygon(QPolygonF({at(0.97, 0.36), at(0.89, 0.28), at(0.99, 0.26)}));
        }
    }

    void top(WhichTop top) {
        cylinder(0.50);
        p_.setPen(QPen(t_.ink, 2.0));
        p_.drawLine(at(0.22, 0.34), at(0.78, 0.34));
        const bool moving = top == WhichTop::Overlap;
        valve(0.38, moving, t_.exhaust);
        valve(0.62, moving, t_.intake);
        if (top == WhichTop::NotSaid) {
            QFont font = Look::font(std::max(12, static_cast<int>(box_.height() * 0.17)), true);
            p_.setFont(font);
            p_.setPen(t_.amberText);
            p_.drawText(rect(0.8, 0.05, 0.25, 0.25), Qt::AlignCenter, QStringLiteral("?"));
        }
    }

private:
    QPointF at(double x, double y) const {
        return {box_.left() + x * box_.width(), box_.top() + y * box_.height()};
    }
    QRectF rect(double x, double y, double w, double h) const {
        return {at(x, y), at(x + w, y + h)};
    }

    void cylinder(double crown) {
        p_.setPen(QPen(t_.ink, 2.0));
        p_.setBrush(Qt::NoBrush);
        for (double x : {0.24, 0.76})
            p_.drawLine(at(x, 0.30), at(x, 1.0));
        p_.setPen(QPen(t_.ink, 1.4));
        p_.setBrush(t_.panel);
        p_.drawRect(rect(0.27, crown, 0.46, 0.26));
        for (double y : {0.05, 0.10})
            p_.drawLine(at(0.27, crown + y), at(0.73, crown + y));
        p_.drawLine(at(0.5, crown + 0.18), at(0.5, 1.0));
        p_.setBrush(t_.ink);
        p_.drawEllipse(at(0.5, crown + 0.18), 2.5, 2.5);
        p_.setBrush(Qt::NoBrush);
    }

    void indicator(double crown) {
        p_.setPen(QPen(t_.ink, 1.8));
        p_.drawLine(at(0.5, 0.2), at(0.5, crown));
        p_.setBrush(t_.dial);
        p_.drawEllipse(rect(0.38, 0.0, 0.24, 0.22));
        p_.setPen(QPen(t_.amber, 2.2));
        p_.drawLine(at(0.5, 0.11), at(0.56, 0.05));
        p_.setBrush(Qt::NoBrush);
    }

    void valve(double x, bool open, const QColor& colour) {
        const double lift = open ? 0.09 : 0.0;
        p_.setPen(QPen(colour, 2.2));
        p_.drawLine(at(x, 0.08 + lift), at(x, 0.34 + lift));
        p_.setBrush(colour);
        p_.drawPolygon(QPolygonF({at(x - 0.09, 0.36 + lift), at(x + 0.09, 0.36 + lift),
                                  at(x + 0.03, 0.31 + lift), at(x - 0.03, 0.31 + lift)}));
        p_.setBrush(Qt::NoBrush);
        if (!open) return;
        const bool closing = x < 0.5; // the exhaust is on its way up, the intake down
        const double y = closing ? 0.22 : 0.16, tip = closing ? -0.07 : 0.07;
        p_.setBrush(t_.amber);
        p_.setPen(Qt::NoPen);
        const double side = closing ? x - 0.12 : x + 0.12;
        p_.drawPolygon(QPolygonF({at(side - 0.05, y), at(side + 0.05, y), at(side, y + tip)}));
        p_.setBrush(Qt::NoBrush);
    }

    QPainter& p_;
    QRectF box_;
    const Theme& t_;
};

} // namespace

void drawTdcSketch(QPainter& painter, const QRectF& box, const TdcSketch& sketch,
                   const Theme& theme) {
    Sketch drawing(painter, box, theme);
    if (sketch.top)
        drawing.top(*sketch.top);
    else
        drawing.method(sketch.method);
}

} // namespace app
