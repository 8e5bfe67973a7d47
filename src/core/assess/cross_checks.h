// What the parts of a job say about one another: lobes against card, cylinders against the first,
// TDC against the lobes.
#pragma once

#include "core/result/findings.h"

#include <optional>
#include <vector>

namespace lobe {

/// What a lobe says about the top the wheel's zero stands at, where it contradicts what was said:
/// the degrees its run is to be turned by (360 when overlap was said and is firing, 0 when firing
/// was said and the run counts from overlap).
std::optional<double> otherTop_deg(const Job& job, const LiftRun& run, const LobeFigures& lobe);

/// Where the lobes of a cylinder stand against the fitted card.
void againstCard(const Job& job, const Findings& f, const CylinderFindings& c,
                 std::vector<Finding>& out);
/// The other cylinders against the first: one that stands off is a twisted cam, or its own TDC is
/// not known.
void twist(const Job& job, const Findings& f, std::vector<Finding>& out);
/// Makes what `twist` found the first cause of its cylinder's explanation.
void twistCauses(const std::vector<Finding>& all, Findings& f);
/// Whether the lobes stand about the top that was said.
void topAgainstLobes(const Job& job, const Findings& f, std::vector<Finding>& out);
/// Runs recorded before TDC was found off.
void tdcMoved(const Job& job, const TdcFindings& tdc, std::vector<Finding>& out);

} // namespace lobe
