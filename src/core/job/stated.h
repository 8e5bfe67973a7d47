// What is said of a job rather than read off it. Whoever needs a part of it alone includes that
// part.
#pragma once

#include "core/job/made_once.h"

#include "core/job/choosing.h"
#include "core/job/flywheel.h"
#include "core/job/lash.h"
#include "core/job/ports.h"
#include "core/job/reckoning.h"
#include "core/job/springs.h"

#include <string>
#include <vector>

namespace lobe {

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

} // namespace lobe
