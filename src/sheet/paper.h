// Pictures for paper: black ink, told apart by line and mark alone.
#pragma once

#include "core/result/findings.h"
#include "words/numbers.h"

#include <QByteArray>
#include <QRectF>

class QPainter;

namespace sheet {

/// Lift of both lobes of a cylinder along the degrees, readings and checking heights: intake a
/// solid line with rings, exhaust a dashed one with diamonds. `point` is the size of a point there.
void drawLift(QPainter& painter, const QRectF& box, double point, const lobe::Job& job,
              const lobe::Findings& findings, const words::Style& style);
/// The crank circle, both lobes round it, their events and centres.
void drawRing(QPainter& painter, const QRectF& box, double point, const lobe::Job& job,
              const lobe::Findings& findings, const words::Style& style);

/// Both beside one another as an SVG.
QByteArray picturesSvg(const lobe::Job& job, const lobe::Findings& findings,
                       const words::Style& style);

/// The type the program ships with, made known once; its family's name.
QString paperType();

} // namespace sheet
