#include "core/choose/figures.h"

#include "core/assess/clearances.h"
#include "core/assess/need.h"
#include "core/assess/springs.h"
#include "core/job/job.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

/// A card prints whole degrees.
constexpr double kPrinted_deg = 0.5;

using Value = std::optional<Measured<double>>;

class FiguresOfCam {
public:
    FiguresOfCam(const Job& job, const Findings& f, const Cam& cam, PerSide<double> moved)
        : job_(job), f_(f), cam_(cam), moved_(moved) {}

    std::vector<CamFigure> all() {
        const Height height = eventsHeight(job_);
        if (cam_.state)
            out_ = outcome(cam_.state->job, cam_.state->findings, moved_.intake, moved_.exhaust);
        // What decides first: the rest can be looked up.
        for (Side side : {Side::Intake, Side::Exhaust})
            add(FigureKind::Duration, side, height, duration(side, height));
        for (Event e : kEvents)
            event(e, height);
        for (Side side : {Side::Intake, Side::Exhaust})
            add(FigureKind::Centre, side, {}, of(out_.centre[side], centreHalf(side)));
        add(FigureKind::Separation, {}, {}, of(out_.separation, pairHalf()));
        std::optional<double> advance;
        if (out_.separation && out_.centre.intake) advance = *out_.separation - *out_.centre.intake;
        add(FigureKind::Advance, {}, {}, of(advance, pairHalf()));
        for (const Height& h : overlapHeights(height))
            add(FigureKind::Overlap, {}, h, overlap(h));
        for (Side side : {Side::Intake, Side::Exhaust})
            add(FigureKind::ValveLift, side, {}, maxLift(side));
        for (Side side : {Side::Intake, Side::Exhaust})
            add(FigureKind::Clearance, side, {}, camClearance(f_, cam_, side, moved_[side]));
        add(FigureKind::Closing, {}, {}, of(out_.closing_deg, closingHalf()));
        add(FigureKind::Dynamic, {}, {}, dynamic());
        add(FigureKind::Cranking, {}, {}, of(out_.cranking_kpa, std::nullopt));
        for (const Height& h : job_.reckoning.heights)
            for (Side side : {Side::Intake, Side::Exhaust})
                if (!(h == height)) add(FigureKind::Duration, side, h, duration(side, h));
        for (Side side : {Side::Intake, Side::Exhaust})
            add(FigureKind::LiftAtTdc, side, {}, liftAtTdc(side));
        add(FigureKind::OverlapArea, {}, {}, overlapArea());
        for (Side side : {Side::Intake, Side::Exhaust})
            add(FigureKind::ValveArea, side, {}, area(side));
        for (Side side : {Side::Intake, Side::Exhaust})
            motion(side);
        for (Side side : {Side::Intake, Side::Exhaust})
            springs(side);
        return std::move(rows_);
    }

private:
    void add(FigureKind kind, std::optional<Side> side, std::optional<Height> height, Value value) {
        rows_.push_back({{kind, side, height}, std::move(value)});
    }

    static Value of(const std::optional<double>& value, std::optional<double> half) {
        return value ? Value(Measured<double>{*value, half}) : std::nullopt;
    }

    /// What a model leaves open of an event: the half-width of the lift over its slope there.
    std::optional<double> modelHalf(Side side, double deg) const {
        const auto& model = cam_.model[side];
        if (!model) return std::nullopt;
        const double slope = std::abs(model->curve.slopeAt(deg));
        const double most = 10.0;
        return slope > 1e-4 ? std::min(most, model->halfWidth.at(deg) / slope) : most;
    }

    /// Of an event at a height, unmoved; a model's in place of the curve's own.
    Value flank(Side side, const Height& height, bool opens) const {
        const LobeFigures* lobe = cam_.lobe(side);
        if (!lobe) return std::nullopt;
        const HeightEvents* at = lobe->events(height);
        if (!at && lobe->atEventsHeight.height == height) at = &lobe->atEventsHeight;
        const auto& e = at ? (opens ? at->opens : at->closes) : std::nullopt;
        if (!e) return std::nullopt;
        const auto model = modelHalf(side, e->deg);
        return Measured<double>{e->deg, model ? model : e->plusMinus};
    }

    Value duration(Side side, const Height& height) const {
        const Value a = flank(side, height, true), b = flank(side, height, false);
        if (!a || !b) return std::nullopt;
        return Measured<double>{b->value - a->value,
                                std::hypot(a->plusMinus.value_or(0.0), b->plusMinus.value_or(0.0))};
    }

