#include "app/frame/session.h"

namespace app {

using namespace lobe;

Session::Session(std::unique_ptr<book::Book> book, QObject* parent)
    : QObject(parent), book_(std::move(book)) {}

void Session::select(int cylinder, Side side) {
    if (cylinder == cylinder_ && side == side_) return;
    cylinder_ = cylinder;
    side_ = side;
    emit selectionChanged();
}

const LiftRun* Session::run() const {
    const LiftRun* newest = nullptr;
    for (const LiftRun& r : job_.runs)
        if (r.cylinder == cylinder_ && r.side == side_) newest = &r;
    // A run taken before the cam was moved is closed: the next reading begins another.
    if (newest && measuredBefore(job_, newest->terms.setting, side_)) return nullptr;
    return newest;
}

bool Session::openJob(std::int64_t id) {
    job_ = Job{};
    job_.id = id;
    cylinder_ = 1;
    side_ = Side::Intake;
    if (!reload()) {
        job_ = Job{};
        return false;
    }
    emit selectionChanged();
    return true;
}

bool Session::newJob(const QString& name) {
    const auto made = book_->addJob(name);
    if (const auto* e = std::get_if<book::Error>(&made)) {
        emit troubled(book::sentence(*e, book_->path()));
        return false;
    }
    emit kept();
    return openJob(std::get<std::int64_t>(made));
}

bool Session::openAnyJob(const QString& preferred) {
    const auto jobs = book_->jobs();
    if (jobs.empty()) return false;
    for (const auto& j : jobs)
        if (j.name == preferred) return openJob(j.id);
    return openJob(preferred.isEmpty() ? jobs.front().id : jobs.back().id);
}

void Session::useBook(std::unique_ptr<book::Book> book, const QString& preferredJob) {
    book_ = std::move(book);
    job_ = Job{};
    findings_ = Findings{};
    if (!openAnyJob(preferredJob)) {
        emit selectionChanged();
        emit changed();
    }
}

bool Session::keep(const book::Change& change) {
    const auto result = book_->record(job_.id, change);
    if (const auto* e = std::get_if<book::Error>(&result)) {
        emit troubled(book::sentence(*e, book_->path()));
        return false;
    }
    lastId_ = std::get<std::int64_t>(result);
    emit kept();
    return reload();
}

bool Session::reload() {
    auto loaded = book_->load(job_.id);
    if (const auto* e = std::get_if<book::Error>(&loaded)) {
        emit troubled(book::sentence(*e, book_->path()));
        return false;
    }
    job_ = std::get<Job>(std::move(loaded));
    findings_ = examine(job_);
    emit changed();
    return true;
}

QString Session::undoable() const {
    return hasJob() ? book_->undoable(job_.id) : QString();
}
QString Session::redoable() const {
    return hasJob() ? book_->redoable(job_.id) : QString();
}

void Session::undo() {
    if (hasJob() && book_->undo(job_.id)) reload();
}

void Session::redo() {
    if (hasJob() && book_->redo(job_.id)) reload();
}

void Session::lookForChanges() {
    if (hasJob() && book_->changedElsewhere()) reload();
}

} // namespace app
