#include "core/examine.h"

#include "core/at_once.h"
#include "core/card.h"
#include "core/figures.h"
#include "core/progress.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace lobe {
namespace {

/// A reading counts whatever it stands off by where the builder says so, or has read it again and
/// found the same.
std::vector<double> rightAngles(const LiftRun& run) {
    std::vector<double> out;
    constexpr double kSame_mm = 0.03;
    const auto add = [&](CrankDeg at) { out.push_back(at.deg + run.terms.shift_deg); };
    for (double deg : run.terms.right_deg)
        add({deg});
    std::vector<const Reading*> again;
    for (const Reading& o : run.readings)
        if (o.struck && o.of == ReadingOf::Lift && o.struck->reason == kReadAgain)
            again.push_back(&o);
    if (again.empty()) return out;
    for (const Reading& r : run.readings)
        if (!r.struck && r.of == ReadingOf::Lift &&
            std::any_of(again.begin(), again.end(), [&](const Reading* o) {
                return o->zero == r.zero && std::abs(o->at.deg - r.at.deg) < 1e-6 &&
                       std::abs(o->lift_mm - r.lift_mm) <= kSame_mm;
            }))
            add(r.at);
    return out;
}

LobeRequest requestFor(const Job& job, const LiftRun& run) {
    LobeRequest request;
    request.side = run.side;
    request.cylinder = run.cylinder;
    request.taken = {run.terms.taken, run.terms.ratioUsed(), run.terms.lash_mm};
    request.follower = run.terms.follower;
    request.heights = job.settings.heights;
    // The seat height and the card's own height are always wanted.
    const auto want = [&](const Height& h) {
        if (std::find(request.heights.begin(), request.heights.end(), h) == request.heights.end())
            request.heights.push_back(h);
    };
    want({job.settings.seat_mm, Place::Valve});
    // The height events are called at without a card, on both lobes, since they are shown in pairs.
    want({1.27, Place::Tappet});
    // For the dynamic compression.
    if (run.side == Side::Intake) want({job.settings.closingHeight_mm, Place::Valve});
    if (job.card) {
        request.eventsHeight = job.card->height;
        want(job.card->height);
        if (job.card->intakeAdvertised || job.card->exhaustAdvertised) want(job.card->advertised);
    }
    request.drop_mm = job.settings.drop_mm;
    request.zeroReturn_mm = job.settings.zeroReturn_mm;
    // What the lifts are written in says more than a default nobody chose.
    request.resolution_mm = run.terms.resolution_mm;
    request.smoothing = job.settings.smoothing;
    request.right = rightAngles(run);
    request.seat = {job.settings.seat_mm, Place::Valve};
    return request;
}

int liveReadings(const LiftRun& run) {
    return static_cast<int>(std::count_if(run.readings.begin(), run.readings.end(),
                                          [](const Reading& r) { return !r.struck; }));
}

/// What the run says beside its lobe.
void judgeRun(const LiftRun& run, RunFindings& out) {
    const auto say = [&](Code code, Severity severity) -> Finding& {
        out.lobe.findings.push_back({code, severity, run.side, run.cylinder});
        return out.lobe.findings.back();
    };
    // Where the run begins, a lobe of its kind is on its base circle.
    for (const CarriedReading& c : out.readings) {
        if (!c.counts) continue;
        const double centre = run.side == Side::Intake ? 105.0 : -110.0;
        constexpr double kOff_deg = 150.0, kMost_mm = 3.0;
        const double away = std::abs(wrapCycle(c.at - CrankDeg{centre}).deg);
        if (away > kOff_deg && std::abs(c.lift_mm) > kMost_mm && liveReadings(run) < 4) {
            Finding& f = say(Code::FirstLiftUnlikely, Severity::LookAgain);
            f.at = c.at;
            f.mm = c.lift_mm;
        }
        break;
    }
    int backed = 0, live = 0;
    double highest = 0.0;
    CrankDeg last;
    for (const Reading& r : run.readings) {
        if (r.struck) continue;
        ++live;
        backed += r.approach == Approach::BackingUp;
        last = r.at;
    }
    for (const CarriedReading& c : out.readings)
        if (c.counts) highest = std::max(highest, std::abs(c.lift_mm));
    if (backed > 0) say(Code::BackedUp, Severity::Note).count = backed;
    if (const auto ratio = run.terms.ratioOfLifts();
        ratio && std::abs(*ratio / run.terms.ratio - 1.0) > 0.005) {
        Finding& f = say(Code::RatioMeasured, Severity::Note);
        f.mm = *ratio;
        f.other_mm = run.terms.ratio;
    }
    // By these angles any cam has its valve well open.
    const double open = run.side == Side::Intake ? 45.0 : -165.0;
    if (live >= 8 && highest <= 0.15 && last.deg >= open && last.deg <= open + 140.0)
        say(Code::OtherTurn, Severity::LookAgain).at = last;
    // A misfit by whole turns of the dial was read in the wrong turn.
    for (const Misfit& m : out.lobe.misfits) {
        const double turn = run.terms.dialTurn_mm;
        const double turns = turn > 0.0 ? std::round(m.off_mm / turn) : 0.0;
        if (turns == 0.0 || std::abs(m.off_mm - turns * turn) > 0.08 * turn) continue;
        double read = 0.0;
        for (const CarriedReading& c : out.readings)
            if (c.counts && std::abs(wrapCycle(c.at - m.at).deg) < 1e-6) read = c.read_mm;
        Finding& f = say(Code::DialTurn, Severity::LookAgain);
        f.at = m.at;
        f.mm = read;
        f.other_mm = read - turns * turn;
    }
}

std::vector<LiftPoint> pointsOf(const std::vector<CarriedReading>& readings) {
    std::vector<LiftPoint> points;
    for (const CarriedReading& r : readings)
        if (r.counts) points.push_back({r.at.deg, r.lift_mm});
    return points;
}

RunFindings examineRun(const Job& job, const LiftRun& run) {
    RunFindings out;
    out.run = run.id;
    out.cylinder = run.cylinder;
    out.side = run.side;
    out.setting = run.terms.setting;
    for (const Reading& r : run.readings)
        ++(r.struck ? out.struck : out.live);
    if (run.terms.eventsOnly) {
        out.events = examineEvents(job, run, requestFor(job, run));
        out.lobe = out.events->lobe;
        out.complete = !out.events->next;
        out.planned = static_cast<int>(out.events->groups.size() - 1) * run.terms.repeats + 1;
        return out;
    }
    const double step = run.terms.step_deg;
    if (step > 0.0)
        out.planned =
            static_cast<int>(std::lround((run.terms.to.deg - run.terms.from.deg) / step)) + 1;
    out.next = nextAngle(run);
    out.complete = out.live > 0 && out.next.deg > run.terms.to.deg + step * 0.01;
    Carried lifts = carried(run);
    out.readings = std::move(lifts.readings);
    out.lobe = analyseLobe(pointsOf(out.readings), requestFor(job, run));
    out.lobe.findings.insert(out.lobe.findings.end(), lifts.findings.begin(), lifts.findings.end());
    judgeRun(run, out);
    return out;
}

/// The same drift in two passes is in the cam and not in the stand.
void drifts(const std::vector<RunFindings*>& passes, RunFindings& newest) {
    const auto find = [](RunFindings& run) -> Finding* {
        for (Finding& f : run.lobe.findings)
            if (f.code == Code::ZeroReturn || f.code == Code::ZeroSlipped) return &f;
        return nullptr;
    };
    Finding* here = find(newest);
    if (!here) return;
    for (RunFindings* other : passes) {
        const Finding* there = other == &newest ? nullptr : find(*other);
        if (!there || std::abs(*there->mm - *here->mm) > 0.01) continue;
        here->code = Code::ZeroRunOut;
        here->other_mm = std::abs(*here->mm);
        return;
    }
}

/// Several passes of a lobe beside one another, and their mean in place of the newest if asked.
void passes(const Job& job, Findings& out) {
    for (RunFindings& newest : out.runs) {
        if (!newest.current || newest.events) continue;
        std::vector<RunFindings*> runs;
        std::vector<Pass> passes;
        for (RunFindings& r : out.runs)
            // What was read before the cam was moved is another cam's.
            if (r.cylinder == newest.cylinder && r.side == newest.side && !r.events &&
                r.setting == newest.setting && r.lobe.noseReached) {
                runs.push_back(&r);
                passes.push_back({r.run, &r.lobe});
            }
        if (passes.empty() || passes.back().lobe != &newest.lobe) continue;
        newest.passes = comparePasses(passes);
        if (!newest.passes) continue;
        drifts(runs, newest);
        const PassesFindings& p = *newest.passes;
        const bool mean = job.settings.averagePasses;
        Finding f{p.widest.mm > kPassesApart_mm ? Code::PassesDiffer : Code::PassesAgree,
                  p.widest.mm > kPassesApart_mm ? Severity::LookAgain : Severity::Note, newest.side,
                  newest.cylinder};
        f.at = CrankDeg{p.widest.deg};
        f.mm = p.widest.mm;
        f.count = static_cast<int>(p.runs.size());
        if (mean) {
            const LiftRun* run = nullptr;
            for (const LiftRun& r : job.runs)
                if (r.id == newest.run) run = &r;
            newest.lobe = analyseLobe(p.mean, requestFor(job, *run));
            newest.lobe.findings.push_back(
                {Code::PassesMean, Severity::Note, newest.side, newest.cylinder});
            newest.lobe.findings.back().count = f.count;
        }
        newest.lobe.findings.push_back(f);
    }
}

using Lobe = std::pair<int, Side>;

std::map<Lobe, RunFindings*> currentRuns(const Job& job, Findings& out) {
    std::map<Lobe, RunFindings*> current;
    for (RunFindings& r : out.runs)
        if (r.live > 0) current[{r.cylinder, r.side}] = &r;
    for (auto& [key, run] : current) {
        run->current = true;
        run->outdated = measuredBefore(job, run->setting, run->side);
    }
    return current;
}

void cylinders(const Job& job, const std::map<Lobe, RunFindings*>& current, Findings& out) {
    std::map<int, CylinderFindings> byCylinder;
    for (const auto& [key, run] : current) {
        CylinderFindings& c = byCylinder[key.first];
        c.cylinder = key.first;
        (key.second == Side::Intake ? c.intakeRun : c.exhaustRun) =
            static_cast<std::size_t>(run - out.runs.data());
    }
    for (auto& [number, c] : byCylinder) {
        const RunFindings *in = out.intake(c), *ex = out.exhaust(c);
        // One lobe measured since the cam was moved and the other before: no pair.
        if (in && ex && in->outdated == ex->outdated)
            c.pair = analysePair(in->lobe, ex->lobe, job.settings.school, Place::Valve);
        out.cylinders.push_back(c);
    }
}

/// Centres within this of the card are called "as the card": about what a wheel can show.
constexpr double kAsCard_deg = 0.75;

Explanation explained(const Job& job, const Findings& f, const CylinderFindings& c,
                      double tdc_deg) {
    ExplainRequest request;
    const RunFindings *in = f.intake(c), *ex = f.exhaust(c);
    // What was measured before the cam was moved says nothing of where it stands.
    request.intake = in && !in->outdated ? &in->lobe : nullptr;
    request.exhaust = ex && !ex->outdated ? &ex->lobe : nullptr;
    if (job.card) request.card = *job.card;
    request.engine = job.engine;
    request.tdc_deg = tdc_deg;
    request.otherCards = job.otherCards;
    for (const RunFindings* run : {in, ex})
        for (const LiftRun& r : job.runs)
            if (run && r.id == run->run && r.terms.taken == Place::Valve &&
                r.terms.spring == Spring::Running)
                request.runningSpring = true;
    if (job.card) return explain(request);
    // No card came with the cam: only which one it looks like.
    Explanation unknown;
    unknown.looksLike = likeliestCard(request);
    return unknown;
}

/// The explanation of a cylinder found before, where nothing it stands on has changed: the same
/// runs (what was found of them is shared), card, engine and TDC.
std::optional<Explanation> explainedBefore(const Before& before, const Job& job, const Findings& f,
                                           const CylinderFindings& c) {
    const Findings& was = before.findings;
    const CylinderFindings* then = was.cylinder(c.cylinder);
    if (!then || !then->explanation || before.job.card != job.card ||
        before.job.otherCards != job.otherCards || !(before.job.engine == job.engine) ||
        was.tdc.uncertainty_deg() != f.tdc.uncertainty_deg())
        return std::nullopt;
    const auto same = [&](const std::optional<std::size_t>& now,
                          const std::optional<std::size_t>& old) {
        if (!now || !old) return !now && !old;
        const RunFindings &a = f.runs[*now], &b = was.runs[*old];
        return f.alone[*now] == was.alone[*old] && a.outdated == b.outdated && !a.passes &&
               !b.passes;
    };
    if (!same(c.intakeRun, then->intakeRun) || !same(c.exhaustRun, then->exhaustRun))
        return std::nullopt;
    Explanation out = *then->explanation;
    // Twist is said anew of every examination.
    std::erase_if(out.causes, [](const Cause& x) { return x.kind == CauseKind::Twist; });
    return out;
}

void againstCard(const Job& job, const Findings& f, const CylinderFindings& c,
                 std::vector<Finding>& out) {
    const auto say = [&](Code code, Severity severity, std::optional<Side> side, double deg) {
        Finding said{code, severity, side, c.cylinder};
        said.deg = deg;
        out.push_back(said);
    };
    const auto off = [](double deg) { return std::abs(deg) > kAsCard_deg; };
    bool outdated = false;
    for (const RunFindings* run : {f.intake(c), f.exhaust(c)})
        if (run && run->outdated) {
            outdated = true;
            out.push_back({Code::MovedSince, Severity::Ask, run->side, c.cylinder});
        }
    if (!job.card || outdated) return;
    const bool nothing = !c.explanation || c.explanation->causes.empty();
    const CauseKind kind = nothing ? CauseKind::Unclear : c.explanation->causes.front().kind;
    const Cause* first = nothing ? nullptr : &c.explanation->causes.front();
    if (kind == CauseKind::CamTiming && !first->side && !first->other_deg && c.intakeRun &&
        c.exhaustRun)
        return say(Code::CamShift, Severity::Ask, {}, *first->deg);
    if (kind == CauseKind::Separation) say(Code::SeparationOff, Severity::Ask, {}, *first->deg);
    // A lobe of another length keeps its centre: that is judged below.
    if (!nothing && kind != CauseKind::AsCard && kind != CauseKind::CamTiming &&
        kind != CauseKind::Separation && kind != CauseKind::LobeLength)
        return say(Code::CardOff, Severity::Ask, {}, 0.0);
    for (const RunFindings* run : {f.intake(c), f.exhaust(c)}) {
        if (!run) continue;
        // As the explanation compared it, in the school the card means.
        const auto& told = run->side == Side::Intake ? c.explanation->intakeShift_deg
                                                     : c.explanation->exhaustShift_deg;
        const auto shift = told && !nothing ? told : cardShift_deg(job, run->lobe);
        if (!shift) continue;
        const bool moved = kind == CauseKind::Separation || kind == CauseKind::CamTiming ||
                           nothing || (kind == CauseKind::LobeLength && first->shift_deg);
        const bool here =
            !first || !first->side || kind != CauseKind::CamTiming || *first->side == run->side;
        if (off(*shift) && moved && here)
            say(Code::CardShift, Severity::Ask, run->side, *shift);
        else
            say(Code::AsCard, Severity::Note, run->side, *shift);
    }
}

/// Centres of the same lobe on two cylinders differ by more than this only when something is bent,
/// or a TDC is wrong.
constexpr double kTwist_deg = 1.5;

void twist(const Job& job, const Findings& f, std::vector<Finding>& out) {
    if (f.cylinders.size() < 2 || f.cylinders.front().cylinder != 1) return;
    const CylinderFindings& first = f.cylinders.front();
    for (std::size_t i = 1; i < f.cylinders.size(); ++i)
        for (const auto& [a, b] : {std::pair(f.intake(first), f.intake(f.cylinders[i])),
                                   std::pair(f.exhaust(first), f.exhaust(f.cylinders[i]))}) {
            // Measured before and after the cam was moved, they differ by the move.
            if (!a || !b || (a->setting != b->setting && (a->outdated || b->outdated))) continue;
            const auto ca = a->lobe.centre(job.settings.school),
                       cb = b->lobe.centre(job.settings.school);
            if (!ca || !cb) continue;
            const int cylinder = b->cylinder;
            double off = wrapCycle(*cb - *ca).deg;
            // Far off, the wheel was not set for this cylinder: its own TDC must be known.
            constexpr double kOwnWheel_deg = 25.0;
            if (std::abs(off) > kOwnWheel_deg) {
                const auto behind = job.engine.behindFirst_deg(cylinder);
                if (behind) off = wrapCycle({off - *behind}).deg;
                if (!behind || std::abs(off) > kOwnWheel_deg) {
                    Finding unknown{Code::CylinderTdcUnknown, Severity::Ask, b->side, cylinder};
                    unknown.deg = wrapCycle(*cb - *ca).deg;
                    out.push_back(unknown);
                    continue;
                }
            }
            if (std::abs(off) <= kTwist_deg) continue;
            Finding finding{Code::Twist, Severity::LookAgain, b->side, cylinder};
            finding.deg = off;
            out.push_back(finding);
        }
}

/// A cylinder that stands off cylinder 1 is a cause of its own, before timing: timing is the same
/// for all.
void twistCauses(const std::vector<Finding>& all, Findings& f) {
    for (const Finding& x : all) {
        if (x.code != Code::Twist) continue;
        for (CylinderFindings& c : f.cylinders) {
            if (!c.explanation || (c.cylinder != x.cylinder && c.cylinder != 1)) continue;
            auto& causes = c.explanation->causes;
            if (std::any_of(causes.begin(), causes.end(), [&](const Cause& o) {
                    return o.kind == CauseKind::Twist && o.cylinder == x.cylinder;
                }))
                continue;
            Cause cause;
            cause.kind = CauseKind::Twist;
            cause.cylinder = x.cylinder;
            cause.deg = x.deg;
            // At cylinder 1 it stands beside what is first there.
            causes.insert(c.cylinder == 1 ? causes.end() : causes.begin(), cause);
        }
    }
}

/// Overlap or firing was said; the lobes tell which it is.
void topAgainstLobes(const Job& job, const Findings& f, std::vector<Finding>& out) {
    Finding finding{Code::TopOther, Severity::LookAgain};
    for (std::size_t i = 0; i < f.runs.size(); ++i) {
        const RunFindings& run = f.runs[i]; // in the job's order
        const auto turn = run.current ? otherTop_deg(job, job.runs[i], run.lobe) : std::nullopt;
        if (!turn) continue;
        finding.deg = *turn;
        ++finding.count;
    }
    if (finding.count > 0) out.push_back(finding);
}

void tdcMoved(const Job& job, const TdcFindings& tdc, std::vector<Finding>& out) {
    Finding f{Code::TdcMoved, Severity::LookAgain};
    for (const LiftRun& run : job.runs)
        if (const auto shift = pendingShift_deg(run, tdc)) {
            f.deg = *shift;
            ++f.count;
        }
    if (f.count > 0) out.push_back(f);
}

/// Once a volume is given: with the closing by the chosen school, or, while that is not known, for
/// the static ratio alone, as closed at BDC.
void compressions(const Job& job, Findings& out) {
    const RunFindings* first = out.cylinders.empty() ? nullptr : out.intake(out.cylinders.front());
    const LobeFigures* intake = first && !first->outdated ? &first->lobe : nullptr;
    out.closings = closings(job, intake, out.tdc.uncertainty_deg());
    if (!(job.engine.chamberOf(1).chamber_cc > 0.0)) return;
    const Closing& chosen = out.closings[static_cast<std::size_t>(job.settings.closing)];
    out.compression = compression(stateOf(job, 1, chosen.deg.value_or(0.0), 0.0),
                                  job.settings.altitude_m, job.settings.exponent);
}

} // namespace

