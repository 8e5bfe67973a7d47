// The taker: what each tool says, followed, and doubted where it cannot be.
#include "live/taker.h"

#include "words/say.h"

#include <algorithm>
#include <cmath>

namespace live {

using namespace lobe;
using app::LiveWish;
using instrument::Instruments;

namespace {

/// Against the running direction by so much, it is no trembling hand.
constexpr double kBackwards_deg = 10.0;
/// What a dial has to go to have been pressed or let go.
constexpr double kPressed_mm = 0.05;

} // namespace

void Taker::hear(const Instruments::State& by, const std::vector<instrument::Timed>& all) {
    const instrument::Instrument& i = by.instrument;
    for (const instrument::Timed& one : all) {
        if (one.said.odd) continue;
        if (one.said.takeIt || i.role == Role::TakeIt) {
            if (const auto echo = take()) emit tookItself(*echo);
        } else if (!one.said.value) {
            continue;
        } else if (i.role == Role::Angle) {
            hearAngle(i, one.said, one.t_s);
        } else {
            hearDial(i, one.said, one.t_s);
        }
    }
    standsStill();
    emit shownChanged();
}

void Taker::hearAngle(const instrument::Instrument& by, const instrument::Said& said, double t_s) {
    // Its zero was put elsewhere, or it counts otherwise: it did not move, and no angle before is
    // one of those that come.
    if (counted_ != by.counter) otherAngles();
    counted_ = by.counter;
    const auto believed = angleGuard_.feed(t_s, instrument::degreesOf(by, *said.value));
    if (!believed.value) return;
    const double deg = *believed.value;
    if (believed.jump) slipped(by.name, *believed.jump);
    angle_ = deg;
    angleName_ = by.name;
    angleRaw_ = said.raw;
    angleQuiet_.feed(t_s, deg);
    if (const auto sure = angleBetween_.feed(t_s, deg))
        for (auto& [role, dial] : dials_)
            dial.pairing.angle(sure->t_s, sure->value);
    if (said.index) {
        const double turn = by.counter.countsPerTurn;
        if (indexAt_) {
            const double turns = std::abs(*said.value - *indexAt_) / turn;
            if (std::abs(turns - std::round(turns)) > 0.02)
                sayOnce(Say::tr("%1 counts %2 from one index mark to the next, and not %3: its "
                                "counts of a turn are said wrong at Instruments.")
                            .arg(by.name)
                            .arg(std::abs(*said.value - *indexAt_), 0, 'f', 0)
                            .arg(turn, 0, 'f', 0));
        }
        indexAt_ = *said.value;
    }
    // Whoever turns as the engine runs, and is counted backwards, has it the wrong way round.
    if (!angleBegun_) angleBegun_ = deg;
    if (deg > *angleBegun_ + kBackwards_deg) {
        angleBegun_ = deg;
        if (backwards_) sayOnce(instruments_.trouble());
        backwards_ = false;
    }
    if (isPass(wish_) && dialFor(wish_) && !backwards_ && deg < *angleBegun_ - kBackwards_deg &&
        !lastKept_deg_) {
        backwards_ = true;
        sayOnce(Say::tr("%1 counts backwards. Turn the crank the way the engine runs; if you do, "
                        "say at Instruments that it counts the other way.")
                    .arg(by.name));
    }
}

void Taker::hearDial(const instrument::Instrument& by, const instrument::Said& said, double t_s) {
    Dial& dial = dials_[by.role];
    if (dial.unit && *dial.unit != said.unit) {
        held_ = true;
        batch_.clear();
        sayOnce(Say::tr("%1 says %2 now and said %3 before. Nothing takes itself until Enter says "
                        "that is meant.")
                    .arg(by.name,
                         said.unit == instrument::Unit::Inch ? Say::tr("inches")
                                                             : Say::tr("millimetres"),
                         *dial.unit == instrument::Unit::Inch ? Say::tr("inches")
                                                              : Say::tr("millimetres")));
    }
    dial.unit = said.unit;
    const auto believed = dial.guard.feed(t_s, *said.value);
    if (!believed.value) return;
    const double before = dial.mm.value_or(*believed.value);
    dial.mm = *believed.value;
    dial.raw = said.raw;
    dial.name = by.name;
    dial.quiet.feed(t_s, *dial.mm);
    dial.nearly.feed(t_s, *dial.mm);
    judge(dial, *dial.mm, before);
    if (dial.quiet.still()) {
        const double here = dial.quiet.mean();
        if (!dial.plateau) dial.rest_mm = here;
        if (dial.plateau && std::abs(here - *dial.plateau) > kPressed_mm) {
            dial.rest_mm = *dial.plateau;
        }
        dial.plateau = here;
    }
    if (!instruments_.of(Role::Angle)) return;
    touched(dial);
    if (!dial.passing) {
        constexpr double kUsual_deg = 1.0; // nothing is asked of it yet
        dial.step_deg = markStep() > 0.0 ? markStep() : kUsual_deg;
        dial.passing.emplace(dial.step_deg);
    }
    if (const auto sure = dial.between.feed(t_s, *dial.mm))
        dial.pairing.dial(sure->t_s, sure->value);
    while (const auto s = dial.pairing.take())
        sample(by.role, dial, *s);
}

/// The encoder stands elsewhere at once: what was passed before is of another zero.
void Taker::slipped(const QString& name, double by_deg) {
    sayOnce(
        Say::tr("%1 jumped by %2° at once: did its coupling slip? Find TDC again before what comes "
                "is believed.")
            .arg(name)
            .arg(std::abs(by_deg), 0, 'f', 1));
    otherAngles();
}

void Taker::otherAngles() {
    angleGuard_.forget();
    angleBetween_.forget();
    angleQuiet_.forget();
    angleBegun_.reset();
    indexAt_.reset();
    sweptAt_.reset();
    sweep_.clear();
    for (auto& [role, dial] : dials_) {
        dial.doneAt.reset();
        dial.pairing.forget();
        dial.pass.forget();
        dial.marks.clear();
        if (dial.passing) dial.passing->forget();
    }
}

/// A dial that trembles, or shows coarse steps: what it can give is said.
void Taker::judge(Dial& dial, double mm, double before_mm) {
    // Going to and fro, and not creeping one way as a valve does on its ramp.
    constexpr int kOften = 12;
    if (dial.nearly.closed() <= 0.0) dial.reversals = 0;
    if (const double way = mm - dial.turned_mm; std::abs(way) > kQuiet_mm) {
        dial.reversals += way * dial.turning < 0.0;
        dial.turning = way;
        dial.turned_mm = mm;
    }
    if (dial.nearly.still() && !dial.quiet.still() && dial.reversals > kOften)
        sayOnce(
            Say::tr("%1 does not come to rest: it trembles by some hundredths. Enter twice takes "
                    "it as it is; the mean of many is taken in passing.")
                .arg(dial.name));
    // Coarse: whatever it shows lies on a grid, time after time.
    constexpr double kGrids_mm[] = {0.1, 0.05, 0.025, 0.02};
    constexpr int kEnough = 40;
    if (std::abs(mm - before_mm) < 1e-9) return;
    for (std::size_t i = 0; i < std::size(kGrids_mm); ++i) {
        const double lines = mm / kGrids_mm[i];
        int& onIt = dial.onGrid[i];
        onIt = std::abs(lines - std::round(lines)) < 0.01 ? onIt + 1 : 0;
        if (onIt != kEnough) continue;
        sayOnce(Say::tr("%1 shows steps of %2 mm and no finer: no event is better than that.")
                    .arg(dial.name)
                    .arg(kGrids_mm[i], 0, 'g', 3));
        break;
    }
}

/// Moved while the crank stood: somebody set the dial elsewhere, or pressed the valve, and what was
/// passed before is of another place.
void Taker::touched(Dial& dial) {
    constexpr double kStands = 0.25, kTouched_mm = 0.3;
    if (angleQuiet_.closed() < kStands || wish_.what == LiveWish::What::Press) {
        dial.stoodAt_mm.reset();
        return;
    }
    if (!dial.stoodAt_mm) dial.stoodAt_mm = *dial.mm;
    if (std::abs(*dial.mm - *dial.stoodAt_mm) < kTouched_mm) return;
    dial.stoodAt_mm = *dial.mm;
    dial.pass.forget();
    dial.marks.clear();
    if (dial.passing) dial.passing->forget();
    dial.setAnew = true;
}

} // namespace live
