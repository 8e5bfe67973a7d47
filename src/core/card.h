// What a cam card promises, made comparable. Degrees in card notation.
#pragma once

#include "core/job.h"

#include <optional>

namespace lobe {

/// open + 180 + close at the card's height.
std::optional<double> cardDuration_deg(const Card& card, Side side);
/// From the events, duration / 2 - IVO (intake, deg ATDC) or duration / 2 - EVC (exhaust, deg
/// BTDC); without them, as printed.
std::optional<double> cardCentre_deg(const Card& card, Side side);
/// (ICL + ECL) / 2.
std::optional<CamDeg> cardSeparation(const Card& card);
/// The promised event on the cycle.
std::optional<CrankDeg> cardEvent(const Card& card, Event event);
/// The promised lobe centre on the cycle: the exhaust's is negative.
std::optional<CrankDeg> cardCentre(const Card& card, Side side);

} // namespace lobe