CrankDeg placed(const Reading& reading, const RunTerms& terms) {
    return {reading.at.deg + terms.shift_deg};
}

std::optional<double> pendingShift_deg(const LiftRun& run, const TdcFindings& tdc) {
    std::int64_t last = 0;
    for (const Reading& r : run.readings)
        last = std::max(last, r.time_ms);
    if (last == 0) return std::nullopt; // imported: taken who knows when
    double shift = 0.0;
    for (const TdcPass& pass : tdc.passes) {
        if (!pass.correction_deg || pass.agrees || pass.pass <= run.terms.tdcAnswered) continue;
        const auto& seal = pass.after() ? pass.after() : pass.before();
        // The wheel read w where the crank stood at w less the correction.
        if (seal->time_ms > last) shift -= *pass.correction_deg;
    }
    if (shift == 0.0) return std::nullopt;
    return shift;
}

std::vector<LiftPoint> livePoints(const LiftRun& run) {
    return pointsOf(carried(run).readings);
}

std::optional<double> otherTop_deg(const Job& job, const LiftRun& run, const LobeFigures& lobe) {
    const auto centre = lobe.centre(job.settings.school);
    if (job.settings.top == WhichTop::NotSaid || !centre || lobe.eventsOnly) return std::nullopt;
    const double usual = lobe.side == Side::Intake ? 105.0 : -110.0;
    const auto other = [&](double deg) { return std::abs(wrapCycle({deg - usual}).deg) > 270.0; };
    if (job.settings.top == WhichTop::Overlap && other(centre->deg)) return 360.0;
    // As it was counted at the wheel, before any shift.
    if (job.settings.top == WhichTop::Firing && !other(centre->deg - run.terms.shift_deg))
        return 0.0;
    return std::nullopt;
}

