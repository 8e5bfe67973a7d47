#include "app/frame/live_view.h"

#include "app/frame/bench_hand.h"
#include "app/frame/entry_bar.h"
#include "app/frame/instruments_page.h"
#include "app/frame/preferences.h"
#include "app/frame/voice.h"
#include "app/pictures/ring.h"
#include "words/say.h"

#include <utility>

namespace app {

namespace {
constexpr int kFrame_ms = 25; ///< with the painting, within two frames of a screen
} // namespace

LiveView::LiveView(Session& session, Preferences& preferences, const Look& look, Dialogs& dialogs,
                   EntryBar& entry, QWidget& window)
    : QObject(&window),
      session_(session),
      preferences_(preferences),
      look_(look),
      dialogs_(dialogs),
      entry_(entry),
      window_(window),
      taker_(session, instruments_),
      voice_(new Voice(this)) {
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
        // Not every mark of a pass.
        if (!echo.ok || !echo.text.isEmpty()) readOut(echo);
    });
    connect(&entry, &EntryBar::answered, this, &LiveView::readOut);
    entry_.setLive({[this] { return taker_.take(); }, [this] { taker_.typing(); },
                    [this] { return taker_.leave(); }});
}

void LiveView::plugIn() {
    for (const QString& line : preferences_.instruments())
        if (const auto one = instrument::fromLine(line)) instruments_.add(*one);
    connect(&instruments_, &instrument::Instruments::changed, this, &LiveView::remember);
}

void LiveView::setDesk(Desk* desk) {
    desk_ = desk;
    taker_.setDesk(desk);
    if (hand_) hand_->setDesk(desk);
    // A bench that was made just now has seen nothing of it.
    if (std::exchange(shown_, {}) != live::Shown{} || !instruments_.none()) show();
}

/// The simulated ones are gone with the window.
void LiveView::remember() {
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

void LiveView::readOut(const Echo& echo) {
    if (!preferences_.spoken() || !atStand_ || !desk_) return;
    const QString first = !echo.ok ? Say::tr("again") + QStringLiteral(": ") + echo.text
                          : echo.text.isEmpty() ? desk_->standCard().last
                                                : echo.text;
    voice_->say(QStringList{first, desk_->prompt().ask}.join(QStringLiteral(". ")));
}

void LiveView::openPage() {
    if (!page_) {
        // Beside the book, and not in it.
        const auto streams = [this] {
            const QFileInfo book(session_.book().path());
            return book.path() + QLatin1Char('/') + book.completeBaseName() +
                   QStringLiteral("-streams");
        };
        page_ = new InstrumentsPage(instruments_, look_, dialogs_, streams, &window_);
        connect(page_, &InstrumentsPage::said, this, &LiveView::troubled);
        connect(page_, &InstrumentsPage::simulated, this, [this] {
            page_->close();
            showBench();
        });
    }
    page_->open();
}

Overlay* LiveView::page() const {
    return page_;
}

void LiveView::showBench() {
    if (!hand_) hand_ = new BenchHand(look_, &window_);
    hand_->setRig(instruments_.rig());
    hand_->setDesk(desk_);
    // Beside the work: over the slate, which has nothing to say yet.
    constexpr int kAside = 12, kUnder = 96;
    hand_->move(window_.mapToGlobal(QPoint(window_.width() - hand_->width() - kAside, kUnder)));
    hand_->show();
    window_.activateWindow();
}

} // namespace app
