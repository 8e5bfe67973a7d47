#include "desk/session.h"

#include "book/apply.h"
#include "words/say.h"

#include <QFile>
#include <QFileInfo>

namespace app {

using namespace lobe;

Session::Session(std::unique_ptr<book::Book> book, QObject* parent)
    : QObject(parent), book_(std::move(book)) {
    lookThrough();
}

void Session::say(const book::Error& error) {
    emit troubled(book::sentence(error, book_->path()));
}

void Session::select(int cylinder, Side side) {
    if (cylinder == cylinder_ && side == side_) return;
    cylinder_ = cylinder;
    side_ = side;
    emit selectionChanged();
}

Held<LiftRun> Session::run(int cylinder, Side side) const {
    const LiftRun* newest = nullptr;
    for (const LiftRun& r : job().runs)
        if (r.cylinder == cylinder && r.side == side) newest = &r;
    // A run taken before the cam was moved is closed: the next reading begins another.
    if (newest && measuredBefore(job(), newest->conditions.afterMove, side)) return {};
    return {snapshot_, newest};
}

bool Session::openJob(std::int64_t id) {
    return open(book_->read(id));
}

bool Session::open(book::Result<book::Loaded> loaded) {
    if (const auto* e = std::get_if<book::Error>(&loaded)) {
        // Nothing of a book that is not understood is written, in any of its jobs.
        if (e->trouble == book::Trouble::NotUnderstood) book_->setReadOnly(e->detail);
        say(*e);
        return false;
    }
    auto& [job, leftOut, newer] = std::get<book::Loaded>(loaded);
    cylinder_ = 1;
    side_ = Side::Intake;
    snapshot_ = examined(std::move(job));
    emit selectionChanged();
    emit changed();
    if (!leftOut.isEmpty())
        emit troubled(Say::tr("Left out of this job, since no engine has it: %1. It stays in the "
                              "book; everything else works.")
                          .arg(leftOut));
    if (!newer.isEmpty()) {
        book_->setReadOnly(
            Say::tr("a newer version wrote what this one does not know (%1)").arg(newer));
        say({book::Trouble::ReadOnly, book_->readOnly()});
    }
    return true;
}

bool Session::newJob(const QString& name) {
    const auto made = book_->addJob(name);
    if (const auto* e = std::get_if<book::Error>(&made)) {
        say(*e);
        return false;
    }
    emit kept();
    return openJob(std::get<std::int64_t>(made));
}

bool Session::openAnyJob(std::int64_t preferred) {
    // Without a look at all the others: a lifetime of them is not gone through to open one.
    if (preferred > 0)
        if (auto loaded = book_->read(preferred); std::holds_alternative<book::Loaded>(loaded))
            return open(std::move(loaded));
    const auto listed = book_->listJobs();
    if (const auto* e = std::get_if<book::Error>(&listed)) {
        say(*e);
        return false;
    }
    const auto& jobs = std::get<std::vector<book::JobSummary>>(listed);
    if (jobs.empty()) return false;
    for (const auto& j : jobs)
        if (j.id == preferred) return openJob(j.id);
    return openJob(jobs.back().id);
}

void Session::useBook(std::unique_ptr<book::Book> book) {
    check_.stop();
    book_ = std::move(book);
    lookThrough();
    drop();
}

void Session::lookThrough() {
    if (!book_ || book_->lookedThrough()) return;
    check_.start(book_->path(), [this](const QString& what) {
        QMetaObject::invokeMethod(
            this,
            [this, what] {
                say({book::Trouble::Damaged, what});
            },
            Qt::QueuedConnection);
    });
}

void Session::drop() {
    snapshot_ = examined({});
    cylinder_ = 1;
    side_ = Side::Intake;
    emit selectionChanged();
    emit changed();
}

bool Session::keep(const book::Change& change) {
    const auto result = book_->record(job().id, change, &job());
    if (const auto* e = std::get_if<book::Error>(&result)) {
        // What stands there now is shown before it is asked about.
        if (e->trouble == book::Trouble::TakenMeanwhile) lookForChanges();
        say(*e);
        return false;
    }
    const book::Made& made = std::get<book::Made>(result);
    lastId_ = made.id;
    emit kept();
    // What another window wrote meanwhile stands in the book and not in this job.
    if (book_->changedElsewhere()) return reload();
    Job after = job();
    book::apply(after, change, made);
    take(std::move(after));
    return true;
}

void Session::take(Job job) {
    snapshot_ = examined(std::move(job), snapshot_);
    emit changed();
}

bool Session::reload() {
    auto loaded = book_->read(job().id);
    if (const auto* e = std::get_if<book::Error>(&loaded)) {
        say(*e);
        return false;
    }
    take(std::move(std::get<book::Loaded>(loaded).job));
    return true;
}

std::optional<book::Deed> Session::undoable() const {
    return hasJob() ? book_->toUndo(job().id) : std::nullopt;
}
std::optional<book::Deed> Session::redoable() const {
    return hasJob() ? book_->toRedo(job().id) : std::nullopt;
}

void Session::switchState(bool back) {
    if (!hasJob()) return;
    const auto deed = back ? undoable() : redoable();
    const auto done = back ? book_->switchBack(job().id) : book_->switchOn(job().id);
    if (const auto* e = std::get_if<book::Error>(&done)) return say(*e);
    if (!std::get<bool>(done)) return;
    emit kept();
    if (reload() && deed) emit undone(*deed, !back);
}

void Session::undo() {
    switchState(true);
}

void Session::redo() {
    switchState(false);
}

void Session::lookForChanges() {
    if (!hasJob() || !book_->changedElsewhere()) return;
    emit rereading();
    if (reload()) emit reread();
}

bool Session::keepAsNewBook(const QString& path) {
    if (QFileInfo::exists(path)) {
        emit troubled(Say::tr("%1 stands there already; nothing was written. Choose a name "
                              "that is free.")
                          .arg(path));
        return false;
    }
    const std::int64_t id = job().id;
    // Everything, where the old file can still be read through; it may be deleted and yet be open.
    if (!book_->writeCopy(path)) {
        auto opened = book::Book::open(path, book_->clock(), book::Book::Mode::MustExist);
        if (auto* whole = std::get_if<std::unique_ptr<book::Book>>(&opened)) {
            const auto same = (*whole)->load(id);
            if (const Job* job = std::get_if<Job>(&same); job && *job == this->job()) {
                book_ = std::move(*whole);
                return openJob(id);
            }
        }
    }
    QFile::remove(path);
    auto opened = book::Book::open(path, book_->clock());
    if (const auto* e = std::get_if<book::Error>(&opened)) {
        emit troubled(book::sentence(*e, path));
        return false;
    }
    auto fresh = std::get<std::unique_ptr<book::Book>>(std::move(opened));
    const auto made = fresh->addJob(job());
    if (const auto* e = std::get_if<book::Error>(&made)) {
        emit troubled(book::sentence(*e, path));
        return false;
    }
    book_ = std::move(fresh);
    return openJob(std::get<std::int64_t>(made));
}

} // namespace app
