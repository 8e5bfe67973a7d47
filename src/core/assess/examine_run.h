// One run by itself.
#pragma once

#include "core/result/findings.h"

namespace lobe {

/// What the analysis of a run is asked, as the job's settings and its own conditions have it.
LobeRequest requestFor(const Job& job, const LiftRun& run);

/// Everything that can be said of a run without looking at others.
RunFindings examineRun(const Job& job, const LiftRun& run);

} // namespace lobe