    void event(Event e, const Height& height) {
        const bool intake = sideOf(e) == Side::Intake;
        const bool opens = e == Event::IntakeOpens || e == Event::ExhaustOpens;
        const Side side = intake ? Side::Intake : Side::Exhaust;
        const Value at = flank(side, height, opens);
        add(opens ? FigureKind::Opens : FigureKind::Closes, side, height,
            of(out_.events[e], at ? at->plusMinus : std::nullopt));
    }

    std::optional<double> centreHalf(Side side) const {
        if (cam_.model[side]) return kPrinted_deg;
        const LobeFigures* lobe = cam_.lobe(side);
        return lobe ? halfWidthOf(lobe->centre(job_.reckoning.school)) : std::nullopt;
    }

    std::optional<double> pairHalf() const {
        return 0.5 * std::hypot(centreHalf(Side::Intake).value_or(0.0),
                                centreHalf(Side::Exhaust).value_or(0.0));
    }

    std::vector<Height> overlapHeights(const Height& events) const {
        std::vector<Height> out{{job_.reckoning.seat_mm, Place::Valve}};
        if (!(events == out[0])) out.push_back(events);
        return out;
    }

    Value overlap(const Height& height) const {
        const Value opens = flank(Side::Intake, height, true),
                    closes = flank(Side::Exhaust, height, false);
        if (!opens || !closes) return std::nullopt;
        // IVO before and EVC after TDC, each with its cam moved.
        return Measured<double>{
            -(opens->value - moved_.intake) + closes->value - moved_.exhaust,
            std::hypot(opens->plusMinus.value_or(0.0), closes->plusMinus.value_or(0.0))};
    }

    double liftAt(Side side, double deg) const { return cam_.lift[side].at(deg, moved_[side]); }

    double halfAt(Side side, double deg) const {
        const auto& half = cam_.lift[side].plusMinus_mm;
        return half ? half(deg + moved_[side]) : 0.0;
    }

    Value overlapArea() const {
        if (!cam_.lift.intake || !cam_.lift.exhaust) return std::nullopt;
        double area = 0.0, doubt = 0.0;
        for (double deg = -120.0; deg <= 120.0; deg += 1.0) {
            const double in = liftAt(Side::Intake, deg), ex = liftAt(Side::Exhaust, deg);
            const double less = std::min(in, ex);
            if (less <= 0.0) continue;
            area += less;
            doubt += halfAt(in < ex ? Side::Intake : Side::Exhaust, deg);
        }
        return Measured<double>{area, doubt};
    }

    Value maxLift(Side side) const {
        const LobeFigures* lobe = cam_.lobe(side);
        if (!lobe || !lobe->maxLiftAt || !lobe->maxLift_mm) return std::nullopt;
        const Taken& t = lobe->taken;
        const double ratio = t.at == Place::Valve ? 1.0 : t.ratio;
        return Measured<double>{lobe->liftAt(*lobe->maxLiftAt, Place::Valve),
                                ratio * lobe->maxLift_mm->plusMinus.value_or(0.0)};
    }

    Value liftAtTdc(Side side) const {
        if (!cam_.lift[side]) return std::nullopt;
        return Measured<double>{liftAt(side, 0.0), halfAt(side, 0.0)};
    }

    Value area(Side side) const {
        const LobeFigures* lobe = cam_.lobe(side);
        if (!lobe || !lobe->curve || !lobe->noseReached) return std::nullopt;
        double sum = 0.0, doubt = 0.0;
        const auto& half = cam_.model[side];
        for (double deg = lobe->curve->first(); deg <= lobe->curve->last(); deg += 1.0) {
            sum += lobe->liftAt({deg}, Place::Valve);
            if (half) doubt += lobe->taken.ratio * half->halfWidth.at(deg);
        }
        return Measured<double>{sum, half ? std::optional(doubt) : std::nullopt};
    }

    std::optional<double> closingHalf() const {
        if (!cam_.state) return std::nullopt;
        const auto& closing = cam_.state->findings.closings.by(job_.reckoning.closing).deg;
        if (!closing) return std::nullopt;
        const auto model = modelHalf(Side::Intake, 180.0 + closing->value);
        return model ? model : closing->plusMinus;
    }

