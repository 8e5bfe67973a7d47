// Puts the application together: books, look, window. main() and the tests both start here.
#pragma once

#include "app/frame/books.h"
#include "app/frame/main_window.h"
#include "app/style/type_loader.h"

#include <QString>

#include <memory>
#include <thread>
#include <variant>

namespace app {

struct Paths {
    QString data;        ///< folder for books
    QString preferences; ///< the preferences file
    static Paths standard();
    QString book() const { return data + QStringLiteral("/book.amber"); }
    QString demo() const { return data + QStringLiteral("/demo.amber"); }
};

class Application {
public:
    /// `dialogs` must outlive it; the standard ones when null. All times are of `clock`.
    explicit Application(Paths paths, Dialogs* dialogs = nullptr,
                         book::Book::Clock clock = book::Book::systemClock);
    ~Application();

    /// Opens a book and makes the window; false with a sentence when the book is refused. A book
    /// that is named must exist.
    bool start(const QString& bookPath, bool demo, QString& sentence,
               Opening opening = Opening::Hidden);
    /// A window that says why there is no other.
    QWidget& refusal(const QString& sentence);
    /// Closes the window as by hand, and with it all that is asked over it.
    void end();
    MainWindow& window() { return *window_; }
    Session& session() { return *session_; }
    Books& books() { return *books_; }
    Look& look() { return look_; }

private:
    // First, so that they are at work while the rest is made.
    std::jthread bus_; ///< calls the desktop's bus
    TypeLoader type_;
    QString odd_; ///< what stands where the preferences should, and is no file
    Paths paths_;
    Dialogs standardDialogs_;
    Dialogs* dialogs_;
    book::Book::Clock clock_;
    Preferences preferences_;
    Look look_;
    std::unique_ptr<Session> session_;
    std::unique_ptr<Books> books_;
    std::unique_ptr<MainWindow> window_;
    std::unique_ptr<QWidget> refusal_;
};

} // namespace app
