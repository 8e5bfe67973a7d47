// A run as it is taken: where its next reading belongs, what a new one begins with, and its
// readings as lifts on the cycle.
#pragma once

#include "core/curve/curve.h"
#include "core/job/lift_run.h"
#include "core/lobe/indicator.h"
#include "core/lobe/lobe.h"

#include <vector>

namespace lobe {

struct Engine;
struct Job;

/// How the lifts of a run were taken: its place, ratio and lash.
Taken takenOf(const RunConditions& conditions);

/// Where a reading stands on the cycle, the run's shift included.
CrankDeg placed(const Reading& reading, const RunConditions& conditions);

/// Where the next reading of a run belongs: at the angle just struck, else one step past the last
/// reading, else (when that was read already) one step past the farthest.
CrankDeg nextAngle(const LiftRun& run);

/// The first and last angle a lobe of this kind is usually recorded over.
RunConditions usualConditions(const Engine& engine, Side side);

/// The last change of the cam's setting; 0 as it was found.
int lastMove(const Job& job);

/// What a run's angles are shifted by from the start: on the wheel of cylinder 1 another cylinder
/// stands turned by as much as it is behind.
double wheelShift_deg(const Job& job, int cylinder, const RunConditions& conditions);

/// The conditions of a new run: those of the lobe's last one, else of the job's newest, without
/// what was its alone, else the usual ones; at the present setting of the cam.
RunConditions nextConditions(const Job& job, int cylinder, Side side);

/// The live readings as lifts for `analyseLobe`: those struck, taken backing up, or with a zero
/// that is not known are left out.
std::vector<LiftPoint> livePoints(const LiftRun& run);
/// The carried readings that count, as points of a curve.
std::vector<LiftPoint> countedPoints(const std::vector<LiftReading>& readings);

} // namespace lobe
