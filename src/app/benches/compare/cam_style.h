// How up to six cams are told apart on one picture: by line, by a lettered mark, and by weight;
// colour says only which valve.
#pragma once

#include "app/style/look.h"
#include "stations/compare/compare_desk.h"

class QPainter;

namespace app {

/// The line of a cam: its dashes by its place, heavier for the one at hand and the reference.
QPen camPen(const QColor& colour, std::size_t place, const CamView& view);
/// Its letter in a mark of its own shape, centred there.
void drawCamMark(QPainter& p, const Theme& theme, QPointF at, std::size_t place,
                 const CamView& view);
/// A short sample of its line, with its mark.
void drawCamSample(QPainter& p, const Theme& theme, const QRectF& box, std::size_t place,
                   const CamView& view);

} // namespace app
