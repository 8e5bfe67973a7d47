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

} // namespace lobe
