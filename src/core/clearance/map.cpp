#include "core/clearance/map.h"

#include "core/job/job.h"
#include "core/lobe/uncertainty.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace lobe {
namespace {

/// A press this far off the gap of all others is a slip, whatever they scatter.
constexpr double kLeastOff_mm = 0.1;
/// Of what lies along the bore, along a valve that leans as far as they do and meets a pocket.
constexpr double kLeastShareOfMap = 0.88;

bool isOff(const MockUp& m, CorrectionKind kind) {
    return std::find(m.off.begin(), m.off.end(), static_cast<int>(kind)) != m.off.end();
}

/// An angle as a key: a hundredth is finer than any wheel, and what was typed is found again.
std::int64_t keyOf(double deg) {
    return std::llround(deg * 100.0);
}

/// The presses of each angle that are not struck.
std::map<std::int64_t, std::vector<double>> byAngle(const ClearanceMap& map) {
    std::map<std::int64_t, std::vector<double>> out;
    for (const Reading& p : map.readings)
        if (!p.struck) out[keyOf(p.at.deg)].push_back(p.value_mm);
    return out;
}

/// What counts of the presses at one angle, and how they stand to one another.
struct Agreement {
    double mm = 0.0;       ///< what counts
    int presses = 0;       ///< so many make it
    bool agree = false;    ///< so many as are asked for agree, and they are most of them
    double apart_mm = 0.0; ///< where some do not, from the least to the greatest
};

/// Those that agree are one; where some do not, the smaller counts until it is settled: what a
/// valve that tilts or a foot that slides adds is room that is not there.
Agreement agreementOf(std::vector<double> presses, const MockUp& m) {
    std::sort(presses.begin(), presses.end());
    Agreement out;
    double sum = 0.0;
    for (double p : presses)
        if (p - presses.front() <= m.tolerance_mm + 1e-9) {
            sum += p;
            ++out.presses;
        }
    out.mm = sum / std::max(1, out.presses);
    const double apart = presses.back() - presses.front();
    if (apart > m.tolerance_mm + 1e-9) out.apart_mm = apart;
    out.agree =
        out.presses >= std::max(1, m.presses) && 2 * out.presses > static_cast<int>(presses.size());
    return out;
}

class MapExaminer {
public:
    MapExaminer(const Job& job, const ClearanceMap& map, const MapLift& lift, double then_deg,
                double now_deg, double tdc_deg, const std::vector<GapPoint>& before,
                MapFindings& out)
        : job_(job),
          map_(map),
          m_(map.terms),
          angle_deg_(valveAngleOf(job, map)),
          moved_deg_(now_deg - then_deg),
          before_(before),
          out_(out) {
        tdc_deg_ = tdc_deg;
        share_ = assumed_ = assumedShare(job, map);
        out.travel = travelOf(job, map.side);
        if (lift.lobe && lift.lobe->noseReached) {
            out.lobe = lift.lobe;
            lift_ = valveLift(lift.lobe, tdc_deg, then_deg);
            out.lift = valveLift(lift.lobe, tdc_deg, now_deg);
        } else if (lift.then) {
            out.modelled = true;
            lift_ = lift.then;
            out.lift = lift.now;
        }
    }

    void run() {
        conditions();
        points();
        if (m_.method == ClearanceMethod::Clay) {
            carried();
            return clay();
        }
        if (lift_ && out_.state != MapState::Void) gap();
        out_.measured = measuredLeast(out_.points, job_.fitted.resolution_mm);
        if (m_.method != ClearanceMethod::Map) lowest();
        carried();
        next();
    }

private:
    void say(found::Any what, Severity severity) {
        out_.findings.push_back({std::move(what), severity, map_.side, map_.cylinder});
    }

