// Events that no cam has.
#pragma once

#include "core/finding/finding.h"
#include "core/job/lift_run.h"
#include "core/lobe/lobe.h"

#include <vector>

namespace lobe {

/// Takes from the events of a run at a height what cannot be: a closing before its opening, a
/// duration no cam has, a centre where none sits; and says so of the reading that made it, the one
/// taken last, with the angle that would do (the same number about the other dead centre, or on its
/// other side), where there is one.
void takeOutImpossible(const LiftRun& run, HeightEvents& events, std::vector<Finding>& findings);

} // namespace lobe
