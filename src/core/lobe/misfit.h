// Readings that stand off the curve of their neighbours.
#pragma once

#include "core/lobe/lobe.h"

#include <vector>

namespace lobe {

/// Compares every inner reading with the cubic through its two neighbours on either side (fewer
/// at the ends). The worst is named and left out, and the rest is judged again, so that one slip
/// does not point at its neighbours. What counts as off follows the scatter of the readings and
/// the bend of the curve nearby. Points rise strictly in angle; result ascending in angle.
std::vector<Misfit> misfits(std::vector<LiftPoint> points);

/// What a curve through wide steps may miss at a reading, mm: a share of the bend of its
/// neighbours, all of it where lift leaves the base circle. 0 at the two readings at either end.
double mayMiss_mm(const std::vector<LiftPoint>& points, std::size_t at);

/// How far every inner reading stands from its neighbours' cubic, for drawing; nothing judged.
std::vector<Misfit> standoffs(const std::vector<LiftPoint>& points);

} // namespace lobe
