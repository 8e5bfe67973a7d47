// Every figure by which cams are compared: the same rows in the same order for each of them, so
// that a difference is one subtraction. Lengths in mm, crank degrees unless said; half-widths of
// 95 %.
#pragma once

#include "core/choose/cam.h"
#include "core/setting/setting.h"

#include <optional>
#include <string>
#include <vector>

namespace lobe {

enum class Measure {
    Duration,     ///< crank degrees, at `height`
    Event,        ///< card notation, at the events' height
    Centre,       ///< intake after, exhaust before TDC
    Separation,   ///< cam degrees
    Advance,      ///< crank degrees, positive early
    Overlap,      ///< degrees, at `height`
    OverlapArea,  ///< mm deg, at the valve
    MaxLift,      ///< at the valve
    LiftAtTdc,    ///< at the valve
    Area,         ///< mm deg, at the valve
    Closing,      ///< of the intake, by the school of the compression, after BDC
    Dynamic,      ///< compression ratio
    Cranking,     ///< kPa above ambient, an estimate
    Clearance,    ///< valve to piston, least
    FollowerFace, ///< a flat follower needs
    Fastest,      ///< of the tappet, mm per cam degree
    RampSpread,   ///< duration at the seat less that at 1.27 mm
};

struct CamFigure {
    Measure what = Measure::Duration;
    std::optional<Side> side{};
    std::optional<Height> height{};
    std::optional<Event> event{};
    std::optional<Measured<double>> value{};

    /// Stable, for JSON and for hiding a row: "duration.intake@1.270t".
    std::string key() const;
};

/// With the cams moved by so much from where the candidate has them; of one cam both by the same.
/// Always the same rows for one job.
std::vector<CamFigure> camFigures(const Job& job, const Findings& findings, const Cam& cam,
                                  PerSide<double> moved_deg);

/// What the candidate and the slide move each cam by, all in all; a single cam by its intake's.
PerSide<double> totalMove(const Job& job, const Cam& cam, PerSide<double> slide_deg);

/// The least clearance of a cam in this engine, moved by so much in all.
std::optional<Measured<double>> camClearance(const Findings& findings, const Cam& cam, Side side,
                                             double moved_deg);

} // namespace lobe
