#include "app/frame/live_view.h"

#include "app/frame/entry_bar.h"
#include "app/frame/preferences.h"
#include "app/pictures/ring.h"

#include <utility>

namespace app {

namespace {
constexpr int kFrame_ms = 25; ///< with the painting, within two frames of a screen
}

LiveView::LiveView(Session& session, Preferences& preferences, const Look& look, EntryBar& entry,
                   QWidget& window)
    : QObject(&window),
      preferences_(preferences),
      look_(look),
      entry_(entry),
      window_(window),
      taker_(session, instruments_) {
    frame_.setSingleShot(true);
    frame_.setInterval(kFrame_ms);
    frame_.setTimerType(Qt::PreciseTimer);
    connect(&frame_, &QTimer::timeout, this, &LiveView::show);
    connect(&taker_, &live::Taker::shownChanged, this, [this] {
        if (!frame_.isActive()) frame_.start();
    });
    connect(&taker_, &live::Taker::troubled, this, &LiveView::troubled);
    connect(&taker_, &live::Taker::tookItself, this, [this](const Echo& echo) {
        if (!echo.text.isEmpty()) entry_.showSaid(echo.text);
        emit took(echo);
    });
    entry_.setLive({[this] { return taker_.take(); }, [this] { taker_.typing(); },
                    [this] { return taker_.leave(); }});
    // Those of this machine, as they were connected last.
    for (const QString& line : preferences.instruments())
        if (const auto one = instrument::fromLine(line)) instruments_.add(*one);
    loaded_ = true;
    connect(&instruments_, &instrument::Instruments::changed, this, &LiveView::remember);
}

void LiveView::setDesk(Desk* desk) {
    taker_.setDesk(desk);
    // A bench that was made just now has seen nothing of it.
    if (std::exchange(shown_, {}) != live::Shown{} || !instruments_.none()) show();
}

/// The simulated ones are gone with the window.
void LiveView::remember() {
    if (!loaded_) return;
    QStringList lines;
    for (const auto& state : instruments_.all())
        if (!state->instrument.place.startsWith(QLatin1String("simulated:")))
            lines << instrument::toLine(state->instrument);
    if (lines != preferences_.instruments()) preferences_.setInstruments(lines);
}

void LiveView::show() {
    const live::Shown now = taker_.shown(look_.style());
    if (now == shown_) return;
    const bool needle = now.at != shown_.at || now.closed != shown_.closed;
    shown_ = now;
    entry_.showLive(now.value, now.closed, now.doing);
    if (!needle) return;
    for (Ring* ring : window_.findChildren<Ring*>())
        ring->setLive(now.at, now.value.isEmpty() ? 0.0 : now.closed);
}

} // namespace app
