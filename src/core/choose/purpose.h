// Filling over the speeds that matter, by which cams are ranked beside their wishes; and the
// advance that fills best over them. Shares: 0.03 is three in a hundred more.
#pragma once

#include "core/choose/estimate.h"
#include "core/choose/wishes.h"

#include <array>
#include <functional>
#include <optional>
#include <vector>

namespace lobe {

/// Those stated; else five alike from where power is wanted to where it is; empty where nothing is
/// said. 1/min, ascending, weights above 0.
std::vector<SpeedWeight> purposeSpeeds(const Purpose& purpose);

/// Weighted mean of the volumetric efficiency; with short, usual and long pipes where their lengths
/// are not known.
struct FillingMean {
    double usual = 0.0;
    std::optional<std::array<double, 3>> byLength{};
};
/// Of a curve at speeds, between its points in straight lines; empty where the curve does not reach
/// one of them, or there are none.
std::optional<FillingMean> meanFilling(const FillingCurve& curve,
                                       const std::vector<SpeedWeight>& speeds);

/// By how much a fills more than b; empty where an estimate cannot tell: by less than a hundredth,
/// or not with short and long pipes alike.
std::optional<double> gainOf(const FillingMean& a, const FillingMean& b);

/// Places from 1 by the mean; those not told from the first of their place share it.
std::vector<std::optional<int>> fillingPlaces(const std::vector<std::optional<FillingMean>>& means);

/// The move that fills best over the speeds, out of what the drive can do within
/// `kFarthestFilling_deg`, and keeps the limits of clearance where it can.
struct FillsBest {
    PerSide<double> deg; ///< beyond where the candidate stands
    double share = 0.0;  ///< more than where it stands
    bool keeps = true;   ///< no limit of clearance is failed there that is kept now
    PerSide<std::optional<Measured<double>>> before, after; ///< clearance, mm
};
/// Empty without speeds, or an estimate; or when `stop` says so.
std::optional<FillsBest> fillsBest(const Job& job, const Findings& findings, const Cam& cam,
                                   PerSide<double> moved_deg, const std::function<bool()>& stop);

constexpr double kFarthestFilling_deg = 10.0;

} // namespace lobe
