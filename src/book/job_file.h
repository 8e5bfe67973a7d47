// A whole job as one file: everything that was stated, measured, changed and noted, struck readings
// and pictures included, and nothing that was computed. docs/formats/job-file.md describes it, a
// JSON Schema beside it says it to machines.
//
// What was written is read back the same, and a job that was read in is written the same again:
// a file names pictures by their order, and has no ids.
#pragma once

#include "book/book.h"

#include <QByteArray>
#include <QString>
#include <QStringList>

#include <variant>

namespace book {

/// A name for a file of a job, without ending: letters, digits and a few signs, no folder in it,
/// not hidden, not endless.
QString fileName(const QString& job);

/// The file's text, UTF-8. `book` is the path of the book whose pictures the job names; one that is
/// not to be had is left out (book/pictures.h), one that is named often is carried once.
QByteArray jobFile(const lobe::Job& job, const QString& book);

struct JobFile; // book/loaded.h
/// What a file says, or why it is not taken: no JSON, another format, a newer one, or the first
/// thing that is not understood. Numbers are judged as typed ones are.
std::variant<JobFile, QString> readJobFile(const QByteArray& text);

/// A file's job as a new one of a book, its pictures beside it; the id, or why not. Nothing is kept
/// of a file that is not understood.
std::variant<std::int64_t, QString> importJobFile(Book& book, const QString& path);
/// What came of a folder.
struct JobFolder {
    std::vector<std::int64_t> jobs; ///< new in the book, in the order of the files' names
    std::vector<QString> refused;   ///< a sentence for each file that was not taken
};
/// Every .json file of a folder, each for itself; none where the folder has none.
JobFolder importJobFiles(Book& book, const QString& folder);
/// Every job of a book as a file of its own in a folder, which is made; nothing that stands there
/// is written over. The files' paths, or why not.
std::variant<QStringList, QString> writeJobFiles(const Book& book, const QString& folder);
/// Writes a job whole or not at all; empty on success, else why not.
QString writeJobFile(const QString& path, const Book& book, const lobe::Job& job);

} // namespace book
