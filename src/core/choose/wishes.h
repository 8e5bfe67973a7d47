// Wishes and limits against what a cam would be in this engine: passed, failed or not known, by its
// number, and what would make it pass.
#pragma once

#include "core/choose/figures.h"

#include <optional>
#include <vector>

namespace lobe {

enum class WishState { Pass, Fail, Unknown };

/// What would make a failed wish pass, alone.
enum class CureKind {
    Advance,     ///< crank degrees, positive earlier
    Notch,       ///< mm deeper, along the bore
    Ratio,       ///< of the rocker, no more than
    Deck,        ///< mm the piston stands below the face at the top
    Gasket,      ///< mm thick
    Chamber,     ///< cm3
    Spring,      ///< one that allows this lift, mm
    Follower,    ///< one with this face, mm
    Reground,    ///< the separation is ground in: cam degrees
    OtherSpring, ///< one with this pressure on its seat, N
};
struct Cure {
    CureKind kind = CureKind::Advance;
    double value = 0.0;
    std::optional<double> staticRatio{}; ///< that it makes, of a volume
};

struct Judged {
    Wish wish;
    WishState state = WishState::Unknown;
    std::optional<Measured<double>> value;
    bool sure = true;        ///< false: its half-width reaches over the bound
    std::vector<Cure> cures; ///< of a failed one, the least trouble first
};

/// The number a wish is about, with the cams moved by so much in all; empty where it is not known.
std::optional<Measured<double>> wishValue(const Job& job, const Findings& findings, const Cam& cam,
                                          WishKind kind, PerSide<double> moved_deg);

bool passes(const Wish& wish, double value);

/// In the order of the job's wishes. An advance is only a cure where the drive is one of a cam that
/// can be moved by it: within 15 degrees either way.
std::vector<Judged> judge(const Job& job, const Findings& findings, const Cam& cam,
                          PerSide<double> moved_deg);
/// The same with the figures the cam has there, where they are known already; without cures it is
/// quick enough for every step of a slide.
std::vector<Judged> judge(const Job& job, const Findings& findings, const Cam& cam,
                          PerSide<double> moved_deg, const std::vector<CamFigure>& figures,
                          bool cures = true);

/// The advance, beyond the candidate's own, at which fewest wishes fail, the limits of clearance
/// among them: the least one, out of what
/// the drive can really do (half degrees where it is not described). Two cams are moved each by
/// itself. `failed`: how many fail there.
struct BestAdvance {
    PerSide<double> deg;
    int failed = 0;
};
BestAdvance bestAdvance(const Job& job, const Findings& findings, const Cam& cam);

/// The moves of a cam the drive can make within `kFarthestAdvance_deg`, the least first, none
/// nearer than about half a degree to another; half degrees where it is not described.
std::vector<double> drivenMoves(const Job& job);

/// A place in the ranking and why, from 1: fewest wishes failed, then fewest not known, then the
/// place by filling where every cam has one, then measured before modelled, then in the order of
/// the candidates. Cams alike in all share a place.
struct Ranked {
    std::size_t cam = 0; ///< into the cams
    int rank = 1, failed = 0, unknown = 0, passed = 0;
    bool modelled = false;
    std::optional<int> fills{}; ///< place by filling over the purpose
};
std::vector<Ranked> rankOf(const std::vector<std::vector<Judged>>& judged,
                           const std::vector<bool>& modelled,
                           const std::vector<std::optional<int>>& fills = {});

constexpr double kFarthestAdvance_deg = 15.0;

} // namespace lobe
