#include "core/choose/wishes.h"

#include "core/assess/clearances.h"
#include "core/assess/need.h"
#include "core/compression/compression.h"
#include "core/drive/choices.h"
#include "core/job/job.h"

#include <algorithm>
#include <cmath>
#include <tuple>

namespace lobe {
namespace {

constexpr double kStep_deg = 0.5;

std::optional<Measured<double>> figureOf(const std::vector<CamFigure>& all, FigureKind kind,
                                         std::optional<Side> side) {
    for (const CamFigure& f : all)
        if (f.kind == kind && f.side == side) return f.value;
    return std::nullopt;
}

/// A wish's number out of the figures of a cam.
std::optional<Measured<double>> valueOf(const Job& job, const Cam& cam, WishKind kind,
                                        const std::vector<CamFigure>& all) {
    const auto lesser = [&](FigureKind of) {
        const auto in = figureOf(all, of, Side::Intake), ex = figureOf(all, of, Side::Exhaust);
        return in && (!ex || in->value <= ex->value) ? in : ex;
    };
    switch (kind) {
    case WishKind::Dynamic:
        return figureOf(all, FigureKind::Dynamic, {});
    case WishKind::IntakeClearance:
        return figureOf(all, FigureKind::Clearance, Side::Intake);
    case WishKind::ExhaustClearance:
        return figureOf(all, FigureKind::Clearance, Side::Exhaust);
    case WishKind::IntakeLift:
        return figureOf(all, FigureKind::ValveLift, Side::Intake);
    case WishKind::ExhaustLift:
        return figureOf(all, FigureKind::ValveLift, Side::Exhaust);
    case WishKind::FollowerFace: {
        const auto in = figureOf(all, FigureKind::FollowerFace, Side::Intake),
                   ex = figureOf(all, FigureKind::FollowerFace, Side::Exhaust);
        return in && (!ex || in->value >= ex->value) ? in : ex;
    }
    case WishKind::Overlap: {
        const Height height = eventsHeight(job);
        for (const CamFigure& f : all)
            if (f.kind == FigureKind::Overlap && f.height == height) return f.value;
        return std::nullopt;
    }
    case WishKind::IntakeCloses:
        return figureOf(all, FigureKind::Closes, Side::Intake);
    case WishKind::Separation:
        return figureOf(all, FigureKind::Separation, {});
    case WishKind::IntakeCoilBind:
        return figureOf(all, FigureKind::CoilBind, Side::Intake);
    case WishKind::ExhaustCoilBind:
        return figureOf(all, FigureKind::CoilBind, Side::Exhaust);
    case WishKind::IntakeRetainer:
        return figureOf(all, FigureKind::RetainerRoom, Side::Intake);
    case WishKind::ExhaustRetainer:
        return figureOf(all, FigureKind::RetainerRoom, Side::Exhaust);
    case WishKind::ControlSpeed:
        return lesser(FigureKind::ControlSpeed);
    case WishKind::SeatPressure:
        break;
    }
    // Of springs that go with the cam as stated, else of those on the bench.
    if (cam.spec.seatPressure_n) return Measured<double>{*cam.spec.seatPressure_n, std::nullopt};
    return lesser(FigureKind::SeatLoad);
}

bool twoCams(const Job& job) {
    return job.engine.layout == Layout::TwinOverheadCam;
}

/// Whether moving the cam changes it at all.
bool hangsOnAdvance(const Job& job, WishKind kind) {
    switch (kind) {
    case WishKind::Dynamic:
    case WishKind::IntakeClearance:
    case WishKind::ExhaustClearance:
    case WishKind::IntakeCloses:
        return true;
    case WishKind::Overlap:
    case WishKind::Separation:
        return twoCams(job);
    default:
        return false;
    }
}

/// A move of the cam, or of one of two.
PerSide<double> plus(const Job& job, PerSide<double> moved, WishKind kind, double by) {
    if (!twoCams(job)) return {moved.intake + by, moved.exhaust + by};
    if (kind == WishKind::ExhaustClearance)
        moved.exhaust += by;
    else
        moved.intake += by;
    return moved;
}

class Cures {
public:
    Cures(const Job& job, const Findings& f, const Cam& cam, PerSide<double> moved)
        : job_(job), f_(f), cam_(cam), moved_(moved) {}