CrankDeg nextAngle(const LiftRun& run) {
    if (run.readings.empty()) return run.terms.from;
    const double step = run.terms.step_deg;
    const auto readAt = [&](double deg) {
        return std::any_of(run.readings.begin(), run.readings.end(), [&](const Reading& r) {
            return !r.struck && std::abs(r.at.deg - deg) < step * 0.4;
        });
    };
    const Reading& last = run.readings.back();
    if (last.struck && !readAt(last.at.deg)) return last.at;
    if (!readAt(last.at.deg + step)) return {last.at.deg + step};
    double farthest = run.terms.from.deg - step;
    for (const Reading& r : run.readings)
        if (!r.struck) farthest = std::max(farthest, r.at.deg);
    return {farthest + step};
}

RunTerms usualTerms(const Engine& engine, Side side) {
    RunTerms terms;
    terms.follower = engine.follower;
    terms.taken = engine.layout == Layout::PushrodSingleCam ? Place::Tappet : Place::Valve;
    terms.ratio = engine.ratio(side);
    terms.lash_mm = engine.lash_mm(side);
    // 175 deg either side of where a lobe of its kind sits takes in any road or race ramp.
    const double centre = side == Side::Intake ? 105.0 : -110.0;
    terms.from = {centre - 175.0};
    terms.to = {centre + 175.0};
    return terms;
}

