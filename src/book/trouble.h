// What can go wrong with a book, and the sentence that says it.
#pragma once

#include <QString>

#include <variant>

class QSqlError;

namespace book {

enum class Trouble {
    NoSuchFile,    ///< nothing stands at that path
    CannotOpen,    ///< no such folder, no right to read
    ReadOnlyPlace, ///< the file or its folder cannot be written
    DiskFull,
    DiskFails,   ///< reading or writing the disk went wrong
    Locked,      ///< another program holds it for longer than is waited
    NotABook,    ///< some other file: left untouched
    Newer,       ///< written by a newer version: left untouched
    Damaged,     ///< SQLite finds it broken: left untouched
    CannotWrite, ///< the action was not kept; `detail` says what the database said
    NoSuchJob,
    NotUnderstood,  ///< `detail`: values no list of this program holds
    ReadOnly,       ///< the book is open for reading only; `detail` says why
    Vanished,       ///< the open book is no longer at its path
    Replaced,       ///< another file, or another state, stands in the open book's place
    Foreign,        ///< `detail`: a table, view or trigger that is none of a book's
    TakenMeanwhile, ///< another window logged this angle, or began this lobe, a moment ago
    Taken,          ///< something stands where a new file was to be
};

struct Error {
    Trouble trouble;
    QString detail;
};

template <class T> using Result = std::variant<T, Error>;

/// What went wrong with a book, with its path and what to do.
QString sentence(const Error& error, const QString& path);

/// What the database says, by its code: a full disk is no damage. `otherwise` for what no code
/// tells.
Error troubleOf(const QSqlError& error, Trouble otherwise);
/// The same by SQLite's own primary code.
Error troubleOf(int code, const QString& said, Trouble otherwise);

} // namespace book
