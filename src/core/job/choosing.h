// What a cam is chosen for, from and by: the purpose, the wishes and limits, the candidates, and
// what was decided. Lengths in mm, angles in crank degrees unless said.
#pragma once

#include "core/job/made_once.h"

#include "core/angle/per.h"
#include "core/job/height.h"

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

namespace lobe {

/// A speed that matters, and how much beside the others.
struct SpeedWeight {
    double rpm = 0.0, weight = 1.0;
    bool operator==(const SpeedWeight&) const = default;
};
constexpr int kMostSpeeds = 12;

/// What the engine is for; nothing of it is needed.
struct Purpose {
    std::string text;
    double from_rpm = 0.0, to_rpm = 0.0; ///< where power is wanted; 0: not said
    std::vector<SpeedWeight> speeds;     ///< ascending; empty: all from there to there alike
    double weight_kg = 0.0;
    std::string gearing, fuel;
    MADE_ONCE(Purpose);
    bool operator==(const Purpose&) const;
};

/// What can be wished for of a cam in this engine.
enum class WishKind {
    Dynamic,         ///< dynamic compression ratio
    IntakeClearance, ///< least, valve to piston, mm
    ExhaustClearance,
    IntakeLift, ///< greatest, at the valve, mm: under what spring and seal allow
    ExhaustLift,
    FollowerFace,   ///< a flat follower needs, mm
    Overlap,        ///< at the events' height, degrees
    IntakeCloses,   ///< at the events' height, degrees after BDC
    Separation,     ///< cam degrees
    SeatPressure,   ///< of the shut valve's spring, N: stated, else as at Springs
    IntakeCoilBind, ///< left to the coils touching, mm
    ExhaustCoilBind,
    IntakeRetainer, ///< retainer to seal or guide, mm
    ExhaustRetainer,
    ControlSpeed, ///< of the engine, 1/min: the spring's load is used up, rigid estimate
};
struct Wish {
    WishKind kind = WishKind::Dynamic;
    std::optional<double> least, most;
    bool operator==(const Wish&) const = default;
};

/// Where a candidate's lobes come from.
enum class CamFrom {
    Fitted, ///< measured in this job
    Card,   ///< modelled from a card of this job
    Table,  ///< lifts kept with the candidate, as of another job's lobes
};
/// Lifts of one lobe, as they were taken.
struct KeptLobe {
    std::vector<double> deg, mm; ///< ascending; as many of each
    Place at = Place::Tappet;
    double ratio = 1.0, lash_mm = 0.0;
    bool operator==(const KeptLobe&) const = default;
};
/// A cam, or a state of one, as it could stand in this engine.
struct Candidate {
    std::string name; ///< no two of a job are called alike
    CamFrom from = CamFrom::Fitted;
    std::string cam;                        ///< the card's name
    PerSide<double> advance_deg;            ///< from where it stands, or as its card puts it
    PerSide<std::optional<double>> ratio;   ///< of the rocker, in place of the engine's
    PerSide<std::optional<double>> lash_mm; ///< in place of the engine's
    double shorter_deg = 0.0;               ///< ground shorter by the same form, over its length
    std::optional<double> seatPressure_n;   ///< of the springs that go with it
    PerSide<std::optional<KeptLobe>> lobe;  ///< of a table
    std::string origin;                     ///< of a table: the job it was measured in
    MADE_ONCE(Candidate);
    bool operator==(const Candidate&) const;
};
constexpr int kMostCandidates = 6;

/// A candidate that was not chosen, with what it stood at.
struct Beaten {
    std::string name, figures;
    bool operator==(const Beaten&) const = default;
};
struct Decision {
    std::int64_t time_ms = 0;
    std::string chosen, figures, reason;
    std::vector<Beaten> beaten;
    MADE_ONCE(Decision);
    bool operator==(const Decision&) const;
};

/// What is being chosen.
struct Choosing {
    Purpose purpose;
    std::vector<Wish> wishes;
    std::vector<Candidate> candidates; ///< at most six; empty: the fitted cam and the cards at hand
    std::string reference;             ///< differences are from it; empty: the first
    std::vector<Decision> decisions;   ///< oldest first
    MADE_ONCE(Choosing);
    bool operator==(const Choosing&) const;
};

} // namespace lobe
