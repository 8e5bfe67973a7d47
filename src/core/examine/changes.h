// Whether a move that was made did what it should.
#pragma once

#include "core/examine/findings.h"

namespace lobe {

/// Every lobe a change moved that was measured before it, cylinder by cylinder.
std::vector<MoveCheck> checkChanges(const Job& job, const Findings& findings);

} // namespace lobe
