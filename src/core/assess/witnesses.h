// A lobe taken more than one way at one setting: what counts and what stands beside it are
// witnesses of one thing, held against one another, and none displaces another. Crank degrees.
#pragma once

#include "core/result/findings.h"

#include <vector>

namespace lobe {

/// Holds the runs at `witnesses` against the one at `counts`, all of one lobe at one setting: says
/// whether they agree, and gives events that have no centre by two readings the witness's.
void holdWitnesses(Findings& f, std::size_t counts, const std::vector<std::size_t>& witnesses);

} // namespace lobe
