// The rows of one action. Private to the book.
#pragma once

#include "book/book.h"

#include <QSqlDatabase>

namespace book {

/// A kind of series, as its row has it.
const char* seriesKind(const lobe::LiftRun&);
const char* seriesKind(const lobe::ClearanceMap&);

/// The kind of an action, by which undo calls it; stable words kept in the book.
const char* kindOf(const Change& change);

/// Writes what a change says, under an action that is there. Of facts and conditions only what
/// differs from the job as whoever acts saw it; whole where that is null. Throws SqlFailure.
Made writeRows(const QSqlDatabase& db, std::int64_t action, const Change& change,
               const lobe::Job* seen);

} // namespace book
