// One lobe: from readings to events, centres and area.
//
// Angles in are any crank degrees of the cycle (-360..360 or 0..720); they are laid on the cycle
// with 0 at TDC on overlap round the lobe itself. Lifts are mm at the place they were taken; a
// checking height at the other place is carried over with ratio and lash:
// valve lift = max(0, ratio x tappet lift - lash).
#pragma once

#include "core/angle/measured.h"
#include "core/angle/rows.h"
#include "core/angle/usual.h"
#include "core/curve/curve.h"
#include "core/curve/smooth.h"
#include "core/finding/finding.h"
#include "core/job/follower.h"
#include "core/job/height.h"
#include "core/job/school.h"
#include "core/lobe/motion.h"

#include <memory>
#include <optional>
#include <vector>

namespace lobe {

/// How a lift was taken; enough to carry it from tappet to valve and back.
struct Taken {
    Place at = Place::Tappet;
    double ratio = 1.0;
    double lash_mm = 0.0;
    double ratioDoubt = 0.0; ///< of the ratio, relative, 95 %
    bool operator==(const Taken&) const = default;

    /// The lift, at the place taken, that shows when `height` is reached; not positive when the
    /// lash hides that height.
    double threshold_mm(Height height) const;
    /// What the ratio leaves uncertain of it, 95 %; none at the place taken.
    double thresholdDoubt_mm(Height height) const;
    /// A lift at the place taken, as seen at another place.
    double liftAt(Place place, double taken_mm) const;
};

/// The two events at a checking height; empty where that flank was not recorded.
struct HeightEvents {
    Height height;
    std::optional<Measured<CrankDeg>> opens, closes;

    std::optional<Measured<double>> duration_deg() const;
    std::optional<Measured<CrankDeg>> midpoint() const;
};

/// The lobe centre by each school.
struct Centres {
    std::optional<Measured<CrankDeg>> equalDrop, events, peak, centroid;
    std::optional<Measured<CrankDeg>> by(CentreSchool school) const;
    /// Greatest less least of those known; empty with fewer than two.
    std::optional<double> spread_deg() const;
};

/// A reading that does not fit its neighbours.
struct Misfit {
    CrankDeg at;
    double off_mm = 0.0; ///< reading less the curve of the others, signed
    /// A neighbour that could be the slip as well; neither counts then.
    std::optional<CrankDeg> orAt{};
};

struct LobeRequest {
    Side side = Side::Intake;
    int cylinder = 0;
    Taken taken;
    std::vector<Height> heights;
    Height eventsHeight{kUsualHeight_mm, Place::Tappet}; ///< for the midpoint-of-events centre
    double drop_mm = kUsualHeight_mm;                    ///< for the equal-drop centre
    double zeroReturn_mm = 0.02;
    Follower follower = Follower::SolidFlat; ///< a live hydraulic one bleeds down
    double resolution_mm = 0.0;              ///< of the indicator; 0: what the lifts are written in
    bool smoothing = true;           ///< follow the noise; else the curve through all readings
    std::vector<double> right;       ///< angles whose readings count, whatever they stand off by
    Height seat{0.15, Place::Valve}; ///< for the ramp spread

    bool operator==(const LobeRequest&) const = default;
};

/// Whether the middle of the events wanders as the height rises.
enum class Symmetry { NotKnown, Symmetric, Asymmetric, Noisy };
struct MidpointLine {
    std::vector<HeightEvents> events; ///< at even steps of lift, ascending, as taken
    Measured<double> skew_deg; ///< middle low on the lobe (20 % of lift) less that high up (85 %)
    Symmetry symmetry = Symmetry::NotKnown;
};

struct LobeFigures {
    Side side = Side::Intake;
    Taken taken;
    std::optional<LiftCurve> curve;
    bool noseReached = false;
    std::optional<Measured<double>> maxLift_mm; ///< at the place taken
    std::optional<CrankDeg> maxLiftAt;
    Centres centres;
    double drop_mm = 0.0; ///< used for the equal-drop centre
    HeightEvents atEventsHeight;
    std::vector<HeightEvents> heights;
    std::optional<Measured<double>> area_mm_deg; ///< under the lift as taken; see found::AreaOfPart
    std::optional<double> liftAtTdc_mm;          ///< as taken
    std::vector<Misfit> misfits;
    Rows<Misfit> standoffs; ///< of every inner reading, for the lane under the strip
    std::vector<Finding> findings;

    Rows<LiftPoint> points;                    ///< the readings, laid round the lobe
    Rows<LiftPoint> fair;                      ///< those the curve is drawn through
    std::shared_ptr<const SmoothCurve> smooth; ///< for velocity and what is uncertain
    bool smoothed = false;                     ///< the curve is the smoothed one
    double scatter_mm = 0.0;                   ///< of a reading, without the wheel's part
    double rounding_mm = 0.0;                  ///< what the readings are rounded to; 0: to nothing
    std::optional<double> halfOpening_deg,
        halfClosing_deg;                  ///< of the events' height, to the centre
    std::optional<double> rampSpread_deg; ///< duration at the seat less that at 1.27 mm
    std::optional<double> baseRunOut_mm;  ///< greatest less least on the base circle
    MidpointLine midpoints;
    std::optional<Motion> motion;

    bool eventsOnly = false; ///< made from event readings: no curve, no lift, no area

    /// The school that can be had: events alone know the middle of the events, or of a drop, or
    /// the nose; a whole curve knows all.
    CentreSchool had(CentreSchool school) const {
        if (!eventsOnly || centres.by(school)) return school;
        for (CentreSchool s : {CentreSchool::Events, CentreSchool::EqualDrop, CentreSchool::Peak})
            if (centres.by(s)) return s;
        return school;
    }
    /// The lobe centre by a school, or by the one that can be had.
    std::optional<Measured<CrankDeg>> centre(CentreSchool school) const {
        return centres.by(had(school));
    }
    /// Valve or tappet lift at an angle; zero outside the readings.
    double liftAt(CrankDeg at, Place place) const;
    /// The same for angles one after the other; `near` as of LiftCurve::at.
    double liftAt(CrankDeg at, Place place, std::size_t& near) const;
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
