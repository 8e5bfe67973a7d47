// Why a measured cam is not as its card, or that it is, within what was measured.
//
// Each cause is a hypothesis: what must have happened that the cam is as its card and the readings
// as they are. Its amounts (a shift, a part of a lift, a factor) are fitted, and it is judged by
// how likely the readings are under it, all its amounts allowed for (the evidence, by Laplace's
// approximation: MacKay, Neural Computation 4, 1992, p. 415). A cause that needs more amounts, or
// greater ones, explains less. What the readings do not tell apart is said together.
//
// The rules of evidence, in the builder's words, stand in docs/guide/explanation.md.
//
// Angles are crank degrees on the cycle, late positive, unless said; sizes carry their unit in
// the name.
#pragma once

#include "core/job/card.h"
#include "core/job/engine.h"
#include "core/lobe/lobe.h"

#include <optional>
#include <vector>

namespace lobe {

/// An event measured, beside what the card says.
struct EventAgainstCard {
    Event event = Event::IntakeOpens;
    double measured_deg = 0.0, card_deg = 0.0; ///< on the cycle
    double uncertainty_deg = 0.0;              ///< 95 %, of the two together
    bool derived = false; ///< the card has it only by taking the lobe for symmetric: not judged
    double difference_deg() const { return measured_deg - card_deg; }
};

/// The greatest lift beside the card's: gross, and less the lash where it shows.
struct LiftAgainstCard {
    Side side = Side::Intake;
    double measured_mm = 0.0, card_mm = 0.0; ///< as taken, lash in as it was taken
    double gross_mm = 0.0;                   ///< the card's without lash, at the same place
    double uncertainty_mm = 0.0;             ///< 95 %, of the two together
    double difference_mm() const { return measured_mm - card_mm; }
};

enum class CauseKind {
    AsCard,        ///< nothing stands off by more than it is uncertain
    CamTiming,     ///< deg: late by this, with `side` that cam alone; without, other_deg: exhaust's
                   ///< own on two shafts, else all alike: or the TDC pointer
    IndicatorZero, ///< mm: lift read too high by this; opening and closing opposite
    CheckingHeight, ///< mm: the height that would make the durations those of the card
    Reference,      ///< the height is meant at the other place, valve or tappet
    Lash,           ///< mm: lash that fits the card less the lash the conditions say
    Separation,     ///< deg: separation wider by this (cam degrees); other_deg: intake late by
    OneEvent,       ///< event, deg: as measured; other_deg: the substitution that fits
    LobesSwapped,   ///< the intake was taken for the exhaust
    CamDegrees,     ///< angles were counted in cam degrees
    WrongCam,       ///< deg: durations longer by this on the intake; other_deg: on the exhaust
    Twist,          ///< deg: cylinder's centre late against cylinder 1
    Unclear,        ///< nothing simple fits
    LobeLength,     ///< deg: intake longer than printed by this; other_deg: exhaust; centres kept
    LiftScale,      ///< factor: all lifts read too high by this factor
    DriveSlack,     ///< deg: both lobes close late by this and open as they should
    WheelReversed,  ///< the wheel was read against the engine's rotation
    OtherTop,       ///< deg: counted round firing instead of overlap: 360 or -360
};

/// How an event that was mistyped becomes the card's.
enum class Substitution { None, OtherSide, Supplement, TenDegrees, OtherEvent, CamDegrees };

struct Cause {
    CauseKind kind = CauseKind::AsCard;
    double misfit = 0.0;        ///< -2 log of its evidence, the least of all is 0
    std::optional<Side> side{}; ///< a lobe alone
    std::optional<Event> event{};
    Substitution substitution = Substitution::None;
    std::optional<Measured<double>> deg{};
    std::optional<double> other_deg{}, mm{}, factor{};
    std::optional<double> shift_deg{}; ///< timing that comes on top, late positive
    int cylinder = 0;
    // What the words need beside it.
    bool twoShafts = false;             ///< each cam on its own
    std::optional<int> teeth{};         ///< of a timing: as teeth of this drive, 0 where it is none
    double tooth_deg = 0.0;             ///< one tooth, crank degrees
    double ratio = 0.0;                 ///< of a lift scale: the rocker ratio that was typed
    bool runningSpring = false;         ///< of a lift scale: the valve gear may have given way
    std::optional<Event> expect{};      ///< of a lobe length: the opening that keeps the centre
    std::optional<double> expect_deg{}; ///< where to look for it, card notation
};

/// Says that the data must first be settled: nothing is to be moved on such events.
bool isGross(CauseKind kind);

struct Explanation {
    std::vector<EventAgainstCard> events;
    std::vector<LiftAgainstCard> lifts;
    std::vector<Cause> causes; ///< likeliest first; never empty where anything is stated
    std::optional<double> intakeShift_deg, exhaustShift_deg;       ///< late positive
    std::optional<double> intakeDuration_deg, exhaustDuration_deg; ///< measured less card
    PerSide<std::optional<double>> lift_mm;                        ///< measured less card, as taken
    double measurable_deg = 0.0; ///< a difference under this is not told from none
    /// The school in which the card's centre fits best, where the card states a centre and the
    /// schools differ by nature.
    std::optional<CentreSchool> school;
    bool twoShafts = false;
    bool baseTrue = false; ///< the base circle was recorded, and reads zero
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
    bool runningSpring = false; ///< lift was taken at the valve under the running spring
};

/// Events are taken at the card's height, wherever that is meant; empty without any.
Explanation explain(const ExplainRequest& request);

/// Which of the cards at hand a cam looks like, whatever its timing; empty when none fits well.
std::optional<std::size_t> likeliestCard(const ExplainRequest& request);

/// How badly a card fits what was measured, in standard deviations per figure compared, whatever
/// the cam's timing: durations, separation and lift. Empty when nothing can be compared.
std::optional<double> cardMisfit(const ExplainRequest& request, const Card& card);

} // namespace lobe
