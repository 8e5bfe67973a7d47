// The taker: what takes itself as the crank is turned by, TDC by a sweep, a lobe mark by mark,
// events.
#include "core/job/job.h"
#include "live/taker.h"

#include "words/say.h"

#include <QScopedValueRollback>

#include <algorithm>
#include <cmath>
#include <utility>

namespace live {

using namespace lobe;
using app::Echo;
using app::InstrumentReading;
using app::LiveWish;

namespace {

/// A lobe that begins where the last one began is that one again.
constexpr double kSameLobe_deg = 40.0;
/// As much of the base circle before a lobe is told with it, where it was passed before it was
/// asked.
constexpr double kBaseBefore_deg = 90.0;
/// Marks remembered for the lobe that comes next: of one cycle.
constexpr double kRemembered_deg = 720.0;

} // namespace

void Taker::sample(Role role, Dial& dial, const LiveSample& s) {
    if (wish_.what == LiveWish::What::Contact && dialOf(wish_) == role) sweep(s);
    std::vector<PassedMark> passed;
    dial.passing->feed(s, passed);
    for (const PassedMark& m : passed)
        mark(role, dial, m);
}

/// Over the top with a dial on the piston: both flanks, and TDC in the middle.
void Taker::sweep(const LiveSample& s) {
    constexpr double kApart_deg = 0.01, kBack_deg = 1.0, kEach_deg = 1.0;
    if (!sweep_.empty() && s.deg < sweep_.back().deg - kBack_deg) sweep_.clear();
    if (!sweep_.empty() && s.deg < sweep_.back().deg + kApart_deg) return;
    sweep_.push_back(s);
    // A turn is more than enough; the flanks that count are the last.
    if (s.deg - sweep_.front().deg > 170.0)
        sweep_.erase(sweep_.begin(),
                     sweep_.begin() + static_cast<std::ptrdiff_t>(sweep_.size() / 3));
    if (wish_.afterTop || held_ || (sweptAt_ && std::abs(s.deg - *sweptAt_) < kEach_deg)) return;
    sweptAt_ = s.deg;
    const auto top = sweptTop(sweep_, {0.5, 1.0, 2.0, 4.0});
    if (!top || top->contacts.empty()) return;
    // As far down behind the top as before it, or far enough.
    constexpr double kDeep_mm = 4.6;
    const double deep = top->pairs.back().drop_mm;
    const double before = std::abs(sweep_.front().mm - s.mm);
    if (deep < kDeep_mm && before > 0.1 * deep) return;
    // Nothing was measured from the encoder's zero yet: it is put where TDC is.
    double shift = 0.0;
    if (findingsEmpty()) {
        shift = top->top_deg;
        instruments_.setAngleZero(*angle_ - shift);
    }
    // The deepest first, where the wheel runs on under the needle: whatever is asked after it, it
    // is taken.
    const QScopedValueRollback<bool> self(byItself_, true);
    Echo last{true, {}};
    int taken = 0;
    for (auto p = top->contacts.rbegin(); p != top->contacts.rend() && last.ok; ++p)
        for (const double deg : {p->before_deg, p->after_deg}) {
            InstrumentReading r;
            r.value = p->drop_mm;
            r.wheel_deg = deg - shift;
            r.source = dials_[*dialOf(wish_)].name;
            r.raw = QStringLiteral("both flanks of a sweep, drop %1 mm").arg(r.value, 0, 'f', 3);
            last = desk_->take(r);
            if (!last.ok) break;
            ++taken;
        }
    if (taken >= 2) last = {true, {}};
    sweep_.clear();
    if (last.ok) last.text = Say::tr("TDC by both flanks, ±%1°").arg(top->plusMinus_deg, 0, 'f', 2);
    emit tookItself(last);
}

/// A pair of contacts found TDC elsewhere than the encoder's zero, and nothing hangs on that yet:
/// it is put there. False where it was not.
bool Taker::zeroAtTop() {
    constexpr double kThere_deg = 0.05;
    const TdcPass* pass = session_.findings().tdc.latest();
    if (!pass || !pass->correction_deg || !noRuns() || std::abs(*pass->correction_deg) < kThere_deg)
        return false;
    instruments_.setAngleZero(*angle_ - *pass->correction_deg);
    return true;
}

/// Whether nothing hangs on where the wheel's zero stands.
bool Taker::findingsEmpty() const {
    return session_.job().contacts.empty() && noRuns();
}

bool Taker::noRuns() const {
    const Job& job = session_.job();
    return std::all_of(job.runs.begin(), job.runs.end(),
                       [](const LiftRun& r) { return r.readings.empty(); });
}

/// Steeper than any lobe: the needle began anew, or the dial was knocked.
void Taker::jumped(Dial& dial, const std::optional<PassedMark>& before, const PassedMark& now) {
    constexpr double kSteepest_mm_per_deg = 0.35, kSlack_mm = 0.3;
    if (!before || std::abs(now.mm - before->mm) <
                       kSlack_mm + kSteepest_mm_per_deg * std::abs(now.deg - before->deg))
        return;
    if (lastKept_deg_ && dialFor(wish_) == &dial)
        sayOnce(Say::tr("%1 jumped by %2 mm within a degree: did its needle begin anew, or was it "
                        "knocked? Go back to the base circle and take this lobe again.")
                    .arg(dial.name)
                    .arg(std::abs(now.mm - before->mm), 0, 'f', 2));
    dial.pass.forget();
    dial.marks.clear();
}

double Taker::inCycle(double deg) const {
    return wish_.from_deg + std::fmod(std::fmod(deg - wish_.from_deg, 720.0) + 720.0, 720.0);
}

void Taker::mark(Role role, Dial& dial, const PassedMark& passed) {
    PassedMark m = passed;
    // The pass looks at the lift, whichever way the dial counts.
    if (wish_.countsDown) m.mm = -m.mm;
    const std::optional<PassedMark> before =
        dial.marks.empty() ? std::nullopt : std::optional(dial.marks.back());
    jumped(dial, before, passed);
    const bool wasOnBase = dial.pass.onBase();
    // Through long ago, and what was passed is forgotten by now: another turn of the cam begins.
    if (dial.pass.through() && !dial.marks.empty() &&
        dial.marks.front().deg > *dial.pass.liftedAt_deg() - kBaseBefore_deg)
        dial.pass.forget();
    dial.pass.feed(m);
    dial.marks.push_back(passed);
    while (!dial.marks.empty() && dial.marks.front().deg < passed.deg - kRemembered_deg)
        dial.marks.pop_front();
    if (!desk_ || held_) return;
    // One lobe is taken; the next begins by its own lift, under this dial or under its own.
    const Role others = wish_.side == Side::Intake ? Role::Exhaust : Role::Intake;
    if (dialOf(wish_) != role && !(wish_.goesOn && role == others)) return;
    if (wish_.goesOn && dial.pass.lifted() && dial.pass.onBase()) {
        const double at = *dial.pass.liftedAt_deg();
        if (dial.doneAt && !dial.setAnew &&
            std::abs(std::remainder(at - *dial.doneAt, 720.0)) < kSameLobe_deg) {
            sayOnce(Say::tr("The dial stands on the valve that is taken already: set it on the "
                            "next, on its base circle, and turn on."));
            return;
        }
        sayOnce({});
        desk_->take(app::Line{});
        followWish();
        if (dialOf(wish_) != role) return;
    }
    if (wish_.what == LiveWish::What::Event && before) return crossing(dial, *before, passed);
    if (!isPass(wish_)) return;
    if (!dial.pass.onBase()) {
        if (!dial.pass.lifted()) return;
        notOnBase_ = true;
        sayOnce(Say::tr("Begin on the base circle: turn on until the needle stands, and go on "
                        "from there."));
        return;
    }
    // What was passed of the base circle before one could know it for that, too.
    if (!wasOnBase || !lastKept_deg_) {
        if (std::exchange(notOnBase_, false)) sayOnce(instruments_.trouble());
        const double from =
            std::max(*dial.pass.baseSince_deg(),
                     dial.pass.liftedAt_deg().value_or(passed.deg) - kBaseBefore_deg);
        for (const PassedMark& old : dial.marks)
            if (old.deg >= from) offer(dial, old);
    } else {
        offer(dial, passed);
    }
    // It may have been through before it was asked: an indicator on each valve, in one turn.
    if (dial.pass.through() && lastKept_deg_) {
        flush(true);
        dial.doneAt = dial.pass.liftedAt_deg();
        constexpr double kRose_mm = 0.05;
        if (const double rose = dial.pass.baseRose_mm(); std::abs(rose) > kRose_mm)
            sayOnce(
                Say::tr("Behind the lobe the base circle stands %1 mm off what it was before it: "
                        "did the dial's base slip, or does the follower hang? Take it again.")
                    .arg(std::abs(rose), 0, 'f', 2));
        dial.setAnew = false;
        // From here on it is the base circle before whatever lobe comes next.
        dial.pass.forget();
        dial.pass.feed(m);
    }
}

/// A mark of the lobe asked, to be kept with the next.
void Taker::offer(Dial& dial, const PassedMark& m) {
    const double deg = inCycle(m.deg);
    if (deg > wish_.to_deg + 1e-6) return;
    if (lastKept_deg_ && m.deg <= *lastKept_deg_ + 1e-9) return;
    lastKept_deg_ = m.deg;
    InstrumentReading r;
    const double base = wish_.countsDown ? -dial.pass.base_mm() : dial.pass.base_mm();
    r.value = std::round((m.mm - base) * 1e5) / 1e5;
    r.wheel_deg = std::round(deg * 1000.0) / 1000.0;
    r.source = dial.name;
    r.raw = QString::fromStdString(dial.raw);
    batch_.push_back(std::move(r));
    if (!flush_.isActive()) flush_.start();
}

void Taker::flush(bool through) {
    flush_.stop();
    if (!desk_ || (batch_.empty() && !through)) return;
    app::InstrumentPass pass;
    pass.readings.swap(batch_);
    pass.goesOn = goesOn_;
    pass.through = through;
    const QScopedValueRollback<bool> self(byItself_, true);
    const Echo echo = desk_->take(pass);
    goesOn_ = echo.ok && !through;
    if (!echo.ok) held_ = true;
    emit tookItself(echo);
}

/// An event is where the dial passes its height, between two marks.
void Taker::crossing(Dial& dial, const PassedMark& a, const PassedMark& b) {
    if (!wish_.height_mm || !dial.pass.onBase()) return;
    const double sign = wish_.countsDown ? -1.0 : 1.0;
    const double from = sign * a.mm - dial.pass.base_mm() - *wish_.height_mm,
                 to = sign * b.mm - dial.pass.base_mm() - *wish_.height_mm;
    if (wish_.opening ? !(from < 0.0 && to >= 0.0) : !(from >= 0.0 && to < 0.0)) return;
    InstrumentReading r;
    r.unit = InstrumentReading::Unit::Degree;
    r.value = a.deg + (b.deg - a.deg) * from / (from - to);
    r.source = dial.name;
    r.raw = QString::fromStdString(dial.raw);
    const QScopedValueRollback<bool> self(byItself_, true);
    const Echo echo = desk_->take(r);
    if (dial.pass.through()) dial.pass.forget();
    emit tookItself(echo);
}

} // namespace live
