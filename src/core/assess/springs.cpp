#include "core/assess/springs.h"

#include "core/assess/followers.h"
#include "core/job/job.h"
#include "core/spring/matching.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

constexpr double kBindAtSpring_mm = 1.5, kBindAtCoil_mm = 0.3;
/// A stack may be too thick by what nobody measures.
constexpr double kNothing_mm = 0.005;
/// A height off the middle of its side by more than this stands out.
constexpr double kOddHeight_mm = 0.5;
/// What a locator leaves inside a spring, and a pocket round it, before it wanders.
constexpr double kLoose_mm = 1.0;

double middle(std::vector<double> all) {
    std::sort(all.begin(), all.end());
    const std::size_t n = all.size();
    return n % 2 ? all[n / 2] : (all[n / 2 - 1] + all[n / 2]) / 2.0;
}

/// Makes the claim, part after part.
class Claiming {
public:
    Claiming(const Job& job, const Findings& f, PerSide<std::optional<double>> ratio,
             const SpringClaim* was)
        : job_(job), s_(job.springs), f_(f), ratio_(ratio), was_(was) {}

    SpringClaim made() {
        refuse();
        heights();
        shims();
        lifts();
        loads();
        margins();
        claimFollowers(job_, f_, out_);
        faces();
        control();
        claimReground(job_, out_);
        for (Side side : {Side::Intake, Side::Exhaust}) {
            const ValveLiftKnown lift = valveLiftOf(job_, f_, 0, side, ratio_[side]);
            out_.pushRod[side] = callPushRod(s_.pushRods, side, lift.mm,
                                             ratio_[side].value_or(job_.engine.ratio[side]));
        }
        out_.wanted_rpm = s_.wanted_rpm > 0.0 ? s_.wanted_rpm : job_.choosing.purpose.to_rpm;
        out_.begun = !(s_ == Springs{});
        return std::move(out_);
    }

private:
    void fault(SpringFault what, ValveId valve, double value = 0.0, double bound = 0.0,
               int spring = 0) {
        out_.faults.push_back({what, valve, spring, value, bound});
    }
    void fault(LoadFault what, ValveId valve, int spring) {
        switch (what) {
        case LoadFault::None:
            return;
        case LoadFault::RateNegative:
            return fault(SpringFault::RateNegative, valve, 0.0, 0.0, spring);
        case LoadFault::LoadFalls:
            return fault(SpringFault::LoadFalls, valve, 0.0, 0.0, spring);
        case LoadFault::SameHeight:
            return fault(SpringFault::SameHeight, valve, 0.0, 0.0, spring);
        case LoadFault::UnderBind:
            return fault(SpringFault::PointUnderBind, valve, 0.0, s_.spec[valve.side].bind_mm,
                         spring);
        }
    }

    /// What cannot be, first: it is left out of all that follows.
    void refuse() {
        for (Side side : {Side::Intake, Side::Exhaust}) {
            fault(faultOf(s_.spec[side]), {0, side, 0}, 0);
            load_[side] = SpringLoad::of(s_.spec[side]);
            const double bind = s_.spec[side].bind_mm, wanted = s_.wantedHeight_mm[side];
            // A load is wanted that no height of this spring gives before its coils touch.
            if (!(wanted > 0.0) && s_.wantedSeat_n[side] > 0.0 && load_[side]) {
                const double at = load_[side]->heightFor(s_.wantedSeat_n[side]).value_or(0.0);
                if (at < bind || at <= 0.0)
                    fault(SpringFault::NoSuchSpring, {0, side, 0}, at, bind);
            }
            if (bind > 0.0 && wanted > 0.0 && wanted < bind)
                fault(SpringFault::WantedUnderBind, {0, side, 0}, wanted, bind);
        }
        const double rate = s_.spec.intake.rate_n_mm;
        std::vector<int> numbers;
        for (const LoadTaken& t : s_.tests)
            if (t.replaced.empty() &&
                std::find(numbers.begin(), numbers.end(), t.spring) == numbers.end())
                numbers.push_back(t.spring);
        std::sort(numbers.begin(), numbers.end());
        for (const int number : numbers) {
            std::vector<LoadPoint> points;
            for (std::size_t i = 0; i < s_.testHeights_mm.size(); ++i)
                if (const LoadTaken* t = lobe::loadOf(s_, number, static_cast<int>(i)))
                    points.push_back({s_.testHeights_mm[i], t->load_n});
            if (points.empty()) continue;
            const LoadFault why = faultOf(points, s_.spec.intake.bind_mm);
            fault(why, {0, Side::Intake, 0}, number);
            if (why != LoadFault::None) continue;
            if (points.front().height_mm == s_.testHeights_mm.front())
                out_.set.push_back({number, points.front().load_n, 0.0, false});
            if (const auto load = SpringLoad::of(points, rate)) tested_.emplace_back(number, *load);
        }
        std::vector<double> first;
        for (const SpringOfSet& one : out_.set)
            first.push_back(one.load_n);
        if (first.size() < 3) return;
        const double among = middle(first);
        for (SpringOfSet& one : out_.set) {
            one.off = one.load_n / among - 1.0;
            one.odd = std::abs(one.off) >= s_.limits.oddLoad;
        }
    }

