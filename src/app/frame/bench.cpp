#include "app/frame/bench.h"

namespace app {

Bench::Bench(std::unique_ptr<Desk> desk, Session& session, const Look& look, QWidget* parent)
    : Ground(look, &Theme::plate, parent), desk_(std::move(desk)), session_(session) {
    connect(desk_.get(), &Desk::shownChanged, this, [this] { refresh(); });
}

} // namespace app
