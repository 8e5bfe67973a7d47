// Whether a move that was made did what it should.
#pragma once

#include "core/result/findings.h"

namespace lobe {

/// Every lobe a change moved that was measured before it, cylinder by cylinder. With `before`, what
/// was found of a move that came out the same is not sought again.
std::vector<MoveCheck> checkChanges(const Job& job, const Findings& findings, const Before* before);

} // namespace lobe
