#include "app/bench/bench.h"

namespace app {

Bench::Bench(std::unique_ptr<Desk> desk, Session& session, const Look& look, QWidget* parent)
    : Ground(look, &Theme::plate, parent), desk_(std::move(desk)), session_(session) {
    // What is not seen is not drawn: it is shown anew when it is.
    connect(desk_.get(), &Desk::shownChanged, this, [this] {
        if (!desk_->awake()) return;
        desk_->follow();
        refresh();
    });
}

} // namespace app
