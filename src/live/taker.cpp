#include "live/taker.h"

#include "words/say.h"
#include "words/sentences.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace live {

using namespace lobe;
using app::Echo;
using app::InstrumentReading;
using app::LiveWish;
using instrument::Instruments;

namespace {

/// What was passed is kept together, so many times a second: a commit is on the disk.
constexpr int kFlush_ms = 250;
/// An event is met between marks so close that the flank is straight there.
constexpr double kEventStep_deg = 0.25;
/// Against the running direction by so much, it is no trembling hand.
constexpr double kBackwards_deg = 10.0;
/// A lobe that begins where the last one began is that one again.
constexpr double kSameLobe_deg = 40.0;
/// What a dial has to go to have been pressed or let go.
constexpr double kPressed_mm = 0.05;
/// As much of the base circle before a lobe is told with it, where it was passed before it was
/// asked.
constexpr double kBaseBefore_deg = 90.0;
/// Marks remembered for the lobe that comes next: of one cycle.
constexpr double kRemembered_deg = 720.0;

bool isPass(const LiveWish& w) {
    return w.what == LiveWish::What::Lift && w.at && w.step_deg > 0.0;
}

/// The same work, wherever it has come to.
bool sameWork(const LiveWish& a, LiveWish b) {
    b.at = a.at;
    b.afterTop = a.afterTop;
    return a == b;
}

} // namespace

Taker::Taker(app::Session& session, Instruments& instruments, QObject* parent)
    : QObject(parent), session_(session), instruments_(instruments) {
    connect(&instruments, &Instruments::heard, this, &Taker::hear);
    connect(&instruments, &Instruments::changed, this, [this] {
        sayOnce(instruments_.trouble());
        emit shownChanged();
    });
    connect(&session, &app::Session::changed, this, &Taker::followWish);
    connect(&session, &app::Session::selectionChanged, this, &Taker::followWish);
    connect(&session, &app::Session::jobChanged, this, &Taker::anew);
    flush_.setInterval(kFlush_ms);
    flush_.setSingleShot(true);
    connect(&flush_, &QTimer::timeout, this, [this] { flush(false); });
}

void Taker::setDesk(app::Desk* desk) {
    if (desk_) disconnect(desk_, nullptr, this, nullptr);
    flush(false);
    desk_ = desk;
    waiting_ = false;
    if (desk_) connect(desk_, &app::Desk::promptChanged, this, &Taker::followWish);
    followWish();
}

/// Another job: nothing heard before is of it.
void Taker::anew() {
    batch_.clear();
    goesOn_ = waiting_ = held_ = false;
    lastKept_deg_.reset();
    for (auto& [role, dial] : dials_) {
        dial.pass.forget();
        dial.marks.clear();
    }
    sweep_.clear();
    followWish();
}

std::optional<Taker::Role> Taker::dialOf(const LiveWish& wish) const {
    const Role own = wish.side == Side::Intake ? Role::Intake : Role::Exhaust;
    const std::array<Role, 2> roles{wish.what == LiveWish::What::Contact ? Role::Drop : own,
                                    Role::Lift};
    for (const Role role : roles)
        if (instruments_.of(role)) return role;
    return std::nullopt;
}

bool Taker::hasAngle() const {
    return angle_ && instruments_.of(Role::Angle);
}

const Taker::Dial* Taker::dialFor(const LiveWish& wish) const {
    const auto role = dialOf(wish);
    const auto at = role ? dials_.find(*role) : dials_.end();
    return at == dials_.end() || !at->second.mm ? nullptr : &at->second;
}

bool Taker::gives() const {
    switch (wish_.what) {
    case LiveWish::What::Nothing:
        return false;
    case LiveWish::What::Lift:
    case LiveWish::What::Press:
        return dialFor(wish_);
    case LiveWish::What::Event:
    case LiveWish::What::Contact:
        return hasAngle();
    }
    return false;
}

bool Taker::still() const {
    const bool length = wish_.what == LiveWish::What::Lift || wish_.what == LiveWish::What::Press;
    const Dial* dial = length ? dialFor(wish_) : nullptr;
    return (!length || (dial && dial->quiet.still())) && (!hasAngle() || angleQuiet_.still());
}

Shown Taker::shown(const words::Style& style) const {
    Shown s;
    if (hasAngle()) s.at = CrankDeg{*angle_};
    if (!gives()) return s;
    const bool length = wish_.what == LiveWish::What::Lift || wish_.what == LiveWish::What::Press;
    const auto reading = now(false);
    if (!reading) return s;
    s.value = length ? words::liftWithUnit(reading->value, style)
                     : words::fixed(wrapTurn({reading->value}).deg, 1, style) + QChar(0xB0);
    const Dial* dial = length ? dialFor(wish_) : nullptr;
    s.closed = std::min(dial ? dial->quiet.closed() : 1.0, hasAngle() ? angleQuiet_.closed() : 1.0);
    s.waiting = waiting_;
    const auto role = dialOf(wish_);
    const auto at = role ? dials_.find(*role) : dials_.end();
    if (hasAngle() && at != dials_.end() && at->second.passing) {
        if (at->second.passing->backing() && wish_.what != LiveWish::What::Contact)
            s.doing = Say::tr("going back: left out until it is past where it was");
        else if (isPass(wish_))
            s.doing = Say::tr("turn on forward: the lobe takes itself");
        else if (wish_.what == LiveWish::What::Event && wish_.height_mm)
            s.doing = Say::tr("turn on forward: the event takes itself");
        else if (wish_.what == LiveWish::What::Contact)
            s.doing = Say::tr("turn once over the top: both flanks are taken");
    }
    if (waiting_) s.doing = Say::tr("hold it still: it is taken by itself");
    return s;
}

