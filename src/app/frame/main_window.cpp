#include "app/frame/main_window.h"

#include "app/benches/benches.h"
#include "app/benches/engine/engine_station.h"
#include "app/benches/lobes/lobes_station.h"
#include "app/frame/about_page.h"
#include "app/frame/book_watch.h"
#include "app/frame/deeds.h"
#include "app/frame/entry_bar.h"
#include "app/frame/file_traffic.h"
#include "app/frame/frame.h"
#include "app/frame/guide_page.h"
#include "app/frame/jobs_page.h"
#include "app/frame/keys.h"
#include "app/frame/live_view.h"
#include "app/frame/menus.h"
#include "app/frame/placing.h"
#include "app/frame/preferences_page.h"
#include "app/frame/route.h"
#include "app/frame/slate.h"
#include "app/frame/stand.h"
#include "app/frame/to_take.h"
#include "app/frame/top_bar.h"
#include "app/frame/typing.h"
#include "app/frame/welcome.h"
#include "app/frame/zoom.h"
#include "app/style/announce.h"
#include "app/style/clipboard.h"
#include "app/style/label.h"
#include "app/style/type_loader.h"
#include "core/job/job.h"
#include "words/say.h"
#include "words/sentences.h"

#include <QApplication>
#include <QDateTime>
#include <QDragEnterEvent>
#include <QFileInfo>
#include <QLabel>
#include <QMimeData>
#include <QScreen>
#include <QTimer>

#include <algorithm>

