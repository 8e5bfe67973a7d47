// A small section of the cylinder at the top: how TDC is found there, or which top it is.
#pragma once

#include "app/style/look.h"
#include "desk/ring_scene.h"

#include <QRectF>

#include <optional>

class QPainter;

namespace app {

void drawTdcSketch(QPainter& painter, const QRectF& box, const TdcSketch& sketch,
                   const Theme& theme);

} // namespace app
