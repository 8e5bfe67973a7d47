// One lobe: from readings to events, centres and area.
//
// Angles in are any crank degrees of the cycle (-360..360 or 0..720); they are laid on the cycle
// with 0 at TDC on overlap round the lobe itself. Lifts are mm at the place they were taken; a
// checking height at the other place is carried over with ratio and lash:
// valve lift = max(0, ratio x tappet lift - lash).
#pragma once

#include "core/curve.h"
#include "core/finding.h"
#include "core/job.h"

#include <optional>
#include <vector>

namespace lobe {

/// How a lift was taken; enough to carry it from tappet to valve and back.
struct Taken {
    Place at = Place::Tappet;
    double ratio = 1.0;
    double lash_mm = 0.0;

    /// The lift, at the place taken, that shows when `height` is reached; not positive when the
    /// lash hides that height.
    double threshold_mm(Height height) const;
    /// A lift at the place taken, as seen at another place.
    double liftAt(Place place, double taken_mm) const;
};

/// The two events at a checking height; empty where that flank was not recorded.
struct HeightEvents {
    Height height;
    std::optional<CrankDeg> opens, closes;

    std::optional<double> duration_deg() const;
    std::optional<CrankDeg> midpoint() const;
};

/// The lobe centre by each school.
struct Centres {
    std::optional<CrankDeg> equalDrop, events, peak, centroid;
    std::optional<CrankDeg> by(CentreSchool school) const;
    /// Greatest less least of those known; empty with fewer than two.
    std::optional<double> spread_deg() const;
};

/// A reading that does not fit its neighbours.
struct Misfit {
    CrankDeg at;
    double off_mm = 0.0; ///< reading less the neighbours' curve, signed
};

struct LobeRequest {
    Side side = Side::Intake;
    int cylinder = 0;
    Taken taken;
    std::vector<Height> heights;
    Height eventsHeight{1.27, Place::Tappet}; ///< for the midpoint-of-events centre
    double drop_mm = 1.27;                    ///< for the equal-drop centre
    double zeroReturn_mm = 0.02;
    Follower follower = Follower::SolidFlat; ///< a live hydraulic one bleeds down
};

struct LobeFigures {
    Side side = Side::Intake;
    Taken taken;
    std::optional<LiftCurve> curve;
    bool noseReached = false;
    std::optional<double> maxLift_mm; ///< at the place taken
    std::optional<CrankDeg> maxLiftAt;
    Centres centres;
    double drop_mm = 0.0; ///< used for the equal-drop centre
    HeightEvents atEventsHeight;
    std::vector<HeightEvents> heights;
    std::optional<double> area_mm_deg;  ///< under the lift as taken
    std::optional<double> liftAtTdc_mm; ///< as taken
    std::vector<Misfit> misfits;
    std::vector<Misfit> standoffs; ///< of every inner reading, for the lane under the strip
    std::vector<Finding> findings;

    bool eventsOnly = false; ///< made from event readings: no curve, no lift, no area

    /// The lobe centre by a school; events alone know only the middle of the events.
    std::optional<CrankDeg> centre(CentreSchool school) const {
        return eventsOnly ? centres.events : centres.by(school);
    }
    /// Valve or tappet lift at an angle; zero outside the readings.
    double liftAt(CrankDeg at, Place place) const;
    /// The events at one of the requested heights, or null.
    const HeightEvents* events(const Height& height) const;
};

/// Fewer readings than this make no lobe.
constexpr int kFewestReadings = 7;
/// Less variation than this is not a lobe, mm.
constexpr double kLeastLift_mm = 0.5;

/// Readings in any order; repeats of an angle are averaged. Never fails: what cannot be derived
/// stays empty, and a finding says why.
LobeFigures analyseLobe(const std::vector<LiftPoint>& readings, const LobeRequest& request);

} // namespace lobe
