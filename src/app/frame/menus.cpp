#include "app/frame/menus.h"

#include "app/benches/engine/engine_station.h"
#include "app/benches/lobes/lobes_station.h"
#include "app/frame/books.h"
#include "app/frame/deeds.h"
#include "app/frame/entry_bar.h"
#include "app/frame/file_traffic.h"
#include "app/frame/language.h"
#include "app/frame/main_window.h"
#include "app/frame/voice.h"
#include "app/frame/zoom.h"
#include "core/job/job.h"
#include "words/say.h"
#include "words/sentences.h"

#include <algorithm>

#include <QActionGroup>
#include <QApplication>
#include <QContextMenuEvent>
#include <QDate>
#include <QFileInfo>
#include <QMenu>
#include <QMenuBar>

namespace app {

using namespace lobe;

Menus::Menus(MainWindow& window, Session& session, Books& books, Look& look, Dialogs& dialogs)
    : QObject(&window),
      window_(window),
      session_(session),
      books_(books),
      look_(look),
      dialogs_(dialogs),
      bar_(new QMenuBar) { // the top bar takes it over
    bar_->setObjectName(QStringLiteral("menus"));
    bar_->setSizePolicy(QSizePolicy::Minimum, QSizePolicy::Preferred);
    jobMenu();
    editMenu();
    viewMenu();
    helpMenu();
}

QAction* Menus::add(QMenu* menu, const char* name, const QString& text, const char* keys,
                    std::function<void()> act, bool leads) {
    QAction* action = menu->addAction(text);
    action->setProperty("leads", leads);
    action->setObjectName(QLatin1String(name));
    if (*keys) action->setShortcut(QKeySequence(QLatin1String(keys)));
    connect(action, &QAction::triggered, this, std::move(act));
    // The menu bar sits inside the top bar; the window itself must own the shortcut.
    window_.addAction(action);
    return action;
}

void Menus::jobMenu() {
    QMenu* menu = bar_->addMenu(Say::tr("&Job"));
    add(
        menu, "newJob", Say::tr("New job"), "Ctrl+N", [this] { window_.askNewJob(); }, true);
    add(
        menu, "allJobs", Say::tr("All jobs"), "Ctrl+J", [this] { window_.showJobs(); }, true)
        ->setShortcuts(
            {QKeySequence(QStringLiteral("Ctrl+J")), QKeySequence(QStringLiteral("Ctrl+F"))});
    recent_ = menu->addMenu(Say::tr("Books opened before"));
    recent_->setObjectName(QStringLiteral("recentBooks"));
    connect(recent_, &QMenu::aboutToShow, this, &Menus::listBooks);
    add(menu, "openBook", Say::tr("Open book…"), "Ctrl+O", [this] { openBook(); });
    add(menu, "newBook", Say::tr("New book…"), "", [this] { newBook(); });
    add(menu, "keepAsNew", Say::tr("Keep what is in hand as a new book…"), "Ctrl+Shift+S",
        [this] { window_.keepAsNewBook(); });
    add(menu, "saveCopy", Say::tr("Save a copy of the book…"), "Ctrl+S", [this] { saveCopy(); });
    demo_ = add(
        menu, "openDemo", Say::tr("Open the demo"), "Ctrl+D", [this] { books_.demoOrBack(); },
        true);
    menu->addSeparator();
    needJob_ << add(menu, "importTable", Say::tr("Read lift table…"), "Ctrl+I", [this] {
        const QString path = dialogs_.openFile(&window_, Say::tr("Read lift table"),
                                               Say::tr("Lift tables (*.csv *.txt);;All files (*)"));
        if (!path.isEmpty()) window_.importTable(path);
    });
    needJob_ << add(menu, "exportTable", Say::tr("Write lift table…"), "Ctrl+Shift+E",
                    [this] { window_.exportTable(); });
    add(menu, "readJob", Say::tr("Read a job file…"), "", [this] {
        const QString path = dialogs_.openFile(&window_, Say::tr("Read a job file"),
                                               Say::tr("Jobs (*.json);;All files (*)"));
        if (!path.isEmpty()) window_.files().readJob(path);
    });
    needJob_ << add(menu, "writeJob", Say::tr("Save this job as a file…"), "Ctrl+Shift+J",
                    [this] { window_.files().writeJob(session_.job().id); });
    add(menu, "writeJobs", Say::tr("Save every job as a file…"), "",
        [this] { window_.files().writeJobs(); });
    menu->addSeparator();
    needJob_ << add(menu, "saveSheet", Say::tr("Save the sheet as PDF…"), "Ctrl+Shift+P",
                    [this] { window_.onSheet(QStringLiteral("pdf")); });
    needJob_ << add(menu, "printSheet", Say::tr("Print the sheet…"), "Ctrl+P",
                    [this] { window_.onSheet(QStringLiteral("print")); });
    menu->addSeparator();
    add(menu, "quit", Say::tr("Close"), "Ctrl+Q", [this] { window_.close(); })
        ->setShortcuts(
            {QKeySequence(QStringLiteral("Ctrl+Q")), QKeySequence(QStringLiteral("Ctrl+W"))});
}

void Menus::editMenu() {
    QMenu* menu = bar_->addMenu(Say::tr("&Edit"));
    undo_ = add(menu, "undo", Say::tr("Undo"), "Ctrl+Z", [this] { window_.undo(); });
    redo_ = add(menu, "redo", Say::tr("Redo"), "Ctrl+Shift+Z", [this] { session_.redo(); });
    redo_->setShortcuts(
        {QKeySequence(QStringLiteral("Ctrl+Shift+Z")), QKeySequence(QStringLiteral("Ctrl+Y"))});
    needJob_ << add(menu, "copyShown", Say::tr("Copy what is shown"), "",
                    [this] { window_.copyShown(); });
    menu->addSeparator();
    needJob_ << add(menu, "newRunAction", Say::tr("New run of this lobe"), "Ctrl+R", [this] {
        window_.go(stations::lobes);
        window_.lobes()->desk().newRun();
    });
    needJob_ << add(menu, "newCard", Say::tr("Another cam card"), "Ctrl+K", [this] { newCard(); });
    needJob_ << add(menu, "nextCard", Say::tr("Fit the next card"), "Ctrl+Shift+K",
                    [this] { nextCard(); });
    needJob_ << add(menu, "noCard", Say::tr("No card is fitted"), "Ctrl+Alt+K", [this] {
        book::SetCards cards{{}, session_.job().otherCards};
        if (!session_.job().card) return;
        cards.others.push_back(*session_.job().card);
        session_.keep(cards);
    });
    needJob_ << add(menu, "otherLobe", Say::tr("The other lobe"), "Ctrl+E", [this] {
        session_.select(session_.cylinder(),
                        session_.side() == Side::Intake ? Side::Exhaust : Side::Intake);
    });
    needJob_ << add(menu, "nextCylinder", Say::tr("Next cylinder"), "Ctrl+Shift+N", [this] {
        session_.select(session_.cylinder() % session_.job().engine.cylinders + 1, session_.side());
    });
}

/// Another card beside the one that is fitted, and asked for: a candidate, until it is said to be
/// fitted. Where none is, it is what came with the cam.
void Menus::newCard() {
    book::SetCards cards{session_.job().card, session_.job().otherCards};
    Card made;
    made.name = "New card";
    const bool beside = cards.fitted.has_value();
    if (beside)
        cards.others.insert(cards.others.begin(), made);
    else
        cards.fitted = made;
    if (!session_.keep(cards)) return;
    window_.go(stations::engine);
    window_.engine()->desk().askCard(beside ? std::optional<std::size_t>(0) : std::nullopt);
}

/// The next card is the fitted one; after all of them, the first again.
void Menus::nextCard() {
    book::SetCards cards{session_.job().card, session_.job().otherCards};
    if (cards.others.empty())
        return window_.say(Say::tr("No other card is at hand. Ctrl+K starts one."));
    const Card next = cards.others.front();
    cards.others.erase(cards.others.begin());
    if (cards.fitted) cards.others.push_back(*cards.fitted);
    cards.fitted = next;
    session_.keep(cards);
}

/// Ctrl with the place on the route: 1 to 9, 0 for the tenth; then with Shift from 1 again.
static QByteArray keysOf(std::size_t place) {
    const QByteArray digit = QByteArray::number(static_cast<int>(place + 1) % 10);
    return (place < 10 ? "Ctrl+" : "Ctrl+Shift+") + digit;
}

void Menus::viewMenu() {
    QMenu* menu = bar_->addMenu(Say::tr("&View"));
    const auto& all = stations::all();
    const auto late =
        std::count_if(all.begin(), all.end(), [](const auto* s) { return s->lateKey; });
    std::size_t early = 0, behind = all.size() - static_cast<std::size_t>(late);
    for (const stations::Station* s : all) {
        const std::size_t i = s->lateKey ? behind++ : early++;
        QString name = s->id();
        name[0] = name[0].toUpper();
        needJob_ << add(
            menu, ("go" + name.toLatin1()).constData(), s->name(), keysOf(i).constData(),
            [this, s] { window_.go(*s); }, true);
    }
    here_ = menu->addMenu(Say::tr("At this station"));
    here_->setObjectName(QStringLiteral("hereMenu"));
    connect(here_, &QMenu::aboutToShow, this, &Menus::listHere);
    menu->addSeparator();
    add(menu, "entryLine", Say::tr("To the entry line"), "F6",
        [this] { window_.entryBar()->line()->setFocus(); });
    needJob_ << add(
        menu, "toTakeAction", Say::tr("Still to be taken"), "F3", [this] { window_.showToTake(); },
        true);
    add(
        menu, "instruments", Say::tr("Instruments"), "Ctrl+Shift+I",
        [this] { window_.showInstruments(); }, true);
    needJob_ << add(menu, "posture", Say::tr("At the stand, at the desk"), "F2",
                    [this] { window_.setAtStand(!window_.atStand()); });
    QAction* tick = add(menu, "tick", Say::tr("Tick when a reading is logged"), "Ctrl+T",
                        [this] { window_.setTick(!window_.tick()); });
    tick->setCheckable(true);
    tick->setChecked(window_.tick());
    QAction* spoken = add(menu, "spoken", Say::tr("Read out what is asked, at the stand"),
                          "Ctrl+Shift+T", [this] { window_.setSpoken(!window_.spoken()); });
    spoken->setCheckable(true);
    spoken->setChecked(window_.spoken());
    spoken->setEnabled(Voice::possible());
    add(menu, "unit", Say::tr("Millimetres or inches"), "Ctrl+U",
        [this] { look_.setInches(!look_.inches()); });
    add(menu, "light", Say::tr("Light or dark"), "Ctrl+L",
        [this] { look_.setDark(!look_.dark()); });
    add(menu, "fullScreen", Say::tr("Full screen"), "F11",
        [this] { window_.setFullScreen(!window_.isFullScreen()); });
    const auto zoom = [this](int direction) {
        window_.setZoom(zoomBeside(window_.zoom(), direction));
    };
    // Plus is typed with Shift, without, and beside the digits.
    add(menu, "larger", Say::tr("Everything larger"), "", [zoom] { zoom(1); })
        ->setShortcuts({QKeySequence(QStringLiteral("Ctrl++")),
                        QKeySequence(QStringLiteral("Ctrl+Shift++")),
                        QKeySequence(QStringLiteral("Ctrl+="))});
    add(menu, "smaller", Say::tr("Everything smaller"), "Ctrl+-", [zoom] { zoom(-1); });
    add(menu, "usualSize", Say::tr("The usual size"), "", [this] { window_.setZoom(100); });
    languageMenu(menu);
    menu->addSeparator();
    add(
        menu, "preferences", Say::tr("Preferences…"), "Ctrl+,",
        [this] { window_.showPreferences(); }, true);
}

void Menus::languageMenu(QMenu* above) {
    QMenu* menu = above->addMenu(Say::tr("Language"));
    auto* one = new QActionGroup(menu);
    QList<Language> all{{QString(), Say::tr("As the system has it")}};
    all << languages();
    for (const Language& each : all) {
        QAction* action = add(menu, ("language" + each.code.toLatin1()).constData(), each.name, "",
                              [this, each] { window_.setLanguage(each.code); });
        action->setCheckable(true);
        action->setChecked(each.code == window_.language());
        one->addAction(action);
    }
}

void Menus::helpMenu() {
    QMenu* menu = bar_->addMenu(Say::tr("&Help"));
    add(
        menu, "keys", Say::tr("Keys"), "F1", [this] { window_.showKeys(); }, true);
    add(
        menu, "guide", Say::tr("Guide"), "Shift+F1", [this] { window_.showGuide(); }, true);
    menu->addSeparator();
    add(menu, "whereData", Say::tr("Where is my data?"), "", [this] {
        const QString path = session_.book().path();
        window_.say(Say::tr("Your book is %1.").arg(path));
        dialogs_.showFolder(QFileInfo(path).absolutePath());
    });
    add(
        menu, "about", Say::tr("About Amber Lobe"), "", [this] { window_.showAbout(); }, true);
    // Menus by a key of their own, where a window system has none.
    auto* menus = new QAction(this);
    menus->setObjectName(QStringLiteral("toMenus"));
    menus->setShortcut(QKeySequence(Qt::Key_F10));
    connect(menus, &QAction::triggered, bar_, [this] {
        bar_->setFocus(Qt::MenuBarFocusReason);
        bar_->setActiveAction(bar_->actions().front());
    });
    window_.addAction(menus);
    // And what the menu key of a keyboard opens, where it has none.
    auto* context = new QAction(this);
    context->setObjectName(QStringLiteral("contextMenu"));
    context->setShortcut(QKeySequence(Qt::SHIFT | Qt::Key_F10));
    connect(context, &QAction::triggered, this, [] {
        QWidget* at = QApplication::focusWidget();
        if (!at) return;
        const QPoint middle = at->rect().center();
        QContextMenuEvent wanted(QContextMenuEvent::Keyboard, middle, at->mapToGlobal(middle));
        QCoreApplication::sendEvent(at, &wanted);
    });
    window_.addAction(context);
}

/// What a letter does there, for the mouse.
void Menus::listHere() {
    here_->clear();
    Desk* desk = session_.hasJob() ? window_.entryBar()->desk() : nullptr;
    for (const Command& c : desk ? desk->commands() : QList<Command>{}) {
        QString does = c.does;
        if (!does.isEmpty()) does[0] = does[0].toUpper();
        QAction* action = here_->addAction(does.replace(QLatin1Char('&'), QStringLiteral("&&")) +
                                           QLatin1Char('\t') + QString(c.letter).toUpper());
        connect(action, &QAction::triggered, this, [this, letter = c.letter] {
            Desk* now = window_.entryBar()->desk();
            if (!now) return;
            const Echo echo = now->take(Letter{letter});
            if (!echo.text.isEmpty()) window_.entryBar()->showSaid(echo.text);
        });
    }
    if (here_->isEmpty()) here_->addAction(Say::tr("nothing by a letter"))->setEnabled(false);
}

void Menus::listBooks() {
    recent_->clear();
    for (const QString& path : books_.recent())
        recent_->addAction(path, this, [this, path] { books_.open(path); });
    if (recent_->isEmpty()) recent_->addAction(Say::tr("no other yet"))->setEnabled(false);
}

void Menus::openBook() {
    const QString path = dialogs_.openFile(&window_, Say::tr("Open book"),
                                           Say::tr("Books (*.amber);;All files (*)"));
    if (path.isEmpty()) return;
    books_.open(path);
}

void Menus::newBook() {
    const QString path = dialogs_.saveFile(
        &window_, Say::tr("New book"), QStringLiteral("book.amber"), Say::tr("Books (*.amber)"));
    if (!path.isEmpty()) books_.make(path);
}

void Menus::saveCopy() {
    const QString path = dialogs_.saveFile(
        &window_, Say::tr("Save a copy of the book"),
        books_.name() + QDate::currentDate().toString(QStringLiteral("'-'yyyy-MM-dd'.amber'")),
        Say::tr("Books (*.amber)"));
    if (!path.isEmpty()) books_.saveCopy(path);
}

void Menus::refresh() {
    const auto undo = session_.undoable(), redo = session_.redoable();
    undo_->setEnabled(undo.has_value());
    redo_->setEnabled(redo.has_value());
    words::Style style = look_.style();
    style.wheel = session_.job().fitted.degreeWheel();
    undo_->setText(undo ? Say::tr("Undo ") + deedShort(*undo, style) : Say::tr("Undo"));
    redo_->setText(redo ? Say::tr("Redo ") + deedShort(*redo, style) : Say::tr("Redo"));
    demo_->setText(books_.inDemo() ? Say::tr("Back to ") + books_.backName()
                                   : Say::tr("Open the demo"));
    for (QAction* a : needJob_)
        a->setEnabled(session_.hasJob());
}

} // namespace app
