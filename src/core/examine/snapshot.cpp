#include "core/examine/snapshot.h"

#include "core/examine/examine.h"
#include "core/job/job.h"

#include <exception>

namespace lobe {

Snapshot::Snapshot(Job of) : kept_(std::make_unique<Job>(std::move(of))), job(*kept_) {}
Snapshot::~Snapshot() = default;

SnapshotPtr examined(Job job, const SnapshotPtr& before) {
    auto made = std::make_shared<Snapshot>(std::move(job));
    try {
        if (before) {
            const Before was{before->job, before->findings};
            made->findings = examine(made->job, &was);
        } else {
            made->findings = examine(made->job);
        }
    } catch (const std::exception& e) {
        // Any job opens: a book must not be shut by one that this program cannot work out.
        made->findings = {};
        made->trouble = e.what();
        if (made->trouble.empty()) made->trouble = "?";
    }
    return made;
}

} // namespace lobe
