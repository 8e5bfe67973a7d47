// What was written down beside the measuring: notes, pictures, what was built in and how, what is
// to be ordered, how it ran.
#pragma once

#include "core/job/made_once.h"

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

namespace lobe {

enum class EntryKind {
    Note,
    Part,     ///< built in, or awaited
    Bolts,    ///< fasteners done
    EndFloat, ///< of cam or crank, against its limits
    Fit,      ///< how something stands: tensioner, followers, retainers and locks
    Oil,
    Order,   ///< still to be got; ticked when done
    Result,  ///< of a test bench or a run
    Symptom, ///< how it ran at a setting
};

/// One of the things a builder may say of an entry, as typed, its unit with it.
struct Detail {
    std::string key; ///< a stable word: "torque"
    std::string value;
    bool operator==(const Detail&) const = default;
};

struct LogEntry {
    int number = 1; ///< from 1, in the order made; said anew under the same number
    EntryKind kind = EntryKind::Note;
    std::int64_t time_ms = 0;
    std::string station; ///< where it was typed, by its key
    int cylinder = 0;    ///< at hand then; 0: the engine as a whole
    int setting = 0;     ///< of the cam then, by the number of its move
    std::string text;
    std::string picture; ///< a file, its path from the book's folder
    std::vector<Detail> details;
    bool done = false;    ///< of an order
    std::string replaced; ///< why it is no longer in; empty while it is
    std::int64_t replaced_ms = 0;

    /// As typed; null when it was not said.
    const std::string* detail(const std::string& key) const {
        for (const Detail& d : details)
            if (d.key == key) return &d.value;
        return nullptr;
    }
    /// An empty value takes it away.
    void setDetail(const std::string& key, const std::string& value);
    MADE_ONCE(LogEntry);
    bool operator==(const LogEntry&) const;
};

} // namespace lobe
