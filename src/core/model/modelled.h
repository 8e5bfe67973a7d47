// A lobe modelled from what its card states: a plausible lift curve that keeps every stated figure.
//
// Each flank is a FlankShape of its own: its length is such that the lift passes the stated height
// at the stated event; where a second height is stated its fullness too. Between the figures the
// card leaves open what the lobe does: by how far plausible lobes differ there is the half-width.
// Lengths in mm, crank degrees of the cycle.
#pragma once

#include "core/curve/curve.h"
#include "core/job/card.h"
#include "core/lobe/lobe.h"

#include <optional>
#include <variant>

namespace lobe {

/// Why a card makes no lobe.
enum class ModelFault {
    NoLift,          ///< no greatest lift
    NoEvents,        ///< neither both events, nor a duration and a centre
    HeightAboveLift, ///< the events' height is not under the greatest lift
    EventsUnlikely,  ///< less than 60 or more than 420 degrees between them
};

struct ModelledLobe {
    Side side = Side::Intake;
    LiftCurve curve;           ///< tappet lift, foot to foot
    LiftCurve halfWidth;       ///< of 95 %, over the same angles
    double nose_deg = 0.0;     ///< the stated centre; of unequal flanks not their middle
    double lift_mm = 0.0;      ///< tappet
    Measured<double> steepest; ///< greatest slope of its flanks, mm per crank degree
    Taken card;                ///< how the card's valve figures stand to the tappet's
    /// Whether the advertised duration is kept as well; empty where none is stated.
    std::optional<bool> advertisedKept;

    /// What it lifts at a place of the card's own valve gear.
    double liftAt(double deg, Place place) const { return card.liftAt(place, curve.at(deg)); }
};

using ModelResult = std::variant<ModelledLobe, ModelFault>;

/// `ratio` and `lash_mm` are the valve gear's where the card states none.
ModelResult modelLobe(const Card& card, Side side, double ratio = 1.0, double lash_mm = 0.0);

} // namespace lobe
