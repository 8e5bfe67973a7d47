// The language of a PDF, which Qt has no call for: readers and screen readers go by it.
#pragma once

#include <QByteArray>

namespace sheet {

/// The file with /Lang in its catalog, as an update appended to it (ISO 32000-1, 7.5.6). A file
/// whose catalog or table of objects is not found comes back as it was.
QByteArray withLanguage(const QByteArray& pdf, const QByteArray& tag);

} // namespace sheet