    void conditions() {
        const Chamber& now = job_.engine.chamberOf(map_.cylinder);
        out_.corrections = correctionsOf(job_, map_, share_);
        unsaid();
        // What was not known then, and is stated since, has not changed: it raises nothing. A deck
        // of nothing may be known or not: what it would promise is not believed, what it takes is.
        const bool gasket = m_.gasketIn && m_.gasketThen_mm > 0.0 && now.gasket_mm > 0.0;
        const bool deck =
            m_.gasketThen_mm > 0.0 && (m_.deckThen_mm != 0.0 || now.deck_mm < m_.deckThen_mm);
        higher_mm_ = (gasket ? now.gasket_mm - m_.gasketThen_mm : 0.0) +
                     (deck ? now.deck_mm - m_.deckThen_mm : 0.0) + m_.notchCut_mm;
        if (std::abs(higher_mm_) < 0.005) higher_mm_ = 0.0;
        if (m_.isVoid)
            out_.state = MapState::Void;
        else if (higher_mm_ != 0.0 || moved_deg_ != 0.0)
            out_.state = MapState::Carried;
        out_.raised_mm = share_ * higher_mm_;
        if (m_.follower == Follower::Hydraulic && m_.slack_mm == 0.0)
            say(found::FollowerLive{}, Severity::LookAgain);
        if (m_.fasteners > 0 && m_.fasteners < 4 && !m_.torqued)
            say(found::HeadLoose{m_.fasteners}, Severity::Ask);
    }

    /// What would add room and was not said, or cannot be as it was said, adds none.
    void unsaid() {
        using Unsaid = found::ClearanceUnsaid;
        if (m_.lash == LashSet::NotSaid && job_.engine.lash_mm[map_.side] > 0.0)
            say(Unsaid{Unsaid::Lash}, Severity::Ask);
        if (!m_.gasketIn && !(m_.gasket_mm > 0.0) &&
            !(job_.engine.chamberOf(map_.cylinder).gasket_mm > 0.0))
            say(Unsaid{Unsaid::Gasket}, Severity::Ask);
        if (m_.spring != Spring::Checking || !m_.checkingLift_mm || !m_.runningLift_mm || !lift_)
            return;
        // Where valve and piston are near, a valve is a few millimetres open: what is greater than
        // anywhere there is the greatest lift.
        constexpr double kSlop_mm = 0.5;
        const double way = map_.side == Side::Intake ? 1.0 : -1.0;
        if (*m_.checkingLift_mm <= lift_.mm(way * kMapReach_deg) + kSlop_mm) return;
        std::erase_if(out_.corrections,
                      [](const Correction& c) { return c.kind == CorrectionKind::Spring; });
        say(Unsaid{Unsaid::SpringAtTight}, Severity::LookAgain);
    }

    void carried() {
        if (out_.state == MapState::Void)
            say(found::MapVoid{}, Severity::LookAgain);
        else if (out_.state == MapState::Carried)
            say(found::MapCarried{out_.raised_mm}, Severity::Note);
    }

    void points() {
        double add = 0.0, times = 1.0;
        const bool clay = m_.method == ClearanceMethod::Clay;
        for (const Correction& c : out_.corrections) {
            // Clay is squeezed by the valve itself, along its stem.
            if (!c.on || (clay && c.kind == CorrectionKind::Askew)) continue;
            add += c.mm;
            times *= c.share;
        }
        for (const auto& [key, presses] : byAngle(map_)) {
            const double deg = static_cast<double>(key) / 100.0;
            const Agreement a = agreementOf(presses, m_);
            GapPoint point{deg, times * a.mm + add, a.presses, true, 0.0};
            if (!a.agree) point.apart_mm = times * a.apart_mm;
            out_.points.push_back(point);
            if (a.agree) ++out_.taken;
            if (a.apart_mm > 0.0)
                say(found::PressesApart{{deg}, a.apart_mm, a.mm}, Severity::LookAgain);
        }
    }

    GapRequest request() const {
        GapRequest r;
        r.path =
            PistonPath::of(job_.engine.stroke_mm, job_.engine.rod_mm, job_.engine.pinOffset_mm);
        r.valveAngle_deg = angle_deg_;
        r.resolution_mm = job_.fitted.resolution_mm;
        r.tdc_deg = tdc_deg_;
        return r;
    }

