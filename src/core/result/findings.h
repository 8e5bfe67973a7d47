// Everything that can be said about a job.
#pragma once

#include "core/claim/clearance_claim.h"
#include "core/claim/compression_claim.h"
#include "core/claim/lobe_claim.h"
#include "core/claim/spring_claim.h"
#include "core/clearance/map.h"
#include "core/compression/compression.h"
#include "core/job/made_once.h"
#include "core/job/stated.h"
#include "core/lobe/events.h"
#include "core/lobe/indicator.h"
#include "core/lobe/lobe.h"
#include "core/lobe/passes.h"
#include "core/result/figure.h"
#include "core/result/task.h"
#include "core/setting/setting.h"
#include "core/tdc/tdc.h"
#include "core/timing/explain.h"
#include "core/timing/pair.h"

#include <memory>
#include <optional>
#include <vector>

namespace lobe {

struct Job;

struct RunFindings {
    MADE_ONCE(RunFindings);
    std::int64_t run = 0;
    int cylinder = 1;
    Side side = Side::Intake;
    int afterMove = 0;     ///< taken after this move of the cam
    bool outdated = false; ///< current, and the cam was moved since
    bool current = false;  ///< the run of this lobe that counts: of its newest setting the one
                           ///< that says most (a curve, events, a centre), of those the newest
    bool witness = false;  ///< taken another way at the same setting: held against that one
    int live = 0, struck = 0;
    int planned = 0;       ///< readings from `from` to `to` at the step
    CrankDeg next;         ///< where the next reading is wanted
    bool complete = false; ///< the last planned angle has been read
    LobeFigures lobe;
    Rows<LiftReading> readings;           ///< every lift reading as lift; into the job
    std::optional<PassesFindings> passes; ///< of the current run, when there are several
    std::optional<EventsFindings> events; ///< when only events are taken; `lobe` holds its figures
};

struct CylinderFindings {
    MADE_ONCE(CylinderFindings);
    int cylinder = 1;
    PerSide<std::optional<std::size_t>> run;     ///< into Findings::runs
    PerSide<std::vector<std::size_t>> witnesses; ///< taken another way, into the same
    std::optional<PairFigures> pair;
    std::vector<Figure> figures;            ///< in the order they are shown
    std::optional<Explanation> explanation; ///< against the fitted card, where there is one
};

struct Findings {
    MADE_ONCE(Findings);
    TdcFindings tdc;
    std::vector<RunFindings> runs; ///< in the job's order
    std::vector<CylinderFindings> cylinders;
    std::vector<LobeClaim> lobes; ///< where each lobe that was measured stands
    Closings closings;            ///< of the first cylinder's intake valve, by school
    std::optional<CompressionResult> compression; ///< by the chosen school, as the cam stands
    /// Whose chamber that is with, and whose closing: the first cylinder measured, 1 without any.
    int compressionCylinder = 1;
    std::optional<CompressionClaim> squeeze; ///< what is claimed of it; empty without a ratio
    Need need;                               ///< what is to be moved for the target
    std::vector<MoveCheck> changes;          ///< what the changes of setting did
    std::vector<MapFindings> maps;           ///< of valve to piston, in the job's order
    std::vector<ClearanceClaim> clearance;   ///< both valves of each cylinder that was pressed
    SpringClaim springs;                     ///< and rocker gear and followers
    std::vector<Task> plan;                  ///< what is still to be taken, in order
    std::vector<Finding> all;                ///< every finding, in the order of the route
    /// Each run examined by itself, before the others are looked at: what the next examination of
    /// the same job takes over.
    std::vector<std::shared_ptr<const RunFindings>> alone;
    /// What several passes of a lobe came to, likewise.
    struct Compared {
        std::vector<std::shared_ptr<const RunFindings>> passes; ///< oldest first
        bool averaged = false;
        RunFindings newest;
    };
    std::vector<std::shared_ptr<const Compared>> compared;

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
    /// The figures of a run (an index into `runs`) to be held on to: of averaged passes the mean.
    std::shared_ptr<const LobeFigures> lobeOfRun(std::size_t run) const;
    /// What is claimed of a valve, of a cylinder or of the one that leads (0): the worst of them.
    /// Null where nothing was pressed.
    const ClearanceClaim* clearanceOf(Side side, int cylinder = 0) const;
    /// What is claimed of where a lobe stands; null where it was not measured.
    const LobeClaim* lobeClaim(int cylinder, Side side) const;
};

/// A job and what was found of it, for the next examination of the same job.
struct Before {
    const Job& job;
    const Findings& findings;
};

} // namespace lobe
