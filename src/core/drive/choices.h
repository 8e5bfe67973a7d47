// What the drive of a cam can do about a wanted move: every combination of teeth, keyways, crank
// keyways, vernier holes, bushes and slots, ranked by what is left over.
//
// Steps: one tooth of N is 720/N crank degrees; a keyway of K is 720/K, of which whole teeth are
// taken back, so that K keyways and N teeth step by 720/lcm(N, K); a vernier of n1 against n2
// holes steps by 720/lcm(n1, n2). Crank degrees, positive advances.
//
// A move is counted from what is in use: with the -3 degree bush fitted, the straight one is +3,
// and a slot that stands at +2 of +-5 goes 3 on and 7 back (`DriveState`).
#pragma once

#include "core/job/drive.h"

#include <cstddef>
#include <optional>
#include <vector>

namespace lobe {

struct Choice {
    DriveMove move;
    double residual_deg = 0.0; ///< wanted less moved: what is left to advance
};

/// What makes a drive impossible.
enum class DriveFault {
    Teeth,   ///< fewer than 8 or more than 400
    Keyways, ///< fewer than 1 or more than 12
    Vernier, ///< one of the two numbers missing, or not 2 to 120
    Slot,    ///< range or line not positive, or a line wider than the range
    Listed,  ///< more than 12 offsets, or one of 180 degrees or more
};
std::optional<DriveFault> faultOf(const Drive& drive);

/// The best `most` of every combination, whole turns of the cam left out; a slot takes up what the
/// rest leaves, within its range. By |residual| (to a millionth of a degree), then by fewest
/// changes, then by the smallest of them. `distinct` keeps the first of those that move the cam
/// alike. A drive with nothing to change leaves one choice: as it stands. The drive has no fault.
std::vector<Choice> choices(const Drive& drive, double need_deg, std::size_t most,
                            bool distinct = false, const DriveState& fitted = {});

/// How many combinations there are, slots not counted.
double combinations(const Drive& drive);

/// The moves the drive can really make within a range either way, ascending, 0 among them; along
/// a slot by its lines, or by half degrees where it has none.
std::vector<double> reachable_deg(const Drive& drive, double range_deg,
                                  const DriveState& fitted = {});

/// How far a slot goes from where it stands, back (negative or 0) and on.
struct SlotRange {
    double back_deg = 0.0, on_deg = 0.0;
};
SlotRange slotRange(const Drive& drive, const DriveState& fitted);

/// A difference as teeth of this drive's cam wheel, where it is a whole number of them to within a
/// doubt; 0 where it is none, empty where teeth are not known or the doubt is half a tooth.
std::optional<int> asTeeth(const Drive& drive, double difference_deg, double uncertainty_deg);

/// One tooth of the cam wheel in crank degrees; 0 where teeth are not known.
double tooth_deg(const Drive& drive);
/// The finest step that teeth, keyways and vernier make together, crank degrees; 720 for none.
double finest_deg(const Drive& drive);

/// The holes of a vernier that come into line for a move, counted from the pair in use in the
/// cam's running direction. Wheel hole i and hub hole j: the hub goes on by i/n1 - j/n2 turns.
struct VernierHoles {
    int wheel = 0, hub = 0;
};
VernierHoles vernierHoles(const Drive& drive, double vernier_deg);

/// What an offset key or bush turns its shaft by, degrees of that shaft: asin(offset / radius).
/// Empty when the offset is beyond the shaft.
std::optional<double> offsetKey_deg(double offset_mm, double shaftRadius_mm);

/// The way along the bolt circle that a move of the cam makes, mm: radius times cam radians.
double boltArc_mm(double radius_mm, double move_deg);

} // namespace lobe
