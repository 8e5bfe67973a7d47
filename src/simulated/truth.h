// An engine that is known exactly, for somebody to measure who does not know it. It shares no code
// with what is tried: lobes in closed form, a wheel and a pointer, a dial, a piston crown, a card
// printed from the grinding. Angles in crank degrees from TDC on overlap, lifts in mm.
#pragma once

#include "core/angle/wheel.h"
#include "core/job/card.h"
#include "core/job/engine.h"
#include "simulated/closed_lobes.h"

#include <random>

namespace simulated {

struct Truth {
    lobe::Engine engine; ///< as the builder knows it
    lobe::Card card;     ///< as it is printed; may state little, or nothing
    bool hasCard = true;
    closed::Lobe lobes[2];     ///< at the tappet, where the cam stands; by side
    double late_deg[2]{};      ///< later than the grinder meant, by side
    double lash_mm[2]{};       ///< as it is set
    double ratio[2]{1.0, 1.0}; ///< as the rocker really makes it
    double pointer_deg = 0.0;  ///< the wheel shows this more than the crank stands at
    lobe::WheelScale scale = lobe::WheelScale::Half180;
    double wheelStep_deg = 1.0, wheelNoise_deg = 0.15;
    double dial_mm = 0.01, dialNoise_mm = 0.004;
    double gap_mm[2]{}, share[2]{1.0, 1.0}; ///< shut valve to piston at TDC, and per piston drop
    double gapNoise_mm = 0.02;
    /// The cylinder that is not as cylinder 1: its lobes stand later by a twist of the cam, and are
    /// worn at the nose; both in crank degrees and mm at the tappet.
    int other = 3;
    double twist_deg = 0.0, worn_mm = 0.0;
    double chamber_cc = 0.0, gasketBore_mm = 0.0, gasket_mm = 0.0, deck_mm = 0.0, crown_cc = 0.0;

    double tappet(lobe::Side side, double deg) const;
    double valve(lobe::Side side, double deg) const;
    double at(lobe::Place place, lobe::Side side, double deg) const;
    /// Where the lobe passes a height; NaN where it does not reach it.
    double event(lobe::Side side, const lobe::Height& height, bool opening) const;
    /// The middle at a drop under the nose, as seen at a place.
    double equalDrop(lobe::Side side, double drop_mm, lobe::Place place) const;
    double greatest(lobe::Side side, lobe::Place place) const;
    /// Where the lift is greatest; of a worn nose its middle.
    double nose(lobe::Side side) const;
    double pistonDown_mm(double deg) const;
    /// Between shut valve and piston less the lift, along the valve; with the cam advanced by so
    /// much from where it stands.
    double clearance(lobe::Side side, double deg, double advance_deg = 0.0) const;
    double leastClearance(lobe::Side side, double advance_deg = 0.0) const;
    /// The same at the worst place that phaser, limiter and slack let the cam stand at.
    double leastOverTravel(lobe::Side side) const;
    double staticRatio() const;

    /// The engine as another cylinder has it, counted from its own top.
    Truth of(int cylinder) const;
    /// The cam that drives a side, moved in its drive.
    void advance(lobe::Side side, double deg);
};

/// An engine by a seed: pushrod or twin-cam, symmetric, ramped or leaning lobes, with and without
/// lash, whole-degree and finer wheels, cards that say all, half or nothing.
Truth engineOf(unsigned seed);

} // namespace simulated
