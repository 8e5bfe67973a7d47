// amber-lobe-cli list, export and import: jobs in and out of a book.
#pragma once

#include "cli/host.h"

namespace cli {

void addList(Command app, Host& host);
/// A lobe as a lift table, or a whole job as JSON, CSV, Markdown, SVG or PDF.
void addExport(Command app, Host& host);
/// A lift table into a job, or a job file into a book.
void addImport(Command app, Host& host);

} // namespace cli
