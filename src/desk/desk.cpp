#include "desk/desk.h"

#include "core/job/job.h"
#include "words/say.h"

namespace app {

Desk::Desk(Session& session, Manner manner) : session_(session), manner_(std::move(manner)) {
    connect(&session, &Session::jobChanged, this, [this] { begin(); });
    connect(&session, &Session::snapshotTaken, this, [this] {
        if (awake_) follow();
    });
}

Echo Desk::take(const Input& input) {
    session_.settle();
    struct Door {
        Desk& desk;
        Echo operator()(const Line& line) const { return desk.submit(line.text); }
        Echo operator()(const Letter& letter) const { return desk.command(letter.letter); }
        Echo operator()(const InstrumentReading& reading) const { return desk.measured(reading); }
        Echo operator()(const InstrumentPass& pass) const { return desk.passed(pass); }
        Echo operator()(const Step& step) const { return {desk.step(step.direction), {}}; }
        Echo operator()(const Strike&) const {
            desk.strikeLast();
            return {true, {}};
        }
        Echo operator()(const Leave&) const {
            desk.leave();
            return {true, {}};
        }
    };
    return std::visit(Door{*this}, input);
}

Echo Desk::measured(const InstrumentReading&) {
    return {false, Say::tr("Nothing is measured here; what is asked is typed.")};
}

Echo Desk::passed(const InstrumentPass&) {
    return measured({});
}

words::Style Desk::style() const {
    return session_.atTheEngine(manner_());
}

StandCard cardOf(const Prompt& p, const lobe::Job& job) {
    StandCard card;
    card.subject = p.subject;
    card.caption = Say::tr("asked now");
    card.big = p.ask;
    card.tip = p.keys;
    card.ring.rotation = job.engine.rotation;
    card.ring.wheel = job.fitted.degreeWheel();
    return card;
}

} // namespace app
