// What is still to be taken, in the order a builder would take it.
#pragma once

#include "core/result/findings.h"

#include <vector>

namespace lobe {

/// TDC first, since every angle hangs on it; then both lobes of cylinder 1; then what was begun on
/// other cylinders; and the last cylinder, against twist.
std::vector<Task> plan(const Job& job, const Findings& findings);

} // namespace lobe
