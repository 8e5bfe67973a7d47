// What instruments do, as the window shows it: the live value in the entry line, the needle on
// every ring, what goes wrong as a sentence, what is asked read out. It paints at most so often as
// an eye sees. The page to connect them and the hand at the simulated bench are its own.
#pragma once

#include "app/style/look.h"
#include "live/taker.h"

#include <QTimer>

namespace app {

class BenchHand;
class Dialogs;
class EntryBar;
class InstrumentsPage;
class Overlay;
class Preferences;
class Voice;

class LiveView : public QObject {
    Q_OBJECT
public:
    /// All outlive it.
    LiveView(Session& session, Preferences& preferences, const Look& look, Dialogs& dialogs,
             EntryBar& entry, QWidget& window);

    /// Connects those of this machine, as they were last; when somebody listens to what is wrong.
    void plugIn();
    instrument::Instruments& instruments() { return instruments_; }
    Voice& voice() { return *voice_; }
    /// What is being kept is taken by itself: whatever stands to be read goes on standing there.
    bool takesItself() const { return taker_.byItself(); }
    /// The one that is shown; null for none.
    void setDesk(Desk* desk);
    /// Only there is anything read out.
    void setAtStand(bool on) { atStand_ = on; }
    /// Over the window; null before it was opened first.
    void openPage();
    Overlay* page() const;
    /// The simulated bench beside the window.
    void showBench();

signals:
    /// What is wrong, in a sentence; empty: all is well again.
    void troubled(const QString& sentence);

private:
    void show();
    void remember();
    /// What was taken last, or this in its place, and what is asked now.
    void readOut(const Echo& echo);

    Session& session_;
    Preferences& preferences_;
    const Look& look_;
    Dialogs& dialogs_;
    EntryBar& entry_;
    QWidget& window_;
    instrument::Instruments instruments_;
    live::Taker taker_;
    Voice* voice_;
    InstrumentsPage* page_ = nullptr; ///< made when first asked for
    BenchHand* hand_ = nullptr;       ///< likewise
    Desk* desk_ = nullptr;
    QTimer frame_; ///< until it is shown again
    live::Shown shown_;
    bool atStand_ = false;
};

} // namespace app
