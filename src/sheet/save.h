// A job in the other open formats, by a file's ending: csv, md, svg, pdf.
#pragma once

#include "sheet/sheet.h"

namespace sheet {

/// What of a CSV.
enum class Table { Readings, Curves, Figures };

/// Whether an ending, in lower case, is one of these.
bool writes(const QString& ending);
/// Whole or not at all; empty on success, else why not. `path` may be written over.
QString saveAs(const QString& path, const lobe::Job& job, const lobe::Findings& findings,
               const Options& options, Table table = Table::Readings);

/// Writes a file whole or not at all, and nobody else's to read; empty on success, else why not.
QString writeWhole(const QString& path, const QByteArray& bytes);
/// Whether what stands at a path is an earlier one of these, or a job file: to be written over
/// without a question.
bool isOurs(const QString& path);

} // namespace sheet
