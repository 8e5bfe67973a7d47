#include "core/examine/snapshot.h"

namespace lobe {

SnapshotPtr examined(Job job, const SnapshotPtr& before) {
    auto made = std::make_shared<Snapshot>();
    made->job = std::move(job);
    if (before) {
        const Before was{before->job, before->findings};
        made->findings = examine(made->job, &was);
    } else {
        made->findings = examine(made->job);
    }
    return made;
}

} // namespace lobe
