#include "app/frame/bench.h"

#include <QPainter>
#include <QPaintEvent>

namespace app {

Bench::Bench(Session& session, const Look& look, QWidget* parent)
    : QWidget(parent), session_(session), look_(look) {
    // It fills its own ground: what lies under it need not be painted at every step of a slide.
    setAttribute(Qt::WA_OpaquePaintEvent);
}

Bench::Bench(std::unique_ptr<Desk> desk, Session& session, const Look& look, QWidget* parent)
    : Bench(session, look, parent) {
    desk_ = std::move(desk);
    connect(desk_.get(), &Desk::promptChanged, this, &Bench::promptChanged);
    connect(desk_.get(), &Desk::entryWanted, this, &Bench::entryWanted);
    connect(desk_.get(), &Desk::stationWanted, this, &Bench::stationWanted);
    connect(desk_.get(), &Desk::shownChanged, this, [this] { refresh(); });
}

void Bench::paintEvent(QPaintEvent* event) {
    QPainter(this).fillRect(event->rect(), look_.theme().plate);
}

StandCard Bench::standCard() const {
    return desk_ ? desk_->standCard() : cardOf(prompt(), job());
}

} // namespace app
