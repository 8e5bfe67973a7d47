#include "core/assess/figures.h"

#include "core/job/card.h"
#include "core/job/job.h"
#include "core/setting/setting.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

/// The figures of one cylinder, in the order the slate shows them.
class Figures {
public:
    Figures(const Job& job, const Findings& f, const CylinderFindings& c, std::vector<Figure>& out)
        : job_(job), f_(f), c_(c), out_(out) {}

    void collect() {
        const Height main = eventsHeight(job_);
        const Height seat{job_.reckoning.seat_mm, Place::Valve};
        durations(main, true);
        for (Side side : {Side::Intake, Side::Exhaust})
            centre(side);
        pair();
        overlapAt(seat);
        events(main, true);
        events(seat, false);
        durations(seat, false);
        if (job_.card) advertised(job_.card->advertised);
        for (const Height& h : job_.reckoning.heights) {
            if (h == main || h == seat) continue;
            durations(h, false);
            events(h, false);
            overlapAt(h);
        }
        // What a run took its events at is shown, listed or not.
        for (Side side : {Side::Intake, Side::Exhaust})
            if (const RunFindings* run = of(side); run && run->lobe.eventsOnly)
                for (const HeightEvents& e : run->lobe.heights) {
                    durations(e.height, false);
                    events(e.height, false);
                    overlapAt(e.height);
                }
        overlapAt(main);
        for (Side side : {Side::Intake, Side::Exhaust}) {
            const RunFindings* run = of(side);
            if (!run) continue;
            Figure lift = make(FigureKind::MaxLift, side, {});
            lift.value = run->lobe.maxLift_mm;
            add(lift);
            // What the valve gets of it: asked for by whoever has no card.
            if (run->lobe.taken.at == Place::Tappet && run->lobe.maxLiftAt && lift.value) {
                Figure valve = make(FigureKind::ValveLift, side, {});
                const Taken& taken = run->lobe.taken;
                const double half =
                    std::hypot(taken.ratio * halfWidthOf(lift.value).value_or(0.0),
                               taken.ratioDoubt * taken.ratio * run->lobe.maxLift_mm->value);
                valve.value =
                    Measured<double>{run->lobe.liftAt(*run->lobe.maxLiftAt, Place::Valve), half};
                add(valve);
            }
            Figure area = make(FigureKind::Area, side, {});
            area.value = run->lobe.area_mm_deg;
            add(area);
        }
    }

private:
    const RunFindings* of(Side side) const { return f_.of(c_, side); }
    Figure make(FigureKind kind, std::optional<Side> side, std::optional<Height> height) const {
        Figure f;
        f.cylinder = c_.cylinder;
        f.kind = kind;
        f.side = side;
        f.height = height;
        return f;
    }
    /// No figure leaves what a cam can be: beyond it stands a finding instead.
    static bool possible(const Figure& f) {
        const double v = *f.value;
        switch (f.kind) {
        case FigureKind::Duration:
            return v > 0.0 && v <= kMostDuration_deg;
        case FigureKind::Centre:
        case FigureKind::Separation:
            return v >= kLeastCentre_deg && v <= kMostCentre_deg;
        case FigureKind::Advance:
            return std::abs(v) <= kMostOff_deg;
        case FigureKind::Overlap:
            return v >= -250.0 && v <= 250.0;
        case FigureKind::Opens:
        case FigureKind::Closes:
            return v >= -110.0 && v <= 160.0;
        case FigureKind::SplitPoint:
            return std::abs(v) <= 90.0;
        case FigureKind::MaxLift:
        case FigureKind::ValveLift:
            return v > 0.0 && v <= 40.0;
        case FigureKind::Area:
            return v >= 0.0;
        default:
            break;
        }
        return true;
    }
    void add(Figure f) {
        const auto same = [&](const Figure& o) { return o.sameKey(f); };
        if (f.value && possible(f) && std::none_of(out_.begin(), out_.end(), same))
            out_.push_back(std::move(f));
    }

    /// Angles counted from TDC carry its uncertainty; differences of angles do not.
    Measured<double> withTdc(double deg, std::optional<double> own) const {
        return {deg, own ? std::optional(std::hypot(*own, tdc_deg_)) : std::nullopt};
    }

    void durations(const Height& height, bool againstCard) {
        for (Side side : {Side::Intake, Side::Exhaust}) {
            const RunFindings* run = of(side);
            const HeightEvents* e = run ? run->lobe.events(height) : nullptr;
            if (!e) continue;
            Figure f = make(FigureKind::Duration, side, height);
            f.value = e->duration_deg();
            if (againstCard && job_.card && f.value)
                if (const auto card = cardDuration_deg(*job_.card, side))
                    f.cardDifference = *f.value - *card;
            add(f);
        }
    }