    std::vector<Cure> of(const Wish& wish, double value) {
        advance(wish);
        const bool over = wish.most && value > *wish.most;
        const double bound = over ? *wish.most : *wish.least;
        switch (wish.kind) {
        case WishKind::IntakeClearance:
        case WishKind::ExhaustClearance: {
            const Side side = wish.kind == WishKind::IntakeClearance ? Side::Intake : Side::Exhaust;
            if (!over) notch(side, bound - value);
            break;
        }
        case WishKind::IntakeLift:
        case WishKind::ExhaustLift: {
            const Side side = wish.kind == WishKind::IntakeLift ? Side::Intake : Side::Exhaust;
            if (!over) break;
            const Engine& e = cam_.state->job.engine;
            // Valve lift is ratio times tappet lift less lash.
            const double tappet = (value + e.lash_mm[side]) / e.ratio[side];
            out_.push_back({CureKind::Spring, value});
            if (e.ratio[side] != 1.0)
                out_.push_back({CureKind::Ratio, (bound + e.lash_mm[side]) / tappet});
            break;
        }
        case WishKind::Dynamic:
            compressionTo(bound);
            break;
        case WishKind::FollowerFace:
            if (over) out_.push_back({CureKind::Follower, value});
            break;
        case WishKind::Separation:
        case WishKind::Overlap:
            if (!twoCams(job_)) out_.push_back({CureKind::Reground, bound});
            break;
        case WishKind::SeatPressure:
            out_.push_back({CureKind::OtherSpring, bound});
            break;
        case WishKind::IntakeCoilBind:
        case WishKind::ExhaustCoilBind:
        case WishKind::IntakeRetainer:
        case WishKind::ExhaustRetainer: {
            const bool intake =
                wish.kind == WishKind::IntakeCoilBind || wish.kind == WishKind::IntakeRetainer;
            if (!over) lessLift(intake ? Side::Intake : Side::Exhaust, bound - value);
            break;
        }
        case WishKind::IntakeCloses:
        case WishKind::ControlSpeed:
            break;
        }
        return std::move(out_);
    }

private:
    void advance(const Wish& wish) {
        if (!hangsOnAdvance(job_, wish.kind)) return;
        const auto good = [&](double by) {
            const auto v = wishValue(job_, f_, cam_, wish.kind, plus(job_, moved_, wish.kind, by));
            return v && passes(wish, v->value);
        };
        for (double a = kStep_deg; a <= kFarthestAdvance_deg; a += kStep_deg)
            for (double way : {1.0, -1.0}) {
                if (!good(way * a)) continue;
                // To a tenth: the least that passes.
                double low = way * (a - kStep_deg), high = way * a;
                for (int i = 0; i < 5; ++i) {
                    const double mid = (low + high) / 2.0;
                    (good(mid) ? high : low) = mid;
                }
                out_.push_back(
                    {CureKind::Advance, way * std::ceil(std::abs(high) * 10.0 - 1e-6) / 10.0});
                return;
            }
    }

    /// Room is lift that is not there: a spring or a seal for this one, or a rocker for less.
    void lessLift(Side side, double lacking) {
        const LobeFigures* lobe = cam_.lobe(side);
        if (!lobe || !lobe->maxLiftAt) return;
        const Engine& e = cam_.state->job.engine;
        const double lift = lobe->liftAt(*lobe->maxLiftAt, Place::Valve);
        out_.push_back({CureKind::Spring, lift + lacking});
        const double tappet = (lift + e.lash_mm[side]) / e.ratio[side];
        if (e.ratio[side] != 1.0 && tappet > 0.0)
            out_.push_back({CureKind::Ratio, (lift - lacking + e.lash_mm[side]) / tappet});
    }

    void notch(Side side, double lacking) {
        const MapFindings* map = mapOf(f_, side);
        const double share = map && map->gap ? std::min(1.0, map->gap->share()) : 1.0;
        out_.push_back({CureKind::Notch, lacking / share});
    }

    void compressionTo(double bound) {
        const Outcome now =
            outcome(cam_.state->job, cam_.state->findings, moved_.intake, moved_.exhaust);
        if (!now.closing_deg) return;
        const CompressionState state = stateOf(cam_.state->job, 1, *now.closing_deg, 0.0);
        const auto to = [&](Quantity quantity, CureKind kind) {
            if (const auto value = reach(state, quantity, bound))
                out_.push_back({kind, *value, staticWith(state, quantity, *value)});
        };
        to(Quantity::Deck, CureKind::Deck);
        to(Quantity::Gasket, CureKind::Gasket);
        to(Quantity::Chamber, CureKind::Chamber);
    }

