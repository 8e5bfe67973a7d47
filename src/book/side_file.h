// What a book's file and the write-ahead log beside it say before SQLite is let near them: whether
// it is a book, of which version, and whether the log is this book's own. Reads only.
//
// The log's layout is described in "The WAL-Mode File Format" of SQLite's documentation
// (www.sqlite.org/walformat.html): only frames up to the last commit whose checksums are right
// count.
#pragma once

#include "book/trouble.h"

#include <QByteArray>
#include <QString>

#include <optional>

namespace book {

/// What every book says it is, in its header: "AMLB".
inline constexpr qint32 kApplicationId = 0x414D4C42;

/// Where SQLite keeps the write-ahead log of a book.
QString logOf(const QString& path);

/// The newest committed image of a page (from 1) in a write-ahead log; empty when the log has none.
QByteArray pageInLog(const QByteArray& log, quint32 page);

struct Header {
    int version = 0; ///< schema step, the log's word before the file's
};

/// The header of an existing file, or why it is refused. Changes nothing.
Result<Header> readHeader(const QString& path);

/// A log left beside a book by another file must never be applied to it: moves it out of the way.
/// The new name, empty when there was nothing to move.
QString putForeignLogAside(const QString& path);

/// The book's own name and how often it was written, as its main file alone has it; empty where it
/// cannot be read.
struct Identity {
    QString name;
    qint64 written = 0;
};
std::optional<Identity> identityInFile(const QString& path);

} // namespace book
