// A small section of the cylinder at the top: how TDC is found there, or which top it is.
#pragma once

#include "app/style/look.h"
#include "core/job/job.h"

#include <QRectF>

#include <optional>

class QPainter;

namespace app {

struct TdcSketch {
    lobe::TdcMethod method = lobe::TdcMethod::PositiveStop;
    /// Set once the top is found: the valves are drawn, moving, still, or in question.
    std::optional<lobe::WhichTop> top{};
};

void drawTdcSketch(QPainter& painter, const QRectF& box, const TdcSketch& sketch,
                   const Theme& theme);

} // namespace app
