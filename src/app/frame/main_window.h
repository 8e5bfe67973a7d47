// The window: route, bench, slate and entry line round one session. It only puts them together.
#pragma once

#include "app/frame/dialogs.h"
#include "app/frame/preferences.h"
#include "app/frame/session.h"
#include "app/style/look.h"

#include <QMainWindow>

#include <array>

class QLabel;
class QTimer;

namespace app {

class EngineStation;
class EntryBar;
class Frame;
class KeysOverlay;
class LobesStation;
class Menus;
class Route;
class Slate;
class Stand;
class Bench;
class ToTake;
class TopBar;
class Welcome;

class MainWindow : public QMainWindow {
    Q_OBJECT
public:
    /// The session, look, dialogs and preferences outlive the window.
    MainWindow(Session& session, Look& look, Dialogs& dialogs, Preferences& preferences);

    void go(lobe::Station station);
    lobe::Station station() const;
    EntryBar* entryBar() const { return entry_; }
    LobesStation* lobes();
    EngineStation* engine();
    void showKeys();
    /// What is still to be taken; Enter goes there.
    void showToTake();
    /// Desk or stand: two postures of one window.
    void setAtStand(bool on);
    bool atStand() const { return atStand_; }
    /// Whether logging is heard.
    void setTick(bool on);
    bool tick() const { return preferences_.tick(); }
    /// A sentence over the bench until it is answered or another comes.
    void say(const QString& sentence);
    /// Brings a lift table in as a new run of the lobe at hand.
    void importTable(const QString& path);
    void exportTable();

signals:
    void demoWanted();
    /// A reading was logged and is to be heard.
    void ticked();

protected:
    void closeEvent(QCloseEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    void changeEvent(QEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    Bench* make(lobe::Station station);
    Bench* benchOf(lobe::Station station);
    void build();
    void connectAll();
    void refresh();
    void welcome();
    void dress();
    void begin(const lobe::Task& task);

    Session& session_;
    Look& look_;
    Dialogs& dialogs_;
    Preferences& preferences_;
    Menus* menus_;
    TopBar* top_;
    Route* route_;
    Slate* slate_;
    EntryBar* entry_;
    Frame* frame_;
    QLabel* message_;
    Welcome* welcome_ = nullptr;
    std::array<Bench*, std::size(lobe::kStations)> stations_{};
    KeysOverlay* keys_;
    ToTake* toTake_ = nullptr; ///< made when first asked for
    QString namedJob_;         ///< what the preferences last heard
    bool atStand_ = false;
    Stand* stand_;
    QTimer* watch_;
};

} // namespace app