std::optional<InstrumentReading> Taker::now(bool moving) const {
    InstrumentReading r;
    r.moving = moving;
    const bool length = wish_.what == LiveWish::What::Lift || wish_.what == LiveWish::What::Press;
    if (!length) {
        if (!hasAngle()) return std::nullopt;
        r.unit = InstrumentReading::Unit::Degree;
        r.value = angleQuiet_.still() ? angleQuiet_.mean() : *angle_;
        r.source = angleName_;
        r.raw = QString::fromStdString(angleRaw_);
        return r;
    }
    const Dial* dial = dialFor(wish_);
    if (!dial) return std::nullopt;
    r.value = dial->quiet.still() ? dial->quiet.mean() : *dial->mm;
    if (wish_.what == LiveWish::What::Press) r.value = std::abs(r.value - dial->rest_mm);
    r.source = dial->name;
    r.raw = QString::fromStdString(dial->raw);
    if (hasAngle() && wish_.at) r.wheel_deg = angleQuiet_.still() ? angleQuiet_.mean() : *angle_;
    return r;
}

std::optional<Echo> Taker::take() {
    if (!desk_ || !gives()) return std::nullopt;
    if (held_) {
        held_ = false;
        sayOnce({});
    }
    if (!still() && !waiting_) {
        waiting_ = true;
        emit shownChanged();
        return Echo{true,
                    Say::tr("taken as soon as it stands still; Enter once more: as it moves")};
    }
    flush(false);
    waiting_ = false;
    const auto reading = now(!still());
    if (!reading) return std::nullopt;
    const bool pair = wish_.what == LiveWish::What::Contact && wish_.afterTop;
    Echo echo = desk_->take(*reading);
    if (echo.ok && pair && zeroAtTop())
        echo.text = Say::tr("the encoder's zero is put where TDC is: both once more prove it");
    if (echo.ok && wish_.what == LiveWish::What::Press)
        if (const auto role = dialOf(wish_))
            if (auto& dial = dials_[*role]; dial.plateau) dial.rest_mm = *dial.plateau;
    goesOn_ = false;
    emit shownChanged();
    return echo;
}

bool Taker::leave() {
    const bool was = std::exchange(waiting_, false);
    if (was) emit shownChanged();
    return was;
}

/// The lift is typed: the angle is where the crank is counted to stand.
void Taker::typing() {
    if (!desk_ || !isPass(wish_) || !hasAngle() || dialFor(wish_)) return;
    const double at = std::round(*angle_ * 100.0) / 100.0;
    if (std::abs(wrapCycle({at - wish_.at->deg}).deg) > 0.05)
        desk_->take(InstrumentReading{at, InstrumentReading::Unit::Degree, {}, angleName_, {}, {}});
}

/// What the desk wishes now. Of other work the pass begins anew, with the marks that are
/// remembered.
void Taker::followWish() {
    const LiveWish next = desk_ ? desk_->live() : LiveWish{};
    if (sameWork(wish_, next)) {
        wish_ = next;
        return;
    }
    batch_.clear();
    goesOn_ = waiting_ = false;
    lastKept_deg_.reset();
    sweep_.clear();
    const double before = wish_.step_deg;
    wish_ = next;
    const double step = wish_.what == LiveWish::What::Event ? kEventStep_deg
                        : isPass(wish_)                     ? wish_.step_deg
                                                            : before;
    for (auto& [role, dial] : dials_)
        if (step > 0.0 && (!dial.passing || dial.step_deg != step)) {
            dial.passing.emplace(step);
            dial.step_deg = step;
            dial.marks.clear();
            dial.pass.forget();
        }
    emit shownChanged();
}

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
    const auto believed = angleGuard_.feed(t_s, instrument::degreesOf(by, *said.value));
    if (!believed.value) return;
    const double deg = *believed.value;
    if (believed.jump && !zeroSet_) slipped(by.name, *believed.jump);
    zeroSet_ = false;
    if (angle_ && std::abs(deg - *angle_) > 180.0) angleBegun_.reset(); // its zero was set anew
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
    const double step = wish_.what == LiveWish::What::Event ? kEventStep_deg
                        : isPass(wish_)                     ? wish_.step_deg
                                                            : 1.0;
    if (!dial.passing) {
        dial.passing.emplace(step);
        dial.step_deg = step;
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
    angleBetween_.forget();
    for (auto& [role, dial] : dials_) {
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
        zeroSet_ = true;
        instruments_.setAngleZero(*angle_ - shift);
    }
    // The deepest first, where the wheel runs on under the needle: whatever is asked after it, it
    // is taken.
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
    zeroSet_ = true;
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
        if (dial.pass.lifted())
            sayOnce(Say::tr("Begin on the base circle: turn on until the needle stands, and go on "
                            "from there."));
        return;
    }
    // What was passed of the base circle before one could know it for that, too.
    if (!wasOnBase || !lastKept_deg_) {
        sayOnce(instruments_.trouble());
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
    const Echo echo = desk_->take(r);
    if (dial.pass.through()) dial.pass.forget();
    emit tookItself(echo);
}

void Taker::standsStill() {
    if (!waiting_ || !still()) return;
    if (const auto echo = take()) emit tookItself(*echo);
}

void Taker::sayOnce(const QString& sentence) {
    if (sentence == said_) return;
    said_ = sentence;
    emit troubled(sentence);
}

} // namespace live
