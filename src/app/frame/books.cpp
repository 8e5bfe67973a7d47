#include "app/frame/books.h"

#include "book/files.h"
#include "book/loaded.h"
#include "core/job/job.h"
#include "stations/list.h"
#include "words/say.h"

#include <QFileInfo>
#include <QTimer>

namespace app {

book::Result<std::unique_ptr<book::Book>> openDemo(const QString& path,
                                                   const book::Book::Clock& clock) {
    auto opened = book::Book::open(path, clock);
    auto* made = std::get_if<std::unique_ptr<book::Book>>(&opened);
    if (!made) return opened;
    const auto there = (*made)->listJobs();
    if (const auto* e = std::get_if<book::Error>(&there)) return *e;
    if (!std::get<std::vector<book::JobSummary>>(there).empty()) return opened;
    std::vector<lobe::Job> jobs;
    for (const char* folder : {":/demo/skerry-four", ":/demo/marram-650", ":/demo/skerry-spare",
                               ":/demo/skerry-two", ":/demo/wherry-125", ":/demo/tarn-six"}) {
        auto job = book::readJobFolder(QLatin1String(folder));
        if (const auto* why = std::get_if<QString>(&job))
            return book::Error{book::Trouble::CannotWrite, *why};
        jobs.push_back(std::get<lobe::Job>(std::move(job)));
    }
    const auto added = (*made)->addJobs(jobs);
    if (const auto* e = std::get_if<book::Error>(&added)) return *e;
    return opened;
}

namespace {
/// So often a job may fail to come up before it begins elsewhere; and when it has not failed.
constexpr int kTries = 2, kStands_ms = 300;
/// When the window is up and the hand is at work.
constexpr int kCalm_ms = 20000;
constexpr qint64 kDay_ms = 86400000;
} // namespace

Books::~Books() {
    preferences_.endOpening();
}

Books::Books(Session& session, Preferences& preferences, QString ownPath, QString demoPath)
    : session_(session),
      preferences_(preferences),
      ownPath_(std::move(ownPath)),
      demoPath_(std::move(demoPath)) {}

void Books::keepDatedCopy() {
    copies_.stop();
    // The demo can be had again; what cannot be written is somebody else's.
    if (inDemo() || !session_.book().readOnly().isEmpty()) return;
    const QString book = session_.book().path();
    const auto start = [this, book] {
        if (session_.book().path() != book) return;
        copies_.start(book, session_.now(), [this](const QString& copy, const book::Error& error) {
            const QString said =
                Say::tr("The weekly copy of the book could not be made: ") + sentence(error, copy);
            QMetaObject::invokeMethod(
                this, [this, said] { emit troubled(said); }, Qt::QueuedConnection);
        });
    };
    // A large book is not copied while the window comes up.
    if (session_.book().lookedThrough())
        start();
    else
        QTimer::singleShot(kCalm_ms, this, start);
}

void Books::saveCopy(const QString& path) {
    const auto error = session_.book().writeCopy(path);
    if (!error) preferences_.setCopied(session_.book().path(), session_.now());
    emit troubled(error ? sentence(*error, path)
                        : Say::tr("%1 is a copy of the whole book.").arg(path));
}

QString Books::reminder() {
    const QString path = session_.book().path();
    const int after = preferences_.remindDays();
    if (after == 0 || inDemo() || !session_.book().readOnly().isEmpty()) return {};
    const qint64 copied = preferences_.copied(path), now = session_.now();
    if (copied <= 0 || copied > now) {
        preferences_.setCopied(path, now); // from its first day on
        return {};
    }
    const auto days = static_cast<int>((now - copied) / kDay_ms);
    if (days < after || session_.book().lastDone_ms() <= copied) return {};
    return Say::tr("No copy of this book was saved elsewhere for %n days. Ctrl+S saves one; on "
                   "another disk it outlives this one.",
                   nullptr, days);
}

LeftOff Books::resume() {
    keepDatedCopy();
    if (!inDemo()) preferences_.addRecentBook(session_.book().path());
    // Before a job is open: from then on the window writes down where it is.
    LeftOff p = leftOff();
    // The demo begins where there is most to see.
    if (inDemo() && p.job == 0) {
        const auto jobs = session_.book().jobs();
        if (!jobs.empty()) p = {jobs.front().id, 1, lobe::Side::Intake, stations::timing.id()};
    }
    if (preferences_.beginOpening(session_.book().path(), p.job) >= kTries)
        p.station = stations::engine.id();
    QTimer::singleShot(kStands_ms, this, [this] { preferences_.endOpening(); });
    if (session_.openAnyJob(p.job) && session_.job().id == p.job &&
        p.cylinder <= session_.job().engine.cylinders)
        session_.select(p.cylinder, p.side);
    return p;
}

LeftOff Books::leftOff() const {
    return preferences_.leftOff(session_.book().path());
}

void Books::setLeftOff(const LeftOff& p) {
    preferences_.setLeftOff(session_.book().path(), p);
}

bool Books::inDemo() const {
    return QFileInfo(session_.book().path()).absoluteFilePath() ==
           QFileInfo(demoPath_).absoluteFilePath();
}

QString Books::name() const {
    return inDemo() ? QStringLiteral("demo") : QFileInfo(session_.book().path()).completeBaseName();
}

QStringList Books::recent() const {
    QStringList out;
    const QString open = QFileInfo(session_.book().path()).absoluteFilePath();
    for (const QString& path : preferences_.recentBooks())
        if (path != open && QFileInfo::exists(path)) out << path;
    return out;
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
    const LeftOff left = resume();
    emit this->opened(left);
    if (const QString why = session_.book().readOnly(); !why.isEmpty())
        emit troubled(book::sentence({book::Trouble::ReadOnly, why}, path));
    else if (const QString reminded = reminder(); !reminded.isEmpty())
        emit troubled(reminded);
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
        // Its own is made where there never was one; what was open and is gone is said.
        const bool never = back_.isEmpty() &&
                           !preferences_.recentBooks().contains(QFileInfo(to).absoluteFilePath());
        use(book::Book::open(to, session_.book().clock(),
                             never ? book::Book::Mode::MayMake : book::Book::Mode::MustExist),
            to);
        return;
    }
    back_ = session_.book().path();
    use(openDemo(demoPath_, session_.book().clock()), demoPath_);
}

void Books::keepAsNew(const QString& path) {
    const LeftOff p = leftOff();
    if (!session_.keepAsNewBook(path)) return;
    session_.select(p.cylinder, p.side);
    emit opened({session_.job().id, p.cylinder, p.side, p.station});
    emit troubled(Say::tr("%1 holds what was in hand; the work goes on in it.").arg(path));
}

} // namespace app
