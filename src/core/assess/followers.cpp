#include "core/assess/followers.h"

#include "core/assess/springs.h"
#include "core/job/job.h"

#include <algorithm>
#include <cmath>

namespace lobe {
namespace {

/// Where the second derivative is known worse than this share of its greatest, nothing is said of
/// it: at the ends of a run, and where readings are few.
constexpr double kDoubtful = 0.35;

/// The lobe as its follower moves, per cam radian.
struct AtTappet {
    double deg = 0.0;
    CamMotion motion;
    double doubt = 0.0; ///< of the second derivative, 95 %
};

std::vector<AtTappet> motionAtTappet(const LobeFigures& lobe) {
    std::vector<AtTappet> out;
    if (!lobe.motion) return out;
    const bool atValve = lobe.taken.at == Place::Valve;
    const double scale = atValve ? 1.0 / lobe.taken.ratio : 1.0;
    const double perRadian = degrees(1.0);
    double greatest = 0.0;
    for (const MotionPoint& p : lobe.motion->points) {
        AtTappet a{p.deg,
                   {lobe.taken.liftAt(Place::Tappet, p.lift_mm), scale * p.velocity * perRadian,
                    scale * p.acceleration * perRadian * perRadian},
                   0.0};
        // A cam degree is two crank degrees.
        if (lobe.smooth)
            a.doubt = scale * kCoverageFactor * 4.0 * lobe.smooth->deviation(p.deg, 2) * perRadian *
                      perRadian;
        greatest = std::max(greatest, std::abs(a.motion.second));
        out.push_back(a);
    }
    std::erase_if(out, [&](const AtTappet& a) { return a.doubt > kDoubtful * greatest; });
    return out;
}

FollowerClaim claimOf(const Job& job, const LobeFigures& lobe, Side side) {
    FollowerClaim out;
    out.side = side;
    if (!lobe.motion) return out;
    out.needed_mm = lobe.motion->flatTappet_mm;
    if (lobe.motion->fastest > 0.0)
        out.doubt_mm = out.needed_mm * lobe.motion->fastestUncertainty / lobe.motion->fastest;
    const Springs& s = job.springs;
    const bool flat = hasFlatFace(job.engine.follower);
    out.flat = flat;
    if (!flat && job.engine.follower != Follower::SolidRoller) return out;
    const double base = s.base_mm[side] / 2.0;
    out.wantsBase = !(base > 0.0) || (!flat && !(s.roller_mm > 0.0));
    if (out.wantsBase) return out;
    for (const AtTappet& a : motionAtTappet(lobe)) {
        Curvature c;
        if (flat) {
            const double radius = flatCurvature_mm(base, a.motion);
            c = {std::abs(radius), radius < 0.0, false};
        } else if (const auto bent = rollerCurvature(base, s.roller_mm / 2.0, a.motion)) {
            c = *bent;
        } else {
            continue;
        }
        out.undercut = out.undercut || c.undercut;
        auto& least = c.hollow ? out.hollowest : out.sharpest;
        if (!least || c.radius_mm < least->radius_mm)
            least = FollowerClaim::Place{c.radius_mm, a.deg};
    }
    return out;
}

} // namespace

bool hasFlatFace(Follower f) {
    return f != Follower::SolidRoller && f != Follower::Finger;
}

const LobeFigures* springLobe(const Findings& f, Side side) {
    for (const CylinderFindings& c : f.cylinders)
        if (const RunFindings* run = f.of(c, side); run && run->lobe.motion) return &run->lobe;
    return nullptr;
}

void claimFollowers(const Job& job, const Findings& f, SpringClaim& out) {
    for (Side side : {Side::Intake, Side::Exhaust})
        if (const LobeFigures* lobe = springLobe(f, side))
            out.followers.push_back(claimOf(job, *lobe, side));
}

std::optional<ControlClaim> controlOf(const Job& job, const SpringClaim& claim,
                                      const LobeFigures& lobe, Side side,
                                      std::optional<double> otherRatio) {
    const auto& weakest = claim.weakest[side];
    const Springs& s = job.springs;
    if (!weakest || !lobe.maxLiftAt || !(s.valveSide_g[side] > 0.0)) return std::nullopt;
    const double ratio = otherRatio.value_or(lobe.taken.ratio);
    std::vector<ValveMotion> opening, closing;
    for (const AtTappet& a : motionAtTappet(lobe)) {
        const ValveMotion m{a.deg, ratio * a.motion.lift_mm - lobe.taken.lash_mm,
                            ratio * a.motion.second, ratio * a.doubt};
        (a.deg < lobe.maxLiftAt->deg ? opening : closing).push_back(m);
    }
    ControlClaim c;
    c.side = side;
    c.mass_g = massAtValve_g(s.valveSide_g[side], s.tappetSide_g[side], ratio);
    c.opening = controlSpeed(opening, weakest->load, weakest->height_mm, c.mass_g);
    c.closing = controlSpeed(closing, weakest->load, weakest->height_mm, c.mass_g);
    return c.rpm() ? std::optional(c) : std::nullopt;
}

void claimReground(const Job& job, SpringClaim& out) {
    const Springs& s = job.springs;
    for (Side side : {Side::Intake, Side::Exhaust}) {
        const double lower = (s.baseBefore_mm[side] - s.base_mm[side]) / 2.0;
        if (!(s.baseBefore_mm[side] > 0.0 && s.base_mm[side] > 0.0) || lower <= 0.0) continue;
        out.reground.push_back({side, lower, {}});
    }
    if (s.makeUp.empty() || out.reground.empty()) return;
    // Both sides out of one stock.
    std::vector<double> needs;
    for (const RegroundClaim& r : out.reground)
        for (const ValveId& v : valvesOf(job.engine))
            if (v.side == r.side) needs.push_back(r.lower_mm);
    if (checkShims(s.makeUp, needs).fault != ShimFault::None) {
        out.faults.push_back({SpringFault::StockTooMuch, {}, 0, 0.0, 0.0});
        return;
    }
    const ShimPlan plan = planShims(s.makeUp, needs);
    std::size_t at = 0;
    for (RegroundClaim& r : out.reground) {
        r.plan.emplace();
        r.plan->left = plan.left;
        r.plan->proved = plan.proved;
        for (const ValveId& v : valvesOf(job.engine)) {
            if (v.side != r.side) continue;
            const ShimStack& stack = plan.stacks[at++];
            r.plan->off_mm += std::abs(stack.error_mm);
            r.plan->pieces += static_cast<int>(stack.pieces_mm.size());
            r.plan->stacks.push_back(stack);
        }
    }
}

} // namespace lobe
