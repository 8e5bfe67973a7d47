// Why a measured cam is not as its card, or that it is, within what was measured.
//
// Each cause is a hypothesis about how the measured events came to stand off the card: some shift,
// some part of a lift, an event mistyped. It is fitted by weighted least squares and judged by what
// it leaves against what the events and the card's whole degrees leave uncertain; every free
// parameter it needs counts against it. Causes that do about as well as the best stay beside it.
//
// Angles are crank degrees on the cycle, late positive, unless said; sizes carry their unit in
// the name.
#pragma once

#include "core/card.h"
#include "core/lobe.h"

#include <optional>
#include <vector>

namespace lobe {

/// An event measured, beside what the card says.
struct EventAgainstCard {
    Event event = Event::IntakeOpens;
    double measured_deg = 0.0, card_deg = 0.0; ///< on the cycle
    double uncertainty_deg = 0.0;              ///< 95 %, of the two together
    double difference_deg() const { return measured_deg - card_deg; }
};

enum class CauseKind {
    AsCard,         ///< nothing stands off by more than it is uncertain
    CamTiming,      ///< deg: all events late by this; or the TDC pointer
    IndicatorZero,  ///< mm: lift read too high by this; opening and closing opposite
    CheckingHeight, ///< mm: the height that would make the durations those of the card
    Reference,      ///< the height is meant at the other place, valve or tappet
    Lash,           ///< mm: lash that was in, or left out
    Separation,     ///< deg: separation wider by this (cam degrees); other_deg: intake late by
    OneEvent,       ///< event, deg: as measured; other_deg: the substitution that fits
    LobesSwapped,   ///< the intake was taken for the exhaust
    CamDegrees,     ///< angles were counted in cam degrees
    WrongCam,       ///< deg: durations longer by this on the intake; other_deg: on the exhaust
    Twist,          ///< deg: cylinder's centre late against cylinder 1
    Unclear,        ///< nothing simple fits
};

/// How an event that was mistyped becomes the card's.
enum class Substitution { None, OtherSide, Supplement, TenDegrees, OtherEvent, CamDegrees };

struct Cause {
    CauseKind kind = CauseKind::AsCard;
    double misfit = 0.0; ///< weighted squares left, and its price; the least first
    int parameters = 0;
    std::optional<Side> side{}; ///< a lobe alone
    std::optional<Event> event{};
    Substitution substitution = Substitution::None;
    std::optional<double> deg{}, other_deg{}, mm{};
    std::optional<double> shift_deg{}; ///< timing that comes on top, late positive
    int cylinder = 0;
};

struct Explanation {
    std::vector<EventAgainstCard> events;
    std::vector<Cause> causes; ///< likeliest first; never empty where there are events
    std::optional<double> intakeShift_deg, exhaustShift_deg;       ///< late positive
    std::optional<double> intakeDuration_deg, exhaustDuration_deg; ///< measured less card
    std::optional<double> intakeLift_mm, exhaustLift_mm;           ///< measured less card, as taken
    double measurable_deg = 0.0; ///< a difference under this is not told from none
    std::vector<CardContradiction> contradictions;
    std::optional<std::size_t> looksLike; ///< the card that fits better, into the cards given
};

struct ExplainRequest {
    const LobeFigures* intake = nullptr; ///< either may be missing
    const LobeFigures* exhaust = nullptr;
    Card card;
    Engine engine;
    double tdc_deg = 0.0; ///< what TDC leaves uncertain, 95 %
    std::vector<Card> otherCards;
};

/// Events are taken at the card's height, wherever that is meant; empty without any.
Explanation explain(const ExplainRequest& request);

/// Which of the cards at hand a cam looks like, whatever its timing; empty when none fits well.
std::optional<std::size_t> likeliestCard(const ExplainRequest& request);

/// How badly a card fits what was measured, in standard deviations per figure compared, whatever
/// the cam's timing: durations, separation and lift. Empty when nothing can be compared.
std::optional<double> cardMisfit(const ExplainRequest& request, const Card& card);

/// What a card's whole degrees leave uncertain, one standard deviation.
constexpr double kCardRounding_deg = 0.29;
/// Setting the wheel to a mark and reading it, one standard deviation.
constexpr double kWheel_deg = 0.15;

} // namespace lobe
