// What is to be moved for the target, and what a move makes of the figures.
#pragma once

#include "core/result/findings.h"

namespace lobe {

/// Of the first cylinder measured.
Need need(const Job& job, const Findings& findings);

Outcome outcome(const Job& job, const Findings& findings, double intake_deg, double exhaust_deg);

} // namespace lobe
