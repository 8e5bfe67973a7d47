// What a card states and what was measured of it, and how well a hypothesis carries one to the
// other. For explain.cpp; nothing else looks in here.
//
// Angles are crank degrees on the cycle, late positive; lifts mm as taken.
#pragma once

#include "core/timing/explain.h"

#include <array>
#include <optional>
#include <vector>

namespace lobe {

/// What would have been measured of one lobe had this not happened.
struct Undoing {
    double late = 0.0;   ///< degrees the cam stands late
    double zero = 0.0;   ///< mm the indicator reads too high
    double scale = 1.0;  ///< factor on all lifts
    double lash = 0.0;   ///< mm of lash, at the valve, that the reckoning has too much of
    double longer = 0.0; ///< degrees the lobe is longer than printed
    double slack = 0.0;  ///< degrees the closing is late alone
};

/// How the angles of both lobes were recorded.
enum class Recorded { AsTheyAre, Swapped, SwappedNumbers, Reversed, OtherTop, CamDegrees };

/// An amount a hypothesis is free in, with the deviation it usually has.
struct Freedom {
    enum What { Late, Zero, Scale, Lash, Longer, Slack, Odd } what = Late;
    std::optional<Side> side{};   ///< of one lobe; both without
    double usual = 1.0;           ///< degrees or mm; of a scale, its natural logarithm
    std::optional<Event> event{}; ///< of Odd
};

struct Hypothesis {
    CauseKind kind = CauseKind::AsCard;
    double price = 0.0; ///< -2 log of how often it happens
    std::vector<Freedom> amounts;
    Recorded recorded = Recorded::AsTheyAre;
    std::optional<Height> height{}; ///< events called here instead of at the card's height
    /// An event typed otherwise, and what it should have been, on the cycle.
    std::optional<Event> event{};
    Substitution substitution = Substitution::None;
    double instead_deg = 0.0;
};

struct Weighed {
    double cost = 1e9;        ///< -2 log evidence
    double left = 1e9;        ///< weighted squares of what it leaves of the statements
    std::vector<double> size; ///< of the amounts, in their own unit (a scale as a factor)
    std::vector<double> deviation;
    CentreSchool school = CentreSchool::Events;
};

/// A flank as a table from the nose outwards, so that a height is found without a search over the
/// whole curve: explaining calls heights by the thousand.
struct Flank {
    std::vector<double> mm, deg; ///< lift never rises along it
    std::optional<double> at(double lift_mm) const;
};

/// One lobe's share of the evidence.
struct Observed {
    const LobeFigures* lobe = nullptr;
    Flank opening{}, closing{};      ///< empty without a curve
    std::optional<double> base_mm{}; ///< what its base circle reads, where it was recorded
    double baseDeviation_mm = 0.0;
    bool baseOff() const;
};

class Evidence {
public:
    explicit Evidence(const ExplainRequest& request);

    /// Figures of the card that were measured too.
    int count() const { return static_cast<int>(statements_.size()); }
    bool states(Event e) const;
    bool both() const { return in_.lobe && ex_.lobe; }
    const Observed& of(Side side) const { return side == Side::Intake ? in_ : ex_; }

    Weighed weigh(const Hypothesis& hypothesis) const;
    /// Of readings that come from nowhere in particular.
    double costOfAnything() const;
    /// Twice the deviation of an event, measured and card together; for every event.
    std::vector<EventAgainstCard> events() const;
    std::vector<LiftAgainstCard> lifts() const;
    double deviation(Event e) const;
    /// On the cycle, by the lobe's own measuring; empty where it was not.
    std::optional<double> measured(Event e) const;
    std::optional<double> promised(Event e) const;

    /// Measured less card: the lobe's own centre, in the school given, and its duration; of what
    /// the card states.
    std::optional<double> late(Side side, CentreSchool school) const;
    std::optional<double> longer(Side side) const;
    /// The schools that differ on a lobe by more than they are uncertain.
    bool schoolsDiffer() const;

private:
    enum class Kind { Opens, Closes, Duration, Centre, Separation, Lift, Base };
    struct Statement {
        Kind kind = Kind::Opens;
        Side side = Side::Intake;
        double card = 0.0, deviation = 1.0;
    };
    /// Both events and the centre of a lobe as recorded under a hypothesis.
    struct Angles {
        std::optional<double> opens, closes, centre;
    };

    /// Whether what was measured says anything of it.
    bool makes(const Statement& statement) const;
    Engine asTaken(const LobeFigures& lobe, bool lash) const;
    void state(Side side);
    void stateBase(Side side);
    Angles angles(Side side, const Hypothesis& h, const Undoing& u, CentreSchool school) const;
    std::optional<double> crossing(const Observed& m, const Height& height, bool opening,
                                   const Undoing& u) const;
    /// Of both lobes together, so that their angles are found once.
    struct Undone {
        Undoing in, ex;
        Angles intake, exhaust;
        const Undoing& of(Side s) const { return s == Side::Intake ? in : ex; }
        const Angles& angles(Side s) const { return s == Side::Intake ? intake : exhaust; }
    };
    Undone undone(const Hypothesis& h, const Undoing& in, const Undoing& ex,
                  CentreSchool school) const;
    std::optional<double> residual(const Statement& s, const Hypothesis& h, const Undone& u) const;
    void tables() const;
    class Fit;
    Weighed weigh(const Hypothesis& h, CentreSchool school) const;

    const ExplainRequest& r_;
    CompleteCard card_;
    mutable Observed in_, ex_; ///< their tables are made when a height is first called
    std::vector<Statement> statements_;
    bool centres_ = false; ///< the card states a centre that is no middle of its events
    double cardStep_ = 1.0;
};

} // namespace lobe
