#include "core/lobe/one_turn.h"

#include "core/job/job.h"

#include "core/angle/usual.h"
#include "core/job/card.h"

#include <algorithm>
#include <cmath>
#include <cstdint>
#include <numbers>

namespace lobe {
namespace {

/// Where the events of one lobe are to be expected: a raised cosine about its centre, as wide as
/// the card says at its height, put where the events read so far are.
class Expected {
public:
    Expected(const Job& job, const LiftRun& run, const std::vector<EventGroup>& groups)
        : groups_(groups), shift_deg_(run.terms.shift_deg) {
        const Side side = run.side;
        centre_ = usualCentre_deg(side);
        if (job.card) {
            if (const auto c = cardCentre(*job.card, side)) centre_ = c->deg;
            if (const auto mm = cardLiftHere_mm(*job.card, side, job.engine, run.terms.taken))
                lift_mm_ = *mm;
            const auto duration = cardDuration_deg(*job.card, side);
            if (duration && job.card->height.at == run.terms.taken)
                half_ *= *duration / 2.0 / half(job.card->height.mm);
        }
        // What has been read says better where the lobe stands.
        for (const EventGroup& g : groups)
            if (g.of == ReadingOf::Opens && g.mean) centre_ = placed(g) + half(g.height.mm);
        if (const EventGroup* nose = find(ReadingOf::Nose, {}); nose && nose->mean)
            centre_ = placed(*nose);
    }

    double at(const EventGroup& g) const {
        if (g.mean && g.of != ReadingOf::Lift) return placed(g);
        switch (g.of) {
        case ReadingOf::Opens:
            return centre_ - half(g.height.mm);
        case ReadingOf::Nose:
            return centre_;
        case ReadingOf::Closes: {
            const EventGroup* opens = find(ReadingOf::Opens, g.height);
            return opens && opens->mean ? 2.0 * centre_ - placed(*opens)
                                        : centre_ + half(g.height.mm);
        }
        case ReadingOf::Lift:
        case ReadingOf::Press:
            break;
        }
        return centre_ + half_ + kHome_deg;
    }

private:
    static constexpr double kHome_deg = 25.0; // well on the base circle

    /// On the cycle, whatever the wheel was set for.
    double placed(const EventGroup& g) const { return g.mean->deg + shift_deg_; }
    double half(double mm) const {
        const double share = std::clamp(2.0 * mm / lift_mm_ - 1.0, -1.0, 1.0);
        return half_ * std::acos(share) / std::numbers::pi;
    }
    const EventGroup* find(ReadingOf of, const Height& height) const {
        for (const EventGroup& g : groups_)
            if (g.of == of && g.height == height) return &g;
        return nullptr;
    }

    const std::vector<EventGroup>& groups_;
    double shift_deg_;
    double centre_, lift_mm_ = kUsualLift_mm, half_ = kUsualHalf_deg;
};

} // namespace

std::optional<TurnEvent> nextInTurn(const Job& job, const LiftRun& intake, const LiftRun& exhaust,
                                    const LeftOut& leftOut) {
    struct Lobe {
        const LiftRun& run;
        std::vector<EventGroup> groups;
    };
    const Lobe lobes[] = {{intake, eventGroups(job, intake)}, {exhaust, eventGroups(job, exhaust)}};
    const auto open = [&](const Lobe& lobe, const EventGroup& g) {
        return !g.settled && !(leftOut && leftOut(lobe.run.side, {g.of, g.height}));
    };
    std::size_t fewest = SIZE_MAX;
    for (const Lobe& lobe : lobes)
        for (const EventGroup& g : lobe.groups)
            if (open(lobe, g)) fewest = std::min(fewest, g.readings.size());
    std::optional<TurnEvent> next;
    for (const Lobe& lobe : lobes) {
        // A lobe's own events keep their order, whatever is expected of them.
        const auto head =
            std::find_if(lobe.groups.begin(), lobe.groups.end(), [&](const EventGroup& g) {
                return open(lobe, g) && g.readings.size() == fewest;
            });
        if (head == lobe.groups.end()) continue;
        const double about = Expected(job, lobe.run, lobe.groups).at(*head);
        if (!next || about < next->about.deg)
            next = TurnEvent{lobe.run.side, {head->of, head->height}, {about}};
    }
    return next;
}

} // namespace lobe
