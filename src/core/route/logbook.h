// A job's history as a builder would tell it: what was read at a sitting, what was moved, decided
// and written down, by its time.
#pragma once

#include "core/angle/per.h"

#include <string>
#include <vector>

namespace lobe {

struct Job;

enum class LogWhat { Contacts, Readings, Presses, Moved, Decided, Entered };

struct LogLine {
    std::int64_t time_ms = 0;  ///< since the epoch; 0: not known, as of a table that was read in
    std::int64_t until_ms = 0; ///< of a sitting: its last reading
    LogWhat what = LogWhat::Entered;
    int cylinder = 0;
    Side side = Side::Intake;
    int count = 0, struck = 0;        ///< readings, presses or contacts of the sitting
    std::vector<std::string> reasons; ///< why some were struck, each once
    std::string source;               ///< the file they came from
    int number = 0;                   ///< of the move or the entry; of a decision its place from 1
};

/// Oldest first, what has no time before all. What is read one after the other with less than an
/// hour between is one sitting.
std::vector<LogLine> logbookOf(const Job& job);

} // namespace lobe
