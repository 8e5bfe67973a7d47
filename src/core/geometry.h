// The slider-crank without pin offset. Lengths in mm.
#pragma once

#include "core/angles.h"

namespace lobe {

/// Piston drop below its highest point: r (1 - cos t) + l - sqrt(l^2 - r^2 sin^2 t), r half the
/// stroke and l the rod. Returns 0 when the rod cannot span the crank throw.
double pistonDrop_mm(CrankDeg angle, double stroke_mm, double rod_mm);

} // namespace lobe
