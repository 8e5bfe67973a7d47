#include "desk/session.h"

#include "book/apply.h"
#include "book/loaded.h"
#include "core/examine/snapshot.h"
#include "core/job/job.h"
#include "words/say.h"

#include <QElapsedTimer>
#include <QFile>
#include <QFileInfo>
#include <QSemaphore>

#include <utility>

namespace app {

using namespace lobe;

/// What took no longer last time is worked out at once; a job just opened by how much it holds.
constexpr int kQuick_ms = 20;
constexpr std::size_t kMany = 6000; ///< readings
/// So long one waits before it is shown as being worked out.
constexpr int kWait_ms = 100;

static std::size_t readingsIn(const Job& job) {
    std::size_t all = 0;
    for (const LiftRun& run : job.runs)
        all += run.readings.size();
    for (const ClearanceMap& map : job.maps)
        all += map.readings.size();
    return all;
}

/// Another program may hold the book; somebody at the line is told so at once.
constexpr int kPatience_ms = 300;

Session::Session(std::unique_ptr<book::Book> book, QObject* parent)
    : QObject(parent),
      book_(std::move(book)),
      snapshot_(lobe::examined({})),
      examiner_(lobe::examined) {
    book_->setPatience(kPatience_ms);
    lookThrough();
}

const Job& Session::job() const {
    return snapshot_->job;
}

const Findings& Session::findings() const {
    return snapshot_->findings;
}

bool Session::hasJob() const {
    return job().id != 0;
}

words::Style Session::atTheEngine(words::Style style) const {
    style.wheel = job().fitted.degreeWheel();
    style.force = job().springs.unit;
    return style;
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
    if (newest && measuredBefore(job(), newest->terms.afterMove, side)) return {};
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
    auto& read = std::get<book::Loaded>(loaded);
    cylinder_ = 1;
    side_ = Side::Intake;
    leftOut_.clear();
    workOut(std::move(read.job), {});
    emit jobChanged();
    emit selectionChanged();
    emit snapshotTaken();
    emit changed();
    tell(read);
    sayIfUnexamined();
    return true;
}

/// Nothing is found of a job that could not be worked out; it can be looked at and put right.
void Session::sayIfUnexamined() {
    if (snapshot_->trouble.empty()) return;
    emit troubled(
        Say::tr("This job could not be worked out (%1). All that was entered is in the book. "
                "Undo takes back what was entered last; other jobs are not touched.")
            .arg(QString::fromStdString(snapshot_->trouble)));
}

/// What is not in the job as it was read, and whether the book is written any more.
void Session::tell(const book::Loaded& read) {
    if (!read.leftOut.isEmpty() && read.leftOut != leftOut_)
        emit troubled(Say::tr("Left out of this job, since no engine has it: %1. It stays in the "
                              "book; everything else works.")
                          .arg(read.leftOut));
    leftOut_ = read.leftOut;
    if (read.newer.isEmpty() || !book_->readOnly().isEmpty()) return;
    book_->setReadOnly(
        Say::tr("a newer version wrote what this one does not know (%1)").arg(read.newer));
    say({book::Trouble::ReadOnly, book_->readOnly()});
}

bool Session::newJob(const QString& name) {
    if (!by_.isEmpty()) {
        Job begun;
        begun.name = name.toStdString();
        return newJob(begun);
    }
    const auto made = book_->addJob(name);
    if (const auto* e = std::get_if<book::Error>(&made)) {
        say(*e);
        return false;
    }
    emit kept();
    return openJob(std::get<std::int64_t>(made));
}

bool Session::newJob(const Job& begun) {
    Job job = begun;
    if (job.by.empty()) job.by = by_.toStdString();
    const auto made = book_->addJob(job);
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
    book_->setPatience(kPatience_ms);
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

/// What is examined behind: handed over once.
struct Session::UnderWay {
    QSemaphore ready;
    SnapshotPtr snapshot;
    int ms = 0;
};

void Session::settle() {
    if (!underWay_) return;
    const auto wanted = std::exchange(underWay_, nullptr);
    wanted->ready.acquire();
    examining_.drop();
    arrived(wanted->snapshot, wanted->ms);
}

void Session::setExaminer(Examiner examiner, bool slow) {
    examiner_ = std::move(examiner);
    cost_ms_ = slow ? kQuick_ms + 1 : 0;
}

void Session::workOut(Job job, const SnapshotPtr& before) {
    QElapsedTimer timer;
    timer.start();
    examining_.drop();
    underWay_.reset();
    if (cost_ms_ <= kQuick_ms && (before || readingsIn(job) < kMany)) {
        snapshot_ = whole_ = examiner_(std::move(job), before);
        cost_ms_ = static_cast<int>(timer.elapsed());
        return;
    }
    const auto result = std::make_shared<UnderWay>();
    auto waiting = std::make_shared<Snapshot>(job);
    waiting->pending = true;
    examining_.start([this, examiner = examiner_, job = std::move(job), before,
                      result](const Behind::Stop& stop) -> Behind::Found {
        if (stop()) return {};
        QElapsedTimer took;
        took.start();
        result->snapshot = examiner(job, before);
        result->ms = static_cast<int>(took.elapsed());
        result->ready.release();
        return [this, result] { arrived(result->snapshot, result->ms); };
    });
    if (result->ready.tryAcquire(1, kWait_ms)) {
        examining_.drop();
        snapshot_ = whole_ = result->snapshot;
        cost_ms_ = static_cast<int>(timer.elapsed());
    } else {
        snapshot_ = waiting;
        underWay_ = result;
    }
}

void Session::arrived(SnapshotPtr snapshot, int ms) {
    underWay_.reset();
    cost_ms_ = ms;
    snapshot_ = whole_ = std::move(snapshot);
    emit snapshotTaken();
    emit changed();
    sayIfUnexamined();
}

void Session::drop() {
    examining_.drop();
    underWay_.reset();
    whole_.reset();
    snapshot_ = examined({});
    leftOut_.clear();
    cylinder_ = 1;
    side_ = Side::Intake;
    emit jobChanged();
    emit selectionChanged();
    emit snapshotTaken();
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
    // What another window wrote meanwhile stands in the book and not in this job. What was kept is
    // on disk, also where it cannot be read again at the moment.
    if (book_->changedElsewhere() && reload()) return true;
    Job after = job();
    book::apply(after, change, made);
    take(std::move(after));
    return true;
}

void Session::take(Job job) {
    // Of the same job: what was found of it last is what is taken over.
    const SnapshotPtr before = whole_ && whole_->job.id == job.id ? whole_ : nullptr;
    workOut(std::move(job), before);
    emit snapshotTaken();
    emit changed();
    sayIfUnexamined();
}

bool Session::reload() {
    auto loaded = book_->read(job().id);
    if (const auto* e = std::get_if<book::Error>(&loaded)) {
        if (e->trouble == book::Trouble::NotUnderstood) book_->setReadOnly(e->detail);
        say(*e);
        return false;
    }
    auto& read = std::get<book::Loaded>(loaded);
    take(std::move(read.job));
    tell(read);
    return true;
}

/// What cannot be read is something all the same: whoever takes it back is told why not.
static std::optional<book::Deed> deedIn(book::Result<std::optional<book::Deed>> read) {
    if (std::holds_alternative<book::Error>(read)) return book::Deed{};
    return std::get<std::optional<book::Deed>>(std::move(read));
}
std::optional<book::Deed> Session::undoable() const {
    return hasJob() ? deedIn(book_->toUndo(job().id)) : std::nullopt;
}
std::optional<book::Deed> Session::redoable() const {
    return hasJob() ? deedIn(book_->toRedo(job().id)) : std::nullopt;
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
