// Where the crank is stopped to set the lash, and which valves there: by a school's rule, or in as
// few stops as the lobes themselves allow. Crank degrees of the engine's cycle: 0 is the TDC on
// overlap of cylinder 1, up to 720.
#pragma once

#include "core/angle/per.h"
#include "core/job/lash.h"

#include <cstddef>
#include <optional>
#include <vector>

namespace lobe {

/// A valve and the stretch over which its follower is off the base circle, of its own cylinder's
/// cycle (0: that cylinder's TDC on overlap), the opening before the closing.
struct LashValve {
    int cylinder = 1;
    Side side = Side::Intake;
    double opens_deg = 0.0, closes_deg = 0.0;
    double behind_deg = 0.0; ///< by which its cylinder's cycle follows that of cylinder 1
};

struct LashStop {
    double cycle_deg = 0.0;            ///< 0 up to 720
    std::vector<std::size_t> set;      ///< into the valves
    std::optional<int> overlap{};      ///< the cylinder seen on overlap there, by that school
    std::vector<std::size_t> onRamp{}; ///< of `set`: not clear of their ramps by the margin
    double wheel_deg() const { return cycle_deg < 360.0 ? cycle_deg : cycle_deg - 360.0; }
};

/// Whether the follower stands on its base circle, clear of both ramps by the margin.
bool standsClear(const LashValve& valve, double cycle_deg, double margin_deg);

/// As few stops as there are at which every valve stands clear by the margin once; each then at a
/// round figure where one lies within. Exact: of a set of arcs on a circle some best choice has a
/// stop at an arc's beginning, and from there the earliest end is best (Gavril 1974). Valves that
/// are never clear are in none.
std::vector<LashStop> fewestStops(const std::vector<LashValve>& valves, double margin_deg);

/// Two stops a cylinder: its exhaust just opening, its intake set; its intake just closed, its
/// exhaust set. Ascending.
std::vector<LashStop> openingClosingStops(const std::vector<LashValve>& valves, double margin_deg);

/// A stop a cylinder at its firing TDC, both of its valves. With `companion` each names the
/// cylinder that is on overlap there, and is left out where there is none.
std::vector<LashStop> firingStops(const std::vector<LashValve>& valves, double margin_deg,
                                  bool companion);

} // namespace lobe