    const Job& job_;
    const Findings& f_;
    const Cam& cam_;
    PerSide<double> moved_;
    std::vector<Cure> out_;
};

/// What of the wishes hangs on where the cams stand, at one move.
class Trials {
public:
    Trials(const Job& job, const Findings& f, const Cam& cam) : job_(job), f_(f), cam_(cam) {
        for (const Wish& w : job.choosing.wishes)
            if (hangsOnAdvance(job, w.kind)) wishes_.push_back(w);
        // The limits of Clearance hold without being wished for.
        for (const auto& [kind, side] : {std::pair{WishKind::IntakeClearance, Side::Intake},
                                         {WishKind::ExhaustClearance, Side::Exhaust}})
            if (std::none_of(wishes_.begin(), wishes_.end(),
                             [k = kind](const Wish& w) { return w.kind == k; }))
                wishes_.push_back({kind, job.reckoning.clearance.least_mm[side], {}});
    }

    /// Which of two cams a wish hangs on.
    enum class HangsOn { Intake, Exhaust, Both };
    static HangsOn hangsOn(WishKind kind) {
        switch (kind) {
        case WishKind::IntakeClearance:
        case WishKind::IntakeCloses:
        case WishKind::Dynamic:
            return HangsOn::Intake;
        case WishKind::ExhaustClearance:
            return HangsOn::Exhaust;
        default:
            return HangsOn::Both;
        }
    }

