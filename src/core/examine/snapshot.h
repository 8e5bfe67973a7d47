// A job and what was found of it, immutable and shared. Whoever keeps one or a part of it needs
// core/examine/held.h alone.
#pragma once

#include "core/examine/held.h"
#include "core/result/findings.h"

#include <memory>
#include <string>

namespace lobe {

class Snapshot {
    std::unique_ptr<const Job> kept_;

public:
    explicit Snapshot(Job job);
    ~Snapshot();
    Snapshot(const Snapshot&) = delete;
    Snapshot& operator=(const Snapshot&) = delete;

    const Job& job; ///< lies behind: a snapshot is handled without knowing what a job is
    Findings findings;
    /// What went wrong where the job could not be examined: then nothing is found of it, and what
    /// was entered last can be taken back. For whoever mends the program; no sentence.
    std::string trouble;
    /// It is still being worked out: nothing is found of it yet, and another snapshot of the same
    /// job comes.
    bool pending = false;
};

/// Examines a job; never throws for one. What the snapshot before it found of the runs that have
/// not changed is taken over, so that one more reading costs one run and not all of them.
SnapshotPtr examined(Job job, const SnapshotPtr& before = {});

} // namespace lobe
