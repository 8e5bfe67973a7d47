// Where two cams cannot be told apart, or one not from a bound: the one measurement that would, and
// by how much it narrows what is not known. Nothing is promised: what it narrows to is found by
// taking the measurement as the estimate has it.
#pragma once

#include "core/choose/purpose.h"
#include "core/choose/wishes.h"

#include <optional>
#include <vector>

namespace lobe {

enum class SettleBy {
    Lobe,        ///< its lift, measured on the cam itself: `at` nothing
    OtherHeight, ///< its duration at one more height: `at` mm, at the tappet
    Press,       ///< one more press of a clearance map: `at` crank degrees of the cycle
    Map,         ///< a clearance map, where there is none
    PipeLengths, ///< of intake and exhaust
};

struct Settling {
    SettleBy by = SettleBy::Lobe;
    std::size_t cam = 0;            ///< into the cams
    std::optional<WishKind> wish{}; ///< what it would settle; empty: the filling
    double at = 0.0;
    /// Half-width now and then, in the wish's own unit; of filling shares, from least to most.
    std::optional<double> before{}, after{};
};

/// Of the cams in the first two places, the most telling first: what is not known at all, then
/// what lies within its ± of a bound by how much it narrows, then pipes. Empty where nothing of
/// that is in doubt.
std::vector<Settling> settling(const Job& job, const Findings& findings,
                               const std::vector<Cam>& cams,
                               const std::vector<PerSide<double>>& moved_deg,
                               const std::vector<std::vector<Judged>>& judged,
                               const std::vector<Ranked>& ranks,
                               const std::vector<std::optional<FillingMean>>& means);

} // namespace lobe