int lastSetting(const Job& job) {
    return job.changes.empty() ? 0 : job.changes.back().number;
}

double wheelShift_deg(const Job& job, int cylinder, const RunTerms& terms) {
    return terms.wheelOfFirst ? -job.engine.behindFirst_deg(cylinder).value_or(0.0) : 0.0;
}

RunTerms nextTerms(const Job& job, int cylinder, Side side) {
    RunTerms terms = usualTerms(job.engine, side);
    for (const LiftRun& r : job.runs)
        if (r.cylinder == cylinder && r.side == side) terms = r.terms;
    terms.source.clear();
    terms.shift_deg = wheelShift_deg(job, cylinder, terms);
    terms.zeros.clear();
    terms.right_deg.clear();
    terms.setting = lastSetting(job);
    return terms;
}

/// What was found of a run before, where nothing it stands on has changed; else null.
static const std::shared_ptr<const RunFindings>* taken(const Before& before, const Job& job,
                                                       const LiftRun& run) {
    const auto& was = before.job.runs;
    for (std::size_t i = 0; i < was.size() && i < before.findings.alone.size(); ++i) {
        if (was[i].id != run.id) continue;
        if (!(was[i] == run) || requestFor(before.job, was[i]) != requestFor(job, run))
            return nullptr;
        // The events of a run are asked for and judged by the card.
        if (run.terms.eventsOnly && before.job.card != job.card) return nullptr;
        return &before.findings.alone[i];
    }
    return nullptr;
}

