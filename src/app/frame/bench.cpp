#include "app/frame/bench.h"

#include <QPainter>
#include <QPaintEvent>

namespace app {

Bench::Bench(Session& session, const Look& look, QWidget* parent)
    : QWidget(parent), session_(session), look_(look) {
    // It fills its own ground: what lies under it need not be painted at every step of a slide.
    setAttribute(Qt::WA_OpaquePaintEvent);
}

void Bench::paintEvent(QPaintEvent* event) {
    QPainter(this).fillRect(event->rect(), look_.theme().plate);
}

StandCard Bench::standCard() const {
    const Prompt p = prompt();
    StandCard card;
    card.subject = p.subject;
    card.caption = QStringLiteral("asked now");
    card.big = p.ask;
    card.tip = p.keys;
    card.ring.rotation = job().engine.rotation;
    card.ring.wheel = job().fitted.degreeWheel();
    return card;
}

} // namespace app
