// The book: one SQLite file that holds many jobs.
//
// Every user action is one transaction and one row of `action`; readings are appended and struck,
// never rewritten. Undo and redo switch an action's state and survive closing. Two books may have
// the same file open; `changedElsewhere` tells. Nothing here computes: load a job and examine it.
#pragma once

#include "book/change.h"
#include "core/job.h"

#include <QSqlDatabase>
#include <QString>

#include <cstdint>
#include <functional>
#include <memory>
#include <optional>
#include <variant>
#include <vector>

class QSqlQuery;

namespace book {

enum class Trouble {
    CannotOpen,  ///< no such folder, no right to read or write
    NotABook,    ///< some other file
    Newer,       ///< written by a newer version: left untouched
    Damaged,     ///< SQLite finds it broken: left untouched
    CannotWrite, ///< the action was not kept; `detail` says what the database said
    NoSuchJob,
};

struct Error {
    Trouble trouble;
    QString detail;
};

/// What went wrong with a book, with its path and what to do.
QString sentence(const Error& error, const QString& path);

template <class T> using Result = std::variant<T, Error>;

struct JobSummary {
    std::int64_t id = 0;
    QString name;
};

class Book {
public:
    /// Milliseconds since the epoch; injected so that tests need no clock.
    using Clock = std::function<std::int64_t()>;
    static std::int64_t systemClock();

    /// Opens a book, or makes one when there is no file. Newer, foreign and damaged files are
    /// refused before anything is written to them.
    static Result<std::unique_ptr<Book>> open(const QString& path, Clock clock = systemClock);
    ~Book();
    Book(const Book&) = delete;
    Book& operator=(const Book&) = delete;

    QString path() const { return path_; }
    /// The jobs, oldest first.
    std::vector<JobSummary> jobs() const;
    Result<std::int64_t> addJob(const QString& name);
    Result<lobe::Job> load(std::int64_t job) const;

    /// Keeps one action; on return it is on disk. Returns the id of the row it made (a run,
    /// reading, contact) or 0. Actions that were undone can no longer be redone.
    Result<std::int64_t> record(std::int64_t job, const Change& change);

    /// What undo and redo would act on ("reading", "strike", "engine", …); empty when nothing.
    QString undoable(std::int64_t job) const;
    QString redoable(std::int64_t job) const;
    bool undo(std::int64_t job);
    bool redo(std::int64_t job);

    /// Whether another window or program wrote to the file since the last call.
    bool changedElsewhere();

private:
    Book(QString path, QString connection, Clock clock);
    QSqlDatabase db() const;
    std::optional<Error> migrate(int from);
    std::int64_t insertAction(std::int64_t job, const char* kind);
    bool setState(std::int64_t job, const char* from, const char* to, bool newest);
    QString kindOf(std::int64_t job, const char* state, bool newest) const;
    std::int64_t dataVersion() const;

    QString path_;
    QString connection_;
    Clock clock_;
    std::int64_t seenVersion_ = 0;
};

/// The newest schema step this program knows.
int schemaVersion();

} // namespace book