    void gap() {
        stops();
        const auto own = static_cast<std::ptrdiff_t>(out_.points.size());
        out_.points.insert(out_.points.end(), before_.begin(), before_.end());
        auto fitted = Gap::fit(out_.points, lift_, request());
        if (fitted) odd(fitted);
        out_.points.erase(out_.points.begin() + own, out_.points.end());
        if (!fitted) return;
        settle(*fitted);
        // Presses that no gap of this kind explains tell of no other cam and no other phase.
        constexpr double kRefused = 12.0, kSeen_mm = 0.06;
        if (fitted->misfit() > kRefused && fitted->residual_mm() > kSeen_mm) {
            say(found::GapShape{fitted->residual_mm()}, Severity::LookAgain);
            return;
        }
        // As the engine stands now: another gasket or deck, and the cam moved since.
        out_.gap = std::make_shared<const Gap>(fitted->raised(out_.raised_mm));
        out_.predicted = leastClearance(*out_.gap, out_.lift, 0.0);
    }

    /// What lies along the bore is taken by the share that was fitted. A gasket moves all points
    /// alike, and so not the share. Without the piston's way it is no share.
    void settle(Gap& fitted) {
        if (!request().path) return;
        share_ = fitted.share();
        double more = 0.0;
        for (Correction& c : out_.corrections) {
            if (c.kind != CorrectionKind::Gasket) continue;
            const double settled = c.mm / assumed_ * share_;
            if (c.on) more = settled - c.mm;
            c.mm = settled;
        }
        for (GapPoint& p : out_.points)
            p.clearance_mm += more;
        fitted = fitted.raised(more);
        out_.raised_mm = share_ * higher_mm_;
    }

    /// The gap goes on growing with the piston's way; a valve that stops short stays where it is.
    void stops() {
        auto& p = out_.points;
        if (p.size() < 5) return;
        const auto lifted = [&](const GapPoint& x) { return x.clearance_mm + lift_.mm(x.deg); };
        const bool outward = std::abs(p.back().deg) >= std::abs(p.front().deg);
        // From the far end inwards: angles whose valve stands at one lift.
        std::vector<GapPoint*> same;
        for (std::size_t k = 0; k < p.size(); ++k) {
            GapPoint& x = outward ? p[p.size() - 1 - k] : p[k];
            if (!same.empty() && std::abs(lifted(x) - lifted(*same.front())) > 0.06) break;
            same.push_back(&x);
        }
        const auto path = request().path;
        if (same.size() < 3 || !path) return;
        const double rise =
            std::abs(path->drop_mm(same.front()->deg)) - std::abs(path->drop_mm(same.back()->deg));
        if (rise < 0.3) return;
        for (GapPoint* x : same)
            x->counts = false;
        say(found::PressStops{{same.back()->deg}, lifted(*same.front())}, Severity::LookAgain);
    }

    /// The angle without which the others agree best, where it stands clearly off them.
    void odd(std::optional<Gap>& fitted) {
        auto& p = out_.points;
        const auto count = static_cast<std::size_t>(
            std::count_if(p.begin(), p.end(), [](const GapPoint& x) { return x.counts; }));
        if (count < 5) return;
        std::size_t worst = p.size();
        double most = 0.0, rest = 0.0;
        for (std::size_t i = 0; i < p.size(); ++i) {
            if (!p[i].counts) continue;
            auto others = p;
            others[i].counts = false;
            const auto without = Gap::fit(others, lift_, request());
            if (!without || std::abs(others[i].residual_mm) <= most) continue;
            most = std::abs(others[i].residual_mm);
            rest = without->residual_mm();
            worst = i;
        }
        if (worst == p.size() || most < std::max(kLeastOff_mm, 5.0 * rest)) return;
        p[worst].counts = false;
        fitted = Gap::fit(p, lift_, request());
        say(found::PressOdd{{p[worst].deg}, p[worst].residual_mm}, Severity::LookAgain);
    }

    /// One angle, or the tightest by feel: the least that was read is the least.
    void lowest() {
        const auto low = std::min_element(
            out_.points.begin(), out_.points.end(),
            [](const GapPoint& a, const GapPoint& b) { return a.clearance_mm < b.clearance_mm; });
        if (low == out_.points.end()) return;
        // One angle is an angle; felt for, it is the least within what a hand feels.
        constexpr double kTouch_mm = 0.03, kFelt_mm = 0.08;
        const bool felt = m_.method == ClearanceMethod::Tightest;
        out_.measured = MeasuredLeast{
            {low->deg,
             {low->clearance_mm, std::hypot(felt ? kFelt_mm : kTouch_mm, low->apart_mm / 2.0)}},
            !felt};
    }

