#include "live/taker.h"

#include "words/say.h"
#include "words/sentences.h"

#include <cmath>
#include <utility>

namespace live {

using namespace lobe;
using app::Echo;
using app::InstrumentReading;
using app::LiveWish;
using instrument::Instruments;

namespace {

/// What was passed is kept together, so many times a second: a commit is on the disk.
constexpr int kFlush_ms = 250;

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
        // What else was said stands, whatever a tool does meanwhile.
        const QString trouble = instruments_.trouble();
        if (!trouble.isEmpty() || said_ == trouble_) sayOnce(trouble);
        trouble_ = trouble;
        emit shownChanged();
    });
    connect(&session, &app::Session::changed, this, &Taker::followWish);
    connect(&session, &app::Session::selectionChanged, this, &Taker::followWish);
    connect(&session, &app::Session::jobChanged, this, &Taker::anew);
    // Taken back in its middle, a pass does not go on with what would be left of it.
    connect(&session, &app::Session::undone, this, &Taker::anew);
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
    case LiveWish::What::Angle:
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
    wish_ = next;
    const double step = markStep();
    for (auto& [role, dial] : dials_)
        if (step > 0.0 && (!dial.passing || dial.step_deg != step)) {
            dial.passing.emplace(step);
            dial.step_deg = step;
            dial.marks.clear();
            dial.pass.forget();
        }
    emit shownChanged();
}

double Taker::markStep() const {
    // An event is met between marks so close that the flank is straight there.
    constexpr double kEventStep_deg = 0.25;
    return wish_.what == LiveWish::What::Event ? kEventStep_deg
           : isPass(wish_)                     ? wish_.step_deg
                                               : 0.0;
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
