// What a clearance map says: where to press next, what the mock-up is corrected by, the gap behind
// it, the least, and what other cams would leave. Lengths in mm along the valve, crank degrees of
// the cycle, half-widths of 95 %.
#pragma once

#include "core/clearance/gap.h"
#include "core/finding/finding.h"
#include "core/job/clearance.h"
#include "core/lobe/lobe.h"
#include "core/model/modelled.h"

#include <memory>
#include <optional>
#include <vector>

namespace lobe {

struct Job;

/// A line of what the mock-up reads too little or too much.
enum class CorrectionKind { Gasket, Spring, Lash, Slack, Spacer, Askew };
struct Correction {
    CorrectionKind kind = CorrectionKind::Gasket;
    double mm = 0.0;    ///< added to what was read
    double share = 1.0; ///< what was read is multiplied by; of an askew press alone
    bool on = true;
};
/// Those that differ from nothing, in the order of the enum. `share` is what of a length along the
/// bore counts along the valve.
std::vector<Correction> correctionsOf(const Job& job, const ClearanceMap& map, double share);

/// Of what lies along the bore, along the valve, before the presses say: a pocket's where the angle
/// is known, else the least it may be.
double assumedShare(const Job& job, const ClearanceMap& map);

/// Of the valve a map is of: as the mock-up has it, else the engine; empty where neither says.
std::optional<double> valveAngleOf(const Job& job, const ClearanceMap& map);

/// How a map stands to the engine as it is now.
enum class MapState { Same, Carried, Void };

using LobePtr = std::shared_ptr<const LobeFigures>;

struct MapFindings {
    std::int64_t map = 0;
    int cylinder = 1;
    Side side = Side::Intake;
    bool current = false;  ///< the last map of this valve that was pressed
    LobePtr lobe;          ///< whose lift it was taken over; null where none is known
    ValveLift lift;        ///< of that lobe as its cam stands now; empty without
    bool modelled = false; ///< no lobe is recorded: its lift is the card's, modelled
    Travel travel;         ///< what its cam may do from there while the engine runs
    MapState state = MapState::Same;
    double raised_mm = 0.0;       ///< what gasket, deck and a deeper notch add since
    std::vector<GapPoint> points; ///< ascending; corrected
    std::vector<Correction> corrections;
    int passes = 1;        ///< maps taken alike that the gap is fitted through
    CrankDeg next;         ///< where to press
    bool complete = false; ///< every angle has presses that agree
    int taken = 0, planned = 0;
    std::optional<MeasuredLeast> measured;
    std::shared_ptr<const Gap> gap; ///< null without lift, or with too few angles
    std::optional<Least> predicted; ///< of the cam that is fitted, as it stands now
    std::vector<Finding> findings;
};

/// `lift` is of the valve's lobe; its cam stood `then_deg` advanced from
/// there when the map was taken, and stands `now_deg` advanced now. `before` are the corrected
/// points of maps taken alike: the gap is fitted through them too.
struct MapLift {
    LobePtr lobe;     ///< null where none is recorded
    ValveLift then{}; ///< without a lobe: its card's, as the cam stood when it was taken
    ValveLift now{};  ///< and as it stands
};
MapFindings examineMap(const Job& job, const ClearanceMap& map, const MapLift& lift,
                       double then_deg, double now_deg, double tdc_deg,
                       const std::vector<GapPoint>& before = {});

/// What the cam of a side may do from where it is set while the engine runs, by what is said of its
/// drive. One cam carries both lobes.
Travel travelOf(const Job& job, Side side);

/// The lift at the valve of a lobe as it was measured, as the engine runs it: with its lash.
/// With the cam advanced by so much; `tdc_deg` is what TDC leaves uncertain.
ValveLift valveLift(LobePtr figures, double tdc_deg, double advance_deg = 0.0);

/// Of a lobe modelled from its card, in an engine with this ratio and lash.
ValveLift modelledLift(std::shared_ptr<const ModelledLobe> lobe, const Taken& engine,
                       double advance_deg = 0.0);

/// Where the valve is pressed without a reason to go elsewhere: the exhaust from 20 before TDC to
/// it, since the piston chases it shut; the intake from TDC to 20 after, since the piston runs from
/// it there.
constexpr double kMapReach_deg = 20.0, kSingleAngle_deg = 10.0;

} // namespace lobe
