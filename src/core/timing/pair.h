// The two lobes of a cylinder together: overlap, separation, advance and split point.
#pragma once

#include "core/lobe/lobe.h"

#include <optional>
#include <vector>

namespace lobe {

struct Overlap {
    Height height;
    std::optional<Measured<double>> degrees; ///< IVO + EVC at that height; may be negative
};

struct PairFigures {
    CentreSchool school = CentreSchool::EqualDrop; ///< the one both centres can be had by
    std::optional<Measured<CamDeg>> separation;    ///< (ICL + ECL) / 2, cam degrees
    std::optional<Measured<double>> advance_deg; ///< LSA - ICL, crank degrees, positive when early
    std::optional<Measured<CrankDeg>>
        splitPoint;                           ///< where both valves have the same lift, near TDC
    std::vector<Overlap> overlap;             ///< at each height both lobes were asked for
    std::optional<double> overlapArea_mm_deg; ///< under the smaller of the two lifts
    std::vector<Finding> findings;
};

/// `place` says which lift the split point and the overlap area are of.
PairFigures analysePair(const LobeFigures& intake, const LobeFigures& exhaust, CentreSchool school,
                        Place place);

/// Two valves that rock: how far past level the crank stands, crank degrees, where the intake's
/// lift is the greater by so much at the place (negative: the exhaust's; then before level). The
/// difference over the sum of both slopes where they are level. Empty without both flanks there.
std::optional<double> pastLevel_deg(const LobeFigures& intake, const LobeFigures& exhaust,
                                    double higher_mm, Place place);

} // namespace lobe
