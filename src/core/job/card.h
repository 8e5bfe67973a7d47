// What a cam card promises, made comparable. Degrees in card notation.
#pragma once

#include "core/angle/per.h"
#include "core/angle/usual.h"
#include "core/job/height.h"

#include <optional>
#include <string>
#include <vector>

namespace lobe {

struct Engine;

/// What a maker promises. Everything but the name may be missing; `complete` derives what can be
/// derived.
struct Card {
    std::string name;
    Height height{kUsualHeight_mm, Place::Tappet}; ///< at which the events and durations are stated
    PerEvent<std::optional<double>> events;        ///< card notation, degrees
    PerSide<std::optional<double>> centre;         ///< intake deg after TDC, exhaust before
    std::optional<double> separation;              ///< cam degrees
    std::optional<double> advance;                 ///< ground in, crank degrees, positive early
    PerSide<std::optional<double>> duration;       ///< at `height`, crank degrees
    PerSide<std::optional<double>> advertisedDuration; ///< at `advertised`
    Height advertised{0.1524, Place::Tappet};
    PerSide<std::optional<double>> lift_mm; ///< greatest, at `liftAt`
    Place liftAt = Place::Tappet;
    std::optional<double> ratio; ///< rocker ratio the card assumes
    PerSide<double> lash_mm;     ///< as the card wants it set
    bool operator==(const Card&) const = default;
};

/// A figure of a card, as printed or derived from the rest of it.
struct CardFigure {
    double value = 0.0;
    bool derived = false;
};

enum class CardConflict {
    IntakeDuration, ///< printed duration against open + 180 + close
    ExhaustDuration,
    IntakeCentre, ///< printed centre against the middle of the events, or separation and advance
    ExhaustCentre,
    Separation, ///< printed separation against the two centres
    Advertised, ///< the advertised duration is the shorter one
};
/// Two figures of one card that do not go together by more than a degree.
struct CardContradiction {
    CardConflict what = CardConflict::Separation;
    double printed = 0.0, follows = 0.0; ///< as printed; as the rest of the card has it
    bool half = false; ///< a printed centre that is half the duration, and so no centre
};

/// A card with everything that follows from it. Durations in crank degrees, centres in degrees
/// after (intake) and before (exhaust) TDC, separation in cam degrees, advance in crank degrees.
struct CompleteCard {
    PerEvent<std::optional<CardFigure>> events;
    PerSide<std::optional<CardFigure>> duration, centre;
    std::optional<CardFigure> separation, advance;
    std::vector<CardContradiction> contradictions;
};

/// Events come first; then duration and centre; a centre may come from separation and ground-in
/// advance (ICL = LSA - advance, ECL = LSA + advance), without an advance taken as none.
CompleteCard complete(const Card& card);

/// The card's greatest lift as it shows at a place in this engine: with the engine's own ratio
/// and lash in place of the card's. mm.
std::optional<double> cardLiftHere_mm(const Card& card, Side side, const Engine& engine,
                                      Place place);

/// open + 180 + close at the card's height, printed or derived.
std::optional<double> cardDuration_deg(const Card& card, Side side);
/// Of the middle of the events where the card gives them (intake deg ATDC, exhaust deg BTDC), else
/// as printed or as it follows from separation and advance.
std::optional<double> cardCentre_deg(const Card& card, Side side);
/// (ICL + ECL) / 2.
std::optional<CamDeg> cardSeparation(const Card& card);
/// Whether the centre comes from printed events.
bool cardCentreByEvents(const Card& card, Side side);
/// The promised event on the cycle.
std::optional<CrankDeg> cardEvent(const Card& card, Event event);
/// The promised lobe centre on the cycle: the exhaust's is negative.
std::optional<CrankDeg> cardCentre(const Card& card, Side side);

} // namespace lobe
