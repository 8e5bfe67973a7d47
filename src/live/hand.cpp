#include "live/hand.h"

#include <cmath>

namespace live {

using app::LiveWish;
using simulated::Bench;
using simulated::On;

namespace {
/// Degrees before and behind the top of a sweep; where both valves are shut, from TDC on overlap;
/// and how long a dial is left in peace once it is set, seconds.
constexpr double kBefore = 50.0, kBehind = 60.0, kShut = 390.0, kPeace_s = 1.6;
constexpr double kQuick = 90.0, kSweeping = 15.0, kReach = 1.0;
} // namespace

void Hand::go(Bench& bench, double to_deg, double speed) {
    to_deg_ = to_deg;
    bench.turn(to_deg > bench.crank_deg() ? speed : -speed);
}

bool Hand::there(const Bench& bench) const {
    return bench.turning() >= 0.0 ? bench.crank_deg() >= to_deg_ : bench.crank_deg() <= to_deg_;
}

void Hand::work(Bench& bench, const LiveWish& wish, double now_s) {
    const bool contact = wish.what == LiveWish::What::Contact;
    const bool lobe = wish.what == LiveWish::What::Lift || wish.what == LiveWish::What::Event;
    const double turn = 720.0 * std::round(bench.crank_deg() / 720.0);
    switch (step_) {
    case Step::Look:
        bench.turn(0.0);
        bench.press(false);
        if (contact && !wish.afterTop) {
            bench.dialOn(On::Piston);
            go(bench, turn - kBefore, kQuick);
            step_ = Step::ToSweep;
        } else if (lobe || wish.goesOn) {
            lobe::Side side = wish.side;
            if (wish.goesOn)
                side = side == lobe::Side::Intake ? lobe::Side::Exhaust : lobe::Side::Intake;
            wanted_ = side == lobe::Side::Intake ? On::Intake : On::Exhaust;
            const double here = bench.crank_deg();
            go(bench, kShut + 720.0 * std::ceil((here - kShut) / 720.0), kQuick);
            step_ = Step::ToShut;
        } else if (wish.what == LiveWish::What::Press && wish.at) {
            // Shut at the top on firing, as the clearance is measured from the shut valve.
            wanted_ = wish.side == lobe::Side::Intake ? On::Intake : On::Exhaust;
            if (bench.dialIsOn() != wanted_) bench.dialOn(wanted_);
            go(bench, turn + 360.0 + wish.at->deg, kQuick);
            step_ = Step::Press;
        }
        break;
    case Step::ToSweep:
        if (!contact) step_ = Step::Look;
        if (!there(bench)) break;
        go(bench, to_deg_ + kBefore + kBehind, kSweeping);
        step_ = Step::Sweep;
        break;
    case Step::Sweep:
        // Proved on the way, or once more.
        if (!contact || there(bench)) step_ = Step::Look;
        break;
    case Step::ToShut:
        if (!there(bench)) break;
        bench.turn(0.0);
        // In peace before it is touched, so that one sees that it was.
        if (since_s_ == 0.0) since_s_ = now_s;
        if (now_s - since_s_ < kPeace_s / 2.0) break;
        bench.dialOn(wanted_);
        since_s_ = now_s;
        step_ = Step::Set;
        break;
    case Step::Set:
        if (now_s - since_s_ < kPeace_s) break;
        since_s_ = 0.0;
        go(bench, bench.crank_deg() + 740.0, kTaking);
        last_ = wanted_ == On::Intake ? lobe::Side::Intake : lobe::Side::Exhaust;
        step_ = Step::Take;
        break;
    case Step::Take: {
        // The lobe is through: another is asked, or none. Begun once more where it went round.
        const bool onThis = lobe && wish.side == last_;
        if (!onThis || there(bench)) step_ = Step::Look;
        break;
    }
    case Step::Press:
        if (wish.what != LiveWish::What::Press) {
            step_ = Step::Look;
            break;
        }
        if (std::abs(bench.crank_deg() - to_deg_) > kReach && !there(bench)) break;
        bench.turn(0.0);
        if (since_s_ == 0.0) since_s_ = now_s;
        if (now_s - since_s_ > kPeace_s) bench.press(true);
        if (wish.at && std::abs(turn + 360.0 + wish.at->deg - to_deg_) > kReach &&
            std::abs(turn - 360.0 + wish.at->deg - to_deg_) > kReach) {
            since_s_ = 0.0;
            step_ = Step::Look;
        }
        break;
    }
}

} // namespace live
