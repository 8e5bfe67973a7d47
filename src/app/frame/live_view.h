// What instruments do, as the window shows it: the live value in the entry line, the needle on
// every ring in view, and what goes wrong as a sentence. It paints at most so often as an eye sees.
#pragma once

#include "app/style/look.h"
#include "live/taker.h"

#include <QTimer>

namespace app {

class EntryBar;
class Preferences;

class LiveView : public QObject {
    Q_OBJECT
public:
    /// All outlive it.
    LiveView(Session& session, Preferences& preferences, const Look& look, EntryBar& entry,
             QWidget& window);

    instrument::Instruments& instruments() { return instruments_; }
    live::Taker& taker() { return taker_; }
    /// The one that is shown; null for none.
    void setDesk(Desk* desk);

signals:
    /// What is wrong, in a sentence.
    void troubled(const QString& sentence);
    /// Something was taken by itself; `reading`, large, for whoever hears better than sees.
    void took(const app::Echo& echo);

private:
    void show();
    void remember();

    Preferences& preferences_;
    const Look& look_;
    EntryBar& entry_;
    QWidget& window_;
    instrument::Instruments instruments_;
    live::Taker taker_;
    QTimer frame_; ///< until it is shown again
    live::Shown shown_;
    bool loaded_ = false;
};

} // namespace app
