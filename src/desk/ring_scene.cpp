#include "desk/ring_scene.h"

#include "core/examine/snapshot.h"
#include "core/job/job.h"
#include "core/setting/setting.h"

namespace app {

using namespace lobe;

RingScene ringOf(const SnapshotPtr& snapshot, int cylinder) {
    const Job& job = snapshot->job;
    const Findings& f = snapshot->findings;
    RingScene ring;
    ring.rotation = job.engine.rotation;
    ring.wheel = job.fitted.degreeWheel();
    ring.stroke_mm = job.engine.stroke_mm;
    ring.rod_mm = job.engine.rod_mm;
    ring.tickHeight = eventsHeight(job);
    const CylinderFindings* c = f.cylinder(cylinder);
    if (!c) return ring;
    if (const RunFindings* run = f.intake(*c)) ring.intake = {snapshot, &run->lobe};
    if (const RunFindings* run = f.exhaust(*c)) ring.exhaust = {snapshot, &run->lobe};
    if (c->pair) ring.splitPoint = c->pair->splitPoint;
    return ring;
}

} // namespace app
