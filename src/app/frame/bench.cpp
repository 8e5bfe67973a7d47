#include "app/frame/bench.h"

#include <QPainter>
#include <QPaintEvent>

namespace app {

Bench::Bench(std::unique_ptr<Desk> desk, Session& session, const Look& look, QWidget* parent)
    : QWidget(parent), desk_(std::move(desk)), session_(session), look_(look) {
    // It fills its own ground: what lies under it need not be painted at every step of a slide.
    setAttribute(Qt::WA_OpaquePaintEvent);
    connect(desk_.get(), &Desk::shownChanged, this, [this] { refresh(); });
}

void Bench::paintEvent(QPaintEvent* event) {
    QPainter(this).fillRect(event->rect(), look_.theme().plate);
}

} // namespace app