    /// Uncertain by what the closing is.
    Value dynamic() const {
        if (!out_.dynamic || !out_.closing_deg) return std::nullopt;
        const double half = closingHalf().value_or(0.0);
        const auto at = [&](double deg) -> std::optional<double> {
            CompressionState state = stateOf(cam_.state->job, 1, deg, 0.0);
            const auto made =
                compression(state, job_.reckoning.altitude_m, job_.reckoning.exponent);
            const auto* c = std::get_if<Compression>(&made);
            return c ? std::optional(c->dynamicRatio) : std::nullopt;
        };
        const auto early = at(*out_.closing_deg - half), late = at(*out_.closing_deg + half);
        return Measured<double>{*out_.dynamic, early && late ? std::optional((*early - *late) / 2.0)
                                                             : std::nullopt};
    }

    void motion(Side side) {
        const LobeFigures* lobe = cam_.lobe(side);
        const bool moving = lobe && lobe->motion;
        // A model's fastest flank hangs on its shape, by as much as that of plausible lobes does.
        const auto& model = cam_.model[side];
        const auto say = [&](FigureKind kind, const std::optional<double>& value) {
            std::optional<double> half;
            if (model && value)
                half = *value * model->steepest.plusMinus.value_or(0.0) / model->steepest.value;
            add(kind, side, {}, of(value, half));
        };
        say(FigureKind::FollowerFace,
            moving ? std::optional(lobe->motion->flatTappet_mm) : std::nullopt);
        say(FigureKind::Fastest, moving ? std::optional(lobe->motion->fastest) : std::nullopt);
        const Value seat = duration(side, {job_.reckoning.seat_mm, Place::Valve}),
                    usual = duration(side, {kUsualHeight_mm, Place::Tappet});
        add(FigureKind::RampSpread, side, {},
            of(lobe ? lobe->rampSpread_deg : std::nullopt,
               seat && usual ? std::optional(std::hypot(seat->plusMinus.value_or(0.0),
                                                        usual->plusMinus.value_or(0.0)))
                             : std::nullopt));
    }

    /// With the springs of the engine; what was measured of them is the job's, not the candidate's.
    void springs(Side side) {
        const SpringClaim& claim = f_.springs;
        const Value lift = maxLift(side);
        const auto room = [&](SpringRoom which) {
            return lift ? roomAt(job_, claim, which, side, lift->value) : std::nullopt;
        };
        const auto half = lift ? lift->plusMinus : std::nullopt;
        add(FigureKind::CoilBind, side, {}, of(room(SpringRoom::CoilBind), half));
        const auto seal = room(SpringRoom::Seal), guide = room(SpringRoom::Guide);
        add(FigureKind::RetainerRoom, side, {},
            of(seal && guide ? std::optional(std::min(*seal, *guide))
               : seal        ? seal
                             : guide,
               half));
        add(FigureKind::SeatLoad, side, {}, of(leastSeat_n(claim, side), std::nullopt));
        const LobeFigures* lobe = cam_.lobe(side);
        // A model has no acceleration anybody could go by.
        const bool measured = lobe && !cam_.model[side];
        add(FigureKind::ControlSpeed, side, {},
            of(measured ? controlWith_rpm(job_, claim, *lobe, side) : std::nullopt, std::nullopt));
    }

    const Job& job_;
    const Findings& f_;
    const Cam& cam_;
    PerSide<double> moved_;
    Outcome out_;
    std::vector<CamFigure> rows_;
};

} // namespace

PerSide<double> totalMove(const Job& job, const Cam& cam, PerSide<double> slide) {
    const bool two = job.engine.layout == Layout::TwinOverheadCam;
    const PerSide<double>& own = cam.spec.advance_deg;
    if (!two)
        return {own.intake + slide.intake + cam.since_deg.intake,
                own.intake + slide.intake + cam.since_deg.exhaust};
    return {own.intake + slide.intake + cam.since_deg.intake,
            own.exhaust + slide.exhaust + cam.since_deg.exhaust};
}

std::optional<Measured<double>> camClearance(const Findings& f, const Cam& cam, Side side,
                                             double moved_deg) {
    const MapFindings* map = mapOf(f, side);
    if (!map || !map->gap || map->state == MapState::Void || !cam.lift[side]) return std::nullopt;
    return leastOver(*map->gap, cam.lift[side], moved_deg, map->travel).least.mm;
}

std::vector<CamFigure> camFigures(const Job& job, const Findings& findings, const Cam& cam,
                                  PerSide<double> moved_deg) {
    return FiguresOfCam(job, findings, cam, moved_deg).all();
}

} // namespace lobe
