// The book: one SQLite file that holds many jobs.
//
// Every user action is one transaction and one row of `action`; readings are appended and struck,
// never rewritten. Undo and redo switch an action's state and survive closing. Two books may have
// the same file open; `changedElsewhere` tells. Nothing here computes: load a job and examine it.
//
// No failure of the database leaves here as an exception: each call answers with an Error.
#pragma once

#include "book/change.h"
#include "book/trouble.h"

#include <QSqlDatabase>
#include <QString>
#include <QStringList>

#include <cstdint>
#include <functional>
#include <memory>
#include <optional>
#include <variant>
#include <vector>

namespace lobe {
struct Job;
}

namespace book {

struct Misread;

struct JobSummary {
    std::int64_t id = 0;
    QString name;
};

/// Put away, or taken out of sight; either can be taken back.
enum class JobState { Open, Archived, Deleted };

/// A job as a list of all jobs shows it.
struct JobLine {
    std::int64_t id = 0;
    QString name;
    QString engine, cam;         ///< by their names; empty where they have none
    std::int64_t changed_ms = 0; ///< the newest action that counts, or when it was made
    JobState state = JobState::Open;
};

/// What a new job takes over from another.
enum class CopyOf { Engine, WithCards, Everything };

/// The rows an action made. `id`: of the run, reading, contact or change; 0 for a fact.
struct Made {
    std::int64_t id = 0;
    std::vector<std::int64_t> readings; ///< of a run that came with its readings
};

/// What undo or redo acts on.
struct Deed {
    QString kind; ///< "reading", "strike", "engine", …: stable words kept in the book
    int cylinder = 0;
    std::optional<lobe::Side> side{};
    std::optional<lobe::Reading> reading{}; ///< added or struck; the first of an imported run
    std::optional<lobe::Contact> contact{}; ///< added or struck
    QString subject;                        ///< of a fact: "engine", "settings", …
    QString field;                          ///< of a fact: the first field changed, "bore_mm"
    /// And all the way to each value that changed, as book/stored.h calls them; a part that was
    /// said for the first time changed as a whole, and has none.
    QStringList paths{};
    int number = 0;         ///< of a change of setting
    bool clearance = false; ///< of a map: the reading is a press, conditions are the mock-up's
};

struct Loaded;
struct ShelfCam;

class Book {
public:
    /// Milliseconds since the epoch; injected so that tests need no clock.
    using Clock = std::function<std::int64_t()>;
    /// The system's own, ms since the epoch, UTC.
    static std::int64_t systemClock();

    enum class Mode {
        MayMake,   ///< a book is made where there is none
        MustExist, ///< a path where nothing stands is refused
        Reading,   ///< nothing is written, not even a newer schema step; also in a read-only folder
    };

    /// Newer, foreign and damaged files are refused before anything is written to them. Where the
    /// file cannot be written it is opened for reading only: see `readOnly`.
    static Result<std::unique_ptr<Book>> open(const QString& path, Clock clock = systemClock,
                                              Mode mode = Mode::MayMake);
    ~Book();
    /// By its own clock.
    std::int64_t now() const { return clock_(); }
    const Clock& clock() const { return clock_; }
    Book(const Book&) = delete;
    Book& operator=(const Book&) = delete;

    /// As given to `open`.
    QString path() const { return path_; }
    /// Whether its pages were looked through as it was opened; a large book's are not, since that
    /// would be in the way: see book/check.h.
    bool lookedThrough() const { return lookedThrough_; }
    /// Why the book is not written, empty when it is.
    QString readOnly() const { return readOnly_; }
    /// From now on nothing is written; `why` is a sentence.
    void setReadOnly(const QString& why) { readOnly_ = why; }

    /// How long another program that holds the book is waited for, ms.
    void setPatience(int ms);

    /// The jobs, oldest first.
    Result<std::vector<JobSummary>> listJobs() const;
    /// When anything was done last in any of them, ms since the epoch; 0 where that cannot be read.
    std::int64_t lastDone_ms() const;
    /// All jobs but the deleted, the one changed last first.
    Result<std::vector<JobLine>> overview() const;
    /// What it was before. Nothing of the job is touched.
    Result<JobState> setJobState(std::int64_t job, JobState state);
    /// A new job made after another; its id. Errors as `read` and `addJob`.
    Result<std::int64_t> copyJob(std::int64_t job, CopyOf what, const QString& name);
    /// Every cam of every job; see book/shelf.h.
    Result<std::vector<ShelfCam>> shelf() const;
    /// The same as `listJobs`, none when they cannot be read.
    std::vector<JobSummary> jobs() const;
    /// An empty job; its id. Errors: locked, full, read-only.
    Result<std::int64_t> addJob(const QString& name);
    /// A whole job, all of it or nothing; every part an action of its own. Ids are given anew.
    Result<std::int64_t> addJob(const lobe::Job& job);
    /// Several at once, all of them or none; the ids in their order.
    Result<std::vector<std::int64_t>> addJobs(const std::vector<lobe::Job>& jobs);
    /// NotUnderstood when a value of the job means nothing to this program: it is then not opened
    /// with something else in its place.
    Result<Loaded> read(std::int64_t job) const;
    /// The job alone, where what is newer does not matter; errors as `read`.
    Result<lobe::Job> load(std::int64_t job) const;

