// Whether what stands in a file is a book as this program makes them, and nothing else: a book may
// come from anywhere. Private to the book.
#pragma once

#include "book/trouble.h"

#include <QByteArray>
#include <QSqlDatabase>
#include <QStringList>

#include <optional>

namespace book {

/// The steps of the schema, as resources in their order.
QStringList schemaSteps();
/// Carries out one step, within a transaction of the caller's. Throws SqlFailure.
void carryOut(const QSqlDatabase& db, const QString& step);

/// Shuts off what a schema could do by itself: no trigger and no view of the file runs, and its
/// expressions call nothing with side effects. Bounds what a statement may take: of steps, of a
/// value's length and, in all of this process, of memory.
void guard(const QSqlDatabase& db);

/// What the newest step makes in the words SQLite keeps it in, as schema/newest.txt has it.
QByteArray newestSchema();

/// Foreign where the schema is not what its own step makes: one table, column, index, trigger or
/// view more, fewer or other; or other in a rule, a default, a condition or what a column is
/// generated from. Damaged where the pages are looked through and are not whole. Throws
/// SqlFailure where it cannot be read.
std::optional<Error> refusalOf(const QSqlDatabase& db, bool pages);

} // namespace book
