#include "desk/desk.h"

#include "words/say.h"

namespace app {

Desk::Desk(Session& session, Manner manner) : session_(session), manner_(std::move(manner)) {
    connect(&session, &Session::jobChanged, this, [this] { begin(); });
    connect(&session, &Session::changed, this, [this] { follow(); });
}

words::Style Desk::style() const {
    words::Style s = manner_();
    s.wheel = job().fitted.degreeWheel();
    return s;
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
