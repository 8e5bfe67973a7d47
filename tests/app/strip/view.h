// What the strip shows, for tests: apart from them, since the plot's own header takes longer to
// read than a test.
#pragma once

#include <QColor>
#include <QPointF>
#include <QStringList>
#include <QVector>

class QWidget;

namespace app::strip {

/// A line of the plot: the colour and stroke it is drawn with, its points in degrees and as shown.
struct Line {
    QColor colour;
    Qt::PenStyle stroke;
    QVector<QPointF> points;
};

/// All of a widget that is the strip; its marks are no lines.
QVector<Line> lines(const QWidget* strip);
/// What is written into it.
QStringList texts(const QWidget* strip);
/// Charts one below the other.
int charts(const QWidget* strip);
/// Degrees along the bottom of the first of them.
double span_deg(const QWidget* strip);
/// Where a degree stands along it, in pixels from the left.
double pixel(const QWidget* strip, double deg);

} // namespace app::strip
