#include "app/frame/application.h"

#include "book/files.h"

#include <QDir>
#include <QFile>
#include <QStandardPaths>

namespace app {

Paths Paths::standard() {
    const QString data = QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) +
                         QStringLiteral("/amber-lobe");
    const QString config = QStandardPaths::writableLocation(QStandardPaths::GenericConfigLocation) +
                           QStringLiteral("/amber-lobe.ini");
    return {data, config};
}

book::Result<std::unique_ptr<book::Book>> openDemo(const QString& path) {
    auto opened = book::Book::open(path);
    auto* made = std::get_if<std::unique_ptr<book::Book>>(&opened);
    if (!made) return opened;
    const auto there = (*made)->listJobs();
    if (const auto* e = std::get_if<book::Error>(&there)) return *e;
    if (!std::get<std::vector<book::JobSummary>>(there).empty()) return opened;
    for (const char* folder :
         {":/demo/skerry-four", ":/demo/marram-650", ":/demo/skerry-spare", ":/demo/skerry-two"}) {
        const auto job = book::importJobFolder(**made, QLatin1String(folder));
        if (const auto* why = std::get_if<QString>(&job))
            return book::Error{book::Trouble::CannotWrite, *why};
    }
    return opened;
}

Application::Application(Paths paths, Dialogs* dialogs)
    : paths_(std::move(paths)),
      dialogs_(dialogs ? dialogs : &standardDialogs_),
      preferences_(paths_.preferences) {
    Look::loadFonts();
    look_.setDark(preferences_.dark());
    look_.setInches(preferences_.inches());
    look_.setLocale(QLocale());
}

Application::~Application() = default;

bool Application::start(const QString& bookPath, bool demo, QString& sentence) {
    const QString path = demo ? paths_.demo() : bookPath.isEmpty() ? paths_.book() : bookPath;
    auto opened = demo ? openDemo(path) : book::Book::open(path);
    if (const auto* e = std::get_if<book::Error>(&opened)) {
        sentence = book::sentence(*e, path);
        return false;
    }
    session_ = std::make_unique<Session>(std::get<std::unique_ptr<book::Book>>(std::move(opened)));
    session_->openAnyJob(0);
    window_ = std::make_unique<MainWindow>(*session_, look_, *dialogs_, preferences_);
    QObject::connect(window_.get(), &MainWindow::demoWanted, window_.get(), [this] {
        auto demoBook = openDemo(paths_.demo());
        if (const auto* e = std::get_if<book::Error>(&demoBook))
            return window_->say(book::sentence(*e, paths_.demo()));
        session_->useBook(std::get<std::unique_ptr<book::Book>>(std::move(demoBook)));
        session_->openAnyJob(0);
    });
    return true;
}

} // namespace app