    void heights() {
        PerSide<std::vector<double>> all;
        for (const ValveId& v : valvesOf(job_.engine)) {
            SpringValve one;
            one.valve = v;
            one.wanted_mm = wantedHeight_mm(s_, v.side);
            const double bind = s_.spec[v.side].bind_mm;
            if (one.wanted_mm && bind > 0.0 && *one.wanted_mm < bind) one.wanted_mm.reset();
            if (const HeightTaken* taken = heightOf(s_, v)) {
                if (bind > 0.0 && taken->height_mm < bind) {
                    fault(SpringFault::HeightUnderBind, v, taken->height_mm, bind);
                } else {
                    one.measured_mm = taken->height_mm;
                    one.bare_mm = taken->height_mm + s_.under_mm;
                    all[v.side].push_back(taken->height_mm);
                    ++out_.heights;
                }
            }
            out_.valves.push_back(one);
        }
        for (SpringValve& v : out_.valves)
            if (v.measured_mm && all[v.valve.side].size() >= 3)
                v.oddHeight = std::abs(*v.measured_mm - middle(all[v.valve.side])) > kOddHeight_mm;
    }

    void shims() {
        std::vector<double> needs;
        std::vector<SpringValve*> under;
        for (SpringValve& v : out_.valves) {
            v.height_mm = v.measured_mm ? v.measured_mm : v.wanted_mm;
            v.planned = !v.measured_mm && v.wanted_mm;
            if (!v.bare_mm || !v.wanted_mm) continue;
            const double need = *v.bare_mm - *v.wanted_mm;
            v.height_mm = v.bare_mm;
            if (need < -s_.within_mm) {
                v.reached = false;
                fault(SpringFault::NoShimNegative, v.valve, *v.bare_mm, *v.wanted_mm);
                continue;
            }
            needs.push_back(std::max(0.0, need));
            under.push_back(&v);
        }
        if (needs.empty()) return;
        const ShimProblem problem = checkShims(s_.stock, needs);
        if (problem.fault != ShimFault::None) {
            fault(problem.fault == ShimFault::TooManyValves ? SpringFault::TooManyValves
                                                            : SpringFault::StockTooMuch,
                  {});
            return;
        }
        const ShimPlan plan = planned(needs, under);
        out_.proved = plan.proved;
        out_.pieces = plan.pieces;
        out_.off_mm = plan.off_mm;
        for (std::size_t i = 0; i < under.size(); ++i) {
            SpringValve& v = *under[i];
            v.stack = plan.stacks[i];
            v.height_mm = *v.bare_mm - v.stack->total_mm;
            v.reached = std::abs(v.stack->error_mm) <= s_.within_mm + kNothing_mm;
            if (v.reached) continue;
            v.nearest = nearestTotals(s_.stock, needs[i]);
            // To a twentieth: nobody sells finer.
            const double lacking = std::round((needs[i] - v.stack->total_mm) * 20.0) / 20.0;
            if (lacking <= 0.0) continue;
            const auto same = std::find_if(out_.order.begin(), out_.order.end(), [&](auto& o) {
                return std::abs(o.size_mm - lacking) < kNothing_mm;
            });
            if (same == out_.order.end())
                out_.order.push_back({lacking, 1});
            else
                ++same->count;
        }
    }

