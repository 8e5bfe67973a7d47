#include "app/frame/books.h"

#include "book/files.h"
#include "words/say.h"

#include <QFileInfo>

namespace app {

book::Result<std::unique_ptr<book::Book>> openDemo(const QString& path,
                                                   const book::Book::Clock& clock) {
    auto opened = book::Book::open(path, clock);
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

Books::Books(Session& session, Preferences& preferences, QString ownPath, QString demoPath)
    : session_(session),
      preferences_(preferences),
      ownPath_(std::move(ownPath)),
      demoPath_(std::move(demoPath)) {}

Place Books::resume() {
    // Before a job is open: from then on the window writes down where it is.
    const Place p = place();
    if (session_.openAnyJob(p.job) && session_.job().id == p.job &&
        p.cylinder <= session_.job().engine.cylinders)
        session_.select(p.cylinder, p.side);
    return p;
}

Place Books::place() const {
    return preferences_.place(session_.book().path());
}

void Books::setPlace(const Place& p) {
    preferences_.setPlace(session_.book().path(), p);
}

bool Books::inDemo() const {
    return QFileInfo(session_.book().path()).absoluteFilePath() ==
           QFileInfo(demoPath_).absoluteFilePath();
}

QString Books::name() const {
    return inDemo() ? QStringLiteral("demo") : QFileInfo(session_.book().path()).completeBaseName();
}

QString Books::backName() const {
    return QFileInfo(back_.isEmpty() ? ownPath_ : back_).completeBaseName();
}

bool Books::use(book::Result<std::unique_ptr<book::Book>> opened, const QString& path) {
    if (const auto* e = std::get_if<book::Error>(&opened)) {
        emit troubled(book::sentence(*e, path));
        return false;
    }
    session_.useBook(std::get<std::unique_ptr<book::Book>>(std::move(opened)));
    const Place left = resume();
    emit this->opened(left);
    if (const QString why = session_.book().readOnly(); !why.isEmpty())
        emit troubled(book::sentence({book::Trouble::ReadOnly, why}, path));
    return true;
}

void Books::open(const QString& path) {
    use(book::Book::open(path, session_.book().clock(), book::Book::Mode::MustExist), path);
}

void Books::make(const QString& path) {
    if (QFileInfo::exists(path)) {
        emit troubled(Say::tr("%1 stands there already; it was left as it is. Open it, or "
                              "choose a name that is free.")
                          .arg(path));
        return;
    }
    use(book::Book::open(path, session_.book().clock()), path);
}

void Books::demoOrBack() {
    if (inDemo()) {
        const QString to = back_.isEmpty() ? ownPath_ : back_;
        use(book::Book::open(to), to);
        return;
    }
    back_ = session_.book().path();
    use(openDemo(demoPath_, session_.book().clock()), demoPath_);
}

void Books::keepAsNew(const QString& path) {
    const Place p = place();
    if (!session_.keepAsNewBook(path)) return;
    session_.select(p.cylinder, p.side);
    emit opened({session_.job().id, p.cylinder, p.side, p.station});
    emit troubled(Say::tr("%1 holds what was in hand; the work goes on in it.").arg(path));
}

} // namespace app
