// What the words of the command line open: as paths or file:// addresses, what dropping would take.
#pragma once

#include <QString>
#include <QStringList>

namespace app {

/// A path, or the one a file:// address means.
QString pathOf(const QString& word);

struct Arguments {
    QString book;     ///< the first that is a book, or is not there at all; empty for one's own
    QStringList rest; ///< job files, tables, folders: they go into the book
};
Arguments argumentsOf(const QStringList& words);

} // namespace app