    /// Worked out, or as it was.
    ShimPlan planned(const std::vector<double>& needs,
                     const std::vector<SpringValve*>& under) const {
        if (!was_) return planShims(s_.stock, needs);
        ShimPlan plan;
        plan.proved = was_->proved;
        plan.pieces = was_->pieces;
        plan.off_mm = was_->off_mm;
        for (const SpringValve* v : under)
            for (const SpringValve& then : was_->valves)
                if (then.valve == v->valve && then.stack) plan.stacks.push_back(*then.stack);
        return plan.stacks.size() == needs.size() ? plan : planShims(s_.stock, needs);
    }

    void lifts() {
        for (SpringValve& v : out_.valves) {
            const ValveLiftKnown lift =
                valveLiftOf(job_, f_, v.valve.cylinder, v.valve.side, ratio_[v.valve.side]);
            v.from = lift.from;
            if (lift.from != LiftFrom::Nowhere) v.lift_mm = lift.mm;
            const double bind = s_.spec[v.valve.side].bind_mm;
            if (v.lift_mm && v.height_mm && bind > 0.0)
                v.bindLeft_mm = *v.height_mm - *v.lift_mm - bind;
        }
    }

    const SpringLoad* loadOf(int spring) const {
        for (const auto& [number, load] : tested_)
            if (number == spring) return &load;
        return nullptr;
    }

    /// What the seat load of a valve is held against: loads that are wanted apart are no spread.
    double wantedLoad(Side side) const {
        return s_.wantedHeight_mm[side] > 0.0 ? 0.0 : s_.wantedSeat_n[side];
    }

    void match() {
        std::vector<SpringValve*> valves;
        for (SpringValve& v : out_.valves)
            if (v.height_mm) valves.push_back(&v);
        if (valves.empty() || tested_.size() < valves.size() || valves.size() > 64) return;
        std::vector<std::vector<double>> load;
        for (const SpringValve* v : valves) {
            std::vector<double> row;
            for (const auto& [number, each] : tested_)
                row.push_back(each.at(*v->height_mm) - wantedLoad(v->valve.side));
            load.push_back(std::move(row));
        }
        const Matching best = matchSprings(load);
        if (best.spring.size() != valves.size()) return;
        double least = load[0][0], most = load[0][0];
        for (std::size_t i = 0; i < valves.size(); ++i) {
            valves[i]->spring = tested_[best.spring[i]].first;
            least = std::min(least, load[i][i]);
            most = std::max(most, load[i][i]);
        }
        out_.spreadNumbered_n = most - least;
        out_.spreadMatched_n = best.spread();
    }

    void loads() {
        match();
        for (SpringValve& v : out_.valves) {
            const SpringLoad* own = v.spring > 0 ? loadOf(v.spring) : nullptr;
            if (!own && load_[v.valve.side]) own = &*load_[v.valve.side];
            if (!own || !v.height_mm) continue;
            v.seat_n = own->at(*v.height_mm);
            // Coils that touch have no load anybody could tell.
            if (v.lift_mm && !(v.bindLeft_mm && *v.bindLeft_mm < 0.0))
                v.open_n = own->at(*v.height_mm - *v.lift_mm);
        }
    }

    void margin(SpringRoom room, ValveId valve, double left, double limit,
                std::optional<double> most = {}) {
        out_.margins.push_back({room, valve, left, limit, most});
    }

