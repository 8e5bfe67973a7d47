// The window: route, bench, slate and entry line round one session. It only puts them together.
#pragma once

#include "app/bench/dialogs.h"
#include "app/frame/books.h"
#include "app/frame/preferences.h"
#include "app/style/look.h"
#include "desk/desk.h"
#include "stations/list.h"

#include <QMainWindow>

#include <map>
#include <optional>

class QLabel;
class QTimer;

namespace app {

class EngineStation;
class EntryBar;
class FileTraffic;
class Frame;
class JobsPage;
class AboutPage;
class GuidePage;
class KeysOverlay;
class PreferencesPage;
class LiveView;
class LobesStation;
class Menus;
class Overlay;
class Route;
class Slate;
class Stand;
class Bench;
class ToTake;
class TopBar;
class TypeLoader;
class Welcome;

/// Whether a window is on the screen while its parts are made, or is shown later.
enum class Opening { Hidden, Shown };

class MainWindow : public QMainWindow {
    Q_OBJECT
public:
    /// The session, books, look, dialogs and preferences outlive the window, which begins where the
    /// work was left. It waits for the type where it needs it.
    MainWindow(Session& session, Books& books, Look& look, Dialogs& dialogs,
               Preferences& preferences, const TypeLoader& type, const LeftOff& left,
               Opening opening);

    /// Where it stands is written down, for the next start.
    void remember();
    /// Shows a station of the job at hand; where the job does not need it, the next that it needs.
    void go(const stations::Station& station);
    /// To where the work goes on.
    void goOn();
    const stations::Station& station() const;
    EntryBar* entryBar() const { return entry_; }
    LobesStation* lobes();
    EngineStation* engine();
    /// The page of all keys, over the window.
    void showKeys();
    void showGuide();
    /// Does what a word at the sheet does: "pdf", "print".
    void onSheet(const QString& word);
    void showAbout();
    void showPreferences();
    /// All jobs of the book, over the window.
    void showJobs();
    /// What is plugged into this machine, over the window.
    void showInstruments();
    LiveView& live() { return *live_; }
    FileTraffic& files() { return *files_; }
    const Look& look() const { return look_; }
    /// What is shown, on the clipboard: the slate's figures, and the window's picture.
    void copyShown();
    /// Asks for the name of a job to begin; Esc leaves it.
    void askNewJob();
    /// Where to keep what is in hand when the open book is gone.
    void keepAsNewBook();
    /// What is still to be taken; Enter goes there.
    void showToTake();
    /// Desk or stand: two postures of one window.
    void setAtStand(bool on);
    bool atStand() const { return atStand_; }
    /// Without frame and panels, and back.
    void setFullScreen(bool on);
    /// How large everything is shown, percent; another size starts the program anew.
    int zoom() const;
    void setZoom(int percent);
    /// Takes back what stands half typed, else the last action of the job.
    void undo();
    /// Whether logging is heard.
    void setTick(bool on);
    /// Its code; empty: as the system has it. Spoken from the next start on.
    QString language() const { return preferences_.language(); }
    /// "de", or empty for the system's; spoken from the next start.
    void setLanguage(const QString& code);
    bool tick() const { return preferences_.tick(); }
    /// Whether what is asked and taken is read out, at the stand.
    void setSpoken(bool on) { preferences_.setSpoken(on); }
    bool spoken() const { return preferences_.spoken(); }
    /// A sentence over the bench until it is answered or another comes.
    void say(const QString& sentence);
    /// Brings a lift table in as a new run of the lobe at hand.
    void importTable(const QString& path);
    /// Writes the readings of the lobe at hand as CSV; asks where.
    void exportTable();

signals:
    /// The program is to be started anew, in its own place; all is kept.
    void startAgainWanted();
    /// A reading was logged and is to be heard.
    void ticked();

protected:
    void closeEvent(QCloseEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    void changeEvent(QEvent* event) override;

private:
    Bench* benchOf(const stations::Station& station);
    void build(const TypeLoader& type);
    void connectAll();
    void refresh();
    void welcome();
    void begin(const lobe::Task& task);
    void showUndone(const book::Deed& deed, bool again);
    void bookOpened(const LeftOff& left);
    void nameWindow();
    void rememberPlace();
    Bench* bench() const;
    void closePages(const Overlay* but = nullptr);
    std::optional<Echo> anywhere(const QString& text, bool enter);

    Session& session_;
    Books& books_;
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
    std::map<const stations::Station*, Bench*> benches_;
    KeysOverlay* keys_ = nullptr; ///< made when first asked for
    GuidePage* guide_ = nullptr;  ///< likewise
    AboutPage* about_ = nullptr;
    PreferencesPage* wanted_ = nullptr;
    FileTraffic* files_;
    JobsPage* jobs_ = nullptr; ///< made when first asked for
    LiveView* live_;
    ToTake* toTake_ = nullptr; ///< likewise
    bool naming_ = false;      ///< the name of a new job is asked for
    bool atStand_ = false;
    Stand* stand_;
    QTimer* quiet_ = nullptr; ///< until the log is folded in
};

} // namespace app
