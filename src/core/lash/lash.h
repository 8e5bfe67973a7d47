// Lash from a job: its valves as their lobes were measured, the plan by the school chosen, what a
// change of lash does to a lobe, and how it went over time. mm, crank degrees of the engine's
// cycle.
#pragma once

#include "core/lash/stops.h"
#include "core/result/findings.h"

#include <optional>
#include <string>
#include <vector>

namespace lobe {

/// Why there is no plan.
enum class LashFault {
    None,
    TwoStroke,     ///< it has no valves
    NoFiringOrder, ///< more than one cylinder, and no order that can be
    NoLobe,        ///< neither lobes measured to the base circle nor a card that makes one
    NoCompanion,   ///< no cylinder is on overlap while another fires
    NeverClear,    ///< with the margin asked a valve is never clear of its ramps
};

struct LashPlan {
    LashFault fault = LashFault::None;
    Side lacking = Side::Intake;   ///< whose lobe, of NoLobe
    bool byCard = false;           ///< lobes modelled from the card stand in for measured ones
    std::vector<LashValve> valves; ///< by cylinder, the intake first
    std::vector<LashStop> stops;   ///< ascending from the TDC on overlap of cylinder 1
};

/// By `job.lash.school` and its margin.
LashPlan lashPlan(const Job& job, const Findings& findings);

/// Feet of a lobe on its cylinder's cycle, as its cam stands now: where the follower leaves and
/// reaches the base circle. Empty where it was not measured so far.
struct LobeFeet {
    double opens_deg = 0.0, closes_deg = 0.0;
};
std::optional<LobeFeet> feetOf(const Job& job, const Findings& findings, int cylinder, Side side);

/// What a lobe makes of a lash: at the seat height, at the valve.
struct LashEffect {
    double lash_mm = 0.0;
    double duration_deg = 0.0;
    double opens_deg = 0.0, closes_deg = 0.0; ///< on the cycle
    double landing_mm = 0.0; ///< how fast the valve comes down on its seat, mm a crank degree
};
/// Of the lobe of a side, measured; empty where it has no whole curve, or the lash hides it.
std::optional<LashEffect> lashEffect(const Job& job, const Findings& findings, int cylinder,
                                     Side side, double lash_mm);

/// A valve's lash over time, oldest first; those that were replaced are not in it.
std::vector<LashTaken> lashHistory(const LashWork& work, int cylinder, Side side);
/// What it lost (negative) or gained between being left and found again, last time; empty where it
/// was not.
std::optional<double> lashDrift_mm(const LashWork& work, int cylinder, Side side);

/// Of a hydraulic follower: turns of the nut times the pitch, mm at the screw.
double preload_mm(const LashWork& work);

/// "3 exhaust": by which a valve is ticked.
std::string lashKey(int cylinder, Side side);

} // namespace lobe
