// A figure of the slate: one number with its height, school and difference from the card.
#pragma once

#include "core/angle/angles.h"
#include "core/angle/measured.h"
#include "core/job/height.h"
#include "core/job/school.h"

#include <optional>
#include <string>

namespace lobe {

enum class FigureKind {
    Duration,   ///< crank degrees
    Opens,      ///< card notation, degrees
    Closes,     ///< card notation, degrees
    Centre,     ///< intake ATDC, exhaust BTDC, crank degrees
    Separation, ///< cam degrees
    Advance,    ///< crank degrees
    Overlap,    ///< crank degrees
    SplitPoint, ///< crank degrees ATDC
    MaxLift,    ///< mm
    Area,       ///< mm deg
};

struct Figure {
    std::string key; ///< stable, used for pinning: "duration.intake@1.270t"
    FigureKind kind = FigureKind::Duration;
    int cylinder = 1; ///< whose it is
    std::optional<Side> side{};
    std::optional<Height> height{};
    std::optional<CentreSchool> school{};
    std::optional<Measured<double>> value{};
    std::optional<double> cardDifference{}; ///< measured less card, in the figure's own notation
};

/// The key of a figure, for pinning.
std::string figureKey(FigureKind kind, std::optional<Side> side, std::optional<Height> height);

} // namespace lobe
