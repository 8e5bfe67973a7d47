// The core's front door: a job in, everything that can be said about it out.
//
// Pure and fast: no clock, no locale, no settings but the job's own.
#pragma once

#include "core/carry.h"
#include "core/compression.h"
#include "core/events.h"
#include "core/explain.h"
#include "core/figure.h"
#include "core/job.h"
#include "core/lobe.h"
#include "core/pair.h"
#include "core/passes.h"
#include "core/plan.h"
#include "core/setting.h"
#include "core/tdc.h"

#include <memory>
#include <optional>
#include <vector>

namespace lobe {

enum class Station { Engine, Tdc, Lobes, Timing, Set, Compression };
constexpr Station kStations[] = {Station::Engine, Station::Tdc, Station::Lobes,
                                 Station::Timing, Station::Set, Station::Compression};

enum class Progress { NotBegun, InHand, Done, LookAgain };

struct RunFindings {
    std::int64_t run = 0;
    int cylinder = 1;
    Side side = Side::Intake;
    int setting = 0;       ///< taken after this change of the cam's setting
    bool outdated = false; ///< current, and the cam was moved since
    bool current = false;  ///< the last run of this lobe that has readings: the one that counts
    int live = 0, struck = 0;
    int planned = 0;       ///< readings from `from` to `to` at the step
    CrankDeg next;         ///< where the next reading is wanted
    bool complete = false; ///< the last planned angle has been read
    LobeFigures lobe;
    std::vector<CarriedReading> readings; ///< every lift reading as lift; into the job
    std::optional<PassesFindings> passes; ///< of the current run, when there are several
    std::optional<EventsFindings> events; ///< when only events are taken; `lobe` holds its figures
};

struct CylinderFindings {
    int cylinder = 1;
    std::optional<std::size_t> intakeRun, exhaustRun; ///< into Findings::runs
    std::optional<PairFigures> pair;
    std::vector<Figure> figures;            ///< in the order they are shown
    std::optional<Explanation> explanation; ///< against the fitted card, where there is one
};

struct StationFindings {
    Station station = Station::Engine;
    Progress progress = Progress::NotBegun;
};

struct Findings {
    TdcFindings tdc;
    std::vector<RunFindings> runs; ///< in the job's order
    std::vector<CylinderFindings> cylinders;
    std::vector<Closing> closings; ///< of the first cylinder's intake valve, by school
    std::optional<CompressionResult> compression; ///< by the chosen school, as the cam stands
    Need need;                                    ///< what is to be moved for the target
    std::vector<ChangeCheck> changes;             ///< what the changes of setting did
    std::vector<StationFindings> stations;
    Station next = Station::Engine; ///< the next sensible one
    std::vector<Task> plan;         ///< what is still to be taken, in order
    std::vector<Finding> all;       ///< every finding, in the order of the route
    /// Each run examined by itself, before the others are looked at: what the next examination of
    /// the same job takes over.
    std::vector<std::shared_ptr<const RunFindings>> alone;

    /// The runs of a cylinder that count; null where there is none. Into this.
    const RunFindings* intake(const CylinderFindings& c) const;
    const RunFindings* exhaust(const CylinderFindings& c) const;
    const RunFindings* of(const CylinderFindings& c, Side side) const {
        return side == Side::Intake ? intake(c) : exhaust(c);
    }
    /// By its number; null where nothing of it is measured.
    const CylinderFindings* cylinder(int number) const;
    /// Of the first cylinder measured; empty before any.
    const std::vector<Figure>& figures() const;
    const RunFindings* run(std::int64_t id) const;
    Progress progress(Station station) const;
};

/// A job and what was found of it; see core/snapshot.h.
struct Before {
    const Job& job;
    const Findings& findings;
};

/// With `before`, runs on which nothing has changed are not analysed again; what comes out is the
/// same to the last bit.
Findings examine(const Job& job, const Before* before = nullptr);

/// Where the next reading of a run belongs: at the angle just struck, else one step past the last
/// reading, else (when that was read already) one step past the farthest.
CrankDeg nextAngle(const LiftRun& run);

/// The first and last angle a lobe of this kind is usually recorded over.
RunTerms usualTerms(const Engine& engine, Side side);

/// The last change of the cam's setting; 0 as it was found.
int lastSetting(const Job& job);
/// What a run's angles are shifted by from the start: on the wheel of cylinder 1 another cylinder
/// stands turned by as much as it is behind.
double wheelShift_deg(const Job& job, int cylinder, const RunTerms& terms);
/// The terms of a new run: those of the lobe's last one without what was its alone, else the usual
/// ones; at the present setting of the cam.
RunTerms nextTerms(const Job& job, int cylinder, Side side);

/// Where a reading stands on the cycle, the run's shift included.
CrankDeg placed(const Reading& reading, const RunTerms& terms);

/// How far the readings of a run are off because true TDC was found afterwards with the pointer
/// not on it: what is to be added to their angles. Empty when there is nothing to decide.
std::optional<double> pendingShift_deg(const LiftRun& run, const TdcFindings& tdc);

/// What a lobe says about the top the wheel's zero stands at, where it contradicts what was said:
/// the degrees its run is to be turned by (360 when overlap was said and is firing, 0 when firing
/// was said and the run counts from overlap).
std::optional<double> otherTop_deg(const Job& job, const LiftRun& run, const LobeFigures& lobe);

/// The live readings as lifts for `analyseLobe`: those struck, taken backing up, or with a zero
/// that is not known are left out.
std::vector<LiftPoint> livePoints(const LiftRun& run);

} // namespace lobe
