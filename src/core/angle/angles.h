// Angles of the four-stroke cycle.
//
// CrankDeg is signed crank degrees with 0 at TDC on overlap and +-360 at TDC firing; CamDeg is
// half of that; CardDeg is what a cam card prints: positive in the event's usual place, negative
// when the event falls on the other side of its dead centre. The three do not convert silently.
#pragma once

namespace lobe {

/// Degrees as radians, and back.
double radians(double deg);
double degrees(double rad);

struct CrankDeg {
    double deg = 0.0;
    bool operator==(const CrankDeg&) const = default;
    bool operator<(CrankDeg o) const { return deg < o.deg; }
    bool operator>=(CrankDeg o) const { return deg >= o.deg; }
    CrankDeg operator+(CrankDeg o) const { return {deg + o.deg}; }
    CrankDeg operator-(CrankDeg o) const { return {deg - o.deg}; }
    CrankDeg operator-() const { return {-deg}; }
};

struct CamDeg {
    double deg = 0.0;
    bool operator==(const CamDeg&) const = default;
};

struct CardDeg {
    double deg = 0.0;
    bool operator==(const CardDeg&) const = default;
};

/// The camshaft turns once for two turns of the crank.
constexpr CrankDeg toCrank(CamDeg cam) {
    return {cam.deg * 2.0};
}
constexpr CamDeg toCam(CrankDeg crank) {
    return {crank.deg / 2.0};
}

enum class Side { Intake, Exhaust };
enum class Event { IntakeOpens, IntakeCloses, ExhaustOpens, ExhaustCloses };
/// All of them, as a cycle has them on a card.
inline constexpr Event kEvents[] = {Event::IntakeOpens, Event::IntakeCloses, Event::ExhaustOpens,
                                    Event::ExhaustCloses};

constexpr Event opening(Side side) {
    return side == Side::Intake ? Event::IntakeOpens : Event::ExhaustOpens;
}
constexpr Event closing(Side side) {
    return side == Side::Intake ? Event::IntakeCloses : Event::ExhaustCloses;
}
constexpr Side sideOf(Event event) {
    return event == opening(Side::Intake) || event == closing(Side::Intake) ? Side::Intake
                                                                            : Side::Exhaust;
}

/// Card notation of an event: IVO BTDC, IVC ABDC, EVO BBDC, EVC ATDC.
CardDeg toCard(Event event, CrankDeg at);
/// The cycle angle of an event in card notation; the inverse of toCard.
CrankDeg fromCard(Event event, CardDeg card);

/// The same crank position within the cycle, in (-360, 360].
CrankDeg wrapCycle(CrankDeg angle);
/// The same position of the wheel within one turn, in (-180, 180].
CrankDeg wrapTurn(CrankDeg angle);

/// A dead centre as the builder names it: the bottom that belongs to a lobe is +180 for the
/// intake (after its stroke) and -180 for the exhaust (before its stroke).
enum class DeadCentre { Top, Bottom };
CrankDeg bottomOf(Side side);

/// An angle said from the nearest dead centre: degrees (>= 0), before or after, top or bottom.
struct FromDeadCentre {
    double deg = 0.0;
    bool after = true;
    DeadCentre centre = DeadCentre::Top;
};
/// How a builder would say the angle: measured from the nearest dead centre of the cycle.
FromDeadCentre fromNearestDeadCentre(CrankDeg angle);
/// The cycle angle of an angle said from the top (of overlap) or from the lobe's own bottom.
CrankDeg resolve(const FromDeadCentre& said, Side side);

} // namespace lobe
