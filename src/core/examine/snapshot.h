// A job and what was found of it, immutable and shared. Whoever shows or draws a part of it holds
// that part, and with it the whole snapshot: no change of the job can take it from under a picture.
#pragma once

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

    const Job& job;
    Findings findings;
    /// What went wrong where the job could not be examined: then nothing is found of it, and what
    /// was entered last can be taken back. For whoever mends the program; no sentence.
    std::string trouble;
    /// It is still being worked out: nothing is found of it yet, and another snapshot of the same
    /// job comes.
    bool pending = false;
};

using SnapshotPtr = std::shared_ptr<const Snapshot>;

/// Examines a job; never throws for one. What the snapshot before it found of the runs that have
/// not changed is taken over, so that one more reading costs one run and not all of them.
SnapshotPtr examined(Job job, const SnapshotPtr& before = {});

/// A part of a snapshot that keeps the snapshot; null when there is no such part.
template <class T> class Held {
public:
    Held() = default;
    /// `part` lies in `whole`.
    Held(const SnapshotPtr& whole, const T* part)
        : part_(part ? std::shared_ptr<const T>(whole, part) : nullptr) {}

    explicit operator bool() const { return part_ != nullptr; }
    const T& operator*() const { return *part_; }
    const T* operator->() const { return part_.get(); }
    const T* get() const { return part_.get(); }
    /// `within` lies in what this holds.
    template <class U> Held<U> part(const U* within) const {
        Held<U> out;
        if (within) out.part_ = std::shared_ptr<const U>(part_, within);
        return out;
    }
    bool operator==(const Held&) const = default;

private:
    template <class U> friend class Held;
    std::shared_ptr<const T> part_;
};

} // namespace lobe
