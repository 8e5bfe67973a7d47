// One cylinder that breathes through pipes: the cylinder and valves of the filling estimate
// (filling.h), with gas in an intake and an exhaust pipe (pipe.h) in place of still ambient at the
// valves. Mouths are open, or open into a plenum behind a throttle and a collector. Cycles repeat
// until they repeat to a part in ten thousand. It leaves out combustion's own course, bends, fuel
// and what other cylinders send. mm, cm3, 1/min; pressures in Pa.
#pragma once

#include "core/filling/filling.h"

#include <optional>
#include <vector>

namespace lobe {

struct PipeSize {
    double length_mm = 0.0;  ///< valve to mouth, the port in it; 5 to 5000
    double bore_mm = 0.0;    ///< at the valve; 5 to 200
    double farBore_mm = 0.0; ///< at the mouth, even in between; 0: as at the valve
    bool operator==(const PipeSize&) const = default;
};

struct Pipes {
    PipeSize intake, exhaust;
    double plenum_cc = 0.0;    ///< behind the intake pipe; 0: the open
    double throttle_mm = 0.0;  ///< diameter of what feeds the plenum, or of the mouth; 0: wide
    double collector_cc = 0.0; ///< behind the exhaust pipe; 0: the open
    int cells = 40;            ///< of each pipe, 4 to 400
    bool operator==(const Pipes&) const = default;
};

/// Nothing where they can be.
enum class PipeFault { None, IntakeSize, ExhaustSize, Volumes, Cells };
PipeFault faultOf(const Pipes& pipes);

/// Pressures just outside the valves over the cycle, a value for each degree from -360 to 359.
struct PipeTrace {
    std::vector<double> intake_pa, exhaust_pa;
};

/// At one speed, 100 to 30000 1/min; of pipes without fault. With `trace` also what stood at the
/// valves in the last cycle.
FillingPoint fillingWithPipes(const Filling& filling, const Pipes& pipes, double speed_rpm,
                              PipeTrace* trace = nullptr);

} // namespace lobe
