#include "core/job/card.h"

#include "core/job/job.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

using MaybeFigure = std::optional<CardFigure>;

MaybeFigure printed(const std::optional<double>& v) {
    return v ? MaybeFigure(CardFigure{*v, false}) : std::nullopt;
}
MaybeFigure derived(double v) {
    return CardFigure{v, true};
}

/// One lobe of a card. On the intake, "early" is the opening before TDC and "late" the closing
/// after BDC; on the exhaust the event by the top is the closing. `top` is the event next to TDC,
/// `bottom` the one next to BDC: duration = top + 180 + bottom, centre = duration / 2 - top.
class Lobe {
public:
    Lobe(std::optional<double> top, std::optional<double> bottom, std::optional<double> duration,
         std::optional<double> centre)
        : top_(printed(top)),
          bottom_(printed(bottom)),
          duration_(printed(duration)),
          centre_(printed(centre)) {}

    /// What separation and advance make of the centre, where nothing better is known.
    void hint(std::optional<double> centre) {
        if (!centre) return;
        hinted_ = centre;
        if (!centre_ && !(top_ && bottom_) && !(duration_ && (top_ || bottom_)))
            centre_ = derived(*centre);
    }

    void derive(CardConflict durationUncertainty, CardConflict centreUncertainty,
                std::vector<CardContradiction>& out) {
        constexpr double kApart_deg = 1.05;
        const auto check = [&](CardConflict what, double said, double follows) {
            if (std::abs(said - follows) <= kApart_deg) return;
            const bool centre =
                what == CardConflict::IntakeCentre || what == CardConflict::ExhaustCentre;
            const bool half = centre && duration_ && std::abs(said - duration_->value / 2.0) < 0.6;
            out.push_back({what, said, follows, half});
        };
        if (top_ && bottom_) {
            const double d = top_->value + 180.0 + bottom_->value;
            if (duration_) check(durationUncertainty, duration_->value, d);
            duration_ = derived(d);
            const double c = d / 2.0 - top_->value;
            if (centre_) check(centreUncertainty, centre_->value, c);
            centre_ = derived(c);
        } else if (duration_) {
            if (!top_ && bottom_) top_ = derived(duration_->value - 180.0 - bottom_->value);
            if (!bottom_ && top_) bottom_ = derived(duration_->value - 180.0 - top_->value);
            if (top_) {
                const double c = duration_->value / 2.0 - top_->value;
                if (centre_) check(centreUncertainty, centre_->value, c);
                centre_ = derived(c);
            } else if (centre_) {
                top_ = derived(duration_->value / 2.0 - centre_->value);
                bottom_ = derived(duration_->value / 2.0 + centre_->value - 180.0);
            }
        } else if (centre_ && (top_ || bottom_)) {
            // One event and the centre: the other is its mirror.
            const double half =
                top_ ? centre_->value + top_->value : 180.0 + bottom_->value - centre_->value;
            duration_ = derived(2.0 * half);
            if (!top_) top_ = derived(half - centre_->value);
            if (!bottom_) bottom_ = derived(half + centre_->value - 180.0);
        }
        if (hinted_ && centre_) check(centreUncertainty, *hinted_, centre_->value);
    }

    MaybeFigure top_, bottom_, duration_, centre_;

private:
    std::optional<double> hinted_;
};

} // namespace

