#include "core/lobe/motion.h"

#include <cmath>

namespace lobe {

Motion motionOf(const SmoothCurve& curve, double toTappet) {
    Motion out;
    for (double deg = curve.first(); deg <= curve.last(); deg += 2.0) {
        // A cam degree is two crank degrees.
        const SmoothCurve::Jet lift = curve.jet(deg);
        const MotionPoint p{deg, lift[0], 2.0 * lift[1], 4.0 * lift[2], 8.0 * lift[3]};
        if (std::abs(p.velocity) > out.fastest) {
            out.fastest = std::abs(p.velocity);
            out.fastestAt = {deg};
        }
        out.points.push_back(p);
    }
    out.fastestUncertainty = 1.96 * 2.0 * curve.deviation(out.fastestAt.deg, 1);
    out.flatTappet_mm = 2.0 * degrees(out.fastest) * toTappet;
    return out;
}

} // namespace lobe
