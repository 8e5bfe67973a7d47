#include "core/card.h"

namespace lobe {

std::optional<double> cardDuration_deg(const Card& card, Side side) {
    const auto& open = side == Side::Intake ? card.ivo : card.evo;
    const auto& close = side == Side::Intake ? card.ivc : card.evc;
    if (!open || !close) return std::nullopt;
    return *open + 180.0 + *close;
}

std::optional<double> cardCentre_deg(const Card& card, Side side) {
    const auto& printed = side == Side::Intake ? card.intakeCentre : card.exhaustCentre;
    const auto duration = cardDuration_deg(card, side);
    if (!duration) return printed;
    return *duration / 2.0 - (side == Side::Intake ? *card.ivo : *card.evc);
}

std::optional<CamDeg> cardSeparation(const Card& card) {
    const auto in = cardCentre_deg(card, Side::Intake), ex = cardCentre_deg(card, Side::Exhaust);
    if (!in || !ex) return std::nullopt;
    return CamDeg{(*in + *ex) / 2.0};
}

std::optional<CrankDeg> cardEvent(const Card& card, Event event) {
    std::optional<double> said;
    switch (event) {
    case Event::IntakeOpens:
        said = card.ivo;
        break;
    case Event::IntakeCloses:
        said = card.ivc;
        break;
    case Event::ExhaustOpens:
        said = card.evo;
        break;
    case Event::ExhaustCloses:
        said = card.evc;
        break;
    }
    if (!said) return std::nullopt;
    return fromCard(event, {*said});
}

std::optional<CrankDeg> cardCentre(const Card& card, Side side) {
    const auto centre = cardCentre_deg(card, side);
    if (!centre) return std::nullopt;
    return CrankDeg{side == Side::Intake ? *centre : -*centre};
}

} // namespace lobe
