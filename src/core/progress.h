// How far each station of the route has come.
#pragma once

#include "core/examine.h"

#include <vector>

namespace lobe {

/// Every station, in the order of the route; everything else of the findings is there already.
std::vector<StationFindings> progressOf(const Job& job, const Findings& findings);

} // namespace lobe
