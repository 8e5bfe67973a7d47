// Making files that are whole or not there, and nobody else's to read. Private to the book.
#pragma once

#include <QString>

namespace book {

/// An empty file that only its owner may read; false where something stands there already.
bool makeOwn(const QString& path);
/// Gives a finished file its name, unless something stands there by now.
bool takeName(const QString& from, const QString& to);
/// Whether what was written to a file is on disk.
bool flushed(const QString& path);
/// A name beside a path that no other process chooses, for what is not yet whole.
QString unfinished(const QString& path);
/// Takes away what a process that is no more left unfinished in a folder: files whose names begin
/// so.
void sweepUnfinished(const QString& folder, const QString& begin);
/// Whether a process still runs.
bool runs(qint64 process);
/// A file with everything SQLite may have put beside it.
void removeAll(const QString& database);

} // namespace book
