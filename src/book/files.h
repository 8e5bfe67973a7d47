// The open formats around the book: lift tables on disk, and job folders.
//
// A job folder is job.json (engine, card, settings, contacts, runs) beside one CSV lift table per
// run; docs/formats describes both.
#pragma once

#include "book/book.h"
#include "core/typed/lift_table.h"

#include <QByteArray>
#include <QString>

#include <variant>

namespace book {

/// The bytes of a file, or why it cannot be read: not there, no plain file, or longer.
std::variant<QByteArray, QString> wholeFile(const QString& path, qint64 most_bytes);
/// Writes a file whole or not at all, and nobody else's to read; empty on success, else why not.
QString saveWhole(const QString& path, const QByteArray& bytes);

/// Reads a CSV lift table. An unreadable file is a QString that says why.
std::variant<lobe::LiftTable, lobe::TableError, QString> readTableFile(const QString& path);

/// The same of a clearance map (docs/formats/clearance-map.md).
std::variant<lobe::LiftTable, lobe::TableError, QString> readClearanceFile(const QString& path);

/// Whether what stands at a path is a lift table, which an export may replace unasked.
bool isOurTable(const QString& path);
/// Why an export must not go there: a book, a device, a folder, the open book; empty when it may.
QString refusesExport(const QString& path, const QString& openBook);

/// Writes the readings of a run, whole or not at all; empty on success, else why not. Refuses what
/// `refusesExport` refuses; a file that is replaced is the caller's to ask about.
QString writeTableFile(const QString& path, const lobe::Job& job, const lobe::LiftRun& run,
                       const QString& openBook = {});

/// The job of a folder, or a sentence that says what is wrong.
std::variant<lobe::Job, QString> readJobFolder(const QString& folder);
/// Adds the job of a folder to the book; its id, or a sentence that says what is wrong.
std::variant<std::int64_t, QString> importJobFolder(Book& book, const QString& folder);

/// A run from a table, ready to be added: conditions as given, readings without typed text.
lobe::LiftRun runFromTable(const lobe::LiftTable& table, int cylinder, lobe::Side side,
                           lobe::RunConditions conditions);

/// A card in a JSON file of its own (docs/formats/card.md), or why it cannot be used.
std::variant<lobe::Card, QString> readCardFile(const QString& path);

} // namespace book
