// What a figure of a cam is: its kind, side and height, and the one key by which it is known to the
// slate, Compare, the sheet, the command line and in a job; and a figure of the slate.
#pragma once

#include "core/angle/angles.h"
#include "core/angle/measured.h"
#include "core/job/height.h"
#include "core/job/school.h"

#include <optional>
#include <string>

namespace lobe {

enum class FigureKind {
    Duration,   ///< crank degrees
    Opens,      ///< card notation, degrees
    Closes,     ///< card notation, degrees
    Centre,     ///< intake ATDC, exhaust BTDC, crank degrees
    Separation, ///< cam degrees
    Advance,    ///< crank degrees
    Overlap,    ///< crank degrees
    SplitPoint, ///< crank degrees ATDC
    MaxLift,    ///< mm, as taken
    Area,       ///< mm deg, as taken
    // Of a cam in this engine, as it would run it.
    ValveLift,    ///< mm, greatest
    LiftAtTdc,    ///< mm at the valve
    ValveArea,    ///< mm deg
    OverlapArea,  ///< mm deg, at the valve
    Closing,      ///< of the intake, by the school of the compression, degrees after BDC
    Dynamic,      ///< compression ratio
    Cranking,     ///< kPa above ambient, an estimate
    Clearance,    ///< valve to piston, least, mm
    FollowerFace, ///< a flat follower needs, mm
    Fastest,      ///< of the tappet, mm per cam degree
    CoilBind,     ///< left to the coils touching at its lift, least of the side, mm
    RetainerRoom, ///< retainer to seal or guide at its lift, the nearer, mm
    SeatLoad,     ///< least of the side, N
    ControlSpeed, ///< at which the spring's load is used up, an estimate, 1/min
    RampSpread,   ///< duration at the seat less that at 1.27 mm, degrees
};

struct FigureId {
    FigureKind kind = FigureKind::Duration;
    std::optional<Side> side{};
    std::optional<Height> height{};

    /// Stable, in the job for what is pinned and in JSON: "duration.intake@1270t", the height in
    /// micrometres and where it is meant.
    std::string key() const;
    /// Whether both have one key, without making them.
    bool sameKey(const FigureId& other) const;
    bool operator==(const FigureId&) const = default;
};

struct Figure : FigureId {
    int cylinder = 1; ///< whose it is
    std::optional<CentreSchool> school{};
    std::optional<Measured<double>> value{};
    std::optional<double> cardDifference{}; ///< measured less card, in the figure's own notation
};

} // namespace lobe
