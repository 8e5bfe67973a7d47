// A snapshot of a job, shared, and parts of it. Whoever shows or draws a part of it holds that
// part, and with it the whole snapshot: no change of the job can take it from under a picture. What
// a snapshot is, core/examine/snapshot.h says.
#pragma once

#include <memory>

namespace lobe {

/// What is held, and its parts.
class Snapshot;
struct CylinderFindings;
struct Figure;
struct Findings;
struct Job;
struct LiftRun;
struct LobeFigures;
struct PairFigures;
struct RunFindings;
struct Task;
struct TdcFindings;
struct TdcPass;

using SnapshotPtr = std::shared_ptr<const Snapshot>;

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