CompleteCard complete(const Card& card) {
    CompleteCard out;
    Lobe in(card.events.ivo, card.events.ivc, card.duration.intake, card.centre.intake);
    Lobe ex(card.events.evc, card.events.evo, card.duration.exhaust, card.centre.exhaust);
    if (card.separation) {
        const double s = *card.separation;
        // From the other centre where it is known, else from the ground-in advance.
        if (card.centre.intake && !card.centre.exhaust)
            ex.hint(2.0 * s - *card.centre.intake);
        else if (card.centre.exhaust && !card.centre.intake)
            in.hint(2.0 * s - *card.centre.exhaust);
        else if (!card.centre.intake && card.advance) {
            in.hint(s - *card.advance);
            ex.hint(s + *card.advance);
        } else if (!card.centre.intake) {
            // Separation alone says nothing of where the cam was ground to stand: only from a
            // centre that the events of one lobe give does the other's follow.
            const auto known = [](Lobe lobe) {
                std::vector<CardContradiction> none;
                lobe.derive(CardConflict::IntakeDuration, CardConflict::IntakeCentre, none);
                return lobe.centre_;
            };
            const MaybeFigure i = known(in), e = known(ex);
            if (i && !e) ex.hint(2.0 * s - i->value);
            if (e && !i) in.hint(2.0 * s - e->value);
        }
    }
    in.derive(CardConflict::IntakeDuration, CardConflict::IntakeCentre, out.contradictions);
    ex.derive(CardConflict::ExhaustDuration, CardConflict::ExhaustCentre, out.contradictions);
    out.events.ivo = in.top_;
    out.events.ivc = in.bottom_;
    out.events.evc = ex.top_;
    out.events.evo = ex.bottom_;
    out.duration.intake = in.duration_;
    out.duration.exhaust = ex.duration_;
    out.centre.intake = in.centre_;
    out.centre.exhaust = ex.centre_;
    out.separation = printed(card.separation);
    if (in.centre_ && ex.centre_) {
        const double s = (in.centre_->value + ex.centre_->value) / 2.0;
        if (out.separation && std::abs(out.separation->value - s) > 0.8)
            out.contradictions.push_back({CardConflict::Separation, out.separation->value, s});
        if (!out.separation) out.separation = derived(s);
    }
    out.advance = printed(card.advance);
    if (!out.advance && out.separation && in.centre_)
        out.advance = derived(out.separation->value - in.centre_->value);
    for (const auto& [advertised, duration] :
         {std::pair(card.advertisedDuration.intake, out.duration.intake),
          std::pair(card.advertisedDuration.exhaust, out.duration.exhaust)})
        if (advertised && duration && card.advertised.at == card.height.at &&
            card.advertised.mm < card.height.mm && *advertised <= duration->value)
            out.contradictions.push_back({CardConflict::Advertised, *advertised, duration->value});
    return out;
}

std::optional<double> cardLiftHere_mm(const Card& card, Side side, const Engine& engine,
                                      Place place) {
    const bool intake = side == Side::Intake;
    const auto& lift = intake ? card.lift_mm.intake : card.lift_mm.exhaust;
    if (!lift) return std::nullopt;
    double tappet = *lift;
    if (card.liftAt == Place::Valve) {
        // A card's valve lift is printed without lash: tappet lift times the ratio it assumes.
        const double ratio = card.ratio.value_or(engine.ratio[side]);
        if (!(ratio > 0.0)) return std::nullopt;
        tappet = *lift / ratio;
    }
    if (place == Place::Tappet) return tappet;
    return std::max(0.0, tappet * engine.ratio[side] - engine.lash_mm[side]);
}

std::optional<double> cardDuration_deg(const Card& card, Side side) {
    const CompleteCard c = complete(card);
    const auto& d = c.duration[side];
    return d ? std::optional(d->value) : std::nullopt;
}

std::optional<double> cardCentre_deg(const Card& card, Side side) {
    const CompleteCard c = complete(card);
    const auto& centre = c.centre[side];
    return centre ? std::optional(centre->value) : std::nullopt;
}

std::optional<CamDeg> cardSeparation(const Card& card) {
    const CompleteCard c = complete(card);
    return c.separation ? std::optional(CamDeg{c.separation->value}) : std::nullopt;
}

bool cardCentreByEvents(const Card& card, Side side) {
    return side == Side::Intake ? card.events.ivo && card.events.ivc
                                : card.events.evo && card.events.evc;
}

std::optional<CrankDeg> cardEvent(const Card& card, Event event) {
    const CompleteCard c = complete(card);
    std::optional<CardFigure> said;
    switch (event) {
    case Event::IntakeOpens:
        said = c.events.ivo;
        break;
    case Event::IntakeCloses:
        said = c.events.ivc;
        break;
    case Event::ExhaustOpens:
        said = c.events.evo;
        break;
    case Event::ExhaustCloses:
        said = c.events.evc;
        break;
    }
    if (!said) return std::nullopt;
    return fromCard(event, {said->value});
}

std::optional<CrankDeg> cardCentre(const Card& card, Side side) {
    const auto centre = cardCentre_deg(card, side);
    if (!centre) return std::nullopt;
    return CrankDeg{side == Side::Intake ? *centre : -*centre};
}

} // namespace lobe
