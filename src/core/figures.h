// The figures of the slate: everything one cylinder has to show, in the order it is shown.
#pragma once

#include "core/examine.h"

#include <vector>

namespace lobe {

/// `tdc_deg` is what TDC leaves uncertain, crank degrees, 95 %: angles counted from TDC carry it.
std::vector<Figure> figuresOf(const Job& job, const CylinderFindings& cylinder, double tdc_deg);

} // namespace lobe
