// The engine, as it was stated: its dimensions, its valve gear, its chambers, its drive and its
// firing order. Lengths in mm, volumes in cm3, angles in crank degrees.
#pragma once

#include "core/job/made_once.h"

#include "core/angle/per.h"
#include "core/job/drive.h"
#include "core/job/follower.h"
#include "core/job/pipes.h"

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

namespace lobe {

/// As seen from the end of the engine where the camshaft drive sits.
enum class Rotation { Clockwise, Anticlockwise };
/// What there is to be measured on it.
enum class EngineKind {
    FourStroke,
    TwoStroke,    ///< ports in the cylinder's wall; a cycle is one turn
    SlowFlywheel, ///< a four-stroke measured round its rim, with one cam and often no intake lobe
};
enum class Layout { PushrodSingleCam, TwinOverheadCam, SingleOverheadCam };
/// What is left above the piston at the top, by parts. Volumes in cm3, lengths in mm; a volume of
/// 0 is not known yet, but for crown and crevice, where it is none.
struct Chamber {
    double chamber_cc = 0.0;    ///< in the head, valves and plug fitted
    double gasketBore_mm = 0.0; ///< 0: as the cylinder's bore
    double gasket_mm = 0.0;     ///< thickness as tightened
    double deck_mm = 0.0;       ///< piston below the block face at the top; negative above it
    double crown_cc = 0.0;      ///< dish positive, dome negative, pockets included
    double crevice_cc = 0.0;    ///< above the top ring
    bool operator==(const Chamber&) const = default;
};

/// Of one cylinder; what is not said is 0 or empty.
struct Valves {
    PerSide<int> count{1, 1};
    PerSide<double> head_mm;                  ///< diameter of a head
    PerSide<std::optional<double>> angle_deg; ///< of the stem to the bore, away from the other side
    /// Between the rims of an intake and an exhaust valve next to each other, both shut.
    std::optional<double> rims_mm;
    bool operator==(const Valves&) const = default;
};

/// Where the volumes come from.
enum class VolumeSource { Poured, Dimensions, Maker };

struct Engine {
    std::string name;
    EngineKind kind = EngineKind::FourStroke;
    int cylinders = 4;
    double bore_mm = 0.0, stroke_mm = 0.0, rod_mm = 0.0; ///< 0: not known yet
    Rotation rotation = Rotation::Clockwise;
    Layout layout = Layout::PushrodSingleCam;
    Follower follower = Follower::SolidFlat;
    /// Rocker ratio: valve lift over tappet lift, nominal; 1 for direct action.
    PerSide<double> ratio{1.0, 1.0};
    double pinOffset_mm = 0.0; ///< positive delays the top in the running direction
    PerSide<double> lash_mm;
    Chamber chamber;               ///< of every cylinder but those in `chambers`
    std::vector<Chamber> chambers; ///< by cylinder from 1, where they differ; may be shorter
    VolumeSource volumes = VolumeSource::Poured;
    Valves valves;
    EnginePipes pipes;            ///< for the filling estimate
    Drive drive;                  ///< of the cam, or of each of two
    std::vector<int> firingOrder; ///< every cylinder once, from 1; empty: not known
    /// Crank degrees from each firing to the next, in the firing order, 720 in all; empty: even.
    std::vector<double> firingGaps_deg;
    /// By cylinder from 1: how far its crank pin is behind that of cylinder 1 in the running
    /// direction, 0 up to 360; empty: not said.
    std::vector<double> throws_deg;
    double bankAngle_deg = 0.0; ///< between the banks of a V; 180 flat, 0 in line
    /// The cylinders of the bank that the crank, turning, comes to second; with the bank angle.
    std::vector<int> secondBank;

    /// Crank degrees from one firing of a cylinder to its next.
    double cycle_deg() const { return kind == EngineKind::TwoStroke ? 360.0 : 720.0; }
    const Chamber& chamberOf(int cylinder) const {
        const auto i = static_cast<std::size_t>(cylinder - 1);
        return cylinder >= 1 && i < chambers.size() ? chambers[i] : chamber;
    }
    /// Crank degrees by which a cylinder's cycle follows that of cylinder 1, 0 up to 720; empty
    /// where the firing order does not say.
    std::optional<double> behindFirst_deg(int cylinder) const;
    /// From each firing to the next in the firing order, 720 in all: as given, else from throws and
    /// banks, else even; empty where the order is not known or its throws cannot fire so.
    std::vector<double> gaps_deg() const;
    MADE_ONCE(Engine);
    bool operator==(const Engine&) const;
};

} // namespace lobe