    void clay() {
        out_.complete = out_.taken > 0 || !out_.points.empty();
        out_.planned = 1;
        if (!out_.points.empty())
            out_.measured = MeasuredLeast{
                {out_.points.front().deg, {out_.points.front().clearance_mm, 0.1}}, false};
    }

    /// The angles the school asks for, outward from where the valve is nearest last.
    std::vector<double> asked() const {
        const double way = map_.side == Side::Intake ? 1.0 : -1.0;
        if (m_.method == ClearanceMethod::SingleAngle) return {way * kSingleAngle_deg};
        if (m_.method == ClearanceMethod::Tightest) return {};
        std::vector<double> out;
        const double step = std::max(0.5, m_.step_deg);
        const int n = static_cast<int>(std::lround(kMapReach_deg / step));
        // TDC is one of them, whatever the step.
        for (int i = 0; i <= n; ++i)
            out.push_back(way > 0.0 ? i * step : (i - n) * step);
        return out;
    }

    void next() {
        const auto taken = byAngle(map_);
        const auto all = asked();
        out_.planned = static_cast<int>(all.size());
        const auto done = [&](double deg) {
            const auto it = taken.find(keyOf(deg));
            return it != taken.end() && agreementOf(it->second, m_).agree;
        };
        for (double deg : all)
            if (!done(deg)) {
                out_.next = {deg};
                return edge(false);
            }
        out_.complete = !out_.points.empty();
        out_.next = {map_.readings.empty() ? 0.0 : map_.readings.back().at.deg};
        edge(true);
    }

    /// A least at the first or last angle is none: on beyond it.
    void edge(bool through) {
        if (!through || m_.method != ClearanceMethod::Map || !out_.measured ||
            !out_.measured->atEdge)
            return;
        const double at = out_.measured->least.at_deg;
        double first = 1e9;
        for (const GapPoint& p : out_.points)
            if (p.counts) first = std::min(first, p.deg);
        const double step = (at <= first + 1e-9 ? -1.0 : 1.0) * std::max(0.5, m_.step_deg);
        // On to the first angle that says nothing yet: not pressed, or pressed and odd.
        double to = at + step;
        const auto counts = [&](double deg) {
            return std::any_of(out_.points.begin(), out_.points.end(), [&](const GapPoint& p) {
                return p.counts && keyOf(p.deg) == keyOf(deg);
            });
        };
        while (std::abs(to) <= 40.0 && counts(to))
            to += step;
        if (std::abs(to) > 40.0) return;
        out_.complete = false;
        out_.next = {to};
        say(found::LeastAtEdge{{at}, step}, Severity::Ask);
    }

    const Job& job_;
    const ClearanceMap& map_;
    const MockUp& m_;
    double tdc_deg_ = 0.0;
    ValveLift lift_;
    std::optional<double> angle_deg_; ///< of the valve to the bore, where it is said
    /// Of what lies along the bore, along the valve; before the gap is fitted the least it may be,
    /// so that a gasket is not counted for more than it is.
    double share_ = 1.0, assumed_ = 1.0;
    double higher_mm_ = 0.0; ///< along the bore, since it was taken
    double moved_deg_;
    const std::vector<GapPoint>& before_;
    MapFindings& out_;
};

} // namespace

std::optional<double> valveAngleOf(const Job& job, const ClearanceMap& map) {
    if (map.terms.valveAngle_deg) return map.terms.valveAngle_deg;
    return job.engine.valves.angle_deg[map.side];
}

double assumedShare(const Job& job, const ClearanceMap& map) {
    const auto angle = valveAngleOf(job, map);
    return angle ? std::cos(radians(*angle)) : kLeastShareOfMap;
}