    /// The durations a maker advertises, at the height it means.
    void advertised(const Height& height) {
        for (Side side : {Side::Intake, Side::Exhaust}) {
            const auto& said = job_.card->advertisedDuration[side];
            const RunFindings* run = of(side);
            const HeightEvents* e = run && said ? run->lobe.events(height) : nullptr;
            if (!e || !e->duration_deg()) continue;
            Figure f = make(FigureKind::Duration, side, height);
            f.value = e->duration_deg();
            f.cardDifference = *f.value - *said;
            add(f);
        }
    }

    /// A cam that was moved since keeps its durations and lifts, and what one cam has ground in;
    /// where it stands is not known.
    bool stands(Side side) const { return of(side) && !of(side)->outdated; }

    void events(const Height& height, bool againstCard) {
        for (Side side : {Side::Intake, Side::Exhaust}) {
            const RunFindings* run = stands(side) ? of(side) : nullptr;
            const HeightEvents* e = run ? run->lobe.events(height) : nullptr;
            if (!e) continue;
            for (bool opens : {true, false}) {
                const auto at = opens ? e->opens : e->closes;
                if (!at) continue;
                const Event event = opens ? opening(side) : closing(side);
                Figure f = make(opens ? FigureKind::Opens : FigureKind::Closes, side, height);
                f.value = withTdc(toCard(event, *at).deg, at->plusMinus);
                // An event the card never stated is derived, and no difference from it is shown.
                if (againstCard && job_.card && states(event))
                    if (const auto card = cardEvent(*job_.card, event))
                        f.cardDifference = *f.value - toCard(event, *card).deg;
                add(f);
            }
        }
    }

    bool states(Event event) const {
        if (!c_.explanation) return true;
        for (const EventAgainstCard& e : c_.explanation->events)
            if (e.event == event) return !e.derived;
        return true;
    }

    void centre(Side side) {
        const RunFindings* run = of(side);
        if (!stands(side)) return;
        const auto at = run->lobe.centre(job_.reckoning.school);
        if (!at) return;
        const double sign = side == Side::Intake ? 1.0 : -1.0;
        Figure f = make(FigureKind::Centre, side, {});
        // Named after what made it: events alone have no equal drop, a centre by two readings does.
        f.school = run->lobe.had(job_.reckoning.school);
        if (*f.school == CentreSchool::EqualDrop && run->lobe.eventsOnly)
            f.height = Height{run->lobe.drop_mm, run->lobe.taken.at};
        else if (*f.school == CentreSchool::Events && run->lobe.eventsOnly)
            f.height = run->lobe.atEventsHeight.height;
        const LobeClaim* claim = f_.lobeClaim(c_.cylinder, side);
        if (!claim) return;
        f.value = claim->centre_deg;
        // A card that means its centre by another school is compared there, not here.
        if (claim->late_deg && claim->alike) f.cardDifference = sign * *claim->late_deg;
        add(f);
    }

    bool groundIn() const { return job_.engine.layout != Layout::TwinOverheadCam; }

    void pair() {
        const bool stand = stands(Side::Intake) && stands(Side::Exhaust);
        if (!c_.pair || !(stand || groundIn())) return;
        Figure f = make(FigureKind::Separation, {}, {});
        f.school = c_.pair->school;
        if (const auto& s = c_.pair->separation) f.value = {s->deg, s->plusMinus};
        // The separation is off by half of what the two lobes are off in opposite senses.
        const LobeClaim *in = f_.lobeClaim(c_.cylinder, Side::Intake),
                        *ex = f_.lobeClaim(c_.cylinder, Side::Exhaust);
        if (in && ex && in->late_deg && ex->late_deg)
            f.cardDifference = (*in->late_deg - *ex->late_deg) / 2.0;
        add(f);
        if (!stand) return;
        f = make(FigureKind::Advance, {}, {});
        f.school = c_.pair->school;
        if (const auto& a = c_.pair->advance_deg) f.value = withTdc(*a, a->plusMinus);
        add(f);
        f = make(FigureKind::SplitPoint, {}, {});
        if (const auto& s = c_.pair->splitPoint) f.value = withTdc(s->deg, s->plusMinus);
        add(f);
    }

    void overlapAt(const Height& height) {
        const bool stand = stands(Side::Intake) && stands(Side::Exhaust);
        if (!c_.pair || !(stand || groundIn())) return;
        for (const Overlap& o : c_.pair->overlap) {
            if (o.height != height) continue;
            Figure f = make(FigureKind::Overlap, {}, height);
            f.value = o.degrees;
            if (job_.card && job_.card->height == height && f.value && job_.card->events.ivo &&
                job_.card->events.evc)
                f.cardDifference = *f.value - (*job_.card->events.ivo + *job_.card->events.evc);
            add(f);
        }
    }

    const Job& job_;
    const Findings& f_;
    const CylinderFindings& c_;
    double tdc_deg_ = f_.tdc.uncertainty_deg();
    std::vector<Figure>& out_;
};

} // namespace

std::vector<Figure> figuresOf(const Job& job, const Findings& f, const CylinderFindings& cylinder) {
    std::vector<Figure> out;
    Figures(job, f, cylinder, out).collect();
    return out;
}

} // namespace lobe