    void margins() {
        const SpringLimits& l = s_.limits;
        for (Side side : {Side::Intake, Side::Exhaust}) {
            const SpringValve* tightest = nullptr;
            double lift = 0.0;
            bool known = false;
            for (const SpringValve& v : out_.valves) {
                if (v.valve.side != side) continue;
                if (v.lift_mm) {
                    lift = std::max(lift, *v.lift_mm);
                    known = true;
                }
                if (v.bindLeft_mm && (!tightest || *v.bindLeft_mm < *tightest->bindLeft_mm))
                    tightest = &v;
            }
            if (tightest)
                margin(SpringRoom::CoilBind, tightest->valve, *tightest->bindLeft_mm,
                       bindLimit_mm(s_, side));
            const ValveId whole{0, side, 0};
            for (const auto& [room, limit] : {std::pair{SpringRoom::Seal, l.seal_mm},
                                              {SpringRoom::Guide, l.seal_mm},
                                              {SpringRoom::RockerRetainer, l.rocker_mm},
                                              {SpringRoom::RockerStud, l.rocker_mm},
                                              {SpringRoom::FollowerTravel, l.travel_mm}})
                if (const auto left = known ? roomAt(job_, out_, room, side, lift) : std::nullopt)
                    margin(room, whole, *left, limit);
            if (s_.locator_mm[side] > 0.0 && s_.spec[side].inside_mm > 0.0)
                margin(SpringRoom::Locator, whole, s_.spec[side].inside_mm - s_.locator_mm[side],
                       0.0, kLoose_mm);
            if (s_.pocket_mm[side] > 0.0 && s_.spec[side].outside_mm > 0.0)
                margin(SpringRoom::Pocket, whole, s_.pocket_mm[side] - s_.spec[side].outside_mm,
                       0.0, kLoose_mm);
        }
    }

    void faces() {
        if (!hasFlatFace(job_.engine.follower)) return;
        for (const FollowerClaim& c : out_.followers)
            if (s_.face_mm[c.side] > 0.0 && c.needed_mm > 0.0)
                margin(SpringRoom::FollowerFace, {0, c.side, 0},
                       (s_.face_mm[c.side] - c.needed_mm) / 2.0, s_.limits.edge_mm);
    }

    /// The weakest valve of a side floats first.
    void control() {
        for (Side side : {Side::Intake, Side::Exhaust}) {
            const SpringValve* weakest = nullptr;
            for (const SpringValve& v : out_.valves)
                if (v.valve.side == side && v.seat_n && (!weakest || *v.seat_n < *weakest->seat_n))
                    weakest = &v;
            if (!weakest) continue;
            const SpringLoad* load = weakest->spring > 0 ? loadOf(weakest->spring) : nullptr;
            if (!load && load_[side]) load = &*load_[side];
            if (!load) continue;
            out_.weakest[side] = SpringClaim::Weakest{*load, *weakest->height_mm};
            const LobeFigures* lobe = springLobe(f_, side);
            if (!lobe) continue;
            if (const auto c = controlOf(job_, out_, *lobe, side, ratio_[side]))
                out_.control.push_back(*c);
        }
    }

    const Job& job_;
    const Springs& s_;
    const Findings& f_;
    PerSide<std::optional<double>> ratio_;
    const SpringClaim* was_; ///< of the same springs in the same engine; may be null
    PerSide<std::optional<SpringLoad>> load_;
    std::vector<std::pair<int, SpringLoad>> tested_; ///< by the number of the spring
    SpringClaim out_;
};

} // namespace

std::vector<ValveId> valvesOf(const Engine& engine) {
    std::vector<ValveId> out;
    for (int c = 1; c <= engine.cylinders; ++c)
        for (Side side : {Side::Intake, Side::Exhaust})
            for (int v = 1; v <= std::clamp(engine.valves.count[side], 1, 3); ++v)
                out.push_back({c, side, v});
    return out;
}

ValveLiftKnown valveLiftOf(const Job& job, const Findings& f, int cylinder, Side side,
                           std::optional<double> other) {
    const auto of = [&](const CylinderFindings& c, LiftFrom from) -> std::optional<ValveLiftKnown> {
        const RunFindings* run = f.of(c, side);
        if (!run || run->lobe.eventsOnly || !run->lobe.maxLift_mm || !run->lobe.noseReached)
            return std::nullopt;
        const Taken& t = run->lobe.taken;
        const double taken = *run->lobe.maxLift_mm;
        const double mm = other ? *other * t.liftAt(Place::Tappet, taken) - t.lash_mm
                                : t.liftAt(Place::Valve, taken);
        return ValveLiftKnown{std::max(0.0, mm), from};
    };
    if (const CylinderFindings* own = f.cylinder(cylinder))
        if (const auto lift = of(*own, LiftFrom::Own)) return *lift;
    for (const CylinderFindings& c : f.cylinders)
        if (const auto lift = of(c, LiftFrom::OtherCylinder)) return *lift;
    if (!job.card) return {};
    Engine engine = job.engine;
    if (other) engine.ratio[side] = *other;
    const auto lift = cardLiftHere_mm(*job.card, side, engine, Place::Valve);
    return lift ? ValveLiftKnown{*lift, LiftFrom::Card} : ValveLiftKnown{};
}

