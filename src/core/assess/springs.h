// Springs, rocker gear and followers of a job, made into one claim. Lengths in mm, loads in N.
#pragma once

#include "core/result/findings.h"

namespace lobe {

/// Every valve of the engine, by cylinder, intake before exhaust.
std::vector<ValveId> valvesOf(const Engine& engine);

/// The greatest lift a valve really gets: of its own lobe, of that side's on another cylinder, of
/// the card; at its ratio, or at another that is tried. mm.
struct ValveLiftKnown {
    double mm = 0.0;
    LiftFrom from = LiftFrom::Nowhere;
};
ValveLiftKnown valveLiftOf(const Job& job, const Findings& findings, int cylinder, Side side,
                           std::optional<double> otherRatio = {});

/// Everything, with the rockers that are fitted or with others. The findings need their runs.
/// Stacks are taken over from before where neither springs nor engine are others.
SpringClaim springClaim(const Job& job, const Findings& findings,
                        PerSide<std::optional<double>> otherRatio = {},
                        const Before* before = nullptr);
/// The speed at which springs lose another lobe of the side, with the weakest spring of it;
/// empty where that is not known.
std::optional<double> controlWith_rpm(const Job& job, const SpringClaim& claim,
                                      const LobeFigures& lobe, Side side);

/// The clearance of the coils that is to be kept, by the job's school.
double bindLimit_mm(const Springs& springs, Side side);

/// The height at which the valves of a side are to sit: wanted, or that of the wanted load.
std::optional<double> wantedHeight_mm(const Springs& springs, Side side);

/// What is left in a place at another lift than its claim's, mm; empty where it is not known, or
/// was found at less lift than that. For other cams.
std::optional<double> roomAt(const Job& job, const SpringClaim& claim, SpringRoom room, Side side,
                             double lift_mm);
/// Least seat load of a side, N.
std::optional<double> leastSeat_n(const SpringClaim& claim, Side side);

} // namespace lobe
