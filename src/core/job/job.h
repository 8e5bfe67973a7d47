// A Job is everything that was measured or stated about one engine, as a plain value.
//
// Lengths are millimetres, angles crank degrees of the cycle. Nothing here computes; `examine`
// turns a Job into Findings. A what-if is a changed copy of the job, examined again. Whoever needs
// a part of it alone includes that part.
#pragma once

#include "core/job/made_once.h"

#include "core/job/card.h"
#include "core/job/choosing.h"
#include "core/job/clearance.h"
#include "core/job/contact.h"
#include "core/job/engine.h"
#include "core/job/flywheel.h"
#include "core/job/lash.h"
#include "core/job/lift_run.h"
#include "core/job/log.h"
#include "core/job/ports.h"
#include "core/job/reckoning.h"
#include "core/job/springs.h"

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

namespace lobe {

/// What is said of a job rather than read off it.
struct Stated {
    Fitted fitted;
    Reckoning reckoning;
    Trial trial;
    Choosing choosing;
    Springs springs;                 ///< and rocker gear, and what rides the lobe
    LashWork lash;                   ///< how it is set, and what was found
    PortWork ports;                  ///< of a two-stroke
    FlywheelWork flywheel;           ///< of a slow engine
    std::vector<std::string> pinned; ///< figures kept on the slate, by key
    std::string by;                  ///< who measures
    MADE_ONCE(Stated);
    bool operator==(const Stated&) const;
};

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