SpringClaim springClaim(const Job& job, const Findings& f, PerSide<std::optional<double>> ratio,
                        const Before* before) {
    const bool same = before && before->job.springs == job.springs &&
                      before->job.engine.cylinders == job.engine.cylinders &&
                      before->job.engine.valves == job.engine.valves;
    return Claiming(job, f, ratio, same ? &before->findings.springs : nullptr).made();
}

std::optional<double> controlWith_rpm(const Job& job, const SpringClaim& claim,
                                      const LobeFigures& lobe, Side side) {
    const auto c = controlOf(job, claim, lobe, side, std::nullopt);
    return c ? c->rpm() : std::nullopt;
}

double bindLimit_mm(const Springs& s, Side side) {
    switch (s.limits.school) {
    case BindSchool::Spring:
        return kBindAtSpring_mm;
    case BindSchool::Coils:
        // Without a count of coils, the usual spring's.
        return s.spec[side].coils > 0.0 ? kBindAtCoil_mm * s.spec[side].coils : kBindAtSpring_mm;
    case BindSchool::Own:
        break;
    }
    return s.limits.bind_mm;
}

std::optional<double> wantedHeight_mm(const Springs& s, Side side) {
    if (s.wantedHeight_mm[side] > 0.0) return s.wantedHeight_mm[side];
    if (!(s.wantedSeat_n[side] > 0.0)) return std::nullopt;
    const auto load = SpringLoad::of(s.spec[side]);
    return load ? load->heightFor(s.wantedSeat_n[side]) : std::nullopt;
}

std::optional<double> roomAt(const Job& job, const SpringClaim& claim, SpringRoom room, Side side,
                             double lift) {
    const Springs& s = job.springs;
    const auto less = [](const std::optional<double>& shut, double by) {
        return shut ? std::optional(*shut - by) : std::nullopt;
    };
    // What was found at full lift holds up to that lift.
    const auto found = [&](const std::optional<double>& left) {
        return left && lift <= s.foundAt_mm[side] + 0.05 ? left : std::nullopt;
    };
    switch (room) {
    case SpringRoom::CoilBind: {
        std::optional<double> least;
        const double bind = s.spec[side].bind_mm;
        for (const SpringValve& v : claim.valves)
            if (v.valve.side == side && v.height_mm && bind > 0.0)
                least = std::min(least.value_or(1e9), *v.height_mm - lift - bind);
        return least;
    }
    case SpringRoom::Seal:
        return less(s.seal_mm[side], lift);
    case SpringRoom::Guide:
        return less(s.guide_mm[side], lift);
    case SpringRoom::RockerRetainer:
        return found(s.rocker_mm[side]);
    case SpringRoom::RockerStud:
        return found(s.stud_mm[side]);
    case SpringRoom::FollowerTravel: {
        const double ratio = job.engine.ratio[side];
        return ratio > 0.0 ? less(s.travel_mm[side], (lift + job.engine.lash_mm[side]) / ratio)
                           : std::nullopt;
    }
    case SpringRoom::FollowerFace:
    case SpringRoom::Locator:
    case SpringRoom::Pocket:
        break;
    }
    return std::nullopt;
}

std::optional<double> leastSeat_n(const SpringClaim& claim, Side side) {
    std::optional<double> least;
    for (const SpringValve& v : claim.valves)
        if (v.valve.side == side && v.seat_n) least = std::min(least.value_or(1e9), *v.seat_n);
    return least;
}

const SpringMargin* SpringClaim::worst() const {
    const SpringMargin* out = nullptr;
    for (const SpringMargin& m : margins)
        if (!m.keeps() && (!out || m.lacking_mm() > out->lacking_mm())) out = &m;
    return out;
}

std::optional<double> SpringClaim::control_rpm(Side side) const {
    for (const ControlClaim& c : control)
        if (c.side == side) return c.rpm();
    return std::nullopt;
}

bool SpringClaim::floats() const {
    if (!(wanted_rpm > 0.0)) return false;
    return std::any_of(control.begin(), control.end(),
                       [&](const ControlClaim& c) { return *c.rpm() < wanted_rpm; });
}

} // namespace lobe
