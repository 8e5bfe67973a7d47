// What passes the end of a pipe through a throat: an open mouth, a throttle, a valve, a closed end.
// The wave that leaves the pipe and the throat's own flow meet in one pressure at the end
// (Winterbone and Pearson, Theory of Engine Manifold Design, chapter 3; Benson, The Thermodynamics
// and Gas Dynamics of Internal Combustion Engines, chapter 6): out of the pipe isentropic from its
// stagnation to what stands outside; into it isentropic to the throat, which has the pipe's
// pressure. SI; speeds outward positive.
#pragma once

#include "core/filling/gas.h"

namespace lobe {

/// What stands still outside: a cylinder, a plenum, the open.
struct Outside {
    double p = 101325.0, temperature_k = 293.15, fresh = 1.0;
};

/// Through the pipe's own cross-section, outward positive but for momentum, which is pressure and
/// what it carries. `share` is the throat over the pipe's area, 0 closed to 1 open. `guess` is the
/// pressure at the end as it was last, and is that now; 0: none known.
GasFlux throughEnd(const GasState& inside, double outwardSpeed, double share,
                   const Outside& outside, double& guess);

/// Mass flux over p / sqrt(R T) upstream, by the ratio of pressures downstream over upstream
/// (Heywood C.8, C.9): choked below the critical ratio.
double nozzleNumber(double ratio);

} // namespace lobe
