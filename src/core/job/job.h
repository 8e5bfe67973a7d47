// A Job is everything that was measured or stated about one engine, as a plain value.
//
// Lengths are millimetres, angles crank degrees of the cycle. Nothing here computes; `examine`
// turns a Job into Findings. A what-if is a changed copy of the job, examined again. Whoever needs
// a part of it alone includes that part, and whoever hands it on names it only (`struct Job;`): a
// source that looks into a job includes this itself, and is compiled with its like
// (cmake/Layer.cmake).
#pragma once

#include "core/job/made_once.h"

#include "core/job/card.h"
#include "core/job/clearance.h"
#include "core/job/contact.h"
#include "core/job/engine.h"
#include "core/job/lift_run.h"
#include "core/job/log.h"
#include "core/job/stated.h"

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

namespace lobe {

struct Job : Stated {
    std::int64_t id = 0;
    std::string name;
    Engine engine;
    std::optional<Card> card;     ///< of the cam that is fitted
    std::vector<Card> otherCards; ///< at hand, not fitted
    std::vector<Contact> contacts;
    std::vector<LiftRun> runs;
    std::vector<CamMove> changes;   ///< of the cam's setting, oldest first
    std::vector<ClearanceMap> maps; ///< of valve to piston
    std::vector<LogEntry> log;      ///< what was written down, by its number
    MADE_ONCE(Job);
    bool operator==(const Job&) const;
};

} // namespace lobe
