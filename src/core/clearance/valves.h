// Intake valve to exhaust valve: two heads that open towards one another, as in a roof-shaped
// chamber. Lengths in mm, crank degrees of the cycle.
#pragma once

#include "core/clearance/gap.h"
#include "core/job/engine.h"

namespace lobe {

/// The gap between the heads of two valves next to each other at given lifts, mm; 0 where they
/// would touch. Both stems lie in one plane, leaning away from each other by the valves' angles, so
/// the heads come nearer as they open. Seen in that plane a head is the line across its face: by
/// symmetry two discs are nearest there, and the gap is that of two lines. Empty without both
/// heads, both angles and the gap between the rims.
std::optional<double> gapOfValves_mm(const Valves& valves, double intakeLift_mm,
                                     double exhaustLift_mm);

/// The least over the cycle, the intake cam advanced by so much; empty as above.
std::optional<Least> leastOfValves(const Valves& valves, const ValveLift& intake,
                                   const ValveLift& exhaust, double intakeAdvance_deg);

} // namespace lobe
