// The figures of the slate: everything one cylinder has to show, in the order it is shown.
#pragma once

#include "core/result/findings.h"

#include <vector>

namespace lobe {

/// Angles counted from TDC carry what TDC leaves uncertain.
std::vector<Figure> figuresOf(const Job& job, const Findings& f, const CylinderFindings& cylinder);

} // namespace lobe
