// Which spring of a set goes to which valve so that all valves sit with as nearly one load as the
// set allows.
#pragma once

#include <cstddef>
#include <vector>

namespace lobe {

struct Matching {
    std::vector<std::size_t> spring; ///< of each valve, into the springs; no spring twice
    double least = 0.0, most = 0.0;  ///< of the loads that makes
    double spread() const { return most - least; }
};

/// `load[valve][spring]`, N: of each valve with each spring, at the height that valve has. At
/// least as many springs as valves, 1 to 64 of each; else empty. The choice whose greatest load
/// less its least is smallest: exact, as the balanced assignment problem (Martello, Pulleyblank,
/// Toth and de Werra, Operations Research Letters 3, 1984): a window over the sorted loads that
/// holds a matching, kept by augmenting paths.
Matching matchSprings(const std::vector<std::vector<double>>& load);

} // namespace lobe