    /// Keeps one action; on return it is on disk. Actions that were undone can no longer be
    /// redone. `seen`: the job as whoever acts saw it; of facts and conditions only what differs
    /// from it is written, so that what another window changed meanwhile stays; and a reading at an
    /// angle that was logged meanwhile is TakenMeanwhile.
    Result<Made> record(std::int64_t job, const Change& change, const lobe::Job* seen = nullptr);

    /// What undo and redo would act on; empty when nothing.
    Result<std::optional<Deed>> toUndo(std::int64_t job) const;
    Result<std::optional<Deed>> toRedo(std::int64_t job) const;
    /// The kind of it.
    QString undoable(std::int64_t job) const;
    QString redoable(std::int64_t job) const;
    /// False when there was nothing.
    Result<bool> switchBack(std::int64_t job);
    Result<bool> switchOn(std::int64_t job);
    /// The same; an error counts as nothing.
    bool undo(std::int64_t job);
    bool redo(std::int64_t job);

    /// Whether another window or program wrote to the file since the last call.
    bool changedElsewhere();
    /// Whether the file is still the one that was opened: Vanished or Replaced when not.
    std::optional<Error> gone() const;
    /// The same before anything is written, and while nothing is: a log that was removed is mended.
    std::optional<Error> lost();
    /// Writes everything this book holds into a new file, also after its own was deleted; an error
    /// when the file can no longer be read through, or when something stands at the path. The file
    /// has the name when it is whole and on disk, and never before; it is a book of its own.
    std::optional<Error> writeCopy(const QString& path) const;
    /// Folds the log into the file.
    void foldLog();

private:
    static Result<std::unique_ptr<Book>> openOnce(const QString& path, Clock clock, Mode mode);
    Book(QString path, QString connection, Clock clock);
    QSqlDatabase db() const;
    std::optional<Error> begin(Mode mode, bool immutable, bool seen);
    /// What a connection that writes is told when it is opened. Throws SqlFailure.
    void setUp();
    std::optional<Error> migrate();
    /// Takes away what a kill left beside the book: half a copy, a picture nothing names.
    void sweep() const;
    std::int64_t insertJob(const QString& name);
    std::int64_t insertWhole(const lobe::Job& job);
    std::int64_t insertAction(std::int64_t job, const char* kind);
    Made insert(std::int64_t job, const Change& change, const lobe::Job* seen);
    /// Whether another window has, since `seen`, logged what this change would double.
    bool takenMeanwhile(std::int64_t job, const Change& change, const lobe::Job& seen) const;
    bool begunMeanwhile(std::int64_t job, const char* kind, int cylinder, lobe::Side side,
                        std::int64_t known) const;
    bool loggedMeanwhile(std::int64_t run, std::int64_t known, int zero, lobe::CrankDeg at) const;
    void touch();
    Result<bool> setState(std::int64_t job, const char* from, const char* to, bool newest);
    std::optional<qint64> actionOf(std::int64_t job, const char* state, bool newest) const;
    std::optional<std::int64_t> passAtHand(std::int64_t job, std::int64_t series) const;
    Result<std::optional<Deed>> deed(std::int64_t job, const char* state, bool newest) const;
    std::int64_t dataVersion() const;
    void remember() const;
    bool namedOnDisk() const;

    friend Result<std::unique_ptr<Book>> openCopy(const QString& path, Clock clock);

    bool lookedThrough_ = false;
    int patience_ms_ = 5000;
    QString path_;
    QString connection_;
    Clock clock_;
    QString readOnly_;
    std::shared_ptr<void> copy_; ///< keeps a private copy that is worked on, in Mode::Reading
    std::int64_t seenVersion_ = 0;
    /// The file as it was last known to be this book's.
    struct Print {
        quint64 device = 0, inode = 0;
        qint64 size = 0, changed_ns = 0;
        bool operator==(const Print&) const = default;
    };
    static std::optional<Print> printOf(const QString& path);
    mutable Print print_;
    /// The log this book writes into, once there is one.
    mutable std::optional<Print> log_;
    /// Whether that log is no longer the one beside the file.
    bool logGone() const;
    /// What stands in a log that has lost its name goes into the file, and another log is begun.
    std::optional<Error> mendLog();
    mutable QString identity_;
    mutable qint64 identityPage_ = 0;
    mutable int pageSize_ = 0;
    mutable qint64 written_ = 0; ///< as the main file alone last had it
};

/// The newest schema step this program knows.
int schemaVersion();

} // namespace book