namespace app {

namespace {
/// Pixels, without a frame: at first, and as small as it can be worked in.
constexpr QSize kWanted{1280, 800}, kLeast{900, 500};
/// Nothing was kept for so long: what stands in the log goes into the file.
constexpr int kQuiet_ms = 4000;
} // namespace

MainWindow::MainWindow(Session& session, Books& books, Look& look, Dialogs& dialogs,
                       Preferences& preferences, const TypeLoader& type, const LeftOff& left,
                       Opening opening)
    : session_(session), books_(books), look_(look), dialogs_(dialogs), preferences_(preferences) {
    setWindowTitle(Say::tr("Amber Lobe"));
    setAcceptDrops(true);
    // Where it stood last, if that screen is there; each has a place and a size of its own.
    QScreen* screen = screenCalled(preferences_.screen());
    if (screen) setScreen(screen);
    new Placing(*this, kWanted, kLeast, preferences_.geometry(screenWord(screen)));
    look_.dress(); // before there are widgets: each is dressed once
    // The window manager finds it a place while the parts are made; they are painted once.
    if (opening == Opening::Shown) show();
    build(type);
    connectAll();
    bookOpened(left);
    if (preferences_.atStand()) setAtStand(true);
    frame_->show();
    entry_->line()->setText(preferences_.takeHalfTyped());
}

void MainWindow::build(const TypeLoader& type) {
    menus_ = new Menus(*this, session_, books_, look_, dialogs_);
    // Each made where it stays: to move it there would dress it, and all on it, once more.
    frame_ = new Frame(this);
    top_ = new TopBar(session_, look_, menus_->bar(), frame_);
    route_ = new Route(session_, look_, frame_);
    slate_ = new Slate(session_, look_, frame_);
    type.waitForFaces(); // a line measures its text as soon as it is made
    entry_ = new EntryBar(look_, frame_);
    message_ = new PlainLabel(frame_);
    message_->setObjectName(QStringLiteral("message"));
    message_->setProperty("role", "message");
    message_->setContentsMargins(20, 8, 20, 8);
    message_->setWordWrap(true);
    message_->hide();
    stand_ = new Stand(look_, dialogs_, frame_);
    stand_->hide();
    frame_->setParts({top_, route_, slate_, entry_, message_, stand_});
    setCentralWidget(frame_);
    new Typing(entry_->line());
    files_ = new FileTraffic(*this, session_, books_, dialogs_, preferences_);
    entry_->setAnywhere([this](const QString& text, bool enter) { return anywhere(text, enter); });
    live_ = new LiveView(session_, preferences_, look_, dialogs_, *entry_, *this);
    connect(entry_, &EntryBar::pasted, files_, &FileTraffic::paste);
    connect(entry_->line(), &EntryLine::copyPressed, this, &MainWindow::copyShown);
    quiet_ = new QTimer(this);
    quiet_->setSingleShot(true);
    quiet_->setInterval(kQuiet_ms);
}

void MainWindow::connectAll() {
    // What stands in the line half typed was typed for the job before.
    connect(&session_, &Session::jobChanged, entry_->line(), &QLineEdit::clear);
    connect(&session_, &Session::changed, this, &MainWindow::refresh);
    connect(&session_, &Session::selectionChanged, this, [this] {
        top_->refresh();
        rememberPlace();
    });
    connect(&session_, &Session::troubled, this, &MainWindow::say);
    connect(&session_, &Session::undone, this, &MainWindow::showUndone);
    connect(&books_, &Books::troubled, this, &MainWindow::say);
    connect(&books_, &Books::opened, this, &MainWindow::bookOpened);
    connect(live_, &LiveView::troubled, this, [this](const QString& sentence) {
        if (!sentence.isEmpty()) return say(sentence);
        message_->hide();
        frame_->place();
    });
    connect(top_, &TopBar::postureWanted, this, [this] { setAtStand(!atStand()); });
    connect(this, &MainWindow::ticked, qApp, [] { QApplication::beep(); });
    connect(quiet_, &QTimer::timeout, this, [this] {
        if (session_.book().readOnly().isEmpty()) session_.book().foldLog();
    });
    connect(&session_, &Session::kept, this, [this] {
        quiet_->start();
        if (preferences_.tick() && atStand()) emit ticked();
        if (!message_->isHidden() && !live_->takesItself()) {
            message_->hide();
            frame_->place();
        }
        entry_->showKept(QDateTime::fromMSecsSinceEpoch(session_.now()).time());
    });
    connect(&look_, &Look::changed, this, [this] {
        look_.dress();
        if (preferences_.dark() != look_.dark()) preferences_.setDark(look_.dark());
        if (preferences_.sharp() != look_.sharp()) preferences_.setSharp(look_.sharp());
        preferences_.setInches(look_.inches());
        refresh();
    });
    connect(route_, &Route::chosen, this, [this](const stations::Station* to) { go(*to); });
    connect(slate_, &Slate::asked, this, [this](const lobe::Figure& figure) {
        if (Bench* b = bench()) b->highlight(figure);
    });
    connect(entry_, &EntryBar::entering, &session_, &Session::lookForChanges);
    connect(entry_, &EntryBar::heightChanged, frame_, &Frame::place, Qt::QueuedConnection);
    new BookWatch(session_, this);
    live_->plugIn();
}

/// The bench of the station at hand; null at the welcome.
Bench* MainWindow::bench() const {
    QWidget* shown = frame_->bench();
    return shown && shown != welcome_ ? static_cast<Bench*>(shown) : nullptr;
}

Bench* MainWindow::benchOf(const stations::Station& station) {
    // Made when first visited: the window is up sooner, and most visits use two or three.
    Bench*& bench = benches_[&station];
    if (bench) return bench;
    bench = benchKind(station).make(session_, look_, dialogs_, frame_);
    bench->hide();
    Desk* desk = &bench->desk();
    desk->setAwake(false);
    connect(desk, &Desk::promptChanged, this, [this, bench] {
        if (frame_->bench() == bench && atStand()) stand_->setCard(bench->standCard());
    });
    connect(desk, &Desk::entryWanted, this, [this] { entry_->line()->setFocus(); });
    connect(desk, &Desk::stationWanted, this, [this](const stations::Station* to) { go(*to); });
    return bench;
}

LobesStation* MainWindow::lobes() {
    return static_cast<LobesStation*>(benchOf(stations::lobes));
}

EngineStation* MainWindow::engine() {
    return static_cast<EngineStation*>(benchOf(stations::engine));
}

void MainWindow::go(const stations::Station& station) {
    if (!session_.hasJob()) return;
    // By a key, or as the place that was left: where this job has nothing to do, it goes on.
    const auto needed = stations::of(session_.job());
    if (std::find(needed.begin(), needed.end(), &station) == needed.end()) return goOn();
    naming_ = false;
    Bench* target = benchOf(station);
    if (Bench* before = bench()) before->desk().setAwake(false);
    target->desk().setAwake(true);
    target->desk().follow();
    target->refresh();
    frame_->setBench(target, !target->foldsSlate());
    if (atStand()) stand_->setCard(target->standCard());
    route_->setCurrent(station);
    entry_->setDesk(&target->desk());
    live_->setDesk(&target->desk());
    entry_->line()->setFocus();
    rememberPlace();
}

void MainWindow::goOn() {
    session_.settle(); // where to go on hangs on all that was found
    go(stations::next(session_.job(), session_.findings()));
}

const stations::Station& MainWindow::station() const {
    return route_->current();
}

void MainWindow::rememberPlace() {
    if (!session_.hasJob() || naming_) return;
    books_.setLeftOff(
        {session_.job().id, session_.cylinder(), session_.side(), route_->current().id()});
}

/// Another book, or the first: the work goes on where it was left in it.
void MainWindow::bookOpened(const LeftOff& left) {
    closePages();
    refresh();
    if (!session_.hasJob()) return;
    const auto* station = stations::byKey(left.station);
    if (station && left.job == session_.job().id)
        go(*station);
    else
        goOn();
}

void MainWindow::nameWindow() {
    const QString job = session_.hasJob() ? QString::fromStdString(session_.job().name) : QString();
    QStringList parts{books_.name(), Say::tr("Amber Lobe")};
    if (!job.isEmpty()) parts.prepend(job);
    setWindowTitle(parts.join(QStringLiteral(" – ")));
}

void MainWindow::refresh() {
    top_->setBook(books_.inDemo() ? QStringLiteral("demo") : QString());
    top_->refresh();
    route_->refresh();
    slate_->refresh();
    menus_->refresh();
    nameWindow();
    if (!session_.hasJob()) return welcome();
    if (naming_) return entry_->refresh();
    if (welcome_ && frame_->bench() == welcome_) return goOn();
    Bench* shown = bench();
    if (!shown) return;
    shown->refresh();
    if (atStand()) stand_->setCard(shown->standCard());
    entry_->refresh();
}

void MainWindow::welcome() {
    if (!welcome_) {
        welcome_ = new Welcome(session_, look_, frame_);
        welcome_->hide();
        connect(welcome_, &Welcome::demoWanted, &books_, &Books::demoOrBack);
        connect(&welcome_->desk(), &WelcomeDesk::jobMade, this,
                [this] { engine()->desk().moveTo(0); });
        connect(&welcome_->desk(), &WelcomeDesk::jobMade, this, [this] { go(stations::engine); });
        connect(&welcome_->desk(), &WelcomeDesk::left, this, [this] {
            if (session_.hasJob()) go(route_->current());
        });
    }
    if (atStand()) setAtStand(false);
    if (Bench* before = bench()) before->desk().setAwake(false);
    frame_->setBench(welcome_);
    entry_->setDesk(&welcome_->desk());
    live_->setDesk(nullptr);
    entry_->line()->setFocus();
}

void MainWindow::askNewJob() {
    naming_ = true;
    welcome();
}

void MainWindow::showUndone(const book::Deed& deed, bool again) {
    if (deed.cylinder > 0 && deed.side) session_.select(deed.cylinder, *deed.side);
    const auto* where = deedStation(deed);
    const bool elsewhere = where && !(*where == station());
    if (elsewhere) go(*where);
    words::Style style = look_.style();
    style.wheel = session_.job().fitted.degreeWheel();
    const QString said =
        (again ? Say::tr("done again: ") : Say::tr("undone: ")) + deedName(deed, style);
    entry_->showSaid(elsewhere ? Say::tr("%1; that was at %2").arg(said, where->name()) : said);
}

void MainWindow::keepAsNewBook() {
    const QString path =
        dialogs_.saveFile(this, Say::tr("Keep what is in hand as a new book"),
                          QStringLiteral("kept.amber"), Say::tr("Books (*.amber)"));
    if (!path.isEmpty()) books_.keepAsNew(path);
}

void MainWindow::say(const QString& sentence) {
    message_->setText(sentence);
    message_->show();
    message_->raise();
    frame_->place();
    announce(*message_);
}

void MainWindow::setAtStand(bool on) {
    atStand_ = on;
    preferences_.setAtStand(on);
    const bool big = on && session_.hasJob() && !naming_;
    top_->setAtStand(big);
    entry_->setAtStand(big);
    live_->setAtStand(big);
    if (big && bench()) stand_->setCard(bench()->standCard());
    frame_->setAtStand(big);
    entry_->line()->setFocus();
}

void MainWindow::setLanguage(const QString& code) {
    preferences_.setLanguage(code);
    say(Say::tr("The language changes when Amber Lobe is started again."));
}

void MainWindow::setFullScreen(bool on) {
    // As it was before, maximized too.
    setWindowState(on ? windowState() | Qt::WindowFullScreen
                      : windowState() & ~Qt::WindowFullScreen);
}

void MainWindow::setZoom(int percent) {
    const int now = preferences_.zoom();
    if (percent == now) return;
    if (screen() && !zoomFits(percent, now, screen()->availableGeometry().size()))
        return say(Say::tr("At %1 % the window would have no room on this screen.").arg(percent));
    // The window stays as large as it is on the screen, in pixels of another size.
    if (!isMaximized() && !isFullScreen())
        resize(size() * std::max(100, now) / std::max(100, percent));
    preferences_.setZoom(percent);
    preferences_.setHalfTyped(entry_->line()->text());
    remember();
    emit startAgainWanted();
}

int MainWindow::zoom() const {
    return preferences_.zoom();
}

void MainWindow::undo() {
    // First what stands half typed, then what is in the book.
    if (entry_->line()->text().isEmpty()) return session_.undo();
    const auto next = session_.undoable();
    words::Style style = look_.style();
    style.wheel = session_.job().fitted.degreeWheel();
    entry_->showSaid(
        next ? Say::tr("the line is cleared; once more takes back: %1").arg(deedName(*next, style))
             : Say::tr("the line is cleared"));
}

void MainWindow::setTick(bool on) {
    preferences_.setTick(on);
}

void MainWindow::showKeys() {
    closePages(keys_);
    Bench* shown = bench();
    if (!keys_) {
        keys_ = new KeysOverlay(look_, this);
        connect(keys_, &KeysOverlay::guideWanted, this, &MainWindow::showGuide);
    }
    keys_->open(station().name(), shown ? &shown->desk() : nullptr, actions());
}

void MainWindow::showGuide() {
    closePages(guide_);
    if (!guide_) guide_ = new GuidePage(look_, this);
    guide_->open(session_.hasJob() ? station().id() : QString());
}

void MainWindow::onSheet(const QString& word) {
    go(stations::sheet);
    if (Bench* shown = bench(); shown && station() == stations::sheet) shown->desk().submit(word);
}

void MainWindow::showPreferences() {
    closePages(wanted_);
    if (!wanted_) wanted_ = new PreferencesPage(*this, look_, preferences_, session_);
    wanted_->open();
}

void MainWindow::showAbout() {
    closePages(about_);
    if (!about_) about_ = new AboutPage(look_, this);
    about_->open(session_.book().path());
}

void MainWindow::showToTake() {
    if (!toTake_) {
        toTake_ = new ToTake(session_, look_, this);
        connect(toTake_, &ToTake::chosen, this, &MainWindow::begin);
    }
    closePages(toTake_);
    toTake_->open();
}

void MainWindow::begin(const lobe::Task& task) {
    for (const stations::Station* s : stations::all()) {
        if (!s->takes || !s->takes(task)) continue;
        go(*s);
        benchOf(*s)->desk().ask(task);
        return entry_->refresh();
    }
}

void MainWindow::importTable(const QString& path) {
    files_->readTable(path);
}

void MainWindow::copyShown() {
    toClipboard(slate_->text(), *frame_);
    entry_->showSaid(Say::tr("copied: the figures, and a picture of what is shown"));
}

void MainWindow::exportTable() {
    files_->writeTable();
}

void MainWindow::showJobs() {
    if (!jobs_) {
        jobs_ = new JobsPage(session_, look_, this);
        connect(jobs_, &JobsPage::said, this, &MainWindow::say);
        connect(jobs_, &JobsPage::exportWanted, files_, &FileTraffic::writeJob);
        connect(jobs_, &JobsPage::chosen, this, [this](qint64 id) {
            if (id == session_.job().id || session_.openJob(id)) goOn();
        });
    }
    closePages(jobs_);
    jobs_->open();
}

void MainWindow::showInstruments() {
    closePages(live_->page());
    live_->openPage();
}

/// One page at a time.
void MainWindow::closePages(const Overlay* but) {
    for (Overlay* page : std::initializer_list<Overlay*>{keys_, guide_, about_, wanted_, toTake_,
                                                         jobs_, live_->page()})
        if (page && page != but && page->isOpen()) page->close();
}

/// "note …" and "photo …", wherever the work stands; with a change of the cam's setting they go
/// with that.
std::optional<Echo> MainWindow::anywhere(const QString& text, bool enter) {
    if (!session_.hasJob() || naming_) return std::nullopt;
    if (station() == stations::set && !session_.job().changes.empty()) return std::nullopt;
    return enter ? files_->notes().submit(text, station().id()) : files_->notes().understand(text);
}

void MainWindow::remember() {
    preferences_.setGeometry(screenWord(screen()), saveGeometry());
}

void MainWindow::closeEvent(QCloseEvent* event) {
    // Nothing to ask: everything is in the book already.
    remember();
    QMainWindow::closeEvent(event);
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
    // What is dragged out of this window does not come in again.
    if (event->mimeData()->hasUrls() && !event->source()) event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event) {
    for (const QUrl& url : event->mimeData()->urls())
        if (url.isLocalFile()) files_->take(url.toLocalFile());
    event->acceptProposedAction();
}

void MainWindow::changeEvent(QEvent* event) {
    QMainWindow::changeEvent(event);
    if (event->type() == QEvent::ActivationChange && isActiveWindow()) session_.lookForChanges();
}

} // namespace app
