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
    const RunFindings* intake = nullptr; ///< into Findings::runs
    const RunFindings* exhaust = nullptr;
    std::optional<PairFigures> pair;
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
    std::vector<Figure> figures;    ///< of the first cylinder measured
    std::vector<Task> plan;         ///< what is still to be taken, in order
    std::vector<Finding> all;       ///< every finding, in the order of the route

    Findings() = default;
    Findings(Findings&&) = default;
    Findings& operator=(Findings&&) = default;
    // Cylinders point into runs: moving a vector keeps its elements, copying would not.
    Findings(const Findings&) = delete;
    Findings& operator=(const Findings&) = delete;

    const RunFindings* run(std::int64_t id) const;
    Progress progress(Station station) const;
};

Findings examine(const Job& job);

/// Where the next reading of a run belongs: at the angle just struck, else one step past the last
/// reading, else (when that was read already) one step past the farthest.
CrankDeg nextAngle(const LiftRun& run);

/// The first and last angle a lobe of this kind is usually recorded over.
RunTerms usualTerms(const Engine& engine, Side side);

/// The last change of the cam's setting; 0 as it was found.
int lastSetting(const Job& job);
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
