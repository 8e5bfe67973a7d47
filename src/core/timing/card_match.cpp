#include "core/timing/explain.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

/// What a card's whole degrees leave uncertain, and setting the wheel; one standard deviation.
constexpr double kCardRounding_deg = 0.29, kCardSetting_deg = 0.15;

/// The crossing of a height on a lobe's curve; its slope there.
struct Crossing {
    double deg = 0.0, slope = 0.0;
};
std::optional<Crossing> crossing(const LobeFigures& f, double threshold, bool opening) {
    if (!f.curve || !f.maxLiftAt || threshold <= 0.0) return std::nullopt;
    double sum = 0.0;
    int n = 0;
    for (double x : f.curve->crossings(threshold))
        if ((x <= f.maxLiftAt->deg) == opening) {
            sum += x;
            ++n;
        }
    if (n == 0) return std::nullopt;
    return Crossing{sum / n, std::abs(f.curve->slopeAt(sum / n))};
}

} // namespace

std::optional<std::size_t> likeliestCard(const ExplainRequest& r) {
    constexpr double kFits = 2.5; // standard deviations per figure
    std::optional<std::size_t> best;
    double least = kFits;
    for (std::size_t i = 0; i < r.otherCards.size(); ++i)
        if (const auto m = cardMisfit(r, r.otherCards[i]); m && *m < least) {
            least = *m;
            best = i;
        }
    return best;
}

std::optional<double> cardMisfit(const ExplainRequest& r, const Card& card) {
    double squares = 0.0;
    int n = 0;
    const auto compare = [&](double off, double deviation) {
        squares += std::pow(off / deviation, 2);
        ++n;
    };
    std::optional<double> centres[2];
    for (Side s : {Side::Intake, Side::Exhaust}) {
        const LobeFigures* f = s == Side::Intake ? r.intake : r.exhaust;
        if (!f) continue;
        const auto duration = cardDuration_deg(card, s);
        std::optional<double> measured;
        double slope = 0.1;
        if (f->curve) {
            const auto o = crossing(*f, f->taken.threshold_mm(card.height), true);
            const auto c = crossing(*f, f->taken.threshold_mm(card.height), false);
            if (o && c) {
                measured = c->deg - o->deg;
                slope = std::min(o->slope, c->slope);
            }
        } else if (const HeightEvents* e = f->events(card.height)) {
            measured = e->duration_deg();
        }
        // Two readings' worth of indicator, the wheel, and the card's whole degrees.
        if (duration && measured)
            compare(*measured - *duration,
                    std::sqrt(2.0) * std::sqrt(std::pow(0.01 / std::max(slope, 1e-3), 2) +
                                               kCardSetting_deg * kCardSetting_deg +
                                               kCardRounding_deg * kCardRounding_deg));
        if (f->maxLift_mm && f->noseReached)
            if (const auto lift = cardLiftHere_mm(card, s, r.engine, f->taken.at))
                compare(*f->maxLift_mm - *lift, 0.05);
        if (const auto centre = f->centre(CentreSchool::Events))
            centres[s == Side::Intake ? 0 : 1] = centre->deg;
    }
    if (const auto promised = cardSeparation(card); promised && centres[0] && centres[1])
        compare((*centres[0] - *centres[1]) / 2.0 - promised->deg, 0.4);
    if (n == 0) return std::nullopt;
    return std::sqrt(squares / n);
}

} // namespace lobe
