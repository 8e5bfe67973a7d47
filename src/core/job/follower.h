// What rides the lobe.
#pragma once

namespace lobe {

enum class Follower { SolidFlat, SolidRoller, Hydraulic, HydraulicMadeSolid, Bucket, Finger };

} // namespace lobe