Findings examine(const Job& job, const Before* before) {
    Findings out;
    out.tdc = examineTdc(job.contacts, tdcContext(job));
    out.alone.resize(job.runs.size());
    std::vector<std::size_t> fresh;
    for (std::size_t i = 0; i < job.runs.size(); ++i) {
        const auto* known = before ? taken(*before, job, job.runs[i]) : nullptr;
        if (known)
            out.alone[i] = *known;
        else
            fresh.push_back(i);
    }
    atOnce(fresh.size(), [&](std::size_t k) {
        out.alone[fresh[k]] =
            std::make_shared<const RunFindings>(examineRun(job, job.runs[fresh[k]]));
    });
    out.runs.reserve(job.runs.size());
    for (const auto& run : out.alone)
        out.runs.push_back(*run);
    const auto current = currentRuns(job, out);
    passes(job, out);
    cylinders(job, current, out);

    tdcMoved(job, out.tdc, out.tdc.findings);
    topAgainstLobes(job, out, out.tdc.findings);
    out.all = out.tdc.findings;
    if (!out.cylinders.empty() && out.tdc.state == TdcState::NotBegun)
        out.all.push_back({Code::TdcNotTaken, Severity::Ask});
    for (const RunFindings& run : out.runs)
        if (run.current)
            out.all.insert(out.all.end(), run.lobe.findings.begin(), run.lobe.findings.end());
    for (CylinderFindings& c : out.cylinders) {
        if (job.card || !job.otherCards.empty()) {
            if (before) c.explanation = explainedBefore(*before, job, out, c);
            if (!c.explanation) c.explanation = explained(job, out, c, out.tdc.uncertainty_deg());
        }
        if (c.pair) out.all.insert(out.all.end(), c.pair->findings.begin(), c.pair->findings.end());
        againstCard(job, out, c, out.all);
    }
    twist(job, out, out.all);
    twistCauses(out.all, out);
    for (CylinderFindings& c : out.cylinders)
        c.figures = figuresOf(job, out, c);
    compressions(job, out);
    out.need = need(job, out);
    out.changes = checkChanges(job, out);
    out.stations = progressOf(job, out);
    out.plan = plan(job, out);
    out.next = Station::Timing;
    for (const StationFindings& s : out.stations) {
        if (s.progress == Progress::Done) continue;
        out.next = s.station;
        break;
    }
    return out;
}

} // namespace lobe