std::vector<Correction> correctionsOf(const Job& job, const ClearanceMap& map, double share) {
    const MockUp& m = map.terms;
    std::vector<Correction> out;
    const auto add = [&](CorrectionKind kind, double mm, double times = 1.0) {
        if (mm != 0.0 || times != 1.0) out.push_back({kind, mm, times, !isOff(m, kind)});
    };
    const double gasket =
        m.gasket_mm > 0.0 ? m.gasket_mm : job.engine.chamberOf(map.cylinder).gasket_mm;
    if (!m.gasketIn) add(CorrectionKind::Gasket, gasket * share);
    // Lift that the running spring takes from the valve gear leaves more room as the engine runs.
    if (m.spring == Spring::Checking && m.checkingLift_mm && m.runningLift_mm)
        add(CorrectionKind::Spring, *m.checkingLift_mm - *m.runningLift_mm);
    if (m.lash == LashSet::Zero) add(CorrectionKind::Lash, job.engine.lash_mm[map.side]);
    if (m.slack_mm != 0.0) add(CorrectionKind::Slack, -m.slack_mm);
    if (m.spacer_mm != 0.0) add(CorrectionKind::Spacer, m.spacer_mm);
    if (m.pressedAt == PressedAt::Retainer && m.askew_deg != 0.0)
        add(CorrectionKind::Askew, 0.0, std::cos(radians(m.askew_deg)));
    return out;
}

Travel travelOf(const Job& job, Side side) {
    const Drive& d = job.engine.drive;
    const bool two = job.engine.layout == Layout::TwinOverheadCam;
    const double phaser = two && side == Side::Exhaust ? d.phaserExhaust_deg : d.phaser_deg;
    // A limiter is a stop: with oil pressure or without none goes beyond it.
    const double to =
        d.phaserLimiter_deg != 0.0
            ? std::copysign(std::min(std::abs(d.phaserLimiter_deg), std::abs(phaser)), phaser)
            : phaser;
    return {std::min(0.0, to) - std::abs(d.slack_deg), std::max(0.0, to)};
}

ValveLift valveLift(LobePtr figures, double tdc_deg, double advance_deg) {
    const auto certain = std::make_shared<const Uncertainty>(*figures);
    const double ratio = figures->taken.at == Place::Valve ? 1.0 : figures->taken.ratio;
    ValveLift out;
    out.lobe = figures.get();
    out.advanced_deg = advance_deg;
    out.mm = [figures, advance_deg](double deg) {
        return figures->liftAt({deg + advance_deg}, Place::Valve);
    };
    out.plusMinus_mm = [figures, certain, ratio, tdc_deg, advance_deg](double at) {
        const double deg = at + advance_deg;
        if (!figures->curve || deg < figures->curve->first() || deg > figures->curve->last())
            return 0.0;
        const double slope =
            figures->liftAt({deg + 0.5}, Place::Valve) - figures->liftAt({deg - 0.5}, Place::Valve);
        return std::hypot(ratio * certain->lift_mm(deg), slope * tdc_deg);
    };
    return out;
}

ValveLift modelledLift(std::shared_ptr<const ModelledLobe> lobe, const Taken& engine,
                       double advance_deg) {
    ValveLift out;
    out.advanced_deg = advance_deg;
    out.mm = [lobe, engine, advance_deg](double deg) {
        return engine.liftAt(Place::Valve, lobe->curve.at(deg + advance_deg));
    };
    // By how far plausible lobes differ, which is no scatter: it holds as it is, and is not widened
    // as a half-width of 95 % is where room is promised (counted over lobes held out).
    constexpr double kAsItIs = kCoverageFactor / kOneInThousand;
    out.plusMinus_mm = [lobe, engine, advance_deg](double at) {
        const double deg = at + advance_deg;
        const bool over = deg > lobe->curve.first() && deg < lobe->curve.last();
        return over ? kAsItIs * engine.ratio * lobe->halfWidth.at(deg) : 0.0;
    };
    return out;
}

MapFindings examineMap(const Job& job, const ClearanceMap& map, const MapLift& lift,
                       double then_deg, double now_deg, double tdc_deg,
                       const std::vector<GapPoint>& before) {
    MapFindings out;
    out.map = map.id;
    out.cylinder = map.cylinder;
    out.side = map.side;
    MapExaminer(job, map, lift, then_deg, now_deg, tdc_deg, before, out).run();
    return out;
}

} // namespace lobe
