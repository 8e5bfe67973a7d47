// The readings a figure stands on.
#pragma once

#include "core/lobe/lobe.h"
#include "core/result/figure.h"

#include <vector>

namespace lobe {

/// Crank angles of the readings that make a figure of this lobe: the four round a crossing of the
/// curve through all readings, those within twenty degrees of it under a smoothed curve, all for
/// an area. Empty when the figure is not of this lobe or nothing is known.
std::vector<double> sourceAngles(const Figure& figure, const LobeFigures& lobe);

/// Where the figure itself stands on the cycle: its events, or its centre.
std::vector<CrankDeg> figureAngles(const Figure& figure, const LobeFigures& lobe);

} // namespace lobe
