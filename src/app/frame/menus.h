// The menus: everything that can be done, with its key.
#pragma once

#include <QObject>

class QAction;
class QMenu;
class QMenuBar;

namespace app {

class Books;
class Dialogs;
class Look;
class MainWindow;
class Session;

class Menus : public QObject {
    Q_OBJECT
public:
    Menus(MainWindow& window, Session& session, Books& books, Look& look, Dialogs& dialogs);

    QMenuBar* bar() const { return bar_; }
    void refresh();

private:
    void jobMenu();
    void editMenu();
    void viewMenu();
    void languageMenu(QMenu* above);
    void helpMenu();
    void newCard();
    void nextCard();
    void listBooks();
    void listHere();
    void openBook();
    void newBook();
    void saveCopy();
    /// `leads`: it goes elsewhere, so that a page over the window closes first.
    QAction* add(QMenu* menu, const char* name, const QString& text, const char* keys,
                 std::function<void()> act, bool leads = false);

    MainWindow& window_;
    Session& session_;
    Books& books_;
    Look& look_;
    Dialogs& dialogs_;
    QMenuBar* bar_;
    QMenu* here_ = nullptr; ///< the letters of the station shown
    QMenu* recent_ = nullptr;
    QAction *undo_ = nullptr, *redo_ = nullptr, *demo_ = nullptr;
    QList<QAction*> needJob_;
};

} // namespace app
