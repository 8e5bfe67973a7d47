// Somebody at the crank of the simulated bench, who does what a builder would for what is asked:
// sweeps the top, sets the dial on the valve that comes next while both are shut, turns on. Taken
// by itself from there on; what wants a person is left to one.
#pragma once

#include "desk/live_wish.h"
#include "simulated/bench.h"

namespace live {

class Hand {
public:
    /// Looks at what is asked and does the next thing; `now_s` rises. Called many times a second.
    void work(simulated::Bench& bench, const app::LiveWish& wish, double now_s);
    void stop(simulated::Bench& bench) { bench.turn(0.0), step_ = Step::Look; }
    /// Degrees a second while a lobe is taken.
    static constexpr double kTaking = 20.0;

private:
    enum class Step {
        Look,    ///< what is to be done?
        ToSweep, ///< back before the top
        Sweep,   ///< over it
        ToShut,  ///< on to where both valves are shut
        Set,     ///< the dial is set on another valve, and left in peace
        Take,    ///< on over the lobe
        Press,   ///< to where a press is asked, and down on the valve
    };
    void go(simulated::Bench& bench, double to_deg, double speed);
    bool there(const simulated::Bench& bench) const;

    Step step_ = Step::Look;
    double to_deg_ = 0.0, since_s_ = 0.0;
    simulated::On wanted_ = simulated::On::Intake;
    lobe::Side last_ = lobe::Side::Intake;
};

} // namespace live