    /// All of them, or those that hang on one cam alone or on both.
    int failed(PerSide<double> moved, std::optional<HangsOn> only = {}) const {
        int n = 0;
        for (const Wish& w : wishes_) {
            if (only && hangsOn(w.kind) != *only) continue;
            const auto v = wishValue(job_, f_, cam_, w.kind, moved);
            n += v && !passes(w, v->value);
        }
        return n;
    }
    bool hasBoth() const {
        return std::any_of(wishes_.begin(), wishes_.end(),
                           [](const Wish& w) { return hangsOn(w.kind) == HangsOn::Both; });
    }
    bool any() const { return !wishes_.empty(); }

private:
    const Job& job_;
    const Findings& f_;
    const Cam& cam_;
    std::vector<Wish> wishes_;
};

} // namespace

std::vector<double> drivenMoves(const Job& job) {
    std::vector<double> out;
    if (job.engine.drive.described() && !faultOf(job.engine.drive))
        out = reachable_deg(driveAlone(job), kFarthestAdvance_deg, fittedAfter(job, Side::Intake));
    else
        for (double a = -kFarthestAdvance_deg; a <= kFarthestAdvance_deg; a += kStep_deg)
            out.push_back(a);
    // The least first; many holes of a vernier are thinned to half degrees.
    std::sort(out.begin(), out.end(), [](double a, double b) { return std::abs(a) < std::abs(b); });
    std::vector<double> thin;
    for (double a : out)
        if (std::none_of(thin.begin(), thin.end(),
                         [&](double b) { return std::abs(a - b) < 0.8 * kStep_deg; }))
            thin.push_back(a);
    return thin;
}

bool passes(const Wish& wish, double value) {
    return (!wish.least || value >= *wish.least - 1e-9) &&
           (!wish.most || value <= *wish.most + 1e-9);
}

std::optional<Measured<double>> wishValue(const Job& job, const Findings& findings, const Cam& cam,
                                          WishKind kind, PerSide<double> moved) {
    if (!cam.state) return std::nullopt;
    // Those that a search asks again and again are had without the rest.
    const auto plain = [](const std::optional<double>& v) {
        return v ? std::optional(Measured<double>{*v, std::nullopt}) : std::nullopt;
    };
    switch (kind) {
    case WishKind::IntakeClearance:
        return camClearance(findings, cam, Side::Intake, moved.intake);
    case WishKind::ExhaustClearance:
        return camClearance(findings, cam, Side::Exhaust, moved.exhaust);
    case WishKind::Dynamic:
        return plain(
            outcome(cam.state->job, cam.state->findings, moved.intake, moved.exhaust).dynamic);
    case WishKind::IntakeCloses:
        return plain(
            outcome(cam.state->job, cam.state->findings, moved.intake, moved.exhaust).events.ivc);
    case WishKind::Separation:
        return plain(
            outcome(cam.state->job, cam.state->findings, moved.intake, moved.exhaust).separation);
    case WishKind::Overlap:
        return plain(
            outcome(cam.state->job, cam.state->findings, moved.intake, moved.exhaust).overlap);
    default:
        return valueOf(job, cam, kind, camFigures(job, findings, cam, moved));
    }
}

std::vector<Judged> judge(const Job& job, const Findings& findings, const Cam& cam,
                          PerSide<double> moved) {
    return judge(job, findings, cam, moved, camFigures(job, findings, cam, moved));
}

std::vector<Judged> judge(const Job& job, const Findings& findings, const Cam& cam,
                          PerSide<double> moved, const std::vector<CamFigure>& figures,
                          bool cures) {
    std::vector<Judged> out;
    for (const Wish& wish : job.choosing.wishes) {
        Judged j;
        j.wish = wish;
        j.value = cam.state ? valueOf(job, cam, wish.kind, figures) : std::nullopt;
        if (j.value && (wish.least || wish.most)) {
            const double v = j.value->value, half = j.value->plusMinus.value_or(0.0);
            j.state = passes(wish, v) ? WishState::Pass : WishState::Fail;
            j.sure = passes(wish, v - half) == passes(wish, v) &&
                     passes(wish, v + half) == passes(wish, v);
            if (cures && j.state == WishState::Fail)
                j.cures = Cures(job, findings, cam, moved).of(wish, v);
        }
        out.push_back(std::move(j));
    }
    return out;
}

BestAdvance bestAdvance(const Job& job, const Findings& findings, const Cam& cam) {
    BestAdvance best;
    const Trials trials(job, findings, cam);
    const PerSide<double> stands = totalMove(job, cam, {});
    if (!trials.any() || !cam.state) return best;
    best.failed = trials.failed(stands);
    const auto moves = drivenMoves(job);
    const bool two = twoCams(job);
    double least = 0.0;
    const auto attempt = [&](PerSide<double> by) {
        const int failed = trials.failed({stands.intake + by.intake, stands.exhaust + by.exhaust});
        const double size = std::abs(by.intake) + (two ? std::abs(by.exhaust) : 0.0);
        if (std::tuple(failed, size) >= std::tuple(best.failed, least)) return;
        best = {by, failed};
        least = size;
    };
    if (!two) {
        for (double a : moves) {
            if (best.failed == 0) break;
            attempt({a, a});
        }
        return best;
    }
    // Of two cams every pair of places the drive has for them. What hangs on one of them alone is
    // found once for each of its places.
    using HangsOn = Trials::HangsOn;
    std::vector<int> intake, exhaust;
    for (double a : moves) {
        intake.push_back(trials.failed({stands.intake + a, stands.exhaust}, HangsOn::Intake));
        exhaust.push_back(trials.failed({stands.intake, stands.exhaust + a}, HangsOn::Exhaust));
    }
    const bool both = trials.hasBoth();
    for (std::size_t i = 0; i < moves.size(); ++i)
        for (std::size_t k = 0; k < moves.size(); ++k) {
            const int apart = intake[i] + exhaust[k];
            const double size = std::abs(moves[i]) + std::abs(moves[k]);
            // What hangs on both can only add to it.
            if (std::tuple(apart, size) >= std::tuple(best.failed, least)) continue;
            const int failed =
                apart + (both ? trials.failed({stands.intake + moves[i], stands.exhaust + moves[k]},
                                              HangsOn::Both)
                              : 0);
            if (std::tuple(failed, size) >= std::tuple(best.failed, least)) continue;
            best = {{moves[i], moves[k]}, failed};
            least = size;
        }
    return best;
}

std::vector<Ranked> rankOf(const std::vector<std::vector<Judged>>& judged,
                           const std::vector<bool>& modelled,
                           const std::vector<std::optional<int>>& fills) {
    std::vector<Ranked> out;
    const bool filled = fills.size() == judged.size() &&
                        std::all_of(fills.begin(), fills.end(), [](const auto& f) { return !!f; });
    for (std::size_t i = 0; i < judged.size(); ++i) {
        Ranked r;
        r.cam = i;
        r.modelled = i < modelled.size() && modelled[i];
        if (filled) r.fills = fills[i];
        for (const Judged& j : judged[i]) {
            r.failed += j.state == WishState::Fail;
            r.unknown += j.state == WishState::Unknown;
            r.passed += j.state == WishState::Pass;
        }
        out.push_back(r);
    }
    const auto worth = [](const Ranked& r) {
        return std::tuple(r.failed, r.unknown, r.fills.value_or(0), r.modelled ? 1 : 0);
    };
    std::stable_sort(out.begin(), out.end(),
                     [&](const Ranked& a, const Ranked& b) { return worth(a) < worth(b); });
    for (std::size_t i = 1; i < out.size(); ++i)
        out[i].rank =
            worth(out[i]) == worth(out[i - 1]) ? out[i - 1].rank : static_cast<int>(i) + 1;
    return out;
}

} // namespace lobe
