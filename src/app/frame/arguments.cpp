#include "app/frame/arguments.h"

#include <QFile>
#include <QFileInfo>
#include <QUrl>

namespace app {

QString pathOf(const QString& word) {
    const QUrl url(word);
    return url.isLocalFile() ? url.toLocalFile() : word;
}

namespace {

/// By what is in it, whatever it is called; what is not there is meant as one and refused as one.
bool isBook(const QString& path) {
    const QFileInfo there(path);
    if (!there.exists()) return true;
    if (!there.isFile()) return false;
    QFile file(path);
    return file.open(QIODevice::ReadOnly) &&
           (there.size() == 0 || file.read(15) == QByteArrayLiteral("SQLite format 3"));
}

} // namespace

Arguments argumentsOf(const QStringList& words) {
    Arguments out;
    for (const QString& word : words) {
        const QString path = pathOf(word);
        if (out.book.isEmpty() && isBook(path))
            out.book = path;
        else
            out.rest << path;
    }
    return out;
}

} // namespace app
