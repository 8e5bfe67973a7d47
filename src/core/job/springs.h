// Valve springs, the gear that lifts the valve, and what rides the lobe, as they were measured or
// stated. Heights and lengths in mm, loads in N, rates in N/mm, masses in g; 0 is not known yet,
// unless said. What was measured is kept with how it was typed and when; what stands in its place
// later leaves it legible, with the reason.
#pragma once

#include "core/job/made_once.h"

#include "core/angle/per.h"
#include "core/job/shim_size.h"

#include <compare>
#include <cstdint>
#include <optional>
#include <string>
#include <vector>

namespace lobe {

/// One valve of the engine; where a side has several, from 1 in the order of the lobes.
struct ValveId {
    int cylinder = 1;
    Side side = Side::Intake;
    int valve = 1;
    auto operator<=>(const ValveId&) const = default;
};

/// The load of a spring at a height under its retainer.
struct LoadPoint {
    double height_mm = 0.0, load_n = 0.0;
    bool known() const { return height_mm > 0.0 && load_n > 0.0; }
    bool operator==(const LoadPoint&) const = default;
};

/// What the maker says of the springs of a side.
struct SpringSpec {
    double rate_n_mm = 0.0;
    LoadPoint first, second; ///< a rate and one of them, or both
    double bind_mm = 0.0;    ///< height at which the coils touch
    double coils = 0.0;      ///< active ones, for the school that goes by the coil
    double inside_mm = 0.0;  ///< diameter at the end that sits on the head
    double outside_mm = 0.0;
    bool operator==(const SpringSpec&) const = default;
};

/// Height from the spring's seat to its retainer, as measured with nothing new under the spring.
struct HeightTaken {
    ValveId valve;
    double height_mm = 0.0;
    std::string typed;
    std::int64_t time_ms = 0;
    std::string replaced; ///< why it counts no longer; empty while it does
    bool operator==(const HeightTaken&) const = default;
};

/// One spring of the set on the tester, at one of the tester's heights.
struct LoadTaken {
    int spring = 1;
    int height = 0; ///< which of the tester's, from 0
    double load_n = 0.0;
    std::string typed;
    std::int64_t time_ms = 0;
    std::string replaced; ///< why it counts no longer
    bool operator==(const LoadTaken&) const = default;
};

/// A trial with a push rod: what the rocker wiped on the stem's end.
struct PushRodTrial {
    Side side = Side::Intake;
    double length_mm = 0.0;
    /// Middle of the band from the middle of the stem; positive away from the rocker's shaft.
    double middle_mm = 0.0;
    double wide_mm = 0.0;
    double cap_mm = 0.0;   ///< thickness of a lash cap on the stem; 0: none
    double stand_mm = 0.0; ///< by which the rocker's stand was raised
    std::string typed;
    std::int64_t time_ms = 0;
    std::string replaced;
    bool operator==(const PushRodTrial&) const = default;
};

/// How the length to order is called.
enum class PushRodSchool {
    Narrowest, ///< where the band is narrowest
    Centred,   ///< where its middle is the stem's
    MidLift,   ///< where the rocker stands square to the stem at half the lift
};

struct PushRods {
    PushRodSchool school = PushRodSchool::Narrowest;
    std::vector<PushRodTrial> trials;
    double shortest_mm = 0.0; ///< of the adjustable one, screwed home: lengths may be its turns
    double pitch_mm = 0.0;    ///< of its thread
    double preload_mm = 0.0;  ///< of a hydraulic follower, by its maker, at the push rod
    bool preloadIn = false;   ///< the trials were taken with it already
    double stem_mm = 0.0;     ///< diameter of the valve's stem
    double arm_mm = 0.0;      ///< of the rocker, shaft to its nose
    /// Of the rocker's nose over the line square to the stem through its shaft, valve shut; above
    /// it positive. For geometry by mid-lift.
    PerSide<std::optional<double>> noseAbove_mm;
    bool operator==(const PushRods&) const = default;
};

/// Coil bind: the clearance to be kept, by the school.
enum class BindSchool {
    Spring, ///< 1.5 mm at the spring
    Coils,  ///< 0.3 mm at each active coil
    Own,    ///< one's own, or the maker's
};

/// What is not to be gone below at full lift, mm.
struct SpringLimits {
    BindSchool school = BindSchool::Spring;
    double bind_mm = 1.5;   ///< one's own
    double seal_mm = 1.3;   ///< retainer to seal, and to guide
    double rocker_mm = 1.0; ///< rocker to retainer, and to its stud
    double travel_mm = 0.5; ///< left to the follower in its bore
    double edge_mm = 0.5;   ///< of a flat face, beyond the contact, at each side
    double oddLoad = 0.05;  ///< a spring is odd from this share off the middle of the set
    bool operator==(const SpringLimits&) const = default;
};

enum class ForceUnit { AsLengths, Newton, KilogramForce, Pound };

struct Springs {
    // Heights and shims
    PerSide<double> wantedHeight_mm; ///< fitted
    PerSide<double> wantedSeat_n;    ///< where no height is wanted, the load on the seat
    double under_mm = 0.0;           ///< shims under the springs while heights were measured
    std::vector<ShimSize> stock;
    double within_mm = 0.13; ///< a stack further off is not reached
    std::vector<HeightTaken> heights;
    // Loads
    PerSide<SpringSpec> spec;
    std::vector<double> testHeights_mm; ///< of the tester, at most three
    std::vector<LoadTaken> tests;
    std::string testedBy;
    ForceUnit unit = ForceUnit::AsLengths;
    // Room, valve shut, from the part that moves to the one that does not
    PerSide<std::optional<double>> seal_mm, guide_mm;
    /// At the nearest, as found at full lift, and the valve lift that was with.
    PerSide<std::optional<double>> rocker_mm, stud_mm;
    PerSide<double> foundAt_mm;
    PerSide<std::optional<double>> travel_mm; ///< the follower may rise so far in its bore
    PerSide<double> locator_mm, pocket_mm;    ///< diameters of locator and of the seat's pocket
    SpringLimits limits;
    // Followers and lobes
    PerSide<double> base_mm;       ///< diameter of the base circle
    PerSide<double> face_mm;       ///< of a flat follower
    double roller_mm = 0.0;        ///< diameter
    PerSide<double> baseBefore_mm; ///< of the base circle before it was ground again
    std::vector<ShimSize> makeUp;  ///< lash shims, caps or feet at hand
    // Control
    PerSide<double> valveSide_g;  ///< valve, retainer, locks, a third of the spring, rocker's share
    PerSide<double> tappetSide_g; ///< follower and push rod
    double wanted_rpm = 0.0;      ///< of the engine; 0: as the purpose says
    PushRods pushRods;

    MADE_ONCE(Springs);
    bool operator==(const Springs&) const;
};

/// The newest height of a valve that counts; null without one.
inline const HeightTaken* heightOf(const Springs& s, const ValveId& valve) {
    for (auto it = s.heights.rbegin(); it != s.heights.rend(); ++it)
        if (it->valve == valve && it->replaced.empty()) return &*it;
    return nullptr;
}

/// The newest load of a spring at one of the tester's heights that counts; null without one.
inline const LoadTaken* loadOf(const Springs& s, int spring, int height) {
    for (auto it = s.tests.rbegin(); it != s.tests.rend(); ++it)
        if (it->spring == spring && it->height == height && it->replaced.empty()) return &*it;
    return nullptr;
}

} // namespace lobe
