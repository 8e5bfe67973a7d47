#include "instrument/instruments.h"

#include "instrument/simulated_rig.h"
#include "words/say.h"

#include <algorithm>
#include <cmath>

namespace instrument {

namespace {
constexpr int kLook_ms = 250;
/// So many of the last are remembered to tell whether it makes sense.
constexpr int kJudged = 20;
} // namespace

struct Instruments::Connection {
    explicit Connection(const Format& format) : ear(format) {}
    Ear ear;
    std::unique_ptr<Port> port;
    int oddOfLast = 0; ///< leaky count of what made no sense
    double counted_s = 0.0;
    int counted = 0, oddCounted = 0;
    bool damaged = false; ///< in the second before
};

Instruments::Instruments(Seconds clock, QObject* parent)
    : QObject(parent), clock_(std::move(clock)) {
    look_.setInterval(kLook_ms);
    connect(&look_, &QTimer::timeout, this, [this] { look(); });
}

Instruments::~Instruments() = default;

const Instruments::State* Instruments::of(Role role) const {
    for (const auto& state : states_)
        if (state->instrument.role == role && state->health != Health::Lost) return state.get();
    return nullptr;
}

void Instruments::add(const Instrument& instrument) {
    states_.push_back(std::make_unique<State>());
    states_.back()->instrument = instrument;
    connections_.push_back(nullptr);
    look_.start();
    listen(states_.size() - 1);
    emit changed();
}

void Instruments::listen(std::size_t which) {
    State& state = *states_[which];
    connections_[which] = std::make_unique<Connection>(state.instrument.format);
    Connection& connection = *connections_[which];
    state.health = Health::Waiting;
    state.last.reset(), state.odd.reset();
    state.last_s = clock_();
    state.all = state.oddOnes = 0;
    connection.counted_s = clock_();
    connection.port = portAt(state.instrument, clock_, rig_.get());
    if (!connection.port)
        return setHealth(
            state, Health::Lost,
            Say::tr("%1 is plugged in at no place that is known here.").arg(state.instrument.name));
    Port* port = connection.port.get();
    connect(port, &Port::arrived, this,
            [this, &state, &connection](const QByteArray& bytes, double at_s) {
                arrived(state, connection, bytes, at_s);
            });
    connect(port, &Port::lost, this,
            [this, &state](const QString& why) { setHealth(state, Health::Lost, why); });
    connect(port, &Port::found, this, [this, &state, &connection] {
        connection.ear.forget();
        state.last_s = clock_();
        setHealth(state, Health::Waiting);
    });
    port->start();
}

void Instruments::remove(std::size_t which) {
    if (which >= states_.size()) return;
    connections_.erase(connections_.begin() + static_cast<std::ptrdiff_t>(which));
    states_.erase(states_.begin() + static_cast<std::ptrdiff_t>(which));
    if (states_.empty()) look_.stop();
    emit changed();
}

void Instruments::removeAll() {
    connections_.clear();
    states_.clear();
    look_.stop();
    emit changed();
}

void Instruments::change(std::size_t which, const Instrument& instrument) {
    if (which >= states_.size()) return;
    State& state = *states_[which];
    const bool otherwise = state.instrument.format != instrument.format ||
                           state.instrument.place != instrument.place ||
                           state.instrument.baud != instrument.baud ||
                           state.instrument.framing != instrument.framing;
    state.instrument = instrument;
    if (otherwise) listen(which);
    emit changed();
}

void Instruments::setAngleZero(double deg) {
    for (const auto& state : states_) {
        Instrument& i = state->instrument;
        if (i.role != Role::Angle || !state->last || !state->last->value) continue;
        const double here = *state->last->value;
        // It is to read `deg` from here on where it stands.
        if (i.format.way == Way::Count) {
            i.counter.zero = 0.0;
            i.counter.zero = here - i.counter.count(deg);
        } else {
            i.counter.zero = here - deg;
        }
    }
    emit changed();
}

void Instruments::arrived(State& state, Connection& c, const QByteArray& bytes, double at_s) {
    writer_.write(at_s, state.instrument.role, bytes);
    const std::vector<Timed> heard = c.ear.hear(
        std::string_view(bytes.constData(), static_cast<std::size_t>(bytes.size())), at_s);
    for (const Timed& one : heard) {
        ++state.all;
        ++c.counted;
        if (one.said.odd) {
            ++state.oddOnes;
            ++c.oddCounted;
            c.oddOfLast = std::min(c.oddOfLast + 3, kJudged * 2);
            state.odd = one.said;
        } else {
            c.oddOfLast = std::max(c.oddOfLast - 1, 0);
            state.last = one.said;
            state.last_s = at_s;
        }
    }
    if (heard.empty()) return;
    setHealth(state, c.oddOfLast >= kJudged ? Health::Odd
                     : c.damaged            ? Health::Damaged
                                            : Health::Fine);
    emit this->heard(state, heard);
}

void Instruments::setHealth(State& state, Health health, const QString& why) {
    if (state.health == health && state.trouble == why) return;
    state.health = health;
    state.trouble = why;
    emit changed();
}

void Instruments::look() {
    const double now = clock_();
    for (std::size_t i = 0; i < states_.size(); ++i) {
        State& state = *states_[i];
        Connection& c = *connections_[i];
        if (now - c.counted_s >= 1.0) {
            state.perSecond = c.counted / (now - c.counted_s);
            // One in a hundred is a cable, not a knock.
            c.damaged = c.oddCounted * 100 > c.counted && c.oddCounted > 1;
            c.counted = c.oddCounted = 0;
            c.counted_s = now;
        }
        // A pedal is silent until it is trodden on.
        const bool speaks = state.health == Health::Fine || state.health == Health::Damaged;
        if (speaks && state.instrument.role != Role::TakeIt && now - state.last_s > kSilent_s)
            setHealth(state, Health::Silent);
    }
}

QString Instruments::healthSaid(const State& s) {
    const QString name = s.instrument.name;
    switch (s.health) {
    case Health::Fine:
        return {};
    case Health::Waiting:
        return Say::tr("%1 is connected and has said nothing yet.").arg(name);
    case Health::Silent:
        return Say::tr("%1 says nothing any more: is it switched on? What is typed counts all the "
                       "same.")
            .arg(name);
    case Health::Damaged:
        return Say::tr(
                   "Some of what %1 says arrives damaged: look after plug and cable. What arrives "
                   "whole counts.")
            .arg(name);
    case Health::Odd:
        if (s.odd && s.odd->odd == Odd::Checksum)
            return Say::tr("What %1 says arrives damaged: look after plug and cable.").arg(name);
        return Say::tr("What %1 says makes no sense here: is it the right way of speaking, and the "
                       "right speed?")
            .arg(name);
    case Health::Lost:
        return s.trouble;
    }
    return {};
}

QString Instruments::trouble() const {
    for (const auto& state : states_)
        if (state->health != Health::Waiting)
            if (const QString said = healthSaid(*state); !said.isEmpty()) return said;
    return {};
}

QString Instruments::record(const QString& path) {
    std::vector<Instrument> all;
    for (const auto& state : states_)
        all.push_back(state->instrument);
    if (all.empty()) return Say::tr("No instrument is connected.");
    return writer_.begin(path, all)
               ? QString()
               : Say::tr("%1 cannot be written, or is there already.").arg(path);
}

SimulatedRig& Instruments::simulate(simulated::Bench bench) {
    removeAll();
    rig_ = std::make_unique<SimulatedRig>(std::move(bench), clock_);
    for (const Instrument& tool : SimulatedRig::tools())
        add(tool);
    return *rig_;
}

} // namespace instrument
