// From what the indicator read to lift: which zero a reading counts from, which way the dial
// counts, and how the indicator stands.
//
// Lift = factor x (reading + the lift at its zero), the factor 1 unless an off-axis correction is
// asked for; a run that counts down from the nose reads 0 there and less away from it. Readings
// keep what was read; nothing here changes them.
#pragma once

#include "core/finding/finding.h"
#include "core/job/lift_run.h"

#include <optional>
#include <vector>

namespace lobe {

struct LiftReading {
    std::int64_t id = 0; ///< of the reading
    CrankDeg at;         ///< on the cycle, the run's shift included
    double lift_mm = 0.0;
    bool counts = true;   ///< in the analysis: not struck, not backed up, its zero known
    CrankDeg readAt;      ///< as read, without the shift
    double read_mm = 0.0; ///< what the indicator showed
    int zero = 1;         ///< which setting of the zero it counts from
    std::optional<Struck> struck{};
};

struct IndicatorReadings {
    std::vector<LiftReading> readings;        ///< every lift reading, in the order taken
    std::vector<std::optional<double>> zeros; ///< lift at each setting of the zero, from the first
    std::vector<Finding> findings;
};

/// A later zero whose lift is not stated is found from a mark read under both zeros; without one
/// its readings do not count, and a finding says so.
IndicatorReadings readIndicator(const LiftRun& run);

/// What an indicator askew by the run's angle shows, turned into the lift: 1/cos for a point on
/// the part, cos for a flat face, 1 when not asked for.
double offAxisFactor(const RunConditions& conditions);

} // namespace lobe
